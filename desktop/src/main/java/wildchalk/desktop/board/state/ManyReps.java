package wildchalk.desktop.board.state;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Replay;

/** Many reps as they are looked at: whether they are, which moment, how fast they play, and who is followed. */
public final class ManyReps {

    /** How fast they can play: times as fast as it is. */
    public static final List<Integer> SPEEDS = List.of(1, 4, 16);

    private final FlowDesk desk;
    private final BooleanProperty shown = new SimpleBooleanProperty();
    private final DoubleProperty at = new SimpleDoubleProperty();
    private final BooleanProperty playing = new SimpleBooleanProperty();
    private final ObjectProperty<Integer> speed = new SimpleObjectProperty<>(SPEEDS.get(1));
    private final ObjectProperty<Optional<String>> followed = new SimpleObjectProperty<>(Optional.empty());
    private final BooleanProperty byWaiting = new SimpleBooleanProperty();
    private final Clock clock = new Clock();

    ManyReps(FlowDesk desk) {
        this.desk = desk;
        desk.playedProperty().bind(shown);
        playing.addListener((o, was, is) -> clock.turn(is));
        shown.addListener((o, was, is) -> playing.set(false));
        desk.answerProperty().addListener(o -> keepTo());
    }

    /** Goes on with the time while it plays. */
    private final class Clock extends AnimationTimer {

        private long before;

        void turn(boolean on) {
            before = 0;
            if (on) {
                start();
            } else {
                stop();
            }
        }

        @Override
        public void handle(long now) {
            if (before > 0) {
                double next = at.get() + (now - before) / 1e9 * speed.get();
                at.set(Math.min(end(), next));
                if (next >= end()) {
                    playing.set(false);
                }
            }
            before = now;
        }
    }

    private void keepTo() {
        at.set(Math.min(at.get(), end()));
        if (letters().isEmpty()) {
            playing.set(false);
        }
        followed.get().filter(l -> !letters().contains(l)).ifPresent(l -> followed.set(Optional.empty()));
    }

    /** What is played; empty while nothing is worked out, or nobody can play. */
    public Optional<Replay> replay() {
        return Optional.ofNullable(desk.answerProperty().get())
                .map(FlowDesk.Answer::replay)
                .filter(r -> !r.letters().isEmpty());
    }

    private List<String> letters() {
        return replay().map(Replay::letters).orElse(List.of());
    }

    /** Everybody by their letters, in the order that is asked for. */
    public List<String> inOrder() {
        List<String> letters = letters();
        if (!byWaiting.get() || letters.isEmpty()) {
            return letters;
        }
        Flow flow = replay().orElseThrow().flow();
        return letters.stream()
                .sorted(Comparator.comparingDouble(l -> -flow.each().get(l).seconds(Doing.WAITING)))
                .toList();
    }

    /** What somebody is called: their name where one is known, else their letter. */
    public String name(String letter) {
        FlowDesk.Answer answer = desk.answerProperty().get();
        return answer == null ? letter : answer.names().getOrDefault(letter, letter);
    }

    /** When all is over, seconds. */
    public double end() {
        return replay().map(r -> r.flow().seconds()).orElse(0.0);
    }

    /** Plays on, from the start again when all is over; or stands still. */
    public void playOrPause() {
        boolean play = !playing.get() && replay().isPresent();
        if (play && at.get() >= end() - 1e-6) {
            at.set(0);
        }
        playing.set(play);
    }

    /** Goes to the beginning of the rep before or after, and stands there. */
    public void step(int by) {
        playing.set(false);
        List<Double> starts = replay().map(r -> r.flow().reps().stream()
                        .map(Flow.Rep::t)
                        .sorted()
                        .distinct()
                        .toList())
                .orElse(List.of());
        double now = at.get();
        at.set(
                by > 0
                        ? starts.stream()
                                .filter(t -> t > now + 1e-3)
                                .findFirst()
                                .orElse(end())
                        : starts.stream()
                                .filter(t -> t < now - 1e-3)
                                .reduce((one, later) -> later)
                                .orElse(0.0));
    }

    /** One speed slower or faster. */
    public void faster(int by) {
        int i = SPEEDS.indexOf(speed.get()) + by;
        speed.set(SPEEDS.get(Math.max(0, Math.min(SPEEDS.size() - 1, i))));
    }

    /** Follows somebody, or nobody any more when it was they. */
    public void follow(String letter) {
        followed.set(followed.get().filter(letter::equals).isPresent() ? Optional.empty() : Optional.of(letter));
    }

    /** Follows whoever comes so many after the one that is followed, in the order that is asked for. */
    public void followNext(int by) {
        List<String> order = inOrder();
        if (!order.isEmpty()) {
            int now = followed.get().map(order::indexOf).orElse(by > 0 ? -1 : order.size());
            followed.set(Optional.of(order.get(Math.max(0, Math.min(order.size() - 1, now + by)))));
        }
    }

    /** Whether they are looked at, in place of one rep. */
    public BooleanProperty shownProperty() {
        return shown;
    }

    /** The moment that is looked at, seconds after the first whistle. */
    public DoubleProperty atProperty() {
        return at;
    }

    public BooleanProperty playingProperty() {
        return playing;
    }

    /** One of {@link #SPEEDS}. */
    public ObjectProperty<Integer> speedProperty() {
        return speed;
    }

    /** The letter of whoever is followed; empty for nobody. */
    public ObjectProperty<Optional<String>> followedProperty() {
        return followed;
    }

    /** Whether those who wait most come first; else as they lined up. */
    public BooleanProperty byWaitingProperty() {
        return byWaiting;
    }
}
