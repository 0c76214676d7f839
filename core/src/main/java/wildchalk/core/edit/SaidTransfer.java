package wildchalk.core.edit;

import wildchalk.core.drill.Game;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.LimitCases;
import wildchalk.core.drill.Rotation;

/** What is said, about others than it was, or elsewhere. */
record SaidTransfer(Transfer transfer) implements Instruction.Cases<Instruction>, LimitCases<Instruction> {

    @Override
    public Instruction read(Instruction.Read r) {
        return new Instruction.Read(
                transfer.id(r.id()),
                transfer.id(r.who()),
                r.options().stream().map(this::option).toList(),
                r.under().map(transfer::id),
                r.rule());
    }

    private Instruction.Option option(Instruction.Option o) {
        return new Instruction.Option(
                transfer.id(o.id()),
                o.label(),
                o.reason(),
                o.actions().stream().map(transfer::id).toList());
    }

    @Override
    public Instruction freeze(Instruction.Freeze f) {
        return new Instruction.Freeze(
                transfer.id(f.id()),
                transfer.cue(f.at()),
                f.question(),
                f.answer(),
                f.signs().stream().map(s -> s.mapped(transfer::spot)).toList());
    }

    @Override
    public Instruction moveOn(Instruction.MoveOn m) {
        return m.withId(transfer.id(m.id()));
    }

    @Override
    public Instruction attacks(Instruction.Attacks a) {
        return new Instruction.Attacks(
                transfer.id(a.id()),
                a.team(),
                transfer.placement().turnsEnds() ? a.end().other() : a.end(),
                a.from().map(transfer::cue));
    }

    @Override
    public Instruction limit(Limit limit) {
        return limit.matchLimit(this);
    }

    @Override
    public Instruction game(Game game) {
        return game.matchGame(new GameTransfer(transfer, transfer::cue));
    }

    @Override
    public Instruction rotation(Rotation rotation) {
        return rotation.matchRotation(new RotationTransfer(transfer::id, transfer::cue));
    }

    @Override
    public Instruction count(Limit.Count l) {
        Limit.Span span = l.span();
        return new Limit.Count(
                transfer.id(l.id()),
                l.counted(),
                l.bound(),
                l.n(),
                span.of(transfer.whom(span.whom()))
                        .between(
                                span.from().map(transfer::trigger), span.until().map(transfer::trigger)));
    }

    @Override
    public Instruction passesFirst(Limit.PassesFirst l) {
        return new Limit.PassesFirst(transfer.id(l.id()), l.passes(), l.line().map(transfer::name));
    }

    @Override
    public Instruction entriesFirst(Limit.EntriesFirst l) {
        return new Limit.EntriesFirst(transfer.id(l.id()), l.entries(), transfer.zone(l.zone()));
    }

    @Override
    public Instruction within(Limit.Within l) {
        return new Limit.Within(
                transfer.id(l.id()),
                l.seconds(),
                l.zone().map(transfer::zone),
                l.from().map(transfer::trigger));
    }

    @Override
    public Instruction onlyIn(Limit.OnlyIn l) {
        return new Limit.OnlyIn(
                transfer.id(l.id()),
                transfer.zone(l.zone()),
                transfer.whom(l.whom()),
                l.from().map(transfer::trigger));
    }

    @Override
    public Instruction stayIn(Limit.StayIn l) {
        return new Limit.StayIn(
                transfer.id(l.id()),
                transfer.whom(l.whom()),
                transfer.zone(l.zone()),
                l.until().map(transfer::trigger));
    }

    @Override
    public Instruction notBefore(Limit.NotBefore l) {
        return new Limit.NotBefore(transfer.id(l.id()), transfer.whom(l.whom()), transfer.trigger(l.moment()));
    }
}
