package wildchalk.launcher;

import java.io.IOException;
import java.io.InputStream;
import java.util.logging.LogManager;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.ExitCode;
import wildchalk.core.surface.Surfaces;
import wildchalk.desktop.keeping.BookPlaces;
import wildchalk.desktop.trouble.Trouble;
import wildchalk.desktop.trouble.TroubleLog;
import wildchalk.handout.order.Undelivered;
import wildchalk.storage.book.BookException;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.SurfaceFiles;

/** The one way in. */
@Command(
        name = "wildchalk",
        mixinStandardHelpOptions = true,
        version = "Wild Chalk 0.1.0",
        description = "Draw drills on true surfaces and watch them happen.",
        subcommands = {
            OpenCommand.class,
            DemoCommand.class,
            ShotsCommand.class,
            SurfacesCommand.class,
            ValidateCommand.class,
            CheckCommand.class,
            SolveCommand.class,
            FlowCommand.class,
            GroupsCommand.class,
            PracticeCommand.class,
            ScriptCommand.class,
            SetOutCommand.class,
            ExportCommand.class
        })
public final class Main {

    /** What is at fault is the input, not the call. */
    static final int INPUT_AT_FAULT = 1;

    private Main() {}

    public static void main(String[] args) {
        quiet();
        SurfaceFiles.in(BookPlaces.surfaces()).refused().forEach(System.err::println);
        // Without a word, or with a file alone, it is the application that is asked for.
        boolean plain = args.length == 0
                || !args[0].startsWith("-") && !commandLine().getSubcommands().containsKey(args[0]);
        String[] asked = args;
        if (plain) {
            asked = new String[args.length + 1];
            asked[0] = "open";
            System.arraycopy(args, 0, asked, 1, args.length);
        }
        System.exit(commandLine().execute(asked));
    }

    /** The surfaces of the program and of the club. */
    static Surfaces surfaces() {
        return SurfaceFiles.in(BookPlaces.surfaces()).surfaces();
    }

    static CommandLine commandLine() {
        CommandLine line = new CommandLine(new Main());
        line.setExecutionExceptionHandler((e, command, parsed) -> {
            boolean inWords = e instanceof FormatException || e instanceof BookException || e instanceof Undelivered;
            command.getErr().println(inWords ? e.getMessage() : unexpected(e));
            return INPUT_AT_FAULT;
        });
        line.setParameterExceptionHandler((e, args) -> {
            e.getCommandLine()
                    .getErr()
                    .println(e.getMessage() + " (try: wildchalk "
                            + (e.getCommandLine().getParent() == null
                                    ? ""
                                    : e.getCommandLine().getCommandName() + " ")
                            + "--help)");
            return ExitCode.USAGE;
        });
        return line;
    }

    /** What nobody foresaw is written down for whoever mends the program, and said in a line. */
    private static String unexpected(Exception e) {
        TroubleLog.in(BookPlaces.troubles());
        TroubleLog.write(new Trouble("doing what was asked for on the command line", e));
        return "This could not be done, for a reason that the program did not expect. Nothing in your book was changed."
                + TroubleLog.file()
                        .map(f -> " Where it stopped is written in " + f)
                        .orElse("");
    }

    /** Libraries speak up only when something is wrong. */
    private static void quiet() {
        try (InputStream settings = Main.class.getResourceAsStream("logging.properties")) {
            LogManager.getLogManager().readConfiguration(settings);
        } catch (IOException e) {
            throw new IllegalStateException("the program's own logging settings cannot be read", e);
        }
    }
}
