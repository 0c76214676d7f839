package wildchalk.storage.kind;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.log.Entry;
import wildchalk.core.log.LogChanges;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.LogReader;
import wildchalk.storage.format.LogWriter;
import wildchalk.storage.format.Told;

/** Evenings as they were (docs/format/log.md). The drills in one stay as they were run, whatever becomes of them. */
public final class LogKind implements Kind<Entry> {

    /** The only one: entries are read without surfaces. */
    public static final LogKind LOGS = new LogKind();

    private LogKind() {}

    @Override
    public String word() {
        return "log";
    }

    @Override
    public String write(Entry entry) {
        return LogWriter.write(entry);
    }

    @Override
    public Told<Entry> read(String text) throws FormatException {
        return new Told<>(LogReader.read(text), List.of());
    }

    @Override
    public List<String> changes(Entry before, Entry after) {
        return LogChanges.of(before, after);
    }

    @Override
    public boolean canPoint() {
        return true;
    }

    @Override
    public Set<Pointer> points(Entry entry) {
        Set<Pointer> points = new HashSet<>();
        entry.parts().stream()
                .flatMap(p -> p.drill().stream())
                .filter(d -> d.version() > 0)
                .forEach(d -> points.add(new Pointer(DrillKind.DRILLS.word(), d.id(), d.version())));
        if (entry.source().version() > 0) {
            points.add(new Pointer(
                    PracticeKind.PRACTICES.word(),
                    entry.source().practice(),
                    entry.source().version()));
        }
        return points;
    }
}
