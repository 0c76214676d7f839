package wildchalk.launcher;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.practice.Plan;
import wildchalk.core.scene.Look;
import wildchalk.handout.HandOuts;
import wildchalk.handout.evening.EveningOrder;
import wildchalk.handout.evening.EveningSheet;
import wildchalk.handout.files.BundleFile;
import wildchalk.handout.order.Cancelled;
import wildchalk.handout.order.Delivery;
import wildchalk.handout.order.FileNames;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Film;
import wildchalk.handout.order.Order.Paper;
import wildchalk.handout.order.Order.Still;
import wildchalk.handout.order.Progress;
import wildchalk.handout.order.Undelivered;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.PracticeReader;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Typed;

@Command(name = "export", mixinStandardHelpOptions = true, resourceBundle = EveningOptions.WORDS)
final class ExportCommand implements Callable<Integer> {

    private static final String ENDINGS =
            HandOuts.ALL.stream().map(HandOut::ending).collect(Collectors.joining("|"));

    @Parameters(arity = "1..*", paramLabel = "FILE", descriptionKey = "file")
    private List<Path> files;

    @Mixin
    private DrillOptions drill;

    @Mixin
    private UnitOptions said;

    @Option(
            names = "--out",
            paramLabel = "X.ENDING",
            description =
                    "where it goes; the ending says what it is: " + "pdf, html, mp4, gif, png, svg, txt, json or zip")
    private Path out;

    @Option(names = "--into", paramLabel = "FOLDER", description = "instead of --out: a folder, for one drill or many")
    private Path into;

    @Option(names = "--as", split = ",", paramLabel = "ENDING", descriptionKey = "as")
    private List<String> as = List.of("pdf");

    @Mixin
    private EveningOptions evening;

    @Option(
            names = "--at",
            defaultValue = "0",
            paramLabel = "SECONDS",
            description = "of a picture: the moment; 0 is the whistle")
    private double at;

    @Option(names = "--width", defaultValue = "1600", description = "of a picture: pixels, 200 to 8000")
    private int width;

    @Option(names = "--no-words", description = "of a picture: the board alone")
    private boolean wordless;

    @Option(
            names = "--look",
            defaultValue = "slate",
            description = "slate, paper, grey, or ground: like what people move on")
    private String look;

    @Option(names = "--paper", defaultValue = "a4", paramLabel = "a4|letter", description = "of a card")
    private String paper;

    @Option(names = "--across", description = "of a card: the long side lies")
    private boolean across;

    @Option(names = "--grey", description = "of a card: without colour")
    private boolean grey;

    @Option(names = "--shape", defaultValue = "wide", paramLabel = "wide|square|upright", description = "of a clip")
    private String shape;

    @Option(names = "--speed", defaultValue = "1", description = "of a clip: 0.25 to 2")
    private double speed;

    @Option(names = "--every-way", description = "of a clip: every way through the reads, not only the chosen one")
    private boolean everyWay;

    @Option(names = "--no-captions", description = "of a clip: without the script")
    private boolean silent;

    @Option(names = "--reps", defaultValue = "1", paramLabel = "N", descriptionKey = "reps")
    private int reps;

    @Spec
    private CommandSpec spec;

    private final Set<String> made = new HashSet<>();

    @Override
    public Integer call() throws FormatException {
        if (files.stream().allMatch(PracticeReader::isPractice)) {
            evenings();
            return 0;
        }
        refuseMisuse();
        if (files.size() > 1 && out != null) {
            bundle();
            return 0;
        }
        for (Path file : files) {
            DrillOptions.Rehearsed r = drill.rehearse(file);
            if (out != null) {
                deliver(out, kind(ending(out)), order(r));
            } else {
                for (String ending : as) {
                    deliver(into.resolve(unused(ending, r.drill().title())), kind(ending), order(r));
                }
            }
        }
        return 0;
    }

