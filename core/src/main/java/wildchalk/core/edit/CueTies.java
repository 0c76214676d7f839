package wildchalk.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Cue;

/** Loosens cues from people and pieces that are gone. */
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

    private static Optional<Trigger> left(Trigger trigger, Set<String> gone) {
        if (trigger instanceof Cue.Several several) {
            List<Trigger> parts = trigger.parts().stream().flatMap(t -> left(t, gone).stream()).toList();
            return parts.isEmpty() ? Optional.empty()
                    : Optional.of(parts.size() == 1 ? parts.get(0) : several.with(parts));
        }
        boolean lost = trigger.watched().stream().anyMatch(gone::contains)
                || trigger.of().filter(gone::contains).isPresent();
        return lost ? Optional.empty() : Optional.of(trigger);
    }
}
