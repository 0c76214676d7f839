package wildchalk.core.squad;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import wildchalk.core.wording.Wordbook;

/** How many are there tonight, in a coach's words. */
public final class Attendance {

    private static final Wordbook BOOK = Wordbook.beside(Attendance.class, "Squad");

    private Attendance() {}

    /** "15 of 16 · 1 late · 1 takes it easy"; guests count among those who are there. */
    public static String words(Squad squad) {
        List<String> parts = new ArrayList<>();
        long all = squad.all().count();
        parts.add(BOOK.say("count", count(squad, s -> s != Presence.State.AWAY), all));
        say(parts, "count.late", count(squad, s -> s == Presence.State.LATE));
        say(parts, "count.unheard", count(squad, s -> s == Presence.State.UNHEARD));
        say(parts, "count.easy", count(squad, s -> s.isEasy() && s.plays()));
        say(parts, "count.time", count(squad, s -> s == Presence.State.KEEPS_TIME));
        say(parts, "count.guests", squad.tonight().guests().size());
        return String.join(BOOK.say("count.between"), parts);
    }

    private static void say(List<String> parts, String key, long n) {
        if (n > 0) {
            parts.add(BOOK.say(key, n));
        }
    }

    private static long count(Squad squad, Predicate<Presence.State> which) {
        return squad.all()
                .filter(p -> which.test(squad.tonight().of(p.id()).state()))
                .count();
    }
}
