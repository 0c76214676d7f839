package wildchalk.desktop.sound;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;

/** Writes down what it would say, where nothing can be said aloud. */
public final class WrittenSpeaker implements Speaker {

    private final List<String> said = new CopyOnWriteArrayList<>();

    @Override
    public void say(String word) {
        said.add(word);
    }

    @Override
    public boolean isAudible() {
        return false;
    }

    /** What it would have said, the last one last. */
    public List<String> said() {
        return List.copyOf(said);
    }
}
