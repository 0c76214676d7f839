package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PieceCases;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;

/** What wants to be written on a board, and where each of it could be. */
final class Wishes implements PieceCases.Families<Void> {

    private static final double[] ALONG = {0.5, 0.4, 0.6, 0.3, 0.7, 0.22, 0.78, 0.15, 0.85};
    /** How far from the line a number may stand, in units; nearer is better. */
    private static final double[] BESIDE = {1.3, 1.7, 2.4, 3.1};

    /** So far along is near the beginning of a line, in units. */
    private static final double BEGINNING = 2;

    private static final double BADGE = 0.82;
    private static final double NUMBER = 1.05;
    /** From the middle of a token to a name beside it, in units. */
    private static final double OFF = 1.2;
    /** A label that stands farther from what it is about has a line to it, in units. */
    private static final double FAR = 3.6;
    /** Height of a line of type, with what is between two, as a share of its size. */
    private static final double LINE = 1.15;

    private static final double HALF_HEIGHT = 0.52;
    /** Words wider than this share of the picture are written in several lines. */
    private static final double WIDE = 0.4;

    private final Board board;
    private final Frame frame;
    private final double unit;
    private final Box page;
    private final List<Wish> all = new ArrayList<>();

    /** @param page what is in the picture, on the page */
    Wishes(Board board, Box page) {
        this.board = board;
        this.frame = board.frame();
        this.unit = frame.unit();
        this.page = page;
    }

    List<Wish> all() {
        return all;
    }

    private Vec onPage(Vec at) {
        return at.rotated(frame.turn());
    }

    // What pieces are called.

    @Override
    public Void person(Piece.Person person) {
        return null;
    }

    @Override
    public Void lineUp(Piece.LineUp lineUp) {
        if (!lineUp.name().isBlank()) {
            Vec back = Vec.polar(1, lineUp.facing() + lineUp.queue().direction());
            Text text = text(List.of(Tokens.queueWords(lineUp)), unit * 1.15, Ink.lineOf(lineUp.bib()));
            List<Vec> places = new ArrayList<>();
            for (double share : new double[] {0.5, 1, 0}) {
                int i = (int) Math.round(share * Math.max(1, lineUp.waiting()));
                double away = lineUp.waiting() == 0 ? 0 : lineUp.queue().away(i, unit);
                places.addAll(round(onPage(lineUp.at().plus(back.times(away))), text.half(), OFF));
            }
            add(lineUp.id(), text, onPage(lineUp.at()), places);
        }
        return null;
    }

    @Override
    public Void item(Piece.Item item) {
        if (!item.label().isBlank()) {
            double half = item.kind().isRound() ? 0.9 : 0.6 + Math.min(item.depth(), item.width()) / 2 / unit;
            near(item.id(), item.label(), unit * 0.95, item.at(), half);
        }
        return null;
    }

    @Override
    public Void supply(Piece.Supply supply) {
        near(supply.id(), "× " + supply.count(), unit * 0.95, supply.at(), OFF);
        return null;
    }

    @Override
    public Void ball(Piece.Ball ball) {
        return null;
    }

    @Override
    public Void note(Piece.Note note) {
        Text text = wrapped(note.text(), unit * 1.2, Ink.NOTE);
        List<Vec> places = new ArrayList<>(List.of(onPage(note.at())));
        for (double away : new double[] {0.6, 1.4, 2.4}) {
            places.addAll(round(onPage(note.at()), text.half().times(0.5), away));
        }
        add(note.id(), text, onPage(note.at()), places);
        return null;
    }

    @Override
    public Void tape(Piece.Tape tape) {
        String words = MarkShapes.words(tape, board.units());
        if (!words.isBlank()) {
            Vec middle = onPage(MarkShapes.middle(tape));
            Text text = text(List.of(words), unit * 1.1, Ink.NOTE);
            List<Vec> places = new ArrayList<>(round(middle, text.half(), 0.5));
            places.addAll(round(middle, text.half(), 1.6));
            add(tape.id(), text, middle, places);
        }
        return null;
    }

