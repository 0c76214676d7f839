package wildchalk.desktop.board.canvas;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.scene.canvas.Canvas;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Units;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Shape;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** A small picture of a stage, drawn from the drill itself. */
public final class Thumbnail extends Canvas {

    /** Small pictures need larger signs: this much larger than on the Board. */
    private static final double SIGNS = 1.25;

    /** A stage worked out for its picture; on any thread, because on a busy board it takes a while. */
    public record Ready(Drill drill, Surface surface, Board board, double duration, List<Shape> still) {

        public static Ready of(Drill drill, Stage stage) {
            Surface surface = drill.surface();
            RunThrough through = RunThrough.of(stage, surface, Choices.NONE);
            Board board =
                    through.board(drill.lineKey(), Frame.of(drill, surface).scaled(SIGNS), Units.METRIC);
            List<Shape> still = new ArrayList<>(board.ground());
            still.addAll(board.plainChalk());
            return new Ready(drill, surface, board, through.timeline().duration(), still);
        }
    }

    private Ready shown;

    public Thumbnail(double width, double height) {
        super(width, height);
    }

    /** Shows a stage as it is before the whistle. */
    public void show(Drill drill, Stage stage) {
        show(Ready.of(drill, stage));
    }

    /** Shows a stage that was worked out already. */
    public void show(Ready ready) {
        shown = ready;
        paint(0);
    }

    /** Seconds that one rep takes. */
    public double duration() {
        return shown.duration();
    }

    /** Shows the moment {@code t} seconds after the whistle. */
    public void paint(double t) {
        ScreenMap map = ScreenMap.fit(shown.drill(), shown.surface(), getWidth(), getHeight());
        ScreenBrush brush = ScreenBrush.forThumbnail(this, Look.SLATE, map);
        brush.fillAll(Ink.AROUND);
        brush.paint(shown.still());
        brush.paint(shown.board().live(t, Set.of(), Set.of()));
    }
}
