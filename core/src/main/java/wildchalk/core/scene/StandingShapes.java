package wildchalk.core.scene;

import java.util.List;
import java.util.Set;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PieceCases;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.geometry.Curve;

/** What of a piece stands still while a drill plays; balls and people are painted by themselves. */
final class StandingShapes implements PieceCases.Families<List<Shape>> {

    private final Stage stage;
    private final Set<String> handled;
    private final List<Piece.Person> people;
    private final double unit;
    private final Tokens tokens;
    private final GearShapes gear;
    private final MarkShapes marks;

    /**
     * Shapes of what stands on a board.
     *
     * @param handled ids of the gear that is put down or picked up while it plays
     * @param people those who are drawn where they are at a time, whoever comes to the front of a line among them
     */
    StandingShapes(Stage stage, Set<String> handled, List<Piece.Person> people, Frame frame) {
        this.stage = stage;
        this.people = people;
        this.handled = handled;
        this.unit = frame.unit();
        this.tokens = new Tokens(frame);
        this.gear = new GearShapes(frame);
        this.marks = new MarkShapes(frame);
    }

    @Override
    public List<Shape> person(Piece.Person person) {
        return List.of();
    }

    @Override
    public List<Shape> lineUp(Piece.LineUp lineUp) {
        long inPlay = people.stream()
                .filter(p -> NextInLine.line(p.id()).filter(lineUp.id()::equals).isPresent())
                .count();
        return tokens.queue(lineUp, (int) inPlay);
    }

    @Override
    public List<Shape> item(Piece.Item item) {
        if (!handled.contains(item.id())) {
            return gear.of(item);
        }
        // What is put down or picked up is drawn where it is at the time; where it is to stand there is a dotted ring.
        return stage.inHand(item.id()).isEmpty()
                ? List.of()
                : List.of(new Shape.Stroke(
                        Curve.circle(item.at(), unit * 0.7),
                        unit * 0.12,
                        Ink.CHALK,
                        List.of(unit * 0.15, unit * 0.3),
                        false));
    }

    @Override
    public List<Shape> supply(Piece.Supply supply) {
        return gear.supply(supply, tokens);
    }

    @Override
    public List<Shape> ball(Piece.Ball ball) {
        return List.of();
    }

    @Override
    public List<Shape> note(Piece.Note note) {
        return marks.of(note);
    }

    @Override
    public List<Shape> tape(Piece.Tape tape) {
        return marks.of(tape);
    }

    @Override
    public List<Shape> area(Piece.Area area) {
        return marks.of(area);
    }
}
