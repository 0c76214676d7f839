package wildchalk.core.scene;

import java.util.Random;

/** The grain of chalk on slate: how much of the colour sticks, as a tile that repeats without a seam. */
public final class Grain {

    /** Dots along each side of the tile. */
    public static final int SIZE = 96;

    private Grain() {}

    /** Cover from 0 (bare slate) to 1 (full chalk) for each dot of the tile, row by row; always the same. */
    public static double[] tile() {
        Random random = new Random(19);
        double[] noise = random.doubles((long) SIZE * SIZE).toArray();
        double[] cover = new double[SIZE * SIZE];
        for (int y = 0; y < SIZE; y++) {
            for (int x = 0; x < SIZE; x++) {
                double near = 0;
                for (int k = 0; k < 4; k++) {
                    near += noise[((y + k / 2) % SIZE) * SIZE + (x + k % 2) % SIZE] / 4;
                }
                if (near < 0.3) {
                    cover[y * SIZE + x] = 0.45;
                } else if (near < 0.4) {
                    cover[y * SIZE + x] = 0.78;
                } else {
                    cover[y * SIZE + x] = 1;
                }
            }
        }
        return cover;
    }
}
