package wildchalk.desktop.pages;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.stage.Screen;
import wildchalk.core.drill.Drill;
import wildchalk.core.log.season.DrillLine;
import wildchalk.core.log.season.Experience;
import wildchalk.core.naming.Finding;
import wildchalk.core.practice.Around;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.picture.Pictures;
import wildchalk.desktop.practice.CameBack;
import wildchalk.desktop.practice.Fetched;
import wildchalk.desktop.practice.PracticeDesk;
import wildchalk.desktop.practice.PracticeView;
import wildchalk.handout.evening.EveningOrder;
import wildchalk.handout.evening.EveningSheet;
import wildchalk.handout.order.FileNames;
import wildchalk.handout.order.Progress;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.Kept;
import wildchalk.storage.book.Version;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.PracticeReader;
import wildchalk.storage.format.PracticeWriter;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.SquadKind;

/** What the page of a practice asks of the open book and the window. */
final class BookOfPractices implements PracticeDesk {

    private static final Wordbook BOOK = Wordbook.beside(PracticeView.class, "Practice");
    private static final double WIDE = 128;
    private static final double HIGH = 72;
    /** More than so many that are found nobody looks through. */
    private static final int FOUND = 60;

    private final PageHost host;
    private final Keeper keeper;
    private final Consumer<Practice> opened;
    private final Runnable left;
    private final BiConsumer<Practice, CameBack> cameBack;
    private final Pictures pictures;
    private List<Book.Row> rows = List.of();
    private Experience experience = Experience.NONE;

    /**
     * A desk.
     *
     * @param opened told which practice is to be on the page
     * @param left told when the one on it was put aside
     * @param cameBack told which practice of the book somebody sent back, and how it is now
     */
    BookOfPractices(PageHost host, Consumer<Practice> opened, Runnable left, BiConsumer<Practice, CameBack> cameBack) {
        this.host = host;
        this.keeper = host.keeper();
        this.opened = opened;
        this.left = left;
        this.cameBack = cameBack;
        this.pictures = new Pictures(keeper, WIDE, HIGH, Screen.getPrimary().getOutputScaleX());
    }

    void close() {
        pictures.close();
    }

    @Override
    public void practices(Consumer<List<Named>> then) {
        keeper.ask(
                b -> b.of(PracticeKind.PRACTICES).list().stream()
                        .map(p -> new Named(p.id(), p.isAside() ? BOOK.say("back", p.title()) : p.title()))
                        .toList(),
                then);
    }

    @Override
    public void squads(Consumer<List<Named>> then) {
        keeper.ask(
                b -> b.of(SquadKind.SQUADS).list().stream()
                        .filter(s -> !s.isAside())
                        .map(s -> new Named(s.id(), s.title()))
                        .toList(),
                then);
    }

    @Override
    public void fetch(Practice practice, Consumer<Fetched> then) {
        keeper.ask(b -> fetched(b, practice), then);
    }

    private static Fetched fetched(Book book, Practice practice) {
        List<Content.Planned> wanted = Drills.named(practice);
        Map<Content.Planned, Drill> drills = new HashMap<>();
        Map<String, Around.Now> now = new HashMap<>();
        Map<String, Boolean> aside = new HashMap<>();
        book.drills().list().forEach(d -> aside.put(d.id(), d.isAside()));
        for (Content.Planned planned : wanted) {
            Optional<Drill> kept = book.drills().find(planned.id());
            Optional<Drill> drill = Drills.planned(book, planned);
            drill.ifPresent(d -> drills.put(planned, d));
            kept.ifPresent(k -> now.put(
                    planned.id(),
                    new Around.Now(
                            aside.getOrDefault(planned.id(), false),
                            book.drills().newest(planned.id()),
                            drill.filter(d -> !d.isLike(k)).isPresent())));
        }
        Kept<Practice> practices = book.of(PracticeKind.PRACTICES);
        List<Around.Other> others = practices.list().stream()
                .filter(p -> !p.isAside() && !p.id().equals(practice.id()))
                .map(p -> practices.find(p.id()).orElse(null))
                .filter(Objects::nonNull)
                .map(p -> new Around.Other(p.title(), p.slot(), p.setting().ground()))
                .toList();
        Optional<Squad> squad = Optional.of(practice.company().squad())
                .filter(s -> !s.isEmpty())
                .flatMap(s -> book.of(SquadKind.SQUADS).find(s));
        return new Fetched(drills, wanted, new Around(others, now, Optional.empty()), squad);
    }

