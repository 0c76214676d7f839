package wildchalk.desktop.board.state;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import wildchalk.core.casting.Casting;
import wildchalk.core.casting.Named;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.Placement;
import wildchalk.core.effort.Dose;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.flow.Replay;
import wildchalk.core.squad.FirstNames;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;

/** Works out what many reps come to while that is wanted, beside the window's thread; the newest question wins. */
public final class FlowDesk {

    private static final Wordbook BOOK = Wordbook.beside(FlowDesk.class, "Flow");
    /** A block of a practice takes about so long, minutes; assumed. */
    private static final int USUAL_MINUTES = 8;

    /**
     * Who plays, and for how long.
     *
     * @param lines how many stand in a line, where that is said
     * @param placed where the copies stand, the first one as drawn; empty for one
     */
    public record Setting(int people, int minutes, Map<String, Integer> lines, List<Placement> placed) {
        public Setting {
            lines = Map.copyOf(lines);
            placed = List.copyOf(placed);
        }

        /** How many times the drill is there. */
        public int copies() {
            return Math.max(1, placed.size());
        }
    }

    /** The drill that is played. */
    private record Drawn(Stage stage, Surface surface, Optional<Dose> dose, double unit, Optional<Named> cast) {}

    /** What is asked for. */
    private record Question(Drawn drawn, Setting setting) {}

    /**
     * What many reps come to.
     *
     * @param asked what it is the answer to
     * @param told in plain sentences
     * @param lines how many stand in each line to begin with, whoever is in front among them
     * @param names by the letters of those of whom they are known
     */
    public record Answer(
            Replay replay,
            Flows.Asked asked,
            List<String> told,
            Map<String, Integer> lines,
            Map<String, String> names) {

        /** What it comes to. */
        public Flow flow() {
            return replay.flow();
        }
    }

    private final BooleanProperty wanted = new SimpleBooleanProperty();
    private final BooleanProperty played = new SimpleBooleanProperty();
    private final IntegerProperty people = new SimpleIntegerProperty();
    private final IntegerProperty minutes = new SimpleIntegerProperty(USUAL_MINUTES);
    private final ReadOnlyObjectWrapper<Answer> answer = new ReadOnlyObjectWrapper<>();
    private final Consumer<String> say;
    private Map<String, Integer> lines = Map.of();
    private List<Placement> placed = List.of();
    /** Whether somebody has said how many there are; until then there are as many as are drawn. */
    private boolean counted;

    private boolean setting;
    private Question newest;
    private Question answered;

    /** @param say told when it cannot be worked out */
    FlowDesk(Consumer<String> say) {
        this.say = say;
        wanted.addListener(o -> work());
        played.addListener(o -> work());
        people.addListener(o -> again());
        minutes.addListener(o -> again());
    }

    /** @param shown what is on the board, with people in the roles where there are any */
    void ask(Shown shown, Surface surface, Optional<Dose> dose, Optional<Named> cast) {
        Stage stage = shown.through().stage();
        if (!counted) {
            people.set(Math.min(Flows.MOST_PEOPLE, drawn(stage)));
        }
        newest = new Question(
                new Drawn(stage, surface, dose, shown.board().frame().unit(), cast), setting());
        work();
    }

    private static int drawn(Stage stage) {
        return stage.people().stream()
                .filter(p -> !(p instanceof Piece.Coach))
                .mapToInt(p -> p instanceof Piece.LineUp l ? 1 + l.waiting() : 1)
                .sum();
    }

    /** Who plays, and for how long, as it is set now. */
    public Setting setting() {
        return new Setting(people.get(), minutes.get(), lines, placed);
    }

    /** Sets all of it at once; it stays so when the drill changes. */
    public void set(Setting next) {
        setting = true;
        counted = true;
        people.set(next.people());
        minutes.set(next.minutes());
        lines = next.lines();
        placed = next.placed();
        setting = false;
        again();
    }

    /** Says how many people there are; it stays so when the drill changes. */
    public void count(int howMany) {
        counted = true;
        people.set(howMany);
    }

    /** Says how many stand in a line to begin with; all others stand evenly in the other lines. */
    public void line(String role, int howMany) {
        Map<String, Integer> more = new LinkedHashMap<>(lines);
        more.put(role, howMany);
        lines = Map.copyOf(more);
        again();
    }

    private void again() {
        if (newest != null && !setting) {
            newest = new Question(newest.drawn(), setting());
            work();
        }
    }

    private void work() {
        Question asked = newest;
        if (!(wanted.get() || played.get()) || asked == null || asked.equals(answered)) {
            return;
        }
        Background.work(
                BOOK.say("working"),
                () -> answer(asked),
                done -> {
                    if (asked.equals(newest)) {
                        answered = asked;
                        answer.set(done);
                    }
                },
                trouble -> {
                    if (asked.equals(newest)) {
                        answered = asked;
                        answer.set(null);
                        say.accept(BOOK.say("trouble"));
                    }
                });
    }

    private static Answer answer(Question question) {
        Drawn drawn = question.drawn();
        Setting set = question.setting();
        Flows flows = new Flows(drawn.stage(), drawn.surface(), drawn.dose());
        // A line that is gone since is asked for no more.
        Map<String, Integer> there = new LinkedHashMap<>(set.lines());
        there.keySet().retainAll(flows.lines());
        Flows.Asked all = new Flows.Asked(set.people(), set.minutes(), set.copies(), there, List.of());
        Replay replay = flows.replay(all, drawn.unit()).placed(set.placed());
        return new Answer(
                replay,
                all,
                flows.told(replay.flow()),
                flows.linedUp(all),
                drawn.cast().map(c -> names(c, flows.lettersAtStart(all))).orElse(Map.of()));
    }

    /** Whoever is cast for a role stands in it at the start, the others of that role behind. */
    private static Map<String, String> names(Named cast, Map<String, List<String>> letters) {
        Map<String, String> called = FirstNames.of(cast.squad().all().toList());
        Casting casting = cast.casting();
        Map<String, String> names = new HashMap<>();
        letters.forEach((role, those) -> {
            List<String> people = casting.people().getOrDefault(role, List.of());
            for (int i = 0; i < Math.min(those.size(), people.size()); i++) {
                if (called.containsKey(people.get(i))) {
                    names.put(those.get(i), called.get(people.get(i)));
                }
            }
        });
        return names;
    }

    /** Whether it is shown in words. */
    public BooleanProperty wantedProperty() {
        return wanted;
    }

    /** Whether it is looked at, played. */
    BooleanProperty playedProperty() {
        return played;
    }

    /** How many people there are, coaches left out. */
    public IntegerProperty peopleProperty() {
        return people;
    }

    /** For how long, minutes. */
    public IntegerProperty minutesProperty() {
        return minutes;
    }

    /** The newest answer; null before the first. */
    public ReadOnlyObjectProperty<Answer> answerProperty() {
        return answer.getReadOnlyProperty();
    }
}
