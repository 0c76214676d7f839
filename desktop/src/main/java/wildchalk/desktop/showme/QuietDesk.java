package wildchalk.desktop.showme;

import java.util.List;
import java.util.function.Consumer;
import wildchalk.core.drill.Drill;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surfaces;
import wildchalk.desktop.board.state.Desk;
import wildchalk.desktop.page.PageHost;

/** A desk without other drills: whoever is shown the board is not led away from it. */
final class QuietDesk implements Desk {

    private final PageHost host;

    QuietDesk(PageHost host) {
        this.host = host;
    }

    @Override
    public void drills(Consumer<List<Titled>> then) {
        then.accept(List.of());
    }

    @Override
    public void drill(String id, Consumer<Drill> then) {
        throw new IllegalStateException(id);
    }

    @Override
    public void squads(Consumer<List<Squad>> then) {
        then.accept(List.of());
    }

    @Override
    public Surfaces surfaces() {
        return host.keeper().surfaces();
    }

    @Override
    public void open(String id) {
        throw new IllegalStateException(id);
    }

    @Override
    public void say(String words) {
        host.messages().warn(words);
    }
}
