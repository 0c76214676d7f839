package wildchalk.core.script;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Script.Part;
import wildchalk.core.script.Script.Phrase;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** What many do, say and must mind, in sentences; and live play in the words that follow its verb. */
public final class GameWords {

    private static final Wordbook BOOK = Wordbook.beside(GameWords.class, "Game");

    private final Stage stage;
    private final Surface surface;
    private final Unit unit;
    private final Words words;
    private final Moments moments;
    private final WhomWords whom;
    private final GroundWords places;

    /** @param surface with the areas that are marked out on it */
    public GameWords(Stage stage, Surface surface, Unit unit) {
        this(stage, surface, unit, new Words(surface, stage.people()));
    }

    private GameWords(Stage stage, Surface surface, Unit unit, Words words) {
        this(
                stage,
                surface,
                unit,
                words,
                new Moments(stage, surface, unit, words, id -> true, Sides.atStart(stage, surface), id -> true));
    }

    GameWords(Stage stage, Surface surface, Unit unit, Words words, Moments moments) {
        this.stage = stage;
        this.surface = surface;
        this.unit = unit;
        this.words = words;
        this.moments = moments;
        this.whom = new WhomWords(stage, words);
        this.places = new GroundWords(stage, surface, unit, words);
    }

    /** What the coach watches for. */
    public record Watched(String id, String when, String fault, String mend) {

        /** "As 7 receives, 9: stands still. Mend: look over the shoulder first." */
        public String text() {
            String seen =
                    when.isEmpty() ? Sentence.capital(fault) : BOOK.say("watch.when", Sentence.capital(when), fault);
            String all = stopped(seen);
            return mend.isEmpty() ? all : BOOK.say("watch.mend", all, stopped(Sentence.capital(mend)));
        }

        private static String stopped(String text) {
            return text.matches(".*[.!?\u2026]$") ? text : text + BOOK.say("stop");
        }
    }

    /** All that is watched for, in its order. */
    public List<Watched> watched() {
        return stage.instructions(Game.WatchFor.class).stream()
                .map(w -> new Watched(w.id(), when(w), w.fault(), w.mend()))
                .toList();
    }

    /** All that is watched for on some rungs, each once, in sentences. */
    public static List<String> watched(List<Stage> stages, Surface surface, Unit unit) {
        return stages.stream()
                .flatMap(s -> new GameWords(s, s.marked(surface), unit).watched().stream())
                .map(Watched::text)
                .distinct()
                .toList();
    }

    /** What is asked where live play can end in several ways. */
    public static String howItEnds() {
        return BOOK.say("play.how");
    }

    /** What stands over what is watched for. */
    public static String watchHeading() {
        return BOOK.say("watch.heading");
    }

    private String when(Game.WatchFor watch) {
        String who = watch.whom() instanceof Whom.Everybody ? "" : whom.of(watch.whom(), watch.moment());
        String cue = watch.moment().map(c -> moments.of(c, null)).orElse("");
        if (cue.isEmpty()) {
            return who;
        }
        return who.isEmpty() ? cue : BOOK.say("watch.who.when", cue, who);
    }

    /** Everything but what is watched for: what is done at one moment in one sentence. */
    List<Phrase> all() {
        List<Phrase> all = new ArrayList<>();
        Map<Cue, List<Game.Duty>> duties = new LinkedHashMap<>();
        stage.instructions(Game.Duty.class).forEach(d -> duties.computeIfAbsent(d.at(), c -> new ArrayList<>())
                .add(d));
        duties.forEach((cue, together) -> {
            String does = list(together.stream().map(this::does).toList(), "list.and");
            all.add(phrase(
                    Sentence.capital(moments.of(cue, null)) + words.say("join.cue") + does + words.say("stop"),
                    together.get(0)));
        });
        stage.instructions(Game.class).stream()
                .filter(g -> !(g instanceof Game.Duty) && !(g instanceof Game.WatchFor))
                .forEach(g -> all.add(phrase(of(g), g)));
        return all;
    }

    private static Phrase phrase(String text, Game about) {
        return new Phrase(text, Part.SAID, "", about.id());
    }

    /** A limit in a sentence. */
    public String of(Limit limit) {
        return new LimitWords(stage, surface, unit).of(limit);
    }

    /** Who is meant: "the nearest two of coral". */
    public String of(Whom who) {
        return whom.of(who);
    }

    /** A moment: "as 7 receives". */
    public String of(Cue cue) {
        return Sentence.lower(moments.of(cue, null));
    }

