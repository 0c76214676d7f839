package wildchalk.bench.hardship;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.regex.Pattern;
import wildchalk.bench.book.Library;
import wildchalk.core.catalogue.DrillSummarizer;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.DemoBook;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.DrillWriter;
import wildchalk.storage.format.FormatException;

/**
 * Garbles drill files, by their structure and by their bytes, and looks whether each is taken as sound or refused with
 * its place.
 */
public final class Mutants {

    /** Says where: the file's name, the line, and mostly the way to the value. */
    private static final Pattern PLACED = Pattern.compile("[^:]+: line \\d+: .+", Pattern.DOTALL);

    private static final double LONGEST = 1;
    private static final String DEEP = "@deep@";
    private static final int DEEPEST = 100_000;

    private final Random random;
    private final ObjectMapper mapper = new ObjectMapper();
    private final List<String> sources = new ArrayList<>();
    private final List<String> failures = new ArrayList<>();
    private int accepted;
    private int refused;
    private double slowest;

    private Mutants(long seed) {
        this.random = new Random(seed);
        DemoBook.drills().forEach(d -> sources.add(DrillWriter.write(d)));
        for (int i = 0; i < 12; i++) {
            sources.add(DrillWriter.write(Library.drill(i)));
        }
    }

    /**
     * What came of them.
     *
     * @param slowest seconds that the slowest took to be read, and where it was accepted to be rehearsed and put into
     *     words
     * @param failures in words; there should be none
     */
    public record Report(int accepted, int refused, double slowest, List<String> failures) {}

    public static void main(String[] args) throws IOException {
        int files = args.length > 0 ? Integer.parseInt(args[0]) : 20_000;
        Report report = run(files, args.length > 1 ? Long.parseLong(args[1]) : 1);
        report.failures().forEach(f -> System.out.println("FAILED " + f));
        System.out.printf(
                Locale.ROOT,
                "%d garbled drill files: %d accepted as sound, %d refused with their place, %d failures; the "
                        + "slowest took %.2f s; "
                        + "at most %.0f MB of memory for objects, of %.0f MB allowed%n",
                files,
                report.accepted(),
                report.refused(),
                report.failures().size(),
                report.slowest(),
                peak() / 1e6,
                Runtime.getRuntime().maxMemory() / 1e6);
        System.exit(report.failures().isEmpty() ? 0 : 1);
    }

    private static long peak() {
        return ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(p -> p.getType() == MemoryType.HEAP)
                .map(MemoryPoolMXBean::getPeakUsage)
                .mapToLong(u -> u.getUsed())
                .sum();
    }

    /** Garbles this many files, half by their structure and half by their bytes. */
    public static Report run(int files, long seed) throws IOException {
        Mutants mutants = new Mutants(seed);
        Path file = Files.createTempFile("mutant", ".drill.json");
        try {
            for (int i = 0; i < files; i++) {
                String source = mutants.sources.get(mutants.random.nextInt(mutants.sources.size()));
                byte[] mutant = i % 2 == 0 ? mutants.structure(source) : mutants.bytes(source);
                Files.write(file, mutant);
                mutants.read(i, file);
            }
        } finally {
            Files.delete(file);
        }
        return new Report(mutants.accepted, mutants.refused, mutants.slowest, mutants.failures);
    }

    private void read(int n, Path file) {
        long start = System.nanoTime();
        try {
            Drill drill = DrillReader.read(file);
            DrillSummarizer.at(drill);
            accepted++;
            if (!DrillReader.read(DrillWriter.write(drill)).equals(drill)) {
                failures.add(n + " is another drill once it is written and read again");
            }
        } catch (FormatException e) {
            refused++;
            if (!PLACED.matcher(e.getMessage()).matches()) {
                failures.add(n + " is refused without its place: " + e.getMessage());
            }
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            failures.add(n + " crashed: " + e + " at " + (e.getStackTrace().length > 0 ? e.getStackTrace()[0] : "?"));
        }
        double took = (System.nanoTime() - start) / 1e9;
        slowest = Math.max(slowest, took);
        if (took > LONGEST) {
            failures.add(n + String.format(Locale.ROOT, " took %.2f s", took));
        }
    }

