package wildchalk.core.drill;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a stage cannot do without, counted.
 *
 * @param people who play, those who wait in line-ups included; coaches are not counted
 * @param gear what is put down, by kind and colour; bags are not counted
 */
public record Needs(int people, Map<GearKind, Map<Colour, Integer>> gear, int balls) {

    private static final Piece.Cases<Integer> PEOPLE = new Piece.Families<>() {
        @Override
        public Integer person(Piece.Person person) {
            return 1;
        }

        @Override
        public Integer lineUp(Piece.LineUp lineUp) {
            return 1 + lineUp.waiting();
        }

        @Override
        public Integer coach(Piece.Coach coach) {
            return 0;
        }

        @Override
        public Integer item(Piece.Item item) {
            return 0;
        }

        @Override
        public Integer supply(Piece.Supply supply) {
            return 0;
        }

        @Override
        public Integer ball(Piece.Ball ball) {
            return 0;
        }

        @Override
        public Integer note(Piece.Note note) {
            return 0;
        }

        @Override
        public Integer tape(Piece.Tape tape) {
            return 0;
        }

        @Override
        public Integer area(Piece.Area area) {
            return 0;
        }
    };
    private static final Piece.Cases<Integer> BALLS = new Piece.Families<>() {
        @Override
        public Integer person(Piece.Person person) {
            return 0;
        }

        @Override
        public Integer item(Piece.Item item) {
            return 0;
        }

        @Override
        public Integer supply(Piece.Supply supply) {
            return supply.count();
        }

        @Override
        public Integer ball(Piece.Ball ball) {
            return 1;
        }

        @Override
        public Integer note(Piece.Note note) {
            return 0;
        }

        @Override
        public Integer tape(Piece.Tape tape) {
            return 0;
        }

        @Override
        public Integer area(Piece.Area area) {
            return 0;
        }
    };

    public Needs {
        gear = Collections.unmodifiableMap(gear.isEmpty() ? new EnumMap<>(GearKind.class) : new EnumMap<>(gear));
    }

    public static Needs of(Stage stage) {
        Map<GearKind, Map<Colour, Integer>> gear = new EnumMap<>(GearKind.class);
        int people = 0;
        int balls = 0;
        for (Piece piece : stage.pieces()) {
            people += piece.match(PEOPLE);
            balls += piece.match(BALLS);
            if (piece instanceof Piece.Item item && item.kind() != GearKind.BAG) {
                gear.computeIfAbsent(item.kind(), k -> new TreeMap<>()).merge(item.colour(), 1, Integer::sum);
            }
        }
        return new Needs(people, gear, balls);
    }

    /** How many of a kind, of whatever colour. */
    public int of(GearKind kind) {
        return gear.getOrDefault(kind, Map.of()).values().stream().mapToInt(Integer::intValue).sum();
    }
}
