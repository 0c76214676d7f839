package wildchalk.desktop.board.canvas;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Trail;
import wildchalk.desktop.board.state.BoardModel;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/**
 * Where everybody and every ball has been so far. While it plays only what was gone since the last frame is painted.
 */
final class TrailLayer extends Canvas {

    private static final double WIDE = 3;
    private static final double BALL_WIDE = 1.5;
    private static final double FAINT = 0.6;

    private final BoardModel model;
    private ScreenMap map;
    private double shownTo;

    TrailLayer(BoardModel model) {
        this.model = model;
        setMouseTransparent(true);
        setVisible(false);
    }

    /** Paints everything anew, as after a change of the drill or the view. */
    void repaint(ScreenMap newMap) {
        map = newMap;
        shownTo = 0;
        getGraphicsContext2D().clearRect(0, 0, getWidth(), getHeight());
        follow();
    }

    /** Brings the trails in step with the moment that is looked at. */
    void follow() {
        boolean wanted = model.viewing().aidsProperty().get().trails()
                && !model.viewing().settingOutProperty().get();
        setVisible(wanted);
        double t = model.head().atProperty().get();
        if (!wanted || map == null || t == shownTo) {
            return;
        }
        if (t < shownTo) {
            getGraphicsContext2D().clearRect(0, 0, getWidth(), getHeight());
            shownTo = 0;
        }
        List<Piece> all = new ArrayList<>(model.stage().people());
        all.addAll(model.board().balls());
        all.forEach(p -> paint(p, t));
        shownTo = t;
    }

    private void paint(Piece piece, double t) {
        if (piece instanceof Piece.Ball ball && model.board().isInHeap(ball, shownTo)) {
            return;
        }
        List<Vec> way = Trail.of(model.board(), piece.id(), shownTo, t);
        if (way.get(0).distance(way.get(way.size() - 1)) < 1e-6 && way.size() < 3) {
            return;
        }
        boolean ball = piece instanceof Piece.Ball;
        Look look = model.viewing().lookProperty().get();
        Bib bib = piece instanceof Piece.Person person ? person.bib() : Bib.CHALK;
        Color colour = ScreenBrush.colour(look, ball ? Ink.CHALK : Ink.lineOf(bib));
        GraphicsContext g = getGraphicsContext2D();
        g.setStroke(colour.deriveColor(0, 1, 1, FAINT));
        g.setLineWidth(ball ? BALL_WIDE : WIDE);
        g.setLineCap(StrokeLineCap.BUTT);
        g.setLineDashes();
        g.beginPath();
        g.moveTo(map.x(way.get(0)), map.y(way.get(0)));
        way.forEach(p -> g.lineTo(map.x(p), map.y(p)));
        g.stroke();
    }
}
