package wildchalk.storage.kind;

import java.util.List;
import wildchalk.core.drill.Drill;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Changes;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.DrillWriter;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.Told;

/** Drills (docs/format/drill.md). */
public final class DrillKind implements Kind<Drill> {

    /** On the surfaces that come with the program. */
    public static final DrillKind DRILLS = new DrillKind(Surfaces.BUILT_IN);

    private final Surfaces surfaces;

    private DrillKind(Surfaces surfaces) {
        this.surfaces = surfaces;
    }

    @Override
    public DrillKind knowing(Surfaces others) {
        return new DrillKind(others);
    }

    @Override
    public String word() {
        return "drill";
    }

    @Override
    public String write(Drill drill) {
        return DrillWriter.write(drill);
    }

    @Override
    public Told<Drill> read(String text) throws FormatException {
        return DrillReader.told(text, surfaces);
    }

    @Override
    public List<String> changes(Drill before, Drill after) {
        return Changes.of(before, after, Unit.METRES);
    }
}
