package wildchalk.core.soundness;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.CueCases;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.surface.Surface;

/** Looks whether everything that actions and instructions name is there. */
final class References {

    /** Before the place that something is about. */
    static final String ABOUT = "is about";

    private final Stage stage;
    private final Surface surface;
    /** Whether the surface is the one that was meant, so that its names can be checked. */
    private final boolean known;

    References(Stage stage, Surface surface, boolean known) {
        this.stage = stage;
        this.surface = surface;
        this.known = known;
    }

    Stage stage() {
        return stage;
    }

    /** Whether the surface is known and has no target of a name. */
    boolean hasNoTarget(String target) {
        return known && surface.target(target).isEmpty();
    }

    /** What is wrong with an action, in plain words. */
    List<String> faults(Action action) {
        List<String> faults = new ArrayList<>();
        if (stage.person(action.who()).isEmpty()) {
            faults.add("is done by \"" + action.who() + "\", but no person has that id");
        }
        Soundness.triggers(action).forEach(t -> trigger(t, faults));
        boolean foreseen = action.cue().trigger() instanceof Cue.Received
                || action.cue().trigger() instanceof Cue.After
                || action.cue().trigger().followsOwn();
        if (action.cue().delay() < 0 && !foreseen) {
            faults.add("is set off before something that nobody can foresee: "
                    + "only the arrival of a ball and the end of a run can be waited for like that");
        }
        action.match(new Named(faults));
        Soundness.allSpots(action).forEach(spot -> spot(spot, faults));
        if (action.met().isEmpty() && Soundness.allSpots(action).stream().anyMatch(Spot.OnLine.class::isInstance)) {
            faults.add("goes to a place on a line: only a pass can be met there");
        }
        return faults;
    }

    /** Whom or what an action names besides its moments and its spots. */
    private final class Named implements ActionCases.Families<Boolean> {

        private final List<String> faults;

        Named(List<String> faults) {
            this.faults = faults;
        }

        @Override
        public Boolean travel(Travel travel) {
            return new BodyFaults(stage, faults).of(travel.going().craft());
        }

        @Override
        public Boolean delivery(Action.Delivery delivery) {
            return true;
        }

        @Override
        public Boolean hold(Hold hold) {
            return true;
        }

        @Override
        public Boolean call(Action.Call call) {
            return true;
        }

        @Override
        public Boolean blow(Action.Blow blow) {
            return true;
        }

        @Override
        public Boolean shadow(Shadow shadow) {
            if (shadow.way() == Shadow.Way.LANE && shadow.style().other().isEmpty()) {
                faults.add(RotationFaults.BOOK.say("lane"));
            }
            return stage.person(shadow.whom()).isPresent()
                    || faults.add("goes with \"" + shadow.whom() + "\", but no person has that id");
        }

        @Override
        public Boolean playOn(PlayOn play) {
            play.area().ifPresent(a -> zone(ABOUT, a, faults));
            play.until().line().ifPresent(l -> line(ABOUT, l, faults));
            play.sides().forEach(new GameFaults(References.this, faults)::whom);
            if (play.sides().size() > PlayOn.MOST_SIDES) {
                faults.add(RotationFaults.BOOK.say("play.sides", play.sides().size(), PlayOn.MOST_SIDES));
            }
            return true;
        }

        @Override
        public Boolean handle(Action.Handle handle) {
            boolean needs = handle.deed() == Action.Handle.Deed.THROW || handle.deed() == Action.Handle.Deed.SWAP;
            if (needs != handle.to().isPresent()) {
                faults.add(RotationFaults.BOOK.say(needs ? "handle.whom" : "handle.nobody"));
            }
            return stage.piece(handle.piece())
                            .filter(Piece.Item.class::isInstance)
                            .isPresent()
                    || faults.add("handles \"" + handle.piece() + "\", but no gear has that id");
        }

        @Override
        public Boolean act(Act act) {
            return new BodyFaults(stage, faults).of(act);
        }

        @Override
        public Boolean contest(Contest contest) {
            return new BodyFaults(stage, faults).of(contest);
        }
    }

