package wildchalk.core.beginning;

import java.util.List;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.pattern.Pattern;
import wildchalk.core.pattern.PatternKind;
import wildchalk.core.wording.Wordbook;

/** A figure of cones and nothing else to begin with. */
public final class ConesSetDown {

    /**
     * A figure is this share of what is shown, and no longer than this many metres; assumed: what a coach paces out for
     * a group.
     */
    private static final double SHARE = 0.4;

    private static final double LONGEST = 12;

    private static final Wordbook BOOK = Wordbook.beside(Beginning.class, "Beginning");

    private ConesSetDown() {}

    /** What it is called, and so what the drill is called until somebody says otherwise. */
    public static String title(PatternKind kind) {
        return BOOK.say("cones", kind.title());
    }

    /** An empty drill with a figure of cones in the middle of what is shown. */
    public static Drill with(PatternKind kind, Drill empty) {
        String rung = empty.ladder().get(0).id();
        Box view = empty.showing().box(empty.surface());
        double half = Math.min(LONGEST, SHARE * Math.min(view.width(), view.height())) / 2;
        Vec middle = view.centre();
        // A circle and a star are drawn from the middle outwards, all others from end to end.
        boolean round = kind == PatternKind.CIRCLE || kind == PatternKind.STAR;
        Vec across = kind == PatternKind.BOX || kind == PatternKind.GRID ? new Vec(half, half) : new Vec(half, 0);
        GearKind cone = GearKind.CONE;
        Piece.Item sample = new Piece.Item("c", Vec.ZERO, cone, 0, cone.colour(), "", cone.width(), cone.depth());
        List<Piece> pieces = Pattern.of(kind, round ? middle : middle.minus(across), middle.plus(across))
                .pieces(new FreeIds(empty), sample);
        return PieceEdits.placeAll(rung, "cones", pieces).apply(empty).withTitle(title(kind));
    }
}
