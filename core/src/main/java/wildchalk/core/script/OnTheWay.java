package wildchalk.core.script;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Whereabouts.Named;

/**
 * What somebody comes by on their way, in order: what they go round, past, through and over, where they cut, and laps.
 *
 * @param gear what things are called
 * @param places where a person stands who stands still meanwhile; empty for who moves
 */
record OnTheWay(Stage stage, Words words, GearNames gear, Unit unit, Function<Piece.Person, Optional<Vec>> places) {

    /** Nearer than this somebody comes by a thing where they turn, and where they do not, metres. */
    private static final double BY = 1.8;

    private static final double PAST = 1.2;
    /** Nearer than this they come over it, metres. */
    private static final double OVER = 0.5;
    /** What is so near to an end is told as that end, metres. */
    private static final double END = 1.3;
    /** Who turns by as much goes round what is inside, and by so much more one says which way, radians. */
    private static final double ROUND = Math.toRadians(50);

    private static final double ABOUT = Math.toRadians(110);
    /** A bend is told from what happens so far before and after it, metres. */
    private static final double BEND = 2;
    /** Who turns by as much within a stride or two cuts, radians and metres. */
    private static final double CUT = Math.toRadians(55);

    private static final double STRIDES = 1.6;
    /** More than this nobody remembers. */
    private static final int MOST = 3;
    /** So many things of one kind in a row are told as one. */
    private static final int ROW = 3;

    /** How a thing is passed: the words for it, and whether they stand between commas. */
    private enum Kind {
        ROUND(false),
        TURNING(true),
        CUTTING(true),
        LEAVING(true),
        OVER(false),
        THROUGH(false);

        private final boolean apart;

        Kind(boolean apart) {
            this.apart = apart;
        }
    }

    /**
     * Something one comes by.
     *
     * @param at how far along, metres
     * @param right whether it is to the right of whoever goes there, or they turn that way
     * @param pieces ids of what it is about
     * @param row what can be told as one with others: its kind of gear; empty for none
     */
    private record By(double at, Kind kind, boolean right, String text, List<String> pieces, Optional<GearKind> row) {}

    /**
     * How somebody turns where a thing stands.
     *
     * @param inside whether the thing is where they turn to
     * @param about whether they turn so far that one says which way
     * @param sharp whether they do it within a stride or two
     */
    private record Turn(boolean inside, boolean about, boolean sharp, boolean right) {

        Kind kind() {
            if (!inside) {
                return Kind.CUTTING;
            }
            return about ? Kind.TURNING : Kind.ROUND;
        }

        String key() {
            String side = right ? ".right" : ".left";
            if (inside) {
                return about ? "via.round" + side : "via.round";
            }
            return (sharp ? "via.cut" : "via.turn") + side;
        }
    }

    /**
     * What is said of it.
     *
     * @param words that go on from a length: " round the far cone, over the hurdle"; empty for a plain way
     * @param apart whether a comma stands before what comes next
     * @param round whether it is laps, which lead nowhere
     * @param firstCut metres to the first cut of a way on which nothing else is told; 0 for any other
     */
    record Told(List<Named> words, boolean apart, boolean round, double firstCut) {}

    Told along(List<Vec> line) {
        Course course = new Course(line);
        Optional<Named> lap = new Laps(stage, words).of(course);
        if (lap.isPresent()) {
            return new Told(List.of(lap.get()), true, course.start().distance(course.end()) <= Laps.CLOSED, 0);
        }
        List<By> all = new ArrayList<>(gates(course));
        Set<String> told =
                all.stream().flatMap(b -> b.pieces().stream()).collect(Collectors.toCollection(HashSet::new));
        all.addAll(things(course, told));
        all.addAll(zones(course));
        all.addAll(cuts(course, all));
        all.sort(Comparator.comparingDouble(By::at));
        return said(inRows(all));
    }

    private Told said(List<By> all) {
        List<Named> said = new ArrayList<>();
        boolean comma = false;
        for (By by : all.subList(0, Math.min(MOST, all.size()))) {
            boolean apart = comma || by.kind().apart || !said.isEmpty();
            String piece = by.pieces().isEmpty() ? "" : by.pieces().get(0);
            said.add(new Named(words.say(apart ? "list.comma" : "space") + by.text(), piece));
            comma = by.kind().apart;
        }
        boolean onlyCuts =
                !all.isEmpty() && all.stream().allMatch(b -> b.pieces().isEmpty());
        return new Told(said, comma, false, onlyCuts ? all.get(0).at() : 0);
    }

    /** Three and more of a kind are one: a slalom, a row of hurdles. */
    private List<By> inRows(List<By> all) {
        List<By> rows = new ArrayList<>();
        for (int i = 0; i < all.size(); ) {
            int k = i + 1;
            By first = all.get(i);
            while (k < all.size()
                    && first.row().isPresent()
                    && first.row().equals(all.get(k).row())) {
                k++;
            }
            if (k - i >= ROW) {
                rows.add(row(all.subList(i, k)));
            } else {
                rows.addAll(all.subList(i, k));
            }
            i = k;
        }
        return rows;
    }

    private By row(List<By> row) {
        By first = row.get(0);
        boolean weaves = true;
        for (int i = 0; i + 1 < row.size(); i++) {
            weaves &= row.get(i).right() != row.get(i + 1).right();
        }
        String key =
                switch (first.kind()) {
                    case OVER -> "via.over";
                    case THROUGH -> "via.through";
                    default -> weaves ? "via.weave" : "via.along";
                };
        String many = words.say("the", words.count(first.row().orElseThrow(), row.size()));
        return new By(first.at(), Kind.ROUND, false, words.say(key, many), first.pieces(), Optional.empty());
    }

