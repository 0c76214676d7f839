package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.LimitCases;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;

/**
 * A stage without its surface: goals become goals that are put down, zones are marked out, so that it can be played
 * anywhere.
 *
 * @param stage names nothing that belongs to a surface
 * @param lost what could not come along, in a coach's words
 */
record Portable(Stage stage, List<String> lost) {

    /** @param ids free ones of the drill that the stage is of */
    static Portable of(Stage stage, FreeIds ids, Surface surface) {
        return new Making(stage, ids, surface).make();
    }

    /**
     * Zones and lines of a surface that another one has not.
     *
     * @param gone their ids
     */
    record Names(Set<String> gone) {

        /** The stage without anything that names them. */
        Stage without(Stage stage) {
            return stage.withActions(stage.actions().stream()
                            .map(a -> CueTies.without(a, gone))
                            .toList())
                    .withInstructions(CueTies.without(stage.instructions(), gone));
        }
    }

    /** What a stage can no longer name when it is on another surface. */
    static Names lostNames(Stage stage, Surface from, Surface to) {
        Set<String> gone = new TreeSet<>();
        from.zones().stream()
                .map(Surface.Zone::id)
                .filter(id -> to.zone(id).isEmpty())
                .forEach(gone::add);
        from.markings().stream()
                .map(Marking::id)
                .filter(id -> to.line(id).isEmpty())
                .forEach(gone::add);
        gone.removeIf(id -> stage.piece(id).isPresent());
        return new Names(gone);
    }

    /** Works one out. */
    private static final class Making {

        private final Surface surface;
        private final FreeIds ids;
        private final Set<String> lost = new TreeSet<>();
        private final Map<String, String> goals = new LinkedHashMap<>();
        private final Map<String, String> zones = new LinkedHashMap<>();
        private final List<String> drawn;
        private Stage made;

        Making(Stage whole, FreeIds ids, Surface surface) {
            this.ids = ids;
            this.surface = surface;
            Set<String> stations = whole.stations().stream().map(Piece::id).collect(Collectors.toSet());
            this.made = PieceEdits.removed(whole, stations);
            this.drawn = made.areas().stream().map(Piece::id).toList();
            if (!stations.isEmpty()) {
                lost.add("a station cannot hold stations, so its own are not marked");
            }
        }

        Portable make() {
            for (Action action : made.actions()) {
                // What it needs on the ground is put down first.
                Action freed = free(action);
                made = made.withAction(freed);
            }
            List<Instruction> said = new ArrayList<>();
            for (Instruction instruction : made.instructions()) {
                free(instruction).ifPresent(said::add);
            }
            return new Portable(made.withInstructions(said), List.copyOf(lost));
        }

        private Action free(Action action) {
            Soundness.triggers(action).forEach(this::markZone);
            Action kept = loosened(action);
            Action freed = Respotted.of(kept, this::free);
            return freed instanceof Action.Pass pass ? straight(pass) : freed;
        }

        /** There are no boards where it goes. */
        private Action straight(Action.Pass pass) {
            if (pass.off().isPresent()) {
                lost.add("passes off the boards go straight");
            }
            return Respotted.withoutBoards(pass);
        }

        /** Nobody can wait for somebody to cross a line that is not there. */
        private Action loosened(Action action) {
            Set<String> lines = new TreeSet<>();
            Action named = withZones(action);
            Soundness.triggers(named).stream()
                    .filter(Cue.Crosses.class::isInstance)
                    .forEach(t -> lines.add(((Cue.Crosses) t).line()));
            if (lines.isEmpty()) {
                return named;
            }
            lost.add("what waits for somebody to cross a line goes on by itself");
            return CueTies.without(named, lines);
        }

        private Action withZones(Action action) {
            return zones.isEmpty() ? action : Transfer.renaming(zones).action(action);
        }

        private void markZone(Cue.Trigger trigger) {
            if (trigger.counted() instanceof Cue.Enters e) {
                mark(e.zone());
            }
        }

