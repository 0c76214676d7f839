package wildchalk.desktop.board.canvas;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.InvalidationListener;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Label;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Showing;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Extent;
import wildchalk.core.scene.Shape;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.BoardVoice;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/**
 * The board itself: a canvas for each layer of the scene that stands still, and what moves in front of them. While
 * something is dragged, only the layer that holds what is dragged is painted anew.
 */
public final class BoardPane extends Pane {

    /** Room round what is dragged, in token radii. */
    private static final double ROOM = 2;

    private final BoardState state;
    private final GroundLayer ground = new GroundLayer();
    private final GlowLayer glow;
    private final TrailLayer trails;
    private final ChalkLayer chalk = new ChalkLayer();
    private final SetOutLayer setOut;
    private final FootpathLayer footpaths;
    private final Canvas moved = new Canvas();
    private final LivePane live;
    private final CrowdPane crowd;
    private final Canvas sketch = new Canvas();
    private final DifferenceLayer difference;
    private final FreezeLayer freeze;
    private final FoundLayer found;
    private final Label tag = new Label();
    private Region corner;
    private final CardCorner cards;
    private final ReadOnlyObjectWrapper<ScreenMap> map =
            new ReadOnlyObjectWrapper<>(new ScreenMap(1, Vec.ZERO, 1, 1, Attack.RIGHT));
    private Set<String> leftOut = Set.of();
    private final Zoom zoom = new Zoom();
    private Showing showing;

    public BoardPane(BoardState state) {
        this.state = state;
        this.cards = new CardCorner(this, getChildren(), state);
        this.glow = new GlowLayer(state.model());
        this.trails = new TrailLayer(state.model());
        this.live = new LivePane(state.model(), state.selection().chosenProperty());
        this.crowd = new CrowdPane(state, map.getReadOnlyProperty());
        this.setOut = new SetOutLayer(state);
        this.footpaths = new FootpathLayer(state);
        this.difference = new DifferenceLayer(state.model(), state::announce);
        this.freeze = new FreezeLayer(state.model());
        this.found = new FoundLayer(state, map.getReadOnlyProperty());
        setId("board");
        getStyleClass().add("board");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        setMinSize(300, 200);
        addLayers();
        clipToBounds();
        state.changesProperty().addListener((o, was, is) -> drillChanged());
        state.model().draftProperty().addListener((o, was, is) -> draftChanged());
        state.selection().chosenProperty().addListener((o, was, is) -> paintAll());
        state.focus().pointedAtProperty().addListener((o, was, is) -> moved());
        state.head().atProperty().addListener((o, was, is) -> moved());
        state.head().playingProperty().addListener((o, was, is) -> paintLive());
        state.viewing().lookProperty().addListener((o, was, is) -> paintAll());
        state.viewing().aidsProperty().addListener((o, was, is) -> paintAll());
        state.sheets().sheetProperty().addListener(o -> setOut.repaint(map()));
        state.sheets().wantedProperty().addListener(o -> paintAll());
        state.flow().wantedProperty().addListener(o -> paintAll());
        state.flow().answerProperty().addListener(o -> footpaths.repaint(map()));
        state.many().shownProperty().addListener(o -> {
            live.showOnly(state.many().shownProperty().get() ? Piece.Coach.class::isInstance : p -> true);
            paintAll();
        });
        state.focus().overProperty().addListener(o -> difference.repaint(map()));
        state.focus().frozenProperty().addListener(o -> freeze.repaint(map()));
        setOnScroll(this::scroll);
        setOnZoom(e -> {
            nearer(e.getZoomFactor(), e.getX(), e.getY());
            e.consume();
        });
        tell();
        drillChanged();
    }

    private void addLayers() {
        sketch.setMouseTransparent(true);
        sketch.setVisible(false);
        moved.setMouseTransparent(true);
        moved.setManaged(false);
        tag.setId("stroke-tag");
        tag.getStyleClass().add("stroke-tag");
        tag.setVisible(false);
        tag.setManaged(false);
        tag.setMouseTransparent(true);
        getChildren()
                .addAll(
                        ground,
                        trails,
                        glow,
                        chalk,
                        difference,
                        setOut,
                        footpaths,
                        moved,
                        live,
                        crowd,
                        sketch,
                        freeze,
                        found,
                        tag);
    }

