package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Flow.Each;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.wording.Wordbook;

/** Says what a flow comes to: plain sentences first, figures behind them. */
record FlowWords(Stage stage, Flow flow) {

    private static final Wordbook BOOK = Wordbook.beside(FlowWords.class, "Flow");

    static String say(String key, Object... values) {
        return BOOK.say(key, values);
    }

    /** What a role is called: "player 7", "line-up of feeders". */
    static String role(Stage stage, String id) {
        return stage.person(id).map(PieceWords::name).orElse(id);
    }

    List<String> sentences() {
        List<String> all = new ArrayList<>();
        flow.jams().forEach(j -> all.add(say("jam", j.why(), j.mend())));
        if (flow.reps().isEmpty()) {
            return all;
        }
        all.add(say(
                "reps",
                flow.reps().size(),
                minutes(),
                people(),
                flow.interval().map(FlowWords::seconds).orElse(""),
                flow.interval().isPresent() ? 1 : 0));
        each(all);
        waits(all);
        balls(all);
        held(all);
        flow.meetings()
                .forEach(m -> all.add(say(
                        "meeting",
                        m.one(),
                        m.other(),
                        clock(m.t()),
                        number(m.metres()),
                        number(m.speed()),
                        m.times())));
        if (!flow.guessed().isEmpty()) {
            all.add(say(
                    "guessed",
                    flow.guessed().size(),
                    flow.guessed().stream()
                            .map(r -> role(stage, r))
                            .sorted()
                            .collect(Collectors.joining(say("comma")))));
        }
        return all;
    }

    private void each(List<String> all) {
        DoubleSummaryStatistics reps = statistics(e -> e.reps());
        int least = (int) reps.getMin();
        int most = (int) reps.getMax();
        all.add(least == most ? say("each.same", least) : say("each.from", least, most));
        List<String> without = flow.each().entrySet().stream()
                .filter(e -> e.getValue().reps() == 0)
                .map(Map.Entry::getKey)
                .toList();
        if (!without.isEmpty() && flow.jams().isEmpty()) {
            all.add(say("each.without", String.join(say("comma"), without)));
        }
    }

    private void waits(List<String> told) {
        double busy = statistics(e -> e.seconds(Doing.BUSY)).getAverage();
        double way = statistics(e -> e.seconds(Doing.ON_THE_WAY)).getAverage();
        double waiting = statistics(e -> e.seconds(Doing.WAITING)).getAverage();
        double whole = busy + way + waiting;
        if (whole <= 0) {
            return;
        }
        told.add(say("shares", percent(busy / whole), percent(way / whole), percent(waiting / whole)));
        Waits waits = Waits.of(flow);
        if (!waits.who().isEmpty()) {
            told.add(say("waits", seconds(waits.usual()), seconds(waits.longest()), waits.who()));
        }
    }

    private void balls(List<String> all) {
        if (flow.balls().most() > 0) {
            all.add(say("balls", flow.balls().most(), flow.balls().withoutFetching()));
        }
    }

    /** What it costs that roles and balls are not there in time. */
    private void held(List<String> all) {
        double held = flow.reps().stream().mapToDouble(Flow.Rep::held).sum();
        if (held > 1) {
            all.add(say("held", seconds(held / flow.reps().size())));
        }
    }

    private DoubleSummaryStatistics statistics(ToDoubleFunction<Each> of) {
        return flow.each().values().stream().mapToDouble(of).summaryStatistics();
    }

    private String minutes() {
        return number(flow.seconds() / 60);
    }

    private int people() {
        return flow.each().size();
    }

    private static long percent(double share) {
        return Math.round(100 * share);
    }

    private static String seconds(double s) {
        return number(s);
    }

    /** With a tenth where there is one. */
    private static String number(double value) {
        double tenths = Math.round(value * 10) / 10.0;
        return tenths == Math.rint(tenths) ? Long.toString((long) tenths) : Double.toString(tenths);
    }

    private static String clock(double t) {
        long s = Math.round(t);
        return s / 60 + ":" + (s % 60 < 10 ? "0" : "") + s % 60;
    }
}
