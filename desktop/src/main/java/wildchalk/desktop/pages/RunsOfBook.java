package wildchalk.desktop.pages;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.measure.Unit;
import wildchalk.core.pitchside.Briefing;
import wildchalk.core.pitchside.Course;
import wildchalk.core.pitchside.Running;
import wildchalk.core.pitchside.Time;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.squad.Squad;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.keeping.Preferences;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.page.ToRun;
import wildchalk.desktop.pitchside.Clocks;
import wildchalk.desktop.pitchside.RunDesk;
import wildchalk.desktop.pitchside.RunState;
import wildchalk.desktop.pitchside.RunWindow;
import wildchalk.desktop.sound.Sounder;
import wildchalk.desktop.sound.SystemSpeaker;
import wildchalk.desktop.trouble.Trouble;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.Kept;
import wildchalk.storage.book.Standing;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.RunKind;
import wildchalk.storage.kind.SquadKind;

/** Practices that are run out of a book: one at a time, kept as it happens, found again after the program ended. */
public final class RunsOfBook implements RunDesk {

    private static final Wordbook BOOK = Wordbook.beside(RunsOfBook.class, "Runs");
    /** Id of the run that is not finished; empty for none. */
    private static final String ON = "run.on";
    /** When that was last seen going: its id, its clock, the clock on the wall. */
    private static final String SEEN = "run.seen";
    /** A practice that is begun this much off its time is run from now on instead, minutes. */
    private static final int OFF = 60;

    private static final int MINUTE = 60;

    private static final DateTimeFormatter ID = DateTimeFormatter.ofPattern("yyyyMMdd-HHmm");

    /**
     * What a run tells the time by and is heard by.
     *
     * @param voice one for each window
     */
    public record Tools(Clocks clocks, Supplier<RunWindow.Voice> voice) {

        /** Those of this computer. */
        public static final Tools OF_THIS_COMPUTER = new Tools(
                Clocks.OF_THIS_COMPUTER,
                () -> new RunWindow.Voice(Sounder.ofThisComputer(), SystemSpeaker.ofThisComputer()));
    }

    private static volatile Tools tools = Tools.OF_THIS_COMPUTER;

    private final PageHost host;
    private final Keeper keeper;
    private final EntriesOfBook entries;
    private Optional<RunWindow> window = Optional.empty();
    /** Whether one is being opened: it takes a moment. */
    private boolean opening;

    public RunsOfBook(PageHost host) {
        this.host = host;
        this.keeper = host.keeper();
        this.entries = new EntriesOfBook(host);
    }

    /** Other clocks and another voice for all runs that are opened from now on: for seeing what becomes of them. */
    public static void equip(Tools other) {
        tools = other;
    }

    /** The window in which a practice runs; empty while none does. */
    public Optional<RunWindow> window() {
        return window;
    }

    /** A run that is not finished, and when it was last seen. */
    private record Found(Running running, Running.Sighting seen, Briefing briefing) {}

    /** Goes on with the one that is not finished, if there is one: the program ended, or the screen was left. */
    public void resume() {
        if (keeper.standingProperty().get().isKept()) {
            opening = true;
            keeper.ask(RunsOfBook::unit, entries::due);
            found(found -> {
                opening = false;
                found.ifPresent(this::goOn);
            });
        }
    }

    private void found(Consumer<Optional<Found>> then) {
        keeper.ask(
                RunsOfBook::notFinished,
                run -> {
                    if (run.isEmpty()) {
                        then.accept(Optional.empty());
                        return;
                    }
                    InBook kept = run.get();
                    brief(
                            kept.running().practice(),
                            kept.needed(),
                            briefing -> then.accept(Optional.of(new Found(kept.running(), kept.seen(), briefing))));
                },
                () -> opening = false);
    }

    /** As it lies in the book. */
    private record InBook(Running running, Running.Sighting seen, Needed needed) {}

    private static Optional<InBook> notFinished(Book book) {
        String id = book.setting(ON, "");
        Kept<Running> runs = book.of(RunKind.RUNS);
        return id.isEmpty()
                ? Optional.empty()
                : runs.find(id).filter(r -> !r.over()).map(r -> {
                    Practice practice = r.practice();
                    return new InBook(
                            r,
                            seen(book.setting(SEEN, ""), r),
                            new Needed(
                                    Drills.planned(book, practice),
                                    EntriesOfBook.squad(book, practice.company().squad()),
                                    unit(book)));
                });
    }

