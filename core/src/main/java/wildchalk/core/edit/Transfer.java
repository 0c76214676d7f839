package wildchalk.core.edit;

import java.util.Map;
import java.util.function.Predicate;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PieceCases;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Queue;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.drill.Whom;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;

/**
 * Puts pieces and actions somewhere else under other ids. What they name inside the part that is put elsewhere they
 * name there; what they name outside stays what it is.
 *
 * @param ids the new id for each old one; what is not in it keeps its own
 * @param known whether the surface has a zone, line or target of a name
 */
record Transfer(Placement placement, Map<String, String> ids, Predicate<String> known) {

    Transfer {
        ids = Map.copyOf(ids);
    }

    /** One that leaves everything where it is, under other ids. */
    static Transfer renaming(Map<String, String> ids) {
        return new Transfer(Placement.beside(Vec.ZERO), ids, name -> true);
    }

    /** @param label what is written on a person, or beside gear */
    Piece piece(Piece piece, String label) {
        return piece.match(new Pieces(label));
    }

    Action action(Action action) {
        return action.match(new Actions());
    }

    /** What is said about the part. */
    Instruction instruction(Instruction said) {
        return said.match(new SaidTransfer(this));
    }

    String id(String old) {
        return ids.getOrDefault(old, old);
    }

    String name(String id) {
        String there = placement.name(id);
        return known.test(there) ? there : id;
    }

    String zone(String zone) {
        return ids.containsKey(zone) ? id(zone) : name(zone);
    }

    Spot spot(Spot spot) {
        return spot.match(new Spots());
    }

    Cue.Trigger trigger(Cue.Trigger trigger) {
        return trigger.match(new TransferredMoments(this));
    }

    Whom whom(Whom whom) {
        return whom.mapped(this::id);
    }

    Cue cue(Cue cue) {
        return new Cue(trigger(cue.trigger()), cue.delay());
    }

    private final class Pieces implements PieceCases<Piece> {

        private final String label;

        Pieces(String label) {
            this.label = label;
        }

        @Override
        public Piece player(Piece.Player p) {
            return new Piece.Player(id(p.id()), placement.place(p.at()), placement.facing(p.facing()), label, p.bib());
        }

        @Override
        public Piece goalkeeper(Piece.Goalkeeper g) {
            return new Piece.Goalkeeper(
                    id(g.id()), placement.place(g.at()), placement.facing(g.facing()), label, g.bib());
        }

        @Override
        public Piece coach(Piece.Coach c) {
            return new Piece.Coach(id(c.id()), placement.place(c.at()), placement.facing(c.facing()), label);
        }

        @Override
        public Piece lineUp(Piece.LineUp l) {
            Queue queue = placement.isMirror()
                    ? new Queue(-l.queue().direction(), l.queue().spacing())
                    : l.queue();
            return new Piece.LineUp(
                    id(l.id()),
                    placement.place(l.at()),
                    placement.facing(l.facing()),
                    label,
                    l.bib(),
                    l.waiting(),
                    l.name(),
                    queue);
        }

        @Override
        public Piece item(Piece.Item i) {
            return new Piece.Item(
                    id(i.id()),
                    placement.place(i.at()),
                    i.kind(),
                    placement.facing(i.facing()),
                    i.colour(),
                    label,
                    i.width(),
                    i.depth());
        }

        @Override
        public Piece supply(Piece.Supply s) {
            return new Piece.Supply(id(s.id()), placement.place(s.at()), s.count());
        }

        @Override
        public Piece ball(Piece.Ball b) {
            return new Piece.Ball(
                    id(b.id()), placement.place(b.at()), b.heldBy().map(Transfer.this::id));
        }

        @Override
        public Piece note(Piece.Note n) {
            return new Piece.Note(id(n.id()), placement.place(n.at()), n.text());
        }

        @Override
        public Piece tape(Piece.Tape t) {
            return new Piece.Tape(
                    id(t.id()),
                    t.reading(),
                    t.points().stream().map(placement::place).toList());
        }

        @Override
        public Piece zone(Piece.Zone z) {
            return new Piece.Zone(id(z.id()), placement.place(z.at()), there(z.outline()), z.label(), z.colour());
        }

        @Override
        public Piece station(Piece.Station s) {
            return new Piece.Station(
                    id(s.id()), placement.place(s.at()), there(s.outline()), s.number(), s.title(), s.minutes());
        }

        private Outline there(Outline outline) {
            return outline.placed(placement.ends(), placement.sides(), placement.turn());
        }
    }

    private final class Actions implements ActionCases<Action> {

        @Override
        public Action run(Travel.Run r) {
            return new Travel.Run(id(r.id()), id(r.who()), path(r.path()), going(r.going()), r.ending(), cue(r.cue()));
        }

