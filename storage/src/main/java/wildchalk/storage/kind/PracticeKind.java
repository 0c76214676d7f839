package wildchalk.storage.kind;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeChanges;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.PracticeReader;
import wildchalk.storage.format.PracticeWriter;
import wildchalk.storage.format.Told;

/**
 * Practices (docs/format/practice.md). A drill that one uses stays as it was planned, whatever becomes of the drill.
 */
public final class PracticeKind implements Kind<Practice> {

    /** The only one: practices are read without surfaces. */
    public static final PracticeKind PRACTICES = new PracticeKind();

    private PracticeKind() {}

    @Override
    public String word() {
        return "practice";
    }

    @Override
    public String write(Practice practice) {
        return PracticeWriter.write(practice);
    }

    @Override
    public Told<Practice> read(String text) throws FormatException {
        return new Told<>(PracticeReader.read(text), List.of());
    }

    @Override
    public List<String> changes(Practice before, Practice after) {
        return PracticeChanges.of(before, after);
    }

    @Override
    public boolean canPoint() {
        return true;
    }

    @Override
    public Set<Pointer> points(Practice practice) {
        Set<Pointer> points = new HashSet<>();
        practice.blocks().stream().flatMap(Block::all).flatMap(Block::play).forEach(p -> {
            if (p.drill().version() > 0) {
                points.add(new Pointer(
                        DrillKind.DRILLS.word(), p.drill().id(), p.drill().version()));
            }
        });
        return points;
    }
}
