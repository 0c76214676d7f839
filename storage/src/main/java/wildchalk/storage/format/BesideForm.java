package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.GroundPart;
import wildchalk.core.practice.Stand;

/** How groups go round what is side by side and where it stands, in practice files. */
final class BesideForm {

    private BesideForm() {}

    /** Writes how groups go round, if they do, and where each block stands, into an array of blocks that is written. */
    static void write(ObjectNode o, ArrayNode blocks, Content.Beside beside) {
        for (JsonNode block : blocks) {
            Optional.ofNullable(beside.stands().get(block.path("id").asText()))
                    .ifPresent(s -> stand(((ObjectNode) block).putObject("stand"), s));
        }
        beside.round().ifPresent(r -> round(o.putObject("round"), r));
    }

    private static void stand(ObjectNode o, Stand stand) {
        o.put("x", stand.at().x()).put("y", stand.at().y());
        if (stand.degrees() != 0) {
            o.put("turn", stand.degrees());
        }
    }

    private static void round(ObjectNode o, Content.Round round) {
        if (round.flipped()) {
            o.put("flipped", true);
        }
        if (!round.never().isEmpty()) {
            ArrayNode never = o.putArray("never");
            round.never().stream()
                    .sorted(Comparator.comparing(Content.Round.Never::first).thenComparing(Content.Round.Never::then))
                    .forEach(n -> never.addObject().put("first", n.first()).put("then", n.then()));
        }
        if (!round.stays().isEmpty()) {
            ArrayNode stays = o.putArray("stays");
            round.stays().forEach(s -> stays.addObject().put("group", s.group()).put("block", s.block()));
        }
        if (!round.rooms().isEmpty()) {
            ObjectNode rooms = o.putObject("rooms");
            new TreeMap<>(round.rooms()).forEach(rooms::put);
        }
        if (!round.keepers().isEmpty()) {
            o.put("keepers", round.keepers());
        }
    }

    /** Reads what {@link #write} has written. */
    static Content.Beside read(JsonNode o, List<Block> blocks) {
        Map<String, Stand> stands = new HashMap<>();
        for (JsonNode block : o.path("blocks")) {
            JsonNode stand = block.path("stand");
            if (!stand.isMissingNode()) {
                stands.put(
                        block.path("id").asText(),
                        new Stand(
                                new Vec(
                                        stand.path("x").asDouble(),
                                        stand.path("y").asDouble()),
                                stand.path("turn").asInt(0)));
            }
        }
        return new Content.Beside(
                blocks, o.has("round") ? Optional.of(round(o.path("round"))) : Optional.empty(), stands);
    }

    private static Content.Round round(JsonNode o) {
        Set<Content.Round.Never> never = new HashSet<>();
        o.path("never")
                .forEach(n -> never.add(new Content.Round.Never(
                        n.path("first").asText(), n.path("then").asText())));
        List<Content.Round.Stay> stays = new ArrayList<>();
        o.path("stays")
                .forEach(s -> stays.add(new Content.Round.Stay(
                        s.path("group").asInt(), s.path("block").asText())));
        Map<String, Integer> rooms = new HashMap<>();
        o.path("rooms")
                .fields()
                .forEachRemaining(e -> rooms.put(e.getKey(), e.getValue().asInt()));
        return new Content.Round(
                o.path("flipped").asBoolean(false),
                never,
                stays,
                rooms,
                o.path("keepers").asText(""));
    }

    /** The first id of a round that is none of the blocks; empty where all of them are. */
    static Optional<String> stranger(JsonNode round, List<Block> blocks) {
        Set<String> ids = blocks.stream().map(Block::id).collect(Collectors.toSet());
        Content.Round r = round(round);
        List<String> named = new ArrayList<>(r.rooms().keySet());
        r.never().forEach(n -> named.addAll(List.of(n.first(), n.then())));
        r.stays().forEach(s -> named.add(s.block()));
        if (!r.keepers().isEmpty()) {
            named.add(r.keepers());
        }
        return named.stream().filter(id -> !ids.contains(id)).sorted().findFirst();
    }

    /** Writes what part of a surface there is. */
    static void write(ObjectNode o, GroundPart part) {
        o.put("which", part.which()).put("of", part.of());
        if (part.lanes()) {
            o.put("lanes", true);
        }
    }

    /** Reads what part of a surface there is; all of it where nothing is said, empty for one that there cannot be. */
    static Optional<GroundPart> part(JsonNode o) {
        int which = o.path("which").asInt(1);
        int of = o.path("of").asInt(1);
        return which <= of
                ? Optional.of(new GroundPart(which, of, o.path("lanes").asBoolean(false)))
                : Optional.empty();
    }
}
