package wildchalk.core.waiting;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Needs;
import wildchalk.core.flow.Flow;
import wildchalk.core.waiting.Help.Ground;
import wildchalk.core.waiting.Help.Price;

/** What an attempt costs. */
final class Prices {

    /** Gear so near to where it would stand in the mirror serves both sides, metres. */
    private static final double SAME = 0.5;

    private Prices() {}

    static Price of(Trials trials, Attempt attempt, Stage after, Flow flow) {
        Rotation.Taken taken = after.instructions(Rotation.Sides.class).stream()
                .findFirst()
                .map(Rotation.Sides::taken)
                .orElse(Rotation.Taken.AS_DRAWN);
        Map<GearKind, Map<Colour, Integer>> gear =
                gear(after, taken, attempt.asked().copies());
        Map<GearKind, Map<Colour, Integer>> now = gear(
                trials.stage(),
                trials.rotates().taken(),
                trials.question().asked().copies());
        Map<GearKind, Map<Colour, Integer>> more = new EnumMap<>(GearKind.class);
        gear.forEach((kind, colours) -> colours.forEach((colour, n) -> {
            int added = n - now.getOrDefault(kind, Map.of()).getOrDefault(colour, 0);
            if (added > 0) {
                more.computeIfAbsent(kind, k -> new TreeMap<>()).put(colour, added);
            }
        }));
        int balls = Math.max(0, flow.balls().most() - trials.flow().balls().most());
        int crossings = Math.max(0, times(flow) - times(trials.flow()));
        boolean copied = attempt.asked().copies() > trials.question().asked().copies();
        Optional<Ground> ground = copied
                ? Optional.of(
                        new Ground(trials.ground().width(), trials.ground().height()))
                : Optional.empty();
        return new Price(
                new Needs(0, more, balls, List.of()),
                attempt.coaches(),
                ground,
                crossings,
                crossings > 0 ? flow.meetings() : List.of());
    }

    private static int times(Flow flow) {
        return flow.meetings().stream().mapToInt(Flow.Meeting::times).sum();
    }

    /** All that is put down, with what is missing of the other side where that is played too. */
    private static Map<GearKind, Map<Colour, Integer>> gear(Stage stage, Rotation.Taken taken, int copies) {
        Map<GearKind, Map<Colour, Integer>> all = new EnumMap<>(GearKind.class);
        Needs.of(stage).gear().forEach((kind, colours) -> all.put(kind, new TreeMap<>(colours)));
        if (taken != Rotation.Taken.AS_DRAWN) {
            List<Piece.Item> items = stage.pieces().stream()
                    .filter(Piece.Item.class::isInstance)
                    .map(Piece.Item.class::cast)
                    .filter(i -> i.kind() != GearKind.BAG)
                    .toList();
            for (Piece.Item item : items) {
                boolean there = items.stream()
                        .anyMatch(i -> i.kind() == item.kind()
                                && stage.place(i).distance(stage.place(item).mirrored(false, true)) <= SAME);
                if (!there) {
                    all.get(item.kind()).merge(item.colour(), 1, Integer::sum);
                }
            }
        }
        all.values().forEach(colours -> colours.replaceAll((colour, n) -> n * copies));
        return all;
    }
}
