package wildchalk.desktop.pitchside;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import wildchalk.core.pitchside.Briefing;
import wildchalk.core.pitchside.Calls;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Machine;
import wildchalk.core.pitchside.Refit;
import wildchalk.core.pitchside.Run;
import wildchalk.core.pitchside.Rundown;
import wildchalk.core.pitchside.Running;
import wildchalk.core.pitchside.Signal;
import wildchalk.core.pitchside.Stretch;
import wildchalk.core.pitchside.Time;
import wildchalk.core.pitchside.tally.Tally;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Practice;
import wildchalk.core.score.Aloud;
import wildchalk.core.score.Scoring;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.trouble.Trouble;

/** A practice that runs on this screen. Time and whatever is done go through here; all of it is kept at once. */
public final class RunState {

    static final Wordbook BOOK = Wordbook.beside(RunState.class, "Pitchside");

    /** How often it is kept that it still goes, milliseconds. */
    private static final long SIGHTED = 5000;
    /** More went by at once than this: that is said, milliseconds. */
    private static final long SAID = 5000;

    private static final long MINUTE = 60_000;
    /** So long what was said of the clock stands there, milliseconds. */
    private static final long STANDS = 45_000;

    private final RunDesk desk;
    private final Briefing briefing;
    private final Clocks clocks;
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private final ReadOnlyLongWrapper ticks = new ReadOnlyLongWrapper();
    private final ReadOnlyStringWrapper notice = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper standing = new ReadOnlyStringWrapper("");
    private final BooleanProperty quiet = new SimpleBooleanProperty();
    private final List<Consumer<Signal>> listeners = new ArrayList<>();
    private final List<Consumer<String>> callers = new ArrayList<>();
    private final List<Onlooker> onlookers = new ArrayList<>();
    private Running running;
    private Run run;
    private Time before;
    private long sighted;
    private long noticed;
    /** When it is called next by itself, by the clock of the run; below 0 while it is not. */
    private long nextCall = -1;

    /**
     * How a run was found.
     *
     * @param clock milliseconds since it was begun
     * @param gone of them: for how many nobody looked
     * @param now the time then
     */
    public record Found(long clock, long gone, Time now) {}

    /**
     * A run as it stands.
     *
     * @param found how far it is, and by which time that was worked out
     */
    public RunState(Running running, Found found, Briefing briefing, RunDesk desk, Clocks clocks) {
        this.running = running;
        this.briefing = briefing;
        this.desk = desk;
        this.clocks = clocks;
        this.run = running.at(found.clock());
        this.before = found.now();
        this.sighted = run.clock();
        desk.standing(standing::set);
        if (found.gone() > SAID) {
            tell("gone", found.gone());
        }
    }

    /** Counts up whenever something is done, or another part is on. */
    public ReadOnlyLongProperty changesProperty() {
        return changes.getReadOnlyProperty();
    }

    /** Counts up whenever the clock was looked at. */
    ReadOnlyLongProperty ticksProperty() {
        return ticks.getReadOnlyProperty();
    }

    /** What a coach should know of the clock; empty for nothing. */
    ReadOnlyStringProperty noticeProperty() {
        return notice.getReadOnlyProperty();
    }

    /** Why what is done is not kept; empty while it is. */
    ReadOnlyStringProperty standingProperty() {
        return standing.getReadOnlyProperty();
    }

    /** Whether nothing is to be heard. */
    public BooleanProperty quietProperty() {
        return quiet;
    }

    /** Tells somebody what is to be heard. */
    public void onSignal(Consumer<Signal> told) {
        listeners.add(told);
    }

    /** Tells somebody what is called. */
    public void onCall(Consumer<String> told) {
        callers.add(told);
    }

    /** Lets somebody look on. */
    public void onlook(Onlooker onlooker) {
        onlookers.add(onlooker);
    }

    public Run run() {
        return run;
    }

    public Running running() {
        return running;
    }

    Briefing briefing() {
        return briefing;
    }

    RunDesk desk() {
        return desk;
    }

    Practice practice() {
        return running.practice();
    }

    /** What time it is, as far as this run knows: nobody sets its clock. */
    LocalTime now() {
        return LocalTime.ofInstant(
                Instant.ofEpochMilli(running.chance().begun() + run.clock()), ZoneId.systemDefault());
    }

    public Rundown rundown() {
        return Rundown.of(run, practice(), now());
    }

    /** The rung that is played now; empty for none in particular. */
    String rung() {
        return run.stretch()
                .flatMap(s -> run.course().stretches().stream()
                        .skip(run.at())
                        .filter(o -> o.block().equals(s.block()) && o.kind() != Stretch.Kind.BEFORE)
                        .findFirst())
                .map(Stretch::rung)
                .orElse("");
    }

    /** The block for which it is counted and called. */
    Optional<Block> counting() {
        return run.counting().flatMap(practice()::block);
    }

    /** What is called and what counts now. */
    Aloud aloud() {
        return counting().map(b -> briefing.aloud(run, b, rung(b))).orElse(Aloud.NOTHING);
    }

    private String rung(Block block) {
        return run.stretch().filter(s -> s.block().equals(block.id())).isPresent() ? rung() : "";
    }

    /** What is called in the block that is on. */
    Optional<Calls> calls() {
        return counting()
                .flatMap(b -> aloud().calling().flatMap(c -> Calls.of(c, briefing.callable(b, rung(b)), run, b.id())));
    }

