package wildchalk.handout.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.phase.Phase;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.surface.Surface;
import wildchalk.handout.order.Played;

/**
 * A picture of a card: a phase, and as much of the surface as it needs.
 *
 * @param frame what must be in the picture, and how it is turned
 * @param isWhole whether that is most of the surface, so that it wants the width of the page
 */
record Shot(Played played, Phase phase, Frame frame, boolean isWhole) {

    /** Round what is drawn, as a share of its size, and at least so many metres. */
    private static final double ROUND = 0.12;

    private static final double LEAST_ROUND = 0.6;
    /** A picture that needs more than this share of what the drill shows, each way, shows all of that. */
    private static final double NEARLY_ALL = 0.7;
    /** The picture of the start is cut only where it needs less. */
    private static final double FEW_AT_START = 0.55;
    /** A picture of more than this share of the length of the surface wants the width of the page. */
    private static final double WHOLE = 0.7;

    private static final double OF_ALL = 1.6;
    private static final double OF_MUCH = 1.4;
    /** More lines than these are much. */
    private static final int MANY = 10;
    /** From the middle of a token to what must be round it, as a share of the picture; about, for small pictures. */
    private static final double TOKEN_SHARE = 0.06;
    /** Tokens may be so many times as large on a card as on a board. */
    private static final double LARGER = 1.25;

    static List<Shot> of(Played played, Frame all, List<Phase> phases) {
        Board board = played.board(all);
        return phases.stream().map(p -> of(played, p, all, board)).toList();
    }

    private static Shot of(Played played, Phase phase, Frame all, Board usual) {
        Board board = phase.way() == played.timeline() ? usual : played.board(all, phase.way());
        Box needed = needed(phase, played, board);
        double round = Math.max(LEAST_ROUND, ROUND * Math.max(needed.width(), needed.height()));
        Box grown = needed.grown(round);
        double share = phase.why() == Phase.Why.START ? FEW_AT_START : NEARLY_ALL;
        boolean part = grown.width() < share * all.view().width()
                || grown.height() < share * all.view().height();
        boolean fits = grown.width() <= all.view().width()
                && grown.height() <= all.view().height();
        Box view = part && fits ? grown : all.view();
        Surface surface = played.surface();
        view = view.with(tokens(phase, played, board, TOKEN_SHARE * Math.max(view.width(), view.height())));
        boolean overview =
                phase.actions().isEmpty() && !played.stage().stations().isEmpty();
        boolean whole = overview || view.width() > WHOLE * surface.length();
        return new Shot(played, phase, new Frame(view, all.unit(), all.turn()), whole);
    }

    /** Whoever acts is in the picture whole. */
    private static Box tokens(Phase phase, Played played, Board board, double room) {
        Set<String> acting = acting(phase, played);
        boolean all = phase.why() == Phase.Why.START && phase.station().isEmpty();
        List<Vec> places = new ArrayList<>(board.people().stream()
                .filter(p -> all || acting.contains(p.id()))
                .map(p -> board.pose(p.id(), phase.t()).at())
                .toList());
        played.stage().pieces().stream()
                .filter(p -> all && !(p instanceof Piece.Person))
                .forEach(p -> places.addAll(corners(p, played)));
        double unit = board.frame().unit() * LARGER;
        played.stage().people().stream()
                .filter(p -> all || acting.contains(p.id()))
                .filter(Piece.LineUp.class::isInstance)
                .map(Piece.LineUp.class::cast)
                .filter(l -> l.waiting() > 0)
                .map(l -> l.at().plus(Vec.polar(
                        l.queue().away(l.waiting(), unit),
                        l.facing() + l.queue().direction())))
                .forEach(places::add);
        return places.isEmpty() ? board.frame().view() : Box.around(places).grown(room);
    }

    /** Where everything is that belongs to a phase. */
    private static Box needed(Phase phase, Played played, Board board) {
        List<Vec> places = new ArrayList<>();
        phase.actions().stream()
                .filter(a -> played.stage().action(a).isPresent())
                .forEach(a -> places.addAll(board.route(a).points()));
        Set<String> acting = acting(phase, played);
        boolean start = phase.why() == Phase.Why.START;
        played.stage().people().stream()
                .filter(p -> start && phase.station().isEmpty() || acting.contains(p.id()))
                .forEach(p -> places.add(board.pose(p.id(), phase.t()).at()));
        played.stage().pieces().stream()
                .filter(p -> start && phase.station().isEmpty() && !(p instanceof Piece.Person))
                .forEach(p -> places.addAll(corners(p, played)));
        phase.station()
                .flatMap(s -> played.stage().piece(s))
                .map(Piece.Station.class::cast)
                .ifPresent(s -> places.addAll(s.outline().at(s.at())));
        return places.isEmpty() ? board.frame().view() : atLeastWide(Box.around(places));
    }

    private static Box atLeastWide(Box box) {
        return Box.around(box.centre(), Math.max(1, box.width()), Math.max(1, box.height()));
    }

    private static List<Vec> corners(Piece piece, Played played) {
        if (piece instanceof Piece.Area area) {
            return area.outline().at(area.at());
        }
        if (piece instanceof Piece.Tape tape) {
            return tape.points();
        }
        return List.of(played.stage().place(piece));
    }

    /** Whoever does something in a phase, and to whom it is done. */
    private static Set<String> acting(Phase phase, Played played) {
        return Set.copyOf(phase.actions().stream()
                .flatMap(a -> played.stage().action(a).stream())
                .flatMap(a -> Stream.concat(Stream.of(a.who()), receiver(a)))
                .toList());
    }

    private static Stream<String> receiver(Action action) {
        return action instanceof Action.Delivery d ? d.to().namedPiece().stream() : Stream.empty();
    }

    /**
     * What is in the picture, by id: what happens in the phase, and whoever and whatever is in it whole.
     *
     * @param shown the part of the surface in the picture
     */
    Predicate<String> wanted(Board board, Box shown) {
        Set<String> acting = acting(phase, played);
        double unit = board.frame().unit();
        Box inner = shown.grown(-1.1 * unit);
        return id -> phase.actions().contains(id)
                || acting.contains(id)
                || played.stage()
                        .piece(id)
                        .filter(p -> isWithin(p, board, inner))
                        .isPresent();
    }

    private boolean isWithin(Piece piece, Board board, Box inner) {
        if (phase.station().isPresent() && piece instanceof Piece.Station) {
            return piece.id().equals(phase.station().get());
        }
        if (piece instanceof Piece.Area || piece instanceof Piece.Tape) {
            return corners(piece, played).stream().anyMatch(inner::contains)
                    || Box.around(corners(piece, played)).contains(inner.centre());
        }
        return inner.contains(
                piece instanceof Piece.Person p
                        ? board.pose(p.id(), phase.t()).at()
                        : played.stage().place(piece));
    }

    /** So many times as high as others it may be: as most of a surface is shown, or much happens. */
    double wants() {
        if (isWhole) {
            return OF_ALL;
        }
        return phase.actions().size() > MANY ? OF_MUCH : 1;
    }

    /** How high it is for its width. */
    double shape() {
        boolean upright = Math.abs(Math.sin(frame.turn())) > 0.5;
        return upright
                ? frame.view().width() / frame.view().height()
                : frame.view().height() / frame.view().width();
    }
}
