package wildchalk.desktop.page;

import java.util.List;

/** What was done on a page and can be taken back. */
public interface Undoable {

    /** The names of what was done, newest first. */
    List<String> done();

    /** The names of what was taken back, that which redo does again first. */
    List<String> undone();

    /** Takes back the last {@code steps} of what was done; nothing when there are not so many. */
    void undo(int steps);

    void redo();
}
