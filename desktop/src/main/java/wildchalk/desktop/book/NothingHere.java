package wildchalk.desktop.book;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import wildchalk.core.wording.Wordbook;

/** What stands where cards would, when no drill is in a place or fits what is asked for: why, and the way out. */
final class NothingHere extends VBox {

    private static final Wordbook BOOK = Wordbook.beside(NothingHere.class, "Nothing");

    private final Finder finder;
    private final Label why = new Label();
    private final Button out = new Button();

    NothingHere(Finder finder) {
        super(12);
        this.finder = finder;
        why.getStyleClass().add("empty");
        why.setWrapText(true);
        out.setId("nothing-here-out");
        out.setOnAction(e -> {
            if (finder.isAsking()) {
                finder.forget();
            } else {
                finder.placeProperty().set(Place.ALL);
            }
        });
        getChildren().addAll(why, out);
        setAlignment(Pos.CENTER);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
    }

    void show(boolean is) {
        boolean asking = finder.isAsking();
        String place = finder.placeProperty().get() == Place.FAVOURITES ? "favourites" : "place";
        why.setText(BOOK.say(asking ? "asked" : place));
        out.setText(BOOK.say(asking ? "asked.out" : "place.out"));
        setVisible(is);
    }
}
