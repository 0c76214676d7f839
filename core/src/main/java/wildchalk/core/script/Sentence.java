package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Stage;
import wildchalk.core.script.Script.Part;
import wildchalk.core.script.Script.Phrase;
import wildchalk.core.timeline.Timeline;

/** One sentence of the script, put together on the way on which it happens. */
final class Sentence {

    private final Ground ground;
    private final Stage stage;
    private final Timeline way;
    private final Words words;
    private final Moments moments;
    private final Clauses clauses;
    private final Predicate<String> possible;
    private final Together together;
    /** Whose cues are said already. */
    private List<Action> told = List.of();
    /** The pause that is said with what sets them off, seconds. */
    private double paused;

    /** About one rep and no other. */
    Sentence(Ground ground) {
        this(ground, ground::isHere);
    }

    /** @param possible whether an action can happen on the ways of which it is told */
    Sentence(Ground ground, Predicate<String> possible) {
        this.ground = ground;
        this.possible = possible;
        this.stage = ground.stage();
        this.way = ground.way();
        this.clauses = new Clauses(ground, possible);
        this.words = clauses.words();
        this.moments = clauses.moments();
        this.together = new Together(stage, words, moments);
    }

    /** What it says of decisions. */
    ForkWords forks() {
        return new ForkWords(this, stage, way, ground.unit());
    }

    /** Another sentence, put together on another way. */
    Sentence on(Timeline other) {
        return new Sentence(ground.on(other));
    }

    Clauses clauses() {
        return clauses;
    }

    Moments moments() {
        return moments;
    }

    /** What it says, with a capital at its beginning and a stop at its end. */
    List<Phrase> ended() {
        List<Phrase> phrases = clauses.phrases();
        if (!phrases.get(phrases.size() - 1).text().endsWith(":")) {
            clauses.join("stop");
        }
        if (phrases.size() > 1 && phrases.get(0).text().equals(words.say("either.way"))) {
            Phrase cue = phrases.get(1);
            phrases.set(1, new Phrase(lower(cue.text()), cue.part(), cue.piece(), cue.action()));
        }
        Phrase first = phrases.get(0);
        phrases.set(0, new Phrase(capital(first.text()), first.part(), first.piece(), first.action()));
        return phrases;
    }

    /**
     * What happens at one moment, each with the pause before it that is its own; who waits for something else than the
     * first is told what, because it only happens to come then.
     */
    void all(List<Action> actions) {
        List<List<Action>> groups = together.groups(
                actions,
                a -> isAlike(a, actions),
                a -> clauses.said(a).stream().skip(1).map(Phrase::text).collect(Collectors.joining()));
        for (int i = 0; i < groups.size(); i++) {
            Action action = groups.get(i).get(0);
            boolean alike = isAlike(action, actions);
            if (i > 0) {
                boolean plain = groups.size() == 2
                        && alike
                        && clauses.isPlain(groups.get(0).get(0))
                        && clauses.isPlain(action);
                clauses.join(plain ? "join.and" : "join.list");
            }
            if (alike) {
                pause(action, paused);
            } else {
                ownCue(action);
            }
            clauses.say(groups.get(i), together);
        }
    }

    /** Whether somebody is set off like the first, by the same that happens, or sets off with one of the others. */
    private boolean isAlike(Action action, List<Action> together) {
        Cue.Trigger own = action.cue().trigger();
        boolean with = own instanceof Cue.With
                && together.stream()
                        .anyMatch(a -> own.of().filter(a.id()::equals).isPresent());
        return with || told.contains(action) || isSetOffLike(action, together.get(0));
    }

    /** "Next" is each person's own: only the words tell whether it is the same that happens. */
    private boolean isSetOffLike(Action action, Action other) {
        Cue.Trigger own = action.cue().trigger();
        Cue.Trigger its = other.cue().trigger();
        boolean next = own.followsOwn() && its.followsOwn();
        return next && action.who().equals(other.who())
                || !next && own.counted().equals(its.counted())
                || moments.of(own, action).equals(moments.of(its, other));
    }

    /** How much later than what is said already an action comes. */
    private void pause(Action action, double said) {
        double later = action.cue().delay() - said;
        if (later != 0) {
            clauses.add(
                    words.say(later > 0 ? "after.pause" : "before.that", moments.pause(Math.abs(later))),
                    Part.CUE,
                    "",
                    action.id());
        }
    }

    /** What sets a moment off; where each has their own of one kind, all of those at once. */
    void cue(List<Action> actions) {
        Action first = actions.get(0);
        // A single action's pause is said with what sets it off.
        paused = actions.size() > 1 ? 0 : first.cue().delay();
        told = together.eachByTheirOwn(actions);
        if (told.isEmpty()) {
            cue(first, actions.size() > 1);
        } else {
            clauses.add(moments.ofSeveral(told), Part.CUE, "", first.id());
            clauses.join("join.cue.many");
        }
    }

