package wildchalk.desktop.log;

import java.util.Comparator;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wildchalk.core.log.chart.Sheet;

/** Figures of the log as a table; a click on a head sorts by it. */
final class SheetTable extends TableView<Sheet.Row> {

    private static final double WORDS = 165;
    private static final double NUMBER = 96;

    /** @param opened gets the id of what a row is about when it is opened */
    SheetTable(Consumer<String> opened) {
        setId("log-table");
        getStyleClass().add("log-table");
        setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                open(opened);
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER) {
                open(opened);
                e.consume();
            }
        });
    }

    private void open(Consumer<String> opened) {
        Sheet.Row row = getSelectionModel().getSelectedItem();
        if (row != null && !row.ref().isEmpty()) {
            opened.accept(row.ref());
        }
    }

    /** @param empty what is said where there is nothing in it */
    void show(Sheet sheet, String empty) {
        getColumns().clear();
        for (int i = 0; i < sheet.heads().size(); i++) {
            int at = i;
            boolean number =
                    sheet.rows().stream().anyMatch(r -> r.cells().get(at).isNumber())
                            && !sheet.rows().isEmpty();
            TableColumn<Sheet.Row, Sheet.Cell> column =
                    new TableColumn<>(sheet.heads().get(i));
            column.setCellValueFactory(
                    r -> new ReadOnlyObjectWrapper<>(r.getValue().cells().get(at)));
            column.setComparator(Comparator.naturalOrder());
            column.setCellFactory(c -> new Words());
            column.setPrefWidth(i == 0 || !number ? WORDS : NUMBER);
            getColumns().add(column);
        }
        setPlaceholder(new Label(empty));
        setItems(FXCollections.observableArrayList(sheet.rows()));
    }

    /** As it is said; numbers stand to the right. */
    private static final class Words extends TableCell<Sheet.Row, Sheet.Cell> {

        @Override
        protected void updateItem(Sheet.Cell cell, boolean empty) {
            super.updateItem(cell, empty);
            setText(empty || cell == null ? null : cell.words());
            setAlignment(
                    cell != null
                                    && cell.isNumber()
                                    && getTableColumn()
                                            != getTableView().getColumns().get(0)
                            ? Pos.CENTER_RIGHT
                            : Pos.CENTER_LEFT);
        }
    }
}
