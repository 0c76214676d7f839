package wildchalk.bench.hardship;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.DemoBook;
import wildchalk.storage.book.Book;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Pointer;
import wildchalk.storage.kind.Rota;

/** Books to be mistreated, in folders that are taken away again. */
final class Samples {

    private Samples() {}

    /** A document of the second kind. */
    static Rota rota(int i) {
        return Rota.of("w" + i, "Bibs " + i, "Week " + i, "x".repeat(40 * i));
    }

    /**
     * Puts drills with these numbers into a book, each with a few versions, some put aside, some in a collection; and
     * for every other one a document of a second, made-up kind, which names a version of that drill.
     */
    static void fill(Path file, int from, int to) {
        List<Drill> demo = DemoBook.drills();
        try (Book book = Book.open(file)) {
            long collection = book.collection("Wet evenings");
            for (int i = from; i < to; i++) {
                Drill drill = demo.get(i % demo.size());
                Drill added = book.drills().add(drill.withId("d" + i).withTitle(drill.title() + " " + i));
                for (int n = 0; n < i % 4; n++) {
                    book.drills()
                            .keep(
                                    added.withNotes(List.of("Point " + n), added.questions(), added.cautions()),
                                    "Change coaching points");
                }
                if (i % 2 == 0) {
                    Rota rota = rota(i).naming(Set.of(new Pointer(DrillKind.DRILLS.word(), added.id(), 1)));
                    book.of(Rota.KIND).add(rota.withTitle("Bibs"));
                    book.of(Rota.KIND).keep(rota, "Rename rota");
                }
                if (i % 9 == 0) {
                    book.drills().delete(added.id());
                }
                if (i % 5 == 0) {
                    book.collect(collection, added.id(), true);
                }
            }
        }
    }

    static void remove(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(path);
            }
        }
    }

    static void copy(Path from, Path to) throws IOException {
        try (Stream<Path> all = Files.walk(from)) {
            for (Path path : all.toList()) {
                Path target = to.resolve(from.relativize(path).toString());
                if (Files.isDirectory(path)) {
                    Files.createDirectories(target);
                } else {
                    Files.copy(path, target);
                }
            }
        }
    }
}
