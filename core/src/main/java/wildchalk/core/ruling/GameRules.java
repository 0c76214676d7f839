package wildchalk.core.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Given;
import wildchalk.core.edit.GameEdits;
import wildchalk.core.edit.GivenEdits;
import wildchalk.core.edit.Twins;
import wildchalk.core.effort.Effort;
import wildchalk.core.measure.Numbers;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.wording.Wordbook;

/** What could be said instead of what many do, say and must mind. */
record GameRules(Said said) implements Game.Cases<Rule> {

    private static final List<Double> METRES = List.of(1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0);

    private static final List<Double> PACES = List.of(0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0);

    private Rule rule(Game game, List<Instead> instead, List<Typed> typed) {
        return new Rule(
                game.id(),
                said.words().of(game),
                instead,
                typed,
                GameEdits.unsay(said.rung(), Said.BOOK.say("edit.away"), game.id()));
    }

    private Edit<Drill> change(Game now) {
        return GameEdits.change(said.rung(), Said.BOOK.say("edit.game"), now);
    }

    @Override
    public Rule duty(Game.Duty duty) {
        List<Instead> instead = new ArrayList<>(List.of(
                said.who(said.atAMoment(), duty.whom(), w -> change(duty.by(w))),
                Said.choices(
                        "task",
                        tasks(),
                        duty.task(),
                        t -> Said.BOOK.say("task." + Wordbook.key(t)),
                        t -> change(doing(duty, t))),
                said.when(
                        "when",
                        Optional.of(duty.at()),
                        Optional.empty(),
                        c -> change(duty.when(c.orElse(duty.at()))))));
        if (duty.task() == Game.Task.SPREAD) {
            instead.add(
                    Said.choices("zone", said.zones(), duty.zone().orElse(""), said::zone, z -> change(duty.over(z))));
        }
        if (duty.task() == Game.Task.DROP || duty.task() == Game.Task.SHIFT) {
            instead.add(Said.choices(
                    "metres",
                    METRES,
                    duty.metres(),
                    m -> Said.BOOK.say("metres.words", m),
                    m -> change(duty.metres(m))));
        }
        return rule(duty, instead, List.of());
    }

    /** Nobody spreads where there is no area to spread over. */
    private List<Game.Task> tasks() {
        return Stream.of(Game.Task.values())
                .filter(t -> t != Game.Task.SPREAD || !said.zones().isEmpty())
                .toList();
    }

    private Game.Duty doing(Game.Duty duty, Game.Task task) {
        Optional<String> zone = task == Game.Task.SPREAD
                ? duty.zone().or(() -> said.zones().stream().findFirst())
                : Optional.empty();
        return new Game.Duty(duty.id(), duty.whom(), task, duty.metres(), zone, duty.at());
    }

    @Override
    public Rule trade(Game.Trade trade) {
        return rule(
                trade,
                List.of(Said.choices(
                        "lost",
                        List.of(Game.Lost.values()),
                        trade.lost(),
                        l -> said.words().of(new Game.Trade("", l)),
                        l -> change(new Game.Trade(trade.id(), l)))),
                List.of());
    }

    @Override
    public Rule says(Game.Says says) {
        return rule(
                says,
                List.of(
                        said.who(said.atAMoment(), says.whom(), w -> change(says.by(w))),
                        Said.choices("to", said.atAMoment(), says.to(), said.words()::of, w -> change(says.to(w))),
                        said.when(
                                "when",
                                says.moment(),
                                Optional.of(Said.BOOK.say("when.always")),
                                c -> change(says.when(c, says.before()))),
                        Said.choices(
                                "before",
                                List.of(false, true),
                                says.before(),
                                b -> Said.BOOK.say(b ? "before.it" : "at.it"),
                                b -> change(says.when(says.moment(), b)))),
                List.of(new Typed(
                        "words",
                        Said.BOOK.say("words"),
                        says.words(),
                        w -> change(w.isBlank() ? says : says.calling(w)))));
    }

