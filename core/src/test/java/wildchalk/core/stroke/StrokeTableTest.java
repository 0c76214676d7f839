package wildchalk.core.stroke;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Manner;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/**
 * Strokes as a hand draws them, with what a coach would have meant. 1 has the ball, 2 and 3 play with 1; x and y do
 * not; K keeps; T is a coach beside a heap of balls; a ball lies at b3.
 */
class StrokeTableTest {

    private static final double REACH = 1.4;
    /** Share of the table that must be read as it was meant. */
    private static final double WANTED = 0.93;

    /** Who draws | through which places | what is meant. The hand shakes on its way. */
    private static final String RINK =
            """
            1 | -10,0 5,-8 | pass 2
            1 | -10,0 -3,-4.5 5.4,-7.6 | pass 2
            1 | -10,0 8.3,7.7 | pass 3
            1 | -10,0 4.2,-8.9 | pass 2
            1 | -10,0 -4,-9 5,-8 | pass 2 lob
            1 | -10,0 -7,6 0,10 8,8 | pass 3 lob
            1 | -10,0 0,-12.6 5,-8 | pass 2 off left
            1 | -10,0 0,12.7 8,8 | pass 3 off right
            1 | -10,0 -2,-12.9 5,-8 | pass 2 off left
            1 | -10,0 -8,-2 | carry
            1 | -10,0 0,0 | carry
            1 | -10,0 -4,6 2,-1 6,3 | carry
            1 | -10,0 12,0 | carry
            1 | -10,0 27,0 | shot goal
            1 | -10,0 10,2 27,0.8 | shot goal
            1 | -10,0 26.8,-1.2 | shot goal
            1 | -10,0 -27,0.4 | shot own-goal
            1 | -10,0 0,-4 -10,0 | touch c1 and back with the ball
            1 | -10,0 0,-4 | carry c1
            2 | 5,-8 15,-6 | run
            2 | 5,-8 10,-11 18,-9 | run
            2 | 5,-8 0,-4 | run c1
            2 | 5,-8 0,-4 5,-8 | touch c1 and back
            2 | 5,-8 7.8,-8 5.2,-8.2 | touch and back
            2 | 5,-8 -2,10 | collect b3
            2 | 5,-8 0,3 -2.2,9.6 | collect b3
            2 | 5,-8 -20,6.4 | collect u
            2 | 5,-8 12,0 | run and screen x
            2 | 5,-8 27,0 | run
            2 | 5,-8 14.5,3.2 18,9 | run and screen y
            2 | 5,-8 8,8 | run
            3 | 8,8 -2,10 | collect b3
            3 | 8,8 20,8 22,-3 | run
            3 | 8,8 26,11 29.5,5 29.5,-5 | run
            x | 12,0 5,-8 | shadow 2
            x | 12,0 7.6,8.2 | shadow 3
            x | 12,0 -10,0 | shadow 1
            x | 12,0 18,9 | run
            x | 12,0 0,0 | run
            y | 18,9 8.5,8.5 | shadow 3
            K | 26.5,0 24,-2 | run
            K | 26.5,0 24,0 26.5,0 | touch and back
            T | -20,5 -10,0 | pass 1
            T | -20,5 5,-8 | pass 2
            T | -20,5 -15,-3 | pass
            T | -20,5 0,0 | pass
            T | -20,5 -8,12.8 8,8 | pass 3 off right
            """;

    /** Here 1 stands behind the net, at the end boards. */
    private static final String BEHIND_THE_NET =
            """
            1 | 29,1 28,-10 20,-12.8 5,-12.5 5,-8 | pass 2 rim
            1 | 29,1 30.2,6 25,12 14,12.7 8,8 | pass 3 rim
            1 | 29,1 5,-8 | pass 2
            1 | 29,1 24,5 | carry
            """;

