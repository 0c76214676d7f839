package wildchalk.desktop.board;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoMoreInteractions;

import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import wildchalk.core.colour.Colour;
import wildchalk.core.document.Change;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.DemoBook;
import wildchalk.desktop.OnWindowThread;
import wildchalk.desktop.board.hand.FreshPieces;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Desk;
import wildchalk.desktop.board.state.Lights;
import wildchalk.desktop.board.state.Tool;

/** The one place where the window's state lives; needs no window. */
@ExtendWith({MockitoExtension.class, OnWindowThread.class})
class BoardStateTest {

    @Mock
    private BiConsumer<Drill, Change> keep;

    private final Drill drill = DemoBook.drills().stream()
            .filter(d -> d.id().equals("turnstile"))
            .findFirst()
            .orElseThrow();
    private BoardState state;

    @BeforeEach
    void open() {
        state = new BoardState(drill, keep);
    }

    @Test
    void openingKeepsNothing() {
        verifyNoMoreInteractions(keep);
        assertEquals(drill, state.drill());
    }

    @Test
    void everyEditIsKeptWithItsName() {
        state.apply(DrillEdits.rename("Other"));
        verify(keep).accept(state.drill(), new Change.Edited("Rename drill"));
        state.document().undo();
        verify(keep).accept(argThat(drill::isLike), eq(new Change.Undone("Rename drill")));
        state.document().redo();
        verify(keep).accept(argThat(drill.withTitle("Other")::isLike), eq(new Change.Redone("Rename drill")));
    }

    @Test
    void editThatChangesNothingIsNotKept() {
        state.apply(DrillEdits.rename(drill.title()));
        state.document().undo();
        state.document().redo();
        verify(keep, never()).accept(any(), any());
    }

    @Test
    void dragUnderWayIsShownButNotKeptUntilItIsDone() {
        Piece cone = state.stage().piece("c1").orElseThrow();
        state.preview(PieceEdits.move("s1", cone, new Vec(10, 0)));
        state.preview(PieceEdits.move("s1", cone, new Vec(20, 5)));
        assertEquals(
                new Vec(20, 5), state.shown().stage().piece("c1").orElseThrow().at());
        assertEquals(Set.of("c1"), state.shown().moved(), "only what is dragged has to be painted anew");
        assertEquals(cone, state.stage().piece("c1").orElseThrow());
        verify(keep, never()).accept(any(), any());
        state.putBack();
        assertEquals(drill, state.drill());
        assertEquals(state.board(), state.shown().board());
        state.preview(PieceEdits.move("s1", cone, new Vec(20, 5)));
        state.apply(PieceEdits.move("s1", cone, new Vec(21, 5)));
        verify(keep).accept(any(), eq(new Change.Edited("Move yellow cone")));
        assertEquals(1, state.document().history().done().size());
        state.document().undo();
        assertTrue(drill.isLike(state.drill()));
    }

    @Test
    void drillHoldsTwoThousandPiecesAndSaysSoBeyond() {
        Desk desk = mock(Desk.class);
        BoardState full = new BoardState(drill, keep, desk);
        int there = full.stage().pieces().size();
        full.apply(PieceEdits.placeAll("s1", "cones", cones(BoardState.MOST_PIECES - there)));
        assertEquals(BoardState.MOST_PIECES, full.stage().pieces().size());
        Drill before = full.drill();
        full.apply(PieceEdits.place("s1", Piece.Item.cone("more", Vec.ZERO, Colour.RED)));
        assertEquals(before, full.drill());
        verify(desk).say(contains("2000 pieces"));
        full.apply(PieceEdits.remove("s1", full.stage(), List.of("k1")));
        assertEquals(BoardState.MOST_PIECES - 1, full.stage().pieces().size());
    }

    private static List<Piece> cones(int count) {
        return IntStream.range(0, count)
                .mapToObj(i ->
                        (Piece) Piece.Item.cone("k" + i, new Vec(i % 50 * 0.9 - 20, i / 50 * 0.7 - 14), Colour.RED))
                .toList();
    }

    @Test
    void everythingThatIsShownFollowsTheDrill() {
        long before = state.changesProperty().get();
        double duration = state.timeline().duration();
        int lines = state.script().lines().size();
        state.apply(PieceEdits.remove("s1", state.stage(), List.of("p9")));
        assertEquals(before + 1, state.changesProperty().get());
        assertTrue(state.timeline().duration() < duration);
        assertEquals(lines, state.script().lines().size());
        assertFalse(state.script().lines().get(1).text().contains("9 runs"));
    }

    @Test
    void whatIsGoneIsNoLongerChosen() {
        state.selection().choose("a3", "c1");
        state.apply(PieceEdits.remove("s1", state.stage(), List.of("a3")));
        assertEquals(Set.of("c1"), state.selection().chosenProperty().get());
    }

    @Test
    void playheadStaysWithinTheRep() {
        state.head().atProperty().set(state.timeline().duration());
        state.apply(PieceEdits.remove("s1", state.stage(), List.of("p9")));
        assertEquals(state.timeline().duration(), state.head().atProperty().get());
    }

    @Test
    void actionsUnderWayAreLit() {
        assertEquals(Set.of(), Lights.of(state.model()));
        assertTrue(Lights.beat(state.model()).isEmpty());
        state.head().atProperty().set(0.5);
        assertEquals(Set.of("a1"), Lights.of(state.model()));
        // Whoever sees the second moment has set off by then.
        state.head().atProperty().set(state.timeline().beats().get(1).t() + 0.4);
        assertEquals(Set.of("a2", "a3", "a4", "a5"), Lights.of(state.model()));
        assertEquals(2, Lights.beat(state.model()).orElseThrow().n());
        state.focus().pointedAtProperty().set(Set.of("a6"));
        assertTrue(Lights.of(state.model()).contains("a6"));
    }

    @Test
    void oneChosenActionIsTheChosenAction() {
        state.selection().choose("a1");
        assertEquals("a1", state.selection().action().orElseThrow().id());
        state.selection().choose("a1", "a2");
        assertTrue(state.selection().action().isEmpty());
        state.selection().choose("c1");
        assertTrue(state.selection().action().isEmpty());
    }

    @Test
    void freshPiecesGetTheNextLabelAndTheColourInUse() {
        Piece.Player first = (Piece.Player) FreshPieces.of(
                Tool.PLAYER,
                state.samples().gearProperty().get(),
                state.stage(),
                state.freeIds(),
                new Vec(0, 0),
                state.surface());
        assertEquals("1", first.label());
        assertEquals(((Piece.Player) state.stage().piece("p9").orElseThrow()).bib(), first.bib());
        assertEquals(0, first.facing(), 0.01, "faces the goal it attacks");
        int placed = 0;
        for (Tool tool : Tool.values()) {
            if (tool.places()) {
                placed++;
                Piece piece = FreshPieces.of(
                        tool,
                        state.samples().gearProperty().get(),
                        state.stage(),
                        state.freeIds(),
                        new Vec(1, 2),
                        state.surface());
                assertTrue(state.stage().piece(piece.id()).isEmpty(), piece.id() + " is free");
                assertEquals(new Vec(1, 2), piece.at());
            }
        }
        assertEquals(9, placed, "each tool that places something was tried");
    }
}
