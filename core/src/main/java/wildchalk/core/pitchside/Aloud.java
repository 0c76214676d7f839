package wildchalk.core.pitchside;

import java.util.List;
import java.util.Optional;
import wildchalk.core.call.Calling;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.score.Scoring;

/** What is called and what counts in a block: as the drill says, unless something else was agreed in the run. */
public record Aloud(Optional<Calling> calling, Optional<Scoring> scoring) {

    /** @param drill that of the block; empty where it has none */
    public static Aloud of(Run run, String block, Optional<Drill> drill, String rung) {
        List<Deed.Agreed> agreed = run.done(block, Deed.Agreed.class);
        if (!agreed.isEmpty()) {
            Deed.Agreed last = agreed.get(agreed.size() - 1);
            return new Aloud(Calling.read(last.calls()), Scoring.read(last.counts()));
        }
        return new Aloud(
                drill.flatMap(d -> Ladder.calling(d, Says.rung(d, rung).id())),
                drill.flatMap(d -> Ladder.scoring(d, Says.rung(d, rung).id())));
    }
}
