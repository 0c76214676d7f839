package wildchalk.core.edit;

import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/**
 * Edits of numbers that follow the age: who plays a drill says how many touches there are, and how far something is.
 */
public final class GivenEdits {

    private static final Wordbook BOOK = Wordbook.beside(GivenEdits.class, "Ways");

    private GivenEdits() {}

    /** The age that a new number is given for first: grown people of whom no more is said. */
    public static Effort.Level level() {
        return Effort.Level.ADULT;
    }

    /** A number as it was typed; empty for none, or what is none that could be meant. */
    public static Optional<Double> number(String text, boolean whole) {
        try {
            double number = Double.parseDouble(text.strip().replace(',', '.'));
            boolean possible = number >= 0 && number <= 200 && (!whole || number == Math.rint(number));
            return possible ? Optional.of(number) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    /** Says what a number is for each age; those who play have theirs at once. */
    public static Edit<Drill> change(String rung, Given.ByAge byAge, Surface surface) {
        Edit<Drill> said = StageEdit.of(BOOK.say("by.age"), rung, s -> s.saying(byAge));
        return new Edit<>(said.name(), drill -> followed(said.apply(drill), surface));
    }

    /** Lets others play a drill: all numbers that follow the age are theirs. */
    public static Edit<Drill> played(Effort.Level level, Surface surface) {
        return new Edit<>(
                DrillEdits.effort(Effort.LIVE.with(level)).name(),
                drill -> followed(drill.withEffort(drill.effort().with(level)), surface));
    }

    /** The drill with every number that follows the age as it is for those who play it. */
    private static Drill followed(Drill drill, Surface surface) {
        Drill now = drill;
        for (Rung rung : drill.ladder()) {
            Stage stage = Ladder.build(now, rung.id());
            for (Given.ByAge byAge : stage.instructions(Given.ByAge.class)) {
                Double number = byAge.steps().get(now.effort().level());
                if (number != null) {
                    now = StageEdit.of("", rung.id(), s -> with(s, byAge, number, surface))
                            .apply(now);
                }
            }
        }
        return now;
    }

    private static Stage with(Stage stage, Given.ByAge byAge, double number, Surface surface) {
        Optional<Limit.Count> limit = stage.instructions(Limit.Count.class).stream()
                .filter(l -> l.id().equals(byAge.of()))
                .findFirst();
        if (limit.isPresent()) {
            return limit.get().n() == (int) number
                    ? stage
                    : stage.saying(limit.get().of((int) number));
        }
        Optional<Vec> from = byAge.from().flatMap(f -> stage.piece(f)
                .map(Piece::at)
                .or(() -> stage.set(surface).target(f).map(Surface.Target::at)));
        Optional<Piece> piece = stage.piece(byAge.of());
        if (from.isEmpty() || piece.isEmpty()) {
            return stage;
        }
        Vec way = piece.get().at().minus(from.get());
        boolean there = way.length() < 0.01 || Math.abs(way.length() - number) < 0.05;
        return there
                ? stage
                : stage.withPiece(piece.get().movedTo(from.get().plus(way.unit().times(number))));
    }
}
