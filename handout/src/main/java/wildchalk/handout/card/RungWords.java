package wildchalk.handout.card;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.phase.Phase;
import wildchalk.core.script.Differences;
import wildchalk.core.script.Script;
import wildchalk.core.setout.SetOut;
import wildchalk.core.setout.Sheet;
import wildchalk.core.setout.SheetWords;
import wildchalk.core.setout.Starts;
import wildchalk.core.timeline.Problem;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Played;
import wildchalk.handout.type.Typeface;

/**
 * What is told of a rung on a card: what is new on it, then what happens, as far as it does not stand there already.
 */
final class RungWords {

    private static final double MOVED = 0.01;

    private final Order order;
    private final Setting column;
    private final ToldBefore before;

    RungWords(Order order, Setting column) {
        this(order, column, new ToldBefore());
    }

    private RungWords(Order order, Setting column, ToldBefore before) {
        this.order = order;
        this.column = column;
        this.before = before;
    }

    /** The same, set in another width. */
    RungWords in(Setting setting) {
        return new RungWords(order, setting, before);
    }

    /** What happens, what is asked, what is still open and when to climb. */
    List<Slice> told(Facts facts) {
        Played rung = facts.rung();
        List<Slice> slices = new ArrayList<>();
        Script script = rung.script();
        script.limits().forEach(l -> slices.addAll(limit(rung, l)));
        facts.said().turns().stream()
                .filter(w -> before.isFirst(w, rung.sign()))
                .forEach(w -> slices.addAll(column.words("P", "•", w, Typeface.TEXT)));
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
        before.asBefore(script, !rung.stage().stations().isEmpty())
                .forEach(l -> slices.addAll(column.words("P", "", l, Typeface.TEXT_BOLD)));
        // A question without an answer is in the script already.
        for (Freeze freeze : rung.stage().instructions(Freeze.class)) {
            String asked = CardContent.WORDS.say("asked", freeze.question(), freeze.answer());
            if (!freeze.answer().isBlank() && before.isFirst(asked, rung.sign())) {
                slices.addAll(column.numbered("?", asked));
            }
        }
        rung.timeline().problems().stream()
                .map(Problem::message)
                .filter(m -> !before.knows(m))
                .forEach(m -> slices.addAll(column.numbered("!", CardContent.WORDS.say("open", m))));
        script.lines().forEach(l -> before.tell(l, rung.sign()));
        rung.timeline().problems().forEach(p -> before.isFirst(p.message(), rung.sign()));
        if (!rung.rung().plan().climb().isBlank()) {
            String when = CardContent.WORDS.say("climb", rung.rung().plan().climbWords());
            slices.addAll(column.words("P", "", when, Typeface.TEXT_BOLD));
        }
        slices.add(Slice.gap(column.size() * 0.6));
        return slices;
    }

    /** Whether a picture shows anything that no picture of the rung below shows. */
    boolean isNew(Facts facts, Phase phase) {
        if (facts.below().isEmpty()) {
            return true;
        }
        Stage here = facts.rung().stage();
        Set<String> other = Differences.ids(facts.below().get(), here).all();
        boolean start = phase.why() == Phase.Why.START;
        if (start && other.stream().anyMatch(id -> here.action(id).isEmpty())) {
            return true;
        }
        boolean done = phase.actions().stream().anyMatch(other::contains);
        return done
                && (start
                        || facts.rung().script().lines().stream()
                                .filter(l -> l.does().stream().anyMatch(phase.actions()::contains))
                                .anyMatch(l -> before.on(List.of(l)).isEmpty()));
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
        Optional<ToldBefore.Known> on = ToldBefore.option(first).isEmpty() ? Optional.empty() : before.on(branch);
        if (on.isPresent()) {
            return column.numbered(first.mark(), before.optionAs(first, on.get()), first.depth());
        }
        return branch.stream()
                .flatMap(l -> column.numbered(l.mark(), l.text(), l.depth()).stream())
                .toList();
    }

    /** What a rung has that the rung below has not, and who and what stands elsewhere. */
    List<Slice> differs(Stage below, Facts facts) {
        Played rung = facts.rung();
        List<String> words = facts.said().differs();
        List<Slice> slices = new ArrayList<>();
        if (!words.isEmpty()) {
            String sentence = Differences.sentence(
                    words, Ladder.variationOf(order.drill(), rung.rung().id()));
            slices.addAll(column.words("P", "", sentence, Typeface.TEXT_BOLD));
        }
        Map<String, Piece> was = below.pieces().stream().collect(Collectors.toMap(Piece::id, p -> p, (a, b) -> a));
        List<Piece.Person> moved =
                rung.stage().people().stream().filter(p -> isMoved(p, was)).toList();
        slices.addAll(moved(facts, moved));
        Set<String> fresh = new HashSet<>(SetOut.toPutDown(rung.stage()).stream()
                .filter(p -> isMoved(p, was))
                .map(Piece::id)
                .toList());
        facts.sheet().steps().stream()
                .filter(s -> fresh.contains(s.piece().id()))
                .forEach(s -> slices.addAll(step(s, "+")));
        return slices;
    }

    private static boolean isMoved(Piece piece, Map<String, Piece> was) {
        Piece before = was.get(piece.id());
        return before == null || before.at().distance(piece.at()) > MOVED;
    }

    /** Of many who begin as on the rung below but on the other side only that is said. */
    private List<Slice> moved(Facts facts, List<Piece.Person> moved) {
        List<String> lines = starts(facts, moved);
        boolean turned = lines.size() > 1 && lines.stream().allMatch(l -> before.knows(ToldBefore.turned(l)));
        if (turned && facts.belowSign().isPresent()) {
            return column.words(
                    CardContent.WORDS.say("starts.as", facts.belowSign().get()));
        }
        lines.forEach(l -> before.isFirst(l, facts.rung().sign()));
        return lines.stream().flatMap(l -> column.words(l).stream()).toList();
    }

    /** Where some of those begin who are on a rung, a line for each. */
    List<String> starts(Facts facts, List<Piece.Person> people) {
        return facts.starts().stream()
                .filter(s -> people.contains(s.person()))
                .map(this::start)
                .toList();
    }

    /** Notes where everybody begins who is told of elsewhere on the card. */
    void tellStarts(Facts facts) {
        starts(facts, facts.rung().stage().people())
                .forEach(l -> before.isFirst(l, facts.rung().sign()));
    }

    private String start(Starts.Start start) {
        String queue = start.person() instanceof Piece.LineUp l && l.waiting() > 0
                ? CardContent.WORDS.say("queue", l.waiting())
                : "";
        return CardContent.WORDS.say("start", CardContent.capital(start.name()) + queue, start.words(order.units()));
    }

    /** A step of the set-out sheet, with what stands before it. */
    List<Slice> step(Sheet.Step step, String mark) {
        return column.numbered(
                mark,
                CardContent.WORDS.say("start", CardContent.capital(step.name()), SheetWords.step(step, order.units())));
    }
}
