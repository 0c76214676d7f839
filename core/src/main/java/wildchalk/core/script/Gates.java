package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/** Gates: two like pieces between which one goes. */
final class Gates {

    /** Two like things so near to each other are a gate, metres. */
    private static final double WIDEST = 4;
    /** What stands so near to the line through both is in a row with them, metres. */
    private static final double ROW = 0.5;
    /** The next one of a row is at most so many times as far away as they are wide. */
    private static final double NEXT = 1.5;

    private final Words words;
    private final GearNames names;
    private final List<Gate> all = new ArrayList<>();

    /** Its two posts. */
    record Gate(Piece.Item a, Piece.Item b) {

        Vec middle() {
            return a.at().towards(b.at(), 0.5);
        }

        /** How far along a line goes through; less than 0 where it does not. */
        double crossing(Course course) {
            List<Vec> line = course.points();
            for (int i = 0; i + 1 < line.size(); i++) {
                Vec p = line.get(i);
                Vec q = line.get(i + 1);
                boolean splitByLine =
                        q.minus(p).cross(a.at().minus(p)) * q.minus(p).cross(b.at().minus(p)) < 0;
                Vec wide = b.at().minus(a.at());
                // Who stands on the line between both is not through yet.
                boolean splitByGate = wide.cross(p.minus(a.at())) > 0 != wide.cross(q.minus(a.at())) > 0;
                if (splitByLine && splitByGate) {
                    return course.along(i);
                }
            }
            return -1;
        }
    }

    Gates(Stage stage, Words words, GearNames names) {
        this.words = words;
        this.names = names;
        List<Piece.Item> posts = stage.pieces().stream()
                .filter(Piece.Item.class::isInstance)
                .map(Piece.Item.class::cast)
                .filter(i -> i.kind().standsForGate() && stage.inHand(i.id()).isEmpty())
                .toList();
        for (int i = 0; i < posts.size(); i++) {
            for (int k = i + 1; k < posts.size(); k++) {
                if (isGate(posts.get(i), posts.get(k), posts)) {
                    all.add(new Gate(posts.get(i), posts.get(k)));
                }
            }
        }
    }

    List<Gate> all() {
        return all;
    }

    private static boolean isGate(Piece.Item a, Piece.Item b, List<Piece.Item> posts) {
        return isAlike(a, b)
                && a.at().distance(b.at()) <= WIDEST
                && posts.stream()
                        .filter(p -> p != a && p != b && isAlike(p, a))
                        .noneMatch(p -> isInRow(p.at(), a.at(), b.at()));
    }

    private static boolean isAlike(Piece.Item a, Piece.Item b) {
        return a.kind() == b.kind() && a.colour() == b.colour();
    }

    /** A row of cones is there to weave through, and its gaps are no gates. */
    private static boolean isInRow(Vec p, Vec a, Vec b) {
        double off = Math.abs(b.minus(a).unit().cross(p.minus(a)));
        return off < ROW && Math.min(p.distance(a), p.distance(b)) <= NEXT * a.distance(b);
    }

    /** "through the yellow gate", "between the yellow cones A and B", "through the far red gate". */
    String through(Gate gate, Vec from) {
        Piece.Item a = gate.a();
        Piece.Item b = gate.b();
        if (!a.label().isBlank() && !b.label().isBlank()) {
            return words.say("via.between", words.name(a), b.label());
        }
        List<Gate> alike = all.stream().filter(g -> isAlike(g.a(), a)).toList();
        String name = words.say("gate", words.colour(a.colour()));
        return words.say(
                "via.through",
                words.say(
                        "the",
                        names.which(
                                alike.stream().map(Gate::middle).toList(),
                                alike.indexOf(gate),
                                Optional.of(from),
                                name)));
    }
}
