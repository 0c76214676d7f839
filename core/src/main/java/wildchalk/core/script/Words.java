package wildchalk.core.script;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Colour;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PieceCases;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.surface.Surface;

/** The words of the script: from the bundle, and where the surface has its own, the surface's. */
final class Words {

    private static final ResourceBundle BUNDLE =
            ResourceBundle.getBundle("wildchalk.core.script.Script", Locale.ENGLISH);

    /** Taking a pattern apart costs more than filling it in, and a format is for one thread at a time. */
    private static final Map<String, MessageFormat> FORMATS = new ConcurrentHashMap<>();

    /** A label so short is a name. */
    private static final int SHORT = 3;
    /** What is written on an area in so few words is its name. */
    private static final int SIGN = 2;

    private final Surface surface;
    private final ActionCases<String> verb = new ActionCases<>() {
        @Override
        public String run(Travel.Run run) {
            return word(run.gait().name().toLowerCase(Locale.ROOT));
        }

        @Override
        public String carry(Travel.Carry carry) {
            return word("carry");
        }

        @Override
        public String collect(Travel.Collect collect) {
            return word(collect.gait().name().toLowerCase(Locale.ROOT));
        }

        @Override
        public String pass(Action.Pass pass) {
            return pass.manner() == Action.Manner.FLAT ? word("pass") : say("verb." + key(pass.manner()), word("ball"));
        }

        @Override
        public String shot(Action.Shot shot) {
            return word("shoot");
        }

        @Override
        public String shadow(Action.Shadow shadow) {
            return say("verb." + key(shadow.way()));
        }

        @Override
        public String hold(Action.Hold hold) {
            boolean turns = hold.stance() == Action.Hold.Stance.TURN && hold.turn() != Action.Hold.Turn.SHORTER;
            return say("verb." + key(turns ? hold.turn() : hold.stance()));
        }

        @Override
        public String call(Action.Call call) {
            return say("verb.call");
        }

        @Override
        public String blow(Action.Blow blow) {
            return say("verb.blow");
        }

        @Override
        public String handle(Action.Handle handle) {
            return say("verb." + key(handle.deed()));
        }
    };
    /** What things are called that have no label. */
    private final PieceCases<String> nameless = new PieceCases.Families<>() {
        @Override
        public String person(Piece.Person person) {
            return say("who.person");
        }

        @Override
        public String goalkeeper(Piece.Goalkeeper goalkeeper) {
            return say("who.keeper");
        }

        @Override
        public String coach(Piece.Coach coach) {
            return say("who.coach");
        }

        @Override
        public String item(Piece.Item item) {
            String name = say("gear." + key(item.kind()), colour(item.colour()));
            if (item.label().isBlank()) {
                return name;
            }
            // A letter or a number is its name; whatever is longer is written on it.
            return item.label().length() <= SHORT ? name + " " + item.label() : say("gear.named", name, item.label());
        }

        @Override
        public String supply(Piece.Supply supply) {
            return word("balls");
        }

        @Override
        public String ball(Piece.Ball ball) {
            return word("ball");
        }

        @Override
        public String note(Piece.Note note) {
            return note.text();
        }

        @Override
        public String tape(Piece.Tape tape) {
            return PieceWords.name(tape);
        }

        @Override
        public String area(Piece.Area area) {
            return PieceWords.name(area);
        }
    };

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
        return action.match(verb);
    }

    /** "the left circle"; what somebody has written on an area in several words is quoted. */
    String zone(Stage stage, Surface marked, String id) {
        String name = marked.zone(id).map(Surface.Zone::name).orElse(id);
        boolean written = stage.piece(id)
                .filter(p -> p instanceof Piece.Zone z && z.label().strip().split(" ").length > SIGN)
                .isPresent();
        return written ? say("zone.named", name) : say("the", name);
    }

    /** "a third", "three quarters": the nearest that people say, of a share over 0 and under 1. */
    String share(double share) {
        double quarters = share * 4;
        boolean quarter = Math.abs(quarters - Math.rint(quarters)) < 0.1 && Math.rint(quarters) % 2 == 1;
        long tenths = Math.max(1, Math.min(9, Math.round(share * 10)));
        return say("share." + (quarter ? Math.round(quarters) * 25 : tenths));
    }

    /** "two"; from eleven on in figures. */
    String number(int n) {
        return n >= 1 && n <= 10 ? say("number." + n) : Integer.toString(n);
    }

    String name(Piece.Person person) {
        if (!person.label().isBlank()) {
            return person.label();
        }
        return person.match(nameless);
    }

    /** Without an article: "yellow cone", "net". */
    String name(Piece.Gear gear) {
        return gear.match(nameless);
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
