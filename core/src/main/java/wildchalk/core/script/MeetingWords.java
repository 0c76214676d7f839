package wildchalk.core.script;

import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

/**
 * Says how a ball and whoever runs come together: "holds the ball until 7 is half-way there, then passes 12 m, and 7
 * meets it at the left wing".
 */
final class MeetingWords {

    /** Who has the ball no longer than this from when they could play it does not hold it, seconds; assumed. */
    private static final double HOLDS = 1;
    /** Who stands at the place for longer than this waits there, seconds; assumed. */
    private static final double WAITS = 0.3;
    /** Nearer than this two places are one, metres. */
    private static final double THERE = 0.3;

    /** Whoever moves faster than this at the end of a pass takes it on the run, m/s. */
    private static final double ON_THE_RUN = 1;

    private static final double STEP = 0.05;

    private final Timeline timeline;
    private final Words words;
    private final Moments moments;

    MeetingWords(Timeline timeline, Words words, Moments moments) {
        this.timeline = timeline;
        this.words = words;
        this.moments = moments;
    }

    /** Whether a pass is met on a line, as it was drawn. */
    boolean isMet(Action action) {
        return action instanceof Action.Pass pass
                && pass.to() instanceof Spot.OnLine
                && timeline.times(pass.id())
                        .filter(t -> Double.isFinite(t.arrival()))
                        .isPresent()
                && timeline.problems().stream().noneMatch(p -> p.action().equals(pass.id()) && p.isMeeting());
    }

    /**
     * Until when the passer holds the ball: "the ball until 7 is half-way there"; empty for who plays it on at once.
     */
    Optional<String> held(Action action) {
        if (!isMet(action)) {
            return Optional.empty();
        }
        ActionTimes times = timeline.times(action.id()).orElseThrow();
        if (times.release() - times.start() <= HOLDS) {
            return Optional.empty();
        }
        Spot.OnLine spot = (Spot.OnLine) ((Action.Pass) action).to();
        return Optional.of(
                words.say("holds.until." + progress(spot, times), words.word("ball"), moments.name(spot.who())));
    }

    private String progress(Spot.OnLine spot, ActionTimes times) {
        double begins = timeline.times(spot.line()).map(ActionTimes::start).orElse(times.start());
        double all = timeline.gone(spot.who(), begins, times.arrival());
        double share =
                times.release() <= begins || all == 0 ? 0 : timeline.gone(spot.who(), begins, times.release()) / all;
        if (share < 0.1) {
            return "sets.off";
        }
        if (share < 0.4) {
            return "on.the.way";
        }
        if (share < 0.6) {
            return "half.way";
        }
        return share < 0.85 ? "past.half.way" : "nearly.there";
    }

    /**
     * What whoever runs does about it: "7 meets it at the left wing".
     *
     * @param where the place, said as "at the left wing"; empty where it has no name
     */
    String meets(Action.Pass pass, Optional<String> where) {
        Spot.OnLine spot = (Spot.OnLine) pass.to();
        double arrival = timeline.times(pass.id()).orElseThrow().arrival();
        String key = waits(spot.who(), arrival) ? "waits.for.it" : "meets.it";
        return where.map(w -> words.say(key, moments.name(spot.who()), w))
                .orElseGet(() -> words.say(key + ".there", moments.name(spot.who())));
    }

    /** Whether somebody moves as a pass comes to them. */
    boolean isOnTheRun(String who, String pass) {
        double arrival = timeline.times(pass).map(ActionTimes::arrival).orElse(Double.NaN);
        if (Double.isNaN(arrival)) {
            return false;
        }
        return timeline.at(who, arrival - 2 * STEP).distance(timeline.at(who, arrival)) > ON_THE_RUN * 2 * STEP;
    }

    private boolean waits(String who, double arrival) {
        Vec place = timeline.at(who, arrival);
        double from = arrival;
        while (from > arrival - WAITS && timeline.at(who, from).distance(place) < THERE / 3) {
            from -= STEP;
        }
        return arrival - from >= WAITS;
    }
}
