package wildchalk.core.stroke;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Timeline;

/** Strokes of bodies with what a coach would have meant: those of body.txt, and those of apart.txt, never tuned to. */
class BodyStrokesTest {

    private static final double REACH = 1.4;
    private static final double WANTED = 0.93;
    private static final Surface RINK = Surfaces.BUILT_IN.get("ice-rink-na");

    private record Drawn(String line, boolean right, String read) {}

    private static Stage stage(String name) {
        if (name.equals("board")) {
            return StrokeTableTest.people(new Vec(-10, 0), new Vec(5, -8))
                    .piece(new Piece.LineUp("L", new Vec(-12, -10), 0, "L", Bib.CORAL, 4, "line"))
                    .build();
        }
        assertEquals("pairs", name);
        return StrokeTableTest.people(new Vec(-10, 0), new Vec(5, -8))
                .player("4", 4, -9)
                .player("5", 7.5, 9)
                .run("a1", "2", Cue.whistle(), 20, -8)
                .travel(new Travel.Run(
                        "a2",
                        "3",
                        Stages.path(true, 14, 11, 22, 10),
                        Action.Gait.RUN,
                        Action.Ending.GO_ON,
                        Cue.whistle()))
                .build();
    }

    private static List<Drawn> draw(String file) throws IOException {
        List<Drawn> drawn = new ArrayList<>();
        Random shake = new Random(11);
        Stage stage = null;
        try (BufferedReader lines = new BufferedReader(
                new InputStreamReader(BodyStrokesTest.class.getResourceAsStream(file), StandardCharsets.UTF_8))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.startsWith("[")) {
                    stage = stage(line.substring(1, line.indexOf(']')));
                } else if (!line.isBlank() && !line.startsWith("#")) {
                    String[] parts = line.split("\\|");
                    String read = read(stage, parts[0].strip(), StrokeTableTest.hand(parts[1].strip(), shake));
                    drawn.add(new Drawn(line, read.equals(parts[2].strip()), read));
                }
            }
        }
        return drawn;
    }

    private static String read(Stage stage, String who, List<Vec> points) {
        Timeline timeline = Rehearsal.of(stage, RINK);
        Guess guess = new Guess(stage, timeline, RINK, new FreeIds(Stages.drill(stage)));
        if (who.equals("-")) {
            return guess.scribbledOver(points, REACH, 0).map(a -> "away " + a).orElse("nothing");
        }
        Meant meant = guess.meant(new Gesture(who, points, false, 0, REACH));
        if (meant instanceof Meant.Turned) {
            return "nose";
        }
        return meant instanceof Meant.Away a ? "away " + a.id() : words(stage, ((Meant.Chalked) meant).actions());
    }

    private static String words(Stage stage, List<Action> actions) {
        return actions.stream().map(a -> words(stage, a)).collect(Collectors.joining(", then "));
    }

    private static String words(Stage stage, Action action) {
        if (action instanceof Hold h) {
            assertEquals(Hold.Stance.SCREEN, h.stance());
            return "screen " + h.facing().flatMap(Spot::namedPiece).orElseThrow();
        }
        if (action instanceof Shadow s) {
            return s.way() == Shadow.Way.LANE
                    ? "lane " + s.whom() + " "
                            + s.style().other().flatMap(Spot::namedPiece).orElseThrow()
                    : "shadow " + s.whom();
        }
        if (action instanceof Action.Pass p) {
            return "pass " + p.receiver().orElse("") + (p.manner() == Action.Manner.HAND_OFF ? " hand-off" : "");
        }
        if (action instanceof Travel t) {
            return words(stage, t);
        }
        return action.getClass().getSimpleName().toLowerCase(Locale.ROOT);
    }

    private static String words(Stage stage, Travel travel) {
        boolean carry = travel instanceof Travel.Carry;
        if (travel.cue().trigger() instanceof Cue.With w) {
            Travel other = stage.travel(w.action()).orElseThrow();
            return travel.path().equals(other.path()) ? "same as " + w.action() : "with " + w.action();
        }
        Optional<Spot.AtPiece> tied = travel.path().through().stream()
                .filter(Spot.AtPiece.class::isInstance)
                .map(Spot.AtPiece.class::cast)
                .findFirst();
        if (tied.isPresent()
                && stage.piece(tied.get().piece())
                        .filter(Piece.LineUp.class::isInstance)
                        .isPresent()) {
            return "join " + tied.get().piece() + (carry ? " with the ball" : "");
        }
        String kind = carry ? "carry" : "run";
        if (!travel.going().craft().feints().isEmpty()) {
            return kind + " with a feint";
        }
        return kind
                + (tied.isPresent() && travel.path().through().size() > 2
                        ? " round " + tied.get().piece()
                        : "");
    }

    private static void share(String what, List<Drawn> all) {
        long right = all.stream().filter(Drawn::right).count();
        String wrong = all.stream()
                .filter(d -> !d.right())
                .map(d -> d.line() + ", read as " + d.read())
                .collect(Collectors.joining("\n"));
        System.out.printf(Locale.ROOT, "%s: %d of %d%n%s%n", what, right, all.size(), wrong);
        assertTrue(right >= WANTED * all.size(), right + " of " + all.size() + ":\n" + wrong);
    }

    @Test
    void mostStrokesOfBodiesAreReadAsTheyWereMeant() throws IOException {
        List<Drawn> all = draw("body.txt");
        assertTrue(all.size() >= 48, "" + all.size());
        share("strokes of bodies", all);
    }

    @Test
    void soAreThoseThatNothingIsTunedTo() throws IOException {
        List<Drawn> all = draw("apart.txt");
        assertEquals(20, all.size());
        share("strokes of bodies kept apart", all);
    }
}
