package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Script.Part;
import wildchalk.core.script.Script.Phrase;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;
import wildchalk.core.wording.Wordbook;

/** Says who does what, one clause for each action: "7 carries the ball 12 m to the yellow cone". */
final class Clauses {

    private final Stage stage;
    private final Timeline timeline;
    private final Surface surface;
    private final Unit unit;
    private final Words words;
    private final Moments moments;
    private final Whereabouts ahead;
    private final Whereabouts turned;
    private final Sides sides;
    private final MeetingWords meetings;
    private final TravelWords travels;
    private final GameWords plays;
    private final BodyWords bodies;
    private final List<Phrase> phrases = new ArrayList<>();
    /** What is said of an action after its verb. */
    private final ActionCases.Travels<Void> details = new ActionCases.Travels<>() {
        @Override
        public Void travel(Travel travel) {
            if (!travels.comesBack(travel) || timeline.brokenOff(travel.id()).isPresent()) {
                travels.way(travel).forEach(n -> where(n.text(), n.piece(), travel));
            }
            return null;
        }

        @Override
        public Void pass(Action.Pass pass) {
            tell(pass);
            return null;
        }

        @Override
        public Void shot(Action.Shot shot) {
            tell(shot);
            return null;
        }

        @Override
        public Void shadow(Shadow shadow) {
            tell(shadow);
            return null;
        }

        @Override
        public Void hold(Hold hold) {
            tell(hold);
            return null;
        }

        @Override
        public Void call(Action.Call call) {
            return where(words.say("call.word", call.word()), "", call);
        }

        @Override
        public Void blow(Action.Blow blow) {
            return null;
        }

        @Override
        public Void playOn(PlayOn play) {
            return where(plays.told(play), "", play);
        }

        @Override
        public Void handle(Action.Handle handle) {
            return where(bodies.of(handle, moments), handle.piece(), handle);
        }

        @Override
        public Void act(Act act) {
            return where(bodies.of(act, moments), act.whom().orElse(""), act);
        }

        @Override
        public Void contest(Contest contest) {
            return where(bodies.of(contest, moments), "", contest);
        }
    };

    private final ActionCases.Travels<Boolean> plain = new ActionCases.Travels<>() {
        @Override
        public Boolean travel(Travel travel) {
            return travel.ending() == Action.Ending.GO_ON
                    && travel.going().watching().isEmpty()
                    && travel.going().pivot() == Going.Pivot.NONE
                    && travel.going().corner() != Going.Corner.SPIN;
        }

        @Override
        public Boolean collect(Travel.Collect collect) {
            return false;
        }

        @Override
        public Boolean pass(Action.Pass pass) {
            return !meetings.isMet(pass)
                    && moments.receiver(pass)
                            .filter(r -> meetings.isOnTheRun(r.id(), pass.id()))
                            .isEmpty();
        }

        @Override
        public Boolean shot(Action.Shot shot) {
            return shot.result() == Action.Result.OPEN;
        }

        @Override
        public Boolean shadow(Shadow shadow) {
            return shadow.way() == Shadow.Way.CHASE || shadow.way() == Shadow.Way.HIP_TO_HIP;
        }

        @Override
        public Boolean hold(Hold hold) {
            return false;
        }

        @Override
        public Boolean call(Action.Call call) {
            return true;
        }

        @Override
        public Boolean blow(Action.Blow blow) {
            return true;
        }

        @Override
        public Boolean playOn(PlayOn play) {
            return false;
        }

        @Override
        public Boolean handle(Action.Handle handle) {
            return true;
        }

        @Override
        public Boolean act(Act act) {
            return act.then() == Act.Then.USUAL;
        }

        @Override
        public Boolean contest(Contest contest) {
            return false;
        }
    };

