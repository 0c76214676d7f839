package wildchalk.desktop.board.bar;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.flow.Footpaths;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.pattern.Pattern;
import wildchalk.core.pattern.PatternKind;
import wildchalk.core.scene.FootpathShapes;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Sample;
import wildchalk.core.scene.Shape;
import wildchalk.core.stroke.Kind;
import wildchalk.core.surface.Surfaces;
import wildchalk.desktop.board.card.PatternChoice;
import wildchalk.desktop.board.command.Command;
import wildchalk.desktop.board.command.Key;
import wildchalk.desktop.board.command.Scope;
import wildchalk.desktop.board.hand.FreshPieces;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Tool;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.desktop.paint.ScreenMap;

/** The ledge under the board: chalks on the left, pieces on the right. */
public final class Tray extends HBox {

    private record Item(Tool tool, String name, String key) {}

    private static final List<Item> CHALKS = List.of(
            new Item(Tool.RUN, "Run", "R"),
            new Item(Tool.CARRY, "Carry", "C"),
            new Item(Tool.PASS, "Pass", "P"),
            new Item(Tool.SHOT, "Shot", "S"),
            new Item(Tool.BACK, "Back", "B"),
            new Item(Tool.SIDE, "Side", "D"),
            new Item(Tool.NEXT, "Next", "G"),
            new Item(Tool.MOVE, "Move", "M"));
    private static final List<Item> PIECES = List.of(
            new Item(Tool.PLAYER, "Player", "1"),
            new Item(Tool.LINE_UP, "Line-up", "2"),
            new Item(Tool.CONE, "Cone", "3"),
            new Item(Tool.BALL, "Ball", "4"),
            new Item(Tool.GEAR, "Gear", "5"),
            new Item(Tool.GOALKEEPER, "Keeper", "6"),
            new Item(Tool.COACH, "Coach", "7"),
            new Item(Tool.PATTERN, "Pattern", "8"),
            new Item(Tool.AREA, "Area", "9"),
            new Item(Tool.NOTE, "Note", "N"));

    private static final Stage NOTHING = new Stage("", "", List.of(), List.of());
    private static final Drill SOMETHING = Drill.empty("", "", "open-grass", "whole");

    private static final double SAMPLE_WIDTH = 33;
    private static final double SAMPLE_HEIGHT = 17;

    private final BoardState state;
    private final Map<Tool, Canvas> samples = new EnumMap<>(Tool.class);
    private Shown shown;
    private final Map<Tool, ToggleButton> buttons = new EnumMap<>(Tool.class);

    public Tray(BoardState state) {
        super(3);
        this.state = state;
        setId("tray");
        getStyleClass().add("tray");
        setAlignment(Pos.CENTER_LEFT);
        Region gap = new Region();
        gap.setMinWidth(4);
        HBox.setHgrow(gap, Priority.ALWAYS);
        CHALKS.forEach(this::add);
        getChildren().add(gap);
        PIECES.forEach(this::add);
        state.toolProperty().addListener((o, was, is) -> showTool());
        state.changesProperty().addListener(o -> drawSamples());
        state.samples().gearProperty().addListener(o -> drawSamples());
        drawSamples();
    }

