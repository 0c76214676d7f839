package wildchalk.desktop.keeping;

import wildchalk.core.measure.Unit;
import wildchalk.core.measure.Units;
import wildchalk.core.setout.SetOut;
import wildchalk.storage.book.Book;

/**
 * What a coach prefers, kept in the book.
 *
 * @param handful cones that fit in a hand
 */
public record Preferences(Units units, int handful) {

    /** As they were last kept; what cannot be understood is as usual. */
    public static Preferences read(Book book) {
        return new Preferences(
                new Units(unit(book.setting("unit", "m")), number(book.setting("pace", ""), Units.USUAL_PACE)),
                (int) Math.max(1, number(book.setting("handful", ""), SetOut.USUAL_HANDFUL)));
    }

    public void write(Book book) {
        book.set("unit", units.unit().sign());
        book.set("pace", Double.toString(units.pace()));
        book.set("handful", Integer.toString(handful));
    }

    private static Unit unit(String sign) {
        for (Unit unit : Unit.values()) {
            if (unit.sign().equals(sign)) {
                return unit;
            }
        }
        return Unit.METRES;
    }

    private static double number(String text, double usual) {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            return usual;
        }
    }
}
