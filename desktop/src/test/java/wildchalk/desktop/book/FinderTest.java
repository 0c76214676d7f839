package wildchalk.desktop.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.catalogue.DrillQuery;
import wildchalk.core.catalogue.Likeness;
import wildchalk.desktop.DemoBook;
import wildchalk.desktop.keeping.Cataloguer;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.keeping.Opened;
import wildchalk.storage.book.Book;

/** What is found, without a window. */
class FinderTest {

    @TempDir
    private Path folder;

    private final List<Cataloguer.Looked> seen = new ArrayList<>();
    private Keeper keeper;
    private Finder finder;

    @BeforeEach
    void open() throws Exception {
        FxToolkit.registerPrimaryStage();
        Book book = Book.open(folder.resolve("Otters.chalkbook"));
        DemoBook.fill(book);
        keeper = new Keeper(book, e -> {});
        fx(() -> {
            finder = new Finder(keeper);
            finder.fill(Opened.Contents.of(book).rows());
            new Cataloguer(keeper, looked -> {
                        seen.add(looked);
                        finder.see(looked);
                    })
                    .look();
            return null;
        });
        await(() -> finder.rows().stream().allMatch(Book.Row::seen));
    }

    @AfterEach
    void close() {
        keeper.close();
    }

    private static <T> T fx(Callable<T> call) throws Exception {
        return WaitForAsyncUtils.asyncFx(call).get(30, TimeUnit.SECONDS);
    }

    private static void await(Callable<Boolean> condition) throws TimeoutException {
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> fx(condition));
    }

    private List<String> shown() {
        return finder.shownProperty().get().stream().map(Book.Row::id).toList();
    }

    @Test
    void everyDrillIsLookedOverOnceAndKnownToTheSearch() {
        int all = seen.stream().mapToInt(l -> l.numbers().size()).sum();
        assertEquals(DemoBook.drills().size(), all);
        assertEquals(
                all, finder.rows().stream().map(Book.Row::number).distinct().count());
        assertTrue(finder.rows().stream()
                .allMatch(r -> r.number() > 0 && !r.summary().place().isEmpty()));
    }

    @Test
    void wordsFiltersAndPlacesWorkTogether() throws Exception {
        fx(() -> {
            finder.wordsProperty().set("turnst");
            return null;
        });
        await(() -> shown().equals(List.of("turnstile")));
        fx(() -> {
            finder.askedProperty().set(DrillQuery.ANYTHING.people(OptionalInt.of(2)));
            return null;
        });
        await(() -> shown().isEmpty());
        assertTrue(fx(finder::isAsking));
        fx(() -> {
            finder.forget();
            finder.placeProperty().set(Place.ASIDE);
            return null;
        });
        await(() -> shown().isEmpty());
        fx(() -> {
            finder.placeProperty().set(Place.ALL);
            finder.orderProperty().set(DrillQuery.Order.TITLE);
            return null;
        });
        List<String> sorted = DemoBook.drills().stream()
                .map(d -> d.title())
                .sorted(String.CASE_INSENSITIVE_ORDER)
                .toList();
        await(() -> finder.shownProperty().get().stream()
                .map(Book.Row::title)
                .toList()
                .equals(sorted));
    }

    @Test
    void likeADrillAreAllOthersTheMostAlikeFirst() throws Exception {
        Book.Row skylark = finder.rows().stream()
                .filter(r -> r.id().equals("skylark"))
                .findFirst()
                .orElseThrow();
        fx(() -> {
            finder.placeProperty().set(new Place.Like(skylark.id(), skylark.summary()));
            return null;
        });
        await(() -> shown().size() == DemoBook.drills().size() - 1);
        List<Double> alike = finder.shownProperty().get().stream()
                .map(r -> Likeness.of(skylark.summary(), r.summary()))
                .toList();
        assertEquals(alike.stream().sorted((a, b) -> Double.compare(b, a)).toList(), alike);
    }
}
