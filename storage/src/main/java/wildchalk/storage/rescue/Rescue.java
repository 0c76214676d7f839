package wildchalk.storage.rescue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.storage.book.BookException;
import wildchalk.storage.book.Contents;
import wildchalk.storage.book.Copies;
import wildchalk.storage.book.DrillRows;
import wildchalk.storage.book.Packing;
import wildchalk.storage.book.VersionRows;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/** Saves a damaged book into a new file beside it, and puts that in its place when the coach says so. */
public final class Rescue {

    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd HH.mm.ss");

    private final Path book;
    private final Salvage damaged;
    private final Salvage copy;
    private final Optional<Copies.Copy> from;
    private final List<String> fromCopy = new ArrayList<>();
    private final List<String> older = new ArrayList<>();
    private final List<String> lost = new ArrayList<>();

    private Rescue(Path book, Optional<Copies.Copy> from, Salvage damaged, Salvage copy) {
        this.book = book;
        this.from = from;
        this.damaged = damaged;
        this.copy = copy;
    }

    /**
     * What was saved. Nothing is changed until it is {@linkplain #take taken}.
     *
     * @param drills how many in all, those that were put aside included
     * @param fromCopy titles of those that the damaged book no longer has and a copy has
     * @param older titles of those that are not as they were last
     * @param lost titles of those that there were and that cannot be read anywhere
     * @param versions how many old versions
     * @param copy the day of the copy that was used; empty when there is none
     * @param spoilt the share of the damaged book that is missing or empty: with it drills may have gone of which nothing is known
     */
    public record Saved(Path book, int drills, List<String> fromCopy, List<String> older, List<String> lost, int versions, Optional<LocalDate> copy,
                        double spoilt) {
    }

    /**
     * Reads what can be read of a damaged book and of its newest good copy, and writes it into a new file beside it.
     *
     * @throws BookException when that cannot be written
     */
    public static Saved save(Path book) {
        try {
            Optional<Copies.Copy> from = Copies.of(book).stream().filter(c -> holdsSomething(c.file())).findFirst();
            Salvage copy = from.isPresent() ? Salvage.of(from.get().file()) : Salvage.NOTHING;
            return new Rescue(book, from, Salvage.of(book), copy).write();
        } catch (IOException e) {
            throw trouble(book, e);
        }
    }

    private static boolean holdsSomething(Path copy) {
        try {
            return !Salvage.of(copy).drills().isEmpty();
        } catch (IOException e) {
            return false;
        }
    }

    private static BookException trouble(Path book, IOException e) {
        return new BookException("What can be saved of " + book.getFileName() + " could not be written beside it. The damaged book is as it was. "
                + "Make room on the disk, or move the book to a folder that can be written, and open it again.", e);
    }

    private Saved write() throws IOException {
        List<DrillRows.Raw> drills = drills();
        Set<String> ids = new HashSet<>(drills.stream().map(DrillRows.Raw::id).toList());
        List<VersionRows.Raw> versions = versions(ids);
        Contents.Order order = Contents.order(book);
        Contents.Order before = from.map(c -> Contents.order(c.file())).orElse(new Contents.Order(Map.of(), Map.of()));
        Map<String, String> settings = new HashMap<>(before.settings());
        settings.putAll(order.settings());
        Map<String, Set<String>> collections = new HashMap<>(before.collections());
        order.collections().forEach((name, in) -> collections.merge(name, in, (a, b) -> {
            Set<String> both = new HashSet<>(a);
            both.addAll(b);
            return both;
        }));
        Path part = book.resolveSibling(Contents.saved(book).getFileName() + ".part");
        Files.deleteIfExists(part);
        new Contents(drills, versions, settings, collections).begin(part);
        Files.deleteIfExists(part.resolveSibling("." + part.getFileName() + ".lock"));
        Files.move(part, Contents.saved(book), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        return new Saved(book, drills.size(), List.copyOf(fromCopy), List.copyOf(older), List.copyOf(lost), versions.size(),
                from.map(Copies.Copy::day), damaged.spoilt());
    }

    /** Each drill in the newest sound state there is of it: its own row, its newest version, the copy. */
    private List<DrillRows.Raw> drills() {
        Set<String> ids = new HashSet<>(damaged.known().keySet());
        ids.addAll(damaged.drills().keySet());
        ids.addAll(damaged.versions().keySet());
        ids.addAll(copy.drills().keySet());
        List<DrillRows.Raw> saved = new ArrayList<>();
        for (String id : ids.stream().sorted().toList()) {
            Optional<DrillRows.Raw> own = newest(Optional.ofNullable(damaged.drills().get(id)), version(id));
            Optional<DrillRows.Raw> best = newest(own, Optional.ofNullable(copy.drills().get(id)));
            Salvage.Known known = damaged.known().get(id);
            if (best.isEmpty()) {
                lost.add(known == null ? id : known.title());
                continue;
            }
            saved.add(best.get());
            if (own.isEmpty()) {
                fromCopy.add(best.get().title());
            }
            if (known != null && known.changed() > best.get().changed()) {
                older.add(best.get().title());
            }
        }
        return saved;
    }

    private static Optional<DrillRows.Raw> newest(Optional<DrillRows.Raw> a, Optional<DrillRows.Raw> b) {
        return a.isEmpty() || b.isPresent() && b.get().changed() > a.get().changed() ? b : a;
    }

    /** The drill as its newest version says. */
    private Optional<DrillRows.Raw> version(String id) {
        Optional<VersionRows.Raw> newest = damaged.versions().getOrDefault(id, Map.of()).values().stream().max(Comparator.comparingLong(VersionRows.Raw::n));
        try {
            if (newest.isPresent()) {
                String body = Packing.text(newest.get().body());
                long made = newest.get().made();
                DrillRows.Raw known = copy.drills().get(id);
                return Optional.of(new DrillRows.Raw(id, DrillReader.read(body).title(), body, known == null ? made : known.created(), made, null,
                        known != null && known.favourite(), known == null ? null : known.used()));
            }
        } catch (IOException | FormatException e) {
            // Then the copy has to do.
        }
        return Optional.empty();
    }

    private List<VersionRows.Raw> versions(Set<String> drills) {
        Map<String, VersionRows.Raw> all = new HashMap<>();
        for (Salvage from : List.of(copy, damaged)) {
            from.versions().forEach((drill, byNumber) -> byNumber.forEach((n, row) -> all.put(drill + "/" + n, row)));
        }
        return all.values().stream().filter(v -> drills.contains(v.drill())).toList();
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
        Path aside = book.resolveSibling(name + " damaged " + LocalDateTime.now().format(STAMP) + ".chalkbook");
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
