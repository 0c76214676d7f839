package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;

/**
 * Finds places for labels: each has a few, and the one that costs least is taken, over and over until nothing gets
 * better. Hiding a token or another label and leaving the picture cost much, lying over a line some, being away from
 * what it is about a little. All on the page: as far to the right and down as it is seen, in metres.
 */
final class Placer {

    /** How often labels may look for something better once all have a place. */
    private static final int ROUNDS = 6;

    private static final double LATER = 0.12;
    /** Farther places are looked at where all of the wanted ones cost this much or more. */
    private static final double TOO_MUCH = 14;
    /** How far, in units. */
    private static final double FARTHEST = 16;

    private static final int ANGLES = 24;
    private static final double PER_UNIT_AWAY = 1.2;
    /** Between two things, in units. */
    private static final double GAP = 0.08;

    private final double unit;
    private final Box page;
    private final Crowding crowding;

    /**
     * Room for labels.
     *
     * @param unit radius of a token, metres
     * @param page what is in the picture
     */
    Placer(double unit, Box page) {
        this.unit = unit;
        this.page = page;
        this.crowding = new Crowding(unit, page);
    }

    /** Something that must not be hidden. */
    void keepFree(Box box) {
        crowding.add(box);
    }

    /** Something that may be hidden a little. */
    void keepSeen(List<Vec> line) {
        crowding.add(line);
    }

    /** Where the middle of each label goes. */
    List<Vec> place(List<Wish> wishes) {
        List<Vec> places = new ArrayList<>();
        for (Wish wish : wishes) {
            Vec best = best(wish, null);
            places.add(best);
            keepFree(box(wish, best));
        }
        boolean better = true;
        for (int round = 0; round < ROUNDS && better; round++) {
            better = false;
            for (int i = 0; i < wishes.size(); i++) {
                Wish wish = wishes.get(i);
                Box now = box(wish, places.get(i));
                if (cost(wish, places.get(i), 0, now, LATER) >= LATER) {
                    Vec best = best(wish, now);
                    if (!best.equals(places.get(i))) {
                        crowding.remove(now);
                        keepFree(box(wish, best));
                        places.set(i, best);
                        better = true;
                    }
                }
            }
        }
        return places;
    }

    private static Box box(Wish wish, Vec middle) {
        return Box.around(middle, 2 * wish.half().x(), 2 * wish.half().y());
    }

    private Vec best(Wish wish, Box own) {
        Vec best = within(wish, wish.places().get(0));
        double least = Double.MAX_VALUE;
        for (int i = 0; i < wish.places().size() && least > i * LATER; i++) {
            Vec at = within(wish, wish.places().get(i));
            double before = i * LATER + at.distance(wish.places().get(i)) / unit;
            double cost = cost(wish, at, before, own, least);
            if (cost < least - 1e-9) {
                least = cost;
                best = at;
            }
        }
        for (double away = 1; away <= FARTHEST && least >= TOO_MUCH + away * PER_UNIT_AWAY; away++) {
            for (int k = 0; k < ANGLES; k++) {
                Vec off = Vec.polar(1, 2 * Math.PI * k / ANGLES);
                Vec at = within(
                        wish,
                        wish.anchor()
                                .plus(new Vec(
                                        off.x() * (away * unit + wish.half().x()),
                                        off.y() * (away * unit + wish.half().y()))));
                double before = (away + wish.places().size() * LATER) * PER_UNIT_AWAY;
                double cost = cost(wish, at, before, own, least);
                if (cost < least - 1e-9) {
                    least = cost;
                    best = at;
                }
            }
        }
        return best;
    }

    /** The nearest place at which a label is in the picture whole. */
    private Vec within(Wish wish, Vec at) {
        Vec room = wish.half().plus(new Vec(GAP, GAP).times(unit));
        if (2 * room.x() >= page.width() || 2 * room.y() >= page.height()) {
            return at;
        }
        return new Box(
                        page.x() + room.x(),
                        page.y() + room.y(),
                        page.width() - 2 * room.x(),
                        page.height() - 2 * room.y())
                .clamp(at);
    }

    /** What a place costs; of one that costs too much, that or more. */
    private double cost(Wish wish, Vec at, double before, Box own, double tooMuch) {
        Box box = box(wish, at).grown(unit * GAP);
        double cost = before + outside(box);
        if (cost >= tooMuch) {
            return cost;
        }
        return crowding.cost(box, own, cost, tooMuch);
    }

    private double outside(Box box) {
        double out = box.width() * box.height() - Crowding.shared(box, page);
        return out > 1e-9 ? Crowding.HIDES * 2 + Crowding.PER_AREA * 4 * out / (unit * unit) : 0;
    }
}
