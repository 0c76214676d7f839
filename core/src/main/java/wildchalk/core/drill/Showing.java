package wildchalk.core.drill;

import java.util.Optional;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.geometry.Box;
import wildchalk.core.surface.Surface;

/**
 * What part of the surface a drill shows, and which way is up.
 *
 * @param view id of a view of the surface
 * @param crop a part chosen by hand, metres; goes before the view
 * @param attack where the attack goes on the page
 * @param lineKey how lines are to be read
 */
public record Showing(String view, Optional<Box> crop, Attack attack, LineKey lineKey) {

    /** Where the attack goes on the page. */
    public enum Attack {
        RIGHT,
        DOWN,
        LEFT,
        UP;

        /** How far the surface is turned for it, radians clockwise on the page. */
        public double turn() {
            return ordinal() * Math.PI / 2;
        }

        /** Whether the length of the surface runs up the page. */
        public boolean isUpright() {
            return this == UP || this == DOWN;
        }
    }

    /** A view of the surface with the attack going right. */
    public static Showing of(String view) {
        return new Showing(view, Optional.empty(), Attack.RIGHT, LineKey.RUNS_PLAIN);
    }

    /** A view of the surface, seen the same way up. */
    public Showing seeing(String otherView) {
        return new Showing(otherView, Optional.empty(), attack, lineKey);
    }

    /** A part chosen by hand, metres on the surface. */
    public Showing cropped(Box part) {
        return new Showing(view, Optional.of(part), attack, lineKey);
    }

    /** The same, with the attack going another way on the page. */
    public Showing attacking(Attack way) {
        return new Showing(view, crop, way, lineKey);
    }

    /** The same, with lines read otherwise. */
    public Showing reading(LineKey newKey) {
        return new Showing(view, crop, attack, newKey);
    }

    /** The part of a surface that is shown. */
    public Box box(Surface surface) {
        return crop.orElseGet(() -> surface.view(view).box());
    }

    /** What is shown, in a word or two. */
    public String name(Surface surface) {
        return crop.isPresent() ? "Part" : surface.view(view).name();
    }
}
