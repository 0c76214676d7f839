package wildchalk.desktop.practice;

import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import wildchalk.core.check.Finding;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Venue;
import wildchalk.core.evening.Handed;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Expected;
import wildchalk.core.practice.Fit;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Slot;
import wildchalk.core.practice.ground.Ground;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.background.Newest;
import wildchalk.desktop.page.OpenDocument;

/** The practice on the page, and what is looked at of it. Whatever is done to it goes through here. */
public final class PracticeState {

    static final Wordbook BOOK = Wordbook.beside(PracticeState.class, "Practice");

    /** What is beside the column of time. */
    enum Side {
        /** What was found, and the card of the block that is chosen. */
        FOUND,
        EVENING,
        FIT,
        /** How the evening goes out. */
        HAND_OUT,
        /** A file of the evening that somebody sent back. */
        CAME_BACK,
        VERSIONS
    }

    /** What is to be fitted. */
    enum Asking {
        WHOLE,
        /** What begins at another time, and ends as it was to. */
        START,
        /** What ends at another time. */
        STOP
    }

    private final OpenDocument<Practice> document;
    private final PracticeDesk desk;
    private final ReadOnlyObjectWrapper<Optional<String>> chosen = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Side> side = new ReadOnlyObjectWrapper<>(Side.FOUND);
    private final ReadOnlyObjectWrapper<Optional<Seen>> seen = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final Seen.Worker worker = new Seen.Worker();
    private final Newest<Seen> eyes;
    private final ReadOnlyObjectWrapper<Optional<String>> ground = new ReadOnlyObjectWrapper<>(Optional.empty());
    private Fetched fetched = Fetched.NOTHING;
    private Asking asking = Asking.WHOLE;
    private Optional<CameBack> cameBack = Optional.empty();
    private boolean left;

    public PracticeState(OpenDocument<Practice> document, PracticeDesk desk) {
        this.document = document;
        this.desk = desk;
        this.eyes = new Newest<>(
                BOOK.say("work.seeing"),
                s -> seen.set(Optional.of(s)),
                trouble -> desk.warn(trouble.words(BOOK.say("trouble.seeing"))));
        document.changesProperty().addListener(o -> changed());
        fetch();
    }

    public OpenDocument<Practice> document() {
        return document;
    }

    /** As it is kept. */
    public Practice practice() {
        return document.document();
    }

    /** As it is tonight: with whoever of the squad is there by now. */
    public Practice evening() {
        Practice kept = practice();
        return fetched.squad()
                .filter(s -> s.id().equals(kept.company().squad()))
                .map(s -> kept.given(kept.setting().with(Expected.of(s))))
                .orElse(kept);
    }

    PracticeDesk desk() {
        return desk;
    }

    Fetched fetched() {
        return fetched;
    }

    /** Looks up again what the book has: squads and drills may have changed meanwhile. */
    public void fetch() {
        desk.fetch(practice(), now -> {
            if (!left) {
                fetched = now;
                look();
            }
        });
    }

    private void changed() {
        chosen.get().filter(id -> practice().block(id).isEmpty()).ifPresent(id -> chosen.set(Optional.empty()));
        ground.get()
                .filter(id -> practice()
                        .block(id)
                        .filter(b -> b.content() instanceof Content.Beside)
                        .isEmpty())
                .ifPresent(id -> ground.set(Optional.empty()));
        boolean known = practice().blocks().stream()
                .flatMap(Block::all)
                .flatMap(Block::play)
                .allMatch(p -> fetched.asked().contains(p.drill()));
        boolean mine = fetched.squad()
                .map(s -> s.id())
                .orElse("")
                .equals(practice().company().squad());
        if (known && mine) {
            look();
        } else {
            fetch();
        }
    }

    private void look() {
        Practice now = evening();
        Fetched with = fetched;
        Optional<Venue> on = venue();
        eyes.ask(() -> worker.see(now, with, on));
    }

    /** What the evening is on: as a drill of it has it that is drawn on the same. */
    Optional<Venue> venue() {
        return Ground.venue(practice(), fetched.drills(), desk.surfaces());
    }

