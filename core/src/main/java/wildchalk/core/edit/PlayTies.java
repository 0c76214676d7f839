package wildchalk.core.edit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Whom;

/** Loosens live play, and what many do at a moment, from people, pieces and actions that are gone. */
final class PlayTies {

    private PlayTies() {}

    /** Sides without those who are gone; all of the surface where the area is gone. */
    static Action without(PlayOn play, Set<String> gone) {
        List<Whom> sides =
                play.sides().stream().flatMap(s -> s.without(gone).stream()).toList();
        return play.between(sides)
                .in(play.area().filter(a -> !gone.contains(a)))
                .until(play.until().over(play.until().line().filter(l -> !gone.contains(l))));
    }

    /** Nothing where nobody is left whom it is about, or its moment is gone. */
    static Optional<Instruction> without(Game game, Set<String> gone) {
        return game.matchGame(new Game.Cases<>() {
            @Override
            public Optional<Instruction> duty(Game.Duty duty) {
                return duty.zone().filter(gone::contains).isPresent()
                        ? Optional.empty()
                        : duty.whom().without(gone).flatMap(w -> left(duty.at(), gone)
                                .map(c -> duty.by(w).when(c)));
            }

            @Override
            public Optional<Instruction> trade(Game.Trade trade) {
                return Optional.of(trade);
            }

            @Override
            public Optional<Instruction> says(Game.Says says) {
                boolean lost =
                        says.moment().isPresent() && moment(says.moment(), gone).isEmpty();
                Whom to = says.to().without(gone).orElse(Whom.everybody());
                return lost
                        ? Optional.empty()
                        : says.whom()
                                .without(gone)
                                .map(w -> says.by(w).to(to).when(moment(says.moment(), gone), says.before()));
            }

            @Override
            public Optional<Instruction> goalAt(Game.GoalAt goal) {
                return Optional.of(goal);
            }

            @Override
            public Optional<Instruction> twin(Game.Twin twin) {
                Map<String, String> left = new LinkedHashMap<>(twin.pairs());
                left.keySet().removeAll(gone);
                left.values().removeAll(gone);
                return left.isEmpty() ? Optional.empty() : Optional.of(twin.of(left));
            }

            @Override
            public Optional<Instruction> code(Game.Code code) {
                List<Game.Part> left = code.parts().stream()
                        .map(p -> new Game.Part(
                                p.words(),
                                p.pieces().stream()
                                        .filter(g -> !gone.contains(g))
                                        .toList(),
                                p.gaps()))
                        .toList();
                return left.stream().allMatch(p -> p.figures() > 0) ? Optional.of(code.of(left)) : Optional.empty();
            }

            @Override
            public Optional<Instruction> starts(Given.Starts starts) {
                return starts.whom().without(gone).map(starts::by);
            }

            @Override
            public Optional<Instruction> ability(Given.Ability ability) {
                return ability.whom().without(gone).map(ability::by);
            }

            @Override
            public Optional<Instruction> byAge(Given.ByAge byAge) {
                boolean lost = gone.contains(byAge.of())
                        || byAge.from().filter(gone::contains).isPresent();
                return lost ? Optional.empty() : Optional.of(byAge);
            }

            @Override
            public Optional<Instruction> watchFor(Game.WatchFor watch) {
                // What the coach has seen go wrong is worth keeping for all the time.
                Whom whom = watch.whom().without(gone).orElse(Whom.everybody());
                return Optional.of(watch.of(whom).when(moment(watch.moment(), gone)));
            }
        });
    }

    private static Optional<Cue> moment(Optional<Cue> cue, Set<String> gone) {
        return cue.flatMap(c -> left(c, gone));
    }

    private static Optional<Cue> left(Cue cue, Set<String> gone) {
        return CueTies.left(cue.trigger(), gone).map(t -> new Cue(t, cue.delay()));
    }
}
