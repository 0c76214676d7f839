package wildchalk.core.scene;

import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Showing;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/**
 * The part of the surface in the picture and the size of things in it. Tokens are not true to scale: they are as large
 * as reading needs, so they depend on how much is in view.
 *
 * @param view what must be in the picture, metres
 * @param unit radius of a person's token, metres
 * @param turn how far the surface is turned on the page, radians clockwise, in quarter turns
 */
public record Frame(Box view, double unit, double turn) {

    /** The usual shape of a board, width over height. */
    private static final double BOARD_SHAPE = 1.9;

    private static final double TOKENS_ACROSS = 36;

    /** A part of the surface with the attack going right, metres. */
    public static Frame of(Box view) {
        return of(view, Showing.Attack.RIGHT);
    }

    /** A part of the surface, metres, turned so that the attack goes that way on the page. */
    public static Frame of(Box view, Showing.Attack attack) {
        double across = attack.isUpright() ? view.height() : view.width();
        double down = attack.isUpright() ? view.width() : view.height();
        return new Frame(view, Math.max(down, across / BOARD_SHAPE) / TOKENS_ACROSS, attack.turn());
    }

    /** The frame of a drill on its surface. */
    public static Frame of(Drill drill, Surface surface) {
        return of(drill.showing().box(surface), drill.showing().attack());
    }

    /** The same with larger or smaller tokens. */
    public Frame scaled(double factor) {
        return new Frame(view, unit * factor, turn);
    }

    /** A displacement on the page, to the right and down, as one on the surface. */
    public Vec onPage(double right, double down) {
        return new Vec(right, down).rotated(-turn);
    }

    /** {@link #shown(Box, Box, double)} for a picture on which the surface is turned. */
    public static Box shown(Box view, Box limits, double aspect, Showing.Attack attack) {
        return shown(view, limits, attack.isUpright() ? 1 / aspect : aspect);
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
        return new Box(
                along(view.centre().x(), width, limits.x(), limits.width()),
                along(view.centre().y(), height, limits.y(), limits.height()),
                width,
                height);
    }

    /** The start of a stretch round {@code middle}, moved to lie between the limits; centred in them when too long. */
    private static double along(double middle, double length, double from, double span) {
        if (length >= span) {
            return from + (span - length) / 2;
        }
        return Math.max(from, Math.min(from + span - length, middle - length / 2));
    }
}
