package wildchalk.storage.kind;

import java.util.List;
import wildchalk.core.drill.Drill;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Changes;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.DrillWriter;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.Told;

/** Drills (docs/format/drill.md). */
public final class DrillKind implements Kind<Drill> {

    public static final DrillKind DRILLS = new DrillKind();

    private DrillKind() {
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
        return DrillReader.told(text);
    }

    @Override
    public List<String> changes(Drill before, Drill after) {
        return Changes.of(before, after, Unit.METRES);
    }
}
