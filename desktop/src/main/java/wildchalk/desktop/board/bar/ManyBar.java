package wildchalk.desktop.board.bar;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import wildchalk.core.flow.Replay;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.ManyReps;
import wildchalk.desktop.board.strip.DoingMark;

/** What many reps play with: the clock, how fast, who comes first, who is followed. */
public final class ManyBar extends HBox {

    private static final Wordbook BOOK = Wordbook.beside(ManyBar.class, "Many");
    private static final double CLOCK_WIDTH = 72;

    private final BoardState state;
    private final ManyReps many;
    private final Button play = new Button();
    private final Label clock = new Label();
    private final Button follows = new Button();
    private String told = "";

    public ManyBar(BoardState state) {
        super(10);
        this.state = state;
        this.many = state.many();
        setId("many-bar");
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("controls");
        clock.setId("many-clock");
        clock.getStyleClass().add("clock");
        clock.setMinWidth(CLOCK_WIDTH);
        play.setId("many-play");
        play.getStyleClass().add("play");
        play.setOnAction(e -> many.playOrPause());
        follows.setId("many-follows");
        follows.getStyleClass().add("pill");
        follows.setTooltip(new Tooltip(BOOK.say("follow.none")));
        follows.setVisible(false);
        follows.setManaged(false);
        follows.setOnAction(e -> many.followedProperty().get().ifPresent(many::follow));
        ToggleButton waiting = pill("many-by-waiting", BOOK.say("by.waiting"));
        waiting.selectedProperty().bindBidirectional(many.byWaitingProperty());
        List<Node> all = new ArrayList<>(List.of(play, clock));
        all.addAll(speeds());
        all.add(waiting);
        all.addAll(DoingMark.legend());
        all.add(follows);
        getChildren().addAll(all);
        many.atProperty().addListener(o -> {
            showTime();
            showFollowed();
        });
        many.playingProperty().addListener(o -> showPlaying());
        many.followedProperty().addListener(o -> showFollowed());
        state.flow().answerProperty().addListener(o -> {
            showPlaying();
            showFollowed();
            showTime();
        });
        showTime();
        showPlaying();
        showFollowed();
    }

    /** What the mode is called in a list of what can be done. */
    public static String command() {
        return BOOK.say("command");
    }

    private static ToggleButton pill(String id, String text) {
        ToggleButton pill = new ToggleButton(text);
        pill.setId(id);
        pill.getStyleClass().add("pill");
        return pill;
    }

    private List<ToggleButton> speeds() {
        List<ToggleButton> all = new ArrayList<>();
        for (int speed : ManyReps.SPEEDS) {
            ToggleButton pill = pill("many-speed-" + speed, BOOK.say("speed", speed));
            pill.setAccessibleText(BOOK.say("speed.words", speed));
            Runnable show = () -> pill.setSelected(many.speedProperty().get() == speed);
            pill.setOnAction(e -> {
                many.speedProperty().set(speed);
                show.run();
            });
            many.speedProperty().addListener(o -> show.run());
            show.run();
            all.add(pill);
        }
        return all;
    }

    private void showTime() {
        long s = (long) many.atProperty().get();
        String now = BOOK.say("clock", s / 60, s % 60);
        if (!now.equals(told)) {
            told = now;
            clock.setText(now);
        }
    }

    private void showPlaying() {
        boolean playing = many.playingProperty().get();
        play.setText(playing ? "❚❚" : "▶");
        play.setAccessibleText(BOOK.say(playing ? "pause" : "play"));
        play.setDisable(many.replay().isEmpty());
    }

    /** Who is followed, and what they do just now. */
    private void showFollowed() {
        String words = many.followedProperty()
                .get()
                .flatMap(l ->
                        many.replay().map(r -> told(r.at(l, many.atProperty().get()))))
                .orElse("");
        if (!words.equals(follows.getText())) {
            follows.setText(words);
            follows.setVisible(!words.isEmpty());
            follows.setManaged(!words.isEmpty());
        }
    }

    private String told(Replay.Now now) {
        String role = state.stage().person(now.role()).map(PieceWords::name).orElse("");
        return BOOK.say("follows." + Wordbook.key(now.doing()), many.name(now.letter()), role, now.rep());
    }
}
