package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rotation.Turn.Length;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.When;
import wildchalk.core.edit.RotationEdits;
import wildchalk.core.flow.NextWords.Choice;
import wildchalk.core.flow.NextWords.Phrase;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.ReadWords;
import wildchalk.core.script.RotationWords;
import wildchalk.core.surface.Surface;

/** When reps begin and end, how they are played and what happens again in one, in phrases that can be changed. */
public final class RepWords {

    private static final List<Integer> EVERY = List.of(8, 12, 16, 20, 30);
    private static final List<Integer> OVER = List.of(10, 20, 30, 45, 60);
    private static final List<Integer> TIMES = List.of(2, 3, 4, 5, 6, 8);
    private static final List<Integer> UNTIL = List.of(15, 30, 45);

    private static final List<Rotation.Turn> TURNS = List.of(
            new Rotation.Turn(Length.REPS, 3),
            new Rotation.Turn(Length.REPS, 5),
            new Rotation.Turn(Length.MINUTES, 1),
            new Rotation.Turn(Length.MINUTES, 2),
            new Rotation.Turn(Length.AS_THE_RUNG_SAYS, 1));

    private final String rung;
    private final Stage stage;
    private final Rules rules;
    private final RotationWords words;

    /** @param surface with the areas that are marked out on it */
    public RepWords(String rung, Stage stage, Surface surface, Unit unit) {
        this.rung = rung;
        this.stage = stage;
        this.rules = new Rules(stage);
        this.words = new RotationWords(stage, surface, unit);
    }

    private <R extends Rotation> Optional<R> said(Class<R> kind) {
        return stage.instructions(kind).stream().findFirst();
    }

    /** When the next rep begins. */
    public Phrase starts() {
        Set<String> optional = new HashSet<>();
        stage.instructions(Instruction.Read.class).forEach(r -> r.options().forEach(o -> optional.addAll(o.actions())));
        Map<String, Choice> moments = new LinkedHashMap<>();
        // Two balls that may leave the same hands are one moment in words: the one that always leaves them.
        Stream.concat(
                        stage.actions().stream().filter(a -> !optional.contains(a.id())),
                        stage.actions().stream().filter(a -> optional.contains(a.id())))
                .filter(Action.Delivery.class::isInstance)
                .flatMap(this::moments)
                .forEach(choice -> moments.putIfAbsent(choice.words(), choice));
        return new Phrase(
                "",
                words.of(new Rotation.Starts("", rules.when())),
                said(Rotation.Starts.class).isEmpty(),
                List.of(
                        List.of(when(new When.Ready()), when(new When.Called(FlowWords.say("call")))),
                        EVERY.stream().map(s -> when(new When.Every(s))).toList(),
                        List.copyOf(moments.values())));
    }

    private Stream<Choice> moments(Action delivery) {
        Choice released = when(new When.At(new Cue(new Cue.Released(delivery.id()), 0)));
        return delivery.receiver().flatMap(stage::person).isPresent()
                ? Stream.of(released, when(new When.At(Cue.received(delivery.id()))))
                : Stream.of(released);
    }

    private Choice when(When when) {
        String said = words.of(new Rotation.Starts("", when));
        return new Choice(said, when.equals(rules.when()), RotationEdits.starts(rung, when));
    }

    /** When a rep is over. */
    public Phrase over() {
        Optional<Cue> now = said(Rotation.Over.class).map(Rotation.Over::at);
        List<Choice> dead = new ArrayList<>();
        for (Piece.Ball ball : stage.balls()) {
            for (Cue.Dead.How how : Cue.Dead.How.values()) {
                dead.add(over(new Cue(new Cue.Dead(ball.id(), how), 0), now));
            }
        }
        List<Choice> times =
                OVER.stream().map(s -> over(new Cue(new Cue.Whistle(), s), now)).toList();
        Choice done = new Choice(FlowWords.say("over.done"), now.isEmpty(), RotationEdits.overWhenDone(rung));
        String words = now.map(this::over).orElse(done.words());
        return new Phrase("", words, now.isEmpty(), List.of(List.of(done), dead, times));
    }

    private String over(Cue at) {
        return words.of(new Rotation.Over("", at));
    }