    void apply(Edit<Practice> edit) {
        document.apply(edit);
    }

    /** A block more, which is chosen then. */
    void put(int at, Block block) {
        apply(PracticeEdits.add(at, block));
        int place = Math.max(0, Math.min(at, practice().blocks().size() - 1));
        choose(Optional.of(practice().blocks().get(place).id()));
    }

    /** What was worked out last; empty before the first time. */
    public ReadOnlyObjectProperty<Optional<Seen>> seenProperty() {
        return seen.getReadOnlyProperty();
    }

    /** Whether what was worked out last is of the evening as it is now. */
    public boolean isSeen() {
        return seen.get().filter(s -> s.worked().practice().equals(evening())).isPresent();
    }

    /** What drills take, as far as it is known by now. */
    KnownNeeds needs() {
        return Seen.needs(
                seen.get().map(Seen::known).orElse(Map.of()), evening().company());
    }

    /** As it is handed on, without anybody's name. */
    Handed handed() {
        Practice evening = evening();
        return new Handed(
                evening, plan(evening), needs(), fetched.drills(), fetched.squad(), venue(), Handed.Who.NOBODY);
    }

    /** Along the clock, as far as it is known by now what its drills take. */
    Plan plan(Practice of) {
        return Plan.of(of, needs());
    }

    /** Id of the block that is chosen. */
    ReadOnlyObjectProperty<Optional<String>> chosenProperty() {
        return chosen.getReadOnlyProperty();
    }

    Optional<Block> chosen() {
        return chosen.get().flatMap(practice()::block);
    }

    /** Chooses a block, by its id; none for empty. */
    public void choose(Optional<String> block) {
        chosen.set(block);
        show(Side.FOUND);
    }

    /** Id of the block whose ground is shown instead of the column of time. */
    ReadOnlyObjectProperty<Optional<String>> groundProperty() {
        return ground.getReadOnlyProperty();
    }

    /** Shows what is side by side in a block on the ground; the column of time again for empty. */
    void showGround(Optional<String> block) {
        ground.set(block);
    }

    ReadOnlyObjectProperty<Side> sideProperty() {
        return side.getReadOnlyProperty();
    }

    void show(Side what) {
        if (what != Side.FOUND && what != Side.FIT) {
            chosen.set(Optional.empty());
        }
        side.set(what);
    }

    /** Asks what is to be fitted. */
    void showFit(Asking what) {
        asking = what;
        side.set(Side.FOUND);
        side.set(Side.FIT);
    }

    /** Lets the coach choose how the evening goes out. */
    public void handOut() {
        show(Side.HAND_OUT);
    }

    /** Shows what somebody changed who sent the evening back. */
    public void showCameBack(CameBack what) {
        cameBack = Optional.of(what);
        side.set(Side.FOUND);
        show(Side.CAME_BACK);
    }

    Optional<CameBack> cameBack() {
        return cameBack;
    }

    Asking asking() {
        return asking;
    }

    /** How bad the worst is that was found of a block, or of one that is side by side with others in it. */
    Optional<Finding.Weight> worst(Block block) {
        return seen.get().stream()
                .flatMap(s -> s.findings().stream())
                .filter(f -> block.all().anyMatch(b -> f.where().contains(b.id())))
                .map(Finding::weight)
                .filter(w -> w != Finding.Weight.SAID)
                .min(Enum::compareTo);
    }

    /** Makes the evening fit a slot, beside the window's thread. */
    void fit(Slot slot, Consumer<Fit> then) {
        Practice wanted = evening().in(slot);
        KnownNeeds needs = needs();
        Background.work(
                BOOK.say("work.fitting"),
                () -> Fit.of(wanted, needs),
                fit -> {
                    if (!left) {
                        then.accept(fit);
                    }
                },
                trouble -> desk.warn(trouble.words(BOOK.say("trouble.fitting"))));
    }

    /** Nothing is worked out any more. */
    public void leave() {
        left = true;
        eyes.forget();
    }
}
