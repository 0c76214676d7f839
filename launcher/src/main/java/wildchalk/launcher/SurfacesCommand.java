package wildchalk.launcher;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.surface.Surfaces;
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
        Surfaces there = Main.surfaces();
        Optional<SurfacePlan> plan = id == null ? Optional.empty() : Optional.of(plan(there));
        List<SurfacePlan> shown = plan.map(List::of).orElseGet(there::plans);
        PrintWriter print = spec.commandLine().getOut();
        if (json) {
            printJson(print, plan, shown);
        } else {
            shown.forEach(p -> print.println(line(p.usual())));
            plan.ifPresent(p -> details(print, p, p.usual()));
        }
        print.flush();
        picture(shown.stream().map(SurfacePlan::usual).toList(), plan.isPresent());
        return 0;
    }

    private SurfacePlan plan(Surfaces there) throws FormatException {
        if (id.endsWith(".json")) {
            return SurfaceFiles.read(Path.of(id));
        }
        return there.plan(id)
                .orElseThrow(() -> new FormatException("no surface is called \"" + id + "\"; there are "
                        + String.join(
                                ", ",
                                there.plans().stream().map(SurfacePlan::id).toList())));
    }

    private static void printJson(PrintWriter print, Optional<SurfacePlan> plan, List<SurfacePlan> shown) {
        if (plan.isPresent()) {
            print.print(SurfaceWriter.write(plan.get().usual(), plan.get().sizes()));
            return;
        }
        print.print("{\"surfaces\": [");
        print.print(shown.stream()
                .map(p -> SurfaceWriter.write(p.usual(), p.sizes()).strip())
                .collect(Collectors.joining(", ")));
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
