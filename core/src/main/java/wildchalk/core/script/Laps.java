package wildchalk.core.script;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Polygon;
import wildchalk.core.geometry.Vec;
import wildchalk.core.script.Whereabouts.Named;

/** Says of who goes round how often, which way and what: laps when they end where they began, else a loop. */
record Laps(Stage stage, Words words) {

    /** Who turns by as much has gone round, radians. */
    private static final double LOOP = Math.toRadians(300);
    /** Who ends so near to where they began has gone a lap, metres. */
    static final double CLOSED = 2.5;
    /** So much of a turn is left for the corner at which laps end and begin, which nobody turns. */
    private static final double LAST_CORNER = 0.15;
    /** Nearer than this to the line is what is gone round, metres. */
    private static final double BESIDE = 1.8;

    /** ", two laps clockwise round the 4 cones"; empty for who does not go round. */
    Optional<Named> of(Course course) {
        double turned = course.turning();
        if (Math.abs(turned) < LOOP) {
            return Optional.empty();
        }
        boolean closed = course.start().distance(course.end()) <= CLOSED;
        int times = Math.max(1, (int) Math.round(Math.abs(turned) / (2 * Math.PI) + (closed ? LAST_CORNER : 0)));
        List<Piece.Item> inside = stage.pieces().stream()
                .filter(Piece.Item.class::isInstance)
                .map(Piece.Item.class::cast)
                .filter(i -> i.kind() != GearKind.BAG && isInside(course, i.at()))
                .toList();
        String way = words.say(turned > 0 ? "clockwise" : "anticlockwise");
        String round = inside.isEmpty() ? "" : words.say("space") + words.say("via.round", middle(inside));
        String text = words.say(closed ? "lap" : "loop", times, words.number(times), way, round);
        return Optional.of(new Named(
                words.say("list.comma") + text,
                inside.isEmpty() ? "" : inside.get(0).id()));
    }

    private static boolean isInside(Course course, Vec p) {
        return Polygon.contains(course.points(), p)
                || course.points().get(course.nearest(p)).distance(p) <= BESIDE;
    }

    private String middle(List<Piece.Item> inside) {
        Piece.Item first = inside.get(0);
        if (inside.size() > 1 && inside.stream().allMatch(i -> i.kind() == first.kind())) {
            return words.say("the", words.count(first.kind(), inside.size()));
        }
        Vec middle =
                inside.stream().map(Piece.Item::at).reduce(Vec.ZERO, Vec::plus).times(1.0 / inside.size());
        return words.say(
                "the",
                words.name(inside.stream()
                        .min(Comparator.comparingDouble(i -> i.at().distance(middle)))
                        .orElse(first)));
    }
}
