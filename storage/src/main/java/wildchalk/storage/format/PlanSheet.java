package wildchalk.storage.format;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.format.DateTimeFormatter;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.wording.Wordbook;
import wildchalk.storage.table.Cell;

/** A practice along the clock as a table that any spreadsheet opens, a line for each block. It names nobody. */
public final class PlanSheet {

    private static final Wordbook BOOK = Wordbook.beside(PlanSheet.class, "Plan");
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss");

    private PlanSheet() {}

    /** The text of it. */
    public static String write(Practice practice, Plan plan) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter out = new CSVPrinter(text, CSVFormat.DEFAULT)) {
            out.printRecord(
                    BOOK.say("start"),
                    BOOK.say("end"),
                    BOOK.say("minutes"),
                    BOOK.say("before"),
                    BOOK.say("what"),
                    BOOK.say("group"),
                    BOOK.say("must"));
            for (Plan.Entry entry : plan.entries()) {
                for (Block part : entry.block().parts()) {
                    out.printRecord(
                            practice.slot().at(entry.start()).format(CLOCK),
                            practice.slot().at(entry.end()).format(CLOCK),
                            entry.block().time().now(),
                            entry.before().seconds(),
                            Cell.harmless(BlockWords.of(part)),
                            part.group() == 0 ? "" : part.group(),
                            BOOK.say(entry.block().must() ? "yes" : "no"));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
