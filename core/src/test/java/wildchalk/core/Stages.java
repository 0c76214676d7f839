package wildchalk.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Timeline;

/**
 * Builds small stages for tests, step by step. Nobody in them needs time to react unless it is said: cues are plain.
 */
public final class Stages {

    public static final Surface TURF = Surfaces.BUILT_IN.get("field-hockey");

    private final List<Piece> pieces = new ArrayList<>();
    private final List<Action> actions = new ArrayList<>();
    private final List<Instruction> said = new ArrayList<>();

    public Stages player(String id, double x, double y) {
        return player(id, x, y, Bib.CORAL);
    }

    public Stages player(String id, double x, double y, Bib bib) {
        pieces.add(new Piece.Player(id, new Vec(x, y), 0, id, bib));
        return this;
    }

    public Stages piece(Piece piece) {
        pieces.add(piece);
        return this;
    }

    public Stages ball(String id, String heldBy) {
        pieces.add(new Piece.Ball(id, Vec.ZERO, Optional.of(heldBy)));
        return this;
    }

    public Stages sprint(String id, String who, Cue cue, double... xy) {
        return travel(new Travel.Run(id, who, path(false, xy), Gait.SPRINT, Ending.GO_ON, cue));
    }

    public Stages run(String id, String who, Cue cue, double... xy) {
        return travel(new Travel.Run(id, who, path(false, xy), Gait.RUN, Ending.GO_ON, cue));
    }

    public Stages carry(String id, String who, Cue cue, double... xy) {
        return travel(new Travel.Carry(id, who, path(false, xy), Gait.RUN, Ending.GO_ON, cue));
    }

    public Stages travel(Travel travel) {
        actions.add(travel);
        return this;
    }

    public Stages pass(String id, String who, String to, Cue cue) {
        actions.add(new Action.Pass(id, who, Spot.at(to), Touch.CONTROLLED, cue));
        return this;
    }

    public Stages firstTime(String id, String who, String to, Cue cue) {
        actions.add(new Action.Pass(id, who, Spot.at(to), Touch.FIRST_TIME, cue));
        return this;
    }

    public Stages shot(String id, String who, Cue cue) {
        actions.add(new Action.Shot(id, who, new Spot.AtTarget("goal"), Touch.CONTROLLED, cue));
        return this;
    }

    public Stages action(Action action) {
        actions.add(action);
        return this;
    }

    public Stages shadow(String id, String who, String whom, Shadow.Way way, double distance, Cue cue) {
        return action(new Shadow(
                id, who, whom, new Shadow.Style(way, Shadow.Side.GOAL, distance), Gait.SPRINT, Optional.empty(), cue));
    }

    /** A read with an option for each action, the first of which is taken. */
    public static Instruction.Read either(String id, String who, String... actions) {
        List<Instruction.Option> options = new ArrayList<>();
        for (String action : actions) {
            options.add(new Instruction.Option("o" + (options.size() + 1), "", "", List.of(action)));
        }
        return new Instruction.Read(id, who, options, Optional.empty());
    }

    public Stages say(Instruction instruction) {
        said.add(instruction);
        return this;
    }

    public Stage build() {
        return new Stage("s1", "Start here", pieces, actions)
                .withInstructions(said)
                .at(Effort.LIVE.reacting(false));
    }

    /** A drill of which the stage is the only rung. */
    public static Drill drill(Stage stage) {
        return Ladder.put(
                Drill.empty("d", "Drill", "field-hockey", "whole").withEffort(stage.effort()),
                new Stage("s1", stage.title(), stage.pieces(), stage.actions()).withInstructions(stage.instructions()));
    }

    public Timeline rehearse() {
        return Rehearsal.of(build(), TURF);
    }

    public static TravelPath path(boolean smooth, double... xy) {
        List<Spot> spots = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            spots.add(Spot.at(xy[i], xy[i + 1]));
        }
        return new TravelPath(spots, smooth);
    }
}
