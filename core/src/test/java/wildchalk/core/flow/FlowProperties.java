package wildchalk.core.flow;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.When;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.geometry.Vec;

/** Whatever is said between reps, sense or nonsense: nobody is lost, nobody is in two places, times add up. */
class FlowProperties {

    private static final double MINUTES = 3;

    /** A drill of two to five roles with runs, passes and a shot, and anything said between reps. */
    private static Stage any(int seed) {
        Random random = new Random(seed);
        int n = 2 + random.nextInt(4);
        Stages stages = new Stages();
        List<String> roles = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            String id = "r" + i;
            double x = random.nextInt(30) - 5;
            double y = random.nextInt(30) - 15;
            roles.add(id);
            if (random.nextInt(3) == 0) {
                stages.piece(new Piece.LineUp(id, new Vec(x, y), random.nextInt(6), id, Bib.CORAL, 2, "line " + i));
            } else {
                stages.player(id, x, y, random.nextBoolean() ? Bib.CORAL : Bib.SKY);
            }
        }
        stages.ball("b", "r0").pass("a0", "r0", "r1", Cue.whistle());
        for (int i = 1; i < n; i++) {
            stages.run("a" + i, "r" + i, Cue.whistle(), random.nextInt(30), random.nextInt(30) - 15);
        }
        if (random.nextBoolean()) {
            stages.action(
                    new Action.Shot("s", "r1", new Spot.AtTarget("goal"), Action.Touch.CONTROLLED, Cue.received("a0")));
        }
        for (String role : roles) {
            if (random.nextInt(4) > 0) {
                stages.say(new Rotation.Goes("g" + role, role, to(random, roles), stay(random)));
            }
        }
        said(stages, random);
        return stages.build();
    }

    private static void said(Stages stages, Random random) {
        if (random.nextBoolean()) {
            Optional<Rotation.Turn> turn = random.nextBoolean()
                    ? Optional.empty()
                    : Optional.of(
                            new Rotation.Turn(pick(random, Rotation.Turn.Length.values()), 1 + random.nextInt(3)));
            stages.say(new Rotation.Sides("si", pick(random, Rotation.Taken.values()), turn));
        }
        if (random.nextInt(3) == 0) {
            Cue dead = new Cue(new Cue.Dead("b", pick(random, Cue.Dead.How.values())), 0);
            Cue blown = new Cue(new Cue.Whistle(), 1 + random.nextInt(9));
            stages.say(new Rotation.Over("ov", pick(random, new Cue[] {dead, blown, Cue.after("a1")})));
        }
        if (random.nextInt(4) == 0) {
            stages.say(new Rotation.StepsUp("su", "r1", List.of("a1")));
        }
        if (random.nextInt(4) == 0) {
            Rotation.Often often = random.nextBoolean()
                    ? new Rotation.Times(2 + random.nextInt(3))
                    : new Rotation.UntilWhistle(1 + random.nextInt(20));
            stages.say(new Rotation.Repeats("re", List.of("a0"), often, List.of("r0", "r1")));
        }
        if (random.nextBoolean()) {
            stages.say(new Rotation.Fetches("fe", pick(random, Rotation.Fetcher.values())));
        }
        When when =
                switch (random.nextInt(4)) {
                    case 0 -> new When.Every(1 + random.nextInt(15));
                    case 1 -> new When.At(Cue.received("a0"));
                    case 2 -> new When.Called("go");
                    default -> new When.Ready();
                };
        stages.say(new Rotation.Starts("st", when));
    }

    private static Rotation.To to(Random random, List<String> roles) {
        String other = roles.get(random.nextInt(roles.size()));
        return switch (random.nextInt(6)) {
            case 5 -> new Rotation.GoesOn(other);
            case 0 -> new Rotation.Stays();
            case 1 -> new Rotation.Out();
            case 2 -> new Rotation.ChangesWith(other);
            default -> new Rotation.Becomes(other, random.nextBoolean());
        };
    }

    private static Optional<Rotation.Stay> stay(Random random) {
        return random.nextInt(3) > 0
                ? Optional.empty()
                : Optional.of(new Rotation.Stay(pick(random, Rotation.Counted.values()), 1 + random.nextInt(4)));
    }

    private static <T> T pick(Random random, T[] all) {
        return all[random.nextInt(all.length)];
    }

    private static Flow play(int seed, int people, int copies) {
        return new Flows(any(seed), Stages.TURF).of(people, MINUTES, copies);
    }

    @Property(tries = 300, seed = "19081")
    void peopleAreNeitherLostNorMadeAndInOnePlaceAtATime(
            @ForAll @IntRange(max = 100000) int seed,
            @ForAll @IntRange(max = 24) int people,
            @ForAll @IntRange(min = 1, max = 3) int copies) {
        Flow flow = play(seed, people, copies);
        assertEquals(people, flow.each().size());
        flow.each().forEach((letter, each) -> {
            double at = 0;
            for (Flow.Span span : each.spans()) {
                assertEquals(at, span.from(), 1e-6, letter + " does one thing after the other");
                at = span.to();
            }
            assertEquals(flow.seconds(), at, 1e-6, letter + " is there to the end");
        });
        for (Flow.Rep rep : flow.reps()) {
            assertEquals(
                    rep.cast().size(), new HashSet<>(rep.cast().values()).size(), "one role each in rep " + rep.n());
            for (String who : rep.cast().values()) {
                Flow.Each each = flow.each().get(who);
                assertEquals(rep.copy(), each.copy());
                // Nobody is busy with the last one, or on the way from it, when the next begins.
                boolean free = each.spans().stream()
                        .filter(s -> s.doing() != Doing.WAITING && s.from() < rep.t() - 1e-6)
                        .allMatch(s -> s.to() <= rep.t() + 1e-6);
                assertTrue(free, who + " is there for rep " + rep.n());
            }
        }
    }

    @Property(tries = 200, seed = "19081")
    void thoseWhoWaitAtAnyTimeAddUpToAllWaits(
            @ForAll @IntRange(max = 100000) int seed, @ForAll @IntRange(min = 2, max = 20) int people) {
        Flow flow = play(seed, people, 1);
        double waits = flow.each().values().stream()
                .mapToDouble(e -> e.seconds(Doing.WAITING))
                .sum();
        // Counted from outside: how many wait, looked at between all moments at which anything changes.
        List<Double> moments = flow.each().values().stream()
                .flatMap(e -> e.spans().stream())
                .flatMap(s -> Stream.of(s.from(), s.to()))
                .distinct()
                .sorted()
                .toList();
        double seen = 0;
        for (int i = 0; i + 1 < moments.size(); i++) {
            double middle = (moments.get(i) + moments.get(i + 1)) / 2;
            long waiting = flow.each().values().stream()
                    .filter(e -> e.spans().stream()
                            .anyMatch(s -> s.doing() == Doing.WAITING && s.from() < middle && middle < s.to()))
                    .count();
            seen += waiting * (moments.get(i + 1) - moments.get(i));
        }
        assertEquals(waits, seen, 1e-6);
    }

    @Property(tries = 200, seed = "19081")
    void sameInSameOutAndAJamSaysWhatWouldHelp(
            @ForAll @IntRange(max = 100000) int seed, @ForAll @IntRange(max = 20) int people) {
        Flow flow = play(seed, people, 1);
        assertEquals(flow, play(seed, people, 1));
        flow.jams().forEach(j -> assertTrue(!j.why().isBlank() && !j.mend().isBlank()));
        boolean stopsShort =
                flow.reps().isEmpty() || flow.reps().get(flow.reps().size() - 1).over() + 60 < flow.seconds();
        assertTrue(!stopsShort || !flow.jams().isEmpty(), "a drill that stops says why");
    }

    /** An hour of whistles every half second is cut short, and says so. */
    @Property(tries = 40, seed = "19081")
    void moreThanCanBeWorkedOutIsSaidAndNotPlayed(@ForAll @IntRange(max = 100000) int seed) {
        Stage stage = any(seed);
        Stage often = stage.withInstructions(Stream.concat(
                        stage.instructions().stream().filter(i -> !(i instanceof Rotation.Starts)),
                        Stream.of(new Rotation.Starts("st", new When.Every(0.5))))
                .toList());
        Flow flow = new Flows(often, Stages.TURF).of(24, 60, 1);
        int parts = flow.reps().stream().mapToInt(r -> r.cast().size()).sum();
        assertTrue(parts <= 10_000, parts + " parts");
        boolean stopped =
                flow.reps().isEmpty() || flow.reps().get(flow.reps().size() - 1).t() + 60 < flow.seconds();
        assertTrue(!stopped || !flow.jams().isEmpty(), "what is cut short says so");
    }

    /** Round a ring of any shape and stretch: drawn once and repeated, or all of it drawn. */
    @Property(tries = 100, seed = "19081")
    void aRepeatedStretchIsTheSameFlowAsWrittenOut(
            @ForAll @IntRange(max = 100000) int seed, @ForAll @IntRange(max = 14) int people) {
        Rings ring = new Rings(seed);
        Stage repeated = ring.repeated();
        Stage written = ring.written();
        Flow one = new Flows(repeated, Stages.TURF).of(people, MINUTES, 1);
        Flow other = new Flows(written, Stages.TURF).of(people, MINUTES, 1);
        assertEquals(other.jams(), one.jams());
        assertEquals(other.reps().size(), one.reps().size());
        for (int i = 0; i < one.reps().size(); i++) {
            assertEquals(other.reps().get(i).cast(), one.reps().get(i).cast());
            assertEquals(other.reps().get(i).t(), one.reps().get(i).t(), 0.02);
        }
        other.each().forEach((letter, each) -> {
            for (Doing doing : Doing.values()) {
                assertEquals(each.seconds(doing), one.each().get(letter).seconds(doing), 0.5, letter + " " + doing);
            }
            assertEquals(each.metres(), one.each().get(letter).metres(), 1, letter);
        });
    }

    /** One more who waits never costs a rep, where only line-ups move and all are as quick. */
    @Property(tries = 100, seed = "19081")
    void oneMoreInALineNeverLowersTheNumberOfReps(
            @ForAll @IntRange(max = 100000) int seed, @ForAll @IntRange(min = 2, max = 20) int people) {
        Random random = new Random(seed);
        Stages stages = new Stages()
                .piece(new Piece.LineUp("L", new Vec(0, -6), 0, "L", Bib.CORAL, 2, "first"))
                .piece(new Piece.LineUp("M", new Vec(0, 6), 0, "M", Bib.CORAL, 2, "second"))
                .run("a", "L", Cue.whistle(), 5 + random.nextInt(20), random.nextInt(20))
                .run("c", "M", Cue.whistle(), 5 + random.nextInt(20), -random.nextInt(20))
                .say(new Rotation.Goes("g1", "L", new Rotation.Becomes("M", false), Optional.empty()))
                .say(new Rotation.Goes("g2", "M", new Rotation.Becomes("L", false), Optional.empty()))
                .say(new Rotation.Starts("st", new When.Every(1 + random.nextInt(6))));
        Flows flows = new Flows(stages.build(), Stages.TURF);
        int fewer = flows.of(people, MINUTES, 1).reps().size();
        int more = flows.of(people + 1, MINUTES, 1).reps().size();
        assertTrue(more >= fewer, people + " people " + fewer + " reps, one more " + more);
    }

    @Property(tries = 100, seed = "19081")
    void aMirroredDrillHasTheSameFlowMirrored(
            @ForAll @IntRange(max = 100000) int seed, @ForAll @IntRange(min = 2, max = 16) int people) {
        Stage stage = any(seed);
        Stage mirrored = Mirror.of(stage);
        Flow there = new Flows(stage, Stages.TURF).of(people, MINUTES, 1);
        Flow here = new Flows(mirrored, Stages.TURF).of(people, MINUTES, 1);
        assertEquals(there.reps().size(), here.reps().size());
        for (int i = 0; i < there.reps().size(); i++) {
            assertEquals(there.reps().get(i).cast(), here.reps().get(i).cast());
            assertEquals(there.reps().get(i).t(), here.reps().get(i).t(), 0.02);
        }
    }
}
