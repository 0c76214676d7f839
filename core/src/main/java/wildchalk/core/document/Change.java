package wildchalk.core.document;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What made a document another one, as it stands beside each state of it that is kept. */
public sealed interface Change {

    /** Before the name of what was taken back or done again, and how a count of steps is written. */
    String UNDO = "Undo: ";

    String REDO = "Redo: ";
    Pattern SEVERAL = Pattern.compile(UNDO + "([0-9]+) steps");

    /**
     * An edit.
     *
     * @param name the edit's name
     */
    record Edited(String name) implements Change {
        @Override
        public String words() {
            return name;
        }
    }

    /**
     * The last edit was taken back.
     *
     * @param name that edit's name
     */
    record Undone(String name) implements Change {
        @Override
        public String words() {
            return UNDO + name;
        }
    }

    /**
     * Several edits were taken back at once.
     *
     * @param steps how many, at least 1
     */
    record UndoneSteps(int steps) implements Change {
        @Override
        public String words() {
            return UNDO + steps + " steps";
        }
    }

    /**
     * What was taken back last was done again.
     *
     * @param name that edit's name
     */
    record Redone(String name) implements Change {
        @Override
        public String words() {
            return REDO + name;
        }
    }

    /** As it is kept and as a coach reads it in a list of versions. */
    String words();

    /** What {@link #words} stands for; whatever is neither an undo nor a redo is the name of an edit. */
    static Change read(String words) {
        Matcher several = SEVERAL.matcher(words);
        if (several.matches()) {
            return new UndoneSteps(Integer.parseInt(several.group(1)));
        }
        if (words.startsWith(UNDO)) {
            return new Undone(words.substring(UNDO.length()));
        }
        return words.startsWith(REDO) ? new Redone(words.substring(REDO.length())) : new Edited(words);
    }
}
