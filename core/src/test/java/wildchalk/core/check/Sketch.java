package wildchalk.core.check;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Sending;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.drill.Whom;
import wildchalk.core.effort.Dose;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;

/** A drill written down in a few short lines, for tests: a piece or an action a line. Actions are called 1, 2, 3. */
final class Sketch {

    private final String title;
    private final List<Piece> pieces = new ArrayList<>();
    private final List<Action> actions = new ArrayList<>();
    private final List<String> points = new ArrayList<>();
    private final List<String> cautions = new ArrayList<>();
    private final List<Instruction> said = new ArrayList<>();
    private Optional<Conditions.Tonight> tonight = Optional.empty();
    private String surface = "";
    private String[] settings = {};

    Sketch(String title) {
        this.title = title;
    }

    void line(String line) {
        String[] w = line.split("\\s+");
        switch (w[0]) {
            case "on" -> {
                surface = w[1];
                settings = w;
            }
            case "point" -> points.add(line.substring(6));
            case "caution" -> cautions.add(line.substring(8));
            case "run", "carry", "collect" -> actions.add(travel(w, line));
            case "pass", "shot" -> actions.add(delivery(w));
            case "chase", "mark", "close" -> actions.add(shadow(w));
            case "read" -> said.add(read(w));
            case "freeze" -> said.add(new Instruction.Freeze(w[1], cue(w, 2), "Who is free?", ""));
            case "tonight" -> tonight = Optional.of(tonight(w));
            case "goes" -> said.add(
                    new Rotation.Goes("g" + said.size(), w[1], new Rotation.Becomes(w[2], false), Optional.empty()));
            case "lying" -> said.add(new Given.Starts("k" + said.size(), Whom.one(w[1]), Given.Low.LYING));
            case "tackle" -> actions.add(Act.of(id(), w[1], Act.What.TACKLE, Optional.of(Spot.at(w[3])), cue(w, 4)));
            case "throw" -> actions.add(new Action.Handle(
                    id(), w[1], w[2], Action.Handle.Deed.THROW, Optional.of(Spot.at(w[4])), cue(w, 5)));
            case "call" -> actions.add(new Action.Call(id(), w[1], w[2], cue(w, 3)));
            default -> pieces.add(piece(w));
        }
    }

    private static Instruction read(String[] w) {
        List<Instruction.Option> options = new ArrayList<>();
        for (int i = 3; i < w.length; i++) {
            String[] option = w[i].split(":");
            options.add(new Instruction.Option(
                    "o" + i, option[0], "", option.length > 1 ? List.of(option[1].split(",")) : List.of()));
        }
        return new Instruction.Read(w[1], w[2], options, Optional.empty());
    }

    private static Conditions.Tonight tonight(String[] w) {
        Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
        OptionalInt people = OptionalInt.empty();
        OptionalInt balls = OptionalInt.empty();
        for (int i = 1; i + 1 < w.length; i += 2) {
            int n = Integer.parseInt(w[i + 1]);
            switch (w[i]) {
                case "people" -> people = OptionalInt.of(n);
                case "balls" -> balls = OptionalInt.of(n);
                default -> gear.put(GearKind.valueOf(w[i].toUpperCase(Locale.ROOT)), n);
            }
        }
        return new Conditions.Tonight(people, balls, gear);
    }

    private String id() {
        return Integer.toString(actions.size() + 1);
    }

    private static double n(String[] w, int i, double usual) {
        return i < w.length ? Double.parseDouble(w[i]) : usual;
    }

    private static double turn(String[] w, int i, double usual) {
        return Math.toRadians(n(w, i, usual));
    }

    private static Bib bib(String word) {
        return Bib.valueOf(word.toUpperCase(Locale.ROOT));
    }