    /**
     * @param possible whether an action can happen as far as is told; what only sets something off elsewhere is left
     *     out
     */
    Clauses(Ground ground, Predicate<String> possible) {
        this.stage = ground.stage();
        this.timeline = ground.way();
        this.surface = ground.surface();
        this.unit = ground.unit();
        this.words = ground.words();
        this.sides = ground.sides();
        this.moments = new Moments(stage, surface, unit, words, ground::isHere, sides, possible);
        this.meetings = new MeetingWords(stage, timeline, words, moments);
        this.ahead = new Whereabouts(stage, surface, words, false);
        this.turned = new Whereabouts(stage, surface, words, true);
        this.travels = new TravelWords(ground, moments);
        this.plays = new GameWords(stage, surface, unit, words, moments);
        this.bodies = new BodyWords(stage, surface, unit, words);
    }

    /** What has been said so far. */
    List<Phrase> phrases() {
        return phrases;
    }

    Moments moments() {
        return moments;
    }

    Words words() {
        return words;
    }

    void add(String text, Part part, String piece, String action) {
        phrases.add(new Phrase(text, part, piece, action));
    }

    /** Words that only join others, by their key. */
    void join(String key, Object... values) {
        add(words.say(key, values), Part.JOIN, "", "");
    }

    /** Words of a read or a stop, by their key. */
    void say(Instruction about, String key, Object... values) {
        add(words.say(key, values), Part.SAID, "", about.id());
    }

    /** A person, by id. */
    void name(String who, String action) {
        add(moments.name(who), Part.WHO, who, action);
    }

    void say(Action action) {
        name(action.who(), action.id());
        join("space");
        if (action instanceof Travel t && t.going().pivot() != Going.Pivot.NONE) {
            add(words.say("pivot." + Wordbook.key(t.going().pivot())), Part.WHAT, "", action.id());
        }
        meetings.held(action).ifPresent(until -> {
            add(words.say("holds"), Part.WHAT, "", action.id());
            where(until, "", action);
            join("then.after");
        });
        if (travels.isDown(action)) {
            add(BodyWords.getsUp(), Part.WHAT, "", action.id());
        }
        add(
                travels.comesBack(action) && timeline.brokenOff(action.id()).isEmpty()
                        ? words.say("verb.back")
                        : words.verb(action),
                Part.WHAT,
                "",
                action.id());
        action.match(details);
    }

    /** What several do alike. */
    void say(List<Action> group, Together together) {
        if (group.size() == 1) {
            say(group.get(0));
            return;
        }
        phrases.addAll(together.names(group));
        said(group.get(0)).stream().skip(1).map(Together::ofSeveral).forEach(phrases::add);
    }

    /** What is said of one action, its person first. */
    List<Phrase> said(Action action) {
        int before = phrases.size();
        say(action);
        List<Phrase> own = phrases.subList(before, phrases.size());
        List<Phrase> said = List.copyOf(own);
        own.clear();
        return said;
    }

    /** Whether a clause can be joined by "and": it has none of its own and begins with its person. */
    boolean isPlain(Action action) {
        return action.cue().delay() == 0 && timeline.brokenOff(action.id()).isEmpty() && action.match(plain);
    }

    private void tell(Shadow shadow) {
        join("space");
        name(shadow.whom(), shadow.id());
        shadow.style()
                .other()
                .flatMap(whereabouts(shadow)::thing)
                .ifPresent(o -> where(words.say("lane.and", o.text()), o.piece(), shadow));
        if (shadow.way().isSided()) {
            where(words.say("side." + Wordbook.key(shadow.side()), words.word("ball"), words.word("goal")), "", shadow);
        }
        if (shadow.way().isKeptOff()) {
            where(words.say("keeps.off", unit.spoken(shadow.distance())), "", shadow);
        }
        until(shadow.until(), shadow);
    }

    private void tell(Hold hold) {
        boolean pivots = hold.stance() == Hold.Stance.PIVOT;
        boolean turns = pivots || hold.stance() == Hold.Stance.TURN;
        if (!turns || pivots) {
            where(words.say("turn." + Wordbook.key(hold.turn())), "", hold);
        }
        hold.facing().ifPresent(f -> whereabouts(hold)
                .thing(f)
                .ifPresent(n -> where(words.say(turns ? "to.face" : "facing", n.text()), n.piece(), hold)));
        if (hold.seconds() > 0 && hold.until().isEmpty()) {
            where(words.say("for.seconds", moments.pause(hold.seconds())), "", hold);
        }
        timeline.heldBy(hold.id()).forEach(w -> where(BodyWords.holdsUp(moments.name(w)), w, hold));
        until(hold.until(), hold);
    }

