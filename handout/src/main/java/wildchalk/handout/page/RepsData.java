package wildchalk.handout.page;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.flow.Replay;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.scene.Token;
import wildchalk.handout.order.RepsPlayed;

/** Three reps of a rung as the page wants them, with everybody who is drawn moving on. */
final class RepsData {

    /** How many reps a page plays. */
    static final int REPS = 3;
    /** It is looked so often what is where, seconds. */
    private static final double STEP = 0.1;

    private final RungData rung;
    private final RepsPlayed reps;

    RepsData(RungData rung, RepsPlayed reps) {
        this.rung = rung;
        this.reps = reps;
    }

    ObjectNode data() {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        node.put("duration", hundredths(reps.seconds()));
        node.put("still", rung.withoutLines());
        ArrayNode starts = node.putArray("starts");
        reps.starts().forEach(t -> starts.add(hundredths(t)));
        ArrayNode people = node.putArray("people");
        reps.replay().letters().forEach(l -> person(people.addObject(), l));
        balls(node.putArray("balls"));
        return node;
    }

    private static double hundredths(double t) {
        return Math.round(t * 100) / 100.0;
    }

    /** Somebody's way, and whose token they wear from when on. */
    private void person(ObjectNode node, String letter) {
        Replay replay = reps.replay();
        node.put("letter", letter);
        node.put("track", rung.track("reps/" + letter, reps.seconds(), t -> {
            Replay.Now now = replay.at(letter, t);
            return rung.pose(new Pose(now.at(), now.facing()));
        }));
        ArrayNode looks = node.putArray("looks");
        String worn = null;
        for (double t = 0; t <= reps.seconds(); t += STEP) {
            String role = replay.at(letter, t).role();
            if (!role.equals(worn)) {
                worn = role;
                Token token = rung.token(reps.wearing(role, letter));
                looks.addObject()
                        .put("from", hundredths(t))
                        .put("turning", rung.local(token.turning()))
                        .put("upright", rung.local(token.upright()));
            }
        }
    }

    private void balls(ArrayNode node) {
        Map<String, List<Double>> seen = new LinkedHashMap<>();
        double unit = rung.unit();
        for (double t = 0; t <= reps.seconds(); t += STEP) {
            for (Replay.BallNow ball : reps.replay().ballsDrawn(t, unit)) {
                seen.computeIfAbsent(ball.id(), id -> new ArrayList<>()).add(t);
            }
        }
        seen.forEach((id, times) -> {
            double from = times.get(0);
            double to = times.get(times.size() - 1);
            node.addObject()
                    .put("from", hundredths(from))
                    .put("to", hundredths(to + STEP))
                    .put("picture", rung.ball())
                    .put(
                            "track",
                            rung.track(
                                    "ball/" + id,
                                    reps.seconds(),
                                    t -> rung.place(place(id, Math.max(from, Math.min(to, t)), unit))));
        });
    }

    private Vec place(String id, double t, double unit) {
        Optional<Vec> now = reps.replay().ballsDrawn(t, unit).stream()
                .filter(b -> b.id().equals(id))
                .map(Replay.BallNow::at)
                .findFirst();
        return now.orElse(Vec.ZERO);
    }
}
