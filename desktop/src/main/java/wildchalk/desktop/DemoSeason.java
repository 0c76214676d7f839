package wildchalk.desktop;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import wildchalk.core.drill.Drill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.Written;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.setout.SetOut;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.core.wording.Wordbook;

/**
 * A season of the Quillmoor Otters that never was, made up by lots: the same for the same seed and day. What people do
 * in the drills is worked out of them as it is for a real one.
 */
public final class DemoSeason {

    /** How many evenings it has. */
    public static final int EVENINGS = 30;

    static final Wordbook BOOK = Wordbook.beside(DemoSeason.class, "DemoSeason");
    private static final long SEED = 19081;
    private static final int MINUTE = 60;
    private static final int GROUPS = 3;
    /** They meet twice a week. */
    private static final List<DayOfWeek> DAYS = List.of(DayOfWeek.TUESDAY, DayOfWeek.FRIDAY);

    private final List<Content.Planned> drills;
    private final Map<String, DrillWork> works = new HashMap<>();
    private final Squad squad;
    private final Random lots = new Random(SEED);
    /** How far one after another moves on: what everybody does grows over the season. */
    private int evening;

    private DemoSeason(List<Drill> drills, Squad squad) {
        this.drills = drills.stream()
                .map(d -> new Content.Planned(d.id(), 0, d.title()))
                .toList();
        this.squad = squad;
        drills.forEach(d -> works.put(d.id(), new DrillWork(d, SetOut.USUAL_HANDFUL)));
    }

    /**
     * The season up to the day before a day.
     *
     * @param drills those that are run in it
     * @param squad whose season it is
     */
    public static List<Entry> upTo(LocalDate today, List<Drill> drills, Squad squad) {
        DemoSeason season = new DemoSeason(drills, squad);
        List<LocalDate> days = new ArrayList<>();
        for (LocalDate day = today.minusDays(1); days.size() < EVENINGS; day = day.minusDays(1)) {
            if (DAYS.contains(day.getDayOfWeek())) {
                days.add(0, day);
                // A week in the middle was off.
                day = days.size() == EVENINGS / 2 ? day.minusWeeks(1) : day;
            }
        }
        return days.stream().map(season::evening).toList();
    }

    private Entry evening(LocalDate day) {
        evening++;
        List<Member> there = squad.people().stream()
                .filter(m -> lots.nextInt(12) > squad.people().indexOf(m) % 4)
                .toList();
        List<String> known = there.stream().map(Member::id).toList();
        List<String> mixed = new ArrayList<>(known);
        Collections.shuffle(mixed, lots);
        List<List<String>> groups = new ArrayList<>();
        for (int g = 0; g < GROUPS; g++) {
            groups.add(mixed.subList(mixed.size() * g / GROUPS, mixed.size() * (g + 1) / GROUPS));
        }
        List<Part> parts = new ArrayList<>();
        parts.add(part("warm.up", 8 + lots.nextInt(4), 10));
        List<Content.Planned> left = new ArrayList<>(drills);
        Collections.shuffle(left, lots);
        for (int i = 0; i < 2 + lots.nextInt(2); i++) {
            parts.add(drill(left.get(i), known));
        }
        parts.add(part("water", 2 + lots.nextInt(2), 2));
        parts.add(part("game", 14 + lots.nextInt(8), 16));
        if (evening % 3 == 0) {
            parts.add(2, sprints(known));
        }
        Entry.There who = new Entry.There(squad.id(), known.size(), known, groups, List.of());
        Function<Content.Planned, Optional<DrillWork>> drilled = p -> Optional.ofNullable(works.get(p.id()));
        Entry entry = Written.typed(
                BOOK.say("title." + (day.getDayOfWeek() == DayOfWeek.TUESDAY ? 0 : 1) + "." + evening % 3),
                new Entry.When(
                        day, day.getDayOfWeek() == DayOfWeek.TUESDAY ? LocalTime.of(18, 20) : LocalTime.of(17, 0)),
                who,
                parts,
                new Written.Known(Optional.of(squad), ZoneOffset.UTC, b -> Optional.empty(), drilled));
        return entry.from(new Entry.Source("", 0, "made-up-" + evening))
                .thinking(evening % 4 == 1 ? BOOK.say("thought." + evening % 3) : "")
                .withId("made-up-" + evening);
    }

    private Part.Time time(int ran, int planned) {
        int before = MINUTE + lots.nextInt(MINUTE);
        return new Part.Time(
                before * (11 + lots.nextInt(5)) / 10, before, ran * MINUTE + lots.nextInt(MINUTE), planned * MINUTE);
    }

    private Part part(String key, int ran, int planned) {
        return Part.of(BOOK.say(key), Optional.empty(), time(ran, planned));
    }

    private Part drill(Content.Planned drill, List<String> known) {
        int planned = 10 + 2 * (drills.indexOf(drill) % 4);
        // Some run over nearly always.
        int ran = planned + lots.nextInt(4) - 1 + drills.indexOf(drill) % 3;
        Part.Went went = List.of(
                        Part.Went.WORKED, Part.Went.WORKED, Part.Went.SO_SO, Part.Went.DID_NOT, Part.Went.UNSAID)
                .get(lots.nextInt(5));
        List<Part.Counted> counted = new ArrayList<>();
        for (String id : known) {
            int tries = 4 + lots.nextInt(4);
            int made = Math.min(tries, lots.nextInt(tries + 1) / 2 + evening * tries / 60 + 1);
            counted.add(new Part.Counted(BOOK.say("counted"), id, made, tries - made, 1));
        }
        return Part.of(drill.title(), Optional.of(drill), time(ran, planned))
                .going(went)
                .nextTime(went == Part.Went.SO_SO ? BOOK.say("next." + lots.nextInt(3)) : "")
                .with(new Part.Result(drills.indexOf(drill) % 2 == 0 ? counted : List.of(), 0, List.of(), List.of()));
    }

    private Part sprints(List<String> known) {
        List<Part.Timed> timed = new ArrayList<>();
        for (String id : known) {
            int own = squad.people().stream().map(Member::id).toList().indexOf(id);
            long millis = 4300 + 60L * (own % 7) - 9L * evening * (own % 3) + lots.nextInt(120);
            timed.add(new Part.Timed(BOOK.say("sprint"), id, 25, List.of(millis)));
        }
        return part("sprints", 9, 8).with(new Part.Result(List.of(), 0, timed, List.of()));
    }
}
