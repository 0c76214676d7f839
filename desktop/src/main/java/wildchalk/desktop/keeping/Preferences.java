package wildchalk.desktop.keeping;

import java.util.Locale;
import wildchalk.core.measure.Unit;
import wildchalk.core.measure.Units;
import wildchalk.core.setout.SetOut;
import wildchalk.storage.book.Book;

/**
 * What a coach prefers, kept in the book.
 *
 * @param handful cones that fit in a hand
 * @param room how the window is shared out
 */
public record Preferences(Units units, int handful, Room room) {

    /** As they were last kept; what cannot be understood is as usual. */
    public static Preferences read(Book book) {
        return new Preferences(
                new Units(unit(book.setting("unit", "m")), number(book.setting("pace", ""), Units.USUAL_PACE)),
                (int) Math.max(1, number(book.setting("handful", ""), SetOut.USUAL_HANDFUL)),
                room(book));
    }

    private static Room room(Book book) {
        Room room = Room.USUAL
                .withWords(number(book.setting("room.words", ""), Double.NaN))
                .withStrip(number(book.setting("room.strip", ""), Double.NaN));
        for (Room.Part part : Room.Part.values()) {
            room = room.showing(part, !book.setting(hidden(part), "").equals("yes"));
        }
        return room;
    }

    private static String hidden(Room.Part part) {
        return "room.without." + part.name().toLowerCase(Locale.ROOT);
    }

    public void write(Book book) {
        book.set("unit", units.unit().sign());
        book.set("pace", Double.toString(units.pace()));
        book.set("handful", Integer.toString(handful));
        book.set("room.words", Double.toString(room.words()));
        book.set("room.strip", Double.toString(room.strip()));
        for (Room.Part part : Room.Part.values()) {
            book.set(hidden(part), room.shown().contains(part) ? "no" : "yes");
        }
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
