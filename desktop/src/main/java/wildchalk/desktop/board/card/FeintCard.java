package wildchalk.desktop.board.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Craft.Feint;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.measure.Numbers;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.Fields;

/** The feints and moves on the way of a line: the coach's name for each, where, and what it costs. */
public final class FeintCard extends VBox {

    private static final Wordbook BOOK = Wordbook.beside(FeintCard.class, "Feints");
    private static final int LONGEST = 40;
    private static final double WIDE = 150;

    private final BoardState state;
    private final String line;
    private final BoardPane pane;

    private FeintCard(BoardState state, String line, BoardPane pane) {
        super(6);
        this.state = state;
        this.line = line;
        this.pane = pane;
        setId("feint-card");
        getStyleClass().add("board-card");
        show();
    }

    /** Opens it for a line; one that has none yet gets a first one half-way. */
    public static void open(BoardState state, Travel travel, BoardPane pane) {
        FeintCard card = new FeintCard(state, travel.id(), pane);
        if (travel.going().craft().feints().isEmpty()) {
            card.more();
        }
        pane.showCard(card);
        card.lookup("#feint-name-1").requestFocus();
    }

    private Optional<Travel> travel() {
        return state.stage().travel(line);
    }

    private List<Feint> feints() {
        return travel().map(t -> t.going().craft().feints()).orElse(List.of());
    }

    private void show() {
        Label title = new Label(BOOK.say("title"));
        title.getStyleClass().add("card-heading");
        getChildren().setAll(title);
        List<Feint> feints = feints();
        if (feints.isEmpty()) {
            Label none = new Label(BOOK.say("none"));
            none.getStyleClass().add("quiet");
            getChildren().add(none);
        }
        for (int i = 0; i < feints.size(); i++) {
            getChildren().add(row(i, feints.get(i)));
        }
        Button more = Fields.pill("feint-more", BOOK.say("more"), this::more);
        more.setDisable(feints.size() >= Craft.MOST_FEINTS);
        getChildren().add(new HBox(8, more, Fields.pill("feint-close", BOOK.say("close"), () -> pane.showCard(null))));
    }

    private HBox row(int i, Feint feint) {
        String n = Integer.toString(i + 1);
        TextField name = Fields.text(
                "feint-name-" + n,
                feint.name(),
                LONGEST,
                t -> change(i, f -> t.isBlank() ? f : new Feint(t, f.share(), f.seconds())));
        name.setPrefWidth(WIDE);
        name.setPromptText(BOOK.say("name.prompt"));
        TextField share = Fields.text("feint-share-" + n, Numbers.plain(feint.share() * 100), 5, t -> number(t, 100)
                .ifPresentOrElse(p -> change(i, f -> new Feint(f.name(), p / 100, f.seconds())), this::wrong));
        TextField seconds =
                Fields.text("feint-seconds-" + n, Numbers.plain(feint.seconds()), 5, t -> number(t, Feint.LONGEST)
                        .ifPresentOrElse(s -> change(i, f -> new Feint(f.name(), f.share(), s)), this::wrong));
        return Fields.row(
                BOOK.say("name"),
                name,
                new Label(BOOK.say("share")),
                share,
                new Label(BOOK.say("seconds")),
                seconds,
                Fields.step("\u2715", "feint-away-" + n, BOOK.say("away"), () -> away(i)));
    }

    private static Optional<Double> number(String text, double most) {
        try {
            double number = Double.parseDouble(text.strip().replace(',', '.'));
            return number >= 0 && number <= most ? Optional.of(number) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private void wrong() {
        state.announce(BOOK.say("wrong"));
        show();
    }

    private void more() {
        List<Feint> all = new ArrayList<>(feints());
        all.add(new Feint(BOOK.say("more.name"), 0.5, Feint.USUAL));
        put(all);
        show();
    }

    private void away(int i) {
        List<Feint> all = new ArrayList<>(feints());
        all.remove(i);
        put(all);
        show();
    }

    private void change(int i, UnaryOperator<Feint> change) {
        List<Feint> all = new ArrayList<>(feints());
        if (i < all.size()) {
            all.set(i, change.apply(all.get(i)));
            put(all);
        }
    }

    private void put(List<Feint> feints) {
        travel().filter(t -> !t.going().craft().feints().equals(feints)).ifPresent(t -> {
            state.apply(ActionEdits.change(
                    state.rung(),
                    BOOK.say("edit"),
                    t.withGoing(t.going().crafted(t.going().craft().feinting(feints)))));
            state.selection().choose(line);
        });
    }
}
