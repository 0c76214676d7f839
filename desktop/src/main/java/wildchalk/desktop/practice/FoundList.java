package wildchalk.desktop.practice;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.wording.Wordbook;

/** Does it fit? What was found of the evening, the weightiest first, each with what would mend it. */
final class FoundList extends VBox {

    /** More than these nobody reads; the others are shown when asked for. */
    private static final int READ = 5;

    private final PracticeState state;
    private boolean all;

    FoundList(PracticeState state) {
        super(8);
        this.state = state;
        setId("found-list");
        fill();
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    private void fill() {
        Label head = new Label(say("fits"));
        head.getStyleClass().add("side-head");
        getChildren().setAll(head);
        Optional<Seen> seen = state.seenProperty().get();
        if (seen.isEmpty()) {
            getChildren().add(quiet(say("fits.looking")));
            return;
        }
        List<Finding<Practice>> found = seen.get().findings();
        int shown = 0;
        for (int i = 0; i < found.size(); i++) {
            if (all || shown < READ && isLookedAt(found.get(i))) {
                getChildren().add(finding(i, found.get(i)));
                shown++;
            }
        }
        if (shown < found.size()) {
            Button more =
                    new Button(say(state.chosen().isPresent() ? "fits.others" : "fits.more", found.size() - shown));
            more.setId("found-more");
            more.getStyleClass().add("mend");
            more.setOnAction(e -> {
                all = true;
                fill();
            });
            getChildren().add(more);
        }
        sum(seen.get()).ifPresentOrElse(getChildren()::add, () -> {
            if (found.isEmpty()) {
                getChildren().add(quiet(say("fits.empty")));
            }
        });
    }

    /** Of a block that is chosen, what is of it or of the whole evening; else everything. */
    private boolean isLookedAt(Finding<Practice> finding) {
        return state.chosen()
                .map(b -> finding.where().isEmpty()
                        || b.all().anyMatch(p -> finding.where().contains(p.id())))
                .orElse(true);
    }

    private static Label quiet(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        return label;
    }

    /** That it fits, and how. */
    private Optional<VBox> sum(Seen seen) {
        Plan plan = seen.worked().plan();
        int slot = state.practice().slot().seconds();
        if (plan.entries().isEmpty() || plan.seconds() > slot) {
            return Optional.empty();
        }
        Label words = new Label(say(
                "fits.well",
                Clock.minutes(plan.seconds()),
                Clock.minutes(slot - plan.seconds()),
                Clock.minutes(plan.between())));
        words.setWrapText(true);
        VBox box = new VBox(words);
        box.setId("fits-well");
        box.getStyleClass().addAll("found", "found-well");
        return Optional.of(box);
    }

    private VBox finding(int number, Finding<Practice> finding) {
        String time = finding.span()
                .map(s -> say(
                        "found.at",
                        Clock.at(state.practice().slot(), s.from()),
                        Clock.at(state.practice().slot(), s.to())))
                .orElse("");
        Button words = new Button(say("found." + Wordbook.key(finding.weight()), time, finding.words()));
        words.setId("found-" + number);
        words.getStyleClass().add("found-words");
        words.setWrapText(true);
        words.setMaxWidth(Double.MAX_VALUE);
        words.setOnAction(e -> finding.where().stream().findFirst().ifPresent(b -> state.choose(Optional.of(b))));
        VBox box = new VBox(2, words);
        box.getStyleClass().add("found");
        box.pseudoClassStateChanged(PseudoClass.getPseudoClass(Wordbook.key(finding.weight())), true);
        FlowPane mends = new FlowPane(10, 0);
        for (int i = 0; i < finding.mends().size(); i++) {
            Finding.Mend<Practice> mend = finding.mends().get(i);
            Button button = new Button(mend.words());
            button.setId("mend-" + number + "-" + i);
            button.getStyleClass().add("mend");
            button.setOnAction(e -> mend(finding, mend));
            mends.getChildren().add(button);
        }
        if (!mends.getChildren().isEmpty()) {
            box.getChildren().add(mends);
        }
        return box;
    }

    /** Whatever mends it is done at once; what makes all of it fit is shown first. */
    private void mend(Finding<Practice> finding, Finding.Mend<Practice> mend) {
        if (finding.check().equals("fit")) {
            state.showFit(PracticeState.Asking.WHOLE);
        } else {
            state.apply(mend.edit());
        }
    }
}
