package wildchalk.core.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Whom;
import wildchalk.core.edit.GameEdits;
import wildchalk.core.edit.GivenEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** What could be said besides of how people start and how far on they are. */
record GivenFresh(Said said, Surface surface, Set<String> chosen) {

    private static final double HALF = 0.5;

    private Choice say(String words, Function<String, Instruction> made) {
        return new Choice(words, false, GameEdits.say(said.rung(), Said.BOOK.say("edit.say"), made));
    }

    /** Those who are chosen, and all teams. */
    private List<Whom> those() {
        List<String> people = chosen.stream()
                .filter(c -> said.stage().person(c).isPresent())
                .sorted()
                .toList();
        List<Whom> all = new ArrayList<>();
        if (!people.isEmpty()) {
            all.add(new Whom.People(people));
        }
        said.teams().forEach(b -> all.add(new Whom.Team(b)));
        return all;
    }

    List<Choice> starts() {
        return those().stream()
                .map(w -> say(
                        Said.BOOK.say("fresh.starts.one", said.words().of(w)),
                        id -> new Given.Starts(id, w, Given.Low.LYING)))
                .toList();
    }

    List<Choice> abilities() {
        return those().stream()
                .map(w -> say(
                        Said.BOOK.say("fresh.ability.one", said.words().of(w)),
                        id -> new Given.Ability(id, w, Optional.empty(), HALF)))
                .toList();
    }

    /** Of limits that count, and of how far what is chosen is from goals. */
    List<Choice> byAge() {
        List<Choice> all = new ArrayList<>();
        for (Limit.Count limit : said.stage().instructions(Limit.Count.class)) {
            if (isFree(limit.id())) {
                all.add(say(
                        Said.BOOK.say("fresh.by.age.limit", said.words().of(limit)),
                        id -> new Given.ByAge(
                                id, limit.id(), Optional.empty(), Map.of(GivenEdits.level(), (double) limit.n()))));
            }
        }
        for (Piece piece : said.stage().pieces()) {
            boolean stands = piece instanceof Piece.Person || piece instanceof Piece.Item;
            if (stands && chosen.contains(piece.id()) && isFree(piece.id())) {
                surface.targets().forEach(t -> all.add(far(piece, t.id(), t.name(), t.at())));
            }
        }
        return all;
    }

    private Choice far(Piece piece, String from, String name, Vec at) {
        double metres = Math.round(piece.at().distance(at) * 10) / 10.0;
        return say(
                Said.BOOK.say("fresh.by.age.far", said.piece(piece), name),
                id -> new Given.ByAge(id, piece.id(), Optional.of(from), Map.of(GivenEdits.level(), metres)));
    }

    private boolean isFree(String id) {
        return said.stage().instructions(Given.ByAge.class).stream().noneMatch(b -> b.of().equals(id));
    }
}
