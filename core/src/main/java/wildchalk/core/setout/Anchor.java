package wildchalk.core.setout;

import wildchalk.core.geometry.Vec;

/**
 * What a piece is measured from.
 *
 * @param id of a landmark, or of a piece that was put down before
 * @param name in people's words
 * @param at where it is on the ground; for a piece, where following the sheet puts it
 * @param isPiece whether it is a piece
 */
public record Anchor(String id, String name, Vec at, boolean isPiece) {}
