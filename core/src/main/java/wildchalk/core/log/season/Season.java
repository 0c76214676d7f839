package wildchalk.core.log.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.Work;

/**
 * What some evenings add up to. It is the same in whatever order they come.
 *
 * @param asked which evenings, and what of them
 * @param evenings in order of time
 * @param weeks from the first that has an evening to the last, those without one among them
 * @param drills those that were run last first
 * @param people those with most evenings first
 * @param together who was in one group with whom, worked out when somebody asks
 */
public record Season(
        Asked asked,
        List<Evening> evenings,
        List<Week> weeks,
        List<DrillLine> drills,
        List<PersonLine> people,
        Supplier<List<Pair>> together) {

    private static final int MINUTE = 60;

    /** By which entries are in order of time, whatever their titles. */
    public static final Comparator<Entry> IN_TIME = Comparator.comparing(
                    (Entry e) -> e.when().day())
            .thenComparing(e -> e.when().start())
            .thenComparing(Entry::id);

    /**
     * An evening, or what of it is looked at.
     *
     * @param minutes of all of it, with what came between; of its parts alone where only some are looked at
     * @param load metres that one went who did all of it, everybody in the middle: worked out, not measured
     */
    public record Evening(Entry entry, double minutes, double load) {}

    /**
     * A week.
     *
     * @param monday its first day
     * @param evenings how many
     * @param minutes of them
     * @param load metres that one went who did all of them
     * @param skills minutes of each
     */
    public record Week(LocalDate monday, int evenings, double minutes, double load, Map<Skill, Double> skills) {
        public Week {
            skills = Collections.unmodifiableMap(skills);
        }
    }

    /** Who was in one group with whom, by their keys, the first before the second; and how often. */
    public record Pair(String one, String other, int times) {}

    public Season {
        evenings = List.copyOf(evenings);
        weeks = List.copyOf(weeks);
        drills = List.copyOf(drills);
        people = List.copyOf(people);
    }

    /** Adds up what is asked for of all entries that there are. */
    public static Season of(List<Entry> all, Asked asked) {
        List<Entry> some = all.stream().filter(asked::holds).sorted(IN_TIME).toList();
        List<Evening> evenings = some.stream().map(e -> evening(e, asked)).toList();
        return new Season(
                asked,
                evenings,
                weeks(evenings, asked),
                DrillLine.of(some, asked),
                PersonLine.of(some, asked),
                new Pairs(some));
    }

    private static Evening evening(Entry entry, Asked asked) {
        List<Part> parts = asked.parts(entry);
        double load = 0;
        double minutes = 0;
        for (Part part : parts) {
            load += load(entry, part);
            minutes += part.time().meanwhile() && !asked.isOfParts() ? 0 : part.minutes();
        }
        if (!asked.isOfParts()) {
            minutes = entry.seconds() / (double) MINUTE;
        }
        return new Evening(entry, minutes, load);
    }

    /** Metres of one in the middle of all who were there: of what was on at one time everybody did their share. */
    static double load(Entry entry, Part part) {
        return part.work()
                .filter(w -> !w.each().isEmpty())
                .map(w -> {
                    int people = entry.there().people() > 0
                            ? entry.there().people()
                            : w.each().size();
                    return part.minutes() * w.all(Work.Each::metres) / people;
                })
                .orElse(0.0);
    }

    private static List<Week> weeks(List<Evening> evenings, Asked asked) {
        Map<LocalDate, List<Evening>> by = new TreeMap<>();
        evenings.forEach(e -> by.computeIfAbsent(Span.monday(e.entry().when().day()), k -> new ArrayList<>())
                .add(e));
        List<Week> weeks = new ArrayList<>();
        if (by.isEmpty()) {
            return weeks;
        }
        LocalDate last = Collections.max(by.keySet());
        for (LocalDate monday = Collections.min(by.keySet()); !monday.isAfter(last); monday = monday.plusWeeks(1)) {
            weeks.add(week(monday, by.getOrDefault(monday, List.of()), asked));
        }
        return weeks;
    }

    private static Week week(LocalDate monday, List<Evening> evenings, Asked asked) {
        Map<Skill, Double> skills = new EnumMap<>(Skill.class);
        double minutes = 0;
        double load = 0;
        for (Evening evening : evenings) {
            minutes += evening.minutes();
            load += evening.load();
            for (Part part : asked.parts(evening.entry())) {
                part.work().ifPresent(w -> w.skills().forEach((skill, share) -> {
                    if (asked.skill().isEmpty() || asked.skill().get() == skill) {
                        skills.merge(skill, share * w.share() * part.minutes(), Double::sum);
                    }
                }));
            }
        }
        return new Week(monday, evenings.size(), minutes, load, skills);
    }

    /** Who was in one group with whom, those most often first. */
    public List<Pair> pairs() {
        return together.get();
    }

    /** Minutes of each skill, all weeks together. */
    public Map<Skill, Double> skills() {
        Map<Skill, Double> all = new EnumMap<>(Skill.class);
        weeks.forEach(w -> w.skills().forEach((skill, minutes) -> all.merge(skill, minutes, Double::sum)));
        return all;
    }

    /** Minutes of all evenings. */
    public double minutes() {
        return evenings.stream().mapToDouble(Evening::minutes).sum();
    }

    /** Metres of one who did all of it. */
    public double load() {
        return evenings.stream().mapToDouble(Evening::load).sum();
    }
}
