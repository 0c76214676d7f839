package wildchalk.core.casting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.grouping.Handed;
import wildchalk.core.measure.Unit;
import wildchalk.core.motion.Speeds;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Sprint;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.End;
import wildchalk.core.timeline.Timeline;

/** Who plays whom, and what is seen and said of it. */
class CastingTest {

    private static Member one(String name, Handed side, String... positions) {
        return Member.named("", name).playing(List.of(positions), side);
    }

    private static final Squad SQUAD = Squad.empty("s", "Juniors")
            .with(List.of(
                    one("Aurel Kvist", Handed.RIGHT, "keeper"),
                    one("Benno", Handed.LEFT, "back", "winger"),
                    one("Cosima", Handed.RIGHT, "winger"),
                    one("Delphine", Handed.LEFT, "winger"),
                    one("Emrys", Handed.UNSAID, "back")));

    /** A keeper, a left and a right wing, and a line of two at the back. */
    private static Stage stage() {
        return new Stages()
                .piece(new Piece.Goalkeeper("k", new Vec(45, 0), Math.PI, "GK", Bib.LEMON))
                .player("p7", 20, -14)
                .player("p9", 20, 14)
                .piece(new Piece.LineUp("l", new Vec(-10, 0), 0, "F", Bib.MINT, 1, "backs"))
                .ball("b", "l")
                .pass("a1", "l", "p7", Cue.whistle())
                .sprint("a2", "p9", Cue.with("a1"), 40, 14)
                .say(new Rotation.Fits("w1", "p7", "left wing"))
                .say(new Rotation.Fits("w2", "p9", "right wing"))
                .build();
    }

    private static String front(Casting casting, String role) {
        return casting.front(role).flatMap(SQUAD::person).map(Member::name).orElse("");
    }

    @Test
    void everybodyWhereTheyPlay() {
        Casting cast = Caster.cast(Role.of(stage(), Stages.TURF), SQUAD.people(), Caster.Way.POSITION, 0);
        assertEquals("Aurel Kvist", front(cast, "k"));
        assertEquals("Delphine", front(cast, "p7"), "left wing: a winger who is left-footed");
        assertEquals("Cosima", front(cast, "p9"));
        assertEquals(List.of("m2", "m5"), cast.people().get("l"), "a line is called backs");
    }

    @Test
    void leftFootedPeopleOnTheLeftAlsoOfThoseWhoGoTheOtherWay() {
        List<Role> roles = Role.of(stage(), Stages.TURF);
        Casting cast = Caster.cast(roles, SQUAD.people(), Caster.Way.SIDE, 0);
        assertTrue(SQUAD.person(cast.front("p7").orElseThrow())
                .orElseThrow()
                .side()
                .isLeft());
        assertFalse(SQUAD.person(cast.front("p9").orElseThrow())
                .orElseThrow()
                .side()
                .isLeft());
        // The same two, shooting at the goal where the surface has its own.
        Stage turned = new Stages()
                .player("p7", -20, -14)
                .player("p9", -20, 14)
                .ball("b", "p7")
                .say(new Instruction.Attacks("e", Bib.CORAL, End.OWN_GOAL, Optional.empty()))
                .build();
        Casting other = Caster.cast(Role.of(turned, Stages.TURF), SQUAD.people().subList(1, 3), Caster.Way.SIDE, 0);
        assertEquals("Cosima", front(other, "p7"), "what is up on the page is their right");
        assertEquals("Benno", front(other, "p9"));
    }

    @Test
    void inTurnEverybodyComesToEveryRoleButKeepersKeep() {
        List<Role> roles = Role.of(stage(), Stages.TURF);
        List<String> seen = new ArrayList<>();
        for (int turn = 0; turn < 5; turn++) {
            Casting cast = Caster.cast(roles, SQUAD.people(), Caster.Way.TURN, turn);
            assertEquals("Aurel Kvist", front(cast, "k"));
            seen.add(front(cast, "p9"));
        }
        assertEquals(4, seen.stream().distinct().count(), seen.toString());
    }

    @Test
    void fewerPeopleThanPlacesStandInFront() {
        Casting cast = Caster.cast(Role.of(stage(), Stages.TURF), SQUAD.people().subList(0, 4), Caster.Way.POSITION, 0);
        assertEquals(List.of("m2"), cast.people().get("l"), "whoever is in front, nobody behind");
        Casting none = Caster.cast(Role.of(stage(), Stages.TURF), List.of(), Caster.Way.POSITION, 0);
        assertEquals(Optional.empty(), none.front("k"));
    }

