package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.ActionTimes;
import wildchalk.core.rehearsal.Beat;
import wildchalk.core.rehearsal.Timeline;
import wildchalk.core.script.Script.Line;
import wildchalk.core.script.Script.Part;
import wildchalk.core.script.Script.Phrase;
import wildchalk.core.surface.Surface;

/** Writes a rehearsed stage down in words. */
public final class ScriptWriter {

    private final Stage stage;
    private final Timeline timeline;
    private final Surface surface;
    private final Unit unit;
    private final Words words;
    private final Moments moments;
    private final Whereabouts whereabouts;
    private final List<Phrase> phrases = new ArrayList<>();

    private ScriptWriter(Stage stage, Timeline timeline, Surface surface, Unit unit) {
        this.stage = stage;
        this.timeline = timeline;
        this.surface = surface;
        this.unit = unit;
        this.words = new Words(surface);
        this.moments = new Moments(stage, surface, unit, words);
        this.whereabouts = new Whereabouts(stage, surface, words);
    }

    public static Script write(Stage stage, Timeline timeline, Surface surface, Unit unit) {
        return new Script(timeline.beats().stream()
                .map(beat -> new ScriptWriter(stage, timeline, surface, unit).line(beat)).toList());
    }

    /** One action as it stands in the script, without what sets it off: "7 carries the ball 12 m". */
    public static String sentence(Stage stage, Timeline timeline, Surface surface, Unit unit, Action action) {
        ScriptWriter writer = new ScriptWriter(stage, timeline, surface, unit);
        writer.clause(action);
        return new Line(0, 0, writer.phrases).text();
    }

