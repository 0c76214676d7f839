package wildchalk.core.log.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
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
    public record Did(double minutes, double busy, double metres, double sprints, double touches, double shots) {

        /** Nothing. */
        static final Did NOTHING = new Did(0, 0, 0, 0, 0, 0);

        /** So many minutes of a part more. */
        Did and(Work.Each each, double more) {
            return new Did(
                    minutes + more,
                    busy + each.busy() * more,
                    metres + each.metres() * more,
                    sprints + each.sprints() * more,
                    touches + each.touches() * more,
                    shots + each.shots() * more);
        }
    }

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
            for (String id : entry.there().known()) {
                String key = entry.there().key(id);
                if (asked.person().isEmpty() || asked.person().equals(key)) {
                    all.computeIfAbsent(key, Adding::new).there.add(entry.when().day());
                }
            }
            for (Part part : asked.parts(entry)) {
                add(all, entry, part);
            }
        }
        return all.values().stream()
                .map(Adding::line)
                .sorted(Comparator.comparingInt((PersonLine p) -> -p.evenings()).thenComparing(PersonLine::id))
                .toList();
    }

    private static void add(Map<String, Adding> all, Entry entry, Part part) {
        LocalDate day = entry.when().day();
        part.work().ifPresent(w -> w.each().forEach(e -> {
            Adding adding = all.get(entry.there().key(e.who()));
            if (adding != null) {
                adding.did = adding.did.and(e, part.minutes());
            }
        }));
        for (Part.Counted counted : part.result().counted()) {
            Adding adding = all.get(entry.there().key(counted.who()));
            if (adding != null) {
                adding.counted(day, counted);
            }
        }
        for (Part.Timed timed : part.result().timed()) {
            Adding adding = all.get(entry.there().key(timed.who()));
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
        private final Map<String, List<Trend.Point>> tries = new TreeMap<>();
        private final Map<Course, List<Trend.Point>> times = new TreeMap<>();
        private Did did = Did.NOTHING;
        private int made;
        private int missed;

        Adding(String id) {
            this.id = id;
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
            return new PersonLine(id, there, did, made, missed, shares, stopped);
        }
    }
}
