package wildchalk.core.script;

import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Meeting;
import wildchalk.core.timeline.Timeline;

/**
 * Says how a ball and whoever runs come together: "holds the ball until 7 is half-way there, then passes 12 m, and 7
 * meets it at the left wing".
 */
final class MeetingWords {

    /** Whoever moves faster than this at the end of a pass takes it on the run, m/s. */
    private static final double ON_THE_RUN = 1;

    private static final double STEP = 0.05;

    private final Meeting meeting;
    private final Timeline timeline;
    private final Words words;
    private final Moments moments;

    MeetingWords(Stage stage, Timeline timeline, Words words, Moments moments) {
        this.meeting = new Meeting(stage, timeline);
        this.timeline = timeline;
        this.words = words;
        this.moments = moments;
    }

    /** Whether a pass is met on a line, as it was drawn. */
    boolean isMet(Action action) {
        return meeting.isMet(action);
    }

    /**
     * Until when the passer holds the ball: "the ball until 7 is half-way there"; empty for who plays it on at once.
     */
    Optional<String> held(Action action) {
        return meeting.held(action)
                .map(h -> words.say(
                        "holds.until."
                                + progress(
                                        action.met().orElseThrow(),
                                        timeline.times(action.id()).orElseThrow()),
                        words.word("ball"),
                        moments.name(action.receiver().orElseThrow())));
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
        Spot.OnLine spot = pass.met().orElseThrow();
        String key = meeting.awaited(pass).isPresent() ? "waits.for.it" : "meets.it";
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
}
