package wildchalk.desktop.book;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalDateTime;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AgoTest {

    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 25, 22, 30);

    private static long millis(LocalDateTime at) {
        return at.atZone(ZoneId.systemDefault()).toInstant().toEpochMilli();
    }

    @ParameterizedTest
    @CsvSource({"0, today", "1, yesterday", "2, 2 days ago", "6, 6 days ago", "7, 18 Nov 2026", "400, 21 Oct 2025"})
    void daysAreSaidAsPeopleSayThem(int days, String words) {
        assertEquals(words, Ago.of(millis(NOW.minusDays(days)), millis(NOW)));
    }

    /** By the calendar, not by the hour. */
    @Test
    void lateLastNightIsYesterday() {
        assertEquals(
                "yesterday",
                Ago.of(
                        millis(NOW.minusDays(1).withHour(23).withMinute(59)),
                        millis(NOW.withHour(0).withMinute(5))));
        assertEquals("22:30", Ago.clock(millis(NOW)));
    }
}
