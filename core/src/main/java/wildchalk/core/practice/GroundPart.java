package wildchalk.core.practice;

import wildchalk.core.geometry.Box;
import wildchalk.core.surface.Surface;

/**
 * What part of a surface an evening has: one of so many alike.
 *
 * @param which from 1, counted from the left of the page, or from its top
 * @param of how many parts it is divided into, 1 to {@link #MOST}
 * @param lanes whether it is divided along its length, so that each part goes from end to end; else each goes from side
 *     to side
 */
public record GroundPart(int which, int of, boolean lanes) {

    /** Into more parts nobody divides a surface. */
    public static final int MOST = 6;

    /** All of it. */
    public static final GroundPart WHOLE = new GroundPart(1, 1, false);

    public GroundPart {
        if (of < 1 || of > MOST || which < 1 || which > of) {
            throw new IllegalArgumentException(which + "/" + of);
        }
    }

    /** Whether it is all of it. */
    public boolean isWhole() {
        return of == 1;
    }

    /** Metres on a surface. */
    public Box on(Surface surface) {
        Box all = surface.bounds();
        return lanes
                ? new Box(all.x(), all.y() + all.height() * (which - 1) / of, all.width(), all.height() / of)
                : new Box(all.x() + all.width() * (which - 1) / of, all.y(), all.width() / of, all.height());
    }
}
