package wildchalk.core.soundness;

import java.util.List;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;

/** Whether those whom it is about, and the moments that it names, are there. */
record GameFaults(References references, List<String> faults) implements Game.Cases<Void> {

    @Override
    public Void duty(Game.Duty duty) {
        references.whom(duty.whom(), faults);
        return moment(duty.at());
    }

    @Override
    public Void trade(Game.Trade trade) {
        return null;
    }

    @Override
    public Void says(Game.Says says) {
        references.whom(says.whom(), faults);
        references.whom(says.to(), faults);
        says.moment().ifPresent(this::moment);
        return null;
    }

    @Override
    public Void watchFor(Game.WatchFor watch) {
        references.whom(watch.whom(), faults);
        watch.moment().ifPresent(this::moment);
        return null;
    }

    @Override
    public Void goalAt(Game.GoalAt goal) {
        references.goal(goal, faults);
        return null;
    }

    @Override
    public Void twin(Game.Twin twin) {
        references.twin(twin, faults);
        return null;
    }

    @Override
    public Void code(Game.Code code) {
        references.code(code, faults);
        return null;
    }

    private Void moment(Cue cue) {
        cue.trigger().parts().forEach(t -> references.trigger(t, faults));
        return null;
    }
}
