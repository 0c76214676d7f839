package wildchalk.core.rehearsal;

import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.implied.Those;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Posture;

/** How low people are: how they start, when they are down, and when they are up again and can go on. */
final class Postures {

    private final Map<String, Double> ready = new HashMap<>();

    /** How somebody stands before the whistle. */
    static PersonTrack first(Stage stage, Piece.Person person) {
        Optional<Given.Low> low = stage.instructions(Given.Starts.class).stream()
                .filter(s -> Those.isMeant(s.whom(), person))
                .map(Given.Starts::low)
                .findFirst();
        boolean turned = low.filter(l -> l == Given.Low.BACK_TURNED).isPresent();
        PersonTrack track = new PersonTrack(new Pose(person.at(), turned ? away(stage, person) : person.facing()));
        low.ifPresent(l -> {
            switch (l) {
                case LYING -> track.is(Posture.LYING, Double.NEGATIVE_INFINITY);
                case KNEELING -> track.is(Posture.KNEELING, Double.NEGATIVE_INFINITY);
                case BACK_TURNED -> {}
            }
        });
        return track;
    }

    /** Away from the nearest ball; where there is none, from the middle of all others. */
    private static double away(Stage stage, Piece.Person person) {
        Optional<Vec> ball = stage.balls().stream()
                .map(stage::place)
                .filter(b -> b.distance(person.at()) > 0.1)
                .min(Comparator.comparingDouble(b -> b.distance(person.at())));
        Vec middle = ball.orElseGet(() -> stage.people().stream()
                .filter(p -> !p.id().equals(person.id()))
                .map(Piece::at)
                .reduce(Vec::plus)
                .map(sum -> sum.times(1.0 / (stage.people().size() - 1)))
                .orElse(person.at()));
        Vec off = person.at().minus(middle);
        return off.length() < 0.1 ? person.facing() : off.angle();
    }

    /** Somebody has their hands full until a time, seconds. */
    void isBusy(String who, double until) {
        ready.merge(who, until, Math::max);
    }

    /** When somebody can begin what moves the body: whoever is down gets up first. */
    double readyFor(Action action, PersonTrack track, double now) {
        if (!moves(action)) {
            return now;
        }
        double free = Math.max(now, ready.getOrDefault(action.who(), now));
        Posture low = track.posture(free);
        if (low == Posture.UP) {
            return free;
        }
        double up = free + (low == Posture.LYING ? Act.What.GET_UP : Act.What.KNEEL).usual();
        track.is(Posture.UP, up);
        isBusy(action.who(), up);
        return up;
    }

    private static boolean moves(Action action) {
        boolean stands = action instanceof Hold h && h.facing().isEmpty() && h.turn() != Hold.Turn.SPIN;
        return action instanceof Travel || action instanceof Shadow || action instanceof Hold && !stands;
    }
}
