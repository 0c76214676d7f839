package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Strike;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Numbers;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/**
 * What is said of hands and feet and of bodies: how a ball is struck, feints, what becomes of a tackle, who starts how.
 */
public final class BodyWords {

    /** The words of this. */
    static final Wordbook BOOK = Wordbook.beside(BodyWords.class, "Body");

    /** A feint this near to a piece is told by it, metres. */
    private static final double AT = 1.5;

    private final Stage stage;
    private final Surface surface;
    private final Unit unit;
    private final Words words;

    BodyWords(Stage stage, Surface surface, Unit unit, Words words) {
        this.stage = stage;
        this.surface = surface;
        this.unit = unit;
        this.words = words;
    }

    /** The hands, feet and sides of a stick that a ball is played with, nobody saying first. */
    public static List<Craft.Limb> limbs(String ball) {
        String key = "limbs." + ball;
        List<String> words = List.of(BOOK.say(BOOK.has(key) ? key : "limbs").split(" "));
        return Stream.of(Craft.Limb.values())
                .filter(l -> l == Craft.Limb.ANY || words.contains(Wordbook.key(l)))
                .toList();
    }

    private static String say(String key, Object... values) {
        return BOOK.say(key, values);
    }

    /** By a ball's own word where it has one: the forehand of one sport is the open side of another. */
    public static String limb(Craft.Limb limb, String ball) {
        String own = "limb." + Wordbook.key(limb) + "." + ball;
        return BOOK.say(BOOK.has(own) ? own : "limb." + Wordbook.key(limb));
    }

    /** " with the left foot, low to the right": all that is said of how a ball is struck; often nothing. */
    String of(Strike strike) {
        StringBuilder said = new StringBuilder();
        if (strike.limb() != Craft.Limb.ANY) {
            said.append(say("with", limb(strike.limb(), surface.ball())));
        }
        if (strike.takeoff() != Strike.Takeoff.USUAL) {
            said.append(say("takeoff." + Wordbook.key(strike.takeoff())));
        }
        if (strike.offBoard()) {
            boolean basket = surface.targets().stream().anyMatch(t -> t.shape() == Surface.Target.Shape.BASKET);
            said.append(say(basket ? "off.glass" : "off.post"));
        }
        return said.toString();
    }

    /** ", low to the left, at the pad": what it is aimed at besides where it goes; often nothing. */
    String of(Strike.Aim aim) {
        List<String> all = new ArrayList<>();
        if (aim.part() != Strike.Part.ANY) {
            all.add(say("part." + Wordbook.key(aim.part())));
        }
        if (aim.height() != Strike.Height.ANY) {
            all.add(say("height." + Wordbook.key(aim.height())));
        }
        if (aim.aside() != Strike.Aside.ANY) {
            all.add(say("aside." + Wordbook.key(aim.aside())));
        }
        return all.isEmpty() ? "" : say("aimed", String.join(" ", all));
    }

    /** What hands and feet do on a way: each thing by itself, with its comma. */
    List<String> of(Craft craft, List<Vec> line, double length) {
        List<String> all = new ArrayList<>();
        if (craft.limb() != Craft.Limb.ANY) {
            all.add(say("with", limb(craft.limb(), surface.ball())));
        }
        if (craft.rhythm() != Craft.Rhythm.USUAL) {
            all.add(say("rhythm." + Wordbook.key(craft.rhythm()), words.word("ball")));
        }
        craft.feints().stream()
                .filter(f -> !f.name().isBlank())
                .sorted((a, b) -> Double.compare(a.share(), b.share()))
                .forEach(f -> all.add(say("feint", article(f.name()), where(f, line, length))));
        return all;
    }

    private static String article(String name) {
        String first = name.strip().substring(0, 1).toLowerCase(Locale.ROOT);
        return say("aeiou".contains(first) ? "an" : "a", name.strip());
    }

    /** At what stands there, else how far on the way. */
    private String where(Craft.Feint feint, List<Vec> line, double length) {
        List<Vec> before = new Course(line).until(feint.share() * length);
        Vec at = before.get(before.size() - 1);
        Optional<Piece.Item> gear = stage.pieces().stream()
                .filter(p -> p instanceof Piece.Item && p.at().distance(at) <= AT)
                .map(Piece.Item.class::cast)
                .min((a, b) -> Double.compare(a.at().distance(at), b.at().distance(at)));
        if (gear.isPresent()) {
            return say("feint.at", words.name(gear.get()));
        }
        if (feint.share() < 0.15) {
            return say("feint.first");
        }
        if (feint.share() > 0.9) {
            return say("feint.last");
        }
        return Math.abs(feint.share() - 0.5) < 0.06
                ? say("feint.half")
                : say("feint.share", words.share(feint.share()));
    }

