package wildchalk.handout.evening;

import wildchalk.core.wording.Wordbook;

/** What stands on hand-outs of an evening beside what is planned. */
final class Words {

    private static final Wordbook BOOK = Wordbook.beside(Words.class, "Evening");

    private Words() {}

    static String say(String key, Object... values) {
        return BOOK.say(key, values);
    }
}
