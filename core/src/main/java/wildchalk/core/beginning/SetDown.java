package wildchalk.core.beginning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Queue;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** Puts people and gear down in the middle of what a drill shows. Lengths are what coaches pace out: assumed. */
final class SetDown {

    private static final double LONGEST = 12;
    /** Of the shorter side of what is shown, a shape takes this share at most. */
    private static final double SHARE = 0.55;
    /** More than this stand in no one ring. */
    private static final int MOST_OF_A_RING = 10;

    private static final double GATE = 2.5;
    private static final int MOST_LANES = 6;
    private static final int MOST_OF_A_SIDE = 6;

    private final Drill empty;
    private final Surface surface;
    private final FreeIds ids;
    private final Vec middle;
    private final double length;
    private final double shorter;
    /** From the middle as far as a shape may go along what is shown, metres. */
    private final double reach;

    private final int people;
    private final List<Piece> pieces = new ArrayList<>();
    private int persons;

    SetDown(Drill empty, int people) {
        this.empty = empty;
        this.surface = empty.surface();
        this.ids = new FreeIds(empty);
        this.people = people;
        Box view = empty.showing().box(surface);
        this.middle = view.centre();
        this.shorter = Math.min(view.width(), view.height());
        this.reach = 0.43 * view.width();
        this.length = Math.min(LONGEST, SHARE * shorter);
    }

    List<Piece> pieces() {
        return pieces;
    }

    private Vec at(double along, double across) {
        return middle.plus(new Vec(along, across));
    }

    private Piece.Player player(Vec at, double facing, Bib bib) {
        Piece.Player player = new Piece.Player(ids.take("p"), at, facing, Integer.toString(++persons), bib);
        pieces.add(player);
        return player;
    }

    /** A line-up of some people, at least one. */
    private Piece.LineUp lineUp(Vec at, double facing, Bib bib, int of) {
        Piece.LineUp lineUp =
                new Piece.LineUp(ids.take("p"), at, facing, Integer.toString(++persons), bib, of - 1, "", Queue.BEHIND);
        pieces.add(lineUp);
        return lineUp;
    }

    private void ball(Piece.Person who) {
        pieces.add(new Piece.Ball(ids.take("b"), who.at(), Optional.of(who.id())));
    }

    private void cone(Vec at, Colour colour) {
        pieces.add(Piece.Item.cone(ids.take("c"), at, colour));
    }

    private void coachWithBalls(Vec at, double facing) {
        pieces.add(new Piece.Coach(ids.take("p"), at, facing, "C"));
        pieces.add(new Piece.Supply(ids.take("s"), at.plus(new Vec(0, 1.2)), Math.max(4, people / 2)));
    }

    /** How many of all stand in one of several shapes, the first of them filled first. */
    private int share(int of, int shapes, int number) {
        return of / shapes + (number < of % shapes ? 1 : 0);
    }

    void facing() {
        Piece.LineUp first = lineUp(at(-length / 2, 0), 0, Bib.CORAL, share(people, 2, 0));
        lineUp(at(length / 2, 0), Math.PI, Bib.CORAL, share(people, 2, 1));
        ball(first);
    }

    /** As many rings as there are people for, side by side. */
    void ring() {
        int rings = (people + MOST_OF_A_RING - 1) / MOST_OF_A_RING;
        int columns = (int) Math.ceil(Math.sqrt(rings));
        int rows = (rings + columns - 1) / columns;
        double apart = Math.min(0.9 * shorter / Math.max(columns, rows), length * 1.25);
        for (int i = 0; i < rings; i++) {
            Vec centre = at((i % columns - (columns - 1) / 2.0) * apart, (i / columns - (rows - 1) / 2.0) * apart);
            ring(centre, share(people, rings, i), 0.4 * apart);
        }
    }

    private void ring(Vec centre, int of, double radius) {
        int inside = of > 7 ? 2 : 1;
        for (int i = 0; i < of - inside; i++) {
            double turn = 2 * Math.PI * i / (of - inside);
            Piece.Player player = player(centre.plus(Vec.polar(radius, turn)), turn + Math.PI, Bib.CORAL);
            if (i == 0) {
                ball(player);
            }
        }
        for (int i = 0; i < inside; i++) {
            player(centre.plus(new Vec((i - (inside - 1) / 2.0) * radius / 2, 0)), 0, Bib.SKY);
        }
    }

    void box() {
        Vec[] corners = {
            new Vec(-1, -1), new Vec(1, -1), new Vec(1, 1), new Vec(-1, 1),
        };
        for (int i = 0; i < corners.length; i++) {
            Vec corner = middle.plus(corners[i].times(length / 2));
            double next = Math.PI / 2 * i;
            cone(corner.plus(corners[i].times(0.6)), Colour.YELLOW);
            Piece.LineUp line = lineUp(corner, next, Bib.CORAL, share(people, corners.length, i));
            if (i == 0) {
                ball(line);
            }
        }
    }

