package wildchalk.core.soundness;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;

/** Whether those whom it is about, and the moments that it names, are there. */
record GameFaults(References references, List<String> faults) implements Game.Cases<Void> {

    private void fault(String key, Object... values) {
        faults.add(RotationFaults.BOOK.say(key, values));
    }

    /** Whether those who are named are there. */
    void whom(Whom whom) {
        boolean people = whom instanceof Whom.People;
        Stage stage = references.stage();
        whom.named().stream()
                .filter(w -> people ? stage.person(w).isEmpty() : stage.piece(w).isEmpty())
                .forEach(w -> fault(people ? "whom.nobody" : "whom.nothing", w));
    }

    @Override
    public Void duty(Game.Duty duty) {
        whom(duty.whom());
        duty.zone().ifPresent(z -> references.zone(References.ABOUT, z, faults));
        if ((duty.task() == Game.Task.SPREAD) != duty.zone().isPresent()) {
            fault(duty.zone().isPresent() ? "duty.no.zone" : "duty.zone");
        }
        return moment(duty.at());
    }

    @Override
    public Void trade(Game.Trade trade) {
        return null;
    }

    @Override
    public Void says(Game.Says says) {
        whom(says.whom());
        whom(says.to());
        says.moment().ifPresent(this::moment);
        return null;
    }

    @Override
    public Void watchFor(Game.WatchFor watch) {
        whom(watch.whom());
        watch.moment().ifPresent(this::moment);
        return null;
    }

    @Override
    public Void goalAt(Game.GoalAt goal) {
        if (references.hasNoTarget(goal.target())) {
            fault("goal", goal.target());
        }
        return null;
    }

    @Override
    public Void twin(Game.Twin twin) {
        Set<String> seen = new HashSet<>();
        Set<String> ids = references.stage().ids();
        Stream.concat(twin.pairs().keySet().stream(), twin.pairs().values().stream())
                .forEach(id -> {
                    if (!ids.contains(id)) {
                        fault("twin.nothing", id);
                    } else if (!seen.add(id)) {
                        fault("twin.twice", id);
                    }
                });
        return null;
    }

    @Override
    public Void code(Game.Code code) {
        for (Game.Part part : code.parts()) {
            part.pieces().stream()
                    .filter(id -> references.stage().piece(id).isEmpty())
                    .forEach(id -> fault("code.piece", id));
            if (part.figures() < 1) {
                fault("code.nothing");
            }
        }
        return null;
    }

    @Override
    public Void starts(Given.Starts starts) {
        whom(starts.whom());
        return null;
    }

    @Override
    public Void ability(Given.Ability ability) {
        whom(ability.whom());
        if (!(ability.pace() > 0 && ability.pace() <= 1)) {
            fault("ability.pace", ability.pace());
        }
        return null;
    }

    @Override
    public Void byAge(Given.ByAge byAge) {
        Stage stage = references.stage();
        boolean limit = stage.instructions(Limit.Count.class).stream().anyMatch(l -> l.id().equals(byAge.of()));
        if (!limit && stage.piece(byAge.of()).isEmpty()) {
            fault("by.age.of", byAge.of());
        }
        if (limit == byAge.from().isPresent()) {
            fault(limit ? "by.age.limit" : "by.age.from");
        }
        byAge.from()
                .filter(f -> stage.piece(f).isEmpty() && references.hasNoTarget(f))
                .ifPresent(f -> fault("by.age.nothing", f));
        return null;
    }

    private Void moment(Cue cue) {
        cue.trigger().parts().forEach(t -> references.trigger(t, faults));
        return null;
    }
}
