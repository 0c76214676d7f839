package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Script.Line;
import wildchalk.core.script.Script.Part;
import wildchalk.core.script.Script.Phrase;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Beat;
import wildchalk.core.timeline.Decision;
import wildchalk.core.timeline.Timeline;

/** Writes a rehearsed stage down in words. */
public final class ScriptWriter {

    private final Stage stage;
    private final Timeline timeline;
    private final Words words;
    private final Moments moments;
    private final Clauses clauses;
    private final Unit unit;
    private final Set<String> happen;

    private ScriptWriter(Stage stage, Timeline timeline, Surface bare, Unit unit) {
        Surface surface = stage.marked(bare);
        this.stage = stage;
        this.timeline = timeline;
        this.unit = unit;
        this.clauses = new Clauses(stage, timeline, surface, unit);
        this.words = clauses.words();
        this.moments = clauses.moments();
        this.happen =
                timeline.beats().stream().flatMap(b -> b.actions().stream()).collect(Collectors.toSet());
    }

    /**
     * Tells a stage.
     *
     * @param timeline of the same stage and surface, one way through
     * @param unit how lengths are said
     */
    public static Script write(Stage stage, Timeline timeline, Surface surface, Unit unit) {
        List<Line> lines = new ArrayList<>();
        List<Beat> beats = timeline.beats();
        StationWords stations = new StationWords(stage, surface);
        for (StationWords.Group group : stations.groups()) {
            String heading = group.heading();
            for (int i = 0; i < beats.size(); i++) {
                double from = i == 0 ? -1 : beats.get(i).t();
                double until = i + 1 < beats.size() ? beats.get(i + 1).t() : Double.POSITIVE_INFINITY;
                Optional<Beat> part = group.of(beats.get(i));
                if (part.isPresent()) {
                    // A stop for all is said once.
                    boolean first = part.get()
                            .actions()
                            .get(0)
                            .equals(beats.get(i).actions().get(0));
                    Line line = new ScriptWriter(stage, timeline, surface, unit)
                            .line(part.get(), from, first ? until : from);
                    lines.add(new Line(line.beat(), line.t(), line.phrases(), heading));
                    heading = "";
                }
            }
        }
        LimitWords limits = new LimitWords(stage, stage.marked(surface), unit);
        List<Phrase> said = new ArrayList<>(stage.instructions(Limit.class).stream()
                .map(l -> new Phrase(limits.of(l), Part.SAID, "", l.id()))
                .toList());
        said.addAll(new EndWords(stage, surface, timeline, unit).changes());
        stations.movingOn().ifPresent(said::add);
        return new Script(lines, said);
    }

    /** One action as it stands in the script, without what sets it off: "7 carries the ball 12 m". */
    public static String sentence(Stage stage, Timeline timeline, Surface surface, Unit unit, Action action) {
        ScriptWriter writer = new ScriptWriter(stage, timeline, surface, unit);
        writer.clauses.say(action);
        return new Line(0, 0, writer.clauses.phrases(), "").text();
    }

