package wildchalk.desktop.board.card;

import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Queue;
import wildchalk.core.edit.PersonEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.PieceWords;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.Fields;

/**
 * What can be changed about a piece: a person's team and label; the colour, label, size and turn of gear; how many
 * balls.
 */
public final class PieceCard extends FlowPane {

    private static final int MOST_LABEL = 12;
    /** How far a step turns something, degrees. */
    static final double TURN = 15;

    private final BoardState state;
    private final String id;

    PieceCard(BoardState state, Piece piece) {
        super(12, 6);
        this.state = state;
        this.id = piece.id();
        setId("piece-card");
        getStyleClass().add("board-card");
        setPrefWrapLength(680);
        Label title = new Label(PieceWords.among(state.stage(), piece));
        title.getStyleClass().add("card-heading");
        getChildren().add(title);
        if (piece instanceof Piece.Item item) {
            item(item);
        } else if (piece instanceof Piece.Supply supply) {
            getChildren()
                    .add(Fields.count(
                            "piece-count",
                            "balls",
                            supply.count(),
                            0,
                            500,
                            n -> apply("Count", new Piece.Supply(supply.id(), supply.at(), n))));
        } else if (piece instanceof Piece.Person person) {
            person(person);
        } else if (piece instanceof Piece.Note note) {
            getChildren()
                    .add(Fields.row(
                            "says",
                            Fields.text(
                                    "piece-text",
                                    note.text(),
                                    200,
                                    t -> apply("Write", new Piece.Note(note.id(), note.at(), t)))));
        }
    }

    /** Whether the keyboard is in a field of such a card. */
    static boolean isFocused(Node focused) {
        Node node = focused;
        while (node != null && !(node instanceof PieceCard) && !(node instanceof AreaCard)) {
            node = node.getParent();
        }
        return node != null && focused instanceof TextField;
    }

    private void person(Piece.Person person) {
        if (person.isOnATeam()) {
            getChildren().add(Swatches.teams(person.bib(), t -> people("Team", p -> p.wearing(t))));
        }
        getChildren()
                .add(Fields.row(
                        "label",
                        Fields.text(
                                "piece-label",
                                person.label(),
                                MOST_LABEL,
                                t -> people("Label", p -> PersonEdits.called(p, t)))));
        getChildren().add(roles(person));
        if (person instanceof Piece.LineUp lineUp) {
            queue(lineUp);
            getChildren()
                    .add(Fields.count(
                            "piece-waiting",
                            "waiting",
                            lineUp.waiting(),
                            0,
                            60,
                            n -> people("Count", p -> PersonEdits.waiting((Piece.LineUp) p, n))));
            getChildren()
                    .add(Fields.row(
                            "name",
                            Fields.text(
                                    "piece-name",
                                    lineUp.name(),
                                    40,
                                    t -> people("Name", p -> PersonEdits.named((Piece.LineUp) p, t)))));
        }
        double degrees = Math.toDegrees(person.facing());
        getChildren()
                .add(Fields.row(
                        "faces",
                        Fields.step("↺", "piece-turn-left", "Turn left (key [)", () -> turn(state, -TURN)),
                        Fields.degrees(
                                "piece-turn",
                                "",
                                Math.round(degrees * 10) / 10.0,
                                d -> people("Turn", p -> PersonEdits.facing(p, Math.toRadians(d)))),
                        Fields.step("↻", "piece-turn-right", "Turn right (key ])", () -> turn(state, TURN))));
    }

    private MenuButton roles(Piece.Person person) {
        MenuButton menu = new MenuButton(words(PersonEdits.role(person)));
        menu.setId("piece-role");
        menu.getStyleClass().add("pill");
        for (PersonEdits.Role role : PersonEdits.Role.values()) {
            MenuItem item = new MenuItem(words(role));
            item.setOnAction(e -> {
                people("Role", p -> PersonEdits.as(p, role));
                state.selection().choose();
                state.selection().choose(id);
            });
            menu.getItems().add(item);
        }
        return menu;
    }

