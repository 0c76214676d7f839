package wildchalk.core.scene;

import java.util.EnumMap;
import java.util.Map;
import wildchalk.core.colour.Colour;
import wildchalk.core.surface.Surface;

/**
 * How a board looks: a colour for each ink, and whether lines have a chalk grain. Grey is paper that is printed without
 * colour. The last four look like the ground itself.
 */
public enum Look {
    SLATE(true),
    PAPER(false),
    GREY(false),
    TURF(true),
    ICE(false),
    FLOOR(false),
    SAND(false);

    private final boolean grain;
    private final Map<Ink, Integer> colours = new EnumMap<>(Ink.class);

    static {
        SLATE.set(
                Ink.BOARD,
                0xFF22332F,
                Ink.AROUND,
                0xFF1B2926,
                Ink.LINE,
                0xB3EFEBDD,
                Ink.RED_LINE,
                0xCCC96A55,
                Ink.BLUE_LINE,
                0xCC6FA3CC,
                Ink.FRAME,
                0xFFEFEBDD,
                Ink.CHALK,
                0xFFEFEBDD,
                Ink.FAINT,
                0x80EFEBDD,
                Ink.SHOT,
                0xFFF7D95C,
                Ink.SIGNAL,
                0xFFFF7A62,
                Ink.ON_SIGNAL,
                0xFF1D2B2A,
                Ink.GLOW,
                0x38FFF3C4,
                Ink.BADGE,
                0xFFEFEBDD,
                Ink.BADGE_TEXT,
                0xFF1D2B2A,
                Ink.ON_TEAM,
                0xFF1D2B2A,
                Ink.BALL,
                0xFFFFFFFF,
                Ink.BALL_EDGE,
                0xFF1D2B2A);
        SLATE.set(
                Ink.CONE_YELLOW,
                0xFFF7D95C,
                Ink.CONE_ORANGE,
                0xFFFFA94D,
                Ink.CONE_RED,
                0xFFFF7A6B,
                Ink.CONE_BLUE,
                0xFF7CA9F2,
                Ink.CONE_WHITE,
                0xFFFFFFFF,
                Ink.CONE_GREEN,
                0xFF9BD86A,
                Ink.CONE_PINK,
                0xFFFF9CCB,
                Ink.GRID,
                0x2EEFEBDD,
                Ink.NOTE,
                0xFFF3E3A1,
                Ink.CORAL,
                0xFFFF8A66,
                Ink.SKY,
                0xFF7CC4F2,
                Ink.LEMON,
                0xFFF7D95C,
                Ink.MINT,
                0xFF86D6A6,
                Ink.VIOLET,
                0xFFC3A6F0,
                Ink.PLAIN,
                0xFFEFEBDD,
                Ink.LINE_CORAL,
                0xFFFF8A66,
                Ink.LINE_SKY,
                0xFF7CC4F2,
                Ink.LINE_LEMON,
                0xFFF7D95C,
                Ink.LINE_MINT,
                0xFF86D6A6,
                Ink.LINE_VIOLET,
                0xFFC3A6F0,
                Ink.LINE_PLAIN,
                0xFFEFEBDD);
        PAPER.set(
                Ink.BOARD,
                0xFFFCFAF4,
                Ink.AROUND,
                0xFFF1ECDF,
                Ink.LINE,
                0xFF98A09B,
                Ink.RED_LINE,
                0xFFD08A7C,
                Ink.BLUE_LINE,
                0xFF86A9C6,
                Ink.FRAME,
                0xFF1D2B2A,
                Ink.CHALK,
                0xFF1D2B2A,
                Ink.FAINT,
                0xFF66706C,
                Ink.SHOT,
                0xFF1D2B2A,
                Ink.SIGNAL,
                0xFFC8442B,
                Ink.ON_SIGNAL,
                0xFFFFFFFF,
                Ink.GLOW,
                0x40F0C040,
                Ink.BADGE,
                0xFF1D2B2A,
                Ink.BADGE_TEXT,
                0xFFFCFAF4,
                Ink.ON_TEAM,
                0xFF1D2B2A,
                Ink.BALL,
                0xFFFFFFFF,
                Ink.BALL_EDGE,
                0xFF1D2B2A);
        PAPER.set(
                Ink.CONE_YELLOW,
                0xFFC99A00,
                Ink.CONE_ORANGE,
                0xFFD97A1D,
                Ink.CONE_RED,
                0xFFC8442B,
                Ink.CONE_BLUE,
                0xFF2F6FB5,
                Ink.CONE_WHITE,
                0xFF7C857F,
                Ink.CONE_GREEN,
                0xFF3F8A1E,
                Ink.CONE_PINK,
                0xFFC2407F,
                Ink.GRID,
                0xFFDED7C6,
                Ink.NOTE,
                0xFF6B4FA0,
                Ink.CORAL,
                0xFFFF8A66,
                Ink.SKY,
                0xFF2B7DB8,
                Ink.LEMON,
                0xFFDDB321,
                Ink.MINT,
                0xFF86D6A6,
                Ink.VIOLET,
                0xFFC3A6F0,
                Ink.PLAIN,
                0xFF1D2B2A,
                Ink.LINE_CORAL,
                0xFFC8502C,
                Ink.LINE_SKY,
                0xFF2B7DB8,
                Ink.LINE_LEMON,
                0xFFA07C00,
                Ink.LINE_MINT,
                0xFF2E8A57,
                Ink.LINE_VIOLET,
                0xFF6B4FA0,
                Ink.LINE_PLAIN,
                0xFF1D2B2A);
        PAPER.colours.forEach((ink, colour) -> GREY.colours.put(ink, grey(ink, colour)));
        TURF.colours.putAll(SLATE.colours);
        TURF.set(
                Ink.BOARD,
                0xFF1F5E38,
                Ink.AROUND,
                0xFF174A2C,
                Ink.LINE,
                0xCCFFFFFF,
                Ink.FRAME,
                0xFFFFFFFF,
                Ink.CHALK,
                0xFFFFFFFF,
                Ink.RED_LINE,
                0xFFFF9A86,
                Ink.BLUE_LINE,
                0xFF9CC4F5,
                Ink.MINT,
                0xFFA6EBC2,
                Ink.LINE_MINT,
                0xFFA6EBC2,
                Ink.CONE_GREEN,
                0xFFB8F08A,
                Ink.GRID,
                0x1FFFFFFF);
        ICE.colours.putAll(PAPER.colours);
        ICE.set(
                Ink.BOARD,
                0xFFF3F8FB,
                Ink.AROUND,
                0xFFD5DEE4,
                Ink.RED_LINE,
                0xFFC93A3A,
                Ink.BLUE_LINE,
                0xFF2E63B0,
                Ink.LINE,
                0xFF6E7B84,
                Ink.BADGE_TEXT,
                0xFFF3F8FB,
                Ink.GRID,
                0xFFD3DEE6);
        FLOOR.colours.putAll(PAPER.colours);
        FLOOR.set(
                Ink.BOARD,
                0xFFEBCFA0,
                Ink.AROUND,
                0xFFD3B27D,
                Ink.LINE,
                0xFF7A5330,
                Ink.RED_LINE,
                0xFFB2402B,
                Ink.BLUE_LINE,
                0xFF2F62A0,
                Ink.BADGE_TEXT,
                0xFFFFF6E4,
                Ink.GRID,
                0xFFD9B985,
                Ink.FAINT,
                0xFF6B5A44,
                Ink.LINE_CORAL,
                0xFFAB3B17,
                Ink.LINE_SKY,
                0xFF155E93,
                Ink.LINE_LEMON,
                0xFF745600,
                Ink.LINE_MINT,
                0xFF1B6A40,
                Ink.CONE_YELLOW,
                0xFF8F6B00,
                Ink.CONE_ORANGE,
                0xFFB65A00,
                Ink.SIGNAL,
                0xFFB5341C);
        SAND.colours.putAll(FLOOR.colours);
        SAND.set(Ink.BOARD, 0xFFF0E2BD, Ink.AROUND, 0xFFDFCC9C, Ink.LINE, 0xFF2E5E8C, Ink.GRID, 0xFFDDCB9C);
        options(0xFF8F6FC4, 0xFF3F978C, 0xFFB87F2E, 0xFFC0648A, PAPER, ICE);
        options(0xFF6B46A8, 0xFF17706A, 0xFF7E4E00, 0xFF9C3566, FLOOR, SAND);
        options(0xFF9C86C9, 0xFF63A79E, 0xFFB8945A, 0xFFBC8098, SLATE);
        options(0xFFC9B8F0, 0xFF8FD6CC, 0xFFE6C083, 0xFFF0B3C9, TURF);
        // Apart from each other, and all paler than what is taken.
        options(0xFF9A9A9A, 0xFF6E6E6E, 0xFFB2B2B2, 0xFF848484, GREY);
        // The ground of a zone has a little of its colour.
        for (Look look : values()) {
            for (Colour c : Colour.values()) {
                look.set(Ink.wash(c), 0x26 << 24 | look.colour(Ink.of(c)) & 0xFFFFFF);
            }
            look.set(Ink.VEIL, 0xC0 << 24 | look.colour(Ink.BOARD) & 0xFFFFFF);
            boolean dark = look == SLATE || look == TURF;
            look.set(
                    Ink.ASK,
                    dark ? 0xFFC9B0F5 : 0xFF6B4FA0,
                    Ink.GOOD,
                    dark ? 0xFF8FE3B0 : 0xFF1F7A48,
                    Ink.BAD,
                    dark ? 0xFFFFB45C : 0xFFA85C00);
            if (look == GREY) {
                look.set(Ink.ASK, 0xFF4A4A4A, Ink.GOOD, 0xFF2E2E2E, Ink.BAD, 0xFF8A8A8A);
            }
            look.set(
                    Ink.WASH_ASK,
                    0x3A << 24 | look.colour(Ink.ASK) & 0xFFFFFF,
                    Ink.WASH_GOOD,
                    0x3A << 24 | look.colour(Ink.GOOD) & 0xFFFFFF,
                    Ink.WASH_BAD,
                    0x3A << 24 | look.colour(Ink.BAD) & 0xFFFFFF);
        }
    }

