package wildchalk.desktop.pitchside;

import wildchalk.core.pitchside.Rundown;

/** Somebody who looks on while a practice runs, such as an assistant. Nobody does yet. */
@FunctionalInterface
public interface Onlooker {

    /**
     * Something is otherwise than before: another part is on, or something was done. Told on the window's thread.
     *
     * @param rundown what is on and what comes: nothing in it is about anybody
     */
    void see(Rundown rundown);
}