    /** What sets an action off, in words: "as 7 receives". */
    public static String cue(Stage stage, Timeline timeline, Surface surface, Action action) {
        ScriptWriter writer = new ScriptWriter(stage, timeline, surface, Unit.METRES);
        String text = writer.moments.of(action.cue().trigger(), action);
        return Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    private Line line(Beat beat) {
        List<Action> actions = beat.actions().stream().flatMap(id -> stage.action(id).stream()).toList();
        cue(actions.get(0), actions.size() > 1);
        for (int i = 0; i < actions.size(); i++) {
            if (i > 0) {
                join(actions.size() == 2 && plain(actions.get(0)) && plain(actions.get(1)) ? "join.and" : "join.list");
            }
            Action action = actions.get(i);
            // A single action's pause is said with what sets it off.
            if (action.cue().delay() != 0 && actions.size() > 1) {
                String key = action.cue().delay() > 0 ? "after.pause" : "before.that";
                add(words.say(key, moments.pause(Math.abs(action.cue().delay()))), Part.CUE, "", action.id());
            }
            clause(action);
        }
        join("stop");
        Phrase first = phrases.get(0);
        phrases.set(0, new Phrase(capital(first.text()), first.part(), first.piece(), first.action()));
        return new Line(beat.n(), beat.t(), phrases);
    }

    /** Whether a clause can be joined by "and": it has none of its own and begins with its person. */
    private boolean plain(Action action) {
        boolean stands = action instanceof Action.Travel travel && travel.ending() != Action.Ending.GO_ON;
        boolean more = action instanceof Action.Shot shot && shot.result() != Action.Result.OPEN
                || action instanceof Action.Pass pass && moments.receiver(pass).filter(r -> isMoving(r.id(), pass.id())).isPresent()
                || action instanceof Action.Collect || action instanceof Action.Hold
                || action instanceof Action.Shadow shadow && shadow.way() != Action.Shadow.Way.CHASE
                && shadow.way() != Action.Shadow.Way.HIP_TO_HIP;
        return !stands && !more && action.cue().delay() == 0;
    }

    private void cue(Action first, boolean many) {
        Cue cue = first.cue();
        boolean goesOn = cue.trigger() instanceof Cue.Next && moments.before(first).isPresent()
                || cue.trigger() instanceof Cue.After a && moments.before(first).filter(b -> b.id().equals(a.action())).isPresent();
        boolean then = goesOn && !many && cue.delay() == 0;
        boolean own = !many && cue.delay() == 0 && cue.trigger() instanceof Cue.Received r
                && stage.action(r.action()).flatMap(moments::receiver).filter(p -> p.id().equals(first.who())).isPresent();
        String text = then ? words.say("then") : own ? words.say("on.receiving")
                : many || cue.delay() == 0 ? moments.of(cue.trigger(), first)
                : goesOn && cue.delay() > 0 ? words.say("later", moments.pause(cue.delay()))
                : words.say(cue.delay() > 0 ? "after.moment" : "before.moment", moments.pause(Math.abs(cue.delay())),
                moments.bare(cue.trigger(), first));
        add(text, Part.CUE, "", first.id());
        join(then ? "space" : many ? "join.cue.many" : "join.cue");
    }

    private void clause(Action action) {
        add(moments.name(action.who()), Part.WHO, action.who(), action.id());
        join("space");
        add(words.verb(action), Part.WHAT, "", action.id());
        if (action instanceof Action.Travel travel) {
            travel(travel);
        } else if (action instanceof Action.Pass pass) {
            pass(pass);
        } else if (action instanceof Action.Shot shot) {
            shot(shot);
        } else if (action instanceof Action.Shadow shadow) {
            shadow(shadow);
        } else if (action instanceof Action.Hold hold) {
            hold(hold);
        } else {
            where(words.say("call.word", ((Action.Call) action).word()), "", action);
        }
    }

    private void shadow(Action.Shadow shadow) {
        join("space");
        add(moments.name(shadow.whom()), Part.WHO, shadow.whom(), shadow.id());
        String side = shadow.way() == Action.Shadow.Way.CHASE || shadow.way() == Action.Shadow.Way.HIP_TO_HIP
                ? "" : words.say("side." + key(shadow.side()), words.word("ball"), words.word("goal"));
        where(side, "", shadow);
        if (shadow.way() == Action.Shadow.Way.CLOSE_DOWN || shadow.way() == Action.Shadow.Way.MARK) {
            where(words.say("keeps.off", unit.spoken(shadow.distance())), "", shadow);
        }
        until(shadow.until(), shadow);
    }

    private void hold(Action.Hold hold) {
        hold.facing().ifPresent(f -> {
            Optional<Whereabouts.Named> seen = whereabouts.thing(f);
            String key = hold.stance() == Action.Hold.Stance.TURN ? "to.face" : "facing";
            seen.ifPresent(n -> where(words.say(key, n.text()), n.piece(), hold));
        });
        if (hold.seconds() > 0 && hold.until().isEmpty()) {
            where(words.say("for.seconds", moments.pause(hold.seconds())), "", hold);
        }
        until(hold.until(), hold);
    }

    private void until(Optional<Cue.Trigger> until, Action action) {
        until.ifPresent(u -> where(words.say("until", moments.bare(u, action)), "", action));
    }

    private void travel(Action.Travel travel) {
        List<Vec> line = timeline.line(travel.id());
        where(words.say("space") + unit.spoken(length(line)), "", travel);
        if (travel instanceof Action.Collect) {
            boolean contested = stage.actions().stream().anyMatch(a -> a instanceof Action.Collect c
                    && !c.id().equals(travel.id()) && c.path().last().equals(travel.path().last()));
            where(words.say(contested ? "for.the.ball" : "and.collects", words.word("ball")), "", travel);
            return;
        }
        whereabouts.gate(line).ifPresent(g -> where(words.say("space") + g.text(), g.piece(), travel));
        whereabouts.end(line.get(line.size() - 1))
                .ifPresent(e -> where(words.say("space") + e.text(), e.piece(), travel));
        if (travel.ending() != Action.Ending.GO_ON) {
            where(words.say(travel.ending() == Action.Ending.STOP ? "and.stops" : "and.waits"), "", travel);
        }
    }

    private void pass(Action.Pass pass) {
        List<Vec> line = timeline.line(pass.id());
        if (pass.manner() == Action.Manner.HAND_OFF) {
            handOff(pass);
            return;
        }
        if (pass.touch() == Action.Touch.FIRST_TIME) {
            where(words.say("first.time"), "", pass);
        }
        where(words.say("space") + unit.spoken(length(line)), "", pass);
        pass.off().filter(w -> line.size() > 2).ifPresent(w -> where(words.say("off.wall", wall(w)), "", pass));
        Optional<Piece.Person> receiver = moments.receiver(pass);
        if (receiver.isPresent()) {
            join("to");
            add(words.name(receiver.get()), Part.WHO, receiver.get().id(), pass.id());
            if (isMoving(receiver.get().id(), pass.id())) {
                where(words.say("on.the.run"), "", pass);
            }
        } else {
            Whereabouts.Named end = whereabouts.end(line.get(line.size() - 1))
                    .orElse(new Whereabouts.Named(words.say("into.space"), ""));
            where(words.say("space") + end.text(), end.piece(), pass);
        }
    }

    /** "the left boards", "the end line". */
    private String wall(Action.Wall wall) {
        boolean end = wall == Action.Wall.END || wall == Action.Wall.OWN_END;
        String name = end ? surface.word("end-line", "end wall") : surface.word("side-line", "wall");
        return words.say(end ? wall == Action.Wall.END ? "the" : "the.own" : "the.side", name, key(wall));
    }

    private void handOff(Action.Pass pass) {
        join("to");
        add(moments.receiver(pass).map(words::name).orElseGet(() -> words.say("who.person")), Part.WHO,
                moments.receiver(pass).map(Piece::id).orElse(""), pass.id());
    }

    private void shot(Action.Shot shot) {
        if (shot.touch() == Action.Touch.FIRST_TIME) {
            where(words.say("first.time"), "", shot);
        }
        String target = shot.to() instanceof Spot.AtTarget t
                ? surface.target(t.target()).map(Surface.Target::name).orElse(words.word("goal")) : words.word("goal");
        String piece = shot.to() instanceof Spot.AtPiece p ? p.piece() : "";
        join("at");
        where(words.say("the", target), piece, shot);
        where(words.say("from", unit.spoken(length(timeline.line(shot.id())))), "", shot);
        if (shot.result() != Action.Result.OPEN) {
            where(words.say("shot." + key(shot.result()), words.word("ball")), "", shot);
        }
    }

    private static String key(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private boolean isMoving(String who, String action) {
        double arrival = timeline.times(action).map(ActionTimes::arrival).orElse(Double.NaN);
        if (Double.isNaN(arrival)) {
            return false;
        }
        double step = 0.1;
        Vec before = timeline.pose(who, arrival - step).at();
        return before.distance(timeline.pose(who, arrival).at()) > 1.0 * step;
    }

    private void where(String text, String piece, Action action) {
        add(text, Part.WHERE, piece, action.id());
    }

    private void join(String key) {
        add(words.say(key), Part.JOIN, "", "");
    }

    private void add(String text, Part part, String piece, String action) {
        phrases.add(new Phrase(text, part, piece, action));
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static double length(List<Vec> line) {
        double sum = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            sum += line.get(i).distance(line.get(i + 1));
        }
        return sum;
    }
}
