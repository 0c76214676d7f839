package wildchalk.desktop.pitchside;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import wildchalk.core.pitchside.Briefing;
import wildchalk.core.pitchside.tally.Tally;
import wildchalk.core.score.Counter;
import wildchalk.core.score.Scoring;

/** How the game stands, a card for each side in its colour, and always its name. */
final class TallyCards extends FlowPane {

    /** More than these have no room for large cards. */
    static final int CARDS = 4;

    private static final double APART = 12;
    private static final double CLOSE = 6;

    TallyCards() {
        super(APART, APART);
        setId("run-tallies");
    }

    void fill(RunState state) {
        getChildren().clear();
        Optional<Tally> tally =
                state.tally().filter(t -> !t.scoring().counters().isEmpty());
        setManaged(tally.isPresent());
        setVisible(tally.isPresent());
        tally.ifPresent(t -> {
            List<String> leaders = t.leaders();
            List<Briefing.Group> sides = state.sides();
            // Many have a small card each, which counts when it is touched.
            boolean many = sides.size() > CARDS;
            setHgap(many ? CLOSE : APART);
            setVgap(many ? CLOSE : APART);
            if (many) {
                CountKey.of(t.scoring(), sides).forEach(k -> chips(state, t, k));
            } else {
                sides.forEach(side -> getChildren().add(card(t, side, leaders)));
            }
        });
    }

    /** What one has of one counter, to be touched for one more; beside it a miss, where that counts. */
    private void chips(RunState state, Tally tally, CountKey key) {
        Briefing.Group side = key.side();
        Counter counter = key.counter();
        boolean alone = tally.scoring().counters().size() == 1;
        String id = alone ? side.key() : side.key() + "-" + counter.id();
        String digit = key.digit() == 0 ? "" : Integer.toString(key.digit());
        String count = RunWords.count(counter, tally.by().get(side.key()).of(counter.id()));
        String words = alone
                ? RunWords.say("chip", side.name(), count)
                : RunWords.say("chip.of", side.name(), counter.words(), count);
        KeyButton chip = new KeyButton("chip-" + id, digit, words, () -> key.count(state, false));
        getChildren().add(tally.leaders().contains(side.key()) ? chip.strong() : chip);
        if (key.canMiss()) {
            getChildren()
                    .add(new KeyButton("chip-miss-" + id, "", RunWords.say("do.missed"), () -> key.count(state, true)));
        }
    }

    private static VBox card(Tally tally, Briefing.Group side, List<String> leaders) {
        Tally.Score score = tally.by().get(side.key());
        Scoring scoring = tally.scoring();
        Label name = new Label(side.name().isEmpty() ? RunWords.say("everybody") : side.name());
        name.getStyleClass().add("run-tally-name");
        HBox head = new HBox(8, name);
        head.setAlignment(Pos.BASELINE_LEFT);
        if (leaders.contains(side.key()) && tally.by().size() > 1) {
            Label front = new Label(RunWords.say(standing(tally, side, leaders)));
            front.getStyleClass().add("run-tally-front");
            head.getChildren().add(front);
        }
        Label points = new Label(large(scoring, score));
        points.setId("tally-" + (side.key().isEmpty() ? "all" : side.key()));
        points.getStyleClass().add("run-tally-points");
        VBox card = new VBox(head, points);
        card.getStyleClass().add("run-tally");
        String more = scoring.counters().size() == 1
                ? small(scoring.counters().get(0), score)
                : scoring.counters().stream()
                        .map(c -> counted(c, score))
                        .collect(Collectors.joining(RunWords.say("between")));
        if (!more.isEmpty()) {
            Label detail = new Label(more);
            detail.getStyleClass().add("run-tally-detail");
            card.getChildren().add(detail);
        }
        side.bib().ifPresent(b -> colour(card, head, Inks.of(b)));
        return card;
    }

    private static String standing(Tally tally, Briefing.Group side, List<String> leaders) {
        if (tally.won().filter(side.key()::equals).isPresent()) {
            return "won";
        }
        return leaders.size() > 1 ? "level" : "in.front";
    }

    /** Set so that it comes before what the style sheet says. */
    private static void colour(VBox card, HBox head, Color ground) {
        String ink = Inks.ink(Inks.on(ground));
        card.setStyle(Inks.ground(ground));
        head.getChildren().forEach(l -> l.setStyle(ink));
        card.getChildren().filtered(Label.class::isInstance).forEach(l -> l.setStyle(ink));
    }

    /** The points; the time where only the stopwatch counts. */
    private static String large(Scoring scoring, Tally.Score score) {
        boolean race = scoring.counters().stream().allMatch(c -> c.way() == Counter.Way.TIMED);
        return race
                ? RunWords.count(
                        scoring.counters().get(0),
                        score.of(scoring.counters().get(0).id()))
                : Integer.toString(score.points());
    }

    private static String counted(Counter counter, Tally.Score score) {
        return RunWords.say("counted", counter.words(), RunWords.count(counter, score.of(counter.id())));
    }

    private static String small(Counter counter, Tally.Score score) {
        boolean plain = counter.way() == Counter.Way.EACH || counter.way() == Counter.Way.TIMED;
        return plain ? counter.words() : counted(counter, score);
    }
}
