package wildchalk.desktop.pitchside;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import wildchalk.core.pitchside.Run;
import wildchalk.core.pitchside.Stretch;

/** The turns of the block that is on, as long as they are: what is over, and how far the one that is on has come. */
final class StretchBar extends Pane {

    private static final double GAP = 6;
    private static final double LEAST = 4;

    private final List<Stretch> turns = new ArrayList<>();
    private final List<Region> parts = new ArrayList<>();
    private final Region done = part("run-bar-now");
    private int at = -1;
    private double share;

    StretchBar() {
        setId("run-bar");
        setMinHeight(14);
        setPrefHeight(14);
        setMaxHeight(14);
    }

    private static Region part(String style) {
        Region region = new Region();
        region.getStyleClass().addAll("run-bar-part", style);
        return region;
    }

    /** Shows the block that is on. */
    void fill(Run run) {
        turns.clear();
        parts.clear();
        at = -1;
        List<Stretch> all = run.course().stretches();
        run.stretch().ifPresent(on -> {
            for (int i = 0; i < all.size(); i++) {
                Stretch stretch = all.get(i);
                if (stretch.block().equals(on.block()) && stretch.kind() != Stretch.Kind.BEFORE) {
                    at = i == run.at() ? turns.size() : at;
                    turns.add(stretch);
                    boolean over = i < run.at();
                    parts.add(part(
                            over
                                    ? "run-bar-over"
                                    : "run-bar-" + (stretch.kind() == Stretch.Kind.REST ? "rest" : "play")));
                }
            }
        });
        getChildren().setAll(parts);
        if (at >= 0) {
            getChildren().add(done);
        }
        tick(run);
    }

    void tick(Run run) {
        double now = run.stretch()
                .map(s -> Math.min(1.0, run.inside() / (double) Math.max(1, s.millis())))
                .orElse(0.0);
        // No more is drawn anew than an eye would see.
        if (at >= 0 && Math.abs(now - share) * getWidth() >= 1 || now < share) {
            share = now;
            requestLayout();
        }
    }

    @Override
    protected void layoutChildren() {
        long all = turns.stream().mapToLong(Stretch::millis).sum();
        double room = getWidth() - GAP * Math.max(0, turns.size() - 1);
        double x = 0;
        for (int i = 0; i < turns.size(); i++) {
            double wide = Math.max(LEAST, room * turns.get(i).millis() / Math.max(1, all));
            parts.get(i).resizeRelocate(x, 0, wide, getHeight());
            if (i == at) {
                done.resizeRelocate(x, 0, wide * share, getHeight());
            }
            x += wide + GAP;
        }
    }
}
