package wildchalk.core.surface;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.geometry.Vec;

/** The figures are those of the rule books named in each surface file, from memory; feet are 0.3048 m. */
class SurfacesTest {

    private static final double CENTIMETRE = 0.01;

    static List<Surface> all() {
        return Surfaces.BUILT_IN.all();
    }

    /** Length and width of the playing area, end zones and in-goal areas included, and the rule. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ice-rink-na | 60.96 | 25.908 | 200 by 85 ft",
                "ice-rink-intl | 60 | 30 | 60 by 30 m, the widest the newer rules allow",
                "basketball-intl | 28 | 15 | 28 by 15 m between the inner edges",
                "basketball-us-college | 28.6512 | 15.24 | 94 by 50 ft",
                "basketball-us-school | 25.6032 | 15.24 | 84 by 50 ft",
                "basketball-3x3 | 11 | 15 | 11 by 15 m",
                "volleyball-indoor | 18 | 9 | 18 by 9 m",
                "volleyball-beach | 16 | 8 | 16 by 8 m",
                "football-11 | 105 | 68 | 105 by 68 m, within 90 to 120 by 45 to 90",
                "football-9 | 73.152 | 45.72 | 80 by 50 yd, usual",
                "football-7 | 54.864 | 36.576 | 60 by 40 yd, usual",
                "futsal | 40 | 20 | 40 by 20 m",
                "gridiron-us-school | 109.728 | 48.768 | 120 by 53 1/3 yd with both end zones",
                "gridiron-us-college | 109.728 | 48.768 | 120 by 53 1/3 yd with both end zones",
                "gridiron-us-pro | 109.728 | 48.768 | 120 by 53 1/3 yd with both end zones",
                "gridiron-ca | 137.16 | 59.436 | 150 by 65 yd with both end zones",
                "rugby-union | 120 | 70 | 100 by 70 m and in-goals of 10 m",
                "rugby-league | 116 | 68 | 100 by 68 m and in-goals of 8 m",
                "field-hockey | 91.4 | 55 | 91.40 by 55.00 m",
                "lacrosse-men | 100.584 | 54.864 | 110 by 60 yd",
                "lacrosse-women | 100.584 | 54.864 | 110 by 60 yd, usual",
                "lacrosse-box | 60.96 | 25.908 | 200 by 85 ft, the largest usual",
                "handball | 40 | 20 | 40 by 20 m",
                "netball | 30.5 | 15.25 | 30.5 by 15.25 m",
                "open-grass | 40 | 30 | chosen by the coach",
                "open-gym | 28 | 15 | chosen by the coach",
                "open-ice | 30 | 26 | chosen by the coach",
            })
    void hasItsSize(String id, double length, double width, String rule) {
        assertEquals(length, Surfaces.BUILT_IN.get(id).length(), 1e-9, rule);
        assertEquals(width, Surfaces.BUILT_IN.get(id).width(), 1e-9, rule);
    }

    /**
     * Landmark, metres from the end line (or end boards) and from the line through the middle along the length, rule.
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ice-rink-na | left-post | 3.3528 | 0.9144 | goal line 11 ft out, goal 6 ft wide",
                "ice-rink-na | right-face-off-spot | 9.4488 | 6.7056 | 20 ft from the goal line, 22 ft from the middle",
                "ice-rink-na | left-circle-top | 14.0208 | 6.7056 | circle of 15 ft",
                "ice-rink-na | right-neutral-spot | 24.384 | 6.7056 | 5 ft outside the blue line",
                "ice-rink-intl | left-post | 4 | 0.915 | goal line 4 m out, goal 1.83 m",
                "ice-rink-intl | left-face-off-spot | 10 | 7 | 6 m from the goal line, 7 m from the middle",
                "ice-rink-intl | left-circle-top | 14.5 | 7 | circle of 4.5 m",
                "basketball-intl | rim | 1.575 | 0 | basket centre 1.575 m from the end line",
                "basketball-intl | left-elbow | 5.80 | 2.45 | free-throw line 5.80 m, key 4.90 m wide",
                "basketball-intl | top-of-arc | 8.325 | 0 | 6.75 m from the basket",
                "basketball-intl | left-three-baseline | 0 | 6.60 | 0.90 m from the sideline",
                "basketball-us-college | rim | 1.6002 | 0 | 63 in",
                "basketball-us-college | left-elbow | 5.7912 | 1.8288 | 19 ft from the baseline, lane 12 ft",
                "basketball-us-college | top-of-arc | 8.3503 | 0 | 22 ft 1.75 in from the basket",
                "basketball-us-school | top-of-arc | 7.62 | 0 | 19 ft 9 in from the basket",
                "basketball-us-school | left-three-baseline | 0 | 6.0198 | the line runs straight to the "
                        + "baseline beside the basket, 19 ft 9 in out",
                "basketball-3x3 | rim | 1.575 | 0 | basket centre 1.575 m from the end line",
                "volleyball-indoor | left-attack-line-sideline | 6 | 4.5 | 3 m from the net",
                "football-11 | penalty-spot | 11 | 0 | 11 m from the goal line",
                "football-11 | left-post | 0 | 3.66 | goal 7.32 m",
                "football-11 | left-area-corner | 16.5 | 20.16 | 16.5 m from the post and from the goal line",
                "football-11 | left-box-corner | 5.5 | 9.16 | goal area 5.5 m from the post and from the goal line",
                "football-9 | left-post | 0 | 2.4384 | 16 ft",
                "football-7 | left-post | 0 | 1.8288 | 12 ft",
                "futsal | second-spot | 10 | 0 | 10 m from the goal line",
                "futsal | penalty-spot | 6 | 0 | 6 m from the goal line",
                "futsal | left-area-goal-line | 0 | 7.58 | 6 m from the outside of the post",
                "gridiron-us-school | left-20-hash | 27.432 | 8.128 | 53 ft 4 in from the sideline, field in thirds",
                "gridiron-us-college | left-20-hash | 27.432 | 6.096 | 60 ft from the sideline",
                "gridiron-us-pro | left-20-hash | 27.432 | 2.8194 | 70 ft 9 in from the sideline",
                "gridiron-us-pro | goal-line-middle | 9.144 | 0 | end zone 10 yd",
                "gridiron-us-pro | left-upright | 0 | 2.8194 | 18 ft 6 in",
                "gridiron-us-school | left-upright | 0 | 3.556 | 23 ft 4 in",
                "gridiron-ca | left-20-hash | 36.576 | 7.7724 | 24 yd from the sideline",
                "gridiron-ca | goal-line-middle | 18.288 | 0 | end zone 20 yd",
                "rugby-union | left-22-touchline | 32 | 35 | 22 m from the goal line, in-goal 10 m",
                "rugby-union | left-post | 10 | 2.8 | posts 5.6 m apart on the goal line",
                "rugby-league | left-20-touchline | 28 | 34 | 20 m from the goal line, in-goal 8 m",
                "rugby-league | left-post | 8 | 2.75 | posts 5.5 m apart on the goal line",
                "field-hockey | penalty-spot | 6.475 | 0 | middle of the spot 6.475 m from the inner edge of "
                        + "the goal line",
                "field-hockey | circle-top | 14.63 | 0 | outer edge 14.63 m from the back-line",
                "field-hockey | 23-middle | 22.9 | 0 | 22.90 m from the back-line",
                "field-hockey | left-post | 0 | 1.83 | goal posts 3.66 m apart",
                "field-hockey | right-circle-baseline | 0 | 16.46 | 14.63 m from the post",
                "lacrosse-men | left-post | 13.716 | 0.9144 | 15 yd from the end line, goal 6 ft",
                "lacrosse-men | left-restraining-sideline | 32.004 | 27.432 | 35 yd from the end line",
                "lacrosse-women | fan-top | 21.144 | 0 | 12 m from the goal line, which is 10 yd from the end line",
                "lacrosse-box | crease-top | 6.477 | 0 | 12 ft, and 9 ft 3 in",
                "handball | seven-metre-middle | 7 | 0 | 7 m from the goal line",
                "handball | left-post | 0 | 1.5 | goal 3 m wide",
                "handball | left-six-metre-goal-line | 0 | 7.5 | 6 m from the inner rear edge of the post",
                "netball | circle-top | 4.9 | 0 | goal circle of 4.9 m",
                "netball | left-third-sideline | 10.1667 | 7.625 | court of 30.5 m in three equal thirds",
            })
    void landmarksAreWhereTheRulesPutThem(String id, String landmark, double fromEnd, double fromMiddle, String rule) {
        Surface surface = Surfaces.BUILT_IN.get(id);
        Vec at = landmark(surface, landmark);
        assertEquals(fromEnd, surface.length() / 2 - at.x(), CENTIMETRE, rule);
        assertEquals(fromMiddle, Math.abs(at.y()), CENTIMETRE, rule);
        if (!id.equals("basketball-3x3")) {
            assertEquals(
                    0,
                    at.mirrored(true, false).distance(landmark(surface, "own-" + landmark)),
                    1e-9,
                    "the own end is the attacking end seen in a mirror");
        }
    }

    private static Vec landmark(Surface surface, String id) {
        return surface.landmarks().stream()
                .filter(l -> l.id().equals(id))
                .findFirst()
                .orElseThrow()
                .at();
    }

    /** Target, its width and height in metres. */
    @ParameterizedTest
    @CsvSource({
        "ice-rink-na, 1.8288, 1.2192",
        "basketball-intl, 0.45, 3.05",
        "basketball-us-college, 0.4572, 3.048",
        "football-11, 7.32, 2.44",
        "futsal, 3, 2",
        "handball, 3, 2",
        "field-hockey, 3.66, 2.14",
        "gridiron-us-pro, 5.6388, 3.048",
        "rugby-union, 5.6, 3",
        "rugby-league, 5.5, 3",
        "netball, 0.38, 3.05",
        "volleyball-indoor, 9.5, 2.43",
        "lacrosse-men, 1.8288, 1.8288"
    })
    void targetsAreAsLargeAsTheRulesSay(String id, double width, double height) {
        Surface.Target goal = Surfaces.BUILT_IN.get(id).target("goal").orElseThrow();
        assertEquals(width, goal.width(), CENTIMETRE);
        assertEquals(height, goal.height(), CENTIMETRE);
    }

