package wildchalk.core.drill;

import java.util.Optional;
import wildchalk.core.surface.Wall;

/** Something a person does. */
public sealed interface Action
        permits Travel, Action.Delivery, Shadow, Hold, Action.Call, Action.Blow, Action.Handle, PlayOn, Act, Contest {

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

        /** With which hand or foot it is struck, and at what. */
        Strike strike();

        /** The same struck otherwise. */
        Delivery struck(Strike other);
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

        @Override
        public Strike strike() {
            return sending.strike();
        }

        @Override
        public Pass struck(Strike other) {
            return sent(sending.struck(other));
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
            return sent(new Sending(newManner, force(), Optional.empty(), strike()));
        }

        /** The same sent as hard as that. */
        public Pass sent(Force newForce) {
            return sent(new Sending(manner(), newForce, called(), strike()));
        }

        /** The same off a side of the surface. */
        public Pass comingOff(Wall wall) {
            return off(Optional.of(wall));
        }
    }

    /**
     * A shot.
     *
     * @param fate what becomes of it
     * @param called what it is called in the sport; empty for a shot
     * @param strike with which hand or foot, and at what
     */
    record Shot(String id, String who, Spot to, Touch touch, Fate fate, Optional<String> called, Strike strike, Cue cue)
            implements Delivery {

        /**
         * What becomes of a shot.
         *
         * @param next where a rebound goes; a few metres out of the goal when empty
         */
        public record Fate(Result result, Optional<Spot> next) {}

        /** A shot of which the drill says no more. */
        public Shot(String id, String who, Spot to, Touch touch, Cue cue) {
            this(id, who, to, touch, Result.OPEN, Optional.empty(), Optional.empty(), cue);
        }

        /** Of whose hands and feet nobody says anything. */
        public Shot(
                String id,
                String who,
                Spot to,
                Touch touch,
                Result result,
                Optional<Spot> next,
                Optional<String> called,
                Cue cue) {
            this(id, who, to, touch, new Fate(result, next), called, Strike.PLAIN, cue);
        }

        /** What becomes of it. */
        public Result result() {
            return fate.result();
        }

        /** Where a rebound goes; a few metres out of the goal when empty. */
        public Optional<Spot> next() {
            return fate.next();
        }

        @Override
        public <R> R match(ActionCases<R> cases) {
            return cases.shot(this);
        }

        @Override
        public Shot withCue(Cue newCue) {
            return new Shot(id, who, to, touch, fate, called, strike, newCue);
        }

        @Override
        public Shot withTo(Spot place) {
            return new Shot(id, who, place, touch, fate, called, strike, cue);
        }

        @Override
        public Shot withTouch(Touch newTouch) {
            return new Shot(id, who, to, newTouch, fate, called, strike, cue);
        }

        @Override
        public Shot struck(Strike other) {
            return new Shot(id, who, to, touch, fate, called, other, cue);
        }

        /** The same by another name; empty for the general one. */
        public Shot called(Optional<String> name) {
            return new Shot(id, who, to, touch, fate, name, strike, cue);
        }

        /**
         * The same with another result.
         *
         * @param rebound where the ball goes then; null for a few metres out of the goal
         */
        public Shot ending(Result newResult, Spot rebound) {
            Fate other = new Fate(newResult, Optional.ofNullable(rebound));
            return new Shot(id, who, to, touch, other, called, strike, cue);
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
     * @param piece id of the piece; one that is not picked up first of all is in somebody's hands until then
     * @param to whom or where it is thrown to, or with whom it is swapped; empty for all else
     */
    record Handle(String id, String who, String piece, Deed deed, Optional<Spot> to, Cue cue) implements Action {

        /** About nobody else. */
        public Handle(String id, String who, String piece, Deed deed, Cue cue) {
            this(id, who, piece, deed, Optional.empty(), cue);
        }

        @Override
        public <R> R match(ActionCases<R> cases) {
            return cases.handle(this);
        }

        @Override
        public Handle withCue(Cue newCue) {
            return new Handle(id, who, piece, deed, to, newCue);
        }

        /** What is done with it. */
        public enum Deed {
            /** Let go where one is, on the way. */
            DROP,
            /** Put down with care. */
            PLACE,
            PICK_UP,
            /** Thrown to somebody, or somewhere. */
            THROW,
            /** Kept in the hands, which takes no time. */
            KEEP,
            /** Swapped for what another has in their hands. */
            SWAP
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
        /** Catches a ball that comes down there before it bounces; who goes for none just stops. */
        CATCH,
        /** Touches what is there, a cone, a line or a wall, and is free to come back. */
        TOUCH
    }

    /** How long a person has the ball before it leaves again. */
    enum Touch {
        FIRST_TIME,
        CONTROLLED,
        /** Never had: somebody else's ball is sent another way as it comes by. */
        DEFLECTED
    }
}
