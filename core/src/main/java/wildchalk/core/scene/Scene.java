package wildchalk.core.scene;

import java.util.List;

/**
 * A picture in three layers, so that whoever shows it moving repaints only what moves.
 *
 * @param ground the surface; changes with the view
 * @param chalk gear and lines; changes with the drill and with what is lit
 * @param live people and balls; changes with the time
 */
public record Scene(List<Shape> ground, List<Shape> chalk, List<Shape> live) {

    public Scene {
        ground = List.copyOf(ground);
        chalk = List.copyOf(chalk);
        live = List.copyOf(live);
    }
}
