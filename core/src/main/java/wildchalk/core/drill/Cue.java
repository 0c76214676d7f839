package wildchalk.core.drill;

import java.util.List;
import java.util.Optional;

/**
 * What sets an action off.
 *
 * @param delay seconds to wait after it; negative for so long before an arrival or an end that can be foreseen
 */
public record Cue(Trigger trigger, double delay) {

    /** The moment that is waited for. */
    public sealed interface Trigger {

        /** The action whose moment this is; empty for what is not about one action. */
        default Optional<String> of() {
            return Optional.empty();
        }

        /** Whether it is only that what the same person does before is over. */
        default boolean followsOwn() {
            return false;
        }

        /** The moment that is counted when only a certain time of it is waited for; else itself. */
        default Trigger counted() {
            return this;
        }

        /** The single moments in it; itself when it is one. */
        default List<Trigger> parts() {
            return List.of(this);
        }

        /** What the cases say of this kind of moment. */
        <R> R match(CueCases<R> cases);

        /** Ids of the people and pieces that it watches. */
        default List<String> watched() {
            return List.of();
        }
    }

    /** The start of the rep. */
    public record Whistle() implements Trigger {
        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.whistle(this);
        }
    }

    /** The start of another action. */
    public record With(String action) implements Trigger {
        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.with(this);
        }

        @Override
        public Optional<String> of() {
            return Optional.of(action);
        }
    }

    /** The ball of a pass or shot has left. */
    public record Released(String action) implements Trigger {
        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.released(this);
        }

        @Override
        public Optional<String> of() {
            return Optional.of(action);
        }
    }

    /**
     * A run or carry has got so far along its path.
     *
     * @param share of the path, from 0 to 1
     */
    public record Partway(String action, double share) implements Trigger {
        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.partway(this);
        }

        @Override
        public Optional<String> of() {
            return Optional.of(action);
        }
    }

    /** A run or carry has gone so many metres of its path. */
    public record Gone(String action, double metres) implements Trigger {
        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.gone(this);
        }

        @Override
        public Optional<String> of() {
            return Optional.of(action);
        }
    }

    /** A person or ball comes into a zone of the surface from outside. */
    public record Enters(String who, String zone) implements Trigger {
        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.enters(this);
        }

        @Override
        public List<String> watched() {
            return List.of(who);
        }
    }

    /**
     * A person or ball crosses a straight line of the surface.
     *
     * @param heading which way they go as they do
     */
    public record Crosses(String who, String line, Heading heading) implements Trigger {

        /** Either way. */
        public Crosses(String who, String line) {
            this(who, line, Heading.EITHER);
        }

        /** Which way somebody goes over a line, seen on the page from the own end. */
        public enum Heading {
            EITHER,
            /** Towards the end that is attacked. */
            UP,
            /** Towards the own end. */
            DOWN,
            LEFT,
            RIGHT
        }

        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.crosses(this);
        }

        @Override
        public List<String> watched() {
            return List.of(who);
        }
    }

    /** A person or ball comes within a distance of another, or of a piece of gear. */
    public record Near(String who, String other, double metres) implements Trigger {
        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.near(this);
        }

        @Override
        public List<String> watched() {
            return List.of(who, other);
        }
    }

    /**
     * A ball's first touch of anything after the whistle, a person, a wall or the place it goes to; or a person's first
     * touch of a ball.
     *
     * @param who id of the ball or the person
     */
    public record Touches(String who) implements Trigger {
        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.touches(this);
        }

        @Override
        public List<String> watched() {
            return List.of(who);
        }
    }

    /**
     * A ball is dead.
     *
     * @param ball id of the ball
     */
    public record Dead(String ball, How how) implements Trigger {

        /** What makes a ball dead. */
        public enum How {
            /** It goes in. */
            IN,
            /** It leaves the surface, in somebody's hands or by itself. */
            OUT,
            /** Either, or a keeper has it. */
            EITHER
        }

        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.dead(this);
        }

        @Override
        public List<String> watched() {
            return List.of(ball);
        }
    }

    /** Somebody calls this word. */
    public record Called(String word) implements Trigger {
        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.called(this);
        }
    }

    /**
     * One certain time of a moment that comes more than once: the third call, the next time that somebody crosses a
     * line after a pass.
     *
     * @param moment a call, a touch, or somebody who comes somewhere
     * @param nth which of them, counted from 1
     * @param since id of the action after whose end they are counted; empty for from the whistle on
     */
    public record Occurrence(Trigger moment, int nth, Optional<String> since) implements Trigger {

        /** Nobody counts any further. */
        public static final int MOST = 9;

        @Override
        public Trigger counted() {
            return moment;
        }

        @Override
        public List<String> watched() {
            return moment.watched();
        }

        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.occurrence(this);
        }
    }

    /** Several moments in one. */
    public sealed interface Several extends Trigger {

        /** The same made of other moments. */
        Several with(List<Trigger> others);

        @Override
        default List<String> watched() {
            return parts().stream().flatMap(t -> t.watched().stream()).toList();
        }
    }

    /** The last of several moments. */
    public record AllOf(List<Trigger> parts) implements Several {
        public AllOf {
            parts = List.copyOf(parts);
        }

        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.allOf(this);
        }

        @Override
        public AllOf with(List<Trigger> others) {
            return new AllOf(others);
        }
    }

    /** The first of several moments. */
    public record FirstOf(List<Trigger> parts) implements Several {
        public FirstOf {
            parts = List.copyOf(parts);
        }

        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.firstOf(this);
        }

        @Override
        public FirstOf with(List<Trigger> others) {
            return new FirstOf(others);
        }
    }

    /** A pass or shot has got where it goes. */
    public record Received(String action) implements Trigger {
        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.received(this);
        }

        @Override
        public Optional<String> of() {
            return Optional.of(action);
        }
    }

    /** The end of another action. */
    public record After(String action) implements Trigger {
        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.after(this);
        }

        @Override
        public Optional<String> of() {
            return Optional.of(action);
        }
    }

    /** The end of the same person's action before this one; the whistle when there is none. */
    public record Next() implements Trigger {
        @Override
        public boolean followsOwn() {
            return true;
        }

        @Override
        public <R> R match(CueCases<R> cases) {
            return cases.next(this);
        }
    }

    /** At the whistle. */
    public static Cue whistle() {
        return new Cue(new Whistle(), 0);
    }

    /**
     * Together with another action, as it starts.
     *
     * @param action its id
     */
    public static Cue with(String action) {
        return new Cue(new With(action), 0);
    }

    /**
     * As a pass arrives.
     *
     * @param action id of the pass
     */
    public static Cue received(String action) {
        return new Cue(new Received(action), 0);
    }

    /**
     * As another action ends.
     *
     * @param action its id
     */
    public static Cue after(String action) {
        return new Cue(new After(action), 0);
    }

    /** As what the same person does before is over; at the whistle for the first. */
    public static Cue next() {
        return new Cue(new Next(), 0);
    }

    /** The same so many seconds later, or earlier when less than 0. */
    public Cue delayed(double seconds) {
        return new Cue(trigger, seconds);
    }
}
