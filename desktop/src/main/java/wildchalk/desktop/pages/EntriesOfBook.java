package wildchalk.desktop.pages;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import wildchalk.core.drill.Drill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.Written;
import wildchalk.core.measure.Unit;
import wildchalk.core.pitchside.Briefing;
import wildchalk.core.pitchside.Run;
import wildchalk.core.pitchside.Running;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.score.Scoring;
import wildchalk.core.setout.SetOut;
import wildchalk.core.squad.Squad;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.log.LogState;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.trouble.Trouble;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.Kept;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.LogReader;
import wildchalk.storage.format.RunReader;
import wildchalk.storage.kind.LogKind;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.RunKind;
import wildchalk.storage.kind.SquadKind;

/** Writes entries of the log into the book: of runs, of practices as they were planned, of what was typed in. */
final class EntriesOfBook {

    private static final Wordbook BOOK = Wordbook.beside(LogState.class, "Log");
    /** Id of the run of which no entry was written yet, and to which clock it is looked at; empty for none. */
    private static final String DUE = "log.due";
    /** A run that was shorter than this was a look at it, seconds. */
    private static final int SHORTEST = 60;

    private final PageHost host;

    EntriesOfBook(PageHost host) {
        this.host = host;
    }

    /** What is worked out of drills, each once. */
    private static Function<Content.Planned, Optional<DrillWork>> works(Map<Content.Planned, Drill> drills) {
        Map<Content.Planned, DrillWork> works = new HashMap<>();
        return planned -> Optional.ofNullable(drills.get(planned))
                .map(d -> works.computeIfAbsent(planned, k -> new DrillWork(d, SetOut.USUAL_HANDFUL)));
    }

    private static Written.Known known(
            Map<Content.Planned, Drill> drills, Optional<Squad> squad, Function<Block, Optional<Scoring>> counted) {
        return new Written.Known(squad, ZoneId.systemDefault(), counted, works(drills));
    }

    static Optional<Squad> squad(Book book, String id) {
        return id.isEmpty() ? Optional.empty() : book.of(SquadKind.SQUADS).find(id);
    }

    /**
     * Writes the entry of a run that is over. A program that ends before it is written does so when the book is opened
     * the next time, if that was {@linkplain #remember remembered}.
     *
     * @param clock of the run to which it is looked at
     */
    void over(Running running, long clock, Unit unit) {
        write(running, clock, unit);
    }

    /** What is kept with the end of a run itself, so that nothing can come between. */
    static void remember(Book book, Running running, long clock) {
        book.set(DUE, running.id() + " " + clock);
    }

    /** Writes the entry of a run of which none was written yet. */
    void due(Unit unit) {
        host.keeper()
                .ask(
                        b -> Optional.of(b.setting(DUE, "").split(" "))
                                .filter(d -> d.length == 2)
                                .flatMap(d -> b.of(RunKind.RUNS)
                                        .find(d[0])
                                        .filter(Running::over)
                                        .map(r -> Map.entry(r, Long.parseLong(d[1])))),
                        due -> due.ifPresent(d -> write(d.getKey(), d.getValue(), unit)));
    }

    /** What is read of the book for it. */
    private record Needed(Map<Content.Planned, Drill> drills, Optional<Squad> squad) {}

    private void write(Running running, long clock, Unit unit) {
        Practice practice = running.practice();
        host.keeper()
                .ask(
                        b -> new Needed(
                                Drills.planned(b, practice),
                                squad(b, practice.company().squad())),
                        needed -> Background.work(
                                BOOK.say("work.writing"),
                                () -> entry(running, clock, needed, unit),
                                this::keep,
                                this::not));
    }

    private static Entry entry(Running running, long clock, Needed needed, Unit unit) {
        Run run = running.at(clock);
        Briefing briefing = Briefing.of(running.practice(), needed.drills(), needed.squad(), unit);
        Function<Block, Optional<Scoring>> counted =
                block -> briefing.aloud(run, block, rung(block)).scoring();
        return Written.of(running, clock, known(needed.drills(), needed.squad(), counted));
    }

