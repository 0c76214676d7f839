package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Venue;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** Takes a drill onto another surface. */
public final class SurfaceEdits {

    /** How places are carried over. */
    public enum Carrying {
        /** As far from the nearest landmark as before: distances between near things stay. */
        LANDMARK,
        /** At the same share of the length and of the width: the whole is stretched or shrunk. */
        SCALE
    }

    private SurfaceEdits() {}

    /**
     * The drill on another surface. Zones and lines that only the old one has are named no more; shots at a goal that
     * is missing go to where it would be.
     *
     * @param venue another surface, one that is there
     */
    public static Edit<Drill> onto(Drill drill, Venue venue, Carrying carrying) {
        Surface from = drill.surface();
        Surface there = venue.lay();
        UnaryOperator<Vec> place = carrying == Carrying.SCALE ? scaled(from, there) : byLandmark(from, there);
        Carried carried = new Carried(from, there, place);
        return new Edit<>("Change the surface", d -> {
            Drill moved = d.withVenue(venue)
                    .withShowing(
                            there.views().stream().anyMatch(v -> v.id().equals(
                                                    d.showing().view()))
                                    ? d.showing().seeing(d.showing().view())
                                    : d.showing().seeing("whole").attacking(Attack.RIGHT));
            for (Stage stage : Ladder.buildAll(d)) {
                moved = Ladder.put(moved, carried.stage(stage));
            }
            return moved;
        });
    }

    /** A stage on its own surface, with every place in it put elsewhere. */
    static Stage placed(Stage stage, Surface surface, UnaryOperator<Vec> place) {
        return new Carried(surface, surface, p -> fine(place.apply(p))).stage(stage);
    }

    private static UnaryOperator<Vec> scaled(Surface from, Surface to) {
        return p -> fine(new Vec(p.x() * to.length() / from.length(), p.y() * to.width() / from.width()));
    }

    /** To a centimetre: nobody put anything down finer than that. */
    private static Vec fine(Vec v) {
        return new Vec(Math.round(v.x() * 100) / 100.0 + 0.0, Math.round(v.y() * 100) / 100.0 + 0.0);
    }

    private record Pair(Vec from, Vec to) {}

    private static UnaryOperator<Vec> byLandmark(Surface from, Surface to) {
        List<Pair> pairs = new ArrayList<>(List.of(new Pair(Vec.ZERO, Vec.ZERO)));
        for (double x : new double[] {-0.5, 0, 0.5}) {
            for (double y : new double[] {-0.5, 0.5}) {
                pairs.add(new Pair(
                        new Vec(x * from.length(), y * from.width()), new Vec(x * to.length(), y * to.width())));
            }
        }
        from.targets().forEach(t -> to.target(t.id()).ifPresent(o -> pairs.add(new Pair(t.at(), o.at()))));
        from.landmarks().forEach(l -> to.landmarks().stream()
                .filter(o -> o.id().equals(l.id()))
                .findFirst()
                .ifPresent(o -> pairs.add(new Pair(l.at(), o.at()))));
        return p -> {
            Pair near = pairs.stream()
                    .min(Comparator.comparingDouble(q -> q.from().distance(p)))
                    .orElseThrow();
            return fine(to.surroundings().clamp(near.to().plus(p.minus(near.from()))));
        };
    }

    /** Everything of a stage, carried over. */
    private record Carried(Surface from, Surface to, UnaryOperator<Vec> place) {

        Stage stage(Stage stage) {
            Portable.Names lost = Portable.lostNames(stage, from, to);
            Stage kept = lost.without(stage);
            Stage moved =
                    kept.withPieces(kept.pieces().stream().map(this::piece).toList());
            return moved.withActions(moved.actions().stream().map(this::action).toList())
                    .withInstructions(
                            moved.instructions().stream().map(this::said).toList());
        }

        private Piece piece(Piece piece) {
            if (piece instanceof Piece.Tape tape) {
                return new Piece.Tape(
                        tape.id(),
                        tape.reading(),
                        tape.points().stream().map(place).toList());
            }
            Vec at = place.apply(piece.at());
            if (piece instanceof Piece.Area area) {
                return ((Piece.Area) area.movedTo(at)).within(outline(area, at));
            }
            return piece.movedTo(at);
        }

        /** A circle stays as large as it is; corners go where their places go. */
        private Outline outline(Piece.Area area, Vec at) {
            if (area.outline() instanceof Outline.Circle) {
                return area.outline();
            }
            List<Vec> corners = area.outline().at(area.at()).stream().map(place).toList();
            if (area.outline() instanceof Outline.Rectangle r && r.turn() == 0) {
                return Outline.rectangle(
                        Math.max(
                                AreaEdits.SMALLEST,
                                corners.get(1).x() - corners.get(0).x()),
                        Math.max(
                                AreaEdits.SMALLEST,
                                corners.get(2).y() - corners.get(1).y()));
            }
            return area.outline() instanceof Outline.Rectangle
                    ? area.outline()
                    : new Outline.Corners(corners.stream().map(c -> c.minus(at)).toList());
        }

        private Action action(Action action) {
            Action carried = Respotted.of(action, this::spot);
            boolean boards = to.edge() == Surface.Edge.BOARDS || from.edge() == to.edge();
            return !boards && carried instanceof Action.Pass pass ? Respotted.withoutBoards(pass) : carried;
        }

        private Instruction said(Instruction said) {
            return said.match(new Instruction.Cases<>() {
                @Override
                public Instruction read(Instruction.Read read) {
                    return read;
                }

                @Override
                public Instruction freeze(Instruction.Freeze freeze) {
                    return freeze.showing(freeze.signs().stream()
                            .map(s -> s.mapped(Carried.this::spot))
                            .toList());
                }

                @Override
                public Instruction moveOn(Instruction.MoveOn moveOn) {
                    return moveOn;
                }

                @Override
                public Instruction attacks(Instruction.Attacks attacks) {
                    return attacks;
                }

                @Override
                public Instruction limit(Limit limit) {
                    return limit;
                }

                @Override
                public Instruction game(Game game) {
                    return game;
                }

                @Override
                public Instruction rotation(Rotation rotation) {
                    return rotation;
                }
            });
        }

        private Spot spot(Spot spot) {
            return spot.match(new Spot.Cases<>() {
                @Override
                public Spot place(Spot.Place p) {
                    return Spot.at(place.apply(p.at()));
                }

                @Override
                public Spot atPiece(Spot.AtPiece p) {
                    return p;
                }

                @Override
                public Spot onLine(Spot.OnLine o) {
                    return o;
                }

                @Override
                public Spot coded(Spot.Coded c) {
                    return c;
                }

                @Override
                public Spot atTarget(Spot.AtTarget t) {
                    return to.target(t.target()).isPresent()
                            ? t
                            : Spot.at(place.apply(from.target(t.target())
                                    .map(Surface.Target::at)
                                    .orElse(Vec.ZERO)));
                }
            });
        }
    }
}
