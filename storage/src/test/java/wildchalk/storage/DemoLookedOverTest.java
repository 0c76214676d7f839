package wildchalk.storage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.check.Finding;
import wildchalk.core.check.over.Leaving;
import wildchalk.core.check.over.LookOver;
import wildchalk.core.check.over.Mending;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Effort;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.DrillWriter;

/** Drills of the demo and the gallery, looked over: long ones, with two teams, several reads and up to five rungs. */
final class DemoLookedOverTest {

    private static final String WRONG = "mousetrap";

    static List<Path> good() {
        return DemoDrills.files().stream()
                .filter(f -> !f.toString().contains(WRONG))
                .toList();
    }

    static List<Path> all() throws IOException {
        try (Stream<Path> gallery = Files.list(Path.of("src", "test", "resources", "gallery"))) {
            return Stream.concat(DemoDrills.files().stream(), gallery.filter(p -> p.toString()
                            .endsWith(".drill.json")))
                    .sorted()
                    .toList();
        }
    }

    private static LookOver over(Drill drill) {
        return LookOver.of(drill, Conditions.USUAL, Unit.METRES);
    }

    @ParameterizedTest
    @MethodSource("good")
    void nothingInTheDemoCouldHurtAndIsNotMended(Path file) throws Exception {
        LookOver over = over(DrillReader.read(file));
        assertEquals(
                0, over.count(Finding.Weight.COULD_HURT), () -> over.found().toString());
        assertEquals(
                0, over.count(Finding.Weight.WILL_NOT_WORK), () -> over.found().toString());
        assertTrue(over.left().size() <= 3);
    }

    @Test
    void oneDrillOfTheDemoIsWrongOnPurposeAndCanBeMended() throws Exception {
        Drill drill = DrillReader.read(DemoDrills.text(WRONG));
        LookOver over = over(drill);
        assertTrue(
                over.count(Finding.Weight.COULD_HURT) >= 4, () -> over.found().toString());
        Drill mended = drill;
        for (int i = 0; i < 10; i++) {
            Optional<Finding.Mend<Drill>> mend = firstMend(mended);
            if (mend.isPresent()) {
                mended = mend.get().edit().apply(mended);
            }
        }
        assertEquals(0, over(mended).count(Finding.Weight.COULD_HURT), over(mended)::toString);
    }

    private static Optional<Finding.Mend<Drill>> firstMend(Drill drill) {
        Mending mending = new Mending(drill, Conditions.USUAL, Unit.METRES);
        return over(drill).found().stream()
                .filter(s -> s.weight() == Finding.Weight.COULD_HURT)
                .flatMap(s -> mending.tried(s).finding().mends().stream())
                .findFirst();
    }

    /** What is written is what is seen: where two are said to be so near, they are, at that moment, on that way. */
    @ParameterizedTest
    @MethodSource("all")
    void momentAndDistanceAreThoseOfTheRehearsal(Path file) throws Exception {
        Drill drill = DrillReader.read(file);
        String before = DrillWriter.write(drill);
        for (Spotted s : over(drill).found()) {
            boolean two = s.check().equals("meet")
                    && s.who().size() == 2
                    && s.scene().metres().isPresent();
            if (two && !isInLine(drill, s)) {
                Stage stage = Ladder.build(drill, s.scene().rung().orElseThrow());
                Timeline timeline =
                        Rehearsal.of(stage, drill.surface(), s.scene().way());
                double t = s.t().orElseThrow();
                double apart = timeline.at(s.who().get(0), t)
                        .distance(timeline.at(s.who().get(1), t));
                assertEquals(
                        apart,
                        s.scene().metres().getAsDouble(),
                        0.01,
                        s.finding().words());
            }
            s.t().ifPresent(t -> assertTrue(t >= 0));
            assertFalse(s.finding().words().contains("{"), s.finding().words());
        }
        assertEquals(before, DrillWriter.write(drill), "looking changes nothing");
    }

    private static boolean isInLine(Drill drill, Spotted s) {
        return Ladder.build(drill, s.scene().rung().orElseThrow())
                        .person(s.who().get(1))
                        .filter(p -> p instanceof Piece.LineUp)
                        .isPresent()
                && s.finding().words().contains("wait");
    }

    @ParameterizedTest
    @MethodSource("all")
    void atWalkingPaceNobodyMeetsAnybodyAtSpeed(Path file) throws Exception {
        Drill drill = DrillReader.read(file);
        Drill walked = drill.withEffort(drill.effort().with(Effort.Intensity.WALK_THROUGH))
                .withLadder(drill.ladder().stream()
                        .map(r -> r.planned(r.plan().going(Optional.empty())))
                        .toList());
        for (Spotted s : over(walked).found()) {
            assertFalse(
                    List.of("meet", "stopping", "back-turned", "underfoot", "backwards")
                            .contains(s.check()),
                    () -> s.finding().words());
        }
    }

    @Test
    void whatWasLeftComesBackFromTheFile() throws Exception {
        Drill drill = DrillReader.read(DemoDrills.text(WRONG));
        Spotted first = over(drill).found().get(0);
        Drill left = Leaving.left(first, "They know it", true).apply(drill);
        Drill read = DrillReader.read(DrillWriter.write(left));
        assertEquals(left, read);
        LookOver over = over(read);
        assertTrue(over.found().stream().noneMatch(first::isSameAs));
        assertEquals("They know it", over.left().get(0).why().reason());
        assertTrue(read.cautionsOut().contains("They know it"));
        assertFalse(read.cautions().contains("They know it"), "nothing is written in silence");
        Drill again = Leaving.lookedAtAgain(first).apply(read);
        assertTrue(over(again).found().stream().anyMatch(first::isSameAs));
        assertEquals(Choices.NONE, first.scene().way());
    }
}
