package wildchalk.core.practice.check;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Around;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Slot;

/** Whether no other practice is on the same ground at that time, and nobody was mistaken about midnight. */
final class OnlyOne implements PracticeCheck {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        List<Finding<Practice>> found = new ArrayList<>();
        Slot slot = evening.practice().slot();
        String ground = evening.practice().setting().ground().strip();
        for (Around.Other other : evening.around().others()) {
            if (!ground.isEmpty() && ground.equalsIgnoreCase(other.ground().strip()) && slot.meets(other.slot())) {
                found.add(Found.of(
                        "ground",
                        Finding.Weight.WILL_NOT_WORK,
                        Said.of("ground", ground, other.title(), clock(other.slot(), 0), end(other.slot())),
                        after(slot, other.slot())));
            }
        }
        if (slot.isPastMidnight()) {
            found.add(Found.of("midnight", Finding.Weight.SAID, Said.of("midnight", end(slot)), List.of()));
        }
        return found;
    }

    private static List<Finding.Mend<Practice>> after(Slot slot, Slot other) {
        Optional<Slot> later = other.isPastMidnight()
                ? Optional.empty()
                : Optional.of(new Slot(slot.day(), other.at(other.seconds()), slot.minutes()));
        return later.map(s -> Found.mend(Said.of("ground.mend", clock(s, 0)), PracticeEdits.in(s))).stream()
                .toList();
    }

    private static String end(Slot slot) {
        return clock(slot, slot.seconds());
    }

    private static String clock(Slot slot, int seconds) {
        return slot.at(seconds).format(CLOCK);
    }
}
