package wildchalk.storage.format;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.core.io.JsonEOFException;
import com.fasterxml.jackson.core.json.JsonReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.PathType;
import com.networknt.schema.SchemaValidatorsConfig;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CoderResult;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.wording.Wordbook;

/** The text of a file whose form is right: it is JSON, of a version this program knows, and fits the schema. */
final class FileText {

    private static final ObjectMapper MAPPER = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(JsonReadFeature.ALLOW_NON_NUMERIC_NUMBERS)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();
    private static final Wordbook BOOK = Wordbook.beside(FileText.class, "Text");
    private static final long LARGEST = 8L << 20;

    /** What kind of file it is to be. */
    enum Form {
        DRILL("drill", "wild-chalk-drill", DrillWriter.VERSION),
        PRACTICE("practice", "wild-chalk-practice", PracticeWriter.VERSION),
        LOG("log", "wild-chalk-log", LogWriter.VERSION),
        RUN("run", "wild-chalk-run", RunWriter.VERSION),
        SQUAD("squad", "wild-chalk-squad", SquadWriter.VERSION),
        SURFACE("surface", "wild-chalk-surface", SurfaceFiles.VERSION);

        private final String noun;
        private final String format;
        private final int newest;
        private final JsonSchema schema;

        Form(String noun, String format, int newest) {
            this.noun = noun;
            this.format = format;
            this.newest = newest;
            this.schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                    .getSchema(
                            FileText.class.getResourceAsStream(noun + ".schema.json"),
                            SchemaValidatorsConfig.builder()
                                    .pathType(PathType.JSON_POINTER)
                                    .build());
        }

        String format() {
            return format;
        }
    }

    private final String json;
    private final JsonNode root;

    private FileText(String json, JsonNode root) {
        this.json = json;
        this.root = root;
    }

    JsonNode root() {
        return root;
    }

    /** What makes a document of a text. */
    @FunctionalInterface
    interface Reading<T> {
        T of(String json) throws FormatException;
    }

    /**
     * What a file holds.
     *
     * @throws FormatException when it cannot be read or is not sound; the message names the file
     */
    static <T> T read(Path file, Form form, Reading<T> reading) throws FormatException {
        try {
            return reading.of(of(file, form));
        } catch (FormatException e) {
            throw e.in(file.getFileName() + ": ");
        }
    }

    /** Whether a file is meant to be of a form, sound or not. */
    static boolean isMeant(Path file, Form form) {
        try {
            return Files.size(file) <= LARGEST && Files.readString(file).contains("\"" + form.format() + "\"");
        } catch (IOException e) {
            return false;
        }
    }

    /**
     * The text of a file.
     *
     * @throws FormatException when there is none, it is too large or no text; the message does not name the file
     */
    static String of(Path file, Form form) throws FormatException {
        try {
            if (Files.size(file) > LARGEST) {
                throw new FormatException(BOOK.say("large", form.noun));
            }
            return text(Files.readAllBytes(file));
        } catch (NoSuchFileException e) {
            throw new FormatException(BOOK.say("none"));
        } catch (IOException e) {
            throw new FormatException(BOOK.say("unreadable", form.noun));
        }
    }

    /** The bytes as text; where they are none, that place is named. */
    private static String text(byte[] bytes) throws FormatException {
        ByteBuffer in = ByteBuffer.wrap(bytes);
        CharBuffer out = CharBuffer.allocate(bytes.length);
        CoderResult result = StandardCharsets.UTF_8.newDecoder().decode(in, out, true);
        String text = out.flip().toString();
        if (result.isError()) {
            long line = text.lines().count() + (text.isEmpty() || text.endsWith("\n") ? 1 : 0);
            throw new FormatException(BOOK.say("no.text", line));
        }
        return text;
    }

    /** Parses and checks. */
    static FileText checked(String json, Form form) throws FormatException {
        FileText text = new FileText(json, parse(json, form));
        text.refuseNotNumbers();
        text.refuseOtherFormats(form);
        Optional<ValidationMessage> worst = form.schema.validate(text.root).stream()
                .min(Comparator.comparing((ValidationMessage m) ->
                                -m.getInstanceLocation().getNameCount())
                        .thenComparing(m -> m.getInstanceLocation().toString()));
        if (worst.isPresent()) {
            String pointer = worst.get().getInstanceLocation().toString();
            throw new FormatException(text.where(pointer) + SchemaWords.plain(worst.get(), text.root.at(pointer)));
        }
        return text;
    }

    /** Parses what this program has written itself, and checked then. */
    static FileText written(String json, Form form) throws FormatException {
        FileText text = new FileText(json, parse(json, form));
        text.refuseOtherFormats(form);
        return text;
    }

    private static JsonNode parse(String json, Form form) throws FormatException {
        if (json.isBlank()) {
            throw new FormatException("it is empty; a " + form.noun + " file is JSON text that begins with {");
        }
        try {
            return MAPPER.readTree(json);
        } catch (JsonProcessingException e) {
            if (e.getLocation() == null) {
                throw new FormatException("line " + deepest(json)
                        + ": it is nested deeper than any drill; a drill file is text as in Wild Chalk's own");
            }
            String said = String.valueOf(e.getOriginalMessage());
            boolean begun = json.stripLeading().startsWith("{");
            if (begun && (e instanceof JsonEOFException || said.contains("end-of-input") || endsInside(json, e))) {
                throw new FormatException(line(e.getLocation()) + "the file is cut off here; take a whole copy of it");
            }
            if (said.startsWith("Duplicate field")) {
                throw new FormatException(
                        line(e.getLocation()) + "the same name stands twice here; keep one of the two");
            }
            throw new FormatException(line(e.getLocation()) + "this is not JSON; a " + form.noun
                    + " file is JSON text, as in Wild Chalk's own");
        }
    }

