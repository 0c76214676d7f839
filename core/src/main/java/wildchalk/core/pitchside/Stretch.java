package wildchalk.core.pitchside;

/**
 * A stretch of a run.
 *
 * @param block id of the block of the practice that it belongs to
 * @param words which turn of it: "left", "second shift"; may be empty
 * @param millis how long it is to be, over 0, save {@link Kind#BEFORE}, which may take no time
 * @param rung id of the rung of the drill that is played in it; empty where there is none, or the lowest is
 */
public record Stretch(String block, Kind kind, String words, long millis, String rung) {

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

    /** One of no rung in particular. */
    public Stretch(String block, Kind kind, String words, long millis) {
        this(block, kind, words, millis, "");
    }

    /** The same for longer. */
    Stretch longer(long more) {
        return new Stretch(block, kind, words, Math.max(1, millis + more), rung);
    }

    /** The same without somebody's name in it. */
    Stretch silentOf(String name, String gone) {
        return new Stretch(block, kind, words.replace(name, gone), millis, rung);
    }
}
