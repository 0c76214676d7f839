package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Numbers;
import wildchalk.core.pattern.Division;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** Edits of stations: marking them out, putting drills into them, and how groups move on. */
public final class StationEdits {

    private static final Wordbook BOOK = Wordbook.beside(StationEdits.class, "Stations");

    private static final double USUAL_MINUTES = 8;
    /** Room for each who waits in a line-up, metres; typical. */
    private static final double QUEUE = 1;

    private StationEdits() {}

    /** Marks a field out as stations, instead of those that there are; what stands on it stays. */
    public static Edit<Drill> markOut(String rung, Division division, int count, Box field) {
        return StageEdit.making("Mark out " + division.title().toLowerCase(Locale.ROOT), rung, (stage, ids) -> {
            Stage marked = PieceEdits.removed(stage, stations(stage));
            int n = 1;
            for (Division.Plot plot : division.plots(field, count)) {
                marked = marked.withPiece(
                        new Piece.Station(ids.take("st"), plot.at(), plot.outline(), n++, "", USUAL_MINUTES));
            }
            return marked;
        });
    }

    /** A station that nobody has a number for yet. */
    public static Piece.Station fresh(Stage stage, FreeIds ids, Vec at, Outline outline) {
        return new Piece.Station(ids.take("st"), at, outline, freeNumber(stage), "", USUAL_MINUTES);
    }

    static int freeNumber(Stage stage) {
        Set<Integer> taken = new HashSet<>();
        stage.stations().forEach(s -> taken.add(s.number()));
        int n = 1;
        while (taken.contains(n)) {
            n++;
        }
        return n;
    }

    private static Set<String> stations(Stage stage) {
        return stage.stations().stream().map(Piece::id).collect(Collectors.toSet());
    }

    /** How groups move on from station to station; empty for not saying. */
    public static Edit<Drill> movingOn(String rung, Optional<Instruction.Way> way) {
        return StageEdit.making("Change how groups move on", rung, (stage, ids) -> {
            List<Instruction> said = new ArrayList<>(stage.instructions().stream()
                    .filter(i -> !(i instanceof Instruction.MoveOn))
                    .toList());
            Stage without = stage.withInstructions(said);
            return way.map(w -> without.saying(new Instruction.MoveOn(ids.take("m"), w)))
                    .orElse(without);
        });
    }

    /**
     * A drill that was put into a station.
     *
     * @param words what the coach should know: that it does not fit, or what could not come along; empty when all is
     *     well
     */
    public record Filled(Edit<Drill> edit, String words) {}

    /**
     * Puts the first stage of a drill into a station at its true size, turned so that it fits; what stood there goes.
     */
    public static Filled fill(String rung, Stage stage, FreeIds ids, Piece.Station station, Drill drill, Surface here) {
        Stage other = Ladder.build(drill, drill.ladder().get(0).id());
        Portable portable = Portable.of(other, new FreeIds(drill), drill.surface());
        List<Vec> content = content(portable.stage());
        Box box = around(content);
        Placement best = null;
        for (int quarter = 0; quarter < 4 && best == null; quarter++) {
            Placement placement = Placement.turned(
                    box.centre(), quarter * Math.PI / 2, station.at().minus(box.centre()));
            best = content.stream().allMatch(p -> station.contains(placement.place(p))) ? placement : null;
        }
        List<String> words = new ArrayList<>();
        if (best == null) {
            boolean turned = isWide(box) != isWide(around(station.outline().at(station.at())));
            best = Placement.turned(
                    box.centre(), turned ? Math.PI / 2 : 0, station.at().minus(box.centre()));
            words.add("it needs " + size(box) + " and does not fit station " + station.number() + " ("
                    + size(around(station.outline().at(station.at()))) + ")");
        }
        words.addAll(portable.lost());
        if (!drill.surface().ball().equals(here.ball())) {
            words.add("its times are now those of the ball that is used here");
        }
        Set<String> gone = new HashSet<>(contents(stage, station));
        Stage cleared = PieceEdits.removed(stage, gone);
        CopyEdits.Copy copy = CopyEdits.bring(
                rung,
                "Put " + drill.title() + " into station " + station.number(),
                titled(cleared, station, drill.title()),
                ids,
                portable.stage(),
                best,
                here);
        return new Filled(copy.edit(), words.isEmpty() ? "" : drill.title() + ": " + String.join("; ", words) + ".");
    }

