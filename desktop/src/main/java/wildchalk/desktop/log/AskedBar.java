package wildchalk.desktop.log;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.Span;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.ListButton;

/** Which days are looked at, and what of them: by squad, person, skill and drill. */
final class AskedBar extends FlowPane {

    private final LogState state;
    private final List<ToggleButton> ranges = new ArrayList<>();
    private final ListButton own = pill("log-own", this::ownItems);
    private final ListButton squad = pill("log-squad", this::squadItems);
    private final ListButton person = pill("log-person", this::personItems);
    private final ListButton skill = pill("log-skill", this::skillItems);
    private final ListButton drill = pill("log-drill", this::drillItems);

    AskedBar(LogState state) {
        super(6, 6);
        this.state = state;
        setId("log-asked");
        getStyleClass().addAll("filters", "log-filters");
        setAlignment(Pos.CENTER_LEFT);
        ToggleGroup one = new ToggleGroup();
        for (LogState.Range range : LogState.Range.values()) {
            if (range != LogState.Range.OWN) {
                ToggleButton button = new ToggleButton(say("range." + Wordbook.key(range)));
                button.setId("log-range-" + Wordbook.key(range));
                button.getStyleClass().add("pill");
                button.setToggleGroup(one);
                button.setUserData(range);
                button.setOnAction(e -> state.range(range));
                ranges.add(button);
                getChildren().add(button);
            }
        }
        getChildren().addAll(own, squad, person, skill, drill);
        state.shownProperty().addListener(o -> fill());
        fill();
    }

    private static String say(String key, Object... values) {
        return LogState.BOOK.say(key, values);
    }

    private static ListButton pill(String id, Supplier<List<MenuItem>> items) {
        ListButton pill = new ListButton("");
        pill.setId(id);
        pill.getStyleClass().add("pill");
        pill.point();
        pill.offer(items);
        return pill;
    }

    private void fill() {
        Asked asked = state.asked();
        ranges.forEach(r -> r.setSelected(r.getUserData() == state.range()));
        boolean mine = state.range() == LogState.Range.OWN;
        say(
                own,
                say("range.own"),
                mine ? say("range.days", asked.span().from(), asked.span().to()) : "");
        say(squad, say("any.squad"), squads(asked.squad()));
        say(person, say("any.person"), asked.person().isEmpty() ? "" : state.name(asked.person()));
        say(skill, say("any.skill"), asked.skill().map(Skill::words).orElse(""));
        say(drill, say("any.drill"), drillTitle(asked.drill()));
    }

    private static void say(ListButton pill, String name, String value) {
        pill.setText(value.isEmpty() ? name : value);
        pill.setAccessibleText(value.isEmpty() ? name : name + ": " + value);
        pill.getStyleClass().remove("asked");
        if (!value.isEmpty()) {
            pill.getStyleClass().add("asked");
        }
    }

    private Optional<LogState.Shown> shown() {
        return state.shownProperty().get();
    }

    private String squads(String id) {
        return shown().flatMap(s -> Optional.ofNullable(s.filled().squads().get(id)))
                .map(s -> s.title())
                .orElse(id);
    }

    private String drillTitle(String id) {
        return shown().stream()
                .flatMap(s -> s.filled().drills().values().stream())
                .filter(d -> d.id().equals(id))
                .map(d -> d.title())
                .findFirst()
                .orElse(id);
    }

    private MenuItem radio(String words, boolean now, UnaryOperator<Asked> change) {
        RadioMenuItem item = new RadioMenuItem(words);
        item.setSelected(now);
        item.setOnAction(e -> state.ask(change));
        return item;
    }

    /** From a day to a day, as they are typed. */
    private List<MenuItem> ownItems() {
        Span now = state.asked().span();
        boolean mine = state.range() == LogState.Range.OWN;
        TextField from = day("log-from", mine ? now.from().toString() : "");
        TextField to = day("log-to", mine ? now.to().toString() : state.today().toString());
        Label hint = new Label(say("range.hint"));
        HBox row = new HBox(8, from, new Label(say("range.to")), to);
        row.setAlignment(Pos.CENTER_LEFT);
        CustomMenuItem days = new CustomMenuItem(row, false);
        CustomMenuItem words = new CustomMenuItem(hint, false);
        Runnable take = () -> {
            try {
                state.range(new Span(
                        LocalDate.parse(from.getText().strip()),
                        LocalDate.parse(to.getText().strip())));
                days.getParentPopup().hide();
            } catch (DateTimeException | IllegalArgumentException e) {
                hint.setText(say("range.wrong"));
            }
        };
        from.setOnAction(e -> take.run());
        to.setOnAction(e -> take.run());
        return List.of(words, days);
    }

    private static TextField day(String id, String shown) {
        TextField field = new TextField(shown);
        field.setId(id);
        field.setPrefColumnCount(8);
        field.setPromptText(say("range.prompt"));
        return field;
    }

    private List<MenuItem> squadItems() {
        List<MenuItem> items = new ArrayList<>();
        items.add(radio(say("any"), state.asked().squad().isEmpty(), a -> a.ofSquad("")));
        shown().stream()
                .flatMap(s -> s.filled().squads().values().stream())
                .sorted(Comparator.comparing(s -> s.title()))
                .forEach(
                        s -> items.add(radio(s.title(), state.asked().squad().equals(s.id()), a -> a.ofSquad(s.id()))));
        return items;
    }

    private List<MenuItem> personItems() {
        List<MenuItem> items = new ArrayList<>();
        items.add(radio(say("any"), state.asked().person().isEmpty(), a -> a.ofPerson("")));
        state.names().entrySet().stream()
                .sorted(Map.Entry.comparingByValue())
                .forEach(n -> items.add(
                        radio(n.getValue(), state.asked().person().equals(n.getKey()), a -> a.ofPerson(n.getKey()))));
        return items;
    }

    private List<MenuItem> skillItems() {
        List<MenuItem> items = new ArrayList<>();
        items.add(radio(say("any"), state.asked().skill().isEmpty(), a -> a.of(Optional.empty())));
        for (Skill each : Skill.values()) {
            items.add(
                    radio(each.words(), state.asked().skill().equals(Optional.of(each)), a -> a.of(Optional.of(each))));
        }
        return items;
    }

    private List<MenuItem> drillItems() {
        List<MenuItem> items = new ArrayList<>();
        items.add(radio(say("any"), state.asked().drill().isEmpty(), a -> a.ofDrill("")));
        shown().stream()
                .flatMap(s -> s.filled().drills().values().stream())
                .sorted(Comparator.comparing(d -> d.title()))
                .forEach(
                        d -> items.add(radio(d.title(), state.asked().drill().equals(d.id()), a -> a.ofDrill(d.id()))));
        return items;
    }
}
