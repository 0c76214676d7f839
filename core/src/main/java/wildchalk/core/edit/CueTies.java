package wildchalk.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.CueCases;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.LimitCases;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Whom;

/** Loosens cues, and what is said, from people, pieces and actions that are gone. */
final class CueTies {

    private CueTies() {}

    /**
     * The action without moments that watch what is gone; without any moment left it goes on after its person's last.
     */
    static Action without(Action action, Set<String> gone) {
        Optional<Trigger> cue = left(action.cue().trigger(), gone);
        Action kept = cue.filter(action.cue().trigger()::equals).isPresent()
                ? action
                : action.withCue(
                        new Cue(cue.orElse(new Cue.Next()), action.cue().delay()));
        return kept.match(new ActionCases.Families<>() {
            @Override
            public Action travel(Travel travel) {
                return travel;
            }

            @Override
            public Action delivery(Action.Delivery delivery) {
                // Whose line is gone is passed to where they are.
                return delivery.to()
                        .onLine()
                        .filter(o -> gone.contains(o.line()))
                        .map(o -> (Action) delivery.withTo(Spot.at(o.who())))
                        .orElse(delivery);
            }

            @Override
            public Action shadow(Shadow shadow) {
                return shadow.until(shadow.until().flatMap(u -> left(u, gone)));
            }

            @Override
            public Action hold(Hold hold) {
                return hold.until(hold.until().flatMap(u -> left(u, gone)));
            }

            @Override
            public Action call(Action.Call call) {
                return call;
            }

            @Override
            public Action blow(Action.Blow blow) {
                return blow;
            }

            @Override
            public Action playOn(PlayOn play) {
                return PlayTies.without(play, gone);
            }

            @Override
            public Action handle(Action.Handle handle) {
                return handle;
            }

            @Override
            public Action act(Act act) {
                return act;
            }

            @Override
            public Action contest(Contest contest) {
                return contest.without(gone);
            }
        });
    }

    /** What is still said: nothing about people who are gone, options without the actions that are. */
    static List<Instruction> without(List<Instruction> said, Set<String> gone) {
        List<Instruction> left =
                said.stream().flatMap(i -> without(i, gone).stream()).toList();
        return left.stream()
                .map(i -> i instanceof Instruction.Read read ? arising(read, said, left) : i)
                .toList();
    }

    /** A read that arose in an option of one that is gone arises where that did. */
    private static Instruction arising(Instruction.Read read, List<Instruction> before, List<Instruction> left) {
        Optional<String> under = read.under();
        while (under.isPresent() && holder(under.get(), left).isEmpty()) {
            under = holder(under.get(), before).flatMap(Instruction.Read::under);
        }
        return new Instruction.Read(read.id(), read.who(), read.options(), under, read.rule());
    }

    private static Optional<Instruction.Read> holder(String option, List<Instruction> said) {
        return said.stream()
                .filter(Instruction.Read.class::isInstance)
                .map(Instruction.Read.class::cast)
                .filter(r -> r.option(option).isPresent())
                .findFirst();
    }

    private static Optional<Instruction> without(Instruction said, Set<String> gone) {
        if (gone.contains(said.id())) {
            return Optional.empty();
        }
        return said.match(new Instruction.Cases<>() {
            @Override
            public Optional<Instruction> read(Instruction.Read read) {
                if (gone.contains(read.who())) {
                    return Optional.empty();
                }
                return Optional.of(read.with(read.options().stream()
                        .map(o -> o.with(o.actions().stream()
                                .filter(a -> !gone.contains(a))
                                .toList()))
                        .toList()));
            }

            @Override
            public Optional<Instruction> freeze(Instruction.Freeze freeze) {
                List<Sign> signs = freeze.signs().stream()
                        .filter(s -> s.pieces().stream().noneMatch(gone::contains))
                        .toList();
                return left(freeze.at().trigger(), gone)
                        .map(t -> freeze.at(new Cue(t, freeze.at().delay())).showing(signs));
            }

            @Override
            public Optional<Instruction> moveOn(Instruction.MoveOn moveOn) {
                return Optional.of(moveOn);
            }

            @Override
            public Optional<Instruction> attacks(Instruction.Attacks attacks) {
                return attacks.from().isEmpty()
                        ? Optional.of(attacks)
                        : left(attacks.from().get().trigger(), gone)
                                .map(t -> attacks.from(
                                        new Cue(t, attacks.from().get().delay())));
            }

            @Override
            public Optional<Instruction> limit(Limit limit) {
                return limit.matchLimit(new Loosened(gone));
            }

            @Override
            public Optional<Instruction> game(Game game) {
                return PlayTies.without(game, gone);
            }

            @Override
            public Optional<Instruction> rotation(Rotation rotation) {
                return rotation.matchRotation(new RotationTies(gone));
            }
        });
    }

    /** A limit without what is gone; empty when it was about that alone. */
    private record Loosened(Set<String> gone) implements LimitCases<Optional<Instruction>> {