    /** Says what is chosen and in the hand to a screen reader. */
    private void tell() {
        BoardVoice voice = new BoardVoice(state);
        InvalidationListener tell = o -> setAccessibleText(voice.board());
        state.selection().chosenProperty().addListener(tell);
        state.toolProperty().addListener(tell);
        tell.invalidated(null);
    }

    @Override
    protected void layoutChildren() {
        double w = Math.floor(getWidth());
        double h = Math.floor(getHeight());
        if (corner != null) {
            corner.autosize();
            corner.relocate(w - corner.getWidth() - 12, 8);
        }
        cards.layout(w, h, map());
        if (w != ground.getWidth() || h != ground.getHeight()) {
            for (Canvas canvas :
                    new Canvas[] {ground, trails, glow, chalk, difference, setOut, footpaths, sketch, freeze, found}) {
                canvas.setWidth(w);
                canvas.setHeight(h);
            }
            ground.forget();
            drillChanged();
        }
    }

    /** From places on the surface to pixels of this pane. */
    public ScreenMap map() {
        return map.get();
    }

    /** Another one whenever the view or the size is. */
    public ReadOnlyObjectProperty<ScreenMap> mapProperty() {
        return map.getReadOnlyProperty();
    }

    /** Lays something over the board that places itself. */
    public void over(Node... nodes) {
        getChildren().addAll(nodes);
    }

    /** Puts something into the upper right corner. */
    public void inCorner(Region region) {
        corner = region;
        getChildren().add(region);
    }

    /** Shows all that the drill shows, as large as it goes. */
    public void fit() {
        zoom.forget();
        drillChanged();
    }

    /** A wheel goes nearer or farther off; two fingers, or a wheel that turns sideways, move what is shown. */
    private void scroll(ScrollEvent e) {
        if (e.getTouchCount() > 1 || e.getDeltaX() != 0) {
            pan(e.getDeltaX(), e.getDeltaY());
        } else {
            nearer(Math.exp(e.getDeltaY() * Zoom.PER_PIXEL), e.getX(), e.getY());
        }
        e.consume();
    }

    private void nearer(double share, double x, double y) {
        if (zoom.by(share, map().toSurface(x, y), x, y, map())) {
            drillChanged();
        }
    }

    /** Moves what is shown by some pixels. */
    public void pan(double right, double down) {
        zoom.pan(right, down, map());
        drillChanged();
    }

    /**
     * Where a stroke is shown while it is drawn. A layer with nothing on it is hidden: it would cost a frame all the
     * same.
     */
    public Canvas sketch() {
        sketch.setVisible(true);
        return sketch;
    }

    public void clearSketch() {
        brush(sketch).clear();
        sketch.setVisible(false);
    }

    /** Shows shapes that belong to no drill yet, such as a tape that is being laid. */
    public void sketch(List<Shape> shapes) {
        ScreenBrush brush = brush(sketch());
        brush.clear();
        brush.paint(shapes);
    }

    /** The card in the corner of the board while nothing special is under way; null for none. */
    public void showUsualCard(Region usual) {
        cards.showUsual(usual);
    }

    /** A card that goes before the usual one; null gives way to it again. */
    public void showCard(Region special) {
        cards.showSpecial(special);
    }

    /** Whether the card is out of the way of a hand that drags. */
    public void hideCard(boolean hidden) {
        cards.hide(hidden);
    }

    /** Lays the card on top of all that has come meanwhile. */
    public void cardToFront() {
        cards.toFront();
    }

    /** Makes room on the board for the hand. */
    public void foldCard() {
        cards.fold();
    }

    /** How often the layer that stands still was painted. */
    int chalkPainted() {
        return chalk.painted();
    }

    /** Nobody is shown outside the board. */
    private void clipToBounds() {
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
    }

