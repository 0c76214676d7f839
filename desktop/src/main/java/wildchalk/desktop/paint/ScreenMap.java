package wildchalk.desktop.paint;

import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Frame;
import wildchalk.core.surface.Surface;

/**
 * Where metres are on a canvas.
 *
 * @param scale pixels per metre
 * @param centre the place in the middle of the canvas, metres
 */
public record ScreenMap(double scale, Vec centre, double width, double height) {

    /** Shows all of {@code view} as large as it goes. */
    public static ScreenMap fit(Box view, double width, double height) {
        double scale = Math.max(0.01, Math.min(width / view.width(), height / view.height()));
        return new ScreenMap(scale, view.centre(), width, height);
    }

    /** Shows all of a surface's {@code view}, and more of the surface where there is room. */
    public static ScreenMap fit(Surface surface, Box view, double width, double height) {
        return fit(Frame.shown(view, surface.surroundings(), width / height), width, height);
    }

    /** The place under a pixel, to a millimetre: no hand is finer. */
    public Vec toSurface(double x, double y) {
        return new Vec(millimetres((x - width / 2) / scale + centre.x()),
                millimetres((y - height / 2) / scale + centre.y()));
    }

    private static double millimetres(double metres) {
        return Math.round(metres * 1000) / 1000.0;
    }

    public double x(Vec p) {
        return (p.x() - centre.x()) * scale + width / 2;
    }

    public double y(Vec p) {
        return (p.y() - centre.y()) * scale + height / 2;
    }
}
