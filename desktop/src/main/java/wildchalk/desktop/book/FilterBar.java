package wildchalk.desktop.book;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import wildchalk.core.catalogue.DrillQuery;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.catalogue.Space;
import wildchalk.core.drill.GearKind;
import wildchalk.core.effort.Effort;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.ListButton;

/** The filters of the Book: a pill for each, which says what is asked while something is. */
final class FilterBar extends FlowPane {

    private static final Wordbook BOOK = Wordbook.beside(FilterBar.class, "Filter");

    private static final int MOST = 9999;
    /** Fields stand below each other, whatever is written before them. */
    private static final double LINE = 230;

    private final Finder finder;
    private final ListButton surfaces = pill("filter-surface");
    private final ListButton people = pill("filter-people");
    private final ListButton gear = pill("filter-gear");
    private final ListButton space = pill("filter-space");
    private final ListButton minutes = pill("filter-minutes");
    private final ListButton skills = pill("filter-skill");
    private final ListButton ages = pill("filter-age");
    private final ListButton pace = pill("filter-pace");
    private final ListButton care = pill("filter-care");
    private final Button clear = new Button("Show all again");
    private final ListButton order = pill("order");

    FilterBar(Finder finder) {
        super(6, 6);
        this.finder = finder;
        getStyleClass().add("filters");
        setAlignment(Pos.CENTER_LEFT);
        clear.setId("filter-clear");
        clear.getStyleClass().add("pill");
        clear.setOnAction(e -> finder.forget());
        getChildren().addAll(surfaces, people, gear, space, minutes, skills, ages, pace, care, order, clear);
        surfaces.offer(() -> surfaceItems());
        skills.offer(() -> skillItems());
        ages.offer(() -> ageItems());
        gear.offer(() -> gearItems());
        space.offer(() -> one(Space.values(), asked().space(), Space::words, s -> ask(asked().space(s))));
        pace.offer(() ->
                one(Effort.Intensity.values(), asked().intensity(), EffortWords::of, i -> ask(asked().intensity(i))));
        care.offer(() -> List.of(
                radio(BOOK.say("any"), !asked().hurting(), () -> ask(asked().hurting(false))),
                radio(BOOK.say("could-hurt"), asked().hurting(), () -> ask(asked().hurting(true)))));
        people.offer(() -> List.of(number(
                "People there are tonight", "filter-people-count", asked().people(), n -> ask(asked().people(n)))));
        minutes.offer(() -> List.of(
                number("Minutes there are", "filter-minutes-count", asked().minutes(), n -> ask(asked().minutes(n)))));
        order.offer(() ->
                Arrays.stream(DrillQuery.Order.values()).map(this::orderItem).toList());
        finder.askedProperty().addListener(o -> say());
        finder.orderProperty().addListener(o -> say());
        finder.wordsProperty().addListener(o -> say());
        finder.placeProperty().addListener(o -> say());
        finder.shownProperty().addListener(o -> say());
        say();
    }

    private static ListButton pill(String id) {
        ListButton pill = new ListButton("");
        pill.setId(id);
        pill.getStyleClass().add("pill");
        pill.point();
        return pill;
    }

    private DrillQuery asked() {
        return finder.askedProperty().get();
    }

    private void ask(DrillQuery asked) {
        finder.askedProperty().set(asked);
    }

    /** Says on each pill what is asked. */
    private void say() {
        DrillQuery a = asked();
        Map<String, String> names = a.surfaces().isEmpty() ? Map.of() : surfaceNames();
        say(
                surfaces,
                "Surface",
                a.surfaces().stream()
                        .map(s -> names.getOrDefault(s, s))
                        .sorted()
                        .collect(Collectors.joining(", ")));
        say(people, "People", a.people().isPresent() ? a.people().getAsInt() + " people" : "");
        say(gear, "Gear", gearWords(a));
        say(space, "Space", a.space().map(Space::words).orElse(""));
        say(minutes, "Minutes", a.minutes().isPresent() ? "up to " + a.minutes().getAsInt() + " min" : "");
        say(skills, "Skill", a.skills().stream().sorted().map(Skill::words).collect(Collectors.joining(", ")));
        say(ages, "Age", a.ages().stream().sorted().map(EffortWords::of).collect(Collectors.joining(", ")));
        say(pace, "Pace", a.intensity().map(EffortWords::of).orElse(""));
        say(care, BOOK.say("care"), a.hurting() ? BOOK.say("could-hurt") : "");
        boolean own = finder.placeProperty().get() instanceof Place.Like
                || !finder.wordsProperty().get().isBlank();
        order.setText(
                own
                        ? "Order: best first"
                        : "Order: " + finder.orderProperty().get().words());
        order.setDisable(own);
        clear.setVisible(finder.isAsking());
        clear.setManaged(finder.isAsking());
    }

    private static void say(ListButton pill, String name, String value) {
        pill.setText(value.isEmpty() ? name : value);
        pill.setAccessibleText(value.isEmpty() ? name + ": any" : name + ": " + value);
        pill.getStyleClass().remove("asked");
        if (!value.isEmpty()) {
            pill.getStyleClass().add("asked");
        }
    }

