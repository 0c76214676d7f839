package wildchalk.core.ruling;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.soundness.Soundness;

/** Every choice that is offered is taken, and read back. */
class RulesTest {

    private static Stages pieces() {
        return new Stages()
                .player("7", 0, 0)
                .player("9", 10, 0)
                .player("4", 6, 4, Bib.SKY)
                .player("5", 12, -4, Bib.MINT)
                .piece(new Piece.Zone("z", new Vec(4, 0), Outline.rectangle(20, 16), "yard", Colour.BLUE))
                .piece(Piece.Item.cone("c1", new Vec(15, 2), Colour.YELLOW))
                .piece(Piece.Item.cone("c2", new Vec(15, 6), Colour.YELLOW))
                .ball("b", "7")
                .pass("a1", "7", "9", Cue.whistle())
                .carry("a2", "9", Cue.received("a1"), 14, 0);
    }

    private static Drill ruled() {
        return Stages.drill(pieces().action(new PlayOn(
                        "a3", "9", List.of(), Optional.empty(), PlayOn.Until.seconds(20), "", Cue.after("a2")))
                .say(Limit.Count.atMost("l1", Limit.Counted.TOUCHES, 2, new Whom.Team(Bib.SKY)))
                .say(new Limit.StayIn("l2", Whom.one("4"), "z", Optional.empty()))
                .say(new Limit.OnlyIn("l3", "z", new Whom.Team(Bib.CORAL)))
                .say(new Limit.NotBefore("l4", Whom.one("4"), new Cue.Received("a1")))
                .say(new Limit.Within("l5", 10, Optional.of("z"), Optional.empty()))
                .say(new Limit.EntriesFirst("l6", 1, "z"))
                .say(new Limit.PassesFirst("l7", 1, Optional.empty()))
                .say(new Game.Duty(
                        "g1",
                        new Whom.Being(Whom.Role.NEAREST, Optional.of(Bib.SKY), 1, Optional.empty()),
                        Game.Task.DROP,
                        4,
                        Cue.received("a1")))
                .say(new Game.Trade("g2", Game.Lost.THE_SIDE))
                .say(new Game.Says("g3", Whom.one("9"), "here", Whom.everybody(), true, Optional.of(Cue.with("a2"))))
                .say(new Game.WatchFor("g4", Whom.one("9"), Optional.empty(), "late", "sooner"))
                .say(new Game.GoalAt("g5", "goal", Optional.of(new Vec(20, 0)), Math.PI))
                .say(new Given.Starts("g7", Whom.one("9"), Given.Low.LYING))
                .say(new Given.Ability("g8", new Whom.Team(Bib.SKY), Optional.of(Effort.Level.UNDER_12), 0.5))
                .say(new Given.ByAge("g9", "9", Optional.of("goal"), Map.of(Effort.Level.UNDER_10, 12.0)))
                .say(new Game.Duty(
                        "g10", new Whom.Team(Bib.SKY), Game.Task.SPREAD, 4, Optional.of("z"), Cue.received("a1")))
                .say(new Game.Code("g6", List.of(new Game.Part("gap", List.of("c1", "c2"), true))))
                .build());
    }

    private static Rules rules(Drill drill) {
        Stage stage = Ladder.build(drill, "s1");
        return new Rules("s1", stage, Stages.TURF, Unit.METRES, Rehearsal.of(stage, Stages.TURF));
    }