    private Piece piece(String[] w) {
        String id = w[1];
        if (w[0].equals("ball") && w.length == 3) {
            return new Piece.Ball(id, Vec.ZERO, Optional.of(w[2]));
        }
        Vec at = w[0].equals("named") ? Vec.ZERO : new Vec(n(w, 2, 0), n(w, 3, 0));
        return switch (w[0]) {
            case "player" -> new Piece.Player(id, at, turn(w, 5, 0), id, bib(w[4]));
            case "named" -> new Piece.Player(
                    id, new Vec(n(w, 3, 0), n(w, 4, 0)), 0, w[2].equals("_") ? "" : w[2], bib(w[5]));
            case "keeper" -> new Piece.Goalkeeper(id, at, turn(w, 5, 0), id, bib(w[4]));
            case "coach" -> new Piece.Coach(id, at, turn(w, 4, 0), id);
            case "line" -> new Piece.LineUp(id, at, turn(w, 6, 0), id, bib(w[4]), (int) n(w, 5, 3), "");
            case "ball" -> new Piece.Ball(id, at, Optional.empty());
            case "heap" -> new Piece.Supply(id, at, (int) n(w, 4, 6));
            case "station" -> station(w);
            default -> item(w, at);
        };
    }

    private Piece station(String[] w) {
        Vec from = new Vec(n(w, 2, 0), n(w, 3, 0));
        Vec to = new Vec(n(w, 4, 0), n(w, 5, 0));
        int number = 1
                + (int) pieces.stream().filter(Piece.Station.class::isInstance).count();
        return new Piece.Station(
                w[1],
                from.towards(to, 0.5),
                new Outline.Rectangle(Math.abs(to.x() - from.x()), Math.abs(to.y() - from.y()), 0),
                number,
                w[1],
                0);
    }

    private static Piece item(String[] w, Vec at) {
        GearKind kind = GearKind.valueOf(w[0].toUpperCase(Locale.ROOT).replace('-', '_'));
        Piece.Item item = Piece.Item.of(w[1], kind, at).turnedTo(turn(w, 4, 0));
        return w.length > 5 ? item.sized(n(w, 5, 1), item.depth()) : item;
    }

    private static Spot spot(String word) {
        if (word.equals("goal") || word.equals("own-goal")) {
            return new Spot.AtTarget(word);
        }
        return Spot.at(word);
    }

    private Action travel(String[] w, String line) {
        String after = line.substring(line.indexOf('>') + 1).strip();
        List<Spot> through = new ArrayList<>();
        String rest = after;
        if (w[0].equals("collect")) {
            through.add(Spot.at(w[3]));
        } else {
            Matcher m = Pattern.compile("(-?[\\d.]+) (-?[\\d.]+),?\\s*").matcher(rest);
            int end = 0;
            while (m.find() && m.start() == end) {
                through.add(Spot.at(Double.parseDouble(m.group(1)), Double.parseDouble(m.group(2))));
                end = m.end();
            }
            rest = after.substring(end);
        }
        String[] words = rest.split("\\s+");
        Going going = going(words);
        TravelPath path = new TravelPath(through, false);
        Action.Ending ending = Arrays.asList(words).contains("touch") ? Action.Ending.TOUCH : Action.Ending.GO_ON;
        return switch (w[0]) {
            case "run" -> new Travel.Run(id(), w[1], path, going, ending, cue(words, 0));
            case "carry" -> new Travel.Carry(id(), w[1], path, going, ending, cue(words, 0));
            default -> new Travel.Collect(id(), w[1], path, going, ending, cue(words, 0));
        };
    }

    private static Going going(String[] words) {
        Going going = Going.of(Action.Gait.RUN);
        for (int i = 0; i < words.length; i++) {
            switch (words[i]) {
                case "walk", "jog", "run", "sprint", "back", "side" -> going =
                        going.withGait(Action.Gait.valueOf(words[i].toUpperCase(Locale.ROOT)));
                case "half" -> going = going.paced(0.4);
                case "watching" -> {
                    boolean place = i + 2 < words.length && words[i + 1].matches("-?[\\d.]+");
                    going = going.watching(
                            place
                                    ? Spot.at(Double.parseDouble(words[i + 1]), Double.parseDouble(words[i + 2]))
                                    : spot(words[i + 1]));
                }
                default -> going = going.called(going.called());
            }
        }
        return going;
    }

