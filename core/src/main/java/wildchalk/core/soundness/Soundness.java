package wildchalk.core.soundness;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.surface.Surface;

/**
 * Whether a drill hangs together: everything it names is there. What this finds is a fault of a file; what people on
 * the surface cannot do is found by the rehearsal.
 */
public final class Soundness {

    private static final ActionCases.Families<Optional<Cue.Trigger>> UNTIL = new ActionCases.Families<>() {
        @Override
        public Optional<Cue.Trigger> travel(Travel travel) {
            return Optional.empty();
        }

        @Override
        public Optional<Cue.Trigger> delivery(Action.Delivery delivery) {
            return Optional.empty();
        }

        @Override
        public Optional<Cue.Trigger> shadow(Shadow shadow) {
            return shadow.until();
        }

        @Override
        public Optional<Cue.Trigger> hold(Hold hold) {
            return hold.until();
        }

        @Override
        public Optional<Cue.Trigger> call(Action.Call call) {
            return Optional.empty();
        }

        @Override
        public Optional<Cue.Trigger> blow(Action.Blow blow) {
            return Optional.empty();
        }

        @Override
        public Optional<Cue.Trigger> playOn(PlayOn play) {
            return Optional.empty();
        }

        @Override
        public Optional<Cue.Trigger> handle(Action.Handle handle) {
            return Optional.empty();
        }

        @Override
        public Optional<Cue.Trigger> act(Act act) {
            return Optional.empty();
        }

        @Override
        public Optional<Cue.Trigger> contest(Contest contest) {
            return Optional.empty();
        }
    };

    private static final ActionCases.Travels<List<Spot>> SPOTS = new ActionCases.Travels<>() {
        @Override
        public List<Spot> travel(Travel travel) {
            return travel.path().through();
        }

        @Override
        public List<Spot> pass(Action.Pass pass) {
            return List.of(pass.to());
        }

        @Override
        public List<Spot> shot(Action.Shot shot) {
            return shot.next().map(n -> List.of(shot.to(), n)).orElse(List.of(shot.to()));
        }

        @Override
        public List<Spot> shadow(Shadow shadow) {
            return shadow.style().other().stream().toList();
        }

        @Override
        public List<Spot> hold(Hold hold) {
            return hold.facing().stream().toList();
        }

        @Override
        public List<Spot> call(Action.Call call) {
            return List.of();
        }

        @Override
        public List<Spot> blow(Action.Blow blow) {
            return List.of();
        }

        @Override
        public List<Spot> playOn(PlayOn play) {
            return List.of();
        }

        @Override
        public List<Spot> handle(Action.Handle handle) {
            return handle.to().stream().toList();
        }

        @Override
        public List<Spot> act(Act act) {
            return act.on().stream().toList();
        }

        @Override
        public List<Spot> contest(Contest contest) {
            return List.of();
        }
    };

    private Soundness() {}

    /**
     * One thing that is wrong.
     *
     * @param rung id of the rung it is on; empty for a size of the surface
     * @param id of the piece, action or size that is at fault
     * @param what is wrong and what would be right, in plain words
     * @param places where it stands, when that is more than one place: the one that is at fault first
     */
    public record Fault(String rung, String id, String what, List<Place> places) {

        public Fault {
            places = List.copyOf(places);
        }

        Fault(String rung, String id, String what) {
            this(rung, id, what, List.of());
        }
    }

    /** One of the lists of a rung. */
    public enum Of {
        PIECES,
        ACTIONS,
        SAID
    }

    /**
     * Where a piece, an action or something that is said stands.
     *
     * @param index in that list of the rung, from 0
     */
    public record Place(String rung, Of of, int index) {

        private String words() {
            String what =
                    switch (of) {
                        case PIECES -> "piece";
                        case ACTIONS -> "action";
                        case SAID -> "thing that is said";
                    };
            return what + " on stage \"" + rung + "\"";
        }
    }

    /**
     * All faults of every rung, bottom first; empty when the drill is sound.
     *
     * @param surface the one that the drill names, or what stands in for it
     */
    public static List<Fault> faults(Drill drill, Surface surface) {
        List<Fault> faults = new ArrayList<>();
        drill.venue()
                .plan()
                .flatMap(p -> p.fault(drill.venue().sizes()))
                .ifPresent(f -> faults.add(new Fault("", f.getKey(), f.getValue())));
        Set<String> rungs = new HashSet<>();
        for (Rung rung : drill.ladder()) {
            origin(drill, rung).ifPresent(what -> faults.add(new Fault(rung.id(), rung.id(), what)));
            if (!rungs.add(rung.id())) {
                faults.add(new Fault(rung.id(), rung.id(), "stands twice; give one of the stages another id"));
            }
        }
        faults.addAll(twice(drill));
        if (faults.isEmpty()) {
            Ladder.buildAll(drill).forEach(stage -> stageFaults(drill, stage, surface, faults));
        }
        return faults;
    }

