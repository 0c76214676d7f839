package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

/** Edits that make other lines of a line: two of one, or the same the other way. */
public final class LineEdits {

    /** A shorter piece is not worth cutting off, metres. */
    private static final double SHORTEST = 0.5;

    private LineEdits() {}

    /**
     * Cuts a line in two at its place nearest to {@code at}; the second part goes on after the first. What waited for
     * the end of the line waits for the end of the second part.
     *
     * @param held where on its path that is
     * @return empty when nothing would be left of one part
     */
    public static Optional<Edit<Drill>> cut(
            String rung, Stage stage, FreeIds ids, Travel travel, Route route, PathEdits.Held held, Vec at) {
        double along = PathEdits.along(route, at);
        if (along < SHORTEST || route.length() - along < SHORTEST) {
            return Optional.empty();
        }
        List<Spot> through = travel.path().through();
        List<Spot> first = new ArrayList<>(through.subList(0, held.index()));
        first.add(held.fresh() ? Spot.at(route.at(along)) : through.get(held.index()));
        List<Spot> second =
                new ArrayList<>(through.subList(held.fresh() ? held.index() : held.index() + 1, through.size()));
        String id = ids.take("a");
        Travel before = travel.withPath(new TravelPath(first, travel.path().smooth() && first.size() > 1))
                .withEnding(Ending.GO_ON);
        Action after = renamed(travel, id)
                .withPath(new TravelPath(second, travel.path().smooth() && second.size() > 1))
                .withCue(Cue.next());
        Moved moved = new Moved(travel.id(), id, along, route.length());
        return Optional.of(StageEdit.of("Cut line", rung, s -> {
            List<Action> actions = new ArrayList<>();
            for (Action action : s.actions()) {
                if (action.id().equals(travel.id())) {
                    actions.add(before);
                    actions.add(after);
                } else {
                    actions.add(Respotted.of(
                            action.withCue(new Cue(
                                    moved.trigger(action.cue().trigger()),
                                    action.cue().delay())),
                            moved::spot));
                }
            }
            return s.withActions(actions)
                    .withInstructions(s.instructions().stream()
                            .map(i -> moved.instruction(i))
                            .toList());
        }));
    }

    /** A pass that is sent to wherever its receiver is, led as they go. */
    public static Edit<Drill> atOnce(String rung, Action.Pass pass) {
        return ActionEdits.change(
                rung,
                "Pass at once",
                pass.receiver().map(r -> pass.withTo(Spot.at(r))).orElse(pass));
    }

    /**
     * A pass that is met on a line sent at once instead; one to somebody who is still to run met at the end of that
     * line.
     *
     * @param timeline of the stage
     * @return empty for a pass to nobody, or to somebody who runs nowhere any more
     */
    public static Optional<Edit<Drill>> metOrAtOnce(String rung, Stage stage, Timeline timeline, Action.Pass pass) {
        if (pass.met().isPresent()) {
            return Optional.of(atOnce(rung, pass));
        }
        double leaves = timeline.times(pass.id()).map(ActionTimes::start).orElse(0.0);
        return pass.receiver().stream()
                .flatMap(r -> stage.travelsOf(r).stream())
                .filter(a -> !a.cue().trigger().equals(new Cue.Received(pass.id())))
                .filter(a -> !(timeline.times(a.id()).map(ActionTimes::end).orElse(Double.NaN) <= leaves))
                .findFirst()
                .map(a -> ActionEdits.change(
                        rung, "Meet at the end of the line", pass.withTo(new Spot.OnLine(a.who(), a.id(), 1))));
    }

    private static Travel renamed(Travel travel, String id) {
        return (Travel) Transfer.renaming(Map.of(travel.id(), id)).action(travel);
    }

    /** What was about places of the whole line, as it is about its two parts. */
    private record Moved(String old, String fresh, double first, double length) {

        Cue.Trigger trigger(Cue.Trigger t) {
            if (t instanceof Cue.Several several) {
                return several.with(several.parts().stream().map(this::trigger).toList());
            }
            if (t instanceof Cue.Occurrence o && o.since().filter(old::equals).isPresent()) {
                return new Cue.Occurrence(o.moment(), o.nth(), Optional.of(fresh));
            }
            if (t instanceof Cue.After a && a.action().equals(old)) {
                return new Cue.After(fresh);
            }
            if (t instanceof Cue.Partway p && p.action().equals(old)) {
                return at(p.share() * length, true);
            }
            return t instanceof Cue.Gone g && g.action().equals(old) ? at(g.metres(), false) : t;
        }

        /** What is met on the line is met on the part of it where that is. */
        Spot spot(Spot spot) {
            return spot.onLine()
                    .filter(o -> o.line().equals(old))
                    .map(o -> onPart(o.who(), o.share() * length))
                    .orElse(spot);
        }

        private Spot onPart(String who, double metres) {
            return metres <= first
                    ? new Spot.OnLine(who, old, metres / first)
                    : new Spot.OnLine(who, fresh, (metres - first) / (length - first));
        }

        private Cue.Trigger at(double metres, boolean asShare) {
            boolean early = metres <= first;
            String part = early ? old : fresh;
            double there = early ? metres : metres - first;
            return asShare
                    ? new Cue.Partway(part, Math.min(1, there / (early ? first : length - first)))
                    : new Cue.Gone(part, there);
        }

        /** What belongs to an option belongs to it in both parts. */
        Instruction instruction(Instruction said) {
            if (!(said instanceof Instruction.Read read)) {
                return said;
            }
            return read.with(read.options().stream()
                    .map(o -> {
                        List<String> actions = new ArrayList<>(o.actions());
                        int i = actions.indexOf(old);
                        if (i >= 0) {
                            actions.add(i + 1, fresh);
                        }
                        return o.with(actions);
                    })
                    .toList());
        }
    }

    /**
     * Turns a line the other way round: who ran it begins where it ended; a pass comes back from whom it went to.
     *
     * @return empty when it begins where another line ends, or goes to nobody
     */
    public static Optional<Edit<Drill>> reverse(String rung, Stage stage, Action action, Route route) {
        boolean begins = stage.actionsOf(action.who()).stream()
                .filter(a -> a instanceof Travel)
                .findFirst()
                .filter(action::equals)
                .isPresent();
        if (action instanceof Travel travel && begins) {
            List<Spot> through = new ArrayList<>(travel.path().through());
            Collections.reverse(through);
            through.remove(0);
            through.add(Spot.at(route.start()));
            return Optional.of(StageEdit.of("Turn line round", rung, s -> PieceEdits.moved(s, travel.who(), route.end())
                    .withAction(travel.withPath(
                            new TravelPath(through, travel.path().smooth())))));
        }
        if (action instanceof Action.Pass pass
                && pass.receiver().flatMap(stage::person).isPresent()) {
            String to = pass.receiver().get();
            return Optional.of(StageEdit.of("Turn pass round", rung, s -> s.withPieces(s.pieces().stream()
                            .map(p -> p.heldBy().filter(pass.who()::equals).isPresent()
                                    ? new Piece.Ball(
                                            p.id(), s.person(to).orElseThrow().at(), Optional.of(to))
                                    : p)
                            .toList())
                    .withAction(pass.by(to, Spot.at(pass.who())))));
        }
        return Optional.empty();
    }
}
