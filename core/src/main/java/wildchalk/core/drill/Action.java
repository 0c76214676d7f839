package wildchalk.core.drill;

import java.util.Optional;

/** Something a person does. */
public sealed interface Action
        permits Travel, Action.Delivery, Action.Shadow, Hold, Action.Call, Action.Blow, Action.Handle, PlayOn {

    /** Unique within its drill. */
    String id();

    /** Id of the person who does it. */
    String who();

    /** What sets it off. */
    Cue cue();

    /** The same set off otherwise. */
    Action withCue(Cue newCue);

    /** Id of the person or piece that a ball is passed to; empty for what is no pass, or a pass into space. */
    default Optional<String> receiver() {
        return Optional.empty();
    }

    /** Where on somebody's way a pass is met; empty for what is no pass, or goes elsewhere. */
    default Optional<Spot.OnLine> met() {
        return Optional.empty();
    }

    /**
     * What it is called where the sport has a word of its own for it: {@code serve}; empty for what has its general
     * name. Names that a sport does not know are kept.
     */
    default Optional<String> called() {
        return Optional.empty();
    }

    /** What the cases say of this kind of action. */
    <R> R match(ActionCases<R> cases);

    /** Anything that sends a ball. */
    sealed interface Delivery extends Action {

        /** Where the ball is sent. */
        Spot to();

        /** How long the ball is had before it leaves again. */
        Touch touch();

        /** The same sent elsewhere. */
        Delivery withTo(Spot place);

        /** The same, with the ball had so long. */
        Delivery withTouch(Touch newTouch);
    }

    /**
     * A pass to a person or a place.
     *
     * @param sending how the ball is sent
     * @param off the side of the surface that it comes off; empty for straight there
     */
    record Pass(String id, String who, Spot to, Touch touch, Sending sending, Optional<Wall> off, Cue cue)
            implements Delivery {

        /** How the ball goes. */
        public Manner manner() {
            return sending.manner();
        }

        /** How hard it is sent. */
        public Force force() {
            return sending.force();
        }

        @Override
        public Optional<String> called() {
            return sending.called();
        }

        @Override
        public Optional<String> receiver() {
            return to.namedPiece();
        }

        @Override
        public Optional<Spot.OnLine> met() {
            return to.onLine();
        }

        /** The usual pass: straight there. */
        public Pass(String id, String who, Spot to, Touch touch, Cue cue) {
            this(id, who, to, touch, Sending.USUAL, Optional.empty(), cue);
        }

        @Override
        public <R> R match(ActionCases<R> cases) {
            return cases.pass(this);
        }

        @Override
        public Pass withCue(Cue newCue) {
            return new Pass(id, who, to, touch, sending, off, newCue);
        }

        @Override
        public Pass withTo(Spot place) {
            return new Pass(id, who, place, touch, sending, off, cue);
        }

        @Override
        public Pass withTouch(Touch newTouch) {
            return new Pass(id, who, to, newTouch, sending, off, cue);
        }

        /** The same, sent otherwise. */
        public Pass sent(Sending newSending) {
            return new Pass(id, who, to, touch, newSending, off, cue);
        }

        /** The same by another person, to another place. */
        public Pass by(String other, Spot place) {
            return new Pass(id, other, place, touch, sending, off, cue);
        }

        /** The same, off another side of the surface or off none. */
        public Pass off(Optional<Wall> wall) {
            return new Pass(id, who, to, touch, sending, wall, cue);
        }

        /** The same, with the ball going another way; what it was called is then something else. */
        public Pass going(Manner newManner) {
            return sent(new Sending(newManner, force(), Optional.empty()));
        }

        /** The same sent as hard as that. */
        public Pass sent(Force newForce) {
            return sent(new Sending(manner(), newForce, called()));
        }

        /** The same off a side of the surface. */
        public Pass comingOff(Wall wall) {
            return off(Optional.of(wall));
        }
    }

    /**
     * A shot.
     *
     * @param result what becomes of it
     * @param next where a rebound goes; a few metres out of the goal when empty
     * @param called what it is called in the sport; empty for a shot
     */
    record Shot(
            String id,
            String who,
            Spot to,
            Touch touch,
            Result result,
            Optional<Spot> next,
            Optional<String> called,
            Cue cue)
            implements Delivery {

        /** A shot of which the drill says no more. */
        public Shot(String id, String who, Spot to, Touch touch, Cue cue) {
            this(id, who, to, touch, Result.OPEN, Optional.empty(), Optional.empty(), cue);
        }

        @Override
        public <R> R match(ActionCases<R> cases) {
            return cases.shot(this);
        }

        @Override
        public Shot withCue(Cue newCue) {
            return new Shot(id, who, to, touch, result, next, called, newCue);
        }

        @Override
        public Shot withTo(Spot place) {
            return new Shot(id, who, place, touch, result, next, called, cue);
        }

        @Override
        public Shot withTouch(Touch newTouch) {
            return new Shot(id, who, to, newTouch, result, next, called, cue);
        }

        /** The same by another name; empty for the general one. */
        public Shot called(Optional<String> name) {
            return new Shot(id, who, to, touch, result, next, name, cue);
        }

        /**
         * The same with another result.
         *
         * @param rebound where the ball goes then; null for a few metres out of the goal
         */
        public Shot ending(Result newResult, Spot rebound) {
            return new Shot(id, who, to, touch, newResult, Optional.ofNullable(rebound), called, cue);
        }
    }

    /**
     * Goes with another person, wherever they go.
     *
     * @param whom id of that person
     * @param style how they are followed
     * @param until what ends it; empty for as long as the other moves
     */
    record Shadow(String id, String who, String whom, Style style, Gait gait, Optional<Cue.Trigger> until, Cue cue)
            implements Action {

        /**
         * How somebody is followed.
         *
         * @param distance metres to keep; for a chase, how near is caught
         */
        public record Style(Way way, Side side, double distance) {}

        /** How they are followed. */
        public Way way() {
            return style.way();
        }

        /** On which side of them. */
        public Side side() {
            return style.side();
        }

        /** Metres to keep; for a chase, how near is caught. */
        public double distance() {
            return style.distance();
        }

        /** How far off whoever shadows stays when nobody says, metres; assumed. */
        public static final double USUAL_DISTANCE = 1.5;

        @Override
        public <R> R match(ActionCases<R> cases) {
            return cases.shadow(this);
        }

        @Override
        public Shadow withCue(Cue newCue) {
            return new Shadow(id, who, whom, style, gait, until, newCue);
        }

        /** The same, run at and stopped short of, from whichever side. */
        public Shadow closingDown() {
            return new Shadow(id, who, whom, new Style(Way.CLOSE_DOWN, side(), distance()), gait, until, cue);
        }

        /** The same, ended by something else; empty for what ends it usually. */
        public Shadow until(Optional<Cue.Trigger> newUntil) {
            return new Shadow(id, who, whom, style, gait, newUntil, cue);
        }

        /** The same with the one goal looked after in place of the other; sides that are no goal's stay. */
        public Shadow acrossEnds() {
            Side across =
                    switch (side()) {
                        case GOAL -> Side.OTHER_GOAL;
                        case OTHER_GOAL -> Side.GOAL;
                        default -> side();
                    };
            return new Shadow(id, who, whom, new Style(way(), across, distance()), gait, until, cue);
        }

        /** How a person is followed. */
        public enum Way {
            /** Stays between them and what is looked after. */
            MARK,
            /** Runs at them until they are caught. */
            CHASE,
            /** Runs at them and stops short. */
            CLOSE_DOWN,
            /** Goes beside them. */
            HIP_TO_HIP
        }

        /** On which side of them. */
        public enum Side {
            ANY,
            GOAL,
            BALL,
            /** Between them and the goal at the other end. */
            OTHER_GOAL
        }
    }

    /** Calls a word that others react to. */
    record Call(String id, String who, String word, Cue cue) implements Action {
        @Override
        public <R> R match(ActionCases<R> cases) {
            return cases.call(this);
        }

        @Override
        public Call withCue(Cue newCue) {
            return new Call(id, who, word, newCue);
        }
    }

    /** Blows the whistle while the rep is under way; the one that starts it needs nobody. */
    record Blow(String id, String who, Cue cue) implements Action {
        @Override
        public <R> R match(ActionCases<R> cases) {
            return cases.blow(this);
        }

        @Override
        public Blow withCue(Cue newCue) {
            return new Blow(id, who, newCue);
        }
    }

    /**
     * Does something with a piece of gear while the drill runs.
     *
     * @param piece id of the piece; one that is put down first of all is in somebody's hands until then
     */
    record Handle(String id, String who, String piece, Deed deed, Cue cue) implements Action {
        @Override
        public <R> R match(ActionCases<R> cases) {
            return cases.handle(this);
        }

        @Override
        public Handle withCue(Cue newCue) {
            return new Handle(id, who, piece, deed, newCue);
        }

        /** What is done with it. */
        public enum Deed {
            /** Let go where one is, on the way. */
            DROP,
            /** Put down with care. */
            PLACE,
            PICK_UP
        }
    }

    /** How a passed ball goes; RIM is along the boards and round a corner of them. */
    enum Manner {
        FLAT,
        BOUNCE,
        LOB,
        ROLL,
        PUSH,
        HAND_OFF,
        RIM
    }

    /** What becomes of a shot. */
    enum Result {
        OPEN,
        IN,
        SAVED,
        REBOUND
    }

    /** How the body moves. */
    enum Gait {
        WALK,
        JOG,
        RUN,
        SPRINT,
        BACK,
        SIDE
    }

    /** What a person does at the end of a path. */
    enum Ending {
        /** Runs on into whatever comes next without slowing for it; comes to rest when nothing does. */
        GO_ON,
        /** Stands at the end, whatever comes next. */
        STOP,
        /** Stands at the end and waits there for a cue. */
        WAIT,
        /** Lands on both feet at once and may go off on either. */
        JUMP_STOP,
        /** Stops the ball dead there and is free to play it on; who has none just stops. */
        TRAP,
        /** Touches what is there, a cone, a line or a wall, and is free to come back. */
        TOUCH
    }

    /** How long a person has the ball before it leaves again. */
    enum Touch {
        FIRST_TIME,
        CONTROLLED
    }
}
