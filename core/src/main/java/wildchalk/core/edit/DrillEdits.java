package wildchalk.core.edit;

import java.util.List;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Showing;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Box;
import wildchalk.core.surface.Size;

/** Edits of the drill as a whole. */
public final class DrillEdits {

    private DrillEdits() {}

    /** Calls the drill otherwise. */
    public static Edit<Drill> rename(String title) {
        return new Edit<>("Rename drill", drill -> drill.withTitle(title));
    }

    /** Shows a view of the surface, by its id. */
    public static Edit<Drill> showView(String view) {
        return new Edit<>(
                "Change view", drill -> drill.withShowing(drill.showing().seeing(view)));
    }

    /** Shows a part chosen by hand. */
    public static Edit<Drill> crop(Box part) {
        return new Edit<>(
                "Show a part", drill -> drill.withShowing(drill.showing().cropped(part)));
    }

    /** Turns the board so that the attack goes another way on it. */
    public static Edit<Drill> turn(Showing.Attack attack) {
        return new Edit<>(
                "Turn the board", drill -> drill.withShowing(drill.showing().attacking(attack)));
    }

    /** Chooses a size that the rules leave open; the markings follow. */
    public static Edit<Drill> size(Size size, double metres) {
        return new Edit<>(
                "Change " + size.name(), drill -> drill.withVenue(drill.venue().withSize(size.id(), metres)));
    }

    /** Says who practises it, or how hard they go: every time follows. */
    public static Edit<Drill> effort(Effort effort) {
        return new Edit<>("Change the pace", drill -> drill.withEffort(effort));
    }

    /** Lets people need a moment before they do what something sets off, or shows ideal times. */
    public static Edit<Drill> reacting(boolean now) {
        return new Edit<>(
                now ? "People need time to react" : "Nobody needs time to react",
                drill -> drill.withEffort(drill.effort().reacting(now)));
    }

    /** Lets lines be read otherwise. */
    public static Edit<Drill> readLines(Drill.LineKey key) {
        return new Edit<>("Change line key", drill -> drill.withLineKey(key));
    }

    /** Coaching points, in place of those there are. */
    public static Edit<Drill> points(List<String> points) {
        return new Edit<>("Change coaching points", d -> d.withNotes(points, d.questions(), d.cautions()));
    }

    /** Questions to the players, in place of those there are. */
    public static Edit<Drill> questions(List<String> questions) {
        return new Edit<>("Change questions", d -> d.withNotes(d.points(), questions, d.cautions()));
    }

    /** Cautions, in place of those there are. */
    public static Edit<Drill> cautions(List<String> cautions) {
        return new Edit<>("Change cautions", d -> d.withNotes(d.points(), d.questions(), cautions));
    }
}
