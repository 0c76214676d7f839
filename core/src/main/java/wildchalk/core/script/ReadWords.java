package wildchalk.core.script;

import java.util.Optional;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.ActionEdits;

/** What reads and their options are called on chips and in menus. */
public final class ReadWords {

    private ReadWords() {}

    /** Who decides; empty where nobody does, for who wins a ball. */
    public static Optional<String> decider(Stage stage, Read read) {
        return stage.person(read.who()).map(p -> {
            String nameless = Words.BOOK.say(p.isOnATeam() ? "decider.person" : "decider.coach");
            return p.label().isBlank() ? nameless : p.label();
        });
    }

    /** An option by its label; without one, by what it begins with; empty where nothing is drawn yet. */
    public static Optional<String> option(Stage stage, Read read, Option option) {
        boolean contest = !stage.instructions().contains(read);
        return !option.label().isBlank()
                ? Optional.of(contest ? Words.BOOK.say("option.wins", option.label()) : option.label())
                : option.actions().stream()
                        .flatMap(id -> stage.action(id).stream())
                        .findFirst()
                        .map(a -> ActionEdits.describe(a, stage));
    }
}
