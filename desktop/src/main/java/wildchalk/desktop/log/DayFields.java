package wildchalk.desktop.log;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import wildchalk.core.log.Entry;
import wildchalk.core.log.season.Span;

/** The day and the time of an evening, as they are typed. */
final class DayFields extends HBox {

    private final TextField day;
    private final TextField start;
    private final Label said = new Label();

    /** @param set gets what was typed when Enter is pressed and it is a day and a time */
    DayFields(Entry.When when, Consumer<Entry.When> set) {
        super(6);
        setAlignment(Pos.CENTER_LEFT);
        day = field("entry-date", when.day().toString(), 8);
        start = field("entry-start", when.start().toString(), 4);
        day.setAccessibleText(LogState.BOOK.say("day.what"));
        start.setAccessibleText(LogState.BOOK.say("start.what"));
        said.getStyleClass().add("quiet");
        Runnable take = () -> typed().ifPresentOrElse(set, () -> said.setText(LogState.BOOK.say("day.wrong")));
        day.setOnAction(e -> take.run());
        start.setOnAction(e -> take.run());
        getChildren().addAll(day, start, said);
    }

    private static TextField field(String id, String shown, int columns) {
        TextField field = new TextField(shown);
        field.setId(id);
        field.setPrefColumnCount(columns);
        return field;
    }

    /** What is typed; empty where it is no day or no time. */
    Optional<Entry.When> typed() {
        try {
            LocalDate typed = LocalDate.parse(day.getText().strip());
            LocalTime time = LocalTime.parse(start.getText().strip().replaceFirst("^(\\d):", "0$1:"));
            return Span.ALL.holds(typed)
                    ? Optional.of(new Entry.When(typed, time.truncatedTo(ChronoUnit.MINUTES)))
                    : Optional.empty();
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
