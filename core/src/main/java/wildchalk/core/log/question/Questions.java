package wildchalk.core.log.question;

import java.util.List;

/** The questions that can be answered. */
public final class Questions {

    /** All that can be answered, in the order in which they are offered. */
    public static final List<Question> ALL = List.of(
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

    private Questions() {}

    /**
     * Answers what a coach typed. Where no question can be heard, what was typed is taken for what somebody wants to
     * know the last time of.
     */
    public static Answer ask(String text, Log log) {
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
