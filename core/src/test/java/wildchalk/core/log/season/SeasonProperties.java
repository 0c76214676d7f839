package wildchalk.core.log.season;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.document.Edit;
import wildchalk.core.document.History;
import wildchalk.core.log.Entry;
import wildchalk.core.log.EntryEdits;
import wildchalk.core.log.Part;
import wildchalk.core.log.Work;
import wildchalk.core.practice.Content;

/** What a season adds up to, whatever the evenings are. */
class SeasonProperties {

    private static final LocalDate FIRST = LocalDate.of(2026, 2, 2);
    private static final double EXACT = 1e-6;

    private static List<Entry> evenings(long seed) {
        Random random = new Random(seed);
        List<Entry> all = new ArrayList<>();
        for (int i = 0; i < 3 + random.nextInt(40); i++) {
            List<String> known = new ArrayList<>();
            for (int m = 1; m <= 8; m++) {
                if (random.nextBoolean()) {
                    known.add("m" + m);
                }
            }
            List<Part> parts = new ArrayList<>();
            for (int p = 0; p < random.nextInt(6); p++) {
                parts.add(part(random, known));
            }
            all.add(new Entry(
                    "e" + i,
                    "E" + i,
                    new Entry.When(FIRST.plusDays(random.nextInt(150)), LocalTime.of(17, random.nextInt(60))),
                    new Entry.Source("", 0, random.nextBoolean() ? "r" + i : ""),
                    new Entry.There(
                            random.nextBoolean() ? "one" : "two",
                            known.size() + random.nextInt(3),
                            known,
                            known.size() < 2
                                    ? List.of()
                                    : List.of(
                                            known.subList(0, known.size() / 2),
                                            known.subList(known.size() / 2, known.size())),
                            List.of()),
                    parts,
                    ""));
        }
        return all;
    }

    private static Part part(Random random, List<String> known) {
        String drill = "d" + random.nextInt(5);
        Part part = Part.of(
                        drill,
                        random.nextInt(4) == 0 ? Optional.empty() : Optional.of(new Content.Planned(drill, 1, drill)),
                        new Part.Time(
                                random.nextInt(200),
                                random.nextInt(200),
                                random.nextInt(2000),
                                600,
                                random.nextInt(5) == 0))
                .going(Part.Went.values()[random.nextInt(4)])
                .with(new Part.Result(
                        known.stream()
                                .map(id -> new Part.Counted("x", id, random.nextInt(5), random.nextInt(5), 1))
                                .toList(),
                        0,
                        known.stream()
                                .map(id -> new Part.Timed("y", id, 10, List.of(1L + random.nextInt(5000))))
                                .toList(),
                        List.of()));
        return random.nextInt(4) == 0
                ? part
                : part.working(new Work(
                        Map.of(Skill.values()[random.nextInt(5)], 1.0),
                        random.nextDouble(),
                        false,
                        known.stream()
                                .map(id -> new Work.Each(
                                        id, random.nextDouble(), random.nextInt(90), 1, random.nextInt(9), 1))
                                .toList()));
    }

    @Property(seed = "19081", tries = 150)
    void theOrderOfEntriesDoesNotMatter(@ForAll long seed) {
        List<Entry> all = evenings(seed);
        List<Entry> other = new ArrayList<>(all);
        Collections.shuffle(other, new Random(seed + 1));
        Season one = Season.of(all, Asked.ALL);
        Season two = Season.of(other, Asked.ALL);
        assertEquals(one.evenings(), two.evenings());
        assertEquals(one.weeks(), two.weeks());
        assertEquals(one.drills(), two.drills());
        assertEquals(one.people(), two.people());
        assertEquals(one.pairs(), two.pairs());
    }

    @Property(seed = "19081", tries = 150)
    void aRangeIsTheSumOfItsParts(@ForAll long seed, @ForAll long at) {
        List<Entry> all = evenings(seed);
        LocalDate cut = FIRST.plusDays(Math.floorMod(at, 150));
        Asked before = Asked.in(new Span(Span.ALL.from(), cut));
        Asked after = Asked.in(new Span(cut.plusDays(1), Span.ALL.to()));
        Season whole = Season.of(all, Asked.ALL);
        List<Season> halves = List.of(Season.of(all, before), Season.of(all, after));
        same(whole, halves, Season::minutes);
        same(whole, halves, Season::load);
        same(whole, halves, s -> s.evenings().size());
        for (Skill skill : Skill.values()) {
            same(whole, halves, s -> s.skills().getOrDefault(skill, 0.0));
        }
        for (DrillLine drill : whole.drills()) {
            same(whole, halves, s -> s.drills().stream()
                    .filter(d -> d.id().equals(drill.id()))
                    .mapToDouble(d -> d.minutes() + d.times())
                    .sum());
        }
        for (PersonLine person : whole.people()) {
            same(whole, halves, s -> of(s, person.id(), p -> p.did().metres()));
            same(whole, halves, s -> of(s, person.id(), p -> p.did().touches() + p.evenings() + p.made() + p.missed()));
        }
        same(whole, halves, s -> s.pairs().stream().mapToInt(Season.Pair::times).sum());
    }

    private static double of(Season season, String id, ToDoubleFunction<PersonLine> what) {
        return season.people().stream()
                .filter(p -> p.id().equals(id))
                .mapToDouble(what)
                .sum();
    }

    private static void same(Season whole, List<Season> halves, ToDoubleFunction<Season> what) {
        assertEquals(
                what.applyAsDouble(whole), halves.stream().mapToDouble(what).sum(), EXACT);
    }

    @Property(seed = "19081", tries = 150)
    void whatIsCorrectedAndUndoneIsAsItWas(@ForAll long seed) {
        List<Entry> all = evenings(seed);
        Random random = new Random(seed);
        Entry entry = all.get(random.nextInt(all.size()));
        List<Edit<Entry>> edits = List.of(
                EntryEdits.lasted(random.nextInt(4), 5, 900),
                EntryEdits.went(random.nextInt(4), Part.Went.WORKED),
                EntryEdits.remove(random.nextInt(4)),
                EntryEdits.add(1, Part.of("more", Optional.empty(), Part.Time.asPlanned(0, 60))),
                EntryEdits.at(new Entry.When(FIRST, LocalTime.NOON)),
                EntryEdits.with(entry.there().being("m1", false)),
                EntryEdits.with(entry.there().being("m9", true)));
        History<Entry> history = History.of(entry);
        for (int i = 0; i < 5; i++) {
            history = history.after(edits.get(random.nextInt(edits.size())));
        }
        History<Entry> back = history;
        while (back.nextUndo().isPresent()) {
            back = back.undo();
        }
        List<Entry> undone = new ArrayList<>(all);
        undone.set(all.indexOf(entry), back.now());
        Season was = Season.of(all, Asked.ALL);
        Season is = Season.of(undone, Asked.ALL);
        assertEquals(was.evenings(), is.evenings());
        assertEquals(was.people(), is.people());
        assertEquals(was.drills(), is.drills());
    }
}
