package wildchalk.handout.order;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Set;

/** One kind of hand-out. */
public interface HandOut {

    /**
     * What a coach can wish of a hand-out: which rungs, or which single one, and how it comes out; GROUND is a look.
     */
    enum Wish {
        RUNGS,
        ONE_RUNG,
        WAY,
        LOOK,
        GROUND,
        PAPER,
        MOMENT,
        WIDTH,
        WORDS,
        SHAPE,
        SPEED,
        EVERY_WAY,
        REPS,
        CAPTIONS,
        UNITS
    }

    /** Of files: "pdf". */
    String ending();

    /** As a coach says it: "Card to print (PDF)". */
    String words();

    /** What it is good for, in a sentence or two. */
    String about();

    /** What it looks at in an order. */
    Set<Wish> wishes();

    /**
     * Writes it.
     *
     * @param file is there and empty; what it holds after an error is thrown away
     * @throws IOException when it cannot be written
     * @throws Cancelled when it is not wanted any more
     */
    void write(Order order, Path file, Progress progress) throws IOException;
}
