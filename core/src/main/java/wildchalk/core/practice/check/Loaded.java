package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.check.Typical;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Strain;

/**
 * Whether one who does all of it goes no farther, sprints no oftener and is in contact no longer than is typical at
 * their age, and whether it begins easier than it goes on. What is typical is assumed; the sport's own rules, the club
 * and qualified people stand above it.
 */
final class Loaded implements PracticeCheck {

    /** Metres in a minute from which it is hard enough to warm up for; assumed. */
    private static final double HARD = 70;
    /** A first block harder than this share of the hardest is no warm-up. */
    private static final double FIRST = 0.9;

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        Typical typical = Typical.at(evening.practice().company().age());
        Strain strain = evening.strain();
        List<Finding<Practice>> found = new ArrayList<>();
        if (strain.contact() > 0 && typical.contact() == 0) {
            found.add(Found.of("contact", Finding.Weight.COULD_HURT, Said.of("contact.young"), List.of()));
        } else if (strain.contact() > typical.contact()) {
            found.add(Found.of(
                    "contact",
                    Finding.Weight.COULD_HURT,
                    Said.of("contact", Math.round(strain.contact()), typical.contact()),
                    shorter(evening.practice(), strain, Comparator.comparing(p -> p.contact() ? p.minutes() : 0))));
        }
        if (strain.metres() > typical.metres()) {
            found.add(Found.of(
                    "metres",
                    Finding.Weight.COULD_HURT,
                    Said.of("metres", Math.round(strain.metres()), typical.metres()),
                    shorter(evening.practice(), strain, Comparator.comparingDouble(p -> p.metres() * p.minutes()))));
        }
        if (strain.sprints() > typical.sprints()) {
            found.add(Found.of(
                    "sprints",
                    Finding.Weight.COULD_HURT,
                    Said.of("sprints", Math.round(strain.sprints()), typical.sprints()),
                    shorter(evening.practice(), strain, Comparator.comparingDouble(p -> p.sprints() * p.minutes()))));
        }
        if (evening.left().done() == 0) {
            begins(evening.practice(), strain).ifPresent(found::add);
        }
        return found;
    }

    /** What weighs most is as short as it may be. */
    private static List<Finding.Mend<Practice>> shorter(
            Practice practice, Strain strain, Comparator<Strain.Part> most) {
        return strain.parts().stream()
                .filter(p -> !p.block().isEmpty())
                .sorted(most.reversed())
                .limit(1)
                .flatMap(p -> practice.block(p.block()).stream())
                .filter(b -> b.time().now() > b.time().least())
                .map(b -> Found.mend(
                        Said.of("mend.shorter", b.time().least()),
                        PracticeEdits.last(b, b.time().least())))
                .toList();
    }

    private static Optional<Finding<Practice>> begins(Practice practice, Strain strain) {
        List<Strain.Part> moving = strain.parts().stream()
                .filter(p -> !p.block().isEmpty() && p.metres() > 0)
                .toList();
        if (moving.size() < 2) {
            return Optional.empty();
        }
        Strain.Part first = moving.get(0);
        double hardest = strain.hardest().map(Strain.Part::metres).orElse(0.0);
        if (first.metres() < HARD || first.metres() < FIRST * hardest) {
            return Optional.empty();
        }
        Block easiest = moving.stream()
                .min(Comparator.comparingDouble(Strain.Part::metres))
                .flatMap(p -> practice.block(p.block()))
                .orElseThrow();
        List<Finding.Mend<Practice>> mends = easiest.id().equals(first.block())
                ? List.of()
                : List.of(
                        Found.mend(Said.of("begins.mend"), PracticeEdits.move(easiest, practice.place(first.block()))));
        return Optional.of(new Finding<>(
                "begins",
                Finding.Weight.COULD_BE_BETTER,
                Said.of("begins", Math.round(first.metres())),
                List.of(first.block()),
                Optional.of(new Finding.Span(first.from(), first.to())),
                mends));
    }
}
