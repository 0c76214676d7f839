package wildchalk.core.pitchside;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.call.Calling;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Dose;
import wildchalk.core.measure.Unit;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Practice;
import wildchalk.core.rehearsal.Codes;
import wildchalk.core.score.Aloud;
import wildchalk.core.score.Scoring;
import wildchalk.core.setout.SetOut;
import wildchalk.core.squad.FirstNames;
import wildchalk.core.squad.GroupNames;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.core.wording.Wordbook;

/**
 * What is known of a practice before it is run: its drills, what is said in them, who is in which group. The squad in
 * it is for the coach's own screen.
 *
 * @param drills as they were planned
 * @param needs what blocks take; not for several threads at one time
 * @param said by block and rung
 * @param rounds how groups go round blocks, by their ids
 */
public record Briefing(
        Practice practice,
        Map<Content.Planned, Drill> drills,
        Optional<Squad> squad,
        KnownNeeds needs,
        Map<Part, Says> said,
        Map<String, GoingRound> rounds) {

    private static final Wordbook BOOK = Wordbook.beside(Briefing.class, "Pitchside");

    /** Gear that comes in colours by which it is called. */
    private static final Set<GearKind> CALLED =
            EnumSet.of(GearKind.CONE, GearKind.MARKER, GearKind.POLE, GearKind.MANNEQUIN, GearKind.HOOP);

    /** A rung that is played in a block. */
    public record Part(String block, String rung) {}

    /**
     * A group of tonight, a side of a game, or one who plays.
     *
     * @param key by which it is counted: what it is called, or the id of somebody of the squad
     * @param name by its colour, or by its number where it has none
     * @param people what they are called; empty where only their number is known
     */
    public record Group(String key, String name, Optional<Bib> bib, List<String> people) {
        public Group {
            people = List.copyOf(people);
        }

        /** One of which only this is known. */
        static Group called(String name) {
            return new Group(name, name, Optional.empty(), List.of());
        }
    }

    public Briefing {
        drills = Map.copyOf(drills);
        said = Map.copyOf(said);
        rounds = Map.copyOf(rounds);
    }

    /** Works it out: every rung that is played is rehearsed for it. */
    public static Briefing of(Practice practice, Map<Content.Planned, Drill> drills, Optional<Squad> squad, Unit unit) {
        Map<Part, Says> said = new HashMap<>();
        practice.blocks().stream().flatMap(Block::all).forEach(b -> {
            Optional<Drill> drill = b.play().findFirst().map(p -> drills.get(p.drill()));
            said.put(
                    new Part(b.id(), ""),
                    drill.map(d -> Says.of(b, d, "", unit)).orElseGet(() -> Says.of(b)));
            drill.ifPresent(d -> b.play()
                    .flatMap(p -> p.rungs().stream())
                    .forEach(r -> said.put(new Part(b.id(), r), Says.of(b, d, r, unit))));
        });
        practice.blocks().stream()
                .filter(b -> b.parts().size() > 1)
                .forEach(b -> said.put(new Part(b.id(), ""), together(b, said)));
        Map<String, DrillWork> works = new HashMap<>();
        drills.forEach((planned, drill) -> works.put(planned.id(), new DrillWork(drill, SetOut.USUAL_HANDFUL)));
        KnownNeeds needs = block -> DrillWork.of(works, block, practice.company());
        return new Briefing(practice, drills, squad, needs, said, rounds(practice, needs));
    }

    /** What is said first in each of some that are side by side, and all that could hurt somebody in any. */
    private static Says together(Block block, Map<Part, Says> said) {
        List<String> say = new ArrayList<>();
        Set<String> care = new LinkedHashSet<>();
        for (Block part : block.parts()) {
            Says own = said.getOrDefault(new Part(part.id(), ""), Says.NOTHING);
            own.say().stream().findFirst().ifPresent(w -> say.add(BOOK.say("said.at", BlockWords.of(part), w)));
            care.addAll(own.care());
        }
        return new Says(say, List.of(), List.of(), List.copyOf(care));
    }

    private static Map<String, GoingRound> rounds(Practice practice, KnownNeeds needs) {
        Map<String, GoingRound> rounds = new HashMap<>();
        practice.blocks()
                .forEach(b -> GoingRound.of(b, practice.company(), needs).ifPresent(r -> rounds.put(b.id(), r)));
        return rounds;
    }

    /** The drill of a block; empty where it has none, or none that is there. */
    public Optional<Drill> drill(Block block) {
        return block.play().findFirst().map(p -> drills.get(p.drill()));
    }

    /** What is said in a block. */
    public Says says(Block block, String rung) {
        return said.getOrDefault(new Part(block.id(), rung), said.getOrDefault(new Part(block.id(), ""), Says.NOTHING));
    }

    /** How rungs are practised. */
    public Course.Doses doses() {
        return new Course.Doses() {
            @Override
            public Optional<Dose> of(Content.Play play, String rung) {
                return Optional.ofNullable(drills.get(play.drill()))
                        .flatMap(d -> Ladder.dose(d, Says.rung(d, rung).id()));
            }

            @Override
            public Optional<GoingRound> round(Block block) {
                return Optional.ofNullable(rounds.get(block.id()));
            }
        };
    }

    /** How groups go round a block; empty where they do not. */
    public Optional<GoingRound> round(Block block) {
        return Optional.ofNullable(rounds.get(block.id()));
    }

    /** The groups of tonight; none where nobody is divided. */
    public List<Group> groups() {
        List<Groups.Group> worn =
                squad.flatMap(s -> s.tonight().groups()).map(Groups::groups).orElse(List.of());
        List<Group> groups = new ArrayList<>();
        if (!worn.isEmpty()) {
            List<String> names =
                    GroupNames.of(worn.stream().map(Groups.Group::bib).toList());
            Map<String, String> people = names();
            for (int g = 0; g < worn.size(); g++) {
                groups.add(new Group(
                        names.get(g),
                        names.get(g),
                        Optional.of(worn.get(g).bib()),
                        worn.get(g).people().stream()
                                .filter(people::containsKey)
                                .map(people::get)
                                .toList()));
            }
            return groups;
        }
        for (int g = 1; g <= practice.company().groups().size(); g++) {
            groups.add(Group.called(BOOK.say("group", g)));
        }
        return groups;
    }

    private Map<String, String> names() {
        return squad.map(s -> FirstNames.of(s.playing())).orElse(Map.of());
    }

    /** What those are called who are there tonight, by id, in the order of the squad. */
    public Map<String, String> people() {
        Map<String, String> names = names();
        Map<String, String> people = new LinkedHashMap<>();
        squad.map(Squad::playing).orElse(List.of()).forEach(m -> people.put(m.id(), names.get(m.id())));
        return people;
    }

    /** What somebody is called, by id; itself for whoever is nobody of the squad. */
    public String name(String id) {
        return names().getOrDefault(id, id);
    }

    /** Somebody of the squad, by id; empty for nobody of it. */
    public Optional<Member> person(String id) {
        return squad.flatMap(s -> s.person(id));
    }

    /** The group that does a block; empty for everybody. */
    public Optional<Group> group(Block block) {
        List<Group> groups = groups();
        return block.group() >= 1 && block.group() <= groups.size()
                ? Optional.of(groups.get(block.group() - 1))
                : Optional.empty();
    }

    /** What whoever leads a block is called; empty for nobody in particular. */
    public Optional<String> lead(Block block) {
        return squad.flatMap(s -> s.staff().stream()
                .filter(h -> h.id().equals(block.lead()))
                .findFirst()
                .map(Helper::name));
    }

    /** What is called and what counts in a block: as its drill says, unless something else was agreed in the run. */
    public Aloud aloud(Run run, Block block, String rung) {
        List<Deed.Agreed> agreed = run.done(block.id(), Deed.Agreed.class);
        if (agreed.isEmpty()) {
            return stage(block, rung).map(Briefing::aloud).orElse(Aloud.NOTHING);
        }
        Deed.Agreed last = agreed.get(agreed.size() - 1);
        return new Aloud(Calling.read(last.calls()), Scoring.read(last.counts()));
    }

    /** Where nothing else is said to be called, the codes of the rung are, each once in an order nobody knows. */
    private static Aloud aloud(Stage stage) {
        boolean codes = stage.aloud().calling().isEmpty()
                && !stage.instructions(Game.Code.class).isEmpty();
        return codes ? stage.aloud().or(new Aloud(Calling.read(BOOK.say("codes")), Optional.empty())) : stage.aloud();
    }

    /**
     * For whom it is counted in a block: the groups of tonight, else the teams of its drill, else nobody in particular.
     *
     * @param each whether it is counted for each of the squad who is there, or, where nobody is known, for each role
     */
    public List<Group> sides(Block block, String rung, boolean each) {
        if (each) {
            Map<String, String> people = people();
            return people.isEmpty()
                    ? players(block, rung).stream().map(Group::called).toList()
                    : people.entrySet().stream()
                            .map(p -> new Group(p.getKey(), p.getValue(), Optional.empty(), List.of()))
                            .toList();
        }
        List<Group> groups = groups();
        // What one group does is played by the teams of the drill.
        if (groups.size() > 1 && block.group() == 0) {
            return groups;
        }
        Set<Bib> bibs = new LinkedHashSet<>();
        stage(block, rung).ifPresent(s -> s.people().stream()
                .filter(p -> p.isOnATeam() && !(p instanceof Piece.Goalkeeper))
                .forEach(p -> bibs.add(p.bib())));
        return bibs.size() < 2
                ? List.of(Group.called(""))
                : bibs.stream()
                        .map(b -> new Group(Wordbook.key(b), Wordbook.key(b), Optional.of(b), List.of()))
                        .toList();
    }

    private Optional<Stage> stage(Block block, String rung) {
        return drill(block).map(d -> Ladder.build(d, Says.rung(d, rung).id()));
    }

    /** What there is to call in a block: colours, players, calls of several figures. */
    public Calls.Known callable(Block block, String rung) {
        List<String> codes = stage(block, rung)
                .map(s -> s.instructions(Game.Code.class).stream()
                        .flatMap(c -> Codes.all(c).stream())
                        .map(c -> c.replace('-', ' '))
                        .toList())
                .orElse(List.of());
        return new Calls.Known(colours(block, rung), players(block, rung), codes);
    }

    /** Words for the colours of what is out in a block, each once. */
    public List<String> colours(Block block, String rung) {
        Set<String> colours = new LinkedHashSet<>();
        stage(block, rung).ifPresent(s -> s.pieces().stream()
                .filter(p -> p instanceof Piece.Item i && CALLED.contains(i.kind()))
                .map(p -> Wordbook.key(((Piece.Item) p).colour()))
                .forEach(colours::add));
        return List.copyOf(colours);
    }

    /** What those are called who play in the drill of a block, each once. */
    public List<String> players(Block block, String rung) {
        Map<String, String> players = new LinkedHashMap<>();
        stage(block, rung).ifPresent(s -> s.people().stream()
                .filter(Piece.Person::isOnATeam)
                .forEach(p -> players.put(p.label(), p.label())));
        return List.copyOf(players.keySet());
    }
}