    private void spot(Spot spot, List<String> faults) {
        spot.match(new Spot.Cases<>() {
            @Override
            public Boolean place(Spot.Place place) {
                return true;
            }

            @Override
            public Boolean atPiece(Spot.AtPiece p) {
                return stage.piece(p.piece()).isPresent()
                        || faults.add("goes to \"" + p.piece() + "\", but no piece has that id");
            }

            @Override
            public Boolean onLine(Spot.OnLine o) {
                boolean theirs = stage.travel(o.line())
                        .filter(a -> a.who().equals(o.who()))
                        .isPresent();
                if (!theirs) {
                    faults.add(
                            "is met on the line \"" + o.line() + "\", but \"" + o.who() + "\" has no line of that id");
                }
                if (!(o.share() >= 0 && o.share() <= 1)) {
                    faults.add("is met at " + o.share() + " of a line: a share is from 0 to 1");
                }
                return true;
            }

            @Override
            public Boolean coded(Spot.Coded c) {
                boolean there = stage.instructions(Game.Code.class).stream()
                        .anyMatch(code -> code.id().equals(c.code())
                                && c.part() >= 0
                                && c.part() < code.parts().size());
                return there || faults.add(RotationFaults.BOOK.say("coded", c.part() + 1, c.code()));
            }

            @Override
            public Boolean atTarget(Spot.AtTarget t) {
                return !known
                        || surface.target(t.target()).isPresent()
                        || faults.add(
                                "goes to the target \"" + t.target() + "\", but the surface has none of that name");
            }
        });
    }

    void trigger(Cue.Trigger trigger, List<String> faults) {
        trigger.of()
                .filter(a -> stage.action(a).isEmpty())
                .ifPresent(a -> faults.add("has a cue that waits for \"" + a + "\", but no action has that id"));
        trigger.watched().stream()
                .filter(id -> trigger.counted() == trigger)
                .filter(id -> stage.piece(id).isEmpty())
                .forEach(id -> faults.add("has a cue that watches \"" + id + "\", but nobody and nothing has that id"));
        trigger.match(new CueCases.Families<>() {
            @Override
            public Boolean ofAction(Cue.Trigger moment) {
                return true;
            }

            @Override
            public Boolean several(Cue.Several several) {
                several.parts().forEach(p -> trigger(p, faults));
                return true;
            }

            @Override
            public Boolean whistle(Cue.Whistle whistle) {
                return true;
            }

            @Override
            public Boolean next(Cue.Next next) {
                return true;
            }

            @Override
            public Boolean called(Cue.Called called) {
                return true;
            }

            @Override
            public Boolean occurrence(Cue.Occurrence o) {
                trigger(o.moment(), faults);
                o.since()
                        .filter(a -> stage.action(a).isEmpty())
                        .ifPresent(a ->
                                faults.add("has a cue that counts from \"" + a + "\" on, but no action has that id"));
                boolean again = o.moment().watched().size() > 0 || o.moment() instanceof Cue.Called;
                if (!again || o.nth() < 1 || o.nth() > Cue.Occurrence.MOST) {
                    faults.add("has a cue that counts what comes once: only calls, touches and who comes somewhere "
                            + "can be counted, from 1 to " + Cue.Occurrence.MOST);
                }
                return true;
            }

            @Override
            public Boolean near(Cue.Near near) {
                return true;
            }

            @Override
            public Boolean touches(Cue.Touches touches) {
                return true;
            }

            @Override
            public Boolean dead(Cue.Dead dead) {
                return true;
            }

            @Override
            public Boolean enters(Cue.Enters enters) {
                zone("has a cue about", enters.zone(), faults);
                return true;
            }

            @Override
            public Boolean crosses(Cue.Crosses crosses) {
                line("has a cue about", crosses.line(), faults);
                return true;
            }
        });
    }

    void zone(String isAbout, String zone, List<String> faults) {
        if (known && surface.zone(zone).isEmpty()) {
            faults.add(isAbout + " the zone \"" + zone + "\", but the surface has none of that name");
        }
    }

