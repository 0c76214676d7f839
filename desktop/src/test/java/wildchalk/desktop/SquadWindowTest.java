package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Squad;
import wildchalk.desktop.pages.SquadPage;

/** A squad from nothing to the list on the wall, with mouse and keyboard in the real window. */
class SquadWindowTest extends RealWindow {

    private static final List<String> NAMES = List.of(
            "Arvid", "Birgit", "Cezary", "Dunja", "Edda", "Florin", "Greta", "Henrik", "Ingrid", "Jasper", "Kaja",
            "Lorenz", "Mirjam", "Nils", "Oda", "Piet", "Quentin", "Runa");

    private Squad squad() throws Exception {
        return fx(() -> session.window()
                .page(SquadPage.class)
                .orElseThrow()
                .state()
                .orElseThrow()
                .squad());
    }

    private static void paste(String text) throws Exception {
        fx(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(text);
            return Clipboard.getSystemClipboard().setContent(content);
        });
    }

    /** A new squad of pasted names. */
    private void begin(String names) throws Exception {
        open(Request.usual().withBook(book()));
        click("#tab-squad");
        await(() -> find("#no-squad") != null);
        paste(names);
        click("#no-squad-names");
        type(KeyCode.CONTROL, KeyCode.V);
        click("#no-squad-go");
        await(() -> find("#squad-view") != null);
    }

    private String said() throws Exception {
        return fx(() -> ((Parent) find("#groups-told"))
                .getChildrenUnmodifiable().stream()
                        .map(n -> ((Label) n).getText())
                        .collect(Collectors.joining("\n")));
    }

    private String id(String name) throws Exception {
        return squad().all()
                .filter(m -> m.name().equals(name))
                .map(Member::id)
                .findFirst()
                .orElseThrow();
    }

    /** Chooses somebody in the list by typing, and presses a key for how they are there. */
    private void press(String name, KeyCode key) throws Exception {
        click("#find-person");
        write(name);
        type(KeyCode.ENTER);
        type(key);
        type(KeyCode.ESCAPE);
    }

    private void groups(int n) throws Exception {
        await(() -> find("#groups-" + n) != null);
        click("#groups-" + n);
        await(() -> find("#group-" + (n - 1)) != null);
    }

    private int group(String name) throws Exception {
        List<List<String>> people =
                squad().tonight().groups().map(Groups::people).orElse(List.of());
        String id = id(name);
        for (int g = 0; g < people.size(); g++) {
            if (people.get(g).contains(id)) {
                return g;
            }
        }
        return -1;
    }

    private void drag(String who, int to) throws Exception {
        Node from = find("#in-group-" + id(who));
        Node target = find("#group-" + to);
        Point2D a = fx(() -> from.localToScreen(
                from.getLayoutBounds().getWidth() / 3, from.getLayoutBounds().getHeight() / 2));
        Point2D b = fx(() -> target.localToScreen(target.getLayoutBounds().getWidth() / 2, 60));
        robot.moveTo(a);
        robot.press(MouseButton.PRIMARY);
        for (int i = 1; i <= 8; i++) {
            robot.moveTo(a.interpolate(b, i / 8.0));
        }
        letGo();
    }

    private void chooseTwo(String one, String other, String button) throws Exception {
        click("#in-group-" + id(one));
        click("#in-group-" + id(other));
        Map<?, ?> before = Map.of(
                "wishes", squad().tonight().groups().orElseThrow().wishes().size());
        click(button);
        await(() -> squadNow().tonight().groups().orElseThrow().wishes().size() == 1 + (int) before.get("wishes")
                && !session.window()
                        .page(SquadPage.class)
                        .orElseThrow()
                        .state()
                        .orElseThrow()
                        .isDividing());
    }

    private Squad squadNow() {
        return session.window()
                .page(SquadPage.class)
                .orElseThrow()
                .state()
                .orElseThrow()
                .squad();
    }

    @Test
    void fromPastedNamesToTheWall() throws Exception {
        open(Request.usual().withBook(book()));
        click("#tab-squad");
        await(() -> find("#no-squad") != null);
        click("#no-squad-title");
        write("Herons");
        paste(String.join("\n", NAMES));
        click("#no-squad-names");
        type(KeyCode.CONTROL, KeyCode.V);
        click("#no-squad-go");
        await(() -> find("#squad-view") != null);
        assertEquals(NAMES, squad().people().stream().map(Member::name).toList());

        press("Birgit", KeyCode.L);
        press("Nils", KeyCode.L);
        press("Edda", KeyCode.A);
        assertEquals(
                Map.of(id("Birgit"), "LATE", id("Nils"), "LATE", id("Edda"), "AWAY"),
                squad().tonight().presence().entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, e -> e.getValue().state().name())));
        await(() -> ((Label) find("#squad-count")).getText().equals("17 of 18 · 2 late"));

        groups(3);
        List<List<String>> first = squad().tonight().groups().orElseThrow().people();
        click("#again");
        await(() -> !squadNow().tonight().groups().orElseThrow().people().equals(first));
        chooseTwo("Arvid", "Runa", "#ask-together");
        chooseTwo("Greta", "Henrik", "#ask-apart");
        assertEquals(group("Arvid"), group("Runa"));
        assertTrue(group("Greta") != group("Henrik"));
        assertTrue(said().contains("Arvid and Runa together"), said());
        assertTrue(said().contains("Greta and Henrik apart"), said());
        assertEquals(-1, group("Edda"), "who is away is in no group");

        Groups before = squad().tonight().groups().orElseThrow();
        int from = group("Runa");
        int to = (from + 1) % 3;
        drag("Runa", to);
        await(() -> squadNow().tonight().groups().orElseThrow().people().get(to).contains(idNow("Runa")));
        assertTrue(said().contains("Not to be had: Arvid and Runa together"), said());
        robot.press(KeyCode.CONTROL);
        type(KeyCode.Z);
        robot.release(KeyCode.CONTROL);
        await(() -> squadNow().tonight().groups().orElseThrow().equals(before));
        assertFalse(said().contains("Not to be had"), said());

        handedOutAndReadBack();
    }

    private String idNow(String name) {
        return squadNow()
                .all()
                .filter(m -> m.name().equals(name))
                .map(Member::id)
                .findFirst()
                .orElseThrow();
    }

    private void handedOutAndReadBack() throws Exception {
        click("#hand-out");
        await(() -> find("#group-list-page") != null);
        picked = folder.resolve("wall.pdf");
        click("#group-list-go");
        await(() -> ((Labeled) find("#group-list-said")).getText().startsWith("Written"));
        assertEquals(inGroups(), people(text(picked)));
        assertTrue(suggested.endsWith(".pdf"), suggested);

        click("#sheet-aloud");
        picked = folder.resolve("aloud.txt");
        click("#group-list-go");
        await(() -> Files.exists(picked));
        List<String> lines = Files.readAllLines(picked, StandardCharsets.UTF_8);
        assertEquals("Herons", lines.get(0));
        List<Groups.Group> groups = squad().tonight().groups().orElseThrow().groups();
        for (int g = 0; g < groups.size(); g++) {
            String expected = groups.get(g).people().stream()
                    .map(p -> squadNow().person(p).orElseThrow().name())
                    .collect(Collectors.joining(", "));
            assertTrue(lines.get(g + 1).endsWith(": " + expected), lines.get(g + 1));
        }
        type(KeyCode.ESCAPE);
        await(() -> find("#squad-view") != null);
    }

    private List<String> inGroups() throws Exception {
        return NAMES.stream().filter(n -> !n.equals("Edda")).toList();
    }

    private static List<String> people(String text) {
        return NAMES.stream().filter(text::contains).toList();
    }

    private static String text(Path pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void whatWasDoneIsThereAgain() throws Exception {
        begin("4 Oda\n9 Piet\n1 Runa\n6 Kaja");
        assertEquals(
                List.of("4", "9", "1", "6"),
                squad().people().stream().map(Member::number).toList());
        click("#bib-" + id("Piet"));
        await(() -> squadNow().tonight().of(idNow("Piet")).state() == Presence.State.LATE);
        groups(2);
        int from = group("Runa");
        fx(() -> {
            find("#in-group-" + idNow("Runa")).requestFocus();
            return null;
        });
        type(from == 0 ? KeyCode.DIGIT2 : KeyCode.DIGIT1);
        await(() -> squadNow()
                .tonight()
                .groups()
                .orElseThrow()
                .people()
                .get(1 - from)
                .contains(idNow("Runa")));
        assertEquals(
                "in-group-" + id("Runa"),
                fx(() -> stage.getScene().getFocusOwner().getId()),
                "whoever was moved by a key has the keyboard still");
        click("#add-guest");
        write("Jasper");
        type(KeyCode.ENTER);
        await(() -> find("#put-in") != null);
        click("#put-in");
        await(() -> find("#put-in") == null);
        assertTrue(group("Jasper") >= 0);
        Squad kept = squad();
        close();

        open(Request.usual().withBook(book()));
        click("#tab-squad");
        await(() -> find("#squad-view") != null);
        assertEquals(kept, squad());
        await(() -> !find("#undo").isDisabled());
        click("#undo");
        await(() -> find("#put-in") != null);

        take(find("#squad-title"), "The evening is over");
        await(() -> squadNow().lately().size() == 1);
        assertEquals(List.of(), squad().tonight().guests());
        click("#as-last-time");
        await(() -> find("#group-1") != null);
        assertEquals(
                4,
                squad().tonight().groups().orElseThrow().people().stream()
                        .mapToInt(List::size)
                        .sum());
    }

    @Test
    void aListIsTakenInAfterALook() throws Exception {
        begin("Oda\nPiet\nRuna");
        click("#add-people");
        await(() -> find("#add-people-page") != null);
        picked = folder.resolve("people.csv");
        Files.writeString(picked, "name;position;number\nOda;keeper;1\nrüna;back;4\nLorenz;wing;7\n");
        click("#people-file");
        await(() -> ((Label) find("#take-summary")).getText().startsWith("1 new · 1 changed · 1 doubtful"));
        click("#take-off");
        click("#take-people");
        await(() -> find("#squad-view") != null);
        assertEquals(
                List.of("1 Oda", "4 rüna", "7 Lorenz"),
                squad().people().stream().map(m -> m.number() + " " + m.name()).toList());
        click("#undo");
        await(() -> squadNow().people().size() == 3 && squadNow().person("m2").isPresent());
    }

    @Test
    void somebodyIsForgottenForEver() throws Exception {
        begin("Oda\nPiet\nRuna");
        click("#bib-m2");
        click("#person-m2");
        await(() -> find("#card-forget") != null);
        click("#card-forget");
        await(() -> robot.lookup("Forget Piet").tryQuery().isPresent());
        robot.clickOn("Forget Piet");
        await(() -> find("#squad-view") != null && squadNow().people().size() == 2);
        click("#undo");
        settle();
        assertFalse(squad().people().stream().anyMatch(m -> m.name().equals("Piet")), "undo does not bring them back");
    }
}
