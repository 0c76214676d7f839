package wildchalk.core.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/** The rules of a rung: live play, limits, and what many do, say and must mind; and what could be said besides. */
public final class Rules {

    private final Said said;
    private final Surface surface;
    private final Timeline timeline;

    /**
     * @param surface as it comes, without what is marked out on it
     * @param timeline of the stage: live play begins where that ends
     */
    public Rules(String rung, Stage stage, Surface surface, Unit unit, Timeline timeline) {
        this.said = Said.on(rung, stage, surface, unit);
        this.surface = surface;
        this.timeline = timeline;
    }

    /** All that is said: live play first, then limits, then the rest, each in the order in which they were said. */
    public List<Rule> all() {
        List<Rule> all = new ArrayList<>();
        PlayRules plays = new PlayRules(said);
        said.stage().actions().stream().filter(PlayOn.class::isInstance).forEach(a -> all.add(plays.of((PlayOn) a)));
        LimitRules limits = new LimitRules(said);
        said.stage().instructions(Limit.class).forEach(l -> all.add(l.matchLimit(limits)));
        GameRules games = new GameRules(said);
        said.stage().instructions(Game.class).forEach(g -> all.add(g.matchGame(games)));
        return all;
    }

    /**
     * What could be said besides, by what it is about.
     *
     * @param chosen ids of what is chosen on the board
     */
    public List<Instead> fresh(Set<String> chosen) {
        return new Fresh(said, surface, timeline, chosen).all();
    }
}
