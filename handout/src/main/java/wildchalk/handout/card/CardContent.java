package wildchalk.handout.card;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Dose;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.TimeFormat;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.script.Counts;
import wildchalk.core.script.Differences;
import wildchalk.core.script.Script;
import wildchalk.core.setout.SetOut;
import wildchalk.core.setout.Sheet;
import wildchalk.core.setout.SheetWords;
import wildchalk.core.setout.Starts;
import wildchalk.core.timeline.Beat;
import wildchalk.core.timeline.Problem;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Played;
import wildchalk.handout.type.Typeface;

/** What stands on a card, in the order in which whoever runs the drill needs it. */
final class CardContent {

    /** A rung of more beats than this gets a picture for each few of them. */
    private static final int MANY_BEATS = 8;

    private static final int BEATS_A_PICTURE = 5;

    /**
     * A single picture goes into a column unless it would be narrower there than this share of its width above the
     * columns.
     */
    private static final double NARROWER = 0.75;
    /** How high the picture of the gear is, as a share of the others: there is less on it. */
    private static final double GEAR = 0.7;

    private static final int FEW_PIECES = 2;

    private final Order order;
    private final List<Facts> rungs;
    private final Setting head;
    private final Setting column;
    private final double highest;
    private final boolean pictureInHead;

    private final ToldBefore before = new ToldBefore();

    /** @param highest no picture is higher, points */
    CardContent(Order order, List<Facts> rungs, Setting head, Setting column, double highest) {
        this.order = order;
        this.rungs = rungs;
        this.head = head;
        this.column = column;
        this.highest = highest;
        boolean one = rungs.size() == 1 && lowest().timeline().beats().size() <= MANY_BEATS;
        pictureInHead = one && column.width() < new Diagram(head, highest).width(lowest()) * NARROWER;
    }

    private Played lowest() {
        return rungs.get(0).rung();
    }

    /**
     * Across the first page: what it is, who and what is needed, what to take care of; the picture when there is only
     * one.
     */
    List<Slice> head() {
        Drill drill = order.drill();
        List<Slice> slices = new ArrayList<>();
        slices.add(head.title("H1", drill.title().isBlank() ? "Drill" : drill.title(), 2, true));
        slices.addAll(head.words(where()));
        slices.addAll(head.words("P", "", needed(), Typeface.TEXT_BOLD));
        for (String caution : drill.cautions()) {
            slices.addAll(head.words("P", "!", "Take care: " + caution, Typeface.TEXT_BOLD));
        }
        slices.add(Slice.gap(head.size() * 0.4));
        if (pictureInHead) {
            slices.add(new Diagram(head, highest).of(lowest()));
        }
        slices.add(new Diagram(head, highest).key(lowest()));
        return slices;
    }

    /** For the lowest rung, and for the highest where that needs something else. */
    private String needed() {
        Played top = rungs.get(rungs.size() - 1).rung();
        String least = String.join(", ", Counts.of(lowest().stage(), lowest().surface()));
        String most = String.join(", ", Counts.of(top.stage(), top.surface()));
        return "Needed: " + least + "." + (most.equals(least) ? "" : " For rung " + top.sign() + ": " + most + ".");
    }

    private String where() {
        Drill drill = order.drill();
        double minutes = rungs.stream()
                .flatMap(r -> r.rung().rung().plan().dose().stream())
                .mapToDouble(Dose::minutes)
                .sum();
        return lowest().surface().name() + ", "
                + drill.showing().name(lowest().surface()).toLowerCase(Locale.ROOT) + ". "
                + capital(EffortWords.of(drill.effort().level())) + ", "
                + EffortWords.of(lowest().stage().effort().intensity()) + "."
                + (minutes > 0 ? " About " + Math.round(minutes) + " min in all." : "") + " One rep takes "
                + TimeFormat.seconds(lowest().timeline().duration()) + ".";
    }

