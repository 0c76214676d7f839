package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.otherwise.LineWays;
import wildchalk.core.otherwise.Offer;
import wildchalk.core.otherwise.Offers;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.command.Command;
import wildchalk.desktop.board.command.Scope;
import wildchalk.desktop.board.state.BoardState;

/** What is rare and has no key: all that whoever is chosen, or the line that is chosen, could do, found by name. */
final class BodyCommands {

    private static final Wordbook BOOK = Wordbook.beside(BodyCommands.class, "Commands");

    private BodyCommands() {}

    /** Asked only when somebody looks for something: there are hundreds. */
    static List<Command> of(BoardState state) {
        List<Command> all = new ArrayList<>();
        Offers offers = new Offers(state.rung(), state.stage(), state.stage().set(state.surface()), who -> state.guess()
                .cue(who, state.head().atProperty().get()));
        for (Offer offer : offers.all(state.selection().chosenProperty().get())) {
            all.add(command(offer.words(), () -> fresh(state, offer.edit())));
        }
        state.selection().action().ifPresent(a -> ways(state, a, all));
        return all;
    }

    private static void ways(BoardState state, Action action, List<Command> all) {
        for (LineWays.Group group : LineWays.of(state.rung(), action, state.surface())) {
            for (LineWays.Way way : group.ways()) {
                if (!way.taken()) {
                    all.add(command(BOOK.say("line.way", group.words(), way.words()), () -> {
                        state.apply(way.edit());
                        state.selection().choose(action.id());
                    }));
                }
            }
        }
    }

    private static Command command(String words, Runnable run) {
        return new Command(words, List.of(), Scope.ALWAYS, "", run);
    }

    /** What is new is chosen, so that its tag says what it is. */
    private static void fresh(BoardState state, Edit<Drill> edit) {
        List<String> before = state.stage().actions().stream().map(Action::id).toList();
        state.apply(edit);
        state.stage().actions().stream()
                .map(Action::id)
                .filter(a -> !before.contains(a))
                .findFirst()
                .ifPresent(a -> state.selection().choose(a));
    }
}
