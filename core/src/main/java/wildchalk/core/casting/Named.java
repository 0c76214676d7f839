package wildchalk.core.casting;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Figure;
import wildchalk.core.effort.OwnFigures;
import wildchalk.core.motion.Speeds;
import wildchalk.core.squad.FirstNames;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Pace;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surface;

/**
 * A casting with the people that it is about: what is looked at has their names, and goes at their own speeds.
 *
 * @param squad whose people they are
 */
public record Named(Casting casting, Squad squad) {

    /** What somebody in front of a role is called; empty when nobody plays it. */
    public Optional<String> name(String role) {
        Map<String, String> names = FirstNames.of(squad.all().toList());
        return casting.front(role).map(names::get);
    }

    /** A rung with names in place of labels, everybody as fast as they are. */
    public Stage on(Stage stage, Surface surface) {
        Map<String, String> names = FirstNames.of(squad.all().toList());
        OwnFigures figures = stage.effort().own();
        for (Map.Entry<String, List<String>> role : casting.people().entrySet()) {
            Optional<Member> who = role.getValue().stream().findFirst().flatMap(squad::person);
            if (who.isPresent() && stage.person(role.getKey()).isPresent()) {
                figures = figures(figures, role.getKey(), who.get(), stage, surface);
            }
        }
        return stage.withPieces(pieces(stage.pieces(), names)).at(stage.effort().with(figures));
    }

    /** A whole drill with names in place of labels. It is for handing out where names are wanted, never for keeping. */
    public Drill on(Drill drill) {
        Map<String, String> names = FirstNames.of(squad.all().toList());
        return drill.withLadder(drill.ladder().stream()
                .map(r -> new Rung(
                        r.id(),
                        r.title(),
                        r.from(),
                        r.plan(),
                        pieces(r.pieces(), names),
                        r.actions(),
                        r.instructions(),
                        r.below()))
                .toList());
    }

    private List<Piece> pieces(List<Piece> pieces, Map<String, String> names) {
        return pieces.stream()
                .map(p -> p instanceof Piece.Person person && person.isOnATeam()
                        ? casting.front(person.id())
                                .flatMap(id -> Optional.ofNullable(names.get(id)))
                                .<Piece>map(name -> person.with(person.facing(), name))
                                .orElse(person)
                        : p)
                .toList();
    }

    /** What a drill says of a role itself stays; somebody's own speed is a share of what is usual in that drill. */
    private OwnFigures figures(OwnFigures figures, String role, Member who, Stage stage, Surface surface) {
        if (figures.people().getOrDefault(role, Map.of()).containsKey(Figure.SPRINT)) {
            return figures;
        }
        Speeds usual = Speeds.of(surface, stage.effort());
        Optional<Pace> pace = Pace.of(who, usual);
        if (pace.isEmpty()) {
            return figures;
        }
        double share = pace.get().share();
        return figures.with(
                        role, Figure.SPRINT, within(Figure.SPRINT, usual.top().get(Gait.SPRINT) * share))
                .with(role, Figure.RUN, within(Figure.RUN, usual.top().get(Gait.RUN) * share));
    }

    private static double within(Figure figure, double value) {
        return Math.max(figure.least(), Math.min(figure.most(), value));
    }
}
