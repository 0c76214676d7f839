package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** Edits of what happens. */
public final class ActionEdits {

    /** Ways of going forward, in the order in which a key goes through them. */
    private static final List<Action.Gait> FORWARD =
            List.of(Action.Gait.RUN, Action.Gait.SPRINT, Action.Gait.WALK, Action.Gait.JOG);

    private static final ActionCases<String> KIND = new ActionCases<>() {
        @Override
        public String run(Travel.Run run) {
            return "run";
        }

        @Override
        public String carry(Travel.Carry carry) {
            return "carry";
        }

        @Override
        public String collect(Travel.Collect collect) {
            return "collect";
        }

        @Override
        public String pass(Action.Pass pass) {
            return "pass";
        }

        @Override
        public String shot(Action.Shot shot) {
            return "shot";
        }

        @Override
        public String shadow(Shadow shadow) {
            return "shadow";
        }

        @Override
        public String hold(Hold hold) {
            return "hold";
        }

        @Override
        public String call(Action.Call call) {
            return "call";
        }

        @Override
        public String blow(Action.Blow blow) {
            return "blow";
        }

        @Override
        public String playOn(PlayOn play) {
            return "live";
        }

        @Override
        public String handle(Action.Handle handle) {
            return "handle";
        }

        @Override
        public String act(Act act) {
            return Wordbook.key(act.what()).replace('-', ' ');
        }

        @Override
        public String contest(Contest contest) {
            return Wordbook.key(contest.start()).replace('-', ' ');
        }
    };

    private ActionEdits() {}

    /** Puts an action on a rung, by the rung's id. */
    public static Edit<Drill> chalk(String rung, Action action) {
        return chalk(rung, List.of(action));
    }

    /** Chalks what one stroke means; its name is that of the first. */
    public static Edit<Drill> chalk(String rung, List<Action> actions) {
        return StageEdit.of("Chalk a " + kind(actions.get(0)), rung, stage -> {
            Stage chalked = stage;
            for (Action action : actions) {
                chalked = chalked.withAction(action);
            }
            return chalked;
        });
    }

    /**
     * Chalks what one stroke means, put in after another action of the same person: what followed that moves on, and
     * what their next action waited for is now the end of what was put in.
     */
    public static Edit<Drill> chalkAfter(String rung, String before, List<Action> fresh) {
        String last = fresh.get(fresh.size() - 1).id();
        return StageEdit.of("Chalk a " + kind(fresh.get(0)), rung, stage -> {
            String who = fresh.get(0).who();
            List<Action> actions = new ArrayList<>();
            for (Action action : stage.actions()) {
                Cue cue = action.cue();
                boolean waits = action.who().equals(who) && cue.trigger().equals(new Cue.After(before));
                actions.add(waits ? action.withCue(new Cue(new Cue.After(last), cue.delay())) : action);
                if (action.id().equals(before)) {
                    actions.addAll(fresh);
                }
            }
            return stage.withActions(actions);
        });
    }

    /** Changes what an action is or how it goes; it keeps its id. */
    public static Edit<Drill> change(String rung, String name, Action action) {
        return StageEdit.of(name, rung, stage -> stage.withAction(action));
    }

    /** Lets an action be set off by something else. */
    public static Edit<Drill> cue(String rung, Action action, Cue cue) {
        return change(rung, "Change cue", action.withCue(cue));
    }

