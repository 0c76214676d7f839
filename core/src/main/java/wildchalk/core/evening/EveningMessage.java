package wildchalk.core.evening;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wildchalk.core.carousel.Turns;
import wildchalk.core.drill.GearKind;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Makeup;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.wording.Wordbook;

/** An evening as a text that is sent to whoever helps: when, where, what to bring, what comes. It names nobody. */
public final class EveningMessage {

    private static final Wordbook BOOK = Wordbook.beside(EveningMessage.class, "Message");
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern(BOOK.say("day"), Locale.ENGLISH);

    private final Practice practice;
    private final KnownNeeds needs;
    private final List<String> groups;

    private EveningMessage(Practice practice, KnownNeeds needs, List<String> groups) {
        this.practice = practice;
        this.needs = needs;
        this.groups = groups;
    }

    /**
     * Its lines.
     *
     * @param needs what its drills take
     * @param bring what is to be brought
     * @param groups what groups are called, by their numbers; those beyond have their number
     */
    static List<String> of(Practice practice, Plan plan, KnownNeeds needs, Makeup.Bring bring, List<String> groups) {
        EveningMessage message = new EveningMessage(practice, needs, groups);
        List<String> lines = new ArrayList<>();
        lines.add(message.head());
        List<String> things = things(bring);
        if (!things.isEmpty()) {
            int minutes = (int) Math.ceil(bring.settingOut() / 60);
            String all = String.join(BOOK.say("comma"), things);
            lines.add(
                    minutes == 0
                            ? BOOK.say("bring", all)
                            : BOOK.say(
                                    "bring.set.out",
                                    all,
                                    practice.slot().at(-minutes * 60.0).format(TIME)));
        }
        plan.entries().forEach(e -> message.block(e, lines));
        lines.add(BOOK.say("end", practice.slot().at(plan.seconds()).format(TIME)));
        return lines;
    }

    /** Those of an evening that is handed on: groups by their colours. */
    public static List<String> of(Handed evening) {
        List<String> lines = new ArrayList<>(of(
                evening.practice(),
                evening.plan(),
                evening.needs(),
                Makeup.bring(evening.plan(), evening.needs()),
                evening.groups().stream().map(Handed.Group::name).toList()));
        String bibs = evening.groups().stream()
                .filter(g -> g.bib().isPresent() && g.size() > 0)
                .map(g -> BOOK.say("bib", g.size(), Wordbook.key(g.bib().orElseThrow())))
                .collect(Collectors.joining(BOOK.say("comma")));
        if (!bibs.isEmpty()) {
            lines.add(1, BOOK.say("bibs", bibs));
        }
        return lines.stream().map(evening::silent).toList();
    }

    private String head() {
        List<String> parts = new ArrayList<>();
        parts.add(practice.title());
        practice.slot().day().ifPresent(d -> parts.add(d.format(DAY)));
        parts.add(BOOK.say(
                "from.to",
                practice.slot().start().format(TIME),
                practice.slot().at(practice.slot().seconds()).format(TIME)));
        if (!practice.setting().ground().isEmpty()) {
            parts.add(practice.setting().ground());
        }
        return String.join(BOOK.say("comma"), parts);
    }

    /** What is to be brought, in words: "8 cones", "2 balls". */
    public static List<String> things(Makeup.Bring bring) {
        return things(bring.gear(), bring.balls() > 0 ? bring.called() : "");
    }

    /** What something takes, in words. */
    static List<String> things(Needs needs) {
        return things(needs.gear(), needs.balls() > 0 ? needs.ballWords() : "");
    }

    private static List<String> things(Map<GearKind, Integer> gear, String balls) {
        List<String> things = new ArrayList<>();
        gear.forEach((kind, n) -> {
            String word = PieceWords.kind(kind);
            things.add(BOOK.say("gear", n, n == 1 ? word : PieceWords.several(word)));
        });
        if (!balls.isEmpty()) {
            things.add(balls);
        }
        return things;
    }

    private void block(Plan.Entry entry, List<String> lines) {
        Block block = entry.block();
        String time = practice.slot().at(entry.start()).format(TIME);
        List<Block> parts = block.parts();
        if (parts.size() == 1) {
            String who = block.group() > 0 ? BOOK.say("who", group(block.group() - 1)) : "";
            lines.add(BOOK.say("block", time, BlockWords.of(block), block.time().now(), who));
        } else {
            lines.add(BOOK.say("beside", time, block.time().now()));
            GoingRound.of(block, practice.company(), needs)
                    .ifPresentOrElse(
                            r -> round(parts, r, lines),
                            () -> parts.forEach(p -> lines.add(BOOK.say(
                                    "part",
                                    BlockWords.of(p),
                                    p.group() > 0 ? BOOK.say("who", group(p.group() - 1)) : ""))));
        }
    }

    /** A line for each place: which group is there in which turn. */
    private void round(List<Block> parts, GoingRound round, List<String> lines) {
        Turns turns = round.turns();
        for (Block part : parts) {
            boolean own = round.places().stream().noneMatch(p -> p.id().equals(part.id()));
            lines.add(
                    own
                            ? BOOK.say("keepers.own", BlockWords.of(part))
                            : BOOK.say("place", BlockWords.of(part), inTurn(turns.count(), t -> round.there(t, part))));
        }
        boolean rests = IntStream.range(0, turns.carousel().groups())
                .anyMatch(g -> !turns.rests(g).isEmpty());
        if (rests) {
            lines.add(BOOK.say("place", BOOK.say("rest"), inTurn(turns.count(), t -> turns.there(t, Turns.REST))));
        }
        lines.add(BOOK.say(
                "turns", turns.count(), (int) Math.floor(round.seconds() / 60), String.format(Locale.ROOT, "%02d", (int)
                        Math.floor(round.seconds() % 60))));
    }

    private String inTurn(int turns, IntFunction<List<Integer>> who) {
        List<String> all = new ArrayList<>();
        for (int t = 0; t < turns; t++) {
            String there = who.apply(t).stream().map(this::group).collect(Collectors.joining(BOOK.say("and")));
            all.add(there.isEmpty() ? BOOK.say("nobody") : there);
        }
        return String.join(BOOK.say("then"), all);
    }

    private String group(int number) {
        return number < groups.size() ? groups.get(number) : BOOK.say("group", number + 1);
    }
}
