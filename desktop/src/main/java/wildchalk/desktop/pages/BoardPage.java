package wildchalk.desktop.pages;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.InvalidationListener;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import wildchalk.core.casting.Named;
import wildchalk.core.document.Document;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.log.season.Experience;
import wildchalk.core.log.season.ExperienceWords;
import wildchalk.core.naming.VenueWords;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.scene.Look;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surfaces;
import wildchalk.desktop.board.BoardView;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Desk;
import wildchalk.desktop.handout.HandOutPane;
import wildchalk.desktop.handout.HandOutSubject;
import wildchalk.desktop.handout.Wanted;
import wildchalk.desktop.keeping.BookPlaces;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.keeping.Preferences;
import wildchalk.desktop.message.Messages;
import wildchalk.desktop.page.Page;
import wildchalk.desktop.page.PageHost;
import wildchalk.desktop.page.ToRun;
import wildchalk.desktop.page.Undoable;
import wildchalk.desktop.show.ShowState;
import wildchalk.desktop.show.ShowWindows;
import wildchalk.storage.book.Standing;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.SquadKind;

/** The Board: one drill of the book, to draw on. */
public final class BoardPage implements Page {

    /** How long a drill is run of which nothing is said, minutes. */
    private static final int USUAL = 12;

    private final PageHost host;
    private final Keeper keeper;
    private final Messages messages;
    private BoardState state;
    private BoardView view;
    private ShowWindows shown;

    BoardPage(PageHost host) {
        this.host = host;
        this.keeper = host.keeper();
        this.messages = host.messages();
    }

    /** What is on it; empty before a drill was opened. */
    public Optional<BoardState> state() {
        return Optional.ofNullable(state);
    }

    /** The showing that was opened last, when there was one. */
    public Optional<ShowWindows> shown() {
        return Optional.ofNullable(shown);
    }

    @Override
    public Node node() {
        return view;
    }

    @Override
    public boolean isThere() {
        return view != null;
    }

    @Override
    public boolean take(Document<?> document) {
        if (!(document instanceof Drill drill)) {
            return false;
        }
        if (state == null || !state.drill().equals(drill)) {
            open(drill);
        }
        host.go(this);
        return true;
    }

    private void open(Drill drill) {
        keeper.tell(b -> b.drills().use(drill.id()));
        state = new BoardState(drill, (d, change) -> keeper.keep(DrillKind.DRILLS, d, change.words()), desk());
        remember(state);
        recall(state);
        if (drill.venue().isMissing()) {
            messages.warn("The surface \"" + drill.venue().surface() + "\" is not on this computer. The drill is shown "
                    + "on " + VenueWords.standIn(drill.venue())
                    + ", and everything is where it was. To see its lines, put the "
                    + "surface file into " + BookPlaces.surfaces() + " and start again.");
        }
        state.changesProperty().addListener(o -> host.changed());
        remind(drill.id());
        view = new BoardView(state);
    }

    /** What a coach noted for the next time comes up when it is the next time. */
    private void remind(String drill) {
        LocalDate today = LocalDate.now(ZoneId.systemDefault());
        keeper.ask(
                b -> Experience.of(b.entries()).of(drill).flatMap(d -> ExperienceWords.next(d, today)),
                words -> words.ifPresent(messages::say));
    }

    /** What was done to a drill before it was opened can be undone as soon as it is read. */
    private void recall(BoardState opened) {
        keeper.ask(b -> b.drills().told(opened.drill().id()), told -> told.filter(
                        t -> !t.words().isEmpty())
                .ifPresent(t -> messages.warn(String.join(" ", t.words()))));
        opened.document()
                .recall(
                        keeper,
                        DrillKind.DRILLS,
                        host::changed,
                        trouble -> messages.warn(trouble.words("What was done to this drill before could not be read.")
                                + " It cannot be undone; the drill is whole, and what you do now can be."));
    }

    private Desk desk() {
        return new Desk() {
            @Override
            public void drills(Consumer<List<Titled>> then) {
                keeper.ask(
                        b -> b.rows().stream()
                                .filter(r -> !r.isAside())
                                .map(r -> new Titled(r.id(), r.title()))
                                .toList(),
                        then);
            }

            @Override
            public void drill(String id, Consumer<Drill> then) {
                keeper.ask(b -> b.drills().load(id), then);
            }

            @Override
            public void squads(Consumer<List<Squad>> then) {
                keeper.ask(
                        b -> b.of(SquadKind.SQUADS).list().stream()
                                .filter(s -> !s.isAside())
                                .map(s -> b.of(SquadKind.SQUADS).load(s.id()))
                                .toList(),
                        then);
            }

            @Override
            public Surfaces surfaces() {
                return keeper.surfaces();
            }

            @Override
            public void open(String id) {
                keeper.ask(b -> b.drills().load(id), host::open);
            }

            @Override
            public void say(String words) {
                messages.warn(words);
            }
        };
    }