    /** The later of when it was seen and when something was done. */
    private static Running.Sighting seen(String kept, Running running) {
        String[] parts = kept.split(" ");
        Running.Sighting last = running.last();
        if (parts.length == 3 && parts[0].equals(running.id())) {
            Running.Sighting seen = new Running.Sighting(Long.parseLong(parts[1]), Long.parseLong(parts[2]));
            return seen.clock() >= last.clock() ? seen : last;
        }
        return last;
    }

    private static Unit unit(Book book) {
        return Preferences.read(book).units().unit();
    }

    private void brief(Practice practice, Needed needed, Consumer<Briefing> then) {
        Background.work(
                BOOK.say("work.briefing"),
                () -> Briefing.of(practice, needed.drills(), needed.squad(), needed.unit()),
                then,
                this::notReady);
    }

    private void notReady(Trouble trouble) {
        opening = false;
        host.messages().warn(trouble.words(BOOK.say("trouble.briefing")));
    }

    /** Goes on with a run by the clock on the wall; asks where that cannot be. */
    private void goOn(Found found) {
        opening = false;
        Time now = tools.clocks().now();
        Optional<Long> gone = found.running().since(found.seen(), now.wall());
        if (gone.isPresent()) {
            show(found, gone.get(), now);
            return;
        }
        String then = LocalDateTime.ofInstant(Instant.ofEpochMilli(found.seen().wall()), ZoneId.systemDefault())
                .format(DateTimeFormatter.ofPattern(BOOK.say("day.time"), Locale.ENGLISH));
        Map<String, Runnable> ways = new LinkedHashMap<>();
        ways.put(BOOK.say("ask.on"), () -> show(found, 0, tools.clocks().now()));
        ways.put(
                BOOK.say("ask.over"), () -> finish(found.running(), found.seen().clock()));
        host.messages()
                .ask(
                        BOOK.say(
                                now.wall() < found.seen().wall() ? "ask.back" : "ask.long",
                                found.running().title(),
                                then),
                        ways);
    }

    private void finish(Running running, long clock) {
        over(running.finished(true), clock, BOOK.say("finished"));
    }

    private void show(Found found, long gone, Time now) {
        if (window.isPresent()) {
            // It was answered twice.
            window.get().stage().toFront();
            return;
        }
        Tools with = tools;
        RunState state = new RunState(
                found.running(),
                new RunState.Found(found.seen().clock() + gone, gone, now),
                found.briefing(),
                this,
                with.clocks());
        window = Optional.of(
                RunWindow.open(state, host.onScreen(), with.voice().get(), () -> window = Optional.empty()));
    }

    /** Runs a practice, or goes on with it. */
    public void run(ToRun wanted) {
        if (window.isPresent()) {
            window.get().stage().toFront();
            return;
        }
        Standing standing = keeper.standingProperty().get();
        if (standing.kind() == Standing.Kind.OTHER_WINDOW || standing.kind() == Standing.Kind.NEWER) {
            host.messages().warn(BOOK.say("other.window"));
            return;
        }
        if (wanted.practice().blocks().isEmpty()) {
            host.messages().warn(BOOK.say("nothing"));
            return;
        }
        if (opening) {
            return;
        }
        opening = true;
        found(before -> {
            if (before.isEmpty()) {
                begin(wanted);
            } else if (before.get()
                    .running()
                    .practice()
                    .id()
                    .equals(wanted.practice().id())) {
                goOn(before.get());
            } else {
                opening = false;
                Map<String, Runnable> ways = new LinkedHashMap<>();
                ways.put(BOOK.say("still.go"), () -> goOn(before.get()));
                ways.put(BOOK.say("still.finish"), () -> {
                    finish(before.get().running(), before.get().seen().clock());
                    begin(wanted);
                });
                host.messages().ask(BOOK.say("still", before.get().running().title()), ways);
            }
        });
    }

    /** What a practice that is to be run needs of the book. */
    private record Needed(Map<Content.Planned, Drill> drills, Optional<Squad> squad, Unit unit) {}

