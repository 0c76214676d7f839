package wildchalk.core.check;

import wildchalk.core.effort.Effort;

/**
 * What is typical at an age. All of these are assumed, in the middle of what is usual among coaches, and no doctor's
 * word: what a sport's own rules, a club and qualified people say stands above them.
 *
 * @param water minutes without water on a mild evening
 * @param metres that one goes in an evening
 * @param sprints in an evening
 * @param contact minutes with contact; 0 where it is not usual at all
 */
public record Typical(int water, int metres, int sprints, int contact) {

    private static final double WARM = 0.75;
    private static final double HOT = 0.5;

    /** At an age. */
    public static Typical at(Effort.Level age) {
        return switch (age) {
            case UNDER_8 -> new Typical(15, 2500, 25, 0);
            case UNDER_10 -> new Typical(15, 3000, 30, 0);
            case UNDER_12 -> new Typical(15, 3500, 35, 10);
            case UNDER_14 -> new Typical(20, 4500, 40, 15);
            case UNDER_16 -> new Typical(20, 5500, 50, 20);
            case ADULT, WOMEN, MEN -> new Typical(20, 7000, 60, 25);
        };
    }

    /** How warm it is where one plays. */
    public enum Warmth {
        COLD,
        MILD,
        WARM,
        HOT
    }

    /** Minutes without water when it is as warm as that. */
    public int water(Warmth warmth) {
        return (int)
                switch (warmth) {
                    case COLD, MILD -> water;
                    case WARM -> water * WARM;
                    case HOT -> water * HOT;
                };
    }
}
