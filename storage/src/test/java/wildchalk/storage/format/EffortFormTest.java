package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.effort.Effort;
import wildchalk.core.effort.Figure;
import wildchalk.core.effort.OwnFigures;

class EffortFormTest {

    private static final Effort OWN = new Effort(
            Effort.Level.WOMEN,
            Effort.Intensity.HALF,
            false,
            OwnFigures.NONE.with(Figure.SPRINT, 7.1).with("p4", Figure.CONTROL, 1.3));

    private static Drill drill(Effort effort) {
        return Drill.empty("d", "D", "netball", "whole").withEffort(effort);
    }

    @Test
    void whatIsOtherwiseIsReadAsItWasWritten() throws Exception {
        assertEquals(OWN, DrillReader.read(DrillWriter.write(drill(OWN))).effort());
    }

    @Test
    void schemaKnowsEveryFigureAndHowFarItMayGo() throws Exception {
        JsonNode figures = new ObjectMapper()
                .readTree(FileText.class.getResourceAsStream("drill.schema.json"))
                .at("/$defs/figures/properties");
        Set<String> known = new TreeSet<>();
        figures.fieldNames().forEachRemaining(known::add);
        assertEquals(
                Stream.of(Figure.values()).map(Figure::word).collect(Collectors.toCollection(TreeSet::new)), known);
        for (Figure figure : Figure.values()) {
            assertEquals(
                    figure.least(), figures.path(figure.word()).path("minimum").asDouble(), figure.word());
            assertEquals(
                    figure.most(), figures.path(figure.word()).path("maximum").asDouble(), figure.word());
        }
    }

    @Test
    void figureThatNobodyCanHaveIsRefused() {
        String text = DrillWriter.write(drill(OWN));
        String wild = text.replace("7.1", "71");
        assertThrows(FormatException.class, () -> DrillReader.read(wild));
        String unknown = text.replace("\"sprint\"", "\"gallop\"");
        assertThrows(FormatException.class, () -> DrillReader.read(unknown));
    }
}
