package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;

/** Whether there is room for whatever is on at one time, and whether it is drawn on what the evening is on. */
final class RoomThere implements PracticeCheck {

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        List<Finding<Practice>> found = new ArrayList<>();
        for (Plan.Entry entry : evening.plan().entries()) {
            double wanted = 0;
            double whole = 0;
            for (Block part : entry.block().parts()) {
                Optional<Needs.Footing> footing = evening.needs().of(part).map(Needs::footing);
                footing.ifPresent(f -> elsewhere(evening.practice(), entry, part, f, found));
                wanted += footing.map(Needs.Footing::area).orElse(area(part));
                whole = Math.max(whole, footing.map(f -> area(f.whole())).orElse(0.0));
            }
            if (whole > 0 && wanted > whole) {
                found.add(Found.at(
                        entry,
                        "room",
                        Finding.Weight.WILL_NOT_WORK,
                        Said.of("room", Math.round(wanted), Math.round(whole)),
                        Found.less(entry.block())));
            }
        }
        return found;
    }

    private static double area(Block block) {
        return block.content() instanceof Content.Game g
                ? g.area().map(RoomThere::area).orElse(0.0)
                : 0;
    }

    private static double area(Content.Area area) {
        return area.length() * area.width();
    }

    private static void elsewhere(
            Practice practice, Plan.Entry entry, Block part, Needs.Footing footing, List<Finding<Practice>> found) {
        boolean placed = entry.block().content() instanceof Content.Beside b
                && b.stands().containsKey(part.id());
        if (!placed && !practice.surface().isEmpty() && !practice.surface().equals(footing.surface())) {
            found.add(Found.at(
                    entry,
                    part.id(),
                    "surface",
                    Finding.Weight.COULD_BE_BETTER,
                    Said.of("surface", Math.ceil(footing.length()), Math.ceil(footing.width())),
                    List.of()));
        }
    }
}
