package wildchalk.desktop.squad;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.grouping.Handed;
import wildchalk.core.squad.Arrivals;
import wildchalk.core.squad.Caution;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Pace;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Sprint;
import wildchalk.core.squad.SquadChanges;
import wildchalk.core.squad.SquadEdits;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.control.PageHead;

/** What is known of somebody: whatever is changed is kept at once. */
final class PersonCard extends VBox {

    private static final int NAME = 60;
    private static final int NUMBER = 6;
    private static final int WORDS = 200;
    private static final double FASTEST = 3;
    private static final double PERCENT = 100;

    private final SquadState state;
    private final Member person;
    private final Consumer<Member> forget;

    /**
     * The card of a person.
     *
     * @param pace how fast they are, as far as that is known
     * @param forget asks whether they are to be forgotten
     */
    PersonCard(SquadState state, Member person, Optional<Pace> pace, Consumer<Member> forget) {
        super(10);
        this.state = state;
        this.person = person;
        this.forget = forget;
        setId("person-card");
        getStyleClass().add("person-card");
        getChildren()
                .addAll(
                        new PageHead(person.name(), say("card.back"), "card-back", () -> state.look(Optional.empty())),
                        who(),
                        positions(),
                        strength(),
                        speed(pace),
                        tonight(),
                        cautions(),
                        word(),
                        away());
    }

    private static String say(String key, Object... values) {
        return SquadState.BOOK.say(key, values);
    }

    private void change(Member now) {
        if (!now.equals(person)) {
            state.apply(SquadEdits.change(now));
        }
    }

    private static HBox row(String label, Node... nodes) {
        Label name = new Label(label);
        name.getStyleClass().add("card-label");
        HBox row = new HBox(8, name);
        row.getChildren().addAll(nodes);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private HBox who() {
        TextField name = Fields.text("card-name", person.name(), NAME, t -> {
            if (!t.isBlank()) {
                change(person.called(t, person.number()));
            }
        });
        name.setPrefColumnCount(16);
        TextField number =
                Fields.text("card-number", person.number(), NUMBER, t -> change(person.called(person.name(), t)));
        return row(say("card.name"), name, new Label(say("card.number")), number);
    }

    private HBox positions() {
        TextField field = Fields.text(
                "card-positions",
                String.join(", ", person.positions()),
                WORDS,
                t -> change(person.playing(
                        Arrays.stream(t.split(","))
                                .map(p -> p.strip().toLowerCase(Locale.ROOT))
                                .filter(p -> !p.isEmpty())
                                .distinct()
                                .toList(),
                        person.side())));
        field.setPrefColumnCount(16);
        field.setPromptText(say("card.positions.prompt"));
        HBox row = row(say("card.positions"), field, new Label(say("card.side")));
        for (Handed side : Handed.values()) {
            row.getChildren()
                    .add(choice(
                            "side-" + Wordbook.key(side),
                            Arrivals.side(side),
                            side == person.side(),
                            () -> change(person.playing(person.positions(), side))));
        }
        return row;
    }

    private static ToggleButton choice(String id, String words, boolean on, Runnable then) {
        ToggleButton button = new ToggleButton(words);
        button.setId(id);
        button.getStyleClass().add("pill");
        button.setSelected(on);
        button.setOnAction(e -> {
            button.setSelected(true);
            then.run();
        });
        return button;
    }

    private HBox strength() {
        HBox row = row(say("card.strength"));
        IntStream.rangeClosed(0, Member.STRONGEST).forEach(n -> row.getChildren()
                .add(choice(
                        "strength-" + n,
                        n == 0 ? say("card.unsaid") : Integer.toString(n),
                        person.level().strength() == n,
                        () -> change(person.at(person.level().withStrength(n))))));
        row.getChildren().add(quiet(say("card.strength.note")));
        return row;
    }

    private static Label quiet(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        return label;
    }

    private VBox speed(Optional<Pace> pace) {
        String said = person.level().speed() == 0
                ? ""
                : Long.toString(Math.round(person.level().speed() * PERCENT));
        TextField share = Fields.text("card-speed", said, NUMBER, t -> number(t)
                .filter(n -> n >= 0 && n <= FASTEST * PERCENT)
                .ifPresent(n -> change(person.at(new Member.Level(
                        person.level().strength(), n / PERCENT, person.level().sprints())))));
        TextField metres = small("sprint-metres", say("sprint.metres"));
        TextField seconds = small("sprint-seconds", say("sprint.seconds"));
        Button add = Fields.pill("sprint-add", say("sprint.add"), () -> number(metres.getText())
                .filter(m -> m > 0 && m <= 400)
                .ifPresent(m -> number(seconds.getText())
                        .filter(s -> s > 0 && s <= 600)
                        .ifPresent(s -> sprints(more(new Sprint(m, s))))));
        HBox measured = row(say("card.sprints"), metres, seconds, add);
        List<Sprint> sprints = person.level().sprints();
        for (int i = 0; i < sprints.size(); i++) {
            int at = i;
            Sprint s = sprints.get(i);
            measured.getChildren()
                    .add(Fields.pill("sprint-" + i, say("sprint", plain(s.metres()), plain(s.seconds())), () -> {
                        List<Sprint> left = new ArrayList<>(sprints);
                        left.remove(at);
                        sprints(left);
                    }));
        }
        HBox known = row(say("card.speed"), share, new Label(say("card.speed.of")));
        pace.ifPresent(p -> known.getChildren()
                .add(quiet(
                        p.sprints() == 0
                                ? ""
                                : say(
                                        "card.learned",
                                        Math.round(p.share() * PERCENT),
                                        Math.max(1, Math.round(p.off() * PERCENT)),
                                        p.sprints(),
                                        p.left()))));
        if (pace.isEmpty() && !sprints.isEmpty()) {
            known.getChildren().add(quiet(say("card.learned.where")));
        }
        return new VBox(6, known, measured);
    }

    private List<Sprint> more(Sprint sprint) {
        List<Sprint> all = new ArrayList<>(person.level().sprints());
        all.add(sprint);
        return all;
    }

    private void sprints(List<Sprint> sprints) {
        change(person.at(
                new Member.Level(person.level().strength(), person.level().speed(), sprints)));
    }

    private static String plain(double n) {
        return n == Math.rint(n) ? Long.toString((long) n) : Double.toString(n);
    }

    private static TextField small(String id, String prompt) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.setPrefColumnCount(5);
        return field;
    }

