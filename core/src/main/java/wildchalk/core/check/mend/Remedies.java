package wildchalk.core.check.mend;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Queue;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.wording.Wordbook;

/** Makes what may mend a finding. */
public final class Remedies {

    private static final Wordbook BOOK = Wordbook.beside(Remedies.class, "Remedies");

    /** A pace that is a share of the usual one. */
    private static final double[] PACES = {0.75, 0.6, 0.45, 0.35};

    private final Rep rep;

    /** Mends of what is found in a rep. */
    public Remedies(Rep rep) {
        this.rep = rep;
    }

    private String rung() {
        return rep.stage().id();
    }

    private static Finding.Mend<Drill> mend(String words, Edit<Drill> edit) {
        return new Finding.Mend<>(words, new Edit<>(words, edit.change()));
    }

    /** Somebody begins what they do at a time so many seconds later; nothing where they do nothing. */
    public List<Finding.Mend<Drill>> later(String who, double t, double... seconds) {
        Optional<Action> doing = rep.doing(who, t);
        List<Finding.Mend<Drill>> mends = new ArrayList<>();
        for (double more : seconds) {
            doing.ifPresent(a -> mends.add(mend(
                    BOOK.say("later", rep.name(who), more),
                    ActionEdits.cue(
                            rung(), a, a.cue().delayed(Math.max(0, a.cue().delay()) + more)))));
        }
        return mends;
    }

    /** The way that somebody goes at a time is led past a place, on either side of it. */
    public List<Finding.Mend<Drill>> past(String who, double t, Vec place, String what, double by) {
        return rep.going(who, t)
                .map(travel -> List.of(
                        mend(BOOK.say("past", rep.name(who), what), bent(travel, place, by)),
                        mend(BOOK.say("past", rep.name(who), what), bent(travel, place, -by))))
                .orElse(List.of());
    }

    private Edit<Drill> bent(Travel travel, Vec place, double by) {
        Places places = new Places(rep.stage(), rep.surface());
        List<Vec> way = new ArrayList<>();
        way.add(rep.timeline().line(travel.id()).get(0));
        travel.path().through().forEach(s -> way.add(places.of(s)));
        int nearest = 0;
        for (int i = 1; i + 1 < way.size(); i++) {
            if (place.distanceToStretch(way.get(i), way.get(i + 1))
                    < place.distanceToStretch(way.get(nearest), way.get(nearest + 1))) {
                nearest = i;
            }
        }
        Vec along = way.get(nearest + 1).minus(way.get(nearest)).unit();
        List<Spot> through = new ArrayList<>(travel.path().through());
        through.add(nearest, Spot.at(place.plus(along.quarterTurn().times(by))));
        return ActionEdits.change(rung(), "", travel.withPath(new TravelPath(through, true)));
    }

    /** The way ends elsewhere. */
    public Finding.Mend<Drill> ending(Travel travel, Vec place, String words) {
        return mend(
                words,
                ActionEdits.change(rung(), "", travel.withPath(travel.path().endingAt(Spot.at(place)))));
    }

    /** The way ends so many metres sooner. */
    public List<Finding.Mend<Drill>> sooner(Travel travel, double... metres) {
        List<Vec> line = rep.timeline().line(travel.id());
        Vec end = line.get(line.size() - 1);
        List<Finding.Mend<Drill>> mends = new ArrayList<>();
        for (double less : metres) {
            before(line, less)
                    .ifPresent(p -> mends.add(ending(
                            travel, p, BOOK.say("sooner", rep.name(travel.who()), rep.metres(p.distance(end))))));
        }
        return mends;
    }

    private static Optional<Vec> before(List<Vec> line, double metres) {
        double left = metres;
        for (int i = line.size() - 1; i > 0; i--) {
            double side = line.get(i).distance(line.get(i - 1));
            if (side >= left) {
                return i == 1 && side - left < 0.5
                        ? Optional.empty()
                        : Optional.of(line.get(i).towards(line.get(i - 1), left / side));
            }
            left -= side;
        }
        return Optional.empty();
    }

