package wildchalk.core.drill;

import java.util.Locale;

/** What marked areas are called. */
public final class Areas {

    private Areas() {}

    /** "end zone", "yellow zone", "station 2"; as it stands behind "the". */
    public static String name(Piece.Area area) {
        if (area instanceof Piece.Station station) {
            return "station " + station.number();
        }
        Piece.Zone zone = (Piece.Zone) area;
        return zone.label().isBlank() ? zone.colour().name().toLowerCase(Locale.ROOT) + " zone" : zone.label();
    }
}
