package wildchalk.core.squad;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import wildchalk.core.colour.Bib;
import wildchalk.core.wording.Wordbook;

/** What groups are called: by the colour that they wear, and by a number where there are more groups than colours. */
public final class GroupNames {

    private GroupNames() {}

    /**
     * A name for each group: "coral", "sky", "coral 2".
     *
     * @param bibs what each group wears, in their order
     */
    public static List<String> of(List<Bib> bibs) {
        List<String> names = new ArrayList<>();
        for (int g = 0; g < bibs.size(); g++) {
            long before =
                    bibs.subList(0, g).stream().filter(bibs.get(g)::equals).count();
            String colour = Wordbook.key(bibs.get(g));
            names.add(before == 0 ? colour : colour + " " + (before + 1));
        }
        return names;
    }

    /**
     * Bibs for so many groups: those that they wear already, then others, as long as there are any.
     *
     * @param worn what groups wear already, in their order
     * @param groups at least 0
     */
    public static List<Bib> bibs(List<Bib> worn, int groups) {
        List<Bib> bibs = new ArrayList<>(worn.subList(0, Math.min(worn.size(), groups)));
        List<Bib> all = Arrays.asList(Bib.values());
        while (bibs.size() < groups) {
            int next = bibs.size();
            bibs.add(all.stream().filter(b -> !bibs.contains(b)).findFirst().orElse(all.get(next % all.size())));
        }
        return bibs;
    }
}
