package wildchalk.storage.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.TreeSet;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.timeline.Beat;
import wildchalk.core.timeline.Decision;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Movement;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** Writes a rehearsal as JSON (docs/format/timeline.md). */
public final class TimelineWriter {

    private static final double EVERY = 0.1;
    private static final double APART_EVERY = 0.5;

    private TimelineWriter() {}

    /** One object: beats, events, tracks sampled each tenth of a second and at every event, problems. */
    public static String write(String stage, Timeline timeline) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("stage", stage).put("duration", number(timeline.duration()));
        ArrayNode beats = o.putArray("beats");
        for (Beat beat : timeline.beats()) {
            ArrayNode actions = beats.addObject()
                    .put("n", beat.n())
                    .put("t", number(beat.t()))
                    .putArray("actions");
            beat.actions().forEach(actions::add);
        }
        ArrayNode events = o.putArray("events");
        for (Event e : timeline.events()) {
            events.addObject()
                    .put("t", number(e.t()))
                    .put("kind", e.kind().word())
                    .put("action", e.action())
                    .put("who", e.who())
                    .put("ball", e.ball());
        }
        tracks(o.putObject("tracks"), timeline);
        possession(o.putArray("possession"), timeline);
        people(o.putObject("people"), timeline);
        spacing(o.putArray("spacing"), timeline);
        decisions(o.putArray("decisions"), timeline);
        ArrayNode problems = o.putArray("problems");
        for (Problem p : timeline.problems()) {
            ObjectNode problem = problems.addObject().put("action", p.action()).put("message", p.message());
            if (!Double.isNaN(p.t())) {
                problem.put("t", number(p.t()));
            }
        }
        return o.toPrettyString() + "\n";
    }

    private static void decisions(ArrayNode decisions, Timeline timeline) {
        for (Decision decision : timeline.decisions()) {
            ArrayNode weighed = decisions
                    .addObject()
                    .put("read", decision.read())
                    .put("rule", DrillWriter.word(decision.rule()))
                    .put("option", decision.option())
                    .put("t", number(decision.t()))
                    .putArray("weighed");
            for (Decision.Weighed w : decision.weighed()) {
                ObjectNode one = weighed.addObject().put("option", w.option()).put("who", w.who());
                if (Double.isFinite(w.metres())) {
                    one.put("metres", number(w.metres()));
                }
            }
        }
    }

    private static void tracks(ObjectNode tracks, Timeline timeline) {
        TreeSet<Double> moments = new TreeSet<>();
        timeline.events().forEach(e -> moments.add(e.t()));
        for (int i = 0; i * EVERY < timeline.duration(); i++) {
            moments.add(i * EVERY);
        }
        moments.add(timeline.duration());
        for (String id : timeline.people()) {
            ArrayNode track = tracks.putArray(id);
            for (double t : moments) {
                Pose pose = timeline.pose(id, t);
                add(track, t, pose.at(), pose.facing());
            }
        }
        for (String id : timeline.balls()) {
            ArrayNode track = tracks.putArray(id);
            for (double t : moments) {
                add(track, t, timeline.ball(id, t), 0);
            }
        }
        for (String id : timeline.handled()) {
            ArrayNode track = tracks.putArray(id);
            for (double t : moments) {
                add(track, t, timeline.gear(id, t), 0);
            }
        }
    }

    private static void possession(ArrayNode all, Timeline timeline) {
        for (String ball : timeline.balls()) {
            timeline.possessions(ball).forEach(p -> all.addObject()
                    .put("ball", ball)
                    .put("who", p.who())
                    .put("from", number(p.from()))
                    .put("to", number(p.to())));
        }
    }

    private static void people(ObjectNode people, Timeline timeline) {
        for (String id : timeline.people()) {
            Movement m = Movement.of(timeline, id);
            people.putObject(id)
                    .put("distance", number(m.distance()))
                    .put("topSpeed", number(m.topSpeed()))
                    .put("moving", number(m.moving()));
        }
    }

    /** How near any two people come, and when; and how far apart they are each half second. */
    private static void spacing(ArrayNode all, Timeline timeline) {
        List<String> ids = timeline.people();
        for (int i = 0; i < ids.size(); i++) {
            for (int k = i + 1; k < ids.size(); k++) {
                Movement.Nearest n = Movement.nearest(timeline, ids.get(i), ids.get(k));
                ObjectNode o = all.addObject();
                o.putArray("people").add(ids.get(i)).add(ids.get(k));
                o.put("least", number(n.metres()))
                        .put("at", number(n.t()))
                        .put("first", number(n.atFirst()))
                        .put("last", number(n.atLast()));
                ArrayNode over = o.putArray("over");
                Movement.spacing(timeline, ids.get(i), ids.get(k), APART_EVERY).forEach(d -> over.add(centimetres(d)));
            }
        }
    }

    private static void add(ArrayNode track, double t, Vec at, double facing) {
        track.addObject()
                .put("t", number(t))
                .put("x", number(at.x()))
                .put("y", number(at.y()))
                .put("facing", number(Math.IEEEremainder(facing, 2 * Math.PI)));
    }

    private static double centimetres(double value) {
        return Math.round(value * 100) / 100.0;
    }

    private static double number(double value) {
        return Math.round(value * 1e6) / 1e6 + 0.0;
    }
}
