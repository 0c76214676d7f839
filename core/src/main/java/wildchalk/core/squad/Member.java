package wildchalk.core.squad;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.grouping.Handed;

/**
 * Somebody of a squad.
 *
 * @param id unique within the squad
 * @param name what they are called; two may be called alike
 * @param number as it stands on the shirt; may be empty
 * @param positions in the sport's own words, the first one first; may be empty
 * @param level what the coach thinks of how they play
 * @param cautions what they are kept from, the oldest first
 * @param word a word of the coach; may be empty
 */
public record Member(
        String id,
        String name,
        String number,
        List<String> positions,
        Handed side,
        Level level,
        List<Caution> cautions,
        String word) {

    /** How strong one is of whom nothing is said: in the middle. */
    public static final int MIDDLE = 3;

    /** The strongest. */
    public static final int STRONGEST = 5;

    /**
     * What the coach thinks of how somebody plays: their own view, which goes out only when asked.
     *
     * @param strength 1 to 5; 0 where nothing is said
     * @param speed as a share of what is usual at their age; 0 where nothing is said
     * @param sprints those that were measured, the oldest first
     */
    public record Level(int strength, double speed, List<Sprint> sprints) {

        /** One of which nothing is said. */
        public static final Level UNSAID = new Level(0, 0, List.of());

        public Level {
            if (strength < 0 || strength > STRONGEST) {
                throw new IllegalArgumentException("strength=" + strength);
            }
            sprints = List.copyOf(sprints);
        }

        /** The same with one more sprint that was measured. */
        Level with(Sprint sprint) {
            List<Sprint> all = new ArrayList<>(sprints);
            all.add(sprint);
            return new Level(strength, speed, all);
        }

        /** The same, as strong as that: 1 to 5, 0 for unsaid. */
        public Level withStrength(int newStrength) {
            return new Level(newStrength, speed, sprints);
        }
    }

    public Member {
        positions = List.copyOf(positions);
        cautions = List.copyOf(cautions);
    }

    /** Somebody of whom only the name is known. */
    public static Member named(String id, String name) {
        return new Member(id, name, "", List.of(), Handed.UNSAID, Level.UNSAID, List.of(), "");
    }

    /** How strong, 1 to 5; in the middle where nothing is said. */
    public int strength() {
        return level.strength() == 0 ? MIDDLE : level.strength();
    }

    /** The same under another id. */
    public Member withId(String newId) {
        return new Member(newId, name, number, positions, side, level, cautions, word);
    }

    /** The same called otherwise. */
    public Member called(String newName, String newNumber) {
        return new Member(id, newName, newNumber, positions, side, level, cautions, word);
    }

    /** The same playing elsewhere, the likeliest first. */
    public Member playing(List<String> newPositions, Handed newSide) {
        return new Member(id, name, number, newPositions, newSide, level, cautions, word);
    }

    /** The same at another level. */
    public Member at(Level newLevel) {
        return new Member(id, name, number, positions, side, newLevel, cautions, word);
    }

    /** The same with another word. */
    public Member saying(String newWord) {
        return new Member(id, name, number, positions, side, level, cautions, newWord);
    }

    /** The same, kept from one thing more. */
    public Member kept(Caution caution) {
        List<Caution> all = new ArrayList<>(cautions);
        all.add(caution);
        return keptFrom(all);
    }

    /** The same with other cautions. */
    public Member keptFrom(List<Caution> newCautions) {
        return new Member(id, name, number, positions, side, level, newCautions, word);
    }

    /** The same without somebody's name in what is said of them. */
    Member silentOf(String somebody) {
        return saying(word.replace(somebody, "\u2026"))
                .keptFrom(cautions.stream()
                        .map(c -> new Caution(c.from(), c.words().replace(somebody, "\u2026"), c.until()))
                        .toList());
    }
}
