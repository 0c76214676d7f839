package wildchalk.desktop.pages;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import wildchalk.core.document.Document;
import wildchalk.core.practice.Practice;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.page.OpenDocument;
import wildchalk.desktop.page.Page;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.page.Undoable;
import wildchalk.desktop.practice.NoPractice;
import wildchalk.desktop.practice.PracticeState;
import wildchalk.desktop.practice.PracticeView;
import wildchalk.storage.book.Standing;
import wildchalk.storage.kind.PracticeKind;

/** The Practice: an evening as a column of time. */
public final class PracticePage implements Page {

    private static final Wordbook BOOK = Wordbook.beside(PracticeView.class, "Practice");

    private final PageHost host;
    private final Keeper keeper;
    private final StackPane node = new StackPane();
    private final BookOfPractices desk;
    private Optional<PracticeState> state = Optional.empty();
    private Optional<PracticeView> view = Optional.empty();

    PracticePage(PageHost host) {
        this.host = host;
        this.keeper = host.keeper();
        this.desk = new BookOfPractices(host, this::open, this::leftFor);
        node.getStyleClass().add("window");
    }

    /** What is on it; empty before a practice was opened. */
    public Optional<PracticeState> state() {
        return state;
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public boolean take(Document<?> document) {
        if (!(document instanceof Practice practice)) {
            return false;
        }
        open(practice);
        host.go(this);
        return true;
    }

    @Override
    public void enter() {
        view.ifPresentOrElse(PracticeView::enter, this::openSome);
    }

    /** The practice that was open last, or where a first one is begun. */
    private void openSome() {
        keeper.ask(
                b -> b.of(PracticeKind.PRACTICES).list().stream()
                        .filter(s -> !s.isAside())
                        .max((a, c) -> Long.compare(Math.max(a.used(), a.changed()), Math.max(c.used(), c.changed())))
                        .map(s -> b.of(PracticeKind.PRACTICES).load(s.id())),
                practice -> practice.ifPresentOrElse(this::open, this::begin));
    }

    private void begin() {
        leavePractice();
        NoPractice none = new NoPractice(desk::add);
        node.getChildren().setAll(none);
        none.focus();
        host.changed();
    }

    /** The one that was open is put aside. */
    private void leftFor() {
        leavePractice();
        openSome();
    }

    private void leavePractice() {
        state.ifPresent(PracticeState::leave);
        state = Optional.empty();
        view = Optional.empty();
    }

    private void open(Practice practice) {
        leavePractice();
        keeper.tell(b -> b.of(PracticeKind.PRACTICES).use(practice.id()));
        OpenDocument<Practice> document =
                new OpenDocument<>(practice, (p, change) -> keeper.keep(PracticeKind.PRACTICES, p, change.words()));
        document.recall(keeper, PracticeKind.PRACTICES, host::changed, trouble -> host.messages()
                .warn(trouble.words(BOOK.say("trouble.past"))));
        document.changesProperty().addListener(o -> host.changed());
        PracticeState opened = new PracticeState(document, desk);
        PracticeView shown = new PracticeView(opened);
        state = Optional.of(opened);
        view = Optional.of(shown);
        node.getChildren().setAll(shown);
        // Whatever had the keys is gone: the window finds somebody else for them first.
        Platform.runLater(shown::focus);
        host.changed();
    }

    @Override
    public void press(KeyEvent e) {
        view.ifPresent(v -> v.key(e));
    }

    @Override
    public Optional<Undoable> history() {
        return state.map(PracticeState::document);
    }

    /** What is on the page is as the other window left it. */
    @Override
    public void keptAgain(Standing until) {
        if (until.kind() == Standing.Kind.OTHER_WINDOW && until.waiting() == 0) {
            state.ifPresent(s -> keeper.ask(
                    b -> b.of(PracticeKind.PRACTICES).find(s.practice().id()),
                    now -> now.filter(n -> !n.isLike(s.practice())).ifPresent(this::open)));
        }
    }

    @Override
    public void close() {
        leavePractice();
        desk.close();
    }
}
