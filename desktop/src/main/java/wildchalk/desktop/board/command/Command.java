package wildchalk.desktop.board.command;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Something that can be done on the Board.
 *
 * @param words what it is called, for whoever looks for it by name; empty when it is not found so
 * @param keys what does it, any of them
 * @param scope when its keys count
 * @param help what the help card says of its keys; empty when it says nothing. Those that say the same share a line
 */
public record Command(String words, List<Key> keys, Scope scope, String help, Runnable run) {

    /** More keys than this that do alike are not all written out. */
    private static final int MANY = 6;

    public Command {
        keys = List.copyOf(keys);
    }

    /** Its first key as it is written beside it; empty when it has none. */
    public String key() {
        return keys.stream().findFirst().map(Key::label).orElse("");
    }

    private Stream<String> labels() {
        return keys.stream().map(Key::label).filter(l -> !l.isEmpty());
    }

    /**
     * What the help card says of some keys, or of a way to move the mouse.
     *
     * @param keys which, as they are written
     * @param words what they do
     */
    public record Help(Scope scope, String keys, String words) {}

    /** What the help card says of commands, in their order. */
    public static List<Help> help(List<Command> commands) {
        return commands.stream()
                .filter(c -> !c.help().isEmpty())
                .collect(Collectors.groupingBy(
                        c -> new Help(c.scope(), "", c.help()),
                        LinkedHashMap::new,
                        Collectors.flatMapping(Command::labels, Collectors.toList())))
                .entrySet()
                .stream()
                .map(e -> new Help(
                        e.getKey().scope(), written(e.getValue()), e.getKey().words()))
                .toList();
    }

    /** Many keys in a row are told by the first and the last two. */
    private static String written(List<String> labels) {
        int n = labels.size();
        return n <= MANY
                ? String.join(" ", labels)
                : labels.get(0) + " … " + String.join(" ", labels.subList(n - 2, n));
    }
}