    private static final String TURF =
            """
            1 | -10,0 5,-8 | pass 2
            1 | -10,0 -4,-10 5,-8 | pass 2 lob
            1 | -10,0 -2,-3 5,-8 | pass 2
            1 | -10,0 20,15 | carry
            1 | -10,0 45.5,0 | shot goal
            1 | -10,0 45.5,1.6 | shot goal
            1 | -10,0 0,-4 -9.6,0.4 | touch c1 and back with the ball
            2 | 5,-8 25,-20 | run
            2 | 5,-8 12,-8 12,4 | run
            2 | 5,-8 0,-4 | run c1
            2 | 5,-8 12,0 | run and screen x
            2 | 5,-8 -2,10 | collect b3
            2 | 5,-8 20,-8 6,-8.5 | touch and back
            3 | 8,8 20,8 30,0 20,-8 8,8 | run
            x | 12,0 8,8 | shadow 3
            T | -20,5 8,8 | pass 3
            T | -20,5 20,20 | pass
            """;

    /** Here 1 and 2 stand shoulder to shoulder. */
    private static final String CLOSE =
            """
            1 | -10,0 -8.1,0 | pass 2 hand-off
            1 | -10,0 -9,-0.6 -8.2,0.1 | pass 2 hand-off
            1 | -10,0 8,8 | pass 3
            2 | -8.1,0 0,0 | run
            """;

    /** Here 2 runs to 20,-8 (a1), 3 round a bend to 22,10 (a2) and y to 24,4 (a3), all on the whistle. */
    private static final String LINES =
            """
            1 | -10,0 20,-8 | meet 2 at the end
            1 | -10,0 19.2,-8 | meet 2 at the end
            1 | -10,0 20.8,-7.5 | meet 2 at the end
            1 | -10,0 2,-5 19.3,-7.6 | meet 2 at the end
            1 | -10,0 12.5,-8 | meet 2
            1 | -10,0 12,-7.4 | meet 2
            1 | -10,0 15,-8.6 | meet 2
            1 | -10,0 5,-8 | pass 2
            1 | -10,0 5.6,-7.6 | pass 2
            1 | -10,0 22,10 | meet 3 at the end
            1 | -10,0 21.3,9.6 | meet 3 at the end
            1 | -10,0 14,11 | meet 3
            1 | -10,0 6,-11 20,-8 | meet 2 at the end lob
            1 | -10,0 8,8 | pass 3
            1 | -10,0 0,-2 | carry
            1 | -10,0 14,-4 | carry
            1 | -10,0 27,0 | shot goal
            1 | -10,0 24,4 | carry
            1 P | -10,0 12,0 | pass x
            1 P | -10,0 18,9 | pass y
            1 P | -10,0 24,4 | meet y at the end
            1 P | -10,0 0,0 | pass
            T | -20,5 20,-8 | meet 2 at the end
            T | -20,5 12,-8 | meet 2
            T | -20,5 8,8 | pass 3
            T | -20,5 0,0 | pass
            x | 12,0 14,-8 | close down 2
            x | 12,0 19.6,-8 | close down 2
            3 | 22,10 22,-2 | run
            """;

    /** The same lines; whoever runs onto one goes along, or behind; a chosen carry to somebody ends in their hands. */
    private static final String MATES =
            """
            x | 12,0 24,4 | run with y
            x | 12,0 18,2 23.3,3.6 | run with y
            x | 12,0 24.6,4.8 | run with y
            x | 12,0 21,6.5 | run behind y
            x | 12,0 16,4 21.2,6.1 | run behind y
            x | 12,0 22,-4 | run
            x | 12,0 20,0 | run
            x | 12,0 5,-8 | shadow 2
            x | 12,0 22,10 | close down 3
            x | 12,0 14,11 | close down 3
            y | 24,4 26,8 | run
            2 | 20,-8 25,-3 | run
            1 C | -10,0 20,-8 | carry, then meet 2 at the end hand-off
            1 C | -10,0 12,-8 | carry, then meet 2 hand-off
            1 C | -10,0 -2,4 | carry
            1 C | -10,0 12,0 | carry
            1 C | -10,0 24,4 | carry
            """;

