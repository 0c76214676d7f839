package wildchalk.core.drill;

/** One answer for each kind of action: a new kind is not compiled until every place has answered. */
public interface ActionCases<R> {

    R run(Action.Run run);

    R carry(Action.Carry carry);

    R collect(Action.Collect collect);

    R pass(Action.Pass pass);

    R shot(Action.Shot shot);

    R shadow(Action.Shadow shadow);

    R hold(Action.Hold hold);

    R call(Action.Call call);

    R blow(Action.Blow blow);

    R handle(Action.Handle handle);

    /** One answer for all that move along a path, and one for each other kind. */
    interface Travels<R> extends ActionCases<R> {

        R travel(Action.Travel travel);

        @Override
        default R run(Action.Run run) {
            return travel(run);
        }

        @Override
        default R carry(Action.Carry carry) {
            return travel(carry);
        }

        @Override
        default R collect(Action.Collect collect) {
            return travel(collect);
        }
    }

    /** One answer for each family of actions: those that move along a path are treated alike, and those that send a ball. */
    interface Families<R> extends Travels<R> {

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
