package wildchalk.core.ask;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/**
 * Numbers on each side of the ball from a moment on: those of the team that has it, against those of other teams who
 * are between it and the goal. Goalkeepers, coaches and those who wait in a line-up are not counted.
 *
 * @param t seconds after the whistle
 * @param joined id of who made it another number by coming or leaving; empty for the first, or for several at once
 */
public record Balance(double t, int attackers, int defenders, Optional<String> joined) {

    private static final double LOOK = 0.1;
    /** A number that lasts no longer than this is not said, seconds; assumed. */
    private static final double BRIEF = 0.3;
    /** So much nearer to the goal than the ball somebody is behind it, metres; assumed: about a stride. */
    private static final double BEHIND = 0.5;

    private record Moment(double t, Set<String> defenders) {}

    /** How the numbers go until the first shot, first to last; empty where nothing is shot at, or nobody opposes. */
    public static List<Balance> of(Stage stage, Timeline timeline, Surface surface) {
        Optional<Event> shot = timeline.events().stream()
                .filter(e -> e.kind() == Event.Kind.RELEASE
                        && e.ball() != null
                        && stage.action(e.action())
                                .filter(Action.Shot.class::isInstance)
                                .isPresent())
                .findFirst();
        Optional<Bib> bib = shot.flatMap(e -> stage.person(e.who())).map(Piece.Person::bib);
        List<Piece.Player> players = stage.pieces().stream()
                .filter(Piece.Player.class::isInstance)
                .map(Piece.Player.class::cast)
                .toList();
        if (bib.isEmpty() || players.stream().allMatch(p -> p.bib() == bib.get())) {
            return List.of();
        }
        Vec goal = new Places(stage, surface)
                .of(((Action.Shot) stage.action(shot.get().action()).orElseThrow()).to());
        Set<String> attackers = ids(players.stream().filter(p -> p.bib() == bib.get() && takesPart(p, stage)));
        List<Moment> moments = new ArrayList<>();
        for (double t = 0; t <= shot.get().t(); t += LOOK) {
            double at = t;
            double ball = timeline.ball(shot.get().ball(), at).distance(goal);
            moments.add(new Moment(
                    at,
                    ids(players.stream()
                            .filter(p -> p.bib() != bib.get()
                                    && timeline.at(p.id(), at).distance(goal) < ball - BEHIND))));
        }
        return told(moments, attackers.size());
    }

    /** Whoever does something, or is passed to. */
    private static boolean takesPart(Piece.Player player, Stage stage) {
        return stage.actions().stream()
                .anyMatch(a -> a.who().equals(player.id())
                        || a.receiver().filter(player.id()::equals).isPresent());
    }

    private static Set<String> ids(Stream<? extends Piece> pieces) {
        return pieces.map(Piece::id).collect(Collectors.toSet());
    }

    /** The numbers that last. */
    private static List<Balance> told(List<Moment> moments, int attackers) {
        List<Balance> told = new ArrayList<>();
        Set<String> before = Set.of();
        for (int i = 0; i < moments.size(); i++) {
            Set<String> now = moments.get(i).defenders();
            boolean another = told.isEmpty() || told.get(told.size() - 1).defenders() != now.size();
            if (another && lasts(moments, i)) {
                told.add(new Balance(
                        moments.get(i).t(),
                        attackers,
                        now.size(),
                        told.isEmpty() ? Optional.empty() : onlyOne(before, now)));
                before = now;
            }
        }
        return List.copyOf(told);
    }

    private static boolean lasts(List<Moment> moments, int from) {
        int until = Math.min(moments.size(), from + (int) Math.ceil(BRIEF / LOOK) + 1);
        return moments.subList(from, until).stream()
                .allMatch(m ->
                        m.defenders().size() == moments.get(from).defenders().size());
    }

    private static Optional<String> onlyOne(Set<String> before, Set<String> now) {
        Set<String> changed = new TreeSet<>(before);
        changed.addAll(now);
        changed.removeIf(id -> before.contains(id) && now.contains(id));
        return changed.size() == 1 ? Optional.of(changed.iterator().next()) : Optional.empty();
    }
}