    @ParameterizedTest
    @MethodSource("all")
    void leftIsOnTheLeftOfWhoeverAttacks(Surface surface) {
        surface.landmarks().stream()
                .filter(l -> l.name().contains("left ")
                        && !l.name().contains("far")
                        && !l.name().contains("near"))
                .forEach(l -> assertTrue(l.at().y() < 0, surface.id() + " " + l.name()));
    }

    /** A line and the arc that goes on from it, by their paint. */
    @ParameterizedTest
    @CsvSource({
        "basketball-intl, left-three-point-side, three-point-arc",
        "basketball-us-college, left-three-point-side, three-point-arc",
        "basketball-us-school, left-three-point-side, three-point-arc",
        "basketball-3x3, left-three-point-side, three-point-arc",
        "field-hockey, circle-front, left-circle",
        "handball, goal-area-front, left-goal-area-arc",
        "handball, free-throw-front, left-free-throw-arc",
        "ice-rink-na, left-crease-side, crease-front",
        "lacrosse-women, left-eight-metre-side, eight-metre-arc"
    })
    void arcsMeetTheLinesTheyGoOnFrom(String id, String line, String arc) {
        Marking.Straight straight = (Marking.Straight) marking(id, line).shape();
        Marking.Arc round = (Marking.Arc) marking(id, arc).shape();
        List<Vec> ends = List.of(round.at(0), round.at(1));
        double nearest = straight.points().stream()
                .flatMapToDouble(p -> ends.stream().mapToDouble(p::distance))
                .min()
                .orElseThrow();
        double paint = marking(id, line).width();
        assertTrue(nearest < paint, id + ": " + line + " misses " + arc + " by " + nearest + " m");
    }

