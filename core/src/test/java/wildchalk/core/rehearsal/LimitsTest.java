package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Limit.Counted;
import wildchalk.core.drill.Limit.EntriesFirst;
import wildchalk.core.drill.Limit.NotBefore;
import wildchalk.core.drill.Limit.OnlyIn;
import wildchalk.core.drill.Limit.PassesFirst;
import wildchalk.core.drill.Limit.Within;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Whom;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Speeds;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** What breaks a limit, and when, each case worked by hand. */
class LimitsTest {

    private static final Speeds TURF = Speeds.of(Stages.TURF);

    private static Stages three() {
        return new Stages()
                .player("7", 0, 0)
                .player("8", 10, 0)
                .player("9", 20, 0, Bib.CORAL)
                .ball("b", "7");
    }

    private static Event breach(Timeline t) {
        List<Event> all =
                t.events().stream().filter(e -> e.kind() == Event.Kind.LIMIT).toList();
        assertEquals(1, all.size(), t.events().toString());
        assertEquals(1, t.problems().size());
        assertEquals(all.get(0).t(), t.problems().get(0).t());
        return all.get(0);
    }

    private static void isKept(Timeline t) {
        assertTrue(t.events().stream().noneMatch(e -> e.kind() == Event.Kind.LIMIT));
        assertEquals(List.of(), t.problems());
    }

    @Test
    void oneTouchIsAFirstTimePass() {
        Limit.Count one = Limit.Count.atMost("l", Counted.TOUCHES, 1, Whom.one("8"));
        isKept(three().pass("a1", "7", "8", Cue.whistle())
                .firstTime("a2", "8", "9", Cue.received("a1"))
                .say(one)
                .rehearse());
        Timeline t = three().pass("a1", "7", "8", Cue.whistle())
                .pass("a2", "8", "9", Cue.received("a1"))
                .say(one)
                .rehearse();
        assertEquals(t.times("a2").orElseThrow().start(), breach(t).t());
        assertEquals(
                "8 needs 2 touches and may have 1: let them play it sooner, or allow more",
                t.problems().get(0).message());
    }

    @Test
    void carryTakesATouchForEveryThreeMetres() {
        // Receiving, 9 m at 3 m a touch, passing on: five.
        Stages stages = three().pass("a1", "7", "8", Cue.whistle())
                .carry("a2", "8", Cue.received("a1"), 10, 9)
                .pass("a3", "8", "9", Cue.next());
        isKept(stages.say(Limit.Count.atMost("l", Counted.TOUCHES, 5, Whom.everybody()))
                .rehearse());
        Timeline t = three().pass("a1", "7", "8", Cue.whistle())
                .carry("a2", "8", Cue.received("a1"), 10, 9)
                .pass("a3", "8", "9", Cue.next())
                .say(Limit.Count.atMost("l", Counted.TOUCHES, 4, Whom.everybody()))
                .rehearse();
        assertEquals("a3", t.problems().get(0).action());
        breach(t);
    }

    @Test
    void dribblesAreCountedByTheWayAndAnewForEachSpell() {
        Stages stages = new Stages()
                .player("7", 0, 0)
                .player("8", 8, 10)
                .ball("b", "7")
                .carry("a1", "7", Cue.whistle(), 4, 0)
                .pass("a2", "7", "8", Cue.next())
                .carry("a3", "8", Cue.received("a2"), 8, 14);
        isKept(stages.say(Limit.Count.atMost("l", Counted.DRIBBLES, 2, Whom.everybody()))
                .rehearse());
        assertEquals(
                "a4",
                new Stages()
                        .player("7", 0, 0)
                        .ball("b", "7")
                        .carry("a1", "7", Cue.whistle(), 2, 0)
                        .carry("a4", "7", Cue.next(), 8, 0)
                        .say(Limit.Count.atMost("l", Counted.DRIBBLES, 2, Whom.everybody()))
                        .rehearse()
                        .problems()
                        .get(0)
                        .action());
    }

    @Test
    void passNumberThreeIsOneTooMany() {
        Timeline t = three().pass("a1", "7", "8", Cue.whistle())
                .pass("a2", "8", "9", Cue.received("a1"))
                .pass("a3", "9", "7", Cue.received("a2"))
                .say(Limit.Count.atMost("l", Counted.PASSES, 2, Whom.everybody()))
                .rehearse();
        assertEquals(t.times("a3").orElseThrow().release(), breach(t).t());
        assertEquals("9", breach(t).who());
    }

