package wildchalk.desktop.practice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Venue;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.GroundPart;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Stand;
import wildchalk.core.practice.ground.Ground;
import wildchalk.desktop.background.Newest;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.control.ListButton;
import wildchalk.desktop.control.PageHead;

/** What is side by side in a block, on the ground of the evening: moved, turned, laid out, and played all at once. */
final class GroundView extends VBox {

    private static final int QUARTER = 90;
    /** The parts of a surface that are offered, each as how many there are and whether they are lanes. */
    private static final List<GroundPart> WAYS = List.of(
            new GroundPart(1, 2, false),
            new GroundPart(1, 2, true),
            new GroundPart(1, 3, false),
            new GroundPart(1, 3, true),
            new GroundPart(1, 4, true));

    private final PracticeState state;
    private final PageHead head;
    private final FlowPane tools = new FlowPane(6, 4);
    private final Label said = new Label();
    private final GroundBoard board;
    private final GroundPlaces places;
    private final Newest<GroundScene> making;
    private Optional<GroundScene.Asked> shown = Optional.empty();
    private Optional<GroundScene> scene = Optional.empty();
    private int turn;

    GroundView(PracticeState state) {
        super(8);
        this.state = state;
        this.head = new PageHead("", say("ground.back"), "ground-back", () -> state.showGround(Optional.empty()));
        this.board = new GroundBoard(this::pressed, this::place);
        this.places = new GroundPlaces(state, this::turn);
        this.making = new Newest<>(
                say("work.ground"), this::made, trouble -> state.desk().warn(trouble.words(say("trouble.ground"))));
        setId("ground-view");
        getStyleClass().add("ground-view");
        said.setId("ground-said");
        said.getStyleClass().add("quiet");
        said.setWrapText(true);
        VBox.setVgrow(board, Priority.ALWAYS);
        getChildren().addAll(head, tools, board, said, places);
        setFocusTraversable(true);
        setOnKeyPressed(this::key);
    }

