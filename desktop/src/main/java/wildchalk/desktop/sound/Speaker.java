package wildchalk.desktop.sound;

/** Says words aloud. */
public interface Speaker {

    /** Says a word, in place of what is said now; whoever asks never waits. */
    void say(String word);

    /** Whether it can be heard. */
    boolean isAudible();
}
