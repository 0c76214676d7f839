package wildchalk.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Sign;

/** Loosens cues, and what is said, from people, pieces and actions that are gone. */
final class CueTies {

    private CueTies() {
    }

    /** The action without moments that watch what is gone; without any moment left it goes on after its person's last. */
    static Action without(Action action, Set<String> gone) {
        Optional<Trigger> cue = left(action.cue().trigger(), gone);
        Action kept = cue.filter(action.cue().trigger()::equals).isPresent() ? action
                : action.withCue(new Cue(cue.orElse(new Cue.Next()), action.cue().delay()));
        if (kept instanceof Action.Shadow s) {
            return s.until(s.until().flatMap(u -> left(u, gone)));
        }
        return kept instanceof Action.Hold h ? h.until(h.until().flatMap(u -> left(u, gone))) : kept;
    }

    /** What is still said: nothing about people who are gone, options without the actions that are. */
    static List<Instruction> without(List<Instruction> said, Set<String> gone) {
        List<Instruction> left = said.stream().flatMap(i -> without(i, gone).stream()).toList();
        return left.stream().map(i -> i instanceof Instruction.Read read ? arising(read, said, left) : i).toList();
    }

    /** A read that arose in an option of one that is gone arises where that did. */
    private static Instruction arising(Instruction.Read read, List<Instruction> before, List<Instruction> left) {
        Optional<String> under = read.under();
        while (under.isPresent() && holder(under.get(), left).isEmpty()) {
            under = holder(under.get(), before).flatMap(Instruction.Read::under);
        }
        return new Instruction.Read(read.id(), read.who(), read.options(), under, read.rule());
    }

    private static Optional<Instruction.Read> holder(String option, List<Instruction> said) {
        return said.stream().filter(Instruction.Read.class::isInstance).map(Instruction.Read.class::cast)
                .filter(r -> r.option(option).isPresent()).findFirst();
    }

    private static Optional<Instruction> without(Instruction said, Set<String> gone) {
        if (gone.contains(said.id())) {
            return Optional.empty();
        }
        if (said instanceof Instruction.Read read) {
            List<Instruction.Option> options = read.options().stream().map(o -> o.with(o.actions().stream().filter(a -> !gone.contains(a)).toList())).toList();
            return gone.contains(read.who()) ? Optional.empty()
                    : Optional.of(read.with(options));
        }
        if (said instanceof Instruction.Freeze freeze) {
            List<Sign> signs = freeze.signs().stream().filter(s -> s.pieces().stream().noneMatch(gone::contains)).toList();
            return left(freeze.at().trigger(), gone).map(t -> freeze.at(new Cue(t, freeze.at().delay())).showing(signs));
        }
        return said instanceof Limit limit ? limit(limit, gone) : Optional.of(said);
    }

    private static Optional<Instruction> limit(Limit limit, Set<String> gone) {
        boolean lineLost = limit instanceof Limit.PassesFirst passes && passes.line().filter(gone::contains).isPresent();
        if (lineLost || zone(limit).filter(gone::contains).isPresent()) {
            return Optional.empty();
        }
        if (limit instanceof Limit.AtMost most) {
            return most.who().filter(gone::contains).isPresent() ? Optional.empty() : Optional.of(most);
        }
        if (limit instanceof Limit.OnlyIn only) {
            return Optional.of(new Limit.OnlyIn(only.id(), only.zone(),
                    only.who().stream().filter(w -> !gone.contains(w)).toList()));
        }
        if (limit instanceof Limit.Within within && within.from().isPresent()) {
            return left(within.from().get(), gone).map(t ->
                    new Limit.Within(within.id(), within.seconds(), within.zone(), Optional.of(t)));
        }
        if (limit instanceof Limit.NotBefore before) {
            return gone.contains(before.who()) ? Optional.empty()
                    : left(before.moment(), gone).map(t -> new Limit.NotBefore(before.id(), before.who(), t));
        }
        return Optional.of(limit);
    }

    private static Optional<String> zone(Limit limit) {
        return limit instanceof Limit.OnlyIn only ? Optional.of(only.zone())
                : limit instanceof Limit.EntriesFirst entries ? Optional.of(entries.zone())
                : limit instanceof Limit.Within within ? within.zone() : Optional.empty();
    }

    private static Optional<Trigger> left(Trigger trigger, Set<String> gone) {
        if (trigger instanceof Cue.Several several) {
            List<Trigger> parts = trigger.parts().stream().flatMap(t -> left(t, gone).stream()).toList();
            return parts.isEmpty() ? Optional.empty()
                    : Optional.of(parts.size() == 1 ? parts.get(0) : several.with(parts));
        }
        boolean lost = trigger.watched().stream().anyMatch(gone::contains)
                || trigger.of().filter(gone::contains).isPresent()
                || trigger instanceof Cue.Enters e && gone.contains(e.zone())
                || trigger instanceof Cue.Crosses c && gone.contains(c.line());
        return lost ? Optional.empty() : Optional.of(trigger);
    }
}
