package wildchalk.core.soundness;

import java.util.List;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.RotationCases;
import wildchalk.core.drill.Stage;
import wildchalk.core.wording.Wordbook;

/** What is wrong with what is said between reps, in plain words. */
record RotationFaults(References references, Stage stage, List<String> faults) implements RotationCases<Void> {

    static final Wordbook BOOK = Wordbook.beside(RotationFaults.class, "Faults");

    private void fault(String key, Object... values) {
        faults.add(BOOK.say(key, values));
    }

    @Override
    public Void goes(Rotation.Goes goes) {
        if (stage.person(goes.who()).isEmpty()) {
            fault("goes.who", goes.who());
        }
        goes.to().role().filter(r -> stage.person(r).isEmpty()).ifPresent(r -> fault("goes.to", r));
        return null;
    }

    @Override
    public Void starts(Rotation.Starts starts) {
        starts.when().at().ifPresent(c -> c.trigger().parts().forEach(t -> references.trigger(t, faults)));
        return null;
    }

    @Override
    public Void sides(Rotation.Sides sides) {
        return null;
    }

    @Override
    public Void fetches(Rotation.Fetches fetches) {
        return null;
    }

    @Override
    public Void fits(Rotation.Fits fits) {
        if (stage.person(fits.who()).isEmpty()) {
            fault("fits.who", fits.who());
        }
        return null;
    }

    @Override
    public Void over(Rotation.Over over) {
        over.at().trigger().parts().forEach(t -> references.trigger(t, faults));
        return null;
    }

    @Override
    public Void stepsUp(Rotation.StepsUp steps) {
        if (stage.person(steps.line()).filter(Piece.LineUp.class::isInstance).isEmpty()) {
            fault("steps.line", steps.line());
        }
        steps.actions().stream().filter(a -> stage.action(a).isEmpty()).forEach(a -> fault("steps.action", a));
        return null;
    }

    @Override
    public Void repeats(Rotation.Repeats repeats) {
        repeats.actions().stream().filter(a -> stage.action(a).isEmpty()).forEach(a -> fault("repeats.action", a));
        repeats.round().stream().filter(p -> stage.piece(p).isEmpty()).forEach(p -> fault("repeats.round", p));
        return null;
    }

    @Override
    public Void shares(Rotation.Shares shares) {
        var read = stage.instructions(Instruction.Read.class).stream()
                .filter(r -> r.id().equals(shares.read()))
                .findFirst();
        if (read.isEmpty()) {
            fault("shares.read", shares.read());
        } else {
            shares.shares().keySet().stream()
                    .filter(o -> read.get().option(o).isEmpty())
                    .forEach(o -> fault("shares.option", o));
        }
        return null;
    }
}
