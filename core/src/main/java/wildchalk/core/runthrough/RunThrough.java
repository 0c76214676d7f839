package wildchalk.core.runthrough;

import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.Unrolled;
import wildchalk.core.measure.Unit;
import wildchalk.core.measure.Units;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.scene.Aids;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.OptionMarks;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/**
 * A stage worked out one way through, with the picture and the words that go with it. It can be made on any thread.
 *
 * @param choices the options that were chosen; reads that are not in it go their first way, or as is worked out
 * @param timeline when everything happens, and who is where then
 */
public record RunThrough(Stage stage, Surface surface, Choices choices, Timeline timeline) {

    /**
     * One rung of a drill.
     *
     * @param rung id of the rung
     * @throws IllegalArgumentException when the drill has no such rung
     */
    public static RunThrough of(Drill drill, String rung, Choices choices) {
        return of(Ladder.build(drill, rung), drill.surface(), choices);
    }

    /** A stage on a surface. What cannot happen is a {@link Timeline#problems() problem}, never an exception. */
    public static RunThrough of(Stage stage, Surface surface, Choices choices) {
        Stage written = Unrolled.of(stage, s -> Rehearsal.of(s, surface, choices));
        return new RunThrough(stage, surface, choices, Rehearsal.of(written, surface, choices));
    }

    /** The same stage, another way through. */
    public RunThrough going(Choices other) {
        return timeline.otherWays()
                .chosen(other)
                .map(t -> new RunThrough(stage, surface, other, t))
                .orElseGet(() -> of(stage, surface, other));
    }

    /**
     * The picture.
     *
     * @param key which of runs and passes are plain and which dashed
     * @param frame what is shown, and how large tokens are
     * @param units how pinned measures are said
     * @param aids what helps to read it
     */
    public Board board(LineKey key, Frame frame, Units units, Aids aids) {
        return board(key, frame, units, aids, Reads.of(stage).isEmpty() ? Script.NONE : script(units.unit()));
    }

    /**
     * The same where the words are known already.
     *
     * @param script of this way, which says what stands beside the lines of options
     */
    public Board board(LineKey key, Frame frame, Units units, Aids aids, Script script) {
        return new Board(stage.set(surface), stage, timeline, key, frame, units, aids, OptionMarks.of(stage, script));
    }

    /** The picture with what usually helps to read it. */
    public Board board(LineKey key, Frame frame, Units units) {
        return board(key, frame, units, Aids.USUAL);
    }

    /**
     * The words.
     *
     * @param unit how lengths are said
     */
    public Script script(Unit unit) {
        return ScriptWriter.write(stage, timeline, surface, unit);
    }
}