    private byte[] bytes(String source) {
        byte[] bytes = source.getBytes(StandardCharsets.UTF_8);
        for (int i = 1 + random.nextInt(4); i > 0; i--) {
            int at = random.nextInt(bytes.length);
            int to = Math.min(bytes.length, at + 1 + random.nextInt(40));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            out.write(bytes, 0, at);
            switch (random.nextInt(5)) {
                case 0 -> {
                    out.write(bytes[at] ^ 1 << random.nextInt(8));
                    out.write(bytes, at + 1, bytes.length - at - 1);
                }
                case 1 -> out.write(bytes, to, bytes.length - to);
                case 2 -> {
                    out.write(random.nextInt(256));
                    out.write(bytes, at, bytes.length - at);
                }
                case 3 -> {
                    out.write(bytes, at, to - at);
                    out.write(bytes, at, bytes.length - at);
                }
                default -> {
                    if (random.nextInt(4) > 0) {
                        out.write(bytes, at, bytes.length - at);
                    }
                }
            }
            bytes = out.size() == 0 ? new byte[] {'{'} : out.toByteArray();
        }
        return bytes;
    }

    private byte[] structure(String source) throws IOException {
        JsonNode root = mapper.readTree(source);
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            List<JsonNode> inner = new ArrayList<>();
            collect(root, inner);
            JsonNode at = inner.get(random.nextInt(inner.size()));
            if (at instanceof ObjectNode object && !object.isEmpty()) {
                object(object, inner);
            } else if (at instanceof ArrayNode array && !array.isEmpty()) {
                array(array, inner);
            }
        }
        String text = mapper.writerWithDefaultPrettyPrinter().writeValueAsString(root);
        // Written by hand: no library writes what is nested so deeply.
        int levels = random.nextInt(DEEPEST);
        return text.replace('"' + DEEP + '"', "[".repeat(levels) + "]".repeat(levels))
                .getBytes(StandardCharsets.UTF_8);
    }

    private static void collect(JsonNode node, List<JsonNode> into) {
        if (node.isContainerNode()) {
            into.add(node);
            node.forEach(child -> collect(child, into));
        }
    }

    private void object(ObjectNode object, List<JsonNode> all) {
        List<String> names = new ArrayList<>();
        object.fieldNames().forEachRemaining(names::add);
        String name = names.get(random.nextInt(names.size()));
        switch (random.nextInt(5)) {
            case 0 -> object.remove(name);
            case 1 -> object.set(name, value());
            case 2 -> object.set(name + "x", object.remove(name));
            case 3 -> object.set(name, all.get(random.nextInt(all.size())).deepCopy());
            default -> object.set(name, near(object.get(name)));
        }
    }

    private void array(ArrayNode array, List<JsonNode> all) {
        int at = random.nextInt(array.size());
        switch (random.nextInt(5)) {
            case 0 -> array.remove(at);
            case 1 -> array.set(at, value());
            case 2 -> array.add(array.get(at).deepCopy());
            case 3 -> array.set(at, all.get(random.nextInt(all.size())).deepCopy());
            default -> array.set(at, near(array.get(at)));
        }
    }

    /** Something that stands in no drill. */
    private JsonNode value() {
        JsonNodeFactory nodes = JsonNodeFactory.instance;
        return switch (random.nextInt(10)) {
            case 0 -> nodes.nullNode();
            case 1 -> nodes.booleanNode(random.nextBoolean());
            case 2 -> nodes.numberNode(random.nextInt() * Math.pow(10, random.nextInt(30)));
            case 3 -> nodes.numberNode(-random.nextInt(1000));
            case 4 -> nodes.numberNode(1e300);
            case 5 -> nodes.textNode("");
            case 6 -> nodes.textNode("y".repeat(random.nextInt(30_000)));
            case 7 -> nodes.arrayNode();
            case 8 -> nodes.objectNode();
            default -> nodes.textNode(DEEP);
        };
    }

    /** Almost what was there. */
    private JsonNode near(JsonNode was) {
        JsonNodeFactory nodes = JsonNodeFactory.instance;
        if (was.isNumber()) {
            return nodes.numberNode(was.asDouble() * (random.nextInt(5) - 2) + random.nextDouble());
        }
        if (was.isTextual()) {
            String text = was.asText();
            return nodes.textNode(
                    random.nextBoolean() || text.isEmpty()
                            ? text + (char) random.nextInt(0x3000)
                            : sources.get(0).substring(0, 40));
        }
        return was.deepCopy();
    }
}