    @Override
    public Void area(Piece.Area area) {
        if (area instanceof Piece.Zone zone && !zone.label().isBlank()) {
            Text text = wrapped(zone.label(), unit * 1.1, Ink.of(zone.colour()));
            add(zone.id(), text, onPage(area.at()), inCorners(area, text.half()));
        }
        if (area instanceof Piece.Station station) {
            String words = AreaShapes.words(station);
            if (!words.isEmpty()) {
                Text text = wrapped(words, unit * 1.1, Ink.CHALK);
                Vec at = onPage(board.stationNumber(station));
                Vec right = at.plus(new Vec(unit * 1.5 + text.half().x(), 0));
                Vec under = at.plus(
                        new Vec(text.half().x() - unit, unit * 1.2 + text.half().y()));
                List<Vec> places = new ArrayList<>(List.of(right, under, under.plus(new Vec(0, unit))));
                places.addAll(round(at, text.half(), OFF));
                places.addAll(inCorners(area, text.half()));
                add(station.id(), text, at, places);
            }
        }
        return null;
    }

    /** Who has a name that is longer than a token is wide. */
    void name(Piece.Person person, Pose pose) {
        if (person.label().length() > Tokens.ON_TOKEN) {
            near(Labels.name(person.id()), person.label(), unit, pose.at(), OFF);
        }
    }

    /** The number of a step of a set-out sheet. */
    void step(Piece piece, int number) {
        Vec at = onPage(piece.at());
        Vec half = new Vec(unit * 0.74, unit * 0.74);
        Text text = new Text(
                half,
                middle -> List.of(
                        new Shape.Fill(Curve.circle(middle, unit * 0.72), Ink.BADGE, false),
                        new Shape.Label(middle, Integer.toString(number), unit * 0.95, Ink.BADGE_TEXT)));
        List<Vec> places = new ArrayList<>();
        for (double off : new double[] {0.9, 1.3, 1.8}) {
            places.addAll(round(at, half, off));
        }
        add(piece.id(), text, at, places);
    }

    /** Which end is attacked, at that edge of the picture, with an arrow out of it. */
    void attackingEnd(String words) {
        Vec way = onPage(new Vec(1, 0));
        double size = unit * 1.1;
        double type = TypeWidth.of(words) * size / 2;
        Vec half = new Vec(type + unit, size * 0.6);
        Text text = new Text(half, middle -> {
            Vec tip = middle.plus(frame.onPage(type + unit * 0.2, 0));
            Vec start = tip.plus(frame.onPage(unit * 0.35, 0)).minus(new Vec(unit * 0.5, 0));
            return List.of(
                    new Shape.Label(middle.plus(frame.onPage(-unit * 0.5, 0)), words, size, Ink.NOTE),
                    new Shape.Stroke(
                            Curve.line(start, start.plus(new Vec(unit, 0))), unit * 0.2, Ink.NOTE, List.of(), false),
                    new Shape.Stroke(
                            Lines.arrow(start.plus(new Vec(unit, 0)), 0, unit * 0.6),
                            unit * 0.2,
                            Ink.NOTE,
                            List.of(),
                            false));
        });
        Vec reach = new Vec(page.width() / 2 - half.x() - unit * 0.4, page.height() / 2 - half.y() - unit * 0.4);
        List<Vec> places = new ArrayList<>();
        for (double along : new double[] {0, -0.5, 0.5, -0.9, 0.9}) {
            Vec out = new Vec(way.x() * reach.x(), way.y() * reach.y());
            Vec aside = new Vec(way.y() * reach.x() * along, way.x() * reach.y() * along);
            places.add(page.centre().plus(out).plus(aside));
        }
        add("end", text, places.get(0), places);
    }

    // What is written beside lines.

