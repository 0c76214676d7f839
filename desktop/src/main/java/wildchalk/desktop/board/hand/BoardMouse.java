package wildchalk.desktop.board.hand;

import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Tool;

/**
 * What the mouse does on the board: a drag from a person chalks, a drag of anything else moves it, a click chooses;
 * with a tool in hand, what the tool is for.
 */
public final class BoardMouse {

    /** Shorter than this a drag is a click, in pixels. */
    private static final double CLICK = 5;

    private final BoardPane pane;
    private final BoardState state;
    private final Guides guides;
    private final Grip placing;
    private final Grip taping;
    private final Grip patterning;
    private final Grip marking;
    private Grip grip;
    private Vec pointer = Vec.ZERO;
    private double pressedX;
    private double pressedY;
    private boolean down;
    private boolean spaceDown;
    private boolean spaceUsed;
    private boolean dragged;
    /** Whether the drill changes because of what the hand does, not underneath it. */
    private boolean acting;

    public BoardMouse(BoardPane pane, BoardState state) {
        this.pane = pane;
        this.state = state;
        this.guides = new Guides(pane, state);
        this.placing = new PlaceGrip(pane, state, guides);
        this.taping = new TapeGrip(pane, state, guides);
        this.patterning = new PatternGrip(pane, state, guides);
        this.marking = new AreaGrip(pane, state, guides);
        pane.setOnMousePressed(this::press);
        pane.setOnMouseDragged(this::drag);
        pane.setOnMouseReleased(this::release);
        pane.setOnMouseMoved(e -> {
            pointer = pane.map().toSurface(e.getX(), e.getY());
            withTool().ifPresent(g -> g.hover(Pointer.of(e, pane)));
        });
        pane.setOnMouseExited(e -> {
            if (!down && state.toolProperty().get().places()) {
                placing.letGo();
            }
        });
        state.changesProperty().addListener(o -> {
            if (!acting) {
                abandon();
            }
        });
        state.toolProperty().addListener((o, was, is) -> {
            gripOf(was).ifPresent(Grip::letGo);
            guides.forgetTyped();
        });
    }

    /** The place under the mouse. */
    public Vec pointer() {
        return pointer;
    }

    /** The space bar is down: until it is let go, a drag moves what is shown. */
    public void holdSpace() {
        spaceUsed &= spaceDown;
        spaceDown = true;
        pane.setCursor(Cursor.OPEN_HAND);
    }

    /** The space bar is up again; says whether it was for nothing but itself. */
    public boolean letSpaceGo() {
        boolean alone = spaceDown && !spaceUsed;
        spaceDown = false;
        pane.setCursor(null);
        return alone;
    }

    /** What puts pieces down. */
    Grip placing() {
        return placing;
    }

    /** A line from somebody. */
    Grip stroke(String who, Vec from) {
        return new StrokeGrip(pane, state, guides, StrokeGrip.From.person(who, from));
    }

    private Optional<Grip> withTool() {
        return gripOf(state.toolProperty().get());
    }

    /** The grip that a tool keeps until it is put down. */
    private Optional<Grip> gripOf(Tool tool) {
        return switch (tool) {
            case TAPE -> Optional.of(taping);
            case PATTERN -> Optional.of(patterning);
            case AREA -> Optional.of(marking);
            default -> tool.places() ? Optional.of(placing) : Optional.empty();
        };
    }

    /** Lets go of what is half done: another button was pressed, or the drill is not the one that was taken hold of. */
    private void abandon() {
        if (grip != null) {
            Grip left = grip;
            grip = null;
            act(() -> left.escape());
            pane.clearSketch();
            pane.showTag(Optional.empty(), 0, 0);
        }
    }

    private void act(Runnable what) {
        boolean before = acting;
        acting = true;
        what.run();
        acting = before;
    }

