package wildchalk.core.practice.check;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Practice;

/** Whether anything of the evening is about what its theme says. */
final class AboutTheme implements PracticeCheck {

    /** Shorter words join others. */
    private static final int WORD = 4;
    /** So much of a word is the same in "pass" and "passing", in "shot" and "shots". */
    private static final int STEM = 4;

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        List<String> wanted = Stream.of(
                        evening.practice().theme().toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(w -> w.length() >= WORD)
                .map(w -> w.substring(0, STEM))
                .toList();
        List<Block> blocks =
                evening.practice().blocks().stream().flatMap(Block::all).toList();
        if (wanted.isEmpty() || blocks.isEmpty()) {
            return List.of();
        }
        boolean said = blocks.stream()
                .flatMap(b -> Stream.concat(
                        Stream.of(BlockWords.of(b), b.note()),
                        evening.needs().of(b).map(n -> n.about().words()).stream()))
                .map(w -> w.toLowerCase(Locale.ROOT))
                .anyMatch(w -> wanted.stream().anyMatch(w::contains));
        return said
                ? List.of()
                : List.of(Found.of(
                        "theme",
                        Finding.Weight.COULD_BE_BETTER,
                        Said.of("theme", evening.practice().theme()),
                        List.of()));
    }
}
