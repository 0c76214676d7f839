package wildchalk.handout.clip;

import java.awt.image.BufferedImage;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Film;

/** A clip that is looked at before it is made: the same reel and the same painter, smaller. */
public final class Screening {

    private final Reel reel;
    private final FramePainter painter;

    /** @param width pixels of a frame */
    public Screening(Order order, int width) {
        Film.Shape shape = order.film().shape();
        reel = Reel.of(order);
        painter = new FramePainter(order, width, (int) Math.round((double) width * shape.height() / shape.width()));
    }

    public double seconds() {
        return reel.seconds();
    }

    /** The frame at a time, seconds; the same image is painted over by the next call. */
    public synchronized BufferedImage frame(double t) {
        return painter.paint(reel.at(t));
    }
}
