package wildchalk.core.log.question;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.log.Ten;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;

/** Questions of a coach, answered from ten evenings that were worked out by hand. */
class QuestionTest {

    private static final Practice NEVER =
            Practice.empty("p", "Rain date", new Slot(Optional.of(LocalDate.of(2026, 11, 3)), LocalTime.of(18, 0), 60));

    private static Log log(LocalDate today) {
        return new Log(Ten.evenings(), Ten.NAMES, List.of(NEVER), today);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "When did we last do the weir? | 2026-11-30 | Weir: Fri 27 Nov 2026, 3 days ago, 8 times in all; so-so.",
                "last shooting | 2026-11-30 | shooting: Fri 27 Nov 2026, 3 days ago; on 8 evenings in all.",
                "when was the last warm-up | 2026-11-28 | Warm-up: Fri 27 Nov 2026, yesterday.",
                "when did we last do hand-offs | 2026-11-28 | No drill that was run has hand-offs in it.",
                "what have we not done for two weeks | 2026-12-14 "
                        + "| 3 skills and 2 drills that were done before and not in the last 2 weeks.",
                "what have we not done for 3 weeks | 2026-12-14 "
                        + "| No skill and no drill that were done before and not in the last 3 weeks.",
                "who missed the evening on 17 Nov? | 2026-11-30 "
                        + "| Tue 17 Nov 2026, Evening 8: 2 were there, one missed it.",
                "who missed 2026-11-17 | 2026-11-30 | Tue 17 Nov 2026, Evening 8: 2 were there, one missed it.",
                "Who missed the last evening? | 2026-11-30 "
                        + "| Fri 27 Nov 2026, Evening 10: 3 were there, nobody missed it.",
                "who was away on 18 November | 2026-11-30 | There is no evening on Wed 18 Nov 2026 in the log.",
                "who shot least in four weeks | 2026-11-30 | Rosa shot least in the last 4 weeks, by evening.",
                "who never gets to shoot | 2026-11-30 | Rosa shot least in the last 4 weeks, by evening.",
                "which drills run longer than planned | 2026-11-30 | One drill runs longer than planned.",
                "How long do changes take really? | 2026-11-30 "
                        + "| Changes take 1.1 times what is worked out for them, in the middle of 14.",
                "whose times improve | 2026-11-30 | One gets faster, of one that was timed often enough.",
                "is the load rising too fast | 2026-11-27 | This week has 3.08 times what a week had before: have a look.",
                "is the load rising | 2026-11-10 | The log does not go back 4 weeks, or nothing was done in them.",
                "what was planned and never run | 2026-11-30 "
                        + "| No drill and one evening that were planned and never run.",
                "who was never together with whom | 2026-11-30 "
                        + "| Everybody who is mostly there was with everybody in one group, on 6 evenings with groups.",
                "gobbledegook | 2026-11-30 "
                        + "| Nothing in the log is called that. A drill, a skill or the words of a part can be asked for.",
            })
    void isAnswered(String asked, LocalDate today, String answer) {
        assertEquals(answer, Questions.ask(asked, log(today)).head());
    }

    @Test
    void withWhatStandsBehindIt() {
        Log log = log(Ten.TODAY);
        assertEquals(List.of("Rosa"), Questions.ask("who missed 17 nov", log).lines());
        assertEquals(
                List.of(
                        "Rosa: 0 shots on 4 evenings, 72 touches",
                        "Sten: 26 shots on 4 evenings, 51 touches",
                        "Pim: 51 shots on 5 evenings, 153 touches"),
                Questions.ask("who shot least", log).lines());
        Answer longer = Questions.ask("which drills run longer", log);
        assertEquals(List.of("Weir: 2.5 min longer, in the middle of 8 times; usually 13 min"), longer.lines());
        Answer weir = Questions.ask("last weir", log);
        assertEquals("Fri 27 Nov 2026: 13 min, so-so", weir.lines().get(0));
        assertEquals("To do next time: fewer balls", weir.caution());
        assertEquals(
                List.of("Rosa, dash (20 m): 0.06 s less in a month, of 5 times"),
                Questions.ask("whose times improve", log).lines());
        Answer load = Questions.ask("load", log(LocalDate.of(2026, 11, 27)));
        assertTrue(load.caution().contains("no verdict"), "never without its limits");
        assertEquals(
                List.of("Rain date, Tue 3 Nov 2026: no entry"),
                Questions.ask("never run", log).lines());
    }

    static List<Question> all() {
        return Questions.ALL;
    }

    /** As it is offered, so it is heard; and it has an answer whatever is in the log. */
    @ParameterizedTest
    @MethodSource("all")
    void eachIsHeardAsItIsOffered(Question question) {
        Typed typed = new Typed(question.example());
        for (Question other : Questions.ALL) {
            assertTrue(
                    other == question || other.heard(typed) < question.heard(typed),
                    question.key() + " or " + other.key());
        }
        Log empty = new Log(List.of(), Map.of(), List.of(), Ten.TODAY);
        assertTrue(Questions.ask(question.example(), empty).head().length() > 10);
        assertTrue(question.answer(typed, log(Ten.TODAY)).head().length() > 10);
        Log later = log(Ten.TODAY.plusYears(2));
        assertTrue(question.answer(typed, later).head().length() > 10);
    }

    @Test
    void whoIsForgottenIsAWordThatSaysNothing() {
        Log log = new Log(Ten.evenings(), Map.of(), List.of(), Ten.TODAY);
        assertEquals(
                List.of("somebody who is in no squad now"),
                Questions.ask("who missed 17 nov", log).lines());
    }

    /** An evening in the future is no evening that was. */
    @Test
    void whatIsStillToComeDoesNotCount() {
        Log log = log(LocalDate.of(2026, 11, 20));
        assertEquals(
                "Weir: Tue 17 Nov 2026, 3 days ago, 6 times in all; it worked.",
                Questions.ask("last weir", log).head());
    }
}
