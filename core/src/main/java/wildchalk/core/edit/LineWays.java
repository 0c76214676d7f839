package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.deed.Deed;
import wildchalk.core.deed.Deeds;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Sending;
import wildchalk.core.drill.Travel;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

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

    private static final Wordbook BOOK = Wordbook.beside(LineWays.class, "Ways");

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
                    "how fast",
                    Action.Gait.values(),
                    going.gait(),
                    g -> true,
                    LineWays::words,
                    g -> travel.withGoing(going.withGait(g))));
            groups.add(group(
                    "how it begins",
                    Going.Pivot.values(),
                    going.pivot(),
                    p -> true,
                    LineWays::words,
                    p -> travel.withGoing(going.pivoting(p))));
            groups.add(group(
                    "how corners are taken",
                    Going.Corner.values(),
                    going.corner(),
                    c -> true,
                    LineWays::words,
                    c -> travel.withGoing(going.cornering(c))));
            groups.add(called(travel, d -> travel.withGoing(going.called(d.map(Deed::id)))));
            return groups.stream().filter(g -> !g.ways().isEmpty()).toList();
        }

        @Override
        public List<Group> pass(Action.Pass pass) {
            return some(
                    group("how hard", Force.values(), pass.force(), f -> true, LineWays::words, pass::sent),
                    group(
                            "how it goes",
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
                                    d.map(Deed::id)))));
        }

        @Override
        public List<Group> shot(Action.Shot shot) {
            return some(
                    group(
                            "what becomes of it",
                            Action.Result.values(),
                            shot.result(),
                            r -> true,
                            ActionEdits::words,
                            r -> shot.ending(r, shot.next().orElse(null))),
                    touch(shot),
                    called(shot, d -> shot.called(d.map(Deed::id))));
        }

        @Override
        public List<Group> shadow(Action.Shadow shadow) {
            return List.of(group(
                    "on which side",
                    Action.Shadow.Side.values(),
                    shadow.side(),
                    s -> true,
                    LineWays::words,
                    s -> new Action.Shadow(
                            shadow.id(),
                            shadow.who(),
                            shadow.whom(),
                            new Action.Shadow.Style(shadow.way(), s, shadow.distance()),
                            shadow.gait(),
                            shadow.until(),
                            shadow.cue())));
        }

        @Override
        public List<Group> hold(Hold hold) {
            return List.of();
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
            return List.of();
        }

        private Group touch(Action.Delivery delivery) {
            return group(
                    "how long it is had",
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
                String plain = BOOK.say("called.nothing", ActionEdits.kind(action));
                ways.add(new Way(plain, now.isEmpty(), let(plain, changed.apply(Optional.empty()))));
            }
            deeds.forEach(d -> ways.add(
                    new Way(d.noun(), now.equals(Optional.of(d)), let(d.noun(), changed.apply(Optional.of(d))))));
            return new Group(BOOK.say("called"), ways);
        }

        private static List<Group> some(Group... groups) {
            return Stream.of(groups).filter(g -> !g.ways().isEmpty()).toList();
        }

        private Edit<Drill> let(String words, Action changed) {
            return ActionEdits.change(rung, "Let it be: " + words, changed);
        }

        Group endings(Travel travel) {
            // Who has no ball stops none.
            boolean hasBall = !(travel instanceof Travel.Run);
            return group(
                    "how it ends",
                    Action.Ending.values(),
                    travel.ending(),
                    e -> e != Action.Ending.TRAP || hasBall,
                    LineWays::words,
                    travel::withEnding);
        }

        private <E extends Enum<E>> Group group(
                String about,
                E[] all,
                E now,
                Function<E, Boolean> isPossible,
                Function<E, String> words,
                Function<E, Action> changed) {
            List<Way> ways = new ArrayList<>();
            for (E each : all) {
                if (isPossible.apply(each) || each == now) {
                    String said = words.apply(each);
                    ways.add(new Way(said, each == now, let(said, changed.apply(each))));
                }
            }
            return new Group(about, ways);
        }
    }

    private static String words(Action.Gait gait) {
        return switch (gait) {
            case WALK -> "walking";
            case JOG -> "jogging";
            case RUN -> "running";
            case SPRINT -> "as fast as they can";
            case BACK -> "backward";
            case SIDE -> "sideways";
        };
    }

    private static String words(Action.Ending ending) {
        return switch (ending) {
            case GO_ON -> "goes on into what comes next";
            case STOP -> "stops";
            case WAIT -> "stops and waits";
            case JUMP_STOP -> "in a jump stop";
            case TRAP -> "stops the ball dead";
            case TOUCH -> "touches what is there";
        };
    }

    private static String words(Going.Pivot pivot) {
        return switch (pivot) {
            case NONE -> "straight away";
            case LEFT -> "with a pivot to the left";
            case RIGHT -> "with a pivot to the right";
        };
    }

    private static String words(Going.Corner corner) {
        return switch (corner) {
            case CUT -> "with a cut";
            case TIGHT_TURN -> "in a tight turn";
            case SPIN -> "with a spin";
        };
    }

    private static String words(Force force) {
        return switch (force) {
            case USUAL -> "as usual";
            case HARD -> "hard";
            case SOFT -> "softly";
        };
    }

    private static String words(Action.Shadow.Side side) {
        return switch (side) {
            case ANY -> "whichever is nearer";
            case GOAL -> "goal-side";
            case BALL -> "on the side of the ball";
            case OTHER_GOAL -> "on the side of the other goal";
        };
    }
}