    /** Whether everything that is named in a stage of the drill is there. */
    public static boolean isSound(Drill drill, Stage stage, Surface surface) {
        List<Fault> faults = new ArrayList<>();
        stageFaults(drill, stage, surface, faults);
        return faults.isEmpty();
    }

    /**
     * What is wrong with the rung that a rung was made from; it may stand above it, but must lead to one made from
     * none.
     */
    private static Optional<String> origin(Drill drill, Rung rung) {
        List<Rung> origins = Ladder.origins(drill, rung);
        Rung last = origins.isEmpty() ? rung : origins.get(origins.size() - 1);
        if (last.from().isEmpty()) {
            return Optional.empty();
        }
        String from = last.from().get();
        return Optional.of(
                drill.ladder().stream().anyMatch(r -> r.id().equals(from))
                        ? "is made from itself, by a detour"
                        : "is made from \"" + from + "\", which is no stage");
    }

    /**
     * Ids that stand for two things. Pieces, actions and what is said share one set of ids in the whole drill; only a
     * version of a thing has its id on another rung.
     *
     * @return a fault for each, of the later one; those on one rung first
     */
    public static List<Fault> twice(Drill drill) {
        List<Fault> onOne = new ArrayList<>();
        List<Fault> onTwo = new ArrayList<>();
        Map<String, Place> first = new HashMap<>();
        for (Rung rung : drill.ladder()) {
            Map<String, Place> here = new HashMap<>();
            places(rung).forEach((place, id) -> {
                Place same = here.putIfAbsent(id, place);
                Place below = first.putIfAbsent(id, place);
                if (same != null) {
                    onOne.add(clash(id, place, same));
                } else if (below != null && below.of() != place.of()) {
                    onTwo.add(clash(id, place, below));
                }
            });
        }
        onOne.addAll(onTwo);
        return onOne;
    }

    /** Whether a clash of ids is between two things on one rung. */
    public static boolean isOnOneRung(Fault clash) {
        return clash.places().stream().map(Place::rung).distinct().count() == 1;
    }

    private static Fault clash(String id, Place place, Place other) {
        return new Fault(
                place.rung(),
                id,
                "stands twice, for this " + place.words() + " and for the " + other.words()
                        + "; give one of the two another id",
                List.of(place, other));
    }

    private static Map<Place, String> places(Rung rung) {
        Map<Place, String> places = new LinkedHashMap<>();
        for (int i = 0; i < rung.pieces().size(); i++) {
            places.put(new Place(rung.id(), Of.PIECES, i), rung.pieces().get(i).id());
        }
        for (int i = 0; i < rung.actions().size(); i++) {
            places.put(
                    new Place(rung.id(), Of.ACTIONS, i), rung.actions().get(i).id());
        }
        for (int i = 0; i < rung.instructions().size(); i++) {
            places.put(
                    new Place(rung.id(), Of.SAID, i), rung.instructions().get(i).id());
        }
        return places;
    }

    private static void stageFaults(Drill drill, Stage stage, Surface surface, List<Fault> faults) {
        boolean known = !drill.venue().isMissing();
        for (Piece.Ball ball : stage.balls()) {
            ball.heldBy()
                    .filter(who -> stage.person(who).isEmpty())
                    .ifPresent(who -> faults.add(
                            new Fault(stage.id(), ball.id(), "is held by \"" + who + "\", but no person has that id")));
        }
        Set<Integer> numbers = new HashSet<>();
        stage.stations().stream()
                .filter(s -> !numbers.add(s.number()))
                .forEach(s -> faults.add(new Fault(
                        stage.id(),
                        s.id(),
                        "has the number of another station, " + s.number() + "; give it one of its own")));
        References references = new References(stage, stage.marked(surface), known);
        stage.actions()
                .forEach(a -> references.faults(a).forEach(what -> faults.add(new Fault(stage.id(), a.id(), what))));
        stage.instructions()
                .forEach(i -> references.faults(i).forEach(what -> faults.add(new Fault(stage.id(), i.id(), what))));
    }

    /** The single moments that an action waits for, to begin or to end. */
    public static List<Cue.Trigger> triggers(Action action) {
        List<Cue.Trigger> all = new ArrayList<>(action.cue().trigger().parts());
        until(action).ifPresent(u -> all.addAll(u.parts()));
        return all;
    }

    /** What ends an action from outside; empty for most. */
    public static Optional<Cue.Trigger> until(Action action) {
        return action.match(UNTIL);
    }

    /** Every spot that an action is about: those that its line touches, and what is watched on the way. */
    static List<Spot> allSpots(Action action) {
        List<Spot> all = new ArrayList<>(spots(action));
        if (action instanceof Travel travel) {
            travel.going().watching().ifPresent(all::add);
        }
        return all;
    }

    /** Every spot that an action's line touches; none for who stays where they are, but what they face. */
    public static List<Spot> spots(Action action) {
        return action.match(SPOTS);
    }
}
