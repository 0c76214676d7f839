package wildchalk.storage.rescue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import wildchalk.storage.book.BookException;
import wildchalk.storage.book.Contents;
import wildchalk.storage.book.Copies;
import wildchalk.storage.book.DocumentRows;
import wildchalk.storage.book.Opening;
import wildchalk.storage.book.Packing;
import wildchalk.storage.book.VersionRows;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.Kinds;
import wildchalk.storage.kind.Ref;

/** Saves a damaged book into a new file beside it, and puts that in its place when the coach says so. */
public final class Rescue {

    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd HH.mm.ss");

    private final Path book;
    private final Salvage damaged;
    private final Salvage copy;
    private final Optional<Copies.Copy> from;
    private final Kinds kinds;
    private final List<Named> fromCopy = new ArrayList<>();
    private final List<Named> older = new ArrayList<>();
    private final List<Named> lost = new ArrayList<>();

    private Rescue(Path book, Kinds kinds, Optional<Copies.Copy> from, Salvage damaged, Salvage copy) {
        this.book = book;
        this.kinds = kinds;
        this.from = from;
        this.damaged = damaged;
        this.copy = copy;
    }

    /**
     * A document that is not simply there as it was.
     *
     * @param kind the word of its kind
     */
    public record Named(String kind, String title) {}

