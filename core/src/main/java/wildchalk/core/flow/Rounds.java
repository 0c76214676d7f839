package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/** Along whom a stretch moves on that happens again. */
final class Rounds {

    /** Who is nearer to the middle of a ring than this share of its size is not on it; assumed. */
    private static final double ON_THE_RING = 0.5;

    private Rounds() {}

    /**
     * Along whom it could move on, the likeliest first: everybody round their middle, from whoever the stretch begins
     * with towards whoever it goes to, and each line-up that has a part in it, whose next one has it the next time.
     *
     * @param stretch ids of the actions, in order
     */
    static List<List<String>> of(Stage stage, List<String> stretch) {
        List<Action> actions =
                stage.actions().stream().filter(a -> stretch.contains(a.id())).toList();
        if (actions.isEmpty()) {
            return List.of();
        }
        String first = actions.get(0).who();
        Set<String> about = new LinkedHashSet<>();
        actions.forEach(a -> about.add(a.who()));
        List<String> receivers = actions.stream()
                .flatMap(a -> a.receiver().stream())
                .filter(r -> stage.person(r).isPresent())
                .toList();
        about.addAll(receivers);
        List<List<String>> all = new ArrayList<>();
        about.stream()
                .filter(id ->
                        stage.person(id).filter(Piece.LineUp.class::isInstance).isPresent())
                .forEach(id -> all.add(List.of(id)));
        receivers.stream()
                .filter(r -> !r.equals(first))
                .reduce((one, later) -> later)
                .map(next -> round(stage, first, next))
                .ifPresent(ring -> all.add(ring.size() > 2 ? 0 : all.size(), ring));
        return List.copyOf(all);
    }

    private static List<String> round(Stage stage, String first, String next) {
        List<Piece.Person> all =
                stage.people().stream().filter(p -> !(p instanceof Piece.Coach)).toList();
        Vec middle = all.stream().map(stage::place).reduce(Vec.ZERO, Vec::plus).times(1.0 / all.size());
        Vec from = stage.place(stage.person(first).orElseThrow()).minus(middle);
        Vec to = stage.place(stage.person(next).orElseThrow()).minus(middle);
        double way = Math.signum(from.cross(to)) == 0 ? 1 : Math.signum(from.cross(to));
        List<Piece.Person> ring = new ArrayList<>(all.stream()
                .filter(p -> stage.place(p).minus(middle).length() >= ON_THE_RING * from.length())
                .toList());
        ring.sort(Comparator.comparingDouble(
                p -> p.id().equals(first) ? -1 : round(from, stage.place(p).minus(middle), way)));
        return ring.stream().map(Piece::id).toList();
    }

    /** How far round from a direction another is, radians, 0 to a full turn. */
    private static double round(Vec from, Vec to, double way) {
        double by = Math.atan2(from.cross(to), from.dot(to)) * way;
        return by < 0 ? by + 2 * Math.PI : by;
    }
}
