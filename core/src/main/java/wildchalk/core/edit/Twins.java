package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.GivenIds;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;
import wildchalk.core.wording.Wordbook;

/**
 * A half that is the same at the other end, or on the other side, and stays so: whatever is changed in the one is
 * changed in the other. Both are drawn, so everything else treats them like any other piece or line; after each edit
 * what has become different in one half is carried over to the other.
 */
public final class Twins {

    private static final Wordbook BOOK = Wordbook.beside(Twins.class, "Twins");

    private final Stage before;
    private final Game.Twin twin;
    private final Surface surface;
    private final FreeIds ids;
    private final Map<String, String> pairs;
    private Stage after;

    private Twins(Stage before, Stage after, Game.Twin twin, Surface surface, FreeIds ids) {
        this.before = before;
        this.after = after;
        this.twin = twin;
        this.surface = surface;
        this.ids = ids;
        this.pairs = new LinkedHashMap<>(twin.pairs());
    }

    private static Placement placement(Game.Where where) {
        return switch (where) {
            case OTHER_END -> Placement.OTHER_END;
            case OTHER_SIDE -> Placement.OTHER_SIDE;
            case HALF_ROUND -> Placement.HALF_ROUND;
        };
    }

    /**
     * Puts the chosen pieces, with what the people among them do, there once more, tied to what they were made from.
     *
     * @param timeline of the stage: where they take turns the other begins when the last of the one is over
     */
    public static Edit<Drill> tie(
            String rung, Set<String> chosen, Game.Where where, boolean inTurn, Surface surface, Timeline timeline) {
        return StageEdit.making(BOOK.say("tie"), rung, (stage, free) -> {
            CopyEdits.Copied copied = CopyEdits.copied(stage, free, chosen, placement(where), surface);
            Game.Twin made = new Game.Twin(free.take("t"), copied.ids(), where, inTurn);
            Stage tied = inTurn ? inTurn(copied.stage(), made, timeline) : copied.stage();
            return tied.saying(made);
        });
    }

    /** The other half begins when the last action of the one is over. */
    private static Stage inTurn(Stage stage, Game.Twin twin, Timeline timeline) {
        Optional<String> last = twin.pairs().keySet().stream()
                .filter(id -> timeline.times(id).isPresent())
                .max(Comparator.comparingDouble(
                        id -> timeline.times(id).orElseThrow().over()));
        if (last.isEmpty()) {
            return stage;
        }
        Set<String> copies = Set.copyOf(twin.pairs().values());
        return stage.withActions(stage.actions().stream()
                .map(a -> copies.contains(a.id()) && a.cue().trigger() instanceof Cue.Whistle
                        ? a.withCue(new Cue(new Cue.After(last.get()), a.cue().delay()))
                        : a)
                .toList());
    }

    /** Lets the other half begin when the one is over, or together with it. */
    public static Edit<Drill> inTurn(String rung, Game.Twin twin, boolean inTurn) {
        return StageEdit.of(BOOK.say("turns"), rung, s -> {
            Stage said = s.saying(twin.inTurn(inTurn));
            Set<String> copies = Set.copyOf(twin.pairs().values());
            Optional<String> last = twin.pairs().keySet().stream()
                    .filter(id -> s.action(id).isPresent())
                    .reduce((a, b) -> b);
            return said.withActions(said.actions().stream()
                    .map(a -> copies.contains(a.id()) ? begun(a, s, twin, inTurn, last) : a)
                    .toList());
        });
    }

    /** Whoever begins the one begins the other: at the whistle, or after the last of the one. */
    private static Action begun(Action copy, Stage stage, Game.Twin twin, boolean inTurn, Optional<String> last) {
        boolean begins = twin.originalOf(copy.id())
                .flatMap(stage::action)
                .filter(a -> a.cue().trigger() instanceof Cue.Whistle)
                .isPresent();
        if (!begins || last.isEmpty()) {
            return copy;
        }
        Cue.Trigger from = inTurn ? new Cue.After(last.get()) : new Cue.Whistle();
        return copy.withCue(new Cue(from, copy.cue().delay()));
    }

