package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.surface.End;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** Which way each team goes on the pictures: "Coral attacks to the right on the pictures, sky to the left." */
public final class AttackWords {

    private AttackWords() {}

    /** @param attack where the attacking end of the surface is on the pictures */
    public static String of(Stage stage, Surface surface, Attack attack) {
        Words words = new Words(surface, stage.people());
        Ends ends = new Ends(stage, surface);
        List<Bib> teams = ends.teams();
        List<String> said = new ArrayList<>();
        for (Bib team : teams) {
            Optional<End> end = ends.atStart(team).map(Ends.Known::end);
            if (end.isPresent() && team != Bib.CHALK) {
                String way = way(words, end.get() == End.GOAL ? attack : Attack.values()[(attack.ordinal() + 2) % 4]);
                said.add(words.say(said.isEmpty() ? "attack.first" : "attack.more", Wordbook.key(team), way));
            }
        }
        if (said.size() < teams.size() || said.isEmpty()) {
            return words.say("attack.end", way(words, attack));
        }
        return words.say("attack.all", Sentence.capital(String.join("", said)));
    }

    private static String way(Words words, Attack attack) {
        return words.say("attack." + Wordbook.key(attack));
    }
}