    /** The next way of doing the same: how a ball is passed, what becomes of a shot, how somebody is followed. */
    public static Optional<Edit<Drill>> nextWay(String rung, Action action, Surface surface) {
        if (action instanceof Action.Pass pass) {
            Action.Manner manner = after(pass.manner());
            while (!isPossible(manner, surface)) {
                manner = after(manner);
            }
            return Optional.of(change(rung, "Pass it " + words(manner), pass.going(manner)));
        }
        if (action instanceof Action.Shot shot) {
            Action.Result result = after(shot.result());
            return Optional.of(change(
                    rung,
                    "Let the shot be " + words(result),
                    shot.ending(result, shot.next().orElse(null))));
        }
        if (action instanceof Travel travel && FORWARD.contains(travel.going().gait())) {
            Action.Gait gait = FORWARD.get((FORWARD.indexOf(travel.going().gait()) + 1) % FORWARD.size());
            return Optional.of(change(
                    rung,
                    "Let them " + words(gait),
                    travel.withGoing(travel.going().withGait(gait))));
        }
        if (action instanceof Shadow s) {
            Shadow.Way way = after(s.way());
            // What needs something besides whom it is about is found in the list.
            Shadow.Way next = way == Shadow.Way.LANE ? after(way) : way;
            return Optional.of(
                    change(rung, "Let them " + words(next), s.in(s.style().by(next))));
        }
        return Optional.empty();
    }

    /** A puck neither bounces nor rolls; where there are no boards, nothing goes round them. */
    public static boolean isPossible(Action.Manner manner, Surface surface) {
        boolean puck = surface.ground() == Surface.Ground.ICE;
        return switch (manner) {
            case BOUNCE, ROLL, HAND_OFF -> !puck;
            case RIM -> surface.edge() == Surface.Edge.BOARDS;
            default -> true;
        };
    }

    private static <E extends Enum<E>> E after(E value) {
        E[] all = value.getDeclaringClass().getEnumConstants();
        return all[(value.ordinal() + 1) % all.length];
    }

    /** How a ball goes, as it follows "pass it": "with a bounce". */
    public static String words(Action.Manner manner) {
        return switch (manner) {
            case FLAT -> "flat";
            case BOUNCE -> "with a bounce";
            case LOB -> "high";
            case ROLL -> "along the ground";
            case PUSH -> "with a push";
            case HAND_OFF -> "from hand to hand";
            case RIM -> "round the boards";
        };
    }