    private void begin(ToRun wanted) {
        LocalDateTime now = LocalDateTime.ofInstant(
                Instant.ofEpochMilli(tools.clocks().now().wall()), ZoneId.systemDefault());
        Practice practice = wanted.practice().in(slot(wanted.practice().slot(), now));
        keeper.ask(
                b -> {
                    Map<Content.Planned, Drill> drills = new HashMap<>(Drills.planned(b, practice));
                    drills.putAll(wanted.drills());
                    return new Needed(
                            drills, EntriesOfBook.squad(b, practice.company().squad()), unit(b));
                },
                needed -> Background.work(
                        BOOK.say("work.briefing"), () -> ready(practice, needed), r -> begin(r, now), this::notReady),
                () -> opening = false);
    }

    /** What a run is begun with: what its drills take is worked out for it, which nobody waits for. */
    private record Ready(Practice practice, Briefing briefing, Course course) {}

    private static Ready ready(Practice practice, Needed needed) {
        Briefing briefing = Briefing.of(practice, needed.drills(), needed.squad(), needed.unit());
        Plan plan = Plan.of(practice, briefing.needs());
        Practice held = practice.in(holding(practice, plan));
        return new Ready(
                held, briefing, Course.of(plan, briefing.doses(), held.setting().warned()));
    }

    private void begin(Ready ready, LocalDateTime now) {
        Practice practice = ready.practice();
        long wall = tools.clocks().now().wall();
        keeper.ask(
                b -> {
                    Running fresh = b.of(RunKind.RUNS)
                            .add(new Running(
                                    BOOK.say("id", now.format(ID)),
                                    practice.title(),
                                    practice,
                                    b.of(PracticeKind.PRACTICES).newest(practice.id()),
                                    ready.course(),
                                    new Running.Chance(wall, wall),
                                    List.of(),
                                    false));
                    b.set(ON, fresh.id());
                    return fresh;
                },
                fresh -> {
                    // It goes from when it was begun, however long it took until it can be seen.
                    goOn(new Found(fresh, fresh.last(), ready.briefing()));
                },
                () -> opening = false);
    }

    /** What is run alone takes as long as it takes. */
    private static Slot holding(Practice practice, Plan plan) {
        Slot slot = practice.slot();
        int minutes = (plan.seconds() + MINUTE - 1) / MINUTE;
        return practice.blocks().size() == 1 && minutes > slot.minutes()
                ? new Slot(slot.day(), slot.start(), Math.min(Slot.MOST, minutes))
                : slot;
    }

    /** As planned, if it is about that time; else from now on. */
    private static Slot slot(Slot planned, LocalDateTime now) {
        LocalTime start = now.toLocalTime().truncatedTo(ChronoUnit.MINUTES);
        long apart = Math.abs(ChronoUnit.MINUTES.between(planned.start(), start));
        boolean about = Math.min(apart, Slot.MOST - apart) <= OFF;
        return new Slot(Optional.of(now.toLocalDate()), about ? planned.start() : start, planned.minutes());
    }

    @Override
    public void keep(Running running, String what) {
        keeper.keep(RunKind.RUNS, running, what);
    }

    @Override
    public void over(Running running, long clock, String what) {
        keep(running, what);
        keeper.ask(
                b -> {
                    EntriesOfBook.remember(b, running, clock);
                    b.set(ON, "");
                    return unit(b);
                },
                unit -> entries.over(running, clock, unit));
    }

    @Override
    public void sighted(Running running, Running.Sighting sighting) {
        // Where the book cannot be written it would only be more that waits.
        if (keeper.standingProperty().get().isKept()) {
            keeper.tell(b -> b.set(SEEN, running.id() + " " + sighting.clock() + " " + sighting.wall()));
        }
    }

    @Override
    public void change(String squad, Edit<Squad> edit, Runnable then) {
        keeper.ask(
                b -> {
                    Kept<Squad> squads = b.of(SquadKind.SQUADS);
                    squads.find(squad).ifPresent(s -> squads.keep(edit.apply(s), edit.name()));
                    return true;
                },
                done -> then.run());
    }

    @Override
    public void standing(Consumer<String> told) {
        keeper.standingProperty().addListener((o, was, is) -> told.accept(words(is)));
        told.accept(words(keeper.standingProperty().get()));
    }

    private static String words(Standing standing) {
        return standing.isKept() ? "" : BOOK.say("not.kept");
    }

    /** The book is closed: whatever runs goes on by the clock. */
    public void close() {
        window.ifPresent(RunWindow::close);
    }
}
