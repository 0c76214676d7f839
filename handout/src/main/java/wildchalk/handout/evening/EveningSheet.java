package wildchalk.handout.evening;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import wildchalk.core.evening.EveningMessage;
import wildchalk.core.evening.GearList;
import wildchalk.core.wording.Wordbook;
import wildchalk.handout.order.Progress;
import wildchalk.storage.calendar.CalendarFile;
import wildchalk.storage.format.PlanSheet;

/** The ways in which an evening goes out. A new one is added here, and is offered everywhere. */
public enum EveningSheet {
    /** To run the evening from: a page, and the cards of its drills. */
    RUN_SHEET("pdf") {
        @Override
        public void write(EveningOrder order, Path file, Progress progress) throws IOException {
            new RunSheetPdf(order.evening(), order.sheet(), order.paper()).write(file, progress);
        }
    },
    /** All of it in one file for phones. */
    PAGE("html") {
        @Override
        public void write(EveningOrder order, Path file, Progress progress) throws IOException {
            Files.writeString(file, EveningPage.draw(order, progress), StandardCharsets.UTF_8);
        }
    },
    /** When and where, for a calendar. */
    CALENDAR("ics") {
        @Override
        public void write(EveningOrder order, Path file, Progress progress) throws IOException {
            Optional<String> calendar = CalendarFile.of(
                    order.evening().practice(), EveningMessage.of(order.evening()), order.zone(), order.now());
            Files.writeString(
                    file, calendar.orElseThrow(() -> new NoDay(Words.say("calendar.no.day"))), StandardCharsets.UTF_8);
        }
    },
    /** To be sent to whoever helps. */
    MESSAGE("txt") {
        @Override
        public void write(EveningOrder order, Path file, Progress progress) throws IOException {
            lines(EveningMessage.of(order.evening()), file);
        }
    },
    /** For whoever loads the car. */
    GEAR("txt") {
        @Override
        public void write(EveningOrder order, Path file, Progress progress) throws IOException {
            lines(GearList.of(order.evening()), file);
        }
    },
    /** A line for each while. */
    TABLE("csv") {
        @Override
        public void write(EveningOrder order, Path file, Progress progress) throws IOException {
            Files.writeString(
                    file,
                    order.evening()
                            .silent(PlanSheet.write(
                                    order.evening().practice(), order.evening().plan())),
                    StandardCharsets.UTF_8);
        }
    };

    private final String ending;

    EveningSheet(String ending) {
        this.ending = ending;
    }

    /** A practice that has no day is in no calendar. */
    public static final class NoDay extends IOException {
        private static final long serialVersionUID = 1;

        NoDay(String words) {
            super(words);
        }
    }

    /** Of its files: "pdf". */
    public String ending() {
        return ending;
    }

    /** The word by which it is asked for: "run-sheet". */
    public String word() {
        return Wordbook.key(this);
    }

    /** As a coach says it: "Run sheet (PDF)". */
    public String words() {
        return Words.say("sheet." + word());
    }

    /** What it is good for. */
    public String about() {
        return Words.say("about." + word());
    }

    /** Whether people's names can stand on it. */
    public boolean canName() {
        return this == RUN_SHEET || this == PAGE;
    }

    /**
     * Writes it.
     *
     * @throws NoDay for the calendar, when the practice has no day
     * @throws IOException when the file cannot be written
     */
    public abstract void write(EveningOrder order, Path file, Progress progress) throws IOException;

    private static void lines(List<String> lines, Path file) throws IOException {
        Files.writeString(file, String.join("\n", lines) + "\n", StandardCharsets.UTF_8);
    }
}