    /** Lets both halves stay as they are and be changed each by itself. */
    public static Edit<Drill> untie(String rung, Game.Twin twin) {
        return StageEdit.of(
                BOOK.say("untie"),
                rung,
                s -> s.withInstructions(s.instructions().stream()
                        .filter(i -> !i.id().equals(twin.id()))
                        .toList()));
    }

    /** The same edit, after which both halves of whatever is tied are the same again. */
    public static Edit<Drill> tied(Edit<Drill> edit) {
        return new Edit<>(edit.name(), drill -> carried(drill, edit.change().apply(drill)));
    }

    private static Drill carried(Drill before, Drill after) {
        Drill carried = after;
        for (int i = 0; i < after.ladder().size(); i++) {
            String rung = after.ladder().get(i).id();
            boolean known = before.ladder().stream().anyMatch(r -> r.id().equals(rung));
            Stage was = known ? Ladder.build(before, rung) : Ladder.build(after, rung);
            for (Game.Twin twin : was.instructions(Game.Twin.class)) {
                Stage now = Ladder.build(carried, rung);
                Stage both = was.equals(now) || isUntied(twin, now)
                        ? now
                        : new Twins(was, now, now(twin, now), carried.surface(), new FreeIds(carried)).both();
                carried = both.equals(now) ? carried : Followers.kept(carried, Ladder.put(carried, both), rung);
            }
        }
        return carried;
    }

    /** Whether nothing ties the halves any longer, though all of both is there. */
    private static boolean isUntied(Game.Twin twin, Stage now) {
        Set<String> there = now.ids();
        return said(now, twin.id()).isEmpty()
                && there.containsAll(twin.pairs().keySet())
                && there.containsAll(twin.pairs().values());
    }

    /** As it is tied now, with what was taken out of one half only and so is in no pair any more. */
    private static Game.Twin now(Game.Twin was, Stage now) {
        return said(now, was.id())
                .filter(Game.Twin.class::isInstance)
                .map(t -> ((Game.Twin) t).of(was.pairs()))
                .orElse(was);
    }

    private Stage both() {
        takeAway();
        add();
        for (Map.Entry<String, String> pair : pairs.entrySet()) {
            String one = pair.getKey();
            String other = pair.getValue();
            if (isChanged(one)) {
                carry(one, transfer(false));
            } else if (isChanged(other)) {
                carry(other, transfer(true));
            }
        }
        return pairs.isEmpty() ? after : after.saying(twin.of(pairs));
    }

    /** What was taken out of one half is taken out of the other. */
    private void takeAway() {
        Set<String> there = after.ids();
        Set<String> gone = new LinkedHashSet<>();
        pairs.forEach((one, other) -> {
            if (!there.contains(one) || !there.contains(other)) {
                gone.add(one);
                gone.add(other);
            }
        });
        if (!gone.isEmpty()) {
            pairs.keySet().removeAll(gone);
            after = PieceEdits.removed(after, gone);
            Set<String> left = after.ids();
            pairs.entrySet().removeIf(e -> !left.contains(e.getKey()) || !left.contains(e.getValue()));
        }
    }

    /** What is new and belongs to one half is made in the other. */
    private void add() {
        Set<String> old = before.ids();
        List<Piece> pieces = after.pieces().stream()
                .filter(p -> !old.contains(p.id()) && !isPaired(p.id()))
                .filter(p -> p.heldBy().map(this::isPaired).orElse(!isForAll(p)))
                .toList();
        for (Piece piece : pieces) {
            pair(piece.id(), GivenIds.letters(piece.id()), piece.heldBy().orElse(""));
        }
        List<Action> actions = after.actions().stream()
                .filter(a -> !old.contains(a.id()) && isPaired(a.who()))
                .toList();
        actions.forEach(a -> pair(a.id(), "a", a.who()));
        List<Instruction.Read> reads = after.instructions(Instruction.Read.class).stream()
                .filter(r -> !old.contains(r.id()) && isPaired(r.who()))
                .toList();
        reads.forEach(r -> pair(r.id(), "i", r.who()));
        pieces.forEach(p -> carry(p.id(), transfer(isCopy(p.id()))));
        actions.forEach(a -> carry(a.id(), transfer(isCopy(a.id()))));
        reads.forEach(r -> carry(r.id(), transfer(isCopy(r.id()))));
    }

