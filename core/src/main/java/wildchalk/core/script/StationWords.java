package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Numbers;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Beat;

/** Tells a stage station by station: whoever runs one reads only their own part. */
final class StationWords {

    private final Stage stage;
    private final Words words;

    StationWords(Stage stage, Surface surface) {
        this.stage = stage;
        this.words = new Words(surface);
    }

    /**
     * What is told together.
     *
     * @param heading empty when it needs none
     * @param people ids of those it is about
     */
    record Group(String heading, Set<String> people, Stage stage) {

        /** As much of a beat as is about these people. */
        Optional<Beat> of(Beat beat) {
            List<String> mine = beat.actions().stream()
                    .filter(id -> stage.action(id)
                            .map(Action::who)
                            .filter(people::contains)
                            .isPresent())
                    .toList();
            return mine.isEmpty() ? Optional.empty() : Optional.of(new Beat(beat.n(), beat.t(), mine));
        }
    }

    /** Each station in order, then whoever is in none. */
    List<Group> groups() {
        List<Group> groups = new ArrayList<>();
        Set<String> others = stage.people().stream().map(Piece::id).collect(Collectors.toSet());
        for (Piece.Station station : stage.stations()) {
            Set<String> here = stage.people().stream()
                    .filter(p -> stage.stationOf(p).filter(station::equals).isPresent())
                    .map(Piece::id)
                    .collect(Collectors.toSet());
            others.removeAll(here);
            groups.add(new Group(heading(station), here, stage));
        }
        groups.add(new Group(groups.isEmpty() ? "" : words.say("station.none"), others, stage));
        return groups;
    }

    private String heading(Piece.Station station) {
        String name = words.say("station.number", station.number());
        String titled = station.title().isBlank() ? name : name + " · " + station.title();
        return station.minutes() > 0
                ? titled + " · " + words.say("station.minutes", Numbers.plain(station.minutes()))
                : titled;
    }

    /** How groups go from station to station, in a sentence. */
    Optional<Script.Phrase> movingOn() {
        List<String> numbers =
                stage.stations().stream().map(s -> Integer.toString(s.number())).toList();
        if (numbers.size() < 2) {
            return Optional.empty();
        }
        return stage.instructions(Instruction.MoveOn.class).stream().findFirst().map(how -> {
            String text = how.way() == Instruction.Way.ONE_WAY
                    ? words.say("station.one.way", String.join(" → ", numbers) + " → " + numbers.get(0))
                    : words.say("station.alternating", pairs(numbers, 0))
                            + (numbers.size() < 3
                                    ? ""
                                    : " " + words.say("station.alternating.then", pairs(numbers, 1)));
            return new Script.Phrase(text, Script.Part.SAID, "", how.id());
        });
    }

    private String pairs(List<String> numbers, int from) {
        List<String> pairs = new ArrayList<>();
        for (int i = from; i < numbers.size() && (i + 1 < numbers.size() || from == 1); i += 2) {
            pairs.add(numbers.get(i) + " ⇄ " + numbers.get((i + 1) % numbers.size()));
        }
        return String.join(", ", pairs);
    }
}
