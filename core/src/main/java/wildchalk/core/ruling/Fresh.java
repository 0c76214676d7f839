package wildchalk.core.ruling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Whom;
import wildchalk.core.edit.GameEdits;
import wildchalk.core.edit.Twins;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;
import wildchalk.core.wording.Wordbook;

/** What could be said on a rung besides what is: as much of each as is usual, to be changed then. */
record Fresh(Said said, Surface surface, Timeline timeline, Set<String> chosen) {

    private static final int TOUCHES = 3;
    private static final double CLOCK = 20;
    /** How far in a goal is turned round that was in the end line, metres. */
    private static final double IN = 8;

    List<Instead> all() {
        List<Instead> all = new ArrayList<>();
        add(all, "fresh.play", plays());
        add(all, "fresh.limit", limits());
        add(all, "fresh.duty", duties());
        add(all, "fresh.trade", trades());
        add(all, "fresh.says", calls());
        add(all, "fresh.watch", watches());
        add(all, "fresh.twin", twins());
        add(all, "fresh.code", codes());
        add(all, "fresh.goal", goals());
        GivenFresh given = new GivenFresh(said, surface, chosen);
        add(all, "fresh.starts", given.starts());
        add(all, "fresh.ability", given.abilities());
        add(all, "fresh.by.age", given.byAge());
        return all;
    }

    private static void add(List<Instead> all, String key, List<Choice> choices) {
        if (!choices.isEmpty()) {
            all.add(new Instead(Said.BOOK.say(key), choices));
        }
    }

    private Choice say(String words, Function<String, Instruction> made) {
        return new Choice(words, false, GameEdits.say(said.rung(), Said.BOOK.say("edit.say"), made));
    }

    /** Where it ends: when whatever is drawn is over. */
    private Cue atTheEnd() {
        return said.stage().actions().stream()
                .filter(a -> timeline.times(a.id()).isPresent())
                .max(Comparator.comparingDouble(
                        a -> timeline.times(a.id()).orElseThrow().over()))
                .map(Fresh::over)
                .orElse(Cue.whistle());
    }

    private static Cue over(Action action) {
        return action.receiver().isPresent() ? Cue.received(action.id()) : Cue.after(action.id());
    }

    /** Whoever has the ball when all that is drawn is over. */
    private Optional<String> lastOnTheBall() {
        double end = timeline.duration();
        return timeline.balls().stream()
                .flatMap(b -> timeline.holder(b, end).stream())
                .findFirst()
                .or(() -> said.stage().people().stream()
                        .filter(Piece.Person::isOnATeam)
                        .findFirst()
                        .map(Piece::id));
    }

    private List<Choice> plays() {
        Optional<String> who = lastOnTheBall();
        if (who.isEmpty()) {
            return List.of();
        }
        List<Bib> teams = said.teams();
        List<Whom> sides = teams.size() > 1 && teams.size() <= PlayOn.MOST_SIDES
                ? teams.stream().map(b -> (Whom) new Whom.Team(b)).toList()
                : List.of();
        PlayOn.Until until = new PlayOn.Until(
                OptionalDouble.of(CLOCK),
                surface.targets().isEmpty() ? Set.of() : Set.of(PlayOn.Ends.GOAL),
                Optional.empty());
        List<Optional<String>> areas = new ArrayList<>();
        said.stage().areas().forEach(a -> areas.add(Optional.of(a.id())));
        areas.sort(Comparator.comparing(a -> !chosen.contains(a.orElse(""))));
        areas.add(Optional.empty());
        return areas.stream()
                .map(a -> new Choice(
                        a.isPresent()
                                ? Said.BOOK.say("fresh.play.area", said.zone(a.get()))
                                : Said.BOOK.say("fresh.play.here", Said.BOOK.say("area.all")),
                        false,
                        GameEdits.act(
                                said.rung(),
                                Said.BOOK.say("edit.say"),
                                id -> new PlayOn(id, who.get(), sides, a, until, "", atTheEnd()))))
                .toList();
    }