    private Choice over(Cue at, Optional<Cue> now) {
        return new Choice(over(at), now.filter(at::equals).isPresent(), RotationEdits.over(rung, at));
    }

    /** Which sides are played, and for how long each. */
    public Phrase sides() {
        Optional<Rotation.Turn> turn = said(Rotation.Sides.class).flatMap(Rotation.Sides::turn);
        Rotation.Taken now = rules.taken();
        List<Choice> taken = new ArrayList<>();
        for (Rotation.Taken each : Rotation.Taken.values()) {
            taken.add(sides(each, Optional.empty(), each == now));
        }
        List<Choice> turns = new ArrayList<>();
        if (now == Rotation.Taken.IN_TURN || now == Rotation.Taken.TWO_SETS) {
            TURNS.forEach(t -> turns.add(sides(now, Optional.of(t), turn.equals(Optional.of(t)))));
        }
        return new Phrase(
                "",
                words.of(new Rotation.Sides("", now, turn)),
                said(Rotation.Sides.class).isEmpty(),
                List.of(taken, turns));
    }

    private Choice sides(Rotation.Taken taken, Optional<Rotation.Turn> turn, boolean now) {
        return new Choice(words.of(new Rotation.Sides("", taken, turn)), now, RotationEdits.sides(rung, taken, turn));
    }

    /** Who fetches balls. */
    public Phrase fetches() {
        return one(
                Rotation.Fetcher.values(),
                rules.fetcher(),
                said(Rotation.Fetches.class).isEmpty(),
                f -> words.of(new Rotation.Fetches("", f)),
                f -> RotationEdits.fetches(rung, f));
    }

    private static <E> Phrase one(
            E[] all, E now, boolean guess, Function<E, String> said, Function<E, Edit<Drill>> edit) {
        List<Choice> choices = new ArrayList<>();
        for (E each : all) {
            choices.add(new Choice(said.apply(each), each.equals(now), edit.apply(each)));
        }
        return new Phrase("", said.apply(now), guess, List.of(choices));
    }

    /** How often each option of each read is taken that is not worked out. */
    public List<Phrase> shares() {
        return stage.instructions(Instruction.Read.class).stream()
                .filter(r -> r.rule().isEmpty() && r.options().size() > 1)
                .map(this::shares)
                .toList();
    }

    private Phrase shares(Instruction.Read read) {
        Optional<Rotation.Shares> now = stage.instructions(Rotation.Shares.class).stream()
                .filter(s -> s.read().equals(read.id()))
                .findFirst();
        String decider = ReadWords.decider(stage, read).orElse("");
        Choice turns = new Choice(
                FlowWords.say("shares.turns", decider), now.isEmpty(), RotationEdits.evenShares(rung, read.id()));
        List<Choice> uneven = new ArrayList<>();
        for (Instruction.Option often : read.options()) {
            for (int n : List.of(2, 3)) {
                Map<String, Integer> shares = new LinkedHashMap<>();
                read.options().forEach(o -> shares.put(o.id(), o.equals(often) ? n : 1));
                uneven.add(shares(read, shares, OptionalLong.empty(), now));
            }
        }
        List<Choice> lots = new ArrayList<>();
        OptionalLong drawn = now.map(Rotation.Shares::seed).orElse(OptionalLong.empty());
        if (drawn.isPresent()) {
            lots.add(shares(read, now.get().shares(), drawn, now));
        }
        // Other lots than those that are drawn now: each time it is asked for.
        lots.add(shares(read, Map.of(), OptionalLong.of(drawn.orElse(0) + 1), now));
        String words = now.map(this.words::of).orElse(turns.words());
        return new Phrase("", words, now.isEmpty(), List.of(List.of(turns), uneven, lots));
    }

    private Choice shares(
            Instruction.Read read, Map<String, Integer> shares, OptionalLong seed, Optional<Rotation.Shares> now) {
        Rotation.Shares said = new Rotation.Shares("", read.id(), shares, seed);
        boolean taken = now.filter(s -> s.shares().equals(shares) && s.seed().equals(seed))
                .isPresent();
        return new Choice(words.of(said), taken, RotationEdits.shares(rung, read.id(), shares, seed));
    }

