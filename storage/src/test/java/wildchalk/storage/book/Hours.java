package wildchalk.storage.book;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that goes on when it is told to. */
final class Hours extends Clock {

    private Instant now = Instant.parse("2026-11-20T12:00:00Z");

    void pass(int hours) {
        now = now.plus(Duration.ofHours(hours));
    }

    @Override
    public Instant instant() {
        return now;
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }
}
