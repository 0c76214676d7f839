package wildchalk.desktop.squad;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.squad.Arrivals;
import wildchalk.core.squad.Arrivals.Arrival;
import wildchalk.core.squad.Member;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.control.PageHead;
import wildchalk.desktop.trouble.Trouble;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.people.PeopleFile;
import wildchalk.storage.people.Taken;

/** Where people are typed, pasted or taken from a list: what it would change is seen before anything is. */
final class AddPeople extends BorderPane {

    private final SquadState state;
    private final Runnable close;
    private final TextArea names = new TextArea();
    private final ListView<Integer> list = new ListView<>();
    private final Label summary = new Label();
    private final CheckBox off = new CheckBox();
    private final Button go = new Button(SquadState.BOOK.say("take.go.none"));
    private final Set<Integer> same = new HashSet<>();
    private Arrivals arrivals = new Arrivals(List.of(), List.of());
    private long asked;

    /**
     * The page.
     *
     * @param file asks the coach which file
     * @param close takes the page away
     */
    AddPeople(SquadState state, Supplier<Optional<Path>> file, Runnable close) {
        this.state = state;
        this.close = close;
        setId("add-people-page");
        getStyleClass().addAll("book-view", "take-in");
        setTop(new PageHead(SquadState.BOOK.say("take.title"), SquadState.BOOK.say("card.back"), "take-back", close));
        names.setId("paste-names");
        names.setPromptText(SquadState.BOOK.say("take.prompt"));
        names.setAccessibleText(SquadState.BOOK.say("take.prompt"));
        names.setPrefColumnCount(24);
        names.textProperty().addListener(o -> read());
        Button open = new Button(SquadState.BOOK.say("take.file"));
        open.setId("people-file");
        open.setOnAction(e -> file.get().ifPresent(this::read));
        VBox.setVgrow(names, Priority.ALWAYS);
        VBox left = new VBox(8, names, open);
        left.getStyleClass().add("add-people-left");
        setLeft(left);
        list.setId("arriving");
        list.setCellFactory(l -> new Row());
        list.setFocusTraversable(false);
        summary.setId("take-summary");
        summary.setWrapText(true);
        off.setId("take-off");
        off.setOnAction(e -> offer());
        VBox.setVgrow(list, Priority.ALWAYS);
        setCenter(new VBox(8, summary, list));
        setBottom(foot());
        show(new Taken(List.of(), List.of()));
    }

    /** Where names are typed. */
    TextArea names() {
        return names;
    }

    private HBox foot() {
        go.setId("take-people");
        go.getStyleClass().add("dark-button");
        go.setOnAction(e -> {
            state.apply(arrivals.takingIn(same, off.isSelected()));
            close.run();
        });
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox foot = new HBox(10, off, gap, go);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.getStyleClass().add("take-in-foot");
        return foot;
    }

    private void read() {
        String text = names.getText();
        if (text.isBlank()) {
            asked++;
            show(new Taken(List.of(), List.of()));
        } else {
            look(() -> PeopleFile.read(text.getBytes(StandardCharsets.UTF_8), SquadState.BOOK.say("take.pasted")));
        }
    }

    private void read(Path file) {
        look(() -> PeopleFile.read(file));
    }

    /** What reads a list. */
    private interface Reading {
        Taken read() throws FormatException;
    }

    private void look(Reading reading) {
        long mine = ++asked;
        Background.work(
                SquadState.BOOK.say("work.reading"),
                () -> {
                    try {
                        return reading.read();
                    } catch (FormatException e) {
                        // No trouble of the program: it is said what is wrong with the list.
                        return new Taken(List.of(), List.of(e.getMessage()));
                    }
                },
                taken -> {
                    if (mine == asked) {
                        show(taken);
                    }
                },
                this::failed);
    }

    private void failed(Trouble trouble) {
        summary.setText(trouble.words(SquadState.BOOK.say("take.trouble")));
    }

