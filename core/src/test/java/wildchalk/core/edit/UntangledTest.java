package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.drill.Whom;
import wildchalk.core.geometry.Vec;
import wildchalk.core.soundness.Soundness;

/** Drills of older programs, in which two things have one id: what can be told apart is, the rest is as it was. */
class UntangledTest {

    private static Piece.Player player(String id, double x, String label, Bib bib) {
        return new Piece.Player(id, new Vec(x, 0), 0, label, bib);
    }

    private static Travel.Run run(String id, String who, double x) {
        return new Travel.Run(
                id,
                who,
                new TravelPath(List.of(Spot.at(x, 9)), false),
                Action.Gait.RUN,
                Action.Ending.STOP,
                Cue.whistle());
    }

    private static Rung above(
            String id,
            String from,
            List<Piece> pieces,
            List<Action> actions,
            List<Instruction> said,
            String... without) {
        return new Rung(id, "Rung " + id, Optional.of(from), pieces, actions, said, List.of(without));
    }

    private static Drill drill(List<Piece> pieces, List<Action> actions, List<Instruction> said, Rung... above) {
        Drill one = Ladder.put(
                Drill.empty("d", "Drill", "field-hockey", "whole"),
                new Stage("s1", "Start", pieces, actions).withInstructions(said));
        return one.withLadder(
                Stream.concat(one.ladder().stream(), List.of(above).stream()).toList());
    }

    private static List<String> labels(Drill drill, String rung) {
        return Ladder.build(drill, rung).people().stream()
                .map(Piece.Person::label)
                .sorted()
                .toList();
    }

    private static void isSound(Untangled u) {
        assertEquals(List.of(), Soundness.faults(u.drill(), u.drill().surface()));
        assertSame(u.drill(), Untangled.of(u.drill()).drill(), "nothing is left to keep apart");
    }

    @Test
    void peopleOfTwoRungsAreKeptApartWithWhatTheyDo() {
        Drill drill = drill(
                List.of(player("p1", 0, "4", Bib.CORAL), player("p2", 5, "6", Bib.CORAL)),
                List.of(run("a1", "p2", 1)),
                List.of(),
                above(
                        "s2",
                        "s1",
                        List.of(player("p2", -20, "11", Bib.SKY)),
                        List.of(
                                new Action.Pass("a1", "p1", Spot.at("p2"), Action.Touch.CONTROLLED, Cue.whistle()),
                                run("a2", "p2", 3)),
                        List.of()),
                above(
                        "s3",
                        "s2",
                        List.of(),
                        List.of(new Shadow(
                                "a4",
                                "p1",
                                "p2",
                                new Shadow.Style(Shadow.Way.MARK, Shadow.Side.ANY, 1),
                                Action.Gait.RUN,
                                Optional.empty(),
                                Cue.with("a2"))),
                        List.of()));
        assertEquals(List.of("11", "4"), labels(drill, "s2"), "6 is lost there");
        Untangled u = Untangled.of(drill);
        assertEquals(List.of("4", "6"), labels(u.drill(), "s1"));
        assertEquals(List.of("11", "4", "6"), labels(u.drill(), "s2"));
        Stage top = Ladder.build(u.drill(), "s3");
        Piece.Person eleven = top.people().stream()
                .filter(p -> p.label().equals("11"))
                .findFirst()
                .orElseThrow();
        Piece.Person six = top.people().stream()
                .filter(p -> p.label().equals("6"))
                .findFirst()
                .orElseThrow();
        assertEquals(1, top.actionsOf(six.id()).size(), "6 runs as on the lowest rung");
        assertEquals(1, top.actionsOf(eleven.id()).size());
        assertTrue(top.actions().stream()
                .anyMatch(a -> a instanceof Action.Pass p && p.to().equals(Spot.at(eleven.id()))));
        assertTrue(top.actions().stream()
                .anyMatch(a -> a instanceof Shadow s && s.whom().equals(eleven.id())));
        assertEquals(2, u.words().size());
        assertEquals(
                "The player 11 on \"Rung s2\" and the player 6 on \"Start\" were taken for one thing; they are "
                        + "kept apart now. "
                        + "Look whether each belongs where it is.",
                u.words().get(0));
        isSound(u);
    }

    /** Written by the same id, but that is somebody else up there. */
    @Test
    void actionsOfPeopleWhoAreKeptApartAreKeptApartToo() {
        Drill drill = drill(
                List.of(player("p1", 0, "WA", Bib.MINT), player("p2", -6, "C", Bib.MINT)),
                List.of(run("a1", "p2", 5)),
                List.of(),
                above(
                        "s2",
                        "s1",
                        List.of(player("p2", 9, "GD", Bib.SKY)),
                        List.of(new Shadow(
                                "a1",
                                "p2",
                                "p1",
                                new Shadow.Style(Shadow.Way.MARK, Shadow.Side.ANY, 1),
                                Action.Gait.RUN,
                                Optional.empty(),
                                Cue.whistle())),
                        List.of()));
        Untangled u = Untangled.of(drill);
        Stage two = Ladder.build(u.drill(), "s2");
        assertEquals(List.of("C", "GD", "WA"), labels(u.drill(), "s2"));
        assertEquals(2, two.actions().size());
        assertEquals(
                "GD",
                two.person(two.actions().stream()
                                .filter(Shadow.class::isInstance)
                                .findFirst()
                                .orElseThrow()
                                .who())
                        .orElseThrow()
                        .label());
        assertEquals(
                "C",
                two.person(two.actions().stream()
                                .filter(Travel.Run.class::isInstance)
                                .findFirst()
                                .orElseThrow()
                                .who())
                        .orElseThrow()
                        .label());
        assertEquals(2, u.words().size());
        isSound(u);
    }