    /**
     * Where the next one of each line comes to the front within a rep, for lines of which more than one thing is drawn.
     *
     * @param sentence an action in words, without what sets it off
     */
    public List<Phrase> steps(Function<Action, String> sentence) {
        List<Phrase> all = new ArrayList<>();
        for (Piece.Person line : stage.people()) {
            List<Action> about = stage.actions().stream()
                    .filter(a -> a.who().equals(line.id())
                            || a.receiver().filter(line.id()::equals).isPresent())
                    .toList();
            if (line instanceof Piece.LineUp && about.size() > 1) {
                all.add(steps(line, about, sentence));
            }
        }
        return all;
    }

    private Phrase steps(Piece.Person line, List<Action> about, Function<Action, String> sentence) {
        List<String> now = stage.instructions(Rotation.StepsUp.class).stream()
                .filter(s -> s.line().equals(line.id()))
                .findFirst()
                .map(Rotation.StepsUp::actions)
                .orElse(List.of());
        List<Choice> choices = about.stream()
                .skip(1)
                .map(a -> new Choice(
                        FlowWords.say("steps.at", sentence.apply(a)),
                        now.contains(a.id()),
                        RotationEdits.stepsUp(rung, line.id(), a.id(), !now.contains(a.id()))))
                .toList();
        String words = this.words.of(new Rotation.StepsUp("", line.id(), now));
        return new Phrase("", words, now.isEmpty(), List.of(choices), true);
    }

    /**
     * What happens again and again within a rep: what is said of it, else what could be said of the lines that are
     * chosen, or of all where none is.
     *
     * @param chosen ids of what is chosen on the board
     */
    public List<Phrase> again(Set<String> chosen) {
        List<Phrase> all = new ArrayList<>();
        for (Rotation.Repeats repeats : stage.instructions(Rotation.Repeats.class)) {
            all.add(new Phrase("", words.of(repeats), false, often(repeats.actions(), Optional.of(repeats))));
        }
        List<String> drawn = stage.actions().stream().map(Action::id).toList();
        List<String> picked = drawn.stream().filter(chosen::contains).toList();
        boolean few = stage.actions().stream().map(Action::who).distinct().count() <= 2;
        boolean line = stage.people().stream().anyMatch(Piece.LineUp.class::isInstance);
        // All of what many do one after the other is hardly meant to move on along a ring.
        List<String> stretch = picked.isEmpty() && (few || line) ? drawn : picked;
        if (all.isEmpty() && !Rounds.of(stage, stretch).isEmpty()) {
            String once = picked.isEmpty() ? FlowWords.say("again.all") : FlowWords.say("again.could", picked.size());
            all.add(new Phrase("", once, true, often(stretch, Optional.empty())));
        }
        return all;
    }

    /** All numbers of times along whom it goes now or would likely go, and the usual ones along others. */
    private List<List<Choice>> often(List<String> stretch, Optional<Rotation.Repeats> now) {
        Set<List<String>> rounds = new LinkedHashSet<>();
        now.ifPresent(n -> rounds.add(n.round()));
        rounds.addAll(Rounds.of(stage, stretch));
        List<List<Choice>> groups = new ArrayList<>();
        for (List<String> round : rounds) {
            List<Rotation.Often> often = new ArrayList<>();
            (groups.isEmpty() ? TIMES : TIMES.subList(0, 3)).forEach(n -> often.add(new Rotation.Times(n)));
            (groups.isEmpty() ? UNTIL : UNTIL.subList(1, 2)).forEach(t -> often.add(new Rotation.UntilWhistle(t)));
            groups.add(often(new Rotation.Repeats("", stretch, 2, round), often, now));
        }
        groups.add(List.of(new Choice(
                FlowWords.say("again.once"),
                now.isEmpty(),
                RotationEdits.once(rung, now.map(Rotation::id).orElse("")))));
        return groups;
    }

    private List<Choice> often(Rotation.Repeats stretch, List<Rotation.Often> all, Optional<Rotation.Repeats> now) {
        return all.stream()
                .map(o -> new Choice(
                        words.of(new Rotation.Repeats("", stretch.actions(), o, stretch.round())),
                        now.filter(n -> n.often().equals(o) && n.round().equals(stretch.round()))
                                .isPresent(),
                        RotationEdits.repeats(rung, stretch.actions(), o, stretch.round())))
                .toList();
    }
}
