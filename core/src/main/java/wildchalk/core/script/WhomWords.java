package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** Who a rule is about, as the subject of a sentence: "the nearest two of coral", "whoever marks 7". */
public final class WhomWords {

    private static final Wordbook BOOK = Wordbook.beside(WhomWords.class, "Whom");

    private final Stage stage;
    private final Words words;

    WhomWords(Stage stage, Words words) {
        this.stage = stage;
        this.words = words;
    }

    /** For a rung on a surface. */
    public static WhomWords of(Stage stage, Surface surface) {
        return new WhomWords(stage, new Words(surface, stage.people()));
    }

    /** "the nearest two of coral", not yet with a capital. */
    public String of(Whom whom) {
        return of(whom, Optional.empty());
    }

    /**
     * The same at a moment: once a ball has left, whoever gets it is the one it goes to.
     *
     * @param moment empty for any
     */
    String of(Whom whom, Optional<Cue> moment) {
        return whom.match(new Whom.Cases<>() {
            @Override
            public String everybody(Whom.Everybody everybody) {
                return BOOK.say("everybody");
            }

            @Override
            public String people(Whom.People people) {
                return people.named().isEmpty()
                        ? BOOK.say("nobody")
                        : list(people.named().stream().map(WhomWords.this::name).toList());
            }

            @Override
            public String wholeTeam(Whom.Team team) {
                return words.say("bib." + Wordbook.key(team.bib()));
            }

            @Override
            public String hasBall(Whom.HasBall side) {
                return BOOK.say(side.has() ? "has" : "has.not", words.word("ball"));
            }

            @Override
            public String being(Whom.Being being) {
                return WhomWords.this.being(being, moment);
            }
        });
    }

    /** How many are meant, for the verb: 1 or 2. */
    static int count(Whom whom) {
        if (whom instanceof Whom.People people) {
            return Math.min(2, Math.max(1, people.named().size()));
        }
        boolean several = whom instanceof Whom.Being b
                && (b.role() == Whom.Role.THE_REST || b.role() == Whom.Role.NEAREST && b.number() > 1);
        return several ? 2 : 1;
    }

    private String being(Whom.Being being, Optional<Cue> moment) {
        String ball = words.word("ball");
        String team = being.team().map(this::ofTeam).orElse("");
        return switch (being.role()) {
            case ON_THE_BALL -> BOOK.say("on.the.ball", ball, team);
            case WITHOUT_BALL -> BOOK.say("without.ball", ball, team);
            case THE_REST -> BOOK.say("the.rest", team);
            case NEAREST -> being.of()
                    .map(o -> BOOK.say("nearest.to", being.number(), number(being), team, name(o)))
                    .orElse(BOOK.say("nearest", being.number(), number(being), team));
            case MARKING -> being.of()
                    .map(o -> BOOK.say("marking", team, name(o)))
                    .orElse(BOOK.say(isOnItsWay(moment) ? "marking.receiver" : "marking.ball", team, ball));
        };
    }

    private static boolean isOnItsWay(Optional<Cue> moment) {
        return moment.map(Cue::trigger).map(Cue.Trigger::parts).orElse(List.of()).stream()
                .anyMatch(t -> t instanceof Cue.Released || t instanceof Cue.Received || t instanceof Cue.With);
    }

    private String ofTeam(Bib bib) {
        return BOOK.say("of", words.say("bib." + Wordbook.key(bib)));
    }

    private String number(Whom.Being being) {
        return words.number(being.number());
    }

    private String name(String id) {
        return stage.person(id).map(words::name).orElseGet(() -> words.say("the", words.word("ball")));
    }

    private String list(List<String> all) {
        List<String> names = new ArrayList<>(all);
        String last = names.remove(names.size() - 1);
        return names.isEmpty() ? last : String.join(words.say("list.comma"), names) + words.say("list.and") + last;
    }
}
