package wildchalk.handout.card;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.core.phase.Phases;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.OptionMark;
import wildchalk.core.scene.OptionMarks;
import wildchalk.core.scene.Shape;
import wildchalk.core.timeline.BeatNumbers;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Paper;
import wildchalk.handout.order.Played;
import wildchalk.handout.type.Lines;
import wildchalk.handout.type.Typeface;
import wildchalk.storage.format.DrillReader;

/** Every picture of every card that we have, at the size at which it is printed, measured in points. */
class CardPicturesTest {

    private static final double LEAST_TYPE = 6;
    /** Of a line's length, all badges together. */
    private static final double COVERED = 0.1;

    static List<Path> drills() throws IOException {
        try (Stream<Path> gallery = Files.list(Path.of("..", "storage", "src", "test", "resources", "gallery"));
                Stream<Path> demo = Files.list(Path.of("..", "demo"))) {
            return Stream.concat(gallery, demo)
                    .filter(f -> f.toString().endsWith(".drill.json"))
                    .sorted()
                    .toList();
        }
    }

    /** A picture as it is printed. */
    private record Printed(String name, Shot shot, Rectangle2D area, Diagram.Seen seen) {

        double scale() {
            return Math.sqrt(Math.abs(seen.toPage().getDeterminant()));
        }

        Vec at(Vec place) {
            double[] at = {place.x(), place.y()};
            seen.toPage().transform(at, 0, at, 0, 1);
            return new Vec(at[0], at[1]);
        }

        Rectangle2D around(Vec place, double width, double height) {
            Vec at = at(place);
            return new Rectangle2D.Double(at.x() - width / 2, at.y() - height / 2, width, height);
        }

        Board board() {
            return shot.played().board(seen.frame(), shot.phase().way());
        }
    }

