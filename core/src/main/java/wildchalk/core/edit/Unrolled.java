package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Timeline;

/** A stage with what repeats written out, as it is played; what is drawn and told stays what was drawn. */
public final class Unrolled {

    /** Stands between the id of an action and which time it is; no id that is given has it. */
    private static final String TIME = "~";
    /** More actions than these are not written out. */
    private static final int MOST = 240;
    /** Whatever goes round nearer to its middle than this does not turn, metres. */
    private static final double MIDDLE = 0.5;

    private final Stage stage;
    private final Rotation.Repeats repeats;
    private final List<Action> stretch;

    private Unrolled(Stage stage, Rotation.Repeats repeats) {
        this.stage = stage;
        this.repeats = repeats;
        this.stretch = stage.actions().stream()
                .filter(a -> repeats.actions().contains(a.id()))
                .toList();
    }

    /**
     * The stage as it is played: the same where nothing repeats and no line steps up.
     *
     * @param play rehearses a stage: what goes on until a whistle is written out as often as it then begins before
     */
    public static Stage of(Stage stage, Function<Stage, Timeline> play) {
        Stage unrolled = stage;
        Map<String, Set<String>> stepping = new LinkedHashMap<>();
        for (Rotation.StepsUp steps : stage.instructions(Rotation.StepsUp.class)) {
            stepping.computeIfAbsent(steps.line(), l -> new HashSet<>()).addAll(steps.actions());
        }
        for (Rotation.Repeats repeats : stage.instructions(Rotation.Repeats.class)) {
            Unrolled each = new Unrolled(stage, counted(stage, repeats, play));
            unrolled = each.onto(unrolled);
            each.line().ifPresent(l -> stepping.computeIfAbsent(l.id(), i -> new HashSet<>())
                    .addAll(each.firsts(l.id())));
        }
        for (Map.Entry<String, Set<String>> line : stepping.entrySet()) {
            Optional<Piece.LineUp> there = lineUp(unrolled, line.getKey());
            if (there.isPresent()) {
                unrolled = SteppedUp.played(unrolled, there.get(), line.getValue());
            }
        }
        return unrolled;
    }

    /**
     * The stage as it is told: what is drawn once stays so, and whoever comes to the front of a line does what they do.
     *
     * @param name what somebody of a line-up is called before whom so many were in front, from 1
     */
    public static Stage told(Stage stage, BiFunction<Piece.LineUp, Integer, String> name) {
        Stage told = stage;
        for (Rotation.StepsUp steps : stage.instructions(Rotation.StepsUp.class)) {
            Optional<Piece.LineUp> line = lineUp(told, steps.line());
            if (line.isPresent()) {
                told = SteppedUp.told(told, line.get(), Set.copyOf(steps.actions()), k -> name.apply(line.get(), k));
            }
        }
        return told;
    }

    /** As often as it begins before the whistle, if the second time takes as long as all that follow. */
    private static Rotation.Repeats counted(Stage stage, Rotation.Repeats repeats, Function<Stage, Timeline> play) {
        if (repeats.often().until().isEmpty()) {
            return repeats;
        }
        Rotation.Repeats few = often(repeats, 3);
        Timeline tried = play.apply(of(stage.saying(few), play));
        String first = new Unrolled(stage, few)
                .stretch.stream().findFirst().map(Action::id).orElse("");
        OptionalDouble second = start(tried, first + TIME + 1);
        OptionalDouble third = start(tried, first + TIME + 2);
        double whistle = repeats.often().until().getAsDouble();
        int most = Math.max(1, MOST / Math.max(1, repeats.actions().size()));
        int n = second.isEmpty() || second.getAsDouble() >= whistle ? 1 : 2;
        if (n == 2 && third.isPresent() && third.getAsDouble() > second.getAsDouble()) {
            double each = third.getAsDouble() - second.getAsDouble();
            n += (int) Math.ceil((whistle - second.getAsDouble()) / each - 1e-9) - 1;
        }
        return often(repeats, Math.min(most, n));
    }

