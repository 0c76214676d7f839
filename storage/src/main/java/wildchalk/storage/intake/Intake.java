package wildchalk.storage.intake;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import wildchalk.core.drill.Drill;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Changes;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.storage.bundle.Bundle;
import wildchalk.storage.bundle.BundleReader;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/**
 * Drill files that were read.
 *
 * @param read each drill with the file it comes from, and what was refused
 * @param surfaces that came with them
 */
public record Intake(List<Arrival> read, List<SurfacePlan> surfaces) {

    private static final int CHANGES_SAID = 3;

    /** The drill files and bundles among some files, those in folders included, by name. */
    public static List<Path> files(List<Path> chosen) {
        List<Path> files = new ArrayList<>();
        for (Path path : chosen) {
            if (Files.isDirectory(path)) {
                try (Stream<Path> inside = Files.walk(path)) {
                    inside.filter(Files::isRegularFile).filter(Intake::isDrillFile).sorted().forEach(files::add);
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
     * Reads files; takes a while for many.
     *
     * @param done told after each how many are read
     */
    public static Intake read(List<Path> files, IntConsumer done) {
        List<Arrival> read = new ArrayList<>();
        List<SurfacePlan> surfaces = new ArrayList<>();
        for (int i = 0; i < files.size(); i++) {
            Path file = files.get(i);
            String name = file.getFileName().toString();
            try {
                Bundle bundle = name.toLowerCase(Locale.ROOT).endsWith(".zip") ? BundleReader.read(file)
                        : new Bundle(List.of(DrillReader.told(file)), List.of());
                bundle.told().forEach(t -> read.add(new Arrival(name, Arrival.Kind.NEW, Optional.of(t.drill()), String.join(" ", t.words()))));
                surfaces.addAll(bundle.surfaces());
            } catch (FormatException e) {
                String why = e.getMessage();
                read.add(Arrival.refused(name, why.startsWith(name + ": ") ? why.substring(name.length() + 2) : why));
            }
            done.accept(i + 1);
        }
        return new Intake(read, surfaces);
    }

    /** The same, each compared with the drill of its id in the book. */
    public Intake compared(Function<String, Optional<Drill>> inBook) {
        Map<String, Drill> before = new HashMap<>();
        return new Intake(read.stream().map(a -> a.drill().isEmpty() ? a : compared(a, a.drill().get(), inBook, before)).toList(), surfaces);
    }

    private static Arrival compared(Arrival arrival, Drill drill, Function<String, Optional<Drill>> inBook, Map<String, Drill> before) {
        Drill twin = before.putIfAbsent(drill.id(), drill);
        if (twin != null) {
            return twin.isLike(drill) ? new Arrival(arrival.file(), Arrival.Kind.SAME, arrival.drill(), "it comes twice")
                    : new Arrival(arrival.file(), Arrival.Kind.NEW, arrival.drill(), "another drill has its id and comes with it");
        }
        Optional<Drill> there = inBook.apply(drill.id());
        if (there.isEmpty()) {
            return arrival;
        }
        if (there.get().isLike(drill)) {
            return new Arrival(arrival.file(), Arrival.Kind.SAME, arrival.drill(), "");
        }
        List<String> changes = Changes.of(there.get(), drill, Unit.METRES);
        String more = changes.size() > CHANGES_SAID ? "; and " + (changes.size() - CHANGES_SAID) + " more" : "";
        String apart = arrival.words().isEmpty() ? "" : ". " + arrival.words();
        return new Arrival(arrival.file(), Arrival.Kind.CHANGED, Optional.of(drill.following(there.get())),
                String.join("; ", changes.subList(0, Math.min(CHANGES_SAID, changes.size()))) + more + apart);
    }

    /** The drills of one kind. */
    public List<Drill> of(Arrival.Kind kind) {
        return read.stream().filter(a -> a.kind() == kind).flatMap(a -> a.drill().stream()).toList();
    }

    public long count(Arrival.Kind kind) {
        return read.stream().filter(a -> a.kind() == kind).count();
    }
}
