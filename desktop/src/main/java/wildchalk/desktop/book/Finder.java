package wildchalk.desktop.book;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import wildchalk.core.catalogue.DrillQuery;
import wildchalk.core.catalogue.Likeness;
import wildchalk.desktop.background.Newest;
import wildchalk.desktop.keeping.Cataloguer;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.storage.book.Book;

/**
 * What is looked for in the book and what was found: the state of the Book's page. To be used on the window's thread.
 */
final class Finder {

    /** Beyond these, drills are hardly like each other. */
    private static final int ALIKE = 40;

    private final Keeper keeper;
    private final StringProperty words = new SimpleStringProperty("");
    private final ObjectProperty<DrillQuery> asked = new SimpleObjectProperty<>(DrillQuery.ANYTHING);
    private final ObjectProperty<DrillQuery.Order> order = new SimpleObjectProperty<>(DrillQuery.Order.CHANGED);
    private final ObjectProperty<Place> place = new SimpleObjectProperty<>(Place.ALL);
    private final ObjectProperty<List<Book.Row>> shown = new SimpleObjectProperty<>(List.of());
    private final Newest<List<Book.Row>> chooser;
    private List<Book.Row> rows = List.of();
    private Optional<List<Integer>> found = Optional.empty();
    private int searches;

    Finder(Keeper keeper) {
        this.keeper = keeper;
        // Where it cannot be chosen, all are shown: none of them is lost.
        this.chooser = new Newest<>("choosing drills by the filters", shown::set, trouble -> shown.set(rows));
        words.addListener(o -> search());
        asked.addListener(o -> choose());
        order.addListener(o -> choose());
        place.addListener(o -> choose());
    }

    StringProperty wordsProperty() {
        return words;
    }

    ObjectProperty<DrillQuery> askedProperty() {
        return asked;
    }

    ObjectProperty<DrillQuery.Order> orderProperty() {
        return order;
    }

    ObjectProperty<Place> placeProperty() {
        return place;
    }

    /** The drills that are shown, in their order. */
    ObjectProperty<List<Book.Row>> shownProperty() {
        return shown;
    }

    /** Everything in the book. */
    List<Book.Row> rows() {
        return rows;
    }

    boolean isAsking() {
        return !words.get().isBlank() || !asked.get().equals(DrillQuery.ANYTHING);
    }

    void forget() {
        asked.set(DrillQuery.ANYTHING);
        words.set("");
    }

    /** The book as it is now. */
    void fill(List<Book.Row> newRows) {
        rows = newRows;
        search();
    }

    /** What was seen of drills meanwhile. */
    void see(Cataloguer.Looked looked) {
        rows = rows.stream()
                .map(r -> !looked.numbers().containsKey(r.id())
                        ? r
                        : new Book.Row(
                                r.id(),
                                looked.numbers().get(r.id()),
                                r.title(),
                                () -> looked.summaries().get(r.id()),
                                true,
                                r.dates(),
                                r.favourite(),
                                r.collections()))
                .toList();
        search();
    }

    private void search() {
        int mine = ++searches;
        String typed = words.get();
        if (typed.isBlank()) {
            found = Optional.empty();
            choose();
            return;
        }
        keeper.ask(b -> b.search(typed), numbers -> {
            // Whatever was typed meanwhile is on its way.
            if (mine == searches) {
                found = Optional.of(numbers);
                choose();
            }
        });
    }

    /** Beside the window: ten thousand drills take longer than a frame. */
    private void choose() {
        List<Book.Row> all = rows;
        Optional<List<Integer>> numbers = found;
        DrillQuery wanted = asked.get();
        DrillQuery.Order by = order.get();
        Place in = place.get();
        chooser.ask(() -> {
            List<Book.Row> fitting = all.stream()
                    .filter(in::holds)
                    // Asked for anything, nothing need be read of what is known of them.
                    .filter(r -> wanted.equals(DrillQuery.ANYTHING) || wanted.fits(r.summary()))
                    .toList();
            return numbers.map(best -> inOrder(fitting, best)).orElseGet(() -> inOrder(fitting, in, by));
        });
    }

    private static List<Book.Row> inOrder(List<Book.Row> fitting, List<Integer> best) {
        Map<Integer, Book.Row> byNumber = new HashMap<>();
        fitting.forEach(r -> byNumber.put(r.number(), r));
        return best.stream().map(byNumber::get).filter(Objects::nonNull).toList();
    }

    private static List<Book.Row> inOrder(List<Book.Row> fitting, Place in, DrillQuery.Order by) {
        if (in instanceof Place.Like like) {
            Map<String, Double> alike = new HashMap<>();
            fitting.forEach(r -> alike.put(r.id(), Likeness.of(like.summary(), r.summary())));
            return fitting.stream()
                    .sorted(Comparator.comparingDouble(r -> -alike.get(r.id())))
                    .limit(ALIKE)
                    .toList();
        }
        Comparator<Book.Row> comparator =
                (in instanceof Place.Lately ? DrillQuery.Order.USED : by).comparator()::compare;
        return in instanceof Place.Aside
                ? fitting.stream()
                        .sorted(Comparator.comparingLong(r -> -r.deleted()))
                        .toList()
                : fitting.stream().sorted(comparator).toList();
    }
}
