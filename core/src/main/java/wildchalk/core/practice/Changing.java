package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.GearKind;
import wildchalk.core.wording.Wordbook;

/**
 * Works out what comes between two blocks. The times are typical ones and assumed, save those that follow from a
 * set-out sheet or a script.
 *
 * @param company who is there: many hands take less time
 * @param bag where there is too little for both, what stands is taken up first
 * @param times how often as long everything takes with these people as is worked out for any
 * @param needs what the drills take
 */
record Changing(Company company, Bag bag, double times, KnownNeeds needs) {

    private static final Wordbook BOOK = Wordbook.beside(Changing.class, "Practice");
    /** To a ball, and back with it, jogging. */
    private static final double FETCHING = 12;

    private static final double CALLING = 5;
    /** A piece of gear that is taken up as one goes past. */
    private static final double TAKING = 3;

    private static final double BIBS = 20;
    /** Across a part of a pitch, where two drills are drawn on two kinds of ground. */
    private static final double UNKNOWN_WAY = 15;
    /** Metres in a second of people who walk over; typical. */
    private static final double WALKED = 1.4;
    /** What they know is called by its name. */
    private static final double NAMING = 10;

    private static final double MINUTE = 60;

    /** Somebody leads a drill, a game and a talk; nobody has to lead water. */
    private static final Content.Cases<Integer> LEADING = new Content.Cases<>() {
        @Override
        public Integer play(Content.Play play) {
            return 1;
        }

        @Override
        public Integer game(Content.Game game) {
            return 1;
        }

        @Override
        public Integer words(Content.Words words) {
            return words.sort() == Content.Sort.WATER || words.sort() == Content.Sort.SETTING_OUT ? 0 : 1;
        }

        @Override
        public Integer beside(Content.Beside beside) {
            return beside.blocks().size();
        }
    };

    /**
     * Where an evening stands.
     *
     * @param before the block that is over; empty before the first
     * @param standing the block whose gear stands there; empty where nothing does
     */
    record Standing(Optional<Block> before, Optional<Block> standing) {

        /** Before anything. */
        static final Standing NOTHING = new Standing(Optional.empty(), Optional.empty());

        /** After a block. A talk leaves everything where it is, a game needs the ground. */
        Standing after(Block block) {
            Optional<Block> there = standing;
            if (!plays(block).isEmpty()) {
                there = Optional.of(block);
            } else if (clears(block)) {
                there = Optional.empty();
            }
            return new Standing(Optional.of(block), there);
        }

        /** After some blocks, one after another. */
        static Standing after(List<Block> blocks) {
            Standing now = NOTHING;
            for (Block block : blocks) {
                now = now.after(block);
            }
            return now;
        }
    }

    private static boolean clears(Block block) {
        return block.all().anyMatch(b -> b.content() instanceof Content.Game);
    }

    /** What comes before a block. What the first one needs is set out before anybody comes. */
    Change between(Standing now, Block next) {
        List<Change.Part> parts = new ArrayList<>();
        now.before().ifPresent(b -> {
            gather(b, parts);
            gear(now, b, next, parts);
            bibs(now.standing(), next, parts);
            if (isElsewhere(now.standing(), next)) {
                add(parts, Change.Doing.WALK, walking(now.standing(), next), BOOK.say("walk"));
            }
        });
        tell(next, parts);
        return new Change(parts, next.before());
    }

    private void add(List<Change.Part> parts, Change.Doing doing, double seconds, String words) {
        if (seconds > 0) {
            parts.add(new Change.Part(doing, (int) Math.ceil(seconds * times), words));
        }
    }

    private int hands() {
        return Math.max(1, company.people());
    }

    private int staff() {
        return Math.max(1, company.staff());
    }

    private void gather(Block before, List<Change.Part> parts) {
        int balls = all(before).mapToInt(Needs::balls).sum();
        if (balls > 0) {
            int rounds = (balls + hands() - 1) / hands();
            String counted = all(before)
                    .filter(n -> n.balls() > 0)
                    .map(n -> n.kit().ball().counted(balls))
                    .findFirst()
                    .orElse("");
            add(parts, Change.Doing.GATHER_BALLS, CALLING + FETCHING * rounds, BOOK.say("gather", counted));
        }
    }

    private Stream<Needs> all(Block block) {
        return block.parts().stream().flatMap(b -> needs.of(b).stream());
    }

