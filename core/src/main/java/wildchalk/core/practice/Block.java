package wildchalk.core.practice;

import java.util.List;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A while of a practice.
 *
 * @param id unique within the practice
 * @param time how long it is, could be and may be
 * @param must whether it has to be; it may be dropped otherwise
 * @param group the number of the group that does it, from 1; 0 for everybody
 * @param lead id of the one of the staff who leads it; empty for nobody in particular
 * @param note for them; may be empty
 * @param before seconds that the coach says what comes before it takes; empty where it is worked out
 */
public record Block(
        String id, Content content, Time time, boolean must, int group, String lead, String note, OptionalInt before) {

    /**
     * Minutes.
     *
     * @param least 1 or more; shorter it makes no sense
     * @param now as it is planned
     * @param most longer it makes no sense
     */
    public record Time(int least, int now, int most) {
        public Time {
            if (least < 1 || now < least || most < now || most > Slot.MOST) {
                throw new IllegalArgumentException(least + ", " + now + ", " + most);
            }
        }

        /** A time that may only be as it is. */
        public static Time of(int minutes) {
            return new Time(minutes, minutes, minutes);
        }

        /** The same with another plan, whatever its limits were: they give way. */
        public Time pulled(int minutes) {
            int to = Math.max(1, Math.min(Slot.MOST, minutes));
            return new Time(Math.min(least, to), to, Math.max(most, to));
        }

        /** The same with another plan, as near to it as it may be. */
        public Time at(int minutes) {
            return new Time(least, Math.max(least, Math.min(most, minutes)), most);
        }
    }

    /** A block for everybody that has to be. */
    public static Block of(String id, Content content, Time time) {
        return new Block(id, content, time, true, 0, "", "", OptionalInt.empty());
    }

    /** The same under another id. */
    public Block withId(String newId) {
        return new Block(newId, content, time, must, group, lead, note, before);
    }

    /** Something else at the same time. */
    public Block being(Content newContent) {
        return new Block(id, newContent, time, must, group, lead, note, before);
    }

    /** The same for another time. */
    public Block lasting(Time other) {
        return new Block(id, content, other, must, group, lead, note, before);
    }

    /** The same, to be or not. */
    public Block having(boolean newMust) {
        return new Block(id, content, time, newMust, group, lead, note, before);
    }

    /** The same for others. */
    public Block forGroup(int newGroup) {
        return new Block(id, content, time, must, newGroup, lead, note, before);
    }

    /** The same under somebody else. */
    public Block led(String newLead) {
        return new Block(id, content, time, must, group, newLead, note, before);
    }

    /** The same with another note for whoever leads it. */
    public Block noting(String newNote) {
        return new Block(id, content, time, must, group, lead, newNote, before);
    }

    /** The same after a change that takes so many seconds, 0 or more; empty for as many as it is worked out to take. */
    public Block after(OptionalInt seconds) {
        return new Block(id, content, time, must, group, lead, note, seconds);
    }

    /** The same with its drill, or those side by side in it, as they are planned otherwise. */
    Block planning(UnaryOperator<Content.Planned> how) {
        if (content instanceof Content.Beside b) {
            return being(b.of(b.blocks().stream().map(p -> p.planning(how)).toList()));
        }
        return content instanceof Content.Play p ? being(p.of(how.apply(p.drill()))) : this;
    }

    /** The same in other words, wherever a coach wrote some. */
    Block silent(UnaryOperator<String> words) {
        return being(content.match(new Reworded(words))).noting(words.apply(note));
    }

    /** What a block is, in other words. */
    private record Reworded(UnaryOperator<String> words) implements Content.Cases<Content> {

        @Override
        public Content play(Content.Play play) {
            return play.climbing(play.climbs().stream()
                    .map(c -> new Content.Climb(c.rung(), c.minutes(), words.apply(c.when())))
                    .toList());
        }

        @Override
        public Content game(Content.Game game) {
            return new Content.Game(words.apply(game.words()), game.area(), words.apply(game.scoring()));
        }

        @Override
        public Content words(Content.Words said) {
            return new Content.Words(said.sort(), words.apply(said.words()));
        }

        @Override
        public Content beside(Content.Beside beside) {
            return beside.of(beside.blocks().stream().map(b -> b.silent(words)).toList());
        }
    }

    /** Itself, or the blocks that are side by side in it, as long as it is itself. */
    public List<Block> parts() {
        return content instanceof Content.Beside b
                ? b.blocks().stream().map(p -> p.lasting(time)).toList()
                : List.of(this);
    }

    /** Itself and the blocks that are side by side in it. */
    public Stream<Block> all() {
        return content instanceof Content.Beside b
                ? Stream.concat(Stream.of(this), b.blocks().stream())
                : Stream.of(this);
    }

    /** Whether people drink in it. */
    public boolean isWater() {
        return content instanceof Content.Words w && w.sort() == Content.Sort.WATER;
    }

    /** The drill that is played; nothing for what is none. */
    public Stream<Content.Play> play() {
        return content instanceof Content.Play p ? Stream.of(p) : Stream.empty();
    }
}
