package wildchalk.desktop.book;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.storage.book.Shelf;

/** Where drills can be looked for: all of them, favourites, what was used lately, collections, what was put aside. */
final class Places extends ScrollPane {

    private static final double WIDE = 178;

    private final Keeper keeper;
    private final Finder finder;
    private final Runnable changed;
    private final VBox list = new VBox(2);
    private final List<Entry> all = new ArrayList<>();
    private List<Shelf.Collection> collections = List.of();

    private record Entry(Place place, ToggleButton button, Label count) {}

    /** @param changed told when collections are not what they were */
    Places(Keeper keeper, Finder finder, Runnable changed) {
        this.keeper = keeper;
        this.finder = finder;
        this.changed = changed;
        setId("places");
        getStyleClass().add("places");
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setMinWidth(WIDE);
        setPrefWidth(WIDE);
        setContent(list);
        finder.placeProperty().addListener(o -> count());
        finder.shownProperty().addListener(o -> count());
    }

    /** Made anew only where there is another place than before: whoever has the keyboard keeps it. */
    private void count() {
        boolean like = finder.placeProperty().get() instanceof Place.Like;
        boolean aside = finder.rows().stream().anyMatch(Place.ASIDE::holds);
        if (like
                || all.stream().anyMatch(e -> e.place() instanceof Place.Like)
                || aside != all.stream().anyMatch(e -> e.place().equals(Place.ASIDE))) {
            lay();
        }
        all.forEach(e -> {
            e.button().setSelected(e.place().equals(finder.placeProperty().get()));
            long n = e.place() instanceof Place.Like
                    ? finder.shownProperty().get().size()
                    : finder.rows().stream().filter(e.place()::holds).count();
            e.count().setText(Long.toString(n));
        });
    }

    void show(List<Shelf.Collection> now) {
        collections = now;
        lay();
        count();
    }

    private void lay() {
        all.clear();
        list.getChildren()
                .setAll(
                        place("All drills", Place.ALL, "place-all"),
                        place("Favourites", Place.FAVOURITES, "place-favourites"),
                        place("Used lately", Place.LATELY, "place-lately"));
        if (finder.placeProperty().get() instanceof Place.Like like) {
            list.getChildren().add(place("Like " + like.summary().title(), like, "place-like"));
        }
        Label heading = new Label("Collections");
        heading.getStyleClass().add("places-heading");
        list.getChildren().add(heading);
        collections.forEach(c -> list.getChildren().add(collection(c)));
        Button add = new Button("+ New collection");
        add.setId("new-collection");
        add.getStyleClass().add("place");
        add.setOnAction(e -> name(
                list.getChildren().indexOf(add),
                "",
                name -> keeper.ask(b -> b.collection(name), id -> {
                    finder.placeProperty().set(new Place.In(id, name));
                    changed.run();
                })));
        list.getChildren().add(add);
        if (finder.rows().stream().anyMatch(Place.ASIDE::holds)) {
            Region gap = new Region();
            gap.setMinHeight(10);
            list.getChildren().addAll(gap, place("Put aside", Place.ASIDE, "place-aside"));
        }
    }

    private HBox place(String words, Place place, String id) {
        ToggleButton button = new ToggleButton(words);
        button.setId(id);
        button.getStyleClass().add("place");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setAlignment(Pos.CENTER_LEFT);
        button.setTooltip(new Tooltip(words));
        button.setOnAction(e -> {
            finder.placeProperty().set(place);
            button.setSelected(true);
        });
        Label count = new Label();
        count.getStyleClass().add("place-count");
        count.setMinWidth(Region.USE_PREF_SIZE);
        all.add(new Entry(place, button, count));
        HBox row = new HBox(4, button, count);
        row.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(button, Priority.ALWAYS);
        return row;
    }

    private HBox collection(Shelf.Collection collection) {
        HBox row = place(
                collection.name(), new Place.In(collection.id(), collection.name()), "collection-" + collection.id());
        MenuItem rename = new MenuItem("Rename");
        rename.setOnAction(e -> name(list.getChildren().indexOf(row), collection.name(), name -> {
            keeper.tell(b -> b.renameCollection(collection.id(), name));
            finder.placeProperty().set(new Place.In(collection.id(), name));
            changed.run();
        }));
        MenuItem remove = new MenuItem("Take this collection apart");
        remove.setOnAction(e -> {
            keeper.tell(b -> b.removeCollection(collection.id()));
            finder.placeProperty().set(Place.ALL);
            changed.run();
        });
        ContextMenu menu = new ContextMenu(rename, remove);
        ((ToggleButton) row.getChildren().get(0)).setContextMenu(menu);
        return row;
    }

    /** Lets a name be typed in place of a row. */
    private void name(int at, String now, Consumer<String> named) {
        TextField field = new TextField(now);
        field.setId("collection-name");
        field.setPromptText("its name");
        field.setAccessibleText("Name of the collection");
        list.getChildren().set(at, field);
        field.requestFocus();
        field.selectAll();
        field.setOnAction(e -> {
            String name = field.getText().strip();
            if (!name.isEmpty()) {
                named.accept(name);
            } else {
                show(collections);
            }
        });
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                show(collections);
                e.consume();
            }
        });
    }
}