    private List<Choice> limits() {
        List<Choice> all = new ArrayList<>();
        List<Whom> sides = new ArrayList<>();
        said.teams().forEach(b -> sides.add(new Whom.Team(b)));
        List<String> picked = people();
        if (!picked.isEmpty()) {
            sides.add(0, new Whom.People(picked));
        }
        for (Whom side : sides) {
            all.add(say(
                    Said.BOOK.say("fresh.limit.team", said.words().of(side)),
                    id -> Limit.Count.atMost(id, Limit.Counted.TOUCHES, TOUCHES, side)));
        }
        all.add(say(
                Said.BOOK.say("fresh.limit.least"),
                id -> Limit.Count.atLeast(id, Limit.Counted.PASSES, TOUCHES, Whom.everybody())));
        Optional<Cue.Trigger> pass = said.stage().actions().stream()
                .filter(a -> a.receiver().flatMap(said.stage()::person).isPresent())
                .findFirst()
                .map(a -> new Cue.Received(a.id()));
        for (Whom side : sides) {
            pass.ifPresent(p -> all.add(say(
                    Said.BOOK.say("fresh.limit.not.before", said.words().of(side)),
                    id -> new Limit.NotBefore(id, side, p))));
            for (Piece.Area area : said.stage().areas()) {
                String zone = said.zone(area.id());
                String who = said.words().of(side);
                all.add(say(
                        Said.BOOK.say("fresh.limit.stay", who, zone),
                        id -> new Limit.StayIn(id, side, area.id(), Optional.empty())));
                all.add(say(Said.BOOK.say("fresh.limit.only", who, zone), id -> new Limit.OnlyIn(id, area.id(), side)));
            }
        }
        return all;
    }

    /** The moment that is likeliest meant: the first pass leaves. */
    private Cue first() {
        return said.stage().actions().stream()
                .filter(Action.Pass.class::isInstance)
                .findFirst()
                .map(a -> new Cue(new Cue.Released(a.id()), 0))
                .orElse(Cue.whistle());
    }

    private List<Choice> duties() {
        Cue cue = first();
        List<Choice> all = new ArrayList<>();
        List<Game.Duty> usual = List.of(
                duty(Whom.Role.NEAREST, Game.Task.PRESS, cue),
                duty(Whom.Role.THE_REST, Game.Task.SHIFT, cue),
                duty(Whom.Role.THE_REST, Game.Task.HOLD, cue),
                duty(Whom.Role.MARKING, Game.Task.DROP, cue),
                new Game.Duty("", new Whom.HasBall(false), Game.Task.BEHIND_BALL, Game.Duty.USUAL, cue));
        usual.forEach(d -> all.add(say(said.words().of(d), d::withId)));
        for (Bib team : said.teams()) {
            Whom side = new Whom.Team(team);
            for (Piece.Area area : said.stage().areas()) {
                all.add(say(
                        Said.BOOK.say("fresh.spread", said.words().of(side), said.zone(area.id())),
                        id -> new Game.Duty(
                                id, side, Game.Task.SPREAD, Game.Duty.USUAL, Optional.of(area.id()), Cue.whistle())));
            }
        }
        return all;
    }

    private Game.Duty duty(Whom.Role role, Game.Task task, Cue cue) {
        Optional<Bib> others = lastOnTheBall()
                .flatMap(said.stage()::person)
                .flatMap(p -> said.teams().stream().filter(b -> b != p.bib()).findFirst());
        return new Game.Duty("", new Whom.Being(role, others, 1, Optional.empty()), task, Game.Duty.USUAL, cue);
    }

    private List<Choice> trades() {
        boolean there = !said.stage().instructions(Game.Trade.class).isEmpty();
        return there || said.teams().size() < 2
                ? List.of()
                : List.of(Game.Lost.values()).stream()
                        .map(l -> say(said.words().of(new Game.Trade("", l)), id -> new Game.Trade(id, l)))
                        .toList();
    }

    private List<String> people() {
        return chosen.stream()
                .filter(c -> said.stage().person(c).isPresent())
                .sorted()
                .toList();
    }

    /** Those who are chosen; all who play where nobody is. */
    private List<String> callers() {
        return people().isEmpty()
                ? said.stage().people().stream()
                        .filter(Piece.Person::isOnATeam)
                        .map(Piece::id)
                        .toList()
                : people();
    }

    private List<Choice> calls() {
        return callers().stream()
                .map(w -> say(
                        Said.BOOK.say("fresh.says.one", said.name(w)),
                        id -> new Game.Says(
                                id,
                                Whom.one(w),
                                Said.BOOK.say("fresh.call"),
                                Whom.everybody(),
                                true,
                                Optional.of(first()))))
                .toList();
    }