    /**
     * What is in the way or wanted elsewhere is taken up; what is new is set out, by whoever has nothing to lead during
     * the block before if it can be.
     */
    private void gear(Standing now, Block before, Block next, List<Change.Part> parts) {
        Map<GearKind, Integer> standing = now.standing().map(this::gear).orElse(Map.of());
        if (clears(next)) {
            int all = standing.values().stream().mapToInt(Integer::intValue).sum();
            add(parts, Change.Doing.TAKE_UP, TAKING * all / staff(), BOOK.say("take.up", all));
            return;
        }
        if (now.standing().map(Changing::plays).equals(Optional.of(plays(next)))) {
            return;
        }
        Map<GearKind, Integer> wanted = gear(next);
        int lacking = wanted.entrySet().stream()
                .mapToInt(e -> lacking(e.getKey(), standing.getOrDefault(e.getKey(), 0), e.getValue()))
                .sum();
        int pieces = wanted.values().stream().mapToInt(Integer::intValue).sum();
        double takingUp = TAKING * lacking;
        double settingOut = all(next).mapToDouble(Needs::settingOut).sum();
        // What is taken up is in use while a drill goes on, and nobody needs it over water or a talk.
        boolean played = !plays(before).isEmpty() || clears(before);
        double meanwhile =
                lacking > 0 && played ? 0 : free(before) * before.time().least() * MINUTE;
        if (played && settingOut > meanwhile) {
            // Half of a drill set out beside another one, or beside a game, is in its way.
            meanwhile = 0;
        }
        double left = Math.max(0, takingUp - meanwhile);
        add(parts, Change.Doing.TAKE_UP, left / staff(), BOOK.say("take.up", lacking));
        if (pieces > 0) {
            double rest = Math.max(0, settingOut - Math.max(0, meanwhile - takingUp));
            add(parts, Change.Doing.SET_OUT, rest / staff(), BOOK.say("set.out", pieces));
        }
    }

    /** How many of the staff have nothing to lead while a block goes on. */
    private int free(Block block) {
        int leading =
                block.parts().stream().mapToInt(b -> b.content().match(LEADING)).sum();
        return Math.max(0, staff() - leading);
    }

    /** How many of those that stand are wanted for what comes next, as the bag has too few for both. */
    private int lacking(GearKind kind, int standing, int wanted) {
        return bag.of(kind)
                .map(n -> Math.max(0, Math.min(standing, standing + wanted - n)))
                .orElse(0);
    }

    private Map<GearKind, Integer> gear(Block block) {
        Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
        all(block).forEach(n -> n.gear().forEach((kind, k) -> gear.merge(kind, k, Integer::sum)));
        return gear;
    }

    private static Set<String> plays(Block block) {
        Set<String> drills = new HashSet<>();
        block.all().flatMap(Block::play).forEach(p -> drills.add(p.drill().id() + " " + p.copies()));
        return drills;
    }

    private void bibs(Optional<Block> standing, Block next, List<Change.Part> parts) {
        Set<Bib> worn = new HashSet<>();
        standing.ifPresent(b -> all(b).forEach(n -> worn.addAll(n.bibs())));
        Set<Bib> wanted = new HashSet<>();
        all(next).forEach(n -> wanted.addAll(n.bibs()));
        if (!wanted.isEmpty() && wanted.size() > 1 && !worn.equals(wanted)) {
            add(parts, Change.Doing.BIBS, BIBS, BOOK.say("bibs"));
        }
    }

    /** A talk, water and free words are where they are; a drill is where it is set out. */
    private static boolean isElsewhere(Optional<Block> standing, Block next) {
        Set<String> now = plays(next);
        return !now.isEmpty() && !standing.map(Changing::plays).equals(Optional.of(now));
    }

    /** From the middle of one to that of the other, where both are drawn on one ground. */
    private double walking(Optional<Block> standing, Block next) {
        Optional<Needs.Footing> from = standing.flatMap(this::footing);
        Optional<Needs.Footing> to = footing(next)
                .filter(f -> from.filter(s -> s.surface().equals(f.surface())).isPresent());
        return to.map(f -> f.centre().distance(from.orElseThrow().centre()) / WALKED)
                .orElse(UNKNOWN_WAY);
    }

    private Optional<Needs.Footing> footing(Block block) {
        return all(block).map(Needs::footing).findFirst();
    }

    private void tell(Block next, List<Change.Part> parts) {
        double seconds = next.parts().stream().mapToDouble(this::telling).max().orElse(0);
        boolean whole = next.parts().stream().flatMap(Block::play).anyMatch(p -> p.telling() == Content.Telling.FRESH);
        add(parts, Change.Doing.TELL, seconds, BOOK.say(whole ? "tell" : "tell.known"));
    }

    private double telling(Block block) {
        return block.play()
                .mapToDouble(p -> switch (p.telling()) {
                    case FRESH -> needs.of(block).map(Needs::saying).orElse(NAMING);
                    case KNOWN -> NAMING;
                    case NONE -> 0;
                })
                .sum();
    }
}