    /** The goal, basket or whatever is shot at in what is shown; a small goal of ours where there is none. */
    private Vec shotAt() {
        Box view = empty.showing().box(surface);
        return surface.targets().stream()
                .filter(t -> t.shape() != Surface.Target.Shape.NET && view.contains(t.at()))
                .max(Comparator.comparingDouble(t -> t.at().x()))
                .map(Surface.Target::at)
                .orElseGet(() -> {
                    Vec at = at(Math.min(length, reach), 0);
                    Piece.Item goal = Piece.Item.of(ids.take("i"), GearKind.MINI_GOAL, at);
                    pieces.add(goal.turnedTo(Math.PI));
                    return at;
                });
    }

    void gateAndGoal() {
        Vec goal = shotAt();
        double room = goal.x() - (middle.x() - reach);
        Vec gate = goal.minus(new Vec(Math.min(length * 1.3, 0.55 * room), 0));
        cone(gate.plus(new Vec(0, -GATE / 2)), Colour.YELLOW);
        cone(gate.plus(new Vec(0, GATE / 2)), Colour.YELLOW);
        ball(lineUp(gate.minus(new Vec(Math.min(4, 0.3 * room), 0)), 0, Bib.CORAL, people));
    }

    void threeLanes() {
        for (int i = 0; i < 3; i++) {
            Piece.LineUp lane = lineUp(at(-length / 2, (i - 1) * length / 2), 0, Bib.CORAL, share(people, 3, i));
            if (i == 1) {
                ball(lane);
            }
        }
    }

    void alley() {
        double wide = Math.min(3, length / 4);
        for (double along : new double[] {-length / 2, length / 2}) {
            cone(at(along, -wide), Colour.YELLOW);
            cone(at(along, wide), Colour.YELLOW);
        }
        ball(lineUp(at(-length / 2 - 1, 0), 0, Bib.CORAL, share(people, 2, 0)));
        lineUp(at(length / 2 + 1, 0), Math.PI, Bib.SKY, share(people, 2, 1));
    }

    void twoSquares() {
        double side = Math.min(length, reach);
        for (int k = 0; k < 2; k++) {
            Vec centre = at((k == 0 ? -1 : 1) * (side / 2 + 0.5), 0);
            pieces.add(new Piece.Zone(
                    ids.take("z"),
                    centre,
                    new Outline.Rectangle(side, side, 0),
                    k == 0 ? "A" : "B",
                    k == 0 ? Colour.YELLOW : Colour.BLUE));
            spread(centre, side * 0.7, share(people, 2, k), k == 0 ? Bib.CORAL : Bib.SKY, k == 0);
        }
        coachWithBalls(at(0, side / 2 + 1.5), -Math.PI / 2);
    }

    /** People spread over a square, so that none stands on another. */
    private void spread(Vec centre, double side, int of, Bib bib, boolean withBall) {
        int columns = (int) Math.ceil(Math.sqrt(of));
        int rows = (of + columns - 1) / columns;
        Vec cell = new Vec(side / rows, side / columns);
        for (int i = 0; i < of; i++) {
            Vec off = new Vec(
                    (i / columns - (rows - 1) / 2.0) * cell.x(), (i % columns - (columns - 1) / 2.0) * cell.y());
            Piece.Player player = player(centre.plus(off), 0, bib);
            if (i == 0 && withBall) {
                ball(player);
            }
        }
    }

    void passer() {
        cone(at(length / 2, 0), Colour.YELLOW);
        lineUp(at(-length / 2, 0), 0, Bib.CORAL, people);
        coachWithBalls(at(0, Math.min(4, length / 2)), -Math.PI / 2);
    }

    void race() {
        int lanes = Math.max(2, Math.min(MOST_LANES, people / 3));
        double apart = Math.min(2.5, 0.8 * shorter / lanes);
        for (int i = 0; i < lanes; i++) {
            double across = (i - (lanes - 1) / 2.0) * apart;
            lineUp(at(-length / 2, across), 0, Bib.values()[i % 2], share(people, lanes, i));
            cone(at(length / 2, across), Colour.YELLOW);
        }
    }

    void smallGame() {
        double wide = Math.min(0.8 * shorter, length * 1.4);
        double half = Math.min(length, reach);
        pieces.add(new Piece.Zone(ids.take("z"), middle, new Outline.Rectangle(half * 2, wide, 0), "", Colour.YELLOW));
        for (int k = 0; k < 2; k++) {
            double side = k == 0 ? -1 : 1;
            Piece.Item goal = Piece.Item.of(ids.take("i"), GearKind.MINI_GOAL, at(side * half, 0));
            pieces.add(goal.turnedTo(k == 0 ? 0 : Math.PI));
            int all = share(people, 2, k);
            int on = Math.min(MOST_OF_A_SIDE, all);
            Bib bib = k == 0 ? Bib.CORAL : Bib.SKY;
            for (int i = 0; i < on; i++) {
                double across = on == 1 ? 0 : wide * 0.8 * ((double) i / (on - 1) - 0.5);
                Vec at = at(side * half * (i % 2 == 0 ? 0.25 : 0.55), across);
                Piece.Player player = player(at, k == 0 ? 0 : Math.PI, bib);
                if (k == 0 && i == 0) {
                    ball(player);
                }
            }
            if (all > on) {
                lineUp(at(side * half * 0.6, wide / 2 + 1.5), -Math.PI / 2, bib, all - on);
            }
        }
    }
}
