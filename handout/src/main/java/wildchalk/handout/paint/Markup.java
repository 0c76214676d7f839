package wildchalk.handout.paint;

/** Text and numbers in SVG and HTML, where nothing that a coach wrote may be taken for anything but text. */
public final class Markup {

    private static final long[] FACTORS = {1, 10, 100, 1000, 10_000};

    private Markup() {}

    /** Text as it may stand between tags or in double quotes; signs that are no text in XML become question marks. */
    public static String text(String words) {
        StringBuilder out = new StringBuilder(words.length() + 16);
        words.codePoints().forEach(c -> {
            switch (c) {
                case '<' -> out.append("&lt;");
                case '>' -> out.append("&gt;");
                case '&' -> out.append("&amp;");
                case '"' -> out.append("&quot;");
                case '\'' -> out.append("&#39;");
                default -> out.appendCodePoint(isXml(c) ? c : 0xFFFD);
            }
        });
        return out.toString();
    }

    /** Whether a sign may stand in an XML document at all. */
    private static boolean isXml(int c) {
        return c == '\t'
                || c == '\n'
                || c == '\r'
                || c >= 0x20 && c <= 0xD7FF
                || c >= 0xE000 && c <= 0xFFFD
                || c >= 0x10000;
    }

    /** An id for an element: letters, digits and a few signs. */
    public static String id(String kind, String id) {
        return kind + "-" + id.replaceAll("[^A-Za-z0-9_.-]", "_");
    }

    /** A number in as few signs as it needs; up to 4 decimals. */
    public static String number(double n, int decimals) {
        // A page says tens of thousands of them: the usual formatting would take longer than all the rest.
        long factor = FACTORS[decimals];
        long scaled = Math.round(n * factor);
        long whole = Math.abs(scaled) / factor;
        long part = Math.abs(scaled) % factor;
        if (part == 0) {
            return Long.toString(scaled / factor);
        }
        StringBuilder out = new StringBuilder(12);
        out.append(scaled < 0 ? "-" : "")
                .append(whole == 0 ? "" : Long.toString(whole))
                .append('.');
        for (long place = factor / 10; part > 0; place /= 10) {
            out.append((char) ('0' + part / place));
            part %= place;
        }
        return out.toString();
    }
}
