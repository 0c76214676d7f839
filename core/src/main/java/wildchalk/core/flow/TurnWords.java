package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Dose;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.RotationWords;
import wildchalk.core.surface.Surface;

/** How many it takes and who is next, in a few sentences for whoever has the drill in their hand. */
public final class TurnWords {

    /** A drill is done for about so long where nothing is said, minutes; assumed. */
    private static final double USUAL = 8;

    private TurnWords() {}

    /**
     * How many it takes, what becomes of those who are drawn, and where people go of whom nothing is said; what is said
     * of them stands in the script. Nothing where nobody takes turns.
     *
     * @param surface what it is played on
     * @param dose how long it is done; empty when nothing is said of it
     */
    public static List<String> of(Stage stage, Surface surface, Optional<Dose> dose, Unit unit) {
        List<Piece.LineUp> lines = stage.people().stream()
                .filter(Piece.LineUp.class::isInstance)
                .map(Piece.LineUp.class::cast)
                .toList();
        if (lines.isEmpty() && stage.instructions(Rotation.Goes.class).isEmpty()) {
            return List.of();
        }
        Flows flows = new Flows(stage, surface, dose);
        int drawn = lines.stream().mapToInt(Piece.LineUp::waiting).sum()
                + (int) stage.people().stream()
                        .filter(p -> !(p instanceof Piece.Coach))
                        .count();
        double minutes = dose.map(TurnWords::minutes).orElse(USUAL);
        List<String> all = new ArrayList<>();
        all.add(FlowWords.say(flows.lines().isEmpty() ? "turns.takes" : "turns.takes.more", flows.fewest()));
        Flow flow = flows.of(Math.min(Flows.MOST_PEOPLE, drawn), minutes, 1);
        if (flow.jams().isEmpty() && !flow.reps().isEmpty()) {
            Waits waits = Waits.of(flow);
            all.add(FlowWords.say(
                    waits.usual() > 0 ? "turns.waits" : "turns",
                    drawn,
                    flow.reps().size(),
                    Math.round(minutes * 10) / 10.0,
                    Math.round(waits.usual())));
        } else {
            flow.jams().forEach(j -> all.add(FlowWords.say("jam", j.why(), j.mend())));
        }
        RotationWords words = new RotationWords(stage, stage.marked(surface), unit);
        Rotates rotates = flows.rotates();
        lines.stream()
                .filter(l -> flow.guessed().contains(l.id()))
                .forEach(l -> all.add(FlowWords.say("turns.guess", words.of(rotates.goes(l.id())))));
        return all;
    }

    private static double minutes(Dose dose) {
        double sum = 0;
        for (Dose.Turn turn : dose.turns()) {
            switch (turn.measure()) {
                case MINUTES -> sum += turn.amount();
                case SECONDS -> sum += turn.amount() / 60;
                case TIMES -> {
                    return USUAL;
                }
            }
        }
        return Math.max(1, Math.min(60, sum));
    }
}