        @Override
        public Optional<Instruction> count(Limit.Count number) {
            Limit.Span span = number.span();
            // What counted until a moment that is gone would count for ever.
            boolean lost = span.from().isPresent() && within(span.from()).isEmpty()
                    || span.until().isPresent() && within(span.until()).isEmpty();
            return lost
                    ? Optional.empty()
                    : span.whom()
                            .without(gone)
                            .map(w -> number.over(span.of(w).between(within(span.from()), within(span.until()))));
        }

        private Optional<Trigger> within(Optional<Trigger> moment) {
            return moment.flatMap(t -> left(t, gone));
        }

        @Override
        public Optional<Instruction> passesFirst(Limit.PassesFirst passes) {
            return passes.line().filter(gone::contains).isPresent() ? Optional.empty() : Optional.of(passes);
        }

        @Override
        public Optional<Instruction> entriesFirst(Limit.EntriesFirst entries) {
            return gone.contains(entries.zone()) ? Optional.empty() : Optional.of(entries);
        }

        @Override
        public Optional<Instruction> within(Limit.Within within) {
            if (within.zone().filter(gone::contains).isPresent()) {
                return Optional.empty();
            }
            return within.from().isEmpty()
                    ? Optional.of(within)
                    : left(within.from().get(), gone)
                            .map(t -> new Limit.Within(within.id(), within.seconds(), within.zone(), Optional.of(t)));
        }

        @Override
        public Optional<Instruction> onlyIn(Limit.OnlyIn only) {
            // Nobody may come in where all who might are gone.
            Whom whom = only.whom().without(gone).orElse(new Whom.People(List.of()));
            boolean lost = gone.contains(only.zone())
                    || only.from().isPresent() && within(only.from()).isEmpty();
            return lost
                    ? Optional.empty()
                    : Optional.of(new Limit.OnlyIn(only.id(), only.zone(), whom, within(only.from())));
        }

        @Override
        public Optional<Instruction> stayIn(Limit.StayIn stay) {
            boolean lost = gone.contains(stay.zone())
                    || stay.until().isPresent() && within(stay.until()).isEmpty();
            return lost
                    ? Optional.empty()
                    : stay.whom()
                            .without(gone)
                            .map(w -> new Limit.StayIn(stay.id(), w, stay.zone(), within(stay.until())));
        }

        @Override
        public Optional<Instruction> notBefore(Limit.NotBefore before) {
            return before.whom().without(gone).flatMap(w -> left(before.moment(), gone)
                    .map(t -> new Limit.NotBefore(before.id(), w, t)));
        }
    }

    static Optional<Trigger> left(Trigger trigger, Set<String> gone) {
        return trigger.match(new Left(gone));
    }

    /** A moment without what is gone; empty when nothing is left of it. */
    private record Left(Set<String> gone) implements CueCases.Families<Optional<Trigger>> {

        private Optional<Trigger> unless(boolean lost, Trigger trigger) {
            return lost ? Optional.empty() : Optional.of(trigger);
        }

        @Override
        public Optional<Trigger> several(Cue.Several several) {
            List<Trigger> parts = several.parts().stream()
                    .flatMap(t -> left(t, gone).stream())
                    .toList();
            return parts.isEmpty()
                    ? Optional.empty()
                    : Optional.of(parts.size() == 1 ? parts.get(0) : several.with(parts));
        }

        @Override
        public Optional<Trigger> ofAction(Trigger moment) {
            return unless(moment.of().filter(gone::contains).isPresent(), moment);
        }

        @Override
        public Optional<Trigger> whistle(Cue.Whistle whistle) {
            return Optional.of(whistle);
        }

        @Override
        public Optional<Trigger> next(Cue.Next next) {
            return Optional.of(next);
        }

        @Override
        public Optional<Trigger> called(Cue.Called called) {
            return Optional.of(called);
        }

        @Override
        public Optional<Trigger> occurrence(Cue.Occurrence o) {
            return o.moment()
                    .match(this)
                    .map(m -> new Cue.Occurrence(m, o.nth(), o.since().filter(a -> !gone.contains(a))));
        }

        @Override
        public Optional<Trigger> enters(Cue.Enters enters) {
            return unless(gone.contains(enters.who()) || gone.contains(enters.zone()), enters);
        }

        @Override
        public Optional<Trigger> crosses(Cue.Crosses crosses) {
            return unless(gone.contains(crosses.who()) || gone.contains(crosses.line()), crosses);
        }

        @Override
        public Optional<Trigger> near(Cue.Near near) {
            return unless(gone.contains(near.who()) || gone.contains(near.other()), near);
        }

        @Override
        public Optional<Trigger> touches(Cue.Touches touches) {
            return unless(gone.contains(touches.who()), touches);
        }

        @Override
        public Optional<Trigger> dead(Cue.Dead dead) {
            return unless(gone.contains(dead.ball()), dead);
        }
    }
}
