package wildchalk.handout.page;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.geom.AffineTransform;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.effort.Dose;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Posture;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.scene.AnswerShapes;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Shape;
import wildchalk.core.scene.Token;
import wildchalk.core.script.ReadWords;
import wildchalk.core.script.Script;
import wildchalk.core.script.SecondPerson;
import wildchalk.core.show.Stop;
import wildchalk.core.show.Subtitles;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.RepsPlayed;
import wildchalk.handout.paint.SvgBrush;

/** A rung as the page wants it: every way through, with its lines, its runs and its words. */
final class RungData {

    /** Of the ways through a rung a page holds no more than this. */
    static final int MOST_WAYS = 24;

    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    private final Played rung;
    private final Pool pool;
    private final SvgBrush.Inks inks;
    private final AffineTransform toPage;
    private final Frame frame;
    /** What is told to somebody in place of a line, by both; of all rungs of a page. */
    private final Map<String, String> known;

    private final Tracks runs;
    private final List<Way> worked;

    RungData(Played rung, Pool pool, SvgBrush.Inks inks, AffineTransform toPage, Frame frame, Told told) {
        this.known = told.words();
        this.runs = told.runs();
        this.rung = rung;
        this.pool = pool;
        this.inks = inks;
        this.toPage = toPage;
        this.frame = frame;
        this.worked = ways();
    }

    /**
     * What the rungs of a page have in common.
     *
     * @param words what is told to somebody in place of a line, by both
     */
    record Told(Map<String, String> words, Tracks runs) {}

    ObjectNode data() {
        ObjectNode data = MAKE.objectNode();
        Board board = rung.board(frame);
        data.put("id", rung.rung().id());
        data.put("name", rung.name());
        data.put("length", rung.rung().plan().dose().map(Dose::words).orElse(""));
        data.put("climb", rung.rung().plan().climb());
        data.put("ground", pool.of(svg(board.ground())));
        ArrayNode limits = data.putArray("limits");
        rung.script().limits().forEach(l -> limits.add(pool.of(l.text())));
        rung.turns().forEach(w -> limits.add(pool.of(w)));
        people(data.putArray("people"), board);
        gear(data.putArray("gear"), board);
        reads(data.putArray("reads"));
        ArrayNode freezes = data.putArray("freezes");
        for (Freeze freeze : rung.stage().instructions(Freeze.class)) {
            freezes.addObject()
                    .put("id", freeze.id())
                    .put("question", freeze.question())
                    .put("answer", freeze.answer());
        }
        RepsPlayed.of(rung, RepsData.REPS, frame.unit()).ifPresent(r -> data.set("reps", new RepsData(this, r).data()));
        ArrayNode ways = data.putArray("ways");
        worked.forEach(w -> ways.add(way(w)));
        return data;
    }

    /** The way that was chosen, then the others, each with its board; worked out side by side. */
    private List<Way> ways() {
        Choices first = settled(rung);
        List<Choices> others =
                Reads.ways(rung.stage()).stream().limit(MOST_WAYS).toList();
        Stream<Played> all = Stream.concat(
                Stream.of(rung),
                others.parallelStream().map(rung::going).filter(p -> !settled(p).equals(first)));
        return all.toList().parallelStream()
                .map(p -> new Way(p, p.board(frame).prepared(), told(p)))
                .toList();
    }

    /**
     * A way worked out.
     *
     * @param told by the id of each person what they are told of each line, empty where it is not about them
     */
    private record Way(Played played, Board board, Map<String, List<String>> told) {}

    private Map<String, List<String>> told(Played way) {
        Map<String, List<String>> told = new LinkedHashMap<>();
        way.stage().people().forEach(p -> told.put(p.id(), told(p, way)));
        return told;
    }

    private static Choices settled(Played played) {
        return played.timeline().settled(played.choices());
    }

    private void people(ArrayNode people, Board board) {
        for (Piece.Person person : board.people()) {
            // Whoever comes to the front of a line has no name by which they could be followed.
            boolean named = rung.stage().person(person.id()).isPresent();
            ObjectNode node = people.addObject()
                    .put("id", person.id())
                    .put("label", person.label())
                    .put("name", named ? PieceWords.among(rung.stage(), person) : "");
            node.put("turning", pool.of(local(board.token(person).turning(), Vec.ZERO)));
            node.put("upright", pool.of(local(board.token(person).upright(), Vec.ZERO)));
            for (Posture posture : List.of(Posture.LYING, Posture.KNEELING)) {
                node.put(low(posture), pool.of(local(board.low(person, posture), Vec.ZERO)));
            }
        }
    }

