package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.edit.CopyEdits;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.Placement;
import wildchalk.core.scene.Aids;
import wildchalk.core.scene.Look;
import wildchalk.core.surface.Surface;

/** What the Board can do, by name: for whoever does not know where it is. */
final class BoardCommands {

    private final BoardState state;
    private final List<Command> all = new ArrayList<>();

    /**
     * Something that can be done.
     *
     * @param key the key that does it too; empty for none
     */
    record Command(String words, String key, Runnable run) {
    }

    private BoardCommands(BoardState state) {
        this.state = state;
    }

    static List<Command> of(BoardState state, Player player, Tray tray, BoardPane board) {
        BoardCommands commands = new BoardCommands(state);
        commands.playing(player);
        commands.looking(board);
        commands.all.addAll(tray.commands());
        commands.add("Tape: measure", "T", () -> state.toolProperty().set(Tool.TAPE));
        commands.asking(board);
        commands.editing();
        return commands.all;
    }

    private void add(String words, String key, Runnable run) {
        all.add(new Command(words, key, run));
    }

    private void playing(Player player) {
        add("Play or pause", "Space", player::playOrPause);
        add("Play again and again", "L", () -> state.loopingProperty().set(!state.loopingProperty().get()));
        add("One beat on", ".", () -> player.step(1));
        add("One beat back", ",", () -> player.step(-1));
        add("To the start", "Home", () -> state.playheadProperty().set(0));
        add("Play slower", "-", () -> SpeedMenu.step(state, -1));
        add("Play faster", "+", () -> SpeedMenu.step(state, 1));
    }

    private void looking(BoardPane board) {
        add("Show all, as large as it goes", "0", board::fit);
        for (Surface.View view : state.surface().views()) {
            add("Show " + view.name(), "", () -> state.apply(DrillEdits.showView(view.id())));
        }
        for (Attack attack : Attack.values()) {
            add("Turn the board: attack goes " + attack.name().toLowerCase(Locale.ROOT), "", () -> state.apply(DrillEdits.turn(attack)));
        }
        add("Look: slate", "", () -> state.lookProperty().set(Look.SLATE));
        add("Look: paper", "", () -> state.lookProperty().set(Look.PAPER));
        add("Look: like the ground", "", () -> state.lookProperty().set(Look.trueTo(state.surface().ground())));
        Aids now = state.aidsProperty().get();
        add("Grid on or off", "", () -> state.aidsProperty().set(now.withGrid(!now.grid())));
        add("Trails on or off", "", () -> state.aidsProperty().set(now.withTrails(!now.trails())));
        add("Where all began on or off", "", () -> state.aidsProperty().set(now.withGhost(!now.ghost())));
        add("Beat numbers on or off", "", () -> state.aidsProperty().set(now.withNumbers(!now.numbers())));
        add("Set-out sheet", "", () -> state.sheets().wantedProperty().set(true));
        add("What happens, in words", "", () -> state.sheets().wantedProperty().set(false));
    }

    private void asking(BoardPane board) {
        add("Freeze and ask here", "Q", () -> FreezeCard.make(state, board));
        state.chosenAction().ifPresent(a -> add("Either this line, or something else", "O", () -> ReadCard.instead(state, a)));
    }

    private void editing() {
        add("Undo", "Ctrl Z", state::undo);
        add("Redo", "Ctrl Y", state::redo);
        add("Choose all", "Ctrl A", () -> state.choose(allPieces().toArray(new String[0])));
        add("Mirror everything left and right", "", () -> mirror("Mirror left and right", Placement.OTHER_SIDE));
        add("Mirror everything end to end", "", () -> mirror("Mirror end to end", Placement.OTHER_END));
        add("Turn everything half round", "", () -> mirror("Turn half round", Placement.HALF_ROUND));
    }

    private Set<String> allPieces() {
        return Set.copyOf(state.stage().pieces().stream().map(Piece::id).toList());
    }

    private void mirror(String name, Placement placement) {
        if (!state.stage().pieces().isEmpty()) {
            state.apply(CopyEdits.mirror(state.rung(), name, state.stage(), allPieces(), placement, state.surface()));
        }
    }
}
