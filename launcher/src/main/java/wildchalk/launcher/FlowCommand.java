package wildchalk.launcher;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
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
        Flows flows = new Flows(r.stage(), r.surface());
        Flow flow = flows.of(people == null ? flows.fewest() * copies : people, minutes, copies);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.print(FlowWriter.write(r.stage().id(), flow));
        } else {
            out.println(r.drill().title());
            flows.told(flow).forEach(out::println);
        }
        out.flush();
        return 0;
    }

    private ParameterException refused(String key, Object... values) {
        return new ParameterException(spec.commandLine(), BOOK.say(key, values));
    }
}
