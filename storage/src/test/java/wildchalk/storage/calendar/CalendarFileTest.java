package wildchalk.storage.calendar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;

/** A calendar file, read back by another library than the one that writes it. */
class CalendarFileTest {

    private static final Instant NOW = Instant.parse("2026-03-01T10:00:00Z");

    private static Practice on(String day, String time, int minutes) {
        return Practice.empty(
                        "p7",
                        "Otters; backhand, low \u2013 wet",
                        new Slot(Optional.of(LocalDate.parse(day)), LocalTime.parse(time), minutes))
                .given(Practice.Setting.UNSAID.on("old hall, the far half"));
    }

    private static VEvent read(String file) {
        return Biweekly.parse(file).first().getEvents().get(0);
    }

    @ParameterizedTest(name = "{0} {1} {3}")
    @CsvSource({
        // The clocks go forward on 29 March 2026 and back on 25 October there.
        "2026-03-28, 18:40, 75, Europe/Vienna, 2026-03-28T17:40:00Z",
        "2026-03-29, 18:40, 75, Europe/Vienna, 2026-03-29T16:40:00Z",
        "2026-10-24, 18:40, 75, Europe/Vienna, 2026-10-24T16:40:00Z",
        "2026-10-25, 18:40, 75, Europe/Vienna, 2026-10-25T17:40:00Z",
        // And on 8 March here; the last evening goes on after midnight.
        "2026-03-07, 17:00, 60, America/Chicago, 2026-03-07T23:00:00Z",
        "2026-03-08, 23:30, 90, America/Chicago, 2026-03-09T04:30:00Z",
        // While the clocks are changed: half past one to three, an hour of which is not there.
        "2026-03-29, 01:30, 90, Europe/Vienna, 2026-03-29T00:30:00Z",
        "2026-07-04, 06:15, 45, Asia/Kolkata, 2026-07-04T00:45:00Z",
    })
    void theSameTimesAcrossAChangeOfTheClock(String day, String time, int minutes, String zone, String begins)
            throws IOException {
        String file = CalendarFile.of(on(day, time, minutes), List.of(), ZoneId.of(zone), NOW)
                .orElseThrow();
        VEvent event = read(file);
        Instant start = event.getDateStart().getValue().toInstant();
        assertEquals(Instant.parse(begins), start, file);
        assertEquals(
                Duration.ofMinutes(minutes),
                Duration.between(start, event.getDateEnd().getValue().toInstant()));
        assertEquals(
                LocalDateTime.parse(day + "T" + time).atZone(ZoneId.of(zone)).toInstant(), start);
        String said = LocalDateTime.parse(day + "T" + time).format(DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss"));
        assertTrue(file.contains("DTSTART;TZID=" + zone + ":" + said), "as the coach says it, with its zone");
        assertTrue(file.contains("BEGIN:VTIMEZONE"), "whoever reads it need not know the zone");
        assertFalse(file.contains("://"), "nothing in it leads to a network");
    }

    @Test
    void whatWhereAndWhatIsWrittenUnderIt() throws IOException {
        String file = CalendarFile.of(
                        on("2026-05-05", "19:00", 60),
                        List.of("Bring: 8 cones, 2 poles.", "19:10 Weir; 12 min"),
                        ZoneId.of("Europe/Vienna"),
                        NOW)
                .orElseThrow();
        VEvent event = read(file);
        assertEquals("Otters; backhand, low \u2013 wet", event.getSummary().getValue());
        assertEquals("old hall, the far half", event.getLocation().getValue());
        assertEquals(
                "Bring: 8 cones, 2 poles.\n19:10 Weir; 12 min",
                event.getDescription().getValue());
        assertEquals("p7@wild-chalk", event.getUid().getValue());
        assertEquals(NOW, event.getDateTimeStamp().getValue().toInstant());
        for (String line : file.split("\r\n")) {
            assertTrue(line.getBytes(StandardCharsets.UTF_8).length <= 75, line);
        }
    }

    @Test
    void withoutADayThereIsNothingForACalendar() throws IOException {
        Practice pattern = Practice.empty("p", "p", new Slot(Optional.empty(), LocalTime.of(18, 0), 60));
        assertEquals(Optional.empty(), CalendarFile.of(pattern, List.of(), ZoneId.of("Europe/Vienna"), NOW));
    }
}
