package wildchalk.core.naming;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.wording.Wordbook;

/** Finds pieces by what a coach calls them: one by its name, all of a kind, everybody in a team. */
public final class Finding {

    private Finding() {}

    /**
     * Something that was found.
     *
     * @param words what it is called: "player 7", "all yellow cones", "everyone in sky"
     * @param ids of its pieces
     */
    public record Found(String words, Set<String> ids) {}

    /** What the words may mean, groups first; every word must stand in the name. Empty words find everything. */
    public static List<Found> in(Stage stage, String text) {
        List<Found> all = new ArrayList<>();
        groups(stage).forEach((words, ids) -> all.add(new Found(words, Set.copyOf(ids))));
        stage.pieces().forEach(p -> all.add(new Found(PieceWords.among(stage, p), Set.of(p.id()))));
        return all.stream().filter(f -> isCalled(f.words(), text)).toList();
    }

    /** Whether every word of a text stands in a name, in the singular or the plural; capitals do not count. */
    public static boolean isCalled(String name, String text) {
        for (String word : text.toLowerCase(Locale.ROOT).strip().split("\\s+")) {
            // "cone" finds cones and "cones" finds the cone.
            String stem = word.length() > 3 && word.endsWith("s") ? word.substring(0, word.length() - 1) : word;
            if (!name.toLowerCase(Locale.ROOT).contains(stem)) {
                return false;
            }
        }
        return true;
    }

    private static Map<String, List<String>> groups(Stage stage) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        for (Piece piece : stage.pieces()) {
            if (piece instanceof Piece.Person person && person.isOnATeam()) {
                add(groups, PieceWords.BOOK.say("everyone.in", Wordbook.key(person.bib())), piece);
                add(groups, PieceWords.BOOK.say("everyone"), piece);
            } else if (piece instanceof Piece.Item item) {
                add(groups, PieceWords.BOOK.say("all", PieceWords.several(PieceWords.name(piece))), piece);
                add(groups, PieceWords.BOOK.say("all", PieceWords.several(PieceWords.kind(item.kind()))), piece);
                add(groups, PieceWords.BOOK.say("all.gear"), piece);
            }
        }
        return groups.entrySet().stream()
                .filter(e -> e.getValue().size() > 1)
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (a, b) -> a, LinkedHashMap::new));
    }

    private static void add(Map<String, List<String>> groups, String words, Piece piece) {
        groups.computeIfAbsent(words, w -> new ArrayList<>()).add(piece.id());
    }
}