    private static Rotation.Repeats often(Rotation.Repeats repeats, int n) {
        return new Rotation.Repeats(repeats.id(), repeats.actions(), new Rotation.Times(n), repeats.round());
    }

    private static OptionalDouble start(Timeline timeline, String action) {
        return timeline.times(action).map(t -> OptionalDouble.of(t.start())).orElse(OptionalDouble.empty());
    }

    private int times() {
        return repeats.often().number().orElse(1);
    }

    private static Optional<Piece.LineUp> lineUp(Stage stage, String id) {
        return stage.person(id).filter(Piece.LineUp.class::isInstance).map(Piece.LineUp.class::cast);
    }

    /** The line-up that steps up each time; empty where it goes round. */
    private Optional<Piece.LineUp> line() {
        return repeats.round().size() == 1 ? lineUp(stage, repeats.round().get(0)) : Optional.empty();
    }

    /** What of each time after the first is the first that is about a line-up. */
    private Set<String> firsts(String line) {
        Optional<String> first = stretch.stream()
                .filter(a -> a.who().equals(line)
                        || a.receiver().filter(line::equals).isPresent())
                .map(Action::id)
                .findFirst();
        Set<String> all = new HashSet<>();
        for (int k = 1; k < times(); k++) {
            String time = TIME + k;
            first.ifPresent(f -> all.add(f + time));
        }
        return all;
    }

    private Stage onto(Stage before) {
        boolean whole = repeats.round().stream().allMatch(p -> stage.piece(p).isPresent());
        if (stretch.isEmpty() || !whole) {
            return before;
        }
        List<Action> actions = new ArrayList<>(before.actions());
        for (int k = 1; k < times(); k++) {
            actions.addAll(time(k));
        }
        return before.withActions(actions);
    }

    /** All of it the {@code k}th time after the first. */
    private List<Action> time(int k) {
        Map<String, String> ids = new HashMap<>();
        stretch.forEach(a -> ids.put(a.id(), a.id() + TIME + k));
        List<String> round = repeats.round();
        for (int i = 0; i < round.size(); i++) {
            ids.put(round.get(i), round.get((i + k) % round.size()));
        }
        Transfer moved = new Transfer(turned(k), ids, name -> true);
        Set<String> own = new HashSet<>(repeats.actions());
        List<Action> again = new ArrayList<>();
        for (Action action : stretch) {
            Action copy = moved.action(action);
            boolean within = action != stretch.get(0)
                    && action.cue()
                            .trigger()
                            .of()
                            .map(own::contains)
                            .orElse(action.cue().trigger().followsOwn());
            again.add(
                    within
                            ? copy
                            : copy.withCue(
                                    new Cue(afterLast(k - 1), action.cue().delay())));
        }
        return again;
    }

    /** The end of the time before: its last action is over, or the ball is where it sends it. */
    private Cue.Trigger afterLast(int k) {
        Action last = stretch.get(stretch.size() - 1);
        String id = k == 0 ? last.id() : last.id() + TIME + k;
        Optional<Piece.Person> receiver = last.receiver().flatMap(stage::person);
        return receiver.isPresent() ? new Cue.Received(id) : new Cue.After(id);
    }

    /** By how much places turn round the middle of what it goes round. */
    private Placement turned(int k) {
        List<Vec> places = repeats.round().stream()
                .map(p -> stage.place(stage.piece(p).orElseThrow()))
                .toList();
        Vec middle = places.stream().reduce(Vec.ZERO, Vec::plus).times(1.0 / places.size());
        Vec first = places.get(0).minus(middle);
        Vec next = places.get(1 % places.size()).minus(middle);
        boolean turns = first.length() > MIDDLE && next.length() > MIDDLE;
        double by = turns ? Math.atan2(first.cross(next), first.dot(next)) : 0;
        return Placement.turned(middle, by * k, Vec.ZERO);
    }
}
