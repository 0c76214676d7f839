package wildchalk.desktop.board.state;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.atomic.AtomicLong;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.ask.Answer.Drawn;
import wildchalk.core.check.over.Leaving;
import wildchalk.core.check.over.LookOver;
import wildchalk.core.check.over.Mending;
import wildchalk.core.check.over.Ringed;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.measure.Unit;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Newest;

/**
 * Looks the drill over after each edit, beside the window's thread; tries mends while they are wanted; goes to what was
 * found. The newest drill wins.
 */
public final class LookDesk {

    private static final Wordbook BOOK = Wordbook.beside(LookDesk.class, "Look");
    /** More of one kind nobody reads. */
    public static final int EACH = 3;

    /** An edit is followed by the next one within that while somebody draws, milliseconds; assumed. */
    private static final long SETTLES = 120;
    /** Nobody breathes for longer than that between one check and the next, milliseconds. */
    private static final long BREATHES = 40;

    private static final long MILLION = 1_000_000;

    private final BoardState state;
    private final BooleanProperty wanted = new SimpleBooleanProperty();
    private final ObjectProperty<Conditions> conditions = new SimpleObjectProperty<>(Conditions.USUAL);
    private final ReadOnlyObjectWrapper<Found> found = new ReadOnlyObjectWrapper<>(Found.NOTHING);
    private final ObjectProperty<Optional<Spotted>> pointed = new SimpleObjectProperty<>(Optional.empty());
    private final Newest<Found> looks;
    private final Newest<Found> tries;
    private Question asked;

    /** What is looked at. */
    private record Question(Drill drill, Conditions conditions, Unit unit) {}

    /**
     * What was found in a drill.
     *
     * @param listed the first few of each kind, the worst first
     * @param tried whether their mends were tried: until then none is offered
     * @param drill that was looked over; empty before the first
     */
    public record Found(LookOver over, List<Spotted> listed, boolean tried, Optional<Drill> drill) {

        static final Found NOTHING = new Found(new LookOver(List.of(), List.of()), List.of(), false, Optional.empty());

        public Found {
            listed = List.copyOf(listed);
        }
    }

    LookDesk(BoardState state) {
        this.state = state;
        looks = new Newest<>(BOOK.say("looking"), this::show, trouble -> {
            found.set(Found.NOTHING);
            state.announce(BOOK.say("trouble"));
        });
        tries = new Newest<>(BOOK.say("trying"), this::show, trouble -> state.announce(BOOK.say("trouble")));
        conditions.addListener(o -> look());
        wanted.addListener((o, was, is) -> {
            if (is) {
                look();
                tryOut();
            } else {
                pointed.set(Optional.empty());
            }
        });
        pointed.addListener((o, was, is) -> is.ifPresent(this::go));
    }

    /** Looks at the drill as it is now, unless that was done. */
    void look() {
        Question now = new Question(
                state.drill(), tonight(), state.viewing().unitsProperty().get().unit());
        if (!now.equals(asked)) {
            asked = now;
            tries.forget();
            looks.ask(() -> {
                rest(SETTLES);
                LookOver over = LookOver.of(new Looked(now.drill, now.conditions, now.unit), breathing());
                return new Found(over, bare(over.few(EACH)), false, Optional.of(now.drill));
            });
        }
    }

    /** As long a breath between one check and the next as the check took. */
    private static Runnable breathing() {
        AtomicLong since = new AtomicLong(System.nanoTime());
        return () -> {
            rest(Math.min(BREATHES, (System.nanoTime() - since.get()) / MILLION));
            since.set(System.nanoTime());
        };
    }

    /** Frames come first: who looks over waits until the hand is still, and breathes between one check and the next. */
    private static void rest(long milliseconds) {
        try {
            Thread.sleep(milliseconds);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Nothing is offered before it was tried. */
    private static List<Spotted> bare(List<Spotted> few) {
        return few.stream().map(s -> s.mendedBy(List.of())).toList();
    }

    /** With a squad in the roles it is known how many are here. */
    private Conditions tonight() {
        Conditions now = conditions.get();
        return state.model()
                .cast()
                .map(c -> now.with(new Conditions.Tonight(
                        OptionalInt.of((int) c.squad().all().count()), OptionalInt.empty(), Map.of())))
                .orElse(now);
    }

    private void show(Found is) {
        if (is.drill().filter(d -> d == asked.drill).isPresent()) {
            found.set(is);
            pointed.get()
                    .filter(p -> is.over().found().stream().noneMatch(p::isSameAs))
                    .ifPresent(p -> pointed.set(Optional.empty()));
            if (!is.tried()) {
                tryOut();
            }
        }
    }

    private void tryOut() {
        Found now = found.get();
        if (wanted.get()
                && !now.tried()
                && now.drill().filter(d -> d == asked.drill).isPresent()) {
            Question of = asked;
            tries.ask(() -> {
                Mending mending = new Mending(of.drill, of.conditions, of.unit);
                return new Found(
                        now.over(),
                        now.over().few(EACH).stream().map(mending::tried).toList(),
                        true,
                        now.drill());
            });
        }
    }

    /** The board goes to the rung, the way and the moment of what was found. */
    private void go(Spotted spotted) {
        state.many().shownProperty().set(false);
        state.head().playingProperty().set(false);
        spotted.scene().rung().filter(r -> !r.equals(state.rung())).ifPresent(r -> state.model()
                .climb(r));
        if (spotted.scene().rung().isPresent()) {
            state.focus().choicesProperty().set(spotted.scene().way());
        }
        state.head()
                .atProperty()
                .set(Math.min(state.timeline().duration(), spotted.t().orElse(0)));
    }

    /** What is drawn on the board of what is pointed at; empty while another rung or moment is shown. */
    public List<Drawn> drawn() {
        return pointed.get()
                .filter(p -> p.scene().rung().filter(state.rung()::equals).isPresent())
                .filter(p -> Math.abs(state.head().atProperty().get()
                                - Math.min(state.timeline().duration(), p.t().orElse(0)))
                        < 1e-6)
                .map(p -> Ringed.of(
                        p,
                        state.stage(),
                        state.timeline(),
                        state.viewing().unitsProperty().get().unit()))
                .orElse(List.of());
    }

    /** Mends something; takes back like any edit. */
    public void mend(Edit<Drill> edit) {
        pointed.set(Optional.empty());
        state.apply(edit);
    }

    /** Leaves something as it is. */
    public void leave(Spotted spotted, String reason, boolean printed) {
        if (!reason.isBlank()) {
            pointed.set(Optional.empty());
            state.apply(Leaving.left(spotted, reason, printed));
        }
    }

    /** Looks at something again that was left. */
    public void lookAgain(Spotted spotted) {
        state.apply(Leaving.lookedAtAgain(spotted));
    }

    /** Whether the page is shown that lists what was found. */
    public BooleanProperty wantedProperty() {
        return wanted;
    }

    /** What the evening is like. */
    public ObjectProperty<Conditions> conditionsProperty() {
        return conditions;
    }

    /** What was found in the newest drill that was looked over. */
    public ReadOnlyObjectProperty<Found> foundProperty() {
        return found.getReadOnlyProperty();
    }

    /** What of it is pointed at: the board stands at its moment. */
    public ObjectProperty<Optional<Spotted>> pointedProperty() {
        return pointed;
    }
}