    /** Lengths are said as the coach last chose, in every drill of the book. */
    private void remember(BoardState opened) {
        keeper.ask(Preferences::read, preferences -> {
            opened.viewing().unitsProperty().set(preferences.units());
            opened.sheets().handfulProperty().set(preferences.handful());
            opened.viewing().roomProperty().set(preferences.room());
            opened.viewing().settleRoom();
            InvalidationListener keep = o -> keeper.tell(book -> new Preferences(
                            opened.viewing().unitsProperty().get(),
                            opened.sheets().handfulProperty().get(),
                            opened.viewing().settledRoomProperty().get())
                    .write(book));
            opened.viewing().unitsProperty().addListener(keep);
            opened.sheets().handfulProperty().addListener(keep);
            opened.viewing().settledRoomProperty().addListener(keep);
        });
    }

    @Override
    public void enter() {
        view.requestFocus();
        state().ifPresent(this::castAgain);
    }

    /** Who plays the roles is as the squad is now: whoever is no longer in it is not on the board either. */
    private void castAgain(BoardState opened) {
        opened.model()
                .cast()
                .ifPresent(cast ->
                        keeper.ask(b -> b.of(SquadKind.SQUADS).find(cast.squad().id()), now -> opened.model()
                                .cast(now.map(s -> new Named(cast.casting(), s)))));
    }

    @Override
    public void leave() {
        if (state != null) {
            state.head().playingProperty().set(false);
            state.many().playingProperty().set(false);
        }
    }

    @Override
    public void press(KeyEvent e) {
        view.key(e);
    }

    @Override
    public void release(KeyEvent e) {
        view.keyReleased(e);
    }

    @Override
    public Optional<Undoable> history() {
        return state().map(BoardState::document);
    }

    @Override
    public Optional<Runnable> handingOut() {
        return state().map(s -> () -> handOut(new HandOutSubject(
                s.drill(),
                s.rung(),
                s.focus().choicesProperty().get(),
                s.head().atProperty().get(),
                Look.trueTo(s.surface().ground()),
                s.viewing().unitsProperty().get(),
                s.sheets().handfulProperty().get(),
                s.model().cast())));
    }

    /** Lets the coach choose how what is on the page is handed out. */
    private void handOut(HandOutSubject subject) {
        keeper.ask(Wanted::read, wanted -> {
            HandOutPane pane = new HandOutPane(
                    subject,
                    wanted,
                    host.exchange().chooser(),
                    now -> keep(now, subject),
                    messages::say,
                    () -> host.go(this));
            host.lay(pane);
            pane.requestFocus();
        });
    }

    private void keep(Wanted wanted, HandOutSubject subject) {
        keeper.tell(b -> {
            wanted.write(b);
            b.drills().use(subject.drill().id());
        });
    }

    /** From the rung that is looked at. */
    @Override
    public Optional<Runnable> showing() {
        return state().map(s -> () -> {
            leave();
            shown = ShowWindows.open(
                    new ShowState(
                            s.drill(),
                            s.rung(),
                            s.viewing().lookProperty().get(),
                            s.viewing().unitsProperty().get()),
                    host.onScreen());
        });
    }

    /** The rung that is looked at, alone, for as long as it is said to be practised. */
    @Override
    public Optional<Runnable> running() {
        return state().map(s -> () -> {
            leave();
            Drill drill = s.drill();
            keeper.ask(b -> b.drills().newest(drill.id()), version -> host.run(alone(drill, s.rung(), version)));
        });
    }

    private static ToRun alone(Drill drill, String rung, long version) {
        Content.Planned planned = new Content.Planned(drill.id(), version, drill.title());
        int minutes = Ladder.dose(drill, rung)
                .map(d -> (int) Math.round(d.minutes()))
                .filter(m -> m >= 1 && m <= Slot.MOST)
                .orElse(USUAL);
        Block block = Block.of(
                "",
                new Content.Play(planned, List.of(Content.Climb.of(rung)), 1, Content.Telling.FRESH),
                Block.Time.of(minutes));
        Slot slot = new Slot(
                Optional.empty(), LocalTime.now(ZoneId.systemDefault()).truncatedTo(ChronoUnit.MINUTES), minutes);
        return new ToRun(
                Practice.empty("alone-" + drill.id(), drill.title(), slot).with(0, block), Map.of(planned, drill));
    }

    /** What is on the Board is as the other window found it, not as it left it. */
    @Override
    public void keptAgain(Standing until) {
        if (until.kind() == Standing.Kind.OTHER_WINDOW && until.waiting() == 0 && state != null) {
            keeper.ask(b -> b.drills().find(state.drill().id()), now -> now.filter(d -> !d.isLike(state.drill()))
                    .ifPresent(d -> {
                        messages.say(d.title() + " was changed in the other window. This is how it is now.");
                        host.open(d);
                    }));
        }
    }
}
