package wildchalk.core.edit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Outline;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;

/**
 * Puts pieces and actions somewhere else under other ids. What they name inside the part that is put elsewhere they name
 * there; what they name outside stays what it is.
 *
 * @param ids the new id for each old one; what is not in it keeps its own
 * @param known whether the surface has a zone, line or target of a name
 */
record Transfer(Placement placement, Map<String, String> ids, Predicate<String> known) {

    Transfer {
        ids = Map.copyOf(ids);
    }

    private String id(String old) {
        return ids.getOrDefault(old, old);
    }

    private String name(String id) {
        String there = placement.name(id);
        return known.test(there) ? there : id;
    }

    /** @param label what is written on a person, or beside gear */
    Piece piece(Piece piece, String label) {
        Piece there = facing(piece, label);
        if (piece instanceof Piece.Tape tape) {
            return new Piece.Tape(id(tape.id()), tape.reading(), tape.points().stream().map(placement::place).toList());
        }
        return there.movedTo(placement.place(piece.at()));
    }

    private Outline there(Outline outline) {
        return outline.placed(placement.ends(), placement.sides(), placement.turn());
    }

    private Piece facing(Piece piece, String label) {
        String id = id(piece.id());
        if (piece instanceof Piece.Player p) {
            return new Piece.Player(id, p.at(), placement.facing(p.facing()), label, p.team());
        }
        if (piece instanceof Piece.Goalkeeper g) {
            return new Piece.Goalkeeper(id, g.at(), placement.facing(g.facing()), label, g.team());
        }
        if (piece instanceof Piece.Coach c) {
            return new Piece.Coach(id, c.at(), placement.facing(c.facing()), label);
        }
        if (piece instanceof Piece.LineUp l) {
            return new Piece.LineUp(id, l.at(), placement.facing(l.facing()), label, l.team(), l.waiting(), l.name(),
                    placement.isMirror() ? new Piece.Queue(-l.queue().direction(), l.queue().spacing()) : l.queue());
        }
        if (piece instanceof Piece.Item i) {
            return new Piece.Item(id, i.at(), i.kind(), placement.facing(i.facing()), i.colour(), label, i.width(), i.depth());
        }
        if (piece instanceof Piece.Supply s) {
            return new Piece.Supply(id, s.at(), s.count());
        }
        if (piece instanceof Piece.Ball b) {
            return new Piece.Ball(id, b.at(), b.heldBy().map(this::id));
        }
        if (piece instanceof Piece.Zone z) {
            return new Piece.Zone(id, z.at(), there(z.outline()), z.label(), z.colour());
        }
        if (piece instanceof Piece.Station s) {
            return new Piece.Station(id, s.at(), there(s.outline()), s.number(), s.title(), s.minutes());
        }
        return piece instanceof Piece.Note n ? new Piece.Note(id, n.at(), n.text()) : piece;
    }

    Action action(Action a) {
        String id = id(a.id());
        String who = id(a.who());
        Cue cue = new Cue(trigger(a.cue().trigger()), a.cue().delay());
        if (a instanceof Action.Run r) {
            return new Action.Run(id, who, path(r.path()), going(r.going()), r.ending(), cue);
        }
        if (a instanceof Action.Carry c) {
            return new Action.Carry(id, who, path(c.path()), going(c.going()), c.ending(), cue);
        }
        if (a instanceof Action.Collect c) {
            return new Action.Collect(id, who, path(c.path()), going(c.going()), c.ending(), cue);
        }
        if (a instanceof Action.Pass p) {
            return new Action.Pass(id, who, spot(p.to()), p.touch(), p.manner(), p.off().map(placement::wall), cue);
        }
        if (a instanceof Action.Shot s) {
            return new Action.Shot(id, who, spot(s.to()), s.touch(), s.result(), s.next().map(this::spot), cue);
        }
        if (a instanceof Action.Shadow s) {
            return new Action.Shadow(id, who, id(s.whom()), s.way(), s.side(), s.distance(), s.gait(), until(s.until()), cue);
        }
        if (a instanceof Action.Hold h) {
            return new Action.Hold(id, who, h.stance(), h.facing().map(this::spot), placement.turn(h.turn()), h.seconds(),
                    until(h.until()), cue);
        }
        if (a instanceof Action.Handle h) {
            return new Action.Handle(id, who, id(h.piece()), h.deed(), cue);
        }
        return a instanceof Action.Call c ? new Action.Call(id, who, c.word(), cue) : new Action.Blow(id, who, cue);
    }

