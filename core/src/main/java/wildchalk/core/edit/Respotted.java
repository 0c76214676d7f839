package wildchalk.core.edit;

import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;

/**
 * Actions that go somewhere else: to other spots, for all else as they are.
 *
 * @param spots what stands in place of a spot
 */
record Respotted(UnaryOperator<Spot> spots) implements ActionCases.Travels<Action> {

    /** A pass where there are no boards: off nothing, and flat where it went along them. */
    static Action.Pass withoutBoards(Action.Pass pass) {
        Action.Pass straight = pass.off(Optional.empty());
        return pass.manner() == Action.Manner.RIM ? straight.going(Action.Manner.FLAT) : straight;
    }

    static Action of(Action action, UnaryOperator<Spot> spots) {
        return action.match(new Respotted(spots));
    }

    @Override
    public Action travel(Travel travel) {
        Travel laid = travel.withPath(new TravelPath(
                travel.path().through().stream().map(spots).toList(),
                travel.path().smooth()));
        return travel.going()
                .watching()
                .map(w -> (Action) laid.withGoing(travel.going().watching(spots.apply(w))))
                .orElse(laid);
    }

    @Override
    public Action pass(Action.Pass pass) {
        return pass.withTo(spots.apply(pass.to()));
    }

    @Override
    public Action shot(Action.Shot shot) {
        Action.Shot there = shot.withTo(spots.apply(shot.to()));
        return there.ending(shot.result(), shot.next().map(spots).orElse(null));
    }

    @Override
    public Action shadow(Shadow shadow) {
        return shadow.in(new Shadow.Style(
                shadow.way(),
                shadow.side(),
                shadow.distance(),
                shadow.style().other().map(spots)));
    }

    @Override
    public Action hold(Hold hold) {
        return hold.facing(hold.facing().map(spots));
    }

    @Override
    public Action call(Action.Call call) {
        return call;
    }

    @Override
    public Action blow(Action.Blow blow) {
        return blow;
    }

    @Override
    public Action playOn(PlayOn play) {
        return play;
    }

    @Override
    public Action handle(Action.Handle handle) {
        return new Action.Handle(
                handle.id(),
                handle.who(),
                handle.piece(),
                handle.deed(),
                handle.to().map(spots),
                handle.cue());
    }

    @Override
    public Action act(Act act) {
        return act.on().map(s -> (Action) act.on(spots.apply(s))).orElse(act);
    }

    @Override
    public Action contest(Contest contest) {
        return contest;
    }
}
