package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;

/** Where a line goes from a place when it never came to be walked or played: as chalked. */
record PlannedLine(Places places, Vec from) implements ActionCases.Families<List<Vec>> {

    /** From where its person was to be. */
    static List<Vec> of(Places places, Action action) {
        Vec from = places.before(action);
        List<Vec> line = new ArrayList<>(List.of(from));
        line.addAll(action.match(new PlannedLine(places, from)));
        return line;
    }

    @Override
    public List<Vec> travel(Travel travel) {
        return places.of(travel.path());
    }

    @Override
    public List<Vec> delivery(Action.Delivery delivery) {
        return List.of(places.of(delivery.to()));
    }

    @Override
    public List<Vec> shadow(Shadow shadow) {
        return List.of(places.of(Spot.at(shadow.whom())));
    }

    @Override
    public List<Vec> hold(Hold hold) {
        return List.of(from);
    }

    @Override
    public List<Vec> call(Action.Call call) {
        return List.of(from);
    }

    @Override
    public List<Vec> blow(Action.Blow blow) {
        return List.of(from);
    }

    @Override
    public List<Vec> handle(Action.Handle handle) {
        return List.of(from);
    }

    @Override
    public List<Vec> act(Act act) {
        return List.of(from);
    }

    @Override
    public List<Vec> contest(Contest contest) {
        return contest.gets().stream().limit(1).map(g -> places.of(Spot.at(g))).toList();
    }

    @Override
    public List<Vec> playOn(PlayOn play) {
        return List.of(from);
    }
}
