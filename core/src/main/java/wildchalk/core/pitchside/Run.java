package wildchalk.core.pitchside;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A practice that runs, at a moment.
 *
 * @param course what it is made of, with what was added to it
 * @param at the stretch that is on, from 0; as many as there are when all of it is over
 * @param spent milliseconds that went into each stretch, on all times that it was on
 * @param inside milliseconds that the one that is on has gone on this time
 * @param going whether its clock goes
 * @param clock milliseconds since it was begun, with those in which its clock stood
 * @param done what was done, the oldest first, what was taken back no longer in it
 */
public record Run(Course course, int at, List<Long> spent, long inside, boolean going, long clock, List<Done> done) {

    /**
     * Something that was done.
     *
     * @param before how everything stood before it
     * @param clock milliseconds since the run was begun
     */
    public record Done(Deed deed, long clock, Optional<Run> before) {

        /** Whether it was done while a block was on, or counts for it still. */
        public boolean isIn(String block) {
            return before.flatMap(Run::counting).filter(block::equals).isPresent();
        }
    }

    public Run {
        spent = List.copyOf(spent);
        done = List.copyOf(done);
    }

    /** One that is not begun. */
    public static Run of(Course course) {
        return new Run(course, 0, Collections.nCopies(course.stretches().size(), 0L), 0, false, 0, List.of());
    }

    /** The stretch that is on; empty when all of it is over. */
    public Optional<Stretch> stretch() {
        return at < course.stretches().size() ? Optional.of(course.stretches().get(at)) : Optional.empty();
    }

    /**
     * Id of the block for which it is counted: the one that is on, or the one before it until the next is begun; the
     * first one before anything is begun. Empty where there is none.
     */
    public Optional<String> counting() {
        int from = Math.min(at, course.stretches().size() - 1);
        for (int i = from; i >= 0; i--) {
            if (course.stretches().get(i).kind() != Stretch.Kind.BEFORE) {
                return Optional.of(course.stretches().get(i).block());
            }
        }
        return stretch().map(Stretch::block);
    }

    /** What was done in a block, of one kind, the oldest first. */
    public <D extends Deed> List<D> done(String block, Class<D> kind) {
        return done.stream()
                .filter(d -> kind.isInstance(d.deed()) && d.isIn(block))
                .map(d -> kind.cast(d.deed()))
                .toList();
    }

    /** Who has it, and who finds it hard, in a block: as it was marked last. */
    public Map<String, Boolean> marks(String block) {
        Map<String, Boolean> marks = new LinkedHashMap<>();
        done(block, Deed.Marked.class).forEach(m -> marks.put(m.who(), m.hasIt()));
        return marks;
    }

    /** Whether all of it is over. */
    public boolean isOver() {
        return stretch().isEmpty();
    }

    /** Milliseconds that are left of the stretch that is on; below 0 for one that goes on for longer than planned. */
    public long left() {
        return stretch().map(s -> s.millis() - inside).orElse(0L);
    }

    /** Milliseconds of all stretches together for which its clock went. */
    public long ran() {
        return spent.stream().mapToLong(Long::longValue).sum();
    }

    /** Milliseconds that it takes from now on, if nothing takes longer than planned. */
    public long rest() {
        return Math.max(0, left())
                + course.stretches().stream()
                        .skip(at + 1L)
                        .mapToLong(Stretch::millis)
                        .sum();
    }

    /** The same on another course, which is as it was up to what is on. */
    Run on(Course newCourse) {
        List<Long> kept = new ArrayList<>(spent.subList(0, Math.min(at + 1, spent.size())));
        for (int i = kept.size(); i < newCourse.stretches().size(); i++) {
            kept.add(i < spent.size() && newCourse.stretches().size() == spent.size() ? spent.get(i) : 0L);
        }
        return new Run(newCourse, at, kept, inside, going, clock, done);
    }

    /** The same with another stretch on. */
    Run to(int stretch) {
        return new Run(course, stretch, spent, 0, going, clock, done);
    }

    Run going(boolean now) {
        return new Run(course, at, spent, inside, now, clock, done);
    }

    /** The same after some time in the stretch that is on. */
    Run spending(long millis) {
        List<Long> now = new ArrayList<>(spent);
        now.set(at, now.get(at) + millis);
        return new Run(course, at, now, inside + millis, going, clock, done);
    }

    Run ticked(long millis) {
        return new Run(course, at, spent, inside, going, clock + millis, done);
    }

    Run having(List<Done> newDone) {
        return new Run(course, at, spent, inside, going, clock, newDone);
    }
}
