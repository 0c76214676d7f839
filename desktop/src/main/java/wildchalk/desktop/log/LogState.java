package wildchalk.desktop.log;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import wildchalk.core.document.Edit;
import wildchalk.core.log.Entry;
import wildchalk.core.log.question.Answer;
import wildchalk.core.log.question.Log;
import wildchalk.core.log.question.Questions;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.Season;
import wildchalk.core.log.season.Span;
import wildchalk.core.log.season.Unrun;
import wildchalk.core.squad.Squad;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.background.Newest;
import wildchalk.desktop.page.OpenDocument;

/** What is looked at on the page of the log, and the entry that is open on it. */
public final class LogState {

    static final Wordbook BOOK = Wordbook.beside(LogState.class, "Log");

    /** Which days are looked at. */
    enum Range {
        WEEK,
        MONTH,
        SEASON,
        ALL,
        OWN
    }

    /** What of them is shown. */
    public enum View {
        SEASON,
        DRILLS,
        PEOPLE,
        TOGETHER,
        UNRUN
    }

    /**
     * What is shown, all of it of one moment.
     *
     * @param filled what the book holds
     * @param season what is asked for, added up
     */
    public record Shown(LogDesk.Filled filled, Range range, Asked asked, Season season) {}

    private final LogDesk desk;
    private final LocalDate today;
    private final Newest<Shown> adding;
    private final ReadOnlyObjectWrapper<Optional<Shown>> shown = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<View> view = new ReadOnlyObjectWrapper<>(View.SEASON);
    private final ReadOnlyObjectWrapper<Boolean> table = new ReadOnlyObjectWrapper<>(false);
    private final ReadOnlyObjectWrapper<Optional<OpenDocument<Entry>>> open =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Answer>> answer = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Unrun>> unrun = new ReadOnlyObjectWrapper<>(Optional.empty());
    private LogDesk.Filled filled = new LogDesk.Filled(List.of(), Map.of(), Map.of());
    private Map<String, String> names = Map.of();
    private Range range = Range.SEASON;
    private Asked asked = Asked.ALL;

    /** @param today the day on which it is looked at */
    public LogState(LogDesk desk, LocalDate today) {
        this.desk = desk;
        this.today = today;
        this.adding = new Newest<>(
                BOOK.say("work.adding"),
                s -> shown.set(Optional.of(s)),
                trouble -> desk.warn(trouble.words(BOOK.say("trouble.adding"))));
    }

    LogDesk desk() {
        return desk;
    }

    LocalDate today() {
        return today;
    }

    /** Reads the book anew. */
    public void refresh() {
        desk.fill(now -> {
            filled = now;
            names = names(now.squads());
            add();
        });
    }

    private static Map<String, String> names(Map<String, Squad> squads) {
        Map<String, String> names = new HashMap<>();
        squads.values().forEach(s -> s.all().forEach(m -> names.put(Entry.There.key(s.id(), m.id()), m.name())));
        return names;
    }

    /** What somebody is called, by their key; a word that says nothing for one who is in no squad any more. */
    String name(String key) {
        return names.getOrDefault(key, BOOK.say("somebody"));
    }

    Map<String, String> names() {
        return names;
    }

    /** What is shown; empty until the book was read. */
    public ReadOnlyObjectProperty<Optional<Shown>> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    ReadOnlyObjectProperty<View> viewProperty() {
        return view.getReadOnlyProperty();
    }

    ReadOnlyObjectProperty<Boolean> tableProperty() {
        return table.getReadOnlyProperty();
    }

    ReadOnlyObjectProperty<Optional<Answer>> answerProperty() {
        return answer.getReadOnlyProperty();
    }

    ReadOnlyObjectProperty<Optional<Unrun>> unrunProperty() {
        return unrun.getReadOnlyProperty();
    }

    /** The entry that is open. */
    public ReadOnlyObjectProperty<Optional<OpenDocument<Entry>>> openProperty() {
        return open.getReadOnlyProperty();
    }

    public Optional<OpenDocument<Entry>> open() {
        return open.get();
    }

    /** Opens an entry, or closes the one that is open. */
    public void open(Optional<OpenDocument<Entry>> document) {
        document.ifPresent(d -> d.changesProperty().addListener(o -> corrected(d.document())));
        answer.set(Optional.empty());
        open.set(document);
    }

    /** Opens the entry of this id, if it is there. */
    void openEntry(String id) {
        filled.entries().stream().filter(e -> e.id().equals(id)).findFirst().ifPresent(desk::open);
    }

    void apply(Edit<Entry> edit) {
        open.get().ifPresent(d -> d.apply(edit));
    }

    /** What was corrected counts at once. */
    private void corrected(Entry now) {
        List<Entry> all = new ArrayList<>(filled.entries());
        all.replaceAll(e -> e.id().equals(now.id()) ? now : e);
        filled = new LogDesk.Filled(all, filled.squads(), filled.drills());
        add();
    }

    void view(View other) {
        if (other == View.TOGETHER && shown.get().isPresent()) {
            // Of five seasons that takes longer than a frame.
            Season season = shown.get().get().season();
            Background.work(
                    BOOK.say("work.adding"),
                    season::pairs,
                    done -> view.set(other),
                    trouble -> desk.warn(trouble.words(BOOK.say("trouble.adding"))));
            return;
        }
        view.set(other);
        if (other == View.UNRUN) {
            desk.practices(all -> unrun.set(Optional.of(Unrun.of(all, filled.entries(), today))));
        }
    }

    void table(boolean as) {
        table.set(as);
    }

    Asked asked() {
        return asked;
    }

    Range range() {
        return range;
    }

    /** Looks at other days. */
    void range(Range other) {
        range = other;
        add();
    }

    /** Looks at days of one's own. */
    void range(Span days) {
        range = Range.OWN;
        asked = asked.on(days);
        add();
    }

    /** Asks for something else. */
    void ask(UnaryOperator<Asked> change) {
        asked = change.apply(asked);
        add();
    }

    private void add() {
        LogDesk.Filled of = filled;
        Range over = range;
        Asked wanted = asked;
        boolean together = view.get() == View.TOGETHER;
        adding.ask(() -> {
            Asked now = wanted.on(span(over, of, wanted));
            Season season = Season.of(of.entries(), now);
            if (together) {
                season.pairs();
            }
            return new Shown(of, over, now, season);
        });
    }

    private Span span(Range over, LogDesk.Filled of, Asked wanted) {
        return switch (over) {
            case WEEK -> Span.week(today);
            case MONTH -> Span.month(today);
            case ALL -> Span.ALL;
            case OWN -> wanted.span();
            case SEASON -> Span.season(
                    of.entries().stream().map(e -> e.when().day()).sorted().toList(), today);
        };
    }

    /** Asks a question in words. */
    void question(String words) {
        if (words.isBlank()) {
            answer.set(Optional.empty());
            return;
        }
        open.set(Optional.empty());
        List<Entry> of = filled.entries();
        Map<String, String> called = names;
        desk.practices(practices -> {
            Log log = new Log(of, called, practices, today);
            Background.work(
                    BOOK.say("work.answering"),
                    () -> Questions.ask(words, log),
                    a -> answer.set(Optional.of(a)),
                    trouble -> desk.warn(trouble.words(BOOK.say("trouble.adding"))));
        });
    }

    /** Nothing is worked out any more. */
    public void leave() {
        adding.forget();
    }
}