    /** As in the first table, with the chalk of carries in hand. */
    private static final String CARRIED =
            """
            1 C | -10,0 5,-8 | carry, then pass 2 hand-off
            1 C | -10,0 0,2 5,-8 | carry, then pass 2 hand-off
            1 C | -10,0 8.6,7.5 | carry, then pass 3 hand-off
            1 C | -10,0 0,0 | carry
            """;

    /** 2 goes to 20,-8 or comes to 0,8: only the first is taken, so the other line is not there to be met. */
    private static final String EITHER =
            """
            1 | -10,0 20,-8 | meet 2 at the end
            1 | -10,0 12.5,-8 | meet 2
            1 | -10,0 0,8 | carry
            1 | -10,0 2.2,1 | carry
            x | 12,0 0.2,7.6 | run
            """;

    /** 2 goes for the ball at b3 or runs to 20,-8: only the second is taken, so nobody contests the ball. */
    private static final String LEFT_ALONE =
            """
            3 | 8,8 -2,10 | collect b3
            x | 12,0 -2.2,9.7 | collect b3
            """;

    /** Here 1 passes to x, on the other side, on the whistle. */
    private static final String ACROSS =
            """
            x | 12,0 -10,0 | pass 1
            x | 12,0 -9.2,0.5 | pass 1
            x | 12,0 18,9 | pass y
            x | 12,0 5,-8 | pass 2
            x | 12,0 20,-5 | carry
            x | 12,0 -27,0 | shot own-goal
            1 | -10,0 12,0 | shadow x
            1 | -10,0 -2,-4 | run
            2 | 5,-8 12,0 | shadow x
            """;

    /** Here 1 passes into space at 4,4, where nobody is. */
    private static final String SPACE =
            """
            2 | 5,-8 4,4 | collect b1
            3 | 8,8 4.4,4.3 | collect b1
            x | 12,0 4,4 | collect b1
            y | 18,9 3.5,3.8 | collect b1
            2 | 5,-8 12,0 | shadow x
            2 | 5,-8 20,-6 | run
            """;

    /** Here 1 shoots, and the ball comes out to 18,-6. */
    private static final String REBOUND =
            """
            2 | 5,-8 18,-6 | collect b1
            3 | 8,8 17.5,-5.4 | collect b1
            x | 12,0 18,-6 | collect b1
            2 | 5,-8 22,8 | run
            """;

    private record Drawn(String line, boolean right, String read) {}

    @Test
    void mostStrokesAreReadAsTheyWereMeant() {
        Surface rink = Surfaces.BUILT_IN.get("ice-rink-na");
        List<Drawn> all = new ArrayList<>();
        all.addAll(draw(RINK, rink, new Vec(-10, 0), new Vec(5, -8)));
        all.addAll(draw(BEHIND_THE_NET, rink, new Vec(29, 1), new Vec(5, -8)));
        all.addAll(draw(TURF, Stages.TURF, new Vec(-10, 0), new Vec(5, -8)));
        all.addAll(draw(CLOSE, Surfaces.BUILT_IN.get("basketball-intl"), new Vec(-10, 0), new Vec(-8.1, 0)));
        share("strokes read as meant, old rows", all);
        List<Drawn> fresh = new ArrayList<>();
        Surface turf = Stages.TURF;
        Action.Touch touch = Action.Touch.CONTROLLED;
        fresh.addAll(draw(LINES, rink, lines()));
        fresh.addAll(draw(ACROSS, rink, after(new Action.Pass("a1", "1", Spot.at("x"), touch, Cue.whistle()))));
        fresh.addAll(draw(SPACE, turf, after(new Action.Pass("a1", "1", Spot.at(4, 4), touch, Cue.whistle()))));
        fresh.addAll(draw(
                REBOUND,
                turf,
                after(new Action.Shot("a1", "1", new Spot.AtTarget("goal"), touch, Cue.whistle())
                        .ending(Action.Result.REBOUND, Spot.at(18, -6)))));
        share("new rows", fresh);
        List<Drawn> mates = new ArrayList<>();
        mates.addAll(draw(MATES, rink, lines()));
        mates.addAll(draw(CARRIED, rink, new Vec(-10, 0), new Vec(5, -8)));
        mates.addAll(draw(EITHER, rink, either()));
        mates.addAll(draw(LEFT_ALONE, turf, leftAlone()));
        share("rows onto lines, and of options", mates);
        fresh.addAll(mates);
        assertTrue(fresh.size() >= 40, "" + fresh.size());
        all.addAll(fresh);
        long right = all.stream().filter(Drawn::right).count();
        String wrong = all.stream()
                .filter(d -> !d.right())
                .map(d -> d.line() + ", read as " + d.read())
                .collect(Collectors.joining("\n"));
        System.out.printf(Locale.ROOT, "strokes read as meant: %d of %d%n%s%n", right, all.size(), wrong);
        assertTrue(all.size() >= 60);
        assertTrue(right >= WANTED * all.size(), right + " of " + all.size() + ":\n" + wrong);
    }

