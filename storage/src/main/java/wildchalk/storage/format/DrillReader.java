package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Soundness;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Team;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** Reads a drill from JSON and refuses what is not sound with one plain line. */
public final class DrillReader {

    static final Map<Class<? extends Piece>, String> PIECE_KINDS = Map.of(
            Piece.Player.class, "player", Piece.Goalkeeper.class, "goalkeeper", Piece.Coach.class, "coach",
            Piece.LineUp.class, "line-up", Piece.Cone.class, "cone", Piece.Ball.class, "ball",
            Piece.Goal.class, "goal");
    private static final long LARGEST = 8L << 20;

    private final DrillText text;

    private DrillReader(DrillText text) {
        this.text = text;
    }

    /**
     * Reads a drill file.
     *
     * @throws DrillFileException when it cannot be read or is not sound; the message names the file
     */
    public static Drill read(Path file) throws DrillFileException {
        try {
            if (Files.size(file) > LARGEST) {
                throw new DrillFileException("it is larger than any drill, over 8 MB");
            }
            return read(Files.readString(file, StandardCharsets.UTF_8));
        } catch (DrillFileException e) {
            throw new DrillFileException(file.getFileName() + ": " + e.getMessage());
        } catch (NoSuchFileException e) {
            throw new DrillFileException(file + ": there is no such file");
        } catch (IOException e) {
            throw new DrillFileException(file.getFileName() + ": it cannot be read as text; choose a drill file");
        }
    }

    /**
     * Reads the text of a drill file.
     *
     * @throws DrillFileException when it is not sound
     */
    public static Drill read(String json) throws DrillFileException {
        DrillText text = DrillText.checked(json);
        DrillReader reader = new DrillReader(text);
        Drill drill = reader.drill(text.root());
        reader.refuseUnsound(drill);
        return drill;
    }

    private void refuseUnsound(Drill drill) throws DrillFileException {
        Optional<Surface> surface = Surfaces.find(drill.surface());
        if (surface.isEmpty()) {
            throw new DrillFileException(text.where("/surface") + "no surface is called \"" + drill.surface()
                    + "\"; there are " + String.join(", ", Surfaces.all().stream().map(Surface::id).toList()));
        }
        for (Soundness.Fault fault : Soundness.faults(drill, surface.get())) {
            throw new DrillFileException(text.where(text.pointerOf(fault.rung(), fault.id()))
                    + "\"" + fault.id() + "\" " + fault.what());
        }
    }

    private Drill drill(JsonNode o) {
        String surface = o.path("surface").asText();
        String view = o.path("view").asText("whole");
        return new Drill(o.path("id").asText(), o.path("title").asText(), surface, view,
                value(o, "lineKey", Drill.LineKey.RUNS_PLAIN), list(o.path("stages"), this::rung),
                texts(o.path("points")), texts(o.path("questions")), texts(o.path("cautions")));
    }

    private Rung rung(JsonNode o) {
        Optional<String> from = o.has("from") ? Optional.of(o.path("from").asText()) : Optional.empty();
        return new Rung(o.path("id").asText(), o.path("title").asText(), from, list(o.path("pieces"), this::piece),
                list(o.path("actions"), this::action), texts(o.path("without")));
    }

    private Piece piece(JsonNode o) {
        String id = o.path("id").asText();
        Vec at = vec(o.path("at"));
        double facing = o.path("facing").asDouble(0);
        String label = o.path("label").asText("");
        Team team = value(o, "team", Team.CORAL);
        return switch (o.path("kind").asText()) {
            case "player" -> new Piece.Player(id, at, facing, label, team);
            case "goalkeeper" -> new Piece.Goalkeeper(id, at, facing, label, team);
            case "coach" -> new Piece.Coach(id, at, facing, label);
            case "line-up" -> new Piece.LineUp(id, at, facing, label, team, o.path("waiting").asInt(0),
                    o.path("name").asText(""));
            case "cone" -> new Piece.Cone(id, at, value(o, "colour", Piece.Cone.Colour.YELLOW));
            case "ball" -> new Piece.Ball(id, at,
                    o.has("heldBy") ? Optional.of(o.path("heldBy").asText()) : Optional.empty());
            default -> new Piece.Goal(id, at, facing, o.path("width").asDouble(1.8));
        };
    }

    private Action action(JsonNode o) {
        String id = o.path("id").asText();
        String who = o.path("who").asText();
        Cue cue = cue(o.path("cue"));
        Action.Touch touch = value(o, "touch", Action.Touch.CONTROLLED);
        Action.Gait gait = value(o, "gait", Action.Gait.RUN);
        Action.Ending ending = value(o, "ending", Action.Ending.GO_ON);
        return switch (o.path("kind").asText()) {
            case "run" -> new Action.Run(id, who, path(o), gait, ending, cue);
            case "carry" -> new Action.Carry(id, who, path(o), gait, ending, cue);
            case "pass" -> new Action.Pass(id, who, spot(o.path("to")), touch, cue);
            default -> new Action.Shot(id, who, spot(o.path("to")), touch, cue);
        };
    }

    private Action.Path path(JsonNode o) {
        return new Action.Path(list(o.path("path"), this::spot), o.path("smooth").asBoolean(false));
    }

    private Spot spot(JsonNode o) {
        if (o.isArray()) {
            return Spot.at(vec(o));
        }
        if (o.has("target")) {
            return new Spot.AtTarget(o.path("target").asText());
        }
        return new Spot.AtPiece(o.path("piece").asText(), o.has("offset") ? vec(o.path("offset")) : Vec.ZERO);
    }

    private Cue cue(JsonNode o) {
        String action = o.path("action").asText();
        Cue cue = switch (o.path("on").asText("whistle")) {
            case "with" -> Cue.with(action);
            case "received" -> Cue.received(action);
            case "after" -> Cue.after(action);
            case "next" -> Cue.next();
            default -> Cue.whistle();
        };
        return cue.delayed(o.path("delay").asDouble(0));
    }

    private static Vec vec(JsonNode o) {
        return new Vec(o.path(0).asDouble(), o.path(1).asDouble());
    }

    private static <E extends Enum<E>> E value(JsonNode o, String key, E usual) {
        return o.has(key) ? Enum.valueOf(usual.getDeclaringClass(),
                o.path(key).asText().toUpperCase(Locale.ROOT).replace('-', '_')) : usual;
    }

    private static List<String> texts(JsonNode array) {
        List<String> texts = new ArrayList<>();
        array.forEach(n -> texts.add(n.asText()));
        return texts;
    }

    private static <T> List<T> list(JsonNode array, Function<JsonNode, T> read) {
        List<T> items = new ArrayList<>();
        array.forEach(n -> items.add(read.apply(n)));
        return items;
    }
}
