package wildchalk.desktop.board;

import java.util.List;
import java.util.function.Consumer;
import wildchalk.core.drill.Drill;

/** What the board asks of the window that it lies in. */
public interface Desk {

    /** A desk with nothing on it. */
    Desk EMPTY = new Desk() {
        @Override
        public void drills(Consumer<List<Drill>> then) {
            then.accept(List.of());
        }

        @Override
        public void open(Drill drill) {
            throw new IllegalStateException("there is no drill to open");
        }

        @Override
        public void say(String words) {
            throw new IllegalStateException("nobody would hear: " + words);
        }
    };

    /** The drills of the book; told on the window's thread. */
    void drills(Consumer<List<Drill>> then);

    /** Takes another drill onto the board. */
    void open(Drill drill);

    /** Tells the coach something that they should know. */
    void say(String words);
}
