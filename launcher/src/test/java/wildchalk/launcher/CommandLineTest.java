package wildchalk.launcher;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import wildchalk.storage.format.DrillReader;

class CommandLineTest {

    private static final String DEMO = "../demo/turnstile.drill.json";

    private record Said(int code, String out, String err) {
    }

    private static Said wildchalk(String... args) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        CommandLine line = Main.commandLine().setOut(new PrintWriter(out)).setErr(new PrintWriter(err));
        int code = line.execute(args);
        return new Said(code, out.toString(), err.toString());
    }

    @Test
    void solvePrintsOneJsonObjectAndNothingElse() {
        Said said = wildchalk("solve", DEMO, "--json");
        assertEquals(0, said.code());
        assertTrue(said.out().startsWith("{") && said.out().endsWith("}\n"), said.out());
        assertEquals("", said.err());
        assertTrue(wildchalk("solve", DEMO).out().contains("arrival  a1  p7"));
    }

    @Test
    void scriptReadsTheDrillOut() {
        assertTrue(wildchalk("script", DEMO).out().contains("1. On the whistle, F passes 13 m to 7."));
    }

    @Test
    void validateSaysSoundOrWhatIsWrong(@TempDir Path folder) throws Exception {
        assertEquals("turnstile.drill.json: sound\n", wildchalk("validate", DEMO).out());
        Path bad = Files.writeString(folder.resolve("bad.json"), Files.readString(Path.of(DEMO))
                .replace("\"shot\"", "\"volley\""));
        Said said = wildchalk("validate", DEMO, bad.toString());
        assertEquals(1, said.code());
        assertTrue(said.out().contains("bad.json: line "), said.out());
        assertTrue(said.out().contains("it can be run, carry, pass, shot"), said.out());
    }

    @Test
    void wrongInputIsOneAndWrongUsageIsTwo() {
        Said input = wildchalk("solve", "none.json");
        assertEquals(1, input.code());
        assertEquals("none.json: there is no such file\n", input.err());
        Said stage = wildchalk("solve", DEMO, "--stage", "s9");
        assertEquals(1, stage.code());
        assertTrue(stage.err().contains("it has no stage \"s9\"; there are s1"), stage.err());
        assertEquals(2, wildchalk("solve").code());
        assertEquals(2, wildchalk("dance").code());
        assertEquals(2, wildchalk("export", DEMO, "--out", "x.doc").code());
        assertEquals(1, wildchalk("surfaces", "swamp").code());
    }

    @Test
    void exportWritesPicturesAndDrillFiles(@TempDir Path folder) throws Exception {
        Path png = folder.resolve("x.png");
        assertEquals(0, wildchalk("export", DEMO, "--out", png.toString(), "--width", "300", "--at", "1").code());
        assertEquals((byte) 0x89, Files.readAllBytes(png)[0]);
        Path json = folder.resolve("x.json");
        assertEquals(0, wildchalk("export", DEMO, "--out", json.toString()).code());
        assertEquals(DrillReader.read(Path.of(DEMO)), DrillReader.read(json));
        Said nowhere = wildchalk("export", DEMO, "--out", folder.resolve("no/x.png").toString());
        assertEquals(1, nowhere.code());
        assertFalse(nowhere.err().contains("Exception"), nowhere.err());
    }

    @Test
    void surfacesAreListedWithTheirSize() {
        assertTrue(wildchalk("surfaces").out().contains("field-hockey       Field hockey pitch, 91.40 × 55.00 m"));
        assertTrue(wildchalk("surfaces", "ice-rink-na").out().contains("left post"));
    }
}