    @Test
    void ownVersionsStayVersions() {
        Drill drill = drill(
                List.of(player("p1", 0, "4", Bib.CORAL), Piece.Item.cone("c1", Vec.ZERO, Colour.RED)),
                List.of(run("a1", "p1", 1)),
                List.of(),
                above(
                        "s2",
                        "s1",
                        List.of(player("p1", 12, "4", Bib.CORAL), Piece.Item.cone("c1", Vec.ZERO, Colour.BLUE)),
                        List.of(new Travel.Carry(
                                "a1",
                                "p1",
                                new TravelPath(List.of(Spot.at(9, 9)), false),
                                Action.Gait.RUN,
                                Action.Ending.STOP,
                                Cue.whistle())),
                        List.of()),
                above(
                        "s3",
                        "s1",
                        List.of(new Piece.Goalkeeper("p1", Vec.ZERO, 0, "GK", Bib.LEMON)),
                        List.of(),
                        List.of()));
        Untangled u = Untangled.of(drill);
        assertSame(drill, u.drill());
        assertEquals(List.of(), u.words());
    }

    @Test
    void kindsTellThingsApartOnWhicheverRung() {
        Drill drill = drill(
                List.of(
                        new Piece.LineUp("l1", Vec.ZERO, 0, "1", Bib.MINT, 3, "line"),
                        Piece.Item.cone("c1", Vec.ZERO, Colour.RED)),
                List.of(),
                List.of(Limit.Count.atMost("i1", Limit.Counted.SHOTS, 2, Whom.everybody())),
                above(
                        "s2",
                        "s1",
                        List.of(Piece.Item.of("c1", GearKind.HOOP, Vec.ZERO)),
                        List.of(),
                        List.of(
                                Limit.Count.atMost("l1", Limit.Counted.PASSES, 4, Whom.one("l1")),
                                new Instruction.Freeze("i1", Cue.whistle(), "?", ""))),
                above("s3", "s2", List.of(), List.of(), List.of(), "c1"));
        assertTrue(Soundness.faults(drill, drill.surface()).size() >= 1, "a line-up and a limit of one id");
        Untangled u = Untangled.of(drill);
        Stage two = Ladder.build(u.drill(), "s2");
        assertEquals(3, two.pieces().size(), "line-up, cone and hoop");
        assertEquals(3, two.instructions().size());
        assertEquals(
                Whom.one("l1"),
                two.instructions(Limit.Count.class).get(1).whom(),
                "the limit is about the line-up still");
        Stage three = Ladder.build(u.drill(), "s3");
        assertTrue(
                three.pieces().stream().noneMatch(p -> p instanceof Piece.Item i && i.kind() == GearKind.HOOP),
                "it left out what it saw");
        assertTrue(three.pieces().stream().anyMatch(p -> p instanceof Piece.Item i && i.kind() == GearKind.CONE));
        assertEquals(3, u.words().size());
        isSound(u);
    }

    @Test
    void readsOfTwoRungsKeepTheirOptions() {
        Instruction.Read low = new Instruction.Read(
                "r1",
                "p1",
                List.of(
                        new Instruction.Option("o1", "x", "", List.of("a1")),
                        new Instruction.Option("o2", "y", "", List.of())),
                Optional.empty());
        Instruction.Read high = new Instruction.Read(
                "r1",
                "p9",
                List.of(
                        new Instruction.Option("o1", "x", "", List.of("a8")),
                        new Instruction.Option("o2", "y", "", List.of())),
                Optional.empty());
        Instruction.Read inner = new Instruction.Read(
                "r2",
                "p9",
                List.of(
                        new Instruction.Option("o3", "x", "", List.of()),
                        new Instruction.Option("o4", "y", "", List.of())),
                Optional.of("o1"));
        Drill drill = drill(
                List.of(player("p1", 0, "4", Bib.CORAL)),
                List.of(run("a1", "p1", 1)),
                List.of(low),
                above(
                        "s2",
                        "s1",
                        List.of(player("p9", 5, "9", Bib.SKY)),
                        List.of(run("a8", "p9", 4)),
                        List.of(high, inner)));
        Untangled u = Untangled.of(drill);
        List<Instruction.Read> reads = Ladder.build(u.drill(), "s2").instructions(Instruction.Read.class);
        assertEquals(3, reads.size());
        assertEquals(
                6,
                reads.stream()
                        .flatMap(r -> r.options().stream())
                        .map(Instruction.Option::id)
                        .distinct()
                        .count());
        String outer = reads.stream()
                .filter(r -> r.who().equals("p9") && r.under().isEmpty())
                .findFirst()
                .orElseThrow()
                .options()
                .get(0)
                .id();
        assertEquals(
                Optional.of(outer),
                reads.stream()
                        .filter(r -> r.id().equals("r2"))
                        .findFirst()
                        .orElseThrow()
                        .under());
        assertEquals(1, u.words().size(), "options are not spoken of by themselves");
        isSound(u);
    }
}
