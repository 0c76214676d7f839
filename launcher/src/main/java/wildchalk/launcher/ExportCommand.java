package wildchalk.launcher;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import wildchalk.core.scene.Look;
import wildchalk.handout.picture.Picture;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.DrillWriter;

@Command(name = "export", mixinStandardHelpOptions = true, description = "A hand-out: a picture or a drill file.")
final class ExportCommand implements Callable<Integer> {

    @Mixin
    private DrillArgument drill;

    @Option(names = "--out", required = true, paramLabel = "X.png|json", description = "where it goes")
    private Path out;

    @Option(names = "--at", defaultValue = "0", paramLabel = "SECONDS", description = "the moment; 0 is the whistle")
    private double at;

    @Option(names = "--width", defaultValue = "1600", description = "pixels, 200 to 8000")
    private int width;

    private static final Set<String> LOOKS = Set.of("slate", "paper", "ground");

    @Option(names = "--look", defaultValue = "slate", description = "slate, paper, or ground: like what people move on")
    private String look;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws FormatException {
        String name = out.getFileName().toString().toLowerCase(Locale.ROOT);
        boolean known = name.endsWith(".png") || name.endsWith(".json");
        boolean looks = LOOKS.contains(look);
        if (!known || !looks || width < 200 || width > 8000 || !Double.isFinite(at)) {
            throw new ParameterException(spec.commandLine(), !known ? "--out should end in .png or .json"
                    : !looks ? "--look should be slate, paper or ground"
                    : "--width should be from 200 to 8000 and --at a number of seconds");
        }
        DrillArgument.Rehearsed r = drill.rehearse();
        try {
            if (name.endsWith(".json")) {
                Files.writeString(out, DrillWriter.write(r.drill()));
            } else {
                new Picture(r.drill(), r.surface(), r.stage(), r.timeline(),
                        wanted(r)).writePng(out, at, width);
            }
        } catch (IOException e) {
            throw new FormatException(out + " cannot be written; choose a folder that is there and may be written to");
        }
        return 0;
    }

    private Look wanted(DrillArgument.Rehearsed r) {
        return look.equals("ground") ? Look.trueTo(r.surface().ground()) : Look.valueOf(look.toUpperCase(Locale.ROOT));
    }
}
