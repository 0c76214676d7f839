package wildchalk.launcher;

import java.io.PrintWriter;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

@Command(name = "surfaces", mixinStandardHelpOptions = true,
        description = "The surfaces; with an id, its size and landmarks.")
final class SurfacesCommand implements Callable<Integer> {

    @Parameters(paramLabel = "ID", arity = "0..1", description = "id of a surface")
    private String id;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        if (id != null && Surfaces.find(id).isEmpty()) {
            spec.commandLine().getErr().println("no surface is called \"" + id + "\"; there are "
                    + String.join(", ", Surfaces.all().stream().map(Surface::id).toList()));
            return Main.INPUT_AT_FAULT;
        }
        for (Surface s : Surfaces.all()) {
            if (id == null || s.id().equals(id)) {
                out.println(String.format(Locale.ROOT, "%-18s %s, %.2f × %.2f m", s.id(), s.name(), s.length(),
                        s.width()));
            }
        }
        if (id != null) {
            Surfaces.get(id).landmarks().forEach(l -> out.println(String.format(Locale.ROOT, "  %-36s %8.3f %8.3f",
                    l.name(), l.at().x(), l.at().y())));
        }
        out.flush();
        return 0;
    }
}
