package wildchalk.desktop.log;

import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import wildchalk.core.log.Entry;
import wildchalk.core.log.EntryEdits;
import wildchalk.core.log.Jotted;

/** One line in which a part more is typed: what it was and its minutes. */
final class AddPart extends VBox {

    AddPart(LogState state, Entry entry) {
        super(3);
        TextField field = new TextField();
        field.setId("add-part");
        field.setPromptText(LogState.BOOK.say("part.add"));
        field.setAccessibleText(LogState.BOOK.say("part.add"));
        Label said = new Label();
        said.setWrapText(true);
        said.getStyleClass().add("quiet");
        said.setManaged(false);
        field.setOnAction(e -> {
            Jotted jotted = Jotted.read(
                    field.getText(),
                    state.shownProperty().get().orElseThrow().filled().drills());
            if (jotted.parts().isEmpty()) {
                said.setManaged(true);
                said.setText(LogState.BOOK.say("part.unclear"));
            } else {
                state.apply(EntryEdits.add(entry.parts().size(), jotted.parts().get(0)));
            }
        });
        getChildren().addAll(field, said);
    }
}
