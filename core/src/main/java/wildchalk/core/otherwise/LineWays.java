package wildchalk.core.otherwise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import wildchalk.core.deed.Deed;
import wildchalk.core.deed.Deeds;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Sending;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.surface.Surface;

/** The ways in which one action can be done, each with what makes it so: how a ball is sent, how a path is gone. */
public final class LineWays {

    /**
     * Ways of which one is taken.
     *
     * @param words what they are about: "how hard"
     */
    public record Group(String words, List<Way> ways) {
        public Group {
            ways = List.copyOf(ways);
        }
    }

    /**
     * One way.
     *
     * @param taken whether it is so now
     */
    public record Way(String words, boolean taken, Edit<Drill> edit) {}

    private LineWays() {}

    /**
     * All ways in which an action could be done instead; none for what can be done in one way only.
     *
     * @param rung id of the rung it is changed on
     */
    public static List<Group> of(String rung, Action action, Surface surface) {
        return action.match(new Groups(rung, surface));
    }

    /** The ways in which a path can end. */
    public static Group endings(String rung, Travel travel) {
        return new Groups(rung, null).endings(travel);
    }

    private record Groups(String rung, Surface surface) implements ActionCases.Travels<List<Group>> {

        @Override
        public List<Group> travel(Travel travel) {
            Going going = travel.going();
            List<Group> groups = new ArrayList<>();
            groups.add(endings(travel));
            groups.add(group(
                    "gait",
                    Action.Gait.values(),
                    going.gait(),
                    g -> true,
                    g -> Choosing.say("gait", g),
                    g -> travel.withGoing(going.withGait(g))));
            groups.add(group(
                    "pivot",
                    Going.Pivot.values(),
                    going.pivot(),
                    p -> true,
                    p -> Choosing.say("pivot", p),
                    p -> travel.withGoing(going.pivoting(p))));
            groups.add(group(
                    "corner",
                    Going.Corner.values(),
                    going.corner(),
                    c -> true,
                    c -> Choosing.say("corner", c),
                    c -> travel.withGoing(going.cornering(c))));
            groups.addAll(BodyWays.of(choosing(), travel, surface));
            groups.add(called(travel, d -> travel.withGoing(going.called(d.map(Deed::id)))));
            return groups.stream().filter(g -> !g.ways().isEmpty()).toList();
        }

        @Override
        public List<Group> pass(Action.Pass pass) {
            return all(
                    BodyWays.of(choosing(), pass, surface),
                    group("force", Force.values(), pass.force(), f -> true, f -> Choosing.say("force", f), pass::sent),
                    group(
                            "manner",
                            Action.Manner.values(),
                            pass.manner(),
                            m -> ActionEdits.isPossible(m, surface),
                            ActionEdits::words,
                            pass::going),
                    touch(pass),
                    called(
                            pass,
                            d -> pass.sent(new Sending(
                                    d.flatMap(Deed::manner).orElse(Action.Manner.FLAT),
                                    pass.force(),
                                    d.map(Deed::id),
                                    pass.strike()))));
        }

        @Override
        public List<Group> shot(Action.Shot shot) {
            return all(
                    BodyWays.of(choosing(), shot, surface),
                    group(
                            "result",
                            Action.Result.values(),
                            shot.result(),
                            r -> true,
                            ActionEdits::words,
                            r -> shot.ending(r, shot.next().orElse(null))),
                    touch(shot),
                    called(shot, d -> shot.called(d.map(Deed::id))));
        }

        @Override
        public List<Group> shadow(Shadow shadow) {
            return List.of(
                    group(
                            "shadow",
                            Shadow.Way.values(),
                            shadow.way(),
                            w -> w != Shadow.Way.LANE || shadow.style().other().isPresent(),
                            w -> Choosing.say("shadow", w),
                            w -> shadow.in(shadow.style().by(w))),
                    group(
                            "side",
                            Shadow.Side.values(),
                            shadow.side(),
                            s -> true,
                            s -> Choosing.say("side", s),
                            s -> shadow.in(shadow.style().on(s))),
                    choosing()
                            .of(
                                    "distance",
                                    Choosing.METRES,
                                    shadow.distance(),
                                    m -> Choosing.BOOK.say("metres", m),
                                    m -> shadow.in(shadow.style().off(m))));
        }

        @Override
        public List<Group> hold(Hold hold) {
            return BodyWays.of(choosing(), hold);
        }

        @Override
        public List<Group> call(Action.Call call) {
            return List.of();
        }

        @Override
        public List<Group> blow(Action.Blow blow) {
            return List.of();
        }

        @Override
        public List<Group> playOn(PlayOn play) {
            return List.of();
        }

        @Override
        public List<Group> handle(Action.Handle handle) {
            return BodyWays.of(choosing(), handle);
        }

        @Override
        public List<Group> act(Act act) {
            return BodyWays.of(choosing(), act);
        }

        @Override
        public List<Group> contest(Contest contest) {
            return BodyWays.of(choosing(), contest);
        }

        private Group touch(Action.Delivery delivery) {
            return group(
                    "touch",
                    Action.Touch.values(),
                    delivery.touch(),
                    t -> true,
                    ActionEdits::words,
                    delivery::withTouch);
        }

        /** What the sport calls such things; only its general name where it has no other. */
        private Group called(Action action, Function<Optional<Deed>, Action> changed) {
            List<Deed> deeds = Deeds.of(surface.ball(), action);
            Optional<Deed> now = Deeds.called(surface.ball(), action);
            List<Way> ways = new ArrayList<>();
            if (!deeds.isEmpty()) {
                String plain = Choosing.BOOK.say("called.nothing", ActionEdits.kind(action));
                ways.add(new Way(plain, now.isEmpty(), choosing().let(plain, changed.apply(Optional.empty()))));
            }
            deeds.forEach(d -> ways.add(new Way(
                    d.noun(), now.equals(Optional.of(d)), choosing().let(d.noun(), changed.apply(Optional.of(d))))));
            return new Group(Choosing.BOOK.say("called"), ways);
        }

        /** Those of how it goes, then those of the body. */
        private static List<Group> all(List<Group> bodies, Group... groups) {
            return Stream.concat(Stream.of(groups), bodies.stream())
                    .filter(g -> !g.ways().isEmpty())
                    .toList();
        }

        private Choosing choosing() {
            return new Choosing(rung);
        }

        private <E extends Enum<E>> Group group(
                String about,
                E[] all,
                E now,
                Predicate<E> isPossible,
                Function<E, String> words,
                Function<E, Action> changed) {
            return choosing()
                    .of(
                            about,
                            Stream.of(all)
                                    .filter(e -> e == now || isPossible.test(e))
                                    .toList(),
                            now,
                            words,
                            changed);
        }

        Group endings(Travel travel) {
            // Who has no ball stops none.
            boolean hasBall = !(travel instanceof Travel.Run);
            return group(
                    "ending",
                    Action.Ending.values(),
                    travel.ending(),
                    e -> (e != Action.Ending.TRAP || hasBall)
                            && (e != Action.Ending.CATCH || travel instanceof Travel.Collect),
                    e -> Choosing.say("ending", e),
                    travel::withEnding);
        }
    }
}