    /** Practices go out in other ways than drills. */
    private void evenings() throws FormatException {
        boolean one = (out == null) != (into == null) && (out == null || files.size() == 1);
        List<String> kinds = out != null ? List.of(ending(out)) : as;
        if (!one || kinds.stream().anyMatch(k -> EveningOptions.kind(k).isEmpty())) {
            throw new ParameterException(spec.commandLine(), EveningOptions.wrong());
        }
        for (Path file : files) {
            PracticeFile read = PracticeFile.read(file);
            EveningOrder order = evening.order(read, Plan.of(read.practice(), read.needs()), paper(), said.units());
            for (String kind : kinds) {
                EveningSheet sheet = EveningOptions.kind(kind).orElseThrow();
                Path target = out != null ? out : into.resolve(EveningOptions.name(sheet, order));
                EveningOptions.deliver(sheet, order, target);
                if (into != null) {
                    spec.commandLine().getOut().println(target.getFileName());
                    spec.commandLine().getOut().flush();
                }
            }
        }
    }

    private Paper paper() {
        return new Paper(chosen(Paper.Size.class, paper, "--paper"), across, grey);
    }

    /** Many drills in one file. */
    private void bundle() throws FormatException {
        List<Typed<?>> drills = new ArrayList<>();
        for (Path file : files) {
            drills.add(new Typed<>(DrillKind.DRILLS, drill.rehearse(file).drill()));
        }
        deliver(out, part -> BundleFile.write(drills, part, Progress.UNSEEN));
    }

    /** Two drills of one title do not overwrite each other. */
    private String unused(String ending, String title) {
        String name = FileNames.of(ending, title);
        for (int n = 2; !made.add(name); n++) {
            name = FileNames.of(ending, title, Integer.toString(n));
        }
        return name;
    }

    private void refuseMisuse() {
        boolean one = (out == null) != (into == null)
                && (out == null || files.size() == 1 || ending(out).equals("zip"));
        String wrong;
        if (!one) {
            wrong = "give --out for one drill (or X.zip for many in a bundle), or --into and a folder for many";
        } else if (out != null && HandOuts.ending(ending(out)).isEmpty()) {
            wrong = "--out should end in " + ENDINGS.replace("|", ", ");
        } else if (as.stream().anyMatch(a -> HandOuts.ending(a).isEmpty())) {
            wrong = "--as should be some of " + ENDINGS.replace("|", ", ");
        } else if (width < Still.NARROWEST || width > Still.WIDEST || !Double.isFinite(at)) {
            wrong = "--width should be from 200 to 8000 and --at a number of seconds";
        } else if (!(speed >= 0.25 && speed <= 2)) {
            wrong = "--speed should be from 0.25 to 2";
        } else if (reps < 1 || reps > Film.MOST_REPS) {
            wrong = EveningOptions.say("reps.range", reps, Film.MOST_REPS);
        } else {
            wrong = "";
        }
        if (!wrong.isEmpty()) {
            throw new ParameterException(spec.commandLine(), wrong);
        }
    }

    private static String ending(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return name.substring(name.lastIndexOf('.') + 1);
    }

    private static HandOut kind(String ending) {
        return HandOuts.ending(ending).orElseThrow();
    }

    private Order order(DrillOptions.Rehearsed r) {
        Look wanted = look.equals("ground") ? Look.trueTo(r.surface().ground()) : chosen(Look.class, look, "--look");
        return Order.of(r.drill())
                .rung(drill.stage())
                .choosing(r.choices())
                .looking(wanted)
                .measured(said.units(), said.handful())
                .on(paper())
                .still(new Still(at, width, !wordless))
                .film(new Film(chosen(Film.Shape.class, shape, "--shape"), speed, everyWay, !silent, reps));
    }

    private <E extends Enum<E>> E chosen(Class<E> kind, String word, String option) {
        Optional<E> known = List.of(kind.getEnumConstants()).stream()
                .filter(e -> e.name().equalsIgnoreCase(word))
                .findFirst();
        return known.orElseThrow(() -> new ParameterException(
                spec.commandLine(),
                option + " should be one of "
                        + List.of(kind.getEnumConstants()).stream()
                                .map(e -> e.name().toLowerCase(Locale.ROOT))
                                .collect(Collectors.joining(", "))));
    }

    private void deliver(Path target, HandOut kind, Order order) throws FormatException {
        deliver(target, part -> kind.write(order, part, Progress.UNSEEN));
    }

    private void deliver(Path target, Delivery.Writing writing) throws FormatException {
        try {
            Delivery.deliver(target, writing);
        } catch (Undelivered | Cancelled e) {
            throw new FormatException(e.getMessage());
        }
        if (into != null) {
            spec.commandLine().getOut().println(target.getFileName());
            spec.commandLine().getOut().flush();
        }
    }
}
