package wildchalk.storage.book;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.StringTokenizer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jdbi.v3.core.Handle;
import wildchalk.core.catalogue.DrillSummarizer;
import wildchalk.core.catalogue.DrillSummary;
import wildchalk.core.catalogue.Texts;
import wildchalk.storage.kind.DrillKind;

/**
 * What follows from the drills of a book and is kept so that it need not be worked out again: what cards say, and the
 * search.
 */
final class Catalogue {

    /** Changes whenever drills are looked at in another way; what was seen before is then seen anew. */
    private static final int MAKER = 2;

    private static final String DRILL = DrillKind.DRILLS.word();
    /** Titles count for most, then names, needs and what is done, then what is said. */
    private static final String RANK = "bm25(words, 10, 4, 3, 3, 1, 2)";
    /** So many are weighed against each other in a moment. */
    private static final int WEIGHED = 1500;

    private static final char LIT = '\u0002';
    private static final char UNLIT = '\u0003';
    private static final Pattern SIDES = Pattern.compile("(\\d{1,2})\\s*(?:v|vs|on)\\.?\\s*(\\d{1,2})");
    /** Words round a match that are shown with it. */
    private static final int SHOWN = 9;

    private final Handle h;

    Catalogue(Handle handle) {
        this.h = handle;
    }

    /** Every drill, put aside or not, as a card shows it; the one changed last first. */
    List<Book.Row> rows() {
        Map<String, Set<Long>> collected = new Shelf(h).collected();
        return h.createQuery("SELECT d.id, d.title, d.changed, d.deleted, d.favourite, d.used, g.n, g.body FROM kept "
                        + "d INDEXED BY listed "
                        + "LEFT JOIN kept_glance g ON g.kind = d.kind AND g.id = d.id AND g.of = d.sum "
                        + "AND g.maker = :maker "
                        + "WHERE d.kind = :kind ORDER BY d.changed DESC, d.id")
                // By their places: to look up the name of a column ten thousand times takes longer than to read it.
                .bind("maker", MAKER)
                .bind("kind", DRILL)
                .map((row, c) -> {
                    String id = row.getString(1);
                    String title = row.getString(2);
                    long deleted = row.getLong(4);
                    boolean aside = !row.wasNull();
                    String body = row.getString(8);
                    return new Book.Row(
                            id,
                            row.getInt(7),
                            title,
                            body == null ? () -> DrillSummary.unseen(title) : new KeptSummary(body),
                            body != null,
                            new Book.Row.Dates(row.getLong(3), aside ? deleted : 0, row.getLong(6)),
                            row.getInt(5) != 0,
                            collected.getOrDefault(id, Set.of()));
                })
                .list();
    }

    /** Some of the drills that were not looked at since they were changed, newest first. */
    List<Book.Unseen> unseen(int most) {
        List<String> ids = h.createQuery(
                        "SELECT d.id FROM kept d INDEXED BY listed LEFT JOIN kept_glance g ON g.kind = d.kind "
                                + "AND g.id = d.id "
                                + "WHERE d.kind = :kind AND (g.n IS NULL OR g.of <> d.sum OR g.maker <> :maker) "
                                + "ORDER BY d.changed DESC LIMIT :most")
                .bind("maker", MAKER)
                .bind("kind", DRILL)
                .bind("most", most)
                .mapTo(String.class)
                .list();
        List<Book.Unseen> unseen = new ArrayList<>();
        ids.forEach(id -> h.createQuery("SELECT body, sum FROM kept WHERE kind = :kind AND id = :id")
                .bind("kind", DRILL)
                .bind("id", id)
                .map((row, c) -> new Book.Unseen(id, row.getLong("sum"), row.getString("body")))
                .findOne()
                .ifPresent(unseen::add));
        return unseen;
    }

