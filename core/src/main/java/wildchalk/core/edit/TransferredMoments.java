package wildchalk.core.edit;

import wildchalk.core.drill.Cue;
import wildchalk.core.drill.CueCases;

/**
 * Moments that a transferred part names.
 *
 * @param transfer how it is put elsewhere
 */
record TransferredMoments(Transfer transfer) implements CueCases<Cue.Trigger> {

    @Override
    public Cue.Trigger whistle(Cue.Whistle w) {
        return w;
    }

    @Override
    public Cue.Trigger next(Cue.Next n) {
        return n;
    }

    @Override
    public Cue.Trigger called(Cue.Called c) {
        return c;
    }

    @Override
    public Cue.Trigger with(Cue.With w) {
        return new Cue.With(transfer.id(w.action()));
    }

    @Override
    public Cue.Trigger released(Cue.Released r) {
        return new Cue.Released(transfer.id(r.action()));
    }

    @Override
    public Cue.Trigger received(Cue.Received r) {
        return new Cue.Received(transfer.id(r.action()));
    }

    @Override
    public Cue.Trigger after(Cue.After a) {
        return new Cue.After(transfer.id(a.action()));
    }

    @Override
    public Cue.Trigger partway(Cue.Partway p) {
        return new Cue.Partway(transfer.id(p.action()), p.share());
    }

    @Override
    public Cue.Trigger gone(Cue.Gone g) {
        return new Cue.Gone(transfer.id(g.action()), g.metres());
    }

    @Override
    public Cue.Trigger enters(Cue.Enters e) {
        return new Cue.Enters(transfer.id(e.who()), transfer.zone(e.zone()));
    }

    @Override
    public Cue.Trigger crosses(Cue.Crosses c) {
        return new Cue.Crosses(
                transfer.id(c.who()),
                transfer.name(c.line()),
                transfer.placement().heading(c.heading()));
    }

    @Override
    public Cue.Trigger occurrence(Cue.Occurrence o) {
        return new Cue.Occurrence(o.moment().match(this), o.nth(), o.since().map(transfer::id));
    }

    @Override
    public Cue.Trigger near(Cue.Near n) {
        return new Cue.Near(transfer.id(n.who()), transfer.id(n.other()), n.metres());
    }

    @Override
    public Cue.Trigger touches(Cue.Touches t) {
        return new Cue.Touches(transfer.id(t.who()));
    }

    @Override
    public Cue.Trigger dead(Cue.Dead d) {
        return new Cue.Dead(transfer.id(d.ball()), d.how());
    }

    @Override
    public Cue.Trigger allOf(Cue.AllOf all) {
        return all.with(all.parts().stream().map(transfer::trigger).toList());
    }

    @Override
    public Cue.Trigger firstOf(Cue.FirstOf first) {
        return first.with(first.parts().stream().map(transfer::trigger).toList());
    }
}
