package wildchalk.core.beginning;

import java.util.Locale;
import java.util.function.Consumer;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.wording.Wordbook;

/** Shapes of people and gear that drills begin with. */
public enum Beginning {
    FACING(SetDown::facing),
    RING(SetDown::ring),
    BOX(SetDown::box),
    GATE_AND_GOAL(SetDown::gateAndGoal),
    THREE_LANES(SetDown::threeLanes),
    ALLEY(SetDown::alley),
    TWO_SQUARES(SetDown::twoSquares),
    PASSER(SetDown::passer),
    RACE(SetDown::race),
    SMALL_GAME(SetDown::smallGame);

    /** Fewer people than this make no drill of them. */
    public static final int FEWEST = 4;
    /** More than this stand in no one of them. */
    public static final int MOST = 40;

    private static final Wordbook BOOK = Wordbook.beside(Beginning.class, "Beginning");

    private final Consumer<SetDown> shape;

    Beginning(Consumer<SetDown> shape) {
        this.shape = shape;
    }

    /** What it is called, and so what the drill is called until somebody says otherwise. */
    public String title() {
        return BOOK.say(key());
    }

    /** What it is good for, in a line. */
    public String words() {
        return BOOK.say(key() + ".for");
    }

    private String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * An empty drill with it set down in the middle of what is shown.
     *
     * @param people how many there are, {@link #FEWEST} to {@link #MOST}; all of them stand in it
     * @throws IllegalArgumentException for fewer or more
     */
    public Drill on(Drill empty, int people) {
        if (people < FEWEST || people > MOST) {
            throw new IllegalArgumentException(Integer.toString(people));
        }
        SetDown down = new SetDown(empty, people);
        shape.accept(down);
        String rung = empty.ladder().get(0).id();
        return PieceEdits.placeAll(rung, title(), down.pieces()).apply(empty).withTitle(title());
    }
}
