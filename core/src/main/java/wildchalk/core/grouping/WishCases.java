package wildchalk.core.grouping;

/**
 * What is said of each kind of wish.
 *
 * @param <R> what is said
 */
public interface WishCases<R> {

    /** Of people in one group. */
    R together(Wish.Together wish);

    /** Of people in different groups. */
    R apart(Wish.Apart wish);

    /** Of somebody in a certain group. */
    R pinned(Wish.Pinned wish);

    /** Of somebody of a position in each group. */
    R inEach(Wish.InEach wish);

    /** Of left and right in each group. */
    R bothSides(Wish.BothSides wish);

    /** Of those who come late. */
    R lateLast(Wish.LateLast wish);

    /** Of those who take it easy. */
    R easyTogether(Wish.EasyTogether wish);
}
