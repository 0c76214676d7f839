package wildchalk.core.surface;

/** A side of the surface that a ball can come off: boards, glass or a wall. */
public enum Wall {
    LEFT,
    RIGHT,
    END,
    OWN_END
}