    private void show(Taken taken) {
        arrivals = Arrivals.of(state.squad(), taken.people());
        same.clear();
        for (int i = 0; i < arrivals.arrivals().size(); i++) {
            if (arrivals.arrivals().get(i).kind() == Arrivals.Kind.DOUBTFUL) {
                same.add(i);
            }
        }
        List<Integer> rows = new ArrayList<>();
        // What needs a look comes first.
        for (Arrivals.Kind kind :
                List.of(Arrivals.Kind.DOUBTFUL, Arrivals.Kind.CHANGED, Arrivals.Kind.NEW, Arrivals.Kind.SAME)) {
            for (int i = 0; i < arrivals.arrivals().size(); i++) {
                if (arrivals.arrivals().get(i).kind() == kind) {
                    rows.add(i);
                }
            }
        }
        list.setItems(FXCollections.observableList(rows));
        List<String> parts = new ArrayList<>();
        for (Arrivals.Kind kind : Arrivals.Kind.values()) {
            long n = arrivals.arrivals().stream().filter(a -> a.kind() == kind).count();
            if (n > 0) {
                parts.add(SquadState.BOOK.say("take." + Wordbook.key(kind), n));
            }
        }
        List<String> said = new ArrayList<>();
        said.add(parts.isEmpty() ? SquadState.BOOK.say("take.none") : String.join(" \u00b7 ", parts) + ".");
        said.addAll(taken.words());
        summary.setText(String.join(" ", said));
        int gone = arrivals.gone().size();
        off.setVisible(gone > 0 && !arrivals.arrivals().isEmpty());
        off.setText(SquadState.BOOK.say(
                "take.off", gone, gone == 1 ? arrivals.gone().get(0).name() : ""));
        off.setSelected(false);
        offer();
    }

    private void offer() {
        long n = arrivals.arrivals().stream()
                .filter(a -> a.kind() != Arrivals.Kind.SAME)
                .count();
        go.setDisable(n == 0 && !off.isSelected());
        go.setText(n == 0 ? SquadState.BOOK.say("take.go.none") : SquadState.BOOK.say("take.go", n));
        if (n == 0 && off.isSelected()) {
            go.setText(SquadState.BOOK.say("take.go.off", arrivals.gone().size()));
        }
    }

    /** Somebody of the list: what they are for the squad, and who it is where that is not plain. */
    private final class Row extends ListCell<Integer> {

        @Override
        protected void updateItem(Integer number, boolean empty) {
            super.updateItem(number, empty);
            setGraphic(
                    empty || number == null
                            ? null
                            : row(number, arrivals.arrivals().get(number)));
        }

        private HBox row(int number, Arrival arrival) {
            Label kind = new Label(SquadState.BOOK.say("arrival." + Wordbook.key(arrival.kind())));
            kind.getStyleClass().addAll("arrival", "arrival-" + Wordbook.key(arrival.kind()));
            Member taken = arrival.taken();
            Label name = new Label((taken.number() + " " + taken.name()).strip());
            name.getStyleClass().add("arrival-title");
            name.setMinWidth(Region.USE_PREF_SIZE);
            List<String> words = new ArrayList<>(arrival.words());
            if (arrival.kind() == Arrivals.Kind.NEW) {
                words.addAll(taken.positions());
            }
            Label said = new Label(String.join("; ", words));
            said.getStyleClass().add("quiet");
            HBox.setHgrow(said, Priority.ALWAYS);
            said.setMaxWidth(Double.MAX_VALUE);
            HBox row = new HBox(10, kind, name, said);
            if (arrival.kind() == Arrivals.Kind.DOUBTFUL && arrival.known().isPresent()) {
                row.getChildren().addAll(who(number, arrival, true), who(number, arrival, false));
            }
            row.setAlignment(Pos.CENTER_LEFT);
            row.setPrefWidth(0);
            return row;
        }

        private ToggleButton who(int number, Arrival arrival, boolean known) {
            ToggleButton button = new ToggleButton(
                    known
                            ? SquadState.BOOK.say(
                                    "arrival.is", arrival.known().orElseThrow().name())
                            : SquadState.BOOK.say("arrival.other"));
            button.setId((known ? "is-" : "new-") + number);
            button.getStyleClass().add("pill");
            button.setSelected(same.contains(number) == known);
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setOnAction(e -> {
                if (known) {
                    same.add(number);
                } else {
                    same.remove(number);
                }
                list.refresh();
            });
            return button;
        }
    }
}
