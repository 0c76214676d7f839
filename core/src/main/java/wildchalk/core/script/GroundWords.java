package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/**
 * What is otherwise on the ground than usual: goals that are moved, a half that is there twice, places that are called.
 */
final class GroundWords {

    private static final Wordbook BOOK = Wordbook.beside(GroundWords.class, "OnGround");

    /** Nearer to the middle than this is in it, metres. */
    private static final double HALF_WAY = 0.5;

    private final Stage stage;
    private final Surface surface;
    private final Unit unit;
    private final Words words;

    GroundWords(Stage stage, Surface surface, Unit unit, Words words) {
        this.stage = stage;
        this.surface = surface;
        this.unit = unit;
        this.words = words;
    }

    /** "The goal stands 11 m from the end line, 3 m to the right." */
    String goal(Game.GoalAt goal) {
        Optional<Surface.Target> target = surface.target(goal.target());
        String name = target.map(Surface.Target::name).orElse(goal.target());
        if (goal.at().isEmpty()) {
            return BOOK.say("goal.away", name);
        }
        Vec at = goal.at().get();
        String line = surface.word("end-line", words.say("wall.end"));
        double off = surface.length() / 2 - Math.abs(at.x());
        String where = Math.abs(at.x()) < HALF_WAY
                ? BOOK.say("goal.half.way")
                : BOOK.say(at.x() > 0 ? "goal.off" : "goal.off.own", unit.spoken(Math.max(0, off)), line);
        String aside = Math.abs(at.y()) < HALF_WAY
                ? ""
                : BOOK.say(at.y() > 0 ? "goal.right" : "goal.left", unit.spoken(Math.abs(at.y())));
        // Usually its mouth is towards the middle.
        boolean turned = Math.abs(at.x()) >= HALF_WAY && Math.cos(goal.facing()) * at.x() > 0;
        return BOOK.say("goal.moved", name, where + aside + (turned ? BOOK.say("goal.turned") : ""));
    }

    /** "The same at the other end at once: 11 does what 7 does, 12 what 9 does." */
    String twin(Game.Twin twin) {
        List<String> people = new ArrayList<>();
        twin.pairs().forEach((one, other) -> {
            Optional<Piece.Person> a = stage.person(one);
            Optional<Piece.Person> b = stage.person(other);
            if (a.isPresent() && b.isPresent()) {
                people.add(BOOK.say("twin.pair", words.name(b.get()), words.name(a.get())));
            }
        });
        String head = BOOK.say("twin." + Wordbook.key(twin.where()) + (twin.inTurn() ? ".turn" : ""));
        String who = people.isEmpty() ? "" : BOOK.say("twin.who", String.join(words.say("list.comma"), people));
        return head + who + words.say("stop");
    }

    /** "A call of two figures: the first says which first gap, 1 to 3; the second which second gap, 1 to 3." */
    String code(Game.Code code) {
        List<String> parts = new ArrayList<>();
        for (int i = 0; i < code.parts().size(); i++) {
            Game.Part part = code.parts().get(i);
            parts.add(BOOK.say(
                    i == 0 ? "code.first" : "code.next",
                    words.say("nth." + (i + 1)),
                    part.words(),
                    Integer.toString(part.figures())));
        }
        return BOOK.say("code", words.number(code.parts().size()), String.join(words.say("join.list"), parts));
    }

    /** " to the first gap and the second gap that are called"; empty where nothing is called. */
    static Optional<String> called(Stage stage, List<Spot> path) {
        List<String> parts = new ArrayList<>();
        for (Spot spot : path) {
            if (spot instanceof Spot.Coded coded) {
                stage.instructions(Game.Code.class).stream()
                        .filter(c -> c.id().equals(coded.code())
                                && coded.part() < c.parts().size())
                        .findFirst()
                        .ifPresent(c -> parts.add(BOOK.say(
                                "called.part", c.parts().get(coded.part()).words())));
            }
        }
        return parts.isEmpty()
                ? Optional.empty()
                : Optional.of(BOOK.say("called", parts.size(), String.join(BOOK.say("called.then"), parts)));
    }
}