    /** A constant in small letters: "jump stop". */
    public static String words(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /**
     * What an action is in one word: "run", "carry", "collect", "pass", "shot", "shadow", "hold", "call", "blow" or
     * "handle".
     */
    public static String kind(Action action) {
        return action.match(KIND);
    }

    /** The same by the sport's own name, where it has one: "throw in". */
    public static String name(Action action) {
        return named(action).orElse(kind(action));
    }

    /** What an action is and whom it is for, in a few words: "pass to 9", "run". */
    public static String describe(Action action, Stage stage) {
        return action.match(new ActionCases.Travels<>() {
            @Override
            public String travel(Travel travel) {
                return touching(named(travel).orElse(kind(travel)), travel);
            }

            @Override
            public String run(Travel.Run run) {
                return touching(named(run).orElse(gait(run.gait())), run);
            }

            @Override
            public String pass(Action.Pass pass) {
                return describe(pass, stage);
            }

            @Override
            public String shot(Action.Shot shot) {
                return named(shot).orElse(kind(shot));
            }

            @Override
            public String shadow(Shadow shadow) {
                return words(shadow.way())
                        + stage.person(shadow.whom()).map(p -> " " + p.label()).orElse("");
            }

            @Override
            public String hold(Hold hold) {
                return words(hold.stance());
            }

            @Override
            public String call(Action.Call call) {
                return kind(call);
            }

            @Override
            public String blow(Action.Blow blow) {
                return "whistle";
            }

            @Override
            public String playOn(PlayOn play) {
                return kind(play);
            }

            @Override
            public String handle(Action.Handle handle) {
                return words(handle.deed())
                        + stage.piece(handle.piece())
                                .map(p -> " " + PieceWords.name(p))
                                .orElse("");
            }

            @Override
            public String act(Act act) {
                return kind(act)
                        + act.whom()
                                .flatMap(stage::piece)
                                .map(p -> " " + PieceWords.name(p))
                                .orElse("");
            }

            @Override
            public String contest(Contest contest) {
                return kind(contest)
                        + contest.against().stream()
                                .flatMap(w -> stage.person(w).stream())
                                .map(p -> " " + p.label())
                                .collect(Collectors.joining(","));
            }
        });
    }

    /** What the sport calls it, as it stands in lists. */
    private static Optional<String> named(Action action) {
        return action.called().map(c -> c.replace('-', ' '));
    }

    private static String touching(String kind, Travel travel) {
        return travel.ending() == Action.Ending.TOUCH ? kind + " and touch" : kind;
    }

    private static String describe(Action.Pass pass, Stage stage) {
        String how;
        if (pass.called().isPresent()) {
            how = named(pass).get();
        } else if (pass.manner() == Action.Manner.HAND_OFF) {
            how = "hand-off";
        } else if (pass.manner() == Action.Manner.FLAT) {
            how = "pass";
        } else {
            how = "pass " + words(pass.manner());
        }
        String off = pass.off().isPresent() && pass.manner() != Action.Manner.RIM ? " off the boards" : "";
        String to = pass.receiver()
                .flatMap(stage::person)
                .map(x -> " to " + x.label())
                .orElse("");
        return how
                + off
                + to
                + pass.met()
                        .map(o -> o.isAtEnd() ? ", met at the end" : ", met on the way")
                        .orElse("");
    }

    private static String gait(Action.Gait gait) {
        return switch (gait) {
            case BACK -> "run backward";
            case SIDE -> "side-step";
            default -> words(gait);
        };
    }

    /** Lets somebody else do it. A ball that the first had for it goes to the other. */
    public static Edit<Drill> by(String rung, String name, Action action, Piece.Person other) {
        return StageEdit.of(name, rung, stage -> {
            boolean first = stage.actionsOf(action.who()).indexOf(action) == 0;
            boolean needsBall = action instanceof Action.Delivery || action instanceof Travel.Carry;
            boolean hasNone = stage.balls().stream()
                    .noneMatch(b -> b.heldBy().filter(other.id()::equals).isPresent());
            Stage given = !(first && needsBall && hasNone)
                    ? stage
                    : stage.withPieces(stage.pieces().stream()
                            .map(p -> p.heldBy().filter(action.who()::equals).isPresent()
                                    ? new Piece.Ball(p.id(), other.at(), Optional.of(other.id()))
                                    : p)
                            .toList());
            return given.withAction(
                    Transfer.renaming(Map.of(action.who(), other.id())).action(action));
        });
    }

    /** The stage without some actions; what waited for one of them is set off by what that one waited for. */
    static Stage without(Stage stage, Set<String> gone) {
        List<Action> left = stage.actions().stream()
                .filter(a -> !gone.contains(a.id()))
                .map(a -> CueTies.without(a.withCue(inherited(stage, a, gone)), gone))
                .toList();
        return stage.withActions(left).withInstructions(CueTies.without(stage.instructions(), gone));
    }

    private static Cue inherited(Stage stage, Action action, Set<String> gone) {
        Cue cue = action.cue();
        for (int guard = 0; guard <= gone.size(); guard++) {
            String of = cue.trigger().of().orElse(null);
            if (of == null || !gone.contains(of)) {
                return cue;
            }
            Action lost = stage.action(of).orElseThrow();
            boolean others = !lost.who().equals(action.who());
            // "Next" is about the lost action's own person; for anybody else it means the one before it, or the
            // whistle.
            cue = lost.cue().trigger().followsOwn() && others ? before(stage, lost) : lost.cue();
            cue = cue.delayed(Math.max(0, action.cue().delay()));
        }
        return Cue.whistle();
    }

    private static Cue before(Stage stage, Action action) {
        List<Action> own = stage.actionsOf(action.who());
        int i = own.indexOf(action);
        return i == 0 ? Cue.whistle() : Cue.after(own.get(i - 1).id());
    }
}
