package wildchalk.launcher;

import java.nio.file.Path;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.naming.VenueWords;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.rehearsal.Timeline;
import wildchalk.core.surface.Surface;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.DrillReader;

/** The drill file and the stage that a command is about. */
final class DrillArgument {

    @Parameters(paramLabel = "FILE", description = "a drill file")
    private Path file;

    @Option(names = "--stage", paramLabel = "S", description = "id of the stage; the lowest rung when left out")
    private String stageId;

    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    /** What the commands work with. */
    record Rehearsed(Drill drill, Surface surface, Stage stage, Timeline timeline) {
    }

    Rehearsed rehearse() throws FormatException {
        Drill drill = DrillReader.read(file);
        String id = stageId == null ? drill.ladder().get(0).id() : stageId;
        if (drill.ladder().stream().noneMatch(r -> r.id().equals(id))) {
            throw new FormatException(file.getFileName() + ": it has no stage \"" + id + "\"; there are "
                    + String.join(", ", drill.ladder().stream().map(r -> r.id()).toList()));
        }
        Surface surface = drill.surface();
        if (drill.venue().isMissing()) {
            spec.commandLine().getErr().println(file.getFileName() + ": the surface \"" + drill.venue().surface()
                    + "\" is not here; " + VenueWords.standIn(drill.venue()) + " stands in for it");
        }
        Stage stage = Ladder.build(drill, id);
        return new Rehearsed(drill, surface, stage, Rehearsal.of(stage, surface));
    }
}