    private static void share(String what, List<Drawn> all) {
        long right = all.stream().filter(Drawn::right).count();
        System.out.printf(Locale.ROOT, "%s: %d of %d%n", what, right, all.size());
    }

    /** Three who play together, two and a keeper against them, a coach by a heap of balls; 1 has the ball. */
    static Stages people(Vec one, Vec two) {
        return new Stages()
                .player("1", one.x(), one.y())
                .player("2", two.x(), two.y())
                .player("3", 8, 8)
                .player("x", 12, 0, Bib.SKY)
                .player("y", 18, 9, Bib.SKY)
                .piece(new Piece.Goalkeeper("K", new Vec(26.5, 0), Math.PI, "K", Bib.SKY))
                .piece(new Piece.Coach("T", new Vec(-20, 5), 0, "T"))
                .piece(new Piece.Supply("u", new Vec(-20.3, 6.6), 10))
                .piece(Piece.Item.cone("c1", new Vec(0, -4), Colour.YELLOW))
                .piece(new Piece.Ball("b3", new Vec(-2, 10), Optional.empty()))
                .ball("b1", "1");
    }

    private static Stage lines() {
        return people(new Vec(-10, 0), new Vec(5, -8))
                .run("a1", "2", Cue.whistle(), 20, -8)
                .travel(new Travel.Run(
                        "a2",
                        "3",
                        Stages.path(true, 14, 11, 22, 10),
                        Action.Gait.RUN,
                        Action.Ending.GO_ON,
                        Cue.whistle()))
                .run("a3", "y", Cue.whistle(), 24, 4)
                .build();
    }

    private static Stage either() {
        return people(new Vec(-10, 0), new Vec(5, -8))
                .run("a1", "2", Cue.whistle(), 20, -8)
                .run("a2", "2", Cue.whistle(), 0, 8)
                .say(Stages.either("r1", "2", "a1", "a2"))
                .build();
    }

    private static Stage leftAlone() {
        return people(new Vec(-10, 0), new Vec(5, -8))
                .run("a1", "2", Cue.whistle(), 20, -8)
                .travel(new Travel.Collect(
                        "a2",
                        "2",
                        new TravelPath(List.of(Spot.at("b3")), false),
                        Action.Gait.RUN,
                        Action.Ending.STOP,
                        Cue.whistle()))
                .say(Stages.either("r1", "2", "a1", "a2"))
                .build();
    }

    private static Stage after(Action action) {
        return people(new Vec(-10, 0), new Vec(5, -8)).action(action).build();
    }

    private static List<Drawn> draw(String table, Surface surface, Vec one, Vec two) {
        return draw(table, surface, people(one, two).build());
    }