    private static String rung(Block block) {
        return block.play().flatMap(p -> p.rungs().stream()).findFirst().orElse("");
    }

    private void not(Trouble trouble) {
        host.messages().warn(trouble.words(BOOK.say("trouble.writing")));
    }

    private void keep(Entry entry) {
        host.keeper()
                .ask(
                        b -> {
                            b.set(DUE, "");
                            return entry.seconds() < SHORTEST ? Optional.<Entry>empty() : Optional.of(added(b, entry));
                        },
                        added -> added.ifPresent(this::written));
    }

    /** One of a run that has an entry is not written twice. */
    private static Entry added(Book book, Entry entry) {
        Optional<Entry> there = book.entries().stream()
                .filter(e -> !e.source().run().isEmpty()
                        && e.source().run().equals(entry.source().run()))
                .findFirst();
        return there.orElseGet(() -> add(book, entry));
    }

    static Entry add(Book book, Entry entry) {
        return book.of(LogKind.LOGS)
                .add(entry.withId(BOOK.say("id", entry.when().day().toString())));
    }

    private void written(Entry entry) {
        host.messages()
                .ask(
                        BOOK.say("written", entry.title(), Math.round(entry.seconds() / 60.0)),
                        Map.of(BOOK.say("written.open"), () -> host.open(entry)));
    }

    /** Writes that of a practice as it was planned, and opens it; the one that is there where there is one. */
    void asPlanned(Practice practice, LocalDate today) {
        host.keeper()
                .ask(
                        b -> {
                            long version = b.of(PracticeKind.PRACTICES).newest(practice.id());
                            LocalDate day = practice.slot().day().orElse(today);
                            Optional<Entry> there = b.entries().stream()
                                    .filter(e -> e.source().practice().equals(practice.id())
                                            && e.when().day().equals(day))
                                    .findFirst();
                            return new Planned(
                                    practice,
                                    version,
                                    there,
                                    new Needed(
                                            Drills.planned(b, practice),
                                            squad(b, practice.company().squad())));
                        },
                        p -> p.there()
                                .ifPresentOrElse(
                                        this::twice,
                                        () -> Background.work(
                                                BOOK.say("work.writing"),
                                                () -> entry(p, today),
                                                this::addAndOpen,
                                                this::not)));
    }

    /** A practice that was run without the clock. */
    private record Planned(Practice practice, long version, Optional<Entry> there, Needed needed) {}

    private void twice(Entry there) {
        host.messages().say(BOOK.say("twice"));
        host.open(there);
    }

    private static Entry entry(Planned planned, LocalDate today) {
        Written.Known known = known(planned.needed().drills(), planned.needed().squad(), b -> Optional.empty());
        Plan plan =
                Plan.of(planned.practice(), block -> block.play().findFirst().flatMap(p -> known.drills()
                        .apply(p.drill())
                        .map(d -> d.of(p, planned.practice().company().in(block.group())))));
        return Written.asPlanned(planned.practice(), planned.version(), plan, known, today);
    }

    /** Writes one that was typed in, and opens it. */
    void typed(String title, Entry.When when, Entry.There there, List<Part> parts) {
        host.keeper()
                .ask(
                        b -> {
                            Map<Content.Planned, Drill> drills = new HashMap<>();
                            parts.stream().flatMap(p -> p.drill().stream()).forEach(d -> Drills.planned(b, d)
                                    .ifPresent(k -> drills.put(d, k)));
                            return new Needed(drills, squad(b, there.squad()));
                        },
                        needed -> Background.work(
                                BOOK.say("work.writing"),
                                () -> Written.typed(
                                        title,
                                        when,
                                        there,
                                        parts,
                                        known(needed.drills(), needed.squad(), b -> Optional.empty())),
                                this::addAndOpen,
                                this::not));
    }

