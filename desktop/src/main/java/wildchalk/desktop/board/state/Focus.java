package wildchalk.desktop.board.state;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.rehearsal.Codes;

/**
 * What of a rung is looked at, besides the moment: which options, which rung it is laid over, at which freeze it
 * stands.
 */
public final class Focus {

    /**
     * A freeze that the board stands at.
     *
     * @param freeze its id
     * @param answered whether the answer is shown
     */
    public record Frozen(String freeze, boolean answered) {}

    private final ObjectProperty<Choices> choices = new SimpleObjectProperty<>(Choices.NONE);
    private final ObjectProperty<Optional<String>> over = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<String>> followed = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<Frozen>> frozen = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Set<String>> pointedAt = new SimpleObjectProperty<>(Set.of());

    /** Id of the one person who is followed, all others in the background; empty for nobody. */
    public ObjectProperty<Optional<String>> followedProperty() {
        return followed;
    }

    /** Ids of what the pointer is on, in picture, words or strip. */
    public ObjectProperty<Set<String>> pointedAtProperty() {
        return pointedAt;
    }

    /** Which way reads go; those that are not in it go their first way, or as is worked out. */
    public ObjectProperty<Choices> choicesProperty() {
        return choices;
    }

    /** The rung that lies under the one that is shown, so that differences can be seen; empty for none. */
    public ObjectProperty<Optional<String>> overProperty() {
        return over;
    }

    /** The freeze that the board stands at; empty for none. */
    public ObjectProperty<Optional<Frozen>> frozenProperty() {
        return frozen;
    }

    /** Forgets what is not there any more. */
    void keepTo(Stage stage) {
        Map<String, String> there = choices.get().of().entrySet().stream()
                .filter(e -> Codes.canBe(stage, e.getKey(), e.getValue())
                        || Reads.of(stage).stream()
                                .anyMatch(r -> r.id().equals(e.getKey())
                                        && r.option(e.getValue()).isPresent()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        if (there.size() < choices.get().of().size()) {
            choices.set(new Choices(there));
        }
        if (frozen.get().isPresent() && freeze(stage).isEmpty()) {
            frozen.set(Optional.empty());
        }
    }

    void forget() {
        choices.set(Choices.NONE);
        over.set(Optional.empty());
        frozen.set(Optional.empty());
    }

    /** The freeze that the board stands at. */
    public Optional<Freeze> freeze(Stage stage) {
        return frozen.get().flatMap(f -> stage.instructions(Freeze.class).stream()
                .filter(s -> s.id().equals(f.freeze()))
                .findFirst());
    }

    /** Goes another way at a read. */
    public void choose(String read, String option) {
        choices.set(choices.get().with(read, option));
    }

    /** Lets a read go its usual way. */
    public void leave(String read) {
        choices.set(new Choices(choices.get().of().entrySet().stream()
                .filter(e -> !e.getKey().equals(read))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue))));
    }
}
