package wildchalk.handout.groups;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.colour.Bib;
import wildchalk.core.grouping.Style;
import wildchalk.core.squad.Caution;
import wildchalk.core.squad.GroupNames;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.handout.groups.GroupList.Shown;
import wildchalk.handout.type.Lines;

/** Lists of groups as they go out: all of them on it, and nothing that a coach thinks of anybody. */
class GroupSheetTest {

    @TempDir
    Path folder;

    /** So many people in so many groups, dealt one by one. */
    private static Squad squad(int people, int groups) {
        List<Member> all = new ArrayList<>();
        for (int i = 1; i <= people; i++) {
            all.add(Member.named("", "Name" + i + " Secret" + i)
                    .called("Name" + i + " Secret" + i, i == 1 ? "" : Integer.toString(100 + i))
                    .at(Member.Level.UNSAID.withStrength(1 + i % 5))
                    .saying("lazy")
                    .kept(new Caution(Caution.From.CONTACT, "wrist", Optional.empty())));
        }
        Squad squad = Squad.empty("s", "Herons & Co").with(all);
        List<Bib> bibs = GroupNames.bibs(List.of(), groups);
        List<Groups.Group> dealt = IntStream.range(0, groups)
                .mapToObj(g -> new Groups.Group(
                        bibs.get(g),
                        IntStream.rangeClosed(1, people)
                                .filter(i -> i % groups == g)
                                .mapToObj(i -> "m" + i)
                                .toList()))
                .toList();
        return squad.on(squad.tonight().in(new Groups(Style.EVEN, List.of(), 1, dealt)));
    }

    private static void holdsNoSecret(String text) {
        for (String secret : List.of("Secret", "lazy", "wrist", "strength")) {
            assertFalse(text.contains(secret), text);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 5, 6, 8, 13})
    void everybodyStandsOnTheWall(int groups) throws IOException {
        Path pdf = folder.resolve("wall.pdf");
        GroupSheet.WALL.write(GroupList.of(squad(26, groups), Shown.NAMES), pdf);
        String text = text(pdf);
        for (int i = 1; i <= 26; i++) {
            assertTrue(text.contains("Name" + i), text);
        }
        assertTrue(text.startsWith("Herons & Co"), text);
        holdsNoSecret(text);
        // Nothing lies over anything else or leaves the sheet.
        WallLayout layout = WallLayout.of(GroupList.of(squad(26, groups), Shown.NAMES), 842, 595);
        for (WallLayout.Line line : layout.lines()) {
            double wide = Lines.width(line.words(), line.face(), line.size());
            assertTrue(line.x() > 0 && line.x() + wide < 842 && line.y() < 595, line.toString());
            assertTrue(line.size() > 8, "it can be read from afar: " + line);
        }
        assertEquals(groups, layout.bands().size());
        for (int a = 0; a < groups; a++) {
            for (int b = 0; b < a; b++) {
                assertFalse(layout.bands()
                        .get(a)
                        .area()
                        .intersects(layout.bands().get(b).area()));
            }
        }
    }

    private static String text(Path pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertEquals(1, document.getNumberOfPages());
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void numbersCarryNoNames() {
        String numbers = GroupSheet.aloud(GroupList.of(squad(6, 2), Shown.NUMBERS));
        assertEquals("Herons & Co\nCoral: 102, 104, 106\nSky: N. S., 103, 105\n", numbers);
        String both = GroupSheet.aloud(GroupList.of(squad(4, 2), Shown.BOTH));
        assertEquals("Herons & Co\nCoral: 102 Name2, 104 Name4\nSky: Name1, 103 Name3\n", both);
    }

    @Test
    void theTableAndThePictureAreRead() throws IOException {
        Path csv = folder.resolve("groups.csv");
        GroupSheet.TABLE.write(GroupList.of(squad(4, 2), Shown.NAMES), csv);
        String table = Files.readString(csv, StandardCharsets.UTF_8);
        assertEquals("group,name\r\nCoral,Name2\r\nCoral,Name4\r\nSky,Name1\r\nSky,Name3\r\n", table);
        Path png = folder.resolve("groups.png");
        GroupSheet.PICTURE.write(GroupList.of(squad(20, 3), Shown.NAMES), png);
        BufferedImage image = ImageIO.read(png.toFile());
        assertEquals(1600, image.getWidth());
        long coloured = IntStream.range(0, image.getWidth())
                .map(x -> image.getRGB(x, image.getHeight() / 4))
                .distinct()
                .count();
        assertTrue(coloured >= 4, "three bibs beside each other on white: " + coloured);
    }
}
