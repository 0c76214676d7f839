package wildchalk.core.scene;

import java.util.List;
import java.util.function.Function;
import wildchalk.core.geometry.Vec;

/**
 * A label that wants a place. Places are on the page: as far to the right and down as they are seen, in metres.
 *
 * @param owner id of the piece or action that it is about
 * @param half half its width and half its height
 * @param anchor what it should be near
 * @param places where its middle could be, best first
 * @param shapes what is painted when its middle is there, a place on the surface
 */
record Wish(String owner, Vec half, Vec anchor, List<Vec> places, Function<Vec, List<Shape>> shapes) {

    Wish {
        places = List.copyOf(places);
    }
}
