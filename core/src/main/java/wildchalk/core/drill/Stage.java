package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.score.Aloud;
import wildchalk.core.surface.Surface;

/**
 * One rung, built: everything that stands on the surface and everything that happens, in drawing order.
 *
 * @param instructions what the coach says besides: limits, reads, freezes
 * @param aloud what is called and what counts while it is played
 */
public record Stage(
        String id,
        String title,
        List<Piece> pieces,
        List<Action> actions,
        List<Instruction> instructions,
        Effort effort,
        Aloud aloud) {

    public Stage {
        pieces = List.copyOf(pieces);
        actions = List.copyOf(actions);
        instructions = List.copyOf(instructions);
    }

    /** A stage while which nothing is called and nothing counts. */
    public Stage(
            String id,
            String title,
            List<Piece> pieces,
            List<Action> actions,
            List<Instruction> instructions,
            Effort effort) {
        this(id, title, pieces, actions, instructions, effort, Aloud.NOTHING);
    }

    /** A stage for grown people who go at it live, of which nothing more is said. */
    public Stage(String id, String title, List<Piece> pieces, List<Action> actions) {
        this(id, title, pieces, actions, List.of(), Effort.LIVE);
    }

    /** The same for others, or at another pace. */
    public Stage at(Effort newEffort) {
        return new Stage(id, title, pieces, actions, instructions, newEffort, aloud);
    }

    /** The piece with this id; empty when there is none. */
    public Optional<Piece> piece(String pieceId) {
        // Everything asks this, thousands of times an edit: a stream would cost five times as much.
        for (Piece piece : pieces) {
            if (piece.id().equals(pieceId)) {
                return Optional.of(piece);
            }
        }
        return Optional.empty();
    }

    /** The person with this id; empty when there is none, or when it is no person's. */
    public Optional<Piece.Person> person(String pieceId) {
        return piece(pieceId).filter(Piece.Person.class::isInstance).map(Piece.Person.class::cast);
    }

    /** The action with this id; empty when there is none. */
    public Optional<Action> action(String actionId) {
        for (Action action : actions) {
            if (action.id().equals(actionId)) {
                return Optional.of(action);
            }
        }
        return Optional.empty();
    }

    /** In the order in which they were put there. */
    public List<Piece.Person> people() {
        return pieces.stream()
                .filter(Piece.Person.class::isInstance)
                .map(Piece.Person.class::cast)
                .toList();
    }

    /** In the order in which they were put there. */
    public List<Piece.Ball> balls() {
        return pieces.stream()
                .filter(Piece.Ball.class::isInstance)
                .map(Piece.Ball.class::cast)
                .toList();
    }

    /** The actions of one person, in order. */
    public List<Action> actionsOf(String who) {
        return actions.stream().filter(a -> a.who().equals(who)).toList();
    }

    /** The paths that somebody goes, in drawing order. */
    public List<Travel> travelsOf(String who) {
        return actions.stream()
                .filter(a -> a.who().equals(who))
                .filter(Travel.class::isInstance)
                .map(Travel.class::cast)
                .toList();
    }

    /** The path of an id; empty for what is none. */
    public Optional<Travel> travel(String id) {
        return action(id).filter(Travel.class::isInstance).map(Travel.class::cast);
    }

    /** The heaps in which there are balls. */
    public List<Piece.Supply> heaps() {
        return pieces.stream()
                .filter(Piece.Supply.class::isInstance)
                .map(Piece.Supply.class::cast)
                .filter(s -> s.count() > 0)
                .toList();
    }

    /**
     * Who has a piece of gear in their hands when the rep begins: whoever puts it down, when it is put down before it
     * is picked up. Empty for what stands on the surface.
     */
    public Optional<String> inHand(String pieceId) {
        return actions.stream()
                .filter(a -> a instanceof Action.Handle h && h.piece().equals(pieceId))
                .findFirst()
                .filter(a -> ((Action.Handle) a).deed() != Action.Handle.Deed.PICK_UP)
                .map(Action::who);
    }

    /** The same with other pieces. */
    public Stage withPieces(List<Piece> newPieces) {
        return new Stage(id, title, newPieces, actions, instructions, effort, aloud);
    }

    /** The same with other actions. */
    public Stage withActions(List<Action> newActions) {
        return new Stage(id, title, pieces, newActions, instructions, effort, aloud);
    }

    /** The same with other things said. */
    public Stage withInstructions(List<Instruction> newInstructions) {
        return new Stage(id, title, pieces, actions, newInstructions, effort, aloud);
    }

    /** Puts a piece in place of the one with its id, or after all others. */
    public Stage withPiece(Piece piece) {
        return withPieces(put(pieces, piece, Piece::id));
    }

    /** Puts an action in place of the one with its id, or after all others. */
    public Stage withAction(Action action) {
        return withActions(put(actions, action, Action::id));
    }

    /** Puts an instruction in place of the one with its id, or after all others. */
    public Stage saying(Instruction instruction) {
        return withInstructions(put(instructions, instruction, Instruction::id));
    }

    /** What is said of one kind, in order. */
    public <T extends Instruction> List<T> instructions(Class<T> kind) {
        return instructions.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** The areas that are marked out. */
    public List<Piece.Area> areas() {
        return pieces.stream()
                .filter(Piece.Area.class::isInstance)
                .map(Piece.Area.class::cast)
                .toList();
    }

    /** The stations in the order in which groups move on. */
    public List<Piece.Station> stations() {
        return pieces.stream()
                .filter(Piece.Station.class::isInstance)
                .map(Piece.Station.class::cast)
                .sorted(Comparator.comparingInt(Piece.Station::number))
                .toList();
    }

    /** Where a piece is at the start: what somebody has is where they are. */
    public Vec place(Piece piece) {
        return piece.heldBy().flatMap(this::person).map(Piece::at).orElse(piece.at());
    }

    /** The station that a piece stands in at the start. */
    public Optional<Piece.Station> stationOf(Piece piece) {
        return stations().stream().filter(s -> s.contains(place(piece))).findFirst();
    }

    /** The surface with its goals, baskets and nets where this stage has them, without those that are taken down. */
    public Surface set(Surface surface) {
        Set<String> down = instructions(Game.GoalAt.class).stream()
                .filter(g -> g.at().isEmpty())
                .map(Game.GoalAt::target)
                .collect(Collectors.toSet());
        Surface moved = moved(surface);
        return down.isEmpty()
                ? moved
                : moved.withTargets(moved.targets().stream()
                        .filter(t -> !down.contains(t.id()))
                        .toList());
    }

    /** The same with those that are taken down where they were, because something may yet be about them. */
    private Surface moved(Surface surface) {
        Map<String, Game.GoalAt> by = new HashMap<>();
        instructions(Game.GoalAt.class).stream().filter(g -> g.at().isPresent()).forEach(g -> by.put(g.target(), g));
        return by.isEmpty()
                ? surface
                : surface.withTargets(surface.targets().stream()
                        .map(t -> by.containsKey(t.id())
                                ? t.standing(
                                        by.get(t.id()).at().get(),
                                        by.get(t.id()).facing())
                                : t)
                        .toList());
    }

    /** Whether a goal, basket or net of the surface is taken down. */
    public boolean isDown(String target) {
        return instructions(Game.GoalAt.class).stream().anyMatch(g -> g.target().equals(target) && g.at().isEmpty());
    }

    /**
     * The surface with the areas that are marked out on it, so that rules and cues can name them like its own, and with
     * goals where they were moved to.
     */
    public Surface marked(Surface surface) {
        List<Piece.Area> areas = areas();
        Surface set = moved(surface);
        return areas.isEmpty()
                ? set
                : set.withZones(areas.stream()
                        .map(a -> new Surface.Zone(
                                a.id(), Areas.name(a), a.outline().at(a.at())))
                        .toList());
    }

    /** The ids of everything in it: pieces, actions and what is said share one set. */
    public Set<String> ids() {
        Set<String> ids = new HashSet<>();
        pieces.forEach(p -> ids.add(p.id()));
        actions.forEach(a -> ids.add(a.id()));
        instructions.forEach(i -> ids.add(i.id()));
        return ids;
    }

    static <T> List<T> put(List<T> list, T item, Function<T, String> id) {
        List<T> result = new ArrayList<>(list);
        for (int i = 0; i < result.size(); i++) {
            if (id.apply(result.get(i)).equals(id.apply(item))) {
                result.set(i, item);
                return result;
            }
        }
        result.add(item);
        return result;
    }
}
