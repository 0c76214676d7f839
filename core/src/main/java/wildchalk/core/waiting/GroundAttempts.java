package wildchalk.core.waiting;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.edit.RotationEdits;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Replay;
import wildchalk.core.geometry.Vec;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.script.Counts;

/** What lies and stands on the ground: balls, who fetches them, and lines that are far from their people. */
final class GroundAttempts {

    private static final List<Integer> BALLS = List.of(1, 2, 3, 4, 6, 9);
    /** So many balls more are tried with somebody else who fetches. */
    private static final int MOST_WITH = 3;

    private static final List<Double> SHARES = List.of(0.3, 0.5);
    /** Who comes from nearer than this is near, metres. */
    private static final double FAR = 8;
    /** Where nothing stands within so many metres, a line has room. */
    private static final double ROOM = 2;

    private final Trials trials;
    private final String rung;

    GroundAttempts(Trials trials) {
        this.trials = trials;
        this.rung = trials.question().rung();
    }

    List<Attempt> all() {
        List<Attempt> all = new ArrayList<>();
        fetchers(all);
        trials.stage().balls().forEach(b -> balls(b, all));
        trials.rotates().roles().forEach(r -> nearer(r, all));
        return all;
    }

    private void fetchers(List<Attempt> all) {
        boolean hasCoach = trials.stage().pieces().stream().anyMatch(Piece.Coach.class::isInstance);
        for (Rotation.Fetcher fetcher : Rotation.Fetcher.values()) {
            if (fetcher != trials.rotates().fetcher() && fetcher != Rotation.Fetcher.NOBODY) {
                all.add(Attempt.said(
                                Kind.FETCHER,
                                "",
                                trials.words().of(new Rotation.Fetches("", fetcher)),
                                RotationEdits.fetches(rung, fetcher),
                                trials.question().asked())
                        .costing(fetcher == Rotation.Fetcher.COACH && !hasCoach ? 1 : 0));
            }
        }
    }

    private void balls(Piece.Ball ball, List<Attempt> all) {
        Optional<Piece.Person> who = ball.heldBy().flatMap(trials.stage()::person);
        if (who.isEmpty()) {
            return;
        }
        Counts.Ball called = Counts.ball(trials.question().surface());
        Vec at = trials.stage().place(who.get());
        Optional<Piece.Supply> heap = trials.stage().pieces().stream()
                .filter(p -> p instanceof Piece.Supply && p.at().distance(at) <= Piece.Supply.IN_REACH)
                .map(Piece.Supply.class::cast)
                .findFirst();
        for (int n : BALLS.stream()
                .filter(n -> n <= trials.question().asked().people())
                .toList()) {
            Edit<Drill> edit = heap.map(h -> PieceEdits.change(
                            rung, Helps.BOOK.say("edit.balls"), new Piece.Supply(h.id(), h.at(), h.count() + n)))
                    .orElseGet(() -> heap(who.get(), at, n));
            Attempt more = Attempt.drawn(
                    Kind.BALLS,
                    Helps.BOOK.say("balls", n, PieceWords.name(who.get()), called.one(), called.several()),
                    edit,
                    trials.question().asked());
            all.add(more);
            // A ball more does not help where whoever played has to bring theirs back before they go on.
            if (n <= MOST_WITH) {
                List<Attempt> fetched = new ArrayList<>();
                fetchers(fetched);
                fetched.forEach(f -> all.add(more.and(f)));
            }
        }
    }

    /** A heap at the side of whoever takes from it. */
    private Edit<Drill> heap(Piece.Person who, Vec at, int n) {
        Vec beside = at.plus(Vec.polar(1.5, who.facing() + Math.PI / 2));
        return new Edit<>(Helps.BOOK.say("edit.heap"), d -> PieceEdits.place(
                        rung, new Piece.Supply(new FreeIds(d).take("u"), beside, n))
                .apply(d));
    }

    /** A line that its people come to from afar is put a part of the way towards them. */
    private void nearer(Piece.Person role, List<Attempt> all) {
        Optional<Vec> from = whence(role.id());
        if (!(role instanceof Piece.LineUp) || from.isEmpty()) {
            return;
        }
        Stage stage = trials.stage();
        Vec at = stage.place(role);
        double far = at.distance(from.get());
        for (double share : SHARES) {
            Vec to = at.towards(from.get(), share);
            boolean free = stage.pieces().stream()
                    .filter(p -> !p.id().equals(role.id()) && !(p instanceof Piece.Area))
                    .allMatch(p -> stage.place(p).distance(to) >= ROOM);
            if (far >= FAR && free && trials.question().surface().contains(to, 0)) {
                Set<String> along = new HashSet<>(Set.of(role.id()));
                stage.pieces().stream()
                        .filter(p -> p instanceof Piece.Supply && p.at().distance(at) <= Piece.Supply.IN_REACH)
                        .forEach(p -> along.add(p.id()));
                all.add(Attempt.drawn(
                        Kind.NEARER,
                        Helps.BOOK.say("nearer", PieceWords.name(role), Math.round(far * share)),
                        PieceEdits.moveAll(rung, stage, along, to.minus(at)),
                        trials.question().asked()));
            }
        }
    }

    /** From where people come who wait for a role, on average; empty where nobody does. */
    private Optional<Vec> whence(String role) {
        Replay replay = trials.replay();
        List<Vec> places = new ArrayList<>();
        for (String letter : replay.letters()) {
            for (Flow.Span span : replay.flow().each().get(letter).spans()) {
                boolean comes = span.doing() == Doing.ON_THE_WAY
                        && replay.at(letter, span.to() + 0.05).role().equals(role);
                if (comes) {
                    places.add(replay.at(letter, span.from()).at());
                }
            }
        }
        return places.isEmpty()
                ? Optional.empty()
                : Optional.of(places.stream().reduce(Vec.ZERO, Vec::plus).times(1.0 / places.size()));
    }
}
