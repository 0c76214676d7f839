package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/** What holds for any stage, sensible or not. */
class RehearsalProperties {

    private static final double STEP = 0.02;
    /** Brake and grip together are 7.5 m/s²; corners in a hurry may ask for more, nothing may ask for much more. */
    private static final double MOST_PULL = 20;

    @Property(tries = 1500)
    void anyStageGivesATimelineAndTheSameOneEachTime(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        Timeline again = Rehearsal.of(stage, Stages.TURF);
        assertTrue(milliseconds(stage) < 50, "it takes too long");
        assertEquals(t.events(), again.events());
        assertEquals(t.problems(), again.problems());
        assertTrue(Double.isFinite(t.duration()));
        for (Action action : stage.actions()) {
            boolean happens = t.times(action.id()).isPresent();
            boolean explained = t.problems().stream().anyMatch(p -> p.action().equals(action.id()));
            boolean leftOut = stage.said().stream().anyMatch(Instruction.Read.class::isInstance);
            assertTrue(happens || explained || leftOut, action.id() + " neither happens nor is it said why");
        }
    }

    /** The quickest of a few tries: a busy machine may stop for a while in between. */
    private static double milliseconds(Stage stage) {
        double quickest = Double.MAX_VALUE;
        for (int i = 0; i < 8 && quickest > 50; i++) {
            long begun = System.nanoTime();
            Rehearsal.of(stage, Stages.TURF);
            quickest = Math.min(quickest, (System.nanoTime() - begun) / 1e6);
        }
        return quickest;
    }

    @Property(tries = 400)
    void nobodyJumpsOrOutrunsThemselves(@ForAll("stages") Stage stage) {
        Speeds speeds = Speeds.of(Stages.TURF);
        double fastest = speeds.top().values().stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        for (String who : t.people()) {
            for (double time = 0; time < Math.min(30, t.duration()); time += STEP) {
                double gone = t.pose(who, time).at().distance(t.pose(who, time + STEP).at());
                assertTrue(gone <= fastest * STEP + 0.005, who + " goes " + gone + " m in " + STEP + " s at " + time);
            }
        }
    }

    @Property(tries = 1000)
    void nobodyChangesSpeedOrDirectionAtOnce(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        double step = 0.1;
        for (String who : t.people()) {
            for (double time = step; time < Math.min(30, t.duration()); time += step) {
                Vec before = t.pose(who, time - step).at();
                Vec now = t.pose(who, time).at();
                Vec after = t.pose(who, time + step).at();
                double pull = after.minus(now).minus(now.minus(before)).length() / (step * step);
                assertTrue(pull < MOST_PULL, who + " is pulled with " + pull + " m/s² at " + time);
            }
        }
    }

    @Property(tries = 400)
    void everyBallIsAlwaysSomewhereAndWithOnePersonAtMost(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        for (double time = 0; time < Math.min(30, t.duration()); time += 0.1) {
            for (String ball : t.balls()) {
                assertTrue(t.ball(ball, time).isFinite());
                boolean held = t.holder(ball, time).isPresent();
                assertTrue(!held || t.sentBy(ball, time).isEmpty(), "held and on its way at once");
            }
        }
    }

    @Property(tries = 300)
    void mirroringTheStageMirrorsTheTimeline(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        Timeline m = Rehearsal.of(mirrored(stage), Stages.TURF);
        assertEquals(t.duration(), m.duration(), 1e-4);
        for (String who : t.people()) {
            for (double time = 0; time < Math.min(10, t.duration()); time += 0.25) {
                Vec a = t.pose(who, time).at();
                Vec b = m.pose(who, time).at();
                assertEquals(0, new Vec(a.x(), -a.y()).distance(b), 0.01, who + " at " + time);
            }
        }
    }

    private static Stage mirrored(Stage stage) {
        List<Piece> pieces = stage.pieces().stream()
                .map(p -> p instanceof Piece.Player x
                        ? new Piece.Player(x.id(), flip(x.at()), -x.facing(), x.label(), x.team()) : p.movedTo(flip(p.at())))
                .toList();
        List<Action> actions = stage.actions().stream().map(RehearsalProperties::mirrored).toList();
        return stage.withPieces(pieces).withActions(actions);
    }

    private static Action mirrored(Action action) {
        if (action instanceof Action.Travel travel) {
            return travel.withPath(new Action.Path(travel.path().through().stream().map(RehearsalProperties::flip).toList(),
                    travel.path().smooth()));
        }
        if (action instanceof Action.Pass pass && pass.off().isPresent()) {
            return pass.comingOff(switch (pass.off().get()) {
                case LEFT -> Action.Wall.RIGHT;
                case RIGHT -> Action.Wall.LEFT;
                default -> pass.off().get();
            });
        }
        return action instanceof Action.Hold hold ? mirrored(hold) : action;
    }

    private static Action.Hold mirrored(Action.Hold hold) {
        return hold.facing(hold.facing().map(RehearsalProperties::flip)).turning(switch (hold.turn()) {
            case OPEN_LEFT -> Action.Hold.Turn.OPEN_RIGHT;
            case OPEN_RIGHT -> Action.Hold.Turn.OPEN_LEFT;
            default -> hold.turn();
        });
    }

    private static Spot flip(Spot spot) {
        return spot instanceof Spot.Place place ? Spot.at(flip(place.at())) : spot;
    }

    private static Vec flip(Vec v) {
        return new Vec(v.x(), -v.y());
    }

    @Provide
    Arbitrary<Stage> stages() {
        return AnyStage.stages();
    }
}
