package wildchalk.core.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.colour.Bib;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Whom;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.edit.GameEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.wording.Wordbook;

/** What could be said instead of live play. */
record PlayRules(Said said) {

    private static final int MOST_WAYS = 5;
    private static final List<Double> CLOCK = List.of(5.0, 8.0, 10.0, 15.0, 20.0, 30.0, 45.0, 60.0, 90.0, 120.0);

    Rule of(PlayOn play) {
        List<Instead> instead = new ArrayList<>();
        instead.add(Said.choices("begins", beginners(), play.who(), said::name, w -> change(by(play, w))));
        instead.add(Said.choices("sides", sides(), play.sides(), this::sides, s -> change(play.between(s))));
        List<Optional<String>> areas = new ArrayList<>(List.of(Optional.empty()));
        said.zones().forEach(z -> areas.add(Optional.of(z)));
        instead.add(Said.choices(
                "area",
                areas,
                play.area(),
                a -> a.map(said::zone).orElse(Said.BOOK.say("area.all")),
                a -> change(play.in(a))));
        instead.add(clock(play));
        instead.add(ends(play));
        instead.add(said.when(
                "begin.when",
                Optional.of(play.cue()),
                Optional.empty(),
                c -> change(play.withCue(c.orElse(play.cue())))));
        follows(play).ifPresent(instead::add);
        return new Rule(
                play.id(),
                said.play(play),
                instead,
                List.of(new Typed("rule", Said.BOOK.say("rule"), play.rule(), w -> change(play.ruled(w)))),
                PieceEdits.remove(said.rung(), said.stage(), Set.of(play.id())));
    }

    /** Where several begin as it ends: all of it happens, or each is one way that it can end. */
    private Optional<Instead> follows(PlayOn play) {
        List<Action> first = said.stage().actions().stream()
                .filter(a -> a.cue().trigger().equals(new Cue.After(play.id())))
                .toList();
        Optional<Instruction.Read> now = said.stage().instructions(Instruction.Read.class).stream()
                .filter(r -> r.who().equals(play.id()))
                .findFirst();
        if (now.isEmpty() && (first.size() < 2 || first.size() > MOST_WAYS)) {
            return Optional.empty();
        }
        Edit<Drill> all = now.map(r -> GameEdits.unsay(said.rung(), Said.BOOK.say("edit.play"), r.id()))
                .orElse(change(play));
        Edit<Drill> each = now.map(r -> change(play))
                .orElseGet(() -> GameEdits.say(said.rung(), Said.BOOK.say("edit.play"), id -> read(id, play, first)));
        return Optional.of(new Instead(
                Said.BOOK.say("follows"),
                List.of(
                        new Choice(Said.BOOK.say("follows.all"), now.isEmpty(), all),
                        new Choice(Said.BOOK.say("follows.each"), now.isPresent(), each))));
    }

    /** An option for whatever begins as it ends, named by what ends it as far as that goes. */
    private static Instruction.Read read(String id, PlayOn play, List<Action> first) {
        List<String> ends = Stream.of(PlayOn.Ends.values())
                .filter(play.until().ends()::contains)
                .map(e -> Said.BOOK.say("end." + Wordbook.key(e)))
                .toList();
        List<Instruction.Option> options = new ArrayList<>();
        for (Action action : first) {
            String label = options.size() < ends.size() ? ends.get(options.size()) : "";
            options.add(new Instruction.Option("o" + (options.size() + 1), label, "", List.of(action.id())));
        }
        return new Instruction.Read(id, play.id(), options, Optional.empty());
    }

    private Edit<Drill> change(PlayOn now) {
        return ActionEdits.change(said.rung(), Said.BOOK.say("edit.play"), now);
    }

    private static PlayOn by(PlayOn play, String who) {
        return new PlayOn(play.id(), who, play.sides(), play.area(), play.until(), play.rule(), play.cue());
    }

    private List<String> beginners() {
        return said.stage().people().stream()
                .filter(Piece.Person::isOnATeam)
                .map(Piece::id)
                .toList();
    }

    /** All who play, each two teams, all teams. */
    private List<List<Whom>> sides() {
        List<Bib> teams = said.teams();
        List<List<Whom>> all = new ArrayList<>(List.of(List.of()));
        for (int i = 0; i < teams.size(); i++) {
            for (int j = i + 1; j < teams.size(); j++) {
                all.add(List.of(new Whom.Team(teams.get(i)), new Whom.Team(teams.get(j))));
            }
        }
        if (teams.size() > 2 && teams.size() <= PlayOn.MOST_SIDES) {
            all.add(teams.stream().map(b -> (Whom) new Whom.Team(b)).toList());
        }
        return all;
    }

    private String sides(List<Whom> sides) {
        return sides.isEmpty()
                ? Said.BOOK.say("sides.all")
                : String.join(
                        Said.BOOK.say("sides.against"),
                        sides.stream().map(said.words()::of).toList());
    }

    private Instead clock(PlayOn play) {
        List<OptionalDouble> all = new ArrayList<>(List.of(OptionalDouble.empty()));
        CLOCK.forEach(s -> all.add(OptionalDouble.of(s)));
        return Said.choices(
                "clock",
                all,
                play.until().seconds(),
                s -> s.isPresent() ? Said.BOOK.say("seconds.words", s.getAsDouble()) : Said.BOOK.say("clock.none"),
                s -> change(play.until(play.until().clock(s))));
    }

    private Instead ends(PlayOn play) {
        List<Choice> choices = new ArrayList<>();
        for (PlayOn.Ends end : PlayOn.Ends.values()) {
            choices.add(new Choice(
                    Said.BOOK.say("end." + Wordbook.key(end)),
                    play.until().ends().contains(end),
                    change(play.until(play.until().toggled(end)))));
        }
        for (String line : said.lines()) {
            boolean now = play.until().line().filter(line::equals).isPresent();
            choices.add(new Choice(
                    Said.BOOK.say("end.line", said.line(line)),
                    now,
                    change(play.until(play.until().over(now ? Optional.empty() : Optional.of(line))))));
        }
        return new Instead(Said.BOOK.say("ends"), choices, true);
    }
}
