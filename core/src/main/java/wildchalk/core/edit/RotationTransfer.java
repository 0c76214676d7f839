package wildchalk.core.edit;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.RotationCases;
import wildchalk.core.drill.When;

/**
 * What is said between reps, about others than it was.
 *
 * @param ids what stands in place of an id
 * @param cues what stands in place of a cue
 */
record RotationTransfer(UnaryOperator<String> ids, UnaryOperator<Cue> cues) implements RotationCases<Instruction> {

    private String id(String old) {
        return ids.apply(old);
    }

    @Override
    public Instruction goes(Rotation.Goes g) {
        Rotation.To to = g.to().role().map(this::id).map(r -> role(g.to(), r)).orElse(g.to());
        return new Rotation.Goes(id(g.id()), id(g.who()), to, g.after());
    }

    private static Rotation.To role(Rotation.To to, String role) {
        if (to.isChange()) {
            return new Rotation.ChangesWith(role);
        }
        return to.isAtOnce() ? new Rotation.GoesOn(role) : new Rotation.Becomes(role, to.otherSide());
    }

    @Override
    public Instruction starts(Rotation.Starts s) {
        When when = s.when().at().map(cues).map(c -> (When) new When.At(c)).orElse(s.when());
        return new Rotation.Starts(id(s.id()), when);
    }

    @Override
    public Instruction sides(Rotation.Sides s) {
        return s.withId(id(s.id()));
    }

    @Override
    public Instruction fetches(Rotation.Fetches f) {
        return f.withId(id(f.id()));
    }

    @Override
    public Instruction fits(Rotation.Fits f) {
        return new Rotation.Fits(id(f.id()), id(f.who()), f.words());
    }

    @Override
    public Instruction over(Rotation.Over o) {
        return new Rotation.Over(id(o.id()), cues.apply(o.at()));
    }

    @Override
    public Instruction stepsUp(Rotation.StepsUp s) {
        return new Rotation.StepsUp(
                id(s.id()), id(s.line()), s.actions().stream().map(this::id).toList());
    }

    @Override
    public Instruction repeats(Rotation.Repeats r) {
        return new Rotation.Repeats(
                id(r.id()),
                r.actions().stream().map(this::id).toList(),
                r.often(),
                r.round().stream().map(this::id).toList());
    }

    @Override
    public Instruction shares(Rotation.Shares s) {
        Map<String, Integer> shares = new LinkedHashMap<>();
        s.shares().forEach((option, n) -> shares.put(id(option), n));
        return new Rotation.Shares(id(s.id()), id(s.read()), shares, s.seed());
    }
}
