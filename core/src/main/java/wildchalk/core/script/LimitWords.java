package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.LimitCases;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** Words for limits, as a coach says them before the rep: "Two touches at most". */
final class LimitWords {

    private final Words words;
    private final Moments moments;
    private final Stage stage;
    private final Surface surface;
    private final LimitCases<String> text = new LimitCases<>() {
        @Override
        public String atMost(Limit.AtMost most) {
            String counted = counted(most.counted(), most.most());
            return most.who()
                    .map(w -> words.say("limit.for", moments.name(w), counted))
                    .orElse(counted);
        }

        @Override
        public String passesFirst(Limit.PassesFirst passes) {
            String n = words.say("count.passes", passes.passes(), words.number(passes.passes()));
            return passes.line()
                    .map(l -> words.say("limit.before.line", n, words.word("ball"), moments.lineName(l)))
                    .orElse(words.say("limit.before.shot", n));
        }

        @Override
        public String entriesFirst(Limit.EntriesFirst entries) {
            return words.say(
                    "limit.before.shot",
                    words.say(
                            "count.entries", entries.entries(), words.number(entries.entries()), zone(entries.zone())));
        }

        @Override
        public String within(Limit.Within within) {
            String what = within.zone()
                    .map(z -> words.say("limit.in.zone", words.word("ball"), zone(z)))
                    .orElse(words.say("limit.shot"));
            String seconds = moments.pause(within.seconds());
            return within.from()
                    .map(f -> words.say("limit.within.after", what, seconds, moments.bare(f, null)))
                    .orElse(words.say("limit.within", what, seconds));
        }

        @Override
        public String onlyIn(Limit.OnlyIn only) {
            return only.who().isEmpty()
                    ? words.say("limit.nobody", zone(only.zone()))
                    : words.say("limit.only", list(only.who()), zone(only.zone()));
        }

        @Override
        public String notBefore(Limit.NotBefore before) {
            return told(before);
        }
    };

    LimitWords(Stage stage, Surface surface, Unit unit) {
        this.stage = stage;
        this.surface = surface;
        this.words = new Words(surface, stage.people());
        this.moments = new Moments(stage, surface, unit, words, id -> true, Sides.atStart(stage, surface), id -> true);
    }

    String of(Limit limit) {
        String text = text(limit);
        return Character.toUpperCase(text.charAt(0)) + text.substring(1) + words.say("stop");
    }

    private String text(Limit limit) {
        return limit.matchLimit(text);
    }

    private String told(Limit.NotBefore before) {
        if (before.moment() instanceof Cue.Touches t && stage.person(t.who()).isPresent()) {
            return words.say(
                    "limit.not.before.touch", moments.name(before.who()), words.word("ball"), moments.name(t.who()));
        }
        return words.say(
                "limit.not.before",
                moments.name(before.who()),
                words.word("ball"),
                moments.bare(before.moment(), null));
    }

    private String counted(Limit.Counted counted, int n) {
        return words.say(
                n == 0 ? "limit.no." + Wordbook.key(counted) : "limit.at.most." + Wordbook.key(counted),
                n,
                words.number(n));
    }

    private String zone(String id) {
        return words.zone(stage, surface, id);
    }

    private String list(List<String> who) {
        List<String> names = new ArrayList<>(who.stream().map(moments::name).toList());
        String last = names.remove(names.size() - 1);
        return names.isEmpty() ? last : String.join(words.say("list.comma"), names) + words.say("list.and") + last;
    }
}
