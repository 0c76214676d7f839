package wildchalk.desktop.practice;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeChanges;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.control.PageHead;

/** What somebody changed who sent the evening back as a file: looked at before any of it is taken. */
final class CameBackCard extends VBox {

    private final PracticeState state;

    CameBackCard(PracticeState state) {
        super(10);
        this.state = state;
        setId("came-back");
        getChildren()
                .add(new PageHead(
                        say("back.title"),
                        say("evening.back"),
                        "came-back-leave",
                        () -> state.show(PracticeState.Side.FOUND)));
        state.cameBack().ifPresent(this::fill);
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    private void fill(CameBack came) {
        // Who comes is known here better than where the file was.
        Practice theirs = mine(came.theirs(), came);
        List<String> changes = PracticeChanges.of(state.practice(), theirs);
        getChildren().add(line(say(changes.isEmpty() ? "back.same" : "back.changes")));
        changes.forEach(c -> getChildren().add(line(say("back.line", c))));
        Button take = new Button(say("back.take"));
        take.setId("came-back-take");
        take.getStyleClass().add("dark-button");
        take.setDisable(changes.isEmpty());
        take.setOnAction(e -> state.desk().plan(came, p -> {
            state.show(PracticeState.Side.FOUND);
            state.apply(PracticeEdits.cameBack(mine(p, came)));
        }));
        FlowPane row = new FlowPane(6, 6, take, Fields.pill("came-back-beside", say("back.beside"), () -> state.desk()
                .plan(came, p -> state.desk().add(p.withTitle(say("back.named", p.title()))))));
        getChildren().addAll(row, line(say("back.kept")));
    }

    /** With who comes as it is known here, and with drills that are the same planned as they are here. */
    private Practice mine(Practice theirs, CameBack came) {
        return theirs.given(theirs.setting().with(state.practice().company()))
                .planning(p -> state.practice().blocks().stream()
                        .flatMap(Block::all)
                        .flatMap(Block::play)
                        .map(Content.Play::drill)
                        .filter(m -> m.id().equals(p.id()) && isSame(m, came))
                        .findFirst()
                        .orElse(p));
    }

    /** Whether a drill came back as it is planned here, or was not sent along at all. */
    private boolean isSame(Content.Planned mine, CameBack came) {
        Drill theirs = came.drills().get(mine.id());
        Drill here = state.fetched().drills().get(mine);
        return theirs == null || here != null && here.isLike(theirs);
    }

    private static Label line(String words) {
        Label line = new Label(words);
        line.setWrapText(true);
        return line;
    }
}
