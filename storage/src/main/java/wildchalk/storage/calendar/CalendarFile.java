package wildchalk.storage.calendar;

import java.io.IOException;
import java.io.StringWriter;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VTimeZone;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import net.fortuna.ical4j.util.CompatibilityHints;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;

/** A practice as a calendar file (iCalendar, RFC 5545), with the rules of its time zone in it. */
public final class CalendarFile {

    private static final String PRODUCT = "-//WildChalk//Practice//EN";
    private static final int MINUTE = 60;

    private CalendarFile() {}

    /**
     * The file; empty for a practice that has no day.
     *
     * @param lines what stands under it
     * @param zone in which it is
     * @param now when the file is made
     * @throws IOException when it cannot be made
     */
    public static Optional<String> of(Practice practice, List<String> lines, ZoneId zone, Instant now)
            throws IOException {
        Optional<LocalDate> day = practice.slot().day();
        if (day.isEmpty()) {
            return Optional.empty();
        }
        Slot slot = practice.slot();
        LocalDateTime start = LocalDateTime.of(day.get(), slot.start());
        Calendar calendar = new Calendar();
        calendar.add(new ProdId(PRODUCT));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        TimeZone known = TimeZoneRegistryFactory.getInstance().createRegistry().getTimeZone(zone.getId());
        if (known != null) {
            VTimeZone rules = (VTimeZone) known.getVTimeZone().copy();
            // Where the rules were found concerns nobody who reads when an evening is.
            rules.removeAll("TZURL", "X-LIC-LOCATION", "X-PROLEPTIC-TZNAME");
            calendar.add(rules);
        }
        calendar.add(event(practice, lines, now, span(start, slot.minutes(), zone, known != null)));
        StringWriter out = new StringWriter();
        CompatibilityHints.setHintEnabled(CompatibilityHints.KEY_RELAXED_VALIDATION, false);
        new CalendarOutputter().output(calendar, out);
        return Optional.of(out.toString());
    }

    /** From when until when. Whoever practises while the clocks are changed does so as long as was planned. */
    private record Span(DtStart<?> start, DtEnd<?> end) {}

    private static Span span(LocalDateTime start, int minutes, ZoneId zone, boolean known) {
        ZonedDateTime from = start.atZone(zone);
        ZonedDateTime to = from.plusSeconds((long) minutes * MINUTE);
        // A zone that calendars do not know is said as an instant.
        return known
                ? new Span(new DtStart<>(from), new DtEnd<>(to))
                : new Span(new DtStart<>(from.toInstant()), new DtEnd<>(to.toInstant()));
    }

    private static VEvent event(Practice practice, List<String> lines, Instant now, Span span) {
        VEvent event = new VEvent(false);
        event.add(new Uid(practice.id() + "@wild-chalk"));
        event.add(new DtStamp(now));
        event.add(span.start());
        event.add(span.end());
        event.add(new Summary(practice.title()));
        if (!practice.setting().ground().isEmpty()) {
            event.add(new Location(practice.setting().ground()));
        }
        if (!lines.isEmpty()) {
            event.add(new Description(String.join("\n", lines)));
        }
        return event;
    }
}
