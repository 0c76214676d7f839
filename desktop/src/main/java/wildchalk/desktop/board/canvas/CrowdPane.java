package wildchalk.desktop.board.canvas;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Replay;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.ManyReps;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/**
 * Everybody and all balls while many reps are looked at, each on a small canvas of their own that is moved about. Who
 * is clicked on is followed.
 */
final class CrowdPane extends Pane {

    /** Half the side of a canvas, in token radii: room for the token, its nose and a name under it. */
    private static final double REACH = 2.6;
    /** Half the side of the canvas of a ball, in token radii. */
    private static final double BALL = 0.6;
    /** Turns smaller than this are not painted, in radians; larger ones neither while it plays fast. */
    private static final double TURN = 0.12;

    private static final double FAST_TURN = 0.4;
    /** How well those are seen who wait, who are on the way, and who are not followed. */
    private static final double WAITING = 0.7;

    private static final double ON_THE_WAY = 0.85;
    private static final double ASIDE = 0.25;

    /** What a canvas shows; painted anew when it changes. */
    private record Painted(Piece.Person who, long facing, double scaleAndTurn, Look look, double seen) {}

    private final BoardState state;
    private final ObservableValue<ScreenMap> map;
    private final Map<String, Canvas> people = new HashMap<>();
    private final Map<String, Painted> painted = new HashMap<>();
    private final List<Canvas> balls = new ArrayList<>();
    private double ballScale;

    CrowdPane(BoardState state, ObservableValue<ScreenMap> map) {
        this.state = state;
        this.map = map;
        setId("crowd");
        setManaged(false);
        setPickOnBounds(false);
        ManyReps many = state.many();
        visibleProperty().bind(many.shownProperty());
        many.shownProperty().addListener(o -> show());
        many.atProperty().addListener(o -> show());
        many.followedProperty().addListener(o -> show());
        state.flow().answerProperty().addListener(o -> show());
        state.viewing().lookProperty().addListener(o -> show());
        map.addListener(o -> show());
        addEventHandler(MouseEvent.MOUSE_CLICKED, this::click);
    }

    /** What is pressed here is no piece of the drill. */
    private void click(MouseEvent e) {
        if (e.getTarget() instanceof Canvas canvas && canvas.getUserData() instanceof String letter) {
            state.many().follow(letter);
        }
        e.consume();
    }

    private void show() {
        Optional<Replay> replay = state.many().replay();
        if (!isVisible() || replay.isEmpty()) {
            getChildren().clear();
            people.clear();
            painted.clear();
            balls.clear();
            return;
        }
        double t = state.many().atProperty().get();
        List<String> letters = replay.get().letters();
        if (people.size() != letters.size() || !people.keySet().containsAll(letters)) {
            people.values().forEach(getChildren()::remove);
            people.keySet().retainAll(letters);
            painted.keySet().retainAll(letters);
            letters.forEach(l -> people.computeIfAbsent(l, CrowdPane::token));
            letters.forEach(l -> getChildren().add(people.get(l)));
        }
        letters.forEach(l -> place(replay.get().at(l, t)));
        show(replay.get().ballsDrawn(t, state.board().frame().unit()));
    }

    private static Canvas token(String letter) {
        Canvas canvas = new Canvas();
        canvas.setId("crowd-" + letter);
        canvas.setUserData(letter);
        return canvas;
    }

    private double side() {
        return Math.ceil(
                2 * REACH * state.board().frame().unit() * map.getValue().scale());
    }

    private void place(Replay.Now now) {
        Optional<Piece.Person> role = state.stage().person(now.role());
        Piece.Person who = token(role, state.many().name(now.letter()));
        ScreenMap on = map.getValue();
        Canvas canvas = people.get(now.letter());
        double side = side();
        boolean fast = state.many().playingProperty().get()
                && state.many().speedProperty().get() > ManyReps.SPEEDS.get(0);
        double turn = fast ? FAST_TURN : TURN;
        Painted wanted = new Painted(
                who,
                Math.round(now.facing() / turn),
                on.scale() + on.attack().ordinal() * 1e6,
                state.viewing().lookProperty().get(),
                state.many().followedProperty().get().isPresent() ? 1 : seen(now.doing()));
        if (!wanted.equals(painted.put(now.letter(), wanted)) || canvas.getWidth() != side) {
            canvas.setWidth(side);
            canvas.setHeight(side);
            // Paler paint, and no paler node: that would cost a picture of its own with every frame.
            canvas.getGraphicsContext2D().setGlobalAlpha(wanted.seen());
            paint(canvas, state.board().somebody(who, new Pose(now.at(), now.facing())), now.at());
        }
        move(canvas, now.at());
        Optional<String> followed = state.many().followedProperty().get();
        canvas.setOpacity(followed.isPresent() && !followed.get().equals(now.letter()) ? ASIDE : 1);
    }

    private static double seen(Doing doing) {
        return switch (doing) {
            case BUSY -> 1;
            case ON_THE_WAY -> ON_THE_WAY;
            case WAITING -> WAITING;
        };
    }

    /** Somebody with the token of a role, and their own name or letter on it. */
    private static Piece.Person token(Optional<Piece.Person> role, String name) {
        if (role.isPresent() && role.get() instanceof Piece.Goalkeeper keeper) {
            return new Piece.Goalkeeper(keeper.id(), Vec.ZERO, 0, name, keeper.bib());
        }
        return new Piece.Player(
                role.map(Piece::id).orElse(""),
                Vec.ZERO,
                0,
                name,
                role.map(Piece.Person::bib).orElse(Bib.CHALK));
    }

    private void show(List<Replay.BallNow> now) {
        double side = Math.ceil(
                2 * BALL * state.board().frame().unit() * map.getValue().scale());
        boolean anew = ballScale != side;
        ballScale = side;
        while (balls.size() < now.size()) {
            Canvas canvas = new Canvas();
            canvas.setMouseTransparent(true);
            balls.add(canvas);
            getChildren().add(canvas);
        }
        for (int i = 0; i < balls.size(); i++) {
            Canvas canvas = balls.get(i);
            canvas.setVisible(i < now.size());
            if (anew || canvas.getWidth() != side) {
                canvas.setWidth(side);
                canvas.setHeight(side);
                paint(canvas, state.board().ballAt(Vec.ZERO), Vec.ZERO);
            }
            if (i < now.size()) {
                move(canvas, now.get(i).at());
            }
        }
    }

    private void paint(Canvas canvas, List<Shape> shapes, Vec at) {
        ScreenBrush brush = new ScreenBrush(
                canvas,
                state.viewing().lookProperty().get(),
                map.getValue().around(at, canvas.getWidth(), canvas.getHeight()));
        brush.clear();
        brush.paint(shapes);
    }

    private void move(Canvas canvas, Vec at) {
        canvas.setTranslateX(Math.round(map.getValue().x(at) - canvas.getWidth() / 2));
        canvas.setTranslateY(Math.round(map.getValue().y(at) - canvas.getHeight() / 2));
    }
}
