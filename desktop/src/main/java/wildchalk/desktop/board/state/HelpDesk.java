package wildchalk.desktop.board.state;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import wildchalk.core.drill.Drill;
import wildchalk.core.measure.Unit;
import wildchalk.core.waiting.Help;
import wildchalk.core.waiting.Helps;
import wildchalk.core.waiting.Question;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;

/** Looks for what would cut the waiting, beside the window's thread; does it, and takes it back. */
public final class HelpDesk {

    private static final Wordbook BOOK = Wordbook.beside(HelpDesk.class, "Flow");

    private final BoardState state;
    private final ReadOnlyObjectWrapper<Helps> found = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper looking = new ReadOnlyBooleanWrapper();
    private final ReadOnlyObjectWrapper<Optional<Done>> done = new ReadOnlyObjectWrapper<>(Optional.empty());
    private AtomicBoolean stop = new AtomicBoolean();
    private Question newest;

    /**
     * A help that was taken.
     *
     * @param before who played before
     * @param drill as it was after it
     */
    public record Done(Help help, FlowDesk.Setting before, Drill drill) {}

    HelpDesk(BoardState state) {
        this.state = state;
        state.flow().answerProperty().addListener(o -> look());
        state.many().shownProperty().addListener(o -> look());
        state.changesProperty().addListener(o -> forget());
    }

    /** What was done cannot be taken back any more when something else has been done since. */
    private void forget() {
        done.get().filter(d -> !d.drill().equals(state.drill())).ifPresent(d -> done.set(Optional.empty()));
    }

    private void look() {
        FlowDesk.Answer answer = state.flow().answerProperty().get();
        if (answer == null || !state.many().shownProperty().get()) {
            stop();
            newest = null;
            found.set(null);
            return;
        }
        Question question = new Question(state.drill(), state.rung(), answer.asked());
        if (question.equals(newest)) {
            return;
        }
        stop.set(true);
        newest = question;
        found.set(null);
        AtomicBoolean stopped = new AtomicBoolean();
        stop = stopped;
        looking.set(true);
        Unit unit = state.viewing().unitsProperty().get().unit();
        Background.work(
                BOOK.say("looking"),
                () -> Helps.of(question, unit, stopped::get),
                helps -> {
                    if (question.equals(newest)) {
                        found.set(helps);
                        looking.set(false);
                    }
                },
                trouble -> {
                    if (question.equals(newest)) {
                        found.set(new Helps(List.of(), 0, true));
                        looking.set(false);
                    }
                });
    }

    /** Looks no further; what was found by then is shown. */
    public void stop() {
        stop.set(true);
    }

    /** Does what helps, to the drill and to who plays it. */
    public void take(Help help) {
        FlowDesk.Setting before = state.flow().setting();
        if (help.edit().isPresent() && !state.apply(help.edit().get())) {
            return;
        }
        done.set(Optional.of(new Done(help, before, state.drill())));
        state.flow()
                .set(new FlowDesk.Setting(
                        help.asked().people(),
                        before.minutes(),
                        help.asked().lines(),
                        help.copies().isEmpty() ? before.placed() : help.copies()));
    }

    /** Takes back what was done last. */
    public void takeBack() {
        Optional<Done> last = done.get();
        if (last.isEmpty()) {
            return;
        }
        done.set(Optional.empty());
        if (last.get().help().edit().isPresent() && last.get().drill().equals(state.drill())) {
            state.document().undo();
        }
        state.flow().set(last.get().before());
    }

    /** What helps; null while it is looked for. */
    public ReadOnlyObjectProperty<Helps> foundProperty() {
        return found.getReadOnlyProperty();
    }

    public ReadOnlyBooleanProperty lookingProperty() {
        return looking.getReadOnlyProperty();
    }

    /** What was done last, as long as it can be taken back. */
    public ReadOnlyObjectProperty<Optional<Done>> doneProperty() {
        return done.getReadOnlyProperty();
    }
}
