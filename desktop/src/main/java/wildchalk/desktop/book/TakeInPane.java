package wildchalk.desktop.book;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.document.Document;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.control.PageHead;
import wildchalk.desktop.keeping.BookPlaces;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.message.Messages;
import wildchalk.storage.book.Book;
import wildchalk.storage.format.SurfaceFiles;
import wildchalk.storage.intake.Arrival;
import wildchalk.storage.intake.Arrival.Kind;
import wildchalk.storage.intake.Intake;
import wildchalk.storage.kind.Kinds;
import wildchalk.storage.kind.Typed;

/** What files would bring into the book, looked at before any of it is taken in. */
final class TakeInPane extends BorderPane {

    private final Keeper keeper;
    private final Messages messages;
    private final Runnable close;
    private final Label summary = new Label("Reading …");
    private final ProgressBar bar = new ProgressBar(0);
    private final ListView<Arrival> list = new ListView<>();
    private final Button go = new Button("Take in");
    private final ToggleGroup changed = new ToggleGroup();
    private final ToggleButton asVersions = choice("as new versions");
    private final ToggleButton beside = choice("beside them, as copies");
    private final ToggleButton leave = choice("leave them out");
    private final HBox choices = new HBox(6, new Label("Changed ones come"), asVersions, beside, leave);
    private Intake intake = new Intake(List.of(), List.of());

    TakeInPane(Keeper keeper, Messages messages, List<Path> chosen, Runnable close) {
        this.keeper = keeper;
        this.messages = messages;
        this.close = close;
        setId("take-in-page");
        getStyleClass().addAll("book-view", "take-in");
        summary.setId("take-in-summary");
        summary.setWrapText(true);
        list.setCellFactory(l -> cell());
        list.setId("take-in-list");
        setTop(head());
        setCenter(list);
        setBottom(foot());
        PageHead.leftWithEscape(this, close);
        Background.work(
                "reading files to take in",
                () -> read(chosen),
                read -> keeper.ask(b -> read.compared(there(b)), this::show, this::failed),
                trouble -> failed());
    }

    private void failed() {
        bar.setVisible(false);
        bar.setManaged(false);
        summary.setText("The files could not be read to their end. Nothing was taken in, and the book is as it was. "
                + "Try fewer of them at a time to find the one that is at fault.");
        go.setText("Nothing to take in");
    }

    static Intake.There there(Book book) {
        return new Intake.There() {
            @Override
            public <T extends Document<T>> Optional<T> find(wildchalk.storage.kind.Kind<T> kind, String id) {
                return book.of(kind).find(id);
            }
        };
    }

    private Intake read(List<Path> chosen) {
        List<Path> files = Intake.files(chosen);
        return Intake.read(
                files,
                keeper.surfaces(),
                done -> Platform.runLater(() -> {
                    bar.setProgress((double) done / files.size());
                    summary.setText("Reading " + done + " of " + files.size() + " files …");
                }));
    }

    private static ToggleButton choice(String words) {
        ToggleButton choice = new ToggleButton(words);
        choice.getStyleClass().add("pill");
        return choice;
    }

    private VBox head() {
        Label title = new Label("Take in drills");
        title.getStyleClass().add("book-title");
        bar.setMaxWidth(Double.MAX_VALUE);
        VBox head = new VBox(6, title, summary, bar);
        head.getStyleClass().add("take-in-head");
        return head;
    }

    private HBox foot() {
        for (ToggleButton choice : List.of(asVersions, beside, leave)) {
            choice.setToggleGroup(changed);
            choice.setOnAction(e -> {
                choice.setSelected(true);
                say();
            });
        }
        asVersions.setSelected(true);
        choices.setAlignment(Pos.CENTER_LEFT);
        choices.setVisible(false);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button none = new Button("Take in nothing");
        none.setId("take-in-none");
        none.setOnAction(e -> close.run());
        go.setId("take-in-go");
        go.getStyleClass().add("dark-button");
        go.setDisable(true);
        go.setOnAction(e -> takeIn());
        HBox foot = new HBox(10, choices, gap, none, go);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.getStyleClass().add("take-in-foot");
        return foot;
    }

    private void show(Intake compared) {
        intake = compared;
        bar.setVisible(false);
        bar.setManaged(false);
        List<Arrival> sorted = new ArrayList<>(intake.read());
        // What needs a look comes first.
        sorted.sort(Comparator.comparing((Arrival a) ->
                List.of(Kind.REFUSED, Kind.CHANGED, Kind.NEW, Kind.SAME).indexOf(a.kind())));
        list.setItems(FXCollections.observableList(sorted));
        choices.setVisible(intake.count(Kind.CHANGED) > 0);
        say();
        go.requestFocus();
    }

