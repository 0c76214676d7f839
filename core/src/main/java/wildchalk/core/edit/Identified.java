package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PieceCases;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Spot;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.soundness.Soundness;

/** Whatever has an id on a rung, with what tells it from something else that has the same id on another. */
sealed interface Identified {

    /** Nearer than this two pieces stand in the same place, metres. */
    double SAME_PLACE = 0.5;

    String id();

    /** Ids of what it names. */
    List<String> named();

    /**
     * Whether it cannot be a version of the other.
     *
     * @param byOthers whether somebody else does or decides it
     */
    boolean differs(Identified other, boolean byOthers);

    /** What a coach would call it; empty when it is not spoken of by itself. */
    Optional<String> name();

    /** A piece: one of another kind is another, and one that looks otherwise, unless it stands in the same place. */
    record OfPiece(Piece piece) implements Identified {

        /** What a piece is, and what tells it from others of its kind. */
        private record Identity(String kind, String look) {}

        @Override
        public String id() {
            return piece.id();
        }

        @Override
        public List<String> named() {
            return piece.heldBy().stream().toList();
        }

        @Override
        public boolean differs(Identified other, boolean byOthers) {
            if (!(other instanceof OfPiece that)) {
                return true;
            }
            Identity one = identity(piece);
            Identity two = identity(that.piece);
            return !one.kind().equals(two.kind())
                    || !one.look().equals(two.look()) && piece.at().distance(that.piece.at()) > SAME_PLACE;
        }

        @Override
        public Optional<String> name() {
            return Optional.of("the " + PieceWords.name(piece));
        }

        private static Identity identity(Piece piece) {
            return piece.match(new PieceCases.Families<>() {
                @Override
                public Identity person(Piece.Person p) {
                    return new Identity(
                            "person",
                            p.label() + " " + p.bib() + " " + p.getClass().getSimpleName());
                }

                @Override
                public Identity item(Piece.Item i) {
                    return new Identity(i.kind().name(), i.colour() + " " + i.label());
                }

                @Override
                public Identity tape(Piece.Tape t) {
                    return new Identity("tape of " + t.reading(), "");
                }

                @Override
                public Identity supply(Piece.Supply supply) {
                    return new Identity("supply", "");
                }

                @Override
                public Identity ball(Piece.Ball ball) {
                    return new Identity("ball", "");
                }

                @Override
                public Identity note(Piece.Note n) {
                    return new Identity("note", n.text());
                }

                @Override
                public Identity area(Piece.Area area) {
                    return area.match(this);
                }

                @Override
                public Identity zone(Piece.Zone z) {
                    return new Identity("zone", z.label() + " " + z.colour());
                }

                @Override
                public Identity station(Piece.Station s) {
                    return new Identity("station", "" + s.number());
                }
            });
        }
    }

    /** An action: of another kind, or elsewhere, by somebody else, it is another. */
    record OfAction(Action action) implements Identified {

        @Override
        public String id() {
            return action.id();
        }

        @Override
        public List<String> named() {
            List<String> named = new ArrayList<>(List.of(action.who()));
            for (Spot spot : Soundness.spots(action)) {
                spot.namedPiece().ifPresent(named::add);
                spot.onLine().ifPresent(o -> named.add(o.line()));
            }
            Soundness.triggers(action).forEach(t -> {
                t.of().ifPresent(named::add);
                named.addAll(t.watched());
            });
            return named;
        }

        @Override
        public boolean differs(Identified other, boolean byOthers) {
            return !(other instanceof OfAction that)
                    || byOthers
                            && (action.getClass() != that.action.getClass()
                                    || !Soundness.spots(action).equals(Soundness.spots(that.action)));
        }

        @Override
        public Optional<String> name() {
            return Optional.of("the " + ActionEdits.kind(action));
        }
    }

    /**
     * Something said: a decision about other actions by somebody else is another, and a question in other words at
     * another moment.
     */
    record OfInstruction(Instruction instruction) implements Identified {

        @Override
        public String id() {
            return instruction.id();
        }

        @Override
        public List<String> named() {
            List<String> named = new ArrayList<>();
            if (instruction instanceof Instruction.Read read) {
                named.add(read.who());
                read.options().forEach(o -> named.addAll(o.actions()));
            }
            return named;
        }

        @Override
        public boolean differs(Identified other, boolean byOthers) {
            return !(other instanceof OfInstruction that)
                    || instruction.getClass() != that.instruction.getClass()
                    || differ(instruction, that.instruction, byOthers);
        }

        private static boolean differ(Instruction a, Instruction b, boolean byOthers) {
            if (a instanceof Instruction.Read p && b instanceof Instruction.Read q) {
                List<String> acted =
                        p.options().stream().flatMap(o -> o.actions().stream()).toList();
                return byOthers && q.options().stream().allMatch(o -> Collections.disjoint(acted, o.actions()));
            }
            return a instanceof Instruction.Freeze p
                    && b instanceof Instruction.Freeze q
                    && !p.question().equals(q.question())
                    && !p.at().equals(q.at());
        }

        @Override
        public Optional<String> name() {
            return Optional.of(instruction.match(new Instruction.Cases<>() {
                @Override
                public String read(Instruction.Read read) {
                    return "a decision";
                }

                @Override
                public String freeze(Instruction.Freeze freeze) {
                    return "a question";
                }

                @Override
                public String moveOn(Instruction.MoveOn moveOn) {
                    return "how groups move on";
                }

                @Override
                public String attacks(Instruction.Attacks attacks) {
                    return "which end a team attacks";
                }

                @Override
                public String limit(Limit limit) {
                    return "a limit";
                }

                @Override
                public String game(Game game) {
                    return PieceWords.game();
                }

                @Override
                public String rotation(Rotation rotation) {
                    return PieceWords.rotation();
                }
            }));
        }
    }

    /**
     * An option: one with that of the other rung when their reads are.
     *
     * @param read id under which its read is known
     */
    record OfOption(String id, String read) implements Identified {

        @Override
        public List<String> named() {
            return List.of();
        }

        @Override
        public boolean differs(Identified other, boolean byOthers) {
            return !(other instanceof OfOption that) || !read.equals(that.read);
        }

        @Override
        public Optional<String> name() {
            return Optional.empty();
        }
    }
}
