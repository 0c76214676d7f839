package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A ball that is fought for from a start that the sport has, or with hands on it: who gets it is a read with its id.
 *
 * @param who id of the person with whom it begins: whoever feeds, throws in, or is one of the two
 * @param against ids of those who are against them there
 * @param gets ids of those who can get the ball, one to five; the first does when nobody chooses
 * @param seconds from its start until the ball is won, 0 to {@link #LONGEST}
 */
public record Contest(
        String id, String who, Start start, List<String> against, List<String> gets, double seconds, Cue cue)
        implements Action {

    /** Nothing of the kind takes longer, seconds. */
    public static final double LONGEST = 30;

    /** More cannot get a ball. */
    public static final int MOST = 5;

    public Contest {
        against = List.copyOf(against);
        gets = List.copyOf(gets);
    }

    /** As is usual. */
    public static Contest of(String id, String who, Start start, List<String> against, List<String> gets, Cue cue) {
        return new Contest(id, who, start, against, gets, start.usual(), cue);
    }

    /**
     * The ball that leaves it, as a pass.
     *
     * @param winner id of whoever gets it
     */
    public Pass won(String winner) {
        return new Pass(id, who, Spot.at(winner), Touch.CONTROLLED, cue).going(start.manner());
    }

    /** What it is in a stage: who wins it, with what each of them does then. */
    Instruction.Read read(Stage stage) {
        return new Instruction.Read(
                id,
                id,
                gets.stream()
                        .map(g -> new Instruction.Option(
                                g, stage.person(g).map(Piece.Person::label).orElse(""), "", after(stage, g)))
                        .toList(),
                Optional.empty());
    }

    /** What somebody does because they have got it, and all that follows from that of their own. */
    private List<String> after(Stage stage, String winner) {
        List<String> after = new ArrayList<>();
        boolean goesOn = false;
        for (Action action : stage.actionsOf(winner)) {
            Cue.Trigger trigger = action.cue().trigger();
            goesOn = trigger.of().filter(id::equals).isPresent() || goesOn && trigger.followsOwn();
            if (goesOn && !action.id().equals(id)) {
                after.add(action.id());
            }
        }
        return after;
    }

    @Override
    public <R> R match(ActionCases<R> cases) {
        return cases.contest(this);
    }

    @Override
    public Contest withCue(Cue newCue) {
        return new Contest(id, who, start, against, gets, seconds, newCue);
    }

    /** The same with another start. */
    public Contest by(Start other) {
        return new Contest(id, who, other, against, gets, other.usual(), cue);
    }

    /** The same between others. */
    public Contest between(List<String> others, List<String> winners) {
        return new Contest(id, who, start, others, winners, seconds, cue);
    }

    /** The same, taking so long, seconds. */
    public Contest lasting(double newSeconds) {
        return new Contest(id, who, start, against, gets, newSeconds, cue);
    }

    /** The same without those who are gone; where nobody is left who could get the ball, whoever begins does. */
    public Contest without(Set<String> gone) {
        List<String> left = gets.stream().filter(g -> !gone.contains(g)).toList();
        return between(against.stream().filter(a -> !gone.contains(a)).toList(), left.isEmpty() ? List.of(who) : left);
    }

    /** How it begins. All times that are usual are assumed. */
    public enum Start {
        FACE_OFF(1, Manner.FLAT),
        JUMP_BALL(1.5, Manner.LOB),
        DROP_BALL(0.8, Manner.FLAT),
        SCRUM(4, Manner.ROLL),
        LINE_OUT(2, Manner.LOB),
        THROW_IN(1, Manner.LOB),
        KICK_OFF(0.5, Manner.LOB),
        SERVE(1, Manner.LOB),
        TOSS(0.5, Manner.LOB),
        HIT_OUT(0.5, Manner.FLAT),
        /** Two have hands on the ball and pull. */
        PULL(1.5, Manner.FLAT);

        private final double usual;
        private final Manner manner;

        Start(double usual, Manner manner) {
            this.usual = usual;
            this.manner = manner;
        }

        /** How long it takes where nobody says, seconds; assumed. */
        public double usual() {
            return usual;
        }

        /** How the ball goes that is won. */
        public Manner manner() {
            return manner;
        }
    }
}
