package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.beans.property.BooleanProperty;
import javafx.scene.input.KeyCode;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.edit.CopyEdits;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.edit.Placement;
import wildchalk.core.scene.Aids;
import wildchalk.core.scene.Look;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.bar.EndArrows;
import wildchalk.desktop.board.bar.ManyBar;
import wildchalk.desktop.board.bar.SpeedMenu;
import wildchalk.desktop.board.bar.Tray;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.card.FindCard;
import wildchalk.desktop.board.card.FreezeCard;
import wildchalk.desktop.board.card.KeysCard;
import wildchalk.desktop.board.card.PieceCard;
import wildchalk.desktop.board.card.SeveralCard;
import wildchalk.desktop.board.card.TimesCard;
import wildchalk.desktop.board.command.Command;
import wildchalk.desktop.board.command.Command.Help;
import wildchalk.desktop.board.command.Key;
import wildchalk.desktop.board.command.Scope;
import wildchalk.desktop.board.hand.PartClipboard;
import wildchalk.desktop.board.sheet.SheetTabs;
import wildchalk.desktop.board.state.BoardPlayer;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Tool;

/** What the Board can do: the one list that keys, the find card and the help card ask. */
final class BoardCommands {

    /** How far a key turns gear, degrees. */
    private static final double TURN = 15;
    /** How far an arrow key moves what is chosen, metres. */
    private static final double NUDGE = 0.5;

    private static final double FINE_NUDGE = 0.1;

    private static final Wordbook BOOK = Wordbook.beside(BoardCommands.class, "Commands");

    /** What the help card says of the mouse, and of keys that a hand takes which is busy with something. */
    private static final List<Help> GESTURES = List.of(
            new Help(Scope.LINE, "Drag it", "bend it; send a pass elsewhere"),
            new Help(Scope.LINE, "Double click", "straighten it"),
            new Help(Scope.LINE, "Drag from its end", "go on; with Ctrl, the end itself"),
            new Help(Scope.CHOSEN, "Ctrl-drag, or M", "move a person"),
            new Help(Scope.CHOSEN, "Drag a nose", "turn who is chosen"),
            new Help(Scope.CHOSEN, "Enter, arrows, Enter", "a line from who is chosen"),
            new Help(Scope.PLACING, "Arrows, Enter", "move it, put it down"),
            new Help(Scope.PLACING, "Digits", "so far from what was put down last"),
            new Help(Scope.PLACING, "Alt", "free of lines and of others"),
            new Help(Scope.PLACING, "Esc", "lay it back on the ledge"),
            new Help(Scope.ALWAYS, "Drag on nothing", "choose what is inside"),
            new Help(Scope.ALWAYS, "Shift-click", "choose one more"),
            new Help(Scope.ALWAYS, "Tab", "from piece to piece"),
            new Help(Scope.ALWAYS, "Wheel", "nearer, farther off"),
            new Help(Scope.ALWAYS, "Space and drag", "move what is shown"),
            new Help(Scope.ALWAYS, "F5", "show it on the whole screen"),
            told(Scope.CHOSEN, "feint"),
            told(Scope.CHOSEN, "flick"),
            told(Scope.CHOSEN, "screen"),
            told(Scope.ALWAYS, "scribble"),
            new Help(Scope.ALWAYS, "F6", BOOK.say("run")),
            new Help(Scope.ALWAYS, "F1", BOOK.say("show-me")));

    private static Help told(Scope scope, String gesture) {
        return new Help(scope, BOOK.say(gesture), BOOK.say(gesture + ".does"));
    }

    private final BoardState state;
    private final BoardPlayer player;
    private final Tray tray;
    private final BoardPane board;
    private final LineCommands lines;
    private boolean helpShown;

    BoardCommands(BoardState state, BoardPlayer player, Tray tray, BoardPane board, LineCommands lines) {
        this.state = state;
        this.player = player;
        this.tray = tray;
        this.board = board;
        this.lines = lines;
    }

    /** All that can be done now; those that count first come first. */
    List<Command> all() {
        Listing all = new Listing(new ArrayList<>(lines.all()));
        onWhatIsChosen(all);
        playing(all);
        looking(all);
        all.commands().addAll(tray.commands());
        all.always(
                "Tape: measure",
                "measure",
                () -> state.toolProperty().set(state.toolProperty().get() == Tool.TAPE ? Tool.GUESS : Tool.TAPE),
                Key.of("T", KeyCode.T));
        all.always(
                "Freeze and ask here",
                "freeze here and ask",
                () -> FreezeCard.make(state, board),
                Key.of("Q", KeyCode.Q));
        all.always("All change ends here", "", () -> EndArrows.changeHere(state));
        all.always("Times and speeds", "", () -> TimesCard.open(state, board));
        editing(all);
        return List.copyOf(all.commands());
    }

