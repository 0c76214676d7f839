package wildchalk.launcher;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.handout.surfaces.ContactSheet;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.SurfaceFiles;
import wildchalk.storage.format.SurfaceWriter;

@Command(
        name = "surfaces",
        mixinStandardHelpOptions = true,
        description = "The surfaces; with an id or a surface file, its size, markings, landmarks, zones and targets.")
final class SurfacesCommand implements Callable<Integer> {

    static final int SHEET_WIDTH = 1600;
    static final int SHEET_COLUMNS = 5;
    private static final int ONE_WIDTH = 1280;

    @Parameters(paramLabel = "ID", arity = "0..1", description = "id of a surface, or a surface file (.json)")
    private String id;

    @Option(names = "--json", description = "print one JSON object and nothing else")
    private boolean json;

    @Option(names = "--out", paramLabel = "X.png", description = "also write a picture: of the surface, or of all")
    private Path out;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws FormatException {
        Optional<SurfacePlan> plan = id == null ? Optional.empty() : Optional.of(plan());
        List<Surface> shown = plan.map(p -> List.of(p.lay(java.util.Map.of()))).orElseGet(Main.surfaces()::all);
        PrintWriter print = spec.commandLine().getOut();
        if (json) {
            printJson(print, plan, shown);
        } else {
            shown.forEach(s -> print.println(line(s)));
            plan.ifPresent(p -> details(print, p, shown.get(0)));
        }
        print.flush();
        picture(shown, plan.isPresent());
        return 0;
    }

    private SurfacePlan plan() throws FormatException {
        if (id.endsWith(".json")) {
            return SurfaceFiles.read(Path.of(id));
        }
        return Main.surfaces()
                .plan(id)
                .orElseThrow(() -> new FormatException("no surface is called \"" + id + "\"; there are "
                        + String.join(
                                ", ",
                                Main.surfaces().plans().stream()
                                        .map(SurfacePlan::id)
                                        .toList())));
    }

    private static void printJson(PrintWriter print, Optional<SurfacePlan> plan, List<Surface> shown) {
        if (plan.isPresent()) {
            print.print(SurfaceWriter.write(shown.get(0), plan.get().sizes()));
            return;
        }
        print.print("{\"surfaces\": [");
        for (int i = 0; i < shown.size(); i++) {
            Surface s = shown.get(i);
            print.print((i == 0 ? "" : ", ")
                    + SurfaceWriter.write(
                                    s,
                                    Main.surfaces()
                                            .plan(s.id())
                                            .map(SurfacePlan::sizes)
                                            .orElse(List.of()))
                            .strip());
        }
        print.println("]}");
    }

    private static String line(Surface s) {
        return String.format(Locale.ROOT, "%-22s %s, %.2f × %.2f m", s.id(), s.name(), s.length(), s.width());
    }

    private static void details(PrintWriter print, SurfacePlan plan, Surface s) {
        for (Size size : plan.sizes()) {
            print.println(String.format(
                    Locale.ROOT,
                    "  %s (%s): %.2f to %.2f m, usually %.2f m",
                    size.name(),
                    size.id(),
                    size.least(),
                    size.most(),
                    size.usual()));
        }
        s.landmarks()
                .forEach(l -> print.println(
                        String.format(Locale.ROOT, "  %-44s %8.3f %8.3f", l.name(), l.at().x(), l.at().y())));
        s.sources().forEach(text -> print.println("  " + text));
    }

    private void picture(List<Surface> shown, boolean one) throws FormatException {
        if (out == null) {
            return;
        }
        try {
            ContactSheet.writePng(out, shown, one ? ONE_WIDTH : SHEET_WIDTH, one ? 1 : SHEET_COLUMNS);
        } catch (IOException e) {
            throw new FormatException(out + " cannot be written; choose a folder that is there and may be written to");
        }
    }
}
