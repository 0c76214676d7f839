package wildchalk.core.surface;

import jakarta.json.JsonArray;
import jakarta.json.JsonObject;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Marking.Arc;
import wildchalk.core.surface.Marking.Straight;

/** Whether a surface that was laid out can be stood on: what this finds is a fault of its file. */
final class SurfaceChecks {

    private static final double MILLIMETRE = 0.001;
    private static final double LARGEST = 400;

    private final Surface surface;
    private final JsonObject file;

    SurfaceChecks(Surface surface, JsonObject file) {
        this.surface = surface;
        this.file = file;
    }

    void refuse() throws SurfaceFault {
        positive(surface.length(), "/length");
        positive(surface.width(), "/width");
        if (surface.cornerRadius() < 0 || surface.cornerRadius() > Math.min(surface.length(), surface.width()) / 2) {
            throw new SurfaceFault(
                    "/cornerRadius",
                    "corners of " + metres(surface.cornerRadius()) + " do not fit on a surface "
                            + metres(surface.width()) + " wide");
        }
        twice("markings", surface.markings(), Marking::id, "marking");
        twice("landmarks", surface.landmarks(), Surface.Landmark::id, "landmark");
        twice("landmarks", surface.landmarks(), Surface.Landmark::name, "landmark");
        twice("zones", surface.zones(), Surface.Zone::id, "zone");
        twice("targets", surface.targets(), Surface.Target::id, "target");
        for (Marking marking : surface.markings()) {
            marking(marking);
        }
        for (Surface.Landmark l : surface.landmarks()) {
            if (!surface.contains(l.at(), MILLIMETRE)) {
                throw new SurfaceFault(
                        pointer("landmarks", l.id()),
                        "the landmark \"" + l.name() + "\" lies outside the surface, at " + place(l.at()));
            }
        }
        for (Surface.Target t : surface.targets()) {
            if (t.width() <= 0 || !surface.surroundings().contains(t.at())) {
                throw new SurfaceFault(
                        pointer("targets", t.id()),
                        "the target \"" + t.name() + "\" is " + metres(t.width()) + " wide at " + place(t.at())
                                + "; it should have a width and stand on the surface");
            }
        }
    }

    private void positive(double value, String pointer) throws SurfaceFault {
        if (!(value > 0) || value > LARGEST) {
            throw new SurfaceFault(
                    pointer,
                    "a surface cannot be " + metres(value)
                            + " long or wide; it should be more than 0 and at most 400 m");
        }
    }

    private void marking(Marking marking) throws SurfaceFault {
        String pointer = pointer("markings", marking.id());
        boolean line = marking.shape() instanceof Straight || marking.shape() instanceof Arc;
        if (line && marking.width() <= 0) {
            throw new SurfaceFault(
                    pointer + "/width",
                    "the line \"" + marking.id() + "\" is " + metres(marking.width())
                            + " wide; give the width of its paint");
        }
        boolean round = marking.shape() instanceof Arc a && a.radius() <= 0
                || marking.shape() instanceof Marking.Spot s && s.radius() <= 0;
        if (round) {
            throw new SurfaceFault(pointer + "/radius", "\"" + marking.id() + "\" has no radius; give one above 0");
        }
        boolean outside = entry("markings", marking.id()).getBoolean("outside", false);
        double by = outside ? surface.runOff() : marking.width() / 2;
        for (Vec p : along(marking.shape())) {
            if (!surface.contains(p, by + MILLIMETRE)) {
                throw new SurfaceFault(
                        pointer,
                        "the marking \"" + marking.id() + "\" runs outside the "
                                + (outside ? "run-off" : "outline") + ", at " + place(p)
                                + (outside ? "" : "; say \"outside\": true if it belongs in the run-off"));
            }
        }
    }

    private static List<Vec> along(Marking.Shape shape) {
        if (shape instanceof Straight line) {
            return line.points();
        }
        if (shape instanceof Arc arc) {
            return java.util.stream.IntStream.rangeClosed(0, 72)
                    .mapToObj(i -> arc.at(i / 72.0))
                    .toList();
        }
        return shape instanceof Marking.Spot spot
                ? List.of(spot.centre())
                : List.of(((Marking.Lettering) shape).centre());
    }

    private <T> void twice(String list, List<T> things, Function<T, String> name, String what) throws SurfaceFault {
        Set<String> seen = new HashSet<>();
        for (T thing : things) {
            if (!seen.add(name.apply(thing))) {
                throw new SurfaceFault(
                        pointer(list, name.apply(thing)),
                        "the " + what + " \"" + name.apply(thing)
                                + "\" is named twice; give one of the two another name");
            }
        }
    }

    private JsonObject entry(String list, String idOrName) {
        return file.getJsonArray(list).getJsonObject(index(list, idOrName));
    }

    private String pointer(String list, String idOrName) {
        return "/" + list + "/" + index(list, idOrName);
    }

    /** The last entry of the file that can have made a thing of this id or name. */
    private int index(String list, String idOrName) {
        JsonArray entries = file.getJsonArray(list);
        String plain = plain(idOrName);
        int best = 0;
        int longest = -1;
        for (int i = 0; i < entries.size(); i++) {
            JsonObject o = entries.getJsonObject(i);
            for (String key : List.of(o.getString("id"), o.getString("name", o.getString("id")))) {
                String k = plain(key);
                if (plain.startsWith(k) && k.length() >= longest) {
                    longest = k.length();
                    best = i;
                }
            }
        }
        return best;
    }

    private static String plain(String id) {
        return id.replace("right", "left").replaceFirst("^own[- ]", "");
    }

    private static String metres(double m) {
        return String.format(Locale.ROOT, "%.2f m", m);
    }

    private static String place(Vec p) {
        return String.format(Locale.ROOT, "(%.2f, %.2f) m", p.x(), p.y());
    }
}
