package wildchalk.desktop.board.state;

import java.util.List;
import java.util.function.Consumer;
import wildchalk.core.drill.Drill;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surfaces;

/** What the board asks of the window that it lies in. */
public interface Desk {

    /** A desk with nothing on it. */
    Desk EMPTY = new Desk() {
        @Override
        public void drills(Consumer<List<Titled>> then) {
            then.accept(List.of());
        }

        @Override
        public void drill(String id, Consumer<Drill> then) {
            throw new IllegalStateException("there is no drill " + id);
        }

        @Override
        public void squads(Consumer<List<Squad>> then) {
            then.accept(List.of());
        }

        @Override
        public Surfaces surfaces() {
            return Surfaces.BUILT_IN;
        }

        @Override
        public void open(String id) {
            throw new IllegalStateException("there is no drill to open");
        }

        @Override
        public void say(String words) {
            throw new IllegalStateException("nobody would hear: " + words);
        }
    };

    /** A drill that can be asked for. */
    record Titled(String id, String title) {}

    /** The drills of the book, the one changed last first; told on the window's thread. */
    void drills(Consumer<List<Titled>> then);

    /** One of them; told on the window's thread. */
    void drill(String id, Consumer<Drill> then);

    /** The squads of the book, the one changed last first; told on the window's thread. */
    void squads(Consumer<List<Squad>> then);

    /** The surfaces there are. */
    Surfaces surfaces();

    /** Takes another drill onto the board. */
    void open(String id);

    /** Tells the coach something that they should know. */
    void say(String words);
}
