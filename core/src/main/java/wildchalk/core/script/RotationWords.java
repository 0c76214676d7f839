package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.RotationCases;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.When;
import wildchalk.core.measure.Numbers;
import wildchalk.core.measure.Unit;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** Words for what comes between reps: "Whoever was 7 joins the end of the feeders." */
public final class RotationWords implements RotationCases<String> {

    private final Stage stage;
    private final Words words;
    private final Moments moments;

    /** @param surface with the areas that are marked out on it */
    public RotationWords(Stage stage, Surface surface, Unit unit) {
        this.stage = stage;
        this.words = new Words(surface, stage.people());
        this.moments = new Moments(stage, surface, unit, words, id -> true, Sides.atStart(stage, surface), id -> true);
    }

    /** All that is said between reps, a sentence each, in order. */
    List<Script.Phrase> all() {
        List<Script.Phrase> all = new ArrayList<>();
        for (Rotation rotation : stage.instructions(Rotation.class)) {
            all.add(new Script.Phrase(of(rotation), Script.Part.SAID, "", rotation.id()));
        }
        return all;
    }

    /** One of them in a sentence. */
    public String of(Rotation rotation) {
        return Sentence.capital(rotation.matchRotation(this)) + words.say("stop");
    }

    /** Somebody's role, as those who wait call it: "7", "the front of the feeders". */
    public String role(String id) {
        return stage.person(id)
                .map(p -> p instanceof Piece.LineUp l && !l.name().isBlank()
                        ? words.say("next.front", l.name())
                        : words.name(p))
                .orElse(id);
    }

    /**
     * Whoever comes to the front of a line within a rep: "the second of the feeders".
     *
     * @param k how many were in front before, from 1
     */
    String next(Piece.LineUp line, int k) {
        String nth = words.say("nth." + Math.min(k + 1, Cue.Occurrence.MOST));
        return line.name().isBlank()
                ? words.say("next.in.line", nth, words.name(line))
                : words.say("next.of.line", nth, line.name());
    }

    private String line(String id) {
        return stage.person(id)
                .map(p -> p instanceof Piece.LineUp l && !l.name().isBlank()
                        ? words.say("next.line", l.name())
                        : words.say("next.line.of", words.name(p)))
                .orElse(id);
    }

    @Override
    public String goes(Rotation.Goes goes) {
        return words.say("next.goes", after(goes), role(goes.who()), where(goes));
    }

    /** "after three reps ", empty for after each; goes on with where they go. */
    public String after(Rotation.Goes goes) {
        if (goes.after().isEmpty()) {
            return "";
        }
        Rotation.Stay stay = goes.after().get();
        return words.say("next.after." + Wordbook.key(stay.counted()), stay.n(), words.number(stay.n()));
    }

    /** "joins the end of the feeders" */
    public String where(Rotation.Goes goes) {
        Rotation.To to = goes.to();
        if (to.role().isEmpty()) {
            return words.say(to.isOut() ? "next.out" : "next.stays");
        }
        String role = to.role().get();
        if (to.isChange()) {
            return words.say("next.changes", role(role));
        }
        if (to.isAtOnce()) {
            return words.say("next.goes.on", role(role));
        }
        boolean line = stage.person(role).filter(Piece.LineUp.class::isInstance).isPresent();
        String there = line ? words.say("next.joins", line(role)) : words.say("next.becomes", role(role));
        return to.otherSide() ? words.say("next.other.side", there) : there;
    }

    @Override
    public String starts(Rotation.Starts starts) {
        When when = starts.when();
        if (when.every().isPresent()) {
            return words.say("next.every", Numbers.plain(when.every().getAsDouble()));
        }
        if (when.at().isPresent()) {
            return words.say("next.at", Sentence.lower(moments.of(when.at().get(), null)));
        }
        return when.called().map(c -> words.say("next.call", c)).orElseGet(() -> words.say("next.ready"));
    }

    @Override
    public String sides(Rotation.Sides sides) {
        String taken = words.say("next.sides." + Wordbook.key(sides.taken()));
        return sides.turn().map(t -> words.say("next.turn", taken, turn(t))).orElse(taken);
    }

    private String turn(Rotation.Turn turn) {
        String key = "next.turn." + Wordbook.key(turn.length());
        return turn.length() == Rotation.Turn.Length.REPS
                ? words.say(key, (int) turn.n(), words.number((int) turn.n()))
                : words.say(key, turn.n(), Numbers.plain(turn.n()));
    }

    @Override
    public String over(Rotation.Over over) {
        return words.say("next.over", Sentence.lower(moments.of(over.at(), null)));
    }

    @Override
    public String stepsUp(Rotation.StepsUp steps) {
        int n = steps.actions().size() + 1;
        return words.say("next.steps.up", n, words.number(n), line(steps.line()));
    }

    @Override
    public String fetches(Rotation.Fetches fetches) {
        return words.say("next.fetches." + Wordbook.key(fetches.by()), words.word("balls"));
    }

    @Override
    public String fits(Rotation.Fits fits) {
        return words.say("next.fits", role(fits.who()), fits.words());
    }

    @Override
    public String repeats(Rotation.Repeats repeats) {
        String round = round(repeats.round());
        if (repeats.often().until().isPresent()) {
            return words.say(
                    "next.repeats.until", Numbers.plain(repeats.often().until().getAsDouble()), round);
        }
        int times = repeats.often().number().orElse(1);
        return words.say("next.repeats", times, words.number(times), round);
    }

    private String round(List<String> round) {
        if (round.isEmpty()) {
            return "";
        }
        if (round.size() == 1) {
            return words.say("next.repeats.line", line(round.get(0)));
        }
        List<String> names = round.stream().map(this::named).toList();
        return words.say("next.repeats.round", String.join(words.say("list.comma"), names));
    }

    private String named(String id) {
        return stage.person(id)
                .map(words::name)
                .or(() -> stage.piece(id)
                        .filter(Piece.Gear.class::isInstance)
                        .map(g -> words.say("the", new GearNames(stage, words, false).name((Piece.Gear) g))))
                .orElse(id);
    }

    @Override
    public String shares(Rotation.Shares shares) {
        String parts = parts(shares);
        if (shares.seed().isPresent()) {
            return parts.isEmpty()
                    ? words.say("next.lots", Long.toString(shares.seed().getAsLong()))
                    : words.say(
                            "next.lots.shares",
                            parts,
                            Long.toString(shares.seed().getAsLong()));
        }
        int all = shares.shares().values().stream().mapToInt(Integer::intValue).sum();
        return words.say("next.shares", words.number(all), parts);
    }

    private String parts(Rotation.Shares shares) {
        List<String> parts = new ArrayList<>();
        for (Map.Entry<String, Integer> share : shares.shares().entrySet()) {
            String option = stage.instructions(Instruction.Read.class).stream()
                    .flatMap(r -> r.option(share.getKey()).stream()
                            .flatMap(o -> Optional.of(r).flatMap(x -> ReadWords.option(stage, x, o)).stream()))
                    .findFirst()
                    .orElse(share.getKey());
            parts.add(words.say("next.share", words.number(share.getValue()), option));
        }
        return String.join(words.say("list.comma"), parts);
    }
}
