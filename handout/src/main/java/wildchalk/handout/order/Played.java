package wildchalk.handout.order;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.TurnWords;
import wildchalk.core.geometry.Box;
import wildchalk.core.measure.Units;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.scene.Aids;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Extent;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Shape;
import wildchalk.core.script.Script;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/**
 * A rung, worked out one way through.
 *
 * @param sign its place in the ladder: "2", or "2a" for a variation
 * @param units how lengths are said
 */
public record Played(Drill drill, Rung rung, String sign, RunThrough through, Script script, Units units) {

    /** Round what is drawn, in token radii. */
    private static final double ROOM = 0.5;
    /** Half the width of a letter, as a share of its height; about. */
    private static final double HALF_LETTER = 0.3;

    /** The wanted rungs, lowest first. */
    public static List<Played> of(Order order) {
        Drill drill = order.drill();
        Surface surface = drill.surface();
        Map<String, String> signs = Ladder.signs(drill);
        Map<String, Stage> stages = Ladder.all(drill);
        return drill.ladder().stream()
                .filter(r -> order.rung().isEmpty() || order.rung().get().equals(r.id()))
                .toList()
                .parallelStream()
                .map(r -> of(order, surface, r, signs.get(r.id()), stages.get(r.id())))
                .toList();
    }

    private static Played of(Order order, Surface surface, Rung rung, String sign, Stage stage) {
        RunThrough through = RunThrough.of(stage, surface, order.choices());
        return new Played(
                order.drill(), rung, sign, through, through.script(order.units().unit()), order.units());
    }

    /** The same rung, another way through. */
    public Played going(Choices other) {
        RunThrough next = through.going(other);
        return new Played(drill, rung, sign, next, next.script(units.unit()), units);
    }

    public Surface surface() {
        return through.surface();
    }

    public Stage stage() {
        return through.stage();
    }

    /** The options that were chosen. */
    public Choices choices() {
        return through.choices();
    }

    public Timeline timeline() {
        return through.timeline();
    }

    /** How many it takes and who is next where people take turns, besides what the script says of it. */
    public List<String> turns() {
        return TurnWords.of(stage(), surface(), rung.plan().dose(), units.unit());
    }

    /** What the rung is called: "2 With a chaser"; only its title where there is one rung. */
    public String name() {
        return drill.ladder().size() > 1 ? sign + " " + rung.title() : rung.title();
    }

    /** What the drill shows, and somewhat more where somebody or something would be cut off at its edge. */
    public Frame frame() {
        Frame usual = Frame.of(drill, surface());
        Board board = board(usual);
        Box needed = Stream.concat(board.chalk(Set.of()).stream(), board.live(0, Set.of(), Set.of()).stream())
                .map(s -> s instanceof Shape.Label l
                        ? room(l, usual)
                        : Extent.of(List.of(s))
                                .map(b -> b.grown(usual.unit() * ROOM))
                                .orElse(usual.view()))
                .reduce(usual.view(), Box::with);
        return new Frame(usual.view().with(needed), usual.unit(), usual.turn());
    }

    /** What a label needs, about: extents of shapes leave much more room for type. */
    private static Box room(Shape.Label label, Frame frame) {
        double along = label.text().length() * label.size() * HALF_LETTER;
        boolean lies = Math.abs(Math.cos(frame.turn())) > 0.5;
        return Box.around(label.at(), 2 * (lies ? along : label.size()), 2 * (lies ? label.size() : along));
    }

    public Board board(Frame frame) {
        return through.board(drill.lineKey(), frame, units, Aids.USUAL, script);
    }

    /** The picture of another way through, marked by the words of this one. */
    public Board board(Frame frame, Timeline way) {
        return new RunThrough(stage(), surface(), way.otherWays().settled(), way)
                .board(drill.lineKey(), frame, units, Aids.USUAL, script);
    }
}
