package wildchalk.handout.paint;

import java.util.Locale;

/** Text and numbers in SVG and HTML, where nothing that a coach wrote may be taken for anything but text. */
public final class Markup {

    private Markup() {
    }

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
        return c == '\t' || c == '\n' || c == '\r' || c >= 0x20 && c <= 0xD7FF || c >= 0xE000 && c <= 0xFFFD || c >= 0x10000;
    }

    /** An id for an element: letters, digits and a few signs. */
    public static String id(String kind, String id) {
        return kind + "-" + id.replaceAll("[^A-Za-z0-9_.-]", "_");
    }

    /** A number in as few signs as it needs. */
    public static String number(double n, int decimals) {
        double factor = Math.pow(10, decimals);
        double rounded = Math.round(n * factor) / factor;
        if (rounded == Math.rint(rounded)) {
            return Long.toString((long) rounded);
        }
        String all = String.format(Locale.ROOT, "%." + decimals + "f", rounded).replaceAll("0+$", "");
        return all.startsWith("0.") ? all.substring(1) : all.startsWith("-0.") ? "-" + all.substring(2) : all;
    }
}