    private void add(Item item) {
        Canvas sample = new Canvas(SAMPLE_WIDTH, SAMPLE_HEIGHT);
        samples.put(item.tool(), sample);
        Label name = new Label(item.name());
        name.getStyleClass().add("tray-name");
        name.setMinWidth(USE_PREF_SIZE);
        Label key = new Label(item.key());
        key.getStyleClass().add("tray-key");
        key.setMinWidth(USE_PREF_SIZE);
        HBox upper = new HBox(sample, key);
        upper.setAlignment(Pos.TOP_CENTER);
        VBox face = new VBox(1, upper, name);
        face.setAlignment(Pos.CENTER);
        face.setMouseTransparent(true);
        ToggleButton button = new ToggleButton(null, face);
        button.setId("tool-" + item.tool().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        button.getStyleClass().add("tray-item");
        button.setAccessibleText(item.name() + ", key " + item.key());
        button.setTooltip(new Tooltip(item.name() + " (" + item.key() + ")"));
        button.setOnAction(e -> take(item.tool()));
        buttons.put(item.tool(), button);
        getChildren().add(button);
    }

    /** What the samples on the ledge show: lines by the key of the drill, pieces as they will be put down. */
    private record Shown(Drill.LineKey key, Piece.Item gear, Bib team) {}

    private void drawSamples() {
        Shown wanted = new Shown(
                state.drill().lineKey(), state.samples().gearProperty().get(), FreshPieces.team(state.stage()));
        if (wanted.equals(shown)) {
            return;
        }
        shown = wanted;
        ScreenMap map = ScreenMap.fit(new Box(-5.3, -2.5, 10.6, 5), SAMPLE_WIDTH, SAMPLE_HEIGHT);
        samples.forEach((tool, canvas) -> {
            ScreenBrush brush = ScreenBrush.forThumbnail(canvas, Look.PAPER, map);
            brush.clear();
            brush.paint(sample(tool, wanted));
        });
    }

    private static List<Shape> sample(Tool tool, Shown shown) {
        if (tool.kind().isPresent()) {
            return Sample.line(tool.kind().get(), shown.key());
        }
        if (tool == Tool.MOVE) {
            return Sample.hand();
        }
        if (tool == Tool.NEXT) {
            return FootpathShapes.of(List.of(new Footpaths.Footpath("", new Vec(-4, 1), new Vec(4, 1), false)), 1.6);
        }
        if (tool == Tool.PATTERN) {
            List<Shape> dots = new ArrayList<>();
            Pattern.of(PatternKind.CIRCLE, Vec.ZERO, new Vec(0, -1.9))
                    .withCount(6)
                    .places()
                    .forEach(p -> dots.add(new Shape.Fill(Curve.circle(p, 0.5), Ink.CONE_YELLOW, false)));
            return dots;
        }
        if (tool == Tool.AREA) {
            return List.of(
                    new Shape.Fill(Curve.box(Box.around(Vec.ZERO, 7, 3.6)), Ink.WASH_YELLOW, false),
                    new Shape.Stroke(
                            Curve.box(Box.around(Vec.ZERO, 7, 3.6)), 0.3, Ink.CONE_YELLOW, List.of(0.9, 0.7), false));
        }
        if (tool == Tool.NOTE) {
            return List.of(new Shape.Label(Vec.ZERO, "Abc", 3.4, Ink.NOTE));
        }
        Piece.Item gear = taken(tool, shown.gear());
        double turned = tool == Tool.GEAR && gear.kind() == GearKind.MINI_GOAL ? Math.PI / 2 : gear.facing();
        Piece piece = FreshPieces.of(
                tool,
                gear.turnedTo(turned),
                NOTHING,
                new FreeIds(SOMETHING),
                Vec.ZERO,
                Surfaces.BUILT_IN.get("open-grass"));
        return Sample.piece(piece instanceof Piece.Player p ? p.wearing(shown.team()) : piece);
    }

    /** Takes a tool in hand, or puts it down when it was; a chalk changes the action that is chosen. */
    void take(Tool tool) {
        if (tool.kind().isPresent() && state.selection().action().isPresent()) {
            Kind kind = tool.kind().get();
            state.selection()
                    .action()
                    .filter(a -> Kind.of(a) != kind)
                    .ifPresent(a -> state.apply(ActionEdits.change(
                            state.rung(),
                            "Make it a " + kind.name().toLowerCase(Locale.ROOT),
                            state.guess().instead(kind, a))));
            showTool();
            return;
        }
        boolean putDown = state.toolProperty().get() == tool
                || tool == Tool.GEAR && state.toolProperty().get() == Tool.SUPPLY;
        if (!putDown) {
            prepare(tool);
        }
        state.toolProperty().set(putDown ? Tool.GUESS : tool);
        showTool();
    }

    private void prepare(Tool tool) {
        if (tool == Tool.PATTERN || tool == Tool.CONE || tool == Tool.GEAR) {
            state.samples()
                    .gearProperty()
                    .set(taken(tool, state.samples().gearProperty().get()));
        }
    }

    /** A cone is put down as a cone, a figure is made of small things; gear is what was used last. */
    private static Piece.Item taken(Tool tool, Piece.Item last) {
        boolean cone = last.kind() == GearKind.CONE;
        boolean large = tool == Tool.PATTERN && !PatternChoice.OF.contains(last.kind());
        if (large || tool == Tool.CONE && !cone) {
            return Piece.Item.of("", GearKind.CONE, Vec.ZERO);
        }
        return tool == Tool.GEAR && cone ? Piece.Item.of("", GearKind.MINI_GOAL, Vec.ZERO) : last;
    }

    /** Everything on the ledge, to be taken by name or by key. */
    public List<Command> commands() {
        return Stream.concat(
                        CHALKS.stream().map(i -> command(i, i.tool() == Tool.MOVE ? "move" : "a chalk")),
                        PIECES.stream().map(i -> command(i, "take something from the ledge")))
                .toList();
    }

    private Command command(Item item, String help) {
        return new Command(
                "Take: " + item.name().toLowerCase(Locale.ROOT),
                List.of(Key.typing(item.key())),
                Scope.ALWAYS,
                help,
                () -> take(item.tool()));
    }

    private static Tool shownFor(Tool tool) {
        return tool == Tool.SUPPLY ? Tool.GEAR : tool;
    }

    private void showTool() {
        buttons.forEach((tool, button) ->
                button.setSelected(tool == shownFor(state.toolProperty().get())));
    }
}
