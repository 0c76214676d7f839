package wildchalk.core.waiting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.When;
import wildchalk.core.flow.Flows;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** Twelve waits of which a coach knows what helps. The answers were written down before the search for them was. */
final class Situations {

    private static final Surface TURF = Stages.TURF;
    private static final Surface GRASS = Surfaces.BUILT_IN.get("open-grass");

    private Situations() {}

    /**
     * A wait.
     *
     * @param best names of the kinds of change of which one is to stand among the first two
     */
    record Situation(String title, Surface surface, Stage stage, Flows.Asked asked, List<String> best) {
        @Override
        public String toString() {
            return title;
        }
    }

    static List<Situation> all() {
        List<Situation> all = new ArrayList<>();
        all.add(oneAtATime());
        all.add(oneBall());
        all.add(fetchedFromAfar());
        all.add(manyInASmallDrill());
        all.add(oneLineTooShort());
        all.add(aFeederWhoRuns());
        all.add(theWrongEnd());
        all.add(halfIsEmpty());
        all.add(aDefenderWhoWalksBack());
        all.add(tooManyForOneGoal());
        all.add(changedAfterEachRep());
        all.add(aLineFarOff());
        return all;
    }

    private static Piece line(String id, double x, double y, Bib bib) {
        return new Piece.LineUp(id, new Vec(x, y), 0, id, bib, 3, id);
    }

    private static Rotation goes(String who, Rotation.To to) {
        return new Rotation.Goes("g" + who, who, to, Optional.empty());
    }

    private static Rotation.To to(String role) {
        return new Rotation.Becomes(role, false);
    }

    private static Flows.Asked people(int n) {
        return Flows.Asked.of(n, 8, 1);
    }

    private static Travel run(String id, String who, Action.Gait gait, Cue cue, double... xy) {
        return new Travel.Run(id, who, Stages.path(false, xy), gait, Action.Ending.GO_ON, cue);
    }

    /** Ten in a line for a run through gates; the next one waits until the last gate is passed. */
    private static Situation oneAtATime() {
        Stages s = new Stages()
                .piece(line("L", -15, 0, Bib.CORAL))
                .travel(run("a", "L", Action.Gait.SPRINT, Cue.whistle(), 0, 2))
                .travel(run("b", "L", Action.Gait.SPRINT, Cue.after("a"), 15, 0))
                .say(goes("L", to("L")));
        return new Situation("one at a time", TURF, s.build(), people(10), List.of("EARLIER"));
    }

    /** A carry to the far side and a jog back with the only ball: the others look on. */
    private static Situation oneBall() {
        Stages s = new Stages()
                .piece(line("L", -20, 0, Bib.CORAL))
                .ball("k", "L")
                .carry("a", "L", Cue.whistle(), -10, 1)
                .carry("b", "L", Cue.after("a"), 20, 0)
                .say(goes("L", to("L")))
                .say(new Rotation.Starts("s", new When.At(Cue.after("a"))));
        return new Situation("one ball", TURF, s.build(), people(8), List.of("BALLS"));
    }

    /** The only ball is shot from far out, and whoever shot runs after it, gets it and brings it all the way back. */
    private static Situation fetchedFromAfar() {
        Stages s = new Stages()
                .piece(line("L", 5, 0, Bib.CORAL))
                .piece(new Piece.Coach("C", new Vec(42, 6), 0, "C"))
                .ball("k", "L")
                .carry("a", "L", Cue.whistle(), 12, 1)
                .shot("b", "L", Cue.after("a"))
                .say(goes("L", to("L")));
        return new Situation("fetched from afar", TURF, s.build(), people(8), List.of("FETCHER", "BALLS"));
    }

    /** Sixteen for a give and go between two lines, on a pitch that is empty else. */
    private static Situation manyInASmallDrill() {
        Stages s = new Stages()
                .piece(line("L", -30, -12, Bib.CORAL))
                .piece(line("M", -22, -12, Bib.SKY))
                .ball("k", "L")
                .pass("a", "L", "M", Cue.whistle())
                .travel(run("b", "L", Action.Gait.RUN, Cue.after("a"), -26, -9))
                .pass("c", "M", "L", Cue.after("b"))
                .say(goes("L", to("M")))
                .say(goes("M", to("L")));
        return new Situation("many in a small drill", TURF, s.build(), people(16), List.of("COPY"));
    }

    /** Two meet in the middle, each back to their own line: eight stand in one and two in the other, who have far. */
    private static Situation oneLineTooShort() {
        Stages s = new Stages()
                .piece(line("L", -10, -8, Bib.CORAL))
                .piece(line("M", -10, 8, Bib.SKY))
                .travel(run("a", "L", Action.Gait.SPRINT, Cue.whistle(), 0, -8))
                .travel(run("b", "M", Action.Gait.SPRINT, Cue.whistle(), 14, 8))
                .travel(run("c", "M", Action.Gait.JOG, Cue.after("b"), 34, 8))
                .say(goes("L", to("L")))
                .say(goes("M", to("M")))
                .say(new Rotation.Starts("s", new When.Every(5)));
        Flows.Asked asked = new Flows.Asked(10, 8, 1, Map.of("L", 8, "M", 2), List.of());
        return new Situation("one line too short", TURF, s.build(), asked, List.of("LINES"));
    }

