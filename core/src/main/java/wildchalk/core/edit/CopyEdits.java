package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.colour.Bib;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.GivenIds;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.surface.Surface;

/** Edits that put a part of a stage somewhere else, or once more: copies and mirrors, with what happens in them. */
public final class CopyEdits {

    private CopyEdits() {}

    /**
     * An edit that makes a copy.
     *
     * @param ids of the pieces that it makes
     */
    public record Copy(Edit<Drill> edit, Set<String> ids) {}

    /**
     * Puts the chosen pieces there once more, and what the people among them do. Cues inside the copy are about the
     * copy; people get numbers that nobody wears yet.
     */
    public static Copy copy(
            String rung,
            String name,
            Stage stage,
            FreeIds ids,
            Set<String> chosen,
            Placement placement,
            Surface surface) {
        return copy(rung, name, stage, ids, chosen, placement, surface, true);
    }

    /** @param freshLabels whether people whose number is taken get one that nobody wears yet */
    public static Copy copy(
            String rung,
            String name,
            Stage stage,
            FreeIds ids,
            Set<String> chosen,
            Placement placement,
            Surface surface,
            boolean freshLabels) {
        return put(rung, name, stage, ids, part(stage, chosen), placement, surface, freshLabels);
    }

    /**
     * Puts the chosen pieces once more into each of the other three corners of the surface.
     *
     * @param freshLabels whether people whose number is taken get one that nobody wears yet
     */
    public static Edit<Drill> toFourCorners(
            String rung, Stage stage, Set<String> chosen, Surface surface, boolean freshLabels) {
        return StageEdit.making("Copy to four corners", rung, (s, ids) -> {
            Part part = part(stage, chosen);
            Stage all = s;
            for (Placement placement : List.of(Placement.OTHER_SIDE, Placement.OTHER_END, Placement.HALF_ROUND)) {
                all = with(all, ids, part, placement, surface, freshLabels).stage();
            }
            return all;
        });
    }

    /** The chosen pieces and what happens among them, by themselves: nothing in it is about anything outside. */
    public static Stage alone(Stage stage, Set<String> chosen) {
        Set<String> kept = new HashSet<>();
        part(stage, chosen).pieces().forEach(p -> kept.add(p.id()));
        Set<String> others = new HashSet<>();
        stage.pieces().stream().map(Piece::id).filter(id -> !kept.contains(id)).forEach(others::add);
        return PieceEdits.removed(stage, others);
    }

    /** Puts a part of some stage into this one, with numbers that nobody wears yet for those whose number is taken. */
    public static Copy paste(String rung, Stage stage, FreeIds ids, Stage part, Placement placement, Surface surface) {
        return put(
                rung,
                "Paste",
                stage,
                ids,
                new Part(part.pieces(), part.actions(), part.instructions()),
                placement,
                surface,
                true);
    }

    /** Puts all of some stage into this one as it is, everybody with their own number. */
    static Copy bring(
            String rung, String name, Stage stage, FreeIds ids, Stage other, Placement placement, Surface surface) {
        return put(
                rung,
                name,
                stage,
                ids,
                new Part(other.pieces(), other.actions(), other.instructions()),
                placement,
                surface,
                false);
    }

    private static Copy put(
            String rung,
            String name,
            Stage stage,
            FreeIds ids,
            Part part,
            Placement placement,
            Surface surface,
            boolean freshLabels) {
        Put done = with(stage, ids, part, placement, surface, freshLabels);
        return new Copy(StageEdit.of(name, rung, s -> done.stage()), done.ids());
    }

    /** A stage with one more part, and the ids of the part's pieces there. */
    private record Put(Stage stage, Set<String> ids, Map<String, String> all) {}

    /**
     * A stage with a part once more.
     *
     * @param ids of everything in the part, with the id that its copy has
     */
    record Copied(Stage stage, Map<String, String> ids) {}

    /** The stage with the chosen pieces and what their people do once more. */
    static Copied copied(Stage stage, FreeIds free, Set<String> chosen, Placement placement, Surface surface) {
        Part part = part(stage, chosen);
        Put put = with(stage, free, part, placement, surface, true);
        Map<String, String> ids = new LinkedHashMap<>();
        Set<String> there = put.stage().ids();
        Stream.of(
                        part.pieces().stream().map(Piece::id),
                        part.actions().stream().map(Action::id),
                        part.instructions().stream().map(Instruction::id))
                .flatMap(s -> s)
                .filter(id -> there.contains(put.all().getOrDefault(id, "")))
                .forEach(id -> ids.put(id, put.all().get(id)));
        return new Copied(put.stage(), ids);
    }

    private static Put with(
            Stage stage, FreeIds free, Part part, Placement placement, Surface surface, boolean freshLabels) {
        Transfer transfer = new Transfer(placement, freshIds(free, part), known(surface));
        List<Piece> pieces = new ArrayList<>(stage.pieces());
        Set<String> worn =
                stage.people().stream().map(Piece.Person::label).collect(Collectors.toCollection(HashSet::new));
        for (Piece piece : part.pieces()) {
            Piece there = transfer.piece(piece, freshLabels ? freshLabel(worn, piece) : label(piece));
            pieces.add(
                    there instanceof Piece.Station s
                            ? s.numbered(StationEdits.freeNumber(stage.withPieces(pieces)))
                            : there);
        }
        List<Action> actions = new ArrayList<>(stage.actions());
        part.actions().forEach(a -> actions.add(lookingAfter(stage, surface, placement, transfer.action(a))));
        List<Instruction> said = new ArrayList<>(stage.instructions());
        part.instructions().stream()
                .filter(i -> !(i instanceof Instruction.Attacks a && isSaid(stage, a.team())))
                .forEach(i -> said.add(transfer.instruction(i)));
        return new Put(
                stage.withPieces(pieces).withActions(actions).withInstructions(said),
                part.pieces().stream().map(p -> transfer.ids().get(p.id())).collect(Collectors.toSet()),
                transfer.ids());
    }

