package wildchalk.desktop.board.card;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.AreaEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.edit.StationEdits;
import wildchalk.core.geometry.Outline;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.PieceWords;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Desk;
import wildchalk.desktop.control.Fields;

/** What can be changed about an area: its label, colour, size and rule; a station's title, minutes and drill. */
final class AreaCard extends FlowPane {

    private static final int MOST_OFFERED = 30;

    private final BoardState state;
    private final String id;

    AreaCard(BoardState state, Piece.Area area) {
        super(12, 6);
        this.state = state;
        this.id = area.id();
        setId("area-card");
        getStyleClass().add("board-card");
        setPrefWrapLength(700);
        Label heading = new Label(PieceWords.name(area));
        heading.getStyleClass().add("card-heading");
        getChildren().add(heading);
        if (area instanceof Piece.Zone zone) {
            zone(zone);
        } else {
            station((Piece.Station) area);
        }
        size(area);
    }

    private void zone(Piece.Zone zone) {
        getChildren()
                .addAll(
                        Swatches.colours(
                                zone.colour(),
                                c -> change(
                                        "Colour",
                                        z -> new Piece.Zone(id, z.at(), z.outline(), ((Piece.Zone) z).label(), c))),
                        Fields.row(
                                "label",
                                Fields.text(
                                        "area-label",
                                        zone.label(),
                                        40,
                                        t -> change(
                                                "Label",
                                                z -> new Piece.Zone(
                                                        id, z.at(), z.outline(), t, ((Piece.Zone) z).colour())))),
                        new RuleMenu(state, zone));
    }

    private void station(Piece.Station station) {
        getChildren()
                .addAll(
                        Fields.row(
                                "title",
                                Fields.text(
                                        "area-title",
                                        station.title(),
                                        40,
                                        t -> station(s -> new Piece.Station(
                                                id, s.at(), s.outline(), s.number(), t, s.minutes())))),
                        Fields.count(
                                "area-minutes",
                                "minutes",
                                (int) Math.round(station.minutes()),
                                0,
                                120,
                                n -> station(
                                        s -> new Piece.Station(id, s.at(), s.outline(), s.number(), s.title(), n))),
                        drillMenu(),
                        moveOnMenu());
    }

    private void station(UnaryOperator<Piece.Station> edit) {
        change("Change", a -> edit.apply((Piece.Station) a));
    }

    /** Asks the book for its drills when it is opened: those changed last, as a longer list fits no screen. */
    private MenuButton drillMenu() {
        MenuButton menu = new MenuButton("Put a drill in");
        menu.setId("area-drill");
        menu.getStyleClass().add("pill");
        menu.getItems().add(new MenuItem("looking in the book …"));
        menu.setOnShowing(e -> state.desk().drills(drills -> {
            List<MenuItem> items = drills.stream()
                    .filter(d -> !d.id().equals(state.drill().id()))
                    .limit(MOST_OFFERED)
                    .map(this::item)
                    .toList();
            menu.getItems().setAll(items.isEmpty() ? List.of(new MenuItem("The book has no other drill")) : items);
        }));
        return menu;
    }

    private MenuItem item(Desk.Titled offered) {
        MenuItem item = new MenuItem(offered.title());
        item.setOnAction(e -> state.desk().drill(offered.id(), drill -> area().ifPresent(a -> {
            StationEdits.Filled filled = StationEdits.fill(
                    state.rung(), state.stage(), state.freeIds(), (Piece.Station) a, drill, state.surface());
            state.apply(filled.edit());
            if (!filled.words().isEmpty()) {
                state.desk().say(filled.words());
            }
        })));
        return item;
    }

    private MenuButton moveOnMenu() {
        Optional<Instruction.Way> now = state.stage().instructions(Instruction.MoveOn.class).stream()
                .findFirst()
                .map(Instruction.MoveOn::way);
        MenuButton menu = new MenuButton("groups: " + words(now));
        menu.setId("area-move-on");
        menu.getStyleClass().add("pill");
        for (Optional<Instruction.Way> way : List.of(
                Optional.<Instruction.Way>empty(),
                Optional.of(Instruction.Way.ONE_WAY),
                Optional.of(Instruction.Way.ALTERNATING))) {
            MenuItem item = new MenuItem(words(way));
            item.setOnAction(e -> {
                state.apply(StationEdits.movingOn(state.rung(), way));
                menu.setText("groups: " + words(way));
            });
            menu.getItems().add(item);
        }
        return menu;
    }

    private static String words(Optional<Instruction.Way> way) {
        return way.map(w -> w == Instruction.Way.ONE_WAY ? "move on one way" : "swap with neighbours")
                .orElse("not said");
    }

    private void size(Piece.Area area) {
        Unit unit = state.viewing().unitsProperty().get().unit();
        if (area.outline() instanceof Outline.Circle c) {
            getChildren()
                    .add(Fields.length(
                            "area-across", "across", 2 * c.radius(), unit, m -> resize(new Outline.Circle(m / 2))));
        } else if (area.outline() instanceof Outline.Rectangle r) {
            getChildren()
                    .addAll(
                            Fields.length(
                                    "area-width",
                                    "length",
                                    r.width(),
                                    unit,
                                    m -> resize(new Outline.Rectangle(
                                            m, rectangle().depth(), rectangle().turn()))),
                            Fields.length(
                                    "area-depth",
                                    "width",
                                    r.depth(),
                                    unit,
                                    m -> resize(new Outline.Rectangle(
                                            rectangle().width(), m, rectangle().turn()))),
                            Fields.row(
                                    "turn",
                                    Fields.degrees(
                                            "area-turn",
                                            "",
                                            Math.round(Math.toDegrees(r.turn())),
                                            deg -> resize(new Outline.Rectangle(
                                                    rectangle().width(),
                                                    rectangle().depth(),
                                                    Math.toRadians(deg))))));
        }
    }

    private Outline.Rectangle rectangle() {
        return (Outline.Rectangle) area().orElseThrow().outline();
    }

    private void resize(Outline outline) {
        boolean tooSmall = outline instanceof Outline.Circle c
                ? 2 * c.radius() < AreaEdits.SMALLEST
                : outline instanceof Outline.Rectangle r && Math.min(r.width(), r.depth()) < AreaEdits.SMALLEST;
        if (!tooSmall) {
            change("Resize", a -> a.within(outline));
        }
    }

    private Optional<Piece.Area> area() {
        return state.stage().areas().stream().filter(a -> a.id().equals(id)).findFirst();
    }

    private void change(String verb, UnaryOperator<Piece.Area> edit) {
        area().ifPresent(a -> state.apply(PieceEdits.change(state.rung(), verb, edit.apply(a))));
    }
}
