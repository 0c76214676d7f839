package wildchalk.core.log;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import wildchalk.core.document.Edit;
import wildchalk.core.wording.Wordbook;

/** How an entry is corrected, each under the name that undo has for it. Parts are named by their number, from 0. */
public final class EntryEdits {

    private static final Wordbook BOOK = Wordbook.beside(EntryEdits.class, "Log");

    private EntryEdits() {}

    private static Edit<Entry> edit(String name, UnaryOperator<Entry> change) {
        return new Edit<>(name, change);
    }

    /** A part that is there no longer stays gone. */
    private static Edit<Entry> part(String name, int number, UnaryOperator<Part> change) {
        return edit(name, e -> e.part(number).isPresent() ? e.changing(number, change) : e);
    }

    /** A part was on for so many seconds, and so many came before it. */
    public static Edit<Entry> lasted(int number, int before, int seconds) {
        return part(BOOK.say("edit.lasted"), number, p -> p.lasting(p.time().lasting(before, seconds)));
    }

    /** A part went well, or did not. */
    public static Edit<Entry> went(int number, Part.Went how) {
        return part(BOOK.say("edit.went"), number, p -> p.going(how));
    }

    /** What to do next time. */
    public static Edit<Entry> nextTime(int number, String words) {
        return part(BOOK.say("edit.next"), number, p -> p.nextTime(words));
    }

    /** What came of a part. */
    public static Edit<Entry> result(int number, Part.Result result) {
        return part(BOOK.say("edit.result"), number, p -> p.with(result));
    }

    /** A part more, before the one of this number; behind all of them for a number beyond. */
    public static Edit<Entry> add(int number, Part part) {
        return edit(BOOK.say("edit.add", part.title()), e -> {
            List<Part> all = new ArrayList<>(e.parts());
            all.add(Math.max(0, Math.min(number, all.size())), part);
            return e.of(all);
        });
    }

    /** A part was not on. */
    public static Edit<Entry> remove(int number) {
        return edit(BOOK.say("edit.remove"), e -> {
            List<Part> all = new ArrayList<>(e.parts());
            if (e.part(number).isPresent()) {
                all.remove(number);
            }
            return e.of(all);
        });
    }

    /** It was on another day, or from another time. */
    public static Edit<Entry> at(Entry.When when) {
        return edit(BOOK.say("edit.when"), e -> e.at(when));
    }

    /** Others were there. */
    public static Edit<Entry> with(Entry.There there) {
        return edit(BOOK.say("edit.there"), e -> e.with(there));
    }

    /** What the coach thought of it. */
    public static Edit<Entry> thought(String words) {
        return edit(BOOK.say("edit.thought"), e -> e.thinking(words));
    }

    /** It is called otherwise. */
    public static Edit<Entry> rename(String title) {
        return edit(BOOK.say("edit.rename"), e -> e.withTitle(title));
    }
}
