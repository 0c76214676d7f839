package wildchalk.desktop.pages;

import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.input.KeyEvent;
import wildchalk.core.practice.Practice;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.page.OpenDocument;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.page.ToRun;
import wildchalk.desktop.practice.CameBack;
import wildchalk.desktop.practice.NoPractice;
import wildchalk.desktop.practice.PracticeState;
import wildchalk.desktop.practice.PracticeView;
import wildchalk.storage.kind.PracticeKind;

/** The Practice: an evening as a column of time. */
public final class PracticePage extends KeptPage<Practice> {

    private static final Wordbook BOOK = Wordbook.beside(PracticeView.class, "Practice");

    private final BookOfPractices desk;
    private Optional<PracticeState> state = Optional.empty();
    private Optional<PracticeView> view = Optional.empty();

    PracticePage(PageHost host) {
        super(host, PracticeKind.PRACTICES, Practice.class, BOOK.say("trouble.past"));
        this.desk = new BookOfPractices(host, this::open, this::leftFor, this::cameBack);
    }

    /** What is on it; empty before a practice was opened. */
    public Optional<PracticeState> state() {
        return state;
    }

    @Override
    Optional<OpenDocument<Practice>> document() {
        return state.map(PracticeState::document);
    }

    @Override
    public void enter() {
        view.ifPresentOrElse(PracticeView::enter, this::openSome);
    }

    @Override
    void begin() {
        NoPractice none = new NoPractice(desk::add);
        fill(none);
        none.focus();
    }

    /** Shows what came back beside the practice as it is here. */
    private void cameBack(Practice mine, CameBack theirs) {
        if (state.filter(s -> s.practice().id().equals(mine.id())).isEmpty()) {
            open(mine);
        }
        state.filter(s -> s.practice().id().equals(mine.id())).ifPresent(s -> s.showCameBack(theirs));
    }

    @Override
    public Optional<Runnable> handingOut() {
        return state.map(s -> s::handOut);
    }

    /** The one that was open is put aside. */
    private void leftFor() {
        leaveDocument();
        openSome();
    }

    @Override
    void leaveDocument() {
        state.ifPresent(PracticeState::leave);
        state = Optional.empty();
        view = Optional.empty();
    }

    @Override
    void show(OpenDocument<Practice> document) {
        PracticeState opened = new PracticeState(document, desk);
        PracticeView shown = new PracticeView(opened);
        state = Optional.of(opened);
        view = Optional.of(shown);
        fill(shown);
        // Whatever had the keys is gone: the window finds somebody else for them first.
        Platform.runLater(shown::focus);
    }

    @Override
    public Optional<Runnable> running() {
        return state.map(s -> () -> host().run(new ToRun(s.evening(), Map.of())));
    }

    @Override
    public void press(KeyEvent e) {
        view.ifPresent(v -> v.key(e));
    }

    @Override
    public void close() {
        leaveDocument();
        desk.close();
    }
}