    private List<By> gates(Course course) {
        Gates gates = new Gates(stage, words, gear);
        List<By> through = new ArrayList<>();
        Set<String> used = new HashSet<>();
        for (Gates.Gate gate : gates.near(course)) {
            List<String> posts = List.of(gate.a().id(), gate.b().id());
            double at = gate.crossing(course);
            if (at >= 0 && posts.stream().noneMatch(used::contains)) {
                used.addAll(posts);
                through.add(
                        new By(at, Kind.THROUGH, false, gates.through(gate, course.start()), posts, Optional.empty()));
            }
        }
        return through;
    }

    private Stream<Piece.Item> items() {
        return stage.pieces().stream()
                .filter(Piece.Item.class::isInstance)
                .map(Piece.Item.class::cast)
                .filter(i -> i.kind() != GearKind.BAG && stage.inHand(i.id()).isEmpty());
    }

    private List<By> things(Course course, Set<String> told) {
        List<By> all = new ArrayList<>();
        items().filter(i -> !told.contains(i.id())).forEach(i -> by(
                        course,
                        i.at(),
                        () -> words.say("the", gear.name(i, course.start())),
                        i.id(),
                        Optional.of(i.kind()))
                .ifPresent(all::add));
        stage.people().forEach(p -> places.apply(p)
                .flatMap(at -> by(course, at, () -> words.name(p), p.id(), Optional.empty()))
                .filter(b -> b.kind() != Kind.OVER && b.kind() != Kind.LEAVING)
                .ifPresent(all::add));
        return all;
    }

    private Optional<By> by(Course course, Vec thing, Supplier<String> called, String id, Optional<GearKind> kind) {
        if (!course.mayComeNear(thing, BY)) {
            return Optional.empty();
        }
        int i = course.nearest(thing);
        double off = course.points().get(i).distance(thing);
        if (off > BY || thing.distance(course.start()) <= END || thing.distance(course.end()) <= END) {
            return Optional.empty();
        }
        String name = called.get();
        boolean right = course.way(i).cross(thing.minus(course.points().get(i))) > 0;
        double turn = course.turning(i, BEND);
        double at = course.along(i);
        boolean over = off < OVER
                && kind.filter(k -> isGoneOver(k) || isGoneThrough(k)).isPresent();
        if (over) {
            boolean through = isGoneThrough(kind.orElseThrow());
            return Optional.of(new By(
                    at,
                    through ? Kind.THROUGH : Kind.OVER,
                    right,
                    words.say(through ? "via.through" : "via.over", name),
                    List.of(id),
                    kind));
        }
        if (Math.abs(turn) >= ROUND) {
            boolean sharp = Math.abs(course.turning(i, STRIDES / 2)) >= CUT;
            boolean inside = off < OVER || right == turn > 0;
            Turn how = new Turn(inside, Math.abs(turn) >= ABOUT, sharp, turn > 0);
            return Optional.of(new By(at, how.kind(), turn > 0, words.say(how.key(), name), List.of(id), kind));
        }
        return off > PAST
                ? Optional.empty()
                : Optional.of(new By(
                        at,
                        Kind.LEAVING,
                        right,
                        words.say(right ? "via.past.right" : "via.past.left", name),
                        List.of(id),
                        kind));
    }

    private static boolean isGoneOver(GearKind kind) {
        return kind == GearKind.HURDLE || kind == GearKind.TAPE_LINE || kind == GearKind.BOX || kind == GearKind.BENCH;
    }

    private static boolean isGoneThrough(GearKind kind) {
        return kind == GearKind.LADDER || kind == GearKind.HOOP;
    }

    /** Areas that were drawn, from outside to outside; those at an end are told as the end. */
    private List<By> zones(Course course) {
        List<By> all = new ArrayList<>();
        for (Piece piece : stage.pieces()) {
            if (piece instanceof Piece.Zone zone && !zone.contains(course.start()) && !zone.contains(course.end())) {
                for (int i = 0; i < course.points().size(); i++) {
                    if (zone.contains(course.points().get(i))) {
                        all.add(new By(
                                course.along(i),
                                Kind.THROUGH,
                                false,
                                words.say("via.through", words.zone(zone)),
                                List.of(zone.id()),
                                Optional.empty()));
                        break;
                    }
                }
            }
        }
        return all;
    }

    /** Cuts where nothing stands. */
    private List<By> cuts(Course course, List<By> told) {
        List<Integer> cuts = course.cuts(CUT, STRIDES).stream()
                // Who is still moving as they set off turns into their way, and cuts nowhere.
                .filter(i -> course.along(i) > BEND && course.along(i) < course.length() - END)
                .filter(i -> told.stream().noneMatch(b -> Math.abs(b.at() - course.along(i)) <= BEND))
                .toList();
        if (cuts.size() + told.size() > MOST) {
            return List.of();
        }
        return cuts.stream()
                .map(i -> {
                    boolean right = course.turning(i, STRIDES / 2) > 0;
                    return new By(
                            course.along(i),
                            Kind.CUTTING,
                            right,
                            words.say(
                                    right ? "via.cut.after.right" : "via.cut.after.left", unit.spoken(course.along(i))),
                            List.of(),
                            Optional.empty());
                })
                .toList();
    }
}
