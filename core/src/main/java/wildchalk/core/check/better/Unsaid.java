package wildchalk.core.check.better;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Travel;
import wildchalk.core.surface.Surface;

/** A drill without a coaching point, and cautions that usually go with what is in it. */
final class Unsaid implements DrillCheck {

    private static final Pattern SHOTS = Pattern.compile(Said.BOOK.say("care.shots.words"));
    private static final Pattern RACE = Pattern.compile(Said.BOOK.say("care.race.words"));
    private static final Pattern LIVE = Pattern.compile(Said.BOOK.say("care.live.words"));
    private static final Pattern CHASE = Pattern.compile(Said.BOOK.say("care.chase.words"));

    @Override
    public String id() {
        return "no-point";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        List<Spotted> found = new ArrayList<>();
        List<Action> all = looked.rungs().stream()
                .map(Rep::stage)
                .flatMap(s -> s.actions().stream())
                .toList();
        if (looked.drill().points().isEmpty() && !all.isEmpty()) {
            found.add(Said.of(id(), id()));
        }
        boolean goals = looked.surface().targets().stream().anyMatch(t -> t.shape() == Surface.Target.Shape.GOAL);
        boolean shots = all.stream().anyMatch(a -> a instanceof Action.Shot) && goals;
        boolean hard = all.stream().anyMatch(a -> a instanceof Action.Pass p && p.force() == Force.HARD);
        boolean race = all.stream()
                .anyMatch(a -> a instanceof Travel.Collect c
                        && all.stream()
                                .anyMatch(o -> o instanceof Travel.Collect d
                                        && !d.who().equals(c.who())
                                        && c.wanted().isPresent()
                                        && d.wanted().equals(c.wanted())));
        boolean chase = all.stream().anyMatch(a -> a instanceof Shadow s && s.way() == Shadow.Way.CHASE);
        care(looked, found, shots || hard, "care.shots", SHOTS);
        care(looked, found, race, "care.race", RACE);
        care(looked, found, chase, "care.chase", CHASE);
        care(looked, found, all.stream().anyMatch(PlayOn.class::isInstance), "care.live", LIVE);
        return found;
    }

    private static void care(Looked looked, List<Spotted> found, boolean there, String key, Pattern said) {
        if (there && !looked.spoken().cautions(said)) {
            found.add(Said.of("no-caution", key)
                    .about(List.of(key))
                    .as(Spotted.Sure.LOOK)
                    .mending(() -> List.of(Remedies.caution(looked.drill(), Said.BOOK.say(key + ".caution")))));
        }
    }
}
