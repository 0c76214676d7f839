package wildchalk.desktop.pitchside;

import java.util.function.Consumer;
import wildchalk.core.document.Edit;
import wildchalk.core.pitchside.Running;
import wildchalk.core.squad.Squad;

/** What a run may ask of the book and the window around it. */
public interface RunDesk {

    /**
     * Keeps a run as something has left it, beside the window's thread.
     *
     * @param what was done, in words that say nothing of anybody
     */
    void keep(Running running, String what);

    /**
     * Keeps that it is finished.
     *
     * @param clock of the run at which it is: what ran out by itself was done after the last thing that somebody did
     */
    void over(Running running, long clock, String what);

    /** Keeps when a run was last seen going; no more than that, and only where it costs nothing. */
    void sighted(Running running, Running.Sighting sighting);

    /** Changes the squad whose practice it is, as the coach asked for. */
    void change(String squad, Edit<Squad> edit, Runnable then);

    /** Told why what is done is not kept, in a coach's words; empty while it is. */
    void standing(Consumer<String> told);
}
