package wildchalk.launcher;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.naming.VenueWords;
import wildchalk.core.rehearsal.Codes;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/** Which stage of a drill a command is about, who does it and which way reads go. */
class DrillOptions {

    @Option(names = "--stage", paramLabel = "S", description = "id of the stage; the lowest rung when left out")
    private String stageId;

    @Option(
            names = "--level",
            paramLabel = "LEVEL",
            description = "who: under-8 to under-16, adult, women or men; as the drill says when left out")
    private String level;

    @Option(
            names = "--intensity",
            paramLabel = "PACE",
            description = "how hard: walk-through, half, three-quarter or live; as the drill says when left out")
    private String intensity;

    @Option(
            names = "--read",
            paramLabel = "R=OPTION",
            description = "which way a read goes; its first option when left out. May be given for several reads")
    private Map<String, String> reads = Map.of();

    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    /** What the commands work with. */
    record Rehearsed(Drill drill, RunThrough through) {

        Surface surface() {
            return through.surface();
        }

        Stage stage() {
            return through.stage();
        }

        Timeline timeline() {
            return through.timeline();
        }

        Choices choices() {
            return through.choices();
        }
    }

    Rehearsed rehearse(Path file) throws FormatException {
        Drill drill = read(file);
        String id = stageId == null ? drill.ladder().get(0).id() : stageId;
        if (drill.ladder().stream().noneMatch(r -> r.id().equals(id))) {
            throw new FormatException(file.getFileName() + ": it has no stage \"" + id + "\"; there are "
                    + String.join(", ", drill.ladder().stream().map(r -> r.id()).toList()));
        }
        return rehearsed(drill, id, file);
    }

    /** Every rung, lowest first; a read that a rung has not got goes its usual way there. */
    List<Rehearsed> all(Path file) throws FormatException {
        Drill drill = read(file);
        List<Rehearsed> all = new ArrayList<>();
        for (Rung rung : drill.ladder()) {
            Stage stage = Ladder.build(drill, rung.id());
            Map<String, String> known = new HashMap<>(reads);
            known.entrySet().removeIf(e -> !isThere(stage, e));
            all.add(new Rehearsed(drill, RunThrough.of(stage, drill.surface(), choices(stage, file, known))));
        }
        boolean onNone = reads.entrySet().stream().anyMatch(e -> all.stream().noneMatch(r -> isThere(r.stage(), e)));
        if (onNone) {
            choices(all.get(0).stage(), file, reads);
        }
        return all;
    }

    /** Whether a stage has such a read, or can have that called. */
    private static boolean isThere(Stage stage, Map.Entry<String, String> choice) {
        return Codes.canBe(stage, choice.getKey(), choice.getValue())
                || Reads.of(stage).stream().anyMatch(r -> r.id().equals(choice.getKey()));
    }

    private Drill read(Path file) throws FormatException {
        Drill read = DrillReader.told(file, Main.surfaces()).document();
        Drill drill = read.withEffort(read.effort()
                .with(chosen(level, read.effort().level(), "--level"))
                .with(chosen(intensity, read.effort().intensity(), "--intensity")));
        if (drill.venue().isMissing()) {
            spec.commandLine()
                    .getErr()
                    .println(file.getFileName() + ": the surface \""
                            + drill.venue().surface() + "\" is not here; " + VenueWords.standIn(drill.venue())
                            + " stands in for it");
        }
        return drill;
    }

    private Rehearsed rehearsed(Drill drill, String id, Path file) throws FormatException {
        Stage stage = Ladder.build(drill, id);
        return new Rehearsed(drill, RunThrough.of(stage, drill.surface(), choices(stage, file, reads)));
    }

    /** The wanted stage; empty when none was named. */
    Optional<String> stage() {
        return Optional.ofNullable(stageId);
    }

    private static Choices choices(Stage stage, Path file, Map<String, String> reads) throws FormatException {
        List<Instruction.Read> known = Reads.of(stage);
        for (Map.Entry<String, String> choice : reads.entrySet()) {
            if (Codes.canBe(stage, choice.getKey(), choice.getValue())) {
                continue;
            }
            Instruction.Read read = known.stream()
                    .filter(r -> r.id().equals(choice.getKey()))
                    .findFirst()
                    .orElseThrow(() -> new FormatException(file.getFileName() + ": it has no read \"" + choice.getKey()
                            + "\"; "
                            + (known.isEmpty()
                                    ? "nobody decides anything in this stage"
                                    : "there are "
                                            + String.join(
                                                    ", ",
                                                    known.stream()
                                                            .map(Instruction.Read::id)
                                                            .toList()))));
            if (read.option(choice.getValue()).isEmpty()) {
                throw new FormatException(file.getFileName() + ": the read \"" + read.id() + "\" has no option \""
                        + choice.getValue() + "\"; there are "
                        + String.join(
                                ", ",
                                read.options().stream()
                                        .map(Instruction.Option::id)
                                        .toList()));
            }
        }
        return new Choices(reads);
    }

    private <E extends Enum<E>> E chosen(String word, E usual, String option) {
        if (word == null) {
            return usual;
        }
        try {
            return Enum.valueOf(
                    usual.getDeclaringClass(), word.toUpperCase(Locale.ROOT).replace('-', '_'));
        } catch (IllegalArgumentException e) {
            String known = String.join(
                    ", ",
                    Arrays.stream(usual.getDeclaringClass().getEnumConstants())
                            .map(v -> v.name().toLowerCase(Locale.ROOT).replace('_', '-'))
                            .toList());
            throw new ParameterException(spec.commandLine(), option + " should be one of " + known);
        }
    }
}
