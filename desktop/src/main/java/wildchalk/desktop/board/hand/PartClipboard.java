package wildchalk.desktop.board.hand;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.CopyEdits;
import wildchalk.core.edit.Placement;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surfaces;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.DrillWriter;
import wildchalk.storage.format.FormatException;

/** Parts of drills on the system's clipboard, as the text of a drill file: they can go to another drill, or by mail. */
public final class PartClipboard {

    private static final String NO_PART =
            "What is on the clipboard is no part of a drill: copy pieces first, with Ctrl C";

    private PartClipboard() {}

    /** Puts the chosen pieces there, with what the people among them do. */
    public static void copy(BoardState state) {
        Set<String> chosen = state.selection().chosenProperty().get().stream()
                .filter(id -> state.stage().piece(id).isPresent())
                .collect(Collectors.toSet());
        if (!chosen.isEmpty()) {
            Drill whole =
                    state.drill().withLadder(List.of(state.drill().ladder().get(0)));
            Drill part = Ladder.put(whole, CopyEdits.alone(state.stage(), chosen));
            Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.PLAIN_TEXT, DrillWriter.write(part)));
        }
    }

    /**
     * Puts what is there into the drill, read beside the window's thread.
     *
     * @param refuse told why, when nothing there can be put in
     */
    public static void paste(BoardState state, Consumer<String> refuse) {
        String text =
                Optional.ofNullable(Clipboard.getSystemClipboard().getString()).orElse("");
        Background.work(
                "reading what is on the clipboard",
                () -> read(text, state.desk().surfaces()),
                part -> {
                    if (part.isEmpty()) {
                        refuse.accept(NO_PART);
                    } else {
                        put(state, part.get());
                    }
                },
                trouble -> refuse.accept("What is on the clipboard could not be put in. Nothing was changed"));
    }

    private static Optional<Stage> read(String text, Surfaces surfaces) {
        try {
            Drill drill = DrillReader.told(text, surfaces).document();
            Stage stage = Ladder.build(drill, drill.ladder().get(0).id());
            return stage.pieces().isEmpty() ? Optional.empty() : Optional.of(stage);
        } catch (FormatException e) {
            return Optional.empty();
        }
    }

    /** Where it was, when nothing stands there; else a little beside. */
    private static void put(BoardState state, Stage part) {
        double unit = state.board().frame().unit();
        boolean taken = part.pieces().stream()
                .anyMatch(p -> state.stage().pieces().stream().anyMatch(q -> q.at().distance(p.at()) < unit));
        Vec by = taken ? state.board().frame().onPage(4 * unit, 4 * unit) : Vec.ZERO;
        CopyEdits.Copy copy = CopyEdits.paste(
                state.rung(), state.stage(), state.freeIds(), part, Placement.beside(by), state.surface());
        if (state.apply(copy.edit())) {
            state.selection().choose(copy.ids().toArray(new String[0]));
        }
    }
}
