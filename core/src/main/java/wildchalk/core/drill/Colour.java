package wildchalk.core.drill;

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
