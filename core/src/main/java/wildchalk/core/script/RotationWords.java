package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.RotationCases;
import wildchalk.core.drill.Stage;
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
        if (goes.to() instanceof Rotation.Becomes b) {
            boolean line =
                    stage.person(b.who()).filter(Piece.LineUp.class::isInstance).isPresent();
            String to = line ? words.say("next.joins", line(b.who())) : words.say("next.becomes", role(b.who()));
            return b.otherSide() ? words.say("next.other.side", to) : to;
        }
        if (goes.to() instanceof Rotation.ChangesWith c) {
            return words.say("next.changes", role(c.who()));
        }
        return words.say(goes.to() instanceof Rotation.Out ? "next.out" : "next.stays");
    }

    @Override
    public String starts(Rotation.Starts starts) {
        if (starts.when() instanceof Rotation.Every every) {
            return words.say("next.every", Numbers.plain(every.seconds()));
        }
        if (starts.when() instanceof Rotation.At at) {
            return words.say("next.at", Sentence.lower(moments.of(at.moment(), null)));
        }
        return starts.when() instanceof Rotation.Called call
                ? words.say("next.call", call.word())
                : words.say("next.ready");
    }

    @Override
    public String sides(Rotation.Sides sides) {
        return words.say("next.sides." + Wordbook.key(sides.taken()));
    }

    @Override
    public String fetches(Rotation.Fetches fetches) {
        return words.say("next.fetches." + Wordbook.key(fetches.by()), words.word("balls"));
    }

    @Override
    public String shares(Rotation.Shares shares) {
        int all = shares.shares().values().stream().mapToInt(Integer::intValue).sum();
        List<String> parts = new ArrayList<>();
        for (Map.Entry<String, Integer> share : shares.shares().entrySet()) {
            String option = stage.instructions(Instruction.Read.class).stream()
                    .flatMap(r -> r.option(share.getKey()).stream()
                            .flatMap(o -> Optional.of(r).flatMap(x -> ReadWords.option(stage, x, o)).stream()))
                    .findFirst()
                    .orElse(share.getKey());
            parts.add(words.say("next.share", words.number(share.getValue()), option));
        }
        return words.say("next.shares", words.number(all), String.join(words.say("list.comma"), parts));
    }
}
