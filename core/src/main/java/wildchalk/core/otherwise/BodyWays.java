package wildchalk.core.otherwise;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Strike;
import wildchalk.core.drill.Travel;
import wildchalk.core.script.BodyWords;
import wildchalk.core.surface.Surface;

/** With which hand or foot, in which rhythm, at what, and what becomes of it: what else could be said of each. */
final class BodyWays {

    private BodyWays() {}

    /** Which hands, feet or sides of a stick there are in a sport; with nobody saying first. */
    private static List<Craft.Limb> limbs(Surface surface) {
        return BodyWords.limbs(surface.ball());
    }

    /** Of a way with a ball, and what is done on it. */
    static List<LineWays.Group> of(Choosing choosing, Travel travel, Surface surface) {
        Craft craft = travel.going().craft();
        List<LineWays.Group> groups = new ArrayList<>();
        if (!(travel instanceof Travel.Run)) {
            groups.add(choosing.of(
                    "limb",
                    limbs(surface),
                    craft.limb(),
                    l -> BodyWords.limb(l, surface.ball()),
                    l -> travel.withGoing(travel.going().crafted(craft.with(l)))));
            groups.add(choosing.of(
                    "rhythm",
                    List.of(Craft.Rhythm.values()),
                    craft.rhythm(),
                    r -> Choosing.say("rhythm", r),
                    r -> travel.withGoing(travel.going().crafted(craft.with(r)))));
        }
        return groups;
    }

    static List<LineWays.Group> of(Choosing choosing, Action.Delivery delivery, Surface surface) {
        Strike strike = delivery.strike();
        Strike.Aim aim = strike.aim();
        List<LineWays.Group> groups = new ArrayList<>();
        groups.add(choosing.of(
                "limb",
                limbs(surface),
                strike.limb(),
                l -> BodyWords.limb(l, surface.ball()),
                l -> delivery.struck(strike.with(l))));
        groups.add(choosing.of(
                "takeoff",
                List.of(Strike.Takeoff.values()),
                strike.takeoff(),
                t -> Choosing.say("takeoff", t),
                t -> delivery.struck(strike.with(t))));
        groups.add(choosing.of(
                "part",
                List.of(Strike.Part.values()),
                aim.part(),
                p -> Choosing.say("part", p),
                p -> delivery.struck(strike.with(aim.with(p)))));
        groups.add(choosing.of(
                "height",
                List.of(Strike.Height.values()),
                aim.height(),
                h -> Choosing.say("height", h),
                h -> delivery.struck(strike.with(aim.with(h)))));
        groups.add(choosing.of(
                "aside",
                List.of(Strike.Aside.values()),
                aim.aside(),
                a -> Choosing.say("aside", a),
                a -> delivery.struck(strike.with(aim.with(a)))));
        if (delivery instanceof Action.Shot) {
            groups.add(choosing.of(
                    "board",
                    List.of(false, true),
                    strike.offBoard(),
                    b -> Choosing.BOOK.say(b ? "board.yes" : "board.no"),
                    b -> delivery.struck(strike.off(b))));
        }
        return groups;
    }

    static List<LineWays.Group> of(Choosing choosing, Act act) {
        List<LineWays.Group> groups = new ArrayList<>();
        if (act.what() == Act.What.TACKLE) {
            groups.add(choosing.of(
                    "then",
                    Stream.of(Act.Then.values())
                            .filter(t -> t != Act.Then.USUAL)
                            .toList(),
                    act.then(),
                    t -> Choosing.say("then", t),
                    act::then));
        }
        groups.add(seconds(choosing, act.seconds(), act::lasting));
        return groups;
    }

    static List<LineWays.Group> of(Choosing choosing, Contest contest) {
        return List.of(
                choosing.of(
                        "start",
                        List.of(Contest.Start.values()),
                        contest.start(),
                        s -> Choosing.say("start", s),
                        contest::by),
                seconds(choosing, contest.seconds(), contest::lasting));
    }

    static List<LineWays.Group> of(Choosing choosing, Hold hold) {
        return List.of(seconds(
                choosing,
                hold.seconds(),
                s -> new Hold(
                        hold.id(),
                        hold.who(),
                        hold.stance(),
                        hold.facing(),
                        hold.turn(),
                        s,
                        hold.until(),
                        hold.cue())));
    }

    static List<LineWays.Group> of(Choosing choosing, Action.Handle handle) {
        boolean thrown = handle.to().isPresent();
        return thrown
                ? List.of()
                : List.of(choosing.of(
                        "deed",
                        List.of(
                                Action.Handle.Deed.DROP,
                                Action.Handle.Deed.PLACE,
                                Action.Handle.Deed.PICK_UP,
                                Action.Handle.Deed.KEEP),
                        handle.deed(),
                        d -> Choosing.say("deed", d),
                        d -> new Action.Handle(
                                handle.id(), handle.who(), handle.piece(), d, handle.to(), handle.cue())));
    }

    private static LineWays.Group seconds(Choosing choosing, double now, Function<Double, Action> changed) {
        return choosing.of("seconds", Choosing.SECONDS, now, s -> Choosing.BOOK.say("seconds.words", s), changed);
    }
}
