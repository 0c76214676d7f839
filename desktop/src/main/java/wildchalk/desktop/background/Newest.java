package wildchalk.desktop.background;

import java.util.function.Consumer;
import java.util.function.Supplier;
import wildchalk.desktop.trouble.Trouble;

/**
 * Works questions out beside the window's thread, one at a time; of those that are asked meanwhile only the newest is
 * worked out. To be used on the window's thread.
 *
 * @param <T> what is worked out
 */
public final class Newest<T> {

    private final String what;
    private final Consumer<T> answer;
    private final Consumer<Trouble> trouble;
    private Supplier<T> waiting;
    private boolean busy;
    private int forgotten;

    /**
     * One desk for questions of one sort.
     *
     * @param what is worked out, as in {@link Background#work}
     * @param answer told on the window's thread
     * @param trouble told there too, instead of the answer
     */
    public Newest(String what, Consumer<T> answer, Consumer<Trouble> trouble) {
        this.what = what;
        this.answer = answer;
        this.trouble = trouble;
    }

    public void ask(Supplier<T> question) {
        waiting = question;
        if (!busy) {
            work();
        }
    }

    /** Nothing that was asked so far is answered any more. */
    public void forget() {
        waiting = null;
        forgotten++;
    }

    private void work() {
        Supplier<T> question = waiting;
        int asked = forgotten;
        waiting = null;
        busy = true;
        Background.work(
                what,
                question::get,
                done -> {
                    busy = false;
                    if (asked == forgotten) {
                        answer.accept(done);
                    }
                    goOn();
                },
                failed -> {
                    busy = false;
                    if (asked == forgotten) {
                        trouble.accept(failed);
                    }
                    goOn();
                });
    }

    private void goOn() {
        if (waiting != null && !busy) {
            work();
        }
    }
}
