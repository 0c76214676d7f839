package wildchalk.desktop.practice;

import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.ground.Ground;
import wildchalk.core.practice.ground.GroundDrill;
import wildchalk.core.practice.ground.Laying;
import wildchalk.core.scene.Aids;
import wildchalk.desktop.board.state.BoardModel;

/**
 * What is side by side in a block, on the ground.
 *
 * @param asked what it was made of
 * @param ground where everything stands in it
 * @param room whether there was room, if it was to be laid out
 * @param model the ground with everything on it, to be played
 * @param round how groups go round; empty where they stay
 */
record GroundScene(Asked asked, Ground ground, boolean room, BoardModel model, Optional<GoingRound> round) {

    private static final int MINUTE = 60;

    /**
     * What it is made of.
     *
     * @param drills of the evening, as they were planned
     * @param laying whether it is to be laid out anew
     */
    record Asked(Practice evening, Block block, Ground ground, Map<Content.Planned, Drill> drills, boolean laying) {

        /** Whether nobody has said of something where it stands. */
        boolean isUnplaced() {
            return !(block.content() instanceof Content.Beside b)
                    || !b.stands().keySet().containsAll(ground.stands().keySet());
        }
    }

    /** Makes it; takes a moment. */
    static GroundScene of(Asked asked, KnownNeeds needs) {
        Optional<Ground> laid = asked.laying() ? Laying.out(asked.ground(), needs) : Optional.of(asked.ground());
        Ground ground = laid.orElseGet(() -> asked.isUnplaced() ? Laying.row(asked.ground()) : asked.ground());
        Optional<GoingRound> round =
                GoingRound.of(asked.block(), asked.evening().company(), needs);
        Drill drill = GroundDrill.of(
                ground,
                BlockWords.of(asked.block()),
                asked.drills(),
                round.map(r -> Math.max(0, Math.floor(r.seconds() / MINUTE))).orElse(0.0));
        BoardModel model = new BoardModel(drill);
        // So small, they would hide what they count.
        model.viewing().aidsProperty().set(Aids.USUAL.withNumbers(false));
        return new GroundScene(asked, ground, laid.isPresent(), model, round);
    }
}
