package wildchalk.core.scene;

import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;

/** Names for what things are painted with; a {@link Look} gives each a colour. */
public enum Ink {
    BOARD,
    AROUND,
    LINE,
    RED_LINE,
    BLUE_LINE,
    FRAME,
    CHALK,
    FAINT,
    SHOT,
    SIGNAL,
    ON_SIGNAL,
    GLOW,
    BADGE,
    BADGE_TEXT,
    ON_TEAM,
    BALL,
    BALL_EDGE,
    CONE_YELLOW,
    CONE_ORANGE,
    CONE_RED,
    CONE_BLUE,
    CONE_WHITE,
    CONE_GREEN,
    CONE_PINK,
    GRID,
    NOTE,
    CORAL,
    SKY,
    LEMON,
    MINT,
    VIOLET,
    PLAIN,
    VEIL,
    ASK,
    GOOD,
    BAD,
    WASH_ASK,
    WASH_GOOD,
    WASH_BAD,
    WASH_YELLOW,
    WASH_ORANGE,
    WASH_RED,
    WASH_BLUE,
    WASH_WHITE,
    WASH_GREEN,
    WASH_PINK,
    LINE_CORAL,
    LINE_SKY,
    LINE_LEMON,
    LINE_MINT,
    LINE_VIOLET,
    LINE_PLAIN,
    /** For lines of options that are not taken, each its own. */
    OPTION_1,
    OPTION_2,
    OPTION_3,
    OPTION_4;

    static Ink ofMarking(String name) {
        return switch (name) {
            case "red" -> RED_LINE;
            case "blue" -> BLUE_LINE;
            default -> LINE;
        };
    }

    /** For the tokens of those who wear it. */
    public static Ink of(Bib bib) {
        return bib == Bib.CHALK ? PLAIN : valueOf(bib.name());
    }

    /** For the lines a team's people take; on light looks darker than the tokens. */
    public static Ink lineOf(Bib bib) {
        return bib == Bib.CHALK ? LINE_PLAIN : valueOf("LINE_" + bib.name());
    }

    /** For what belongs to an option that is not taken: the first of them 0, and again from there after the fourth. */
    static Ink option(int tone) {
        return values()[OPTION_1.ordinal() + tone % 4];
    }

    /** For what a colour lies under: the ground of a zone. */
    static Ink wash(Colour colour) {
        return valueOf("WASH_" + colour.name());
    }

    /** For gear of this colour. */
    public static Ink of(Colour colour) {
        return valueOf("CONE_" + colour.name());
    }
}
