package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import wildchalk.core.casting.Role;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.Flow;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.script.Counts;
import wildchalk.core.surface.Surface;

/**
 * What is worked out of a drill for those who plan an evening with it. What its rungs are is kept: to ask the same one
 * again for other people costs little. Not for several threads at one time.
 */
public final class DrillWork {

    private final Drill drill;
    private final Surface surface;
    private final int handful;
    private final Map<String, Stage> stages;
    private final Map<String, RungWork> rungs = new HashMap<>();
    private final Map<Asked, Needs> known = new HashMap<>();

    /** How it is played, and by how many. */
    private record Asked(Content.Play play, int people) {}

    /** @param handful cones that fit in a hand */
    public DrillWork(Drill drill, int handful) {
        this.drill = drill;
        this.surface = drill.surface();
        this.handful = handful;
        this.stages = Ladder.all(drill);
    }

    /**
     * What a block of it takes.
     *
     * @param people who play it, all copies together; 0 where nobody knows
     */
    public Needs of(Content.Play play, int people) {
        return known.computeIfAbsent(new Asked(play, people), a -> workedOut(a.play(), a.people()));
    }

    private Needs workedOut(Content.Play play, int people) {
        List<Content.Climb> climbs =
                play.climbs().stream().filter(c -> stages.containsKey(c.rung())).toList();
        if (climbs.isEmpty()) {
            climbs = List.of(Content.Climb.of(drill.ladder().get(0).id()));
        }
        Together together = new Together(play.copies());
        boolean timed = climbs.stream().allMatch(c -> c.minutes() > 0);
        for (Content.Climb climb : climbs) {
            RungWork rung = rungs.computeIfAbsent(climb.rung(), this::rung);
            together.add(rung, rung.played(people, play.copies()), timed ? climb.minutes() : 1);
        }
        return together.needs(drill, surface);
    }

    /**
     * What becomes of so many people on a rung, person by person, for some minutes of it.
     *
     * @param rung its id; that of none is taken for the lowest
     */
    public Flow flow(String rung, int people, int copies) {
        return rungs.computeIfAbsent(known(rung), this::rung).flow(people, copies);
    }

    /** Its people as they stand on a rung. */
    public List<Role> roles(String rung) {
        return Role.of(stages.get(known(rung)), surface);
    }

    private String known(String rung) {
        return stages.containsKey(rung) ? rung : drill.ladder().get(0).id();
    }

    private RungWork rung(String id) {
        return new RungWork(stages.get(id), surface, Ladder.dose(drill, id), handful);
    }

    /** Rungs that are played one after another, with the same people. */
    private static final class Together {

        private final int copies;
        private final Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
        private final Set<Bib> bibs = EnumSet.noneOf(Bib.class);
        private final Map<Skill, Double> skills = new EnumMap<>(Skill.class);
        private final List<String> words = new ArrayList<>();
        private final List<Needs.Work> works = new ArrayList<>();
        private final List<Integer> weights = new ArrayList<>();
        private int fewest;
        private int keepers;
        private int balls;
        private double settingOut;
        private double saying;
        private Optional<Box> ground = Optional.empty();
        private Reach reach = Reach.NONE;
        private boolean contact;

        Together(int copies) {
            this.copies = copies;
        }

        void add(RungWork rung, RungWork.Played played, int weight) {
            rung.gear().forEach((kind, n) -> gear.merge(kind, n * copies, Math::max));
            bibs.addAll(rung.bibs());
            fewest = Math.max(fewest, rung.fewest() * copies);
            keepers = Math.max(keepers, rung.keepers() * copies);
            balls = Math.max(balls, played.balls());
            settingOut = Math.max(settingOut, copies * rung.settingOut());
            // The next rung is said as they climb.
            saying = works.isEmpty() ? rung.saying() : saying;
            ground = Optional.of(ground.map(g -> g.with(rung.ground())).orElse(rung.ground()));
            reach = reach.and(rung.reach());
            rung.skills().forEach((skill, share) -> skills.merge(skill, share * weight, Double::sum));
            contact |= rung.contact();
            words.add(rung.words());
            works.add(played.work());
            weights.add(weight);
        }

        private double middle(ToDoubleFunction<Needs.Work> of) {
            double sum = 0;
            double all = 0;
            for (int i = 0; i < works.size(); i++) {
                sum += of.applyAsDouble(works.get(i)) * weights.get(i);
                all += weights.get(i);
            }
            return sum / all;
        }

        private Needs.Work work() {
            return new Needs.Work(
                    middle(Needs.Work::metres),
                    middle(Needs.Work::sprints),
                    middle(Needs.Work::touches),
                    middle(Needs.Work::busy),
                    middle(Needs.Work::going),
                    works.stream().mapToDouble(Needs.Work::longestWait).max().orElse(0),
                    new Needs.Turning(middle(w -> w.turning().left()), middle(w -> w.turning()
                            .right())));
        }

        private Needs.Footing footing(Drill drill, Surface surface) {
            Box box = ground.orElse(new Box(0, 0, 0, 0));
            // Copies stand side by side along their shorter side.
            boolean along = box.width() <= box.height();
            Vec next = along ? new Vec(box.width(), 0) : new Vec(0, box.height());
            List<Vec> shifts = IntStream.range(0, copies)
                    .mapToObj(i -> next.times(i - (copies - 1) / 2.0))
                    .toList();
            Reach all = shifts.stream()
                    .map(s -> reach.at(p -> p.minus(box.centre()).plus(s)))
                    .reduce(Reach.NONE, Reach::and);
            return new Needs.Footing(
                    drill.venue().surface(),
                    box.centre(),
                    along ? box.width() * copies : box.width(),
                    along ? box.height() : box.height() * copies,
                    new Content.Area(surface.length(), surface.width()),
                    shifts,
                    all);
        }

        Needs needs(Drill drill, Surface surface) {
            double all =
                    skills.values().stream().mapToDouble(Double::doubleValue).sum();
            skills.replaceAll((skill, share) -> share / all);
            words.add(drill.title());
            words.addAll(drill.points());
            return new Needs(
                    fewest,
                    keepers,
                    new Needs.Kit(gear, balls, Counts.ball(surface), bibs, settingOut),
                    saying,
                    work(),
                    footing(drill, surface),
                    new Needs.About(skills, contact, String.join(" ", words)));
        }
    }

    /** What a block takes of drills that are known by their ids; empty for one that is not among them. */
    public static Optional<Needs> of(Map<String, DrillWork> drills, Block block, Company company) {
        return block.play().findFirst().flatMap(p -> Optional.ofNullable(
                        drills.get(p.drill().id()))
                .map(d -> d.of(p, company.in(block.group()))));
    }
}
