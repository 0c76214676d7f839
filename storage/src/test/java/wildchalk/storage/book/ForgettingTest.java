package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import java.util.zip.InflaterInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.colour.Bib;
import wildchalk.core.document.Edit;
import wildchalk.core.document.History;
import wildchalk.core.grouping.Style;
import wildchalk.core.grouping.Wish;
import wildchalk.core.pitchside.Course;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Running;
import wildchalk.core.pitchside.Stretch;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Slot;
import wildchalk.core.squad.Caution;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadEdits;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.RunKind;
import wildchalk.storage.kind.SquadKind;

/** Somebody who is forgotten is nowhere any more: looked for in every byte of every file, packed ones unpacked. */
class ForgettingTest {

    private static final String NAME = "Zdravka";

    private static final List<Kept.Also<?>> ALSO = List.of(
            new Kept.Also<>(PracticeKind.PRACTICES, p -> p.silentOf(NAME)),
            new Kept.Also<>(RunKind.RUNS, r -> r.silentOf(NAME)));

    @TempDir
    Path folder;

    private Path file() {
        return folder.resolve("Otters.chalkbook");
    }

    private static Squad apply(Book book, Squad squad, Edit<Squad> edit) {
        Squad after = edit.apply(squad);
        book.of(SquadKind.SQUADS).keep(after, edit.name());
        return after;
    }

    /** A squad to which everything was done that leaves a trace. */
    private Squad lived() {
        Squad squad = Squad.empty("s", "Juniors");
        try (Book book = Book.open(file())) {
            book.of(SquadKind.SQUADS).add(squad);
            squad = apply(
                    book,
                    squad,
                    SquadEdits.add(Stream.of("Aurel", NAME, "Benno", "Cosima")
                            .map(n -> Member.named("", n))
                            .toList()));
            squad = apply(book, squad, SquadEdits.add(new Helper("", "Vigdis", Helper.Duty.COACH, List.of())));
            Member her = squad.people().get(1);
            squad = apply(book, squad, SquadEdits.change(her.called(NAME, "9").saying("a quick one")));
            squad = apply(book, squad, SquadEdits.presence(NAME, "m2", Presence.of(Presence.State.LATE)));
            squad = apply(
                    book,
                    squad,
                    SquadEdits.change(squad.people()
                            .get(0)
                            .saying("talks with " + NAME + " all the time")
                            .kept(new Caution(
                                    Caution.From.OTHER, "not beside " + NAME, Optional.of(LocalDate.of(2027, 3, 1))))));
            squad = apply(
                    book,
                    squad,
                    SquadEdits.group(new Groups(
                            Style.EVEN,
                            List.of(),
                            1,
                            List.of(
                                    new Groups.Group(Bib.CORAL, List.of("m1", "m2")),
                                    new Groups.Group(Bib.SKY, List.of("m3", "m4"))))));
            squad = apply(
                    book,
                    squad,
                    SquadEdits.wish(new Wish.Together(List.of("m1", "m2"), true), "Aurel and " + NAME + " together"));
            squad = apply(book, squad, SquadEdits.over());
            // A long word that is taken away again leaves pages free.
            Member long1 = squad.people().get(1).saying((NAME + " ").repeat(240));
            squad = apply(book, squad, SquadEdits.change(long1));
            squad = apply(book, squad, SquadEdits.change(her.called(NAME, "9")));
        }
        return squad;
    }

