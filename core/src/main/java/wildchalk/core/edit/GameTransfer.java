package wildchalk.core.edit;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Instruction;

/**
 * What many do, say and must mind, about others than it was, or elsewhere.
 *
 * @param cues what stands in place of a cue
 */
record GameTransfer(Transfer transfer, UnaryOperator<Cue> cues) implements Game.Cases<Instruction> {

    @Override
    public Instruction duty(Game.Duty duty) {
        Game.Duty there = duty.by(duty.whom().mapped(transfer::id)).when(cues.apply(duty.at()));
        return duty.zone().map(z -> there.over(transfer.zone(z))).orElse(there).withId(transfer.id(duty.id()));
    }

    @Override
    public Instruction trade(Game.Trade trade) {
        return trade.withId(transfer.id(trade.id()));
    }

    @Override
    public Instruction says(Game.Says says) {
        return says.by(says.whom().mapped(transfer::id))
                .to(says.to().mapped(transfer::id))
                .when(says.moment().map(cues), says.before())
                .withId(transfer.id(says.id()));
    }

    @Override
    public Instruction goalAt(Game.GoalAt goal) {
        return new Game.GoalAt(
                transfer.id(goal.id()),
                transfer.name(goal.target()),
                goal.at().map(transfer.placement()::place),
                transfer.placement().facing(goal.facing()));
    }

    @Override
    public Instruction twin(Game.Twin twin) {
        Map<String, String> pairs = new LinkedHashMap<>();
        twin.pairs().forEach((one, other) -> pairs.put(transfer.id(one), transfer.id(other)));
        return twin.of(pairs).withId(transfer.id(twin.id()));
    }

    @Override
    public Instruction code(Game.Code code) {
        return code.of(code.parts().stream()
                        .map(p -> new Game.Part(
                                p.words(), p.pieces().stream().map(transfer::id).toList(), p.gaps()))
                        .toList())
                .withId(transfer.id(code.id()));
    }

    @Override
    public Instruction starts(Given.Starts starts) {
        return starts.by(starts.whom().mapped(transfer::id)).withId(transfer.id(starts.id()));
    }

    @Override
    public Instruction ability(Given.Ability ability) {
        return ability.by(ability.whom().mapped(transfer::id)).withId(transfer.id(ability.id()));
    }

    @Override
    public Instruction byAge(Given.ByAge byAge) {
        return new Given.ByAge(
                transfer.id(byAge.id()),
                transfer.id(byAge.of()),
                byAge.from().map(transfer::id).map(transfer::name),
                byAge.steps());
    }

    @Override
    public Instruction watchFor(Game.WatchFor watch) {
        return watch.of(watch.whom().mapped(transfer::id))
                .when(watch.moment().map(cues))
                .withId(transfer.id(watch.id()));
    }
}
