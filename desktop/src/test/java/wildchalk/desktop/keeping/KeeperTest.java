package wildchalk.desktop.keeping;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.drill.Drill;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.BookException;
import wildchalk.storage.kind.DrillKind;

/** What the window may promise about keeping. */
class KeeperTest {

    @TempDir
    private Path folder;

    private final List<String> troubles = Collections.synchronizedList(new ArrayList<>());
    private Book book;
    private Keeper keeper;

    @BeforeEach
    void open() throws TimeoutException {
        FxToolkit.registerPrimaryStage();
        book = Book.open(folder.resolve("Otters.chalkbook"));
        keeper = new Keeper(book, e -> troubles.add(e.getMessage()));
    }

    private static Drill drill(String title) {
        return Drill.empty("d", title, "field-hockey", "whole");
    }

    private void awaitState(String words) throws TimeoutException {
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(
                        () -> keeper.stateProperty().get())
                .get()
                .equals(words));
    }

    @Test
    void saysKeptOnlyAfterTheBookHasIt() throws Exception {
        CountDownLatch hold = new CountDownLatch(1);
        keeper.ask(
                b -> {
                    try {
                        return hold.await(10, TimeUnit.SECONDS);
                    } catch (InterruptedException e) {
                        throw new IllegalStateException(e);
                    }
                },
                done -> {});
        WaitForAsyncUtils.asyncFx(() -> keeper.keep(DrillKind.DRILLS, drill("Kept"), "Rename drill"))
                .get();
        assertEquals(
                "keeping …",
                WaitForAsyncUtils.asyncFx(() -> keeper.stateProperty().get()).get());
        hold.countDown();
        awaitState("kept just now");
        assertEquals("Kept", book.drills().load("d").title());
        keeper.close();
    }

    @Test
    void editsAreKeptInTheOrderTheyWereMade() throws Exception {
        WaitForAsyncUtils.asyncFx(() -> {
                    for (int i = 1; i <= 40; i++) {
                        keeper.keep(DrillKind.DRILLS, drill("Title " + i), "Edit " + i);
                    }
                })
                .get();
        awaitState("kept just now");
        assertEquals("Title 40", book.drills().load("d").title());
        assertEquals("Edit 40", book.drills().history("d").get(0).edit());
        assertEquals(40, book.drills().history("d").size());
        keeper.close();
    }

    @Test
    void closingWaitsUntilEverythingIsKept() throws Exception {
        WaitForAsyncUtils.asyncFx(() -> {
                    for (int i = 1; i <= 30; i++) {
                        keeper.keep(DrillKind.DRILLS, drill("Title " + i), "Edit " + i);
                    }
                })
                .get();
        keeper.close();
        try (Book again = Book.open(folder.resolve("Otters.chalkbook"))) {
            assertEquals("Title 30", again.drills().load("d").title());
        }
        assertThrows(RuntimeException.class, () -> book.drills().load("d"), "the book is closed");
    }

    @Test
    void troubleIsToldInWordsAndTheRestGoesOn() throws Exception {
        keeper.ask(
                b -> {
                    throw new BookException("The shelf fell down.", null);
                },
                nothing -> troubles.add("answered"));
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> !troubles.isEmpty());
        assertEquals(List.of("The shelf fell down."), troubles);
        List<String> answers = Collections.synchronizedList(new ArrayList<>());
        keeper.ask(b -> "still here", answers::add);
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> !answers.isEmpty());
        assertEquals(List.of("still here"), answers);
        keeper.close();
    }

    /** A timer that throws is never asked any more: what waits would wait for ever. */
    @Test
    void tryingAgainGoesOnAfterTroubleOfItsOwn() throws Exception {
        Book broken = mock(Book.class);
        when(broken.standing()).thenReturn(book.standing());
        when(broken.tryAgain())
                .thenThrow(new IllegalStateException("nobody foresaw this"))
                .thenReturn(false);
        try (Keeper again = new Keeper(broken, e -> troubles.add(e.getMessage()))) {
            assertEquals("all kept", again.stateProperty().get());
            verify(broken, timeout(30_000).atLeast(2)).tryAgain();
        }
        keeper.close();
    }

    @Test
    void whoWaitsForAnAnswerIsToldWhenThereIsNone() throws Exception {
        List<String> heard = Collections.synchronizedList(new ArrayList<>());
        keeper.ask(
                b -> {
                    throw new IllegalStateException("nobody foresaw this");
                },
                answer -> heard.add("answer"),
                () -> heard.add("none"));
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> !troubles.isEmpty());
        assertEquals(List.of("none"), heard);
        assertTrue(troubles.get(0).contains("What was said to be kept is kept."), troubles.toString());
        keeper.close();
        keeper.ask(b -> "too late", answer -> heard.add(answer), () -> heard.add("closed"));
        assertEquals(List.of("none"), heard, "whoever asks a closed book has gone already");
    }

    @Test
    void whereNothingCanBeKeptTheStateSaysWhyAndEditsGoOn() throws Exception {
        try (Book second = Book.open(folder.resolve("Otters.chalkbook"));
                Keeper looking = new Keeper(second, e -> troubles.add(e.getMessage()))) {
            assertEquals(
                    "looking only: another window has this book",
                    looking.stateProperty().get());
            WaitForAsyncUtils.asyncFx(() -> looking.keep(DrillKind.DRILLS, drill("Here only"), "Rename drill"))
                    .get();
            WaitForAsyncUtils.waitFor(
                    10, TimeUnit.SECONDS, () -> second.standing().waiting() == 1);
            assertFalse(looking.standingProperty().get().isKept());
            assertEquals("Here only", second.drills().load("d").title());
            assertTrue(troubles.isEmpty());
        }
        keeper.close();
    }
}
