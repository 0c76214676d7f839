package wildchalk.core.evening;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.carousel.Turns;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.measure.Unit;
import wildchalk.core.pitchside.Says;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Change;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.practice.Makeup;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Plan;
import wildchalk.core.wording.Wordbook;

/**
 * What stands on a run sheet: whoever has it and the cards of its drills can run the evening.
 *
 * @param title of the evening, and whose sheet it is
 * @param when "Thu 3 Dec 2026, 18:30 to 19:30, far pitch"
 * @param bring what is to be brought, and from when it is set out; may be empty
 * @param groups who is in which
 * @param rows in order of time
 * @param cautions what could hurt somebody, in any of its drills
 * @param end when it is over
 */
public record RunSheet(
        String title,
        String when,
        String bring,
        List<Handed.Group> groups,
        List<Row> rows,
        List<String> cautions,
        String end) {

    /** So much is said of one thing; the cards say the rest. */
    private static final int MOST_SAID = 3;

    private static final int MINUTE = 60;
    private static final Wordbook BOOK = Handed.BOOK;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern(BOOK.say("day"), Locale.ENGLISH);

    /**
     * A while of the evening.
     *
     * @param block it
     * @param time on the clock
     * @param before what comes before it, and how long that takes; may be empty
     * @param places what is on, one of several side by side each
     * @param turns who is where when; none where nobody goes round
     * @param round how long a turn is, and what is done in it; empty where nobody goes round
     */
    public record Row(Block block, String time, String before, List<Place> places, List<Turn> turns, String round) {
        public Row {
            places = List.copyOf(places);
            turns = List.copyOf(turns);
        }

        /** Minutes. */
        public int minutes() {
            return block.time().now();
        }
    }

    /**
     * What is on somewhere.
     *
     * @param who does it, and under whom: "coral, coach 2 leads"; may be empty
     * @param mine whether it is led by whoever the sheet is for
     * @param rungs which rungs of its drill, and how long each; may be empty
     * @param takes people, gear and balls; may be empty
     * @param say what is said, the most needed first
     */
    public record Place(
            Block block, String title, String who, boolean mine, String rungs, String takes, List<String> say) {
        public Place {
            say = List.copyOf(say);
        }
    }

    /**
     * A turn of those who go round.
     *
     * @param time on the clock
     * @param there who is at each place, in their order: "coral", "sky and lemon", "2 keepers"
     * @param rest who rests; may be empty
     */
    public record Turn(String time, List<String> there, String rest) {
        public Turn {
            there = List.copyOf(there);
        }
    }

    public RunSheet {
        groups = List.copyOf(groups);
        rows = List.copyOf(rows);
        cautions = List.copyOf(cautions);
    }

    /**
     * That of an evening.
     *
     * @param unit of lengths
     */
    public static RunSheet of(Handed evening, Unit unit) {
        return new Making(evening, unit).make();
    }

    /** Makes one. */
    private static final class Making {

        private final Handed evening;
        private final Unit unit;
        private final Set<String> cautions = new LinkedHashSet<>();

        Making(Handed evening, Unit unit) {
            this.evening = evening;
            this.unit = unit;
        }

        RunSheet make() {
            List<Row> rows = evening.plan().entries().stream().map(this::row).toList();
            String mine = evening.lead(evening.who().marked());
            String title = evening.silent(evening.practice().title());
            return new RunSheet(
                    mine.isEmpty() ? title : BOOK.say("for", title, mine),
                    evening.silent(when()),
                    bring(),
                    evening.groups(),
                    rows,
                    List.copyOf(cautions),
                    at(evening.plan().seconds()));
        }

        private String at(double seconds) {
            return evening.practice().slot().at(seconds).format(TIME);
        }

        private String when() {
            List<String> parts = new ArrayList<>();
            evening.practice().slot().day().ifPresent(d -> parts.add(d.format(DAY)));
            parts.add(BOOK.say("from.to", at(0), at(evening.practice().slot().seconds())));
            if (!evening.practice().setting().ground().isEmpty()) {
                parts.add(evening.practice().setting().ground());
            }
            if (evening.practice().company().isSaid()) {
                parts.add(BOOK.say("people", evening.practice().company().people()));
            }
            return String.join(BOOK.say("comma"), parts);
        }

        private String bring() {
            Makeup.Bring bring = Makeup.bring(evening.plan(), evening.needs());
            List<String> things = EveningMessage.things(bring);
            if (things.isEmpty()) {
                return "";
            }
            String all = String.join(BOOK.say("comma"), things);
            int minutes = (int) Math.ceil(bring.settingOut() / MINUTE);
            return minutes == 0 ? BOOK.say("bring", all) : BOOK.say("bring.set.out", all, at(-minutes * MINUTE));
        }

        private Row row(Plan.Entry entry) {
            Optional<GoingRound> round =
                    GoingRound.of(entry.block(), evening.practice().company(), evening.needs());
            List<Place> places = entry.block().parts().stream()
                    .map(b -> place(b, round.isPresent()))
                    .toList();
            return new Row(
                    entry.block(),
                    at(entry.start()),
                    before(entry.before()),
                    places,
                    round.map(r -> turns(entry, r)).orElse(List.of()),
                    round.map(r -> round(entry.block(), r)).orElse(""));
        }

        private static String before(Change change) {
            if (change.seconds() == 0) {
                return "";
            }
            String what =
                    change.parts().stream().map(Change.Part::words).collect(Collectors.joining(BOOK.say("comma")));
            return BOOK.say("before", clock(change.seconds()), what);
        }

        private static String clock(int seconds) {
            return String.format(Locale.ROOT, "%d:%02d", seconds / MINUTE, seconds % MINUTE);
        }

        private Place place(Block block, boolean round) {
            Optional<Drill> drill = evening.drill(block);
            String rung =
                    block.play().flatMap(p -> p.rungs().stream()).findFirst().orElse("");
            Says says = drill.map(d -> Says.of(block, d, rung, unit)).orElseGet(() -> Says.of(block));
            cautions.addAll(says.care());
            List<String> who = new ArrayList<>();
            if (!round && block.group() > 0) {
                who.add(evening.group(block.group()));
            }
            String lead = evening.lead(block.lead());
            if (!lead.isEmpty()) {
                who.add(BOOK.say("leads", lead));
            }
            return new Place(
                    block,
                    evening.silent(BlockWords.of(block)),
                    String.join(BOOK.say("comma"), who),
                    !lead.isEmpty() && block.lead().equals(evening.who().marked()),
                    evening.silent(drill.flatMap(d -> rungs(block, d)).orElse("")),
                    evening.needs().of(block).map(Making::takes).orElse(""),
                    says.say().stream().limit(MOST_SAID).map(evening::silent).toList());
        }

        private static Optional<String> rungs(Block block, Drill drill) {
            return block.play()
                    .findFirst()
                    .filter(p -> drill.ladder().size() > 1)
                    .map(p -> {
                        List<Content.Climb> climbs = p.climbs().isEmpty()
                                ? List.of(Content.Climb.of(drill.ladder().get(0).id()))
                                : p.climbs();
                        return BOOK.say(
                                "rungs",
                                climbs.size(),
                                climbs.stream()
                                        .map(c -> climb(drill, c))
                                        .collect(Collectors.joining(BOOK.say("then"))));
                    });
        }

        private static String climb(Drill drill, Content.Climb climb) {
            String sign = Optional.ofNullable(Ladder.signs(drill).get(climb.rung()))
                    .map(s -> BOOK.say("rung", s, Says.rung(drill, climb.rung()).title()))
                    .orElse(climb.rung());
            if (!climb.when().isEmpty()) {
                return BOOK.say("climb.when", sign, climb.when());
            }
            return climb.minutes() > 0 ? BOOK.say("climb.minutes", sign, climb.minutes()) : sign;
        }

        private static String takes(Needs needs) {
            List<String> parts = new ArrayList<>();
            parts.add(BOOK.say("at.least", needs.fewest()));
            parts.addAll(EveningMessage.things(needs));
            return String.join(BOOK.say("comma"), parts);
        }

        private List<Turn> turns(Plan.Entry entry, GoingRound round) {
            List<Turn> turns = new ArrayList<>();
            for (int t = 0; t < round.turns().count(); t++) {
                int turn = t;
                turns.add(new Turn(
                        at(entry.start() + round.begins(t)),
                        entry.block().parts().stream()
                                .map(p -> there(round, turn, p))
                                .toList(),
                        groups(round.turns().there(t, Turns.REST))));
            }
            return turns;
        }

        private String there(GoingRound round, int turn, Block place) {
            List<String> all = new ArrayList<>();
            String groups = groups(round.there(turn, place));
            if (!groups.isEmpty()) {
                all.add(groups);
            }
            int keepers = round.keepers(turn, place).size();
            if (keepers > 0) {
                all.add(BOOK.say("keepers", keepers));
            }
            return all.isEmpty() ? BOOK.say("nobody") : String.join(BOOK.say("and"), all);
        }

        private String groups(List<Integer> numbers) {
            return numbers.stream().map(g -> evening.group(g + 1)).collect(Collectors.joining(BOOK.say("and")));
        }

        private static String round(Block block, GoingRound round) {
            int each = (int) Math.max(0, Math.floor(round.seconds()));
            int change = round.turns().count() > 1 ? (int) round.change(1) : 0;
            boolean flipped = block.content() instanceof Content.Beside b
                    && b.round().filter(Content.Round::flipped).isPresent();
            String words = BOOK.say("round", round.turns().count(), clock(each), change);
            return flipped ? words + BOOK.say("flipped") : words;
        }
    }
}