        @Override
        public Action carry(Travel.Carry c) {
            return new Travel.Carry(
                    id(c.id()), id(c.who()), path(c.path()), going(c.going()), c.ending(), cue(c.cue()));
        }

        @Override
        public Action collect(Travel.Collect c) {
            return new Travel.Collect(
                    id(c.id()), id(c.who()), path(c.path()), going(c.going()), c.ending(), cue(c.cue()));
        }

        @Override
        public Action pass(Action.Pass p) {
            return new Action.Pass(
                    id(p.id()),
                    id(p.who()),
                    spot(p.to()),
                    p.touch(),
                    placement.isMirror() ? p.sending().struck(p.strike().mirrored()) : p.sending(),
                    p.off().map(placement::wall),
                    cue(p.cue()));
        }

        @Override
        public Action shot(Action.Shot s) {
            return new Action.Shot(
                    id(s.id()),
                    id(s.who()),
                    spot(s.to()),
                    s.touch(),
                    new Action.Shot.Fate(s.result(), s.next().map(Transfer.this::spot)),
                    s.called(),
                    placement.isMirror() ? s.strike().mirrored() : s.strike(),
                    cue(s.cue()));
        }

        @Override
        public Action shadow(Shadow s) {
            return new Shadow(
                    id(s.id()),
                    id(s.who()),
                    id(s.whom()),
                    new Shadow.Style(
                            s.way(), s.side(), s.distance(), s.style().other().map(Transfer.this::spot)),
                    s.gait(),
                    s.until().map(Transfer.this::trigger),
                    cue(s.cue()));
        }

        @Override
        public Action hold(Hold h) {
            return new Hold(
                    id(h.id()),
                    id(h.who()),
                    h.stance(),
                    h.facing().map(Transfer.this::spot),
                    placement.turn(h.turn()),
                    h.seconds(),
                    h.until().map(Transfer.this::trigger),
                    cue(h.cue()));
        }

        @Override
        public Action call(Action.Call c) {
            return new Action.Call(id(c.id()), id(c.who()), c.word(), cue(c.cue()));
        }

        @Override
        public Action blow(Action.Blow b) {
            return new Action.Blow(id(b.id()), id(b.who()), cue(b.cue()));
        }

        @Override
        public Action playOn(PlayOn play) {
            return new PlayOn(
                    id(play.id()),
                    id(play.who()),
                    play.sides().stream().map(Transfer.this::whom).toList(),
                    play.area().map(Transfer.this::zone),
                    play.until().over(play.until().line().map(Transfer.this::name)),
                    play.rule(),
                    cue(play.cue()));
        }

        @Override
        public Action handle(Action.Handle h) {
            return new Action.Handle(
                    id(h.id()), id(h.who()), id(h.piece()), h.deed(), h.to().map(Transfer.this::spot), cue(h.cue()));
        }

        @Override
        public Action act(Act act) {
            return new Act(
                    id(act.id()),
                    id(act.who()),
                    act.what(),
                    act.on().map(Transfer.this::spot),
                    act.then(),
                    act.seconds(),
                    cue(act.cue()));
        }

        @Override
        public Action contest(Contest contest) {
            return new Contest(
                    id(contest.id()),
                    id(contest.who()),
                    contest.start(),
                    contest.against().stream().map(Transfer.this::id).toList(),
                    contest.gets().stream().map(Transfer.this::id).toList(),
                    contest.seconds(),
                    cue(contest.cue()));
        }

        private Going going(Going going) {
            return new Going(
                    going.gait(),
                    going.pace(),
                    going.corner(),
                    placement.pivot(going.pivot()),
                    going.watching().map(Transfer.this::spot),
                    going.called(),
                    placement.isMirror() ? going.craft().mirrored() : going.craft());
        }

        private TravelPath path(TravelPath path) {
            return new TravelPath(
                    path.through().stream().map(Transfer.this::spot).toList(), path.smooth());
        }
    }

    private final class Spots implements Spot.Cases<Spot> {

        @Override
        public Spot place(Spot.Place p) {
            return Spot.at(placement.place(p.at()));
        }

        @Override
        public Spot atPiece(Spot.AtPiece p) {
            return new Spot.AtPiece(id(p.piece()), placement.way(p.offset()));
        }

        @Override
        public Spot onLine(Spot.OnLine o) {
            return new Spot.OnLine(id(o.who()), id(o.line()), o.share());
        }

        @Override
        public Spot atTarget(Spot.AtTarget t) {
            return new Spot.AtTarget(name(t.target()));
        }

        @Override
        public Spot coded(Spot.Coded c) {
            return new Spot.Coded(id(c.code()), c.part());
        }
    }
}
