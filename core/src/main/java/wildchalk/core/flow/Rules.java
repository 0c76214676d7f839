package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/** What is said between reps of a stage, and what is taken for granted where nothing is. */
final class Rules {

    /** From one who waits to the next where nothing is said of it, metres; assumed. */
    private static final double SPACING = 1;

    private final Stage stage;
    private final List<Piece.Person> roles;
    private final Map<String, Rotation.Goes> goes = new HashMap<>();
    private final Set<String> guessed = new HashSet<>();
    private final Rotation.When when;
    private final Rotation.Taken taken;
    private final Rotation.Fetcher fetcher;

    Rules(Stage stage) {
        this.stage = stage;
        this.roles =
                stage.people().stream().filter(p -> !(p instanceof Piece.Coach)).toList();
        stage.instructions(Rotation.Goes.class).forEach(g -> goes.put(g.who(), g));
        this.when = stage.instructions(Rotation.Starts.class).stream()
                .findFirst()
                .map(Rotation.Starts::when)
                .orElse(new Rotation.Ready());
        this.taken = stage.instructions(Rotation.Sides.class).stream()
                .findFirst()
                .map(Rotation.Sides::taken)
                .orElse(Rotation.Taken.AS_DRAWN);
        this.fetcher = stage.instructions(Rotation.Fetches.class).stream()
                .findFirst()
                .map(Rotation.Fetches::by)
                .orElse(Rotation.Fetcher.SHOOTER);
        roles.forEach(r -> goes.computeIfAbsent(r.id(), id -> guess(r)));
    }

    /** Line-ups move up, and whoever was in front joins the end; everybody else stays. */
    private Rotation.Goes guess(Piece.Person role) {
        guessed.add(role.id());
        Rotation.To to = role instanceof Piece.LineUp ? new Rotation.Becomes(role.id(), false) : new Rotation.Stays();
        return new Rotation.Goes("", role.id(), to, Optional.empty());
    }

    List<Piece.Person> roles() {
        return roles;
    }

    Rotation.Goes of(String role) {
        return goes.get(role);
    }

    Set<String> guessed() {
        return guessed;
    }

    Rotation.When when() {
        return when;
    }

    Rotation.Taken taken() {
        return taken;
    }

    Rotation.Fetcher fetcher() {
        return fetcher;
    }

    /** The sides that have people of their own. */
    List<Side> sets() {
        boolean two = taken == Rotation.Taken.TWO_SETS || taken == Rotation.Taken.BOTH;
        return two ? List.of(Side.DRAWN, Side.MIRRORED) : List.of(Side.DRAWN);
    }

    /** How many it takes at least. */
    int fewest() {
        return (int) sets().stream()
                .flatMap(s -> roles.stream().filter(r -> set(r.id(), s) == s))
                .count();
    }

    /** Whose line on a side is the same as on the other: a keeper who stays in the middle keeps for both in turn. */
    Side set(String role, Side side) {
        boolean both = taken == Rotation.Taken.TWO_SETS
                && goes.get(role).to().isStay()
                && place(role, Side.DRAWN).distance(place(role, Side.MIRRORED)) < SPACING;
        return both ? Side.DRAWN : side;
    }

    /** Roles behind which more people can wait: line-ups, else whatever somebody goes to, where the balls are first. */
    List<String> open() {
        List<String> lines = roles.stream()
                .filter(Piece.LineUp.class::isInstance)
                .map(Piece::id)
                .toList();
        if (!lines.isEmpty()) {
            return lines;
        }
        Set<String> targets = new LinkedHashSet<>();
        for (Piece.Person role : roles) {
            Rotation.Goes g = goes.get(role.id());
            if (g.to().role().isPresent()) {
                targets.add(role.id());
            }
        }
        List<String> open = new ArrayList<>(targets);
        open.sort((a, b) -> Boolean.compare(hasBall(b), hasBall(a)));
        return open.isEmpty() ? open : open.subList(0, 1);
    }

    private boolean hasBall(String role) {
        return stage.pieces().stream()
                .anyMatch(p -> p instanceof Piece.Ball b
                        && b.heldBy().filter(role::equals).isPresent());
    }

    /** Whether somebody who is out can come back. */
    boolean hasBench() {
        return goes.values().stream().anyMatch(g -> g.to().isOut());
    }

    /** Where a role begins. */
    Vec place(String role, Side side) {
        Vec at = stage.place(stage.person(role).orElseThrow());
        return at(at, side);
    }

    /** A place as it is on a side. */
    static Vec at(Vec place, Side side) {
        return side == Side.DRAWN ? place : place.mirrored(false, true);
    }

    /** Where the {@code k}th of those who wait for a role is drawn; the 0th is in front. */
    Vec drawn(String role, Side side, int k, double unit) {
        Piece.Person person = stage.person(role).orElseThrow();
        Piece.Queue queue = person instanceof Piece.LineUp l ? l.queue() : Piece.Queue.BEHIND;
        Vec back = Vec.polar(queue.away(k, unit), person.facing() + queue.direction());
        return at(stage.place(person).plus(back), side);
    }

    /** Where the {@code k}th of those who wait for a role stands; the 0th is in front. */
    Vec slot(String role, Side side, int k) {
        Piece.Person person = stage.person(role).orElseThrow();
        Piece.Queue queue = person instanceof Piece.LineUp l ? l.queue() : Piece.Queue.BEHIND;
        double spacing = queue.spacing() > 0 ? queue.spacing() : SPACING;
        Vec back = Vec.polar(spacing * k, person.facing() + queue.direction());
        return at(stage.place(person).plus(back), side);
    }
}
