package wildchalk.storage.people;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.grouping.Handed;
import wildchalk.core.squad.Member;
import wildchalk.storage.format.FormatException;

/** Lists of people as they come: whatever stands between cells, in whatever letters. */
class PeopleFileTest {

    private static Taken read(String text) throws FormatException {
        return read(text.getBytes(StandardCharsets.UTF_8));
    }

    private static Taken read(byte[] bytes) throws FormatException {
        return PeopleFile.read(bytes, "list.csv");
    }

    private static String refused(byte[] bytes) {
        return assertThrows(FormatException.class, () -> read(bytes)).getMessage();
    }

    private static List<String> names(Taken taken) {
        return taken.people().stream().map(Member::name).toList();
    }

    /** The same table in every way that spreadsheets write it. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "name,number,position,strength,foot\n\"Berit, the younger\",7,back/middle,4,left\n\nSølvi,8,Keeper,,\n",
                "Foot;Strength;Pos;No;Player\r\nL;4;back|middle;7;Berit, the younger\r\n;;;;\r\n;;keeper;8;Sølvi\r\n",
                "number\tname\tposition\tside\tlevel\n7\tBerit, the younger\tback, middle\tleft-footed\t4\n8\tSølvi\tkeeper\t\t\n",
                "sep=;\nNAME;NUMBER;POSITION;STRENGTH;HAND\nBerit, the younger;7;\"back;middle\";4,0;l\nSølvi;8;keeper;;\n",
                "\ufeffFirst name;Last name;Number;Position;Strength;Foot;Born\nBerit,;the younger;7;back/middle;4;left;2013\nSølvi;;8;keeper;;;2012\n",
            })
    void columnsInAnyOrderBetweenAnything(String text) throws FormatException {
        Taken taken = read(text);
        assertEquals(List.of(), taken.words());
        Member berit = taken.people().get(0);
        assertEquals("Berit, the younger", berit.name());
        assertEquals("7", berit.number());
        assertEquals(List.of("back", "middle"), berit.positions());
        assertEquals(4, berit.level().strength());
        assertEquals(Handed.LEFT, berit.side());
        Member next = taken.people().get(1);
        assertEquals("Sølvi", next.name());
        assertEquals(List.of("keeper"), next.positions());
        assertEquals(0, next.level().strength());
        assertEquals(2, taken.people().size());
    }

    @Test
    void aNameALine() throws FormatException {
        assertEquals(
                List.of("Odile", "Paavo", "<script>alert(1)</script>"),
                names(read("Odile\n\n  Paavo \n<script>alert(1)</script>")));
    }

    @Test
    void numbersBeforeNamesAndNamesInOneLine() throws FormatException {
        Taken numbered = read("7 Odile\n12. Paavo Ruud\nSilje 3\n");
        assertEquals(List.of("Odile", "Paavo Ruud", "Silje 3"), names(numbered));
        assertEquals(
                List.of("7", "12", ""),
                numbered.people().stream().map(Member::number).toList());
        assertEquals(List.of("Odile", "Paavo", "Silje"), names(read("Odile, Paavo, Silje")));
        assertEquals(List.of("Odile"), names(read("name,number\nOdile,4")), "a table of one is a table");
    }

    @Test
    void groupsAreWrittenHarmless() {
        assertEquals(
                "group,name\r\nCoral,Odile\r\nCoral,'=1+1\r\n",
                PeopleWriter.groups(Map.of("Coral", List.of("Odile", "=1+1"))));
    }

    @Test
    void olderLettersAreReadAndSaid() throws FormatException {
        Taken taken = read("name\nZoë\nÅse\n".getBytes(Charset.forName("windows-1252")));
        assertEquals(List.of("Zoë", "Åse"), names(taken));
        assertTrue(
                taken.words().get(0).startsWith("It is not in UTF-8"),
                taken.words().toString());
        assertEquals(List.of("Zoë"), names(read("name\tx\nZoë\t1".getBytes(StandardCharsets.UTF_16))));
    }

    @Test
    void whatIsNotPlainIsSaid() throws FormatException {
        Taken taken = read("name,strength,side,speed\nOdile,9,left,1.1\nOdile,3,up,fast\n,2,,\n=1+1,5,,0.9\n");
        assertEquals(List.of("Odile", "Odile", "=1+1"), names(taken));
        assertEquals(
                List.of(
                        "Line 2: the strength \u201c9\u201d is not 1 to 5; it was left out.",
                        "Line 3: the speed \u201cfast\u201d is not a share such as 0.9; it was left out.",
                        "Line 3: the side \u201cup\u201d is not known; it was left out.",
                        "A line has no name; it was left out.",
                        "Odile is there twice: both are taken as people of their own."),
                taken.words());
    }

    @Test
    void fiveThousandRows() throws FormatException {
        String text = IntStream.range(0, 5000)
                .mapToObj(i -> "Player " + i + ";" + i % 100 + ";" + (i % 5 + 1))
                .collect(Collectors.joining("\n", "name;number;strength\n", ""));
        assertEquals(5000, read(text).people().size());
    }

    @Test
    void whatIsNoListIsRefusedInALine() throws Exception {
        assertEquals("list.csv: there is nobody in it; write a name in each line", refused(new byte[0]));
        assertTrue(refused("a,b\n1,2\n".getBytes(StandardCharsets.UTF_8)).startsWith("list.csv: no column is headed"));
        assertTrue(refused(new byte[] {1, 0, 2, 0}).startsWith("list.csv: this is no list of people"));
        assertTrue(refused("name,number\n\"Odile,7\nPaavo,8\n".getBytes(StandardCharsets.UTF_8))
                .contains("a quotation mark is opened and never closed"));
        byte[] many = "x\n".repeat(PeopleFile.MOST + 1).getBytes(StandardCharsets.UTF_8);
        assertTrue(refused(many).contains("more than any squad"));
        FormatException none = assertThrows(FormatException.class, () -> PeopleFile.read(Path.of("nowhere.csv")));
        assertEquals("nowhere.csv: there is no such file", none.getMessage());
    }

    /** What a spreadsheet would work out is made harmless when it is written, and is as it was when it is read. */
    @Test
    void whatIsWrittenIsReadBackAndDoesNothing() throws FormatException {
        List<Member> people = new ArrayList<>();
        for (String name : List.of("=SUM(A1)", "+1", "-2", "@x", "Berit, \"the younger\"", "Ove\nTo", "'quoted'")) {
            people.add(Member.named("m" + (people.size() + 1), name)
                    .called(name, "=7")
                    .playing(List.of("back", "-front"), Handed.BOTH)
                    .at(Member.Level.UNSAID.withStrength(2)));
        }
        String text = PeopleWriter.write(people, true);
        for (String line : text.split("\r\n")) {
            for (String cell : line.split("\",\"|,")) {
                String plain = cell.startsWith("\"") ? cell.substring(1) : cell;
                assertFalse(!plain.isEmpty() && "=+-@".indexOf(plain.charAt(0)) >= 0 && !line.contains("Berit"), line);
            }
        }
        Taken back = read(text);
        assertEquals(people, back.people());
        assertFalse(PeopleWriter.write(people, false).contains("strength"));
    }
}
