package wildchalk.core.drill;

/** One answer for each kind of moment: a new kind is not compiled until every place has answered. */
public interface CueCases<R> {

    /** For {@link Cue.Whistle}. */
    R whistle(Cue.Whistle whistle);

    /** For {@link Cue.With}. */
    R with(Cue.With with);

    /** For {@link Cue.Released}. */
    R released(Cue.Released released);

    /** For {@link Cue.Partway}. */
    R partway(Cue.Partway partway);

    /** For {@link Cue.Gone}. */
    R gone(Cue.Gone gone);

    /** For {@link Cue.Enters}. */
    R enters(Cue.Enters enters);

    /** For {@link Cue.Crosses}. */
    R crosses(Cue.Crosses crosses);

    /** For {@link Cue.Near}. */
    R near(Cue.Near near);

    /** For {@link Cue.Touches}. */
    R touches(Cue.Touches touches);

    /** For {@link Cue.Dead}. */
    R dead(Cue.Dead dead);

    /** For {@link Cue.Called}. */
    R called(Cue.Called called);

    /** For {@link Cue.Occurrence}. */
    R occurrence(Cue.Occurrence occurrence);

    /** For {@link Cue.AllOf}. */
    R allOf(Cue.AllOf allOf);

    /** For {@link Cue.FirstOf}. */
    R firstOf(Cue.FirstOf firstOf);

    /** For {@link Cue.Received}. */
    R received(Cue.Received received);

    /** For {@link Cue.After}. */
    R after(Cue.After after);

    /** For {@link Cue.Next}. */
    R next(Cue.Next next);

    /** One answer for each family of moments, where those of one action and those made of several are treated alike. */
    interface Families<R> extends CueCases<R> {

        /** @param moment one that is {@linkplain Cue.Trigger#of() of} an action */
        R ofAction(Cue.Trigger moment);

        /** For {@link Cue.Several}: moments made of others. */
        R several(Cue.Several several);

        @Override
        default R with(Cue.With with) {
            return ofAction(with);
        }

        @Override
        default R released(Cue.Released released) {
            return ofAction(released);
        }

        @Override
        default R partway(Cue.Partway partway) {
            return ofAction(partway);
        }

        @Override
        default R gone(Cue.Gone gone) {
            return ofAction(gone);
        }

        @Override
        default R received(Cue.Received received) {
            return ofAction(received);
        }

        @Override
        default R after(Cue.After after) {
            return ofAction(after);
        }

        @Override
        default R allOf(Cue.AllOf allOf) {
            return several(allOf);
        }

        @Override
        default R firstOf(Cue.FirstOf firstOf) {
            return several(firstOf);
        }
    }
}
