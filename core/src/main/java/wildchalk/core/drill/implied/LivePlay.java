package wildchalk.core.drill.implied;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;

/** Who takes part in what nobody draws: live play, and tasks for whoever is something at a moment. */
public final class LivePlay {

    private LivePlay() {}

    /** Ids of those who take part in live play, in the order in which they were put there; coaches only by name. */
    public static Set<String> people(Stage stage, PlayOn play) {
        Set<String> people = new LinkedHashSet<>();
        for (Piece.Person person : stage.people()) {
            boolean plays = play.sides().isEmpty() && person.isOnATeam()
                    || play.sides().stream().anyMatch(s -> mayBe(s, person))
                    || person.id().equals(play.who());
            if (plays && isBeside(stage, person, play)) {
                people.add(person.id());
            }
        }
        return people;
    }

    /** With stations, those of one play by themselves. */
    private static boolean isBeside(Stage stage, Piece.Person person, PlayOn play) {
        Optional<Piece.Person> begins = stage.person(play.who());
        return stage.stations().isEmpty()
                || begins.isEmpty()
                || stage.stationOf(person).equals(stage.stationOf(begins.get()));
    }

    /** Ids of those who take part in any live play of a stage. */
    public static Set<String> people(Stage stage) {
        Set<String> people = new LinkedHashSet<>();
        for (Action action : stage.actions()) {
            if (action instanceof PlayOn play) {
                people.addAll(people(stage, play));
            }
        }
        return people;
    }

    /** Ids of those who may have something to do that nobody draws. */
    public static Set<String> undrawn(Stage stage) {
        Set<String> people = new LinkedHashSet<>(people(stage));
        List<Whom> duties = stage.instructions(Game.Duty.class).stream()
                .map(Game.Duty::whom)
                .toList();
        stage.people().stream()
                .filter(p -> duties.stream().anyMatch(d -> mayBe(d, p)))
                .map(Piece::id)
                .forEach(people::add);
        return people;
    }

    /** Whether somebody is meant, or can come to be. */
    private static boolean mayBe(Whom whom, Piece.Person person) {
        Predicate<Piece.Person> plays = p -> !(p instanceof Piece.Coach);
        return whom.match(new Whom.Cases<Boolean>() {
            @Override
            public Boolean everybody(Whom.Everybody everybody) {
                return plays.test(person);
            }

            @Override
            public Boolean people(Whom.People people) {
                return people.named().contains(person.id());
            }

            @Override
            public Boolean wholeTeam(Whom.Team team) {
                return plays.test(person) && person.bib() == team.bib();
            }

            @Override
            public Boolean hasBall(Whom.HasBall side) {
                return plays.test(person);
            }

            @Override
            public Boolean being(Whom.Being being) {
                return plays.test(person)
                        && !(person instanceof Piece.Goalkeeper)
                        && (being.team().isEmpty() || being.team().get() == person.bib());
            }
        });
    }
}
