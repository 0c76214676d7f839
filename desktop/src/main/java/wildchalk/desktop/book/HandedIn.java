package wildchalk.desktop.book;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import wildchalk.core.document.Document;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.message.Messages;
import wildchalk.desktop.page.PageHost;
import wildchalk.storage.book.Book;
import wildchalk.storage.intake.Arrival;
import wildchalk.storage.intake.Intake;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.Typed;

/**
 * A file that comes from outside, by a double click: what is in it is opened at once where nothing has to be decided;
 * else it is looked at first, as everything is that is taken in.
 */
public final class HandedIn {

    private static final Wordbook BOOK = Wordbook.beside(HandedIn.class, "Handed");

    private final PageHost host;
    private final Runnable looked;

    /**
     * @param host the window of the book that it comes into
     * @param looked run when it was looked at first, and is taken in or not
     */
    public HandedIn(PageHost host, Runnable looked) {
        this.host = host;
        this.looked = looked;
    }

    /** Takes it in and opens it, or shows what is to be decided about it. */
    public void open(Path file) {
        Background.work(
                BOOK.say("work"),
                () -> Intake.read(Intake.files(List.of(file)), host.keeper().surfaces(), n -> {}),
                read -> host.keeper().ask(b -> read.compared(TakeInPane.there(b)), found -> decide(file, found)),
                trouble -> host.messages().warn(BOOK.say("trouble")));
    }

    /** Says that there is nothing that a file could come into. */
    public static void withoutBook(Messages messages) {
        messages.warn(BOOK.say("no.book"));
    }

    private void decide(Path file, Intake found) {
        Optional<Typed<?>> last = found.read().isEmpty()
                ? Optional.empty()
                : found.read().get(found.read().size() - 1).document();
        boolean plain = found.count(Arrival.Kind.CHANGED) == 0
                && found.count(Arrival.Kind.REFUSED) == 0
                && found.surfaces().isEmpty()
                && last.filter(HandedIn::isOpened).isPresent();
        if (plain) {
            take(found, last.orElseThrow());
        } else {
            host.lay(new TakeInPane(host.keeper(), host.messages(), List.of(file), looked));
        }
    }

    private static boolean isOpened(Typed<?> document) {
        String kind = document.kind().word();
        return kind.equals(DrillKind.DRILLS.word()) || kind.equals(PracticeKind.PRACTICES.word());
    }

    private void take(Intake found, Typed<?> last) {
        List<Typed<?>> fresh = found.of(Arrival.Kind.NEW);
        host.keeper()
                .ask(
                        book -> {
                            book.takeIn(fresh, List.of());
                            return kept(book, last);
                        },
                        document -> {
                            host.open(document);
                            if (!fresh.isEmpty()) {
                                host.messages()
                                        .say(BOOK.say(
                                                "taken",
                                                document.title(),
                                                BookList.name(host.keeper().file())));
                            }
                        });
    }

    private static <T extends Document<T>> Document<?> kept(Book book, Typed<T> document) {
        return book.of(document.kind()).load(document.document().id());
    }
}
