package wildchalk.desktop.exchange;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.message.Messages;
import wildchalk.desktop.trouble.Trouble;
import wildchalk.handout.files.BundleFile;
import wildchalk.handout.files.DrillFile;
import wildchalk.handout.order.Cancelled;
import wildchalk.handout.order.Delivery;
import wildchalk.handout.order.FileNames;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Progress;
import wildchalk.handout.order.Undelivered;
import wildchalk.storage.kind.Typed;

/** Takes drills out of the program as files, and asks which to take in. */
public final class Exchange {

    /** Asks the coach where; replaced in tests. */
    public interface Chooser {

        Optional<Path> toSave(String suggestedName, String kind, String pattern);

        Optional<Path> toOpen(String kind, String... patterns);

        /** Any number of them; none when the coach thought better of it. */
        List<Path> toOpenSeveral(String kind, String... patterns);

        /** Shows a file in the program that the system has for it. */
        void look(Path file);
    }

    private final Chooser chooser;
    private final Messages messages;

    public Exchange(Chooser chooser, Messages messages) {
        this.chooser = chooser;
        this.messages = messages;
    }

    public Chooser chooser() {
        return chooser;
    }

    public Optional<Path> toOpen(String kind, String... patterns) {
        return chooser.toOpen(kind, patterns);
    }

    /** Writes documents into a bundle. What is to follow does so when it is written. */
    public void saveBundle(List<Typed<?>> documents, Runnable then) {
        chooser.toSave(FileNames.of("zip", documents.get(0).document().title()), "Bundle of drills", "*.zip")
                .ifPresent(file -> write(
                        "writing a bundle of drills",
                        file,
                        part -> BundleFile.write(documents, part, Progress.UNSEEN),
                        then));
    }

    /** Hands a drill out as an open drill file; one that is there stays as it was until the new one is whole. */
    public void saveDrill(Drill drill) {
        chooser.toSave(FileNames.of("drill.json", drill.title()), "Drill file", "*.json")
                .ifPresent(file -> write(
                        "writing a drill file",
                        file,
                        part -> new DrillFile().write(Order.of(drill), part, Progress.UNSEEN),
                        () -> messages.say("Drill file written: " + file.getFileName())));
    }

    /** Writes a text where the coach says; one that is there stays as it was until the new one is whole. */
    public void saveText(String suggestedName, String kind, String text, Consumer<String> then) {
        String ending = suggestedName.substring(suggestedName.lastIndexOf('.'));
        chooser.toSave(suggestedName, kind, "*" + ending)
                .ifPresent(file -> write(
                        kind,
                        file,
                        part -> Files.writeString(part, text),
                        () -> then.accept(String.valueOf(file.getFileName()))));
    }

    /**
     * Writes several files: those of no name of their own where the coach says, the others beside it with their name
     * added. Nothing that is there but what the coach chose is written over.
     */
    public void saveEach(String suggestedName, String kind, Map<String, Delivery.Writing> each, Consumer<String> then) {
        String ending = suggestedName.substring(suggestedName.lastIndexOf('.'));
        chooser.toSave(suggestedName, kind, "*" + ending)
                .ifPresent(file -> each.forEach((name, writing) -> {
                    Path target = name.isEmpty() ? file : unused(file, name, ending);
                    write(kind, target, writing, () -> then.accept(String.valueOf(target.getFileName())));
                }));
    }

    private static Path unused(Path file, String name, String ending) {
        String whole = String.valueOf(file.getFileName());
        String stem = whole.endsWith(ending) ? whole.substring(0, whole.length() - ending.length()) : whole;
        Path target = file.resolveSibling(FileNames.of(ending.substring(1), stem, name));
        for (int n = 2; Files.exists(target); n++) {
            target = file.resolveSibling(FileNames.of(ending.substring(1), stem, name, Integer.toString(n)));
        }
        return target;
    }

    private void write(String what, Path file, Delivery.Writing writing, Runnable then) {
        Background.work(
                what,
                () -> {
                    Delivery.deliver(file, writing);
                    return file;
                },
                done -> then.run(),
                trouble -> messages.warn(why(trouble) + " What is in the book is safe."));
    }

    private static String why(Trouble trouble) {
        return trouble.cause() instanceof Undelivered || trouble.cause() instanceof Cancelled
                ? trouble.cause().getMessage()
                : "The file could not be written.";
    }
}
