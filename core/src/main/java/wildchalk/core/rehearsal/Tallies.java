package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Whom;
import wildchalk.core.measure.Ruler;
import wildchalk.core.motion.Possession;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** Counts what is done with balls in a finished timeline: touches, dribbles, passes, shots. */
final class Tallies {

    /** Metres that a ball at somebody's feet is carried with one touch; assumed. */
    private static final double PER_TOUCH = 3;
    /** Metres that a ball is carried with one dribble; assumed. */
    private static final double PER_DRIBBLE = 2;

    /** Looked at so long before, seconds, a ball that has not moved farther than that since, metres, lies. */
    private static final double JUST_BEFORE = 0.1;

    private static final double LIES = 0.05;

    /** As somebody sends a ball, they have it: so long before, seconds. */
    private static final double BEFORE = 1e-6;

    /** More than may be, or fewer than are asked for: when, by what and whom, null for nobody, and how many in all. */
    record Over(double t, String action, String who, int count) {}

    private final Stage stage;
    private final Timeline timeline;
    private final Whoever whoever;

    Tallies(Stage stage, Timeline timeline) {
        this.stage = stage;
        this.timeline = timeline;
        this.whoever = new Whoever(stage, timeline);
    }

    /** Where a count goes over what is allowed, or does not come to what is asked for. */
    List<Over> broken(Limit.Count limit) {
        OptionalDouble from = moment(limit.span().from(), 0);
        if (from.isEmpty()) {
            return List.of();
        }
        double until = moment(limit.span().until(), Double.POSITIVE_INFINITY).orElse(Double.POSITIVE_INFINITY);
        boolean had = limit.counted() == Limit.Counted.TOUCHES || limit.counted() == Limit.Counted.DRIBBLES;
        List<Deed> all = had ? spells(limit) : sent(limit);
        Map<Integer, List<Deed>> groups = new LinkedHashMap<>();
        all.stream()
                .filter(d -> d.t() >= from.getAsDouble() - 1e-9 && d.t() < until - 1e-9)
                .forEach(d -> groups.computeIfAbsent(d.group(), g -> new ArrayList<>())
                        .add(d));
        double end = Math.min(until, timeline.duration());
        return limit.bound() == Limit.Bound.AT_MOST
                ? groups.values().stream()
                        .flatMap(g -> over(g, limit.n(), had).stream())
                        .toList()
                : under(limit, groups, end);
    }

    private OptionalDouble moment(Optional<Cue.Trigger> moment, double usual) {
        return moment.map(timeline::moment).orElse(OptionalDouble.of(usual));
    }

    /**
     * Something that counts.
     *
     * @param action what does it; null for a ball that comes to somebody
     * @param group what is counted together with it
     */
    private record Deed(double t, String action, String who, int amount, int group) {}

    /** Of touches the first that is too many is told, with all that are needed; of what is sent each. */
    private static List<Over> over(List<Deed> group, int most, boolean once) {
        List<Over> over = new ArrayList<>();
        int all = group.stream().mapToInt(Deed::amount).sum();
        int n = 0;
        for (Deed d : group) {
            n += d.amount();
            if (n > most && d.action() != null && !(once && !over.isEmpty())) {
                over.add(new Over(d.t(), d.action(), d.who(), once ? all : n));
            }
        }
        return over;
    }

    /** Each group that comes to less than is asked for; where nothing is counted each time, the whole rep is one. */
    private List<Over> under(Limit.Count limit, Map<Integer, List<Deed>> groups, double end) {
        if (groups.isEmpty()) {
            return limit.n() > 0 && limit.span().per() == Limit.Per.REP
                    ? List.of(new Over(end, limit.id(), null, 0))
                    : List.of();
        }
        List<Over> under = new ArrayList<>();
        for (List<Deed> group : groups.values()) {
            int n = group.stream().mapToInt(Deed::amount).sum();
            Deed last = group.get(group.size() - 1);
            boolean rep = limit.span().per() == Limit.Per.REP;
            if (n < limit.n()) {
                under.add(new Over(rep ? end : last.t(), limit.id(), rep ? null : last.who(), n));
            }
        }
        return under;
    }

