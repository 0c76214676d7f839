package wildchalk.core.script;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wildchalk.core.ask.Balance;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** The numbers on each side of the ball in words: "4 v 3, then 4 v 4 when mint 6 is back". */
public final class BalanceWords {

    private BalanceWords() {}

    /** Empty for no numbers. */
    public static String of(List<Balance> balances, Stage stage, Surface surface) {
        Words words = new Words(surface, stage.people());
        return IntStream.range(0, balances.size())
                .mapToObj(i -> {
                    Balance b = balances.get(i);
                    String numbers = i == 0 ? now(b) : words.say("balance.then", now(b));
                    return b.joined()
                            .flatMap(stage::person)
                            .map(p -> numbers + " "
                                    + words.say(
                                            b.defenders() > balances.get(i - 1).defenders()
                                                    ? "balance.more"
                                                    : "balance.fewer",
                                            name(p)))
                            .orElse(numbers);
                })
                .collect(Collectors.joining(", "));
    }

    /** "3 v 2" */
    public static String now(Balance balance) {
        return balance.attackers() + " v " + balance.defenders();
    }

    private static String name(Piece.Person person) {
        return (Wordbook.key(person.bib()) + " " + person.label()).strip();
    }
}