    private void addAndOpen(Entry entry) {
        host.keeper().ask(b -> add(b, entry), (Consumer<Entry>) host::open);
    }

    /** Puts one that came back into the log: as it is, or as another version of the one that is there. */
    void take(Entry theirs, boolean instead, Consumer<Entry> then) {
        host.keeper()
                .ask(
                        b -> {
                            Kept<Entry> entries = b.of(LogKind.LOGS);
                            Optional<Entry> mine = same(b, theirs);
                            if (instead && mine.isPresent()) {
                                Entry now = theirs.withId(mine.get().id());
                                entries.keep(now, BOOK.say("came.head"));
                                return now;
                            }
                            return add(b, theirs);
                        },
                        then);
    }

    /** What a file holds: one of the two. */
    private record Held(Optional<Running> run, Optional<Entry> entry) {

        static Held in(Path file) {
            try {
                return RunReader.isRun(file)
                        ? new Held(Optional.of(RunReader.read(file)), Optional.empty())
                        : new Held(Optional.empty(), Optional.of(LogReader.read(file)));
            } catch (FormatException e) {
                throw new Refused(e.getMessage());
            }
        }
    }

    /** Reads the file of an entry, or of a run, of which an entry is made by the drills that are here. */
    void read(Path file, Consumer<Entry> then) {
        Background.work(
                BOOK.say("work.file"),
                () -> Held.in(file),
                held -> {
                    held.entry().ifPresent(e -> host.keeper().ask(b -> here(b, e), then));
                    held.run().ifPresent(r -> ofOthers(r, then));
                },
                trouble -> host.messages()
                        .warn(
                                trouble.cause() instanceof Refused r
                                        ? r.getMessage()
                                        : trouble.words(BOOK.say("trouble.file"))));
    }

    private void ofOthers(Running run, Consumer<Entry> then) {
        host.keeper()
                .ask(
                        b -> {
                            Running known = run.planned(
                                    p -> new Content.Planned(p.id(), b.drills().newest(p.id()), p.title()));
                            return Map.entry(
                                    known,
                                    new Needed(
                                            Drills.planned(b, known.practice()),
                                            squad(b, known.practice().company().squad())));
                        },
                        read -> Background.work(
                                BOOK.say("work.writing"),
                                () -> entry(read.getKey(), end(read.getKey()), read.getValue(), Unit.METRES),
                                entry -> host.keeper().ask(b -> here(b, entry), then),
                                this::not));
    }

    /** What was still on when somebody did the last thing ran out by itself, if it is over. */
    private static long end(Running run) {
        long last = run.last().clock();
        Run then = run.at(last);
        return run.over() && then.going() ? last + then.rest() : last;
    }

    /** Versions of another book are none of this one: its drills are as they are here now. */
    private static Entry here(Book book, Entry theirs) {
        Entry.Source source = theirs.source();
        long version = source.practice().isEmpty()
                ? 0
                : book.of(PracticeKind.PRACTICES).newest(source.practice());
        return theirs.from(new Entry.Source(source.practice(), version, source.run(), source.changes()))
                .of(theirs.parts().stream()
                        .map(p -> p.drill()
                                .map(d -> p.of(new Content.Planned(
                                        d.id(), book.drills().newest(d.id()), d.title())))
                                .orElse(p))
                        .toList());
    }

    /** The entry of the same evening: of the same run, or of the same practice on that day, or under the same id. */
    static Optional<Entry> same(Book book, Entry theirs) {
        return book.entries().stream().filter(e -> isSame(e, theirs)).findFirst();
    }

    private static boolean isSame(Entry mine, Entry theirs) {
        boolean run = !mine.source().run().isEmpty()
                && mine.source().run().equals(theirs.source().run());
        boolean planned = !mine.source().practice().isEmpty()
                && mine.source().practice().equals(theirs.source().practice())
                && mine.when().day().equals(theirs.when().day());
        boolean sameDay = mine.when().equals(theirs.when()) && mine.title().equals(theirs.title());
        return run || planned || sameDay;
    }
}
