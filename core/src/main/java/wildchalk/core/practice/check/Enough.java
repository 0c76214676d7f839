package wildchalk.core.practice.check;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wildchalk.core.check.Finding;
import wildchalk.core.document.Edit;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;

/** Whether there are people and keepers enough for whatever is on at one time: then, and not later. */
final class Enough implements PracticeCheck {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        List<Finding<Practice>> found = new ArrayList<>();
        if (evening.practice().company().isSaid()) {
            evening.plan().entries().forEach(e -> entry(evening, e, found));
        }
        return found;
    }

    private static void entry(Worked evening, Plan.Entry entry, List<Finding<Practice>> found) {
        Company company = evening.practice().company();
        List<Company.Late> later = company.late().stream()
                .filter(l -> evening.practice().slot().until(l.from()) > entry.start())
                .toList();
        int people = 0;
        int keepers = 0;
        for (Block part : entry.block().parts()) {
            Optional<Needs> needs = evening.needs().of(part);
            people += needs.map(Needs::fewest).orElse(0);
            keepers += needs.map(Needs::keepers).orElse(0);
            needs.ifPresent(n -> comers(entry, part, company).forEach(b -> group(evening, entry, b, n, later, found)));
        }
        int here = company.people() - later.size();
        int keepersHere = company.keepers()
                - (int) later.stream().filter(Company.Late::keeper).count();
        if (people > company.people()) {
            found.add(found(entry, "people", Said.of("people", people, company.people())));
        } else if (people > here) {
            found.add(late(evening, entry, later, Said.of("late", people, here, clock(later))));
        } else if (people > here - company.heads().unheard()) {
            found.add(Found.at(
                    entry,
                    "unheard",
                    Finding.Weight.COULD_BE_BETTER,
                    Said.of(
                            "unheard",
                            people,
                            here - company.heads().unheard(),
                            company.heads().unheard()),
                    Found.less(entry.block())));
        }
        if (keepers > company.keepers()) {
            found.add(found(entry, "keepers", Said.of("keepers", keepers, company.keepers())));
        } else if (keepers > keepersHere) {
            found.add(late(evening, entry, later, Said.of("late.keeper", keepers, clock(later))));
        }
    }

    /** A block with the group that does it; one that all groups come round to with the smallest of them. */
    private static Stream<Block> comers(Plan.Entry entry, Block part, Company company) {
        Optional<Content.Round> round =
                entry.block().content() instanceof Content.Beside b ? b.round() : Optional.empty();
        if (round.isEmpty()) {
            return Stream.of(part);
        }
        boolean groups = !company.groups().isEmpty();
        return !groups || round.orElseThrow().keepers().equals(part.id())
                ? Stream.empty()
                : IntStream.rangeClosed(1, company.groups().size())
                        .boxed()
                        .min(Comparator.comparing(company::in))
                        .map(part::forGroup)
                        .stream();
    }

    /** A group that is too small for what it does, or is while somebody of it is not there yet. */
    private static void group(
            Worked evening,
            Plan.Entry entry,
            Block part,
            Needs needs,
            List<Company.Late> later,
            List<Finding<Practice>> found) {
        int size = evening.practice().company().in(part.group());
        List<Company.Late> theirs =
                later.stream().filter(l -> l.group() == part.group()).toList();
        if (part.group() == 0) {
            return;
        }
        if (needs.fewest() > size) {
            found.add(Found.at(
                    entry,
                    part.id(),
                    "group",
                    Finding.Weight.WILL_NOT_WORK,
                    Said.of("group", part.group(), needs.fewest(), size),
                    Found.less(entry.block())));
        } else if (needs.fewest() > size - theirs.size()) {
            found.add(late(
                    evening,
                    entry,
                    theirs,
                    Said.of("late.group", part.group(), needs.fewest(), size - theirs.size(), clock(theirs))));
        }
    }

    private static Finding<Practice> found(Plan.Entry entry, String check, String words) {
        return Found.at(entry, check, Finding.Weight.WILL_NOT_WORK, words, Found.less(entry.block()));
    }

    private static Finding<Practice> late(Worked evening, Plan.Entry entry, List<Company.Late> later, String words) {
        List<Finding.Mend<Practice>> mends = new ArrayList<>();
        moved(evening, entry, evening.practice().slot().until(last(later)))
                .ifPresent(e -> mends.add(Found.mend(Said.of("late.mend"), e)));
        mends.addAll(Found.less(entry.block()));
        return Found.at(entry, "late", Finding.Weight.WILL_NOT_WORK, words, mends);
    }

    /** The first place at which it begins when those who are late are there; empty where there is none. */
    private static Optional<Edit<Practice>> moved(Worked evening, Plan.Entry entry, int all) {
        Practice practice = evening.practice();
        for (int to = practice.place(entry.block().id()) + 2;
                to <= practice.blocks().size();
                to++) {
            Edit<Practice> move = PracticeEdits.move(entry.block(), to);
            boolean there = evening.plan(move.apply(practice)).entries().stream()
                    .anyMatch(e -> e.block().id().equals(entry.block().id()) && e.start() >= all);
            if (there) {
                return Optional.of(move);
            }
        }
        return Optional.empty();
    }

    private static LocalTime last(List<Company.Late> later) {
        return later.stream()
                .map(Company.Late::from)
                .max(Comparator.naturalOrder())
                .orElse(LocalTime.MIN);
    }

    private static String clock(List<Company.Late> later) {
        return last(later).format(CLOCK);
    }
}
