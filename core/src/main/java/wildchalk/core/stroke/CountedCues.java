package wildchalk.core.stroke;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;

/** What can set an action off that may come more than once, which time of it, and counted from when. */
public final class CountedCues {

    private CountedCues() {}

    /** Every word that somebody calls. */
    public static List<Cue> called(Stage stage) {
        Set<Cue> cues = new LinkedHashSet<>();
        for (Action action : stage.actions()) {
            if (action instanceof Action.Call call) {
                cues.add(new Cue(new Cue.Called(call.word()), 0));
            }
        }
        return List.copyOf(cues);
    }

    /** Every touch of a ball by somebody else. */
    public static List<Cue> touches(Action action, Stage stage) {
        return stage.people().stream()
                .map(Piece::id)
                .filter(p -> !p.equals(action.who()))
                .map(p -> new Cue(new Cue.Touches(p), 0))
                .toList();
    }

    /** Somebody who comes over a straight line of the surface that has a name. */
    public static List<Cue> crosses(String who, Surface surface) {
        return surface.markings().stream()
                .filter(m -> !m.name().isEmpty() && surface.line(m.id()).isPresent())
                .map(Marking::id)
                .map(line -> new Cue(new Cue.Crosses(who, line), 0))
                .toList();
    }

    /** Whether a moment can come more than once. */
    public static boolean canBeCounted(Cue.Trigger trigger) {
        Cue.Trigger moment = trigger.counted();
        return moment instanceof Cue.Called
                || moment instanceof Cue.Touches
                || moment instanceof Cue.Crosses
                || moment instanceof Cue.Enters
                || moment instanceof Cue.Near;
    }

    /**
     * The same moment for each time it comes, and for the first up to the fifth time.
     *
     * @param cue one that {@linkplain #canBeCounted can be counted}
     */
    public static List<Cue> times(Cue cue) {
        Optional<String> since = since(cue.trigger());
        List<Cue> times = new ArrayList<>();
        times.add(new Cue(cue.trigger().counted(), cue.delay()));
        for (int n = 1; n <= 5; n++) {
            times.add(new Cue(new Cue.Occurrence(cue.trigger().counted(), n, since), cue.delay()));
        }
        return times;
    }

    /**
     * The same moment counted from the whistle, and from the end of each thing that somebody does.
     *
     * @param cue one that {@linkplain #canBeCounted can be counted}
     */
    public static List<Cue> since(Cue cue, Action action, Stage stage) {
        int nth = cue.trigger() instanceof Cue.Occurrence o ? o.nth() : 1;
        List<Cue> all = new ArrayList<>();
        all.add(new Cue(new Cue.Occurrence(cue.trigger().counted(), nth, Optional.empty()), cue.delay()));
        stage.actions().stream()
                .filter(a -> a instanceof Travel || a instanceof Action.Delivery)
                .filter(a -> !CueChoices.waitsFor(a, action, stage))
                .forEach(a -> all.add(
                        new Cue(new Cue.Occurrence(cue.trigger().counted(), nth, Optional.of(a.id())), cue.delay())));
        return all;
    }

    /** The same crossing either way and each way; empty for what is no crossing. */
    public static List<Cue> headings(Cue cue) {
        if (!(cue.trigger().counted() instanceof Cue.Crosses c)) {
            return List.of();
        }
        List<Cue> all = new ArrayList<>();
        for (Cue.Crosses.Heading heading : Cue.Crosses.Heading.values()) {
            Cue.Trigger crosses = new Cue.Crosses(c.who(), c.line(), heading);
            Cue.Trigger moment = cue.trigger() instanceof Cue.Occurrence o
                    ? new Cue.Occurrence(crosses, o.nth(), o.since())
                    : crosses;
            all.add(new Cue(moment, cue.delay()));
        }
        return all;
    }

    private static Optional<String> since(Cue.Trigger trigger) {
        return trigger instanceof Cue.Occurrence o ? o.since() : Optional.empty();
    }
}