    void line(String isAbout, String line, List<String> faults) {
        if (known && surface.line(line).isEmpty()) {
            faults.add(isAbout + " the line \"" + line + "\", but the surface has no straight line of that name");
        }
    }

    /** What is wrong with something that is said, in plain words. */
    List<String> faults(Instruction said) {
        List<String> faults = new ArrayList<>();
        return said.match(new Instruction.Cases<>() {
            @Override
            public List<String> read(Instruction.Read read) {
                References.this.read(read, faults);
                return faults;
            }

            @Override
            public List<String> freeze(Instruction.Freeze freeze) {
                freeze.at().trigger().parts().forEach(t -> trigger(t, faults));
                freeze.signs().forEach(s -> sign(s, faults));
                return faults;
            }

            @Override
            public List<String> moveOn(Instruction.MoveOn moveOn) {
                return faults;
            }

            @Override
            public List<String> attacks(Instruction.Attacks attacks) {
                attacks.from().ifPresent(c -> c.trigger().parts().forEach(t -> trigger(t, faults)));
                return faults;
            }

            @Override
            public List<String> game(Game game) {
                game.matchGame(new GameFaults(References.this, faults));
                return faults;
            }

            @Override
            public List<String> rotation(Rotation rotation) {
                rotation.matchRotation(new RotationFaults(References.this, stage, faults));
                return faults;
            }

            @Override
            public List<String> limit(Limit limit) {
                limit.matchLimit(new LimitFaults(References.this, faults));
                new GameFaults(References.this, faults).whom(limit.whom());
                return faults;
            }
        });
    }

    private void read(Instruction.Read read, List<String> faults) {
        boolean ball = stage.piece(read.who())
                .filter(p -> p instanceof Piece.Ball || p instanceof Piece.Supply)
                .isPresent();
        boolean play = stage.action(read.who())
                .filter(a -> a instanceof PlayOn || a instanceof Contest)
                .isPresent();
        if (!ball && !play && stage.person(read.who()).isEmpty()) {
            faults.add(RotationFaults.BOOK.say("read.who", read.who()));
        }
        Set<String> options = new HashSet<>();
        read.options().stream()
                .map(Instruction.Option::id)
                .filter(o -> !options.add(o))
                .forEach(o -> faults.add("has two options called \"" + o + "\"; give one of them another id"));
        read.options().stream()
                .flatMap(o -> o.actions().stream())
                .filter(a -> stage.action(a).isEmpty())
                .forEach(a -> faults.add("has an option with \"" + a + "\", but no action has that id"));
        Optional<String> lost = read.under().filter(u -> stage.instructions(Instruction.Read.class).stream()
                .filter(r -> !r.id().equals(read.id()))
                .noneMatch(r -> r.option(u).isPresent()));
        lost.ifPresent(u -> faults.add("arises in the option \"" + u + "\", but no other read has that option"));
    }

    private void sign(Sign sign, List<String> faults) {
        if (sign.at().size() < sign.kind().least()) {
            faults.add("draws something about " + sign.at().size() + " spots that needs "
                    + sign.kind().least());
        }
        sign.pieces().stream()
                .filter(id -> stage.piece(id).isEmpty())
                .forEach(id -> faults.add("draws something about \"" + id + "\", but no piece has that id"));
        boolean sight =
                sign.kind() == Sign.Kind.SIGHT || sign.kind() == Sign.Kind.AWAY || sign.kind() == Sign.Kind.SOONER;
        List<Spot> people = sight
                ? sign.at()
                        .subList(
                                Math.min(sign.at().size(), sign.kind().least() - 1),
                                sign.at().size())
                : List.of();
        if (people.stream().anyMatch(s -> s.namedPiece().flatMap(stage::person).isEmpty())) {
            faults.add("draws what somebody sees, how far from the ball they are or how soon they are there, but "
                    + "names no person");
        }
        sign.at().stream().filter(s -> s.namedPiece().isEmpty()).forEach(s -> spot(s, faults));
    }
}
