package wildchalk.core.script;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.CueCases;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.MomentsOfAction.Who;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/**
 * Words for what sets people off. The first word of each is the one that joins it: "As 7 receives", "On the whistle".
 */
final class Moments {

    private final Stage stage;
    private final Surface surface;
    private final Unit unit;
    private final Words words;
    private final Predicate<String> plays;
    private final Sides sides;
    private final Predicate<String> possible;
    /** Words for moments that are of no action, or of one that is not there. */
    private final CueCases.Families<String> watched = new CueCases.Families<>() {
        @Override
        public String ofAction(Trigger moment) {
            return words.say("on.whistle");
        }

        @Override
        public String several(Cue.Several several) {
            return Moments.this.several(several, null);
        }

        @Override
        public String whistle(Cue.Whistle whistle) {
            return words.say("on.whistle");
        }

        @Override
        public String next(Cue.Next next) {
            return words.say("on.whistle");
        }

        @Override
        public String called(Cue.Called called) {
            return words.say("on.call", called.word());
        }

        @Override
        public String occurrence(Cue.Occurrence o) {
            return counted(o);
        }

        @Override
        public String enters(Cue.Enters e) {
            return words.say("as.enters", thing(e.who()), words.zone(stage, surface, e.zone()));
        }

        @Override
        public String crosses(Cue.Crosses c) {
            return words.say("as.crosses", thing(c.who()), lineName(c.line()))
                    + words.say("heading." + Wordbook.key(heading(c)));
        }

        @Override
        public String touches(Cue.Touches t) {
            return stage.person(t.who())
                    .map(p -> words.say("as.first.touch", words.name(p), words.word("ball")))
                    .orElseGet(() -> words.say("as.touches", words.word("ball")));
        }

        @Override
        public String dead(Cue.Dead d) {
            return words.say("as.dead." + Wordbook.key(d.how()), ball(d.ball()));
        }

        @Override
        public String near(Cue.Near n) {
            return words.say("as.near", thing(n.who()), unit.spoken(n.metres()), thing(n.other()));
        }
    };

    /** "the ball"; of several whose it is from the start: "T's ball". */
    private String ball(String id) {
        boolean one = stage.balls().size() <= 1;
        return stage.piece(id)
                .flatMap(Piece::heldBy)
                .filter(w -> !one)
                .flatMap(stage::person)
                .map(p -> words.say("ball.of", words.name(p), words.word("ball")))
                .orElse(words.say("the", words.word("ball")));
    }

    /** Which way somebody crosses a line, as they see it. */
    private Cue.Crosses.Heading heading(Cue.Crosses c) {
        if (!sides.isTurned(c.who(), c)) {
            return c.heading();
        }
        return switch (c.heading()) {
            case EITHER -> Cue.Crosses.Heading.EITHER;
            case UP -> Cue.Crosses.Heading.DOWN;
            case DOWN -> Cue.Crosses.Heading.UP;
            case LEFT -> Cue.Crosses.Heading.RIGHT;
            case RIGHT -> Cue.Crosses.Heading.LEFT;
        };
    }

    /**
     * @param plays whether an action of this id is not left out because another option is taken
     * @param possible whether it can happen on the ways that are told of; what comes first is one of those
     */
    Moments(
            Stage stage,
            Surface surface,
            Unit unit,
            Words words,
            Predicate<String> plays,
            Sides sides,
            Predicate<String> possible) {
        this.possible = possible;
        this.sides = sides;
        this.plays = plays;
        this.stage = stage;
        this.surface = surface;
        this.unit = unit;
        this.words = words;
    }

    /** "As 7 receives", "Half a second after 7 receives": not yet with a capital. */
    String of(Cue cue, Action action) {
        return cue.delay() == 0
                ? of(cue.trigger(), action)
                : words.say(
                        cue.delay() > 0 ? "after.moment" : "before.moment",
                        pause(Math.abs(cue.delay())),
                        bare(cue.trigger(), action));
    }

    /** "As 7 receives" */
    String of(Trigger trigger, Action action) {
        if (trigger instanceof Cue.Several) {
            return several(trigger, action);
        }
        Optional<Action> other =
                trigger.followsOwn() ? before(action) : trigger.of().flatMap(stage::action);
        return other.map(o -> ofAction(trigger, o)).orElseGet(() -> watched(trigger, action));
    }

