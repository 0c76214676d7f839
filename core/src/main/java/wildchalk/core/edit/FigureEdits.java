package wildchalk.core.edit;

import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.effort.Figure;
import wildchalk.core.effort.OwnFigures;
import wildchalk.core.naming.FigureWords;

/** Edits of how fast people and balls are in one drill. */
public final class FigureEdits {

    private FigureEdits() {}

    /**
     * Gives a drill, or one person in it, a figure of its own.
     *
     * @param value in the measure of the figure; brought within its {@linkplain Figure#least() least} and
     *     {@linkplain Figure#most() most}
     * @param who id of the person; empty for everybody
     */
    public static Edit<Drill> set(Figure figure, double value, Optional<String> who) {
        double kept = Math.max(figure.least(), Math.min(figure.most(), value));
        return edit(figure, o -> who.map(w -> o.with(w, figure, kept)).orElseGet(() -> o.with(figure, kept)));
    }

    /**
     * Takes the usual figure again.
     *
     * @param who id of the person, who is as everybody then; empty for everybody
     */
    public static Edit<Drill> usual(Figure figure, Optional<String> who) {
        return edit(figure, o -> who.map(w -> o.without(w, figure)).orElseGet(() -> o.without(figure)));
    }

    private static Edit<Drill> edit(Figure figure, UnaryOperator<OwnFigures> change) {
        return new Edit<>(
                "Change: " + FigureWords.of(figure),
                drill -> drill.withEffort(
                        drill.effort().with(change.apply(drill.effort().own()))));
    }
}
