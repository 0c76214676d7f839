package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.rehearsal.Rehearsal;

class DifferencesTest {

    private static Stages start() {
        return new Stages()
                .player("7", 0, 0)
                .player("9", 10, 0)
                .ball("b1", "7")
                .piece(Piece.Item.cone("c1", new Vec(5, 5), Colour.YELLOW))
                .pass("a1", "7", "9", Cue.whistle())
                .carry("a2", "9", Cue.received("a1"), 20, 0);
    }

    private static List<String> words(Stage below, Stage here) {
        return Differences.of(below, here, Rehearsal.of(here, Stages.TURF), Stages.TURF, Unit.METRES);
    }

    @Test
    void sameStageDiffersInNothing() {
        assertEquals(List.of(), words(start().build(), start().build()));
    }

    @Test
    void somebodyNewIsSaidWithWhatSetsThemOff() {
        Stage chased = start().player("4", 5, 10, Bib.SKY)
                .run("a3", "4", Cue.received("a1"), 15, 3)
                .build();
        assertEquals(List.of("player 4 comes in, as 9 receives"), words(start().build(), chased));
        assertEquals(List.of("without player 4"), words(chased, start().build()), "what they did goes with them");
    }

    @Test
    void gearIsCountedAndWhatIsMovedIsMeasured() {
        Stage below = start().build();
        Stage more = below.withPiece(Piece.Item.cone("c2", new Vec(8, 5), Colour.RED))
                .withPiece(Piece.Item.cone("c3", new Vec(9, 5), Colour.RED))
                .withPiece(below.piece("c1").orElseThrow().movedTo(new Vec(5, 8)));
        assertEquals(List.of("2 red cones more", "yellow cone moved 3.0 m"), words(below, more));
    }

    @Test
    void severalOfAKindAreSaidInThePlural() {
        assertEquals("yellow cones", PieceWords.several("yellow cone"));
        assertEquals("ball supplies", PieceWords.several("ball supply"));
        assertEquals("line-ups of feeders", PieceWords.several("line-up of feeders"));
        assertEquals("coaches", PieceWords.several("coach"));
    }

    @Test
    void whatIsDoneOtherwiseIsSaid() {
        Stage below = start().build();
        Action carry = below.action("a2").orElseThrow();
        assertEquals(
                List.of("9's carry starts on the whistle"),
                words(below, below.withAction(carry.withCue(Cue.whistle()))));
        Stage shot = below.withAction(
                new Action.Shot("a4", "9", new Spot.AtTarget("goal"), Action.Touch.CONTROLLED, Cue.next()));
        assertEquals(List.of("new: 9's shot"), words(below, shot));
        assertEquals(List.of("without 9's shot"), words(shot, below));
        assertEquals(
                List.of("9's carry becomes run"),
                words(
                        below,
                        below.withAction(new Travel.Run(
                                "a2",
                                "9",
                                ((Travel) carry).path(),
                                Action.Gait.RUN,
                                Action.Ending.GO_ON,
                                carry.cue()))));
    }

    /** Never a list of twenty single things. */
    @Test
    void whenMuchIsOtherwiseOnlyWhomItIsAboutIsSaid() {
        Stages many = new Stages();
        Stages others = new Stages();
        for (int i = 0; i < 5; i++) {
            many.player("p" + i, 0, 4 * i).run("a" + i, "p" + i, Cue.whistle(), 9, 4 * i);
            others.player("p" + i, 0, 4 * i).run("a" + i, "p" + i, Cue.whistle(), 9, 4 * i - 7);
            others.run("b" + i, "p" + i, Cue.next(), 0, 4 * i);
        }
        assertEquals(List.of("5 do otherwise"), words(many.build(), others.build()));
        Stages two = new Stages()
                .player("7", 0, 0)
                .player("9", 0, 9)
                .run("a", "7", Cue.whistle(), 9, 0)
                .run("b", "9", Cue.whistle(), 9, 9);
        Stages further = new Stages()
                .player("7", 0, 0)
                .player("9", 0, 9)
                .run("a", "7", Cue.whistle(), 9, 3)
                .run("c", "7", Cue.next(), 9, -3)
                .run("d", "7", Cue.next(), 0, 0)
                .run("b", "9", Cue.whistle(), 9, 9);
        assertEquals(List.of("player 7 does otherwise"), words(two.build(), further.build()));
    }

    @Test
    void whatIsMadeByMirroringTurningOrCopyingIsOneClause() {
        Stage below = start().build()
                .withPiece(start().build().person("7").orElseThrow().movedTo(new Vec(0, -3)));
        assertEquals(List.of("from the other side"), words(below, all(below, p -> p.mirrored(false, true))));
        assertEquals(List.of("turned round, the other way"), words(below, all(below, p -> p.mirrored(true, true))));
        assertEquals(List.of("all of it moved 5.0 m"), words(below, all(below, p -> p.plus(new Vec(3, 4)))));
        below = start().build();
        Stage twice = start().player("2", 0, 20)
                .player("3", 10, 20)
                .piece(Piece.Item.cone("c2", new Vec(5, 25), Colour.YELLOW))
                .ball("b2", "2")
                .pass("d1", "2", "3", Cue.whistle())
                .carry("d2", "3", Cue.received("d1"), 20, 20)
                .build();
        assertEquals(List.of("the same again, 20.0 m away"), words(below, twice));
    }

    @Test
    void whoComesInToDoSomethingIsSaidWithIt() {
        Stage chased = start().player("4", 5, 10, Bib.SKY)
                .shadow("a3", "4", "9", Shadow.Way.CHASE, 1, Cue.received("a1"))
                .build();
        assertEquals(List.of("player 4 comes in to chase 9, as 9 receives"), words(start().build(), chased));
    }

    private static Stage all(Stage stage, UnaryOperator<Vec> places) {
        Stage moved = stage;
        for (Piece piece : stage.pieces()) {
            if (!(piece instanceof Piece.Ball)) {
                moved = moved.withPiece(piece.movedTo(places.apply(piece.at())));
            }
        }
        for (Action action : stage.actions()) {
            if (action instanceof Travel travel) {
                Spot.Place end = (Spot.Place) travel.path().last();
                Vec to = places.apply(end.at());
                moved = moved.withAction(new Travel.Carry(
                        travel.id(),
                        travel.who(),
                        Stages.path(false, to.x(), to.y()),
                        travel.gait(),
                        travel.ending(),
                        travel.cue()));
            }
        }
        return moved;
    }
}
