package wildchalk.desktop.board.hand;

/** What the hand does from pressing to letting go, and while it hovers: chalking, moving, placing, measuring. */
interface Grip {

    default void press(Pointer hand) {}

    /** The hand has moved with the button down, farther than a click. */
    default void drag(Pointer hand) {}

    /** @param dragged whether it was more than a click */
    default void release(Pointer hand, boolean dragged) {}

    /** The hand has moved with the button up. */
    default void hover(Pointer hand) {}

    /** A number that was typed while the hand was down or measuring has changed. */
    default void typed() {}

    /** Enter was pressed; false when that means nothing here. */
    default boolean enter() {
        return false;
    }

    /** Escape was pressed; false when there is nothing to let go of. */
    default boolean escape() {
        return false;
    }

    /** The hand takes up something else, or leaves the board. */
    default void letGo() {}

    /** Whether digits that are typed now are a length. */
    default boolean measures() {
        return false;
    }
}