    /** The drills of the book, and what the log has taught of them. */
    private record Known(List<Book.Row> rows, Experience experience) {}

    @Override
    public void drills(Runnable then) {
        keeper.ask(
                b -> new Known(
                        b.rows().stream()
                                .filter(r -> !r.isAside())
                                .sorted((a, c) -> a.title().compareToIgnoreCase(c.title()))
                                .toList(),
                        Experience.of(b.entries())),
                now -> {
                    rows = now.rows();
                    experience = now.experience();
                    then.run();
                });
    }

    @Override
    public Experience experience() {
        return experience;
    }

    @Override
    public void find(String words, Consumer<List<Book.Row>> then) {
        if (words.isBlank()) {
            then.accept(rows);
            return;
        }
        List<Book.Row> all = rows;
        keeper.ask(b -> found(all, b.search(words), words), then);
    }

    /** The best first; one that was not looked over yet is found by its name. */
    private static List<Book.Row> found(List<Book.Row> rows, List<Integer> numbers, String words) {
        Map<Integer, Book.Row> byNumber = new HashMap<>();
        rows.forEach(r -> byNumber.put(r.number(), r));
        return Stream.concat(
                        numbers.stream().map(byNumber::get).filter(Objects::nonNull),
                        rows.stream().filter(r -> Finding.isCalled(r.title(), words)))
                .distinct()
                .limit(FOUND)
                .toList();
    }

    @Override
    public void block(String drill, Consumer<Block> then) {
        Optional<Integer> usual =
                experience.of(drill).flatMap(DrillLine::usual).map(m -> (int) Math.max(1, Math.round(m)));
        keeper.ask(b -> Drills.block(b.drills().load(drill), b.drills().newest(drill), usual), then);
    }

    @Override
    public Optional<Image> picture(Book.Row row, Consumer<Image> then) {
        return pictures.of(row.id(), row.dates().changed(), then);
    }

    @Override
    public Optional<Image> picture(String key, Drill drill, Consumer<Image> then) {
        return pictures.of(key, drill, then);
    }

    @Override
    public void versions(String id, Consumer<List<Version<Practice>>> then) {
        keeper.ask(b -> b.of(PracticeKind.PRACTICES).history(id), then);
    }

    @Override
    public void open(String id) {
        keeper.ask(
                b -> {
                    Kept<Practice> practices = b.of(PracticeKind.PRACTICES);
                    if (practices.list().stream().anyMatch(p -> p.id().equals(id) && p.isAside())) {
                        practices.restore(id);
                    }
                    return practices.load(id);
                },
                opened);
    }

    @Override
    public void add(Practice practice) {
        // One that is begun with nothing said knows how long changes take here.
        Practice knowing = practice.blocks().isEmpty() && practice.setting().changes() == 1
                ? experience
                        .changes()
                        .map(c -> PracticeEdits.changes(rounded(c.factor())).apply(practice))
                        .orElse(practice)
                : practice;
        keeper.ask(b -> b.of(PracticeKind.PRACTICES).add(knowing), opened);
    }

    private static double rounded(double factor) {
        return Math.round(factor * 100) / 100.0;
    }

    @Override
    public void onBoard(String drill) {
        keeper.ask(b -> b.drills().find(drill), found -> found.ifPresent(host::open));
    }

    @Override
    public void aside(Practice practice) {
        keeper.ask(
                b -> {
                    b.of(PracticeKind.PRACTICES).delete(practice.id());
                    return true;
                },
                done -> {
                    host.messages().say(BOOK.say("put.aside", practice.title()));
                    left.run();
                });
    }

    @Override
    public void ran(Practice evening) {
        if (evening.blocks().isEmpty()) {
            host.messages().warn(BOOK.say("ran.nothing"));
        } else if (evening.slot().day().filter(d -> d.isAfter(today())).isPresent()) {
            host.messages().warn(BOOK.say("ran.future"));
        } else {
            new EntriesOfBook(host).asPlanned(evening, today());
        }
    }

