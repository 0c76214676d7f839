package wildchalk.desktop.board.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.casting.Caster;
import wildchalk.core.casting.Casting;
import wildchalk.core.casting.Named;
import wildchalk.core.casting.Role;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.edit.RotationEdits;
import wildchalk.core.squad.FirstNames;
import wildchalk.core.squad.GroupNames;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.Badge;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.control.ListButton;

/** Who plays: people of a squad in the roles of the rung, while that is looked at, and whom a role is for. */
final class CastPane extends VBox {

    private static final Wordbook BOOK = Wordbook.beside(CastPane.class, "Cast");
    private static final double BADGE = 24;
    private static final int WORDS = 60;

    private final BoardState state;
    private final ListButton who = new ListButton("");
    private final FlowPane ways = new FlowPane(6, 4);
    private final VBox roles = new VBox(4);
    private List<Squad> squads = List.of();
    private Optional<Company> company = Optional.empty();
    private Caster.Way way = Caster.Way.POSITION;
    private int turn;

    /**
     * Those who are put into roles.
     *
     * @param name what they are called together
     * @param group number of their group, from 0; -1 for everybody who plays
     */
    private record Company(Squad squad, String name, int group) {

        List<Member> people() {
            List<Groups.Group> groups =
                    squad.tonight().groups().orElse(Groups.NONE).groups();
            if (group < 0 || group >= groups.size()) {
                return squad.playing();
            }
            return groups.get(group).people().stream()
                    .flatMap(id -> squad.person(id).stream())
                    .toList();
        }

        Company in(Squad now) {
            return new Company(now, name, group);
        }
    }

    CastPane(BoardState state) {
        super(6);
        this.state = state;
        setId("cast");
        who.setId("cast-who");
        who.getStyleClass().add("pill");
        who.point();
        who.offer(this::companies);
        // A squad is not asked for with every line that is drawn: only when somebody wants to choose.
        who.setOnAction(e -> state.desk().squads(all -> {
            squads = all;
            who.open();
        }));
        state.changesProperty().addListener(o -> fillUp());
        getChildren().addAll(who, ways, roles);
        showWho();
    }

    /** A rung that has more roles has people for them too. */
    private void fillUp() {
        state.model()
                .cast()
                .ifPresent(now -> company.ifPresent(those -> {
                    Casting filled = Caster.filledUp(
                            now.casting(),
                            Role.of(state.stage(), state.surface()),
                            those.in(now.squad()).people(),
                            way);
                    if (!filled.equals(now.casting())) {
                        state.model().cast(Optional.of(new Named(filled, now.squad())));
                    }
                }));
    }

    /** Shows the roles as they are now. */
    void fill() {
        company = state.model().cast().flatMap(c -> company.map(those -> those.in(c.squad())));
        showWho();
        roles.getChildren().clear();
        if (company.isEmpty()) {
            return;
        }
        for (Role role : Role.of(state.stage(), state.surface())) {
            roles.getChildren().add(row(state.stage().person(role.id()).orElseThrow()));
        }
    }

    private void showWho() {
        who.setText(company.map(Company::name).orElse(BOOK.say("nobody")));
        ways.getChildren().clear();
        ways.setManaged(company.isPresent());
        if (company.isEmpty()) {
            return;
        }
        for (Caster.Way each : Caster.Way.values()) {
            ToggleButton button = new ToggleButton(BOOK.say("way." + Wordbook.key(each)));
            button.setId("cast-" + Wordbook.key(each));
            button.getStyleClass().add("pill");
            button.setSelected(way == each);
            button.setOnAction(e -> {
                turn = each == Caster.Way.TURN && way == each ? turn + 1 : 0;
                way = each;
                cast();
            });
            ways.getChildren().add(button);
        }
    }

    private List<MenuItem> companies() {
        List<MenuItem> items = new ArrayList<>();
        items.add(company(BOOK.say("nobody"), Optional.empty()));
        for (Squad squad : squads) {
            items.add(new SeparatorMenuItem());
            items.add(company(squad.title(), Optional.of(new Company(squad, squad.title(), -1))));
            Groups groups = squad.tonight().groups().orElse(Groups.NONE);
            List<String> names = GroupNames.of(groups.bibs());
            for (int g = 0; g < names.size(); g++) {
                String name = BOOK.say("group", squad.title(), names.get(g));
                items.add(company(name, Optional.of(new Company(squad, name, g))));
            }
        }
        return items;
    }

    private MenuItem company(String words, Optional<Company> those) {
        RadioMenuItem item = new RadioMenuItem(words);
        item.setSelected(company.map(Company::name).equals(those.map(Company::name)));
        item.setOnAction(e -> {
            company = those;
            turn = 0;
            cast();
        });
        return item;
    }

    private void cast() {
        state.model()
                .cast(company.map(c -> new Named(
                        Caster.cast(Role.of(state.stage(), state.surface()), c.people(), way, turn), c.squad())));
        showWho();
    }

    private HBox row(Piece.Person role) {
        Label badge = Badge.of(role, BADGE);
        Hyperlink name = new Hyperlink(
                state.model().cast().flatMap(c -> c.name(role.id())).orElse(BOOK.say("role")));
        name.setMinWidth(USE_PREF_SIZE);
        name.setId("cast-" + role.id());
        name.getStyleClass().add("next-phrase");
        name.setOnAction(e -> offer(role.id(), name));
        TextField fits = Fields.text(
                "fits-" + role.id(),
                state.stage().instructions(Rotation.Fits.class).stream()
                        .filter(f -> f.who().equals(role.id()))
                        .map(Rotation.Fits::words)
                        .findFirst()
                        .orElse(""),
                WORDS,
                words -> state.apply(RotationEdits.fits(state.rung(), role.id(), words)));
        fits.setPromptText(BOOK.say("fits"));
        fits.setAccessibleText(BOOK.say("fits.of", role.label()));
        fits.getStyleClass().add("note-field");
        HBox.setHgrow(fits, Priority.ALWAYS);
        fits.setMinWidth(0);
        HBox row = new HBox(8, badge, name, fits);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("next-row");
        return row;
    }

    /** Everybody who could play it: whoever is taken changes places with who does. */
    private void offer(String role, Node at) {
        Named cast = state.model().cast().orElseThrow();
        Map<String, String> names = FirstNames.of(cast.squad().all().toList());
        ContextMenu menu = new ContextMenu();
        for (Member person : company.orElseThrow().people()) {
            RadioMenuItem item = new RadioMenuItem(names.get(person.id()));
            item.setSelected(cast.casting().front(role).equals(Optional.of(person.id())));
            item.setOnAction(e -> {
                Casting changed = cast.casting().with(role, person.id());
                state.model().cast(Optional.of(new Named(changed, cast.squad())));
            });
            menu.getItems().add(item);
        }
        menu.show(at, Side.BOTTOM, 0, 2);
    }
}
