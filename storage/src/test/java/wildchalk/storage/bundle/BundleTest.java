package wildchalk.storage.bundle;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Venue;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.DrillWriter;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.SurfaceFiles;

/** Bundles come back as they went; what means no good is refused with a reason. */
class BundleTest {

    @TempDir
    Path folder;

    private static Drill demo(String name) throws FormatException {
        return DrillReader.read(Path.of("..", "demo", name + ".drill.json"));
    }

    private Path zip(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
                zip.closeEntry();
            }
        }
        return Files.write(folder.resolve("sent.zip"), bytes.toByteArray());
    }

    private static byte[] text(String words) {
        return words.getBytes(StandardCharsets.UTF_8);
    }

    private static String refused(Path file) {
        return assertThrows(FormatException.class, () -> BundleReader.read(file))
                .getMessage();
    }

    @Test
    void drillsComeBackAsTheyWent() throws Exception {
        List<Drill> drills = List.of(demo("skylark"), demo("lamplighter"), demo("skylark"));
        Path file = folder.resolve("three.zip");
        try (BundleWriter bundle = new BundleWriter(Files.newOutputStream(file))) {
            for (Drill drill : drills) {
                bundle.add(drill, new byte[] {1, 2, 3});
            }
        }
        assertEquals(drills, BundleReader.read(file).drills());
        assertEquals(List.of(), BundleReader.read(file).surfaces(), "every copy of the program has these surfaces");
    }

    @Test
    void aClubsOwnSurfaceTravelsWithItsDrill() throws Exception {
        String json;
        try (InputStream in = Surfaces.class.getResourceAsStream("open-gym.surface.json")) {
            json = new String(in.readAllBytes(), StandardCharsets.UTF_8).replace("\"open-gym\"", "\"our-yard\"");
        }
        SurfacePlan yard = SurfaceFiles.read(json);
        String id = yard.id();
        Drill drill = Drill.empty("own", "On our own yard", Venue.of(yard), "whole");
        Path file = folder.resolve("own.zip");
        try (BundleWriter bundle = new BundleWriter(Files.newOutputStream(file))) {
            bundle.add(drill, new byte[0]);
        }
        List<SurfacePlan> surfaces = BundleReader.read(file).surfaces();
        assertEquals(List.of(id), surfaces.stream().map(SurfacePlan::id).toList());
        assertEquals(
                List.of(drill),
                BundleReader.read(file).drills(),
                "it lies on its surface in a program that has never seen it");
        assertFalse(BundleReader.read(file).drills().get(0).venue().isMissing());
        SurfaceFiles.keep(surfaces.get(0), folder.resolve("surfaces"));
        assertEquals(
                List.of(),
                SurfaceFiles.in(folder.resolve("surfaces")).refused(),
                "what is kept is a sound surface file");
        assertEquals(
                id,
                SurfaceFiles.read(folder.resolve("surfaces").resolve(id + ".surface.json"))
                        .id());
    }

    @Test
    void pathsThatClimbOutAreRefused() throws Exception {
        byte[] drill = text(DrillWriter.write(demo("skylark")));
        for (String name : List.of(
                "../evil.drill.json",
                "drills/../../evil.drill.json",
                "/etc/evil.drill.json",
                "drills\\..\\evil.drill.json",
                "C:/evil.drill.json")) {
            String words = refused(zip(Map.of("drills/0001.drill.json", drill, name, drill)));
            assertTrue(words.contains("points outside the bundle") && words.contains("nothing was opened"), words);
        }
    }

    @Test
    void bombsAreRefusedBeforeTheyGoOff() throws Exception {
        long before = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
        String words = refused(zip(Map.of("drills/0001.drill.json", new byte[40 << 20])));
        assertTrue(words.contains("larger than any drill"), words);
        Map<String, byte[]> many = new HashMap<>();
        for (int i = 0; i < 4100; i++) {
            many.put("drills/" + i + ".drill.json", new byte[1]);
        }
        assertTrue(refused(zip(many)).contains("up to 4000"));
        assertTrue(ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - before < 10e9, "soon");
    }

    @Test
    void whatPointsElsewhereOrIsNoBundleIsRefused() throws Exception {
        String remote = DrillWriter.write(demo("skylark"))
                .replaceFirst("\\{", "{ \"\\$ref\": \"http://example.invalid/drill.json\",");
        String words = refused(zip(Map.of("drills/0001.drill.json", text(remote))));
        assertTrue(words.contains("drills/0001.drill.json") && words.contains("$ref"), words);
        assertTrue(refused(zip(Map.of("readme.txt", text("hello")))).contains("there is no drill in it"));
        assertTrue(
                refused(Files.writeString(folder.resolve("x.zip"), "no zip")).contains("no bundle, or it is damaged"));
        byte[] whole =
                Files.readAllBytes(zip(Map.of("drills/0001.drill.json", text(DrillWriter.write(demo("skylark"))))));
        Path cut = Files.write(folder.resolve("cut.zip"), Arrays.copyOf(whole, whole.length / 2));
        assertTrue(refused(cut).contains("damaged"));
    }
}
