package wildchalk.core.grouping;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** The best division there is, found by trying every one, with a judgement worked out a second time from names. */
final class Tried {

    private final Asked asked;
    private final List<Entrant> people;

    Tried(Asked asked) {
        this.asked = asked;
        this.people = asked.people();
    }

    /** The judgement of the best of all, groups of any size among them. */
    double[] best() {
        return from(0, new ArrayList<>(), null);
    }

    private double[] from(int i, List<Integer> group, double[] best) {
        if (i == people.size()) {
            double[] now = judged(group);
            return best == null || compare(now, best) < 0 ? now : best;
        }
        double[] least = best;
        for (int g = 0; g < asked.groups(); g++) {
            group.add(g);
            least = from(i + 1, group, least);
            group.remove(group.size() - 1);
        }
        return least;
    }

    static int compare(double[] a, double[] b) {
        for (int k = 0; k < a.length; k++) {
            if (Math.abs(a[k] - b[k]) > 1e-6) {
                return Double.compare(a[k], b[k]);
            }
        }
        return 0;
    }

    /** Hard wishes, sizes, spread, positions, wishes, company. */
    double[] judged(List<Integer> group) {
        List<List<Entrant>> groups = new ArrayList<>();
        for (int g = 0; g < asked.groups(); g++) {
            groups.add(new ArrayList<>());
        }
        for (int i = 0; i < group.size(); i++) {
            groups.get(group.get(i)).add(people.get(i));
        }
        int least = people.size() / asked.groups();
        int most = people.size() % asked.groups() == 0 ? least : least + 1;
        double sizes = groups.stream()
                .mapToInt(g -> Math.max(0, Math.max(g.size() - most, least - g.size())))
                .sum();
        List<Double> means = groups.stream()
                .filter(g -> !g.isEmpty())
                .map(g -> g.stream().mapToInt(Entrant::strength).average().orElseThrow())
                .toList();
        double spread = means.stream().max(Double::compare).orElse(0.0)
                - means.stream().min(Double::compare).orElse(0.0);
        double positions = 0;
        for (String position :
                people.stream().map(Entrant::first).filter(p -> !p.isEmpty()).collect(Collectors.toSet())) {
            List<Long> counts = groups.stream()
                    .map(g -> g.stream().filter(p -> p.first().equals(position)).count())
                    .toList();
            positions += counts.stream().max(Long::compare).orElseThrow()
                    - counts.stream().min(Long::compare).orElseThrow();
        }
        return new double[] {wishes(groups, true), sizes, spread, positions, wishes(groups, false), company(groups)};
    }

    private double wishes(List<List<Entrant>> groups, boolean must) {
        double broken = 0;
        for (Wish wish : asked.wishes()) {
            if (wish.must() == must) {
                broken += broken(groups, wish);
            }
        }
        return broken;
    }

    private static long in(List<Entrant> group, List<String> ids) {
        return group.stream().filter(p -> ids.contains(p.id())).count();
    }

    private static double broken(List<List<Entrant>> groups, Wish wish) {
        if (wish instanceof Wish.Together t) {
            return Math.max(
                    0, groups.stream().filter(g -> in(g, t.people()) > 0).count() - 1);
        }
        if (wish instanceof Wish.Apart a) {
            return groups.stream()
                    .mapToLong(g -> Math.max(0, in(g, a.people()) - 1))
                    .sum();
        }
        if (wish instanceof Wish.Pinned p) {
            return 1 - in(groups.get(p.group()), List.of(p.person()));
        }
        if (wish instanceof Wish.InEach e) {
            return groups.stream()
                    .filter(g -> g.stream().noneMatch(p -> p.positions().contains(e.position())))
                    .count();
        }
        return groups.stream()
                        .filter(g -> g.stream().noneMatch(p -> p.side().isLeft()))
                        .count()
                + groups.stream()
                        .filter(g -> g.stream().noneMatch(p -> p.side().isRight()))
                        .count();
    }

    private double company(List<List<Entrant>> groups) {
        double sum = 0;
        for (List<Entrant> group : groups) {
            for (Entrant a : group) {
                for (Entrant b : group) {
                    if (a.id().compareTo(b.id()) < 0) {
                        double met = met(a.id(), b.id());
                        sum += met * met * met;
                    }
                }
            }
        }
        return sum;
    }

    private final Map<String, Long> met = new HashMap<>();

    private long met(String a, String b) {
        return met.computeIfAbsent(a + b, k -> asked.lately().stream()
                .flatMap(List::stream)
                .filter(g -> g.contains(a) && g.contains(b))
                .count());
    }
}
