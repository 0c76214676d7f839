package wildchalk.core.setout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Showing;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.measure.Units;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

class SetOutTest {

    private static final Surface PITCH = Surfaces.BUILT_IN.get("football-11");

    private static Sheet sheet(Units units, Piece... pieces) {
        return SetOut.of(new Stage("s1", "", List.of(pieces), List.of()), PITCH, units, SetOut.USUAL_HANDFUL);
    }

    private static String first(Units units, Piece... pieces) {
        return SheetWords.tape(sheet(units, pieces).steps().get(0).tape(), units);
    }

    @Test
    void placeOnALandmarkIsSaidSo() {
        assertEquals("on the penalty spot", first(Units.METRIC, Piece.Item.cone("c1", new Vec(41.5, 0), Colour.RED)));
    }

    @Test
    void lineThatLeadsThereIsFollowedFirst() {
        // 12 m from halfway along the left touchline, 4 m in.
        assertEquals(
                "from halfway at the left touchline, 12 m along the left touchline towards the attacking end, "
                        + "then 4 m towards the right touchline",
                first(Units.METRIC, Piece.Item.cone("c1", new Vec(12.1, -29.9), Colour.RED)));
    }

    @Test
    void lineIsOnlyFollowedAsFarAsItGoes() {
        // The front of the shooting circle is straight for 1.83 m to each side of its top.
        Piece cone = Piece.Item.cone("c1", new Vec(45.7 - 14.63, 8), Colour.RED);
        Sheet sheet = SetOut.of(
                new Stage("s1", "", List.of(cone), List.of()), Surfaces.BUILT_IN.get("field-hockey"), Units.METRIC, 1);
        assertEquals(
                "from the top of the circle, 8 m towards the right sideline",
                SheetWords.tape(sheet.steps().get(0).tape(), Units.METRIC));
    }

    @Test
    void ofNearEqualRoundingsTheFinerOneIsSaid() {
        Piece cone = Piece.Item.cone("c1", new Vec(41.5 + 2.76, 0), Colour.RED);
        assertEquals("from the penalty spot, 2¾ m towards the attacking end", first(Units.METRIC, cone));
        // 3 m would do with nothing near it, but half a metre is as easily read.
        Piece half = Piece.Item.cone("c1", new Vec(41.5 + 2.54, 0), Colour.RED);
        assertEquals("from the penalty spot, 2½ m towards the attacking end", first(Units.METRIC, half));
    }

    @Test
    void tapeAndPacesEachSayHowNearTheyCome() {
        Units units = new Units(Unit.METRES, 0.7);
        Sheet.Step step = sheet(units, Piece.Item.cone("c1", new Vec(41.5 + 3.02, 0), Colour.RED))
                .steps()
                .get(0);
        assertEquals(
                "from the penalty spot, 3 m towards the attacking end, within 2 cm. Stepped: 4½ paces, within 13 cm",
                SheetWords.step(step, units));
    }

    @Test
    void nobodyStepsTwoCirclesThatAreFarAway() {
        for (double x = -40; x < 40; x += 3.7) {
            for (double y = -25; y < 25; y += 4.3) {
                Sheet sheet = sheet(Units.METRIC, Piece.Item.cone("c1", new Vec(x, y), Colour.RED));
                sheet.steps()
                        .get(0)
                        .paces()
                        .filter(Measured.Tapes.class::isInstance)
                        .map(Measured.Tapes.class::cast)
                        .ifPresent(t -> assertTrue(
                                t.first().metres() <= 6.5 && t.second().metres() <= 6.5, SheetWords.paces(t)));
            }
        }
    }

    @Test
    void whatLiesOffThePitchIsPastItsLine() {
        assertEquals(
                "from halfway at the left touchline, 3 m out past the left touchline",
                first(Units.METRIC, Piece.Item.cone("c1", new Vec(0, -37), Colour.RED)));
    }

    @Test
    void leftAndRightAreSaidOnceAndMarkedOnThePlan() {
        assertEquals(
                "Left and right are as you face the attacking end, whichever way you turn; so are the left and right "
                        + "touchline, posts and corners. On the plan that end is at the top, the left touchline on the left.",
                SheetWords.facing(PITCH, Showing.Attack.UP));
        assertTrue(SheetWords.facing(PITCH, Showing.Attack.RIGHT)
                .endsWith("on the right, the left touchline at the top."));
        assertTrue(SheetWords.facing(PITCH, Showing.Attack.DOWN)
                .endsWith("at the bottom, the left touchline on the right."));
    }

    @Test
    void numbersAreInTheChosenUnit() {
        Units yards = new Units(Unit.YARDS, 0.9144);
        Sheet sheet = sheet(yards, Piece.Item.cone("c1", new Vec(41.5 - 2 * 0.9144, 0), Colour.RED));
        assertEquals(
                "from the penalty spot, 2 yd towards the own end",
                SheetWords.tape(sheet.steps().get(0).tape(), yards));
        assertEquals(
                "from the penalty spot, 2 paces towards the own end",
                SheetWords.paces(sheet.steps().get(0).paces().orElseThrow()));
    }

