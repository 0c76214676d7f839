package wildchalk.desktop.pages;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import wildchalk.core.document.Document;
import wildchalk.core.log.Entry;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.log.LogState;
import wildchalk.desktop.log.LogView;
import wildchalk.desktop.page.OpenDocument;
import wildchalk.desktop.page.Page;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.page.Undoable;
import wildchalk.storage.book.Standing;
import wildchalk.storage.kind.LogKind;

/** The Log: what was done, and what it adds up to. */
public final class LogPage implements Page {

    private static final Wordbook BOOK = Wordbook.beside(LogState.class, "Log");

    private final PageHost host;
    private final LogState state;
    private final LogView view;

    LogPage(PageHost host) {
        this.host = host;
        this.state = new LogState(new BookOfLog(host, this::open, this::left), LocalDate.now(ZoneId.systemDefault()));
        this.view = new LogView(state);
        state.openProperty().addListener(o -> host.changed());
        state.shownProperty().addListener(o -> host.changed());
    }

    /** What is on it. */
    public LogState state() {
        return state;
    }

    @Override
    public Node node() {
        return view;
    }

    @Override
    public boolean take(Document<?> document) {
        if (!(document instanceof Entry entry)) {
            return false;
        }
        open(entry);
        host.go(this);
        return true;
    }

    private void open(Entry entry) {
        host.keeper().tell(b -> b.of(LogKind.LOGS).use(entry.id()));
        OpenDocument<Entry> document =
                new OpenDocument<>(entry, (now, change) -> host.keeper().keep(LogKind.LOGS, now, change.words()));
        document.recall(host.keeper(), LogKind.LOGS, host::changed, why -> host.messages()
                .warn(why.words(BOOK.say("trouble.past"))));
        document.changesProperty().addListener(o -> host.changed());
        state.open(Optional.of(document));
        state.refresh();
    }

    private void left() {
        state.open(Optional.empty());
        state.refresh();
    }

    @Override
    public void enter() {
        state.refresh();
        view.requestFocus();
    }

    @Override
    public void press(KeyEvent e) {
        view.key(e);
    }

    @Override
    public Optional<Undoable> history() {
        return state.open().map(d -> d);
    }

    @Override
    public Optional<Runnable> handingOut() {
        return view.handingOut();
    }

    @Override
    public void forgetWhatWasThere() {
        state.open(Optional.empty());
    }

    /** What is on the page is as the other window left it. */
    @Override
    public void keptAgain(Standing until) {
        state.refresh();
        if (until.kind() == Standing.Kind.OTHER_WINDOW && until.waiting() == 0) {
            state.open().map(OpenDocument::document).ifPresent(d -> host.keeper()
                    .ask(b -> b.of(LogKind.LOGS).find(d.id()), now -> now.filter(n -> !n.isLike(d))
                            .ifPresent(this::open)));
        }
    }

    @Override
    public void close() {
        state.leave();
    }
}
