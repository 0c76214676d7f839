package wildchalk.core.soundness;

import java.util.List;
import java.util.stream.Stream;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.LimitCases;

/** Whether what a limit names besides those whom it is about is there. */
record LimitFaults(References references, List<String> faults) implements LimitCases<Void> {

    @Override
    public Void count(Limit.Count number) {
        Stream.concat(number.span().from().stream(), number.span().until().stream())
                .forEach(this::moment);
        return null;
    }

    private void moment(Cue.Trigger moment) {
        moment.parts().forEach(t -> references.trigger(t, faults));
    }

    @Override
    public Void passesFirst(Limit.PassesFirst passes) {
        passes.line().ifPresent(l -> references.line("is about", l, faults));
        return null;
    }

    @Override
    public Void entriesFirst(Limit.EntriesFirst entries) {
        references.zone("is about", entries.zone(), faults);
        return null;
    }

    @Override
    public Void within(Limit.Within within) {
        within.zone().ifPresent(z -> references.zone("is about", z, faults));
        within.from().ifPresent(this::moment);
        return null;
    }

    @Override
    public Void onlyIn(Limit.OnlyIn only) {
        references.zone("is about", only.zone(), faults);
        only.from().ifPresent(this::moment);
        return null;
    }

    @Override
    public Void stayIn(Limit.StayIn stay) {
        references.zone("is about", stay.zone(), faults);
        stay.until().ifPresent(this::moment);
        return null;
    }

    @Override
    public Void notBefore(Limit.NotBefore before) {
        moment(before.moment());
        return null;
    }
}
