package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GivenIds;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Showing;
import wildchalk.core.drill.Venue;
import wildchalk.core.edit.Untangled;
import wildchalk.core.effort.Dose;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** Reads a drill from JSON and refuses what is not sound with one plain line. */
public final class DrillReader {

    private final FileText text;
    private final Surfaces surfaces;

    private DrillReader(FileText text, Surfaces surfaces) {
        this.text = text;
        this.surfaces = surfaces;
    }

    /**
     * Reads a drill file on one of the surfaces that come with the program.
     *
     * @throws FormatException when it cannot be read or is not sound; the message names the file
     */
    public static Drill read(Path file) throws FormatException {
        return told(file, Surfaces.BUILT_IN).document();
    }

    /**
     * Reads a drill file, with what should be known of it.
     *
     * @param surfaces those there are; a drill on any other is read with a space in its place
     * @throws FormatException when it cannot be read or is not sound; the message names the file
     */
    public static Told<Drill> told(Path file, Surfaces surfaces) throws FormatException {
        try {
            return told(FileText.of(file, FileText.Form.DRILL), surfaces);
        } catch (FormatException e) {
            throw e.in(file.getFileName() + ": ");
        }
    }

    /**
     * Reads the text of a drill file on one of the surfaces that come with the program.
     *
     * @throws FormatException when it is not sound
     */
    public static Drill read(String json) throws FormatException {
        return told(json, Surfaces.BUILT_IN).document();
    }

    /**
     * Reads the text of a drill file, with what should be known of it.
     *
     * @param surfaces those there are; a drill on any other is read with a space in its place
     * @throws FormatException when it is not sound
     */
    public static Told<Drill> told(String json, Surfaces surfaces) throws FormatException {
        FileText text = FileText.checked(json, FileText.Form.DRILL);
        DrillReader reader = new DrillReader(text, surfaces);
        Drill drill = reader.drill();
        reader.refuse(
                Soundness.twice(drill).stream().filter(Soundness::isOnOneRung).toList());
        boolean idsPerRung = text.root().path("version").asInt() < DrillWriter.IDS_PER_DRILL;
        Untangled untangled = idsPerRung ? Untangled.of(drill) : new Untangled(drill, List.of());
        reader.refuse(Soundness.faults(untangled.drill(), untangled.drill().surface()));
        Drill sound = untangled.drill();
        return new Told<>(sound.withLadder(Ladder.withoutWhatIsGone(sound)), untangled.words());
    }

    private void refuse(List<Soundness.Fault> faults) throws FormatException {
        if (!faults.isEmpty()) {
            throw new FormatException(faults.stream().map(this::line).toList());
        }
    }

    private String line(Soundness.Fault fault) {
        List<Soundness.Place> places = fault.places();
        String pointer = places.isEmpty() ? text.pointerOf(fault.rung(), fault.id()) : text.pointerOf(places.get(0));
        String line = text.where(pointer) + "\"" + fault.id() + "\" " + fault.what();
        return places.isEmpty()
                ? line
                : line + " (the other: "
                        + text.where(text.pointerOf(places.get(1))).replaceFirst(": $", ")");
    }

    private Drill drill() throws FormatException {
        try {
            return drill(text.root());
        } catch (UnknownWord e) {
            throw new FormatException(text.where(text.pointerOf(e.object()) + "/" + e.key()) + e.getMessage());
        }
    }

    private Drill drill(JsonNode o) {
        return new Drill(
                o.path("id").asText(),
                o.path("title").asText(),
                venue(o),
                showing(o).reading(value(o, "lineKey", Drill.LineKey.RUNS_PLAIN)),
                EffortForm.read(o),
                list(o.path("stages"), this::rung),
                new Drill.Notes(
                        texts(o.path("points")),
                        texts(o.path("questions")),
                        texts(o.path("cautions")),
                        list(o.path("left"), DrillReader::left)),
                given(o.path("given")));
    }

    private static Drill.PutAside left(JsonNode o) {
        return new Drill.PutAside(
                o.path("check").asText(),
                texts(o.path("about")),
                o.path("reason").asText(),
                o.path("printed").asBoolean());
    }

