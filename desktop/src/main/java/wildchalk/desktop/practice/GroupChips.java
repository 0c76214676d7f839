package wildchalk.desktop.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import wildchalk.core.colour.Bib;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.squad.Groups;
import wildchalk.desktop.control.BibMark;

/** Groups in their colours, and keepers who go their own way. */
final class GroupChips {

    private static final String ROUND = "5";

    private GroupChips() {}

    /** Those at a block in a turn; where nobody goes round, whoever stays there. */
    static List<Region> of(PracticeState state, Optional<GoingRound> round, Block block, int now) {
        List<Region> all = new ArrayList<>();
        if (round.isEmpty()) {
            if (block.group() > 0) {
                all.add(chip(state, block.group()));
            }
            return all;
        }
        GoingRound going = round.orElseThrow();
        going.there(now, block).forEach(g -> all.add(chip(state, g + 1)));
        int keepers = going.keepers(now, block).size();
        if (keepers > 0) {
            Label chip = new Label(PracticeState.BOOK.say("ground.keepers", keepers));
            chip.getStyleClass().add("ground-chip");
            all.add(chip);
        }
        return all;
    }

    /** A group, by its number from 1. */
    static Label chip(PracticeState state, int group) {
        Label chip = new Label(BlockLine.group(state, group));
        chip.getStyleClass().add("ground-chip");
        List<Bib> bibs = state.fetched()
                .squad()
                .flatMap(s -> s.tonight().groups())
                .map(Groups::bibs)
                .orElse(List.of());
        if (group <= bibs.size()) {
            BibMark.fill(chip, bibs.get(group - 1), ROUND);
        }
        return chip;
    }
}
