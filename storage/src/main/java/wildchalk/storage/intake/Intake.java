package wildchalk.storage.intake;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import wildchalk.core.document.Document;
import wildchalk.core.drill.Drill;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.bundle.Bundle;
import wildchalk.storage.bundle.BundleReader;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.PracticeReader;
import wildchalk.storage.format.Told;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.Kinds;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.Typed;

/**
 * Drill files that were read.
 *
 * @param read each drill with the file it comes from, and what was refused
 * @param surfaces that came with them
 */
public record Intake(List<Arrival> read, List<SurfacePlan> surfaces) {

    private static final int CHANGES_SAID = 3;
    /** So much of a file tells what kind it is, bytes. */
    private static final int HEAD = 4096;

    /** The drill files and bundles among some files, those in folders included, by name. */
    public static List<Path> files(List<Path> chosen) {
        List<Path> files = new ArrayList<>();
        for (Path path : chosen) {
            if (Files.isDirectory(path)) {
                try (Stream<Path> inside = Files.walk(path)) {
                    inside.filter(Files::isRegularFile)
                            .filter(Intake::isDrillFile)
                            .sorted()
                            .forEach(files::add);
                } catch (IOException e) {
                    // It is among those that are refused when it is read.
                    files.add(path);
                }
            } else {
                files.add(path);
            }
        }
        return files;
    }

    private static boolean isDrillFile(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return name.endsWith(".json") || name.endsWith(".zip");
    }

    /**
     * Reads files; takes a while for many. A surface that comes with one of them is known to those after it.
     *
     * @param known the surfaces there are
     * @param done told after each how many are read
     */
    public static Intake read(List<Path> files, Surfaces known, IntConsumer done) {
        return read(files, Kinds.USUAL, known, done);
    }

    /** The same with documents of other kinds. */
    public static Intake read(List<Path> files, Kinds kinds, Surfaces known, IntConsumer done) {
        List<Arrival> read = new ArrayList<>();
        List<SurfacePlan> surfaces = new ArrayList<>();
        Surfaces all = known;
        for (int i = 0; i < files.size(); i++) {
            Path file = files.get(i);
            String name = file.getFileName().toString();
            try {
                Bundle bundle = name.toLowerCase(Locale.ROOT).endsWith(".zip")
                        ? BundleReader.read(file, kinds, all)
                        : alone(file, kinds, all);
                bundle.documents()
                        .forEach(t -> read.add(
                                new Arrival(name, Arrival.Kind.NEW, Optional.of(t), String.join(" ", t.words()))));
                if (bundle.unknown() > 0) {
                    read.add(Arrival.refused(
                            name,
                            bundle.unknown() + " of the files in it are of a kind that this program does not know; "
                                    + "update Wild Chalk to take them in"));
                }
                surfaces.addAll(bundle.surfaces());
                all = all.knowing(bundle.surfaces());
            } catch (FormatException e) {
                String why = e.getMessage();
                read.add(Arrival.refused(name, why.startsWith(name + ": ") ? why.substring(name.length() + 2) : why));
            }
            done.accept(i + 1);
        }
        return new Intake(read, surfaces);
    }

    /** One file by itself. What names no other kind is read as a drill: that says best what is wrong with it. */
    private static Bundle alone(Path file, Kinds kinds, Surfaces known) throws FormatException {
        Optional<Kind<?>> other =
                kinds.ofText(beginning(file)).filter(k -> !k.word().equals(DrillKind.DRILLS.word()));
        if (other.isEmpty()) {
            Told<Drill> told = DrillReader.told(file, known);
            return new Bundle(List.of(new Typed<>(DrillKind.DRILLS, told.document(), told.words())), List.of(), 0);
        }
        if (other.get().word().equals(PracticeKind.PRACTICES.word())) {
            return carried(PracticeReader.read(file, known));
        }
        return new Bundle(List.of(read(other.get().knowing(known), file)), List.of(), 0);
    }

    /** A practice with the drills that came in its file. */
    private static Bundle carried(PracticeReader.Carried carried) {
        List<Typed<?>> all = new ArrayList<>();
        carried.drills().values().forEach(d -> all.add(new Typed<>(DrillKind.DRILLS, d)));
        all.add(new Typed<>(PracticeKind.PRACTICES, carried.practice()));
        return new Bundle(all, List.of(), 0);
    }

    private static String beginning(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return new String(in.readNBytes(HEAD), StandardCharsets.UTF_8);
        } catch (IOException e) {
            // Reading it says what is wrong.
            return "";
        }
    }

    private static <T extends Document<T>> Typed<T> read(Kind<T> kind, Path file) throws FormatException {
        try {
            Told<T> told = kind.read(Files.readString(file));
            return new Typed<>(kind, told.document(), told.words());
        } catch (IOException e) {
            throw new FormatException("it cannot be read as text; choose another file");
        }
    }

    /** Where documents are that might be there already. */
    public interface There {

        /** The document of a kind with an id; empty when there is none. */
        <T extends Document<T>> Optional<T> find(Kind<T> kind, String id);
    }

    /** The same, each compared with the document of its kind and id that is there. */
    public Intake compared(There there) {
        Map<String, Typed<?>> before = new HashMap<>();
        return new Intake(
                read.stream()
                        .map(a -> a.document().isEmpty()
                                ? a
                                : compared(a, a.document().get(), there, before))
                        .toList(),
                surfaces);
    }

    private static <T extends Document<T>> Arrival compared(
            Arrival arrival, Typed<T> arrived, There inBook, Map<String, Typed<?>> before) {
        T document = arrived.document();
        Typed<?> twin = before.putIfAbsent(arrived.kind().word() + " " + document.id(), arrived);
        if (twin != null) {
            return twin.as(arrived.kind()).orElseThrow().isLike(document)
                    ? new Arrival(arrival.file(), Arrival.Kind.SAME, arrival.document(), "it comes twice")
                    : new Arrival(
                            arrival.file(),
                            Arrival.Kind.NEW,
                            arrival.document(),
                            "another " + arrived.kind().word() + " has its id and comes with it");
        }
        Optional<T> there = inBook.find(arrived.kind(), document.id());
        if (there.isEmpty()) {
            return arrival;
        }
        if (there.get().isLike(document)) {
            return new Arrival(arrival.file(), Arrival.Kind.SAME, arrival.document(), "");
        }
        List<String> changes = arrived.kind().changes(there.get(), document);
        String more = changes.size() > CHANGES_SAID ? "; and " + (changes.size() - CHANGES_SAID) + " more" : "";
        String apart = arrival.words().isEmpty() ? "" : ". " + arrival.words();
        return new Arrival(
                arrival.file(),
                Arrival.Kind.CHANGED,
                Optional.of(arrived.following(there.get())),
                String.join("; ", changes.subList(0, Math.min(CHANGES_SAID, changes.size()))) + more + apart);
    }

    /** The documents of those that stand so to the book. */
    public List<Typed<?>> of(Arrival.Kind kind) {
        List<Typed<?>> all = new ArrayList<>();
        read.stream().filter(a -> a.kind() == kind).forEach(a -> a.document().ifPresent(all::add));
        return all;
    }

    /** How many stand so to the book. */
    public long count(Arrival.Kind kind) {
        return read.stream().filter(a -> a.kind() == kind).count();
    }
}
