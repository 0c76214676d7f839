package wildchalk.desktop.control;

import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import wildchalk.core.colour.Bib;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;

/** Colours of bibs on paper: as a mark with a number, or as the edge of a group. */
public final class BibMark {

    private static final int OPAQUE = 0xFFFFFF;
    private static final String ROUND = "7";

    private BibMark() {}

    /** A number on a bib; on plain paper for who wears none. */
    public static Label of(String number, Optional<Bib> bib) {
        Label mark = new Label(number);
        mark.getStyleClass().add("bib");
        bib.ifPresent(b -> fill(mark, b, ROUND));
        return mark;
    }

    /** Filled as the style sheet would: that comes before what is set otherwise. */
    public static void fill(Region region, Bib bib, String corners) {
        region.setStyle(String.format(
                Locale.ROOT,
                "-fx-background-color: #%06X; -fx-background-radius: %s;",
                Look.SLATE.colour(Ink.of(bib)) & OPAQUE,
                corners));
    }
}
