package wildchalk.launcher;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Division;
import wildchalk.core.grouping.GroupWords;
import wildchalk.core.grouping.Style;
import wildchalk.core.grouping.Wish;
import wildchalk.core.grouping.search.Divider;
import wildchalk.core.squad.Gathering;
import wildchalk.core.squad.GroupNames;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.core.wording.Wordbook;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.GroupsWriter;
import wildchalk.storage.format.SquadReader;
import wildchalk.storage.people.PeopleFile;
import wildchalk.storage.people.Taken;

@Command(name = "groups", mixinStandardHelpOptions = true, resourceBundle = GroupsCommand.WORDS)
final class GroupsCommand implements Callable<Integer> {

    /** The words of this command. */
    static final String WORDS = "wildchalk.launcher.Groups";

    private static final Wordbook BOOK = Wordbook.beside(GroupsCommand.class, "Groups");

    @Parameters(paramLabel = "FILE", descriptionKey = "file")
    private Path file;

    @Option(names = "--groups", paramLabel = "N", required = true, descriptionKey = "groups")
    private int groups;

    @Option(names = "--kind", paramLabel = "K", descriptionKey = "kind")
    private String kind = Wordbook.key(Style.EVEN);

    @Option(names = "--seed", paramLabel = "S", descriptionKey = "seed")
    private Long seed;

    @Option(names = "--in-each", paramLabel = "POSITION", descriptionKey = "keeper")
    private List<String> inEach = List.of();

    @Option(names = "--json", descriptionKey = "json")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        boolean written = SquadReader.isSquad(file);
        Taken taken = written ? new Taken(List.of(), List.of()) : PeopleFile.read(file);
        Squad squad = written ? SquadReader.read(file) : Squad.empty("", "");
        for (Member member : taken.people()) {
            squad = squad.with(member);
        }
        Asked asked = asked(squad);
        Division division = Divider.usual().divide(asked);
        Map<String, String> names = squad.all().collect(Collectors.toMap(Member::id, Member::name));
        List<String> called = GroupNames.of(GroupNames.bibs(List.of(), groups));
        List<String> told = new GroupWords(asked, names::get, called).told(division);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.print(GroupsWriter.write(asked, division, new GroupsWriter.Called(names::get, called), told));
        } else {
            for (int g = 0; g < groups; g++) {
                out.println(BOOK.say(
                        "group",
                        called.get(g),
                        division.groups().get(g).stream().map(names::get).collect(Collectors.joining(", "))));
            }
            told.forEach(out::println);
            taken.words().forEach(out::println);
        }
        out.flush();
        return 0;
    }

    private Asked asked(Squad squad) throws FormatException {
        int people = squad.playing().size();
        if (people > Asked.MOST_PEOPLE) {
            throw new FormatException(
                    BOOK.say("people.range", file.getFileName().toString(), Asked.MOST_PEOPLE, people));
        }
        if (groups < 1 || groups > people) {
            throw refused("groups.range", groups, people);
        }
        List<Wish> wishes = inEach.stream()
                .map(p -> (Wish) new Wish.InEach(p.toLowerCase(Locale.ROOT), true))
                .toList();
        Optional<Groups> said = squad.tonight().groups();
        long from = seed != null ? seed : said.map(Groups::seed).orElse(1L);
        boolean asSaid = wishes.isEmpty()
                && said.filter(g -> g.groups().size() == groups).isPresent();
        return Gathering.of(squad, groups, style(), asSaid ? said.get().wishes() : wishes, from);
    }

    private Style style() {
        return Arrays.stream(Style.values())
                .filter(s -> Wordbook.key(s).equals(kind))
                .findFirst()
                .orElseThrow(() -> refused(
                        "kind.none",
                        kind,
                        Arrays.stream(Style.values()).map(Wordbook::key).collect(Collectors.joining(", "))));
    }

    private ParameterException refused(String key, Object... values) {
        return new ParameterException(spec.commandLine(), BOOK.say(key, values));
    }
}
