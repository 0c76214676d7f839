package wildchalk.desktop.about;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/** Text with headings and tables, as the documents of the program have them, on a page. */
final class TextTables {

    private static final int COLUMNS = 3;

    private final VBox page = new VBox(10);
    private final List<String> paragraph = new ArrayList<>();
    private GridPane table;
    private int rows;

    private TextTables() {}

    /** @param text with {@code #} before headings and {@code |} between the cells of a table */
    static Node of(String text) {
        TextTables tables = new TextTables();
        text.lines().forEach(tables::line);
        tables.endParagraph();
        return tables.page;
    }

    private void line(String line) {
        boolean isRow = line.startsWith("|");
        if (isRow) {
            row(line);
            return;
        }
        table = null;
        if (line.isBlank() || line.startsWith("#")) {
            endParagraph();
            if (line.startsWith("#")) {
                page.getChildren().add(styled(line.replaceFirst("^#+ *", ""), "about-heading"));
            }
        } else {
            paragraph.add(line.strip().replace("`", ""));
        }
    }

    private void endParagraph() {
        if (!paragraph.isEmpty()) {
            page.getChildren().add(styled(String.join(" ", paragraph), "about-line"));
            paragraph.clear();
        }
    }

    private void row(String line) {
        if (line.startsWith("|---") || line.startsWith("| ---")) {
            return;
        }
        endParagraph();
        boolean isHead = table == null;
        if (isHead) {
            table = new GridPane();
            table.setHgap(18);
            table.setVgap(5);
            for (int width : new int[] {34, 28, 38}) {
                ColumnConstraints column = new ColumnConstraints();
                column.setPercentWidth(width);
                table.getColumnConstraints().add(column);
            }
            rows = 0;
            page.getChildren().add(table);
        }
        List<String> cells = Arrays.stream(line.substring(1).split("\\|"))
                .map(String::strip)
                .limit(COLUMNS)
                .toList();
        for (int i = 0; i < cells.size(); i++) {
            table.add(styled(cells.get(i), isHead ? "quiet" : "about-cell"), i, rows);
        }
        rows++;
    }

    private static Label styled(String words, String style) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.setMinHeight(Label.USE_PREF_SIZE);
        label.getStyleClass().add(style);
        return label;
    }
}
