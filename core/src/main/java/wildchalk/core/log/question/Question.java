package wildchalk.core.log.question;

import java.util.List;

/** A kind of question. */
public interface Question {

    /** All that can be answered, in the order in which they are offered. */
    List<Question> ALL = List.of(
            new LastTime(),
            new NotLately(),
            new Missed(),
            new ShotLeast(),
            new RunsLonger(),
            new RealChanges(),
            new WhoseTimes(),
            new LoadRising(),
            new NeverRun(),
            new NeverTogether());

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

    /**
     * Answers what a coach typed. Where no question can be heard, what was typed is taken for what somebody wants to
     * know the last time of.
     */
    static Answer ask(String text, Log log) {
        Typed typed = new Typed(text);
        Question best = ALL.get(0);
        for (Question question : ALL) {
            if (question.heard(typed) > best.heard(typed)) {
                best = question;
            }
        }
        return log.past().isEmpty() && !(best instanceof NeverRun)
                ? Answer.of(Log.BOOK.say("empty"))
                : best.answer(typed, log);
    }
}