    /** Passes or shots; counted each time, as long as one team has the ball. */
    private List<Deed> sent(Limit.Count limit) {
        List<Deed> deeds = new ArrayList<>();
        Optional<Bib> team = Optional.empty();
        int group = 0;
        for (Event e : released(limit.counted() == Limit.Counted.PASSES ? Action.Pass.class : Action.Shot.class)) {
            Optional<Piece.Person> by = stage.person(e.who());
            boolean coach = by.filter(Piece.Coach.class::isInstance).isPresent();
            Optional<Bib> now = coach ? team : by.map(Piece.Person::bib);
            group += limit.span().per() == Limit.Per.EACH_TIME && !now.equals(team) ? 1 : 0;
            team = now;
            boolean counts = coach
                    ? limit.span().feeds() && limit.whom() instanceof Whom.Everybody
                    : whoever.is(e.who(), limit.whom(), e.t() - BEFORE);
            if (counts) {
                deeds.add(new Deed(e.t(), e.action(), e.who(), 1, group));
            }
        }
        return deeds;
    }

    /** Touches or dribbles; counted each time, anew whenever somebody gets a ball. */
    private List<Deed> spells(Limit.Count limit) {
        boolean each = limit.span().per() == Limit.Per.EACH_TIME;
        boolean touches = limit.counted() == Limit.Counted.TOUCHES;
        List<Deed> deeds = new ArrayList<>();
        int group = 0;
        for (String ball : timeline.balls()) {
            for (Possession spell : timeline.possessions(ball)) {
                group += each ? 1 : 0;
                boolean feed = !limit.span().feeds()
                        && stage.person(spell.who())
                                .filter(Piece.Coach.class::isInstance)
                                .isPresent();
                if (!feed && (limit.whom() instanceof Whom.Everybody || isAmong(spell, limit.whom()))) {
                    boolean dead = isDead(ball, spell);
                    if (touches && !dead) {
                        deeds.add(new Deed(spell.from(), null, spell.who(), 1, group));
                    }
                    deeds.addAll(during(spell, touches, dead, group));
                }
            }
        }
        deeds.sort(Comparator.comparingDouble(Deed::t));
        return deeds;
    }

    private boolean isAmong(Possession spell, Whom whom) {
        return whoever.is(spell.who(), whom, (spell.from() + Math.min(spell.to(), timeline.duration())) / 2);
    }

    private List<Deed> during(Possession spell, boolean touches, boolean dead, int group) {
        List<Deed> deeds = new ArrayList<>();
        for (Action action : stage.actionsOf(spell.who())) {
            timeline.times(action.id())
                    .map(ActionTimes::start)
                    .filter(t -> t >= spell.from() - 1e-9 && t <= spell.to() + 1e-9)
                    .ifPresent(t ->
                            deeds.add(new Deed(t, action.id(), spell.who(), counted(action, touches, dead), group)));
        }
        deeds.removeIf(d -> d.amount() == 0);
        return deeds;
    }

    /** Whether a ball lies dead when somebody comes to have it: what they do with it first is their first touch. */
    private boolean isDead(String ball, Possession spell) {
        return spell.from() <= 0
                || timeline.ball(ball, spell.from() - JUST_BEFORE).distance(timeline.ball(ball, spell.from())) < LIES;
    }

    private int counted(Action action, boolean touches, boolean dead) {
        if (action instanceof Travel.Carry) {
            return carried(action, touches);
        }
        return touches && isSentOn(action, dead) ? 1 : 0;
    }

    private int carried(Action carry, boolean touches) {
        return (int)
                Math.max(1, Math.round(Ruler.length(timeline.line(carry.id())) / (touches ? PER_TOUCH : PER_DRIBBLE)));
    }

    /** Whether a ball is sent on with a touch of its own. */
    private boolean isSentOn(Action action, boolean dead) {
        return action instanceof Action.Delivery d
                && (dead || d.touch() != Action.Touch.FIRST_TIME)
                && !Double.isNaN(timeline.times(action.id()).orElseThrow().release());
    }

    List<Event> shots() {
        return released(Action.Shot.class);
    }

    private List<Event> released(Class<? extends Action> kind) {
        return timeline.events().stream()
                .filter(e -> e.kind() == Event.Kind.RELEASE
                        && stage.action(e.action()).filter(kind::isInstance).isPresent())
                .toList();
    }

    /** Passes that have got there before a time. */
    long received(double before) {
        return timeline.events().stream()
                .filter(e -> e.kind() == Event.Kind.ARRIVAL
                        && e.t() < before + 1e-9
                        && stage.action(e.action())
                                .filter(Action.Pass.class::isInstance)
                                .isPresent())
                .count();
    }

    /** The first time that somebody touches a ball; sending one they had from the start counts. */
    Optional<Event> firstTouch(String who) {
        return timeline.events().stream()
                .filter(e -> who.equals(e.who()) && (e.kind() == Event.Kind.TOUCH || e.kind() == Event.Kind.RELEASE))
                .findFirst();
    }
}