    /** Keys go on with what was pressed. */
    private void pressed(String id) {
        state.choose(Optional.of(id));
        requestFocus();
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    /** When it begins, as it is planned now. */
    private String time(Block block) {
        return state.plan(state.evening()).entries().stream()
                .filter(e -> e.block().id().equals(block.id()))
                .map(e -> Clock.at(state.practice().slot(), e.start()))
                .findFirst()
                .orElse("");
    }

    private Optional<Block> block() {
        return state.groundProperty().get().flatMap(state.evening()::block);
    }

    /** Shows it as it is now. */
    void fill() {
        block().ifPresent(b -> {
            head.say(say("ground.title", time(b)));
            fillTools();
            Optional<Venue> venue = state.venue();
            if (venue.isEmpty()) {
                said.setText(say("ground.unknown"));
            } else if (state.isSeen()) {
                Ground.of(state.evening(), b, state.needs(), venue.orElseThrow())
                        .ifPresent(g -> show(b, g, false));
            }
            board.choose(state.chosenProperty().get());
        });
    }

    /** Nothing is played where nobody looks. */
    void leave() {
        board.play(false);
        fillTools();
    }

    private static Map<String, Stand> stands(Block block) {
        return block.content() instanceof Content.Beside b ? b.stands() : Map.of();
    }

    /** @param anew whether all of it is to be laid out anew, wherever it stands */
    private void show(Block block, Ground ground, boolean anew) {
        GroundScene.Asked there = new GroundScene.Asked(
                state.evening(), block, ground, state.fetched().drills(), false);
        GroundScene.Asked asked =
                new GroundScene.Asked(there.evening(), block, ground, there.drills(), anew || there.isUnplaced());
        if (shown.filter(asked::equals).isEmpty()) {
            shown = Optional.of(asked);
            if (scene.isEmpty()) {
                said.setText(say("ground.making"));
            } else if (!asked.laying()) {
                board.stand(ground);
            }
            KnownNeeds needs = state.needs();
            making.ask(() -> GroundScene.of(asked, needs));
        }
    }

    private void made(GroundScene made) {
        Block block = made.asked().block();
        if (block().filter(block::equals).isEmpty()) {
            return;
        }
        if (!made.room()) {
            state.desk().warn(say("ground.no.room"));
        }
        if (made.asked().laying() && !made.ground().stands().equals(stands(block))) {
            state.apply(PracticeEdits.stand(block, made.ground().stands()));
            return;
        }
        if (made.asked().laying()) {
            // Whoever asks once more is answered once more.
            shown = Optional.empty();
        }
        scene = Optional.of(made);
        board.show(made.model(), made.ground());
        Box part = made.ground().part();
        said.setText(say(
                "ground.free",
                Math.round(part.width()),
                Math.round(part.height()),
                BlockLine.plain(made.ground().free())));
        turn(turn);
    }

    private int turns() {
        return scene.flatMap(GroundScene::round).map(r -> r.turns().count()).orElse(1);
    }

    private void turn(int to) {
        turn = Math.max(0, Math.min(turns() - 1, to));
        scene.ifPresent(s -> {
            places.fill(s, turn);
            s.ground().laid().forEach(l -> board.who(l.id(), GroupChips.of(state, s.round(), l.block(), turn)));
        });
    }

    private void place(String id, Stand stand) {
        block().ifPresent(b -> {
            Map<String, Stand> stands = new HashMap<>(stands(b));
            stands.put(id, stand);
            state.apply(PracticeEdits.stand(b, stands));
        });
    }

    private void fillTools() {
        List<Node> all = new ArrayList<>();
        Button play =
                Fields.pill("ground-play", say(board.isPlaying() ? "ground.stop" : "ground.play"), this::playOrStop);
        all.add(play);
        all.add(Fields.pill("ground-anew", say("ground.anew"), this::layOut));
        all.add(Fields.pill("ground-turn", say("ground.turn"), () -> turnBy(QUARTER)));
        all.add(part());
        tools.getChildren().setAll(all);
    }

    private void playOrStop() {
        board.play(!board.isPlaying());
        fillTools();
    }

    private void layOut() {
        block().ifPresent(b -> state.venue()
                .flatMap(v -> Ground.of(state.evening(), b, state.needs(), v))
                .ifPresent(g -> show(b, g, true)));
    }

    private ListButton part() {
        ListButton list = new ListButton(words(state.practice().setting().part()));
        list.setId("ground-part");
        list.getStyleClass().add("pill");
        list.point();
        list.offer(() -> {
            List<MenuItem> items = new ArrayList<>();
            items.add(BlockCard.item("part-whole", words(GroundPart.WHOLE), () -> on(GroundPart.WHOLE)));
            for (GroundPart way : WAYS) {
                for (int n = 1; n <= way.of(); n++) {
                    GroundPart part = new GroundPart(n, way.of(), way.lanes());
                    items.add(BlockCard.item(
                            "part-" + n + "-" + way.of() + (way.lanes() ? "-lanes" : ""), words(part), () -> on(part)));
                }
            }
            return items;
        });
        return list;
    }

    private void on(GroundPart part) {
        if (!part.equals(state.practice().setting().part())) {
            state.apply(PracticeEdits.on(part));
        }
    }

    private static String words(GroundPart part) {
        if (part.isWhole()) {
            return say("part.whole");
        }
        return say(part.lanes() ? "part.lane" : "part.across", part.which(), part.of());
    }

    private void turnBy(int degrees) {
        state.chosenProperty()
                .get()
                .flatMap(id -> block().map(b -> stands(b).get(id)).map(s -> Map.entry(id, s)))
                .ifPresentOrElse(e -> place(e.getKey(), e.getValue().turned(degrees)), () -> state.desk()
                        .warn(say("ground.choose")));
    }

    private void move(Vec by) {
        state.chosenProperty()
                .get()
                .flatMap(id -> block().map(b -> stands(b).get(id)).map(s -> Map.entry(id, s)))
                .ifPresent(
                        e -> place(e.getKey(), e.getValue().at(e.getValue().at().plus(by))));
    }

    private void key(KeyEvent e) {
        Map<KeyCode, Vec> ways = Map.of(
                KeyCode.LEFT, new Vec(-1, 0),
                KeyCode.RIGHT, new Vec(1, 0),
                KeyCode.UP, new Vec(0, -1),
                KeyCode.DOWN, new Vec(0, 1));
        if (ways.containsKey(e.getCode())) {
            move(ways.get(e.getCode()));
        } else if (e.getCode() == KeyCode.R) {
            turnBy(e.isShiftDown() ? -QUARTER : QUARTER);
        } else if (e.getCode() == KeyCode.SPACE) {
            playOrStop();
        } else {
            return;
        }
        e.consume();
    }
}
