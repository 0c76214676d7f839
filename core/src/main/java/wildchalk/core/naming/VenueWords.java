package wildchalk.core.naming;

import wildchalk.core.drill.Venue;

/** What is said about what a drill is played on. */
public final class VenueWords {

    private VenueWords() {}

    /** What stands in for a surface that is missing: "an open space of the same size", where that is known. */
    public static String standIn(Venue venue) {
        return PieceWords.BOOK.say(venue.footprint().isPresent() ? "stand-in.sized" : "stand-in");
    }
}
