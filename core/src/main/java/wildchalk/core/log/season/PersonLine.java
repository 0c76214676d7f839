package wildchalk.core.log.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.Work;

/**
 * Somebody in some evenings.
 *
 * @param id key of the one of the squad ({@link Entry.There#key})
 * @param there on which days they were, in order
 * @param did what they did in all of it: worked out of the drills, not measured
 * @param made how often something was counted for them
 * @param missed how often it was missed
 * @param tries how what they tried goes, share of it made: by what it was; only what can be missed
 * @param times how what was stopped goes, seconds: by what it was with its metres
 */
public record PersonLine(
        String id,
        List<LocalDate> there,
        Did did,
        int made,
        int missed,
        Map<String, Trend> tries,
        Map<Course, Trend> times) {

    private static final double MILLIS = 1000;

    /**
     * What somebody did.
     *
     * @param minutes that they were in parts
     * @param busy minutes in which they did something
     */
    public record Did(double minutes, double busy, double metres, double sprints, double touches, double shots) {}

    /** What was stopped, over so many metres; 0 where nobody said it. */
    public record Course(String what, double metres) implements Comparable<Course> {
        @Override
        public int compareTo(Course other) {
            int by = what.compareTo(other.what);
            return by != 0 ? by : Double.compare(metres, other.metres);
        }
    }

    public PersonLine {
        there = List.copyOf(there);
    }

    /** Days on which they were there. */
    public int evenings() {
        return there.size();
    }

    /** Those of some evenings, which are in order of time. */
    static List<PersonLine> of(List<Entry> entries, Asked asked) {
        Map<String, Adding> all = new LinkedHashMap<>();
        for (Entry entry : entries) {
            // By their ids, as they stand in the entry: to make a key of each takes longer than to add it up.
            Map<String, Adding> here = new HashMap<>();
            for (String id : entry.there().known()) {
                String key = entry.there().key(id);
                if (asked.person().isEmpty() || asked.person().equals(key)) {
                    Adding adding = all.computeIfAbsent(key, Adding::new);
                    adding.there.add(entry.when().day());
                    here.put(id, adding);
                }
            }
            for (Part part : asked.parts(entry)) {
                add(here, entry.when().day(), part);
            }
        }
        return all.values().stream()
                .map(Adding::line)
                .sorted(Comparator.comparingInt((PersonLine p) -> -p.evenings()).thenComparing(PersonLine::id))
                .toList();
    }

    /** Whoever was not known to be there did nothing. */
    private static void add(Map<String, Adding> here, LocalDate day, Part part) {
        part.work().ifPresent(w -> w.each().forEach(e -> {
            Adding adding = here.get(e.who());
            if (adding != null) {
                adding.did(e, part.minutes());
            }
        }));
        for (Part.Counted counted : part.result().counted()) {
            Adding adding = here.get(counted.who());
            if (adding != null) {
                adding.counted(day, counted);
            }
        }
        for (Part.Timed timed : part.result().timed()) {
            Adding adding = here.get(timed.who());
            if (adding != null) {
                adding.times
                        .computeIfAbsent(new Course(timed.what(), timed.metres()), k -> new ArrayList<>())
                        .add(new Trend.Point(
                                day, timed.splits().get(timed.splits().size() - 1) / MILLIS));
            }
        }
    }

    /** One while it is added up. */
    private static final class Adding {

        private final String id;
        private final List<LocalDate> there = new ArrayList<>();
        private final Map<String, List<Trend.Point>> tries = new HashMap<>();
        private final Map<Course, List<Trend.Point>> times = new HashMap<>();
        private final double[] did = new double[6];
        private int made;
        private int missed;

        Adding(String id) {
            this.id = id;
        }

        void did(Work.Each each, double minutes) {
            did[0] += minutes;
            did[1] += each.busy() * minutes;
            did[2] += each.metres() * minutes;
            did[3] += each.sprints() * minutes;
            did[4] += each.touches() * minutes;
            did[5] += each.shots() * minutes;
        }

        void counted(LocalDate day, Part.Counted counted) {
            made += counted.made();
            missed += counted.missed();
            int all = counted.made() + counted.missed();
            if (counted.missed() > 0 || tries.containsKey(counted.what())) {
                tries.computeIfAbsent(counted.what(), k -> new ArrayList<>())
                        .add(new Trend.Point(day, all == 0 ? 0 : (double) counted.made() / all));
            }
        }

        PersonLine line() {
            Map<String, Trend> shares = new TreeMap<>();
            tries.forEach((what, points) -> shares.put(what, new Trend(points)));
            Map<Course, Trend> stopped = new TreeMap<>();
            times.forEach((course, points) -> stopped.put(course, new Trend(points)));
            return new PersonLine(
                    id, there, new Did(did[0], did[1], did[2], did[3], did[4], did[5]), made, missed, shares, stopped);
        }
    }
}