    private void until(Optional<Cue.Trigger> until, Action action) {
        until.ifPresent(u -> where(words.say("until", moments.bare(u, action)), "", action));
    }

    private void tell(Action.Pass pass) {
        goes(pass);
        where(bodies.of(pass.strike().aim()), "", pass);
    }

    private void goes(Action.Pass pass) {
        List<Vec> line = timeline.line(pass.id());
        if (pass.manner() == Action.Manner.HAND_OFF) {
            join("to");
            receiver(pass);
            return;
        }
        if (pass.touch() == Action.Touch.FIRST_TIME && words.isHeld()) {
            where(words.say("first.time"), "", pass);
        }
        if (pass.force() != Force.USUAL) {
            where(words.say("force." + Wordbook.key(pass.force())), "", pass);
        }
        where(bodies.of(pass.strike()), "", pass);
        where(words.say("space") + unit.spoken(Ruler.length(line)), "", pass);
        if (pass.manner() == Action.Manner.RIM && line.size() > 2) {
            where(words.say("round.boards", surface.word("side-line", "boards")), "", pass);
        } else {
            pass.off()
                    .filter(w -> line.size() > 2)
                    .ifPresent(
                            w -> where(words.say("off.wall", whereabouts(pass).wall(w)), "", pass));
        }
        if (meetings.isMet(pass)) {
            where(meetings.meets(pass, whereabouts(pass).at(line.get(line.size() - 1))), "", pass);
        } else if (pass.to() instanceof Spot.Coded) {
            where(GroundWords.called(stage, List.of(pass.to())).orElse(""), "", pass);
        } else if (moments.receiver(pass).isPresent()) {
            join("to");
            receiver(pass);
            if (meetings.isOnTheRun(moments.receiver(pass).get().id(), pass.id())) {
                where(words.say("on.the.run"), "", pass);
            }
        } else {
            boolean open = travels.ways(pass).near(line).isEmpty();
            where(words.say("space") + (open ? words.say("into.space") : ""), "", pass);
            travels.ways(pass)
                    .of(line, true)
                    .ifPresent(w -> where((open ? words.say("list.comma") : "") + w.text(), w.piece(), pass));
        }
    }

    private void receiver(Action.Pass pass) {
        add(
                moments.receiver(pass).map(words::name).orElseGet(() -> words.say("who.person")),
                Part.WHO,
                moments.receiver(pass).map(Piece::id).orElse(""),
                pass.id());
    }

    /** Places as whoever does something sees them, by the way that their team goes. */
    private Whereabouts whereabouts(Action action) {
        return sides.isTurned(action) ? turned : ahead;
    }

    private void tell(Action.Shot shot) {
        if (shot.touch() == Action.Touch.FIRST_TIME && words.isHeld()) {
            where(words.say("first.time"), "", shot);
        }
        where(bodies.of(shot.strike()), "", shot);
        String target = shot.to() instanceof Spot.AtTarget t
                ? whereabouts(shot).target(t.target()).orElse(words.word("goal"))
                : words.word("goal");
        String piece = shot.to().namedPiece().orElse("");
        join("at");
        where(words.say("the", target), piece, shot);
        where(words.say("from", unit.spoken(Ruler.length(timeline.line(shot.id())))), "", shot);
        where(bodies.of(shot.strike().aim()), "", shot);
        if (shot.result() != Action.Result.OPEN) {
            where(words.say("shot." + Wordbook.key(shot.result()), words.word("ball")), "", shot);
        }
    }

    private Void where(String text, String piece, Action action) {
        add(text, Part.WHERE, piece, action.id());
        return null;
    }
}
