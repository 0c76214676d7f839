package wildchalk.core.check.work;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Rotation;
import wildchalk.core.soundness.Soundness;

/** A call that nobody waits for. */
final class Unheard implements DrillCheck.OfRep {

    @Override
    public String id() {
        return "unheard";
    }

    @Override
    public List<Spotted> in(Rep rep) {
        Set<String> heard = new HashSet<>();
        rep.stage().actions().forEach(a -> add(heard, Soundness.triggers(a).stream()));
        for (Instruction said : rep.stage().instructions()) {
            add(heard, moments(said));
        }
        return rep.stage().actions().stream()
                .filter(a -> a instanceof Action.Call c && !heard.contains(c.word()))
                .map(a -> (Action.Call) a)
                .map(c -> {
                    Spotted spotted = Said.in(rep, id(), id(), rep.name(c.who()), c.word())
                            .about(List.of(c.id()))
                            .as(Spotted.Sure.LOOK);
                    return rep.timeline()
                            .times(c.id())
                            .map(t -> spotted.when(t.start()).at(rep.timeline().at(c.who(), t.start())))
                            .orElse(spotted);
                })
                .toList();
    }

    private static Stream<Cue.Trigger> moments(Instruction said) {
        if (said instanceof Instruction.Freeze freeze) {
            return freeze.at().trigger().parts().stream();
        }
        if (said instanceof Limit.NotBefore limit) {
            return limit.moment().parts().stream();
        }
        if (said instanceof Limit.Within limit) {
            return limit.from().stream().flatMap(t -> t.parts().stream());
        }
        if (said instanceof Rotation rotation) {
            return rotation.moment().stream().flatMap(c -> c.trigger().parts().stream());
        }
        return said instanceof Instruction.Attacks attacks
                ? attacks.from().stream().flatMap(c -> c.trigger().parts().stream())
                : Stream.empty();
    }

    private static void add(Set<String> heard, Stream<Cue.Trigger> triggers) {
        triggers.flatMap(t -> word(t.counted()).stream()).forEach(heard::add);
    }

    private static Optional<String> word(Cue.Trigger trigger) {
        return trigger instanceof Cue.Called called ? Optional.of(called.word()) : Optional.empty();
    }
}
