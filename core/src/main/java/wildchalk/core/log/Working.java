package wildchalk.core.log;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.casting.Caster;
import wildchalk.core.casting.Casting;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Strain;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;

/**
 * Works out what those who were there did in a block. Who stood where is assumed: everybody begins where their position
 * fits, the others in the order of the list, moved on by one each evening, and moves on as the drill says.
 *
 * @param drills what is worked out of the drills, by how they were planned
 * @param squad whose evening it was; empty where that is not known
 * @param people ids of those who were there; empty ones for those of whom only the number is known
 * @param groups of them; none where nobody was divided
 * @param turn by how many the order is moved on
 */
record Working(
        Function<Content.Planned, Optional<DrillWork>> drills,
        Optional<Squad> squad,
        List<String> people,
        List<List<String>> groups,
        int turn) {

    private static final double MINUTE = 60;
    private static final double GRAIN = 10_000.0;

    /**
     * Some who are at a block for a share of its time.
     *
     * @param share 0 to 1
     */
    private record Crew(List<String> people, double share) {}

    /** A block by itself. */
    Optional<Work> alone(Block block, List<String> rungs) {
        List<String> who = groups.isEmpty() || block.group() < 1 || block.group() > groups.size()
                ? people
                : groups.get(block.group() - 1);
        return work(block, rungs, List.of(new Crew(who, 1)));
    }

    /** One of several that are on at one time. */
    Optional<Work> beside(Content.Beside all, int number) {
        List<List<String>> teams = groups.isEmpty() ? even(all.blocks().size()) : groups;
        Block block = all.blocks().get(number);
        List<Crew> crews;
        if (all.round().isPresent()) {
            crews = teams.stream()
                    .map(t -> new Crew(
                            t, 1.0 / Math.max(teams.size(), all.blocks().size())))
                    .toList();
        } else {
            int team = block.group() >= 1 ? block.group() - 1 : number;
            crews = List.of(new Crew(team < teams.size() ? teams.get(team) : List.of(), 1));
        }
        return work(block, block.play().flatMap(p -> p.rungs().stream()).toList(), crews);
    }

    private List<List<String>> even(int parts) {
        List<List<String>> all = new ArrayList<>();
        for (int i = 0; i < parts; i++) {
            all.add(people.subList(people.size() * i / parts, people.size() * (i + 1) / parts));
        }
        return all;
    }

    private Optional<Work> work(Block block, List<String> rungs, List<Crew> crews) {
        double there =
                crews.stream().mapToDouble(c -> c.people().size() * c.share()).sum();
        double share = people.isEmpty() ? 1 : Math.min(1, there / people.size());
        Optional<Content.Play> play = block.play().findFirst();
        if (play.isEmpty()) {
            Needs.Work usual = Strain.usual(block);
            return usual.equals(Needs.Work.NONE)
                    ? Optional.empty()
                    : Optional.of(new Work(Map.of(), rounded(share), false, usual(crews, usual)));
        }
        return drills.apply(play.get().drill()).map(d -> played(d, play.get(), rungs, crews, share));
    }

    private static double rounded(double share) {
        return Math.round(share * GRAIN) / GRAIN;
    }

    private static List<Work.Each> usual(List<Crew> crews, Needs.Work usual) {
        Work.Each one = new Work.Each("", usual.busy(), usual.metres(), usual.sprints(), usual.touches(), 0);
        return crews.stream()
                .flatMap(c -> c.people().stream().map(id -> named(id, one.times(c.share()))))
                .toList();
    }

    private static Work.Each named(String id, Work.Each of) {
        return new Work.Each(id, of.busy(), of.metres(), of.sprints(), of.touches(), of.shots());
    }

    private Work played(DrillWork drill, Content.Play play, List<String> rungs, List<Crew> crews, double share) {
        List<String> climbed = rungs.isEmpty() ? List.of("") : rungs;
        List<Work.Each> each = new ArrayList<>();
        for (Crew crew : crews) {
            List<Work.Each> all = new ArrayList<>();
            for (String rung : climbed) {
                add(all, crew, rung, drill, play.copies(), crew.share() / climbed.size());
            }
            each.addAll(all);
        }
        Needs needs = drill.of(play.climbing(climbs(rungs)), people.size());
        Map<Skill, Double> skills = new EnumMap<>(Skill.class);
        needs.about().skills().forEach((skill, part) -> skills.put(skill, rounded(part)));
        return new Work(skills, rounded(share), needs.about().contact(), together(each));
    }

    private static List<Content.Climb> climbs(List<String> rungs) {
        return rungs.stream().map(Content.Climb::of).toList();
    }

    /** Somebody who is in it twice, such as on two rungs, is one. */
    private static List<Work.Each> together(List<Work.Each> each) {
        Map<String, Work.Each> known = new LinkedHashMap<>();
        List<Work.Each> unknown = new ArrayList<>();
        for (Work.Each one : each) {
            if (one.who().isEmpty()) {
                unknown.add(one);
            } else {
                known.merge(one.who(), one, Work.Each::and);
            }
        }
        List<Work.Each> all = new ArrayList<>(known.values());
        all.addAll(unknown);
        return all.stream().map(Work.Each::rounded).toList();
    }

    private void add(List<Work.Each> all, Crew crew, String rung, DrillWork drill, int copies, double share) {
        Flow flow = drill.flow(rung, crew.people().size(), copies);
        List<String> order = order(crew.people(), flow, drill, rung);
        List<Flow.Each> each = List.copyOf(flow.each().values());
        double minutes = flow.seconds() / MINUTE;
        for (int i = 0; i < each.size() && i < order.size(); i++) {
            Flow.Each one = each.get(i);
            Work.Each did = new Work.Each(
                            order.get(i),
                            one.seconds(Doing.BUSY) / MINUTE,
                            one.metres(),
                            one.sprints(),
                            one.touches(),
                            one.shots())
                    .times(share / minutes);
            if (order.get(i).isEmpty() && i < all.size()) {
                // Of whom nobody knows who they are, each is the same one on all rungs.
                all.set(i, all.get(i).and(did));
            } else {
                all.add(did);
            }
        }
    }

    /** Who has which letter: whoever plays a role in the first rep, then the others in order. */
    private List<String> order(List<String> ids, Flow flow, DrillWork drill, String rung) {
        List<Member> members = ids.stream()
                .flatMap(id -> squad.flatMap(s -> s.person(id)).stream())
                .toList();
        if (members.size() < ids.size() || ids.isEmpty()) {
            return ids;
        }
        List<Member> left = new ArrayList<>(members);
        Collections.rotate(left, turn);
        Map<String, String> byLetter = new LinkedHashMap<>();
        for (Flow.Rep rep : flow.reps()) {
            if (rep.n() == 1) {
                Casting casting = Caster.cast(drill.roles(rung), left, Caster.Way.POSITION, 0);
                rep.cast().forEach((role, letter) -> casting.front(role).ifPresent(who -> {
                    byLetter.putIfAbsent(letter, who);
                    left.removeIf(m -> m.id().equals(who));
                }));
            }
        }
        List<String> order = new ArrayList<>();
        for (String letter : flow.each().keySet()) {
            String who = byLetter.get(letter);
            order.add(who == null ? left.remove(0).id() : who);
        }
        return order;
    }
}
