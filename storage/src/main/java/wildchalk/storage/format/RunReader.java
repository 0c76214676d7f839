package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.pitchside.Course;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Running;
import wildchalk.core.practice.Practice;
import wildchalk.core.wording.Wordbook;

/** Reads a practice that was run from JSON and refuses what is not sound with one plain line. */
public final class RunReader {

    private static final Wordbook BOOK = Wordbook.beside(RunReader.class, "Run");

    private RunReader() {}

    /** Whether it is meant to be a run file, sound or not. */
    public static boolean isRun(Path file) {
        return FileText.isMeant(file, FileText.Form.RUN);
    }

    /**
     * Reads a run file.
     *
     * @throws FormatException when it cannot be read or is not sound; the message names the file
     */
    public static Running read(Path file) throws FormatException {
        return FileText.read(file, FileText.Form.RUN, RunReader::read);
    }

    /**
     * Reads the text of a run.
     *
     * @throws FormatException when it is not sound
     */
    public static Running read(String json) throws FormatException {
        FileText text = FileText.checked(json, FileText.Form.RUN);
        JsonNode o = text.root();
        Practice practice = PracticeReader.read(o.path("practice").toString());
        List<Running.Moment> moments = new ArrayList<>();
        long before = 0;
        for (JsonNode m : o.path("moments")) {
            long at = m.path("at").asLong();
            if (at < before) {
                throw new FormatException(text.where(text.pointerOf(m)) + BOOK.say("order"));
            }
            before = at;
            moments.add(new Running.Moment(at, m.path("wall").asLong(), deed(text, m)));
        }
        return new Running(
                o.path("id").asText(),
                o.path("title").asText(),
                practice,
                o.path("practiceVersion").asLong(0),
                new Course(
                        DeedForm.stretches(o.path("course")), practice.setting().warned()),
                new Running.Chance(o.path("begun").asLong(), o.path("seed").asLong()),
                moments,
                o.path("over").asBoolean(false));
    }

    private static Optional<Deed> deed(FileText text, JsonNode m) throws FormatException {
        long last = 0;
        for (JsonNode split : m.path("splits")) {
            if (split.asLong() <= last) {
                throw new FormatException(text.where(text.pointerOf(m)) + BOOK.say("splits"));
            }
            last = split.asLong();
        }
        if (m.path("did").asText().equals("time") && last == 0) {
            throw new FormatException(text.where(text.pointerOf(m)) + BOOK.say("splits"));
        }
        return DeedForm.read(m);
    }
}
