package wildchalk.core.colour;

/** Colours of gear that a call can name. */
public enum Colour {
    YELLOW,
    ORANGE,
    RED,
    BLUE,
    WHITE,
    GREEN,
    PINK
}
