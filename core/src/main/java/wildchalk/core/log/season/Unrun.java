package wildchalk.core.log.season;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import wildchalk.core.log.Entry;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;

/**
 * What was planned and never run.
 *
 * @param evenings practices whose day is over and of which there is no entry, in order of their days
 * @param drills of practices of which none was ever run, by title: those of evenings that are still to come are not
 *     over
 */
public record Unrun(List<Practice> evenings, List<Content.Planned> drills) {

    public Unrun {
        evenings = List.copyOf(evenings);
        drills = List.copyOf(drills);
    }

    /** Of some practices, up to a day. */
    public static Unrun of(List<Practice> practices, List<Entry> entries, LocalDate today) {
        Set<String> ran = entries.stream().map(e -> e.source().practice()).collect(Collectors.toSet());
        Set<String> played = entries.stream()
                .flatMap(e -> e.parts().stream())
                .flatMap(p -> p.drill().stream())
                .map(Content.Planned::id)
                .collect(Collectors.toSet());
        List<Practice> over = practices.stream()
                .filter(p -> p.slot().day().filter(d -> d.isBefore(today)).isPresent())
                .sorted(Comparator.comparing((Practice p) -> p.slot().day().orElseThrow())
                        .thenComparing(Practice::id))
                .toList();
        Map<String, Content.Planned> drills = new TreeMap<>();
        over.stream()
                .flatMap(p -> p.blocks().stream())
                .flatMap(Block::all)
                .flatMap(Block::play)
                .map(Content.Play::drill)
                .filter(d -> !played.contains(d.id()))
                .forEach(d -> drills.putIfAbsent(d.title() + " " + d.id(), d));
        return new Unrun(over.stream().filter(p -> !ran.contains(p.id())).toList(), List.copyOf(drills.values()));
    }
}
