package wildchalk.desktop.show;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Dose;
import wildchalk.core.measure.TimeFormat;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.GameWords;
import wildchalk.core.script.ReadWords;
import wildchalk.core.script.RotationWords;
import wildchalk.core.script.Script;
import wildchalk.core.script.SecondPerson;
import wildchalk.core.show.Stop;
import wildchalk.core.show.Stop.Kind;
import wildchalk.core.show.Subtitles;
import wildchalk.core.show.Tour;

/** The words that go with what is shown. */
final class Captions {

    private Captions() {}

    /** What happens from a stop on: the line of the script for the beat that begins there, or is under way. */
    static String of(Tour tour, Unit unit, Optional<String> followed) {
        if (tour.stop().kind() == Kind.END) {
            return "That is one rep: " + TimeFormat.seconds(tour.timeline().duration()) + "."
                    + goes(tour, unit).stream().map(w -> " " + w).collect(Collectors.joining())
                    + (tour.rung().plan().climb().isBlank()
                            ? ""
                            : " Climb when " + tour.rung().plan().climbWords() + ".");
        }
        List<Script.Line> begun =
                Subtitles.at(script(tour, unit, followed), tour.stop().t());
        int outer = begun.stream().mapToInt(Script.Line::depth).min().orElse(0);
        // Where people are asked what to do nothing says what is done next.
        List<Script.Line> now = begun.stream()
                .filter(l -> tour.stop().kind() != Kind.FORK || l.depth() == outer)
                .toList();
        List<Script.Line> own = followed.map(f -> now.stream()
                        .filter(l -> SecondPerson.isAbout(l, tour.stage(), f))
                        .toList())
                .orElse(now);
        return own.isEmpty() && followed.isPresent()
                ? "You wait."
                : own.stream().map(l -> Subtitles.words(l, tour.stage())).collect(Collectors.joining("\n"));
    }

    /** Where everybody goes next, as far as it is said. */
    static List<String> goes(Tour tour, Unit unit) {
        Stage stage = tour.through().stage();
        RotationWords words = new RotationWords(stage, stage.marked(tour.drill().surface()), unit);
        return stage.instructions(Rotation.Goes.class).stream().map(words::of).toList();
    }

    private static Script script(Tour tour, Unit unit, Optional<String> followed) {
        return followed.map(f -> SecondPerson.write(
                        tour.stage(), tour.timeline(), tour.drill().surface(), unit, f))
                .orElseGet(() -> tour.through().script(unit));
    }

    /** "2 One who stays off", "You are 7". */
    static String title(Tour tour) {
        Drill drill = tour.drill();
        return drill.title() + "  ·  "
                + (drill.ladder().size() > 1
                        ? Ladder.signs(drill).get(tour.rung().id()) + " "
                                + tour.rung().title()
                        : tour.rung().title());
    }

    static String follows(Tour tour, Optional<String> followed) {
        return followed.flatMap(tour.stage()::person)
                .map(p -> "You are " + (p.label().isBlank() ? "this one" : p.label()))
                .orElse("");
    }

    /** What can be chosen with which digit: "1 shoot", "2 lay it off"; when it is right stands in the caption. */
    static List<String> options(Tour tour) {
        return tour.stop().kind() != Kind.FORK
                ? List.of()
                : tour.fork()
                        .map(r -> r.options().stream()
                                .map(o -> (r.options().indexOf(o) + 1) + "  "
                                        + ReadWords.option(tour.stage(), r, o).orElse("nothing drawn yet"))
                                .toList())
                        .orElse(List.of());
    }

    static String decides(Tour tour) {
        return tour.fork()
                .flatMap(r -> ReadWords.decider(tour.stage(), r))
                .map(l -> "What does " + l + " do?")
                .or(() -> tour.fork().flatMap(r -> tour.stage().action(r.who())).map(p -> GameWords.howItEnds()))
                .orElse("Who has it?");
    }

    /** What the next press goes on to, for the coach's own notes. */
    static String next(Tour tour, Unit unit) {
        if (tour.isLast()) {
            return "That was all.";
        }
        Tour next = tour.next();
        Stop stop = next.stop();
        return switch (stop.kind()) {
            case START -> "Rung " + Ladder.signs(next.drill()).get(next.rung().id()) + ": "
                    + next.rung().title()
                    + next.rung()
                            .plan()
                            .dose()
                            .map(Dose::words)
                            .map(l -> " (" + l + ")")
                            .orElse("");
            case QUESTION -> "Ask: " + next.freeze().map(f -> f.question()).orElse("");
            case ANSWER -> "The answer: " + next.freeze().map(f -> f.answer()).orElse("");
            case FORK -> decides(next) + " " + String.join(" / ", options(next));
            case BEAT, END -> of(next, unit, Optional.empty());
        };
    }
}
