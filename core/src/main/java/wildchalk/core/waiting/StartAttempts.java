package wildchalk.core.waiting;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.When;
import wildchalk.core.edit.RotationEdits;

/** The next rep begins sooner. */
final class StartAttempts {

    private static final List<Integer> EVERY = List.of(3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 40);

    private final Trials trials;

    StartAttempts(Trials trials) {
        this.trials = trials;
    }

    List<Attempt> all() {
        List<Attempt> all = new ArrayList<>();
        moments().forEach((words, when) -> all.add(starts(Kind.EARLIER, words, when)));
        double usual = trials.flow().interval().orElse(Double.POSITIVE_INFINITY);
        EVERY.stream()
                .filter(s -> s < usual)
                .map(s -> new When.Every(s))
                .forEach(w -> all.add(starts(Kind.EVERY, words(w), w)));
        atOnce(all);
        return all;
    }

    private String words(When when) {
        return trials.words().of(new Rotation.Starts("", when));
    }

    private Attempt starts(Kind kind, String words, When when) {
        return Attempt.said(
                kind,
                "",
                words,
                RotationEdits.starts(trials.question().rung(), when),
                trials.question().asked());
    }

    /** Moments that always come, those that everybody sees first. */
    private Map<String, When> moments() {
        Set<String> optional = new HashSet<>();
        trials.stage().instructions(Instruction.Read.class).forEach(r -> r.options()
                .forEach(o -> optional.addAll(o.actions())));
        List<Action> certain = trials.stage().actions().stream()
                .filter(a -> !optional.contains(a.id()))
                .toList();
        List<Cue> cues = new ArrayList<>();
        for (Action action : certain) {
            if (action instanceof Action.Delivery) {
                cues.add(new Cue(new Cue.Released(action.id()), 0));
                action.receiver().flatMap(trials.stage()::person).ifPresent(p -> cues.add(Cue.received(action.id())));
            }
        }
        certain.stream()
                .filter(a -> !(a instanceof Action.Delivery))
                .map(a -> Cue.after(a.id()))
                .forEach(cues::add);
        certain.stream()
                .filter(a -> !(a.cue().trigger() instanceof Cue.Whistle))
                .map(a -> new Cue(new Cue.With(a.id()), 0))
                .forEach(cues::add);
        Map<String, When> moments = new LinkedHashMap<>();
        cues.forEach(c -> moments.putIfAbsent(words(new When.At(c)), new When.At(c)));
        return moments;
    }

    private void atOnce(List<Attempt> all) {
        for (Piece.Person role : trials.rotates().roles()) {
            for (Piece.Person next : trials.rotates().roles()) {
                boolean begins = trials.stage().actionsOf(next.id()).stream()
                        .anyMatch(a -> a.cue().trigger() instanceof Cue.Whistle);
                if (begins && !next.id().equals(role.id())) {
                    Rotation.To to = new Rotation.GoesOn(next.id());
                    all.add(Attempt.said(
                            Kind.AT_ONCE,
                            "",
                            trials.words().of(new Rotation.Goes("", role.id(), to, Optional.empty())),
                            RotationEdits.goes(trials.question().rung(), role.id(), to, Optional.empty()),
                            trials.question().asked()));
                }
            }
        }
    }
}
