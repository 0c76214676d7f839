package wildchalk.desktop.board;

import java.util.Set;
import javafx.scene.canvas.Canvas;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Stage;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.rehearsal.Timeline;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** A small picture of a stage, drawn from the drill itself. */
public final class Thumbnail extends Canvas {

    private Board board;
    private Surface surface;
    private Drill shown;
    private double duration;

    public Thumbnail(double width, double height) {
        super(width, height);
    }

    /** Shows a stage as it is before the whistle. */
    public void show(Drill drill, Stage stage) {
        show(drill, stage, Rehearsal.of(stage, drill.surface()));
    }

    /** Shows a stage that was rehearsed already. */
    void show(Drill drill, Stage stage, Timeline timeline) {
        surface = drill.surface();
        shown = drill;
        // Small pictures need larger signs.
        board = new Board(surface, stage, timeline, drill.lineKey(), Frame.of(drill, surface).scaled(1.25));
        duration = timeline.duration();
        paint(0);
    }

    /** Seconds that one rep takes. */
    public double duration() {
        return duration;
    }

    /** Shows the moment {@code t} seconds after the whistle. */
    public void paint(double t) {
        ScreenMap map = ScreenMap.fit(shown, surface, getWidth(), getHeight());
        ScreenBrush brush = ScreenBrush.forThumbnail(this, Look.SLATE, map);
        brush.fillAll(Ink.AROUND);
        brush.paint(board.ground());
        brush.paint(board.plainChalk());
        brush.paint(board.live(t, Set.of(), Set.of()));
    }
}
