package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Instruction.Rule;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Decision;
import wildchalk.core.timeline.Lane;
import wildchalk.core.timeline.Timeline;

/**
 * Works out the reads that follow from where people are. Each is looked at as things stand when it comes up, which no
 * choice that is made then can change; so as many run-throughs as there are such reads settle all of them.
 */
final class Decisions {

    private final Stage stage;
    private final Places places;
    private final Ends ends;
    private final Function<Choices, Timeline> rehearse;
    private final List<Decision> made = new ArrayList<>();
    private Choices choices;

    Decisions(Stage stage, Surface surface, Choices choices, Function<Choices, Timeline> rehearse) {
        this.stage = stage;
        this.places = new Places(stage, surface);
        this.ends = new Ends(stage, surface);
        this.choices = choices;
        this.rehearse = rehearse;
    }

    /** The timeline with every such read settled, unless somebody has chosen. */
    Timeline timeline() {
        Timeline timeline = rehearse.apply(choices);
        for (Read read : Reads.of(stage)) {
            if (read.rule().isPresent()
                    && !choices.of().containsKey(read.id())
                    && Reads.taken(stage, choices, read).isPresent()) {
                Optional<Decision> decision = decide(read, read.rule().get(), timeline);
                if (decision.isPresent()) {
                    made.add(decision.get());
                    choices = choices.with(read.id(), decision.get().option());
                    boolean first =
                            decision.get().option().equals(read.options().get(0).id());
                    timeline = first ? timeline : rehearse.apply(choices);
                }
            }
        }
        return made.isEmpty() ? timeline : timeline.deciding(made);
    }

    private Optional<Decision> decide(Read read, Rule rule, Timeline timeline) {
        OptionalDouble t = timeline.comesUp(read, stage);
        List<Decision.Weighed> weighed = t.isEmpty()
                ? List.of()
                : read.options().stream()
                        .flatMap(o -> weigh(read, rule, o, timeline, t.getAsDouble()).stream())
                        .toList();
        Optional<Decision.Weighed> best = weighed.stream()
                .filter(w -> rule == Rule.OPEN && w.metres() >= Lane.OPEN)
                .findFirst()
                .or(() -> weighed.stream().max(Comparator.comparingDouble(Decision.Weighed::metres)));
        return best.map(b -> new Decision(read.id(), rule, b.option(), t.getAsDouble(), weighed));
    }

    private Optional<Decision.Weighed> weigh(Read read, Rule rule, Option option, Timeline timeline, double t) {
        List<Action> actions = option.actions().stream()
                .flatMap(id -> stage.action(id).stream())
                .toList();
        if (actions.isEmpty()) {
            return Optional.empty();
        }
        Optional<Piece.Person> receiver = actions.stream()
                .filter(Action.Pass.class::isInstance)
                .findFirst()
                .flatMap(a -> a.receiver().flatMap(stage::person));
        Action first = actions.get(0);
        String who = receiver.map(Piece::id).orElse(first.who());
        Optional<Piece.Person> decider = stage.person(read.who()).or(() -> stage.person(first.who()));
        if (decider.isEmpty() || stage.person(who).isEmpty()) {
            return Optional.empty();
        }
        Vec to = receiver.map(r -> timeline.at(r.id(), t)).orElseGet(() -> goesTo(first, timeline));
        double metres = rule == Rule.OPEN
                ? Lane.of(decider.get(), to, stage, timeline, t).room()
                : ahead(
                        timeline.at(who, t),
                        timeline.pose(decider.get().id(), t),
                        attacked(decider.get(), timeline, t));
        return Optional.of(new Decision.Weighed(option.id(), who, metres));
    }

    private static Vec goesTo(Action action, Timeline timeline) {
        List<Vec> line = timeline.line(action.id());
        return line.get(line.size() - 1);
    }

    /**
     * How far ahead of the decider somebody is: nearer to the goal that is attacked; where there is none, the way the
     * decider faces.
     */
    private static double ahead(Vec place, Pose decider, Optional<Vec> goal) {
        return goal.map(g -> decider.at().distance(g) - place.distance(g))
                .orElseGet(() -> place.minus(decider.at()).dot(Vec.polar(1, decider.facing())));
    }

    /**
     * The goal that somebody's team attacks then; where nothing tells, what the first shot at a goal or at gear goes
     * to.
     */
    private Optional<Vec> attacked(Piece.Person decider, Timeline timeline, double t) {
        return ends.team(decider.id())
                .flatMap(b -> ends.at(b, timeline::moment, t))
                .flatMap(k -> ends.goal(k.end()))
                .or(() -> stage.actions().stream()
                        .filter(Action.Shot.class::isInstance)
                        .map(a -> ((Action.Shot) a).to())
                        .filter(s -> !(s instanceof Spot.Place))
                        .map(places::of)
                        .findFirst());
    }
}