    /** Whoever feeds follows the ball, and has to be back before the next one can begin. */
    private static Situation aFeederWhoRuns() {
        Stages s = new Stages()
                .player("f", -20, 0, Bib.SKY)
                .piece(line("L", -20, 10, Bib.CORAL))
                .ball("k", "f")
                .piece(new Piece.Supply("u", new Vec(-20, -1), 12))
                .travel(run("a", "L", Action.Gait.RUN, Cue.whistle(), 0, 10))
                .pass("b", "f", "L", Cue.after("a"))
                .travel(run("c", "f", Action.Gait.RUN, Cue.after("b"), 15, 2))
                .say(goes("L", to("L")))
                .say(new Rotation.Fetches("w", Rotation.Fetcher.NOBODY));
        return new Situation("a feeder who runs", TURF, s.build(), people(9), List.of("JOIN"));
    }

    /** Two lines at two ends, whose runners cross over and then jog all the way back to where they began. */
    private static Situation theWrongEnd() {
        Stages s = new Stages()
                .piece(line("L", -30, -3, Bib.CORAL))
                .piece(new Piece.LineUp("M", new Vec(30, 3), Math.PI, "M", Bib.SKY, 2, "M"))
                .travel(run("a", "L", Action.Gait.SPRINT, Cue.whistle(), 29, -3))
                .travel(run("b", "M", Action.Gait.SPRINT, Cue.whistle(), -29, 3))
                .say(goes("L", to("L")))
                .say(goes("M", to("M")));
        return new Situation("the wrong end", TURF, s.build(), people(4), List.of("WAY_BACK"));
    }

    /** Up one side of a narrow pitch, which is all taken in its length: the other side is empty. */
    private static Situation halfIsEmpty() {
        Stages s = new Stages()
                .piece(line("L", -17, -10, Bib.CORAL))
                .piece(line("M", -17, -6, Bib.SKY))
                .ball("k", "L")
                .carry("a", "L", Cue.whistle(), 0, -11)
                .pass("b", "L", "M", Cue.after("a"))
                .travel(run("c", "M", Action.Gait.RUN, Cue.whistle(), 17, -5))
                .say(goes("L", to("M")))
                .say(goes("M", to("L")));
        return new Situation("half is empty", GRASS, s.build(), people(14), List.of("BOTH_SIDES", "COPY"));
    }

    /** Who defends is always the same, and walks back half the pitch each time. */
    private static Situation aDefenderWhoWalksBack() {
        Stages s = new Stages()
                .player("d", 0, 5, Bib.SKY)
                .piece(line("L", 0, 0, Bib.CORAL))
                .travel(run("a", "L", Action.Gait.SPRINT, Cue.whistle(), 25, 0))
                .travel(run("b", "d", Action.Gait.SPRINT, Cue.whistle(), 25, 4))
                .say(goes("L", to("L")))
                .say(goes("d", new Rotation.Stays()));
        return new Situation("a defender who walks back", TURF, s.build(), people(8), List.of("JOIN"));
    }

    /** Twenty-four for one at a time at the goal, started by a whistle as soon as it can be. */
    private static Situation tooManyForOneGoal() {
        Stages s = new Stages()
                .piece(line("L", 25, 0, Bib.CORAL))
                .piece(new Piece.Supply("u", new Vec(25, 1), 60))
                .ball("k", "L")
                .carry("a", "L", Cue.whistle(), 36, 0)
                .shot("b", "L", Cue.after("a"))
                .say(goes("L", to("L")))
                .say(new Rotation.Fetches("w", Rotation.Fetcher.NOBODY))
                .say(new Rotation.Starts("s", new When.At(Cue.after("a"))));
        return new Situation("too many for one goal", TURF, s.build(), people(24), List.of("GROUPS", "COPY"));
    }

    /** The two who play change roles over the whole width after each rep, while six look on. */
    private static Situation changedAfterEachRep() {
        Stages s = new Stages()
                .player("n", -10, -20, Bib.SKY)
                .player("s", -10, 20, Bib.SKY)
                .piece(line("L", -10, 0, Bib.CORAL))
                .travel(run("a", "L", Action.Gait.RUN, Cue.whistle(), 2, 0))
                .travel(run("b", "n", Action.Gait.RUN, Cue.whistle(), -6, -20))
                .travel(run("c", "s", Action.Gait.RUN, Cue.whistle(), -6, 20))
                .say(goes("n", new Rotation.ChangesWith("s")))
                .say(goes("s", new Rotation.ChangesWith("n")))
                .say(goes("L", to("L")));
        return new Situation("changed after each rep", TURF, s.build(), people(8), List.of("STAY"));
    }

    /** Whoever starts becomes the target, whose place is at the far end: with three, each rep waits for the walk. */
    private static Situation aLineFarOff() {
        Stages s = new Stages()
                .piece(line("L", -40, 0, Bib.CORAL))
                .piece(new Piece.LineUp("R", new Vec(30, 0), Math.PI, "R", Bib.SKY, 2, "R"))
                .travel(run("a", "L", Action.Gait.RUN, Cue.whistle(), -30, 0))
                .travel(run("b", "R", Action.Gait.RUN, Cue.whistle(), 25, 0))
                .say(goes("L", to("R")))
                .say(goes("R", to("L")));
        return new Situation("a line far off", TURF, s.build(), people(3), List.of("NEARER"));
    }
}
