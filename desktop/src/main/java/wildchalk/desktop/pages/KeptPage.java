package wildchalk.desktop.pages;

import java.util.Comparator;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import wildchalk.core.document.Document;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.page.OpenDocument;
import wildchalk.desktop.page.Page;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.page.Undoable;
import wildchalk.storage.book.Kept;
import wildchalk.storage.book.Standing;
import wildchalk.storage.kind.Kind;

/** A page that works on one document of a kind: the one that was open last, until another is opened. */
abstract class KeptPage<T extends Document<T>> implements Page {

    /** The one that was opened or changed last; of two in the same millisecond the one that was opened. */
    private static final Comparator<Kept.Listed> LAST = Comparator.comparingLong(
                    (Kept.Listed l) -> Math.max(l.used(), l.changed()))
            .thenComparingLong(Kept.Listed::used);

    private final PageHost host;
    private final Kind<T> kind;
    private final Class<T> type;
    private final String trouble;
    private final StackPane node = new StackPane();

    /** @param trouble what is said where what was done before cannot be undone */
    KeptPage(PageHost host, Kind<T> kind, Class<T> type, String trouble) {
        this.host = host;
        this.kind = kind;
        this.type = type;
        this.trouble = trouble;
        node.getStyleClass().add("window");
    }

    /** The document on it; empty before one was opened. */
    abstract Optional<OpenDocument<T>> document();

    /** Shows a document in place of whatever was shown. */
    abstract void show(OpenDocument<T> document);

    /** Shows how a first one is begun. */
    abstract void begin();

    /** Nothing is done any more with the document that was shown. */
    abstract void leaveDocument();

    final PageHost host() {
        return host;
    }

    final Keeper keeper() {
        return host.keeper();
    }

    /** Shows something as all of the page. */
    final void fill(Node shown) {
        node.getChildren().setAll(shown);
        host.changed();
    }

    final void clear() {
        node.getChildren().clear();
    }

    @Override
    public final Node node() {
        return node;
    }

    @Override
    public final boolean take(Document<?> document) {
        if (!type.isInstance(document)) {
            return false;
        }
        open(type.cast(document));
        host.go(this);
        return true;
    }

    /** Opens the document that was open last, or shows how a first one is begun. */
    final void openSome() {
        keeper().ask(
                        b -> b.of(kind).list().stream()
                                .filter(s -> !s.isAside())
                                .max(LAST)
                                .map(s -> b.of(kind).load(s.id())),
                        found -> found.ifPresentOrElse(this::open, () -> {
                            leaveDocument();
                            begin();
                        }));
    }

    final void open(T opened) {
        leaveDocument();
        keeper().tell(b -> b.of(kind).use(opened.id()));
        OpenDocument<T> document =
                new OpenDocument<>(opened, (now, change) -> keeper().keep(kind, now, change.words()));
        document.recall(keeper(), kind, host::changed, why -> host.messages().warn(why.words(trouble)));
        document.changesProperty().addListener(o -> host.changed());
        show(document);
    }

    /** When it is gone to again, it is opened as it is in the book then. */
    @Override
    public final void forgetWhatWasThere() {
        leaveDocument();
        clear();
    }

    @Override
    public final Optional<Undoable> history() {
        return document().map(d -> d);
    }

    /** What is on the page is as the other window left it. */
    @Override
    public final void keptAgain(Standing until) {
        if (until.kind() == Standing.Kind.OTHER_WINDOW && until.waiting() == 0) {
            document().map(OpenDocument::document).ifPresent(d -> keeper().ask(
                            b -> b.of(kind).find(d.id()),
                            now -> now.filter(n -> !n.isLike(d)).ifPresent(this::open)));
        }
    }
}
