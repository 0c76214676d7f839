package wildchalk.handout.order;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import wildchalk.handout.Tool;

class FileNamesTest {

    @Test
    void namesAreSensible() {
        assertEquals("Sixpenny Square, rung 2a.pdf", FileNames.of("pdf", "Sixpenny Square", "rung 2a"));
        assertEquals("Sixpenny Square.pdf", FileNames.of("pdf", "Sixpenny Square", ""));
        assertEquals("a b c.png", FileNames.of("png", "a/b\\c"));
        assertEquals("Drill.gif", FileNames.of("gif", " /\u0000: "));
        assertEquals("Drill con.txt", FileNames.of("txt", "con"));
        assertEquals("etc passwd.zip", FileNames.of("zip", "../../etc/passwd"));
        assertEquals("\u05e9\u05dc\u05d5\u05dd.pdf", FileNames.of("pdf", "\u05e9\u05dc\u05d5\u05dd"), "any script");
        assertTrue(FileNames.of("pdf", "x".repeat(10_000)).length() < 100);
        assertTrue(FileNames.of("pdf", Tool.HOSTILE).matches("[^/\\\\<>:\"|?*\\p{Cntrl}]+"));
    }
}
