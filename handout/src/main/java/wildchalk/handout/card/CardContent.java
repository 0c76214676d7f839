package wildchalk.handout.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Dose;
import wildchalk.core.measure.TimeFormat;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.phase.Phase;
import wildchalk.core.script.AttackWords;
import wildchalk.core.script.GameWords;
import wildchalk.core.setout.Sheet;
import wildchalk.core.setout.SheetWords;
import wildchalk.core.wording.Wordbook;
import wildchalk.handout.order.NeedWords;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Played;
import wildchalk.handout.type.Typeface;

/** What stands on a card, in the order in which whoever runs the drill needs it. */
final class CardContent {

    static final Wordbook WORDS = Wordbook.beside(CardContent.class, "Card");

    /**
     * A single picture goes into a column unless it would be narrower there than this share of its width across the
     * page.
     */
    private static final double NARROWER = 0.75;
    /** How high the picture of the gear is, as a share of the others: there is less on it. */
    private static final double GEAR = 0.7;

    /** It is as high as this at least, points. */
    private static final double LEAST_GEAR = 110;

    private static final int FEW_PIECES = 2;
    /** So many pictures stand beside each other on a page that is higher than broad; one more on a broad one. */
    private static final int IN_A_ROW = 2;

    private final Order order;
    private final List<Facts> rungs;
    private final Setting head;
    private final Setting column;
    private final double highest;
    private final RungWords told;
    private int pictures;

    /** @param highest no picture is higher, points */
    CardContent(Order order, List<Facts> rungs, Setting head, Setting column, double highest) {
        this.order = order;
        this.rungs = rungs;
        this.head = head;
        this.column = column;
        this.highest = highest;
        this.told = new RungWords(order, column);
    }

    private Played lowest() {
        return rungs.get(0).rung();
    }

    /** All of it: the head of the card, then the rungs, then where all begins and what is said. */
    List<Layout.Band> bands() {
        List<Layout.Band> bands = new ArrayList<>();
        List<Slice> across = new ArrayList<>(head());
        List<Slice> columns = new ArrayList<>();
        told.tellStarts(rungs.get(0));
        for (Facts rung : rungs) {
            List<Shot> shots = rung.shots().stream()
                    .filter(s -> told.isNew(rung, s.phase()))
                    .toList();
            pictures += shots.size();
            List<List<Shot>> rows = rows(shots);
            if (rows.isEmpty()) {
                columns.addAll(heading(rung, column));
                for (Shot shot : shots) {
                    columns.add(new Diagram(column, highest).of(shot, shots.size() == 1 ? "" : caption(rung, shot)));
                }
            } else {
                if (!columns.isEmpty()) {
                    bands.add(new Layout.Band(across, columns));
                    across = new ArrayList<>();
                    columns = new ArrayList<>();
                }
                across.addAll(heading(rung, head));
                for (List<Shot> row : rows) {
                    List<String> captions =
                            row.stream().map(s -> caption(rung, s)).toList();
                    across.add(new Diagram(head, highest).row(row, captions));
                }
            }
            columns.addAll(told.told(rung));
        }
        columns.addAll(foot());
        bands.add(new Layout.Band(across, columns));
        return bands;
    }

    /** Across the first page: what it is, who and what is needed, what to take care of, what the lines mean. */
    private List<Slice> head() {
        Drill drill = order.drill();
        List<Slice> slices = new ArrayList<>();
        slices.add(head.title("H1", drill.title().isBlank() ? WORDS.say("untitled") : drill.title(), 2, true));
        slices.addAll(head.words(where()));
        slices.addAll(
                head.words("P", "", NeedWords.of(rungs.stream().map(Facts::rung).toList()), Typeface.TEXT_BOLD));
        for (String caution : drill.cautionsOut()) {
            slices.addAll(head.words("P", "!", WORDS.say("care", caution), Typeface.TEXT_BOLD));
        }
        slices.add(Slice.gap(head.size() * 0.4));
        slices.add(new Diagram(head, highest).key(lowest()));
        return slices;
    }

    private String where() {
        Drill drill = order.drill();
        double minutes = rungs.stream()
                .flatMap(r -> r.rung().rung().plan().dose().stream())
                .mapToDouble(Dose::minutes)
                .sum();
        List<String> sentences = new ArrayList<>();
        sentences.add(WORDS.say(
                "where",
                lowest().surface().name(),
                drill.showing().name(lowest().surface()).toLowerCase(Locale.ROOT)));
        sentences.add(WORDS.say(
                "level",
                capital(EffortWords.of(drill.effort().level())),
                EffortWords.of(lowest().stage().effort().intensity())));
        if (minutes > 0) {
            sentences.add(WORDS.say("minutes", Long.toString(Math.round(minutes))));
        }
        sentences.add(WORDS.say("rep", TimeFormat.seconds(lowest().timeline().duration())));
        sentences.add(AttackWords.of(
                lowest().stage(), lowest().surface(), drill.showing().attack()));
        return String.join(" ", sentences);
    }