    private static String low(Posture posture) {
        return posture.name().toLowerCase(Locale.ROOT);
    }

    /** From when on who is how low; only those who are ever down. */
    private static void lows(ObjectNode node, Played way, Board board) {
        ObjectNode lows = node.putObject("low");
        for (Piece.Person person : board.people()) {
            Map<Double, Posture> postures = way.timeline().postures(person.id());
            if (!postures.isEmpty()) {
                ArrayNode own = lows.putArray(person.id());
                postures.forEach((t, posture) -> own.addArray()
                        .add(Double.isFinite(t) ? hundredths(t) : -1)
                        .add(low(posture)));
            }
        }
    }

    /** Gear that is put down or picked up, drawn round the origin. */
    private void gear(ArrayNode gear, Board board) {
        board.gearInPlay().forEach(g -> gear.addObject()
                .put("id", g.id())
                .put("picture", pool.of(local(board.gear(g, 0, Set.of()), board.gearOnPicture(g.id(), 0)))));
    }

    private void reads(ArrayNode reads) {
        for (Read read : Reads.of(rung.stage())) {
            ObjectNode node = reads.addObject()
                    .put("id", read.id())
                    .put("who", ReadWords.decider(rung.stage(), read).orElse(""))
                    .put("worked", read.rule().isPresent());
            ArrayNode options = node.putArray("options");
            for (Option option : read.options()) {
                options.addObject()
                        .put("id", option.id())
                        .put(
                                "words",
                                ReadWords.option(rung.stage(), read, option).orElse("nothing drawn"))
                        .put("reason", option.reason());
            }
        }
    }

    private ObjectNode way(Way worked) {
        ObjectNode node = MAKE.objectNode();
        Played way = worked.played();
        Board board = worked.board();
        double duration = way.timeline().duration();
        ObjectNode taken = node.putObject("taken");
        Choices settled = settled(way);
        Reads.of(way.stage())
                .forEach(r -> Reads.taken(way.stage(), settled, r).ifPresent(o -> taken.put(r.id(), o.id())));
        node.put("duration", Math.round(duration * 100) / 100.0);
        chalk(node, way, board);
        lows(node, way, board);
        ObjectNode tracks = node.putObject("tracks");
        board.people().forEach(p -> tracks.put(p.id(), runs.of(p.id(), duration, t -> pose(board.pose(p.id(), t)))));
        board.gearInPlay()
                .forEach(
                        g -> tracks.put(g.id(), runs.of(g.id(), duration, t -> place(board.gearOnPicture(g.id(), t)))));
        ArrayNode balls = node.putArray("balls");
        for (Piece.Ball ball : board.balls()) {
            tracks.put(ball.id(), runs.of(ball.id(), duration, t -> place(board.ballOnPicture(ball.id(), t))));
            boolean fromHeap = way.stage().piece(ball.id()).isEmpty();
            double from = fromHeap ? way.timeline().inPlayFrom(ball.id()) : -1;
            // Whatever the moment, so long as it is in play.
            double seen = Math.max(0, from) + (fromHeap ? 0.01 : 0);
            balls.addObject()
                    .put("id", ball.id())
                    .put("from", from)
                    .put(
                            "picture",
                            pool.of(local(board.ball(ball, seen, Set.of()), board.ballOnPicture(ball.id(), seen))));
        }
        lines(node, worked);
        stops(node, way, board, settled);
        return node;
    }

    /** What stands still, action by action, and what shines under each while it is under way. */
    private void chalk(ObjectNode node, Played way, Board board) {
        Set<String> actions = way.stage().actions().stream().map(Action::id).collect(Collectors.toSet());
        node.put("still", pool.of(svg(board.chalk(Set.of(), id -> !actions.contains(id)))));
        ArrayNode drawn = node.putArray("actions");
        for (Action action : way.stage().actions()) {
            ObjectNode one = drawn.addObject().put("id", action.id()).put("who", action.who());
            one.put("line", pool.of(svg(board.chalk(Set.of(), action.id()::equals))));
            one.put("glow", pool.of(svg(board.glow(Set.of(action.id())))));
            way.timeline().times(action.id()).ifPresent(x -> one.put("start", hundredths(x.start()))
                    .put("over", hundredths(x.over())));
        }
    }

    private static double hundredths(double t) {
        return Math.round(t * 100) / 100.0;
    }

