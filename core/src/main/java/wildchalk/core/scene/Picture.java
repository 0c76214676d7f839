package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.geometry.Box;
import wildchalk.core.setout.Sheet;

/** A picture to be printed: one moment, with what is wanted of a board and everything written where it hides least. */
public final class Picture {

    private Picture() {}

    /**
     * Everybody as they are at a moment, and what is wanted of the rest.
     *
     * @param t seconds after the whistle; 0 for the beginning
     * @param wanted which pieces and actions are in the picture, by id
     * @param shown the part of the surface in the picture, metres
     */
    public static List<Shape> of(Board board, double t, Predicate<String> wanted, Box shown) {
        List<Shape> shapes = new ArrayList<>(board.ground());
        shapes.addAll(board.unwritten(wanted));
        board.people().stream()
                .filter(p -> wanted.test(p.id())
                        || NextInLine.line(p.id()).filter(wanted).isPresent())
                .forEach(p -> shapes.addAll(board.nameless(p, t)));
        board.gearInPlay().stream()
                .filter(g -> wanted.test(g.id()))
                .forEach(g -> shapes.addAll(board.gear(g, t, Set.of())));
        board.balls().stream()
                .filter(b -> wanted.test(b.id()) || board.stage().piece(b.id()).isEmpty())
                .filter(b -> shown.contains(board.ballOnPicture(b.id(), t)))
                .forEach(b -> shapes.addAll(board.ball(b, t, Set.of())));
        Labels.of(board, t, wanted, shown).values().forEach(shapes::addAll);
        return shapes;
    }

    /**
     * The gear alone, with the numbers of a sheet and the way from one piece to the next.
     *
     * @param shown the part of the surface in the picture, metres
     */
    public static List<Shape> setOut(Board board, Sheet sheet, Box shown) {
        Map<String, Integer> numbers =
                sheet.steps().stream().collect(Collectors.toMap(s -> s.piece().id(), Sheet.Step::n));
        List<Shape> shapes = new ArrayList<>(board.ground());
        shapes.addAll(board.unwritten(numbers::containsKey));
        shapes.addAll(SetOutShapes.walk(sheet, board.frame()));
        Labels.numbered(board, numbers, shown).values().forEach(shapes::addAll);
        return shapes;
    }
}
