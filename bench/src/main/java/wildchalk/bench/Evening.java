package wildchalk.bench;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.effort.Effort;
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

    /**
     * A round.
     *
     * @param drills as they were planned
     */
    record Round(Practice evening, Map<Content.Planned, Drill> drills) {}

    /** Forty people in five groups that go round five drills on one pitch. */
    static Round round(Map<String, Drill> drills) {
        List<Block> parts = new ArrayList<>();
        Map<Content.Planned, Drill> planned = new HashMap<>();
        for (String id : List.of("turnstile", "sixpenny", "skylark", "carillon", "weathervane")) {
            Content.Planned drill = new Content.Planned(id, 0, drills.get(id).title());
            planned.put(drill, drills.get(id));
            Content.Play play = new Content.Play(drill, List.of(), 1, Content.Telling.KNOWN);
            parts.add(Block.of("r" + parts.size(), play, Block.Time.of(50)).forGroup(parts.size() + 1));
        }
        Company company = new Company(
                "",
                new Company.Heads(PEOPLE, 4, 5, 0),
                Collections.nCopies(parts.size(), PEOPLE / parts.size()),
                List.of(),
                List.of(),
                Effort.Level.ADULT);
        Content.Beside beside = new Content.Beside(parts, Optional.of(new Content.Round(false)), Map.of());
        Practice evening = Practice.empty("r", "Round", new Slot(Optional.empty(), LocalTime.of(18, 0), 60))
                .on("football-11")
                .given(Practice.Setting.UNSAID.with(company))
                .of(List.of(Block.of("round", beside, Block.Time.of(50))));
        return new Round(evening, planned);
    }
}
