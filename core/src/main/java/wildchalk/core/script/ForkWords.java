package wildchalk.core.script;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.measure.Unit;
import wildchalk.core.timeline.Decision;
import wildchalk.core.timeline.Timeline;

/** What a sentence says of decisions: who decides, the options with their names and reasons, why it is the one. */
final class ForkWords {

    /** Two that differ by less than is said are as far, metres. */
    private static final double SAME = 0.05;

    private final Sentence sentence;
    private final Stage stage;
    private final Timeline way;
    private final Unit unit;
    private final Clauses clauses;
    private final Words words;
    private final Moments moments;

    /** @param sentence in which it is said */
    ForkWords(Sentence sentence, Stage stage, Timeline way, Unit unit) {
        this.sentence = sentence;
        this.stage = stage;
        this.way = way;
        this.unit = unit;
        this.clauses = sentence.clauses();
        this.words = clauses.words();
        this.moments = clauses.moments();
    }

    /** "either left: 7 passes 12 m to 9, if the lane is open, or …": all options in one sentence. */
    void eitherOr(Fork fork, Action said, double pause) {
        for (int i = 0; i < fork.branches().size(); i++) {
            Fork.Branch branch = fork.branches().get(i);
            Optional<String> gets = Fork.winner(stage, fork.read(), branch.option());
            if (gets.isPresent()) {
                clauses.say(fork.read(), i == 0 ? "if.wins.before" : "or.if.wins.before");
                clauses.name(gets.get(), fork.read().who());
                clauses.say(fork.read(), "if.wins.after");
            } else {
                clauses.say(fork.read(), i == 0 ? "either" : "or");
                name(fork, branch);
            }
            begin(fork, branch, said, pause);
        }
        why(fork);
    }

    private void name(Fork fork, Fork.Branch branch) {
        if (!branch.option().label().isBlank()) {
            clauses.say(fork.read(), "option.name", branch.option().label());
        }
    }

    /** What an option begins with, told on its own way. */
    private void begin(Fork fork, Fork.Branch branch, Action said, double pause) {
        Sentence other = sentence.on(branch.way());
        List<Action> first = Fork.first(stage, branch);
        other.after(first, said, pause);
        if (first.isEmpty()) {
            other.clauses().say(fork.read(), "option.nothing");
        }
        if (!branch.option().reason().isBlank()) {
            other.clauses().say(fork.read(), "if", branch.option().reason());
        }
        clauses.phrases().addAll(other.clauses().phrases());
    }

    /** "7 decides": what follows is told option by option. */
    void decides(Fork fork) {
        Optional<String> who = stage.person(fork.read().who()).map(p -> p.id());
        if (who.isPresent()) {
            clauses.name(who.get(), "");
        }
        String key = stage.action(fork.read().who())
                .map(p -> p instanceof Contest ? "who.has" : "ended")
                .orElse("decided");
        clauses.say(fork.read(), who.isPresent() ? "decides" : key, words.word("ball"));
        int before = clauses.phrases().size();
        why(fork);
        if (clauses.phrases().size() == before) {
            clauses.join("colon");
        }
    }

    /** Begins the part of an option: "Either left: ", "If 4 wins it: ". */
    void headed(Fork fork, int i) {
        Fork.Branch branch = fork.branches().get(i);
        Optional<String> gets = Fork.winner(stage, fork.read(), branch.option());
        if (gets.isPresent()) {
            clauses.say(fork.read(), "if.wins.before");
            clauses.name(gets.get(), fork.read().who());
            clauses.say(fork.read(), "if.wins.after");
            return;
        }
        if (fork.isContest(stage)) {
            Optional<Action> winner = winner(branch);
            clauses.say(fork.read(), "if.wins.before");
            winner.ifPresent(w -> clauses.name(w.who(), w.id()));
            clauses.say(fork.read(), "if.wins.after");
            return;
        }
        clauses.say(fork.read(), i == 0 ? "option.either" : "option.or");
        name(fork, branch);
    }

