package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/**
 * Calls of several figures: which ones there are, which one a rep is played with, and where its figures are on the
 * ground. Which one was called is kept with the decisions, as {@code 3-1}.
 */
public final class Codes {

    private static final String BETWEEN = "-";

    private Codes() {}

    /** Every call that there can be, in order: {@code 1-1}, {@code 1-2}. */
    public static List<String> all(Game.Code code) {
        List<String> all = List.of("");
        for (Game.Part part : code.parts()) {
            List<String> longer = new ArrayList<>();
            for (String begun : all) {
                for (int n = 1; n <= part.figures(); n++) {
                    longer.add(begun.isEmpty() ? Integer.toString(n) : begun + BETWEEN + n);
                }
            }
            all = longer;
        }
        return all;
    }

    /** Whether something can be called, by the id of the code. */
    public static boolean canBe(Stage stage, String code, String call) {
        return stage.instructions(Game.Code.class).stream().anyMatch(c -> c.id().equals(code) && all(c).contains(call));
    }

    /** What is called in a rep of which nobody says: the figures differ where they can, so that each can be seen. */
    public static String usual(Game.Code code) {
        StringBuilder call = new StringBuilder();
        int i = 1;
        for (Game.Part part : code.parts()) {
            call.append(call.length() == 0 ? "" : BETWEEN).append(i++ % Math.max(1, part.figures()) + 1);
        }
        return call.toString();
    }

    /** The figure of a part in a call, counted from 0; the first where the call has none. */
    private static int figure(String call, int part) {
        String[] figures = call.split(BETWEEN);
        return part < figures.length && figures[part].matches("[1-9]") ? Integer.parseInt(figures[part]) - 1 : 0;
    }

    /** Where a figure says, on the ground; the middle of the surface where no call has that figure. */
    static Vec place(Stage stage, Choices choices, Spot.Coded coded) {
        return code(stage, coded)
                .map(c -> place(stage, coded, figure(choices.of().getOrDefault(c.id(), usual(c)), coded.part())))
                .orElse(Vec.ZERO);
    }

    private static Vec place(Stage stage, Spot.Coded coded, int figure) {
        return code(stage, coded)
                .filter(c -> coded.part() < c.parts().size())
                .map(c -> place(stage, c.parts().get(coded.part()), figure))
                .orElse(Vec.ZERO);
    }

    /** Where a figure of a part is, counted from 0. */
    public static Vec place(Stage stage, Game.Part part, int figure) {
        List<Vec> places = part.pieces().stream()
                .flatMap(id -> stage.piece(id).stream())
                .map(stage::place)
                .toList();
        if (places.isEmpty()) {
            return Vec.ZERO;
        }
        int at = Math.min(figure, places.size() - 1);
        boolean gap = part.gaps() && at + 1 < places.size();
        return gap ? places.get(at).plus(places.get(at + 1)).times(0.5) : places.get(at);
    }

    private static Optional<Game.Code> code(Stage stage, Spot.Coded coded) {
        return stage.instructions(Game.Code.class).stream()
                .filter(c -> c.id().equals(coded.code()))
                .findFirst();
    }
}
