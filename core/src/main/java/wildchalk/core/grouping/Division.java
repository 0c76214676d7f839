package wildchalk.core.grouping;

import java.util.ArrayList;
import java.util.List;

/**
 * People in groups.
 *
 * @param groups ids, in the order of the ids
 * @param verdict how good it is
 * @param best whether it was found by trying all there are, so that there is none better
 */
public record Division(List<List<String>> groups, Verdict verdict, boolean best) {

    public Division {
        groups = groups.stream().map(List::copyOf).toList();
    }

    /**
     * A division as the judge sees it.
     *
     * @param group the group, from 0, of each of the people in their order
     * @param best whether all others were tried
     */
    public static Division of(Judge judge, int[] group, boolean best) {
        List<List<String>> groups = new ArrayList<>();
        for (int g = 0; g < judge.asked().groups(); g++) {
            List<String> in = new ArrayList<>();
            for (int i = 0; i < group.length; i++) {
                if (group[i] == g) {
                    in.add(judge.asked().people().get(i).id());
                }
            }
            groups.add(in);
        }
        return new Division(groups, judge.judge(group), best);
    }

    /**
     * A division that somebody made by hand, judged by what is asked. Whoever is asked for and in none of its groups is
     * put into the smallest.
     */
    public static Division judged(Asked asked, List<List<String>> groups) {
        int[] group = new int[asked.people().size()];
        int[] size = new int[asked.groups()];
        List<Integer> nowhere = new ArrayList<>();
        for (int i = 0; i < group.length; i++) {
            String id = asked.people().get(i).id();
            int in = -1;
            for (int g = 0; g < Math.min(groups.size(), size.length); g++) {
                in = groups.get(g).contains(id) ? g : in;
            }
            if (in < 0) {
                nowhere.add(i);
            } else {
                group[i] = in;
                size[in]++;
            }
        }
        for (int i : nowhere) {
            int smallest = 0;
            for (int g = 1; g < size.length; g++) {
                smallest = size[g] < size[smallest] ? g : smallest;
            }
            group[i] = smallest;
            size[smallest]++;
        }
        return of(new Judge(asked), group, false);
    }

    /** Which group somebody is in, from 0; -1 for none. */
    public int of(String person) {
        for (int g = 0; g < groups.size(); g++) {
            if (groups.get(g).contains(person)) {
                return g;
            }
        }
        return -1;
    }
}
