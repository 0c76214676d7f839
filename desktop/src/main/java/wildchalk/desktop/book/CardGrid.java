package wildchalk.desktop.book;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import wildchalk.desktop.picture.Pictures;
import wildchalk.storage.book.Book;

/** The cards in rows; only those in sight are there, however many drills there are. Arrow keys go from card to card. */
final class CardGrid extends ListView<List<Book.Row>> {

    private static final double GAP = 14;
    private static final double MARGIN = 4;

    private final DrillCard.Page page;
    private final Pictures pictures;
    private final BiConsumer<List<Integer>, Runnable> light;
    private final Map<Integer, Book.Lit> lit = new HashMap<>();
    private final Set<Integer> asked = new HashSet<>();
    private List<Book.Row> rows = List.of();
    /** Cards in a row; none before the page has been laid out. */
    private int columns;

    /** @param light asks where the words of the search stand in some drills; {@link #lit} is told, then it is run */
    CardGrid(DrillCard.Page page, Pictures pictures, BiConsumer<List<Integer>, Runnable> light) {
        this.page = page;
        this.pictures = pictures;
        this.light = light;
        getStyleClass().add("card-grid");
        setFixedCellSize(DrillCard.TALL + GAP);
        setFocusTraversable(false);
        setCellFactory(list -> new Cell());
        widthProperty().addListener(o -> lay());
        // The list itself has nothing to choose: the cards have the keyboard.
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    /** Shows other drills, from the first one on when they are not the same ones. */
    void show(List<Book.Row> newRows, boolean fromTheTop) {
        rows = newRows;
        group();
        if (fromTheTop) {
            scrollTo(0);
        }
    }

    /** Nothing is lit any more. */
    void unlight() {
        lit.clear();
        asked.clear();
    }

    void lit(Map<Integer, Book.Lit> more) {
        lit.putAll(more);
    }

    private void lay() {
        if (getWidth() <= 0) {
            return;
        }
        int fitting = (int) Math.max(1, Math.floor((getWidth() - 2 * MARGIN - 14) / (DrillCard.WIDE + 12 + GAP)));
        if (fitting != columns) {
            columns = fitting;
            group();
        }
    }

    private void group() {
        if (columns == 0) {
            return;
        }
        List<List<Book.Row>> groups = new ArrayList<>();
        for (int i = 0; i < rows.size(); i += columns) {
            groups.add(rows.subList(i, Math.min(rows.size(), i + columns)));
        }
        getItems().setAll(groups);
    }

    private void key(KeyEvent e) {
        if (!(getScene().getFocusOwner() instanceof DrillCard card)
                || card.row().isEmpty()) {
            return;
        }
        int step;
        if (e.getCode() == KeyCode.RIGHT) {
            step = 1;
        } else if (e.getCode() == KeyCode.LEFT) {
            step = -1;
        } else if (e.getCode() == KeyCode.DOWN) {
            step = columns;
        } else if (e.getCode() == KeyCode.UP) {
            step = -columns;
        } else if (e.getCode() == KeyCode.PAGE_DOWN) {
            step = 2 * columns;
        } else if (e.getCode() == KeyCode.PAGE_UP) {
            step = -2 * columns;
        } else {
            step = 0;
        }
        int at = index(card.row().get().id());
        int to;
        if (e.getCode() == KeyCode.HOME) {
            to = 0;
        } else if (e.getCode() == KeyCode.END) {
            to = rows.size() - 1;
        } else {
            to = at + step;
        }
        if (to != at && to >= 0 && to < rows.size()) {
            focus(to);
            e.consume();
        } else if (step != 0) {
            e.consume();
        }
    }

    private int index(String id) {
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i).id().equals(id)) {
                return i;
            }
        }
        return -1;
    }

    /** Gives the keyboard to a card, which is brought into sight. */
    void focus(int index) {
        if (index < 0 || index >= rows.size()) {
            return;
        }
        String id = rows.get(index).id();
        Optional<DrillCard> there = card(id);
        // Scrolled only as far as it must be, so that the eye keeps its place.
        if (there.isEmpty()
                || there.get().localToScene(0, there.get().getHeight()).getY()
                        > localToScene(0, getHeight()).getY()
                || there.get().localToScene(0, 0).getY() < localToScene(0, 0).getY()) {
            scrollTo(index / columns);
            layout();
        }
        card(id).ifPresent(Node::requestFocus);
    }

    private Optional<DrillCard> card(String id) {
        return lookupAll(".card").stream()
                .map(DrillCard.class::cast)
                .filter(c ->
                        c.isVisible() && c.row().filter(r -> r.id().equals(id)).isPresent())
                .filter(c -> c.getScene() != null
                        && c.getParent().isVisible()
                        && c.getParent().getParent().isVisible())
                .findFirst();
    }

    private final class Cell extends ListCell<List<Book.Row>> {

        private final HBox cards = new HBox(GAP);

        Cell() {
            cards.setPadding(new Insets(MARGIN, MARGIN, 0, MARGIN));
            cards.setFillHeight(false);
            setGraphic(cards);
            getStyleClass().add("card-row");
        }

        @Override
        protected void updateItem(List<Book.Row> items, boolean empty) {
            super.updateItem(items, empty);
            int n = empty || items == null ? 0 : items.size();
            while (cards.getChildren().size() < n) {
                cards.getChildren().add(new DrillCard(page));
            }
            long now = System.currentTimeMillis();
            for (int i = 0; i < cards.getChildren().size(); i++) {
                DrillCard card = (DrillCard) cards.getChildren().get(i);
                card.setVisible(i < n);
                card.setManaged(i < n);
                if (i < n) {
                    show(card, items.get(i), now);
                } else {
                    // A card that is not seen has no name by which it could be found.
                    card.setId(null);
                }
            }
            if (n > 0) {
                light(items);
            }
        }

        private void show(DrillCard card, Book.Row row, long now) {
            card.show(row, Optional.ofNullable(lit.get(row.number())), now);
            pictures.of(row.id(), row.changed(), image -> card.picture(row.id(), image))
                    .ifPresent(image -> card.picture(row.id(), image));
        }

        private void light(List<Book.Row> items) {
            List<Integer> dark =
                    items.stream().map(Book.Row::number).filter(asked::add).toList();
            if (!dark.isEmpty()) {
                light.accept(dark, () -> {
                    if (items == getItem()) {
                        updateItem(items, false);
                    }
                });
            }
        }
    }
}
