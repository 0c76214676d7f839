package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Queue;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.When;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.effort.Dose;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/** What is said between reps of a stage, and what is taken for granted where nothing is. */
final class Rules {

    /** From one who waits to the next where nothing is said of it, metres; assumed. */
    private static final double SPACING = Piece.LineUp.SPACING;

    private final Stage stage;
    private final List<Piece.Person> roles;
    private final Map<String, Rotation.Goes> goes = new HashMap<>();
    private final Map<String, Vec> places = new HashMap<>();
    private final Set<String> guessed = new HashSet<>();
    private final Optional<When> when;
    private final Rotation.Taken taken;
    private final SideTurns turns;
    private final Rotation.Fetcher fetcher;

    Rules(Stage stage) {
        this(stage, stage, Optional.empty());
    }

    /**
     * @param written the stage as it is played, with those who come to the front of a line within a rep
     * @param dose the rung's own length; empty where nothing is said of it
     */
    Rules(Stage stage, Stage written, Optional<Dose> dose) {
        this.stage = stage;
        this.roles = written.people().stream()
                .filter(p -> !(p instanceof Piece.Coach))
                .toList();
        roles.forEach(r -> places.put(r.id(), stage.place(r)));
        stage.instructions(Rotation.Goes.class).forEach(g -> goes.put(g.who(), g));
        this.when =
                stage.instructions(Rotation.Starts.class).stream().findFirst().map(Rotation.Starts::when);
        Optional<Rotation.Sides> sides =
                stage.instructions(Rotation.Sides.class).stream().findFirst();
        this.taken = sides.map(Rotation.Sides::taken).orElse(Rotation.Taken.AS_DRAWN);
        this.turns = new SideTurns(sides.flatMap(Rotation.Sides::turn), dose);
        this.fetcher = stage.instructions(Rotation.Fetches.class).stream()
                .findFirst()
                .map(Rotation.Fetches::by)
                .orElse(Rotation.Fetcher.SHOOTER);
        stage.people().stream()
                .filter(p -> !(p instanceof Piece.Coach))
                .forEach(r -> goes.computeIfAbsent(r.id(), id -> guess(r)));
    }

    /** Line-ups move up, and whoever was in front joins the end; everybody else stays. */
    private Rotation.Goes guess(Piece.Person role) {
        guessed.add(role.id());
        Rotation.To to = role instanceof Piece.LineUp ? new Rotation.Becomes(role.id(), false) : new Rotation.Stays();
        return new Rotation.Goes("", role.id(), to, Optional.empty());
    }

    /** What it is said of. */
    Stage stage() {
        return stage;
    }

    /** Everybody it takes at once, on one side. */
    List<Piece.Person> roles() {
        return roles;
    }

    Rotation.Goes of(String role) {
        return goes.get(NextInLine.token(role));
    }

    Set<String> guessed() {
        return guessed;
    }

    When when() {
        return when.orElse(new When.Ready());
    }

    /** Whether the next rep is started at once by whoever this one ends with. */
    boolean goesOn(Played played) {
        return when.isEmpty() && starter(played).isPresent();
    }

    /**
     * The role of whoever starts the next rep at once: who is said to, or who has only come to the front of their line
     * in this one.
     */
    Optional<String> starter(Played played) {
        return roles.stream()
                .map(Piece::id)
                .filter(r -> of(r).to().isAtOnce() || staysInFront(r, played))
                .findFirst();
    }

    /** Whether somebody has come to the front of their line within a rep, and is there still. */
    boolean staysInFront(String role, Played played) {
        return NextInLine.line(role).isPresent() && !played.part(role).does();
    }

    /** When sides change that are taken in turn. */
    SideTurns turns() {
        return turns;
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
                && of(role).to().isStay()
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
            Rotation.Goes g = of(role.id());
            if (g.to().role().isPresent()) {
                targets.add(role.id());
            }
        }
        List<String> open = new ArrayList<>(targets);
        // Who is taken on at once never waits; who takes them on does.
        open.removeIf(r -> goes.values().stream()
                .anyMatch(g -> g.to().isAtOnce() && g.to().role().equals(Optional.of(r))));
        open.sort((a, b) -> Integer.compare(first(a), first(b)));
        return open.isEmpty() ? open : open.subList(0, 1);
    }

    private int first(String role) {
        if (of(role).to().isAtOnce()) {
            return 0;
        }
        return hasBall(role) ? 1 : 2;
    }

    private boolean hasBall(String role) {
        return stage.pieces().stream()
                .anyMatch(p -> p instanceof Piece.Ball b
                        && b.heldBy().filter(role::equals).isPresent());
    }

    /** How many balls lie on heaps in reach of a place. */
    int spare(Vec place) {
        return stage.pieces().stream()
                .filter(p -> p instanceof Piece.Supply && p.at().distance(place) <= Stock.REACH)
                .mapToInt(p -> ((Piece.Supply) p).count())
                .sum();
    }

    /** Whether somebody who is out can come back. */
    boolean hasBench() {
        return goes.values().stream().anyMatch(g -> g.to().isOut());
    }

    /** Where a role begins. */
    Vec place(String role, Side side) {
        return at(places.get(role), side);
    }

    /** What ends a rep before all is done; whichever comes first. */
    static List<Cue> ends(Stage stage) {
        List<Cue> ends = new ArrayList<>();
        stage.instructions(Rotation.Over.class).forEach(o -> ends.add(o.at()));
        stage.instructions(Rotation.Repeats.class)
                .forEach(r -> r.often().until().ifPresent(s -> ends.add(new Cue(new Cue.Whistle(), s))));
        return ends;
    }

    /** A place as it is on a side. */
    static Vec at(Vec place, Side side) {
        return side == Side.DRAWN ? place : place.mirrored(false, true);
    }

    /** Where the {@code k}th of those who wait for a role is drawn; the 0th is in front. */
    Vec drawn(String role, Side side, int k, double unit) {
        Piece.Person person = stage.person(role).orElseThrow();
        Queue queue = person instanceof Piece.LineUp l ? l.queue() : Queue.BEHIND;
        Vec back = Vec.polar(queue.away(k, unit), person.facing() + queue.direction());
        return at(stage.place(person).plus(back), side);
    }

    /** Where the {@code k}th of those who wait for a role stands; the 0th is in front. */
    Vec slot(String role, Side side, int k) {
        Piece.Person person = stage.person(NextInLine.token(role)).orElseThrow();
        Queue queue = person instanceof Piece.LineUp l ? l.queue() : Queue.BEHIND;
        double spacing = queue.spacing() > 0 ? queue.spacing() : SPACING;
        Vec back = Vec.polar(spacing * k, person.facing() + queue.direction());
        return at(stage.place(person).plus(back), side);
    }
}
