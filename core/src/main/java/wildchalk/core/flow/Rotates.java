package wildchalk.core.flow;

import java.util.List;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.When;

/**
 * What holds between the reps of a stage, said or taken for granted.
 *
 * @param roles everybody it takes who is drawn, in order; coaches left out
 * @param goes where each of them goes, in the same order
 * @param starts when the next rep begins
 * @param taken which sides are played
 * @param fetcher who fetches balls
 */
public record Rotates(
        List<Piece.Person> roles,
        List<Rotation.Goes> goes,
        When starts,
        Rotation.Taken taken,
        Rotation.Fetcher fetcher) {

    public Rotates {
        roles = List.copyOf(roles);
        goes = List.copyOf(goes);
    }

    /** Where whoever has a role goes. */
    public Rotation.Goes goes(String role) {
        return goes.stream().filter(g -> g.who().equals(role)).findFirst().orElseThrow();
    }
}
