package wildchalk.core.surface;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.geometry.Vec;

/** The figures are those of the rule books named in each surface file, from memory; feet are 0.3048 m. */
class SurfacesTest {

    private static final double FOOT = 0.3048;
    private static final double CENTIMETRE = 0.01;

    static List<Surface> all() {
        return Surfaces.all();
    }

    @ParameterizedTest
    @CsvSource({"ice-rink-na, 60.96, 25.908", "basketball-intl, 28, 15", "field-hockey, 91.4, 55"})
    void hasItsSize(String id, double length, double width) {
        assertEquals(length, Surfaces.get(id).length(), 1e-9);
        assertEquals(width, Surfaces.get(id).width(), 1e-9);
    }

    /** Landmark, metres from the end line (or end boards) and from the line through the middle along the length. */
    @ParameterizedTest
    @CsvSource({
        "ice-rink-na, left-post, 3.3528, 0.9144",              // goal line 11 ft out, goal 6 ft wide
        "ice-rink-na, right-face-off-spot, 9.4488, 6.7056",    // 20 ft from the goal line, 22 ft from the middle
        "ice-rink-na, left-circle-top, 14.0208, 6.7056",       // circle of 15 ft
        "ice-rink-na, right-neutral-spot, 24.384, 6.7056",     // 5 ft outside the blue line
        "basketball-intl, rim, 1.575, 0",                      // basket centre 1.575 m from the end line
        "basketball-intl, left-elbow, 5.80, 2.45",             // free-throw line 5.80 m, key 4.90 m wide
        "basketball-intl, top-of-arc, 8.325, 0",               // 6.75 m from the basket
        "field-hockey, penalty-spot, 6.475, 0",
        "field-hockey, circle-top, 14.63, 0",
        "field-hockey, 23-middle, 22.9, 0",
        "field-hockey, left-post, 0, 1.83",                    // goal 3.66 m wide
        "field-hockey, right-circle-baseline, 0, 16.46",       // 14.63 m from the post
    })
    void landmarksAreWhereTheRulesPutThem(String id, String landmark, double fromEnd, double fromMiddle) {
        Surface surface = Surfaces.get(id);
        Vec at = surface.landmarks().stream().filter(l -> l.id().equals(landmark)).findFirst().orElseThrow().at();
        assertEquals(fromEnd, surface.length() / 2 - at.x(), CENTIMETRE);
        assertEquals(fromMiddle, Math.abs(at.y()), CENTIMETRE);
        Vec own = surface.landmarks().stream().filter(l -> l.id().equals("own-" + landmark)).findFirst()
                .orElseThrow().at();
        assertEquals(0, at.plus(own).length(), 1e-9, "the own end is the attacking end turned half round");
    }

    @Test
    void leftIsOnTheLeftOfWhoeverAttacks() {
        for (Surface surface : Surfaces.all()) {
            surface.landmarks().stream().filter(l -> l.name().startsWith("left "))
                    .forEach(l -> assertTrue(l.at().y() < 0, surface.id() + " " + l.name()));
        }
    }

    @Test
    void arcsMeetTheLinesTheyGoOnFrom() {
        meets("basketball-intl", "three-point-left", "three-point-arc");
        meets("basketball-intl", "three-point-right", "three-point-arc");
        meets("field-hockey", "circle-front", "circle-left");
        meets("field-hockey", "circle-front", "circle-right");
        meets("ice-rink-na", "crease-left", "crease-front");
        meets("ice-rink-na", "crease-right", "crease-front");
    }

    private static void meets(String id, String line, String arc) {
        Marking.Straight straight = (Marking.Straight) marking(id, line).shape();
        Marking.Arc round = (Marking.Arc) marking(id, arc).shape();
        List<Vec> ends = List.of(round.centre().plus(Vec.polar(round.radius(), round.start())),
                round.centre().plus(Vec.polar(round.radius(), round.start() + round.sweep())));
        double nearest = straight.points().stream().flatMapToDouble(p -> ends.stream().mapToDouble(p::distance))
                .min().orElseThrow();
        assertTrue(nearest < CENTIMETRE, id + ": " + line + " misses " + arc + " by " + nearest + " m");
    }

    @Test
    void linesAreMeasuredToTheEdgesThatTheRulesName() {
        // Basketball: the outer edge of the arc is 6.75 m from the basket, the corner lines 0.90 m from the side.
        Marking arc = marking("basketball-intl", "three-point-arc");
        assertEquals(6.75, ((Marking.Arc) arc.shape()).radius() + arc.width() / 2, 1e-9);
        Marking corner = marking("basketball-intl", "three-point-left");
        double y = ((Marking.Straight) corner.shape()).points().get(0).y();
        assertEquals(0.90, 7.5 - (Math.abs(y) + corner.width() / 2), 1e-9);
        // Field hockey: the outer edge of the circle is 14.63 m from the back-line.
        Marking circle = marking("field-hockey", "circle-left");
        assertEquals(14.63, ((Marking.Arc) circle.shape()).radius() + circle.width() / 2, 1e-9);
        // Ice: the facing edges of the blue lines are 50 ft apart, each a foot wide.
        Marking blue = marking("ice-rink-na", "blue-line");
        double x = ((Marking.Straight) blue.shape()).points().get(0).x();
        assertEquals(25 * FOOT, x - blue.width() / 2, 1e-9);
    }

    @ParameterizedTest
    @MethodSource("all")
    void everythingLiesOnTheSurfaceOrInItsRunOff(Surface surface) {
        surface.landmarks().forEach(l -> assertTrue(surface.bounds().grown(1e-9).contains(l.at()), l.name()));
        for (Marking marking : surface.markings()) {
            if (marking.shape() instanceof Marking.Straight line) {
                line.points().forEach(p -> assertTrue(surface.surroundings().contains(p), marking.id()));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void nothingIsNamedTwice(Surface surface) {
        Set<String> ids = new HashSet<>();
        surface.landmarks().forEach(l -> assertTrue(ids.add(l.id()), l.id()));
        surface.targets().forEach(t -> assertTrue(ids.add("target " + t.id()), t.id()));
        Set<String> markings = new HashSet<>();
        surface.markings().forEach(m -> assertTrue(markings.add(m.id()), m.id()));
        assertFalse(surface.sources().isEmpty());
        assertEquals("whole", surface.views().get(0).id());
    }

    private static Marking marking(String id, String marking) {
        return Surfaces.get(id).markings().stream().filter(m -> m.id().equals(marking)).findFirst().orElseThrow();
    }
}
