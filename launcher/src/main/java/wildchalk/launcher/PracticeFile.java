package wildchalk.launcher;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Around;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.ground.Ground;
import wildchalk.core.setout.SetOut;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.PracticeReader;

/**
 * A practice as a file has it, with the drills in it and those that lie beside it.
 *
 * @param drills as they were planned
 * @param needs what they take
 */
record PracticeFile(Practice practice, Map<Content.Planned, Drill> drills, KnownNeeds needs) {

    /** Reads it. */
    static PracticeFile read(Path file) throws FormatException {
        PracticeReader.Carried carried = PracticeReader.read(file, Main.surfaces());
        Practice practice = carried.practice();
        Map<String, Drill> byId = new HashMap<>(carried.drills());
        Map<Content.Planned, Drill> drills = new HashMap<>();
        List<Content.Planned> wanted = practice.blocks().stream()
                .flatMap(Block::all)
                .flatMap(Block::play)
                .map(Content.Play::drill)
                .toList();
        for (Content.Planned planned : wanted) {
            Path beside = file.resolveSibling(planned.id() + ".drill.json");
            if (!byId.containsKey(planned.id()) && Files.exists(beside)) {
                byId.put(planned.id(), DrillReader.told(beside, Main.surfaces()).document());
            }
            if (byId.containsKey(planned.id())) {
                drills.put(planned, byId.get(planned.id()));
            }
        }
        Map<String, DrillWork> works = new HashMap<>();
        byId.forEach((id, drill) -> works.put(id, new DrillWork(drill, SetOut.USUAL_HANDFUL)));
        return new PracticeFile(practice, drills, b -> DrillWork.of(works, b, practice.company()));
    }

    /** What is known around it: what it is on. */
    Around around() {
        return Around.UNKNOWN.on(Ground.venue(practice, drills, Main.surfaces()));
    }
}