    /**
     * The line of the first bracket that opens more than is taken; brackets in texts count too, so it may be an earlier
     * one.
     */
    private static int deepest(String json) {
        int line = 1;
        int depth = 0;
        for (int i = 0; i < json.length() && depth <= StreamReadConstraints.DEFAULT_MAX_DEPTH; i++) {
            char c = json.charAt(i);
            depth += switch (c) {
                case '[', '{' -> 1;
                case ']', '}' -> -1;
                default -> 0;
            };
            line += c == '\n' ? 1 : 0;
        }
        return line;
    }

    /** Whether reading stopped in the last word of the text, such as "tru" for true or "1." for a number. */
    private static boolean endsInside(String json, JsonProcessingException e) {
        String text = json.stripTrailing();
        return e.getLocation().getCharOffset() + 1 >= text.length() && !text.endsWith("}");
    }

    /** NaN and Infinity are not JSON, but worth a better word than that. */
    private void refuseNotNumbers() throws FormatException {
        try (JsonParser parser = MAPPER.createParser(json)) {
            while (parser.nextToken() != null) {
                if (parser.currentToken().isNumeric() && !Double.isFinite(parser.getDoubleValue())) {
                    throw new FormatException(line(parser.currentTokenLocation())
                            + place(parser.getParsingContext().pathAsPointer().toString())
                            + parser.getText() + " is not a number that can be measured; write metres, such as 12.5");
                }
            }
        } catch (IOException e) {
            throw new IllegalStateException("text that was parsed a moment ago", e);
        }
    }

    private void refuseOtherFormats(Form form) throws FormatException {
        if (!root.path("format").asText().equals(form.format)) {
            throw new FormatException(whereOrAbove("/format") + "this is not a " + form.noun
                    + " file: it should say \"format\": \"" + form.format + "\"");
        }
        if (root.path("version").isInt() && root.path("version").asInt() > form.newest) {
            throw new FormatException(where("/version") + "it was written by a newer Wild Chalk (format version "
                    + root.path("version").asInt() + ", this one reads up to " + form.newest
                    + "); update Wild Chalk to open it");
        }
    }

    /** "line 12, stages/0/actions/1: " for the value that a JSON pointer names; no line when it is not there. */
    String where(String pointer) {
        try (JsonParser parser = MAPPER.createParser(json)) {
            while (parser.nextToken() != null) {
                if (parser.getParsingContext().pathAsPointer().toString().equals(pointer) || pointer.isEmpty()) {
                    return line(parser.currentTokenLocation()) + place(pointer);
                }
            }
        } catch (IOException e) {
            throw new IllegalStateException("text that was parsed a moment ago", e);
        }
        return place(pointer);
    }

    /** Where the value is, or where what should hold it is. */
    String whereOrAbove(String pointer) {
        String found = pointer;
        while (!found.isEmpty() && root.at(found).isMissingNode()) {
            found = found.substring(0, found.lastIndexOf('/'));
        }
        return where(found);
    }

    /** The JSON pointer of an object of this very text; empty for the whole. */
    String pointerOf(JsonNode object) {
        return pointer(root, object).orElse("");
    }

    private static Optional<String> pointer(JsonNode at, JsonNode wanted) {
        if (at == wanted) {
            return Optional.of("");
        }
        List<Map.Entry<String, JsonNode>> inside = new ArrayList<>();
        at.fields().forEachRemaining(inside::add);
        for (int i = 0; at.isArray() && i < at.size(); i++) {
            inside.add(Map.entry(Integer.toString(i), at.get(i)));
        }
        return inside.stream()
                .flatMap(e -> pointer(e.getValue(), wanted).map(p -> "/" + e.getKey() + p).stream())
                .findFirst();
    }

    /** The JSON pointer of a piece, action or stage by its id; without a stage, of a size of the surface. */
    String pointerOf(String stage, String id) {
        if (stage.isEmpty()) {
            return "/sizes/" + id;
        }
        JsonNode stages = root.path("stages");
        for (int i = 0; i < stages.size(); i++) {
            if (!stages.path(i).path("id").asText().equals(stage)) {
                continue;
            }
            for (String list : new String[] {"pieces", "actions", "said"}) {
                JsonNode items = stages.path(i).path(list);
                for (int k = items.size() - 1; k >= 0; k--) {
                    if (items.path(k).path("id").asText().equals(id)) {
                        return "/stages/" + i + "/" + list + "/" + k;
                    }
                }
            }
            return "/stages/" + i;
        }
        return "/stages";
    }

    /** The same where it is known in which list of its stage it stands. */
    String pointerOf(Soundness.Place place) {
        JsonNode stages = root.path("stages");
        for (int i = 0; i < stages.size(); i++) {
            if (stages.path(i).path("id").asText().equals(place.rung())) {
                return "/stages/" + i + "/" + place.of().name().toLowerCase(Locale.ROOT) + "/" + place.index();
            }
        }
        return "/stages";
    }

    private static String place(String pointer) {
        return pointer.isEmpty() ? "" : pointer.substring(1) + ": ";
    }

    private static String line(JsonLocation location) {
        return "line " + location.getLineNr() + ": ";
    }
}
