package wildchalk.core.grouping;

/**
 * What is said of each kind of wish.
 *
 * @param <R> what is said
 */
public interface WishCases<R> {

    R together(Wish.Together wish);

    R apart(Wish.Apart wish);

    R pinned(Wish.Pinned wish);

    R inEach(Wish.InEach wish);

    R bothSides(Wish.BothSides wish);

    R lateLast(Wish.LateLast wish);

    R easyTogether(Wish.EasyTogether wish);
}