    /** The words of the rep, and what each of those in it is told. */
    private void lines(ObjectNode node, Way worked) {
        Played way = worked.played();
        ArrayNode lines = node.putArray("lines");
        List<Script.Line> script = way.script().lines();
        for (Script.Line line : script) {
            ObjectNode one = lines.addObject()
                    .put("n", line.number())
                    .put("mark", line.mark())
                    .put("t", hundredths(line.t()))
                    .put("depth", line.depth())
                    .put("heading", line.heading())
                    .put("text", pool.of(Subtitles.words(line, way.stage())));
            if (!line.isTaken()) {
                ArrayNode does = one.putArray("does");
                line.does().stream()
                        .filter(a -> way.stage().action(a).isPresent())
                        .forEach(does::add);
            }
        }
        ObjectNode told = node.putObject("told");
        worked.told().forEach((person, own) -> {
            ObjectNode words = MAKE.objectNode();
            for (int i = 0; i < own.size(); i++) {
                if (!own.get(i).isEmpty()) {
                    words.put(Integer.toString(i), pool.of(own.get(i)));
                }
            }
            told.set(person, words);
        });
    }

    /** What somebody is told of each line, empty where it is not about them. The same line is always told the same. */
    private List<String> told(Piece.Person person, Played way) {
        List<Script.Line> script = way.script().lines();
        List<String> about = script.stream()
                .map(l -> SecondPerson.isAbout(l, way.stage(), person.id()) ? person.id() + "/" + l.text() : "")
                .toList();
        if (about.stream().anyMatch(k -> !k.isEmpty() && !known.containsKey(k))) {
            List<Script.Line> own = SecondPerson.write(
                            way.stage(),
                            way.timeline(),
                            way.surface(),
                            way.units().unit(),
                            person.id())
                    .lines();
            for (int i = 0; i < own.size(); i++) {
                if (!about.get(i).isEmpty()) {
                    known.put(about.get(i), Subtitles.words(own.get(i), way.stage()));
                }
            }
        }
        return about.stream().map(k -> known.getOrDefault(k, "")).toList();
    }

    private void stops(ObjectNode node, Played way, Board board, Choices settled) {
        ArrayNode stops = node.putArray("stops");
        for (Stop stop : Stop.of(way.stage(), way.timeline(), settled)) {
            if (stop.kind() != Stop.Kind.QUESTION) {
                continue;
            }
            Freeze freeze = way.stage().instructions(Freeze.class).stream()
                    .filter(f -> f.id().equals(stop.about()))
                    .findFirst()
                    .orElseThrow();
            stops.addObject()
                    .put("t", hundredths(stop.t()))
                    .put("about", stop.about())
                    .put("asked", pool.of(svg(frozen(way, board, freeze, false))))
                    .put("answered", pool.of(svg(frozen(way, board, freeze, true))));
        }
    }

    private static List<Shape> frozen(Played way, Board board, Freeze freeze, boolean answered) {
        return AnswerShapes.frozen(
                board,
                freeze,
                way.stage(),
                way.timeline(),
                way.surface(),
                way.units().unit(),
                answered);
    }

    /** What stands still without lines and those who wait, in the pool. */
    int withoutLines() {
        return pool.of(svg(board().chalk(Set.of(), id -> rung.stage()
                .piece(id)
                .filter(p -> !(p instanceof Piece.LineUp))
                .isPresent())));
    }

    private Board board() {
        return worked.get(0).board();
    }

    int track(String id, double duration, DoubleFunction<double[]> at) {
        return runs.of(id, duration, at);
    }

    Token token(Piece.Person who) {
        return board().tokenOf(who);
    }

    /** Shapes round the origin, in the pool. */
    int local(List<Shape> shapes) {
        return pool.of(local(shapes, Vec.ZERO));
    }

    int ball() {
        return local(board().ballAt(Vec.ZERO));
    }

    double unit() {
        return frame.unit();
    }

    double[] place(Vec at) {
        double[] p = {at.x(), at.y()};
        toPage.transform(p, 0, p, 0, 1);
        return p;
    }

    double[] pose(Pose pose) {
        double[] p = place(pose.at());
        return new double[] {p[0], p[1], Math.toDegrees(pose.facing() + frame.turn())};
    }

    private String svg(List<Shape> shapes) {
        StringBuilder out = new StringBuilder();
        new SvgBrush(out, toPage, inks, 1).paint(shapes);
        return out.toString();
    }

    /** Shapes as large as on the page, with {@code middle} at the origin, and not turned with the surface. */
    private String local(List<Shape> shapes, Vec middle) {
        double scale = Math.sqrt(Math.abs(toPage.getDeterminant()));
        AffineTransform toOrigin = AffineTransform.getScaleInstance(scale, scale);
        toOrigin.translate(-middle.x(), -middle.y());
        StringBuilder out = new StringBuilder();
        new SvgBrush(out, toOrigin, inks, 1).paint(shapes);
        return out.toString();
    }
}
