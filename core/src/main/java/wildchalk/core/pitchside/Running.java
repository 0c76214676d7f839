package wildchalk.core.pitchside;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.document.Document;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;

/**
 * A practice as it was run: what it was made of, and everything that was done with its moment. What was taken back is
 * in it too.
 *
 * @param practice as it was planned when it was begun
 * @param of number of the version of that practice in the book; 0 for a drill that was run alone
 * @param course what it was made of when it was begun
 * @param moments what was done, the oldest first
 * @param over whether it is finished
 */
public record Running(
        String id,
        String title,
        Practice practice,
        long of,
        Course course,
        Chance chance,
        List<Moment> moments,
        boolean over)
        implements Document<Running> {

    /**
     * When it was begun, and what its calls come from.
     *
     * @param begun milliseconds since 1970
     */
    public record Chance(long begun, long seed) {}

    /**
     * Something that was done, or taken back.
     *
     * @param clock milliseconds since the run was begun
     * @param wall milliseconds since 1970, by the clock on the wall
     * @param deed empty where the last thing that was done was taken back
     */
    public record Moment(long clock, long wall, Optional<Deed> deed) {}

    /**
     * When a run was last seen going: kept more often than anything is done in it.
     *
     * @param clock milliseconds since it was begun
     * @param wall milliseconds since 1970
     */
    public record Sighting(long clock, long wall) {}

    /** Longer than this after it would have been over, nobody is still at it, milliseconds. */
    private static final long GRACE = 20L * 60 * 1000;

    public Running {
        moments = List.copyOf(moments);
    }

    /** The same after something more was done. */
    public Running with(Moment moment) {
        List<Moment> all = new ArrayList<>(moments);
        all.add(moment);
        return new Running(id, title, practice, of, course, chance, all, over);
    }

    /** The same of a practice whose drills are planned otherwise, such as by another book. */
    public Running planned(UnaryOperator<Content.Planned> how) {
        return new Running(id, title, practice.planning(how), of, course, chance, moments, over);
    }

    /** The same, finished or not. */
    public Running finished(boolean isOver) {
        return new Running(id, title, practice, of, course, chance, moments, isOver);
    }

    /** How it stood at a time of its clock, no earlier than its last moment. */
    public Run at(long clock) {
        return Machine.replayed(
                course,
                moments.stream()
                        .map(m -> new Machine.Entry(m.clock(), m.deed()))
                        .toList(),
                Math.max(clock, last().clock()));
    }

    /** When it was last known how it stood, by its own moments. */
    public Sighting last() {
        return moments.isEmpty()
                ? new Sighting(0, chance.begun())
                : new Sighting(
                        moments.get(moments.size() - 1).clock(),
                        moments.get(moments.size() - 1).wall());
    }

    /**
     * How long it has gone on since it was last seen, after the program ended.
     *
     * @param seen when that was
     * @param now milliseconds since 1970
     * @return empty where that cannot be, or nobody would still be at it: it has to be asked
     */
    public Optional<Long> since(Sighting seen, long now) {
        long rest = at(seen.clock()).rest();
        return Time.sinceTheEnd(seen.wall(), now).filter(gone -> gone <= rest + GRACE);
    }

    /** The same without somebody's name in anything that was said, counted or marked. */
    public Running silentOf(String name) {
        String gone = "\u2026";
        return new Running(
                id,
                title.replace(name, gone),
                practice.silentOf(name),
                of,
                new Course(
                        course.stretches().stream()
                                .map(s -> s.silentOf(name, gone))
                                .toList(),
                        course.warned()),
                chance,
                moments.stream()
                        .map(m -> new Moment(m.clock(), m.wall(), m.deed().map(d -> d.match(new Silence(name, gone)))))
                        .toList(),
                over);
    }

    @Override
    public Running withId(String newId) {
        return new Running(newId, title, practice, of, course, chance, moments, over);
    }

    @Override
    public Running withTitle(String newTitle) {
        return new Running(id, newTitle, practice, of, course, chance, moments, over);
    }

    @Override
    public Running following(Running before) {
        return this;
    }

    @Override
    public boolean isLike(Running other) {
        return equals(other);
    }
}
