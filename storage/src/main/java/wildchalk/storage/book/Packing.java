package wildchalk.storage.book;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;

/** Makes the text of an old version small (zlib): two hundred of them stay for every drill. */
public final class Packing {

    /** A drill is 8 MB at most; what says it is more is damaged. */
    private static final int LARGEST = 16 << 20;

    private Packing() {}

    static byte[] pack(String text) {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream out = new DeflaterOutputStream(packed)) {
            out.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException("memory cannot be written", e);
        }
        return packed.toByteArray();
    }

    /**
     * The text, whether it is packed or, in old books, plain.
     *
     * @throws IOException when it is damaged
     */
    public static String text(Object body) throws IOException {
        if (body instanceof byte[] packed) {
            try (InflaterInputStream in = new InflaterInputStream(new ByteArrayInputStream(packed))) {
                byte[] text = in.readNBytes(LARGEST);
                return new String(text, StandardCharsets.UTF_8);
            }
        }
        return String.valueOf(body);
    }
}
