package wildchalk.storage.kind;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.pitchside.Running;
import wildchalk.core.wording.Wordbook;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.RunReader;
import wildchalk.storage.format.RunWriter;
import wildchalk.storage.format.Told;

/** Practices that were run (docs/format/run.md). The drills in one stay as they were run, whatever becomes of them. */
public final class RunKind implements Kind<Running> {

    /** The only one: runs are read without surfaces. */
    public static final RunKind RUNS = new RunKind();

    private static final Wordbook BOOK = Wordbook.beside(RunKind.class, "Runs");

    private RunKind() {}

    @Override
    public String word() {
        return "run";
    }

    @Override
    public String write(Running run) {
        return RunWriter.write(run);
    }

    @Override
    public Told<Running> read(String text) throws FormatException {
        return new Told<>(RunReader.read(text), List.of());
    }

    @Override
    public List<String> changes(Running before, Running after) {
        int more = after.moments().size() - before.moments().size();
        return before.isLike(after) ? List.of() : List.of(BOOK.say("done", Math.max(0, more)));
    }

    @Override
    public boolean canPoint() {
        return true;
    }

    @Override
    public Set<Pointer> points(Running run) {
        Set<Pointer> points = new HashSet<>(PracticeKind.PRACTICES.points(run.practice()));
        if (run.of() > 0) {
            points.add(new Pointer(PracticeKind.PRACTICES.word(), run.practice().id(), run.of()));
        }
        return points;
    }
}
