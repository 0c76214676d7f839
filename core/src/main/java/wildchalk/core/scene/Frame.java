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
    private static final double TOKENS_ACROSS = 39;

    public static Frame of(Box view) {
        return new Frame(view, Math.max(view.height(), view.width() / BOARD_SHAPE) / TOKENS_ACROSS);
    }
}
