package wildchalk.desktop.squad;

import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.squad.Squad;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.people.PeopleFile;

/** The page of a book that has no squad yet: a name, and the people of it, a line each. */
public final class NoSquad extends VBox {

    private static final int NAME = 60;
    private static final double WIDTH = 520;

    private final TextField title = new TextField();
    private final TextArea names = new TextArea();
    private final Label said = new Label();

    /** @param made told of the squad that is wanted */
    public NoSquad(Consumer<Squad> made) {
        super(12);
        setId("no-squad");
        getStyleClass().add("no-squad");
        setAlignment(Pos.CENTER);
        Label head = new Label(SquadState.BOOK.say("none.title"));
        head.getStyleClass().add("squad-heading");
        Label words = new Label(SquadState.BOOK.say("none.words"));
        words.getStyleClass().add("quiet");
        words.setWrapText(true);
        words.setMaxWidth(WIDTH);
        title.setId("no-squad-title");
        title.setPromptText(SquadState.BOOK.say("none.name"));
        title.setMaxWidth(WIDTH);
        names.setId("no-squad-names");
        names.setPromptText(SquadState.BOOK.say("take.prompt"));
        names.setMaxWidth(WIDTH);
        names.setPrefRowCount(12);
        said.setWrapText(true);
        said.setMaxWidth(WIDTH);
        Button go = new Button(SquadState.BOOK.say("none.go"));
        go.setId("no-squad-go");
        go.getStyleClass().add("dark-button");
        go.setOnAction(e -> make(made));
        HBox foot = new HBox(go);
        foot.setAlignment(Pos.CENTER);
        getChildren().addAll(head, words, title, names, said, foot);
    }

    private void make(Consumer<Squad> made) {
        String name = title.getText().strip();
        Squad squad = Squad.empty(
                "squad",
                name.isEmpty()
                        ? SquadState.BOOK.say("squad.untitled")
                        : name.substring(0, Math.min(NAME, name.length())));
        try {
            String text = names.getText();
            made.accept(
                    text.isBlank()
                            ? squad
                            : squad.with(PeopleFile.read(
                                            text.getBytes(StandardCharsets.UTF_8), SquadState.BOOK.say("take.pasted"))
                                    .people()));
        } catch (FormatException e) {
            said.setText(e.getMessage());
        }
    }
}
