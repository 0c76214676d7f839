package wildchalk.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wildchalk.core.check.Finding;
import wildchalk.core.drill.GearKind;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.check.PracticeCheck;
import wildchalk.core.script.Counts;

/**
 * What may be said of groups that go round: what must not follow, who stays, room for two, keepers on their own way.
 */
class RoundRulesTest {

    private static final List<String> NAMES = List.of("gates", "sprints", "goals", "wall", "keepers' corner");

    /** Cones and keepers that each place takes. */
    private final Map<String, Needs> needs = new HashMap<>();

    private KnownNeeds known() {
        return b -> Optional.ofNullable(needs.get(b.id()));
    }

    private void takes(String block, int keepers, int cones, int fewest) {
        needs.put(
                block,
                new Needs(
                        fewest,
                        keepers,
                        new Needs.Kit(Map.of(GearKind.CONE, cones), 2, new Counts.Ball("ball", "balls"), Set.of(), 60),
                        20,
                        Needs.Work.NONE,
                        new Needs.Footing("x", Vec.ZERO, 8, 8, new Content.Area(80, 50)),
                        new Needs.About(Map.of(), false, "")));
    }

    private static Company company(int keepers, Integer... groups) {
        int people = Stream.of(groups).mapToInt(Integer::intValue).sum();
        return new Company(
                "",
                new Company.Heads(people, keepers, groups.length, 0),
                List.of(groups),
                List.of(),
                List.of(),
                Effort.Level.ADULT);
    }

    /** Places 20 m apart along a line, a rule, half an hour. */
    private static Practice evening(int places, Content.Round round, Company company, Map<String, Stand> stands) {
        List<Block> parts = new ArrayList<>();
        for (int p = 0; p < places; p++) {
            parts.add(Block.of(
                            "p" + p,
                            new Content.Play(
                                    new Content.Planned("d" + p, 0, NAMES.get(p)), List.of(), 1, Content.Telling.NONE),
                            Block.Time.of(30))
                    .forGroup(p + 1));
        }
        return Practice.empty("p", "p", new Slot(Optional.empty(), LocalTime.of(18, 0), 60))
                .given(Practice.Setting.UNSAID.with(company))
                .of(List.of(Block.of("all", new Content.Beside(parts, Optional.of(round), stands), Block.Time.of(30))));
    }

    private GoingRound round(Practice practice) {
        return GoingRound.of(practice.blocks().get(0), practice.company(), known())
                .orElseThrow();
    }

    private static List<Integer> way(GoingRound round, int group) {
        return IntStream.range(0, round.turns().count())
                .mapToObj(t -> round.turns().place(t, group))
                .toList();
    }

    @Test
    void keepersGoTheirOwnWay() {
        // Two goals want a keeper each, three keepers, and a corner of their own.
        takes("p0", 1, 4, 3);
        takes("p1", 0, 6, 3);
        takes("p2", 1, 0, 3);
        Content.Round rule = new Content.Round(false).keeping("p3");
        GoingRound round = round(evening(4, rule, company(3, 5, 5, 5), Map.of()));
        assertEquals(3, round.turns().count(), "nobody of a group goes to the corner");
        assertEquals(3, round.places().size());
        Block corner = Block.of("p3", new Content.Words(Content.Sort.FREE, ""), Block.Time.of(1));
        int[] goals = new int[3];
        for (int t = 0; t < 3; t++) {
            assertEquals(List.of(), round.there(t, corner));
            assertEquals(1, round.keepers(t, corner).size());
            Set<Integer> seen = new HashSet<>(round.keepers(t, corner));
            for (Block place : round.places()) {
                List<Integer> here = round.keepers(t, place);
                assertEquals(place.id().equals("p1") ? 0 : 1, here.size(), place.id());
                here.forEach(k -> {
                    assertTrue(seen.add(k), "nobody is in two places");
                    goals[k]++;
                });
            }
            assertEquals(3, seen.size(), "and everybody somewhere");
        }
        assertEquals(List.of(2, 2, 2), IntStream.of(goals).boxed().toList());
    }

