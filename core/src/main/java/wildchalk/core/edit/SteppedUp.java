package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.stream.Stream;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.effort.Figure;
import wildchalk.core.effort.OwnFigures;
import wildchalk.core.geometry.Vec;

/**
 * A line-up whose next one is in front from an action on: those who come to the front within the rep as people of their
 * own, who step up as soon as the place is free.
 */
final class SteppedUp {

    /** So far beside the line whoever has had their part goes back along it, metres; assumed. */
    private static final double ASIDE = 1;

    private static final Going JOG = Going.of(Action.Gait.JOG);

    private final Stage stage;
    private final Piece.LineUp line;
    private final Set<String> stepping;
    private final List<Action> actions = new ArrayList<>();
    private final List<Piece> people = new ArrayList<>();
    /** How many have been in front before whoever is. */
    private int front;
    /** Whether the one in front has done anything, so that the next one is another. */
    private boolean used;

    private final int most;

    private final IntFunction<String> name;
    /** Whether it is put down as it is played, with the steps that nobody draws. */
    private final boolean played;

    private SteppedUp(Stage stage, Piece.LineUp line, Set<String> stepping, IntFunction<String> name, boolean played) {
        this.stage = stage;
        this.line = line;
        this.stepping = stepping;
        this.name = name;
        this.played = played;
        this.most = turns();
    }

    /**
     * As it is played.
     *
     * @param stepping ids of the actions at each of which the next one is in front
     */
    static Stage played(Stage stage, Piece.LineUp line, Set<String> stepping) {
        return new SteppedUp(stage, line, stepping, k -> line.label(), true).written();
    }

    /**
     * As it is told: what is drawn, done by those who do it.
     *
     * @param name what somebody is called before whom so many were in front, from 1
     */
    static Stage told(Stage stage, Piece.LineUp line, Set<String> stepping, IntFunction<String> name) {
        return new SteppedUp(stage, line, stepping, name, false).written();
    }

    private int turns() {
        boolean began = false;
        int n = 0;
        for (Action action : stage.actions()) {
            if (stepping.contains(action.id()) && began) {
                n++;
            }
            began |= isAbout(action);
        }
        return n;
    }

    private Stage written() {
        for (int k = 1; k <= most; k++) {
            people.add(new Piece.Player(
                    NextInLine.id(line.id(), k), line.slot(k), line.facing(), name.apply(k), line.bib()));
        }
        for (Action action : stage.actions()) {
            if (stepping.contains(action.id()) && used) {
                stepUp();
            }
            used |= isAbout(action);
            boolean steps = stepping.contains(action.id()) && front > 0;
            Action theirs = front == 0
                    ? action
                    : Transfer.renaming(Map.of(line.id(), who(front))).action(action);
            actions.add(played && steps && action.who().equals(line.id()) ? onceThere(theirs) : theirs);
        }
        List<Piece> pieces = new ArrayList<>(stage.pieces());
        pieces.addAll(people);
        return stage.withPieces(pieces).withActions(actions).at(stage.effort().with(figures()));
    }

    /** Whoever comes to the front goes as fast as the one before. */
    private OwnFigures figures() {
        OwnFigures own = stage.effort().own();
        for (Piece person : people) {
            for (Map.Entry<Figure, Double> figure :
                    own.people().getOrDefault(line.id(), Map.of()).entrySet()) {
                own = own.with(person.id(), figure.getKey(), figure.getValue());
            }
        }
        return own;
    }

    /** Whoever is next does what they do in front, and not on their way there. */
    private Action onceThere(Action action) {
        Cue.Trigger there = new Cue.After(NextInLine.step(who(front), front));
        Cue.Trigger cue = action.cue().trigger();
        boolean several = cue instanceof Cue.FirstOf;
        if (cue.followsOwn() || several) {
            return action;
        }
        List<Cue.Trigger> all = new ArrayList<>(cue.parts());
        all.add(there);
        return action.withCue(new Cue(new Cue.AllOf(all), action.cue().delay()));
    }

    private boolean isAbout(Action action) {
        return action.who().equals(line.id())
                || action.receiver().filter(line.id()::equals).isPresent();
    }

    private String who(int k) {
        return k == 0 ? line.id() : NextInLine.id(line.id(), k);
    }

    /** The place in front is free: all who are still to come move up by one. */
    private void stepUp() {
        if (!played) {
            front++;
            return;
        }
        Cue free = free(who(front));
        front++;
        for (int k = front; k <= most; k++) {
            Vec to = line.slot(k - front);
            actions.add(run(NextInLine.step(who(k), front), who(k), free, to));
        }
    }

    private static Action run(String id, String who, Cue cue, Vec... places) {
        List<Spot> way = Stream.of(places).map(p -> (Spot) new Spot.Place(p)).toList();
        return new Travel.Run(id, who, new TravelPath(way, false), JOG, Action.Ending.STOP, cue);
    }

    /** Whoever is in front leaves with their first way, or steps aside after their last action. */
    private Cue free(String who) {
        List<Action> theirs = actions.stream()
                .filter(a -> a.who().equals(who) && !NextInLine.isStep(a.id()))
                .toList();
        Optional<Action> way = theirs.stream().filter(Travel.class::isInstance).findFirst();
        if (way.isPresent()) {
            return Cue.with(way.get().id());
        }
        Cue done = theirs.isEmpty()
                ? lastReceived(who)
                : Cue.after(theirs.get(theirs.size() - 1).id());
        String id = NextInLine.aside(who);
        Vec beside = Vec.polar(ASIDE, line.facing() + Math.PI / 2 * (othersAreOnTheLeft() ? 1 : -1));
        // Out of the way first, then back; each behind the one before, so that nobody stands in anybody.
        actions.add(run(
                id,
                who,
                done,
                line.slot(0).plus(beside),
                line.slot(most - front + 1).plus(beside)));
        return Cue.with(id);
    }

    /** Whoever steps aside does so away from the others, in a mirrored drill on the other side. */
    private boolean othersAreOnTheLeft() {
        Vec ahead = Vec.polar(1, line.facing());
        double right = stage.people().stream()
                .filter(p -> !p.id().equals(line.id()))
                .mapToDouble(p -> ahead.cross(stage.place(p).minus(line.at())))
                .sum();
        return right < 0;
    }

    private Cue lastReceived(String who) {
        return actions.stream()
                .filter(a -> a.receiver().filter(who::equals).isPresent())
                .reduce((a, b) -> b)
                .map(a -> Cue.received(a.id()))
                .orElse(Cue.whistle());
    }
}
