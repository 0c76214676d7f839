package wildchalk.handout.order;

import java.util.Optional;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.measure.Units;
import wildchalk.core.scene.Look;
import wildchalk.core.setout.SetOut;

/**
 * What is handed out of a drill, and how. A hand-out looks at what concerns it and leaves the rest.
 *
 * @param rung id of the only rung wanted; empty for all of them
 * @param choices the options looked at; those of other reads go as nobody chose
 * @param measures how lengths are said and gear is carried
 */
public record Order(
        Drill drill,
        Optional<String> rung,
        Choices choices,
        Look look,
        Measures measures,
        Paper paper,
        Still still,
        Film film) {

    /**
     * How lengths are said and gear is carried.
     *
     * @param handful pieces that are carried at once when the gear is put down
     */
    public record Measures(Units units, int handful) {

        public static final Measures USUAL = new Measures(Units.METRIC, SetOut.USUAL_HANDFUL);
    }

    public Units units() {
        return measures.units();
    }

    /** Pieces that are carried at once when the gear is put down. */
    public int handful() {
        return measures.handful();
    }

    /** All rungs, as the program shows them. */
    public static Order of(Drill drill) {
        return new Order(
                drill,
                Optional.empty(),
                Choices.NONE,
                Look.SLATE,
                Measures.USUAL,
                Paper.USUAL,
                Still.USUAL,
                Film.USUAL);
    }

    public Order rung(Optional<String> only) {
        return new Order(drill, only, choices, look, measures, paper, still, film);
    }

    public Order choosing(Choices newChoices) {
        return new Order(drill, rung, newChoices, look, measures, paper, still, film);
    }

    public Order looking(Look newLook) {
        return new Order(drill, rung, choices, newLook, measures, paper, still, film);
    }

    public Order measured(Units newUnits, int newHandful) {
        return new Order(drill, rung, choices, look, new Measures(newUnits, newHandful), paper, still, film);
    }

    public Order on(Paper newPaper) {
        return new Order(drill, rung, choices, look, measures, newPaper, still, film);
    }

    public Order still(Still newStill) {
        return new Order(drill, rung, choices, look, measures, paper, newStill, film);
    }

    public Order film(Film newFilm) {
        return new Order(drill, rung, choices, look, measures, paper, still, newFilm);
    }

    /**
     * What it is printed on.
     *
     * @param across whether the long side lies
     * @param grey whether it is printed without colour
     */
    public record Paper(Size size, boolean across, boolean grey) {

        public static final Paper USUAL = new Paper(Size.A4, false, false);

        /** Sizes of sheets; points are 1/72 inch. */
        public enum Size {
            /** 210 × 297 mm. */
            A4(595.276, 841.89),
            /** 8.5 × 11 inches. */
            LETTER(612, 792);

            private final double shorter;
            private final double longer;

            Size(double shorter, double longer) {
                this.shorter = shorter;
                this.longer = longer;
            }
        }

        /** Points. */
        public double width() {
            return across ? size.longer : size.shorter;
        }

        /** Points. */
        public double height() {
            return across ? size.shorter : size.longer;
        }

        public Look look() {
            return grey ? Look.GREY : Look.PAPER;
        }
    }

    /**
     * A picture of one moment.
     *
     * @param t seconds after the whistle
     * @param width pixels, from {@value #NARROWEST} to {@value #WIDEST}
     * @param words whether title, line key and script go with it
     */
    public record Still(double t, int width, boolean words) {

        public static final int NARROWEST = 200;
        public static final int WIDEST = 8000;
        public static final Still USUAL = new Still(0, 1600, true);
    }

    /**
     * Moving pictures.
     *
     * @param speed 1 is as it is; from 0.25 to 2
     * @param everyWay whether every way through the reads is played, and not only the one that is chosen
     * @param captions whether the script runs along
     * @param reps how many are played one after another, by those who are drawn, where people take turns; 1 to
     *     {@value #MOST_REPS}
     */
    public record Film(Shape shape, double speed, boolean everyWay, boolean captions, int reps) {

        public static final int MOST_REPS = 10;
        public static final Film USUAL = new Film(Shape.WIDE, 1, false, true);

        /** One rep. */
        public Film(Shape shape, double speed, boolean everyWay, boolean captions) {
            this(shape, speed, everyWay, captions, 1);
        }

        public Film in(Shape other) {
            return new Film(other, speed, everyWay, captions, reps);
        }

        public Film at(double newSpeed) {
            return new Film(shape, newSpeed, everyWay, captions, reps);
        }

        public Film goingEveryWay(boolean all) {
            return new Film(shape, speed, all, captions, reps);
        }

        public Film captioned(boolean on) {
            return new Film(shape, speed, everyWay, on, reps);
        }

        public Film often(int newReps) {
            return new Film(shape, speed, everyWay, captions, newReps);
        }

        /** Pixels; even, as phones want them. */
        public enum Shape {
            WIDE(1280, 800),
            SQUARE(960, 960),
            UPRIGHT(800, 1280);

            private final int width;
            private final int height;

            Shape(int width, int height) {
                this.width = width;
                this.height = height;
            }

            public int width() {
                return width;
            }

            public int height() {
                return height;
            }
        }
    }
}
