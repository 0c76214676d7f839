package wildchalk.core.script;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.deed.Deed;
import wildchalk.core.deed.Deeds;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PieceCases;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** The words of the script: from the bundle, and where the surface has its own, the surface's. */
final class Words {

    /** The words of this room. */
    static final Wordbook BOOK = Wordbook.beside(Words.class, "Script");

    private static final String OWN = BOOK.say("own.surface");
    /** Whose own it is, told of somebody. */
    static final String THEIR_OWN = BOOK.say("own.theirs");

    /** A label so short is a name. */
    private static final int SHORT = 3;
    /** What is written on an area in so few words is its name. */
    private static final int SIGN = 2;

    private final Surface surface;
    private final ActionCases<String> verb = new ActionCases<>() {
        @Override
        public String run(Travel.Run run) {
            return word(Wordbook.key(run.gait()));
        }

        @Override
        public String carry(Travel.Carry carry) {
            // Whoever has it in the hands dribbles no ball.
            return carry.going().craft().rhythm() == Craft.Rhythm.IN_HAND ? say("verb.in-hand") : word("carry");
        }

        @Override
        public String collect(Travel.Collect collect) {
            return word(Wordbook.key(collect.gait()));
        }

        @Override
        public String pass(Action.Pass pass) {
            return pass.manner() == Action.Manner.FLAT
                    ? word("pass")
                    : say("verb." + Wordbook.key(pass.manner()), word("ball"));
        }

        @Override
        public String shot(Action.Shot shot) {
            return word("shoot");
        }

        @Override
        public String shadow(Shadow shadow) {
            return say("verb." + Wordbook.key(shadow.way()));
        }

        @Override
        public String hold(Hold hold) {
            boolean turns = hold.stance() == Hold.Stance.TURN && hold.turn() != Hold.Turn.SHORTER;
            return say("verb." + Wordbook.key(turns ? hold.turn() : hold.stance()));
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
        public String playOn(PlayOn play) {
            return say("verb.play.on");
        }

        @Override
        public String handle(Action.Handle handle) {
            return say("verb." + Wordbook.key(handle.deed()));
        }

        @Override
        public String act(Act act) {
            return say("verb." + Wordbook.key(act.what()), word("ball"));
        }

        @Override
        public String contest(Contest contest) {
            return say("verb." + Wordbook.key(contest.start()), word("ball"));
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
            String name = say("gear." + Wordbook.key(item.kind()), colour(item.colour()));
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

    /** Labels that people of several teams have. */
    private final Set<String> doubled;

    Words(Surface surface) {
        this(surface, List.of());
    }

    /** @param people of whom something is told: whoever has the label of somebody in another team gets their team */
    Words(Surface surface, List<Piece.Person> people) {
        this.surface = surface;
        Map<String, Set<Bib>> teams = new HashMap<>();
        people.stream().filter(p -> p.isOnATeam() && !p.label().isBlank()).forEach(p -> teams.computeIfAbsent(
                        p.label(), l -> EnumSet.noneOf(Bib.class))
                .add(p.bib()));
        teams.values().removeIf(t -> t.size() == 1);
        this.doubled = Set.copyOf(teams.keySet());
    }

    String say(String key, Object... values) {
        // Surfaces call the other end's things "own"; somebody's own they are theirs.
        return BOOK.say(key, values).replace(OWN, THEIR_OWN);
    }

    /** The sport's own word. */
    String word(String key) {
        return surface.words().getOrDefault(key, BOOK.say("word." + key));
    }

    /** Whether people have the ball in a game; where nobody ever does it needs no words that it is played at once. */
    boolean isHeld() {
        return !surface.word("held", "").equals("never");
    }

    /** What somebody does: by the sport's own word for it, else by the general one. */
    String verb(Action action) {
        boolean deflects = action instanceof Action.Delivery d && d.touch() == Action.Touch.DEFLECTED;
        Optional<Deed> own = Deeds.called(surface.ball(), action);
        if (deflects && own.isEmpty()) {
            return say("verb.deflected", word("ball"));
        }
        return Deeds.called(surface.ball(), action).map(Deed::verb).orElseGet(() -> action.match(verb));
    }

    /** "the left circle"; what somebody has written on an area in several words is quoted. */
    String zone(Stage stage, Surface marked, String id) {
        return stage.piece(id)
                .filter(Piece.Zone.class::isInstance)
                .map(p -> zone((Piece.Zone) p))
                .orElseGet(
                        () -> say("the", marked.zone(id).map(Surface.Zone::name).orElse(id)));
    }

    /** The same of an area that was drawn. */
    String zone(Piece.Zone zone) {
        String name = PieceWords.name(zone);
        if (zone.label().strip().split(" ").length > SIGN) {
            return say("zone.named", name);
        }
        // What has a number is called by it: "lane 3", not "the lane 3".
        return Character.isDigit(name.charAt(name.length() - 1)) ? name : say("the", name);
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
        if (person.label().isBlank()) {
            return person.match(nameless);
        }
        if (NextInLine.line(person.id()).isPresent()) {
            return person.label();
        }
        return doubled.contains(person.label()) && person.isOnATeam()
                ? say("who.of.team", bib(person.bib()), person.label())
                : person.label();
    }

    /** Without an article: "yellow cone", "net". */
    String name(Piece.Gear gear) {
        return gear.match(nameless);
    }

    /** "9 cones" */
    String count(GearKind kind, int n) {
        return say("count." + Wordbook.key(kind), n);
    }

    String bib(Bib bib) {
        return say("bib." + Wordbook.key(bib));
    }

    String colour(Colour colour) {
        return say("colour." + Wordbook.key(colour));
    }
}
