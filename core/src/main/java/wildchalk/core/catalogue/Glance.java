package wildchalk.core.catalogue;

import java.util.Map;
import java.util.Set;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.GearKind;

/**
 * What is known of a drill without opening it. What it needs is what its lowest rung needs: with that much it can be run.
 *
 * @param surface id of the surface
 * @param place name of the surface
 * @param people who play on the lowest rung, those who wait included
 * @param mostPeople who play on the rung that needs most
 * @param gear of the lowest rung, by kind
 * @param balls of the lowest rung
 * @param needs the same in the sport's words: "9 players, 9 cones, 6 balls"
 * @param minutes that all rungs together are practised; 0 where nothing is said, or only how often
 * @param rungs how many
 * @param age who it is for
 * @param intensities how hard people go, on any rung
 * @param skills what is practised, on any rung
 * @param along metres along the surface that the lowest rung takes
 * @param across metres across it
 * @param space the part of the surface that holds that
 * @param does how often each kind of thing is done, and what follows what ("pass", "pass>shot"), on all rungs
 */
public record Glance(String title, String surface, String place, String sport, int people, int mostPeople, Map<GearKind, Integer> gear,
                     int balls, String needs, double minutes, int rungs, Effort.Level age, Set<Effort.Intensity> intensities,
                     Set<Skill> skills, double along, double across, Space space, Map<String, Integer> does) {

    public Glance {
        gear = Map.copyOf(gear);
        intensities = Set.copyOf(intensities);
        skills = Set.copyOf(skills);
        does = Map.copyOf(does);
    }
}
