package wildchalk.core.ruling;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import wildchalk.core.colour.Bib;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Whom;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.script.GameWords;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** What can be said on a rung of whom and when, with the words for it. */
record Said(String rung, Stage stage, Surface marked, GameWords words) {

    /** The words of rules. */
    static final Wordbook BOOK = Wordbook.beside(Said.class, "Rules");

    /** More moments than these nobody reads through. */
    private static final int MOMENTS = 30;

    static Said on(String rung, Stage stage, Surface surface, Unit unit) {
        Surface marked = stage.marked(surface);
        return new Said(rung, stage, marked, new GameWords(stage, marked, unit));
    }

    /** The teams that play, in the order of their colours. */
    List<Bib> teams() {
        return stage.people().stream()
                .filter(Piece.Person::isOnATeam)
                .map(Piece.Person::bib)
                .distinct()
                .sorted()
                .toList();
    }

    /** Those whom a rule for all the time can be about. */
    List<Whom> always() {
        List<Whom> all = new ArrayList<>(List.of(Whom.everybody()));
        List<Bib> teams = teams();
        if (teams.size() > 1) {
            teams.forEach(b -> all.add(new Whom.Team(b)));
            all.add(new Whom.HasBall(true));
            all.add(new Whom.HasBall(false));
        }
        stage.people().stream().filter(Piece.Person::isOnATeam).forEach(p -> all.add(Whom.one(p.id())));
        return all;
    }

    /** Those whom something at a moment can be about: whoever is something then comes first. */
    List<Whom> atAMoment() {
        List<Whom> all = new ArrayList<>();
        List<Optional<Bib>> teams = new ArrayList<>(List.of(Optional.empty()));
        teams().forEach(b -> teams.add(Optional.of(b)));
        for (Optional<Bib> team : teams) {
            for (int n = 1; n <= 2; n++) {
                all.add(new Whom.Being(Whom.Role.NEAREST, team, n, Optional.empty()));
            }
            all.add(new Whom.Being(Whom.Role.MARKING, team, 1, Optional.empty()));
            all.add(new Whom.Being(Whom.Role.THE_REST, team, 1, Optional.empty()));
            all.add(new Whom.Being(Whom.Role.WITHOUT_BALL, team, 1, Optional.empty()));
        }
        all.add(new Whom.Being(Whom.Role.ON_THE_BALL, Optional.empty(), 1, Optional.empty()));
        all.addAll(always());
        return all;
    }

    /** Moments of what happens, in drawing order; the whistle first. */
    List<Cue> moments() {
        Set<Cue> all = new LinkedHashSet<>(List.of(Cue.whistle()));
        for (Action action : stage.actions()) {
            if (action instanceof Action.Delivery) {
                all.add(new Cue(new Cue.Released(action.id()), 0));
            }
            if (action.receiver().flatMap(stage::person).isPresent()) {
                all.add(Cue.received(action.id()));
            }
            if (action instanceof Action.Call call) {
                all.add(new Cue(new Cue.Called(call.word()), 0));
            }
            if (action instanceof Travel) {
                all.add(Cue.with(action.id()));
                all.add(Cue.after(action.id()));
            }
        }
        Map<String, Cue> byWords = new LinkedHashMap<>();
        all.forEach(c -> byWords.putIfAbsent(words.of(c), c));
        return byWords.values().stream().limit(MOMENTS).toList();
    }

    /** The zones that are marked out, then those of the surface, by id. */
    List<String> zones() {
        List<String> all = new ArrayList<>(stage.areas().stream().map(Piece::id).toList());
        marked.zones().stream()
                .map(Surface.Zone::id)
                .filter(z -> !all.contains(z))
                .forEach(all::add);
        return all;
    }

    /** What a zone is called. */
    String zone(String id) {
        return marked.zone(id).map(Surface.Zone::name).orElse(id);
    }

    /** The straight lines of the surface that have a name, by id. */
    List<String> lines() {
        return marked.markings().stream()
                .filter(m -> !m.name().isEmpty() && marked.line(m.id()).isPresent())
                .map(Marking::id)
                .toList();
    }

    /** What a line is called. */
    String line(String id) {
        return marked.markings().stream()
                .filter(m -> m.id().equals(id))
                .map(Marking::name)
                .findFirst()
                .orElse(id);
    }

    /** What somebody is called. */
    String name(String who) {
        return words.of(Whom.one(who));
    }

    /** What a piece is called. */
    String piece(Piece piece) {
        return PieceWords.among(stage, piece);
    }

    /** Live play in a sentence. */
    String play(PlayOn play) {
        return words.of(play);
    }

    /** Whom else it could be about. */
    Instead who(List<Whom> all, Whom now, Function<Whom, Edit<Drill>> edit) {
        return choices("who", all, now, words::of, edit);
    }

    /** When else. */
    Instead when(String key, Optional<Cue> now, Optional<String> always, Function<Optional<Cue>, Edit<Drill>> edit) {
        List<Choice> choices = new ArrayList<>();
        always.ifPresent(w -> choices.add(new Choice(w, now.isEmpty(), edit.apply(Optional.empty()))));
        for (Cue cue : moments()) {
            choices.add(new Choice(words.of(cue), now.filter(cue::equals).isPresent(), edit.apply(Optional.of(cue))));
        }
        return new Instead(BOOK.say(key), choices);
    }

    /** What else of one thing. */
    static <T> Instead choices(
            String key, List<T> all, T now, Function<T, String> words, Function<T, Edit<Drill>> edit) {
        return new Instead(
                BOOK.say(key),
                all.stream()
                        .map(t -> new Choice(words.apply(t), t.equals(now), edit.apply(t)))
                        .toList());
    }
}
