package wildchalk.desktop.practice;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.Stand;
import wildchalk.core.practice.ground.Ground;
import wildchalk.core.practice.ground.Laid;
import wildchalk.desktop.board.canvas.StillBoard;
import wildchalk.desktop.board.state.BoardModel;
import wildchalk.desktop.paint.EachFrame;
import wildchalk.desktop.paint.ScreenMap;

/** The ground with everything on it: each thing is moved by pulling it, and turned by pulling its corner. */
final class GroundBoard extends Pane {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass BLOCKED = PseudoClass.getPseudoClass("blocked");
    /** Nobody paces out less, metres. */
    private static final double STEP = 0.5;
    /** Nobody turns anything by less, degrees. */
    private static final int TURN = 15;

    private static final double HANDLE = 8;
    /** How long the end stands before all begins anew, seconds. */
    private static final double REST = 1;

    private final Consumer<String> choose;
    private final BiConsumer<String, Stand> place;
    private final Pane over = new Pane();
    private final Map<String, Marks> marks = new HashMap<>();
    private Optional<StillBoard> board = Optional.empty();
    private Optional<BoardModel> model = Optional.empty();
    private Optional<Ground> ground = Optional.empty();
    private Optional<String> chosen = Optional.empty();
    private Optional<Pull> pull = Optional.empty();
    private double rested;
    private final EachFrame timer = new EachFrame(this::play);
    private boolean playing;

    /** What stands for one block. */
    private record Marks(Polygon edge, Circle handle, HBox who) {}

    /**
     * Something that is being pulled.
     *
     * @param from where the mouse went down, metres
     */
    private record Pull(Laid laid, Vec from, boolean turning) {}

    /**
     * A ground.
     *
     * @param choose told which block was pressed
     * @param place told where one was put
     */
    GroundBoard(Consumer<String> choose, BiConsumer<String, Stand> place) {
        this.choose = choose;
        this.place = place;
        setId("ground-board");
        getStyleClass().add("ground-board");
        setMinSize(0, 0);
        // What stands beyond the ground must not make it larger.
        setPrefSize(0, 0);
        Rectangle edge = new Rectangle();
        edge.widthProperty().bind(widthProperty());
        edge.heightProperty().bind(heightProperty());
        setClip(edge);
        over.setPickOnBounds(false);
        getChildren().add(over);
    }

    /** Shows everything as it is drawn; it goes on playing. */
    void show(BoardModel drawn, Ground there) {
        model = Optional.of(drawn);
        StillBoard still = new StillBoard(drawn, 1);
        board = Optional.of(still);
        getChildren().setAll(still, over);
        stand(there);
        play(playing);
    }

    /** Shows where everything stands, before it is drawn there. */
    void stand(Ground there) {
        ground = Optional.of(there);
        marks.clear();
        over.getChildren().clear();
        for (Laid laid : there.laid()) {
            Marks each = new Marks(new Polygon(), new Circle(HANDLE), new HBox(2));
            each.edge().setId("stand-" + laid.id());
            each.edge().getStyleClass().add("ground-place");
            each.handle().setId("turn-" + laid.id());
            each.handle().getStyleClass().add("ground-turn");
            each.who().setMouseTransparent(true);
            hear(each.edge(), laid, false);
            hear(each.handle(), laid, true);
            marks.put(laid.id(), each);
            over.getChildren().addAll(each.edge(), each.who(), each.handle());
        }
        choose(chosen);
        requestLayout();
    }

    private void hear(Node node, Laid laid, boolean turning) {
        node.setOnMousePressed(e -> {
            choose.accept(laid.id());
            at(e).ifPresent(from -> pull = Optional.of(new Pull(laid, from, turning)));
            e.consume();
        });
        node.setOnMouseDragged(e -> {
            pulled(e).ifPresent(this::shown);
            e.consume();
        });
        node.setOnMouseReleased(e -> {
            Optional<Laid> put = pulled(e);
            pull = Optional.empty();
            put.filter(l -> !l.stand().equals(laid.stand())).ifPresent(l -> place.accept(l.id(), l.stand()));
            e.consume();
        });
    }

    private Optional<Vec> at(MouseEvent e) {
        Point2D here = sceneToLocal(e.getSceneX(), e.getSceneY());
        return board.map(b -> b.map().toSurface(here.getX(), here.getY()));
    }

    /** Where what is pulled would stand by now, in steps that can be paced. */
    private Optional<Laid> pulled(MouseEvent e) {
        return pull.flatMap(p -> at(e).map(now -> {
            Stand stand = p.laid().stand();
            if (p.turning()) {
                double by = now.minus(stand.at()).angle()
                        - p.from().minus(stand.at()).angle();
                return p.laid().on(stand.turned((int) Math.round(Math.toDegrees(by) / TURN) * TURN));
            }
            Vec to = stand.at().plus(now).minus(p.from());
            Vec stepped = new Vec(Math.rint(to.x() / STEP) * STEP, Math.rint(to.y() / STEP) * STEP);
            return p.laid().on(now.distance(p.from()) < STEP ? stand : stand.at(stepped));
        }));
    }

    private void shown(Laid laid) {
        Marks mark = marks.get(laid.id());
        board.ifPresent(b -> outline(mark, laid, b.map()));
        boolean free = ground.map(g -> g.isFree(laid)).orElse(true);
        mark.edge().pseudoClassStateChanged(BLOCKED, !free);
    }

    /** Rings a block; none for empty. */
    void choose(Optional<String> block) {
        chosen = block;
        marks.forEach((id, m) -> {
            boolean is = block.filter(id::equals).isPresent();
            m.edge().pseudoClassStateChanged(CHOSEN, is);
            m.handle().setVisible(is);
        });
    }

    /** Says who is at a block. */
    void who(String block, List<? extends Node> groups) {
        Optional.ofNullable(marks.get(block))
                .ifPresent(m -> m.who().getChildren().setAll(groups));
    }

    @Override
    protected void layoutChildren() {
        board.ifPresent(b -> {
            b.resizeRelocate(0, 0, getWidth(), getHeight());
            b.layout();
            over.resizeRelocate(0, 0, getWidth(), getHeight());
            ground.ifPresent(g -> g.laid().forEach(l -> outline(marks.get(l.id()), l, b.map())));
        });
    }

    private static void outline(Marks mark, Laid laid, ScreenMap map) {
        mark.edge().getPoints().clear();
        double left = Double.MAX_VALUE;
        double bottom = -Double.MAX_VALUE;
        for (Vec corner : laid.corners()) {
            mark.edge().getPoints().addAll(map.x(corner), map.y(corner));
            left = Math.min(left, map.x(corner));
            bottom = Math.max(bottom, map.y(corner));
        }
        Vec handle = laid.corners().get(1);
        mark.handle().setCenterX(map.x(handle));
        mark.handle().setCenterY(map.y(handle));
        mark.who().autosize();
        mark.who().relocate(left + 4, bottom - mark.who().prefHeight(-1) - 4);
    }

    boolean isPlaying() {
        return playing;
    }

    void play(boolean plays) {
        playing = plays;
        if (plays) {
            timer.start();
        } else {
            timer.stop();
        }
    }

    private void play(double seconds) {
        model.ifPresent(m -> {
            double end = m.timeline().duration();
            double t = Math.min(end, m.head().atProperty().get() + seconds);
            m.head().atProperty().set(t);
            rested = t < end ? 0 : rested + seconds;
            if (rested >= REST) {
                rested = 0;
                m.head().atProperty().set(0);
            }
        });
    }
}
