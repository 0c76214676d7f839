package wildchalk.launcher;

import java.io.PrintWriter;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import wildchalk.core.drill.Ladder;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.measure.Unit;
import wildchalk.core.waiting.Help;
import wildchalk.core.waiting.HelpWords;
import wildchalk.core.waiting.Helps;
import wildchalk.core.waiting.Question;
import wildchalk.core.wording.Wordbook;
import wildchalk.storage.format.FlowWriter;

@Command(name = "flow", mixinStandardHelpOptions = true, resourceBundle = FlowCommand.WORDS)
final class FlowCommand implements Callable<Integer> {

    /** The words of this command. */
    static final String WORDS = "wildchalk.launcher.Flow";

    private static final Wordbook BOOK = Wordbook.beside(FlowCommand.class, "Flow");
    private static final double MOST_MINUTES = 240;
    private static final int MOST_COPIES = 12;

    @Mixin
    private DrillArgument drill;

    @Option(names = "--people", paramLabel = "N", descriptionKey = "people")
    private Integer people;

    @Option(names = "--minutes", paramLabel = "M", descriptionKey = "minutes")
    private double minutes = 8;

    @Option(names = "--copies", paramLabel = "C", descriptionKey = "copies")
    private int copies = 1;

    @Option(names = "--line", paramLabel = "L=N", descriptionKey = "line")
    private Map<String, Integer> lines = Map.of();

    @Option(names = "--speeds", paramLabel = "S", split = ",", descriptionKey = "speeds")
    private List<Double> speeds = List.of();

    @Option(names = "--helps", descriptionKey = "helps")
    private boolean helps;

    @Option(names = "--json", descriptionKey = "json")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        if (people != null && (people < 1 || people > Flows.MOST_PEOPLE)) {
            throw refused("people.range", people, Flows.MOST_PEOPLE);
        }
        if (!(minutes > 0 && minutes <= MOST_MINUTES)) {
            throw refused("minutes.range", minutes, MOST_MINUTES);
        }
        if (copies < 1 || copies > MOST_COPIES) {
            throw refused("copies.range", copies, MOST_COPIES);
        }
        DrillOptions.Rehearsed r = drill.rehearse();
        Flows flows = new Flows(
                r.stage(), r.surface(), Ladder.dose(r.drill(), r.stage().id()));
        int all = people == null ? flows.fewest() * copies : people;
        Flows.Asked asked = new Flows.Asked(all, minutes, copies, lines(flows), speeds());
        Flow flow = flows.of(asked);
        Question question = new Question(r.drill(), r.stage().id(), asked);
        Optional<Helps> found = helps ? Optional.of(Helps.of(question, Unit.METRES, () -> false)) : Optional.empty();
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.print(FlowWriter.write(r.stage().id(), flow, found.map(Helps::helps)));
        } else {
            out.println(r.drill().title());
            flows.told(flow).forEach(out::println);
            found.ifPresent(h -> tell(h, r, out));
        }
        out.flush();
        return 0;
    }

    private static void tell(Helps found, DrillOptions.Rehearsed r, PrintWriter out) {
        out.println();
        out.println(BOOK.say(found.helps().isEmpty() ? "helps.none" : "helps.found", found.tried()));
        HelpWords words = new HelpWords(r.surface(), Unit.METRES, letter -> letter);
        for (Help help : found.helps()) {
            out.println(BOOK.say("helps.one", help.words(), words.saves(help), words.price(help)));
        }
    }

    private Map<String, Integer> lines(Flows flows) {
        for (Map.Entry<String, Integer> line : lines.entrySet()) {
            if (!flows.lines().contains(line.getKey())) {
                throw refused("line.none", line.getKey(), flows.lines().size(), String.join(", ", flows.lines()));
            }
            if (line.getValue() < 1) {
                throw refused("line.range", line.getValue());
            }
        }
        return lines;
    }

    private List<Double> speeds() {
        for (double speed : speeds) {
            if (!(speed >= Flows.SLOWEST && speed <= Flows.FASTEST)) {
                throw refused("speeds.range", speed, Flows.SLOWEST, Flows.FASTEST);
            }
        }
        return speeds;
    }

    private ParameterException refused(String key, Object... values) {
        return new ParameterException(spec.commandLine(), BOOK.say(key, values));
    }
}
