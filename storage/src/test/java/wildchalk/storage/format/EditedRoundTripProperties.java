package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.RandomEdits;

/** Whatever a coach does to a drill, after each edit it is kept and read back exactly as it is. */
class EditedRoundTripProperties {

    @Property(tries = 150, seed = "19081")
    void everyEditIsKeptExactly(@ForAll @Size(max = 15) List<@IntRange(max = 9999) Integer> choices)
            throws FormatException {
        Drill drill = RandomEdits.start();
        for (int n : choices) {
            drill = RandomEdits.anywhere(drill, n).apply(drill);
            assertEquals(drill, DrillReader.read(DrillWriter.write(drill)));
        }
    }
}