    /** Whoever goes at a time goes at less than full pace. */
    public List<Finding.Mend<Drill>> slower(String who, double t) {
        List<Finding.Mend<Drill>> mends = new ArrayList<>();
        rep.going(who, t).ifPresent(travel -> {
            for (double pace : PACES) {
                Going going = travel.going();
                if (pace < going.pace()) {
                    mends.add(mend(
                            BOOK.say("slower", rep.name(who), Math.round(pace * 100)),
                            ActionEdits.change(rung(), "", travel.withGoing(going.paced(pace)))));
                }
            }
        });
        return mends;
    }

    /** A piece stands elsewhere, metres on the surface. */
    public Finding.Mend<Drill> moved(Piece piece, Vec to) {
        return mend(
                BOOK.say(
                        "moved",
                        rep.name(piece.id()),
                        rep.looked().unit().spoken(piece.at().distance(to))),
                PieceEdits.move(rung(), piece, to));
    }

    /** A piece stands beside where it is, seen along a way, on the nearer side first. */
    public List<Finding.Mend<Drill>> aside(Piece piece, Vec from, Vec to, double... metres) {
        Vec across = to.minus(from).unit().quarterTurn();
        double side = across.dot(piece.at().minus(from)) < 0 ? -1 : 1;
        List<Finding.Mend<Drill>> mends = new ArrayList<>();
        for (double by : metres) {
            List.of(side * by, -side * by).forEach(b -> {
                Vec place = piece.at().plus(across.times(b));
                if (rep.surface().contains(place, rep.surface().runOff())) {
                    mends.add(moved(piece, place));
                }
            });
        }
        return mends;
    }

    /** A piece stands to the sides of whoever shoots, out of the way of the ball, so far from them, metres. */
    public List<Finding.Mend<Drill>> inFront(Piece piece, Vec goal, Vec from, double metres) {
        Vec across = goal.minus(from).unit().quarterTurn();
        return List.of(metres, -metres).stream()
                .map(by -> from.plus(across.times(by)))
                .filter(p -> rep.surface().contains(p, rep.surface().runOff()))
                .sorted(Comparator.comparingDouble(piece.at()::distance))
                .map(p -> moved(piece, p))
                .toList();
    }

    /** Those who wait stand another way behind the front: to the sides, then the other way round. */
    public List<Finding.Mend<Drill>> queued(Piece.LineUp line) {
        return List.of(Math.PI / 2, -Math.PI / 2, 0.0).stream()
                .map(turn -> line.queue().direction() + turn + (turn == 0 ? Math.PI : 0))
                .map(direction -> mend(
                        BOOK.say("queued", rep.name(line.id())),
                        PieceEdits.change(
                                rung(),
                                "",
                                line.queueing(new Queue(direction, line.queue().spacing())))))
                .toList();
    }

    /** A piece stands farther from a place, metres. */
    public List<Finding.Mend<Drill>> away(Piece piece, Vec place, double... metres) {
        Vec out = piece.at().minus(place).unit();
        List<Finding.Mend<Drill>> mends = new ArrayList<>();
        for (double by : metres) {
            Vec to = piece.at().plus(out.times(by));
            if (rep.surface().contains(to, 0)) {
                mends.add(moved(piece, to));
            }
        }
        return mends;
    }

    /** Something is done otherwise. */
    public Finding.Mend<Drill> done(String words, Action action) {
        return mend(words, ActionEdits.change(rung(), "", action));
    }

    /** A person faces a place. */
    public Finding.Mend<Drill> facing(Piece.Person who, Vec place) {
        return mend(
                BOOK.say("facing", rep.name(who.id())),
                PieceEdits.change(rung(), "", who.with(place.minus(who.at()).angle(), who.label())));
    }

    /** A caution more. */
    public static Finding.Mend<Drill> caution(Drill drill, String text) {
        List<String> all = new ArrayList<>(drill.cautions());
        all.add(text);
        return mend(BOOK.say("caution", text), DrillEdits.cautions(all));
    }
}
