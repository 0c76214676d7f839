package wildchalk.desktop.board.state;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import wildchalk.core.drill.Dose;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;

/** Works out what many reps come to while that is wanted, beside the window's thread; the newest question wins. */
public final class FlowDesk {

    private static final Wordbook BOOK = Wordbook.beside(FlowDesk.class, "Flow");
    /** A block of a practice takes about so long, minutes; assumed. */
    private static final int USUAL_MINUTES = 8;

    /** What is asked for. */
    private record Question(
            Stage stage, Surface surface, Optional<Dose> dose, int people, int minutes, Map<String, Integer> lines) {}

    /**
     * What many reps come to.
     *
     * @param told in plain sentences
     * @param lines how many stand in each line to begin with, whoever is in front among them
     */
    public record Answer(Flow flow, List<String> told, Map<String, Integer> lines) {}

    private final BooleanProperty wanted = new SimpleBooleanProperty();
    private final IntegerProperty people = new SimpleIntegerProperty();
    private final IntegerProperty minutes = new SimpleIntegerProperty(USUAL_MINUTES);
    private final ReadOnlyObjectWrapper<Answer> answer = new ReadOnlyObjectWrapper<>();
    private final Consumer<String> say;
    /** How many stand in a line, where that is said. */
    private Map<String, Integer> lines = Map.of();
    /** Whether somebody has said how many there are; until then there are as many as are drawn. */
    private boolean counted;

    private Question newest;
    private Question answered;

    /** @param say told when it cannot be worked out */
    FlowDesk(Consumer<String> say) {
        this.say = say;
        wanted.addListener(o -> work());
        people.addListener(o -> again());
        minutes.addListener(o -> again());
    }

    void ask(Stage stage, Surface surface, Optional<Dose> dose) {
        if (!counted) {
            people.set(Math.min(Flows.MOST_PEOPLE, drawn(stage)));
        }
        newest = new Question(stage, surface, dose, people.get(), minutes.get(), lines);
        work();
    }

    private static int drawn(Stage stage) {
        return stage.people().stream()
                .filter(p -> !(p instanceof Piece.Coach))
                .mapToInt(p -> p instanceof Piece.LineUp l ? 1 + l.waiting() : 1)
                .sum();
    }

    /** Says how many people there are; it stays so when the drill changes. */
    public void count(int howMany) {
        counted = true;
        people.set(howMany);
    }

    /** Says how many stand in a line to begin with; all others stand evenly in the other lines. */
    public void line(String role, int howMany) {
        Map<String, Integer> more = new LinkedHashMap<>(lines);
        more.put(role, howMany);
        lines = Map.copyOf(more);
        again();
    }

    private void again() {
        if (newest != null) {
            newest = new Question(newest.stage(), newest.surface(), newest.dose(), people.get(), minutes.get(), lines);
            work();
        }
    }

    private void work() {
        Question asked = newest;
        if (!wanted.get() || asked == null || asked.equals(answered)) {
            return;
        }
        Background.work(
                BOOK.say("working"),
                () -> {
                    Flows flows = new Flows(asked.stage(), asked.surface(), asked.dose());
                    // A line that is gone since is asked for no more.
                    Map<String, Integer> there = new LinkedHashMap<>(asked.lines());
                    there.keySet().retainAll(flows.lines());
                    Flows.Asked all = new Flows.Asked(asked.people(), asked.minutes(), 1, there, List.of());
                    Flow flow = flows.of(all);
                    return new Answer(flow, flows.told(flow), flows.linedUp(all));
                },
                done -> {
                    if (asked.equals(newest)) {
                        answered = asked;
                        answer.set(done);
                    }
                },
                trouble -> {
                    if (asked.equals(newest)) {
                        answered = asked;
                        answer.set(null);
                        say.accept(BOOK.say("trouble"));
                    }
                });
    }

    /** Whether it is shown. */
    public BooleanProperty wantedProperty() {
        return wanted;
    }

    /** How many people there are, coaches left out. */
    public IntegerProperty peopleProperty() {
        return people;
    }

    /** For how long, minutes. */
    public IntegerProperty minutesProperty() {
        return minutes;
    }

    /** The newest answer; null before the first. */
    public ReadOnlyObjectProperty<Answer> answerProperty() {
        return answer.getReadOnlyProperty();
    }
}