    private static Optional<Double> number(String text) {
        if (text.isBlank()) {
            return Optional.of(0.0);
        }
        try {
            return Optional.of(Double.parseDouble(text.strip().replace(',', '.')))
                    .filter(Double::isFinite);
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private FlowPane tonight() {
        FlowPane row = new FlowPane(6, 6, row(say("card.tonight")));
        row.setRowValignment(VPos.CENTER);
        Presence now = state.squad().tonight().of(person.id());
        for (Presence.State each : Presence.State.values()) {
            row.getChildren()
                    .add(choice(
                            "state-" + Wordbook.key(each),
                            SquadChanges.presence(Presence.of(each)),
                            now.state() == each,
                            () -> state.presence(person, Presence.of(each))));
        }
        if (now.state() == Presence.State.LATE) {
            TextField from =
                    Fields.text("late-from", now.from().map(Object::toString).orElse(""), 5, t -> time(t).ifPresent(
                                    at -> state.presence(person, new Presence(Presence.State.LATE, at))));
            from.setPromptText(say("card.late.prompt"));
            row.getChildren().add(from);
        }
        return row;
    }

    /** 18:45, 18.45, 1845, 7; nothing for a time that was taken away, empty for what is no time. */
    private static Optional<Optional<LocalTime>> time(String text) {
        String digits = text.replaceAll("[^0-9]", "");
        if (digits.isEmpty()) {
            return Optional.of(Optional.empty());
        }
        try {
            int n = Integer.parseInt(digits);
            return Optional.of(Optional.of(digits.length() <= 2 ? LocalTime.of(n, 0) : LocalTime.of(n / 100, n % 100)));
        } catch (DateTimeException | NumberFormatException e) {
            return Optional.empty();
        }
    }

    private VBox cautions() {
        VBox all = new VBox(6);
        for (Caution caution : person.cautions()) {
            String words = caution.until()
                    .map(day ->
                            say("caution.until", say("caution." + Wordbook.key(caution.from())), day, caution.words()))
                    .orElse(say("caution", say("caution." + Wordbook.key(caution.from())), caution.words()));
            all.getChildren().add(row(say("card.caution"), new Label(words.strip()), gone(caution)));
        }
        TextField until = small("caution-until", say("caution.day"));
        until.setPrefColumnCount(10);
        TextField words = small("caution-words", say("caution.words"));
        words.setPrefColumnCount(14);
        HBox add = row(say("card.caution.add"), until, words);
        for (Caution.From from : Caution.From.values()) {
            add.getChildren()
                    .add(Fields.pill("caution-" + Wordbook.key(from), say("caution." + Wordbook.key(from)), () -> {
                        Optional<LocalDate> day = day(until.getText());
                        if (day.isPresent() || until.getText().isBlank()) {
                            change(person.kept(new Caution(from, words.getText().strip(), day)));
                        } else {
                            until.requestFocus();
                            until.selectAll();
                        }
                    }));
        }
        all.getChildren().addAll(add, quiet(say("caution.note")));
        return all;
    }

    private Button gone(Caution caution) {
        Button gone = Fields.pill(
                "caution-gone",
                "\u00d7",
                () -> change(person.keptFrom(person.cautions().stream()
                        .filter(c -> !c.equals(caution))
                        .toList())));
        gone.setAccessibleText(say("caution.gone"));
        return gone;
    }

    private static Optional<LocalDate> day(String text) {
        try {
            return Optional.of(LocalDate.parse(text.strip()));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private HBox word() {
        TextField field = Fields.text("card-word", person.word(), WORDS, t -> change(person.saying(t)));
        field.setPrefColumnCount(34);
        return row(say("card.word"), field);
    }

    private HBox away() {
        Button off = Fields.pill(
                "card-remove", say("card.remove"), () -> state.apply(SquadEdits.remove(person.name(), person.id())));
        Button forgotten = Fields.pill("card-forget", say("card.forget"), () -> forget.accept(person));
        return row("", off, forgotten);
    }
}