    /** What is said about the part. */
    Instruction said(Instruction said) {
        String id = id(said.id());
        if (said instanceof Instruction.Read r) {
            return new Instruction.Read(id, id(r.who()), r.options().stream().map(o -> new Instruction.Option(id(o.id()),
                    o.label(), o.reason(), o.actions().stream().map(this::id).toList())).toList(), r.under().map(this::id), r.rule());
        }
        if (said instanceof Instruction.Freeze f) {
            return new Instruction.Freeze(id, new Cue(trigger(f.at().trigger()), f.at().delay()), f.question(), f.answer(),
                    f.signs().stream().map(s -> s.mapped(this::spot)).toList());
        }
        if (said instanceof Limit.AtMost l) {
            return new Limit.AtMost(id, l.counted(), l.most(), l.who().map(this::id));
        }
        if (said instanceof Limit.NotBefore l) {
            return new Limit.NotBefore(id, id(l.who()), trigger(l.moment()));
        }
        if (said instanceof Limit.OnlyIn l) {
            return new Limit.OnlyIn(id, zone(l.zone()), l.who().stream().map(this::id).toList());
        }
        if (said instanceof Limit.EntriesFirst l) {
            return new Limit.EntriesFirst(id, l.entries(), zone(l.zone()));
        }
        if (said instanceof Limit.Within l) {
            return new Limit.Within(id, l.seconds(), l.zone().map(this::zone), l.from().map(this::trigger));
        }
        return said instanceof Limit.PassesFirst l ? new Limit.PassesFirst(id, l.passes(), l.line().map(this::name)) : said;
    }

    private String zone(String zone) {
        return ids.containsKey(zone) ? id(zone) : name(zone);
    }

    private Optional<Trigger> until(Optional<Trigger> until) {
        return until.map(this::trigger);
    }

    private Going going(Going going) {
        return new Going(going.gait(), going.pace(), going.corner(), going.watching().map(this::spot));
    }

    private Action.Path path(Action.Path path) {
        return new Action.Path(path.through().stream().map(this::spot).toList(), path.smooth());
    }

    private Spot spot(Spot spot) {
        if (spot instanceof Spot.AtPiece p) {
            return new Spot.AtPiece(id(p.piece()), placement.way(p.offset()));
        }
        return spot instanceof Spot.AtTarget t ? new Spot.AtTarget(name(t.target()))
                : Spot.at(placement.place(((Spot.Place) spot).at()));
    }

    private Trigger trigger(Trigger t) {
        if (t instanceof Cue.Several several) {
            List<Trigger> parts = several.parts().stream().map(this::trigger).toList();
            return several.with(parts);
        }
        if (t instanceof Cue.With w) {
            return new Cue.With(id(w.action()));
        }
        if (t instanceof Cue.Released r) {
            return new Cue.Released(id(r.action()));
        }
        if (t instanceof Cue.Received r) {
            return new Cue.Received(id(r.action()));
        }
        if (t instanceof Cue.After a) {
            return new Cue.After(id(a.action()));
        }
        if (t instanceof Cue.Partway p) {
            return new Cue.Partway(id(p.action()), p.share());
        }
        if (t instanceof Cue.Gone g) {
            return new Cue.Gone(id(g.action()), g.metres());
        }
        return watching(t);
    }

    private Trigger watching(Trigger t) {
        if (t instanceof Cue.Enters e) {
            return new Cue.Enters(id(e.who()), zone(e.zone()));
        }
        if (t instanceof Cue.Crosses c) {
            return new Cue.Crosses(id(c.who()), name(c.line()));
        }
        if (t instanceof Cue.Near n) {
            return new Cue.Near(id(n.who()), id(n.other()), n.metres());
        }
        return t instanceof Cue.Touches x ? new Cue.Touches(id(x.who())) : t;
    }
}
