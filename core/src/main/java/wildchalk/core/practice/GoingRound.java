package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.carousel.Carousel;
import wildchalk.core.carousel.Finder;
import wildchalk.core.carousel.Keeping;
import wildchalk.core.carousel.Place;
import wildchalk.core.carousel.Turns;
import wildchalk.core.geometry.Vec;

/**
 * Groups that go round what is side by side in a block.
 *
 * @param places the blocks that they go round, in the order of the places of {@code turns}
 * @param turns who is where in which turn
 * @param keeping where keepers are who go their own way; empty where they stay with their groups
 * @param seconds how long a turn is, without the changes; below 1 where there is no time for it
 * @param placed whether it is known where everything stands; else it is assumed to be in a row
 */
public record GoingRound(
        List<Block> places, Turns turns, Optional<KeepersWay> keeping, double seconds, boolean placed) {

    /** From one place to the next, as long as nobody said where they are, metres: in a row; assumed. */
    public static final double APART = 20;
    /** Until all have heard that it is over, seconds; assumed. */
    private static final double CALLING = 5;

    private static final int MINUTE = 60;

    /**
     * Keepers who go their own way.
     *
     * @param own at which they work when nobody shoots at them
     */
    public record KeepersWay(Block own, Keeping keeping) {}

    public GoingRound {
        places = List.copyOf(places);
    }

    /**
     * How a block is gone round; empty for one that is not, and for more groups or places than can be overlooked.
     *
     * @param company its groups; as many as places where none is known
     * @param needs how many keepers each place takes
     */
    public static Optional<GoingRound> of(Block block, Company company, KnownNeeds needs) {
        if (!(block.content() instanceof Content.Beside beside)
                || beside.round().isEmpty()) {
            return Optional.empty();
        }
        Content.Round round = beside.round().orElseThrow();
        List<Block> parts = beside.blocks();
        List<Block> places =
                parts.stream().filter(b -> !b.id().equals(round.keepers())).toList();
        int groups =
                company.groups().isEmpty() ? places.size() : company.groups().size();
        if (places.size() > Carousel.MOST || groups > Carousel.MOST) {
            return Optional.empty();
        }
        boolean placed = beside.stands()
                .keySet()
                .containsAll(parts.stream().map(Block::id).toList());
        Map<String, Vec> at = new HashMap<>();
        for (Block part : parts) {
            at.put(part.id(), placed ? beside.stands().get(part.id()).at() : new Vec(at.size() * APART, 0));
        }
        Turns turns = begun(Finder.find(carousel(places, round, groups, at)), places);
        Optional<KeepersWay> keeping = parts.stream()
                .filter(b -> b.id().equals(round.keepers()))
                .findFirst()
                .map(own -> new KeepersWay(
                        own,
                        Keeping.of(
                                turns,
                                places.stream()
                                        .map(b ->
                                                needs.of(b).map(Needs::keepers).orElse(0))
                                        .toList(),
                                company.keepers(),
                                at.get(own.id()))));
        GoingRound found = new GoingRound(places, turns, keeping, 0, placed);
        double changing = 0;
        for (int t = 1; t < turns.count(); t++) {
            changing += found.change(t);
        }
        return Optional.of(new GoingRound(
                places, turns, keeping, (block.time().now() * MINUTE - changing) / turns.count(), placed));
    }

    private static Carousel carousel(List<Block> places, Content.Round round, int groups, Map<String, Vec> at) {
        List<String> ids = places.stream().map(Block::id).toList();
        return new Carousel(
                places.stream()
                        .map(b -> new Place(
                                BlockWords.of(b),
                                at.get(b.id()),
                                Math.max(1, round.rooms().getOrDefault(b.id(), 1))))
                        .toList(),
                groups,
                round.never().stream()
                        .map(n -> new Carousel.Never(ids.indexOf(n.first()), ids.indexOf(n.then())))
                        .filter(n -> n.first() >= 0 && n.then() >= 0)
                        .collect(Collectors.toSet()),
                round.stays().stream()
                        .filter(s -> s.group() >= 1 && s.group() <= groups && ids.contains(s.block()))
                        .map(s -> new Carousel.Stay(s.group() - 1, ids.indexOf(s.block())))
                        .toList());
    }

    /** Seconds from the end of a turn to the beginning of the one with this number, from 1: everybody has come over. */
    public double change(int turn) {
        double keepers = keeping.map(k -> k.keeping().seconds(turn)).orElse(0.0);
        return Math.ceil(Math.max(turns.seconds(turn), keepers)) + CALLING;
    }

    /** When a turn begins, from 0, seconds after the block does. */
    public double begins(int turn) {
        double at = 0;
        for (int t = 1; t <= turn; t++) {
            at += Math.max(0, seconds) + change(t);
        }
        return at;
    }

    /** Numbers of the groups, from 0, that are at a block in a turn; none for one that no group goes to. */
    public List<Integer> there(int turn, Block block) {
        int place = places.stream().map(Block::id).toList().indexOf(block.id());
        return place < 0 ? List.of() : turns.there(turn, place);
    }

    /** Numbers of the keepers who go their own way, from 0, that are at a block in a turn. */
    public List<Integer> keepers(int turn, Block block) {
        if (keeping.isEmpty()) {
            return List.of();
        }
        KeepersWay way = keeping.orElseThrow();
        int place = way.own().id().equals(block.id())
                ? Keeping.OWN
                : places.stream().map(Block::id).toList().indexOf(block.id());
        return way.keeping().there(turn, place);
    }

    /** The same turns, each block with the group that it is said to begin with; as they are where that cannot be. */
    private static Turns begun(Turns turns, List<Block> blocks) {
        int groups = turns.carousel().groups();
        if (!turns.carousel().stays().isEmpty()) {
            // Groups are not alike: who is where is found with them.
            return turns;
        }
        List<Integer> called = new ArrayList<>();
        Set<Integer> taken = new HashSet<>();
        for (int g = 0; g < groups; g++) {
            int place = turns.place(0, g);
            int said = place == Turns.REST ? 0 : blocks.get(place).group();
            // Of several at one place one alone is said.
            if (said < 0 || said > groups || said > 0 && !taken.add(said)) {
                said = 0;
            }
            called.add(said - 1);
        }
        List<Integer> free = new ArrayList<>();
        for (int g = 0; g < groups; g++) {
            if (!taken.contains(g + 1)) {
                free.add(g);
            }
        }
        called.replaceAll(g -> g < 0 ? free.remove(0) : g);
        List<List<Integer>> at = new ArrayList<>();
        for (List<Integer> turn : turns.at()) {
            List<Integer> now = new ArrayList<>(turn);
            for (int g = 0; g < groups; g++) {
                now.set(called.get(g), turn.get(g));
            }
            at.add(now);
        }
        return new Turns(turns.carousel(), at, turns.proved());
    }
}
