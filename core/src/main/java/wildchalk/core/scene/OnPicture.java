package wildchalk.core.scene;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.timeline.Play;

/**
 * Where people, balls and gear are drawn at a time: where they are, but for what would hide another. A ball in
 * somebody's hands lies in front of them, gear beside them, and whose token lies under another's peeps out. While live
 * play goes on tokens drift.
 */
final class OnPicture {

    /** A token that is under another is drawn no nearer to it than this, in token radii, so that its letters show. */
    private static final double PEEPS_OUT = 1.5;
    /** In front of somebody a ball lies so far off, and gear so far beside them, in token radii. */
    private static final double IN_FRONT = 1.75;

    private static final double BESIDE = 1.5;
    /** Two that stand in one place are told apart across this direction, radians. */
    private static final double APART = Math.toRadians(110);

    private static final double ONE_PLACE = 1e-3;
    /** Who is farther off the line than this has left it, metres. */
    private static final double IN_LINE = 0.15;

    private final List<Piece.Person> people;
    private final Play play;
    private final Drift drift;
    private final double unit;

    /** @param unit the radius of a token, metres */
    OnPicture(List<Piece.Person> people, Play play, Drift drift, double unit) {
        this.drift = drift;
        this.people = people;
        this.play = play;
        this.unit = unit;
    }

    /** At the whistle itself everything is still where it begins. */
    static double shown(double t) {
        return t <= 0 ? -1 : t;
    }

    Pose pose(String person, double time) {
        double t = shown(time);
        Pose there = play.pose(person, t);
        Vec at = queueing(person, there.at());
        boolean above = false;
        // Who is put down later lies on top, and stays where they are.
        for (Piece.Person other : people) {
            if (above) {
                at = at.plus(aside(there, play.at(other.id(), t)));
            }
            above |= other.id().equals(person);
        }
        return new Pose(at.plus(drift.of(person, t)), there.facing());
    }

    /** Who is still to come to the front of a line stands in it as far apart as those who wait are drawn. */
    private Vec queueing(String person, Vec at) {
        Optional<Piece.LineUp> line = NextInLine.line(person).flatMap(this::lineUp);
        if (line.isEmpty()) {
            return at;
        }
        Piece.LineUp l = line.get();
        Vec back = l.slot(1).minus(l.slot(0));
        double k = at.minus(l.at()).dot(back) / back.dot(back);
        boolean stands = k > 0 && at.distance(l.at().plus(back.times(k))) < IN_LINE;
        if (!stands) {
            return at;
        }
        int whole = (int) k;
        double nearer = l.queue().away(whole, unit);
        double away = nearer + (k - whole) * (l.queue().away(whole + 1, unit) - nearer);
        return l.at().plus(back.unit().times(away));
    }

    private Optional<Piece.LineUp> lineUp(String id) {
        return people.stream()
                .filter(p -> p.id().equals(id) && p instanceof Piece.LineUp)
                .map(Piece.LineUp.class::cast)
                .findFirst();
    }

    private Vec aside(Pose under, Vec over) {
        Vec off = under.at().minus(over);
        double hidden = PEEPS_OUT * unit - off.length();
        if (hidden <= 0) {
            return Vec.ZERO;
        }
        Vec way = off.length() < ONE_PLACE ? Vec.polar(1, under.facing() + APART) : off.unit();
        return way.times(hidden);
    }

    Vec ball(String ball, double time) {
        double t = shown(time);
        Function<String, Vec> inFront = who -> {
            Pose pose = pose(who, time);
            return pose.at().plus(Vec.polar(unit * IN_FRONT, pose.facing()));
        };
        return play.holder(ball, t).map(inFront).orElseGet(() -> play.ball(ball, t));
    }

    Vec gear(String item, double time) {
        double t = shown(time);
        Function<String, Vec> beside = who -> {
            Pose pose = pose(who, time);
            return pose.at().plus(Vec.polar(unit * BESIDE, pose.facing() + Math.PI / 2));
        };
        return play.carrier(item, t).map(beside).orElseGet(() -> play.gear(item, t));
    }
}
