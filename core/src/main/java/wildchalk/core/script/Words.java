package wildchalk.core.script;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Colour;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.surface.Surface;

/** The words of the script: from the bundle, and where the surface has its own, the surface's. */
final class Words {

    private static final ResourceBundle BUNDLE =
            ResourceBundle.getBundle("wildchalk.core.script.Script", Locale.ENGLISH);

    /** Taking a pattern apart costs more than filling it in, and a format is for one thread at a time. */
    private static final Map<String, MessageFormat> FORMATS = new ConcurrentHashMap<>();

    private final Surface surface;

    Words(Surface surface) {
        this.surface = surface;
    }

    String say(String key, Object... values) {
        // Surfaces call the other end's things "own"; somebody's own they are theirs.
        MessageFormat format = FORMATS.computeIfAbsent(key, k -> new MessageFormat(BUNDLE.getString(k)));
        synchronized (format) {
            return format.format(values).replace("the own ", "their own ");
        }
    }

    /** The sport's own word. */
    String word(String key) {
        return surface.words().getOrDefault(key, BUNDLE.getString("word." + key));
    }

    String verb(Action action) {
        if (action instanceof Action.Carry) {
            return word("carry");
        }
        if (action instanceof Action.Run run) {
            return word(run.gait().name().toLowerCase(Locale.ROOT));
        }
        if (action instanceof Action.Collect collect) {
            return word(collect.gait().name().toLowerCase(Locale.ROOT));
        }
        if (action instanceof Action.Pass pass) {
            boolean plain = pass.manner() == Action.Manner.FLAT;
            return plain ? word("pass") : say("verb." + key(pass.manner()), word("ball"));
        }
        if (action instanceof Action.Shadow shadow) {
            return say("verb." + key(shadow.way()));
        }
        if (action instanceof Action.Hold hold) {
            boolean turns = hold.stance() == Action.Hold.Stance.TURN && hold.turn() != Action.Hold.Turn.SHORTER;
            return say("verb." + key(turns ? hold.turn() : hold.stance()));
        }
        if (action instanceof Action.Handle handle) {
            return say("verb." + key(handle.deed()));
        }
        if (action instanceof Action.Blow) {
            return say("verb.blow");
        }
        return action instanceof Action.Call ? say("verb.call") : word("shoot");
    }

    /** "two"; from eleven on in figures. */
    String number(int n) {
        return n >= 1 && n <= 10 ? say("number." + n) : Integer.toString(n);
    }

    String name(Piece.Person person) {
        if (!person.label().isBlank()) {
            return person.label();
        }
        if (person instanceof Piece.Goalkeeper) {
            return say("who.keeper");
        }
        return say(person instanceof Piece.Coach ? "who.coach" : "who.person");
    }

    /** Without an article: "yellow cone", "net". */
    String name(Piece.Gear gear) {
        if (gear instanceof Piece.Item item) {
            String name = say("gear." + key(item.kind()), colour(item.colour()));
            return item.label().isBlank() ? name : name + " " + item.label();
        }
        return word(gear instanceof Piece.Supply ? "balls" : "ball");
    }

    /** "9 cones" */
    String count(GearKind kind, int n) {
        return say("count." + key(kind), n);
    }

    String colour(Colour colour) {
        return say("colour." + colour.name().toLowerCase(Locale.ROOT));
    }

    private static String key(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