    /** @param before whether it is told before anything that happens */
    void because(Fork fork, Fork.Branch branch, boolean before) {
        if (!branch.option().reason().isBlank() && !fork.isContest(stage)) {
            clauses.say(
                    fork.read(), before ? "if.before" : "if", branch.option().reason());
        }
    }

    /** Why it is the one and not the other, where it follows from where people are. */
    private void why(Fork fork) {
        way.decisions().stream()
                .filter(d -> d.read().equals(fork.read().id()))
                .findFirst()
                .ifPresent(d -> workedOut(fork.read(), d));
    }

    private void workedOut(Instruction.Read read, Decision decision) {
        boolean open = decision.rule() == Instruction.Rule.OPEN;
        String figures = decision.weighed().stream()
                .map(w -> {
                    String who = moments.name(w.who());
                    if (open) {
                        if (Double.isInfinite(w.metres())) {
                            return words.say("has.nobody.near", who);
                        }
                        return words.say("has.room", who, unit.exact(w.metres()));
                    }
                    return words.say(w.metres() < 0 ? "is.behind" : "is.ahead", who, unit.exact(Math.abs(w.metres())));
                })
                .collect(Collectors.joining(words.say("list.comma")));
        clauses.say(read, open ? "rule.open" : "rule.ahead", figures);
        decision.weighed().stream()
                .filter(w -> w.option().equals(decision.option()))
                .findFirst()
                .ifPresent(
                        w -> clauses.say(read, isTie(decision, w) ? "rule.tie" : "rule.winner", moments.name(w.who())));
    }

    /** Whether another has as much as the one who is taken. */
    private static boolean isTie(Decision decision, Decision.Weighed taken) {
        return decision.weighed().stream()
                .filter(w -> w != taken)
                .anyMatch(w -> w.metres() == taken.metres() || Math.abs(w.metres() - taken.metres()) < SAME);
    }

    private Optional<Action> winner(Fork.Branch branch) {
        return branch.option().actions().stream()
                .flatMap(id -> stage.action(id).stream())
                .filter(Travel.Collect.class::isInstance)
                .findFirst();
    }

    /** Who wins a ball that several go for, said with the last of them to set out. */
    void contests(List<Action> actions, Set<String> happen) {
        for (Action action : actions) {
            Optional<String> ball = action instanceof Travel.Collect c ? c.wanted() : Optional.empty();
            List<Travel.Collect> all = ball.map(b -> Reads.contest(stage, b)).orElse(List.of());
            if (all.size() < 2 || !isLast(action, all, happen)) {
                continue;
            }
            Optional<Instruction.Read> read = stage.instructions(Instruction.Read.class).stream()
                    .filter(r -> r.who().equals(ball.get()))
                    .findFirst();
            if (read.isEmpty() && all.stream().anyMatch(c -> c != action && TravelWords.areAtOnce(way, c, action))) {
                clauses.join("whoever.first");
            }
            read.ifPresent(this::winners);
        }
    }

    private boolean isLast(Action action, List<Travel.Collect> all, Set<String> happen) {
        return all.stream()
                .map(Action::id)
                .filter(happen::contains)
                .reduce((a, b) -> way.times(b).orElseThrow().start()
                                >= way.times(a).orElseThrow().start()
                        ? b
                        : a)
                .filter(action.id()::equals)
                .isPresent();
    }

    private void winners(Instruction.Read read) {
        for (int i = 0; i < read.options().size(); i++) {
            Instruction.Option option = read.options().get(i);
            clauses.say(read, i == 0 ? "either.wins" : "or");
            winner(new Fork.Branch(option, way, Set.of())).ifPresent(w -> clauses.name(w.who(), w.id()));
            clauses.say(read, i == 0 ? "wins" : "does");
            if (!option.reason().isBlank()) {
                clauses.say(read, "if", option.reason());
            }
        }
    }

    /** What comes now happens whichever option is taken. */
    void eitherWay(Fork fork) {
        clauses.say(fork.read(), "either.way");
    }
}