    /** Whether a piece is no part of a half: there is one of it for all. */
    private static boolean isForAll(Piece piece) {
        return piece instanceof Piece.Station
                || piece instanceof Piece.Tape
                || piece instanceof Piece.Note
                || piece instanceof Piece.Coach;
    }

    /** @param by id of whoever it belongs to; empty for what belongs to nobody */
    private void pair(String id, String letters, String by) {
        String fresh = ids.take(letters);
        if (isCopy(by)) {
            pairs.put(fresh, id);
        } else {
            pairs.put(id, fresh);
        }
    }

    private boolean isPaired(String id) {
        return pairs.containsKey(id) || isCopy(id);
    }

    private boolean isCopy(String id) {
        return pairs.containsValue(id);
    }

    private boolean isChanged(String id) {
        return !before.piece(id).equals(after.piece(id))
                || !before.action(id).equals(after.action(id))
                || !said(before, id).equals(said(after, id));
    }

    private static Optional<Instruction> said(Stage stage, String id) {
        return stage.instructions().stream().filter(i -> i.id().equals(id)).findFirst();
    }

    /** @param back from the copy to what it was made from */
    private Transfer transfer(boolean back) {
        Map<String, String> all = new HashMap<>();
        pairs.forEach((one, other) -> all.put(back ? other : one, back ? one : other));
        // What is somebody's of the other half is, there, somebody's of this one.
        pairs.forEach((one, other) -> all.putIfAbsent(back ? one : other, back ? other : one));
        // Options are named after their read, as they were when the half was made.
        after.instructions(Instruction.Read.class).stream()
                .filter(r -> all.containsKey(r.id()))
                .forEach(r -> r.options()
                        .forEach(o -> all.putIfAbsent(
                                o.id(), back ? o.id().replaceFirst("^.*-", "") : all.get(r.id()) + "-" + o.id())));
        Predicate<String> known = id -> surface.target(id).isPresent()
                || surface.zone(id).isPresent()
                || surface.line(id).isPresent();
        return new Transfer(placement(twin.where()), all, known);
    }

    private void carry(String from, Transfer transfer) {
        String to = transfer.id(from);
        after.piece(from).ifPresent(p -> {
            String label = after.piece(to).map(CopyEdits::label).orElseGet(() -> freshLabel(p));
            after = after.withPiece(transfer.piece(p, label));
        });
        after.action(from).ifPresent(a -> {
            Action there = transfer.action(a);
            boolean waits = twin.inTurn()
                    && (isWhistle(after, from) || isWhistle(after, to))
                    && after.action(to).isPresent();
            after = after.withAction(
                    waits ? there.withCue(after.action(to).get().cue()) : there);
        });
        said(after, from).ifPresent(i -> after = after.saying(transfer.instruction(i)));
    }

    /** Whoever begins the one waits, in the other, until the one is over: that is not carried across. */
    private static boolean isWhistle(Stage stage, String action) {
        return stage.action(action)
                .filter(a -> a.cue().trigger() instanceof Cue.Whistle)
                .isPresent();
    }

    private String freshLabel(Piece piece) {
        Set<String> worn = after.people().stream().map(Piece.Person::label).collect(Collectors.toSet());
        String label = CopyEdits.label(piece);
        boolean number = piece instanceof Piece.Person && label.matches("[0-9]+") && worn.contains(label);
        return number ? PersonEdits.freeNumber(worn) : label;
    }

    /** Ids of the actions of the other halves, of which a coach says only that they are the same. */
    public static Set<String> copies(Stage stage) {
        List<String> copies = new ArrayList<>();
        stage.instructions(Game.Twin.class).forEach(t -> copies.addAll(t.pairs().values()));
        return Set.copyOf(copies);
    }
}
