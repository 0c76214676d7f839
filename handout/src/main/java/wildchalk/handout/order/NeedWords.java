package wildchalk.handout.order;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.implied.Needs;
import wildchalk.core.script.Counts;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** What some rungs take: the most of each, then each rung that takes something else. */
public final class NeedWords {

    private static final Wordbook WORDS = Wordbook.beside(NeedWords.class, "NeedWords");

    private NeedWords() {}

    /**
     * "Needed at most: 9 players, 5 cones. Rung 1: 7 players, 5 cones. Rungs 2 and 3: 9 players, 4 cones."
     *
     * @param rungs at least one
     */
    public static String of(List<Played> rungs) {
        Surface surface = rungs.get(0).surface();
        List<Needs> all = rungs.stream().map(r -> Needs.of(r.stage())).toList();
        if (all.stream().distinct().count() == 1) {
            return WORDS.say("alike", counts(all.get(0), surface));
        }
        List<String> sentences = new ArrayList<>(List.of(WORDS.say("most", counts(Needs.most(all), surface))));
        for (Needs needs : all.stream().distinct().toList()) {
            List<String> signs = rungs.stream()
                    .filter(r -> Needs.of(r.stage()).equals(needs))
                    .map(Played::sign)
                    .toList();
            sentences.add(WORDS.say("rungs", signs.size(), listed(signs), counts(needs, surface)));
        }
        return String.join(" ", sentences);
    }

    private static String counts(Needs needs, Surface surface) {
        return String.join(WORDS.say("comma"), Counts.of(needs, surface));
    }

    private static String listed(List<String> all) {
        String last = all.get(all.size() - 1);
        return all.size() == 1
                ? last
                : String.join(WORDS.say("comma"), all.subList(0, all.size() - 1)) + WORDS.say("and") + last;
    }
}
