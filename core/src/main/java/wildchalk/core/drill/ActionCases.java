package wildchalk.core.drill;

/** One answer for each kind of action: a new kind is not compiled until every place has answered. */
public interface ActionCases<R> {

    /** For {@link Travel.Run}. */
    R run(Travel.Run run);

    /** For {@link Travel.Carry}. */
    R carry(Travel.Carry carry);

    /** For {@link Travel.Collect}. */
    R collect(Travel.Collect collect);

    /** For {@link Action.Pass}. */
    R pass(Action.Pass pass);

    /** For {@link Action.Shot}. */
    R shot(Action.Shot shot);

    /** For {@link Shadow}. */
    R shadow(Shadow shadow);

    /** For {@link Hold}. */
    R hold(Hold hold);

    /** For {@link Action.Call}. */
    R call(Action.Call call);

    /** For {@link Action.Blow}. */
    R blow(Action.Blow blow);

    /** For {@link Action.Handle}. */
    R handle(Action.Handle handle);

    /** For {@link PlayOn}. */
    R playOn(PlayOn play);

    /** For {@link Act}. */
    R act(Act act);

    /** For {@link Contest}. */
    R contest(Contest contest);

    /** One answer for all that move along a path, and one for each other kind. */
    interface Travels<R> extends ActionCases<R> {

        /** For {@link Travel}: runs, carries and collects. */
        R travel(Travel travel);

        @Override
        default R run(Travel.Run run) {
            return travel(run);
        }

        @Override
        default R carry(Travel.Carry carry) {
            return travel(carry);
        }

        @Override
        default R collect(Travel.Collect collect) {
            return travel(collect);
        }
    }

    /**
     * One answer for each family of actions: those that move along a path are treated alike, and those that send a
     * ball.
     */
    interface Families<R> extends Travels<R> {

        /** For {@link Action.Delivery}: passes and shots. */
        R delivery(Action.Delivery delivery);

        @Override
        default R pass(Action.Pass pass) {
            return delivery(pass);
        }

        @Override
        default R shot(Action.Shot shot) {
            return delivery(shot);
        }
    }
}