    /** What sets an action off, in words: "as 7 receives". */
    public static String cue(Stage stage, Timeline timeline, Surface surface, Action action) {
        ScriptWriter writer = new ScriptWriter(stage, timeline, surface, Unit.METRES);
        String text = writer.moments.of(action.cue().trigger(), action);
        return Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    private Line line(Beat beat, double from, double until) {
        List<Action> actions =
                beat.actions().stream().flatMap(id -> stage.action(id).stream()).toList();
        Optional<Instruction.Read> read = begins(actions);
        List<Action> optional =
                read.map(r -> actions.stream().filter(a -> isOf(r, a)).toList()).orElse(List.of());
        List<Action> sure = actions.stream().filter(a -> !optional.contains(a)).toList();
        cue(actions.get(0), actions.size() > 1 || read.isPresent());
        all(sure);
        read.ifPresent(r -> {
            if (!sure.isEmpty()) {
                clauses.join("join.list");
            }
            eitherOr(r);
        });
        contest(actions);
        clauses.join("stop");
        freezes(from, until);
        List<Phrase> phrases = clauses.phrases();
        Phrase first = phrases.get(0);
        phrases.set(0, new Phrase(capital(first.text()), first.part(), first.piece(), first.action()));
        return new Line(beat.n(), beat.t(), phrases, "");
    }

    private void all(List<Action> actions) {
        for (int i = 0; i < actions.size(); i++) {
            if (i > 0) {
                boolean plain =
                        actions.size() == 2 && clauses.isPlain(actions.get(0)) && clauses.isPlain(actions.get(1));
                clauses.join(plain ? "join.and" : "join.list");
            }
            Action action = actions.get(i);
            // A single action's pause is said with what sets it off.
            if (action.cue().delay() != 0 && actions.size() > 1) {
                String key = action.cue().delay() > 0 ? "after.pause" : "before.that";
                clauses.add(words.say(key, moments.pause(Math.abs(action.cue().delay()))), Part.CUE, "", action.id());
            }
            clauses.say(action);
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
            text = words.say(
                    cue.delay() > 0 ? "after.moment" : "before.moment",
                    moments.pause(Math.abs(cue.delay())),
                    moments.bare(cue.trigger(), first));
        }
        clauses.add(text, Part.CUE, "", first.id());
        if (then) {
            clauses.join("space");
        } else if (many) {
            clauses.join("join.cue.many");
        } else {
            clauses.join("join.cue");
        }
    }

    /** The read that comes up in a beat, if one does: the first action of an option begins there. */
    private Optional<Instruction.Read> begins(List<Action> actions) {
        return stage.instructions(Instruction.Read.class).stream()
                .filter(r -> Reads.contest(stage, r.who()).isEmpty())
                .filter(r -> actions.stream().anyMatch(a -> isOf(r, a))
                        && r.options().stream().anyMatch(o -> o.actions().stream()
                                .filter(happen::contains)
                                .findFirst()
                                .filter(id -> actions.stream().anyMatch(a -> a.id().equals(id)))
                                .isPresent()))
                .findFirst();
    }

    private static boolean isOf(Instruction.Read read, Action action) {
        return read.options().stream().anyMatch(o -> o.actions().contains(action.id()));
    }

    private void eitherOr(Instruction.Read read) {
        for (int i = 0; i < read.options().size(); i++) {
            Instruction.Option option = read.options().get(i);
            clauses.say(read, i == 0 ? "either" : "or");
            List<Action> first = firstOf(option);
            if (first.isEmpty()) {
                clauses.name(read.who(), "");
                clauses.say(read, "opts", option.label());
            }
            all(first);
            because(read, option);
        }
        timeline.decisions().stream()
                .filter(d -> d.read().equals(read.id()))
                .findFirst()
                .ifPresent(d -> workedOut(read, d));
    }

    /** Why it is the one and not the other, where it follows from where people are. */
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
    }

    /** What an option begins with: its first action and what is set off by the same moment. */
    private List<Action> firstOf(Instruction.Option option) {
        List<Action> all = option.actions().stream()
                .flatMap(id -> stage.action(id).stream())
                .toList();
        return all.stream()
                .filter(a -> a.cue().equals(all.get(0).cue())
                        && (a == all.get(0) || !a.cue().trigger().followsOwn()))
                .toList();
    }

    private void because(Instruction.Read read, Instruction.Option option) {
        if (!option.reason().isBlank()) {
            clauses.say(read, "if", option.reason());
        }
    }

    /** Who wins a ball that several go for, said with the last of them to set out. */
    private void contest(List<Action> actions) {
        for (Action action : actions) {
            Optional<String> ball = action instanceof Travel.Collect c ? c.wanted() : Optional.empty();
            List<Travel.Collect> all = ball.map(b -> Reads.contest(stage, b)).orElse(List.of());
            if (all.size() < 2 || !isLast(action, all)) {
                continue;
            }
            Optional<Instruction.Read> read = stage.instructions(Instruction.Read.class).stream()
                    .filter(r -> r.who().equals(ball.get()))
                    .findFirst();
            if (read.isEmpty()) {
                clauses.join("whoever.first");
            }
            read.ifPresent(this::winners);
        }
    }

    private boolean isLast(Action action, List<Travel.Collect> all) {
        return all.stream()
                .map(Action::id)
                .filter(happen::contains)
                .reduce((a, b) -> timeline.times(b).orElseThrow().start()
                                >= timeline.times(a).orElseThrow().start()
                        ? b
                        : a)
                .filter(action.id()::equals)
                .isPresent();
    }

    private void winners(Instruction.Read read) {
        for (int i = 0; i < read.options().size(); i++) {
            Instruction.Option option = read.options().get(i);
            Optional<Action> winner = option.actions().stream()
                    .flatMap(id -> stage.action(id).stream())
                    .filter(Travel.Collect.class::isInstance)
                    .findFirst();
            clauses.say(read, i == 0 ? "either.wins" : "or");
            winner.ifPresent(w -> clauses.name(w.who(), w.id()));
            clauses.say(read, i == 0 ? "wins" : "does");
            because(read, option);
        }
    }

    /** Stops that come up after one beat, or with the next. */
    private void freezes(double from, double until) {
        for (Instruction.Freeze freeze : stage.instructions(Instruction.Freeze.class)) {
            OptionalDouble t = timeline.moment(freeze.at());
            if (t.isPresent() && t.getAsDouble() > from + 1e-9 && t.getAsDouble() <= until + 1e-9) {
                String moment = moments.of(freeze.at().trigger(), null);
                clauses.say(
                        freeze,
                        freeze.question().isBlank() ? "freeze" : "freeze.ask",
                        Character.toLowerCase(moment.charAt(0)) + moment.substring(1),
                        freeze.question());
            }
        }
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