    private static List<Printed> printed(Path file, Paper paper) throws Exception {
        Order order = Order.of(DrillReader.read(file)).on(paper);
        List<Facts> rungs = Facts.of(order, Played.of(order));
        Card.Made made = Card.fitting(order, rungs);
        Layout.Sheet sheet = Card.sheet(order);
        List<Printed> all = new ArrayList<>();
        for (Facts rung : rungs) {
            List<List<Shot>> rows = made.content().rows(rung.shots());
            boolean inColumn = rows.isEmpty();
            Setting setting = inColumn ? made.setting().wide(sheet.column()) : made.setting();
            List<List<Shot>> one = rung.shots().stream().map(List::of).toList();
            for (List<Shot> row : inColumn ? one : rows) {
                List<Rectangle2D> areas = new Diagram(setting, made.highest()).areas(row);
                for (int i = 0; i < row.size(); i++) {
                    Shot shot = row.get(i);
                    String name = file.getFileName() + " " + rung.rung().sign() + " "
                            + shot.phase().first();
                    all.add(new Printed(
                            name,
                            shot,
                            areas.get(i),
                            Diagram.seen(areas.get(i), shot.frame(), shot.played(), Diagram.TOKEN)));
                }
            }
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("drills")
    void whatIsWrittenHidesNothingAndIsAllThere(Path file) throws Exception {
        for (Paper paper : List.of(new Paper(Paper.Size.A4, false, false), new Paper(Paper.Size.LETTER, true, true))) {
            printed(file, paper).forEach(CardPicturesTest::check);
        }
    }

    /** Whatever is drawn on a rung is on one of its pictures, taken or not, possible or not. */
    @ParameterizedTest
    @MethodSource("drills")
    void nothingThatIsDrawnIsOnNoPicture(Path file) throws Exception {
        for (Played rung : Played.of(Order.of(DrillReader.read(file)))) {
            Set<String> shown = new HashSet<>();
            Phases.of(rung.stage(), rung.surface(), rung.timeline(), rung.script())
                    .forEach(p -> shown.addAll(p.actions()));
            assertEquals(
                    rung.stage().actions().stream().map(Action::id).collect(Collectors.toSet()), shown, rung.name());
        }
    }

    private static void check(Printed picture) {
        Board board = picture.board();
        double unit = picture.seen().frame().unit();
        double t = picture.shot().phase().t();
        Set<Shape> ground = new HashSet<>(board.ground());
        List<Shape> shapes = Diagram.shapes(
                picture.shot(), picture.seen().frame(), picture.seen().shown());
        Predicate<String> wanted = picture.shot().wanted(board, picture.seen().shown());
        List<Rectangle2D> tokens = new ArrayList<>();
        List<Vec> onTokens = new ArrayList<>();
        for (Piece.Person p : board.people()) {
            if (wanted.test(p.id())) {
                onTokens.add(board.pose(p.id(), t).at());
                tokens.add(picture.around(
                        board.pose(p.id(), t).at(), 2 * unit * picture.scale(), 2 * unit * picture.scale()));
            }
        }
        List<Shape.Label> labels = shapes.stream()
                .filter(s -> s instanceof Shape.Label && !ground.contains(s))
                .map(Shape.Label.class::cast)
                .toList();
        labels.forEach(l -> assertTrue(
                l.size() * picture.scale() >= LEAST_TYPE - 1e-6,
                picture.name() + ": " + l.text() + " is " + l.size() * picture.scale() + " pt"));
        List<Shape.Label> free = labels.stream()
                .filter(l -> onTokens.stream().noneMatch(o -> o.distance(l.at()) < 1e-9))
                .filter(l -> picture.shot().played().stage().stations().stream()
                        .noneMatch(s -> l.text().equals("" + s.number()) && l.size() > 1.3 * unit))
                .toList();
        Map<Shape.Label, Rectangle2D> boxes = new HashMap<>();
        for (Shape.Label label : free) {
            double size = label.size() * picture.scale();
            boxes.put(
                    label, picture.around(label.at(), Lines.width(label.text(), Typeface.TEXT_BOLD, size), size * 0.8));
        }
        Rectangle2D page = new Rectangle2D.Double(
                -0.01, -0.01, picture.area().getWidth() + 0.02, picture.area().getHeight() + 0.02);
        boxes.forEach((label, box) -> {
            assertTrue(page.contains(box), picture.name() + ": " + label.text() + " leaves the picture " + box);
            tokens.forEach(token ->
                    assertTrue(!token.intersects(box), picture.name() + ": " + label.text() + " hides a token"));
            boxes.forEach((other, otherBox) -> assertTrue(
                    label == other || !box.intersects(otherBox),
                    picture.name() + ": " + label.text() + " lies on " + other.text()));
        });
        covered(picture, board, shapes, ground);
        assertEquals(List.of(), missing(picture, board, wanted, labels), picture.name() + " leaves out");
    }

    /** Badges are round or as long as their words; what of each line lies under them. */
    private static void covered(Printed picture, Board board, List<Shape> shapes, Set<Shape> ground) {
        double radius = picture.seen().frame().unit() * 0.82;
        List<Vec> badges = shapes.stream()
                .filter(s -> s instanceof Shape.Label l
                        && !ground.contains(s)
                        && l.text().matches("\\d+[a-z]*|!")
                        && Math.abs(l.size() - picture.seen().frame().unit() * 1.05) < 1e-9)
                .map(s -> ((Shape.Label) s).at())
                .toList();
        for (String action : picture.shot().phase().actions()) {
            if (board.route(action).length() < 0.5 * picture.seen().frame().unit()) {
                continue;
            }
            List<Vec> line = new ArrayList<>();
            for (int i = 0; i <= 200; i++) {
                line.add(board.route(action).at(board.route(action).length() * i / 200));
            }
            long hidden = line.stream()
                    .filter(p -> badges.stream().anyMatch(b -> b.distance(p) < radius))
                    .count();
            assertTrue(
                    hidden <= COVERED * line.size(),
                    picture.name() + ": " + hidden * 100 / line.size() + " % of " + action + " is hidden");
        }
    }

    private static List<String> missing(
            Printed picture, Board board, Predicate<String> wanted, List<Shape.Label> labels) {
        Played played = picture.shot().played();
        String written = labels.stream().map(Shape.Label::text).collect(Collectors.joining(" "));
        Set<String> words = labels.stream().map(Shape.Label::text).collect(Collectors.toSet());
        List<String> missing = new ArrayList<>();
        BeatNumbers numbers =
                new BeatNumbers(played.stage(), picture.shot().phase().way());
        Map<String, OptionMark> marks = OptionMarks.of(played.stage(), played.script());
        for (Action action : played.stage().actions()) {
            if (!picture.shot().phase().actions().contains(action.id())) {
                continue;
            }
            OptionMark mark = marks.get(action.id());
            String number =
                    mark != null ? mark.number() : numbers.of(action.id()) > 0 ? "" + numbers.of(action.id()) : "";
            if (!number.isEmpty() && !words.contains(number)) {
                missing.add(number);
            }
            if (mark != null && board.isLeftOut(action.id()) && !written.contains(mark.name())) {
                missing.add(mark.name());
            }
        }
        for (Piece piece : played.stage().pieces()) {
            String said = piece instanceof Piece.Note n
                    ? n.text()
                    : piece instanceof Piece.Zone z ? z.label() : piece instanceof Piece.Item i ? i.label() : "";
            if (wanted.test(piece.id()) && !written.contains(said.strip().replaceAll("\\s+", " "))) {
                missing.add(said);
            }
            if (piece instanceof Piece.Person p
                    && wanted.test(p.id())
                    && !words.contains(p.label())
                    && !p.label().isBlank()) {
                missing.add(p.label());
            }
        }
        return missing;
    }
}
