package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.document.Edit;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;

/** What is found of a block, and what would mend it. */
final class Found {

    private Found() {}

    /** Of a block, while it goes on. */
    static Finding<Practice> at(
            Plan.Entry entry, String check, Finding.Weight weight, String words, List<Finding.Mend<Practice>> mends) {
        return at(entry, entry.block().id(), check, weight, words, mends);
    }

    /** Of one of several side by side. */
    static Finding<Practice> at(
            Plan.Entry entry,
            String block,
            String check,
            Finding.Weight weight,
            String words,
            List<Finding.Mend<Practice>> mends) {
        return new Finding<>(
                check, weight, words, List.of(block), Optional.of(new Finding.Span(entry.start(), entry.end())), mends);
    }

    /** Of the whole evening. */
    static Finding<Practice> of(String check, Finding.Weight weight, String words, List<Finding.Mend<Practice>> mends) {
        return new Finding<>(check, weight, words, List.of(), Optional.empty(), mends);
    }

    static Finding.Mend<Practice> mend(String words, Edit<Practice> edit) {
        return new Finding.Mend<>(words, edit);
    }

    /** What takes less at one time: fewer copies, one after another, or nothing where it need not be. */
    static List<Finding.Mend<Practice>> less(Block block) {
        List<Finding.Mend<Practice>> mends = new ArrayList<>();
        block.all().forEach(b -> b.play()
                .filter(p -> p.copies() > 1)
                .forEach(p -> mends.add(mend(
                        Said.of("mend.copies", p.copies() - 1),
                        PracticeEdits.change(b.being(p.times(p.copies() - 1)))))));
        if (block.content() instanceof Content.Beside) {
            mends.add(mend(Said.of("mend.apart"), PracticeEdits.apart(block)));
        }
        if (!block.must()) {
            mends.add(mend(Said.of("mend.drop"), PracticeEdits.remove(block)));
        }
        return mends;
    }
}