    /** What has set the same person off before is waited for to come once more. */
    private String watched(Trigger trigger, Action action) {
        boolean again = action != null
                && !trigger.equals(new Cue.Whistle())
                && !trigger.followsOwn()
                && stage.actionsOf(action.who()).stream()
                        .takeWhile(a -> !a.id().equals(action.id()))
                        .anyMatch(a -> a.cue().trigger().equals(trigger));
        if (!again) {
            return watched(trigger);
        }
        return trigger instanceof Cue.Called called
                ? words.say("on.next.call", called.word())
                : words.say("again", watched(trigger));
    }

    /** Without the word that joins it: "7 receives", "the whistle". */
    String bare(Trigger trigger, Action action) {
        if (trigger instanceof Cue.Several && trigger.parts().stream().anyMatch(t -> !(t instanceof Cue.After))) {
            List<String> clauses = parts(trigger).stream()
                    .map(t -> clause(t, action))
                    .distinct()
                    .toList();
            return list(clauses, trigger instanceof Cue.AllOf ? "list.and" : "list.or");
        }
        String text = of(trigger, action);
        return text.substring(text.indexOf(' ') + 1);
    }

    /** "half a second" */
    String pause(double seconds) {
        double s = Math.round(seconds * 10) / 10.0;
        if (s == 0.5) {
            return words.say("pause.half");
        }
        if (s == 1) {
            return words.say("pause.one");
        }
        return words.say("pause", s == Math.rint(s) ? Long.toString((long) s) : Double.toString(s));
    }

    String several(Trigger trigger, Action action) {
        List<Trigger> parts = parts(trigger);
        boolean all = trigger instanceof Cue.AllOf;
        if (parts.isEmpty()) {
            return words.say("on.whistle");
        }
        List<String> clauses =
                parts.stream().map(t -> clause(t, action)).distinct().toList();
        if (clauses.size() == 1) {
            return of(parts.get(0), action);
        }
        Optional<String> alike = alike(parts, all);
        if (alike.isPresent()) {
            return alike.get();
        }
        return words.say(all ? "once.all" : "as.first", list(clauses, all ? "list.and" : "list.or"));
    }

    /** "When 1 and 2 are there", "As the ball leaves 5 or 2": moments that are the same but for whom they are about. */
    private Optional<String> alike(List<Trigger> parts, boolean all) {
        List<Action> others = parts.stream()
                .filter(t -> !t.followsOwn())
                .flatMap(t -> t.of().stream())
                .flatMap(id -> stage.action(id).stream())
                .toList();
        if (others.size() < parts.size()) {
            return Optional.empty();
        }
        Set<String> patterns = new HashSet<>();
        Set<String> names = new LinkedHashSet<>();
        for (int i = 0; i < parts.size(); i++) {
            patterns.add(ofAction(parts.get(i), others.get(i), new Who("", 1)));
            names.add(name(whose(parts.get(i), others.get(i))));
        }
        if (patterns.size() > 1 || names.size() < parts.size()) {
            return Optional.empty();
        }
        boolean there = all
                && parts.stream().allMatch(Cue.After.class::isInstance)
                && others.stream().allMatch(Travel.class::isInstance);
        String who = list(List.copyOf(names), all ? "list.and" : "list.or");
        return Optional.of(
                there
                        ? words.say("when.all.there", who)
                        : ofAction(parts.get(0), others.get(0), new Who(who, all ? names.size() : 1)));
    }

    /** Of what comes first only what can come on the way that is told: the others are told where they come. */
    private List<Trigger> parts(Trigger trigger) {
        List<Trigger> here = trigger.parts().stream()
                .filter(t -> trigger instanceof Cue.AllOf
                        || t.of().filter(id -> !possible.test(id)).isEmpty())
                .toList();
        return here.isEmpty() ? trigger.parts() : here;
    }

    /** "7 receives", "the call “go” comes". */
    private String clause(Trigger trigger, Action action) {
        if (trigger instanceof Cue.Called called) {
            return words.say("call.comes", called.word());
        }
        String text = bare(trigger, action);
        return text.equals(bare(new Cue.Whistle(), action)) ? words.say("whistle.goes") : text;
    }

