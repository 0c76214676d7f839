package wildchalk.core.drill.implied;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PieceCases;
import wildchalk.core.drill.Stage;

/**
 * What a stage cannot do without, counted.
 *
 * @param people who play, those who wait in line-ups included; coaches are not counted
 * @param gear what is put down, by kind and colour; bags are not counted
 * @param balls all of them
 * @param heaps how many of the balls each heap holds, largest first
 */
public record Needs(int people, Map<GearKind, Map<Colour, Integer>> gear, int balls, List<Integer> heaps) {

    public Needs {
        gear = Collections.unmodifiableMap(gear.isEmpty() ? new EnumMap<>(GearKind.class) : new EnumMap<>(gear));
        heaps = heaps.stream().sorted(Comparator.reverseOrder()).toList();
    }

    /** What a stage takes, counted. */
    public static Needs of(Stage stage) {
        Counting counting = new Counting();
        stage.pieces().forEach(p -> p.match(counting));
        return new Needs(counting.people, counting.gear, counting.balls, counting.heaps);
    }

    /** As many of each as the most of them take; at least one. */
    public static Needs most(List<Needs> all) {
        Map<GearKind, Map<Colour, Integer>> gear = new EnumMap<>(GearKind.class);
        for (Needs needs : all) {
            needs.gear()
                    .forEach((kind, colours) -> colours.forEach((colour, n) ->
                            gear.computeIfAbsent(kind, k -> new TreeMap<>()).merge(colour, n, Math::max)));
        }
        Needs balls = all.stream().max(Comparator.comparingInt(Needs::balls)).orElseThrow();
        int people = all.stream().mapToInt(Needs::people).max().orElseThrow();
        return new Needs(people, gear, balls.balls(), balls.heaps());
    }

    private static final class Counting implements PieceCases.Families<Void> {

        private final Map<GearKind, Map<Colour, Integer>> gear = new EnumMap<>(GearKind.class);
        private int people;
        private final List<Integer> heaps = new ArrayList<>();
        private int balls;

        @Override
        public Void person(Piece.Person person) {
            people++;
            return null;
        }

        @Override
        public Void lineUp(Piece.LineUp lineUp) {
            people += 1 + lineUp.waiting();
            return null;
        }

        @Override
        public Void coach(Piece.Coach coach) {
            return null;
        }

        @Override
        public Void item(Piece.Item item) {
            if (item.kind() != GearKind.BAG) {
                gear.computeIfAbsent(item.kind(), k -> new TreeMap<>()).merge(item.colour(), 1, Integer::sum);
            }
            return null;
        }

        @Override
        public Void supply(Piece.Supply supply) {
            balls += supply.count();
            if (supply.count() > 0) {
                heaps.add(supply.count());
            }
            return null;
        }

        @Override
        public Void ball(Piece.Ball ball) {
            balls++;
            return null;
        }

        @Override
        public Void note(Piece.Note note) {
            return null;
        }

        @Override
        public Void tape(Piece.Tape tape) {
            return null;
        }

        @Override
        public Void area(Piece.Area area) {
            return null;
        }
    }

    /** How many of a kind, of whatever colour. */
    public int of(GearKind kind) {
        return gear.getOrDefault(kind, Map.of()).values().stream()
                .mapToInt(Integer::intValue)
                .sum();
    }
}