    /** One thing in a sentence of its own. */
    public String of(Game game) {
        return game.matchGame(new Game.Cases<>() {
            @Override
            public String duty(Game.Duty duty) {
                return Sentence.capital(moments.of(duty.at(), null))
                        + words.say("join.cue")
                        + does(duty)
                        + words.say("stop");
            }

            @Override
            public String trade(Game.Trade trade) {
                return BOOK.say("trade." + Wordbook.key(trade.lost()), words.word("ball"));
            }

            @Override
            public String says(Game.Says says) {
                return Sentence.capital(calls(says)) + words.say("stop");
            }

            @Override
            public String goalAt(Game.GoalAt goal) {
                return places.goal(goal);
            }

            @Override
            public String twin(Game.Twin twin) {
                return places.twin(twin);
            }

            @Override
            public String code(Game.Code code) {
                return places.code(code);
            }

            @Override
            public String starts(Given.Starts starts) {
                return BOOK.say(
                        "starts." + Wordbook.key(starts.low()),
                        Sentence.capital(whom.of(starts.whom())),
                        WhomWords.count(starts.whom()),
                        words.word("ball"));
            }

            @Override
            public String ability(Given.Ability ability) {
                return BodyWords.of(ability, Sentence.capital(whom.of(ability.whom())));
            }

            @Override
            public String byAge(Given.ByAge byAge) {
                return new BodyWords(stage, surface, unit, words)
                        .of(byAge, new LimitWords(stage, surface, unit), moments);
            }

            @Override
            public String watchFor(Game.WatchFor watch) {
                return new Watched(watch.id(), when(watch), watch.fault(), watch.mend()).text();
            }
        });
    }

    /** "the nearest presses the ball" */
    private String does(Game.Duty duty) {
        return BOOK.say(
                "task." + Wordbook.key(duty.task()),
                whom.of(duty.whom(), Optional.of(duty.at())),
                WhomWords.count(duty.whom()),
                words.word("ball"),
                unit.spoken(duty.metres()),
                duty.zone().map(z -> words.zone(stage, surface, z)).orElse(""));
    }

    /** "7 calls “mine” to 9 before 7 receives" */
    public String calls(Game.Says says) {
        String to = says.to() instanceof Whom.Everybody ? "" : BOOK.say("calls.to", whom.of(says.to()));
        String when = says.moment()
                .map(c -> says.before()
                        ? BOOK.say("calls.before", moments.bare(c.trigger(), null))
                        : BOOK.say("calls.at", Sentence.lower(moments.of(c, null))))
                .orElse("");
        return BOOK.say("calls", whom.of(says.whom()), WhomWords.count(says.whom()), says.words()) + to + when;
    }

    /** "As 7 receives, 7 plays it out in the blue zone: …" */
    public String of(PlayOn play) {
        return Sentence.capital(moments.of(play.cue(), play))
                + words.say("join.cue")
                + moments.name(play.who())
                + words.say("space")
                + words.verb(play)
                + told(play)
                + words.say("stop");
    }

    /** What follows "plays it out": " in the blue zone: coral against sky, until a goal, 20 s at most". */
    public String told(PlayOn play) {
        StringBuilder told = new StringBuilder();
        play.area().ifPresent(a -> told.append(BOOK.say("play.in", words.zone(stage, surface, a))));
        if (!play.sides().isEmpty()) {
            List<String> sides = play.sides().stream().map(whom::of).toList();
            told.append(BOOK.say("play.sides", String.join(BOOK.say("play.against"), sides)));
        }
        List<String> ends = ends(play.until());
        String clock = play.until().seconds().isPresent()
                ? moments.pause(play.until().seconds().getAsDouble())
                : "";
        if (!ends.isEmpty()) {
            told.append(BOOK.say("play.until", list(ends, "list.or")));
        }
        if (!clock.isEmpty()) {
            told.append(BOOK.say(ends.isEmpty() ? "play.for" : "play.at.most", clock));
        }
        if (!play.rule().isEmpty()) {
            told.append(BOOK.say("play.rule", play.rule()));
        }
        return told.toString();
    }

    /** "a, b and c" */
    private String list(List<String> all, String join) {
        List<String> most = all.subList(0, all.size() - 1);
        String last = all.get(all.size() - 1);
        return most.isEmpty() ? last : String.join(words.say("list.comma"), most) + words.say(join) + last;
    }

    /** What ends it, as it follows "until". */
    public List<String> ends(PlayOn.Until until) {
        List<String> ends = new ArrayList<>();
        for (PlayOn.Ends end : PlayOn.Ends.values()) {
            if (until.ends().contains(end)) {
                ends.add(BOOK.say("end." + Wordbook.key(end), words.word("ball"), words.word("goal")));
            }
        }
        until.line().ifPresent(l -> ends.add(BOOK.say("end.line", words.word("ball"), moments.lineName(l))));
        return ends;
    }
}
