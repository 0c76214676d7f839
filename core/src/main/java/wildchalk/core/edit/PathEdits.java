package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Places;

/** Edits of the way that somebody goes. */
public final class PathEdits {

    private PathEdits() {}

    /**
     * A place of a path that a hand has hold of.
     *
     * @param index of the spot in the path
     * @param fresh whether it is put between those that are there
     */
    public record Held(int index, boolean fresh) {}

    /** What of a path is held by a hand at a place of it: a spot that is there, or a new one between two. */
    public static Held held(Travel travel, Route route, Places places, Vec at, double reach) {
        List<Vec> through = places.of(travel.path());
        double along = along(route, at);
        int before = 0;
        for (int i = 0; i + 1 < through.size(); i++) {
            if (through.get(i).distance(at) <= reach) {
                return new Held(i, false);
            }
            before += along(route, through.get(i)) < along ? 1 : 0;
        }
        return new Held(before, true);
    }

    /** Metres from the start of a route to its place nearest to {@code p}. */
    static double along(Route route, Vec p) {
        double best = Double.POSITIVE_INFINITY;
        double at = 0;
        for (double s = 0; s <= route.length(); s += 0.2) {
            double off = route.at(s).distance(p);
            if (off < best) {
                best = off;
                at = s;
            }
        }
        return at;
    }

    /** Leads the path by way of a place. A straight line that is bent bends smoothly. */
    public static Edit<Drill> bend(String rung, Travel travel, Held held, Vec to) {
        List<Spot> through = new ArrayList<>(travel.path().through());
        boolean straight = through.size() == 1;
        if (held.fresh()) {
            through.add(held.index(), Spot.at(to));
        } else {
            through.set(held.index(), Spot.at(to));
        }
        return ActionEdits.change(
                rung,
                "Bend line",
                travel.withPath(
                        new TravelPath(through, straight || travel.path().smooth())));
    }

    /** Takes a place out of the path, so that the line goes straight past it. */
    public static Edit<Drill> straighten(String rung, Travel travel, int index) {
        List<Spot> through = new ArrayList<>(travel.path().through());
        through.remove(index);
        return ActionEdits.change(
                rung,
                "Straighten line",
                travel.withPath(new TravelPath(through, travel.path().smooth() && through.size() > 1)));
    }
}
