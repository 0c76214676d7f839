package wildchalk.core.log.question;

/** A kind of question. */
public interface Question {

    /** By which its words are found. */
    String key();

    /** The answer to what was asked. */
    Answer answer(Typed typed, Log log);

    /** How it is asked, such as it can be clicked at. */
    default String example() {
        return Log.BOOK.say(key() + ".example");
    }

    /** How much of it stands in what was typed; 0 where it is none of it. */
    default int heard(Typed typed) {
        int heard = 0;
        for (String word : Log.BOOK.say(key() + ".words").split(" ")) {
            if (typed.has(word)) {
                heard++;
            }
        }
        return heard;
    }
}
