package wildchalk.desktop.show;

import java.util.Optional;
import javafx.beans.InvalidationListener;
import javafx.css.PseudoClass;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Circle;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.core.show.Stop.Kind;
import wildchalk.core.show.Tour;
import wildchalk.desktop.board.canvas.StillBoard;

/** What people see: the board with large tokens, the words under it, nothing else. */
final class ShowView extends StackPane {

    private static final double TOKENS = 1.35;
    private static final double MARGIN = 24;
    private static final double FOOT = 128;
    /** Longer words than this are said in smaller letters. */
    private static final int LONG = 150;
    /** Radius of a token on the screen within which somebody is meant, pixels. */
    private static final double NEAR = 34;

    private static final PseudoClass LENGTHY = PseudoClass.getPseudoClass("lengthy");

    private final ShowState showing;
    private final StillBoard board;
    private final FadingChalk chalk = new FadingChalk();
    private final Circle laser = new Circle(9, Color.web("#FF3B30"));
    private final Label title = label("show-title", "show-title");
    private final Label you = label("show-you", "show-you");
    private final Label caption = label("show-caption", "show-caption");
    private final Label question = label("show-question", "show-question");
    private final Label answer = label("show-answer", "show-answer");
    private final VBox asked = new VBox(6, question, answer);
    private final HBox options = new HBox(12);
    private final Label speed = label("show-speed", "show-hint");
    private final Region cover = new Region();
    private boolean drew;

    ShowView(ShowState showing) {
        this.showing = showing;
        board = new StillBoard(showing.board(), TOKENS);
        setId("show");
        getStyleClass().add("show");
        setAccessibleRole(AccessibleRole.NODE);
        setFocusTraversable(true);
        asked.getStyleClass().add("freeze-words");
        asked.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        options.setAlignment(Pos.CENTER);
        options.setId("show-options");
        HBox top = new HBox(16, title, you, speed);
        top.setAlignment(Pos.CENTER_LEFT);
        VBox foot = new VBox(12, asked, options, caption);
        foot.setAlignment(Pos.CENTER);
        // The board stays as large as it is, whatever is said.
        foot.setMinHeight(FOOT);
        VBox frame = new VBox(top, board, foot);
        VBox.setVgrow(board, Priority.ALWAYS);
        frame.getStyleClass().add("show-frame");
        for (Label wide : new Label[] {caption, question, answer}) {
            wide.setWrapText(true);
            wide.maxWidthProperty().bind(widthProperty().subtract(4 * MARGIN));
            wide.setMinHeight(USE_PREF_SIZE);
            wide.setAlignment(Pos.CENTER);
        }
        cover.setId("show-blank");
        cover.getStyleClass().add("show-blank");
        cover.visibleProperty().bind(showing.blankProperty());
        laser.setManaged(false);
        laser.setMouseTransparent(true);
        laser.visibleProperty().bind(showing.laserProperty());
        chalk.setManaged(false);
        getChildren().addAll(frame, chalk, laser, cover);
        listen();
    }

    private static Label label(String id, String style) {
        Label label = new Label();
        label.setId(id);
        label.getStyleClass().add(style);
        return label;
    }

    private void listen() {
        InvalidationListener tell = o -> tell();
        showing.tourProperty().addListener(tell);
        showing.movingProperty().addListener(tell);
        showing.slowProperty().addListener(tell);
        showing.board().focus().followedProperty().addListener(tell);
        showing.laserProperty()
                .addListener(o -> setCursor(showing.laserProperty().get() ? Cursor.NONE : Cursor.DEFAULT));
        setOnMouseMoved(this::point);
        setOnMousePressed(e -> {
            drew = false;
            chalk.begin(e.getX(), e.getY());
        });
        setOnMouseDragged(e -> {
            drew = true;
            point(e);
            chalk.draw(e.getX(), e.getY());
        });
        setOnMouseReleased(e -> {
            chalk.end();
            if (!drew) {
                follow(e);
            }
        });
        tell();
    }

    private void point(MouseEvent e) {
        laser.setCenterX(e.getX());
        laser.setCenterY(e.getY());
    }

    /** A click on somebody follows them; beside everybody, nobody. */
    private void follow(MouseEvent e) {
        Point2D at = board.sceneToLocal(e.getSceneX(), e.getSceneY());
        double t = showing.board().head().atProperty().get();
        Optional<String> hit = showing.board().stage().people().stream()
                .filter(p -> {
                    Vec pose = showing.board().timeline().at(p.id(), t);
                    return Math.hypot(
                                    board.map().x(pose) - at.getX(), board.map().y(pose) - at.getY())
                            < NEAR;
                })
                .map(Piece::id)
                .findFirst();
        showing.board().focus().followedProperty().set(hit);
    }

    private void tell() {
        Tour tour = showing.tourProperty().get();
        Optional<String> followed = showing.board().focus().followedProperty().get();
        title.setText(Captions.title(tour));
        you.setText(Captions.follows(tour, followed));
        you.setVisible(!you.getText().isEmpty());
        speed.setText((showing.slowProperty().get() ? "half speed" : "full speed")
                + (tour.stop().kind() == Kind.START ? "  ·  Space goes on, N shows your notes and the keys" : ""));
        boolean moving = showing.movingProperty().get();
        boolean asks = !moving && tour.freeze().isPresent();
        question.setText(tour.freeze()
                .map(f -> f.question().isBlank() ? "Freeze" : f.question())
                .orElse(""));
        boolean told = tour.stop().kind() == Kind.ANSWER;
        answer.setText(told ? tour.freeze().map(f -> f.answer()).orElse("") : "");
        show(asked, asks);
        show(answer, asks && !answer.getText().isBlank());
        caption.setText(Captions.of(
                tour, showing.board().viewing().unitsProperty().get().unit(), followed));
        caption.pseudoClassStateChanged(LENGTHY, caption.getText().length() > LONG);
        show(caption, !asks);
        options.getChildren().clear();
        if (!moving) {
            Captions.options(tour).forEach(o -> options.getChildren().add(chip(o)));
            if (!options.getChildren().isEmpty()) {
                options.getChildren().add(0, chip(Captions.decides(tour)));
                options.getChildren().get(0).getStyleClass().setAll("label", "show-hint");
            }
        }
        show(options, !options.getChildren().isEmpty());
        setAccessibleText(
                title.getText() + ". " + (asks ? question.getText() + " " + answer.getText() : caption.getText()));
    }

    private Label chip(String words) {
        Label chip = new Label(words);
        chip.getStyleClass().add("show-option");
        return chip;
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        if (chalk.getWidth() != getWidth() || chalk.getHeight() != getHeight()) {
            chalk.setWidth(getWidth());
            chalk.setHeight(getHeight());
        }
    }

    FadingChalk chalk() {
        return chalk;
    }
}
