package wildchalk.desktop.pages;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import wildchalk.core.grouping.search.Divider;
import wildchalk.core.log.season.Experience;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.page.OpenDocument;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.squad.GroupListPane;
import wildchalk.desktop.squad.NoSquad;
import wildchalk.desktop.squad.SquadDesk;
import wildchalk.desktop.squad.SquadState;
import wildchalk.desktop.squad.SquadView;
import wildchalk.handout.order.FileNames;
import wildchalk.storage.book.Kept;
import wildchalk.storage.format.SquadWriter;
import wildchalk.storage.kind.LogKind;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.RunKind;
import wildchalk.storage.kind.SquadKind;
import wildchalk.storage.people.PeopleWriter;

/** The Squad: the people of a team, who is there, and the groups of tonight. */
public final class SquadPage extends KeptPage<Squad> {

    private static final Wordbook BOOK = Wordbook.beside(SquadView.class, "Squad");

    private final PageHost host;
    private Optional<SquadState> state = Optional.empty();
    private Optional<SquadView> view = Optional.empty();

    SquadPage(PageHost host) {
        super(host, SquadKind.SQUADS, Squad.class, BOOK.say("trouble.past"));
        this.host = host;
    }

    /** What is on it; empty before a squad was opened. */
    public Optional<SquadState> state() {
        return state;
    }

    @Override
    Optional<OpenDocument<Squad>> document() {
        return state.map(SquadState::document);
    }

    @Override
    public void enter() {
        if (state.isEmpty()) {
            openSome();
        }
        state.ifPresent(this::remember);
        view.ifPresent(Node::requestFocus);
    }

    @Override
    void begin() {
        fill(new NoSquad(desk()::add));
    }

    @Override
    void leaveDocument() {
        state.ifPresent(SquadState::leave);
        state = Optional.empty();
        view = Optional.empty();
    }

    @Override
    void show(OpenDocument<Squad> document) {
        SquadState opened = new SquadState(document, Divider.usual(), host.messages()::warn);
        SquadView shown = new SquadView(opened, desk());
        state = Optional.of(opened);
        view = Optional.of(shown);
        fill(shown);
        remember(opened);
    }

    /** Who was with whom counts as it was in the log. */
    private void remember(SquadState opened) {
        String id = opened.squad().id();
        keeper().ask(b -> Experience.company(b.entries(), id), opened::company);
    }

    @Override
    public void press(KeyEvent e) {
        view.ifPresent(v -> v.key(e));
    }

    @Override
    public Optional<Runnable> handingOut() {
        return state.map(SquadState::squad)
                .filter(s ->
                        s.tonight().groups().filter(g -> !g.groups().isEmpty()).isPresent())
                .map(s -> () -> {
                    GroupListPane pane = new GroupListPane(s, host.exchange().chooser(), () -> host.go(this));
                    host.lay(pane);
                    pane.requestFocus();
                });
    }

    @Override
    public void close() {
        leaveDocument();
    }

