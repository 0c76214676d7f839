package wildchalk.core.rehearsal;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.RouteBuilder;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** Turns the spots of a stage into places on its surface, as they are before anything moves. */
public final class Places {

    private final Stage stage;
    private final Surface surface;
    private final Choices choices;
    private final Spot.Cases<Vec> at = new Spot.Cases<>() {
        @Override
        public Vec place(Spot.Place p) {
            return p.at();
        }

        @Override
        public Vec atPiece(Spot.AtPiece p) {
            return stage.piece(p.piece()).map(Piece::at).orElse(Vec.ZERO).plus(p.offset());
        }

        @Override
        public Vec onLine(Spot.OnLine o) {
            return stage.travel(o.line()).map(line -> onWay(line, o.share())).orElseGet(() -> of(Spot.at(o.who())));
        }

        @Override
        public Vec coded(Spot.Coded c) {
            return Codes.place(stage, choices, c);
        }

        @Override
        public Vec atTarget(Spot.AtTarget t) {
            return surface.target(t.target()).map(Surface.Target::at).orElse(Vec.ZERO);
        }
    };

    /** The places of a stage before the whistle. */
    public Places(Stage stage, Surface surface) {
        this(stage, surface, Choices.NONE);
    }

    /** @param choices which calls are called that say places */
    Places(Stage stage, Surface surface, Choices choices) {
        this.choices = choices;
        this.stage = stage;
        this.surface = surface;
    }

    /** The place of a spot; of one that is missing, the middle of the surface. */
    public Vec of(Spot spot) {
        return spot.match(at);
    }

    /**
     * A goal at a place: gear that is shot at before those of the surface.
     *
     * @param reach metres beside its posts that still count
     */
    public Optional<Spot> goalAt(Vec place, double reach) {
        Optional<Spot> gear = stage.pieces().stream()
                .filter(Piece.Item.class::isInstance)
                .map(Piece.Item.class::cast)
                .filter(g -> g.kind().isShotAt() && place.distance(g.at()) <= g.width() / 2 + reach)
                .map(g -> Spot.at(g.id()))
                .findFirst();
        return gear.or(() -> surface.targets().stream()
                .filter(t -> place.distance(t.at()) <= t.width() / 2 + reach)
                .map(t -> (Spot) new Spot.AtTarget(t.id()))
                .findFirst());
    }

    /** How far along a path as it was drawn, a share of its length. */
    private Vec onWay(Travel travel, double share) {
        Route way = drawn(travel);
        return way.at(share * way.length());
    }

    /** The way of a path as it was drawn, its corners not rounded. */
    public Route drawn(Travel travel) {
        RouteBuilder builder = RouteBuilder.sharp(before(travel));
        List<Vec> through = of(travel.path());
        return (travel.path().smooth() ? builder.smooth(through) : builder.straight(through)).build();
    }

    /** Where a path goes, metres; as many places as it has spots. */
    public List<Vec> of(TravelPath path) {
        return path.through().stream().map(this::of).toList();
    }

    /**
     * Where somebody stands at the end of their last path before {@code action}, or at the start. What they do instead
     * of it, in another option of the same read, does not take them anywhere.
     */
    public Vec before(Action action) {
        Vec place = stage.person(action.who()).map(Piece::at).orElse(Vec.ZERO);
        for (Action other : stage.actionsOf(action.who())) {
            if (other.id().equals(action.id())) {
                break;
            }
            if (other instanceof Travel travel && !Reads.excludes(stage, other.id(), action.id())) {
                place = of(travel.path().last());
            }
        }
        return place;
    }
}
