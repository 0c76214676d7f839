package wildchalk.core.otherwise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.edit.GameEdits;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/**
 * What whoever is chosen could do besides, each by its name: with the body, with the ball, with gear in their hands,
 * and the starts that the sport has. What is rare is found here and nowhere else.
 *
 * @param cue what sets off what somebody does next
 */
public record Offers(String rung, Stage stage, Surface surface, Function<String, Cue> cue) {

    private static final Wordbook BOOK = Wordbook.beside(Offers.class, "Offers");

    /** How long a screen or a held place lasts where nobody says, seconds; assumed. */
    private static final double STANDS = 2;
    /** How near somebody is whose body is meant, metres; assumed. */
    private static final double BODY = 0.7;
    /** How far off in front or behind where nobody says, metres; assumed. */
    private static final double OFF = 3;

    /** All for those who are chosen; none where nobody is. */
    public List<Offer> all(Set<String> chosen) {
        List<Piece.Person> people =
                stage.people().stream().filter(p -> chosen.contains(p.id())).toList();
        List<Offer> all = new ArrayList<>();
        if (people.size() == 1) {
            alone(people.get(0), all);
            withOthers(people.get(0), all);
            withGear(people.get(0), all);
        }
        starts(people, all);
        howTheyStart(people, all);
        return all;
    }

    private static String say(String key, Object... values) {
        return BOOK.say(key, values);
    }

    private void act(List<Offer> all, String words, Function<String, Action> made) {
        all.add(new Offer(words, GameEdits.act(rung, words, made)));
    }

    private void alone(Piece.Person person, List<Offer> all) {
        String who = person.id();
        Cue when = cue.apply(who);
        for (Act.What what : Act.What.values()) {
            if (what.about() == Act.About.NOBODY) {
                act(all, say(Wordbook.key(what), ball()), id -> Act.of(id, who, what, Optional.empty(), when));
            }
        }
        for (Hold.Stance stance : List.of(Hold.Stance.SCREEN, Hold.Stance.BOX_OUT, Hold.Stance.POST_UP)) {
            act(
                    all,
                    say("hold." + Wordbook.key(stance)),
                    id -> new Hold(id, who, stance, Optional.empty(), STANDS, Optional.empty(), when));
        }
    }

    private String ball() {
        return surface.word("ball", say("ball"));
    }

    private boolean hasStick() {
        return Set.of("puck", "hockey-ball", "lacrosse-ball").contains(surface.ball());
    }

    /** Those of other teams first. */
    private List<Piece.Person> others(Piece.Person person) {
        return stage.people().stream()
                .filter(p -> !p.id().equals(person.id()))
                .sorted(Comparator.comparing(p -> p.isOnATeam() && p.bib() == person.bib()))
                .toList();
    }

    private String name(Piece.Person person) {
        return PieceWords.name(person);
    }

    private void withOthers(Piece.Person person, List<Offer> all) {
        String who = person.id();
        Cue when = cue.apply(who);
        for (Piece.Person other : others(person)) {
            for (Act.What what : Act.What.values()) {
                boolean stick = what == Act.What.TAP_STICK && !hasStick();
                if (what.about() != Act.About.NOBODY && !stick) {
                    Optional<Spot> on = Optional.of(Spot.at(other.id()));
                    act(all, say(Wordbook.key(what), ball(), name(other)), id -> Act.of(id, who, what, on, when));
                }
            }
            for (Shadow.Way way : Shadow.Way.values()) {
                if (way != Shadow.Way.LANE) {
                    act(
                            all,
                            say("shadow." + Wordbook.key(way), name(other)),
                            id -> shadow(id, who, other.id(), new Shadow.Style(way, side(way), off(way)), when));
                }
            }
            lanes(person, other, when, all);
        }
    }

    private static Shadow.Side side(Shadow.Way way) {
        return way.isSided() ? Shadow.Side.GOAL : Shadow.Side.ANY;
    }

    private static double off(Shadow.Way way) {
        return switch (way) {
            case BODY_UP -> BODY;
            case IN_FRONT, BEHIND, DRIFT -> OFF;
            default -> Shadow.USUAL_DISTANCE;
        };
    }

    private static Shadow shadow(String id, String who, String whom, Shadow.Style style, Cue when) {
        return new Shadow(id, who, whom, style, Action.Gait.SPRINT, Optional.empty(), when);
    }

    /** The lanes between an opponent and those after them, and the goals. */
    private void lanes(Piece.Person person, Piece.Person other, Cue when, List<Offer> all) {
        if (!isAgainst(person, other)) {
            return;
        }
        boolean after = false;
        for (Piece.Person second : stage.people()) {
            if (after && isAgainst(person, second)) {
                lane(person, other, name(second), Spot.at(second.id()), when, all);
            }
            after |= second.id().equals(other.id());
        }
        surface.targets().forEach(t -> lane(person, other, t.name(), new Spot.AtTarget(t.id()), when, all));
    }

