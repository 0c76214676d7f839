package wildchalk.handout.paint;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Texts with gaps that lie beside the code, such as the frame of a page. */
public final class Template {

    private static final Pattern GAP = Pattern.compile("\\{\\{(\\w+)}}");

    private Template() {}

    /** The text of a file that lies beside a class. */
    public static String beside(Class<?> where, String name) {
        try (InputStream in = where.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Fills the gaps of a template in one go: what is filled in is never taken for a gap. */
    public static String filled(String template, Map<String, String> parts) {
        return GAP.matcher(template).replaceAll(m -> Matcher.quoteReplacement(parts.get(m.group(1))));
    }
}