    /** Marks out areas, each of which is made with an id of its own. */
    public static Edit<Drill> mark(String rung, List<Function<String, Piece.Area>> areas) {
        return StageEdit.making(BOOK.say("mark"), rung, (stage, ids) -> {
            Stage marked = stage;
            for (Function<String, Piece.Area> area : areas) {
                marked = marked.withPiece(area.apply(ids.take("st")));
            }
            return marked;
        });
    }

    /**
     * Puts a stage of another drill somewhere, as it is there and whatever stands there already; goals and zones of its
     * surface come along.
     *
     * @param from the drill that it is a stage of
     */
    public static Edit<Drill> bring(Drill onto, Stage stage, Drill from, Placement placement) {
        String rung = onto.ladder().get(0).id();
        Portable portable = Portable.of(stage, new FreeIds(from), from.surface());
        return CopyEdits.bring(
                        rung,
                        BOOK.say("bring", from.title()),
                        Ladder.build(onto, rung),
                        new FreeIds(onto),
                        portable.stage(),
                        placement,
                        onto.surface())
                .edit();
    }

    private static Stage titled(Stage stage, Piece.Station station, String title) {
        return stage.withPiece(new Piece.Station(
                station.id(), station.at(), station.outline(), station.number(), title, station.minutes()));
    }

    private static boolean isWide(Box box) {
        return box.width() >= box.height();
    }

    private static String size(Box box) {
        return Numbers.plain(Math.ceil(box.width())) + " × " + Numbers.plain(Math.ceil(box.height())) + " m";
    }

    /** What stands in a station: it goes along when the station is moved. */
    public static Set<String> contents(Stage stage, Piece.Station station) {
        Set<String> ids = new HashSet<>();
        stage.pieces().stream()
                .filter(p -> !(p instanceof Piece.Station) && station.contains(stage.place(p)))
                .forEach(p -> ids.add(p.id()));
        return ids;
    }

    /** Moves a station with all that stands in it and happens there. */
    static Stage moved(Stage stage, Piece.Station station, Vec to) {
        Set<String> inside = contents(stage, station);
        Transfer transfer = new Transfer(Placement.beside(to.minus(station.at())), Map.of(), id -> true);
        Stage moved = stage.withPiece(station.movedTo(to));
        for (Piece piece : stage.pieces()) {
            if (inside.contains(piece.id())) {
                moved = moved.withPiece(piece.movedTo(piece.at().plus(to).minus(station.at())));
            }
        }
        for (Action action : stage.actions()) {
            if (inside.contains(action.who())) {
                moved = moved.withAction(transfer.action(action));
            }
        }
        return moved;
    }

    private static List<Vec> content(Stage stage) {
        List<Vec> all = new ArrayList<>();
        for (Piece piece : stage.pieces()) {
            all.addAll(piece instanceof Piece.Area a ? a.outline().at(a.at()) : List.of(stage.place(piece)));
            if (piece instanceof Piece.LineUp l) {
                all.add(l.at().minus(Vec.polar(l.waiting() * QUEUE, l.facing())));
            }
        }
        for (Action action : stage.actions()) {
            Soundness.spots(action).stream()
                    .filter(Spot.Place.class::isInstance)
                    .forEach(s -> all.add(((Spot.Place) s).at()));
        }
        return all.isEmpty() ? List.of(Vec.ZERO) : all;
    }

    private static Box around(List<Vec> points) {
        double left = points.stream().mapToDouble(Vec::x).min().orElse(0);
        double top = points.stream().mapToDouble(Vec::y).min().orElse(0);
        double right = points.stream().mapToDouble(Vec::x).max().orElse(0);
        double bottom = points.stream().mapToDouble(Vec::y).max().orElse(0);
        return new Box(left, top, right - left, bottom - top);
    }
}
