package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

/** Edits of freezes: where the board stands still, what is asked, what is drawn with the answer. */
public final class FreezeEdits {

    /** Nearer than this to something that happens, a freeze is tied to it, seconds. */
    private static final double NEAR = 0.25;

    private FreezeEdits() {}

    /**
     * An edit that makes a freeze.
     *
     * @param freeze its id
     */
    public record Made(Edit<Drill> edit, String freeze) {}

    /**
     * A freeze at a time: tied to what happens then, so that it stays with it when times change, else so long after the
     * whistle.
     */
    public static Made at(String rung, Stage stage, FreeIds ids, Timeline timeline, double t) {
        Freeze freeze = new Freeze(ids.take("f"), cueAt(stage, timeline, t), "", "");
        return new Made(StageEdit.of("Freeze and ask", rung, s -> s.saying(freeze)), freeze.id());
    }

    static Cue cueAt(Stage stage, Timeline timeline, double t) {
        List<Cue> cues = new ArrayList<>(List.of(Cue.whistle()));
        for (Action action : stage.actions()) {
            timeline.times(action.id()).ifPresent(times -> cues.addAll(moments(action, times)));
        }
        Cue nearest = cues.stream()
                .min(Comparator.comparingDouble(c -> Math.abs(timeline.moment(c).orElse(Double.MAX_VALUE) - t)))
                .orElseThrow();
        boolean near = Math.abs(timeline.moment(nearest).orElse(Double.MAX_VALUE) - t) <= NEAR;
        return near ? nearest : Cue.whistle().delayed(Math.round(t * 10) / 10.0);
    }

    private static List<Cue> moments(Action action, ActionTimes times) {
        List<Cue> cues = new ArrayList<>();
        if (action instanceof Action.Pass && !Double.isNaN(times.arrival())) {
            cues.add(Cue.received(action.id()));
        }
        if (action instanceof Action.Delivery && !Double.isNaN(times.release())) {
            cues.add(new Cue(new Cue.Released(action.id()), 0));
        }
        if (action instanceof Travel) {
            cues.add(Cue.with(action.id()));
            cues.add(Cue.after(action.id()));
        }
        return cues;
    }

    /** Asks something else at a freeze. */
    public static Edit<Drill> ask(String rung, Freeze freeze, String question) {
        return changed("Ask", rung, new Freeze(freeze.id(), freeze.at(), question, freeze.answer(), freeze.signs()));
    }

    /** Answers something else at a freeze. */
    public static Edit<Drill> answer(String rung, Freeze freeze, String answer) {
        return changed("Answer", rung, new Freeze(freeze.id(), freeze.at(), freeze.question(), answer, freeze.signs()));
    }

    /** Draws a sign more at a freeze. */
    public static Edit<Drill> draw(String rung, Freeze freeze, Sign sign) {
        List<Sign> signs = new ArrayList<>(freeze.signs());
        signs.add(sign);
        return changed("Draw the answer", rung, freeze.showing(signs));
    }

    /** Takes the sign that was drawn last away again. */
    public static Edit<Drill> undraw(String rung, Freeze freeze) {
        List<Sign> signs = freeze.signs();
        return changed("Wipe the answer", rung, freeze.showing(signs.subList(0, Math.max(0, signs.size() - 1))));
    }

    /** Takes a freeze away. */
    public static Edit<Drill> remove(String rung, Freeze freeze) {
        return StageEdit.of(
                "Take a freeze away",
                rung,
                s -> s.withInstructions(s.instructions().stream()
                        .filter(i -> !i.id().equals(freeze.id()))
                        .toList()));
    }

    private static Edit<Drill> changed(String name, String rung, Freeze freeze) {
        return StageEdit.of(name, rung, s -> s.saying(freeze));
    }
}
