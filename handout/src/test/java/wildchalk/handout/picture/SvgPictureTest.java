package wildchalk.handout.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import org.w3c.dom.Document;
import org.w3c.dom.NodeList;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.PersonEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.handout.Tool;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Still;

/** Pictures as lines look like pictures as dots, and hold text as text. */
class SvgPictureTest {

    static final List<String> DEMOS = Tool.DEMOS;

    @TempDir
    Path folder;

    /** Our typefaces, for a program that looks for them among those of the system. */
    private Map<String, String> fonts() throws Exception {
        Path fonts = Path.of("src/main/resources/wildchalk/handout/type").toAbsolutePath();
        Path about = Files.writeString(
                folder.resolve("fonts.conf"),
                "<?xml version=\"1.0\"?><fontconfig><dir>" + fonts + "</dir><cachedir>" + folder
                        + "</cachedir></fontconfig>");
        return Map.of("FONTCONFIG_FILE", about.toString());
    }

    @ParameterizedTest
    @FieldSource("DEMOS")
    void itLooksLikeTheDots(String demo) throws Exception {
        Order order = Order.of(Tool.demo(demo)).still(new Still(1.2, 1000, true));
        BufferedImage dots =
                ImageIO.read(Tool.write(new Picture(), order, folder).toFile());
        Path svg = Tool.write(new SvgPicture(), order, folder);
        Path drawn = folder.resolve("drawn.png");
        Tool.run(fonts(), "rsvg-convert", svg.toString(), "-o", drawn.toString());
        BufferedImage lines = ImageIO.read(drawn.toFile());
        assertEquals(dots.getWidth(), lines.getWidth());
        assertEquals(dots.getHeight(), lines.getHeight());
        double differ = difference(dots, lines);
        System.out.printf(
                "%s: the picture as lines differs by %.2f %% of full colour from the one as dots%n",
                demo, differ * 100);
        assertTrue(differ < 0.02, demo + " differs by " + differ);
    }

    /** Mean difference of the colours, as a share of the whole range. */
    static double difference(BufferedImage a, BufferedImage b) {
        long sum = 0;
        for (int y = 0; y < a.getHeight(); y++) {
            for (int x = 0; x < a.getWidth(); x++) {
                int p = a.getRGB(x, y);
                int q = b.getRGB(x, y);
                for (int shift = 0; shift <= 16; shift += 8) {
                    sum += Math.abs((p >> shift & 0xFF) - (q >> shift & 0xFF));
                }
            }
        }
        return sum / (3.0 * 255 * a.getWidth() * a.getHeight());
    }

    @Test
    void piecesAndActionsAreGroupsAndTextIsText() throws Exception {
        Drill demo = Tool.demo("skylark");
        Stage stage = Ladder.build(demo, "s1");
        Drill hostile = PieceEdits.change(
                        "s1", "Name", PersonEdits.called(stage.people().get(0), "<b>]]>"))
                .apply(DrillEdits.rename(Tool.HOSTILE + "\u0000").apply(demo));
        Document svg = read(Tool.write(new SvgPicture(), Order.of(hostile), folder));
        String text = svg.getDocumentElement().getTextContent();
        assertTrue(text.contains("<script>alert(1)</script> ]]>") && text.contains("<b>]]>"), text.substring(0, 200));
        assertEquals(0, svg.getElementsByTagName("script").getLength());
        NodeList groups = svg.getElementsByTagName("g");
        StringBuilder ids = new StringBuilder();
        for (int i = 0; i < groups.getLength(); i++) {
            ids.append(groups.item(i).getAttributes().getNamedItem("id")).append(' ');
        }
        stage.actions().forEach(a -> assertTrue(ids.toString().contains("\"action-" + a.id() + "\""), ids.toString()));
        stage.people().forEach(p -> assertTrue(ids.toString().contains("\"token-" + p.id() + "\""), ids.toString()));
    }

    private static Document read(Path svg) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
        return factory.newDocumentBuilder().parse(svg.toFile());
    }
}
