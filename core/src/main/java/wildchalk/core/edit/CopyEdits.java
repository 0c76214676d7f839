package wildchalk.core.edit;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.surface.Surface;

/** Edits that put a part of a stage somewhere else, or once more: copies and mirrors, with what happens in them. */
public final class CopyEdits {

    private CopyEdits() {
    }

    /**
     * An edit that makes a copy.
     *
     * @param ids of the pieces that it makes
     */
    public record Copy(Edit edit, Set<String> ids) {
    }

    /**
     * Puts the chosen pieces there once more, and what the people among them do. Cues inside the copy are about the copy;
     * people get numbers that nobody wears yet.
     */
    public static Copy copy(String rung, String name, Stage stage, Set<String> chosen, Placement placement, Surface surface) {
        Part part = part(stage, chosen);
        return put(rung, name, stage, part.pieces(), part.actions(), placement, surface);
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
    public static Copy paste(String rung, Stage stage, Stage part, Placement placement, Surface surface) {
        return put(rung, "Paste", stage, part.pieces(), part.actions(), placement, surface);
    }

    private static Copy put(String rung, String name, Stage stage, List<Piece> pieces, List<Action> actions,
                            Placement placement, Surface surface) {
        Map<String, String> ids = new LinkedHashMap<>();
        Stage growing = stage;
        for (Piece piece : pieces) {
            String id = growing.freeId(piece.id().replaceAll("[0-9]+$", ""));
            ids.put(piece.id(), id);
            growing = growing.withPiece(new Piece.Note(id, piece.at(), ""));
        }
        for (Action action : actions) {
            String id = growing.freeId("a");
            ids.put(action.id(), id);
            growing = growing.withAction(new Action.Blow(id, "", action.cue()));
        }
        Transfer transfer = new Transfer(placement, ids, known(surface));
        Stage put = stage;
        for (Piece piece : pieces) {
            put = put.withPiece(transfer.piece(piece, freshLabel(put, piece)));
        }
        for (Action action : actions) {
            put = put.withAction(transfer.action(action));
        }
        Stage done = put;
        return new Copy(Edit.ofStage(name, rung, s -> done), pieces.stream().map(p -> ids.get(p.id()))
                .collect(Collectors.toSet()));
    }

    /** Puts the chosen pieces, and what the people among them do, where they are seen in a mirror. */
    public static Edit mirror(String rung, String name, Stage stage, Set<String> chosen, Placement placement,
                              Surface surface) {
        Part part = part(stage, chosen);
        Transfer transfer = new Transfer(placement, Map.of(), known(surface));
        Stage mirrored = stage;
        for (Piece piece : part.pieces()) {
            mirrored = mirrored.withPiece(transfer.piece(piece, label(piece)));
        }
        for (Action action : part.actions()) {
            mirrored = mirrored.withAction(transfer.action(action));
        }
        Stage done = mirrored;
        return Edit.ofStage(name, rung, s -> done);
    }

    /** What goes along: the chosen pieces, balls in the hands of chosen people, and what these people do. */
    private record Part(List<Piece> pieces, List<Action> actions) {
    }

    private static Part part(Stage stage, Set<String> chosen) {
        List<Piece> pieces = stage.pieces().stream().filter(p -> chosen.contains(p.id())
                || p instanceof Piece.Ball b && b.heldBy().filter(chosen::contains).isPresent()).toList();
        List<Action> actions = stage.actions().stream().filter(a -> chosen.contains(a.who())).toList();
        return new Part(pieces, actions);
    }

    private static Predicate<String> known(Surface surface) {
        return id -> surface.target(id).isPresent() || surface.zone(id).isPresent() || surface.line(id).isPresent();
    }

    private static String label(Piece piece) {
        return piece instanceof Piece.Person person ? person.label() : piece instanceof Piece.Item item ? item.label() : "";
    }

    /** The smallest number that nobody wears, for somebody whose number is taken; other labels stay. */
    private static String freshLabel(Stage stage, Piece piece) {
        String label = label(piece);
        Set<String> worn = stage.people().stream().map(Piece.Person::label).collect(Collectors.toSet());
        if (!(piece instanceof Piece.Person) || !label.matches("[0-9]+") || !worn.contains(label)) {
            return label;
        }
        int n = 1;
        while (worn.contains(Integer.toString(n))) {
            n++;
        }
        return Integer.toString(n);
    }
}