    /** @param number of its beat; 0 where it does not happen on this way */
    void line(Action action, int number) {
        Route route = board.route(action.id());
        Optional<OptionMark> mark = board.option(action.id());
        if (board.aids().numbers() && mark.isPresent() && board.isLeftOut(action.id())) {
            badge(
                    action,
                    route,
                    mark.get().number(),
                    Ink.BOARD,
                    Ink.option(mark.get().tone()),
                    true);
            if (!mark.get().name().isBlank()) {
                named(action, route, mark.get());
            }
        } else if (board.aids().numbers() && mark.isPresent()) {
            badge(action, route, mark.get().number(), Ink.BADGE, Ink.BADGE_TEXT, false);
        } else if (board.aids().numbers() && number > 0) {
            badge(action, route, Integer.toString(number), Ink.BADGE, Ink.BADGE_TEXT, false);
        }
        if (board.isWrong(action.id())) {
            badge(action, route, "!", Ink.SIGNAL, Ink.ON_SIGNAL, false);
        }
    }

    private void badge(Action action, Route route, String words, Ink ground, Ink letters, boolean rimmed) {
        double wide = Math.max(unit * BADGE, (TypeWidth.of(words) * NUMBER / 2 + 0.3) * unit);
        Vec half = new Vec(wide, unit * BADGE);
        List<Vec> places = new ArrayList<>();
        for (double offset : BESIDE) {
            for (double along : ALONG) {
                double s = route.length() * along;
                Vec aside = Vec.polar(1, route.heading(s) + Math.PI / 2).rotated(frame.turn());
                // A broad badge stands farther off beside a line that goes up the page.
                double by = unit * offset + Math.abs(aside.x()) * (wide - unit * BADGE);
                places.add(onPage(route.at(s)).plus(aside.times(-by)));
                places.add(onPage(route.at(s)).plus(aside.times(by)));
            }
        }
        Vec middle = onPage(route.at(route.length() / 2));
        add(
                action.id(),
                new Text(half, at -> {
                    List<Shape> shapes = new ArrayList<>();
                    Vec near = nearest(route, at);
                    if (near.distance(at) > FAR * unit) {
                        shapes.add(Labels.leader(at, near, unit, rimmed ? letters : ground));
                    }
                    Curve pill = pill(at, wide);
                    shapes.add(new Shape.Fill(pill, ground, false));
                    if (rimmed) {
                        shapes.add(new Shape.Stroke(pill, unit * 0.12, letters, List.of(), false));
                    }
                    shapes.add(new Shape.Label(at, words, unit * NUMBER, letters));
                    return shapes;
                }),
                middle,
                places);
    }

    private static Vec nearest(Route route, Vec at) {
        Vec best = route.start();
        for (int i = 0; i <= 40; i++) {
            Vec p = route.at(route.length() * i / 40);
            best = p.distance(at) < best.distance(at) ? p : best;
        }
        return best;
    }

    /** As wide as its words need, with round ends. */
    private Curve pill(Vec middle, double halfWidth) {
        double r = unit * BADGE;
        double in = halfWidth - r;
        if (in < 1e-9) {
            return Curve.circle(middle, r);
        }
        Vec right = frame.onPage(in, 0);
        double turn = -frame.turn();
        return new Curve.Builder()
                .arc(middle.plus(right), r, turn - Math.PI / 2, Math.PI)
                .arc(middle.minus(right), r, turn + Math.PI / 2, Math.PI)
                .close()
                .build();
    }

    private void named(Action action, Route route, OptionMark mark) {
        Text text = wrapped(mark.name(), unit, Ink.option(mark.tone()));
        Vec end = onPage(route.end());
        List<Vec> places = new ArrayList<>();
        for (double off : new double[] {0.6, 1.2, 2}) {
            places.addAll(round(end, text.half(), off));
        }
        add(action.id(), text, end, places);
    }