    private static String gearWords(DrillQuery a) {
        List<String> words = new ArrayList<>();
        a.gear().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> words.add(counted(e.getValue(), PieceWords.kind(e.getKey()))));
        a.balls().ifPresent(n -> words.add(counted(n, "ball")));
        return words.isEmpty() ? "" : "up to " + String.join(", ", words);
    }

    private static String counted(int n, String one) {
        return n + " " + (n == 1 ? one : PieceWords.several(one));
    }

    private static String name(GearKind kind) {
        return PieceWords.several(PieceWords.kind(kind));
    }

    /** The surfaces that drills of the book are played on. */
    private Map<String, String> surfaceNames() {
        Map<String, String> names = new TreeMap<>();
        finder.rows().stream()
                .filter(r -> r.seen())
                .forEach(r -> names.put(r.summary().surface(), r.summary().place()));
        return names;
    }

    private List<MenuItem> surfaceItems() {
        Map<String, String> byName = new TreeMap<>();
        surfaceNames().forEach((id, name) -> byName.put(name, id));
        return nothingElse(byName.entrySet().stream()
                .map(e -> check(
                        e.getKey(),
                        asked().surfaces().contains(e.getValue()),
                        () -> ask(asked().turning(e.getValue()))))
                .toList());
    }

    private List<MenuItem> skillItems() {
        Set<Skill> there = finder.rows().stream()
                .flatMap(r -> r.summary().skills().stream())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Skill.class)));
        return nothingElse(there.stream()
                .map(s -> check(s.words(), asked().skills().contains(s), () -> ask(asked().turning(s))))
                .toList());
    }

    private List<MenuItem> ageItems() {
        return Arrays.stream(Effort.Level.values())
                .map(l -> check(EffortWords.of(l), asked().ages().contains(l), () -> ask(asked().turning(l))))
                .toList();
    }

    private static List<MenuItem> nothingElse(List<MenuItem> items) {
        MenuItem none = new MenuItem("No drill in this book has any yet");
        none.setDisable(true);
        return items.isEmpty() ? List.of(none) : items;
    }

    private static MenuItem check(String words, boolean on, Runnable turn) {
        CheckMenuItem item = new CheckMenuItem(words);
        item.setSelected(on);
        item.setOnAction(e -> turn.run());
        return item;
    }

    private static <E> List<MenuItem> one(
            E[] values, Optional<E> now, Function<E, String> words, Consumer<Optional<E>> choose) {
        List<MenuItem> items = new ArrayList<>();
        items.add(radio("any", now.isEmpty(), () -> choose.accept(Optional.empty())));
        for (E value : values) {
            items.add(
                    radio(words.apply(value), now.equals(Optional.of(value)), () -> choose.accept(Optional.of(value))));
        }
        return items;
    }

    private static MenuItem radio(String words, boolean on, Runnable choose) {
        RadioMenuItem item = new RadioMenuItem(words);
        item.setSelected(on);
        item.setOnAction(e -> choose.run());
        return item;
    }

    private MenuItem orderItem(DrillQuery.Order value) {
        return radio(value.words(), finder.orderProperty().get() == value, () -> finder.orderProperty()
                .set(value));
    }

    private List<MenuItem> gearItems() {
        Set<GearKind> there = finder.rows().stream()
                .flatMap(r -> r.summary().gear().keySet().stream())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(GearKind.class)));
        List<MenuItem> items = new ArrayList<>();
        MenuItem head = new CustomMenuItem(new Label("What is short; left empty, there is enough"), false);
        items.add(head);
        items.add(number("Balls", "filter-balls", asked().balls(), n -> ask(asked().balls(n))));
        for (GearKind kind : there) {
            String name = name(kind);
            OptionalInt now = asked().gear().containsKey(kind)
                    ? OptionalInt.of(asked().gear().get(kind))
                    : OptionalInt.empty();
            items.add(number(
                    name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1),
                    "filter-gear-" + kind.name().toLowerCase(Locale.ROOT),
                    now,
                    n -> ask(asked().gear(kind, n))));
        }
        return items;
    }

    /** A number to be typed into a menu; empty when it does not matter. */
    private static MenuItem number(String words, String id, OptionalInt now, Consumer<OptionalInt> told) {
        TextField field = new TextField(now.isPresent() ? Integer.toString(now.getAsInt()) : "");
        field.setId(id);
        field.setPrefColumnCount(4);
        field.setPromptText("any");
        field.setAccessibleText(words);
        field.textProperty().addListener((o, was, is) -> told.accept(read(is)));
        HBox row = new HBox(10, label(words), field);
        row.setAlignment(Pos.CENTER_LEFT);
        row.setPrefWidth(LINE);
        CustomMenuItem item = new CustomMenuItem(row, false);
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                item.getParentPopup().hide();
            }
        });
        return item;
    }

    private static Label label(String words) {
        Label label = new Label(words);
        label.setMinWidth(Region.USE_PREF_SIZE);
        label.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(label, Priority.ALWAYS);
        return label;
    }

    private static OptionalInt read(String typed) {
        try {
            return OptionalInt.of(Math.max(0, Math.min(MOST, Integer.parseInt(typed.strip()))));
        } catch (NumberFormatException e) {
            return OptionalInt.empty();
        }
    }
}
