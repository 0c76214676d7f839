package wildchalk.core.setout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PieceCases;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.surface.Surface;

/** Works out the set-out sheet of a stage. */
public final class SetOut {

    private static final PieceCases<Boolean> IS_PUT_DOWN = new PieceCases.Families<>() {
        @Override
        public Boolean person(Piece.Person person) {
            return false;
        }

        @Override
        public Boolean item(Piece.Item item) {
            return item.kind() != GearKind.BAG;
        }

        @Override
        public Boolean supply(Piece.Supply supply) {
            return true;
        }

        @Override
        public Boolean ball(Piece.Ball ball) {
            return ball.heldBy().isEmpty();
        }

        @Override
        public Boolean note(Piece.Note note) {
            return false;
        }

        @Override
        public Boolean tape(Piece.Tape tape) {
            return false;
        }

        @Override
        public Boolean area(Piece.Area area) {
            return false;
        }
    };
    /** Nothing may end up farther from where it was drawn, metres. */
    public static final double MOST_ERROR = 0.3;
    /** Cones that fit in a hand when nobody says otherwise; assumed. */
    public static final int USUAL_HANDFUL = 10;

    /** Share of the distance to the nearest other piece that rounding may take. */
    private static final double SHARE = 0.05;

    private static final double FINEST = 0.02;
    /** A loaded person's walking speed, m/s; assumed. */
    private static final double WALKING = 1.3;
    /** Seconds to put a piece down, and to measure each length; assumed. */
    private static final double PUTTING = 5;

    private static final double MEASURING = 8;

    private final Stage stage;
    private final Surface surface;
    private final int handful;
    private final Measurer tape;
    private final Measurer stepping;

    /** Goals that are moved are put down like any other gear. */
    private static Stage withGoals(Stage stage, Surface surface) {
        Stage all = stage;
        for (Game.GoalAt goal : stage.instructions(Game.GoalAt.class)) {
            double width =
                    surface.target(goal.target()).map(Surface.Target::width).orElse(GearKind.GOAL.width());
            if (goal.at().isPresent()) {
                all = all.withPiece(Piece.Item.goal(goal.id(), goal.at().get(), goal.facing(), width));
            }
        }
        return all;
    }

    private SetOut(Stage stage, Surface surface, Units units, int handful) {
        this.stage = stage;
        this.surface = surface;
        this.handful = Math.max(1, handful);
        this.tape = new Measurer(surface, Rounding.tape(units));
        this.stepping = new Measurer(surface, Rounding.paces(units));
    }

    /**
     * The sheet.
     *
     * @param handful cones that fit in a hand; at least 1
     */
    public static Sheet of(Stage stage, Surface surface, Units units, int handful) {
        return new SetOut(withGoals(stage, surface), surface, units, handful).sheet();
    }

    private Sheet sheet() {
        List<Piece> gear = toPutDown(stage);
        Anchor bag = bag(gear);
        Walk walk = new Walk(
                bag.at(),
                gear.stream().map(Piece::at).toList(),
                gear.stream().mapToDouble(this::load).toArray());
        int[] order = walk.order();
        int[] trips = walk.trips(order);
        List<Sheet.Step> steps = new ArrayList<>();
        List<Anchor> taped = new ArrayList<>();
        List<Anchor> stepped = new ArrayList<>();
        double seconds = walk.length(order) / WALKING;
        for (int k = 0; k < order.length; k++) {
            Piece piece = gear.get(order[k]);
            Sheet.Step step = step(k + 1, piece, trips[k], taped, stepped, gear);
            steps.add(step);
            taped.add(new Anchor(piece.id(), step.name(), step.tape().result(), true));
            step.paces().ifPresent(p -> stepped.add(new Anchor(piece.id(), step.name(), p.result(), true)));
            seconds += PUTTING + MEASURING * lengths(step.tape());
        }
        int trip = order.length == 0 ? 0 : trips[order.length - 1];
        return new Sheet(bag.at(), bag.name(), steps, walk.length(order), trip, seconds);
    }

    /** The gear that somebody has to carry out and put down. */
    public static List<Piece> toPutDown(Stage stage) {
        return stage.pieces().stream()
                .filter(p -> p.match(IS_PUT_DOWN) && stage.inHand(p.id()).isEmpty())
                .toList();
    }

    private Sheet.Step step(int n, Piece piece, int trip, List<Anchor> taped, List<Anchor> stepped, List<Piece> gear) {
        double allowed = allowed(piece, gear);
        Measured measured = tape.measure(piece.at(), taped, allowed)
                .orElseThrow(() -> new IllegalStateException("the finest numbers are always near enough"));
        Optional<Measured> paces = stepping.likewise(measured, piece.at(), stepped, allowed)
                .or(() -> stepping.measure(piece.at(), stepped, allowed));
        return new Sheet.Step(n, piece, PieceWords.among(stage, piece), trip, measured, paces);
    }

    /** Where pieces are close together their places must be finer than where they are far apart. */
    private static double allowed(Piece piece, List<Piece> gear) {
        double nearest = gear.stream()
                .filter(p -> p != piece)
                .mapToDouble(p -> p.at().distance(piece.at()))
                .min()
                .orElse(Double.MAX_VALUE);
        return Math.max(FINEST, Math.min(MOST_ERROR, nearest * SHARE));
    }

    private double load(Piece piece) {
        if (piece instanceof Piece.Item item) {
            double load = item.kind().load();
            boolean stacks = item.kind() == GearKind.CONE || item.kind() == GearKind.MARKER;
            return stacks ? load / GearKind.CONE.load() / handful : load;
        }
        return piece instanceof Piece.Supply ? 1 : 0.2;
    }

    private static int lengths(Measured measured) {
        return measured instanceof Measured.Legs legs ? legs.legs().size() : 2;
    }

    /** The gear bag; without one, the place at the edge that people can find and that is nearest to the gear. */
    private Anchor bag(List<Piece> gear) {
        Optional<Anchor> bag = stage.pieces().stream()
                .filter(p -> p instanceof Piece.Item item && item.kind() == GearKind.BAG)
                .map(p -> new Anchor(p.id(), "the gear bag", p.at(), true))
                .findFirst();
        Vec sum = gear.stream().map(Piece::at).reduce(Vec.ZERO, Vec::plus);
        Vec middle = gear.isEmpty() ? Vec.ZERO : sum.times(1.0 / gear.size());
        return bag.or(() -> surface.landmarks().stream()
                        .filter(l -> Math.abs(Math.abs(l.at().y()) - surface.width() / 2) < 0.01)
                        .min(Comparator.comparingDouble(l -> l.at().distance(middle)))
                        .map(l -> new Anchor(l.id(), l.name(), l.at(), false)))
                .orElse(new Anchor("middle", "the middle", Vec.ZERO, false));
    }
}
