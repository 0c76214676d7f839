package wildchalk.core.scene;

import wildchalk.core.geometry.Box;

/**
 * The part of the surface in the picture and the size of things in it. Tokens are not true to scale: they are as large
 * as reading needs, so they depend on how much is in view.
 *
 * @param view what must be in the picture, metres
 * @param unit radius of a person's token, metres
 */
public record Frame(Box view, double unit) {

    /** The usual shape of a board, width over height. */
    private static final double BOARD_SHAPE = 1.9;
    private static final double TOKENS_ACROSS = 36;

    public static Frame of(Box view) {
        return new Frame(view, Math.max(view.height(), view.width() / BOARD_SHAPE) / TOKENS_ACROSS);
    }

    /**
     * What is shown of a surface when {@code view} is fitted into a picture of another shape: the rest of the picture
     * goes to more of the surface, not to what lies beyond it.
     *
     * @param limits the surface with its run-off
     * @param aspect width of the picture over its height
     */
    public static Box shown(Box view, Box limits, double aspect) {
        double width = Math.max(view.width(), view.height() * aspect);
        double height = Math.max(view.height(), view.width() / aspect);
        return new Box(along(view.centre().x(), width, limits.x(), limits.width()),
                along(view.centre().y(), height, limits.y(), limits.height()), width, height);
    }

    /** The start of a stretch round {@code middle}, moved to lie between the limits; centred in them when too long. */
    private static double along(double middle, double length, double from, double span) {
        if (length >= span) {
            return from + (span - length) / 2;
        }
        return Math.max(from, Math.min(from + span - length, middle - length / 2));
    }
}
