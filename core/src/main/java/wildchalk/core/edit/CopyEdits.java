package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
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
        Map<String, String> ids = new LinkedHashMap<>();
        Stage growing = stage;
        List<Piece> pieces = new ArrayList<>();
        for (Piece piece : part.pieces()) {
            String id = growing.freeId(piece.id().replaceAll("[0-9]+$", ""));
            ids.put(piece.id(), id);
            pieces.add(piece);
            growing = growing.withPiece(new Piece.Note(id, piece.at(), ""));
        }
        for (Action action : part.actions()) {
            String id = growing.freeId("a");
            ids.put(action.id(), id);
            growing = growing.withAction(new Action.Blow(id, "", action.cue()));
        }
        Transfer transfer = new Transfer(placement, ids, known(surface));
        Stage labelled = stage;
        for (Piece piece : pieces) {
            labelled = labelled.withPiece(transfer.piece(piece, freshLabel(labelled, piece)));
        }
        for (Action action : part.actions()) {
            labelled = labelled.withAction(transfer.action(action));
        }
        Stage copied = labelled;
        Set<String> made = new HashSet<>();
        pieces.forEach(p -> made.add(ids.get(p.id())));
        return new Copy(Edit.ofStage(name, rung, s -> copied), Set.copyOf(made));
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

    /** The smallest number that nobody wears, for somebody with a number; other labels stay. */
    private static String freshLabel(Stage stage, Piece piece) {
        String label = label(piece);
        if (!(piece instanceof Piece.Person) || !label.matches("[0-9]+")) {
            return label;
        }
        Map<String, Integer> worn = new HashMap<>();
        stage.people().forEach(p -> worn.merge(p.label(), 1, Integer::sum));
        int n = 1;
        while (worn.containsKey(Integer.toString(n))) {
            n++;
        }
        return Integer.toString(n);
    }
}