    /** In columns: each rung, then where everything stands, then what is said. */
    List<Slice> body() {
        List<Slice> slices = new ArrayList<>();
        for (Facts rung : rungs) {
            slices.addAll(rung(rung));
        }
        slices.addAll(starts(rungs.get(0), lowest().stage().people(), "Who starts where"));
        slices.addAll(gear());
        slices.addAll(list("Coaching points", order.drill().points()));
        slices.addAll(list("Questions to ask", order.drill().questions()));
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

    private List<Slice> rung(Facts facts) {
        Played rung = facts.rung();
        List<Slice> slices = new ArrayList<>();
        String length = rung.rung().plan().dose().map(l -> ": " + l.words()).orElse("");
        slices.add(column.title("H2", rung.name() + length, 1.35, true));
        facts.below().ifPresent(below -> slices.addAll(Slice.together(differs(below, facts))));
        if (!pictureInHead) {
            slices.addAll(pictures(rung));
        }
        Script script = rung.script();
        script.limits().forEach(l -> slices.addAll(limit(rung, l)));
        before.asBefore(script).forEach(l -> slices.addAll(column.words(l)));
        for (List<Script.Line> block : ToldBefore.blocks(script)) {
            boolean fresh = before.on(block).isEmpty();
            for (Script.Line line : block) {
                if (!line.heading().isEmpty()) {
                    slices.add(column.title("H3", line.heading(), 1.05, false));
                }
            }
            if (fresh) {
                ToldBefore.branches(block).forEach(b -> slices.addAll(branch(b)));
            }
        }
        // A question without an answer is in the script already.
        for (Freeze freeze : rung.stage().instructions(Freeze.class)) {
            String asked = freeze.question() + " Answer: " + freeze.answer();
            if (!freeze.answer().isBlank() && before.isFirst(asked, rung.sign())) {
                slices.addAll(column.numbered("?", asked));
            }
        }
        rung.timeline().problems().stream()
                .map(Problem::message)
                .filter(m -> !before.knows(m))
                .forEach(m -> slices.addAll(column.numbered("!", "Still open: " + m)));
        script.lines().forEach(l -> before.isFirst(l.text(), rung.sign()));
        rung.timeline().problems().forEach(p -> before.isFirst(p.message(), rung.sign()));
        if (!rung.rung().plan().climb().isBlank()) {
            slices.addAll(
                    column.words("P", "", "Climb when " + rung.rung().plan().climbWords() + ".", Typeface.TEXT_BOLD));
        }
        slices.add(Slice.gap(column.size() * 0.6));
        return slices;
    }

    /** Who is next is said on the lowest rung, and where it is otherwise; a rule of the rep on every one. */
    private List<Slice> limit(Played rung, Script.Phrase said) {
        boolean between =
                rung.stage().instructions(Rotation.class).stream().anyMatch(r -> r.id().equals(said.action()));
        if (!between) {
            return column.numbered("!", said.text());
        }
        return before.isFirst(said.text(), rung.sign()) ? column.numbered(Setting.BULLET, said.text()) : List.of();
    }

    /** An option that is told on another rung is only named. */
    private List<Slice> branch(List<Script.Line> branch) {
        Script.Line first = branch.get(0);
        Optional<String> on = ToldBefore.option(first).isEmpty() ? Optional.empty() : before.on(branch);
        if (on.isPresent()) {
            return column.numbered(first.mark(), ToldBefore.option(first) + " as on " + on.get() + ".", first.depth());
        }
        return branch.stream()
                .flatMap(l -> column.numbered(l.mark(), l.text(), l.depth()).stream())
                .toList();
    }

    private List<Slice> pictures(Played rung) {
        List<Beat> beats = rung.timeline().beats();
        Diagram diagram = new Diagram(column, highest);
        List<Slice> slices = new ArrayList<>();
        if (beats.size() <= MANY_BEATS || rungs.size() > 1) {
            slices.add(diagram.of(rung));
            return slices;
        }
        int pictures = (beats.size() + BEATS_A_PICTURE - 1) / BEATS_A_PICTURE;
        for (int i = 0; i < pictures; i++) {
            slices.add(diagram.of(rung, beats.subList(i * beats.size() / pictures, (i + 1) * beats.size() / pictures)));
        }
        return slices;
    }

    private List<Slice> differs(Stage below, Facts facts) {
        Played rung = facts.rung();
        List<String> words = facts.differs();
        List<Slice> slices = new ArrayList<>();
        if (!words.isEmpty()) {
            String sentence = Differences.sentence(
                    words, Ladder.variationOf(order.drill(), rung.rung().id()));
            slices.addAll(column.words("P", "", sentence, Typeface.TEXT_BOLD));
        }
        Map<String, Piece> before = below.pieces().stream().collect(Collectors.toMap(Piece::id, p -> p, (a, b) -> a));
        List<Piece.Person> moved = rung.stage().people().stream()
                .filter(p ->
                        before.get(p.id()) == null || before.get(p.id()).at().distance(p.at()) > 0.01)
                .toList();
        slices.addAll(starts(facts, moved, ""));
        Set<String> fresh = new HashSet<>(SetOut.toPutDown(rung.stage()).stream()
                .filter(p ->
                        before.get(p.id()) == null || before.get(p.id()).at().distance(p.at()) > 0.01)
                .map(Piece::id)
                .toList());
        facts.sheet().steps().stream()
                .filter(s -> fresh.contains(s.piece().id()))
                .forEach(s -> slices.addAll(step(s, "+")));
        return slices;
    }

    private List<Slice> starts(Facts facts, List<Piece.Person> people, String heading) {
        List<Slice> slices = new ArrayList<>();
        if (!heading.isEmpty() && !people.isEmpty()) {
            slices.add(column.title("H2", heading, 1.2, true));
        }
        for (Starts.Start start : facts.starts()) {
            if (people.contains(start.person())) {
                String queue = start.person() instanceof Piece.LineUp l && l.waiting() > 0
                        ? " (" + l.waiting() + " wait behind)"
                        : "";
                slices.addAll(column.words(capital(start.name()) + queue + ": " + start.words(order.units()) + "."));
            }
        }
        return slices;
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private List<Slice> gear() {
        Sheet sheet = rungs.get(0).sheet();
        List<Slice> slices = new ArrayList<>();
        if (sheet.steps().isEmpty()) {
            return slices;
        }
        slices.add(column.title("H2", "Set-out", 1.2, true));
        slices.addAll(Slice.together(column.words(
                SheetWords.summary(sheet, order.units()) + " " + SheetWords.paceLength(order.units()))));
        if (sheet.steps().size() > FEW_PIECES || rungs.size() == 1) {
            // One cone or two are found without a picture, and a ladder needs the room.
            slices.add(new Diagram(column, highest * GEAR).gear(lowest(), sheet));
        }
        sheet.steps().forEach(s -> slices.addAll(step(s, Integer.toString(s.n()))));
        return slices;
    }

    private List<Slice> step(Sheet.Step step, String mark) {
        return column.numbered(mark, capital(step.name()) + ": " + SheetWords.step(step, order.units()) + ".");
    }
}