    private List<Choice> watches() {
        List<Choice> all = new ArrayList<>();
        all.add(say(Said.BOOK.say("fresh.watch.all"), id -> watch(id, Whom.everybody())));
        callers()
                .forEach(w ->
                        all.add(say(Said.BOOK.say("fresh.watch.one", said.name(w)), id -> watch(id, Whom.one(w)))));
        return all;
    }

    private static Game.WatchFor watch(String id, Whom whom) {
        return new Game.WatchFor(id, whom, Optional.empty(), Said.BOOK.say("fresh.watch.fault"), "");
    }

    /** Of what is chosen, else of everything: not of what is tied already. */
    private List<Choice> twins() {
        Set<String> tied = new LinkedHashSet<>();
        said.stage().instructions(Game.Twin.class).forEach(t -> {
            tied.addAll(t.pairs().keySet());
            tied.addAll(t.pairs().values());
        });
        Set<String> part = new LinkedHashSet<>();
        said.stage().pieces().stream()
                .filter(p -> chosen.contains(p.id()) || people().isEmpty() && !(p instanceof Piece.Tape))
                .map(Piece::id)
                .filter(id -> !tied.contains(id))
                .forEach(part::add);
        if (part.stream().noneMatch(id -> said.stage().person(id).isPresent())) {
            return List.of();
        }
        List<Choice> all = new ArrayList<>();
        for (boolean inTurn : List.of(false, true)) {
            for (Game.Where where : Game.Where.values()) {
                String key = "fresh.twin." + Wordbook.key(where) + (inTurn ? ".turn" : "");
                all.add(new Choice(
                        Said.BOOK.say(key), false, Twins.tie(said.rung(), part, where, inTurn, surface, timeline)));
            }
        }
        return all;
    }

    private List<Choice> codes() {
        List<String> gear = said.stage().pieces().stream()
                .filter(p -> p instanceof Piece.Item && chosen.contains(p.id()))
                .map(Piece::id)
                .toList();
        if (gear.size() < 2 || gear.size() > 10) {
            return List.of();
        }
        Optional<Game.Code> code =
                said.stage().instructions(Game.Code.class).stream().findFirst();
        List<Choice> all = new ArrayList<>();
        for (boolean gaps : List.of(true, false)) {
            Game.Part part =
                    new Game.Part(Said.BOOK.say(gaps ? "fresh.code.word" : "fresh.code.word.gear"), gear, gaps);
            String key = gaps ? "fresh.code.gaps" : "fresh.code.gear";
            if (code.isEmpty()) {
                all.add(say(Said.BOOK.say(key, gear.size()), id -> new Game.Code(id, List.of(part))));
            } else if (code.get().parts().size() < 4) {
                List<Game.Part> parts = new ArrayList<>(code.get().parts());
                parts.add(part);
                all.add(new Choice(
                        Said.BOOK.say(gaps ? "fresh.code.more.gaps" : "fresh.code.more", gear.size()),
                        false,
                        GameEdits.change(
                                said.rung(),
                                Said.BOOK.say("edit.say"),
                                code.get().of(parts))));
            }
        }
        return all;
    }

    private List<Choice> goals() {
        List<Choice> all = new ArrayList<>();
        Optional<Piece> there = said.stage().pieces().stream()
                .filter(p -> chosen.contains(p.id()) && p instanceof Piece.Item)
                .findFirst();
        for (Surface.Target target : surface.targets()) {
            boolean is = said.stage().instructions(Game.GoalAt.class).stream()
                    .anyMatch(g -> g.target().equals(target.id()));
            if (!is) {
                all.add(say(
                        Said.BOOK.say("fresh.goal.down", target.name()),
                        id -> new Game.GoalAt(id, target.id(), Optional.empty(), 0)));
                Vec in = target.at().minus(new Vec(Math.signum(target.at().x()) * IN, 0));
                all.add(say(
                        Said.BOOK.say("fresh.goal.turn", target.name()),
                        id -> new Game.GoalAt(id, target.id(), Optional.of(in), target.facing() + Math.PI)));
                there.ifPresent(p -> all.add(say(
                        Said.BOOK.say("fresh.goal.here", target.name(), said.piece(p)),
                        id -> new Game.GoalAt(id, target.id(), Optional.of(p.at()), target.facing()))));
            }
        }
        return all;
    }
}
