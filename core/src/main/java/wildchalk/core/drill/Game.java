package wildchalk.core.drill;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.geometry.Vec;

/**
 * What holds for many, or for all of a rung, and is not drawn one by one: what whoever is something does at a moment,
 * who defends after the ball is lost, what is called to whom, what is watched for, goals that are moved, a half that is
 * the same at the other end, and calls whose parts say what.
 */
public sealed interface Game extends Instruction
        permits Game.Duty, Game.Trade, Game.Says, Game.WatchFor, Game.GoalAt, Game.Twin, Game.Code, Given {

    /** What is said of this kind. */
    <R> R matchGame(Cases<R> cases);

    @Override
    default <R> R match(Instruction.Cases<R> cases) {
        return cases.game(this);
    }

    /** Who it is about. */
    default Whom whom() {
        return Whom.everybody();
    }

    /** The moment that it is about; empty for what is about none, or for all the time. */
    default Optional<Cue> moment() {
        return Optional.empty();
    }

    /** One answer for each kind. */
    interface Cases<R> {

        /** For {@link Duty}. */
        R duty(Duty duty);

        /** For {@link Trade}. */
        R trade(Trade trade);

        /** For {@link Says}. */
        R says(Says says);

        /** For {@link WatchFor}. */
        R watchFor(WatchFor watch);

        /** For {@link GoalAt}. */
        R goalAt(GoalAt goal);

        /** For {@link Twin}. */
        R twin(Twin twin);

        /** For {@link Code}. */
        R code(Code code);

        /** For {@link Given.Starts}. */
        R starts(Given.Starts starts);

        /** For {@link Given.Ability}. */
        R ability(Given.Ability ability);

        /** For {@link Given.ByAge}. */
        R byAge(Given.ByAge byAge);
    }

    /**
     * What whoever is something at a moment does then: the nearest presses, whoever marks the receiver drops off.
     *
     * @param metres how far they drop or shift, over 0; no matter for the others
     * @param zone id of the area that they spread over; empty for all else
     */
    record Duty(String id, Whom whom, Task task, double metres, Optional<String> zone, Cue at) implements Game {

        /** One that is about no area. */
        public Duty(String id, Whom whom, Task task, double metres, Cue at) {
            this(id, whom, task, metres, Optional.empty(), at);
        }

        /** How far somebody drops or shifts where nobody says, metres; assumed. */
        public static final double USUAL = 4;

        @Override
        public Optional<Cue> moment() {
            return Optional.of(at);
        }

        @Override
        public <R> R matchGame(Cases<R> cases) {
            return cases.duty(this);
        }

        @Override
        public Duty withId(String newId) {
            return new Duty(newId, whom, task, metres, zone, at);
        }

        /** The same done by others. */
        public Duty by(Whom others) {
            return new Duty(id, others, task, metres, zone, at);
        }

        /** Something else done by the same. */
        public Duty doing(Task other) {
            return new Duty(id, whom, other, metres, zone, at);
        }

        /** The same over an area. */
        public Duty over(String area) {
            return new Duty(id, whom, task, metres, Optional.of(area), at);
        }

        /** The same, so far. */
        public Duty metres(double far) {
            return new Duty(id, whom, task, far, zone, at);
        }

        /** The same at another moment. */
        public Duty when(Cue moment) {
            return new Duty(id, whom, task, metres, zone, moment);
        }
    }

    /** What somebody does where they are. */
    enum Task {
        /** Runs at whoever has the ball and stops short. */
        PRESS,
        /** Goes so far back towards the goal that their team defends. */
        DROP,
        /** Goes so far across the surface towards the side where the ball is. */
        SHIFT,
        /** Keeps to where they are. */
        HOLD,
        /** Gets back until the ball is in front of them. */
        BEHIND_BALL,
        /** They share an area out evenly among them. */
        SPREAD
    }

    /** Who defends after the ball is lost. */
    record Trade(String id, Lost lost) implements Game {
        @Override
        public <R> R matchGame(Cases<R> cases) {
            return cases.trade(this);
        }

        @Override
        public Trade withId(String newId) {
            return new Trade(newId, lost);
        }
    }

    /** Who changes when the ball is lost. */
    enum Lost {
        /** Whoever loses it changes with a defender. */
        WHO_LOSES_IT,
        /** The side that loses it defends. */
        THE_SIDE,
        /** The side that wins stays on, the others make room for the next. */
        WINNERS_STAY
    }

    /**
     * What players call.
     *
     * @param to whom they call it to; everybody when nobody says
     * @param before whether it is called before the moment rather than at it
     */
    record Says(String id, Whom whom, String words, Whom to, boolean before, Optional<Cue> moment) implements Game {
        @Override
        public <R> R matchGame(Cases<R> cases) {
            return cases.says(this);
        }

        @Override
        public Says withId(String newId) {
            return new Says(newId, whom, words, to, before, moment);
        }

        /** Others call the same. */
        public Says by(Whom others) {
            return new Says(id, others, words, to, before, moment);
        }

        /** They call something else. */
        public Says calling(String other) {
            return new Says(id, whom, other, to, before, moment);
        }

        /** The same to others. */
        public Says to(Whom others) {
            return new Says(id, whom, words, others, before, moment);
        }

        /** The same at another moment, or before it; empty for all the time. */
        public Says when(Optional<Cue> cue, boolean isBefore) {
            return new Says(id, whom, words, to, isBefore, cue);
        }
    }

    /**
     * What the coach watches for.
     *
     * @param moment when; empty for all the time
     * @param fault what usually goes wrong, in the coach's words
     * @param mend what helps, in the coach's words; may be empty
     */
    record WatchFor(String id, Whom whom, Optional<Cue> moment, String fault, String mend) implements Game {
        @Override
        public <R> R matchGame(Cases<R> cases) {
            return cases.watchFor(this);
        }

        @Override
        public WatchFor withId(String newId) {
            return new WatchFor(newId, whom, moment, fault, mend);
        }

        /** The same of others. */
        public WatchFor of(Whom others) {
            return new WatchFor(id, others, moment, fault, mend);
        }

        /** The same at another moment; empty for all the time. */
        public WatchFor when(Optional<Cue> cue) {
            return new WatchFor(id, whom, cue, fault, mend);
        }

        /** Another fault, or another mend for it. */
        public WatchFor saying(String newFault, String newMend) {
            return new WatchFor(id, whom, moment, newFault, newMend);
        }
    }

    /**
     * A goal, basket or net of the surface that stands elsewhere, or is taken down.
     *
     * @param target id of the target of the surface
     * @param at where its middle stands, metres; empty where it is taken down
     * @param facing out of its mouth, radians clockwise on the page
     */
    record GoalAt(String id, String target, Optional<Vec> at, double facing) implements Game {

        @Override
        public <R> R matchGame(Cases<R> cases) {
            return cases.goalAt(this);
        }

        @Override
        public GoalAt withId(String newId) {
            return new GoalAt(newId, target, at, facing);
        }

        /** The same elsewhere; empty for taken down. */
        public GoalAt at(Optional<Vec> place, double newFacing) {
            return new GoalAt(id, target, place, newFacing);
        }
    }

    /**
     * A part that is the same at the other end, or on the other side: what is changed in one is changed in both.
     *
     * @param pairs ids of pieces, actions and what is said in the one, with those in the other
     * @param where how the other lies
     * @param inTurn whether the other begins when the one is over, rather than at once
     */
    record Twin(String id, Map<String, String> pairs, Where where, boolean inTurn) implements Game {
        public Twin {
            pairs = Collections.unmodifiableMap(new LinkedHashMap<>(pairs));
        }

        @Override
        public <R> R matchGame(Cases<R> cases) {
            return cases.twin(this);
        }

        @Override
        public Twin withId(String newId) {
            return new Twin(newId, pairs, where, inTurn);
        }

        /** The same between others. */
        public Twin of(Map<String, String> newPairs) {
            return new Twin(id, newPairs, where, inTurn);
        }

        /** The same, at once or in turn. */
        public Twin inTurn(boolean newInTurn) {
            return new Twin(id, pairs, where, newInTurn);
        }

        /** The one of which this is the other; empty for what is no copy. */
        public Optional<String> originalOf(String copy) {
            return pairs.entrySet().stream()
                    .filter(e -> e.getValue().equals(copy))
                    .map(Map.Entry::getKey)
                    .findFirst();
        }
    }

    /** Where the other half of a twin lies. */
    enum Where {
        /** Mirrored at the other end. */
        OTHER_END,
        /** Mirrored on the other side. */
        OTHER_SIDE,
        /** Turned half round, at the other end and on the other side. */
        HALF_ROUND
    }

    /**
     * A call of several figures, each of which says something: the first the first gap, the second the second.
     *
     * @param parts what each figure says; two to four
     */
    record Code(String id, List<Part> parts) implements Game {
        public Code {
            parts = List.copyOf(parts);
        }

        @Override
        public <R> R matchGame(Cases<R> cases) {
            return cases.code(this);
        }

        @Override
        public Code withId(String newId) {
            return new Code(newId, parts);
        }

        /** The same with other parts. */
        public Code of(List<Part> newParts) {
            return new Code(id, newParts);
        }
    }

    /**
     * What a figure of a code says.
     *
     * @param words what it is, in the coach's words: "first gap"
     * @param pieces ids of the gear that is numbered by it, from 1; two to nine
     * @param gaps whether the gaps between one and the next are meant, one fewer than pieces
     */
    record Part(String words, List<String> pieces, boolean gaps) {
        public Part {
            pieces = List.copyOf(pieces);
        }

        /** How many figures there are. */
        public int figures() {
            return gaps ? Math.max(0, pieces.size() - 1) : pieces.size();
        }
    }
}