    private static void options(int first, int second, int third, int fourth, Look... looks) {
        for (Look look : looks) {
            look.set(Ink.OPTION_1, first, Ink.OPTION_2, second, Ink.OPTION_3, third, Ink.OPTION_4, fourth);
        }
    }

    /** Lines and type are darker than their colour is bright: a copier leaves pale ones out. */
    private static int grey(Ink ink, int colour) {
        double bright = 0.299 * (colour >> 16 & 0xFF) + 0.587 * (colour >> 8 & 0xFF) + 0.114 * (colour & 0xFF);
        int grey = (int) Math.round(ink.name().startsWith("LINE_") || ink == Ink.NOTE ? bright * 0.4 : bright);
        return colour & 0xFF000000 | grey << 16 | grey << 8 | grey;
    }

    Look(boolean grain) {
        this.grain = grain;
    }

    /** The look of the ground itself. */
    public static Look trueTo(Surface.Ground ground) {
        return switch (ground) {
            case TURF -> TURF;
            case ICE -> ICE;
            case FLOOR -> FLOOR;
            case SAND -> SAND;
        };
    }

    /** Whether it is one of those that look like the ground. */
    public boolean isTrue() {
        return this != SLATE && this != PAPER && this != GREY;
    }

    /** Whether lines look like chalk. */
    public boolean grain() {
        return grain;
    }

    /** The colour of an ink as 0xAARRGGBB. */
    public int colour(Ink ink) {
        return colours.get(ink);
    }

    private void set(Object... pairs) {
        for (int i = 0; i < pairs.length; i += 2) {
            colours.put((Ink) pairs[i], (Integer) pairs[i + 1]);
        }
    }
}
