package wildchalk.desktop.paint;

import javafx.geometry.Rectangle2D;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Frame;
import wildchalk.core.surface.Surface;

/**
 * Where metres are on a canvas.
 *
 * @param scale pixels per metre
 * @param centre the place in the middle of the canvas, metres
 * @param attack where the attack goes on the canvas
 */
public record ScreenMap(double scale, Vec centre, double width, double height, Attack attack) {

    /** Shows all of {@code view} as large as it goes. */
    public static ScreenMap fit(Box view, double width, double height) {
        return fit(view, width, height, Attack.RIGHT);
    }

    private static ScreenMap fit(Box view, double width, double height, Attack attack) {
        double across = attack.isUpright() ? view.height() : view.width();
        double down = attack.isUpright() ? view.width() : view.height();
        double scale = Math.max(0.01, Math.min(width / across, height / down));
        return new ScreenMap(scale, view.centre(), width, height, attack);
    }

    /** Shows all of a part of a surface, and more of the surface where there is room. */
    public static ScreenMap fit(Surface surface, Box view, Attack attack, double width, double height) {
        return fit(Frame.shown(view, surface.surroundings(), width / height, attack), width, height, attack);
    }

    /** Shows what a drill shows. */
    public static ScreenMap fit(Drill drill, Surface surface, double width, double height) {
        return fit(surface, drill.showing().box(surface), drill.showing().attack(), width, height);
    }

    /** The same scale and turn on another canvas with another middle. */
    public ScreenMap around(Vec otherCentre, double otherWidth, double otherHeight) {
        return new ScreenMap(scale, otherCentre, otherWidth, otherHeight, attack);
    }

    /** The place under a pixel, to a millimetre: no hand is finer. */
    public Vec toSurface(double x, double y) {
        Vec from = turned(new Vec((x - width / 2) / scale, (y - height / 2) / scale), -1);
        return new Vec(millimetres(from.x() + centre.x()), millimetres(from.y() + centre.y()));
    }

    private static double millimetres(double metres) {
        return Math.round(metres * 1000) / 1000.0 + 0.0;
    }

    public double x(Vec p) {
        return turned(p.minus(centre), 1).x() * scale + width / 2;
    }

    public double y(Vec p) {
        return turned(p.minus(centre), 1).y() * scale + height / 2;
    }

    /** The whole pixels that a box covers, and some round it; within the canvas. */
    public Rectangle2D pixels(Box box, double round) {
        Vec one = new Vec(box.x(), box.y());
        Vec other = new Vec(box.x() + box.width(), box.y() + box.height());
        double left = Math.max(0, Math.floor(Math.min(x(one), x(other)) - round));
        double top = Math.max(0, Math.floor(Math.min(y(one), y(other)) - round));
        double right = Math.min(width, Math.ceil(Math.max(x(one), x(other)) + round));
        double bottom = Math.min(height, Math.ceil(Math.max(y(one), y(other)) + round));
        return new Rectangle2D(left, top, Math.max(0, right - left), Math.max(0, bottom - top));
    }

    /** A displacement turned by whole quarters, without rounding. */
    private Vec turned(Vec v, int way) {
        return switch (attack) {
            case RIGHT -> v;
            case LEFT -> new Vec(-v.x(), -v.y());
            case DOWN -> way > 0 ? v.quarterTurn() : new Vec(v.y(), -v.x());
            case UP -> way > 0 ? new Vec(v.y(), -v.x()) : v.quarterTurn();
        };
    }
}