    private static Rule rule(Drill drill, String id) {
        return rules(drill).all().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Choice choice(Drill drill, String id, String about, String words) {
        return rule(drill, id).instead().stream()
                .filter(i -> i.words().equals(about))
                .flatMap(i -> i.all().stream())
                .filter(c -> c.words().equals(words))
                .findFirst()
                .orElseThrow(() -> new AssertionError(id + ": " + about + ": " + words));
    }

    @Test
    void everyChoiceThatIsTakenIsSaidThenAndTheDrillStaysSound() {
        Drill drill = ruled();
        int taken = 0;
        for (Rule rule : rules(drill).all()) {
            for (Instead about : rule.instead()) {
                for (Choice choice : about.all()) {
                    Drill after = choice.edit().apply(drill);
                    assertEquals(List.of(), Soundness.faults(after, Stages.TURF), rule.words() + " " + choice.words());
                    if (about.several()) {
                        assertFalse(choice.taken()
                                == choice(after, rule.id(), about.words(), choice.words())
                                        .taken());
                    } else if (!choice.words().contains("turns round")) {
                        // A mouth that is turned round stays then as it is.
                        assertTrue(
                                choice(after, rule.id(), about.words(), choice.words())
                                        .taken(),
                                rule.words() + " " + about.words() + ": " + choice.words());
                    }
                    taken++;
                }
            }
        }
        assertTrue(taken > 250, taken + " choices");
    }

    @Test
    void everyRuleCanBeTakenAwayAndItsOwnWordsChanged() {
        Drill drill = ruled();
        for (Rule rule : rules(drill).all()) {
            Drill without = rule.away().apply(drill);
            assertTrue(rules(without).all().stream().noneMatch(r -> r.id().equals(rule.id())), rule.words());
            for (Typed typed : rule.typed()) {
                // What is typed where a number belongs is a number.
                boolean number = typed.key().startsWith("age-");
                String text = number ? "7" : "something new";
                Drill after = typed.edit().apply(text).apply(drill);
                assertEquals(
                        text,
                        rule(after, rule.id()).typed().stream()
                                .filter(t -> t.key().equals(typed.key()))
                                .findFirst()
                                .orElseThrow()
                                .now());
                assertTrue(rule(after, rule.id()).words().contains(number ? "7" : "omething new"), rule.words());
            }
        }
    }

    @Test
    void whateverIsOfferedBesidesIsSaidAndSound() {
        Drill drill = Stages.drill(pieces().build());
        Stage stage = Ladder.build(drill, "s1");
        Set<String> about = new HashSet<>();
        for (Set<String> chosen : List.of(Set.<String>of(), Set.of("7", "4"), Set.of("c1", "c2"), Set.of("z"))) {
            for (Instead fresh :
                    new Rules("s1", stage, Stages.TURF, Unit.METRES, Rehearsal.of(stage, Stages.TURF)).fresh(chosen)) {
                about.add(fresh.words());
                for (Choice choice : fresh.all()) {
                    Drill after = choice.edit().apply(drill);
                    assertEquals(List.of(), Soundness.faults(after, Stages.TURF), choice.words());
                    assertEquals(1, rules(after).all().size(), choice.words());
                }
            }
        }
        assertEquals(
                Set.of(
                        "Live play",
                        "A limit",
                        "A task",
                        "When the ball is lost",
                        "What players call",
                        "What to watch for",
                        "The same elsewhere",
                        "A call with figures",
                        "Goals",
                        "How somebody starts",
                        "Who is how far on",
                        "A number that follows the age"),
                about);
    }

    @Test
    void livePlayIsOfferedWhereWhatIsDrawnEnds() {
        Drill drill = Stages.drill(pieces().build());
        Stage stage = Ladder.build(drill, "s1");
        Choice first = new Rules("s1", stage, Stages.TURF, Unit.METRES, Rehearsal.of(stage, Stages.TURF))
                .fresh(Set.of())
                .get(0)
                .all()
                .get(0);
        assertEquals("they play it out in the yard", first.words());
        Stage live = Ladder.build(first.edit().apply(drill), "s1");
        PlayOn play = (PlayOn) live.actions().get(2);
        assertEquals("9", play.who(), "who has the ball then");
        assertEquals(Cue.after("a2"), play.cue());
        assertEquals(3, play.sides().size());
        assertEquals(List.of(), Rehearsal.of(live, Stages.TURF).problems());
    }

    @Test
    void whatBeginsAsLivePlayEndsCanFollowFromHowItEnds() {
        Drill drill = Stages.drill(pieces().action(new PlayOn(
                        "a3",
                        "9",
                        List.of(),
                        Optional.empty(),
                        PlayOn.Until.seconds(20).toggled(PlayOn.Ends.GOAL).toggled(PlayOn.Ends.WON),
                        "",
                        Cue.after("a2")))
                .run("a4", "7", Cue.after("a3"), 5, 5)
                .run("a5", "4", Cue.after("a3"), -5, 5)
                .build());
        Drill each = choice(drill, "a3", "What begins then", "is each one way that it can end")
                .edit()
                .apply(drill);
        Instruction.Read read =
                Ladder.build(each, "s1").instructions(Instruction.Read.class).get(0);
        assertEquals("a3", read.who());
        assertEquals(
                List.of("a goal", "the others win it"),
                read.options().stream().map(Instruction.Option::label).toList());
        assertEquals(List.of(), Soundness.faults(each, Stages.TURF));
        Drill all = choice(each, "a3", "What begins then", "happens all").edit().apply(each);
        assertTrue(Ladder.build(all, "s1").instructions(Instruction.Read.class).isEmpty());
    }
}
