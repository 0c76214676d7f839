package wildchalk.desktop.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.squad.GroupNames;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;

/** What stands under the name of a block: which rungs, who, under whom, how it is scored. */
final class BlockLine {

    private static final int MINUTE = 60;

    private BlockLine() {}

    /** The line; empty where there is nothing to say. */
    static Optional<String> of(PracticeState state, Block block) {
        List<String> parts = new ArrayList<>();
        block.play().forEach(p -> rungs(state, p).ifPresent(parts::add));
        if (block.content() instanceof Content.Game g) {
            g.area().ifPresent(a -> parts.add(say("area", plain(a.length()), plain(a.width()))));
            if (!g.scoring().isEmpty()) {
                parts.add(g.scoring());
            }
        }
        if (block.group() > 0) {
            parts.add(group(state, block.group()));
        }
        lead(state, block).ifPresent(l -> parts.add(say("leads", l)));
        if (!block.must()) {
            parts.add(say("nice"));
        }
        if (!block.note().isEmpty()) {
            parts.add(block.note());
        }
        return parts.isEmpty() ? Optional.empty() : Optional.of(String.join(say("between"), parts));
    }

    /** What a drill takes: people, gear, how long somebody waits; empty for what is no drill. */
    static Optional<String> needs(PracticeState state, Block block) {
        return state.needs().of(block).map(n -> {
            List<String> parts = new ArrayList<>();
            parts.add(say("needs.people", n.fewest()));
            n.gear().forEach((kind, k) -> {
                String name = PieceWords.kind(kind);
                parts.add(say("needs.gear", k, k == 1 ? name : PieceWords.several(name)));
            });
            if (n.balls() > 0) {
                parts.add(n.ballWords());
            }
            int wait = (int) Math.min(n.longestWait(), block.time().now() * MINUTE);
            parts.add(say("needs.wait", Clock.minutes(wait)));
            return String.join(say("between"), parts);
        });
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    /** "12", "12.5". */
    static String plain(double n) {
        return n == Math.rint(n) ? Long.toString((long) n) : Double.toString(n);
    }

    /** Whoever leads it, by name; empty for nobody in particular. */
    static Optional<String> lead(PracticeState state, Block block) {
        return state.fetched().squad().stream()
                .flatMap(s -> s.staff().stream())
                .filter(h -> h.id().equals(block.lead()))
                .map(Helper::name)
                .findFirst();
    }

    /** "coral", or "group 2" where nothing is known of its colour. */
    static String group(PracticeState state, int group) {
        List<Bib> bibs = state.fetched()
                .squad()
                .flatMap(s -> s.tonight().groups())
                .map(Groups::bibs)
                .orElse(List.of());
        return group <= bibs.size() ? GroupNames.of(bibs).get(group - 1) : say("group", group);
    }

    private static Optional<String> rungs(PracticeState state, Content.Play play) {
        Drill drill = state.fetched().drills().get(play.drill());
        if (drill == null || play.climbs().isEmpty()) {
            return Optional.empty();
        }
        Map<String, String> signs = Ladder.signs(drill);
        String all = play.climbs().stream()
                .filter(c -> signs.containsKey(c.rung()))
                .map(c -> climb(signs.get(c.rung()), c))
                .collect(Collectors.joining(say("then")));
        return all.isEmpty() ? Optional.empty() : Optional.of(say("rung", all));
    }

    private static String climb(String sign, Content.Climb climb) {
        if (!climb.when().isEmpty()) {
            return say("climb.when", sign, climb.when());
        }
        return climb.minutes() > 0 ? say("climb.minutes", sign, climb.minutes()) : sign;
    }
}