    /** Commands that are being listed. */
    private record Listing(List<Command> commands) {

        void always(String words, String help, Runnable run, Key... keys) {
            commands.add(new Command(words, List.of(keys), Scope.ALWAYS, help, run));
        }

        void onChosen(String help, Runnable run, Key... keys) {
            commands.add(new Command("", List.of(keys), Scope.CHOSEN, help, run));
        }
    }

    /** Whether a command counts for what is chosen and in the hand. */
    boolean counts(Scope scope) {
        return switch (scope) {
            case PLACING -> state.toolProperty().get().places();
            case LINE -> state.selection().action().isPresent();
            case CHOSEN -> !state.selection().chosenProperty().get().isEmpty();
            case ALWAYS -> true;
        };
    }

    /** What the help card says now: of what is in the hand, else of what is chosen, then of what always counts. */
    List<Help> help() {
        Scope first = Stream.of(Scope.values()).filter(this::counts).findFirst().orElseThrow();
        return Stream.concat(Command.help(all()).stream(), GESTURES.stream())
                .filter(h -> h.scope() == first || h.scope() == Scope.ALWAYS)
                .sorted(Comparator.comparing(Help::scope))
                .toList();
    }

    private void onWhatIsChosen(Listing all) {
        nudge(all, "←", KeyCode.LEFT, -1, 0);
        nudge(all, "→", KeyCode.RIGHT, 1, 0);
        nudge(all, "↑", KeyCode.UP, 0, -1);
        nudge(all, "↓", KeyCode.DOWN, 0, 1);
        all.onChosen("turn it", () -> PieceCard.turn(state, -TURN), Key.of("[", KeyCode.OPEN_BRACKET));
        all.onChosen("turn it", () -> PieceCard.turn(state, TURN), Key.of("]", KeyCode.CLOSE_BRACKET));
        all.onChosen("once more beside", () -> SeveralCard.copyBeside(state), Key.ctrl(KeyCode.D));
        all.onChosen("copy, cut, paste, to other drills too", () -> PartClipboard.copy(state), Key.ctrl(KeyCode.C));
        all.onChosen(
                "copy, cut, paste, to other drills too",
                () -> {
                    PartClipboard.copy(state);
                    state.removeChosen();
                },
                Key.ctrl(KeyCode.X));
        all.onChosen(
                "take it away", state::removeChosen, Key.of("Del", KeyCode.DELETE), Key.of("", KeyCode.BACK_SPACE));
    }

    /** Moves what is chosen a little, on the page. */
    private void nudge(Listing all, String label, KeyCode key, int right, int down) {
        all.onChosen(
                "move it half a metre, with Shift 10 cm",
                () -> nudge(NUDGE * right, NUDGE * down),
                Key.of(label, key).withShift(false));
        all.onChosen(
                "",
                () -> nudge(FINE_NUDGE * right, FINE_NUDGE * down),
                Key.of(label, key).withShift(true));
    }

    private void nudge(double right, double down) {
        Set<String> chosen = state.selection().chosenProperty().get();
        if (chosen.stream().anyMatch(id -> state.stage().piece(id).isPresent())) {
            state.apply(PieceEdits.moveAll(
                    state.rung(), state.stage(), chosen, state.board().frame().onPage(right, down)));
        }
    }

    private void playing(Listing all) {
        // What the space bar does is said when it is let go, because it may have moved the board meanwhile.
        all.always("Play or pause", "play or pause", player::playOrPause, Key.of("Space"));
        all.always(
                "One beat back",
                "one beat back or on",
                () -> player.step(-1),
                Key.of(",", KeyCode.COMMA),
                Key.of("", KeyCode.PAGE_UP));
        all.always(
                "One beat on",
                "one beat back or on",
                () -> player.step(1),
                Key.of(".", KeyCode.PERIOD),
                Key.of("", KeyCode.PAGE_DOWN));
        all.always("Play slower", "slower, faster", () -> faster(-1), Key.of("-", KeyCode.MINUS, KeyCode.SUBTRACT));
        all.always(
                "Play faster",
                "slower, faster",
                () -> faster(1),
                Key.of("+", KeyCode.PLUS, KeyCode.EQUALS, KeyCode.ADD));
        all.always(
                "Play again and again",
                "play again and again",
                () -> state.head()
                        .loopingProperty()
                        .set(!state.head().loopingProperty().get()),
                Key.of("L", KeyCode.L));
        all.always("To the start", "", player::toStart, Key.of("Home", KeyCode.HOME));
        all.always("To the end", "", player::toEnd, Key.of("End", KeyCode.END));
        all.always(ManyBar.command(), ManyBar.command(), this::many, Key.of("J", KeyCode.J));
    }

    private void faster(int by) {
        if (state.many().shownProperty().get()) {
            state.many().faster(by);
        } else {
            SpeedMenu.step(state, by);
        }
    }

