package wildchalk.core.script;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/** In what way one rung is another as a whole: mirrored, turned round, moved, or with all of it a second time. */
final class Likeness {

    /** Nearer than this a piece stands where it stood, metres. */
    static final double SAME = 0.005;
    /** So many pieces that are somewhere else in one way are no accident. */
    private static final int SEVERAL = 2;
    /** So many that stand like others are a copy of those. */
    private static final int COPY = 3;

    private final Stage below;
    private final Stage here;
    private final Optional<How> whole;
    private final Optional<How> copy;

    /**
     * A way in which all of something is somewhere else.
     *
     * @param key of its words
     * @param metres how far it is moved; 0 for what is not just moved
     */
    record How(String key, double metres, UnaryOperator<Vec> places) {}

    private static final List<How> TURNS = List.of(
            new How("other-side", 0, p -> p.mirrored(false, true)),
            new How("other-end", 0, p -> p.mirrored(true, false)),
            new How("turned-round", 0, p -> p.mirrored(true, true)));

    Likeness(Stage below, Stage here) {
        this.below = below;
        this.here = here;
        this.whole = findWhole();
        this.copy = findCopy();
    }

    /** What has become of all that is on both. */
    Optional<How> whole() {
        return whole;
    }

    /** How all that is new stands to what was there; empty when it is something else than a copy. */
    Optional<How> copy() {
        return copy;
    }

    /** Ids of the pieces that are copies. */
    Set<String> copied() {
        return copy.isEmpty() ? Set.of() : fresh().map(Piece::id).collect(Collectors.toSet());
    }

    private Stream<Piece> fresh() {
        return here.pieces().stream().filter(p -> below.piece(p.id()).isEmpty() && !(p instanceof Piece.Mark));
    }

    private Optional<How> findWhole() {
        List<Piece> both = here.pieces().stream()
                .filter(p -> below.piece(p.id()).isPresent() && !(p instanceof Piece.Mark))
                .toList();
        long elsewhere =
                both.stream().filter(p -> here.place(p).distance(was(p)) > SAME).count();
        if (elsewhere < SEVERAL) {
            return Optional.empty();
        }
        Vec moved = here.place(both.get(0)).minus(was(both.get(0)));
        List<How> all = new ArrayList<>(TURNS);
        all.add(new How("moved", moved.length(), p -> p.plus(moved)));
        return all.stream()
                .filter(h -> both.stream()
                        .allMatch(p -> here.place(p).distance(h.places().apply(was(p))) < SAME))
                .findFirst();
    }

    private Vec was(Piece piece) {
        return below.place(below.piece(piece.id()).orElseThrow());
    }

    private Optional<How> findCopy() {
        List<Piece> fresh = fresh().toList();
        if (fresh.size() < COPY) {
            return Optional.empty();
        }
        List<How> all = new ArrayList<>(TURNS);
        below.pieces().stream()
                .filter(p -> isAlike(p, fresh.get(0)))
                .map(p -> here.place(fresh.get(0)).minus(below.place(p)))
                .forEach(v -> all.add(new How("beside", v.length(), p -> p.plus(v))));
        return all.stream().filter(h -> isCopy(fresh, h)).findFirst();
    }

    private boolean isCopy(List<Piece> fresh, How how) {
        Set<String> used = new HashSet<>();
        for (Piece piece : fresh) {
            Optional<Piece> original = below.pieces().stream()
                    .filter(p -> isAlike(p, piece) && !used.contains(p.id()))
                    .filter(p -> here.place(piece).distance(how.places().apply(below.place(p))) < SAME)
                    .findFirst();
            if (original.isEmpty()) {
                return false;
            }
            used.add(original.get().id());
        }
        return true;
    }

    private static boolean isAlike(Piece one, Piece other) {
        return one.getClass() == other.getClass()
                && (!(one instanceof Piece.Item i) || i.kind() == ((Piece.Item) other).kind());
    }
}