    private void say() {
        List<String> parts = new ArrayList<>();
        add(parts, intake.count(Kind.NEW), "new");
        add(parts, intake.count(Kind.CHANGED), "changed");
        add(parts, intake.count(Kind.SAME), "the same as in the book");
        add(parts, intake.count(Kind.REFUSED), "not sound");
        summary.setText(
                parts.isEmpty()
                        ? "There is no drill file in there."
                        : String.join(" · ", parts) + ". Nothing is taken in yet"
                                + (intake.count(Kind.REFUSED) > 0 ? "; what is not sound stays out." : "."));
        long n = intake.count(Kind.NEW) + (leave.isSelected() ? 0 : intake.count(Kind.CHANGED));
        go.setDisable(n == 0);
        if (n == 0) {
            go.setText("Nothing to take in");
        } else if (intake.count(Kind.REFUSED) == 0) {
            go.setText("Take in " + n);
        } else {
            go.setText("Take in what is sound: " + n);
        }
    }

    private static void add(List<String> parts, long n, String what) {
        if (n > 0) {
            parts.add(n + " " + what);
        }
    }

    private static ListCell<Arrival> cell() {
        return new ListCell<>() {
            @Override
            protected void updateItem(Arrival arrival, boolean empty) {
                super.updateItem(arrival, empty);
                if (empty || arrival == null) {
                    setGraphic(null);
                    return;
                }
                Label kind = new Label(
                        switch (arrival.kind()) {
                            case NEW -> "new";
                            case CHANGED -> "changed";
                            case SAME -> "the same";
                            case REFUSED -> "not sound";
                        });
                kind.getStyleClass()
                        .addAll("arrival", "arrival-" + arrival.kind().name().toLowerCase(Locale.ROOT));
                Label title = new Label(
                        arrival.document().map(t -> t.document().title()).orElse(arrival.file()));
                title.getStyleClass().add("arrival-title");
                title.setMinWidth(Region.USE_PREF_SIZE);
                Label words = new Label(arrival.words());
                words.getStyleClass().add("quiet");
                words.setWrapText(true);
                HBox.setHgrow(words, Priority.ALWAYS);
                HBox row = new HBox(10, kind, title, words);
                row.setAlignment(Pos.CENTER_LEFT);
                row.setPrefWidth(0);
                setGraphic(row);
            }
        };
    }

    private void takeIn() {
        go.setDisable(true);
        List<Typed<?>> fresh = new ArrayList<>(intake.of(Kind.NEW));
        List<Typed<?>> versions = new ArrayList<>();
        if (asVersions.isSelected()) {
            versions.addAll(intake.of(Kind.CHANGED));
        } else if (beside.isSelected()) {
            fresh.addAll(intake.of(Kind.CHANGED));
        }
        keeper.ask(
                book -> {
                    book.know(intake.surfaces());
                    intake.surfaces().forEach(this::keepSurface);
                    book.takeIn(fresh, versions);
                    return fresh.size() + versions.size();
                },
                n -> {
                    messages.say(
                            n == 1
                                    ? (fresh.isEmpty() ? versions : fresh)
                                                    .get(0)
                                                    .document()
                                                    .title() + " is in the book."
                                    : counted(fresh, versions) + " are in the book.");
                    close.run();
                },
                () -> {
                    summary.setText(
                            "Nothing was taken in: all of it comes into the book, or none of it. The book is as "
                                    + "it was.");
                    go.setDisable(false);
                });
    }

    private static String counted(List<Typed<?>> fresh, List<Typed<?>> versions) {
        return Stream.concat(fresh.stream(), versions.stream())
                .collect(Collectors.groupingBy(d -> d.kind().word(), TreeMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .map(e -> Kinds.USUAL.count(e.getKey(), e.getValue()))
                .collect(Collectors.joining(", "));
    }

    private void keepSurface(SurfacePlan plan) {
        try {
            SurfaceFiles.keep(plan, BookPlaces.surfaces());
        } catch (IOException e) {
            messages.later(
                    "The surface " + plan.name() + " is here until the program ends: it could not be written into "
                            + BookPlaces.surfaces() + ". The drills are in the book.");
        }
    }
}