    private void lane(Piece.Person person, Piece.Person from, String name, Spot to, Cue when, List<Offer> all) {
        Shadow.Style style = new Shadow.Style(Shadow.Way.LANE, Shadow.Side.ANY, Shadow.USUAL_DISTANCE, Optional.of(to));
        act(all, say("shadow.lane", name(from), name), id -> shadow(id, person.id(), from.id(), style, when));
    }

    private static boolean isAgainst(Piece.Person one, Piece.Person other) {
        return one.isOnATeam() && other.isOnATeam() && one.bib() != other.bib();
    }

    private void withGear(Piece.Person person, List<Offer> all) {
        String who = person.id();
        Cue when = cue.apply(who);
        for (Piece piece : stage.pieces()) {
            if (piece instanceof Piece.Item item) {
                String gear = PieceWords.among(stage, item);
                Optional<Spot> on = Optional.of(Spot.at(item.id()));
                act(all, say("tap.gear", gear), id -> Act.of(id, who, Act.What.TAP, on, when));
                if (hasStick()) {
                    act(all, say("tap-stick.gear", gear), id -> Act.of(id, who, Act.What.TAP_STICK, on, when));
                }
                for (Action.Handle.Deed deed : Action.Handle.Deed.values()) {
                    handled(person, item, deed, gear, when, all);
                }
            }
        }
    }

    private void handled(
            Piece.Person person, Piece.Item item, Action.Handle.Deed deed, String gear, Cue when, List<Offer> all) {
        boolean needs = deed == Action.Handle.Deed.THROW || deed == Action.Handle.Deed.SWAP;
        if (!needs) {
            act(
                    all,
                    say("handle." + Wordbook.key(deed), gear),
                    id -> new Action.Handle(id, person.id(), item.id(), deed, when));
            return;
        }
        for (Piece.Person other : others(person)) {
            act(
                    all,
                    say("handle." + Wordbook.key(deed), gear, name(other)),
                    id -> new Action.Handle(id, person.id(), item.id(), deed, Optional.of(Spot.at(other.id())), when));
        }
    }

    /** The starts of the sport: between two, or by one to another; more who are chosen are those who can get it. */
    private void starts(List<Piece.Person> chosen, List<Offer> all) {
        String key = "starts." + surface.ball();
        List<String> here = List.of(say(BOOK.has(key) ? key : "starts").split(" "));
        for (Contest.Start start : Contest.Start.values()) {
            if (here.contains(Wordbook.key(start)) || start == Contest.Start.PULL) {
                if (chosen.size() == 1) {
                    others(chosen.get(0)).forEach(o -> start(start, chosen.get(0), o, List.of(), all));
                } else if (chosen.size() > 1) {
                    among(start, chosen, all);
                }
            }
        }
    }

    private void among(Contest.Start start, List<Piece.Person> chosen, List<Offer> all) {
        for (Piece.Person one : chosen) {
            for (Piece.Person other : chosen) {
                boolean pair =
                        isAgainst(one, other) || isGiven(start) && !one.id().equals(other.id());
                if (pair && chosen.size() <= Contest.MOST + 2) {
                    List<Piece.Person> rest = chosen.stream()
                            .filter(p -> !p.id().equals(one.id()) && !p.id().equals(other.id()))
                            .toList();
                    start(start, one, other, rest, all);
                }
            }
        }
    }

    /** Whether one gives it to another, and nobody fights for it there. */
    private static boolean isGiven(Contest.Start start) {
        return switch (start) {
            case SERVE, TOSS, KICK_OFF, THROW_IN, HIT_OUT -> true;
            default -> false;
        };
    }

    private void start(
            Contest.Start start, Piece.Person one, Piece.Person other, List<Piece.Person> rest, List<Offer> all) {
        boolean given = isGiven(start);
        if (!given && !isAgainst(one, other) || given && other instanceof Piece.Coach) {
            return;
        }
        List<String> gets = new ArrayList<>();
        if (given) {
            gets.add(other.id());
        }
        rest.forEach(r -> gets.add(r.id()));
        if (gets.isEmpty()) {
            gets.addAll(List.of(one.id(), other.id()));
        }
        List<String> against = given ? List.of() : List.of(other.id());
        String names = rest.isEmpty()
                ? ""
                : say("gets", rest.stream().map(this::name).collect(Collectors.joining(say("comma"))));
        act(
                all,
                say("start." + Wordbook.key(start), name(one), name(other)) + names,
                id -> Contest.of(id, one.id(), start, against, gets, cue.apply(one.id())));
    }

    private void howTheyStart(List<Piece.Person> people, List<Offer> all) {
        if (people.isEmpty()) {
            return;
        }
        Whom whom = new Whom.People(people.stream().map(Piece::id).toList());
        String names = people.stream().map(this::name).collect(Collectors.joining(say("comma")));
        for (Given.Low low : Given.Low.values()) {
            String words = say("low." + Wordbook.key(low), names, ball());
            Function<String, Instruction> made = id -> new Given.Starts(id, whom, low);
            all.add(new Offer(words, GameEdits.say(rung, words, made)));
        }
    }
}
