package wildchalk.core.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.LimitCases;
import wildchalk.core.drill.Whom;
import wildchalk.core.edit.GameEdits;
import wildchalk.core.wording.Wordbook;

/** What could be said instead of a limit. */
record LimitRules(Said said) implements LimitCases<Rule> {

    private static final List<Integer> NUMBERS = List.of(0, 1, 2, 3, 4, 5, 6, 8, 10);
    private static final List<Double> SECONDS = List.of(4.0, 5.0, 6.0, 8.0, 10.0, 12.0, 15.0, 20.0, 24.0, 30.0);

    private Rule rule(Limit limit, List<Instead> instead, List<Typed> typed) {
        return new Rule(
                limit.id(),
                said.words().of(limit),
                instead,
                typed,
                GameEdits.unsay(said.rung(), Said.BOOK.say("edit.away"), limit.id()));
    }

    private Edit<Drill> change(Limit now) {
        return GameEdits.change(said.rung(), Said.BOOK.say("edit.limit"), now);
    }

    private static Optional<Cue.Trigger> moment(Optional<Cue> cue) {
        return cue.map(Cue::trigger);
    }

    private Instead when(
            String key, Optional<Cue.Trigger> now, boolean open, Function<Optional<Cue.Trigger>, Limit> made) {
        Optional<String> always = open ? Optional.of(Said.BOOK.say(key + ".always")) : Optional.empty();
        return said.when(key, now.map(t -> new Cue(t, 0)), always, c -> change(made.apply(moment(c))));
    }

    @Override
    public Rule count(Limit.Count limit) {
        Limit.Span span = limit.span();
        List<Instead> instead = new ArrayList<>();
        instead.add(said.who(said.always(), span.whom(), w -> change(limit.over(span.of(w)))));
        instead.add(Said.choices("number", NUMBERS, limit.n(), n -> Integer.toString(n), n -> change(limit.of(n))));
        instead.add(Said.choices(
                "counted",
                List.of(Limit.Counted.values()),
                limit.counted(),
                c -> Said.BOOK.say("counted." + Wordbook.key(c)),
                c -> change(new Limit.Count(limit.id(), c, limit.bound(), limit.n(), span.per(Limit.Span.usual(c))))));
        instead.add(Said.choices(
                "bound",
                List.of(Limit.Bound.values()),
                limit.bound(),
                b -> Said.BOOK.say("bound." + Wordbook.key(b)),
                b -> change(limit.bound(b))));
        instead.add(Said.choices(
                "per",
                List.of(Limit.Per.values()),
                span.per(),
                p -> Said.BOOK.say("per." + Wordbook.key(p)),
                p -> change(limit.over(span.per(p)))));
        instead.add(when("from", span.from(), true, f -> limit.over(span.between(f, span.until()))));
        instead.add(when("until", span.until(), true, u -> limit.over(span.between(span.from(), u))));
        instead.add(Said.choices(
                "feeds",
                List.of(true, false),
                span.feeds(),
                f -> Said.BOOK.say(f ? "feeds.count" : "feeds.apart"),
                f -> change(limit.over(span.feeds(f)))));
        return rule(
                limit,
                instead,
                List.of(new Typed(
                        "otherwise",
                        Said.BOOK.say("otherwise"),
                        span.otherwise(),
                        w -> change(limit.over(span.otherwise(w))))));
    }

    @Override
    public Rule passesFirst(Limit.PassesFirst limit) {
        return rule(
                limit,
                List.of(Said.choices(
                        "number",
                        NUMBERS,
                        limit.passes(),
                        n -> Integer.toString(n),
                        n -> change(new Limit.PassesFirst(limit.id(), n, limit.line())))),
                List.of());
    }

    @Override
    public Rule entriesFirst(Limit.EntriesFirst limit) {
        return rule(
                limit,
                List.of(
                        Said.choices(
                                "number",
                                NUMBERS,
                                limit.entries(),
                                n -> Integer.toString(n),
                                n -> change(new Limit.EntriesFirst(limit.id(), n, limit.zone()))),
                        zone(limit.zone(), z -> new Limit.EntriesFirst(limit.id(), limit.entries(), z))),
                List.of());
    }

    @Override
    public Rule within(Limit.Within limit) {
        return rule(
                limit,
                List.of(
                        Said.choices(
                                "seconds",
                                SECONDS,
                                limit.seconds(),
                                s -> Said.BOOK.say("seconds.words", s),
                                s -> change(new Limit.Within(limit.id(), s, limit.zone(), limit.from()))),
                        when(
                                "from",
                                limit.from(),
                                true,
                                f -> new Limit.Within(limit.id(), limit.seconds(), limit.zone(), f))),
                List.of());
    }

    @Override
    public Rule onlyIn(Limit.OnlyIn limit) {
        List<Whom> all = new ArrayList<>(said.always());
        all.remove(Whom.everybody());
        all.add(0, new Whom.People(List.of()));
        return rule(
                limit,
                List.of(
                        said.who(
                                all,
                                limit.whom(),
                                w -> change(new Limit.OnlyIn(limit.id(), limit.zone(), w, limit.from()))),
                        zone(limit.zone(), z -> new Limit.OnlyIn(limit.id(), z, limit.whom(), limit.from())),
                        when(
                                "from",
                                limit.from(),
                                true,
                                f -> new Limit.OnlyIn(limit.id(), limit.zone(), limit.whom(), f))),
                List.of());
    }

    @Override
    public Rule stayIn(Limit.StayIn limit) {
        return rule(
                limit,
                List.of(
                        said.who(
                                said.always(),
                                limit.whom(),
                                w -> change(new Limit.StayIn(limit.id(), w, limit.zone(), limit.until()))),
                        zone(limit.zone(), z -> new Limit.StayIn(limit.id(), limit.whom(), z, limit.until())),
                        when(
                                "until",
                                limit.until(),
                                true,
                                u -> new Limit.StayIn(limit.id(), limit.whom(), limit.zone(), u))),
                List.of());
    }

    @Override
    public Rule notBefore(Limit.NotBefore limit) {
        return rule(
                limit,
                List.of(
                        said.who(
                                said.always(),
                                limit.whom(),
                                w -> change(new Limit.NotBefore(limit.id(), w, limit.moment()))),
                        when(
                                "before",
                                Optional.of(limit.moment()),
                                false,
                                m -> new Limit.NotBefore(limit.id(), limit.whom(), m.orElse(limit.moment())))),
                List.of());
    }

    private Instead zone(String now, Function<String, Limit> made) {
        return Said.choices("zone", said.zones(), now, said::zone, z -> change(made.apply(z)));
    }
}
