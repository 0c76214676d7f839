package wildchalk.desktop.board.canvas;

/** A card that makes itself small when the hand needs the board. */
public interface FoldingCard {

    void fold();
}
