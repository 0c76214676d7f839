package wildchalk.storage.people;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import wildchalk.core.grouping.Handed;
import wildchalk.core.squad.Member;
import wildchalk.storage.format.FormatException;

/** Spreadsheets are read as they show themselves; what is in them does nothing. */
class SpreadsheetTest {

    private static final String ROWS =
            """
            <row r="1"><c r="A1" t="s"><v>0</v></c><c r="B1" t="inlineStr"><is><t>Name</t></is></c>\
            <c r="C1" t="inlineStr"><is><t>Strength</t></is></c><c r="D1" t="inlineStr"><is><t>Foot</t></is></c></row>
            <row r="2"><c r="A2"><v>7</v></c><c r="B2" t="inlineStr"><is><t>Odile</t></is></c><c r="C2"><v>4.0</v></c>\
            <c r="D2" t="inlineStr"><is><t>left</t></is></c></row>
            <row r="3"></row>
            <row r="4"><c r="A4"><v>8</v></c><c r="B4" t="str"><f>CONCAT("Paa","vo")</f><v>Paavo</v></c>\
            <c r="C4"><f>1+1</f><v>2</v></c></row>
            """;

    /** The parts of the smallest spreadsheet there is. */
    private static Map<String, String> parts(String rows) {
        Map<String, String> parts = new LinkedHashMap<>();
        String head = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n";
        parts.put(
                "[Content_Types].xml",
                head + "<Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\">"
                        + "<Override PartName=\"/xl/sharedStrings.xml\" ContentType=\"application/"
                        + "vnd.openxmlformats-officedocument.spreadsheetml.sharedStrings+xml\"/></Types>");
        parts.put(
                "xl/workbook.xml",
                head + "<workbook xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\" xmlns:r="
                        + "\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\"><sheets>"
                        + "<sheet name=\"People\" sheetId=\"1\" r:id=\"rId1\"/></sheets></workbook>");
        parts.put(
                "xl/_rels/workbook.xml.rels",
                head + "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\">"
                        + "<Relationship Id=\"rId1\" Type=\"http://schemas.openxmlformats.org/officeDocument/2006/"
                        + "relationships/worksheet\" Target=\"worksheets/sheet1.xml\"/></Relationships>");
        parts.put(
                "xl/sharedStrings.xml",
                head
                        + "<sst xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"><si><t>No</t></si></sst>");
        parts.put(
                "xl/worksheets/sheet1.xml",
                head + "<worksheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"><sheetData>"
                        + rows + "</sheetData></worksheet>");
        return parts;
    }

    private static byte[] packed(Map<String, String> parts) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    private static String refused(byte[] bytes) {
        return assertThrows(FormatException.class, () -> PeopleFile.read(bytes, "club.xlsx"))
                .getMessage();
    }

    @Test
    void cellsAreReadAsTheyShowThemselves() throws Exception {
        Taken taken = PeopleFile.read(packed(parts(ROWS)), "club.xlsx");
        assertEquals(List.of(), taken.words());
        Member odile = taken.people().get(0);
        assertEquals(List.of("Odile", "7"), List.of(odile.name(), odile.number()));
        assertEquals(4, odile.level().strength());
        assertEquals(Handed.LEFT, odile.side());
        Member paavo = taken.people().get(1);
        assertEquals(List.of("Paavo", "8"), List.of(paavo.name(), paavo.number()));
        assertEquals(2, paavo.level().strength());
        assertEquals(2, taken.people().size());
    }

    @Test
    void macrosStayWhereTheyAre() throws Exception {
        Map<String, String> parts = parts(ROWS);
        parts.put("xl/vbaProject.bin", "Sub Auto_Open()");
        assertEquals(2, PeopleFile.read(packed(parts), "club.xlsm").people().size());
    }

    @Test
    void whatWouldBurstIsNotOpened() throws Exception {
        Map<String, String> parts = parts(ROWS);
        char[] much = new char[70 << 20];
        Arrays.fill(much, ' ');
        parts.put("xl/media/image1.xml", new String(much));
        byte[] small = packed(parts);
        assertTrue(small.length < 200_000, small.length + " bytes");
        assertTrue(refused(small).contains("would fill the memory"), refused(small));
    }

    @Test
    void whatBringsDefinitionsIsNotOpened() throws Exception {
        Map<String, String> parts = parts(ROWS);
        parts.put(
                "xl/sharedStrings.xml",
                "<!DOCTYPE sst [<!ENTITY x SYSTEM \"file:///etc/hostname\">]><sst><si><t>&x;</t></si></sst>");
        assertTrue(refused(packed(parts)).contains("brings definitions of its own"));
    }

    @Test
    void whatIsNoSpreadsheetIsSaidInALine() throws Exception {
        assertTrue(refused(packed(Map.of("hello.txt", "hello"))).startsWith("club.xlsx: this is no spreadsheet"));
        byte[] whole = packed(parts(ROWS));
        for (int cut : new int[] {5, 40, whole.length / 2, whole.length - 30}) {
            String said = refused(Arrays.copyOf(whole, cut));
            assertTrue(said.startsWith("club.xlsx: ") && !said.contains("\n"), said);
        }
        byte[] turned = whole.clone();
        for (int i = 60; i < turned.length; i += 97) {
            turned[i] ^= 0x55;
        }
        assertTrue(refused(turned).startsWith("club.xlsx: "));
    }
}