    @Test
    void tooFewKeepersAreSaid() {
        takes("p0", 1, 4, 3);
        takes("p1", 1, 4, 3);
        takes("p2", 1, 4, 3);
        Content.Round rule = new Content.Round(false).keeping("p3");
        Practice evening = evening(4, rule, company(2, 5, 5, 5), Map.of());
        assertEquals(
                List.of(1, 1, 1),
                round(evening).keeping().orElseThrow().keeping().lacking());
        assertTrue(
                words(evening).contains("A keeper is wanted in turn 1 that is not there."),
                words(evening).toString());
    }

    private List<String> words(Practice evening) {
        return PracticeCheck.all(PracticeCheck.Worked.of(evening, known())).stream()
                .map(Finding::words)
                .toList();
    }

    @Test
    void sprintsNeverFollowGates() {
        Content.Round.Never never = new Content.Round.Never("p0", "p1");
        GoingRound round = round(evening(4, new Content.Round(false).turning(never), company(0, 4, 4, 4, 4), Map.of()));
        for (int g = 0; g < 4; g++) {
            List<Integer> way = way(round, g);
            assertTrue(way.indexOf(1) != way.indexOf(0) + 1, way.toString());
            assertEquals(Set.of(0, 1, 2, 3), Set.copyOf(way), "everybody everywhere");
        }
        Content.Round both = new Content.Round(false).turning(never).turning(new Content.Round.Never("p1", "p0"));
        Practice two = evening(2, both, company(0, 4, 4), Map.of());
        assertTrue(
                words(two).contains("sprints comes right after gates for somebody: there is no order without it."),
                words(two).toString());
        // Taken back, it may.
        assertEquals(
                Set.of(), new Content.Round(false).turning(never).turning(never).never());
    }

    @Test
    void aStrongGroupStaysAndTwoFitAtOnePlace() {
        Content.Round.Stay stay = new Content.Round.Stay(2, "p2");
        GoingRound longer = round(evening(3, new Content.Round(false).turning(stay), company(0, 4, 4, 4), Map.of()));
        List<Integer> way = way(longer, 1);
        assertEquals(2, way.stream().filter(p -> p == 2).count());
        assertEquals(1, way.lastIndexOf(2) - way.indexOf(2));
        GoingRound wide = round(evening(
                2, new Content.Round(false).holding("p0", 2).holding("p1", 2), company(0, 4, 4, 4, 4), Map.of()));
        assertEquals(2, wide.turns().count(), "four groups at two places that take two each");
        assertEquals(2, wide.there(0, wide.places().get(0)).size());
        assertEquals(2, wide.there(1, wide.places().get(0)).size());
    }

    @Test
    void changesAreAsLongAsTheWaysOnTheGround() {
        Map<String, Stand> stands = Map.of(
                "p0", new Stand(new Vec(0, 0), 0),
                "p1", new Stand(new Vec(30, 0), 90),
                "p2", new Stand(new Vec(30, 40), 0));
        GoingRound round = round(evening(3, new Content.Round(false), company(0, 4, 4, 4), stands));
        assertTrue(round.placed());
        for (int t = 1; t < 3; t++) {
            // All three move on, so somebody has the fifty metres: 20 s at a jog, and five until all have heard.
            assertEquals(25, round.change(t), 1e-9);
        }
        assertEquals((30 * 60 - 50) / 3.0, round.seconds(), 1e-9);
        Random random = new Random(5);
        for (int n = 0; n < 40; n++) {
            Map<String, Stand> any = new HashMap<>();
            for (int p = 0; p < 4; p++) {
                any.put("p" + p, new Stand(new Vec(random.nextInt(60), random.nextInt(40)), 0));
            }
            GoingRound there = round(evening(4, new Content.Round(false), company(0, 4, 4, 4), any));
            for (int t = 1; t < there.turns().count(); t++) {
                double longest = 0;
                for (int g = 0; g < 3; g++) {
                    String from = "p" + there.turns().place(t - 1, g);
                    String to = "p" + there.turns().place(t, g);
                    longest = Math.max(
                            longest, any.get(from).at().distance(any.get(to).at()));
                }
                assertEquals(Math.ceil(longest / 2.5) + 5, there.change(t), 1e-9);
            }
        }
    }

    @Test
    void aKeeperWithTheLongestWayIsWaitedFor() {
        takes("p0", 0, 0, 3);
        takes("p1", 1, 0, 3);
        Map<String, Stand> stands = Map.of(
                "p0", new Stand(new Vec(0, 0), 0),
                "p1", new Stand(new Vec(10, 0), 0),
                "p2", new Stand(new Vec(10, 50), 0));
        GoingRound round = round(evening(3, new Content.Round(false).keeping("p2"), company(2, 4, 4), stands));
        assertEquals(25, round.change(1), 1e-9, "one keeper comes, the other goes, fifty metres");
    }

