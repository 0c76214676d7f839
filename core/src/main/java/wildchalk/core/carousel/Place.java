package wildchalk.core.carousel;

import wildchalk.core.geometry.Vec;

/**
 * A place of a carousel.
 *
 * @param at where people come together there, metres on the ground
 * @param room how many groups it takes at one time, at least 1
 */
public record Place(String name, Vec at, int room) {

    public Place {
        if (room < 1) {
            throw new IllegalArgumentException("room=" + room);
        }
    }

    /** One for a group at a time. */
    public static Place of(String name, Vec at) {
        return new Place(name, at, 1);
    }
}