    private static LocalDate today() {
        return LocalDate.now(ZoneId.systemDefault());
    }

    @Override
    public void saveFile(Practice practice, Fetched fetched) {
        host.exchange()
                .saveText(
                        FileNames.of("practice.json", practice.title()),
                        BOOK.say("kind.practice"),
                        PracticeWriter.write(
                                practice, List.copyOf(fetched.drills().values())),
                        file -> host.messages().say(BOOK.say("saved", file)));
    }

    @Override
    public void save(EveningSheet kind, Map<String, EveningOrder> each) {
        String title = each.values().iterator().next().evening().practice().title();
        host.exchange()
                .saveEach(
                        FileNames.of(kind.ending(), title, kind.word()),
                        kind.words(),
                        each.entrySet().stream()
                                .collect(Collectors.toMap(
                                        Map.Entry::getKey,
                                        e -> part -> kind.write(e.getValue(), part, Progress.UNSEEN),
                                        (a, b) -> a,
                                        LinkedHashMap::new)),
                        file -> host.messages().say(BOOK.say("saved", file)));
    }

    @Override
    public void plan(CameBack came, Consumer<Practice> then) {
        keeper.ask(b -> planned(b, came.theirs(), came.drills()), then);
    }

    @Override
    public void copy(String text) {
        Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.PLAIN_TEXT, text));
        host.messages().say(BOOK.say("copied"));
    }

    @Override
    public void takeIn() {
        host.exchange()
                .toOpen(BOOK.say("kind.drills"), "*.practice.json", "*.json")
                .ifPresent(file -> Background.work(
                        BOOK.say("kind.practice"),
                        () -> {
                            try {
                                return PracticeReader.read(file, surfaces());
                            } catch (FormatException e) {
                                throw new Refused(e.getMessage());
                            }
                        },
                        this::takeIn,
                        trouble -> host.messages()
                                .warn(
                                        trouble.cause() instanceof Refused r
                                                ? r.getMessage()
                                                : trouble.words(BOOK.say("trouble.file")))));
    }

    /** One that the book has is looked at first; another is added. */
    private void takeIn(PracticeReader.Carried carried) {
        String id = carried.practice().id();
        keeper.ask(
                b -> b.of(PracticeKind.PRACTICES).list().stream().anyMatch(p -> p.id().equals(id) && !p.isAside())
                        ? Optional.of(b.of(PracticeKind.PRACTICES).load(id))
                        : Optional.<Practice>empty(),
                mine -> mine.ifPresentOrElse(
                        m -> cameBack.accept(m, new CameBack(carried.practice(), carried.drills())),
                        () -> keeper.ask(b -> takenIn(b, carried), p -> {
                            host.messages().say(BOOK.say("taken.in", p.title()));
                            opened.accept(p);
                        })));
    }

    /** Its drills come with it where the book has none by that name that is alike. */
    private static Practice takenIn(Book book, PracticeReader.Carried carried) {
        return book.of(PracticeKind.PRACTICES).add(planned(book, carried.practice(), carried.drills()));
    }

    private static Practice planned(Book book, Practice practice, Map<String, Drill> drills) {
        Map<String, Content.Planned> now = new HashMap<>();
        drills.forEach((id, drill) -> {
            Drill there = book.drills().find(id).filter(d -> d.isLike(drill)).orElseGet(() -> book.drills()
                    .add(drill));
            now.put(id, new Content.Planned(there.id(), book.drills().newest(there.id()), there.title()));
        });
        return practice.planning(p -> Optional.ofNullable(now.get(p.id())).orElseGet(() -> named(p, book)));
    }

    /** One that the file only names is the one of the book, if there is one. */
    private static Content.Planned named(Content.Planned planned, Book book) {
        return new Content.Planned(planned.id(), book.drills().newest(planned.id()), planned.title());
    }

    @Override
    public Surfaces surfaces() {
        return keeper.surfaces();
    }

    @Override
    public void warn(String words) {
        host.messages().warn(words);
    }
}
