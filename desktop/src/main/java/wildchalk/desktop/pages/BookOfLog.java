package wildchalk.desktop.pages;

import java.nio.file.Files;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.season.Called;
import wildchalk.core.log.season.Season;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.squad.Squad;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.log.CameBack;
import wildchalk.desktop.log.LogDesk;
import wildchalk.desktop.log.LogState;
import wildchalk.desktop.page.PageHost;
import wildchalk.handout.order.Delivery;
import wildchalk.handout.order.FileNames;
import wildchalk.handout.order.Progress;
import wildchalk.handout.season.SeasonReport;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.Kept;
import wildchalk.storage.book.Version;
import wildchalk.storage.format.LogWriter;
import wildchalk.storage.kind.LogKind;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.SquadKind;
import wildchalk.storage.season.LogTables;
import wildchalk.storage.season.SeasonWriter;

/** What the page of the log asks of the open book and the window. */
final class BookOfLog implements LogDesk {

    private static final Wordbook BOOK = Wordbook.beside(LogState.class, "Log");

    private final PageHost host;
    private final EntriesOfBook entries;
    private final Consumer<Entry> opened;
    private final Runnable left;

    /**
     * A desk.
     *
     * @param opened told which entry is to be on the page
     * @param left told when the one on it was put aside, or others came
     */
    BookOfLog(PageHost host, Consumer<Entry> opened, Runnable left) {
        this.host = host;
        this.entries = new EntriesOfBook(host);
        this.opened = opened;
        this.left = left;
    }

    @Override
    public void fill(Consumer<Filled> then) {
        host.keeper().ask(BookOfLog::filled, then);
    }

    private static Filled filled(Book book) {
        Map<String, Squad> squads = new HashMap<>();
        Kept<Squad> kept = book.of(SquadKind.SQUADS);
        kept.list().stream().filter(s -> !s.isAside()).forEach(s -> kept.find(s.id())
                .ifPresent(squad -> squads.put(s.id(), squad)));
        Map<String, Content.Planned> drills = new HashMap<>();
        book.drills().list().stream()
                .filter(d -> !d.isAside())
                .forEach(
                        d -> drills.put(d.title().toLowerCase(Locale.ROOT), new Content.Planned(d.id(), 0, d.title())));
        return new Filled(book.entries(), squads, drills);
    }

    @Override
    public void practices(Consumer<List<Practice>> then) {
        host.keeper()
                .ask(
                        b -> {
                            Kept<Practice> kept = b.of(PracticeKind.PRACTICES);
                            return kept.list().stream()
                                    .filter(p -> !p.isAside())
                                    .flatMap(p -> kept.find(p.id()).stream())
                                    .toList();
                        },
                        then);
    }

    @Override
    public void open(Entry entry) {
        opened.accept(entry);
    }

    @Override
    public void add(String title, Entry.When when, Entry.There there, List<Part> parts) {
        host.keeper()
                .ask(
                        b -> parts.stream()
                                .map(p -> p.drill()
                                        .map(d -> p.of(new Content.Planned(
                                                d.id(), b.drills().newest(d.id()), d.title())))
                                        .orElse(p))
                                .toList(),
                        planned -> entries.typed(title, when, there, planned));
    }

    @Override
    public void take(Entry theirs, boolean instead) {
        entries.take(theirs, instead, now -> {
            host.messages().say(instead ? BOOK.say("written.replaced") : BOOK.say("taken", now.title()));
            opened.accept(now);
        });
    }

    @Override
    public void aside(Entry entry) {
        host.keeper()
                .ask(
                        b -> {
                            b.of(LogKind.LOGS).delete(entry.id());
                            return true;
                        },
                        done -> {
                            host.messages()
                                    .ask(
                                            BOOK.say("put.aside", entry.title()),
                                            Map.of(BOOK.say("put.back"), () -> back(entry)));
                            left.run();
                        });
    }

    private void back(Entry entry) {
        host.keeper()
                .ask(
                        b -> {
                            b.of(LogKind.LOGS).restore(entry.id());
                            return b.of(LogKind.LOGS).load(entry.id());
                        },
                        opened);
    }

    @Override
    public void versions(String id, Consumer<List<Version<Entry>>> then) {
        host.keeper().ask(b -> b.of(LogKind.LOGS).history(id), then);
    }

    @Override
    public void saveFile(Entry entry, boolean words) {
        host.exchange()
                .saveText(
                        FileNames.of(
                                "log.json", entry.title(), entry.when().day().toString()),
                        BOOK.say("kind.entry"),
                        LogWriter.write(words ? entry : entry.withoutNotes()),
                        file -> host.messages().say(BOOK.say("sent", file)));
    }

    @Override
    public void takeIn(Consumer<CameBack> then) {
        host.exchange()
                .toOpen(BOOK.say("kind.run"), "*.json")
                .ifPresent(file -> entries.read(file, theirs -> host.keeper().ask(b -> cameBack(b, theirs), then)));
    }

    private static CameBack cameBack(Book book, Entry theirs) {
        Optional<String> practice = book.of(PracticeKind.PRACTICES).list().stream()
                .filter(p -> p.id().equals(theirs.source().practice()))
                .map(Kept.Listed::title)
                .findFirst();
        return new CameBack(theirs, EntriesOfBook.same(book, theirs), practice);
    }

    @Override
    public void send(Sending sending) {
        String span = sending.season().evenings().get(0).entry().when().day().toString();
        Season season = sending.season();
        Called called = new Called(
                season.evenings().stream().map(Season.Evening::entry).toList(), sending.names(), sending.named());
        switch (sending.form()) {
            case TABLES -> tables(season, called, span);
            case REPORT -> host.exchange()
                    .saveEach(
                            FileNames.of("pdf", BOOK.say("title"), span),
                            BOOK.say("kind.report"),
                            Map.of("", part -> SeasonReport.write(season, called, part, Progress.UNSEEN)),
                            this::sent);
            case DATA -> host.exchange()
                    .saveText(
                            FileNames.of("season.json", BOOK.say("title"), span),
                            BOOK.say("kind.data"),
                            SeasonWriter.write(season, called),
                            this::sent);
        }
    }

    private void tables(Season season, Called called, String span) {
        Map<String, Delivery.Writing> each = new LinkedHashMap<>();
        LogTables.of(season, called).forEach((name, text) -> each.put(name, part -> Files.writeString(part, text)));
        host.exchange()
                .saveEach(FileNames.of("csv", BOOK.say("title"), span), BOOK.say("kind.tables"), each, this::sent);
    }

    private void sent(String file) {
        host.messages().say(BOOK.say("sent", file));
    }

    @Override
    public void onBoard(String drill) {
        host.keeper()
                .ask(
                        b -> b.drills().find(drill),
                        found -> found.ifPresentOrElse(
                                host::open, () -> host.messages().say(BOOK.say("no.drill"))));
    }

    @Override
    public void lay(Node over) {
        host.lay(over);
    }

    @Override
    public void back() {
        host.back();
    }

    @Override
    public void warn(String words) {
        host.messages().warn(words);
    }
}