    @Test
    void shotBeforeThePassesIsEarly() {
        Timeline t = three().pass("a1", "7", "8", Cue.whistle())
                .shot("a2", "8", Cue.received("a1"))
                .say(new PassesFirst("l", 2, Optional.empty()))
                .rehearse();
        assertEquals(t.times("a2").orElseThrow().release(), breach(t).t());
        isKept(three().pass("a1", "7", "8", Cue.whistle())
                .shot("a2", "8", Cue.received("a1"))
                .say(new PassesFirst("l", 1, Optional.empty()))
                .rehearse());
    }

    @Test
    void ballThatCrossesTheLineBeforeThePassesIsEarly() {
        // From x = −5 to the halfway line at x = 0 in the pass itself: not received yet.
        Timeline t = new Stages()
                .player("7", -5, 0)
                .player("8", 10, 0)
                .ball("b", "7")
                .pass("a1", "7", "8", Cue.whistle())
                .say(new PassesFirst("l", 1, Optional.of("halfway-line")))
                .rehearse();
        assertEquals(TURF.pass().gone(breach(t).t(), 15), 5, 0.01);
    }

    @Test
    void ballHasToBeBroughtIntoTheZoneBeforeTheShot() {
        // The circle begins 14.63 m from the goal: at x = 31.07.
        EntriesFirst once = new EntriesFirst("l", 1, "circle");
        isKept(new Stages()
                .player("7", 20, 0)
                .ball("b", "7")
                .carry("a1", "7", Cue.whistle(), 35, 0)
                .shot("a2", "7", Cue.next())
                .say(once)
                .rehearse());
        Timeline t = new Stages()
                .player("7", 20, 0)
                .ball("b", "7")
                .shot("a2", "7", Cue.whistle())
                .say(once)
                .rehearse();
        assertEquals(t.times("a2").orElseThrow().release(), breach(t).t());
    }

    @Test
    void shotMustComeInTime() {
        Stages late = new Stages()
                .player("7", 0, 0)
                .ball("b", "7")
                .shot("a1", "7", Cue.whistle().delayed(5));
        Timeline t =
                late.say(new Within("l", 4, Optional.empty(), Optional.empty())).rehearse();
        assertEquals(4, breach(t).t());
        assertEquals("a1", t.problems().get(0).action());
        isKept(new Stages()
                .player("7", 0, 0)
                .ball("b", "7")
                .shot("a1", "7", Cue.whistle().delayed(3.9))
                .say(new Within("l", 4, Optional.empty(), Optional.empty()))
                .rehearse());
    }

    @Test
    void clockCanStartWithAnythingThatHappens() {
        Stages stages = three().pass("a1", "7", "8", Cue.whistle())
                .shot("a2", "8", Cue.received("a1").delayed(2));
        isKept(stages.say(new Within("l", 2.5, Optional.empty(), Optional.of(new Cue.Received("a1"))))
                .rehearse());
        Timeline t = three().pass("a1", "7", "8", Cue.whistle())
                .shot("a2", "8", Cue.received("a1").delayed(2))
                .say(new Within("l", 1.5, Optional.empty(), Optional.of(new Cue.Received("a1"))))
                .rehearse();
        assertEquals(t.times("a1").orElseThrow().arrival() + 1.5, breach(t).t(), 1e-9);
    }