    private Action delivery(String[] w) {
        boolean place = w[3].matches("-?[\\d.]+");
        Spot to = place ? Spot.at(n(w, 3, 0), n(w, 4, 0)) : spot(w[3]);
        Cue cue = cue(w, 4);
        if (w[0].equals("shot")) {
            return new Action.Shot(id(), w[1], to, Action.Touch.CONTROLLED, cue);
        }
        List<String> words = Arrays.asList(w);
        Sending sending = Sending.USUAL;
        if (words.contains("hard")) {
            sending = new Sending(Action.Manner.FLAT, Force.HARD, Optional.empty());
        } else if (words.contains("lob")) {
            sending = new Sending(Action.Manner.LOB, Force.USUAL, Optional.empty());
        } else if (words.contains("hand-off")) {
            sending = new Sending(Action.Manner.HAND_OFF, Force.USUAL, Optional.empty());
        }
        return new Action.Pass(id(), w[1], to, Action.Touch.CONTROLLED, sending, Optional.empty(), cue);
    }

    private Action shadow(String[] w) {
        Shadow.Way way =
                switch (w[0]) {
                    case "chase" -> Shadow.Way.CHASE;
                    case "mark" -> Shadow.Way.MARK;
                    default -> Shadow.Way.CLOSE_DOWN;
                };
        return new Shadow(
                id(),
                w[1],
                w[3],
                new Shadow.Style(way, Shadow.Side.ANY, n(w, 4, 1.5)),
                Action.Gait.SPRINT,
                Optional.empty(),
                cue(w, 5));
    }

    private Cue cue(String[] words, int from) {
        Cue cue = null;
        double delay = 0;
        for (int i = from; i < words.length; i++) {
            String w = words[i];
            if (w.equals("whistle")) {
                cue = Cue.whistle();
            } else if (w.startsWith("after:")) {
                cue = Cue.after(w.substring(6));
            } else if (w.startsWith("got:")) {
                cue = Cue.received(w.substring(4));
            } else if (w.startsWith("sent:")) {
                cue = new Cue(new Cue.Released(w.substring(5)), 0);
            } else if (w.startsWith("with:")) {
                cue = Cue.with(w.substring(5));
            } else if (w.startsWith("called:")) {
                cue = new Cue(new Cue.Called(w.substring(7)), 0);
            } else if (w.startsWith("+")) {
                delay = Double.parseDouble(w.substring(1));
            }
        }
        return (cue == null ? Cue.next() : cue).delayed(delay);
    }

    private Optional<String> setting(String name) {
        int i = Arrays.asList(settings).indexOf(name);
        return i >= 0 && i + 1 < settings.length ? Optional.of(settings[i + 1]) : Optional.empty();
    }

    /** What it is played in. */
    Conditions conditions() {
        Conditions conditions =
                new Conditions(Typical.Warmth.MILD, Arrays.asList(settings).contains("wet"), tonight);
        return setting("heat")
                .map(h -> conditions.in(Typical.Warmth.valueOf(h.toUpperCase(Locale.ROOT))))
                .orElse(conditions);
    }

    /** What stands and happens on its only rung. */
    Stage stage() {
        return new Stage("s1", "Start here", pieces, actions, said, Effort.LIVE);
    }

    /** All of it, with one rung. */
    Drill drill() {
        Drill empty = Drill.empty("d", title, surface, "whole");
        Effort effort = setting("age")
                .map(a -> empty.effort()
                        .with(Effort.Level.valueOf(a.toUpperCase(Locale.ROOT).replace('-', '_'))))
                .orElse(empty.effort());
        Drill drill = Ladder.put(empty.withEffort(effort).withNotes(points, List.of(), cautions), stage());
        return setting("dose")
                .map(minutes -> drill.withLadder(drill.ladder().stream()
                        .map(r -> r.planned(RungPlan.USUAL.with(Dose.read(minutes + " min"))))
                        .toList()))
                .orElse(drill);
    }
}
