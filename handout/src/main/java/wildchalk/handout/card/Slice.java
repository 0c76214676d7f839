package wildchalk.handout.card;

import java.io.IOException;
import java.util.List;
import wildchalk.handout.pdf.TaggedPdf;

/**
 * A part of a card that is not torn apart.
 *
 * @param height points
 * @param staysWithNext whether it may not stand at the foot of a column by itself
 */
public record Slice(double height, boolean staysWithNext, Drawn drawn) {

    /** Draws it where its upper left corner is. */
    @FunctionalInterface
    public interface Drawn {
        void at(TaggedPdf pdf, double x, double y) throws IOException;
    }

    /** The same slices, none of which is left by what comes after it. */
    public static List<Slice> together(List<Slice> slices) {
        return slices.stream().map(s -> new Slice(s.height(), true, s.drawn())).toList();
    }

    /** Nothing, so high; points. */
    public static Slice gap(double height) {
        return new Slice(height, false, (pdf, x, y) -> {});
    }
}
