package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.geometry.Vec;

/** Where somebody, or a ball, has gone on a picture. */
public final class Trail {

    private static final double STEP = 0.05;

    private Trail() {}

    /**
     * A place every {@value #STEP} s.
     *
     * @param from seconds after the whistle, as is {@code to}
     */
    public static List<Vec> of(Board board, String id, double from, double to) {
        List<Vec> way = new ArrayList<>();
        int steps = (int) Math.ceil((to - from) / STEP);
        boolean person = board.stage().person(id).isPresent();
        for (int i = 0; i <= steps; i++) {
            double t = Math.max(1e-6, Math.min(to, from + i * STEP));
            way.add(person ? board.pose(id, t).at() : board.ballOnPicture(id, t));
        }
        return way;
    }
}
