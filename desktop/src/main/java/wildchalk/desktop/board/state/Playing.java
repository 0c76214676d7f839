package wildchalk.desktop.board.state;

import java.util.Comparator;
import java.util.HashSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.DoubleStream;
import javafx.animation.AnimationTimer;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.timeline.Beat;

/** Moves the play head while the drill plays. */
public final class Playing extends AnimationTimer {

    /** Nearer than this to a beat the play head stands at it, seconds. */
    private static final double STILL = 0.002;
    /** Farther than this from a freeze the board does not stand at it any more, seconds. */
    private static final double NEAR = 0.05;
    /** How long the end is shown before it plays again, seconds. */
    private static final double REST = 0.8;

    private final BoardModel model;
    private long before;
    private double rested;
    /** The freezes that were asked since it began to play. */
    private final Set<String> passed = new HashSet<>();

    public Playing(BoardModel model) {
        this.model = model;
        model.head().atProperty().addListener(o -> model.focus()
                .freeze(model.stage())
                .filter(f -> Math.abs(moment(f) - model.head().atProperty().get()) > NEAR)
                .ifPresent(f -> model.focus().frozenProperty().set(Optional.empty())));
        model.head().playingProperty().addListener((o, was, is) -> {
            if (is) {
                before = 0;
                start();
            } else {
                stop();
            }
        });
    }

    /** Plays on, from the start again when all is over; or stands still. */
    public void playOrPause() {
        if (model.focus().frozenProperty().get().isPresent()) {
            goOn();
            return;
        }
        passed.clear();
        boolean play = !model.head().playingProperty().get() && model.timeline().duration() > 0;
        if (play && model.head().atProperty().get() >= model.timeline().duration() - 1e-6) {
            model.head().atProperty().set(0);
        }
        model.head().playingProperty().set(play);
    }

    /** From a question to its answer, from the answer on. */
    private void goOn() {
        Focus.Frozen frozen = model.focus().frozenProperty().get().orElseThrow();
        Optional<Freeze> freeze = model.focus().freeze(model.stage());
        boolean answer = !frozen.answered()
                && freeze.filter(f -> !f.answer().isBlank() || !f.signs().isEmpty())
                        .isPresent();
        model.focus()
                .frozenProperty()
                .set(answer ? Optional.of(new Focus.Frozen(frozen.freeze(), true)) : Optional.empty());
        if (!answer) {
            model.head()
                    .playingProperty()
                    .set(model.head().atProperty().get() < model.timeline().duration() - 1e-6);
        }
    }

    /** The first freeze between two moments. */
    private Optional<Freeze> freeze(double from, double to) {
        return model.stage().instructions(Freeze.class).stream()
                .filter(f -> !passed.contains(f.id()) && moment(f) >= from - 1e-9 && moment(f) <= to + 1e-9)
                .min(Comparator.comparingDouble(this::moment));
    }

    /** When a freeze comes, not before the whistle; NaN for never. */
    private double moment(Freeze freeze) {
        OptionalDouble t = model.timeline().moment(freeze.at());
        return t.isPresent() ? Math.max(0, t.getAsDouble()) : Double.NaN;
    }

    /** Goes to the beat before or after the moment that is looked at, and stands there. */
    public void step(int by) {
        model.head().playingProperty().set(false);
        double now = model.head().atProperty().get();
        double end = model.timeline().duration();
        DoubleStream beats = model.timeline().beats().stream().mapToDouble(Beat::t);
        double to = by > 0
                ? beats.filter(t -> t > now + STILL).min().orElse(end)
                : beats.filter(t -> t < now - STILL).max().orElse(0);
        // Just after the beat: its lines are lit.
        model.head().atProperty().set(to == 0 ? 0 : Math.min(end, to + STILL / 2));
    }

    @Override
    public void handle(long now) {
        if (before > 0) {
            play((now - before) / 1e9);
        }
        before = now;
    }

    private void play(double seconds) {
        double end = model.timeline().duration();
        double before = model.head().atProperty().get();
        double t = Math.min(end, before + seconds * model.head().speedProperty().get());
        Optional<Freeze> freeze = freeze(before, t);
        if (freeze.isPresent()) {
            passed.add(freeze.get().id());
            model.head().atProperty().set(moment(freeze.get()));
            // Whoever hears that it stands must know why.
            model.focus()
                    .frozenProperty()
                    .set(Optional.of(new Focus.Frozen(freeze.get().id(), false)));
            model.head().playingProperty().set(false);
            return;
        }
        if (t < end) {
            rested = 0;
            model.head().atProperty().set(t);
            return;
        }
        model.head().atProperty().set(end);
        rested += seconds;
        if (!model.head().loopingProperty().get()) {
            rested = 0;
            model.head().playingProperty().set(false);
        } else if (rested >= REST) {
            rested = 0;
            passed.clear();
            model.head().atProperty().set(0);
        }
    }
}
