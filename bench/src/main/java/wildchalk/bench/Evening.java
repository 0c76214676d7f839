package wildchalk.bench;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;

/** An evening as full as they get: ninety minutes, twelve blocks, forty people. */
public final class Evening {

    private static final int BLOCKS = 12;
    private static final int PEOPLE = 40;

    private Evening() {}

    /** One of these drills, in their order. */
    public static Practice full(List<Drill> drills) {
        List<Block> blocks = new ArrayList<>();
        for (int i = 0; i < BLOCKS; i++) {
            Drill drill = drills.get(i % drills.size());
            Content content = i % 4 == 3
                    ? new Content.Words(Content.Sort.WATER, "")
                    : new Content.Play(
                            new Content.Planned(drill.id(), 0, drill.title()), List.of(), 1, Content.Telling.FRESH);
            blocks.add(Block.of("b" + i, content, new Block.Time(3, 8, 12)).having(i % 2 == 0));
        }
        return Practice.empty("p", "Evening", new Slot(Optional.empty(), LocalTime.of(18, 0), 90))
                .given(Practice.Setting.UNSAID.with(Company.of(PEOPLE, 4, 3)))
                .of(blocks);
    }
}
