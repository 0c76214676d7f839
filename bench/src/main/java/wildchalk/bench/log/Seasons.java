package wildchalk.bench.log;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.Work;
import wildchalk.core.practice.Content;

/** Makes up seasons of any size. */
public final class Seasons {

    /** How many drills are run again and again. */
    public static final int DRILLS = 120;

    private static final int PARTS = 6;
    private static final int GROUPS = 4;

    private Seasons() {}

    /**
     * Entries of some evenings up to a day.
     *
     * @param tallies that are counted on all of them together
     */
    public static List<Entry> of(LocalDate last, int evenings, int people, int tallies) {
        Random random = new Random(19081);
        List<Entry> all = new ArrayList<>();
        int each = tallies / evenings;
        for (int i = 0; i < evenings; i++) {
            // Four evenings a week of a club, with ten weeks off after every two hundred.
            LocalDate day = last.minusDays(i * 7L / 4 + i / 200 * 70L);
            all.add(evening(i, day, people, each, random));
        }
        return all;
    }

    private static Entry evening(int i, LocalDate day, int people, int tallies, Random random) {
        List<String> known = IntStream.rangeClosed(1, people)
                .filter(p -> random.nextInt(5) > 0)
                .mapToObj(p -> "m" + p)
                .toList();
        List<List<String>> groups = new ArrayList<>();
        for (int g = 0; g < GROUPS; g++) {
            groups.add(known.subList(known.size() * g / GROUPS, known.size() * (g + 1) / GROUPS));
        }
        List<Part> parts = new ArrayList<>();
        for (int p = 0; p < PARTS; p++) {
            parts.add(part(p, known, tallies / PARTS + (p < tallies % PARTS ? 1 : 0), random));
        }
        return new Entry(
                "evening-" + i,
                "Evening " + i % 40,
                new Entry.When(day, LocalTime.of(17 + i % 3, 30)),
                new Entry.Source("", 0, "run-" + i),
                new Entry.There("herd", known.size(), known, groups, List.of()),
                parts,
                i % 3 == 0 ? "as planned and no more" : "");
    }

    private static Part part(int n, List<String> known, int tallies, Random random) {
        int drill = random.nextInt(DRILLS);
        List<Part.Counted> counted = IntStream.range(0, tallies)
                .mapToObj(t -> new Part.Counted(
                        "through gate " + t / known.size(),
                        known.get(t % known.size()),
                        random.nextInt(9),
                        random.nextInt(4),
                        1))
                .toList();
        List<Part.Timed> timed = n == 0
                ? known.stream()
                        .limit(10)
                        .map(id -> new Part.Timed("dash", id, 20, List.of(3000L + random.nextInt(900))))
                        .toList()
                : List.of();
        Map<Skill, Double> skills = new EnumMap<>(Skill.class);
        skills.put(Skill.values()[drill % Skill.values().length], 0.6);
        skills.put(Skill.values()[(drill + 1) % Skill.values().length], 0.4);
        List<Work.Each> each = known.stream()
                .map(id -> new Work.Each(id, 0.4, 40 + random.nextInt(30), 0.5, random.nextInt(5), random.nextInt(2)))
                .toList();
        return new Part(
                "Drill " + drill,
                Optional.of(new Content.Planned("d" + drill, 0, "Drill " + drill)),
                List.of(),
                new Part.Time(40 + random.nextInt(60), 60, 600 + random.nextInt(400), 720),
                Part.Went.values()[random.nextInt(4)],
                "",
                new Part.Result(counted, 0, timed, List.of()),
                Optional.of(new Work(skills, 1, false, each)));
    }
}