    /** For whom it is counted. */
    List<Briefing.Group> sides() {
        boolean each = scoring().map(Scoring::each).orElse(false);
        return counting().map(b -> briefing.sides(b, rung(b), each)).orElse(List.of());
    }

    /** How the game of the block stands. */
    Optional<Tally> tally() {
        return counting().flatMap(b -> aloud().scoring()
                .map(s -> Tally.of(s, sides().stream().map(Briefing.Group::key).toList(), run, b.id())));
    }

    /** Looks at the clock. */
    public void tick() {
        Time now = clocks.now();
        Time.Passed passed = now.since(before);
        before = now.from(before, passed);
        say(passed);
        Run was = run;
        Machine.Step step = Machine.tick(run, passed.millis());
        run = step.run();
        step.signals().forEach(this::signal);
        if (was.at() != run.at()) {
            nextCall = -1;
            change();
        }
        if (nextCall >= 0 && run.clock() >= nextCall) {
            callByItself();
        }
        if (run.clock() - sighted >= SIGHTED) {
            sighted = run.clock();
            desk.sighted(running, new Running.Sighting(run.clock(), now.wall()));
        }
        ticks.set(ticks.get() + 1);
    }

    private void say(Time.Passed passed) {
        if (passed.filled() > SAID) {
            tell("slept", passed.filled());
        } else if (passed.set() != 0) {
            tell(passed.set() < 0 ? "set.back" : "set.on", Math.abs(passed.set()));
        } else if (!notice.get().isEmpty() && run.clock() - noticed > STANDS) {
            notice.set("");
        }
    }

    private void tell(String key, long millis) {
        notice.set(BOOK.say(key, (millis + MINUTE / 2) / MINUTE));
        noticed = run.clock();
    }

    private void signal(Signal signal) {
        listeners.forEach(l -> l.accept(signal));
    }

    /** Does something. */
    public void doing(Deed deed) {
        tick();
        Machine.Step step = Machine.deed(run, deed);
        run = step.run();
        step.signals().forEach(this::signal);
        keep(Optional.of(deed));
    }

    /** What was done last is as if it had never been. */
    public void takeBack() {
        tick();
        if (!run.done().isEmpty()) {
            run = Machine.takenBack(run);
            nextCall = -1;
            keep(Optional.empty());
        }
    }

    private void keep(Optional<Deed> deed) {
        running = running.with(new Running.Moment(run.clock(), before.wall(), deed));
        desk.keep(running, BOOK.say(deed.isPresent() ? "did" : "did.back"));
        change();
    }

    private void change() {
        changes.set(changes.get() + 1);
        Rundown rundown = rundown();
        onlookers.forEach(o -> o.see(rundown));
    }

    /** The clock stands, or goes on. */
    void stopOrGo() {
        doing(run.going() ? new Deed.Stop() : new Deed.Go());
    }

    /** A whistle; it begins the block that is prepared. */
    void whistle() {
        boolean begins =
                run.stretch().filter(s -> s.kind() == Stretch.Kind.BEFORE).isPresent();
        if (begins) {
            next();
        } else {
            signal(Signal.WHISTLE);
        }
    }

    /** What comes next is on; the clock goes. */
    void next() {
        if (!run.isOver() && !run.going()) {
            doing(new Deed.Go());
        }
        doing(new Deed.Next());
    }

    void more() {
        doing(new Deed.More(MINUTE));
    }

    /** Calls once; or begins to call by itself, or ends that, where it is said how often. */
    void call() {
        calls().ifPresent(c -> {
            if (c.calling().every().isEmpty() || nextCall < 0) {
                callNow(c);
            } else {
                nextCall = -1;
                change();
            }
        });
    }

    /** Whether it is called again and again. */
    boolean isCalling() {
        return nextCall >= 0;
    }

    private void callByItself() {
        if (run.going()) {
            calls().ifPresentOrElse(this::callNow, () -> nextCall = -1);
        }
    }

    private void callNow(Calls calls) {
        String word = calls.next(running.chance().seed()).word();
        nextCall = calls.calling()
                .every()
                .map(p -> run.clock()
                        + p.before(calls.called().size(), running.chance().seed()))
                .orElse(-1L);
        doing(new Deed.Called(word));
        callers.forEach(c -> c.accept(word));
    }

    /**
     * Fits what is left, beside the window's thread and after what was asked before: it is worked out by one at a time.
     *
     * @param then told what comes of it; empty where nothing comes after the part that is on
     */
    void fit(Consumer<Optional<Refit>> then, Consumer<Trouble> trouble) {
        Run as = run;
        Practice planned = practice();
        LocalTime now = now();
        Background.work(
                BOOK.say("work.fitting"),
                () -> {
                    synchronized (briefing) {
                        return Refit.of(planned, as, briefing.needs(), briefing.doses(), now);
                    }
                },
                then,
                trouble);
    }

    /** Another thing is called, or counts, in this block. */
    void agree(String calls, String counts) {
        doing(new Deed.Agreed(calls, counts));
    }

    /** By the clock that only goes forward: for a stopwatch. */
    long nanos() {
        return clocks.now().nanos();
    }

    /** What counts now. */
    Optional<Scoring> scoring() {
        return aloud().scoring();
    }

    /** It is finished. */
    void finish() {
        if (run.going()) {
            doing(new Deed.Stop());
        }
        running = running.finished(true);
        desk.over(running, run.clock(), BOOK.say("did.over"));
    }

    /** Nobody looks any more; the clock goes on. */
    void leave() {
        desk.sighted(running, new Running.Sighting(run.clock(), before.wall()));
    }
}