    /** "On the third call “go”", "As 7 crosses the halfway line for the second time, once 6 has let it go". */
    String counted(Cue.Occurrence o) {
        String moment = time(o);
        return o.since()
                .flatMap(stage::action)
                .map(a -> words.say("counted.since", moment, bare(new Cue.After(a.id()), null)))
                .orElse(moment);
    }

    /** Which time of a moment; the first since something else is just the moment. */
    private String time(Cue.Occurrence o) {
        String moment = o.moment() instanceof Cue.Touches t
                ? words.say("as.touch", thing(t.who()), words.word("ball"))
                : watched(o.moment());
        if (o.nth() == 1 && o.since().isPresent()) {
            return moment;
        }
        String nth = words.say("nth." + Math.min(o.nth(), Cue.Occurrence.MOST));
        return o.moment() instanceof Cue.Called called
                ? words.say("on.nth.call", called.word(), nth)
                : words.say("nth.time", moment, nth);
    }

    private String list(List<String> items, String last) {
        return items.size() == 1
                ? items.get(0)
                : String.join(words.say("list.comma"), items.subList(0, items.size() - 1))
                        + words.say(last)
                        + items.get(items.size() - 1);
    }

    String watched(Trigger trigger) {
        return trigger.match(watched);
    }

    private String ofAction(Trigger trigger, Action other) {
        return ofAction(trigger, other, new Who(name(whose(trigger, other)), 1));
    }

    private String ofAction(Trigger trigger, Action other, Who who) {
        return trigger.match(new MomentsOfAction(this, words, unit, other, who));
    }

    /** Whom a moment is about: who does it, or who receives. */
    private String whose(Trigger trigger, Action other) {
        return trigger instanceof Cue.Received ? receiver(other).map(Piece::id).orElse(other.who()) : other.who();
    }

    private Optional<Action> cause(Action action) {
        Trigger trigger = action.cue().trigger();
        return trigger.followsOwn() ? before(action) : trigger.of().flatMap(stage::action);
    }

    /** Id of the person whom the moment is about that sets an action off; empty for one that is about nobody. */
    String causer(Action action) {
        return cause(action).map(o -> whose(action.cue().trigger(), o)).orElse("");
    }

    /** What sets an action off, of whomever it is about; empty where it is about nobody. */
    Optional<String> ofSomebody(Action action) {
        return cause(action).map(o -> ofAction(action.cue().trigger(), o, new Who("", 1)));
    }

    /** "When A and C have gone 12 m": what sets several off, each by their own. */
    String ofSeveral(List<Action> actions) {
        Action first = actions.get(0);
        List<String> names = actions.stream().map(a -> name(causer(a))).toList();
        return ofAction(
                first.cue().trigger(), cause(first).orElseThrow(), new Who(list(names, "list.and"), names.size()));
    }

    /** What the same person does before an action. */
    Optional<Action> before(Action action) {
        if (action == null) {
            return Optional.empty();
        }
        return stage.actionsOf(action.who()).stream()
                .takeWhile(a -> !a.id().equals(action.id()))
                .filter(a -> plays.test(a.id()))
                .reduce((a, b) -> b);
    }

    Optional<Piece.Person> receiver(Action action) {
        boolean one = action instanceof Contest c && c.gets().size() == 1;
        return one
                ? stage.person(((Contest) action).gets().get(0))
                : action.receiver().flatMap(stage::person);
    }

    String name(String who) {
        return stage.person(who).map(words::name).orElseGet(() -> words.say("who.person"));
    }

    /** A person, or a piece of gear with its article. */
    private String thing(String id) {
        return stage.person(id)
                .map(words::name)
                .or(() -> stage.piece(id)
                        .filter(Piece.Gear.class::isInstance)
                        .map(p -> words.say("the", words.name((Piece.Gear) p))))
                .orElseGet(() -> words.say("who.person"));
    }

    String lineName(String marking) {
        return surface.markings().stream()
                .filter(m -> m.id().equals(marking))
                .findFirst()
                .map(m -> m.name().isEmpty() ? words.say("a.line") : words.say("the", m.name()))
                .orElse(words.say("a.line"));
    }
}
