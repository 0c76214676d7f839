package wildchalk.desktop.pitchside;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import wildchalk.core.pitchside.Briefing;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.score.Counter;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Sprint;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadEdits;

/** The stopwatch: one who passes gate after gate, or a line of people who come in one after another. */
final class WatchPanel extends RunPanel {

    private static final double WIDE = 900;

    private static final int NUMBERS = 12;
    private static final long MILLION = 1_000_000;
    private static final double SECOND = 1000;
    private static final double FARTHEST = 10_000;

    private final RunState state;
    private final List<String> people;
    private final Label time = new Label("0.0");
    private final Label whose;
    private final Label times;
    private final TextField metres;
    private final List<Long> splits = new ArrayList<>();
    private final List<String> lines = new ArrayList<>();
    private boolean line;
    private int next;
    private long begun = -1;
    private Optional<Deed.Timed> last = Optional.empty();

    WatchPanel(RunState state, Runnable close) {
        super("run-watch", RunWords.say("watch.title"), WIDE);
        this.state = state;
        this.people = people(state);
        time.setId("run-watch-time");
        time.getStyleClass().add("run-watch-time");
        add(time);
        whose = words("");
        whose.setId("run-watch-who");
        metres = field("run-watch-metres", RunWords.say("watch.metres"), "", RunWords.say("watch.metres.prompt"));
        times = words("");
        times.setId("run-watch-times");
        offer(
                new KeyButton("run-watch-split", "T", RunWords.say("watch.split"), this::split).strong(),
                new KeyButton("run-watch-keep", RunWords.say("key.enter"), RunWords.say("watch.keep"), this::keep),
                new KeyButton("run-watch-next", "↓", RunWords.say("watch.next"), () -> choose(1)),
                new KeyButton("run-watch-line", "O", RunWords.say("watch.line"), this::turn),
                new KeyButton("run-watch-squad", "S", RunWords.say("watch.squad"), this::toSquad),
                new KeyButton("run-watch-close", RunWords.say("key.escape"), RunWords.say("done"), close));
        tell();
    }

    private static List<String> people(RunState state) {
        List<String> known = List.copyOf(state.briefing().people().keySet());
        if (!known.isEmpty()) {
            return known;
        }
        List<String> sides = state.sides().stream()
                .map(Briefing.Group::name)
                .filter(n -> !n.isEmpty())
                .toList();
        return sides.isEmpty()
                ? IntStream.rangeClosed(1, NUMBERS)
                        .mapToObj(n -> RunWords.say("watch.number", n))
                        .toList()
                : sides;
    }

    private String called(String who) {
        return state.briefing().name(who);
    }

    private String counter() {
        return state.scoring().map(s -> s.counters()).orElse(List.of()).stream()
                .filter(c -> c.way() == Counter.Way.TIMED)
                .map(Counter::id)
                .findFirst()
                .orElse("watch");
    }

    private long millis() {
        return begun < 0 ? 0 : (state.nanos() - begun) / MILLION;
    }

    private double length() {
        try {
            double typed = Double.parseDouble(metres.getText().strip().replace(',', '.'));
            return typed > 0 && typed <= FARTHEST ? typed : 0;
        } catch (NumberFormatException e) {
            return 0;
        }
    }

    /** Starts; then a time is taken. In a line it is that of whoever comes in. */
    private void split() {
        if (begun < 0) {
            begun = state.nanos();
            splits.clear();
            tell();
            return;
        }
        long at = Math.max(1, millis());
        if (line) {
            kept(people.get(next), List.of(at));
            next = (next + 1) % people.size();
        } else if (splits.isEmpty() || at > splits.get(splits.size() - 1)) {
            splits.add(at);
        }
        tell();
    }

    /** It stands, and what was taken is kept. */
    private void keep() {
        if (begun >= 0 && !line) {
            if (splits.isEmpty()) {
                splits.add(Math.max(1, millis()));
            }
            kept(people.get(next), List.copyOf(splits));
        }
        begun = -1;
        splits.clear();
        tell();
    }

    private void kept(String who, List<Long> taken) {
        Deed.Timed timed = new Deed.Timed(counter(), who, length(), taken);
        last = Optional.of(timed);
        lines.add(0, RunWords.say("watch.kept", called(who), RunWords.seconds(timed.millis())));
        state.doing(timed);
    }

    private void choose(int by) {
        next = Math.floorMod(next + by, people.size());
        tell();
    }

    private void turn() {
        if (begun < 0) {
            line = !line;
            tell();
        }
    }

    /** The last time goes into what is known of whoever ran it, as the coach asked for. */
    private void toSquad() {
        Optional<Squad> squad = state.briefing().squad();
        Optional<Member> member = last.flatMap(t -> state.briefing().person(t.who()));
        if (squad.isEmpty() || member.isEmpty() || last.get().metres() == 0) {
            lines.add(0, RunWords.say("watch.squad.not"));
            tell();
            return;
        }
        Deed.Timed timed = last.get();
        Sprint sprint = new Sprint(timed.metres(), timed.millis() / SECOND);
        state.desk()
                .change(
                        squad.get().id(),
                        SquadEdits.timed(member.get().name(), member.get().id(), sprint),
                        () -> {
                            lines.add(0, RunWords.say("watch.squad.done", called(timed.who())));
                            tell();
                        });
        last = Optional.empty();
    }

    @Override
    void tick() {
        if (begun >= 0) {
            time.setText(RunWords.seconds(millis()));
        }
    }

    private void tell() {
        time.setText(RunWords.seconds(millis()));
        String taken = splits.stream().map(RunWords::seconds).collect(Collectors.joining(", "));
        String one = taken.isEmpty() ? "watch.one.who" : "watch.one.splits";
        whose.setText(RunWords.say(line ? "watch.line.who" : one, called(people.get(next)), taken));
        times.setText(String.join("\n", lines.subList(0, Math.min(4, lines.size()))));
    }

    /** What is no part of a number is for the watch. */
    @Override
    boolean isTyped(KeyEvent e) {
        return switch (e.getCode()) {
            case T, SPACE, ENTER, DOWN, UP, O, S -> false;
            default -> true;
        };
    }

    @Override
    boolean key(KeyEvent e) {
        switch (e.getCode()) {
            case T, SPACE -> split();
            case ENTER -> keep();
            case DOWN -> choose(1);
            case UP -> choose(-1);
            case O -> turn();
            case S -> toSquad();
            default -> {
                return false;
            }
        }
        return true;
    }
}
