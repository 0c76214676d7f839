package wildchalk.storage.kind;

import java.util.List;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadChanges;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.SquadReader;
import wildchalk.storage.format.SquadWriter;
import wildchalk.storage.format.Told;

/** Squads (docs/format/squad.md). */
public final class SquadKind implements Kind<Squad> {

    /** The only one: squads lie on no surface. */
    public static final SquadKind SQUADS = new SquadKind();

    private SquadKind() {}

    @Override
    public String word() {
        return "squad";
    }

    @Override
    public String write(Squad squad) {
        return SquadWriter.write(squad);
    }

    @Override
    public Told<Squad> read(String text) throws FormatException {
        return new Told<>(SquadReader.read(text), List.of());
    }

    @Override
    public List<String> changes(Squad before, Squad after) {
        return SquadChanges.of(before, after);
    }
}