    @Test
    void farFromEverythingTwoTapesOrTwoLegsLeadToTheSamePlace() {
        Vec drawn = new Vec(20, -12);
        Measured measured = sheet(Units.METRIC, Piece.Item.cone("c1", drawn, Colour.RED))
                .steps()
                .get(0)
                .tape();
        assertTrue(measured.result().distance(drawn) <= SetOut.MOST_ERROR);
        assertEquals(measured.result().distance(drawn), measured.error(), 1e-9);
    }

    @Test
    void tapesCrossWhereTheyShould() {
        List<Vec> crossings = Measurer.crossings(Vec.ZERO, 5, new Vec(8, 0), 5);
        assertEquals(2, crossings.size());
        crossings.forEach(c -> {
            assertEquals(4, c.x(), 1e-9);
            assertEquals(3, Math.abs(c.y()), 1e-9);
        });
        assertEquals(List.of(), Measurer.crossings(Vec.ZERO, 1, new Vec(8, 0), 1));
    }

    @Test
    void gateIsMeasuredFromItsFirstConeSoThatItIsAsWideAsDrawn() {
        Sheet sheet = sheet(
                Units.METRIC,
                Piece.Item.cone("c1", new Vec(21.3, -7.4), Colour.RED),
                Piece.Item.cone("c2", new Vec(21.3, -5.4), Colour.RED));
        Measured.Legs second = (Measured.Legs) sheet.steps().get(1).tape();
        assertTrue(second.from().isPiece());
        assertEquals(1, second.legs().size());
        assertEquals(2, second.legs().get(0).metres(), 1e-9);
        assertEquals(
                "red cone 2",
                sheet.steps().get(0).piece().id().equals("c1")
                        ? sheet.steps().get(1).name()
                        : sheet.steps().get(0).name());
    }

    @Test
    void moreThanFitsInTheHandsTakesMoreTripsAndALongerWalk() {
        List<Piece> cones = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            cones.add(Piece.Item.cone("c" + i, new Vec(i, 10), Colour.BLUE));
        }
        Stage stage = new Stage("s1", "", cones, List.of());
        Sheet many = SetOut.of(stage, PITCH, Units.METRIC, 12);
        Sheet few = SetOut.of(stage, PITCH, Units.METRIC, 4);
        assertEquals(1, many.trips());
        assertEquals(3, few.trips());
        assertTrue(few.walk() > many.walk());
        assertTrue(few.seconds() > many.seconds());
        assertEquals(3, few.steps().get(11).trip());
    }

    @Test
    void walkBeginsAtTheGearBagAndWhatIsWornOrHeldIsNotSetOut() {
        Sheet sheet = sheet(
                Units.METRIC,
                Piece.Item.of("bag", GearKind.BAG, new Vec(-10, 20)),
                Piece.Item.cone("far", new Vec(10, 20), Colour.RED),
                Piece.Item.cone("near", new Vec(-5, 20), Colour.RED),
                new Piece.Ball("b1", Vec.ZERO, Optional.of("p1")),
                new Piece.Coach("p1", Vec.ZERO, 0, "C"));
        assertEquals(new Vec(-10, 20), sheet.bag());
        assertEquals("the gear bag", sheet.bagName());
        assertEquals(
                List.of("near", "far"),
                sheet.steps().stream().map(s -> s.piece().id()).toList());
        assertEquals(20, sheet.walk(), 1e-9);
    }

    @Test
    void nothingToPutDownIsSaid() {
        Sheet sheet = sheet(Units.METRIC);
        assertEquals("There is no gear to put down.", SheetWords.summary(sheet, Units.METRIC));
        assertEquals(0, sheet.walk());
    }

    @Test
    void twoHundredConesAreWorkedOutInAMoment() {
        List<Piece> cones = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            cones.add(Piece.Item.cone("c" + i, new Vec(i % 20 * 4 - 40 + i % 3 * 0.3, i / 20 * 5 - 25), Colour.BLUE));
        }
        long begun = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
        Sheet sheet = SetOut.of(new Stage("s1", "", cones, List.of()), PITCH, Units.METRIC, 10);
        assertEquals(200, sheet.steps().size());
        assertTrue(ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - begun < 5e9, "seconds, not minutes");
    }

    @Test
    void pieceOnALandmarkStandsExactlyThere() {
        Sheet sheet = sheet(Units.METRIC, Piece.Item.cone("c1", Vec.ZERO, Colour.YELLOW));
        assertEquals("exactly there", SheetWords.within(sheet.steps().get(0).tape()));
    }
}