    /** Free ids for everything in the part that others can name. */
    private static Map<String, String> freshIds(FreeIds free, Part part) {
        Map<String, String> ids = new LinkedHashMap<>();
        part.pieces().forEach(p -> ids.put(p.id(), free.take(GivenIds.letters(p.id()))));
        part.actions().forEach(a -> ids.put(a.id(), free.take("a")));
        part.instructions().forEach(i -> ids.put(i.id(), free.take("i")));
        // Options are named by reads under them; a name with its read's in it is nobody else's.
        part.instructions().stream()
                .filter(Instruction.Read.class::isInstance)
                .map(Instruction.Read.class::cast)
                .forEach(read ->
                        read.options().forEach(o -> ids.putIfAbsent(o.id(), ids.get(read.id()) + "-" + o.id())));
        return ids;
    }

    /** Puts the chosen pieces, and what the people among them do, where they are seen in a mirror. */
    public static Edit<Drill> mirror(
            String rung, String name, Stage stage, Set<String> chosen, Placement placement, Surface surface) {
        Part part = part(stage, chosen);
        Transfer transfer = new Transfer(placement, Map.of(), known(surface));
        Stage mirrored = stage;
        for (Piece piece : part.pieces()) {
            mirrored = mirrored.withPiece(transfer.piece(piece, label(piece)));
        }
        for (Action action : part.actions()) {
            mirrored = mirrored.withAction(lookingAfter(stage, surface, placement, transfer.action(action)));
        }
        List<Instruction> along = new ArrayList<>(part.instructions());
        stage.instructions(Instruction.Attacks.class).stream()
                .filter(a -> isWhole(stage, a.team(), chosen))
                .forEach(along::add);
        if (stage.people().stream().allMatch(p -> chosen.contains(p.id()))) {
            along.addAll(stage.instructions(Game.GoalAt.class));
        }
        for (Instruction said : along) {
            mirrored = mirrored.saying(transfer.instruction(said));
        }
        Stage done = mirrored;
        return StageEdit.of(name, rung, s -> done);
    }

    /**
     * Where nothing tells which goal a marker looks after it is the one that the surface names, which does not change
     * ends; so the marker looks after the other.
     */
    private static Action lookingAfter(Stage stage, Surface surface, Placement placement, Action action) {
        if (!placement.turnsEnds() || !(action instanceof Shadow shadow)) {
            return action;
        }
        Ends ends = new Ends(stage, surface);
        boolean told = Stream.of(shadow.who(), shadow.whom())
                .flatMap(p -> ends.team(p).stream())
                .anyMatch(t -> ends.atStart(t).isPresent() || !ends.changes(t).isEmpty());
        return told ? action : shadow.acrossEnds();
    }

    /** Whether it is said already which end a team attacks: a copy says nothing else of it. */
    private static boolean isSaid(Stage stage, Bib team) {
        return stage.instructions(Instruction.Attacks.class).stream().anyMatch(a -> a.team() == team);
    }

    private static boolean isWhole(Stage stage, Bib team, Set<String> chosen) {
        return stage.people().stream()
                .filter(p -> p instanceof Piece.Player && p.bib() == team)
                .allMatch(p -> chosen.contains(p.id()));
    }

    /** What goes along: the chosen pieces, balls in the hands of chosen people, and what these people do. */
    private record Part(List<Piece> pieces, List<Action> actions, List<Instruction> instructions) {}

    private static Part part(Stage stage, Set<String> chosen) {
        List<Piece> pieces = stage.pieces().stream()
                .filter(p -> chosen.contains(p.id())
                        || p.heldBy().filter(chosen::contains).isPresent())
                .toList();
        List<Action> actions =
                stage.actions().stream().filter(a -> chosen.contains(a.who())).toList();
        Set<String> inside = new HashSet<>();
        pieces.forEach(p -> inside.add(p.id()));
        actions.forEach(a -> inside.add(a.id()));
        // Decisions go along with whoever decides; otherwise the copy would do everything at once.
        return new Part(
                pieces,
                actions,
                stage.instructions(Instruction.Read.class).stream()
                        .filter(r -> inside.contains(r.who())
                                && r.options().stream().allMatch(o -> inside.containsAll(o.actions())))
                        .map(Instruction.class::cast)
                        .toList());
    }

    private static Predicate<String> known(Surface surface) {
        return id -> surface.target(id).isPresent()
                || surface.zone(id).isPresent()
                || surface.line(id).isPresent();
    }

    static String label(Piece piece) {
        if (piece instanceof Piece.Person person) {
            return person.label();
        }
        if (piece instanceof Piece.Item item) {
            return item.label();
        }
        return "";
    }

    /**
     * The smallest number that nobody wears, for somebody whose number is taken; other labels stay. It is worn from now
     * on.
     */
    private static String freshLabel(Set<String> worn, Piece piece) {
        String label = label(piece);
        if (!(piece instanceof Piece.Person)) {
            return label;
        }
        if (label.matches("[0-9]+") && worn.contains(label)) {
            label = PersonEdits.freeNumber(worn);
        }
        worn.add(label);
        return label;
    }
}
