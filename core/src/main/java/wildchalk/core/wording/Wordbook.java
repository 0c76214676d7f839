package wildchalk.core.wording;

import com.ibm.icu.text.MessageFormat;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The words of one file, each with a key. Where something is to be filled in they are patterns of ICU's
 * {@link MessageFormat}: {@code {0,plural,one{a ball}other{{0} balls}}}. May be used by several threads at once.
 */
public final class Wordbook {

    private final ResourceBundle bundle;
    /** Taking a pattern apart costs more than filling it in, and a format is for one thread at a time. */
    private final Map<String, MessageFormat> formats = new ConcurrentHashMap<>();

    private Wordbook(ResourceBundle bundle) {
        this.bundle = bundle;
    }

    /**
     * The words that stand beside a class under its name with another ending: {@code Naming} of
     * {@code Naming.properties}.
     *
     * @throws MissingResourceException when there is no such file
     */
    public static Wordbook beside(Class<?> where, String name) {
        return new Wordbook(
                ResourceBundle.getBundle(where.getPackageName() + "." + name, Locale.ENGLISH, where.getClassLoader()));
    }

    /**
     * Words with what is to be filled in, in the order of their places, counted from 0.
     *
     * @throws MissingResourceException when there is nothing of this key
     */
    public String say(String key, Object... values) {
        String pattern = bundle.getString(key);
        if (pattern.indexOf('{') < 0) {
            return pattern;
        }
        MessageFormat format = formats.computeIfAbsent(key, k -> new MessageFormat(pattern, Locale.ENGLISH));
        synchronized (format) {
            return format.format(values);
        }
    }

    /** What stands for a constant in keys: {@code half-pace} for {@code HALF_PACE}. */
    public static String key(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether there is something of this key. */
    public boolean has(String key) {
        return bundle.containsKey(key);
    }
}