    private SquadDesk desk() {
        return new SquadDesk() {
            @Override
            public void squads(Consumer<List<Named>> then) {
                keeper().ask(
                                b -> b.of(SquadKind.SQUADS).list().stream()
                                        .map(s -> new Named(
                                                s.id(), s.isAside() ? BOOK.say("squad.back", s.title()) : s.title()))
                                        .toList(),
                                then);
            }

            @Override
            public void open(String id) {
                keeper().ask(
                                b -> {
                                    Kept<Squad> squads = b.of(SquadKind.SQUADS);
                                    if (squads.list().stream().anyMatch(s -> s.id().equals(id) && s.isAside())) {
                                        squads.restore(id);
                                    }
                                    return squads.load(id);
                                },
                                SquadPage.this::open);
            }

            @Override
            public void add(Squad squad) {
                keeper().ask(b -> b.of(SquadKind.SQUADS).add(squad), SquadPage.this::open);
            }

            @Override
            public void aside(Squad squad) {
                keeper().ask(
                                b -> {
                                    b.of(SquadKind.SQUADS).delete(squad.id());
                                    return true;
                                },
                                done -> {
                                    host.messages().say(BOOK.say("put.aside", squad.title()));
                                    leaveDocument();
                                    openSome();
                                });
            }

            @Override
            public void forget(Squad squad, String person, String name) {
                Map<String, Runnable> ways = new LinkedHashMap<>();
                ways.put(BOOK.say("forget.go", name), () -> SquadPage.this.forget(squad, person, name));
                host.messages().ask(BOOK.say("forget.ask", name), ways);
            }

            @Override
            public void saveFile(Squad squad) {
                host.exchange()
                        .saveText(
                                FileNames.of("squad.json", squad.title()),
                                BOOK.say("kind.squad"),
                                SquadWriter.write(squad),
                                file -> host.messages().say(BOOK.say("saved", file)));
            }

            @Override
            public void saveTable(Squad squad, boolean views) {
                host.exchange()
                        .saveText(
                                FileNames.of("csv", squad.title()),
                                BOOK.say("kind.table"),
                                PeopleWriter.write(squad.people(), views),
                                file -> host.messages().say(BOOK.say(views ? "saved" : "saved.plain", file)));
            }

            @Override
            public Optional<Path> peopleFile() {
                return host.exchange().toOpen(BOOK.say("kind.people"), "*.csv", "*.tsv", "*.txt", "*.xlsx");
            }

            @Override
            public Surfaces surfaces() {
                return keeper().surfaces();
            }

            @Override
            public void lay(Node over) {
                host.lay(over);
            }

            @Override
            public void back() {
                host.back();
            }
        };
    }

    private void forget(Squad squad, String person, String name) {
        host.forgetWhatWasThere();
        keeper().ask(
                        b -> b.of(SquadKind.SQUADS)
                                .forget(
                                        squad.id(),
                                        s -> s.forgetting(person, name),
                                        name,
                                        List.of(
                                                new Kept.Also<>(
                                                        PracticeKind.PRACTICES,
                                                        p -> saysTheirs(
                                                                        p.company()
                                                                                .squad(),
                                                                        squad,
                                                                        name)
                                                                ? p.silentOf(name)
                                                                : p),
                                                new Kept.Also<>(
                                                        RunKind.RUNS,
                                                        r -> saysTheirs(
                                                                        r.practice()
                                                                                .company()
                                                                                .squad(),
                                                                        squad,
                                                                        name)
                                                                ? r.silentOf(name)
                                                                : r),
                                                new Kept.Also<>(
                                                        LogKind.LOGS,
                                                        e -> saysTheirs(
                                                                        e.there()
                                                                                .squad(),
                                                                        squad,
                                                                        name)
                                                                ? e.silentOf(name)
                                                                : e))),
                        left -> {
                            openAgain(squad);
                            if (left.isEmpty()) {
                                host.messages().say(BOOK.say("forget.done", name));
                            } else {
                                host.messages()
                                        .warn(BOOK.say(
                                                "forget.left",
                                                name,
                                                left.stream()
                                                        .map(f ->
                                                                f.getFileName().toString())
                                                        .collect(Collectors.joining(", "))));
                            }
                        },
                        () -> openAgain(squad));
    }

    /** Whether a name in an evening is theirs: it is one of this squad, and nobody else is called so. */
    private static boolean saysTheirs(String whose, Squad squad, String name) {
        long called = squad.all().filter(m -> m.name().equals(name)).count()
                + squad.staff().stream().filter(h -> h.name().equals(name)).count();
        return whose.equals(squad.id()) && called == 1 && !name.isBlank();
    }

    private void openAgain(Squad squad) {
        keeper().ask(b -> b.of(SquadKind.SQUADS).find(squad.id()), now -> now.ifPresent(this::open));
    }
}