    private void many() {
        state.many().shownProperty().set(!state.many().shownProperty().get());
    }

    private void looking(Listing all) {
        all.always(
                "Show all, as large as it goes", "show all", board::fit, Key.of("0", KeyCode.DIGIT0, KeyCode.NUMPAD0));
        all.always("The board alone, and back", "the board alone, and back", this::alone, Key.of("H", KeyCode.H));
        for (Surface.View view : state.surface().views()) {
            all.always("Show " + view.name(), "", () -> state.apply(DrillEdits.showView(view.id())));
        }
        for (Attack attack : Attack.values()) {
            all.always(
                    "Turn the board: attack goes " + attack.name().toLowerCase(Locale.ROOT),
                    "",
                    () -> state.apply(DrillEdits.turn(attack)));
        }
        all.always("Look: slate", "", () -> state.viewing().lookProperty().set(Look.SLATE));
        all.always("Look: paper", "", () -> state.viewing().lookProperty().set(Look.PAPER));
        all.always("Look: like the ground", "", () -> state.viewing()
                .lookProperty()
                .set(Look.trueTo(state.surface().ground())));
        Aids now = state.viewing().aidsProperty().get();
        all.always("Grid on or off", "", () -> state.viewing().aidsProperty().set(now.withGrid(!now.grid())));
        all.always("Trails on or off", "", () -> state.viewing().aidsProperty().set(now.withTrails(!now.trails())));
        all.always("Where all began on or off", "", () -> state.viewing()
                .aidsProperty()
                .set(now.withGhost(!now.ghost())));
        all.always("Beat numbers on or off", "", () -> state.viewing()
                .aidsProperty()
                .set(now.withNumbers(!now.numbers())));
        all.always("Set-out sheet", "", () -> state.sheets().wantedProperty().set(true));
        all.always(SheetTabs.rules(), "", () -> state.rulesProperty().set(true));
        all.always(
                SheetTabs.whoIsNext(), "", () -> state.flow().wantedProperty().set(true));
        all.always(
                SheetTabs.lookItOver(), "", () -> state.look().wantedProperty().set(true));
        all.always("What happens, in words", "", () -> {
            state.sheets().wantedProperty().set(false);
            state.flow().wantedProperty().set(false);
            state.look().wantedProperty().set(false);
            state.rulesProperty().set(false);
        });
    }

    private void alone() {
        BooleanProperty alone = state.viewing().aloneProperty();
        alone.set(!alone.get());
        state.announce(alone.get() ? "The board has all of the window. H brings the rest back." : "The rest is back.");
    }

    private void editing(Listing all) {
        all.always(
                "Undo",
                "undo, redo",
                state.document()::undo,
                Key.ctrl(KeyCode.Z).withShift(false));
        all.always(
                "Redo",
                "undo, redo",
                state.document()::redo,
                Key.ctrl(KeyCode.Y),
                Key.ctrl(KeyCode.Z).withShift(true).hidden());
        all.always(
                "Choose all",
                "choose all",
                () -> state.selection().choose(allPieces().toArray(new String[0])),
                Key.ctrl(KeyCode.A));
        all.always("Paste", "", () -> PartClipboard.paste(state, state::announce), Key.ctrl(KeyCode.V));
        all.always(
                "",
                "find pieces, commands, drills by name",
                this::find,
                Key.ctrl(KeyCode.K),
                Key.ctrl(KeyCode.F).hidden());
        all.always(
                "Which keys do what",
                "this card",
                this::helpCard,
                Key.typing("?"),
                Key.of("", KeyCode.SLASH).withShift(true));
        all.always("", "", this::letGo, Key.of("Esc", KeyCode.ESCAPE));
        all.always(
                "",
                "",
                () -> state.announce("Choose the line first that something else can happen instead of"),
                Key.of("O", KeyCode.O));
        all.always("Mirror everything left and right", "", () -> mirror("Mirror left and right", Placement.OTHER_SIDE));
        all.always("Mirror everything end to end", "", () -> mirror("Mirror end to end", Placement.OTHER_END));
        all.always("Turn everything half round", "", () -> mirror("Turn half round", Placement.HALF_ROUND));
    }

    private void find() {
        List<Command> now =
                new ArrayList<>(all().stream().filter(c -> counts(c.scope())).toList());
        now.addAll(BodyCommands.of(state));
        FindCard card = new FindCard(state, now, () -> board.showCard(null));
        board.showCard(card);
        card.take();
    }

    private void helpCard() {
        helpShown = !helpShown;
        board.showCard(helpShown ? new KeysCard(help()) : null);
    }

    private void letGo() {
        state.focus().frozenProperty().set(Optional.empty());
        if (helpShown) {
            board.showCard(null);
            helpShown = false;
        }
        state.toolProperty().set(Tool.GUESS);
        state.selection().choose();
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
