package wildchalk.desktop.log;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.log.Entry;
import wildchalk.core.log.EntryEdits;
import wildchalk.core.log.Part;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.Fields;

/** A part of an evening: its minutes, how it went, what to do next time, and what came of it. */
final class PartRow extends VBox {

    private static final int MINUTE = 60;
    private static final int LONGEST = 400;
    /** What is shown of it; the rest stands in tables and files. */
    private static final int SHOWN = 6;

    private final LogState state;
    private final Part part;
    private final int number;
    private TextField minutes;

    PartRow(LogState state, Entry entry, int number) {
        super(4);
        this.state = state;
        this.part = entry.parts().get(number);
        this.number = number;
        setId("part-" + number);
        getStyleClass().add("log-part");
        getChildren().addAll(head(), how());
        List<String> results = EntryCard.results(state, entry, part);
        results.stream().limit(SHOWN).forEach(r -> getChildren().add(quiet(r)));
        if (results.size() > SHOWN) {
            getChildren().add(quiet(say("part.more", results.size() - SHOWN)));
        }
    }

    private static String say(String key, Object... values) {
        return LogState.BOOK.say(key, values);
    }

    private static Label quiet(String words) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        label.getStyleClass().add("quiet");
        return label;
    }

    private HBox head() {
        Label title = new Label(part.time().meanwhile() ? say("part.beside", part.title()) : part.title());
        title.getStyleClass().add("part-title");
        title.setWrapText(true);
        title.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(title, Priority.ALWAYS);
        minutes = Fields.text("part-minutes-" + number, said(), 6, this::lasted);
        minutes.setPrefColumnCount(3);
        minutes.setAccessibleText(say("part.minutes", part.title()));
        Label of = new Label(
                part.time().planned() > 0
                        ? say("part.planned", Math.round(part.time().planned() / (double) MINUTE))
                        : say("part.min"));
        of.setMinWidth(Region.USE_PREF_SIZE);
        of.getStyleClass().add("quiet");
        Button gone = new Button("\u2715");
        gone.setId("part-gone-" + number);
        gone.getStyleClass().add("step");
        gone.setAccessibleText(say("part.gone", part.title()));
        gone.setOnAction(e -> state.apply(EntryEdits.remove(number)));
        HBox head = new HBox(5, title, minutes, of, gone);
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private String said() {
        double minutes = Math.round(part.minutes() * 10) / 10.0;
        return minutes == Math.rint(minutes) ? Long.toString(Math.round(minutes)) : Double.toString(minutes);
    }

    private void lasted(String typed) {
        if (typed.equals(said())) {
            return;
        }
        try {
            double minutes = Double.parseDouble(typed.replace(',', '.'));
            if (minutes >= 0 && minutes * MINUTE <= Part.LONGEST) {
                state.apply(EntryEdits.lasted(number, part.before(), (int) Math.round(minutes * MINUTE)));
                return;
            }
        } catch (NumberFormatException e) {
            // What was there stands again.
        }
        minutes.setText(said());
        state.desk().warn(say("part.minutes.wrong", typed));
    }

    private HBox how() {
        HBox row = new HBox(4);
        row.setAlignment(Pos.CENTER_LEFT);
        for (Part.Went went : List.of(Part.Went.WORKED, Part.Went.SO_SO, Part.Went.DID_NOT)) {
            ToggleButton button = new ToggleButton(say("went." + Wordbook.key(went)));
            button.setId("part-" + Wordbook.key(went) + "-" + number);
            button.getStyleClass().add("pill");
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setSelected(part.went() == went);
            button.setOnAction(
                    e -> state.apply(EntryEdits.went(number, part.went() == went ? Part.Went.UNSAID : went)));
            row.getChildren().add(button);
        }
        TextField next = Fields.text("part-next-" + number, part.next(), LONGEST, t -> {
            if (!t.equals(part.next())) {
                state.apply(EntryEdits.nextTime(number, t));
            }
        });
        next.setPromptText(say("part.next"));
        next.setAccessibleText(say("part.next.what", part.title()));
        next.setMinWidth(60);
        HBox.setHgrow(next, Priority.ALWAYS);
        row.getChildren().add(next);
        return row;
    }
}
