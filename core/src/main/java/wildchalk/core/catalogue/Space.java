package wildchalk.core.catalogue;

import wildchalk.core.geometry.Box;
import wildchalk.core.surface.Surface;

/** The part of a surface that is enough. */
public enum Space {
    QUARTER("a quarter"),
    HALF("a half"),
    WHOLE("all of it");

    /** Cones stand a little over a line and nobody minds: the share of a side that may stick out; assumed. */
    private static final double SLACK = 0.04;

    private final String words;

    Space(String words) {
        this.words = words;
    }

    /** As it stands in a list. */
    public String words() {
        return words;
    }

    /** The smallest part that holds a box of this size, laid along or across the surface. */
    public static Space of(Box used, Surface surface) {
        double along = used.width() / surface.length() - SLACK;
        double across = used.height() / surface.width() - SLACK;
        if (along <= 0.5 && across <= 0.5) {
            return QUARTER;
        }
        return along <= 0.5 && across <= 1 || across <= 0.5 && along <= 1 ? HALF : WHOLE;
    }
}
