package wildchalk.core.check.rep;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;

/** What is written about a drill, taken apart into sentences, and what is called while it is played. */
public final class Spoken {

    private static final Pattern SENTENCE = Pattern.compile("[.;!?\\n]+");

    /** What stands so shortly before a word takes it back; assumed. */
    private static final Pattern TAKEN_BACK = Pattern.compile(Looked.BOOK.say("taken-back"));

    private final List<String> said;
    private final List<String> cautions;

    private Spoken(List<String> said, List<String> cautions) {
        this.said = said;
        this.cautions = cautions;
    }

    /** What a drill says. */
    public static Spoken of(Drill drill) {
        List<String> said = new ArrayList<>();
        add(said, drill.title());
        drill.points().forEach(p -> add(said, p));
        drill.questions().forEach(p -> add(said, p));
        for (Rung rung : drill.ladder()) {
            add(said, rung.title());
            add(said, rung.plan().climb());
            rung.plan().dose().ifPresent(d -> add(said, d.words()));
            rung.plan().aloud().scoring().ifPresent(s -> add(said, s.words()));
            rung.pieces().forEach(p -> {
                if (p instanceof Piece.Note note) {
                    add(said, note.text());
                }
            });
            rung.actions().forEach(a -> action(said, a));
            rung.instructions().forEach(i -> instruction(said, i));
        }
        List<String> cautions = new ArrayList<>();
        drill.cautions().forEach(c -> add(cautions, c));
        return new Spoken(said, cautions);
    }

    private static void action(List<String> said, Action action) {
        action.called().ifPresent(c -> add(said, c.replace('-', ' ')));
        if (action instanceof Action.Call call) {
            add(said, call.word());
        }
    }

    private static void instruction(List<String> said, Instruction instruction) {
        if (instruction instanceof Instruction.Read read) {
            read.options().forEach(o -> add(said, o.label() + ". " + o.reason()));
        } else if (instruction instanceof Instruction.Freeze freeze) {
            add(said, freeze.question() + ". " + freeze.answer());
        }
    }

    private static void add(List<String> all, String text) {
        for (String sentence : SENTENCE.split(text)) {
            if (!sentence.isBlank()) {
                all.add(sentence.strip().toLowerCase(Locale.ENGLISH));
            }
        }
    }

    /** The sentences besides the cautions in which something is asked for, in small letters. */
    public List<String> asking(Pattern what) {
        return said.stream().filter(s -> asks(s, what)).toList();
    }

    /** Whether a caution, or anything else that is said, speaks of something. */
    public boolean speaksOf(Pattern what) {
        return cautions.stream().anyMatch(c -> what.matcher(c).find())
                || said.stream().anyMatch(c -> what.matcher(c).find());
    }

    /** Whether a caution speaks of something. */
    public boolean cautions(Pattern what) {
        return cautions.stream().anyMatch(c -> what.matcher(c).find());
    }

    private static boolean asks(String sentence, Pattern what) {
        Matcher m = what.matcher(sentence);
        while (m.find()) {
            if (!TAKEN_BACK.matcher(sentence.substring(0, m.start())).find()) {
                return true;
            }
        }
        return false;
    }
}
