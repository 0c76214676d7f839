package wildchalk.core.edit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.RotationCases;
import wildchalk.core.drill.When;

/** What is left of what is said between reps when something is gone; empty when it was about that. */
record RotationTies(Set<String> gone) implements RotationCases<Optional<Instruction>> {

    @Override
    public Optional<Instruction> goes(Rotation.Goes goes) {
        boolean lost = gone.contains(goes.who())
                || goes.to().role().filter(gone::contains).isPresent();
        return lost ? Optional.empty() : Optional.of(goes);
    }

    @Override
    public Optional<Instruction> starts(Rotation.Starts starts) {
        return starts.when().at().isEmpty()
                ? Optional.of(starts)
                : starts.when().at().flatMap(c -> CueTies.left(c.trigger(), gone)
                        .map(t -> new Rotation.Starts(starts.id(), new When.At(new Cue(t, c.delay())))));
    }

    @Override
    public Optional<Instruction> sides(Rotation.Sides sides) {
        return Optional.of(sides);
    }

    @Override
    public Optional<Instruction> fetches(Rotation.Fetches fetches) {
        return Optional.of(fetches);
    }

    @Override
    public Optional<Instruction> fits(Rotation.Fits fits) {
        return gone.contains(fits.who()) ? Optional.empty() : Optional.of(fits);
    }

    @Override
    public Optional<Instruction> over(Rotation.Over over) {
        return CueTies.left(over.at().trigger(), gone)
                .map(t -> new Rotation.Over(over.id(), new Cue(t, over.at().delay())));
    }

    @Override
    public Optional<Instruction> stepsUp(Rotation.StepsUp s) {
        List<String> left = s.actions().stream().filter(a -> !gone.contains(a)).toList();
        return left.isEmpty() || gone.contains(s.line())
                ? Optional.empty()
                : Optional.of(new Rotation.StepsUp(s.id(), s.line(), left));
    }

    @Override
    public Optional<Instruction> repeats(Rotation.Repeats repeats) {
        List<String> left =
                repeats.actions().stream().filter(a -> !gone.contains(a)).toList();
        boolean round = repeats.round().stream().noneMatch(gone::contains);
        return left.isEmpty() || !round
                ? Optional.empty()
                : Optional.of(new Rotation.Repeats(repeats.id(), left, repeats.often(), repeats.round()));
    }

    @Override
    public Optional<Instruction> shares(Rotation.Shares shares) {
        if (gone.contains(shares.read())) {
            return Optional.empty();
        }
        Map<String, Integer> left = new LinkedHashMap<>(shares.shares());
        left.keySet().removeAll(gone);
        return left.isEmpty() && !shares.shares().isEmpty()
                ? Optional.empty()
                : Optional.of(new Rotation.Shares(shares.id(), shares.read(), left, shares.seed()));
    }
}
