package wildchalk.core.edit;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.RotationCases;

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
        Rotation.To to = g.to();
        if (to instanceof Rotation.Becomes b) {
            to = new Rotation.Becomes(id(b.who()), b.otherSide());
        } else if (to instanceof Rotation.ChangesWith c) {
            to = new Rotation.ChangesWith(id(c.who()));
        }
        return new Rotation.Goes(id(g.id()), id(g.who()), to, g.after());
    }

    @Override
    public Instruction starts(Rotation.Starts s) {
        Rotation.When when = s.when() instanceof Rotation.At at ? new Rotation.At(cues.apply(at.moment())) : s.when();
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
    public Instruction shares(Rotation.Shares s) {
        Map<String, Integer> shares = new LinkedHashMap<>();
        s.shares().forEach((option, n) -> shares.put(id(option), n));
        return new Rotation.Shares(id(s.id()), id(s.read()), shares);
    }
}
