package wildchalk.core.scene;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.implied.LivePlay;
import wildchalk.core.geometry.Polygon;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

/**
 * The slow drift of tokens while live play goes on: a picture of play, which claims nothing of where anybody is. Each
 * token moves about its own place and ends where it began; nothing but the picture knows of it.
 */
final class Drift {

    /** How far a token moves from its place, metres; less near the edge of the area. */
    private static final double FAR = 1.6;
    /** Seconds for once about. */
    private static final double ROUND = 7;
    /** Seconds in which it begins and ends. */
    private static final double EASE = 1.5;
    /** Two are never at the same place of their rounds. */
    private static final double GOLDEN = 2.399963;

    /** Somebody's part in a stretch of live play. */
    private record Spell(double from, double to, double far, double phase) {

        Vec at(double t) {
            if (t <= from || t >= to) {
                return Vec.ZERO;
            }
            double eased = ease(Math.min(1, Math.min(t - from, to - t) / EASE));
            double turn = 2 * Math.PI * (t - from) / ROUND + phase;
            return new Vec(Math.cos(turn), Math.sin(turn * 0.5 + phase)).times(far * eased);
        }

        private static double ease(double share) {
            return share * share * (3 - 2 * share);
        }
    }

    private final Map<String, List<Spell>> spells = new HashMap<>();

    /** Nobody drifts. */
    static final Drift NONE = new Drift();

    private Drift() {}

    Drift(Stage stage, Surface surface, Timeline timeline) {
        for (Action action : stage.actions()) {
            if (action instanceof PlayOn play && timeline.times(play.id()).isPresent()) {
                ActionTimes times = timeline.times(play.id()).get();
                int i = 0;
                for (String who : LivePlay.people(stage, play)) {
                    if (!isElsewhere(stage, timeline, who, times)) {
                        double far = far(stage, surface, play, timeline.at(who, times.start()));
                        spells.computeIfAbsent(who, w -> new ArrayList<>())
                                .add(new Spell(times.start(), times.end(), far, i * GOLDEN));
                    }
                    i++;
                }
            }
        }
    }

    /** By how much somebody's token is away from where they are. */
    Vec of(String who, double t) {
        Vec off = Vec.ZERO;
        for (Spell spell : spells.getOrDefault(who, List.of())) {
            off = off.plus(spell.at(t));
        }
        return off;
    }

    /** Whether somebody has a way to go meanwhile that is drawn. */
    private static boolean isElsewhere(Stage stage, Timeline timeline, String who, ActionTimes live) {
        return stage.actionsOf(who).stream()
                .filter(Travel.class::isInstance)
                .flatMap(a -> timeline.times(a.id()).stream())
                .anyMatch(x -> x.start() < live.end() - 1e-6 && x.end() > live.start() + 1e-6);
    }

    private static List<Vec> outline(Stage stage, Surface surface, PlayOn play) {
        return play.area()
                .flatMap(stage.marked(surface)::zone)
                .map(Surface.Zone::outline)
                .orElse(List.of());
    }

    /** No token leaves the area that it is in. */
    private static double far(Stage stage, Surface surface, PlayOn play, Vec at) {
        List<Vec> edge = outline(stage, surface, play);
        if (edge.isEmpty() || !Polygon.contains(edge, at)) {
            return FAR;
        }
        double least = FAR * Math.sqrt(2);
        for (int i = 0; i < edge.size(); i++) {
            least = Math.min(least, at.distanceToStretch(edge.get(i), edge.get((i + 1) % edge.size())));
        }
        return least / Math.sqrt(2);
    }
}
