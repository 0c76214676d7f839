package wildchalk.desktop.practice;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.log.season.Experience;
import wildchalk.core.log.season.ExperienceWords;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.Fields;
import wildchalk.storage.book.Book;

/** What can be put into an evening: the drills of the book, found as in the Book, and what needs no drill. */
final class Bin extends VBox {

    private final PracticeState state;
    private final TimeColumn column;
    private final TextField find = new TextField();
    private final ListView<Book.Row> list = new ListView<>();
    private final ToggleButton lately = new ToggleButton(say("not.lately"));

    Bin(PracticeState state, TimeColumn column) {
        super(10);
        this.state = state;
        this.column = column;
        setId("bin");
        getStyleClass().add("bin");
        Label head = new Label(say("put.in"));
        head.getStyleClass().add("side-head");
        find.setId("find-for-practice");
        find.setPromptText(say("find"));
        find.setAccessibleText(say("find"));
        find.textProperty().addListener(o -> search());
        find.setOnAction(e -> put(0));
        find.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.DOWN) {
                list.requestFocus();
                list.getSelectionModel().selectFirst();
                e.consume();
            }
        });
        lately.setId("not-lately");
        lately.getStyleClass().add("pill");
        lately.setTooltip(new Tooltip(say("not.lately.tip")));
        lately.setOnAction(e -> search());
        list.setId("drills-to-put-in");
        list.getStyleClass().add("bin-list");
        list.setCellFactory(l -> new Row());
        list.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER) {
                put(list.getSelectionModel().getSelectedIndex());
                e.consume();
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        FlowPane plain = new FlowPane(6, 6);
        for (Plain each : Plain.values()) {
            plain.getChildren()
                    .add(Fields.pill("put-" + Wordbook.key(each), say("put." + Wordbook.key(each)), () -> put(each)));
        }
        Label hint = new Label(say("put.hint"));
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        hint.setMinHeight(USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        lately.setMinWidth(USE_PREF_SIZE);
        HBox top = new HBox(6, head, gap, lately);
        top.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(top, find, list, plain, hint);
        fill();
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    /** Where one types to find a drill. */
    TextField find() {
        return find;
    }

    /** The drills of the book as they are now. */
    void fill() {
        state.desk().drills(this::search);
    }

    private void search() {
        String typed = find.getText();
        state.desk().find(typed, rows -> {
            // Whatever was typed meanwhile is on its way.
            if (typed.equals(find.getText())) {
                list.setPlaceholder(new Label(say(typed.isBlank() ? "none.there" : "none.found")));
                list.setItems(FXCollections.observableList(lately.isSelected() ? leftLongest(rows) : rows));
            }
        });
    }

    /** What was never run comes first, then what was left longest. */
    private List<Book.Row> leftLongest(List<Book.Row> rows) {
        Experience known = state.desk().experience();
        return rows.stream()
                .sorted(Comparator.comparing(r ->
                        known.of(r.id()).map(d -> d.last().entry().when().day()).orElse(LocalDate.MIN)))
                .toList();
    }

    private String ran(String drill) {
        return state.desk()
                .experience()
                .of(drill)
                .map(d -> ExperienceWords.brief(d, LocalDate.now(ZoneId.systemDefault())))
                .orElse("");
    }

    private void put(Plain what) {
        column.putIn(what.block());
    }

    private void put(int row) {
        List<Book.Row> rows = list.getItems();
        if (row >= 0 && row < rows.size()) {
            state.desk().block(rows.get(row).id(), column::putIn);
        }
    }

    /** What needs no drill. */
    enum Plain {
        GAME(new Content.Game("", Optional.empty(), ""), new Block.Time(8, 12, 20)),
        WATER(new Content.Words(Content.Sort.WATER, ""), new Block.Time(1, 2, 4)),
        TALK(new Content.Words(Content.Sort.TALK, ""), new Block.Time(2, 3, 6)),
        SETTING_OUT(new Content.Words(Content.Sort.SETTING_OUT, ""), new Block.Time(2, 5, 10)),
        WORDS(new Content.Words(Content.Sort.FREE, ""), new Block.Time(5, 8, 15));

        private final Content content;
        private final Block.Time time;

        Plain(Content content, Block.Time time) {
            this.content = content;
            this.time = time;
        }

        Block block() {
            return Block.of("", content, time);
        }
    }

    /** A drill: it is put in by a double click or Enter, or dragged to where it is wanted. */
    private final class Row extends ListCell<Book.Row> {

        private final ImageView picture = new ImageView();
        private final Label title = new Label();
        private final Label said = new Label();
        private final HBox line = new HBox(9, picture, new VBox(1, title, said));

        Row() {
            getStyleClass().add("bin-row");
            picture.setFitWidth(64);
            picture.setFitHeight(36);
            title.getStyleClass().add("bin-title");
            title.setWrapText(true);
            title.setMaxWidth(142);
            said.getStyleClass().add("quiet");
            said.setMaxWidth(128);
            line.setAlignment(Pos.CENTER_LEFT);
            setOnMouseClicked(e -> {
                if (e.getClickCount() == 2 && e.isStillSincePress() && getItem() != null) {
                    put(getIndex());
                }
            });
            addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
                if (getItem() != null) {
                    column.hover(e.getSceneX(), e.getSceneY(), getItem().title());
                }
            });
            addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
                if (getItem() != null && !e.isStillSincePress()) {
                    String id = getItem().id();
                    column.dropped(e.getSceneX(), e.getSceneY())
                            .ifPresent(at -> state.desk().block(id, b -> column.putIn(b, at)));
                }
            });
        }

        @Override
        protected void updateItem(Book.Row row, boolean empty) {
            super.updateItem(row, empty);
            setGraphic(empty ? null : line);
            if (!empty) {
                title.setText(row.title());
                // One that nobody has looked over yet says nothing of its people.
                int people = row.summary().people();
                String ran = ran(row.id());
                String line =
                        people == 0 ? "" : say("bin.line", people, row.summary().rungs());
                said.setText(ran.isEmpty() ? line : ran);
                said.setTooltip(ran.isEmpty() ? null : new Tooltip(line));
                setId("put-in-" + row.id());
                picture.setImage(state.desk()
                        .picture(row, image -> {
                            if (row == getItem()) {
                                picture.setImage(image);
                            }
                        })
                        .orElse(null));
            }
        }
    }
}