    private void press(MouseEvent e) {
        abandon();
        pane.requestFocus();
        pane.foldCard();
        state.head().playingProperty().set(false);
        down = true;
        dragged = false;
        guides.forgetTyped();
        pressedX = e.getX();
        pressedY = e.getY();
        Pointer hand = Pointer.of(e, pane);
        grip = e.getButton() == MouseButton.PRIMARY ? withTool().orElse(null) : null;
        if (e.getButton() == MouseButton.MIDDLE || spaceDown) {
            spaceUsed = true;
            grip = new PanGrip(pane);
        } else if (grip == null) {
            grip = switch (state.toolProperty().get()) {
                case CROP -> new CropGrip(pane, state);
                case NEXT -> NextGrip.at(hand, pane, state);
                default -> onWhatIsThere(hand);
            };
        }
        Grip pressed = grip;
        act(() -> pressed.press(hand));
    }

    /** What a press without a tool for it takes hold of. */
    private Grip onWhatIsThere(Pointer hand) {
        boolean moves = state.toolProperty().get() == Tool.MOVE || hand.moves();
        Optional<Grip> nose = moves ? Optional.empty() : NoseGrip.at(hand, pane, state);
        if (nose.isPresent()) {
            return nose.get();
        }
        double t = state.head().atProperty().get();
        Optional<Piece.Person> person = state.picking().person(hand.at(), t);
        if (person.isPresent() && !moves) {
            String who = person.get().id();
            return new StrokeGrip(
                    pane,
                    state,
                    guides,
                    StrokeGrip.From.person(who, state.timeline().at(who, t)));
        }
        Optional<Grip> aim = person.isPresent() ? Optional.empty() : AimGrip.at(hand, pane, state, guides, moves);
        if (aim.isPresent()) {
            return aim.get();
        }
        Optional<Grip> corner = person.isPresent() ? Optional.empty() : CornerGrip.at(hand, pane, state, guides);
        if (corner.isPresent()) {
            return corner.get();
        }
        Optional<Piece> piece = person.map(p -> (Piece) p)
                .or(() -> state.picking().ball(hand.at(), t).map(b -> b));
        if (piece.isEmpty()) {
            var end = state.picking().pathEnd(hand.at());
            if (end.isPresent()) {
                return new StrokeGrip(pane, state, guides, StrokeGrip.From.line(state, end.get()));
            }
            piece = state.picking().gear(hand.at());
        }
        return piece.isPresent()
                ? new MoveGrip(pane, state, guides, piece.get())
                : bend(hand).orElseGet(() -> new LassoGrip(pane, state));
    }

    /** Takes hold of the line that is chosen, where the hand is on it. */
    private Optional<Grip> bend(Pointer hand) {
        return state.selection()
                .action()
                .filter(Travel.class::isInstance)
                .filter(a -> state.picking().isOn(a, hand.at()))
                .map(a -> new BendGrip(pane, state, (Travel) a));
    }

    private void drag(MouseEvent e) {
        dragged |= Math.hypot(e.getX() - pressedX, e.getY() - pressedY) > CLICK;
        if (dragged && grip != null) {
            pane.hideCard(true);
            Grip held = grip;
            act(() -> held.drag(Pointer.of(e, pane)));
        }
    }

    private void release(MouseEvent e) {
        pane.hideCard(false);
        // A quick hand lets go somewhere else than where it was last seen.
        dragged |= Math.hypot(e.getX() - pressedX, e.getY() - pressedY) > CLICK;
        Grip held = grip;
        grip = null;
        down = false;
        if (held != null) {
            act(() -> held.release(Pointer.of(e, pane), dragged));
        }
        guides.forgetTyped();
    }

    /** Does what a key means while the hand is down, or while a tool that measures is in it; false when nothing. */
    public boolean key(KeyEvent e) {
        Grip held = grip != null ? grip : withTool().orElse(null);
        if (held == null) {
            return false;
        }
        if (e.getCode() == KeyCode.ENTER) {
            return held.enter();
        }
        if (e.getCode() == KeyCode.ESCAPE) {
            return held.escape();
        }
        if (!(down || held.measures())) {
            return false;
        }
        boolean taken = e.getCode() == KeyCode.BACK_SPACE ? guides.rubOut() : guides.type(e.getText());
        if (taken) {
            held.typed();
        }
        return taken;
    }
}