    /** Where the free ends of arcs must lie: on a line of the surface. */
    @Test
    void penaltyArcEndsOnTheFrontOfThePenaltyArea() {
        Marking.Arc arc = (Marking.Arc) marking("football-11", "penalty-arc").shape();
        assertEquals(52.5 - 16.5, arc.at(0).x(), 1e-6);
        assertEquals(52.5 - 16.5, arc.at(1).x(), 1e-6);
        assertTrue(arc.at(0.5).x() < arc.at(0).x(), "it bulges away from the goal");
        Marking.Arc nine =
                (Marking.Arc) marking("handball", "left-free-throw-arc").shape();
        assertEquals(-10, nine.at(1).y(), 0.05, "the 9 m line ends at the sideline");
    }

    @Test
    void hashMarksStandOnEveryYard() {
        long hashes = Surfaces.BUILT_IN.get("gridiron-us-college").markings().stream()
                .filter(m -> m.id().startsWith("left-hash-"))
                .count();
        assertEquals(99, hashes);
        Marking first = marking("gridiron-us-college", "left-hash-1");
        assertEquals(
                -49 * 0.9144, ((Marking.Straight) first.shape()).points().get(0).x(), 1e-9);
    }

    @Test
    void linesAreMeasuredToTheEdgesThatTheRulesName() {
        // Basketball: the outer edge of the arc is 6.75 m from the basket, the corner lines 0.90 m from the side.
        Marking arc = marking("basketball-intl", "three-point-arc");
        assertEquals(6.75, ((Marking.Arc) arc.shape()).radius() + arc.width() / 2, 1e-9);
        Marking corner = marking("basketball-intl", "left-three-point-side");
        double y = ((Marking.Straight) corner.shape()).points().get(0).y();
        assertEquals(0.90, 7.5 - (Math.abs(y) + corner.width() / 2), 1e-9);
        // Field hockey: the outer edge of the circle is 14.63 m from the back-line.
        Marking circle = marking("field-hockey", "left-circle");
        assertEquals(14.63, ((Marking.Arc) circle.shape()).radius() + circle.width() / 2, 1e-9);
        // Ice: the facing edges of the blue lines are 50 ft apart, each a foot wide.
        Marking blue = marking("ice-rink-na", "blue-line");
        double x = ((Marking.Straight) blue.shape()).points().get(0).x();
        assertEquals(25 * 0.3048, x - blue.width() / 2, 1e-9);
    }