    private static String words(PersonEdits.Role role) {
        return role.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Where those who wait stand, and how far apart. */
    private void queue(Piece.LineUp lineUp) {
        Unit unit = state.viewing().unitsProperty().get().unit();
        double degrees = Math.round(Math.toDegrees(lineUp.queue().direction()));
        getChildren()
                .addAll(
                        Fields.row(
                                "queue",
                                Fields.degrees(
                                        "piece-queue",
                                        "",
                                        degrees,
                                        d -> people("Queue", p -> ((Piece.LineUp) p)
                                                .queueing(new Queue(
                                                        Math.toRadians(d),
                                                        ((Piece.LineUp) p)
                                                                .queue()
                                                                .spacing()))))),
                        Fields.length(
                                "piece-spacing",
                                "gap",
                                lineUp.queue().spacing(),
                                unit,
                                m -> people("Space", p -> ((Piece.LineUp) p)
                                        .queueing(new Queue(
                                                ((Piece.LineUp) p).queue().direction(), m)))));
    }

    private void people(String verb, UnaryOperator<Piece.Person> edit) {
        state.stage().person(id).ifPresent(p -> apply(verb, edit.apply(p)));
    }

    private void item(Piece.Item item) {
        Unit unit = state.viewing().unitsProperty().get().unit();
        if (item.kind().isColoured()) {
            getChildren().add(Swatches.colours(item.colour(), c -> change("Colour", i -> i.withColour(c))));
        }
        getChildren()
                .add(Fields.row(
                        "label",
                        Fields.text(
                                "piece-label", item.label(), MOST_LABEL, t -> change("Label", i -> i.withLabel(t)))));
        getChildren()
                .add(Fields.length(
                        "piece-width",
                        item.kind().isRound() ? "size" : "width",
                        item.width(),
                        unit,
                        m -> change("Size", i -> i.kind().isRound() ? i.sized(m, m) : i.sized(m, i.depth()))));
        if (!item.kind().isRound()) {
            getChildren()
                    .add(Fields.length(
                            "piece-depth",
                            "depth",
                            item.depth(),
                            unit,
                            m -> change("Size", i -> i.sized(i.width(), m))));
            double degrees = Math.toDegrees(item.facing());
            getChildren()
                    .add(Fields.row(
                            "turn",
                            Fields.step("↺", "piece-turn-left", "Turn left (key [)", () -> turn(state, -TURN)),
                            Fields.degrees(
                                    "piece-turn",
                                    "",
                                    Math.round(degrees * 10) / 10.0,
                                    d -> change("Turn", i -> i.turnedTo(Math.toRadians(d)))),
                            Fields.step("↻", "piece-turn-right", "Turn right (key ])", () -> turn(state, TURN))));
        }
    }

    private void change(String verb, UnaryOperator<Piece.Item> edit) {
        state.stage().piece(id).map(Piece.Item.class::cast).ifPresent(i -> apply(verb, edit.apply(i)));
    }

    private void apply(String verb, Piece changed) {
        if (state.stage().piece(id).isPresent()) {
            state.apply(PieceEdits.change(state.rung(), verb, changed));
        }
    }

    /** Turns whatever is chosen that faces somewhere. */
    public static void turn(BoardState state, double degrees) {
        double by = Math.toRadians(degrees);
        if (state.selection().chosenProperty().get().size() > 1) {
            SeveralCard.turn(state, degrees);
            return;
        }
        for (String chosen : state.selection().chosenProperty().get()) {
            state.stage()
                    .piece(chosen)
                    .flatMap(p -> turned(p, by))
                    .ifPresent(p -> state.apply(PieceEdits.change(state.rung(), "Turn", p)));
        }
    }

    private static Optional<Piece> turned(Piece piece, double by) {
        if (piece instanceof Piece.Person person) {
            return Optional.of(PersonEdits.facing(person, Math.IEEEremainder(person.facing() + by, 2 * Math.PI)));
        }
        return piece instanceof Piece.Item i && !i.kind().isRound()
                ? Optional.of(i.turnedTo(Math.IEEEremainder(i.facing() + by, 2 * Math.PI)))
                : Optional.empty();
    }
}
