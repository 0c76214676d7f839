package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
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
    /** What hides something or is cut off costs at least this. */
    private static final double HIDES = 50;

    private static final double PER_AREA = 40;
    private static final double PER_LINE = 7;
    /** More than this share of a line is not hidden by one label. */
    private static final double SHARE = 0.06;

    private static final double MUCH_OF_A_LINE = 45;
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
    private final double cell;
    private final Map<Long, List<Box>> solid = new HashMap<>();
    private final Map<Long, List<Dot>> dots = new HashMap<>();
    private int lines;

    /** A piece of a line. */
    private record Dot(Vec at, int line, double length, double share) {}

    /**
     * Room for labels.
     *
     * @param unit radius of a token, metres
     * @param page what is in the picture
     */
    Placer(double unit, Box page) {
        this.unit = unit;
        this.page = page;
        this.cell = 3 * unit;
    }

    /** Something that must not be hidden. */
    void keepFree(Box box) {
        cells(box, key -> solid.computeIfAbsent(key, k -> new ArrayList<>()).add(box));
    }

    /** Something that may be hidden a little. */
    void keepSeen(List<Vec> line) {
        int number = lines++;
        double whole = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            whole += line.get(i).distance(line.get(i + 1));
        }
        double step = unit * 0.4;
        for (int i = 0; i + 1 < line.size(); i++) {
            double length = line.get(i).distance(line.get(i + 1));
            int parts = Math.max(1, (int) Math.ceil(length / step));
            for (int k = 0; k < parts; k++) {
                Vec at = line.get(i).towards(line.get(i + 1), (k + 0.5) / parts);
                Dot dot = new Dot(at, number, length / parts, length / parts / Math.max(1e-9, whole));
                dots.computeIfAbsent(key(at), x -> new ArrayList<>()).add(dot);
            }
        }
    }

    private long key(Vec at) {
        return key((int) Math.floor(at.x() / cell), (int) Math.floor(at.y() / cell));
    }

    private static long key(int column, int row) {
        return (long) column << 32 ^ row & 0xFFFFFFFFL;
    }

    private void cells(Box box, Consumer<Long> each) {
        for (int x = (int) Math.floor(box.x() / cell); x <= Math.floor((box.x() + box.width()) / cell); x++) {
            for (int y = (int) Math.floor(box.y() / cell); y <= Math.floor((box.y() + box.height()) / cell); y++) {
                each.accept(key(x, y));
            }
        }
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
                if (cost(wish, places.get(i), 0, now) >= LATER) {
                    Vec best = best(wish, now);
                    if (!best.equals(places.get(i))) {
                        letGo(now);
                        keepFree(box(wish, best));
                        places.set(i, best);
                        better = true;
                    }
                }
            }
        }
        return places;
    }

    private void letGo(Box box) {
        cells(box, key -> {
            List<Box> there = solid.get(key);
            for (int i = 0; i < there.size(); i++) {
                if (there.get(i) == box || there.get(i).equals(box)) {
                    there.remove(i);
                    break;
                }
            }
        });
    }

    private static Box box(Wish wish, Vec middle) {
        return Box.around(middle, 2 * wish.half().x(), 2 * wish.half().y());
    }

    private Vec best(Wish wish, Box own) {
        Vec best = within(wish, wish.places().get(0));
        double least = Double.MAX_VALUE;
        for (int i = 0; i < wish.places().size() && least > i * LATER; i++) {
            Vec at = within(wish, wish.places().get(i));
            double cost = cost(wish, at, i * LATER + at.distance(wish.places().get(i)) / unit, own);
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
                double cost = cost(wish, at, (away + wish.places().size() * LATER) * PER_UNIT_AWAY, own);
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

    private double cost(Wish wish, Vec at, double before, Box own) {
        Box box = box(wish, at).grown(unit * GAP);
        double[] cost = {before + outside(box)};
        Map<Integer, Double> shares = new HashMap<>();
        List<Box> seen = new ArrayList<>();
        cells(box, key -> {
            for (Box other : solid.getOrDefault(key, List.of())) {
                if (other != own && !other.equals(own)) {
                    double area = shared(box, other);
                    // What lies in several cells counts once.
                    if (area > 0 && !seen.contains(other)) {
                        seen.add(other);
                        cost[0] += HIDES + PER_AREA * area / (unit * unit);
                    }
                }
            }
            for (Dot dot : dots.getOrDefault(key, List.of())) {
                if (box.contains(dot.at())) {
                    cost[0] += PER_LINE * dot.length() / unit;
                    shares.merge(dot.line(), dot.share(), Double::sum);
                }
            }
        });
        return cost[0]
                + MUCH_OF_A_LINE
                        * shares.values().stream().filter(s -> s > SHARE).count();
    }

    private double outside(Box box) {
        double out = box.width() * box.height() - shared(box, page);
        return out > 1e-9 ? HIDES * 2 + PER_AREA * 4 * out / (unit * unit) : 0;
    }

    private static double shared(Box a, Box b) {
        double width = Math.min(a.x() + a.width(), b.x() + b.width()) - Math.max(a.x(), b.x());
        double height = Math.min(a.y() + a.height(), b.y() + b.height()) - Math.max(a.y(), b.y());
        return width > 0 && height > 0 ? width * height : 0;
    }
}