        private void mark(String zone) {
            if (drawn.contains(zone) || zones.containsKey(zone)) {
                return;
            }
            surface.zone(zone).ifPresent(z -> {
                Vec middle = z.outline().stream()
                        .reduce(Vec.ZERO, Vec::plus)
                        .times(1.0 / z.outline().size());
                String id = ids.take("z");
                made = made.withPiece(new Piece.Zone(
                        id,
                        middle,
                        new Outline.Corners(
                                z.outline().stream().map(c -> c.minus(middle)).toList()),
                        z.name(),
                        Colour.WHITE));
                zones.put(zone, id);
            });
        }

        private Spot free(Spot spot) {
            return spot.match(new Spot.Cases<>() {
                @Override
                public Spot place(Spot.Place place) {
                    return place;
                }

                @Override
                public Spot atPiece(Spot.AtPiece atPiece) {
                    return atPiece;
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
                    return surface.target(t.target())
                            .map(target -> (Spot) new Spot.AtPiece(
                                    goals.computeIfAbsent(t.target(), id -> {
                                        String goal = ids.take("g");
                                        made = made.withPiece(
                                                Piece.Item.goal(goal, target.at(), target.facing(), target.width()));
                                        return goal;
                                    }),
                                    Vec.ZERO))
                            .orElse(Spot.at(Vec.ZERO));
                }
            });
        }

        /** Limits of a whole rep would bind the other stations too. */
        private Optional<Instruction> free(Instruction said) {
            return said.match(new Instruction.Cases<>() {
                @Override
                public Optional<Instruction> read(Instruction.Read read) {
                    return Optional.of(read);
                }

                @Override
                public Optional<Instruction> freeze(Instruction.Freeze freeze) {
                    return watchesNoLine(freeze) ? Optional.of(freeze) : stays();
                }

                @Override
                public Optional<Instruction> moveOn(Instruction.MoveOn moveOn) {
                    return Optional.empty();
                }

                @Override
                public Optional<Instruction> attacks(Instruction.Attacks attacks) {
                    return Optional.empty();
                }

                @Override
                public Optional<Instruction> limit(Limit limit) {
                    return limit.matchLimit(new Freed());
                }

                @Override
                public Optional<Instruction> game(Game game) {
                    // Whoever is something is so among those who are there; goals stand for all.
                    return game instanceof Game.GoalAt ? Optional.empty() : Optional.of(game);
                }

                @Override
                public Optional<Instruction> rotation(Rotation rotation) {
                    // Where its people go is theirs; when reps begin, and on which side, is of all stations at once.
                    return rotation instanceof Rotation.Goes || rotation instanceof Rotation.Shares
                            ? Optional.of(rotation)
                            : Optional.empty();
                }
            });
        }

        private Optional<Instruction> stays() {
            lost.add("what counts for its whole rep, such as passes before a shot, stays in its own drill");
            return Optional.empty();
        }

        private final class Freed implements LimitCases<Optional<Instruction>> {

            @Override
            public Optional<Instruction> count(Limit.Count number) {
                return number.whom() instanceof Whom.People ? Optional.of(number) : stays();
            }

            @Override
            public Optional<Instruction> passesFirst(Limit.PassesFirst passes) {
                return stays();
            }

            @Override
            public Optional<Instruction> entriesFirst(Limit.EntriesFirst entries) {
                return stays();
            }

            @Override
            public Optional<Instruction> within(Limit.Within within) {
                return stays();
            }

            @Override
            public Optional<Instruction> onlyIn(Limit.OnlyIn only) {
                mark(only.zone());
                return Optional.of(new Limit.OnlyIn(only.id(), here(only.zone()), only.whom(), only.from()));
            }

            @Override
            public Optional<Instruction> stayIn(Limit.StayIn stay) {
                mark(stay.zone());
                return Optional.of(new Limit.StayIn(stay.id(), stay.whom(), here(stay.zone()), stay.until()));
            }

            private String here(String zone) {
                return zones.getOrDefault(zone, zone);
            }

            @Override
            public Optional<Instruction> notBefore(Limit.NotBefore before) {
                return Optional.of(before);
            }
        }

        private static boolean watchesNoLine(Instruction.Freeze freeze) {
            return freeze.at().trigger().parts().stream()
                    .map(Cue.Trigger::counted)
                    .noneMatch(t -> t instanceof Cue.Crosses || t instanceof Cue.Enters);
        }
    }
}