    private List<Slice> heading(Facts facts, Setting setting) {
        Played rung = facts.rung();
        String length = rung.rung()
                .plan()
                .dose()
                .map(l -> WORDS.say("length", l.words()))
                .orElse("");
        List<Slice> slices = new ArrayList<>();
        slices.add(setting.title("H2", rung.name() + length, 1.35, true));
        RungWords words = setting == column ? told : told.in(setting);
        facts.below().ifPresent(below -> slices.addAll(words.differs(below, facts)));
        return slices;
    }

    /** Pictures that stand across the page, row by row; none where a single one goes into a column. */
    List<List<Shot>> rows(List<Shot> shots) {
        // A ladder needs the room: words stand beside its pictures.
        boolean ladder =
                rungs.size() > 1 && (shots.size() <= 1 || shots.stream().noneMatch(Shot::isWhole));
        boolean inColumn = ladder
                || shots.size() == 1
                        && !shots.get(0).isWhole()
                        && column.width() >= new Diagram(head, highest).width(shots.get(0)) * NARROWER;
        List<List<Shot>> rows = new ArrayList<>();
        if (inColumn) {
            return rows;
        }
        int most = order.paper().across() ? IN_A_ROW + 1 : IN_A_ROW;
        Diagram diagram = new Diagram(head, highest);
        List<Shot> row = new ArrayList<>();
        for (Shot shot : shots) {
            List<Shot> with = new ArrayList<>(row);
            with.add(shot);
            boolean fits = with.stream().noneMatch(Shot::isWhole) ? with.size() <= most : diagram.fit(with);
            if (!row.isEmpty() && !fits) {
                rows.add(row);
                row = new ArrayList<>();
            }
            row.add(shot);
        }
        if (!row.isEmpty()) {
            rows.add(row);
        }
        return rows;
    }

    /** What stands over a picture; nothing over the only one of a rung. */
    private String caption(Facts rung, Shot shot) {
        Phase phase = shot.phase();
        if (rung.shots().size() == 1) {
            return "";
        }
        String span = phase.first().equals(phase.last()) ? phase.first() : WORDS.say("to", phase.first(), phase.last());
        int several = phase.first().equals(phase.last()) ? 1 : 2;
        if (phase.way() != rung.rung().timeline()) {
            String name = phase.option().map(Option::label).orElse("");
            return name.isBlank() ? WORDS.say("caption.other", span) : WORDS.say("caption.option", name, span);
        }
        if (span.isEmpty()) {
            return WORDS.say("caption.start");
        }
        String station = phase.station()
                .flatMap(s -> shot.played().stage().stations().stream()
                        .filter(x -> x.id().equals(s))
                        .findFirst())
                .map(s -> WORDS.say("caption.station", Integer.toString(s.number())))
                .orElse("");
        boolean start = phase.why() == Phase.Why.START && phase.station().isEmpty();
        return station + WORDS.say(start ? "caption.start.beats" : "caption.beats", several, span);
    }

    /** Where everybody begins, where everything stands, then what is said. */
    private List<Slice> foot() {
        List<Slice> slices = new ArrayList<>();
        List<String> starts = told.starts(rungs.get(0), lowest().stage().people());
        if (!starts.isEmpty()) {
            slices.add(column.title("H2", WORDS.say("starts"), 1.2, true));
            slices.addAll(column.words(SheetWords.facing(
                    lowest().surface(), order.drill().showing().attack())));
            starts.forEach(l -> slices.addAll(column.words(l)));
        }
        slices.addAll(gear());
        slices.addAll(list(WORDS.say("points"), order.drill().points()));
        slices.addAll(list(WORDS.say("questions"), order.drill().questions()));
        List<Stage> stages = rungs.stream().map(r -> r.rung().stage()).toList();
        slices.addAll(list(
                GameWords.watchHeading(),
                GameWords.watched(stages, lowest().surface(), order.units().unit())));
        return slices;
    }

    private List<Slice> list(String heading, List<String> lines) {
        List<Slice> slices = new ArrayList<>();
        if (!lines.isEmpty()) {
            slices.add(column.title("H2", heading, 1.2, true));
            lines.forEach(l -> slices.addAll(column.numbered(Setting.BULLET, l)));
        }
        return slices;
    }

    private List<Slice> gear() {
        Sheet sheet = rungs.get(0).sheet();
        List<Slice> slices = new ArrayList<>();
        if (sheet.steps().isEmpty()) {
            return slices;
        }
        slices.add(column.title("H2", WORDS.say("set.out"), 1.2, true));
        slices.addAll(Slice.together(
                column.words(SheetWords.summary(sheet, order.units()) + " " + SheetWords.paceLength(order.units()))));
        if (sheet.steps().size() > FEW_PIECES || rungs.size() == 1) {
            // One cone or two are found without a picture, and a ladder needs the room.
            slices.add(new Diagram(column, Math.max(LEAST_GEAR, highest * GEAR))
                    .gear(lowest(), rungs.get(0).frame(), sheet));
        }
        sheet.steps().forEach(s -> slices.addAll(told.step(s, Integer.toString(s.n()))));
        return slices;
    }

    /** Why a card has more than two pages. */
    String tooMuch(int page, int pages) {
        return WORDS.say(
                "page.many", Integer.toString(page), Integer.toString(pages), rungs.size(), Integer.toString(pictures));
    }

    static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
