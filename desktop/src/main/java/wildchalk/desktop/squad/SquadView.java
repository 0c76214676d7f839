package wildchalk.desktop.squad;

import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import wildchalk.core.effort.Effort;
import wildchalk.core.motion.Speeds;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Pace;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.SurfacePlan;

/** A squad: who is there on the left, the groups on the right; somebody's card in place of the groups. */
public final class SquadView extends BorderPane {

    private static final KeyCombination FIND = new KeyCodeCombination(KeyCode.F, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCombination UNDO = new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCombination REDO =
            new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
    private static final KeyCombination REDO_TOO = new KeyCodeCombination(KeyCode.Y, KeyCombination.SHORTCUT_DOWN);

    private final SquadState state;
    private final SquadDesk desk;
    private final SquadTitle title;
    private final WhoIsThere who;
    private final GroupsSide groups;
    private final StackPane right = new StackPane();

    public SquadView(SquadState state, SquadDesk desk) {
        this.state = state;
        this.desk = desk;
        this.title = new SquadTitle(state, desk);
        this.who = new WhoIsThere(state, title, this::add);
        this.groups = new GroupsSide(state);
        setId("squad-view");
        getStyleClass().add("squad-view");
        setLeft(who);
        setCenter(right);
        BorderPane.setMargin(right, new Insets(0, 0, 0, 20));
        state.document().changesProperty().addListener(o -> fill());
        state.chosenProperty().addListener(o -> groups.fill());
        state.dividingProperty().addListener(o -> groups.fill());
        state.personProperty().addListener(o -> showRight());
        fill();
    }

    private void fill() {
        title.fill();
        who.fill();
        groups.fill();
        showRight();
    }

    private void showRight() {
        right.getChildren()
                .setAll(state.personProperty().get().flatMap(this::card).orElse(groups));
    }

    private Optional<Node> card(String id) {
        Optional<Node> member = state.squad().person(id).map(this::card);
        return member.or(() -> state.squad().staff().stream()
                .filter(h -> h.id().equals(id))
                .findFirst()
                .map(this::card));
    }

    private Node card(Member person) {
        return scrolled(new PersonCard(state, person, pace(person), p -> desk.forget(state.squad(), p.id(), p.name())));
    }

    private Node card(Helper helper) {
        return scrolled(new HelperCard(state, helper, () -> desk.forget(state.squad(), helper.id(), helper.name())));
    }

    private static Node scrolled(Node card) {
        ScrollPane scroll = new ScrollPane(card);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("groups-scroll");
        return scroll;
    }

    /** By what is usual where they play; nothing is learned of a squad of which that is not said. */
    private Optional<Pace> pace(Member person) {
        return desk.surfaces()
                .plan(state.squad().usual().surface())
                .map(SurfacePlan::usual)
                .flatMap(s -> pace(person, s));
    }

    private Optional<Pace> pace(Member person, Surface surface) {
        Effort effort = new Effort(state.squad().usual().level(), Effort.Intensity.LIVE);
        return Pace.of(person, Speeds.of(surface, effort));
    }

    private void add() {
        AddPeople page = new AddPeople(state, desk::peopleFile, desk::back);
        desk.lay(page);
        page.names().requestFocus();
    }

    /** A key that was pressed anywhere in the window while the page is shown. */
    public void key(KeyEvent e) {
        if (FIND.match(e)) {
            who.find().requestFocus();
            who.find().selectAll();
        } else if (UNDO.match(e)) {
            state.document().undo();
        } else if (REDO.match(e) || REDO_TOO.match(e)) {
            state.document().redo();
        } else if (e.getCode() == KeyCode.ESCAPE) {
            escape();
        } else {
            return;
        }
        e.consume();
    }

    private void escape() {
        if (!state.findProperty().get().isEmpty()) {
            state.findProperty().set("");
        } else if (state.personProperty().get().isPresent()) {
            state.look(Optional.empty());
        } else {
            state.chooseNobody();
        }
    }
}
