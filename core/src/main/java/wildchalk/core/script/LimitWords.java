package wildchalk.core.script;

import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.LimitCases;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.measure.Unit;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** Words for limits, as a coach says them before the rep: "Two touches at most". */
final class LimitWords {

    private final Words words;
    private final Moments moments;
    private final WhomWords whom;
    private final Stage stage;
    private final Surface surface;
    private final LimitCases<String> text = new LimitCases<>() {
        @Override
        public String count(Limit.Count number) {
            return told(number);
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
            String who = whom.of(only.whom());
            if (only.whom() instanceof Whom.People p && p.named().isEmpty()) {
                return words.say("limit.nobody", zone(only.zone()));
            }
            return only.from()
                    .map(f -> words.say("limit.only.from", who, zone(only.zone()), moments.bare(f, null)))
                    .orElse(words.say("limit.only", who, zone(only.zone())));
        }

        @Override
        public String stayIn(Limit.StayIn stay) {
            String until = stay.until()
                    .map(u -> words.say("limit.until", moments.bare(u, null)))
                    .orElse("");
            return words.say(
                    "limit.stay", whom.of(stay.whom()), WhomWords.count(stay.whom()), zone(stay.zone()), until);
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
        this.whom = new WhomWords(stage, words);
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
                    "limit.not.before.touch", whom.of(before.whom()), words.word("ball"), moments.name(t.who()));
        }
        return words.say(
                "limit.not.before", whom.of(before.whom()), words.word("ball"), moments.bare(before.moment(), null));
    }

    private String told(Limit.Count number) {
        Limit.Span span = number.span();
        String counted = counted(number);
        String who = span.whom() instanceof Whom.Everybody
                ? counted
                : words.say("limit.for", whom.of(span.whom()), counted, WhomWords.count(span.whom()));
        String per = span.per() == Limit.Span.usual(number.counted())
                ? ""
                : words.say("limit.per." + Wordbook.key(span.per()), words.word("ball"));
        String from = span.from()
                .map(f -> words.say("limit.from", moments.bare(f, null)))
                .orElse("");
        String until = span.until()
                .map(u -> words.say("limit.until", moments.bare(u, null)))
                .orElse("");
        String feeds = span.feeds() ? "" : words.say("limit.feeds");
        String otherwise = span.otherwise().isEmpty() ? "" : words.say("limit.otherwise", span.otherwise());
        return who + per + from + until + feeds + otherwise;
    }

    private String counted(Limit.Count number) {
        boolean none = number.n() == 0 && number.bound() == Limit.Bound.AT_MOST;
        String key =
                none ? "limit.no." : "limit." + Wordbook.key(number.bound()).replace('-', '.') + ".";
        return words.say(key + Wordbook.key(number.counted()), number.n(), words.number(number.n()));
    }

    private String zone(String id) {
        return words.zone(stage, surface, id);
    }
}