    /** What follows the verb of something done with the body. */
    String of(Act act, Moments moments) {
        String on = act.on()
                .flatMap(s -> s.namedPiece())
                .flatMap(id -> stage.person(id).map(p -> moments.name(id)).or(() -> gear(id)))
                .orElseGet(() -> act.on().isPresent() ? say("there") : "");
        String whom = on.isEmpty() ? "" : say("act.on." + (act.what() == Act.What.TAKE ? "take" : "any"), on);
        String tail = act.what() == Act.What.TAP_STICK ? say("with.stick") : "";
        return whom + tail + (act.then() == Act.Then.USUAL ? "" : then(act));
    }

    private Optional<String> gear(String id) {
        return stage.piece(id)
                .filter(Piece.Gear.class::isInstance)
                .map(p -> words.say("the", words.name((Piece.Gear) p)));
    }

    private String then(Act act) {
        return say("then." + Wordbook.key(act.then()), words.word("ball"));
    }

    /** What follows the verb of a start: against whom, and how long it is fought for. */
    String of(Contest contest, Moments moments) {
        String against =
                contest.against().stream().map(moments::name).collect(Collectors.joining(words.say("list.and")));
        StringBuilder said = new StringBuilder();
        if (!against.isEmpty()) {
            said.append(say("against", against));
        }
        if (contest.gets().size() == 1) {
            boolean own = contest.gets().get(0).equals(contest.who());
            said.append(
                    own
                            ? say("won.own", words.word("ball"))
                            : say("won", moments.name(contest.gets().get(0)), words.word("ball")));
        }
        return said.toString();
    }

    /** How far on some are. */
    static String of(Given.Ability ability, String who) {
        String level = ability.level()
                .map(l -> say("ability.level", EffortWords.of(l)))
                .orElse("");
        String pace = ability.pace() < 1 ? say("ability.pace", Math.round(ability.pace() * 100)) : "";
        String join = level.isEmpty() || pace.isEmpty() ? "" : say("ability.and");
        String all = level + join + pace;
        return say("ability", who, all.isEmpty() ? say("ability.as.all") : all);
    }

    /** What a number is for each age. */
    String of(Given.ByAge byAge, LimitWords limits, Moments moments) {
        String steps = byAge.steps().entrySet().stream()
                .map(e -> say("by.age.step", EffortWords.of(e.getKey()), number(byAge, e.getKey())))
                .collect(Collectors.joining(words.say("list.comma")));
        Optional<Limit.Count> limit = stage.instructions(Limit.Count.class).stream()
                .filter(l -> l.id().equals(byAge.of()))
                .findFirst();
        String what = limit.map(l -> say("by.age.limit", bare(limits.of(l))))
                .orElseGet(() -> say(
                        "by.age.distance",
                        stage.person(byAge.of())
                                .map(p -> moments.name(p.id()))
                                .or(() -> gear(byAge.of()))
                                .orElse(""),
                        byAge.from().map(this::from).orElse("")));
        return say("by.age", Sentence.capital(what), steps);
    }

    /** A sentence within another. */
    private static String bare(String sentence) {
        return Sentence.lower(sentence.endsWith(".") ? sentence.substring(0, sentence.length() - 1) : sentence);
    }

    private String from(String id) {
        return stage.person(id)
                .map(words::name)
                .or(() -> gear(id))
                .or(() -> surface.target(id).map(t -> words.say("the", t.name())))
                .orElse(id);
    }

    private String number(Given.ByAge byAge, Effort.Level level) {
        double number = byAge.steps().get(level);
        return byAge.from().isPresent() ? unit.exact(number) : Numbers.plain(number);
    }

    /** "gets up and" before what somebody does who is down. */
    static String getsUp() {
        return say("gets.up");
    }

    /** ", which holds 11 up" */
    static String holdsUp(String who) {
        return say("holds.up", who);
    }

    /** Whom something that is thrown, swapped or kept is about. */
    String of(Action.Handle handle, Moments moments) {
        String piece = stage.piece(handle.piece())
                .filter(Piece.Gear.class::isInstance)
                .map(p -> words.say("handled", words.name((Piece.Gear) p)))
                .orElse("");
        String to = handle.to()
                .flatMap(s -> s.namedPiece())
                .map(id -> stage.person(id)
                        .map(p -> moments.name(id))
                        .or(() -> gear(id))
                        .orElse(""))
                .map(n -> say("handle." + Wordbook.key(handle.deed()), n))
                .orElse("");
        return piece + to;
    }
}
