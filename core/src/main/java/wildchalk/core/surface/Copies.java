package wildchalk.core.surface;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface.Landmark;
import wildchalk.core.surface.Surface.Target;
import wildchalk.core.surface.Surface.Zone;

/**
 * What stands once in a file and several times on the surface: {@code ends} also at the own end, {@code sides} also on
 * the right, {@code four} all of that. Left stays left at both ends: it is up the page when the attack goes right.
 */
final class Copies {

    /** How an entry is repeated. */
    private record Mirror(boolean ends, boolean sides) {}

    private static List<Mirror> mirrors(String copies) {
        Mirror plain = new Mirror(false, false);
        return switch (copies) {
            case "ends" -> List.of(plain, new Mirror(true, false));
            case "sides" -> List.of(plain, new Mirror(false, true));
            case "four" -> List.of(plain, new Mirror(false, true), new Mirror(true, false), new Mirror(true, true));
            default -> List.of(plain);
        };
    }

    List<Marking> of(Marking m, String copies) {
        return mirrors(copies).stream()
                .map(k -> new Marking(
                        id(m.id(), k),
                        name(m.name(), k),
                        m.shape().mirrored(k.ends(), k.sides()),
                        m.width(),
                        m.ink(),
                        m.dash()))
                .toList();
    }

    List<Landmark> of(Landmark l, String copies) {
        return mirrors(copies).stream()
                .map(k -> new Landmark(id(l.id(), k), name(l.name(), k), l.at().mirrored(k.ends(), k.sides())))
                .toList();
    }

    List<Zone> of(Zone z, String copies) {
        List<Zone> zones = new ArrayList<>();
        for (Mirror k : mirrors(copies)) {
            List<Vec> outline = z.outline().stream()
                    .map(p -> p.mirrored(k.ends(), k.sides()))
                    .toList();
            zones.add(new Zone(id(z.id(), k), name(z.name(), k), outline));
        }
        return zones;
    }

    List<Target> of(Target t, String copies) {
        return mirrors(copies).stream()
                .map(k -> {
                    double facing = Vec.polar(1, t.facing())
                            .mirrored(k.ends(), k.sides())
                            .angle();
                    return new Target(
                            id(t.id(), k),
                            name(t.name(), k),
                            t.shape(),
                            t.at().mirrored(k.ends(), k.sides()),
                            facing,
                            t.width(),
                            t.height(),
                            t.depth());
                })
                .toList();
    }

    private static String id(String id, Mirror k) {
        String sided;
        if (!k.sides()) {
            sided = id;
        } else if (id.contains("left")) {
            sided = id.replace("left", "right");
        } else {
            sided = id + "-right";
        }
        return k.ends() ? "own-" + sided : sided;
    }

    private static String name(String name, Mirror k) {
        String sided = k.sides() ? name.replace("left", "right") : name;
        return k.ends() && !name.isEmpty() ? own(sided) : sided;
    }

    /** "own goal line", "middle of the own goal line". */
    private static String own(String name) {
        int of = name.lastIndexOf(" of the ");
        return of < 0
                ? "own " + name
                : name.substring(0, of) + " of the own " + name.substring(of + " of the ".length());
    }
}
