package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import wildchalk.storage.kind.DrillKind;

/** What tells a row that is as it was written from one that is not. */
class SumsTest {

    private static final DocumentRows.Raw ROW =
            new DocumentRows.Raw("drill", "a", "Title", "{}", new DocumentRows.Raw.Dates(1, 2, null, null), false);

    @Test
    void everyColumnThatMattersChangesTheSum() {
        long sum = ROW.sum();
        assertEquals(
                sum,
                new DocumentRows.Raw("drill", "a", "Title", "{}", new DocumentRows.Raw.Dates(1, 2, null, 9L), true)
                        .sum(),
                "a star is no part of it");
        assertNotEquals(
                sum,
                new DocumentRows.Raw("drill", "b", "Title", "{}", new DocumentRows.Raw.Dates(1, 2, null, null), false)
                        .sum());
        assertNotEquals(
                sum,
                new DocumentRows.Raw("drill", "a", "Titles", "{}", new DocumentRows.Raw.Dates(1, 2, null, null), false)
                        .sum());
        assertNotEquals(
                sum,
                new DocumentRows.Raw("drill", "a", "Title", "[]", new DocumentRows.Raw.Dates(1, 2, null, null), false)
                        .sum());
        assertNotEquals(
                sum,
                new DocumentRows.Raw("drill", "a", "Title", "{}", new DocumentRows.Raw.Dates(2, 2, null, null), false)
                        .sum());
        assertNotEquals(
                sum,
                new DocumentRows.Raw("drill", "a", "Title", "{}", new DocumentRows.Raw.Dates(1, 3, null, null), false)
                        .sum());
        assertNotEquals(
                sum,
                new DocumentRows.Raw("drill", "a", "Title", "{}", new DocumentRows.Raw.Dates(1, 2, 0L, null), false)
                        .sum(),
                "put aside is another thing than not");
        // Where one column ends and the next begins counts as well.
        assertNotEquals(
                new DocumentRows.Raw("drill", "ab", "c", "", new DocumentRows.Raw.Dates(1, 2, null, null), false).sum(),
                new DocumentRows.Raw("drill", "a", "bc", "", new DocumentRows.Raw.Dates(1, 2, null, null), false)
                        .sum());
    }

    @Test
    void sumIsWhatTheFormatSays() {
        CRC32 crc = new CRC32();
        crc.update("a\0Title\0{}\0001\0002\0null\0".getBytes(StandardCharsets.UTF_8));
        assertEquals(crc.getValue(), ROW.sum());
    }

    @Test
    void kindOfWhatIsNoDrillStandsInItsSum() {
        CRC32 crc = new CRC32();
        crc.update("song\0a\0Title\0{}\0001\0002\0null\0".getBytes(StandardCharsets.UTF_8));
        DocumentRows.Raw song =
                new DocumentRows.Raw("song", "a", "Title", "{}", new DocumentRows.Raw.Dates(1, 2, null, null), false);
        assertEquals(crc.getValue(), song.sum());
        assertNotEquals(song.sum(), ROW.sum());
        assertNotEquals(Sums.version("song", "a", 1, "Edit", "x", 5), Sums.version("drill", "a", 1, "Edit", "x", 5));
    }

    @Property(seed = "19081")
    void packedTextComesBack(@ForAll @StringLength(max = 4000) String text) throws IOException {
        String sound = new String(text.getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8);
        assertEquals(sound, Packing.text(Packing.pack(sound)));
        assertEquals(sound, Packing.text(sound));
    }

    @Property(seed = "19081")
    void packedTextThatIsSpoiltIsNeverTakenForAnother(
            @ForAll @IntRange(max = 5000) int at, @ForAll @IntRange(max = 7) int bit) {
        String text = "A drill that was kept, and what was said of it. ".repeat(20);
        byte[] packed = Packing.pack(text);
        byte[] spoilt = packed.clone();
        spoilt[at % packed.length] ^= (byte) (1 << bit);
        long sum = Sums.version("drill", "a", 1, "Edit", packed, 5);
        assertNotEquals(sum, Sums.version("drill", "a", 1, "Edit", spoilt, 5));
        assertArrayEquals(packed, Packing.pack(text), "packing is the same every time");
    }

    @Test
    void textThatIsCutOffIsRefused() {
        byte[] packed = Packing.pack("A drill that was kept. ".repeat(50));
        byte[] cut = Arrays.copyOf(packed, packed.length / 2);
        assertThrows(IOException.class, () -> Packing.text(cut));
        BookException e =
                assertThrows(BookException.class, () -> new Version<>(DrillKind.DRILLS, 1, "Edit", 5, cut).read());
        assertTrue(e.getMessage().contains("The drill itself is as it was."));
        assertThrows(BookException.class, () -> new Version<>(DrillKind.DRILLS, 1, "Edit", 5, null).read());
    }
}