    @Test
    void ballMustBeInTheZoneInTime() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .ball("b", "7")
                .carry("a1", "7", Cue.whistle(), 20, 0)
                .say(new Within("l", 3, Optional.of("circle"), Optional.empty()))
                .rehearse();
        assertTrue(
                t.problems().get(0).message().contains("there is none"),
                t.problems().toString());
        assertEquals(3, breach(t).t());
    }

    @Test
    void whoMayNotBeThereIsSeenComingIn() {
        OnlyIn only = new OnlyIn("l", "circle", new Whom.People(List.of("8")));
        Timeline t = new Stages()
                .player("7", 11.07, 0)
                .player("8", 11.07, 3)
                .sprint("a1", "7", Cue.whistle(), 40, 0)
                .sprint("a3", "7", Cue.next(), 45, 0)
                .sprint("a2", "8", Cue.whistle(), 35, 3)
                .say(only)
                .rehearse();
        assertEquals("7", breach(t).who());
        assertEquals(
                ClosedForm.secondsFor(20, TURF.top().get(Gait.SPRINT)),
                breach(t).t(),
                0.01);
        assertEquals("a1", t.problems().get(0).action());
    }

    @Test
    void ballMayNotBeTouchedBeforeTheForwardHas() {
        NotBefore before = new NotBefore("l", Whom.one("9"), new Cue.Touches("8"));
        isKept(three().pass("a1", "7", "8", Cue.whistle())
                .pass("a2", "8", "9", Cue.received("a1"))
                .say(before)
                .rehearse());
        Timeline t = three().pass("a1", "7", "9", Cue.whistle())
                .pass("a2", "9", "8", Cue.received("a1"))
                .say(before)
                .rehearse();
        assertEquals(t.times("a1").orElseThrow().arrival(), breach(t).t());
    }

    /** Id of the action that breaks the only limit that is broken; of the limit, where none does. */
    private static String broken(Timeline t) {
        breach(t);
        return t.problems().get(0).action();
    }

    private static Limit.Span span(Counted counted, Whom whom) {
        return Limit.Span.of(counted, whom);
    }

    private static Stages passing() {
        return new Stages()
                .player("7", 0, 0)
                .player("8", 10, 0)
                .player("9", 20, 0)
                .player("4", 20, 8, Bib.SKY)
                .piece(new Piece.Coach("c", new Vec(-8, 0), 0, "C"))
                .ball("b", "c")
                .pass("a1", "c", "7", Cue.whistle())
                .pass("a2", "7", "8", Cue.received("a1"))
                .pass("a3", "8", "9", Cue.received("a2"));
    }

    @Test
    void feedsAreLeftApartWhereThatIsSaid() {
        Limit.Span span = span(Counted.PASSES, Whom.everybody());
        isKept(passing()
                .say(new Limit.Count("l", Counted.PASSES, Limit.Bound.AT_LEAST, 3, span))
                .rehearse());
        String few = broken(passing()
                .say(new Limit.Count("l", Counted.PASSES, Limit.Bound.AT_LEAST, 3, span.feeds(false)))
                .rehearse());
        assertEquals("l", few);
        isKept(passing()
                .say(new Limit.Count("l", Counted.PASSES, Limit.Bound.AT_MOST, 2, span.feeds(false)))
                .rehearse());
    }

    @Test
    void passesEachTimeBeginAnewWhenTheOthersHaveIt() {
        Stages lost = passing().pass("a4", "9", "4", Cue.received("a3")).pass("a5", "4", "9", Cue.received("a4"));
        Limit.Span each =
                span(Counted.PASSES, Whom.everybody()).per(Limit.Per.EACH_TIME).feeds(false);
        isKept(lost.say(new Limit.Count("l", Counted.PASSES, Limit.Bound.AT_MOST, 3, each))
                .rehearse());
        Limit.Span rep = span(Counted.PASSES, Whom.everybody()).feeds(false);
        assertEquals(
                "a5",
                broken(passing()
                        .pass("a4", "9", "4", Cue.received("a3"))
                        .pass("a5", "4", "9", Cue.received("a4"))
                        .say(new Limit.Count("l", Counted.PASSES, Limit.Bound.AT_MOST, 3, rep))
                        .rehearse()));
    }

    @Test
    void limitOfATeamBindsNobodyElse() {
        Stages stages = passing().pass("a4", "9", "4", Cue.received("a3")).pass("a5", "4", "9", Cue.received("a4"));
        isKept(stages.say(Limit.Count.atMost("l", Counted.PASSES, 1, new Whom.Team(Bib.SKY)))
                .rehearse());
        assertEquals(
                "a3",
                passing()
                        .say(Limit.Count.atMost("l", Counted.PASSES, 1, new Whom.Team(Bib.CORAL)))
                        .rehearse()
                        .problems()
                        .get(0)
                        .action());
    }

    @Test
    void dribblesCountUntilTheFirstPassAndTogetherInTheRep() {
        Stages stages = three().carry("a1", "7", Cue.whistle(), 4, 0)
                .pass("a2", "7", "8", Cue.after("a1"))
                .carry("a3", "8", Cue.received("a2"), 14, 0);
        Limit.Span rep = span(Counted.DRIBBLES, Whom.everybody()).per(Limit.Per.REP);
        Limit.Span before = rep.between(Optional.empty(), Optional.of(new Cue.Released("a2")));
        isKept(stages.say(new Limit.Count("l", Counted.DRIBBLES, Limit.Bound.AT_MOST, 2, before))
                .rehearse());
        assertEquals(
                "a3",
                broken(three().carry("a1", "7", Cue.whistle(), 4, 0)
                        .pass("a2", "7", "8", Cue.after("a1"))
                        .carry("a3", "8", Cue.received("a2"), 14, 0)
                        .say(new Limit.Count("l", Counted.DRIBBLES, Limit.Bound.AT_MOST, 2, rep))
                        .rehearse()));
    }

    private static Stages zoned() {
        return new Stages()
                .player("7", 0, 0)
                .player("9", 24, 0)
                .player("4", 12, 6, Bib.SKY)
                .piece(new Piece.Zone("z", new Vec(12, 0), Outline.rectangle(6, 16), "", Colour.BLUE))
                .ball("b", "7");
    }

    @Test
    void passOverAnAreaIsNoEntryIntoIt() {
        Stages over = zoned().pass("a1", "7", "9", Cue.whistle()).shot("a2", "9", Cue.received("a1"));
        assertEquals("a2", broken(over.say(new EntriesFirst("l", 1, "z")).rehearse()));
        isKept(zoned().carry("a1", "7", Cue.whistle(), 12, 0)
                .pass("a3", "7", "9", Cue.after("a1"))
                .shot("a2", "9", Cue.received("a3"))
                .say(new EntriesFirst("l", 1, "z"))
                .rehearse());
    }

    @Test
    void whoMustStayInAnAreaMayLeaveItWhenTheMomentHasCome() {
        Limit.StayIn until = new Limit.StayIn("l", new Whom.Team(Bib.SKY), "z", Optional.of(new Cue.Received("a1")));
        isKept(zoned().pass("a1", "7", "9", Cue.whistle())
                .run("a2", "4", Cue.received("a1"), 20, 12)
                .say(until)
                .rehearse());
        Timeline out = zoned().pass("a1", "7", "9", Cue.whistle())
                .sprint("a2", "4", Cue.whistle(), 30, 12)
                .say(new Limit.StayIn("l", new Whom.Team(Bib.SKY), "z", Optional.empty()))
                .rehearse();
        assertEquals("4", breach(out).who());
        assertEquals("a2", broken(out));
    }

    @Test
    void whoMayComeInMayNotComeTooSoon() {
        OnlyIn only = new OnlyIn("l", "z", new Whom.People(List.of("7", "4")), Optional.of(new Cue.Received("a1")));
        isKept(new Stages()
                .player("7", 0, 0)
                .player("9", 24, 0)
                .piece(new Piece.Zone("z", new Vec(12, 0), Outline.rectangle(6, 16), "", Colour.BLUE))
                .ball("b", "7")
                .pass("a1", "7", "9", Cue.whistle())
                .run("a2", "7", Cue.received("a1"), 12, 0)
                .say(only)
                .rehearse());
        assertEquals(
                "7",
                breach(new Stages()
                                .player("7", 0, 0)
                                .player("9", 24, 0)
                                .piece(new Piece.Zone("z", new Vec(12, 0), Outline.rectangle(6, 16), "", Colour.BLUE))
                                .ball("b", "9")
                                .run("a2", "7", Cue.whistle(), 12, 0)
                                .pass("a1", "9", "7", Cue.after("a2"))
                                .say(only)
                                .rehearse())
                        .who());
    }

    @Test
    void aTeamMayNotTouchTheBallBeforeAMoment() {
        NotBefore hands = new NotBefore("l", new Whom.Team(Bib.SKY), new Cue.Received("a3"));
        assertEquals(
                "4",
                breach(three().player("4", 0, 8, Bib.SKY)
                                .pass("a1", "7", "4", Cue.whistle())
                                .pass("a2", "4", "8", Cue.received("a1"))
                                .pass("a3", "8", "9", Cue.received("a2"))
                                .say(hands)
                                .rehearse())
                        .who());
    }
}
