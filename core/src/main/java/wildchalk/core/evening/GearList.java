package wildchalk.core.evening;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.GearKind;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Makeup;
import wildchalk.core.practice.Plan;
import wildchalk.core.wording.Wordbook;

/** What is loaded into the car for an evening, to be ticked off, and where each of it goes. */
public final class GearList {

    private static final Wordbook BOOK = Handed.BOOK;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

    private GearList() {}

    /** Its lines. */
    public static List<String> of(Handed evening) {
        return lines(evening).stream().map(evening::silent).toList();
    }

    private static List<String> lines(Handed evening) {
        List<String> lines = new ArrayList<>();
        lines.add(BOOK.say("gear.title", evening.practice().title()));
        Makeup.Bring bring = Makeup.bring(evening.plan(), evening.needs());
        List<String> things = new ArrayList<>(EveningMessage.things(bring));
        things.addAll(bibs(evening));
        if (things.isEmpty()) {
            lines.add(BOOK.say("gear.nothing"));
            return lines;
        }
        things.forEach(t -> lines.add(BOOK.say("gear.item", t)));
        lines.add("");
        evening.plan().entries().forEach(e -> places(evening, e, lines));
        if (bring.gear().containsKey(GearKind.GOAL) || bring.gear().containsKey(GearKind.MINI_GOAL)) {
            lines.add("");
            lines.add(BOOK.say("gear.goals"));
        }
        return lines;
    }

    /** As many bibs of a colour as are in its group; where nobody is divided, the colours that drills wear. */
    private static List<String> bibs(Handed evening) {
        List<String> bibs = new ArrayList<>();
        evening.groups().stream()
                .filter(g -> g.bib().isPresent() && g.size() > 0)
                .forEach(g -> bibs.add(
                        BOOK.say("gear.bibs", g.size(), Wordbook.key(g.bib().orElseThrow()))));
        if (bibs.isEmpty()) {
            TreeSet<Bib> worn = new TreeSet<>();
            evening.plan().entries().stream()
                    .flatMap(e -> e.block().all())
                    .forEach(b -> evening.needs().of(b).ifPresent(n -> worn.addAll(n.bibs())));
            worn.forEach(b -> bibs.add(BOOK.say("gear.colour", Wordbook.key(b))));
        }
        return bibs;
    }

    private static void places(Handed evening, Plan.Entry entry, List<String> lines) {
        String time = evening.practice().slot().at(entry.start()).format(TIME);
        for (Block part : entry.block().parts()) {
            evening.needs()
                    .of(part)
                    .map(EveningMessage::things)
                    .filter(t -> !t.isEmpty())
                    .ifPresent(t -> lines.add(
                            BOOK.say("gear.place", time, BlockWords.of(part), String.join(BOOK.say("comma"), t))));
        }
    }
}