    @Test
    void aRungWithMoreRolesIsFilledUp() {
        List<Role> roles = Role.of(stage(), Stages.TURF);
        Casting two = Caster.cast(roles.subList(1, 3), SQUAD.people(), Caster.Way.POSITION, 0);
        Casting all = Caster.filledUp(two, roles, SQUAD.people(), Caster.Way.POSITION);
        assertEquals(front(two, "p7"), front(all, "p7"), "whoever plays stays");
        assertEquals("Aurel Kvist", front(all, "k"));
        assertEquals(List.of("m2", "m5"), all.people().get("l"));
        assertEquals(all, Caster.filledUp(all, roles, SQUAD.people(), Caster.Way.POSITION));
    }

    @Test
    void byHandTwoChangePlaces() {
        Casting cast = Caster.cast(Role.of(stage(), Stages.TURF), SQUAD.people(), Caster.Way.POSITION, 0);
        Casting changed = cast.with("p7", "m5");
        assertEquals("Emrys", front(changed, "p7"));
        assertEquals(List.of("m2", "m4"), changed.people().get("l"));
        assertEquals(cast, cast.with("p7", "m4"));
    }

    /** No way of giving places to people costs less: all are tried. */
    @Test
    void noOtherAssignmentIsCheaper() {
        Random random = new Random(7);
        for (int k = 0; k < 300; k++) {
            int places = 1 + random.nextInt(6);
            int people = places + random.nextInt(3);
            double[][] cost = new double[places][people];
            for (double[] row : cost) {
                for (int j = 0; j < people; j++) {
                    row[j] = random.nextInt(12);
                }
            }
            int[] who = Assignment.of(cost);
            assertEquals(places, IntStream.of(who).distinct().count());
            double sum =
                    IntStream.range(0, places).mapToDouble(i -> cost[i][who[i]]).sum();
            assertEquals(least(cost, 0, new boolean[people]), sum, 1e-9);
        }
    }

    private static double least(double[][] cost, int place, boolean[] taken) {
        if (place == cost.length) {
            return 0;
        }
        double best = Double.MAX_VALUE;
        for (int j = 0; j < taken.length; j++) {
            if (!taken[j]) {
                taken[j] = true;
                best = Math.min(best, cost[place][j] + least(cost, place + 1, taken));
                taken[j] = false;
            }
        }
        return best;
    }

    private static Named named() {
        return new Named(Caster.cast(Role.of(stage(), Stages.TURF), SQUAD.people(), Caster.Way.POSITION, 0), SQUAD);
    }

    @Test
    void theScriptSaysNamesWhileItIsLookedAt() {
        Stage cast = named().on(stage(), Stages.TURF);
        Timeline timeline = Rehearsal.of(cast, Stages.TURF);
        String script = ScriptWriter.write(cast, timeline, Stages.TURF, Unit.METRES).lines().stream()
                .map(Script.Line::text)
                .collect(Collectors.joining("\n"));
        assertTrue(script.contains("Benno passes"), script);
        assertTrue(script.contains("to Delphine"), script);
        assertFalse(script.contains("Kvist"), "first names alone");
        assertEquals("p7", label(stage(), "p7"), "the drill itself has none");
    }

    private static String label(Stage stage, String id) {
        return stage.person(id).orElseThrow().label();
    }

    @Test
    void aWholeDrillHasThemWhereTheyAreWanted() {
        Drill drill = Stages.drill(stage());
        Drill cast = named().on(drill);
        assertEquals("Delphine", label(Ladder.build(cast, "s1"), "p7"));
        assertEquals("p7", label(Ladder.build(drill, "s1"), "p7"));
    }

    private static double passes(Timeline t, double x) {
        double time = 0;
        while (t.pose("p9", time).at().x() < x) {
            time += 0.005;
        }
        return time;
    }

    /** Whoever was measured faster is farther ahead in the rehearsal: there, where and when they were measured. */
    @Test
    void theyGoAtTheirOwnSpeed() {
        Stage dash = new Stages()
                .player("p9", -30, 5)
                .sprint("a", "p9", Cue.whistle(), 30, 5)
                .build();
        Speeds usual = Speeds.of(Stages.TURF, dash.effort());
        double twenty = usual.sprintTime(20, 0);
        Member quick = SQUAD.people().get(2).at(new Member.Level(0, 0, List.of(new Sprint(20, twenty * 0.9))));
        Casting cast = Casting.NONE.with("p9", "m3");
        Timeline own = Rehearsal.of(new Named(cast, SQUAD.knowing(quick)).on(dash, Stages.TURF), Stages.TURF);
        assertEquals(twenty, passes(Rehearsal.of(dash, Stages.TURF), -10), 0.02);
        assertEquals(twenty * 0.9, passes(own, -10), 0.02);
        Timeline unknown = Rehearsal.of(new Named(cast, SQUAD).on(dash, Stages.TURF), Stages.TURF);
        assertEquals(twenty, passes(unknown, -10), 0.02, "of whom nothing is known goes as usual");
    }
}
