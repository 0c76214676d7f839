package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;

/** An evening as a table, cell by cell. */
class PlanSheetTest {

    private static Block free(String words, int minutes) {
        return Block.of("", new Content.Words(Content.Sort.FREE, words), Block.Time.of(minutes));
    }

    @Test
    void aLineForEachBlockAndForEachSideBySide() {
        Practice practice = Practice.empty("p", "p", new Slot(Optional.empty(), LocalTime.of(23, 50), 60))
                .with(0, free("stretch, well", 5).after(OptionalInt.of(0)))
                .with(
                        1,
                        Block.of(
                                        "",
                                        new Content.Beside(List.of(
                                                free("=1+1", 1).withId("x").forGroup(1),
                                                free("wall", 1).withId("y").forGroup(2))),
                                        Block.Time.of(10))
                                .having(false)
                                .after(OptionalInt.of(30)));
        assertEquals(
                List.of(
                        "Start,End,Minutes,Seconds before,What,Group,Must",
                        "23:50:00,23:55:00,5,0,\"stretch, well\",,yes",
                        "23:55:30,00:05:30,10,30,'=1+1,1,no",
                        "23:55:30,00:05:30,10,30,wall,2,no"),
                PlanSheet.write(practice, Plan.of(practice, b -> Optional.empty()))
                        .lines()
                        .toList());
    }
}
