package wildchalk.bench.frames;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import wildchalk.bench.Crowd;
import wildchalk.core.colour.Colour;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.LadderEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.desktop.OpenWindow;
import wildchalk.desktop.Request;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.exchange.SystemChooser;

/**
 * A piece of the lowest of twenty rungs, or of a single one, is moved again and again in the real window: what that
 * costs its thread.
 */
public final class LadderEdit extends Application {

    private static final int RUNGS = 20;
    private static final int PEOPLE = 30;
    private static final int ACTIONS = 30;
    private static final int CONES = 20;
    private static final int EDITS = 100;
    /** Edits before it is measured: the runtime compiles what is done often, beside the window's thread. */
    private static final int WARM_UP = 60;
    /** From one edit to the next, seconds. */
    private static final double APART = 0.3;

    private OpenWindow session;
    private int rungs;

    /** Twenty rungs of sixty pieces, each made from the one below with a cone of its own moved. */
    static Drill ladder(int rungs) {
        Drill empty = Drill.empty("ladder", "Twenty rungs", "football-11", "whole");
        Stage crowd = Crowd.stage(PEOPLE, ACTIONS);
        List<Piece> pieces = new ArrayList<>(crowd.pieces());
        for (int i = 0; i < CONES; i++) {
            pieces.add(Piece.Item.cone("c" + i, new Vec(-40 + 4 * i, 25), Colour.YELLOW));
        }
        Drill drill = Ladder.put(empty, new Stage("s1", "Start here", pieces, crowd.actions()));
        for (int n = 1; n < rungs; n++) {
            LadderEdits.Made made = LadderEdits.harder(drill, "s" + n);
            drill = made.edit().apply(drill);
            Piece own = Piece.Item.cone("c" + n % CONES, new Vec(-40 + 4 * (n % CONES), 30), Colour.RED);
            drill = PieceEdits.change(made.id(), "Move", own).apply(drill);
        }
        return drill;
    }

    @Override
    public void start(javafx.stage.Stage shown) throws Exception {
        rungs = getParameters().getUnnamed().contains("rung") ? 1 : RUNGS;
        Path book = Files.createTempDirectory("wild-chalk-bench").resolve("Bench.chalkbook");
        session = OpenWindow.start(
                shown,
                Request.usual().withBook(book).taking(ladder(rungs)),
                new SystemChooser(shown, getHostServices()::showDocument));
        session.opened().thenRun(() -> edit(() -> shown.close()));
    }

    private void edit(Runnable done) {
        BoardState board = session.board().orElseThrow();
        new AnimationTimer() {
            private final List<Double> costs = new ArrayList<>();
            private final List<Double> solves = new ArrayList<>();
            private final List<Double> gaps = new ArrayList<>();
            private long before;
            private double longest;
            private double waited;
            private int made;

            @Override
            public void handle(long now) {
                double gap = before == 0 ? 0 : (now - before) / 1e9;
                before = now;
                waited += gap;
                longest = Math.max(longest, gap);
                if (waited < APART) {
                    return;
                }
                if (made > WARM_UP) {
                    gaps.add(longest * 1e3);
                }
                longest = 0;
                waited = 0;
                if (made++ == EDITS + WARM_UP) {
                    stop();
                    tell(costs, solves, gaps);
                    done.run();
                    return;
                }
                Piece cone = board.stage().piece("c0").orElseThrow();
                Edit<Drill> edit = PieceEdits.move(board.rung(), cone, new Vec(-40, 20 + made % 5));
                double solve = took(
                        () -> Rehearsal.of(Ladder.build(edit.apply(board.drill()), board.rung()), board.surface()));
                double cost = took(() -> board.apply(edit));
                if (made > WARM_UP) {
                    solves.add(solve);
                    costs.add(cost);
                }
            }
        }.start();
    }

    private static double took(Runnable work) {
        long start = System.nanoTime();
        work.run();
        return (System.nanoTime() - start) / 1e6;
    }

    private void tell(List<Double> costs, List<Double> solves, List<Double> gaps) {
        List.of(costs, solves, gaps).forEach(Collections::sort);
        System.out.println(String.format(
                Locale.ROOT,
                "editing the lowest of %d rungs of %d pieces, %d times: an edit costs the window's thread %.1f ms, "
                        + "at most %.1f ms (working the edit out alone, done once more beforehand: %.1f ms); "
                        + "the longest gap between frames after it, cards painted, %.0f ms, at most %.0f ms",
                rungs,
                PEOPLE + PEOPLE / 3 + CONES,
                EDITS,
                costs.get(costs.size() / 2),
                costs.get(costs.size() - 1),
                solves.get(solves.size() / 2),
                gaps.get(gaps.size() / 2),
                gaps.get(gaps.size() - 1)));
    }

    @Override
    public void stop() {
        Optional.ofNullable(session).ifPresent(OpenWindow::close);
    }
}
