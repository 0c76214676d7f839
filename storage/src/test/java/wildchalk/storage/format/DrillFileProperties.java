package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import wildchalk.storage.DemoDrills;

/** What holds for any damage to a drill file. */
class DrillFileProperties {

    private static final String TEXT = DemoDrills.text("skylark");

    @Property(tries = 1500, seed = "19081")
    void damagedFileIsSoundOrRefusedWithOnePlainLine(
            @ForAll @IntRange(max = 100_000) int at, @ForAll @IntRange(max = 12) int gone, @ForAll char put) {
        int from = at % TEXT.length();
        String damaged = TEXT.substring(0, from) + put + TEXT.substring(Math.min(TEXT.length(), from + gone));
        try {
            assertEquals(DrillReader.read(damaged), DrillReader.read(damaged));
        } catch (FormatException e) {
            assertFalse(e.getMessage().isBlank());
            assertFalse(e.getMessage().contains("Exception"), e.getMessage());
            assertFalse(e.getMessage().contains("\n"), e.getMessage());
        }
    }
}