    /** In which files the name is found, as it is or packed. */
    private Set<String> found() throws IOException {
        Set<String> found = new TreeSet<>();
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                byte[] bytes = Files.readAllBytes(file);
                if (contains(bytes)) {
                    found.add(file.getFileName() + " plain");
                }
                for (int i = 0; i + 1 < bytes.length; i++) {
                    if (bytes[i] == 0x78 && contains(unpacked(bytes, i))) {
                        found.add(file.getFileName() + " packed");
                    }
                }
            }
        }
        return found;
    }

    private static boolean contains(byte[] bytes) {
        return new String(bytes, StandardCharsets.ISO_8859_1).contains(NAME);
    }

    /** As much as can be unpacked from a place on. */
    private static byte[] unpacked(byte[] bytes, int from) {
        byte[] text = new byte[1 << 16];
        int n = 0;
        try (InflaterInputStream in =
                new InflaterInputStream(new ByteArrayInputStream(bytes, from, bytes.length - from))) {
            int read = in.read(text, 0, text.length);
            while (read > 0) {
                n += read;
                read = in.read(text, n, text.length - n);
            }
        } catch (IOException e) {
            // No packed text begins here, or not all of it is there: what came is looked at.
        }
        return Arrays.copyOf(text, n);
    }

    @Test
    void nothingIsLeftInAnyFile() throws IOException {
        Squad squad = lived();
        // The first edit of a day in a book that is there makes a copy of it.
        for (Copies.Copy copy : Copies.of(file())) {
            Files.delete(copy.file());
        }
        try (Book book = Book.open(file())) {
            Practice evening = evening(book);
            Running run = run(book, evening);
            squad = apply(book, squad, SquadEdits.rename("Juniors of Quillmoor"));
            Path copy = Copies.of(file()).get(0).file();
            Files.copy(copy, Contents.saved(file()));
            Files.copy(copy, folder.resolve("Otters damaged 2026-11-01 10.00.00.chalkbook"));
            Set<String> before = found();
            String day = copy.getFileName().toString();
            for (String where : List.of(day, "Otters.chalkbook.saved", "Otters.chalkbook-wal")) {
                assertTrue(
                        before.contains(where + " packed") || before.contains(where + " plain"), before + " " + where);
            }
            assertTrue(before.contains(day + " packed") && before.contains(day + " plain"), before.toString());

            assertEquals(List.of(), book.of(SquadKind.SQUADS).forget("s", s -> s.forgetting("m2", NAME), NAME, ALSO));

            assertEquals(Set.of(), found());
            Practice left = book.of(PracticeKind.PRACTICES).load(evening.id());
            assertEquals("\u2026 plays high, Benno low", left.blocks().get(0).note());
            assertEquals(
                    2, book.of(PracticeKind.PRACTICES).history(evening.id()).size());
            Running ran = book.of(RunKind.RUNS).load(run.id());
            assertEquals(
                    Optional.of(new Deed.Noted("\u2026 lets go too soon")),
                    ran.moments().get(1).deed());
        }
        assertEquals(Set.of(), found());
    }

    /** An evening of the squad, in the words of which the name stands and stood. */
    private static Practice evening(Book book) {
        Practice evening = Practice.empty("p", "Without " + NAME, new Slot(Optional.empty(), LocalTime.of(18, 0), 60))
                .given(Practice.Setting.UNSAID.with(Company.of(4, 0, 1).of("s")))
                .with(0, Block.of("", new Content.Game(NAME + " against all", Optional.empty(), ""), Block.Time.of(9)));
        Practice added = book.of(PracticeKind.PRACTICES).add(evening);
        Edit<Practice> note = PracticeEdits.change(added.blocks().get(0).noting(NAME + " plays high, Benno low"));
        book.of(PracticeKind.PRACTICES).keep(note.apply(added), note.name());
        return added;
    }

    /** That evening as it was run, with a note in which the name stands. */
    private static Running run(Book book, Practice evening) {
        Running begun = new Running(
                "r",
                evening.title(),
                evening,
                1,
                new Course(List.of(new Stretch("b1", Stretch.Kind.PLAY, "", 60_000))),
                new Running.Chance(1_700_000_000_000L, 3),
                List.of(new Running.Moment(0, 1_700_000_000_000L, Optional.of(new Deed.Go()))),
                false);
        Running added = book.of(RunKind.RUNS).add(begun);
        book.of(RunKind.RUNS)
                .keep(
                        added.with(new Running.Moment(
                                900, 1_700_000_000_900L, Optional.of(new Deed.Noted(NAME + " lets go too soon")))),
                        "Done while it ran");
        return added;
    }

    @Test
    void whatIsOfOthersStays() {
        Squad squad = lived();
        try (Book book = Book.open(file())) {
            List<Version<Squad>> before = book.of(SquadKind.SQUADS).history("s");
            book.of(SquadKind.SQUADS).forget("s", s -> s.forgetting("m2", NAME), NAME, ALSO);
            Squad left = book.of(SquadKind.SQUADS).load("s");
            assertEquals(
                    List.of("Aurel", "Benno", "Cosima"),
                    left.people().stream().map(Member::name).toList());
            assertEquals("talks with … all the time", left.people().get(0).word());
            assertEquals(squad.lately(), left.lately(), "how often who was together stays");
            List<Version<Squad>> after = book.of(SquadKind.SQUADS).history("s");
            assertEquals(before.size(), after.size());
            assertTrue(after.stream().anyMatch(v -> v.edit().equals("Change somebody")), "said without the name");
            // What was done can still be taken back, without them.
            History<Squad> past = History.replayed(book.of(SquadKind.SQUADS).versions("s").stream()
                    .map(Version::read)
                    .toList());
            assertEquals(left, past.now());
            assertEquals(before.size() - 1, past.done().size() + same(after), "each step but those about them alone");
        }
    }

    /** Steps after which nothing is another than before, now that they are gone. */
    private static int same(List<Version<Squad>> newestFirst) {
        int same = 0;
        for (int i = 0; i + 1 < newestFirst.size(); i++) {
            same += newestFirst
                            .get(i)
                            .read()
                            .document()
                            .isLike(newestFirst.get(i + 1).read().document())
                    ? 1
                    : 0;
        }
        return same;
    }

    @Test
    void anotherOfTheSameNameKeepsIt() {
        Squad two = Squad.empty("s", "Juniors")
                .with(List.of(Member.named("", NAME), Member.named("", NAME).saying("the other " + NAME)));
        Squad left = two.forgetting("m1", NAME);
        assertEquals(List.of("m2"), left.people().stream().map(Member::id).toList());
        assertEquals("the other " + NAME, left.people().get(0).word());
    }

    @Test
    void whereItCannotBeWrittenNobodyIsForgotten() {
        lived();
        try (Book first = Book.open(file());
                Book second = Book.open(file())) {
            BookException refused = assertThrows(BookException.class, () -> second.of(SquadKind.SQUADS)
                    .forget("s", s -> s.forgetting("m2", NAME), NAME, ALSO));
            assertTrue(refused.getMessage().startsWith("Nobody can be forgotten"), refused.getMessage());
            assertFalse(first.of(SquadKind.SQUADS).load("s").person("m2").isEmpty());
        }
    }
}