    // How words are set.

    /** Words, with half their width and height, and how they are painted when their middle is there. */
    private record Text(Vec half, Function<Vec, List<Shape>> shapes) {}

    private Text text(List<String> lines, double size, Ink ink) {
        double wide = lines.stream().mapToDouble(TypeWidth::of).max().orElse(0) * size;
        double high = size * (LINE * (lines.size() - 1) + 2 * HALF_HEIGHT);
        return new Text(new Vec(wide / 2, high / 2), middle -> {
            List<Shape> shapes = new ArrayList<>();
            for (int i = 0; i < lines.size(); i++) {
                double down = size * LINE * (i - (lines.size() - 1) / 2.0);
                shapes.add(new Shape.Label(middle.plus(frame.onPage(0, down)), lines.get(i), size, ink));
            }
            return shapes;
        });
    }

    private Text wrapped(String words, double size, Ink ink) {
        double most = Math.max(page.width() * WIDE, size * 8) / size;
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.strip().split("\\s+")) {
            if (!line.isEmpty() && TypeWidth.of(line + " " + word) > most) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return text(lines, size, ink);
    }

    /** With which hand or foot something is done: small, near the beginning of a line that has room for it. */
    void limb(Action action, String letter) {
        Route route = board.route(action.id());
        if (!letter.isEmpty() && route.length() > 2 * BEGINNING * unit) {
            near(action.id(), letter, unit * 0.85, route.at(BEGINNING * unit), 0.5);
        }
    }

    private void near(String owner, String words, double size, Vec at, double off) {
        Text text = text(List.of(words), size, Ink.CHALK);
        List<Vec> places = new ArrayList<>(round(onPage(at), text.half(), off));
        places.addAll(round(onPage(at), text.half(), off + 0.5));
        add(owner, text, onPage(at), places);
    }

    /** Beside a place, under it first. */
    private List<Vec> round(Vec at, Vec half, double off) {
        double x = half.x() + unit * off;
        double y = half.y() + unit * off;
        double near = unit * off * 0.7;
        return List.of(
                at.plus(new Vec(0, y)),
                at.plus(new Vec(0, -y)),
                at.plus(new Vec(x, 0)),
                at.plus(new Vec(-x, 0)),
                at.plus(new Vec(half.x() + near, half.y() + near)),
                at.plus(new Vec(half.x() + near, -half.y() - near)),
                at.plus(new Vec(-half.x() - near, half.y() + near)),
                at.plus(new Vec(-half.x() - near, -half.y() - near)));
    }

    /** In each corner of an area, then just outside it. */
    private List<Vec> inCorners(Piece.Area area, Vec half) {
        List<Vec> corners = area.outline() instanceof Outline.Circle c
                ? List.of(
                        area.at().plus(new Vec(-c.radius(), -c.radius()).times(0.7)),
                        area.at().plus(new Vec(c.radius(), c.radius()).times(0.7)))
                : area.outline().at(area.at());
        Box box = Box.around(corners.stream().map(this::onPage).toList());
        double gap = unit * 0.4;
        double left = box.x() + half.x() + gap;
        double right = box.x() + box.width() - half.x() - gap;
        double top = box.y() + half.y() + gap;
        double bottom = box.y() + box.height() - half.y() - gap;
        double over = box.y() - half.y() - gap;
        double under = box.y() + box.height() + half.y() + gap;
        double middle = box.centre().x();
        return List.of(
                new Vec(left, top),
                new Vec(right, top),
                new Vec(left, bottom),
                new Vec(right, bottom),
                new Vec(middle, top),
                new Vec(middle, bottom),
                new Vec(left, over),
                new Vec(middle, over),
                new Vec(left, under),
                new Vec(middle, under));
    }

    private void add(String owner, Text text, Vec anchor, List<Vec> places) {
        all.add(new Wish(owner, text.half(), anchor, places, text.shapes()));
    }
}
