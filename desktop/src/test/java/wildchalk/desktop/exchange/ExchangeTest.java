package wildchalk.desktop.exchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExchangeTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        Turnstile          | Turnstile
        3 v 2: late / deep | 3 v 2 late   deep
        ../../etc          | .. .. etc
        What?              | What
        """)
    void titleBecomesAFileNameThatEverySystemTakes(String title, String name) {
        assertEquals(name.replaceAll(" +", " "), Exchange.fileName(title).replaceAll(" +", " "));
    }

    @Test
    void emptyAndEndlessTitlesGetASensibleName() {
        assertEquals("Drill", Exchange.fileName(" / "));
        assertTrue(Exchange.fileName("long ".repeat(200)).length() <= 60);
    }
}