    private static Kind chalk(String key) {
        return Stream.of(Kind.values())
                .filter(k -> k.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /** "1 P" draws with the chalk of passes in hand. */
    private static List<Drawn> draw(String table, Surface surface, Stage stage) {
        List<Drawn> drawn = new ArrayList<>();
        Random shake = new Random(7);
        for (String line : table.strip().lines().toList()) {
            String[] parts = line.split("\\|");
            String[] who = parts[0].strip().split(" ");
            Gesture gesture = new Gesture(who[0], hand(parts[1].strip(), shake), false, 0, REACH);
            Guess guess = new Guess(stage, Rehearsal.of(stage, surface), surface, new FreeIds(Stages.drill(stage)));
            String read = words(stage, who.length > 1 ? guess.all(chalk(who[1]), gesture) : guess.all(gesture));
            drawn.add(new Drawn(line.strip(), read.equals(parts[2].strip()), read));
        }
        return drawn;
    }

    /** A line through places with a point about every half metre; a hand is off by up to 15 cm, but not at the ends. */
    static List<Vec> hand(String through, Random shake) {
        List<Vec> corners = new ArrayList<>();
        for (String place : through.split(" ")) {
            String[] xy = place.split(",");
            corners.add(new Vec(Double.parseDouble(xy[0]), Double.parseDouble(xy[1])));
        }
        List<Vec> points = new ArrayList<>(List.of(corners.get(0)));
        for (int i = 0; i + 1 < corners.size(); i++) {
            int steps = (int) Math.ceil(corners.get(i).distance(corners.get(i + 1)) / 0.5);
            for (int k = 1; k <= steps; k++) {
                Vec off = new Vec(shake.nextDouble() - 0.5, shake.nextDouble() - 0.5).times(0.3);
                points.add(corners.get(i)
                        .towards(corners.get(i + 1), (double) k / steps)
                        .plus(off));
            }
        }
        points.set(points.size() - 1, corners.get(corners.size() - 1));
        return points;
    }

    private static String words(Stage stage, List<Action> actions) {
        Action action = actions.get(0);
        if (actions.size() == 2 && actions.get(1) instanceof Action.Pass) {
            return words(stage, actions.subList(0, 1)) + ", then " + words(stage, actions.subList(1, 2));
        }
        if (actions.size() == 2 && actions.get(1) instanceof Hold h) {
            return "run and screen " + h.facing().flatMap(Spot::namedPiece).orElse("");
        }
        if (actions.size() == 2) {
            String what = ((Travel) action).path().last() instanceof Spot.AtPiece p ? " " + p.piece() : "";
            return "touch" + what + " and back" + (action instanceof Travel.Carry ? " with the ball" : "");
        }
        if (action instanceof Action.Pass pass) {
            String to = pass.to() instanceof Spot.AtPiece p ? " " + p.piece() : "";
            String how = pass.manner() == Manner.FLAT
                    ? pass.off().map(w -> " off " + low(w)).orElse("")
                    : " " + low(pass.manner());
            if (pass.to() instanceof Spot.OnLine o) {
                return "meet " + o.who() + (o.isAtEnd() ? " at the end" : "") + how;
            }
            return "pass" + to + how;
        }
        if (action instanceof Action.Shot shot) {
            return "shot " + (shot.to() instanceof Spot.AtTarget t ? t.target() : "");
        }
        if (action instanceof Shadow shadow) {
            return (shadow.way() == Shadow.Way.CLOSE_DOWN ? "close down " : "shadow ") + shadow.whom();
        }
        if (action instanceof Travel
                && !(action instanceof Travel.Carry)
                && action.cue().trigger().of().isPresent()) {
            String other = stage.action(action.cue().trigger().of().get())
                    .orElseThrow()
                    .who();
            return low(Kind.of(action))
                    + (action.cue().trigger() instanceof Cue.Partway ? " behind " : " with ")
                    + other;
        }
        String end = action instanceof Travel t && t.path().last() instanceof Spot.AtPiece p ? " " + p.piece() : "";
        return low(Kind.of(action)).replace("run", action instanceof Travel.Collect ? "collect" : "run") + end;
    }

    private static String low(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