    @Test
    void allItsGearIsOutAtEveryMoment() {
        for (int p = 0; p < 3; p++) {
            takes("p" + p, 0, 4 + p, 3);
        }
        Practice evening = evening(3, new Content.Round(false), company(0, 4, 4, 4), Map.of());
        Plan plan = Plan.of(evening, known());
        Makeup.Bring bring = Makeup.bring(plan, known());
        assertEquals(15, bring.gear().get(GearKind.CONE), "4, 5 and 6: all of it stands all the time");
        assertEquals(6, bring.balls());
        Practice few = evening.given(
                evening.setting().with(new Bag(Map.of(GearKind.CONE, 14), java.util.OptionalInt.empty())));
        assertTrue(
                words(few).stream().anyMatch(w -> w.contains("15 cones out at once, the bag holds 14")),
                words(few).toString());
    }

    @Test
    void everyGroupIsLargeEnoughForEveryPlace() {
        takes("p0", 0, 4, 3);
        takes("p1", 0, 4, 5);
        Practice evening = evening(2, new Content.Round(false), company(0, 4, 6), Map.of());
        // The group of four begins at the place for three, and comes to the one for five.
        assertTrue(
                words(evening).contains("It takes 5 people, and group 1 is 4."),
                words(evening).toString());
    }

    @Test
    void moreGroupsThanPeopleAndNobodyToLead() {
        takes("p0", 0, 4, 2);
        takes("p1", 0, 4, 2);
        Practice evening = evening(2, new Content.Round(false), company(0, 1, 0, 1), Map.of());
        assertTrue(
                words(evening).contains("It takes 2 people, and group 2 is 0."),
                words(evening).toString());
        Company one =
                new Company("", new Company.Heads(8, 0, 1, 0), List.of(4, 4), List.of(), List.of(), Effort.Level.ADULT);
        Practice few = evening(2, new Content.Round(false), one, Map.of());
        assertTrue(
                words(few).contains("2 things at one time, and too few to lead them."),
                words(few).toString());
        Company none =
                new Company("", new Company.Heads(8, 0, 0, 0), List.of(), List.of(), List.of(), Effort.Level.ADULT);
        assertEquals(
                2,
                round(evening(2, new Content.Round(false), none, Map.of()))
                        .turns()
                        .count(),
                "as many as places");
    }

    @Test
    void tooManyAreNotGoneRoundAndThatIsSaid() {
        Integer[] groups = new Integer[13];
        Arrays.fill(groups, 2);
        Practice evening = evening(2, new Content.Round(false), company(0, groups), Map.of());
        assertTrue(
                words(evening).stream().anyMatch(w -> w.startsWith("More than 12 groups or places")),
                words(evening).toString());
    }

    @Test
    void whatIsCopiedKeepsItsRulesAndItsPlaces() {
        Content.Round rule = new Content.Round(true)
                .turning(new Content.Round.Never("p0", "p1"))
                .holding("p1", 2)
                .keeping("p2");
        Practice evening = evening(3, rule, company(0, 4, 4), Map.of("p1", new Stand(new Vec(4, 5), 90)));
        Practice twice = PracticeEdits.again(evening.blocks().get(0)).apply(evening);
        Content.Beside copy = (Content.Beside) twice.blocks().get(1).content();
        assertEquals(
                List.of("b1.1", "b1.2", "b1.3"),
                copy.blocks().stream().map(Block::id).toList());
        assertEquals(
                new Content.Round(true)
                        .turning(new Content.Round.Never("b1.1", "b1.2"))
                        .holding("b1.2", 2)
                        .keeping("b1.3"),
                copy.round().orElseThrow());
        assertEquals(Map.of("b1.2", new Stand(new Vec(4, 5), 90)), copy.stands());
        // What is taken out takes with it what is said of it.
        Practice less = PracticeEdits.remove(evening.block("p1").orElseThrow()).apply(evening);
        Content.Beside left = (Content.Beside) less.blocks().get(0).content();
        assertEquals(new Content.Round(true).keeping("p2"), left.round().orElseThrow());
        assertEquals(Map.of(), left.stands());
    }
}
