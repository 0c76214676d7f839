package wildchalk.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;

/** A busy stage of any size: groups of three, in each a ball goes round and whoever is next runs to meet it. */
public final class Crowd {

    private static final int GROUP = 3;

    private final int groups;
    private final List<Action> actions = new ArrayList<>();
    private final String[] lastPass;

    private Crowd(int groups) {
        this.groups = groups;
        this.lastPass = new String[groups];
    }

    /**
     * The stage.
     *
     * @param people a multiple of three
     */
    public static Stage stage(int people, int actions) {
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < people; i++) {
            pieces.add(new Piece.Player("p" + i, place(i, 0), 0, "" + i, Bib.CORAL));
        }
        for (int g = 0; g < people / GROUP; g++) {
            pieces.add(new Piece.Ball("b" + g, Vec.ZERO, Optional.of("p" + GROUP * g)));
        }
        Crowd crowd = new Crowd(people / GROUP);
        for (int n = 0; n < actions; n++) {
            crowd.add(n);
        }
        return new Stage("s1", "", pieces, crowd.actions);
    }

    /** In even rounds the next of a group sets off on a bend, in odd ones the ball is played to them. */
    private void add(int n) {
        int group = n % groups;
        int round = n / groups;
        String holder = "p" + (GROUP * group + round / 2 % GROUP);
        String next = "p" + (GROUP * group + (round / 2 + 1) % GROUP);
        Cue cue = lastPass[group] == null ? Cue.whistle() : Cue.received(lastPass[group]);
        if (round % 2 == 1) {
            actions.add(new Action.Pass("a" + n, holder, Spot.at(next), Touch.CONTROLLED, cue));
            lastPass[group] = "a" + n;
        } else {
            int k = GROUP * group + round;
            actions.add(new Travel.Run(
                    "a" + n,
                    next,
                    new TravelPath(List.of(Spot.at(place(k, 1)), Spot.at(place(k, 2)), Spot.at(place(k, 3))), true),
                    Gait.RUN,
                    Ending.GO_ON,
                    cue));
        }
    }

    private static Vec place(int i, int step) {
        return new Vec(-30 + i * 5 % 55 + 4 * step, -18 + i * 7 % 36 + 5 * Math.sin(i + 2.0 * step));
    }

    /** The stage with people who follow the first of the others, from the whistle on. */
    static Stage withShadows(Stage stage, int shadows) {
        List<Piece> pieces = new ArrayList<>(stage.pieces());
        List<Action> actions = new ArrayList<>(stage.actions());
        for (int i = 0; i < shadows; i++) {
            pieces.add(new Piece.Player("s" + i, place(i, 3), 0, "s" + i, Bib.SKY));
            actions.add(new Shadow(
                    "f" + i,
                    "s" + i,
                    "p" + i,
                    new Shadow.Style(Shadow.Way.MARK, Shadow.Side.GOAL, 1.5),
                    Gait.SPRINT,
                    Optional.empty(),
                    Cue.whistle()));
        }
        return new Stage(stage.id(), stage.title(), pieces, actions);
    }
}
