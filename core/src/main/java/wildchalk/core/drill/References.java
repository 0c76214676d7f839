package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.surface.Surface;

/** Looks whether everything that actions and instructions name is there. */
final class References {

    private final Stage stage;
    private final Surface surface;
    /** Whether the surface is the one that was meant, so that its names can be checked. */
    private final boolean known;

    References(Stage stage, Surface surface, boolean known) {
        this.stage = stage;
        this.surface = surface;
        this.known = known;
    }

    /** What is wrong with an action, in plain words. */
    List<String> faults(Action action) {
        List<String> faults = new ArrayList<>();
        if (stage.person(action.who()).isEmpty()) {
            faults.add("is done by \"" + action.who() + "\", but no person has that id");
        }
        Soundness.triggers(action).forEach(t -> trigger(t, faults));
        boolean foreseen = action.cue().trigger() instanceof Cue.Received || action.cue().trigger() instanceof Cue.After
                || action.cue().trigger() instanceof Cue.Next;
        if (action.cue().delay() < 0 && !foreseen) {
            faults.add("is set off before something that nobody can foresee: "
                    + "only the arrival of a ball and the end of a run can be waited for like that");
        }
        if (action instanceof Action.Shadow shadow && stage.person(shadow.whom()).isEmpty()) {
            faults.add("goes with \"" + shadow.whom() + "\", but no person has that id");
        }
        if (action instanceof Action.Handle handle
                && stage.piece(handle.piece()).filter(Piece.Item.class::isInstance).isEmpty()) {
            faults.add("handles \"" + handle.piece() + "\", but no gear has that id");
        }
        Soundness.allSpots(action).forEach(spot -> spot(spot, faults));
        return faults;
    }

    private void spot(Spot spot, List<String> faults) {
        if (spot instanceof Spot.AtPiece p && stage.piece(p.piece()).isEmpty()) {
            faults.add("goes to \"" + p.piece() + "\", but no piece has that id");
        }
        if (known && spot instanceof Spot.AtTarget t && surface.target(t.target()).isEmpty()) {
            faults.add("goes to the target \"" + t.target() + "\", but the surface has none of that name");
        }
    }

    private void trigger(Cue.Trigger trigger, List<String> faults) {
        trigger.of().filter(a -> stage.action(a).isEmpty()).ifPresent(a ->
                faults.add("has a cue that waits for \"" + a + "\", but no action has that id"));
        trigger.watched().stream().filter(id -> stage.piece(id).isEmpty()).forEach(id ->
                faults.add("has a cue that watches \"" + id + "\", but nobody and nothing has that id"));
        if (trigger instanceof Cue.Enters e) {
            zone("has a cue about", e.zone(), faults);
        }
        if (trigger instanceof Cue.Crosses c) {
            line("has a cue about", c.line(), faults);
        }
    }

    private void zone(String isAbout, String zone, List<String> faults) {
        if (known && surface.zone(zone).isEmpty()) {
            faults.add(isAbout + " the zone \"" + zone + "\", but the surface has none of that name");
        }
    }

    private void line(String isAbout, String line, List<String> faults) {
        if (known && surface.line(line).isEmpty()) {
            faults.add(isAbout + " the line \"" + line
                    + "\", but the surface has no straight line of that name");
        }
    }

    /** What is wrong with something that is said, in plain words. */
    List<String> faults(Instruction said) {
        List<String> faults = new ArrayList<>();
        if (said instanceof Instruction.Read read) {
            read(read, faults);
        } else if (said instanceof Instruction.Freeze freeze) {
            freeze.at().trigger().parts().forEach(t -> trigger(t, faults));
            freeze.signs().forEach(s -> sign(s, faults));
        } else if (said instanceof Limit limit) {
            limit(limit, faults);
        }
        return faults;
    }

    private void read(Instruction.Read read, List<String> faults) {
        boolean ball = stage.piece(read.who()).filter(p -> p instanceof Piece.Ball || p instanceof Piece.Supply).isPresent();
        if (!ball && stage.person(read.who()).isEmpty()) {
            faults.add("is decided by \"" + read.who() + "\", but no person and no ball has that id");
        }
        Set<String> options = new HashSet<>();
        read.options().stream().map(Instruction.Option::id).filter(o -> !options.add(o)).forEach(o ->
                faults.add("has two options called \"" + o + "\"; give one of them another id"));
        read.options().stream().flatMap(o -> o.actions().stream()).filter(a -> stage.action(a).isEmpty()).forEach(a ->
                faults.add("has an option with \"" + a + "\", but no action has that id"));
        Optional<String> lost = read.under().filter(u -> stage.said(Instruction.Read.class).stream()
                .filter(r -> !r.id().equals(read.id())).noneMatch(r -> r.option(u).isPresent()));
        lost.ifPresent(u -> faults.add("arises in the option \"" + u + "\", but no other read has that option"));
    }

    private void sign(Sign sign, List<String> faults) {
        if (sign.at().size() < sign.kind().least()) {
            faults.add("draws something about " + sign.at().size() + " spots that needs " + sign.kind().least());
        }
        sign.pieces().stream().filter(id -> stage.piece(id).isEmpty()).forEach(id ->
                faults.add("draws something about \"" + id + "\", but no piece has that id"));
        boolean sight = sign.kind() == Sign.Kind.SIGHT || sign.kind() == Sign.Kind.AWAY || sign.kind() == Sign.Kind.SOONER;
        List<Spot> people = sight ? sign.at().subList(Math.min(sign.at().size(), sign.kind().least() - 1), sign.at().size()) : List.of();
        if (people.stream().anyMatch(s -> !(s instanceof Spot.AtPiece p && stage.person(p.piece()).isPresent()))) {
            faults.add("draws what somebody sees, how far from the ball they are or how soon they are there, but names no person");
        }
        sign.at().stream().filter(s -> !(s instanceof Spot.AtPiece)).forEach(s -> spot(s, faults));
    }

    private void limit(Limit limit, List<String> faults) {
        Stream<String> who = Stream.empty();
        if (limit instanceof Limit.AtMost most) {
            who = most.who().stream();
        } else if (limit instanceof Limit.PassesFirst passes) {
            passes.line().ifPresent(l -> line("is about", l, faults));
        } else if (limit instanceof Limit.EntriesFirst entries) {
            zone("is about", entries.zone(), faults);
        } else if (limit instanceof Limit.Within within) {
            within.zone().ifPresent(z -> zone("is about", z, faults));
            within.from().ifPresent(t -> t.parts().forEach(p -> trigger(p, faults)));
        } else if (limit instanceof Limit.OnlyIn only) {
            zone("is about", only.zone(), faults);
            who = only.who().stream();
        } else if (limit instanceof Limit.NotBefore before) {
            before.moment().parts().forEach(t -> trigger(t, faults));
            who = Stream.of(before.who());
        }
        who.filter(w -> stage.person(w).isEmpty()).forEach(w ->
                faults.add("is about \"" + w + "\", but no person has that id"));
    }
}
