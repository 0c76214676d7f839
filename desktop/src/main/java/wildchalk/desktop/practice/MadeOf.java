package wildchalk.desktop.practice;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import wildchalk.core.evening.EveningMessage;
import wildchalk.core.practice.Makeup;
import wildchalk.core.practice.Strain;
import wildchalk.core.wording.Wordbook;

/** What the evening is made of, what is to be brought, and how hard it is along the clock. */
final class MadeOf extends VBox {

    private static final double WIDE = 310;
    private static final double BAR = 150;
    private static final double HIGH = 74;
    private static final int SKILLS = 5;
    private static final int MINUTE = 60;
    private static final double HALF_A_MINUTE = 0.5;

    private final PracticeState state;

    MadeOf(PracticeState state) {
        super(14);
        this.state = state;
        setId("made-of");
        state.seenProperty()
                .get()
                .filter(s -> !s.worked().plan().entries().isEmpty())
                .ifPresent(s -> getChildren()
                        .addAll(
                                makeup(s.makeup()),
                                bring(s.bring()),
                                hard(s.worked().strain())));
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    private static VBox room(String head) {
        Label label = new Label(head);
        label.getStyleClass().add("side-head");
        return new VBox(5, label);
    }

    private static Label quiet(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        return label;
    }

    private static VBox makeup(Makeup makeup) {
        VBox room = room(say("made.of"));
        double most = makeup.shares().values().stream()
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(1);
        for (Makeup.Share share : Makeup.Share.values()) {
            double minutes = makeup.shares().getOrDefault(share, 0.0);
            if (minutes >= HALF_A_MINUTE) {
                room.getChildren()
                        .add(bar(
                                "share-" + Wordbook.key(share),
                                say("share." + Wordbook.key(share), Math.round(minutes)),
                                minutes / most));
            }
        }
        String skills = makeup.skills().entrySet().stream()
                .filter(e -> e.getValue() >= HALF_A_MINUTE)
                .limit(SKILLS)
                .map(e -> say("skill", e.getKey().words(), Math.round(e.getValue())))
                .collect(Collectors.joining(", "));
        if (!skills.isEmpty()) {
            room.getChildren().add(quiet(say("skills", skills)));
        }
        if (makeup.touches() >= 1) {
            room.getChildren().add(quiet(say("touches", Math.round(makeup.touches()))));
        }
        return room;
    }

    private static HBox bar(String style, String words, double share) {
        Region bar = new Region();
        bar.getStyleClass().addAll("share", style);
        bar.setMinSize(Math.max(3, BAR * share), 12);
        bar.setMaxSize(Math.max(3, BAR * share), 12);
        HBox row = new HBox(7, bar, new Label(words));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private VBox bring(Makeup.Bring bring) {
        VBox room = room(say("bring"));
        List<String> parts = EveningMessage.things(bring);
        room.getChildren()
                .add(quiet(
                        parts.isEmpty()
                                ? say("bring.nothing")
                                : String.join(", ", parts) + say("stop") + setOut(bring)));
        return room;
    }

    private String setOut(Makeup.Bring bring) {
        int minutes = (int) Math.ceil(bring.settingOut() / MINUTE);
        return minutes == 0
                ? ""
                : " " + say("bring.before", Clock.at(state.practice().slot(), -minutes * MINUTE), minutes);
    }

    /** Metres in a minute along the clock, as a line; said in words too. */
    private VBox hard(Strain strain) {
        VBox room = room(say("hard"));
        Canvas canvas = new Canvas(WIDE, HIGH);
        draw(canvas.getGraphicsContext2D(), strain);
        Optional<Strain.Part> hardest = strain.hardest().filter(p -> p.metres() > 0);
        room.getChildren().add(canvas);
        room.getChildren()
                .add(quiet(say(
                        "by.load",
                        Math.round(strain.minutes(Strain.Pace.HARD)),
                        Math.round(strain.minutes(Strain.Pace.MIDDLE)),
                        Math.round(strain.minutes(Strain.Pace.EASY)))));
        hardest.ifPresent(p -> room.getChildren()
                .add(quiet(say(
                        "hardest",
                        Clock.at(state.practice().slot(), p.from()),
                        Math.round(p.metres()),
                        Math.round(strain.metres()),
                        Math.round(strain.sprints())))));
        return room;
    }

    private void draw(GraphicsContext g, Strain strain) {
        double most = strain.hardest().map(Strain.Part::metres).orElse(0.0);
        double seconds = Math.max(
                state.practice().slot().seconds(),
                strain.parts().stream().mapToInt(Strain.Part::to).max().orElse(1));
        g.setStroke(Color.web("#DCD4C2"));
        g.strokeLine(0, HIGH - 2, WIDE, HIGH - 2);
        if (most <= 0) {
            return;
        }
        g.setStroke(Color.web("#1D2B2A"));
        g.setLineWidth(2);
        g.beginPath();
        g.moveTo(0, HIGH - 2);
        for (Strain.Part part : strain.parts()) {
            double y = HIGH - 2 - (HIGH - 8) * part.metres() / most;
            g.lineTo(WIDE * part.from() / seconds, y);
            g.lineTo(WIDE * part.to() / seconds, y);
        }
        g.stroke();
    }
}
