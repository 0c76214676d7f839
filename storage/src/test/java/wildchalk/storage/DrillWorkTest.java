package wildchalk.storage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.Needs;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.setout.SetOut;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Timeline;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/** What evenings are worked out from, on the drills of the demo, every rung of them. */
class DrillWorkTest {

    private static final int PEOPLE = 14;

    private static List<Drill> drills() throws FormatException {
        List<Drill> all = new ArrayList<>();
        for (Path file : DemoDrills.files()) {
            all.add(DrillReader.told(file, Surfaces.BUILT_IN).document());
        }
        return all;
    }

    private static Content.Play play(Drill drill, List<Content.Climb> climbs, int copies) {
        return new Content.Play(
                new Content.Planned(drill.id(), 0, drill.title()), climbs, copies, Content.Telling.FRESH);
    }

    @Test
    void whatDrillsTakeHangsTogether() throws Exception {
        for (Drill drill : drills()) {
            DrillWork work = new DrillWork(drill, SetOut.USUAL_HANDFUL);
            List<Content.Climb> all =
                    drill.ladder().stream().map(r -> Content.Climb.of(r.id())).toList();
            Needs once = work.of(play(drill, all, 1), PEOPLE);
            Needs twice = work.of(play(drill, all, 2), PEOPLE);
            String title = drill.title();
            assertTrue(once.fewest() >= 1 && once.saying() > 0, title);
            assertEquals(2 * once.fewest(), twice.fewest(), title);
            for (Map.Entry<GearKind, Integer> e : once.gear().entrySet()) {
                assertEquals(2 * e.getValue(), twice.gear().get(e.getKey()), title);
            }
            assertEquals(2 * once.footing().area(), twice.footing().area(), 1e-6, title);
            Needs.Work w = once.work();
            assertTrue(w.busy() > 0 && w.going() >= 0 && w.busy() + w.going() <= 1 + 1e-9, title + " " + w);
            assertTrue(w.metres() > 0 && w.metres() < 400, title + " " + w);
            double shares = once.about().skills().values().stream()
                    .mapToDouble(Double::doubleValue)
                    .sum();
            assertEquals(1, shares, 1e-9, title);
            Content.Area whole = once.footing().whole();
            assertTrue(
                    once.footing().length() <= whole.length() + 12
                            && once.footing().width() <= whole.width() + 12,
                    title);
            assertTrue(once.about().words().contains(title), title);
        }
    }

    @Test
    void theRungsThatAreClimbedCountByTheirMinutes() throws Exception {
        Drill drill = drills().stream()
                .filter(d -> d.ladder().size() >= 5)
                .findFirst()
                .orElseThrow();
        DrillWork work = new DrillWork(drill, SetOut.USUAL_HANDFUL);
        String low = drill.ladder().get(0).id();
        String high = drill.ladder().get(drill.ladder().size() - 1).id();
        double first = work.of(play(drill, List.of(), 1), PEOPLE).work().metres();
        double last = work.of(play(drill, List.of(Content.Climb.of(high)), 1), PEOPLE)
                .work()
                .metres();
        double both = work.of(
                        play(drill, List.of(new Content.Climb(low, 9, ""), new Content.Climb(high, 3, "")), 1), PEOPLE)
                .work()
                .metres();
        assertEquals((9 * first + 3 * last) / 12, both, 1e-6);
        assertEquals(
                first,
                work.of(play(drill, List.of(Content.Climb.of("gone")), 1), PEOPLE)
                        .work()
                        .metres(),
                1e-9,
                "a rung that is no longer there is not played");
    }

    /** On the option that is not taken, too, everybody stays on the ground that it is said to take. */
    @Test
    void theGroundHoldsWhicheverWayTheReadsGo() throws Exception {
        int ways = 0;
        for (Drill drill : drills()) {
            DrillWork work = new DrillWork(drill, SetOut.USUAL_HANDFUL);
            for (Stage stage : Ladder.buildAll(drill)) {
                Needs.Footing footing = work.of(play(drill, List.of(Content.Climb.of(stage.id())), 1), PEOPLE)
                        .footing();
                for (Choices way : Reads.ways(stage)) {
                    ways++;
                    Timeline timeline =
                            RunThrough.of(stage, drill.surface(), way).timeline();
                    for (double t = 0; t <= timeline.duration(); t += 0.25) {
                        for (String person : timeline.people()) {
                            Vec off = timeline.at(person, t).minus(footing.centre());
                            assertTrue(
                                    Math.abs(off.x()) <= footing.length() / 2 + 1e-6
                                            && Math.abs(off.y()) <= footing.width() / 2 + 1e-6,
                                    drill.title() + " " + way + " " + person + " at " + t);
                        }
                    }
                }
            }
        }
        assertTrue(ways > 20, ways + " ways");
    }
}
