package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** What a block is. */
public sealed interface Content {

    /** What the cases say of this kind. */
    <R> R match(Cases<R> cases);

    /** One answer for each kind. */
    interface Cases<R> {

        /** For {@link Play}. */
        R play(Play play);

        /** For {@link Game}. */
        R game(Game game);

        /** For {@link Words}. */
        R words(Words words);

        /** For {@link Beside}. */
        R beside(Beside beside);
    }

    /** How a drill is told before it begins. */
    enum Telling {
        /** Said and shown once. */
        FRESH,
        /** They know it: a word is enough. */
        KNOWN,
        /** Nothing is said. */
        NONE
    }

    /**
     * Which drill, as it was when it was planned.
     *
     * @param version number of the version of that drill; 0 for one that is in no book
     * @param title what it was called then
     */
    record Planned(String id, long version, String title) {}

    /**
     * A rung that is played.
     *
     * @param rung its id
     * @param minutes for how long; 0 for its share of what the others leave
     * @param when what has been seen when they climb on from it: "four in a row"; may be empty
     */
    record Climb(String rung, int minutes, String when) {
        public Climb {
            if (minutes < 0) {
                throw new IllegalArgumentException("minutes=" + minutes);
            }
        }

        /** One for its share of the time. */
        public static Climb of(String rung) {
            return new Climb(rung, 0, "");
        }
    }

    /**
     * A drill.
     *
     * @param climbs the rungs that are played, in order; empty for the lowest alone
     * @param copies how often it is set out beside itself, at least 1
     */
    record Play(Planned drill, List<Climb> climbs, int copies, Telling telling) implements Content {
        public Play {
            climbs = List.copyOf(climbs);
            if (copies < 1) {
                throw new IllegalArgumentException("copies=" + copies);
            }
        }

        /** Ids of the rungs that are played, in order; empty for the lowest alone. */
        public List<String> rungs() {
            return climbs.stream().map(Climb::rung).toList();
        }

        /** The drill as it was planned otherwise. */
        public Play of(Planned other) {
            return new Play(other, climbs, copies, telling);
        }

        /** On other rungs. */
        public Play climbing(List<Climb> other) {
            return new Play(drill, other, copies, telling);
        }

        /** So often beside itself, at least 1. */
        public Play times(int otherCopies) {
            return new Play(drill, climbs, otherCopies, telling);
        }

        /** Told otherwise. */
        public Play told(Telling other) {
            return new Play(drill, climbs, copies, other);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.play(this);
        }
    }

    /**
     * A piece of ground.
     *
     * @param length metres, over 0
     * @param width metres, over 0
     */
    record Area(double length, double width) {
        public Area {
            if (!(length > 0 && width > 0)) {
                throw new IllegalArgumentException(length + ", " + width);
            }
        }
    }

