package wildchalk.core.edit;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Instruction;

/**
 * What many do, say and must mind, about others than it was.
 *
 * @param ids what stands in place of an id
 * @param cues what stands in place of a cue
 */
record GameTransfer(UnaryOperator<String> ids, UnaryOperator<Cue> cues) implements Game.Cases<Instruction> {

    @Override
    public Instruction duty(Game.Duty duty) {
        return duty.by(duty.whom().mapped(ids)).when(cues.apply(duty.at())).withId(ids.apply(duty.id()));
    }

    @Override
    public Instruction trade(Game.Trade trade) {
        return trade.withId(ids.apply(trade.id()));
    }

    @Override
    public Instruction says(Game.Says says) {
        return says.by(says.whom().mapped(ids))
                .to(says.to().mapped(ids))
                .when(says.moment().map(cues), says.before())
                .withId(ids.apply(says.id()));
    }

    @Override
    public Instruction goalAt(Game.GoalAt goal) {
        return goal.withId(ids.apply(goal.id()));
    }

    @Override
    public Instruction twin(Game.Twin twin) {
        Map<String, String> pairs = new LinkedHashMap<>();
        twin.pairs().forEach((one, other) -> pairs.put(ids.apply(one), ids.apply(other)));
        return twin.of(pairs).withId(ids.apply(twin.id()));
    }

    @Override
    public Instruction code(Game.Code code) {
        return code.of(code.parts().stream()
                        .map(p -> new Game.Part(
                                p.words(), p.pieces().stream().map(ids).toList(), p.gaps()))
                        .toList())
                .withId(ids.apply(code.id()));
    }

    @Override
    public Instruction watchFor(Game.WatchFor watch) {
        return watch.of(watch.whom().mapped(ids)).when(watch.moment().map(cues)).withId(ids.apply(watch.id()));
    }
}
