package wildchalk.core.catalogue;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import wildchalk.core.ask.Balance;
import wildchalk.core.check.over.LookOver;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Areas;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PieceCases;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Needs;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Box;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.script.Counts;
import wildchalk.core.script.GameWords;
import wildchalk.core.script.Script;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Footprint;
import wildchalk.core.timeline.Timeline;

/** Looks a drill over once: every rung is built, rehearsed and put into words. */
public final class DrillSummarizer {

    private final Drill drill;
    private final Surface surface;
    private final List<Stage> stages;
    private final List<RunThrough> rungs;

    private DrillSummarizer(Drill drill) {
        this.drill = drill;
        this.surface = drill.surface();
        Map<String, Stage> built = Ladder.all(drill);
        this.stages = drill.ladder().stream().map(r -> built.get(r.id())).toList();
        this.rungs = stages.stream()
                .map(s -> RunThrough.of(s, surface, Choices.NONE))
                .toList();
    }

    /** What was seen of a drill. */
    public record Seen(DrillSummary summary, Texts texts) {}

    /**
     * Looks a drill over once: every rung is rehearsed and put into words. May take some milliseconds; on any thread.
     */
    public static Seen at(Drill drill) {
        DrillSummarizer summarizer = new DrillSummarizer(drill);
        return new Seen(summarizer.summary(), summarizer.texts());
    }

    private DrillSummary summary() {
        Needs lowest = Needs.of(stages.get(0));
        Map<GearKind, Integer> gear = lowest.gear().keySet().stream().collect(Collectors.toMap(k -> k, lowest::of));
        Set<Skill> skills = EnumSet.noneOf(Skill.class);
        stages.forEach(s -> skills.addAll(Skill.of(s)));
        Set<Effort.Intensity> intensities =
                stages.stream().map(s -> s.effort().intensity()).collect(Collectors.toSet());
        double minutes = drill.ladder().stream()
                .flatMap(r -> r.plan().dose().stream())
                .mapToDouble(l -> l.minutes())
                .sum();
        Box used = Footprint.of(stages.get(0), rungs.get(0).timeline());
        return new DrillSummary(
                drill.title(),
                new DrillSummary.Where(drill.venue().surface(), surface.name(), surface.sport()),
                new DrillSummary.Required(
                        lowest.people(),
                        stages.stream()
                                .mapToInt(s -> Needs.of(s).people())
                                .max()
                                .orElse(0),
                        gear,
                        lowest.balls(),
                        // The colours of the cones are told on the Board.
                        String.join(", ", Counts.of(lowest, surface)).replaceAll(" \\([^)]*\\)", "")),
                new DrillSummary.Room(used.width(), used.height(), Space.of(used, surface)),
                new DrillSummary.Dosage(minutes, stages.size()),
                new DrillSummary.Players(drill.effort().level(), intensities),
                new DrillSummary.Practised(skills, does()),
                LookOver.hurts(new Looked(drill, Conditions.USUAL, Unit.METRES)));
    }

    private Map<String, Integer> does() {
        Map<String, Integer> does = new TreeMap<>();
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            Timeline timeline = rungs.get(i).timeline();
            List<String> kinds = new ArrayList<>(stage.actions().stream()
                    .filter(a -> timeline.times(a.id()).isPresent())
                    .sorted(Comparator.comparingDouble(
                            a -> timeline.times(a.id()).orElseThrow().start()))
                    .map(DrillSummarizer::kind)
                    .toList());
            stage.instructions(Instruction.Read.class).forEach(r -> does.merge("read", 1, Integer::sum));
            for (int k = 0; k < kinds.size(); k++) {
                does.merge(kinds.get(k), 1, Integer::sum);
                if (k > 0) {
                    does.merge(kinds.get(k - 1) + ">" + kinds.get(k), 1, Integer::sum);
                }
            }
        }
        return does;
    }

    private static String kind(Action action) {
        String kind = ActionEdits.kind(action);
        if (action instanceof Shadow shadow) {
            return kind + " " + word(shadow.way());
        }
        if (action instanceof Hold hold) {
            return kind + " " + word(hold.stance());
        }
        return action instanceof Action.Pass pass && pass.manner() != Action.Manner.FLAT
                ? kind + " " + word(pass.manner())
                : kind;
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private Texts texts() {
        Set<String> names = new LinkedHashSet<>();
        Set<String> needs = new LinkedHashSet<>(List.of(
                surface.name(), surface.sport(), EffortWords.of(drill.effort().level())));
        Set<String> does = new LinkedHashSet<>();
        Set<String> says = new LinkedHashSet<>();
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            names.add(stage.title());
            stage.pieces().forEach(p -> named(p, names));
            needs.addAll(Counts.of(stage, surface));
            Skill.of(stage).forEach(s -> does.add(s.words()));
            // "close down" and "screen", as coaches say it.
            stage.actions().forEach(a -> does.add(kind(a).replaceFirst("^(?:shadow|hold|handle) ", "")));
            sides(stage, rungs.get(i).timeline(), does);
            needs.add(EffortWords.of(stage.effort().intensity()));
            said(stage, rungs.get(i), says);
        }
        List<String> points = new ArrayList<>(drill.points());
        points.addAll(drill.questions());
        points.addAll(drill.cautions());
        List<Stage> stages = rungs.stream().map(RunThrough::stage).toList();
        points.addAll(GameWords.watched(stages, surface, Unit.METRES));
        return new Texts(drill.title(), joined(names), joined(needs), joined(does), joined(says), joined(points));
    }

    private static void named(Piece piece, Set<String> names) {
        piece.match(new PieceCases.Families<>() {
            @Override
            public Boolean person(Piece.Person person) {
                return names.add(person.label());
            }

            @Override
            public Boolean lineUp(Piece.LineUp lineUp) {
                names.add(lineUp.label());
                return names.add(lineUp.name());
            }

            @Override
            public Boolean item(Piece.Item item) {
                return names.add(item.label());
            }

            @Override
            public Boolean supply(Piece.Supply supply) {
                return false;
            }

            @Override
            public Boolean ball(Piece.Ball ball) {
                return false;
            }

            @Override
            public Boolean note(Piece.Note note) {
                return names.add(note.text());
            }

            @Override
            public Boolean tape(Piece.Tape tape) {
                return false;
            }

            @Override
            public Boolean area(Piece.Area area) {
                return names.add(Areas.name(area));
            }
        });
    }

    /** "2v1": those of the side that has the ball first, against the others. */
    private void sides(Stage stage, Timeline timeline, Set<String> does) {
        Balance.of(stage, timeline, stage.marked(surface)).forEach(b -> does.add(b.attackers() + "v" + b.defenders()));
    }

    private void said(Stage stage, RunThrough through, Set<String> says) {
        Script script = through.script(Unit.METRES);
        script.limits().forEach(l -> says.add(l.text()));
        script.lines().forEach(l -> says.add(l.text()));
        stage.instructions(Instruction.Freeze.class).forEach(f -> says.add(f.question() + " " + f.answer()));
    }

    private static String joined(Collection<String> texts) {
        return texts.stream().map(String::strip).filter(t -> !t.isEmpty()).collect(Collectors.joining(" · "));
    }
}
