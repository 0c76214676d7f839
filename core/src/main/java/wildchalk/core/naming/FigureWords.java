package wildchalk.core.naming;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import wildchalk.core.effort.Figure;
import wildchalk.core.wording.Wordbook;

/** What the figures of moving are called, and how they are written. */
public final class FigureWords {

    private FigureWords() {}

    /** "top speed of a sprint" */
    public static String of(Figure figure) {
        return PieceWords.BOOK.say("figure." + Wordbook.key(figure));
    }

    /** "7.2 m/s", "0.25 s", "85 %" */
    public static String value(Figure figure, double value) {
        return switch (figure.measure()) {
            case SPEED -> number(value) + " m/s";
            case TIME -> number(value) + " s";
            case PULL -> number(value) + " m/s²";
            case LENGTH -> number(value) + " m";
            case SHARE -> Math.round(100 * value) + " %";
            case RATE -> number(value) + " m/s";
        };
    }

    /** Figures that belong together, and what they are called. */
    public enum Group {
        PEOPLE(
                Figure.WALK,
                Figure.JOG,
                Figure.RUN,
                Figure.SPRINT,
                Figure.BACK,
                Figure.SIDE,
                Figure.SETTLE,
                Figure.BRAKE,
                Figure.WITH_BALL),
        CORNERS(Figure.GRIP, Figure.PLANT, Figure.PUSH, Figure.WITHIN, Figure.TIGHT_TURN, Figure.SPIN),
        REACTIONS(Figure.REACTION_HEARD, Figure.REACTION_SEEN, Figure.REACTION_READY),
        ON_THE_SPOT(
                Figure.CONTROL,
                Figure.CATCH_AND_SHOOT,
                Figure.GATHER,
                Figure.FOLLOW_THROUGH,
                Figure.TURNING,
                Figure.LANDING,
                Figure.TOUCHING,
                Figure.PLACING),
        BALLS(
                Figure.PASS_NEAR,
                Figure.PASS_PER_METRE,
                Figure.PASS_MOST,
                Figure.PASS_SLOWING,
                Figure.PASS_ARRIVES,
                Figure.HARD,
                Figure.SOFT,
                Figure.SHOT,
                Figure.SHOT_SLOWING);

        private final List<Figure> figures;

        Group(Figure... figures) {
            this.figures = List.of(figures);
        }

        /** What they are called together. */
        public String words() {
            return PieceWords.BOOK.say("figures." + Wordbook.key(this));
        }

        /** Those in it, in the order in which they are shown. */
        public List<Figure> figures() {
            return figures;
        }
    }

    /** What a figure is written in: "m/s", "%". */
    public static String sign(Figure figure) {
        return switch (figure.measure()) {
            case SPEED, RATE -> "m/s";
            case TIME -> "s";
            case PULL -> "m/s²";
            case LENGTH -> "m";
            case SHARE -> "%";
        };
    }

    /** A figure's value as it is written before its sign: "85" of a share of 0.85. */
    public static String written(Figure figure, double value) {
        return figure.measure() == Figure.Measure.SHARE ? Long.toString(Math.round(100 * value)) : number(value);
    }

    /** The value that somebody writes so, in the measure of the figure; empty when it is no number. */
    public static OptionalDouble read(Figure figure, String text) {
        try {
            double number = Double.parseDouble(text.strip().replace(',', '.'));
            double value = figure.measure() == Figure.Measure.SHARE ? number / 100 : number;
            return Double.isFinite(value) ? OptionalDouble.of(value) : OptionalDouble.empty();
        } catch (NumberFormatException e) {
            return OptionalDouble.empty();
        }
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.2f", value);
        return text.endsWith("0") ? text.substring(0, text.length() - 1) : text;
    }
}
