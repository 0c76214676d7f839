package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;
import wildchalk.core.wording.Wordbook;

/** The words for what is new on a rung. */
record NewWords(Stage below, Stage here, Timeline timeline, Surface surface) {

    private static final Wordbook BOOK = Wordbook.beside(NewWords.class, "New");

    private static final Game.Cases<String> GAME = new Game.Cases<>() {
        @Override
        public String duty(Game.Duty duty) {
            return "duty";
        }

        @Override
        public String trade(Game.Trade trade) {
            return "trade";
        }

        @Override
        public String says(Game.Says says) {
            return "says";
        }

        @Override
        public String goalAt(Game.GoalAt goal) {
            return "goal-at";
        }

        @Override
        public String twin(Game.Twin twin) {
            return "twin";
        }

        @Override
        public String code(Game.Code code) {
            return "code";
        }

        @Override
        public String starts(Given.Starts starts) {
            return "starts";
        }

        @Override
        public String ability(Given.Ability ability) {
            return "ability";
        }

        @Override
        public String byAge(Given.ByAge byAge) {
            return "by-age";
        }

        @Override
        public String watchFor(Game.WatchFor watch) {
            return "watch-for";
        }
    };

    static String say(String key, Object... values) {
        return BOOK.say(key, values);
    }

    String of(String key, Object... values) {
        return BOOK.say(key, values);
    }

    /** "player 7", "goalkeeper" */
    String name(Piece.Person person) {
        return PieceWords.name(person);
    }

    /** "player 4 comes in to chase 7, as 9 receives" */
    String comesIn(Piece.Person person) {
        Optional<Action> first = here.actionsOf(person.id()).stream().findFirst();
        String why = first.filter(Shadow.class::isInstance)
                .map(Shadow.class::cast)
                .map(s -> of(
                        "to." + Wordbook.key(s.way()),
                        here.person(s.whom()).map(Piece.Person::label).orElse("")))
                .orElse("");
        String cue = first.map(a -> of("set.off", ScriptWriter.cue(here, timeline, surface, a)))
                .orElse("");
        return of("person.in", name(person), why, cue);
    }

    /** Names, or how many there are when there are more than so many. */
    String many(String key, List<String> names, int most) {
        if (names.size() > most) {
            return of(key + ".many", names.size());
        }
        String list = names.size() == 1
                ? names.get(0)
                : String.join(of("comma"), names.subList(0, names.size() - 1))
                        + of("and")
                        + names.get(names.size() - 1);
        return of(key, list, names.size());
    }

    /** "9's carry" */
    String action(Stage stage, Action action) {
        String what = ActionEdits.describe(action, stage);
        return stage.person(action.who())
                .map(Piece.Person::label)
                .filter(l -> !l.isBlank())
                .map(l -> of("whose", l, what))
                .orElse(what);
    }

    /**
     * What has become of an action.
     *
     * @param elsewhere whether everything is, so that another place is no change
     */
    List<String> changed(Action before, Action now, boolean elsewhere) {
        List<String> changes = new ArrayList<>();
        if (!before.cue().equals(now.cue())) {
            changes.add(of("starts", action(here, now), ScriptWriter.cue(here, timeline, surface, now)));
        }
        String was = ActionEdits.describe(before, below);
        String is = ActionEdits.describe(now, here);
        if (!was.equals(is)) {
            changes.add(of("becomes", action(below, before), is));
        } else if (!elsewhere && !before.withCue(now.cue()).equals(now)) {
            changes.add(of("goes.otherwise", action(here, now)));
        }
        return changes;
    }

    /** What has become of what is said. */
    String changed(Instruction now) {
        if (!(now instanceof Instruction.Read read)) {
            return of("another", kind(now));
        }
        return of(
                read.rule().isPresent() ? "worked.out" : "decides.otherwise",
                here.person(read.who()).map(Piece.Person::label).orElse(of("somebody")));
    }

    /** "question" */
    String kind(Instruction said) {
        return of("kind."
                + said.match(new Instruction.Cases<String>() {
                    @Override
                    public String read(Instruction.Read read) {
                        return "read";
                    }

                    @Override
                    public String freeze(Instruction.Freeze freeze) {
                        return "freeze";
                    }

                    @Override
                    public String moveOn(Instruction.MoveOn moveOn) {
                        return "move-on";
                    }

                    @Override
                    public String attacks(Instruction.Attacks attacks) {
                        return attacks.from().isPresent() ? "change-ends" : "attacks";
                    }

                    @Override
                    public String limit(Limit limit) {
                        return "limit";
                    }

                    @Override
                    public String game(Game game) {
                        return game.matchGame(GAME);
                    }

                    @Override
                    public String rotation(Rotation rotation) {
                        return "rotation";
                    }
                }));
    }
}