    @Override
    public Rule watchFor(Game.WatchFor watch) {
        return rule(
                watch,
                List.of(
                        said.who(said.atAMoment(), watch.whom(), w -> change(watch.of(w))),
                        said.when(
                                "when",
                                watch.moment(),
                                Optional.of(Said.BOOK.say("when.always")),
                                c -> change(watch.when(c)))),
                List.of(
                        new Typed(
                                "fault",
                                Said.BOOK.say("fault"),
                                watch.fault(),
                                w -> change(w.isBlank() ? watch : watch.saying(w, watch.mend()))),
                        new Typed(
                                "mend",
                                Said.BOOK.say("mend"),
                                watch.mend(),
                                w -> change(watch.saying(watch.fault(), w)))));
    }

    @Override
    public Rule goalAt(Game.GoalAt goal) {
        boolean up = goal.at().isPresent();
        return rule(
                goal,
                up
                        ? List.of(Said.choices(
                                "mouth",
                                List.of(0.0, Math.PI),
                                goal.facing(),
                                f -> Said.BOOK.say(f == goal.facing() ? "mouth.stay" : "mouth.turn"),
                                f -> change(goal.at(goal.at(), f))))
                        : List.of(),
                List.of());
    }

    @Override
    public Rule twin(Game.Twin twin) {
        return new Rule(
                twin.id(),
                said.words().of(twin),
                List.of(Said.choices(
                        "turns",
                        List.of(false, true),
                        twin.inTurn(),
                        t -> Said.BOOK.say(t ? "turns.in" : "turns.at.once"),
                        t -> Twins.inTurn(said.rung(), twin, t))),
                List.of(),
                Twins.untie(said.rung(), twin));
    }

    @Override
    public Rule code(Game.Code code) {
        List<Typed> typed = new ArrayList<>();
        for (int i = 0; i < code.parts().size(); i++) {
            int part = i;
            typed.add(new Typed(
                    "part" + (i + 1),
                    Said.BOOK.say("part", i + 1),
                    code.parts().get(i).words(),
                    w -> change(w.isBlank() ? code : named(code, part, w))));
        }
        return rule(code, List.of(), typed);
    }

    @Override
    public Rule starts(Given.Starts starts) {
        return rule(
                starts,
                List.of(
                        said.who(said.always(), starts.whom(), w -> change(starts.by(w))),
                        Said.choices(
                                "low",
                                List.of(Given.Low.values()),
                                starts.low(),
                                l -> Said.BOOK.say("low." + Wordbook.key(l)),
                                l -> change(starts.as(l)))),
                List.of());
    }

    @Override
    public Rule ability(Given.Ability ability) {
        List<Optional<Effort.Level>> levels = new ArrayList<>(List.of(Optional.empty()));
        Stream.of(Effort.Level.values()).forEach(l -> levels.add(Optional.of(l)));
        return rule(
                ability,
                List.of(
                        said.who(said.always(), ability.whom(), w -> change(ability.by(w))),
                        Said.choices(
                                "level",
                                levels,
                                ability.level(),
                                l -> l.map(EffortWords::of).orElseGet(() -> Said.BOOK.say("level.all")),
                                l -> change(ability.level(l))),
                        Said.choices(
                                "pace",
                                PACES,
                                ability.pace(),
                                p -> Said.BOOK.say("pace.words", Math.round(p * 100)),
                                p -> change(ability.pace(p)))),
                List.of());
    }

    @Override
    public Rule byAge(Given.ByAge byAge) {
        boolean limit = byAge.from().isEmpty();
        List<Typed> typed = new ArrayList<>();
        for (Effort.Level level : Effort.Level.values()) {
            typed.add(new Typed(
                    "age-" + Wordbook.key(level),
                    EffortWords.of(level),
                    Optional.ofNullable(byAge.steps().get(level))
                            .map(Numbers::plain)
                            .orElse(""),
                    text -> GivenEdits.change(
                            said.rung(), byAge.step(level, GivenEdits.number(text, limit)), said.marked())));
        }
        return rule(byAge, List.of(), typed);
    }

    private static Game.Code named(Game.Code code, int part, String words) {
        List<Game.Part> parts = new ArrayList<>(code.parts());
        Game.Part old = parts.get(part);
        parts.set(part, new Game.Part(words, old.pieces(), old.gaps()));
        return code.of(parts);
    }
}
