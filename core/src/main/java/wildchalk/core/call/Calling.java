package wildchalk.core.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.wording.Wordbook;

/**
 * What is called while a rung is played, as a coach writes it down: "gaps 10 odd and even, jump 2, both ways, every 5
 * to 8 s, as the first one turns".
 *
 * @param what what is on the ground that is called
 * @param count how many gaps or corners there are; 0 for all else
 * @param also what else is called, in the order in which it was said
 * @param numbering how gaps are numbered
 * @param every how often it is called by itself; empty where the coach calls each
 * @param moment when it is called, in the coach's words; may be empty
 */
public record Calling(
        What what,
        int count,
        List<String> also,
        Numbering numbering,
        CallRules rules,
        Optional<Pause> every,
        String moment) {

    /** What is on the ground. */
    public enum What {
        /** Nothing: only words are called. */
        WORDS,
        /** The colours of what is out. */
        COLOURS,
        /** Gaps in a row, by number. */
        GAPS,
        /** Corners, by number. */
        CORNERS,
        /** Those who play. */
        PLAYERS,
        /** Calls of several figures, each of which says something. */
        CODES
    }

    /** More than these are not told apart when they are shouted. */
    public static final int MOST = 40;

    private static final Wordbook BOOK = Wordbook.beside(Calling.class, "Calling");
    private static final int CORNERS = 4;
    private static final double SECOND = 1000;
    private static final Pattern NUMBERED = Pattern.compile("(\\d{1,2})\\s+(\\S+)|(\\S+)\\s+(\\d{1,2})");
    private static final Pattern MOMENT = Pattern.compile("(?i)(as|when|at|after|once)\\s+.+");
    private static final Pattern PAUSE =
            Pattern.compile("(\\S+)\\s+(\\d{1,3}(?:\\.\\d)?)(?:\\s*(?:to|-)\\s*(\\d{1,3}(?:\\.\\d)?))?\\s*s?");

    public Calling {
        also = List.copyOf(also);
    }

    /** What a coach typed; empty when nothing in it can be called. */
    public static Optional<Calling> read(String typed) {
        Reading reading = new Reading();
        String[] parts = typed.strip().split("\\s*,\\s*");
        for (int i = 0; i < parts.length; i++) {
            if (MOMENT.matcher(parts[i]).matches()) {
                reading.moment = String.join(", ", List.of(parts).subList(i, parts.length));
                break;
            }
            reading.take(parts[i]);
        }
        return reading.what == What.WORDS && reading.words.isEmpty() ? Optional.empty() : Optional.of(reading.done());
    }

    /** What was read by now. */
    private static final class Reading {
        private What what = What.WORDS;
        private int count;
        private final List<String> words = new ArrayList<>();
        private Numbering numbering = Numbering.IN_ORDER;
        private Optional<CallRules> rules = Optional.empty();
        private Optional<Pause> every = Optional.empty();
        private String moment = "";

        void take(String part) {
            String low = part.toLowerCase(Locale.ROOT);
            if (!isRule(low) && !isWhat(low) && !part.isBlank() && words.size() < MOST && !words.contains(part)) {
                words.add(part);
            }
        }

        private CallRules rules() {
            return rules.orElse(what == What.CORNERS || what == What.CODES ? CallRules.HAT : CallRules.FAIR);
        }

        private boolean isRule(String part) {
            Matcher numbered = NUMBERED.matcher(part);
            Optional<CallRules> is = Optional.empty();
            if (part.equals(BOOK.say("hat"))) {
                is = Optional.of(rules().each(1).running(1));
            } else if (part.equals(BOOK.say("chance"))) {
                is = Optional.of(rules().each(0));
            } else if (part.equals(BOOK.say("both"))) {
                is = Optional.of(rules().bothWays(true));
            } else if (numbered.matches()) {
                is = numbered(numbered);
            }
            is.ifPresent(r -> rules = Optional.of(r));
            return is.isPresent() || isPause(part);
        }

        private Optional<CallRules> numbered(Matcher m) {
            String word = m.group(2) == null ? m.group(3) : m.group(2);
            int n = Integer.parseInt(m.group(1) == null ? m.group(4) : m.group(1));
            if (n == 0) {
                return Optional.empty();
            }
            if (word.equals(BOOK.say("each"))) {
                return Optional.of(rules().each(n));
            }
            if (word.equals(BOOK.say("running"))) {
                return Optional.of(rules().running(n));
            }
            return word.equals(BOOK.say("jump")) ? Optional.of(rules().jump(n)) : Optional.empty();
        }

        private boolean isPause(String part) {
            Matcher m = PAUSE.matcher(part);
            if (!m.matches() || !m.group(1).equals(BOOK.say("every"))) {
                return false;
            }
            long least = Math.round(Double.parseDouble(m.group(2)) * SECOND);
            long most = m.group(3) == null ? least : Math.round(Double.parseDouble(m.group(3)) * SECOND);
            every = least > 0 && most >= least ? Optional.of(new Pause(least, most)) : every;
            return true;
        }

        private boolean isWhat(String part) {
            if (what != What.WORDS) {
                return false;
            }
            String odd = " " + BOOK.say("odd");
            boolean isOdd = part.endsWith(odd);
            String rest = isOdd ? part.substring(0, part.length() - odd.length()) : part;
            Matcher m = NUMBERED.matcher(rest);
            int n = m.matches() ? Integer.parseInt(m.group(1) == null ? m.group(4) : m.group(1)) : 0;
            String word = m.matches() ? m.group(m.group(2) == null ? 3 : 2) : rest;
            if (word.equals(BOOK.say("gaps")) && n > 1) {
                return is(What.GAPS, Math.min(n, MOST), isOdd);
            }
            if (word.equals(BOOK.say("corners"))) {
                return is(What.CORNERS, n > 1 ? Math.min(n, MOST) : CORNERS, false);
            }
            return part.equals(BOOK.say("colours")) && is(What.COLOURS, 0, false)
                    || part.equals(BOOK.say("codes")) && is(What.CODES, 0, false)
                    || part.equals(BOOK.say("players")) && is(What.PLAYERS, 0, false);
        }

        private boolean is(What found, int n, boolean odd) {
            what = found;
            count = n;
            numbering = odd ? Numbering.ODD_AND_EVEN : Numbering.IN_ORDER;
            return true;
        }

        Calling done() {
            return new Calling(what, count, words, numbering, rules(), every, moment);
        }
    }

    /** As a coach would write it; reading it gives the same again where this was read from what somebody typed. */
    public String words() {
        List<String> parts = new ArrayList<>();
        switch (what) {
            case WORDS -> {}
            case COLOURS -> parts.add(BOOK.say("colours"));
            case PLAYERS -> parts.add(BOOK.say("players"));
            case CODES -> parts.add(BOOK.say("codes"));
            case CORNERS -> parts.add(BOOK.say("corners") + " " + count);
            case GAPS -> parts.add(BOOK.say("gaps") + " " + count
                    + (numbering == Numbering.ODD_AND_EVEN ? " " + BOOK.say("odd") : ""));
        }
        parts.addAll(also);
        rules(parts);
        every.ifPresent(p -> parts.add(BOOK.say("every") + " " + seconds(p.least())
                + (p.most() > p.least() ? " " + BOOK.say("to") + " " + seconds(p.most()) : "") + " s"));
        if (!moment.isEmpty()) {
            parts.add(moment);
        }
        return String.join(", ", parts);
    }

    private void rules(List<String> parts) {
        CallRules usual = what == What.CORNERS ? CallRules.HAT : CallRules.FAIR;
        if (rules.each() == 1 && rules.running() == 1 && usual != CallRules.HAT) {
            parts.add(BOOK.say("hat"));
        } else {
            if (rules.each() == 0) {
                parts.add(BOOK.say("chance"));
            } else if (rules.each() != usual.each()) {
                parts.add(rules.each() + " " + BOOK.say("each"));
            }
            if (rules.running() != usual.running()) {
                parts.add(rules.running() + " " + BOOK.say("running"));
            }
        }
        if (rules.jump() > 0) {
            parts.add(BOOK.say("jump") + " " + rules.jump());
        }
        if (rules.bothWays()) {
            parts.add(BOOK.say("both"));
        }
    }

    private static String seconds(long millis) {
        return millis % 1000 == 0 ? Long.toString(millis / 1000) : Double.toString(millis / SECOND);
    }

    /**
     * What may be called, each with another word.
     *
     * @param colours words for the colours that are out
     * @param players what those are called who play
     * @param codes calls of several figures
     */
    public List<Call> calls(List<String> colours, List<String> players, List<String> codes) {
        List<Call> calls = new ArrayList<>();
        switch (what) {
            case WORDS -> {}
            case COLOURS -> colours.forEach(c -> calls.add(new Call(c, 0)));
            case PLAYERS -> players.forEach(p -> calls.add(new Call(p, 0)));
            case CODES -> codes.forEach(c -> calls.add(new Call(c, 0)));
            case CORNERS -> {
                for (int n = 1; n <= count; n++) {
                    calls.add(new Call(BOOK.say("corner", n), 0));
                }
            }
            case GAPS -> calls.addAll(numbering.calls(count));
        }
        int place = 0;
        for (String word : also) {
            // Left and right, said in this order, are to the left and the right of each other.
            calls.add(new Call(word, what == What.WORDS ? place++ : 0));
        }
        return calls.stream()
                .collect(
                        ArrayList::new,
                        (all, c) -> {
                            if (all.stream().noneMatch(o -> o.word().equals(c.word()))) {
                                all.add(c);
                            }
                        },
                        ArrayList::addAll);
    }
}