    private static GivenIds given(JsonNode o) {
        Map<String, Integer> highest = new HashMap<>();
        o.fields().forEachRemaining(e -> highest.put(e.getKey(), e.getValue().asInt()));
        return new GivenIds(highest);
    }

    private Venue venue(JsonNode o) {
        Map<String, Double> sizes = new HashMap<>();
        o.path("sizes")
                .fields()
                .forEachRemaining(e -> sizes.put(e.getKey(), e.getValue().asDouble()));
        return Venue.of(
                surfaces,
                o.path("surface").asText(),
                sizes,
                o.has("footprint") ? Optional.of(footprint(o.path("footprint"))) : Optional.empty());
    }

    private static Venue.Footprint footprint(JsonNode o) {
        Map<String, Vec> targets = new HashMap<>();
        o.path("targets").fields().forEachRemaining(e -> targets.put(e.getKey(), vec(e.getValue())));
        return new Venue.Footprint(
                o.path("length").asDouble(),
                o.path("width").asDouble(),
                value(o, "ground", Surface.Ground.TURF),
                o.path("ball").asText("football"),
                targets);
    }

    private static Showing showing(JsonNode o) {
        JsonNode c = o.path("crop");
        Optional<Box> crop = c.isMissingNode()
                ? Optional.empty()
                : Optional.of(new Box(
                        c.path(0).asDouble(),
                        c.path(1).asDouble(),
                        c.path(2).asDouble(),
                        c.path(3).asDouble()));
        return new Showing(
                o.path("view").asText("whole"),
                crop,
                value(o, "attack", Showing.Attack.RIGHT),
                Drill.LineKey.RUNS_PLAIN);
    }

    private Rung rung(JsonNode o) {
        Optional<String> from = o.has("from") ? Optional.of(o.path("from").asText()) : Optional.empty();
        return new Rung(
                o.path("id").asText(),
                o.path("title").asText(),
                from,
                plan(o),
                list(o.path("pieces"), PieceForm::read),
                list(o.path("actions"), ActionForm::read),
                list(o.path("said"), SaidForm::read),
                new Rung.Below(texts(o.path("without")), texts(o.path("order"))));
    }

    private static RungPlan plan(JsonNode o) {
        RungPlan plan = RungPlan.of(value(o, "step", RungPlan.Step.PROGRESSION))
                .with(o.has("length") ? Optional.of(length(o.path("length"))) : Optional.empty())
                .climbing(o.path("climb").asText(""))
                .calling(o.has("call") ? Optional.of(AloudForm.calling(o.path("call"))) : Optional.empty())
                .scoring(o.has("score") ? Optional.of(AloudForm.scoring(o.path("score"))) : Optional.empty());
        return o.has("intensity") ? plan.going(Optional.of(value(o, "intensity", Effort.Intensity.LIVE))) : plan;
    }

    private static Dose length(JsonNode o) {
        return new Dose(
                list(
                        o.path("turns"),
                        t -> new Dose.Turn(
                                t.path("amount").asDouble(),
                                value(t, "measure", Dose.Measure.TIMES),
                                t.path("words").asText(""))),
                o.path("then").asText(""));
    }

    static Vec vec(JsonNode o) {
        return new Vec(o.path(0).asDouble(), o.path(1).asDouble());
    }

    /** @throws UnknownWord for one that is not among the values */
    static <E extends Enum<E>> E value(JsonNode o, String key, E usual) {
        if (!o.has(key)) {
            return usual;
        }
        E[] all = usual.getDeclaringClass().getEnumConstants();
        return Arrays.stream(all)
                .filter(e -> DrillWriter.word(e).equals(o.path(key).asText()))
                .findFirst()
                .orElseThrow(() -> new UnknownWord(
                        o, key, Arrays.stream(all).map(DrillWriter::word).collect(Collectors.joining(", "))));
    }

    static List<String> texts(JsonNode array) {
        List<String> texts = new ArrayList<>();
        array.forEach(n -> texts.add(n.asText()));
        return texts;
    }

    static <T> List<T> list(JsonNode array, Function<JsonNode, T> read) {
        List<T> items = new ArrayList<>();
        array.forEach(n -> items.add(read.apply(n)));
        return items;
    }
}
