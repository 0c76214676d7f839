package wildchalk.core.check.over;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.ask.Answer;
import wildchalk.core.ask.Answer.Drawn;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.timeline.Timeline;

/** What is drawn on the board for something found: a ring round each who is meant, and how far apart they are. */
public final class Ringed {

    /** Two who are nearer than this have no room for words between them, metres. */
    private static final double APART = 3;

    private Ringed() {}

    /**
     * What is drawn of a finding at its moment.
     *
     * @param stage the rung it is seen on
     * @param timeline of it, going the way on which it is seen
     */
    public static List<Drawn> of(Spotted spotted, Stage stage, Timeline timeline, Unit unit) {
        double t = spotted.t().orElse(0);
        List<Vec> places = new ArrayList<>();
        for (String id : spotted.who()) {
            place(id, stage, timeline, t).filter(p -> !places.contains(p)).ifPresent(places::add);
        }
        List<Drawn> drawn = new ArrayList<>();
        if (!places.isEmpty()) {
            drawn.add(drawn(Sign.Kind.RING, places, ""));
        }
        Optional<Vec> at = spotted.scene().at();
        if (spotted.scene().metres().isPresent()) {
            String metres = Rep.metres(unit, spotted.scene().metres().getAsDouble());
            if (places.size() >= 2 && places.get(0).distance(places.get(places.size() - 1)) > APART) {
                drawn.add(drawn(Sign.Kind.GAP, List.of(places.get(0), places.get(places.size() - 1)), metres));
            } else {
                at.or(() -> places.stream().findFirst())
                        .ifPresent(p -> drawn.add(drawn(Sign.Kind.NOTE, List.of(p), metres)));
            }
        } else if (places.isEmpty()) {
            at.ifPresent(p -> drawn.add(drawn(Sign.Kind.RING, List.of(p), "")));
        }
        return drawn;
    }

    private static Drawn drawn(Sign.Kind kind, List<Vec> points, String words) {
        return new Drawn(kind, points, 0, Answer.Verdict.BAD, words, Optional.empty());
    }

    /** Where somebody or something is; of what somebody does, where they are. */
    private static Optional<Vec> place(String id, Stage stage, Timeline timeline, double t) {
        if (timeline.people().contains(id)) {
            return Optional.of(timeline.at(id, t));
        }
        if (timeline.balls().contains(id)) {
            return Optional.of(timeline.ball(id, t));
        }
        Optional<Vec> piece =
                stage.piece(id).filter(p -> !(p instanceof Piece.Area)).map(stage::place);
        return piece.or(() -> stage.action(id)
                .map(Action::who)
                .filter(timeline.people()::contains)
                .map(w -> timeline.at(w, t)));
    }
}
