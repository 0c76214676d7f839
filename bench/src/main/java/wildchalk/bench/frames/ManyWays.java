package wildchalk.bench.frames;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.bench.Crowd;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;

/** Twelve people and two decisions, of three and four options: twelve ways through. */
final class ManyWays {

    static final int PEOPLE = 12;
    static final int LINES = 22;
    static final int WAYS = 12;

    private ManyWays() {}

    static Drill drill() {
        Stage crowd = Crowd.stage(PEOPLE, LINES);
        List<Action> actions = new ArrayList<>(crowd.actions());
        List<Instruction> said = new ArrayList<>();
        for (int read = 0; read < 2; read++) {
            String who = crowd.people().get(read).id();
            List<Instruction.Option> options = new ArrayList<>();
            for (int o = 0; o < 3 + read; o++) {
                String id = "r" + read + "o" + o;
                TravelPath path = new TravelPath(List.of(Spot.at(10 * read - 4 * o, 6 * o - 9)), false);
                actions.add(new Travel.Run(
                        id, who, path, Action.Gait.RUN, Action.Ending.GO_ON, new Cue(new Cue.Whistle(), 12)));
                options.add(new Instruction.Option("o" + id, "x" + o, "", List.of(id)));
            }
            said.add(new Instruction.Read("read" + read, who, options, Optional.empty()));
        }
        Drill empty = Drill.empty("ways", "Twelve ways", "field-hockey", "whole");
        Stage stage = Ladder.build(empty, "s1")
                .withPieces(crowd.pieces())
                .withActions(actions)
                .withInstructions(said);
        return Ladder.put(empty, stage);
    }
}
