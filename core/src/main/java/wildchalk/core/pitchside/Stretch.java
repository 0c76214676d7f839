package wildchalk.core.pitchside;

/**
 * A stretch of a run.
 *
 * @param block id of the block of the practice that it belongs to
 * @param words which turn of it: "left", "second shift"; may be empty
 * @param millis how long it is to be, over 0, save {@link Kind#BEFORE}, which may take no time
 */
public record Stretch(String block, Kind kind, String words, long millis) {

    /** What a stretch is. */
    public enum Kind {
        /** What comes before a block. It goes on until the block is begun. */
        BEFORE,
        /** It is played; the next one begins by itself when it is over. */
        PLAY,
        /** A rest between two turns; the next one begins by itself. */
        REST
    }

    public Stretch {
        if (millis < 0 || millis == 0 && kind != Kind.BEFORE) {
            throw new IllegalArgumentException(kind + " " + millis);
        }
    }

    /** The same for longer. */
    Stretch longer(long more) {
        return new Stretch(block, kind, words, Math.max(1, millis + more));
    }
}