    private void cue(Action first, boolean many) {
        Cue cue = first.cue();
        boolean goesOn = cue.trigger().followsOwn() && moments.before(first).isPresent()
                || cue.trigger() instanceof Cue.After a
                        && moments.before(first)
                                .filter(b -> b.id().equals(a.action()))
                                .isPresent();
        boolean then = goesOn && !many && cue.delay() == 0;
        boolean own = !many
                && cue.delay() == 0
                && cue.trigger() instanceof Cue.Received r
                && stage.action(r.action())
                        .flatMap(moments::receiver)
                        .filter(p -> p.id().equals(first.who()))
                        .isPresent();
        String text;
        if (then) {
            text = words.say("then");
        } else if (own) {
            text = words.say("on.receiving");
        } else if (many || cue.delay() == 0) {
            text = moments.of(cue.trigger(), first);
        } else if (goesOn && cue.delay() > 0) {
            text = words.say("later", moments.pause(cue.delay()));
        } else {
            text = moments.of(cue, first);
        }
        clauses.add(text, Part.CUE, "", first.id());
        if (then) {
            clauses.join("space");
        } else {
            clauses.join(many ? "join.cue.many" : "join.cue");
        }
    }

    /** The cue of a moment at which somebody decides: the pause that all options share is said with it. */
    void cueOfFork(Action first, double pause, boolean many) {
        paused = pause;
        clauses.add(moments.of(first.cue().delayed(pause), first), Part.CUE, "", first.id());
        clauses.join(many ? "join.cue.many" : "join.cue");
    }

    /**
     * What sets off a decision that comes up within an option: nothing that is said already.
     *
     * @param pause before it, seconds
     * @param said what has its cue told already
     * @param saidPause the pause that is said already, seconds
     */
    void cueWithin(Action first, double pause, Action said, double saidPause) {
        Cue cue = first.cue().delayed(pause);
        if (!isSetOffLike(first, said)) {
            clauses.add(lower(moments.of(cue, first)), Part.CUE, "", first.id());
            clauses.join("join.cue");
        } else if (Math.abs(pause - saidPause) > 1e-9) {
            pause(first.withCue(cue), saidPause);
        }
    }

    /**
     * What happens after something that is said already: only what else sets it off, or how much later it comes.
     *
     * @param said what has its cue told already
     * @param pause the pause that is said already, seconds
     */
    void after(List<Action> actions, Action said, double pause) {
        after(actions, said, pause, Set.of());
    }

    /** @param won ids of the runs for a ball after which it is told what follows */
    void after(List<Action> actions, Action said, double pause, Set<String> won) {
        for (int i = 0; i < actions.size(); i++) {
            if (i > 0) {
                boolean plain = actions.size() == 2
                        && actions.get(1)
                                .cue()
                                .trigger()
                                .equals(actions.get(0).cue().trigger())
                        && clauses.isPlain(actions.get(0))
                        && clauses.isPlain(actions.get(1));
                clauses.join(plain ? "join.and" : "join.list");
            }
            Action action = actions.get(i);
            boolean same = isSetOffLike(action, said);
            if (same || isOf(action.cue().trigger(), won)) {
                pause(action, pause);
            } else {
                ownCue(action);
            }
            clauses.say(action);
        }
    }

    private boolean isOf(Cue.Trigger trigger, Set<String> won) {
        return !won.isEmpty()
                && (trigger.followsOwn() || trigger.of().filter(won::contains).isPresent());
    }

    /** What sets off an action that begins otherwise than what stands before it. */
    private void ownCue(Action action) {
        clauses.add(lower(moments.of(action.cue(), action)), Part.CUE, "", action.id());
        clauses.join("join.cue");
    }

    /**
     * Stops that come up in a part of a rep and are not said yet: those at its very beginning stand before what happens
     * then.
     *
     * @param phrases of what happens
     */
    List<Phrase> withStops(List<Phrase> phrases, double from, double until, Set<String> said) {
        List<Instruction.Freeze> freezes = stage.instructions(Instruction.Freeze.class);
        if (freezes.isEmpty()) {
            return phrases;
        }
        Clauses before = new Clauses(ground, possible);
        Clauses after = new Clauses(ground, possible);
        for (Instruction.Freeze freeze : freezes) {
            OptionalDouble t = way.moment(freeze.at());
            boolean here = t.isPresent() && t.getAsDouble() >= from - 1e-9 && t.getAsDouble() < until - 1e-9;
            if (here && said.add(freeze.id())) {
                boolean first = t.getAsDouble() <= from + 1e-6 && t.getAsDouble() > 1e-6;
                stop(freeze, first ? before : after);
                if (first) {
                    before.join("space");
                }
            }
        }
        List<Phrase> all = new ArrayList<>(before.phrases());
        all.addAll(phrases);
        all.addAll(after.phrases());
        Phrase first = all.get(0);
        all.set(0, new Phrase(first.text().stripLeading(), first.part(), first.piece(), first.action()));
        return all;
    }

    private void stop(Instruction.Freeze freeze, Clauses to) {
        String moment = lower(moments.of(freeze.at(), null));
        to.say(freeze, freeze.question().isBlank() ? "freeze" : "freeze.ask", moment, freeze.question());
    }

    static String lower(String text) {
        return text.isEmpty() ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