    /**
     * What was saved. Nothing is changed until it is {@linkplain #take taken}.
     *
     * @param counts how many documents in all, by the words of their kinds, those that were put aside included
     * @param changed what is not as it was last
     * @param versions how many old versions
     * @param copy the day of the copy that was used; empty when there is none
     * @param spoilt the share of the damaged book that is missing or empty: with it documents may have gone of which
     *     nothing is known
     * @param unknown names of what a newer program keeps in the file and this one does not know; it stays in the
     *     damaged book
     */
    public record Saved(
            Path book,
            Map<String, Integer> counts,
            Changed changed,
            int versions,
            Optional<LocalDate> copy,
            double spoilt,
            List<String> unknown) {

        /**
         * What is not as it was last.
         *
         * @param fromCopy those that the damaged book no longer has and a copy has
         * @param older those that are not as they were last
         * @param lost those that there were and that cannot be read anywhere
         */
        public record Changed(List<Named> fromCopy, List<Named> older, List<Named> lost) {
            public Changed {
                fromCopy = List.copyOf(fromCopy);
                older = List.copyOf(older);
                lost = List.copyOf(lost);
            }
        }

        /** Those that the damaged book no longer has and a copy has. */
        public List<Named> fromCopy() {
            return changed.fromCopy();
        }

        /** Those that are not as they were last. */
        public List<Named> older() {
            return changed.older();
        }

        /** Those that there were and that cannot be read anywhere. */
        public List<Named> lost() {
            return changed.lost();
        }

        /** How many documents in all. */
        public int documents() {
            return counts.values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    /**
     * Reads what can be read of a damaged book and of its newest good copy, and writes it into a new file beside it.
     *
     * @throws BookException when that cannot be written
     */
    public static Saved save(Path book) {
        return save(book, Kinds.USUAL);
    }

    /**
     * The same with documents of other kinds; those of a kind that is not known are saved as they are, by their check
     * sums.
     */
    public static Saved save(Path book, Kinds kinds) {
        try {
            Optional<Copies.Copy> from = Copies.of(book).stream()
                    .filter(c -> holdsSomething(c.file()))
                    .findFirst();
            Salvage copy = from.isPresent() ? Salvage.of(from.get().file()) : Salvage.NOTHING;
            return new Rescue(book, kinds, from, Salvage.of(book), copy).write();
        } catch (IOException e) {
            throw trouble(book, e);
        }
    }

    private static boolean holdsSomething(Path copy) {
        try {
            return !Salvage.of(copy).documents().isEmpty();
        } catch (IOException e) {
            return false;
        }
    }

    private static BookException trouble(Path book, IOException e) {
        return new BookException(
                "What can be saved of " + book.getFileName()
                        + " could not be written beside it. The damaged book is as it was. "
                        + "Make room on the disk, or move the book to a folder that can be written, and open it again.",
                e);
    }

    private Saved write() throws IOException {
        List<DocumentRows.Raw> documents = documents();
        Set<Ref> refs = new HashSet<>(
                documents.stream().map(d -> new Ref(d.kind(), d.id())).toList());
        List<VersionRows.Raw> versions = versions(refs);
        Contents.Order order = Contents.order(book);
        Contents.Order before = from.map(c -> Contents.order(c.file())).orElse(new Contents.Order(Map.of(), Map.of()));
        Map<String, String> settings = new HashMap<>(before.settings());
        settings.putAll(order.settings());
        Map<String, Set<String>> collections = new HashMap<>(before.collections());
        order.collections()
                .forEach((name, in) -> collections.merge(name, in, (a, b) -> {
                    Set<String> both = new HashSet<>(a);
                    both.addAll(b);
                    return both;
                }));
        Path part = book.resolveSibling(Contents.saved(book).getFileName() + ".part");
        Files.deleteIfExists(part);
        new Contents(documents, versions, settings, collections).begin(part, kinds);
        Files.deleteIfExists(part.resolveSibling("." + part.getFileName() + ".lock"));
        Files.move(part, Contents.saved(book), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        Map<String, Integer> counts = new TreeMap<>();
        documents.forEach(d -> counts.merge(d.kind(), 1, Integer::sum));
        List<String> unknown = damaged.tables().stream()
                .filter(t -> !Opening.isOurs(t))
                .sorted()
                .toList();
        return new Saved(
                book,
                Map.copyOf(counts),
                new Saved.Changed(fromCopy, older, lost),
                versions.size(),
                from.map(Copies.Copy::day),
                damaged.spoilt(),
                unknown);
    }

    /** Each document in the newest sound state there is of it: its own row, its newest version, the copy. */
    private List<DocumentRows.Raw> documents() {
        Set<Ref> refs = new HashSet<>(damaged.known().keySet());
        refs.addAll(damaged.documents().keySet());
        refs.addAll(damaged.versions().keySet());
        refs.addAll(copy.documents().keySet());
        List<DocumentRows.Raw> saved = new ArrayList<>();
        for (Ref ref : refs.stream()
                .sorted(Comparator.comparing(Ref::kind).thenComparing(Ref::id))
                .toList()) {
            Optional<DocumentRows.Raw> own =
                    newest(Optional.ofNullable(damaged.documents().get(ref)), version(ref));
            Optional<DocumentRows.Raw> best =
                    newest(own, Optional.ofNullable(copy.documents().get(ref)));
            Salvage.Known known = damaged.known().get(ref);
            if (best.isEmpty()) {
                lost.add(new Named(ref.kind(), known == null ? ref.id() : known.title()));
                continue;
            }
            saved.add(best.get());
            Named named = new Named(ref.kind(), best.get().title());
            if (own.isEmpty()) {
                fromCopy.add(named);
            }
            if (known != null && known.changed() > best.get().changed()) {
                older.add(named);
            }
        }
        return saved;
    }

    private static Optional<DocumentRows.Raw> newest(Optional<DocumentRows.Raw> a, Optional<DocumentRows.Raw> b) {
        return a.isEmpty() || b.isPresent() && b.get().changed() > a.get().changed() ? b : a;
    }

    /** The document as its newest version says. */
    private Optional<DocumentRows.Raw> version(Ref ref) {
        Optional<VersionRows.Raw> newest = damaged.versions().getOrDefault(ref, Map.of()).values().stream()
                .max(Comparator.comparingLong(VersionRows.Raw::n));
        try {
            if (newest.isPresent()) {
                String body = Packing.text(newest.get().body());
                long made = newest.get().made();
                DocumentRows.Raw known = copy.documents().get(ref);
                return Optional.of(new DocumentRows.Raw(
                        ref.kind(),
                        ref.id(),
                        title(ref, body),
                        body,
                        new DocumentRows.Raw.Dates(
                                known == null ? made : known.created(),
                                made,
                                null,
                                known == null ? null : known.used()),
                        known != null && known.favourite()));
            }
        } catch (IOException | FormatException e) {
            // Then the copy has to do.
        }
        return Optional.empty();
    }

    /** As the text says; of a kind that is not known, as it stood in the list or as its id is. */
    private String title(Ref ref, String body) throws FormatException {
        Optional<Kind<?>> kind = kinds.of(ref.kind());
        Salvage.Known known = damaged.known().get(ref);
        if (kind.isPresent()) {
            return kind.get().read(body).document().listed();
        }
        if (known == null) {
            return ref.id();
        }
        return known.title();
    }

    private List<VersionRows.Raw> versions(Set<Ref> saved) {
        Map<String, VersionRows.Raw> all = new HashMap<>();
        for (Salvage from : List.of(copy, damaged)) {
            from.versions().forEach((ref, byNumber) -> byNumber.forEach((n, row) -> all.put(ref + "/" + n, row)));
        }
        return all.values().stream()
                .filter(v -> saved.contains(new Ref(v.kind(), v.id())))
                .toList();
    }

    /**
     * Sets the damaged book aside, under another name beside it, and puts what was saved in its place.
     *
     * @return where the damaged book is now
     * @throws BookException when files cannot be moved there; nothing is lost then
     */
    public static Path take(Saved saved) {
        Path book = saved.book();
        String name = book.getFileName().toString().replaceFirst("\\.chalkbook$", "");
        Path aside = book.resolveSibling(
                name + " damaged " + LocalDateTime.now(ZoneId.systemDefault()).format(STAMP) + ".chalkbook");
        try {
            Path log = book.resolveSibling(book.getFileName() + "-wal");
            if (Files.exists(log)) {
                Files.move(log, aside.resolveSibling(aside.getFileName() + "-wal"));
            }
            Files.deleteIfExists(book.resolveSibling(book.getFileName() + "-shm"));
            Files.move(book, aside, StandardCopyOption.ATOMIC_MOVE);
            // Stopped here, the next opening of the book does the rest.
            Files.move(Contents.saved(book), book, StandardCopyOption.ATOMIC_MOVE);
            return aside;
        } catch (IOException e) {
            throw trouble(book, e);
        }
    }
}
