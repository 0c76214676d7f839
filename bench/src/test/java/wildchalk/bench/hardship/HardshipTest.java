package wildchalk.bench.hardship;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

/** A little of what ./wildchalk bench does at length. */
class HardshipTest {

    @Test
    void damagedBooksAreOpenedWholeOrSavedAndNothingIsLostSilently() throws Exception {
        Damage.Report report = Damage.run(30, 11);
        assertEquals(List.of(), report.failures());
        assertEquals(
                30,
                report.outcomes().values().stream().mapToInt(Integer::intValue).sum());
        assertTrue(
                report.saved().get("drill") > 30 * 40 / 2
                        && report.saved().get("rota") > 30 * 20 / 2
                        && report.saved().get("squad") > 30 * 14 / 2
                        && report.saved().get("practice") > 30 * 10 / 2,
                report.toString());
    }

    @Test
    void garbledDrillFilesAreTakenAsSoundOrRefusedWithTheirPlace() throws Exception {
        Mutants.Report report = Mutants.run(1200, 3);
        // How long each took is told by the bench: here others use the processor as well.
        assertEquals(
                List.of(),
                report.failures().stream().filter(f -> !f.contains(" took ")).toList());
        assertEquals(1200, report.accepted() + report.refused());
        assertTrue(report.accepted() > 10 && report.refused() > 500, report.toString());
    }
}
