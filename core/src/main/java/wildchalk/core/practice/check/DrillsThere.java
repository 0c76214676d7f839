package wildchalk.core.practice.check;

import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Around;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;

/** Whether the drills that are planned are there, and still as they were planned. */
final class DrillsThere implements PracticeCheck {

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        return evening.practice().blocks().stream()
                .flatMap(Block::all)
                .flatMap(b -> b.play().flatMap(p -> of(evening, b, p).stream()))
                .toList();
    }

    private static Optional<Finding<Practice>> of(Worked evening, Block block, Content.Play play) {
        String title = play.drill().title();
        if (evening.needs().of(block).isEmpty()) {
            return Optional.of(found(
                    block,
                    "drill",
                    Finding.Weight.WILL_NOT_WORK,
                    Said.of("drill", title),
                    List.of(Found.mend(Said.of("mend.drop"), PracticeEdits.remove(block)))));
        }
        Optional<Around.Now> now = evening.around().of(play);
        if (now.filter(Around.Now::aside).isPresent()) {
            return Optional.of(
                    found(block, "drill.aside", Finding.Weight.SAID, Said.of("drill.aside", title), List.of()));
        }
        return now.filter(Around.Now::changed)
                .map(n -> found(
                        block,
                        "drill.changed",
                        Finding.Weight.SAID,
                        Said.of("drill.changed", title),
                        List.of(Found.mend(
                                Said.of("drill.changed.mend"),
                                PracticeEdits.change(block.being(
                                        play.of(new Content.Planned(play.drill().id(), n.version(), title))))))));
    }

    private static Finding<Practice> found(
            Block block, String check, Finding.Weight weight, String words, List<Finding.Mend<Practice>> mends) {
        return new Finding<>(check, weight, words, List.of(block.id()), Optional.empty(), mends);
    }
}