    /** Keeps what was seen of a drill; the number by which the search knows it. Empty when the drill is gone. */
    Optional<Integer> put(Book.Unseen of, DrillSummarizer.Seen seen) {
        h.createUpdate("INSERT INTO kept_glance (kind, id, of, maker, body) SELECT kind, id, :of, :maker, "
                        + ":body FROM kept WHERE kind = :kind AND id = :drill "
                        + "ON CONFLICT (kind, id) DO UPDATE SET of = :of, maker = :maker, body = :body")
                .bind("kind", DRILL)
                .bind("drill", of.id())
                .bind("of", of.sum())
                .bind("maker", MAKER)
                .bind("body", SummaryForm.write(seen.summary()))
                .execute();
        Optional<Integer> number = h.createQuery("SELECT n FROM kept_glance WHERE kind = :kind AND id = :drill")
                .bind("kind", DRILL)
                .bind("drill", of.id())
                .mapTo(Integer.class)
                .findOne();
        number.ifPresent(n -> {
            // The number may have been that of another drill, which is gone.
            h.createUpdate("DELETE FROM words WHERE rowid = :n").bind("n", n).execute();
            Texts t = seen.texts();
            h.createUpdate("INSERT INTO words (rowid, title, names, needs, does, says, points) "
                            + "VALUES (:n, :title, :names, :needs, :does, :says, :points)")
                    .bind("title", t.title())
                    .bind("names", t.names())
                    .bind("needs", t.needs())
                    .bind("does", t.does())
                    .bind("says", t.says())
                    .bind("points", t.points())
                    .bind("n", n)
                    .execute();
        });
        return number;
    }

    /** Makes what the search goes through anew from the texts. */
    void rebuild() {
        h.execute("INSERT INTO words (words) VALUES ('rebuild')");
    }

    /**
     * Numbers of the drills in whose texts every word stands, best first; a word may be the beginning of one. Where
     * very many are found, those come first that have the words in the title, and the others unweighed.
     */
    List<Integer> search(String words) {
        String query = query(words);
        if (query.isEmpty()) {
            return List.of();
        }
        List<Integer> found = numbers(query, "rowid DESC");
        Set<Integer> all = new LinkedHashSet<>(
                numbers(found.size() <= WEIGHED ? query : "title : (" + query + ")", RANK + ", rowid DESC"));
        all.addAll(found);
        return List.copyOf(all);
    }

    /** They come as one text: ten thousand rows would be asked for one by one, which takes ten times as long. */
    private List<Integer> numbers(String query, String order) {
        Optional<String> text = h.createQuery(
                        "SELECT group_concat(rowid, ' ') FROM (SELECT rowid FROM words WHERE words MATCH :query "
                                + "ORDER BY "
                                + order + ")")
                .bind("query", query)
                .mapTo(String.class)
                .findOne();
        List<Integer> numbers = new ArrayList<>();
        text.ifPresent(t -> {
            StringTokenizer tokens = new StringTokenizer(t);
            while (tokens.hasMoreTokens()) {
                numbers.add(Integer.valueOf(tokens.nextToken()));
            }
        });
        return numbers;
    }

    /** Where the words stand in some of the drills that were found, by number. */
    Map<Integer, Book.Lit> lit(String words, List<Integer> drills) {
        String query = query(words);
        if (query.isEmpty() || drills.isEmpty()) {
            return Map.of();
        }
        Map<Integer, Book.Lit> lit = new HashMap<>();
        h.createQuery("SELECT rowid, highlight(words, 0, :on, :off) AS title, snippet(words, -1, :on, :off, '…', "
                        + SHOWN + ") AS words "
                        + "FROM words WHERE words MATCH :query AND rowid IN (SELECT value FROM json_each(:drills))")
                .bind("on", String.valueOf(LIT))
                .bind("off", String.valueOf(UNLIT))
                .bind("query", query)
                .bind("drills", drills.toString())
                .map((row, c) -> lit.put(
                        row.getInt("rowid"),
                        new Book.Lit(parts(row.getString("title")), parts(row.getString("words")))))
                .list();
        return lit;
    }

    /** Text in pieces, every second of which is lit. */
    private static List<String> parts(String marked) {
        return List.of(marked.split("[" + LIT + UNLIT + "]", -1));
    }

    /**
     * What was typed as the search understands it: all words, each as a beginning, plurals or not, "2 v 1" as one word.
     */
    static String query(String typed) {
        Matcher sides = SIDES.matcher(typed.toLowerCase(Locale.ROOT));
        String text = sides.replaceAll("$1v$2");
        return Pattern.compile("[^\\p{L}\\p{N}]+")
                .splitAsStream(text)
                .filter(w -> !w.isEmpty())
                .map(Catalogue::word)
                .collect(Collectors.joining(" AND "));
    }

    private static String word(String word) {
        String one = '"' + word + "\"*";
        int plural;
        if (word.length() > 4 && word.matches(".*(?:s|x|z|ch|sh)es")) {
            plural = 2;
        } else if (word.length() > 3 && word.endsWith("s") && !word.endsWith("ss")) {
            plural = 1;
        } else {
            plural = 0;
        }
        return plural == 0 ? one : "(" + one + " OR \"" + word.substring(0, word.length() - plural) + "\")";
    }
}
