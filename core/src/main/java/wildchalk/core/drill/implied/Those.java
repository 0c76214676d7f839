package wildchalk.core.drill.implied;

import java.util.List;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;

/** Who is meant before anything happens. */
public final class Those {

    private Those() {}

    /** All who are meant, in the order in which they were put there; nobody where it only shows in a rep. */
    public static List<Piece.Person> of(Stage stage, Whom whom) {
        return stage.people().stream().filter(p -> isMeant(whom, p)).toList();
    }

    /** Whether somebody is meant before anything happens. */
    public static boolean isMeant(Whom whom, Piece.Person person) {
        boolean plays = !(person instanceof Piece.Coach);
        return whom.match(new Whom.Cases<Boolean>() {
            @Override
            public Boolean everybody(Whom.Everybody everybody) {
                return plays;
            }

            @Override
            public Boolean people(Whom.People people) {
                return people.named().contains(person.id());
            }

            @Override
            public Boolean wholeTeam(Whom.Team team) {
                return plays && person.bib() == team.bib();
            }

            @Override
            public Boolean hasBall(Whom.HasBall side) {
                return false;
            }

            @Override
            public Boolean being(Whom.Being being) {
                return false;
            }
        });
    }
}
