package wildchalk.core.log.question;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.log.Entry;

/** Who missed an evening. Whoever was with the squad before or after it and not at it has missed it. */
final class Missed implements Question {

    /** Whoever was not there for so many evenings before and after it does not belong to it. */
    private static final int AROUND = 12;

    @Override
    public String key() {
        return "missed";
    }

    @Override
    public Answer answer(Typed typed, Log log) {
        Optional<LocalDate> day = typed.day(log.today());
        List<Entry> past = log.past();
        Optional<Entry> found = day.isEmpty()
                ? past.stream().reduce((a, b) -> b)
                : past.stream().filter(e -> e.when().day().equals(day.get())).reduce((a, b) -> b);
        if (found.isEmpty()) {
            return Answer.of(Log.BOOK.say("missed.none", Log.day(day.orElse(log.today()))));
        }
        Entry evening = found.get();
        if (evening.there().known().isEmpty()) {
            return Answer.of(Log.BOOK.say(
                    "missed.unknown",
                    Log.day(evening.when().day()),
                    evening.there().people()));
        }
        List<String> missed = missed(evening, past).stream()
                .map(id -> log.name(evening.there().key(id)))
                .sorted()
                .toList();
        return Answer.of(
                Log.BOOK.say(
                        "missed.head",
                        Log.day(evening.when().day()),
                        evening.title(),
                        evening.there().people(),
                        missed.size()),
                missed);
    }

    private static Set<String> missed(Entry evening, List<Entry> past) {
        List<Entry> same = past.stream()
                .filter(e -> e.there().squad().equals(evening.there().squad()))
                .toList();
        int at = same.indexOf(evening);
        Set<String> all = new HashSet<>();
        same.subList(Math.max(0, at - AROUND), Math.min(same.size(), at + AROUND + 1))
                .forEach(e -> all.addAll(e.there().known()));
        all.removeAll(evening.there().known());
        return all;
    }
}