    /**
     * A game, in words.
     *
     * @param words what it is
     * @param area what it is played on; empty where nothing is said
     * @param scoring how it is scored; may be empty
     */
    record Game(String words, Optional<Area> area, String scoring) implements Content {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.game(this);
        }
    }

    /** What a block of words is. */
    enum Sort {
        TALK,
        WATER,
        SETTING_OUT,
        FREE
    }

    /** Something that needs no drill: a talk, water, setting out, anything in words. */
    record Words(Sort sort, String words) implements Content {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.words(this);
        }
    }

    /**
     * That groups go round what is side by side: each is at every place once.
     *
     * @param flipped whether the side is changed half-way through each turn
     * @param never what must not follow what
     * @param stays who is where for two turns
     * @param rooms how many groups there are at most at a place at one time, by id of its block; 1 where nothing is
     *     said
     * @param keepers id of the block at which keepers work when nobody shoots at them: no group goes there, and keepers
     *     go their own way; empty where they stay with their groups
     */
    record Round(boolean flipped, Set<Never> never, List<Stay> stays, Map<String, Integer> rooms, String keepers) {

        /** One place must not come right after another, such as sprints after sprints; ids of blocks. */
        public record Never(String first, String then) {}

        /**
         * A group that stays at a place for two turns, such as a strong one.
         *
         * @param group its number, from 1
         * @param block id of the block
         */
        public record Stay(int group, String block) {}

        public Round {
            never = Set.copyOf(never);
            stays = List.copyOf(stays);
            rooms = Map.copyOf(rooms);
        }

        /** One in which anything may follow anything, a group at a place, each once. */
        public Round(boolean flipped) {
            this(flipped, Set.of(), List.of(), Map.of(), "");
        }

        /** The same with the side changed half-way, or not. */
        public Round flipping(boolean other) {
            return new Round(other, never, stays, rooms, keepers);
        }

        /** The same; what must not follow may, or the other way round. */
        public Round turning(Never way) {
            Set<Never> all = new HashSet<>(never);
            if (!all.remove(way)) {
                all.add(way);
            }
            return new Round(flipped, all, stays, rooms, keepers);
        }

        /** The same; whoever stays longer does not, or the other way round. */
        public Round turning(Stay stay) {
            List<Stay> all = new ArrayList<>(stays);
            if (!all.remove(stay)) {
                all.add(stay);
            }
            return new Round(flipped, never, all, rooms, keepers);
        }

        /** The same with room for so many groups at a place, at least 1. */
        public Round holding(String block, int groups) {
            Map<String, Integer> all = new HashMap<>(rooms);
            all.put(block, groups);
            all.values().removeIf(n -> n <= 1);
            return new Round(flipped, never, stays, all, keepers);
        }

        /** The same with the block at which keepers work; empty where they stay with their groups. */
        public Round keeping(String block) {
            return new Round(flipped, never, stays, rooms, block);
        }

        /** Only what is said of some blocks. */
        Round of(Set<String> blocks) {
            return new Round(
                    flipped,
                    never.stream()
                            .filter(n -> blocks.contains(n.first()) && blocks.contains(n.then()))
                            .collect(Collectors.toSet()),
                    stays.stream().filter(s -> blocks.contains(s.block())).toList(),
                    rooms.entrySet().stream()
                            .filter(e -> blocks.contains(e.getKey()))
                            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)),
                    blocks.contains(keepers) ? keepers : "");
        }

        private Round renamed(UnaryOperator<String> ids) {
            return new Round(
                    flipped,
                    never.stream()
                            .map(n -> new Never(ids.apply(n.first()), ids.apply(n.then())))
                            .collect(Collectors.toSet()),
                    stays.stream()
                            .map(s -> new Stay(s.group(), ids.apply(s.block())))
                            .toList(),
                    rooms.entrySet().stream()
                            .collect(Collectors.toMap(e -> ids.apply(e.getKey()), Map.Entry::getValue)),
                    ids.apply(keepers));
        }
    }

    /**
     * Blocks at one time, side by side.
     *
     * @param blocks at least two; each has the group that it begins with
     * @param round how groups go round them; empty where each stays
     * @param stands where they stand on the ground of the evening, by their ids; none for one that nobody has placed
     */
    record Beside(List<Block> blocks, Optional<Round> round, Map<String, Stand> stands) implements Content {
        public Beside {
            blocks = List.copyOf(blocks);
            Set<String> ids = blocks.stream().map(Block::id).collect(Collectors.toSet());
            round = round.map(r -> r.of(ids));
            stands = stands.entrySet().stream()
                    .filter(e -> ids.contains(e.getKey()))
                    .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
        }

        /** Some at which everybody stays, placed by nobody. */
        public Beside(List<Block> blocks) {
            this(blocks, Optional.empty(), Map.of());
        }

        /** Others, gone round as these are, those that are still there where they were. */
        public Beside of(List<Block> others) {
            return new Beside(others, round, stands);
        }

        /** The same, gone round otherwise; empty where each stays. */
        public Beside going(Optional<Round> other) {
            return new Beside(blocks, other, stands);
        }

        /** The same, each where it is said to stand. */
        public Beside on(Map<String, Stand> otherStands) {
            return new Beside(blocks, round, otherStands);
        }

        /** The same blocks under other ids, in their order. */
        Beside numbered(List<String> ids) {
            Map<String, String> renamed = new HashMap<>();
            List<Block> all = new ArrayList<>();
            for (int i = 0; i < blocks.size(); i++) {
                renamed.put(blocks.get(i).id(), ids.get(i));
                all.add(blocks.get(i).withId(ids.get(i)));
            }
            Map<String, Stand> there = new HashMap<>();
            stands.forEach((id, stand) -> there.put(renamed.get(id), stand));
            return new Beside(all, round.map(r -> r.renamed(id -> renamed.getOrDefault(id, id))), there);
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.beside(this);
        }
    }
}