    private void drillChanged() {
        Surface surface = state.surface();
        if (!state.drill().showing().equals(showing)) {
            showing = state.drill().showing();
            zoom.forget();
        }
        state.model().scaleTokens(zoom.tokens());
        map.set(zoom.of(ScreenMap.fit(state.drill(), surface, Math.max(1, getWidth()), Math.max(1, getHeight()))));
        leftOut = Set.of();
        moved.setVisible(false);
        paintAll();
    }

    /** Shows an edit under way: what it changes is taken out of the chalk layer once, then painted by itself. */
    private void draftChanged() {
        Set<String> wanted = state.shown().moved();
        boolean inChalk = wanted.stream().anyMatch(this::isInChalk);
        if (!wanted.equals(leftOut) && (inChalk || leftOut.stream().anyMatch(this::isInChalk))) {
            leftOut = wanted;
            paintChalk();
        }
        leftOut = wanted;
        paintMoved();
        paintLive();
    }

    private boolean isLineUp(String id) {
        return state.stage().person(id).filter(Piece.LineUp.class::isInstance).isPresent();
    }

    private boolean isInChalk(String id) {
        return state.stage().piece(id).isPresent() || state.stage().action(id).isPresent();
    }

    private void paintMoved() {
        Set<String> ids = state.shown().moved();
        List<Shape> shapes = ids.isEmpty()
                ? List.of()
                : state.shown().board().chalk(state.selection().chosenProperty().get(), ids::contains);
        Optional<Box> box = Extent.of(shapes);
        moved.setVisible(box.isPresent());
        if (box.isEmpty()) {
            return;
        }
        Box room = box.get().grown(state.board().frame().unit() * ROOM);
        boolean upright = map().attack().isUpright();
        double w = Math.ceil((upright ? room.height() : room.width()) * map().scale());
        double h = Math.ceil((upright ? room.width() : room.height()) * map().scale());
        double x = Math.round(map().x(room.centre()) - w / 2);
        double y = Math.round(map().y(room.centre()) - h / 2);
        moved.setWidth(Math.min(w, 2 * getWidth()));
        moved.setHeight(Math.min(h, 2 * getHeight()));
        moved.relocate(x, y);
        ScreenBrush brush = new ScreenBrush(
                moved,
                state.viewing().lookProperty().get(),
                map().around(
                                map().toSurface(x + moved.getWidth() / 2, y + moved.getHeight() / 2),
                                moved.getWidth(),
                                moved.getHeight()));
        brush.clear();
        brush.paint(shapes);
    }

    private void paintAll() {
        ground.show(state, map());
        glow.repaint(map());
        trails.repaint(map());
        paintChalk();
        setOut.repaint(map());
        footpaths.repaint(map());
        difference.repaint(map());
        freeze.repaint(map());
        paintLive();
    }

    private void paintChalk() {
        Set<String> without = leftOut;
        // Whoever puts the gear down is not helped by the lines of what happens later.
        boolean lines = !state.sheets().wantedProperty().get();
        // While many reps are looked at those who wait are there themselves.
        boolean lineUps = !state.many().shownProperty().get();
        chalk.show(
                state.board()
                        .chalk(
                                state.selection().chosenProperty().get(),
                                id -> !without.contains(id)
                                        && (lineUps || !isLineUp(id))
                                        && (lines || state.stage().piece(id).isPresent())),
                map(),
                state.viewing().lookProperty().get());
    }

    private void moved() {
        glow.change();
        trails.follow();
        paintLive();
    }

    private void paintLive() {
        live.show(map());
    }

    private ScreenBrush brush(Canvas canvas) {
        return new ScreenBrush(canvas, state.viewing().lookProperty().get(), map());
    }

    /** Shows words beside the pointer; none takes them away. */
    public void showTag(Optional<String> words, double x, double y) {
        tag.setVisible(words.isPresent());
        words.ifPresent(w -> {
            tag.setText(w);
            tag.toFront();
            tag.autosize();
            tag.relocate(
                    Math.max(4, Math.min(getWidth() - tag.getWidth() - 4, x + 14)),
                    Math.max(4, Math.min(getHeight() - tag.getHeight() - 4, y + 10)));
        });
    }
}
