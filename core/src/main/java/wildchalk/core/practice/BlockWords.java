package wildchalk.core.practice;

import java.util.stream.Collectors;
import wildchalk.core.wording.Wordbook;

/** What a block is called. */
public final class BlockWords implements Content.Cases<String> {

    private static final Wordbook BOOK = Wordbook.beside(BlockWords.class, "Practice");
    private static final BlockWords WORDS = new BlockWords();

    private BlockWords() {}

    /** "Turnstile", "Game: last one out", "water", "Turnstile beside Skylark". */
    public static String of(Block block) {
        return block.content().match(WORDS);
    }

    @Override
    public String play(Content.Play play) {
        return play.copies() == 1
                ? play.drill().title()
                : BOOK.say("copies", play.drill().title(), play.copies());
    }

    @Override
    public String game(Content.Game game) {
        return game.words().isEmpty() ? BOOK.say("game.plain") : BOOK.say("game", game.words());
    }

    @Override
    public String words(Content.Words words) {
        String sort = BOOK.say("sort." + Wordbook.key(words.sort()));
        if (words.words().isEmpty()) {
            return sort;
        }
        return words.sort() == Content.Sort.FREE ? words.words() : BOOK.say("sort.of", sort, words.words());
    }

    @Override
    public String beside(Content.Beside beside) {
        if (beside.round().isPresent()) {
            return BOOK.say(
                    "round",
                    beside.blocks().stream().map(BlockWords::of).collect(Collectors.joining(BOOK.say("round.comma"))));
        }
        return beside.blocks().stream().map(BlockWords::of).collect(Collectors.joining(BOOK.say("beside")));
    }
}
