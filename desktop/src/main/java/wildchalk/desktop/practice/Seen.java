package wildchalk.desktop.practice;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.drill.Venue;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Makeup;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.check.PracticeCheck;
import wildchalk.core.practice.check.PracticeCheck.Worked;
import wildchalk.core.setout.SetOut;

/**
 * What was worked out of an evening.
 *
 * @param known what its drills take, by how they are played and by how many
 * @param rounds how groups go round blocks, by their ids
 */
record Seen(
        Worked worked,
        List<Finding<Practice>> findings,
        Makeup makeup,
        Makeup.Bring bring,
        Map<Asked, Needs> known,
        Map<String, GoingRound> rounds) {

    /** A drill as it is played in a block, and how many play it. */
    record Asked(Content.Play play, int people) {}

    /** What drills take that are known, for blocks of a company. */
    static KnownNeeds needs(Map<Asked, Needs> known, Company company) {
        return block -> block.play()
                .findFirst()
                .flatMap(p -> Optional.ofNullable(known.get(new Asked(p, company.in(block.group())))));
    }

    /**
     * Works evenings out, one after another: what it has worked out of a drill it keeps. Beside the window's thread.
     */
    static final class Worker {

        private final Map<Content.Planned, DrillWork> drills = new HashMap<>();

        /** @param venue what it is on; empty where nothing is known of it */
        Seen see(Practice evening, Fetched fetched, Optional<Venue> venue) {
            Map<Asked, Needs> known = new HashMap<>();
            evening.blocks().stream().flatMap(Block::all).forEach(b -> b.play()
                    .forEach(p -> Optional.ofNullable(fetched.drills().get(p.drill()))
                            .map(d -> drills.computeIfAbsent(p.drill(), k -> new DrillWork(d, SetOut.USUAL_HANDFUL)))
                            .ifPresent(work -> known.computeIfAbsent(
                                    new Asked(p, evening.company().in(b.group())), a -> work.of(p, a.people())))));
            KnownNeeds needs = needs(known, evening.company());
            Worked worked = Worked.of(evening, needs, fetched.around().on(venue));
            return new Seen(
                    worked,
                    PracticeCheck.all(worked),
                    Makeup.of(worked.plan(), needs),
                    Makeup.bring(worked.plan(), needs),
                    Map.copyOf(known),
                    rounds(evening, needs));
        }

        private static Map<String, GoingRound> rounds(Practice evening, KnownNeeds needs) {
            Map<String, GoingRound> rounds = new HashMap<>();
            evening.blocks()
                    .forEach(b -> GoingRound.of(b, evening.company(), needs).ifPresent(r -> rounds.put(b.id(), r)));
            return Map.copyOf(rounds);
        }
    }
}
