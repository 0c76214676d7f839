package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.RotationEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.RotationWords;
import wildchalk.core.surface.Surface;

/** Where everybody goes between the reps of a rung, in phrases, each with all that could be said instead. */
public final class NextWords {

    private static final List<Integer> REPS = List.of(2, 3, 4, 6);
    private static final List<Integer> MADE = List.of(3, 5, 10);

    private final String rung;
    private final Stage stage;
    private final Rules rules;
    private final RotationWords words;

    /** @param surface with the areas that are marked out on it */
    public NextWords(String rung, Stage stage, Surface surface, Unit unit) {
        this.rung = rung;
        this.stage = stage;
        this.rules = new Rules(stage);
        this.words = new RotationWords(stage, surface, unit);
    }

    /**
     * Something that could be said.
     *
     * @param taken whether it is said, or guessed, now
     */
    public record Choice(String words, boolean taken, Edit<Drill> edit) {}

    /**
     * What is said of one thing.
     *
     * @param role id of the person whose role it is about; empty for what is about all
     * @param guess whether nothing is said of it and this is taken for granted
     * @param choices in groups, what there is most reason for first
     * @param several whether any number of them can be said at once
     */
    public record Phrase(String role, String words, boolean guess, List<List<Choice>> choices, boolean several) {

        /** Of which one choice is said. */
        public Phrase(String role, String words, boolean guess, List<List<Choice>> choices) {
            this(role, words, guess, choices, false);
        }
    }

    /** "joins the end of the feeders" */
    public String where(Rotation.Goes goes) {
        return words.where(goes);
    }

    /**
     * Where somebody is sent who is sent to a place: onto a person, onto those who wait in a line-up, off the surface;
     * empty in the open.
     *
     * @param who id of the person whose role it is
     * @param unit the radius of a token as it is drawn, metres: within half as much again one is on it
     */
    public static Optional<Rotation.To> at(Stage stage, Surface surface, String who, Vec place, double unit) {
        Rules rules = new Rules(stage);
        Optional<String> role = Optional.empty();
        double nearest = unit * 1.5;
        for (Piece.Person person : rules.roles()) {
            int slots = person instanceof Piece.LineUp l ? l.waiting() + 2 : 0;
            for (int k = 0; k <= slots; k++) {
                double off = rules.drawn(person.id(), Flow.Side.DRAWN, k, unit).distance(place);
                if (off < nearest) {
                    nearest = off;
                    role = Optional.of(person.id());
                }
            }
        }
        if (role.isPresent()) {
            boolean own = role.get().equals(who) && !(stage.person(who).orElseThrow() instanceof Piece.LineUp);
            return Optional.of(own ? new Rotation.Stays() : new Rotation.Becomes(role.get(), false));
        }
        return surface.contains(place, 0) ? Optional.empty() : Optional.of(new Rotation.Out());
    }

    /** Where whoever has each role goes, in the order of the roles. */
    public List<Phrase> roles() {
        List<Phrase> all = new ArrayList<>();
        for (Piece.Person role : rules.roles()) {
            Rotation.Goes now = rules.of(role.id());
            all.add(new Phrase(
                    role.id(),
                    words.after(now) + words.where(now),
                    rules.guessed().contains(role.id()),
                    List.of(places(role, now), lengths(role, now), guess(role))));
        }
        return all;
    }

    private List<Choice> places(Piece.Person role, Rotation.Goes now) {
        List<Choice> all = new ArrayList<>();
        all.add(goes(role, now, new Rotation.Stays()));
        rules.roles().forEach(r -> {
            if (r instanceof Piece.LineUp || !r.id().equals(role.id())) {
                all.add(goes(role, now, new Rotation.Becomes(r.id(), false)));
            }
        });
        rules.roles().stream()
                .filter(r -> !r.id().equals(role.id()))
                .forEach(r -> all.add(goes(role, now, new Rotation.ChangesWith(r.id()))));
        rules.roles().stream()
                .filter(r -> !r.id().equals(role.id()) && begins(r.id()))
                .forEach(r -> all.add(goes(role, now, new Rotation.GoesOn(r.id()))));
        all.add(goes(role, now, new Rotation.Out()));
        return all;
    }

    /** Whether somebody does something as soon as a rep begins. */
    private boolean begins(String role) {
        return stage.actionsOf(role).stream().anyMatch(a -> a.cue().trigger() instanceof Cue.Whistle);
    }

    private Choice goes(Piece.Person role, Rotation.Goes now, Rotation.To to) {
        Optional<Rotation.Stay> after = to.isStay() ? Optional.empty() : now.after();
        String said = words.where(new Rotation.Goes("", role.id(), to, after));
        return new Choice(said, to.equals(now.to()), RotationEdits.goes(rung, role.id(), to, after));
    }

    private List<Choice> lengths(Piece.Person role, Rotation.Goes now) {
        if (now.to().isStay()) {
            return List.of();
        }
        List<Choice> all = new ArrayList<>();
        all.add(length(role, now, Optional.empty()));
        REPS.forEach(n -> all.add(length(role, now, Optional.of(new Rotation.Stay(Rotation.Counted.REPS, n)))));
        if (stage.actionsOf(role.id()).stream().anyMatch(Action.Shot.class::isInstance)) {
            MADE.forEach(n -> all.add(length(role, now, Optional.of(new Rotation.Stay(Rotation.Counted.MADE, n)))));
        }
        return all;
    }

    private Choice length(Piece.Person role, Rotation.Goes now, Optional<Rotation.Stay> after) {
        String said = after.isEmpty()
                ? FlowWords.say("each.rep")
                : words.after(new Rotation.Goes("", role.id(), now.to(), after)).replaceAll("[, ]+$", "");
        return new Choice(said, after.equals(now.after()), RotationEdits.goes(rung, role.id(), now.to(), after));
    }

    private List<Choice> guess(Piece.Person role) {
        return rules.guessed().contains(role.id())
                ? List.of()
                : List.of(new Choice(FlowWords.say("as.guessed"), false, RotationEdits.unsaid(rung, role.id())));
    }
}