    @Test
    void zonesHaveTheAreaTheirShapeHas() {
        Surface pitch = Surfaces.BUILT_IN.get("football-11");
        assertEquals(16.5 * 40.32, zone(pitch, "penalty-area").area(), 1e-6);
        assertEquals(Math.PI * 9.15 * 9.15, zone(pitch, "centre-circle").area(), 0.1);
        Surface.Zone circle = zone(Surfaces.BUILT_IN.get("field-hockey"), "circle");
        assertEquals(Math.PI * 14.63 * 14.63 / 2 + 3.66 * 14.63, circle.area(), 0.2);
        assertTrue(circle.contains(new Vec(39, 0)));
        assertFalse(circle.contains(new Vec(30, 0)));
        assertTrue(zone(Surfaces.BUILT_IN.get("field-hockey"), "own-circle").contains(new Vec(-39, 0)));
    }

    private static Surface.Zone zone(Surface surface, String id) {
        return surface.zones().stream()
                .filter(z -> z.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void markingsFollowTheSizesThatAreChosen() {
        Surface small = Surfaces.BUILT_IN.plan("football-11").orElseThrow().lay(Map.of("length", 92.0, "width", 50.0));
        assertEquals(92, small.length(), 1e-9);
        assertEquals(46 - 11, landmark(small, "penalty-spot").x(), 1e-9);
        assertEquals(-25, landmark(small, "left-corner").y(), 1e-9);
        Surface deep = Surfaces.BUILT_IN.plan("rugby-union").orElseThrow().lay(Map.of("in-goal", 22.0));
        assertEquals(144, deep.length(), 1e-9);
        assertEquals(50, landmark(deep, "goal-line-middle").x(), 1e-9);
    }

    @Test
    void sizesOutsideTheRangeOfTheRulesAreAFault() {
        SurfacePlan plan = Surfaces.BUILT_IN.plan("football-11").orElseThrow();
        assertTrue(plan.fault(Map.of("length", 105.0)).isEmpty());
        assertEquals(
                "of 130.00 m is outside the rule's range, 90.00 to 120.00 m",
                plan.fault(Map.of("length", 130.0)).orElseThrow().getValue());
        assertTrue(plan.fault(Map.of("height", 3.0)).orElseThrow().getValue().contains("it has length, width"));
    }

    /** The program's own files pass the checks that a club's file has to pass, at their least and largest sizes too. */
    @ParameterizedTest
    @MethodSource("all")
    void ownFilesAreSound(Surface surface) throws Exception {
        try (InputStream in = Surfaces.class.getResourceAsStream(surface.id() + ".surface.json")) {
            SurfacePlan plan = SurfacePlan.read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
            assertEquals(surface.id(), plan.id());
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyViewIsThereAndNothingIsNamedTwice(Surface surface) {
        Set<String> views = new HashSet<>();
        surface.views().forEach(v -> assertTrue(views.add(v.id()), v.id()));
        assertTrue(
                views.containsAll(Set.of("whole", "attacking-half", "own-half", "attacking-end", "own-end", "middle")));
        assertEquals("whole", surface.views().get(0).id());
        assertFalse(surface.sources().isEmpty());
        assertFalse(surface.landmarks().isEmpty());
        surface.views().forEach(v -> assertTrue(v.box().width() > 0 && v.box().height() > 0, v.id()));
        assertTrue(surface.view("attacking-half").box().contains(new Vec(surface.length() / 2, 0)));
        assertTrue(surface.view("own-half").box().contains(new Vec(-surface.length() / 2, 0)));
    }

    @Test
    void missingSurfaceIsStoodInForByAnOpenSpaceOfItsSize() {
        Surface space =
                StandIn.of("club-lawn", 61, 33, Surface.Ground.TURF, "football", Map.of("goal", new Vec(30.5, 0)));
        assertEquals("club-lawn", space.id());
        assertEquals(61, space.length());
        assertEquals(33, space.width());
        assertEquals(new Vec(30.5, 0), space.target("goal").orElseThrow().at());
        assertThrows(IllegalArgumentException.class, () -> Surfaces.BUILT_IN.get("club-lawn"));
    }

    @Test
    void everySizeCanBeChosenOverItsWholeRange() {
        for (SurfacePlan plan : Surfaces.BUILT_IN.plans()) {
            for (Size size : plan.sizes()) {
                Map<String, Double> chosen = new HashMap<>(Map.of(size.id(), size.most()));
                assertEquals(size.most(), plan.lay(chosen).sizes().get(size.id()), 1e-9, plan.id() + " " + size.id());
                chosen.put(size.id(), size.most() * 10);
                assertEquals(size.most(), plan.lay(chosen).sizes().get(size.id()), 1e-9, "never outside the range");
            }
        }
    }

    /** A marking, what of it is measured, metres, and the rule. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "basketball-intl | halfway-line | beside | 0.20 | 0.15 m beyond a sideline of 0.05 m",
                "basketball-intl | throw-in-left | beside | 0.20 | as long, beyond the same line",
                "basketball-intl | throw-in-left | from the end | 8.325 | 8.325 m from the end line",
                "gridiron-us-pro | goal-line | wide | 0.2032 | 8 in",
                "gridiron-us-pro | yard-line-1 | wide | 0.1016 | 4 in",
                "gridiron-us-college | left-number-10 | inside | 8.2296 | tops 9 yd from the sideline",
                "gridiron-us-school | left-number-20 | inside | 8.2296 | tops 9 yd from the sideline",
                "lacrosse-box | crease | round | 2.8194 | 9 ft 3 in to the outer edge",
                "rugby-union | left-15-line-1 | inside | 15 | 15 m from the touchline"
            })
    void markingsAreAsTheRulesPutThem(String id, String name, String what, double metres, String rule) {
        Surface surface = Surfaces.BUILT_IN.get(id);
        Marking marking = surface.markings().stream()
                .filter(m -> m.id().equals(name) || m.id().equals(name.replaceAll("-1$", "")))
                .findFirst()
                .orElseThrow();
        double side = surface.width() / 2;
        List<Vec> points = marking.shape() instanceof Marking.Straight s ? s.points() : List.of();
        double is =
                switch (what) {
                    case "beside" -> points.stream()
                                    .mapToDouble(p -> Math.abs(p.y()))
                                    .max()
                                    .orElseThrow()
                            - side;
                    case "from the end" -> surface.length() / 2 - points.get(0).x();
                    case "wide" -> marking.width();
                    case "round" -> ((Marking.Arc) marking.shape()).radius() + marking.width() / 2;
                    default -> side
                            - (marking.shape() instanceof Marking.Lettering l
                                    ? Math.abs(l.centre().y()) - l.height() / 2
                                    : Math.abs(points.get(0).y()));
                };
        assertEquals(metres, is, 0.001, rule);
    }

    @Test
    void hashMarksOfTheCanadianFieldAreThoseOfTheAmateurOrTheProfessionalGame() {
        double yard = 0.9144;
        SurfacePlan plan = Surfaces.BUILT_IN.plan("gridiron-ca").orElseThrow();
        Surface amateur = plan.lay(Map.of());
        Surface professional = plan.lay(Map.of("hashes", 28.0));
        assertEquals(-(32.5 - 24) * yard, landmark(amateur, "left-20-hash").y(), CENTIMETRE);
        assertEquals(-(32.5 - 28) * yard, landmark(professional, "left-20-hash").y(), CENTIMETRE, "9 yd apart");
    }

    private static Marking marking(String id, String marking) {
        return Surfaces.BUILT_IN.get(id).markings().stream()
                .filter(m -> m.id().equals(marking))
                .findFirst()
                .orElseThrow();
    }
}
