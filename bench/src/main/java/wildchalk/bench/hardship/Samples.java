package wildchalk.bench.hardship;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.drill.Drill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.EntryEdits;
import wildchalk.core.log.Part;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Slot;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadEdits;
import wildchalk.desktop.DemoBook;
import wildchalk.storage.book.Book;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.LogKind;
import wildchalk.storage.kind.Pointer;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.Rota;
import wildchalk.storage.kind.SquadKind;

/** Books to be mistreated, in folders that are taken away again. */
public final class Samples {

    private Samples() {}

    /** A document of the second kind. */
    static Rota rota(int i) {
        return Rota.of("w" + i, "Bibs " + i, "Week " + i, "x".repeat(40 * i));
    }

    /** A squad with more people the longer the word is, each of them with something said of them. */
    static Squad squad(String id, String title, int people) {
        Squad squad = Squad.empty(id, title);
        List<Member> all = new ArrayList<>();
        for (int i = 1; i <= people; i++) {
            all.add(Member.named("", "Person " + i)
                    .called("Person " + i, Integer.toString(i))
                    .saying("x".repeat(i % 40))
                    .at(Member.Level.UNSAID.withStrength(1 + i % Member.STRONGEST)));
        }
        return squad.with(all);
    }

    /** An evening with more blocks the longer it is, one of them of a drill as it was in its first version. */
    static Practice practice(String id, String title, String drill, int blocks) {
        Practice practice = Practice.empty(id, title, new Slot(Optional.empty(), LocalTime.of(18, 0), 90))
                .with(
                        0,
                        Block.of(
                                "",
                                new Content.Play(
                                        new Content.Planned(drill, 1, title), List.of(), 1, Content.Telling.KNOWN),
                                new Block.Time(5, 10, 15)));
        for (int i = 1; i < blocks; i++) {
            practice = practice.with(
                    i, Block.of("", new Content.Words(Content.Sort.FREE, "x".repeat(i * 7)), Block.Time.of(1 + i)));
        }
        return practice;
    }

    /** An evening as it was, with more parts the longer it is, one of them of a drill in its first version. */
    static Entry entry(String id, String title, String drill, int parts) {
        List<Part> all = new ArrayList<>();
        all.add(Part.of(title, Optional.of(new Content.Planned(drill, 1, title)), new Part.Time(30, 20, 700, 600)));
        for (int i = 1; i < parts; i++) {
            all.add(Part.of("x".repeat(1 + i % 90), Optional.empty(), Part.Time.asPlanned(i, 60 * i))
                    .nextTime("x".repeat(i * 5)));
        }
        return new Entry(
                id,
                title,
                new Entry.When(LocalDate.of(2026, 1, 1).plusDays(parts), LocalTime.of(18, 0)),
                Entry.Source.TYPED,
                Entry.There.UNKNOWN,
                all,
                "");
    }

    /**
     * Puts drills with these numbers into a book, each with a few versions, some put aside, some in a collection; for
     * every other one a document of a made-up kind, which names a version of that drill, for every third a squad, for
     * every fourth an evening of that drill, and for every sixth an entry of the log of it.
     */
    static void fill(Path file, int from, int to) {
        List<Drill> demo = DemoBook.drills();
        try (Book book = Book.open(file)) {
            long collection = book.collection("Wet evenings");
            for (int i = from; i < to; i++) {
                Drill drill = demo.get(i % demo.size());
                Drill added = book.drills().add(drill.withId("d" + i).withTitle(drill.title() + " " + i));
                for (int n = 0; n < i % 4; n++) {
                    book.drills()
                            .keep(
                                    added.withNotes(List.of("Point " + n), added.questions(), added.cautions()),
                                    "Change coaching points");
                }
                if (i % 2 == 0) {
                    Rota rota = rota(i).naming(Set.of(new Pointer(DrillKind.DRILLS.word(), added.id(), 1)));
                    book.of(Rota.KIND).add(rota.withTitle("Bibs"));
                    book.of(Rota.KIND).keep(rota, "Rename rota");
                }
                if (i % 3 == 0) {
                    Squad squad = squad("s" + i, "Squad " + i, 6 + i);
                    book.of(SquadKind.SQUADS).add(squad);
                    book.of(SquadKind.SQUADS)
                            .keep(
                                    SquadEdits.presence("Person 1", "m1", Presence.of(Presence.State.LATE))
                                            .apply(squad),
                                    "Late");
                }
                if (i % 4 == 0) {
                    Practice practice = practice("p" + i, "Evening " + i, added.id(), 1 + i % 20);
                    book.of(PracticeKind.PRACTICES).add(practice);
                    book.of(PracticeKind.PRACTICES)
                            .keep(PracticeEdits.about("x".repeat(i)).apply(practice), "What it is about");
                }
                if (i % 6 == 0) {
                    Entry entry = entry("e" + i, "Evening " + i, added.id(), 1 + i % 20);
                    book.of(LogKind.LOGS).add(entry);
                    book.of(LogKind.LOGS).keep(EntryEdits.thought("x".repeat(i)).apply(entry), "What I thought");
                }
                if (i % 9 == 0) {
                    book.drills().delete(added.id());
                }
                if (i % 5 == 0) {
                    book.collect(collection, added.id(), true);
                }
            }
        }
    }

    /** Removes a folder with all that is in it. */
    public static void remove(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(path);
            }
        }
    }

    static void copy(Path from, Path to) throws IOException {
        try (Stream<Path> all = Files.walk(from)) {
            for (Path path : all.toList()) {
                Path target = to.resolve(from.relativize(path).toString());
                if (Files.isDirectory(path)) {
                    Files.createDirectories(target);
                } else {
                    Files.copy(path, target);
                }
            }
        }
    }
}
