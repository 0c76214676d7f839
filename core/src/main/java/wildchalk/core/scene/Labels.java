package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.setout.SheetWords;
import wildchalk.core.timeline.BeatNumbers;

/**
 * All that is written on a board besides what stands on tokens, each where it hides least: names, what lines of people
 * and heaps hold, notes, tapes, zones and stations, the numbers of beats, and what options are called.
 */
final class Labels {

    /** Half the side of the square that stays free for a token, in units. */
    private static final double TOKEN = 1.05;

    private static final String NAME = "name/";

    private static final double WAITING = 0.75;
    private static final double BALL = 0.5;
    private static final double HEAP = 1.15;
    private static final double GEAR = 0.85;
    private static final double STATION = 1.05;
    private static final double RIM = 0.4;
    /** Gear larger than this may be written over a little, in units. */
    private static final double LARGE = 3;

    private final Board board;
    private final double t;
    private final Predicate<String> wanted;
    private final Frame frame;
    private final double unit;
    private final Placer placer;
    private final Wishes wishes;

    private Labels(Board board, double t, Predicate<String> wanted, Box shown) {
        this.board = board;
        this.t = t;
        this.wanted = wanted;
        this.frame = board.frame();
        this.unit = frame.unit();
        this.placer = new Placer(unit, onPage(shown));
        this.wishes = new Wishes(board, onPage(shown));
    }

    /**
     * What is written, by the piece or action that it is about.
     *
     * @param t seconds after the whistle, at which people are where nothing should hide them
     * @param wanted which pieces and actions are in the picture, by id
     * @param shown the part of the surface in the picture
     */
    static Map<String, List<Shape>> of(Board board, double t, Predicate<String> wanted, Box shown) {
        Labels labels = new Labels(board, t, wanted, shown);
        labels.wishForPieces();
        labels.wishForActions();
        return labels.placed();
    }

    /** The same for the gear alone, with a number for each step of a sheet, and which end is attacked. */
    static Map<String, List<Shape>> numbered(Board board, Map<String, Integer> numbers, Box shown) {
        Labels labels = new Labels(board, -1, numbers::containsKey, shown);
        labels.wishForPieces();
        numbers.forEach((id, n) -> board.stage().piece(id).ifPresent(p -> labels.wishes.step(p, n)));
        labels.wishes.attackingEnd(SheetWords.attackingEnd());
        return labels.placed();
    }

    /** By what the name of a person is found, whose line may be called something too. */
    static String name(String person) {
        return NAME + person;
    }

    static boolean isName(String owner) {
        return owner.startsWith(NAME);
    }

    /** A place as far to the right and down as it is on the page. */
    private Vec onPage(Vec at) {
        return at.rotated(frame.turn());
    }

    private Box onPage(Box box) {
        Vec corner = onPage(new Vec(box.x(), box.y()));
        Vec other = onPage(new Vec(box.x() + box.width(), box.y() + box.height()));
        return Box.around(List.of(corner, other));
    }

    private Map<String, List<Shape>> placed() {
        keepFree();
        List<Wish> all = wishes.all();
        List<Vec> places = placer.place(all);
        Map<String, List<Shape>> shapes = new LinkedHashMap<>();
        for (int i = 0; i < all.size(); i++) {
            List<Shape> here = shapes.computeIfAbsent(all.get(i).owner(), o -> new ArrayList<>());
            here.addAll(all.get(i).shapes().apply(places.get(i).rotated(-frame.turn())));
        }
        return shapes;
    }

    /** What must stay visible. */
    private void keepFree() {
        if (t >= 0) {
            board.people().forEach(p -> free(board.pose(p.id(), t).at(), TOKEN));
            board.balls().stream()
                    .filter(b -> !board.isInHeap(b, t))
                    .forEach(b -> free(board.ballOnPicture(b.id(), t), BALL));
            board.gearInPlay().forEach(g -> free(board.gearOnPicture(g.id(), t), GEAR));
        }
        for (Piece piece : board.stage().pieces()) {
            if (!wanted.test(piece.id())) {
                continue;
            }
            if (piece instanceof Piece.LineUp lineUp) {
                queue(lineUp);
            } else if (piece instanceof Piece.Supply supply) {
                free(supply.at(), HEAP);
            } else if (piece instanceof Piece.Station station) {
                free(board.stationNumber(station), STATION);
            } else if (piece instanceof Piece.Item item) {
                gear(item);
            }
        }
        board.stage().actions().stream().filter(a -> wanted.test(a.id())).forEach(this::line);
        board.targets()
                .forEach(t -> placer.keepSeen(List.of(
                        onPage(t.at().minus(Vec.polar(t.width() / 2, t.facing() + Math.PI / 2))),
                        onPage(t.at().plus(Vec.polar(t.width() / 2, t.facing() + Math.PI / 2))))));
        if (board.stage().stations().stream().allMatch(s -> wanted.test(s.id()))) {
            board.movingOn().stream()
                    .flatMap(s -> Extent.of(List.of(s)).stream())
                    .forEach(b -> placer.keepFree(onPage(b)));
        }
    }

    private void free(Vec at, double half) {
        placer.keepFree(Box.around(onPage(at), 2 * half * unit, 2 * half * unit));
    }

    private void queue(Piece.LineUp lineUp) {
        Vec back = Vec.polar(1, lineUp.facing() + lineUp.queue().direction());
        for (int i = 0; i < lineUp.waiting(); i++) {
            free(lineUp.at().plus(back.times(lineUp.queue().away(i + 1, unit))), WAITING);
        }
    }

    private void gear(Piece.Item item) {
        double size = Math.max(item.width(), item.depth());
        if (size <= LARGE * unit) {
            free(item.at(), Math.max(GEAR, size / unit / 2));
            return;
        }
        Vec along = Vec.polar(item.width() / 2, item.facing() + Math.PI / 2);
        placer.keepSeen(List.of(onPage(item.at().minus(along)), onPage(item.at().plus(along))));
    }

    private void line(Action action) {
        List<Vec> points =
                board.route(action.id()).points().stream().map(this::onPage).toList();
        placer.keepSeen(points);
        free(board.route(action.id()).end(), RIM);
    }

    private void wishForPieces() {
        for (Piece piece : board.stage().pieces()) {
            if (wanted.test(piece.id())) {
                piece.match(wishes);
            }
        }
        if (t >= 0) {
            board.people().stream()
                    .filter(p -> wanted.test(p.id()) || NextInLine.line(p.id()).isPresent())
                    .forEach(p -> wishes.name(p, board.pose(p.id(), t)));
        }
    }

    private void wishForActions() {
        BeatNumbers numbers = new BeatNumbers(board.stage(), board.timeline());
        for (Action action : board.stage().actions()) {
            if (wanted.test(action.id())) {
                wishes.line(action, numbers.of(action.id()));
                wishes.limb(action, BodyShapes.limb(action));
            }
        }
    }

    /** A line from a label that had to go far away to what it is about. */
    static Shape leader(Vec from, Vec to, double unit, Ink ink) {
        return new Shape.Stroke(Curve.line(from, to), unit * 0.1, ink, List.of(), false);
    }
}
