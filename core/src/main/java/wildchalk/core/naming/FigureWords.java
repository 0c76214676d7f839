package wildchalk.core.naming;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import wildchalk.core.drill.Figure;

/** What the figures of moving are called, and how they are written. */
public final class FigureWords {

    private FigureWords() {}

    /** "top speed of a sprint" */
    public static String of(Figure figure) {
        return switch (figure) {
            case WALK -> "speed of a walk";
            case JOG -> "speed of a jog";
            case RUN -> "top speed of a run";
            case SPRINT -> "top speed of a sprint";
            case BACK -> "top speed backwards";
            case SIDE -> "top speed sideways";
            case SETTLE -> "time constant of speeding up";
            case BRAKE -> "hardest slowing";
            case GRIP -> "hardest pull in a bend";
            case PLANT -> "grip of a foot that is planted";
            case PUSH -> "throw of a foot that pushes off";
            case WITHIN -> "corners are passed within";
            case TIGHT_TURN -> "radius of a tight turn";
            case SPIN -> "speed left in a spin";
            case WITH_BALL -> "speed left with the ball";
            case TURNING -> "half a turn on the spot";
            case LANDING -> "landing from a jump stop";
            case TOUCHING -> "bending down to touch";
            case PLACING -> "putting gear down or picking it up";
            case REACTION_HEARD -> "reaction to what is heard";
            case REACTION_SEEN -> "reaction to what is seen";
            case REACTION_READY -> "reaction on the move";
            case CONTROL -> "from receiving to passing on";
            case CATCH_AND_SHOOT -> "from receiving to shooting";
            case GATHER -> "taking the ball up before a lay-up";
            case HARD -> "launch of a hard pass, of a usual one";
            case SOFT -> "launch of a soft pass, of a usual one";
            case FOLLOW_THROUGH -> "following through";
            case PASS_NEAR -> "launch of the shortest pass";
            case PASS_PER_METRE -> "launch added for each metre";
            case PASS_MOST -> "launch of a pass at most";
            case PASS_SLOWING -> "slowing of a pass";
            case PASS_ARRIVES -> "arrival of a pass at least";
            case SHOT -> "launch of a shot";
            case SHOT_SLOWING -> "slowing of a shot";
        };
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
                "How fast people are",
                Figure.WALK,
                Figure.JOG,
                Figure.RUN,
                Figure.SPRINT,
                Figure.BACK,
                Figure.SIDE,
                Figure.SETTLE,
                Figure.BRAKE,
                Figure.WITH_BALL),
        CORNERS(
                "How they take corners",
                Figure.GRIP,
                Figure.PLANT,
                Figure.PUSH,
                Figure.WITHIN,
                Figure.TIGHT_TURN,
                Figure.SPIN),
        REACTIONS("How long they need to react", Figure.REACTION_HEARD, Figure.REACTION_SEEN, Figure.REACTION_READY),
        ON_THE_SPOT(
                "What takes its time on the spot",
                Figure.CONTROL,
                Figure.CATCH_AND_SHOOT,
                Figure.GATHER,
                Figure.FOLLOW_THROUGH,
                Figure.TURNING,
                Figure.LANDING,
                Figure.TOUCHING,
                Figure.PLACING),
        BALLS(
                "How fast balls are",
                Figure.PASS_NEAR,
                Figure.PASS_PER_METRE,
                Figure.PASS_MOST,
                Figure.PASS_SLOWING,
                Figure.PASS_ARRIVES,
                Figure.HARD,
                Figure.SOFT,
                Figure.SHOT,
                Figure.SHOT_SLOWING);

        private final String words;
        private final List<Figure> figures;

        Group(String words, Figure... figures) {
            this.words = words;
            this.figures = List.of(figures);
        }

        /** What they are called together. */
        public String words() {
            return words;
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
