package wildchalk.core.script;

import java.util.ArrayList;
import java.util.Comparator;
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
    private final List<Piece.Item> posts;
    private final List<Piece.Item> acrossThePage;
    private List<Gate> all;

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
        this.posts = stage.pieces().stream()
                .filter(Piece.Item.class::isInstance)
                .map(Piece.Item.class::cast)
                .filter(i -> i.kind().standsForGate() && stage.inHand(i.id()).isEmpty())
                .toList();
        this.acrossThePage = posts.stream()
                .sorted(Comparator.comparingDouble(p -> p.at().x()))
                .toList();
    }

    /** All there are, in the order of their posts. */
    private List<Gate> all() {
        if (all == null) {
            all = among(posts);
        }
        return all;
    }

    /** Those through which a course may go: each of their posts is nearer to it than they are wide. */
    List<Gate> near(Course course) {
        return among(posts.stream()
                .filter(p -> course.mayComeNear(p.at(), WIDEST) && course.distance(p.at()) <= WIDEST)
                .toList());
    }

    private List<Gate> among(List<Piece.Item> some) {
        List<Gate> gates = new ArrayList<>();
        for (int i = 0; i < some.size(); i++) {
            for (int k = i + 1; k < some.size(); k++) {
                if (isGate(some.get(i), some.get(k))) {
                    gates.add(new Gate(some.get(i), some.get(k)));
                }
            }
        }
        return gates;
    }

    private boolean isGate(Piece.Item a, Piece.Item b) {
        if (Math.abs(a.at().x() - b.at().x()) > WIDEST || !isAlike(a, b)) {
            return false;
        }
        double wide = a.at().distance(b.at());
        return wide <= WIDEST && !isInRow(a, b, NEXT * wide);
    }

    /** Whether any other like one stands in a row with two: looked for among those that are near across the page. */
    private boolean isInRow(Piece.Item a, Piece.Item b, double near) {
        double left = Math.min(a.at().x(), b.at().x()) - near;
        double right = Math.max(a.at().x(), b.at().x()) + near;
        for (int i = from(left); i < acrossThePage.size(); i++) {
            Piece.Item p = acrossThePage.get(i);
            if (p.at().x() > right) {
                return false;
            }
            if (p != a && p != b && isAlike(p, a) && isInRow(p.at(), a.at(), b.at())) {
                return true;
            }
        }
        return false;
    }

    /** The first across the page that stands at a place or to the right of it. */
    private int from(double x) {
        int low = 0;
        int high = acrossThePage.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (acrossThePage.get(middle).at().x() < x) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
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
        List<Gate> alike = all().stream().filter(g -> isAlike(g.a(), a)).toList();
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
