package wildchalk.core.log;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.practice.Content;

/**
 * Ten evenings of three people, worked out by hand: two drills, a break of seven weeks after the fifth, a sprint that
 * was mistyped by a second.
 */
public final class Ten {

    public static final LocalDate TODAY = LocalDate.of(2026, 11, 30);
    /** Pim, Rosa and Sten. */
    public static final String PIM = Entry.There.key("reeds", "m1");

    public static final String ROSA = Entry.There.key("reeds", "m2");
    public static final String STEN = Entry.There.key("reeds", "m3");
    public static final Map<String, String> NAMES = Map.of(PIM, "Pim", ROSA, "Rosa", STEN, "Sten");

    private static final Map<String, Work.Each> WEIR = Map.of(
            "m1", new Work.Each("m1", 0.5, 60, 1, 3, 1),
            "m2", new Work.Each("m2", 0.5, 40, 1, 2, 0),
            "m3", new Work.Each("m3", 0.5, 50, 1, 1, 0.5));

    private final List<Entry> entries = new ArrayList<>();

    private Ten() {}

    /** All ten. */
    public static List<Entry> evenings() {
        Ten ten = new Ten();
        List<List<String>> two = List.of(List.of("m1", "m2"), List.of("m3"));
        ten.add("2026-09-01", "m1 m2 m3", two, weir(12, Part.Went.WORKED, tried(3, 3), ran(3600)));
        ten.add(
                "2026-09-04",
                "m1 m2",
                List.of(List.of("m1"), List.of("m2")),
                weir(14, Part.Went.SO_SO, tried(4, 2), ran(3550)),
                lock(8));
        ten.add("2026-09-08", "m1 m2 m3", List.of(List.of("m1", "m2", "m3")), lock(10));
        ten.add("2026-09-15", "m2 m3", List.of(), weir(12, Part.Went.WORKED, List.of(), ran(3500)));
        ten.add("2026-09-22", "m1 m2 m3", two, weir(13, Part.Went.UNSAID, tried(5, 1), List.of()), lock(6));
        ten.add("2026-11-10", "m1 m2", List.of(), lock(10));
        ten.add(
                "2026-11-12",
                "m1 m2 m3",
                List.of(List.of("m1", "m3"), List.of("m2")),
                weir(11, Part.Went.DID_NOT, tried(5, 1), ran(3400)));
        ten.add("2026-11-17", "m1 m3", List.of(), weir(15, Part.Went.WORKED, List.of(), List.of()), lock(10));
        ten.add("2026-11-24", "m1 m2 m3", two, weir(12, Part.Went.UNSAID, tried(6, 0), ran(4350)));
        ten.add(
                "2026-11-27",
                "m1 m2 m3",
                List.of(),
                weir(13, Part.Went.SO_SO, List.of(), List.of()).nextTime("fewer balls"),
                lock(9));
        return ten.entries;
    }

    private static List<Part.Counted> tried(int made, int missed) {
        return List.of(new Part.Counted("low corner", "m1", made, missed, 2));
    }

    private static List<Part.Timed> ran(long millis) {
        return List.of(new Part.Timed("dash", "m2", 20, List.of(millis)));
    }

    private static Part weir(int minutes, Part.Went went, List<Part.Counted> counted, List<Part.Timed> timed) {
        return Part.of("Weir", Optional.of(new Content.Planned("weir", 3, "Weir")), time(minutes, 66))
                .going(went)
                .with(new Part.Result(counted, 0, timed, List.of()));
    }

    private static Part lock(int minutes) {
        return Part.of("Lock", Optional.of(new Content.Planned("lock", 1, "Lock")), time(minutes, 90));
    }

    private static Part.Time time(int minutes, int before) {
        return new Part.Time(before, 60, minutes * 60, 600);
    }

    private void add(String day, String people, List<List<String>> groups, Part... parts) {
        List<String> known = List.of(people.split(" "));
        List<Part> all = new ArrayList<>();
        all.add(Part.of("Warm-up", Optional.empty(), Part.Time.asPlanned(0, 600)));
        for (Part part : parts) {
            all.add(part.working(work(part.title(), known)));
        }
        int n = entries.size() + 1;
        entries.add(new Entry(
                "e" + n,
                "Evening " + n,
                new Entry.When(LocalDate.parse(day), LocalTime.of(17, 30)),
                new Entry.Source("", 0, "r" + n),
                new Entry.There("reeds", known.size(), known, groups, List.of()),
                all,
                ""));
    }

    private static Work work(String title, List<String> known) {
        if (title.equals("Weir")) {
            return new Work(
                    Map.of(Skill.PASSING, 0.5, Skill.SHOOTING, 0.5),
                    1,
                    false,
                    known.stream().map(WEIR::get).toList());
        }
        return new Work(
                Map.of(Skill.MARKING, 1.0),
                1,
                false,
                known.stream().map(id -> new Work.Each(id, 0.25, 30, 0, 0, 0)).toList());
    }
}
