package wildchalk.storage.format;

import static wildchalk.storage.format.DrillReader.value;
import static wildchalk.storage.format.DrillWriter.word;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PieceCases;
import wildchalk.core.drill.Queue;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;

/** Pieces as they stand in drill files. Gear is written by its own kind: "cone", "hoop". */
final class PieceForm {

    /** Every kind of piece but gear, and its word. */
    enum Kind implements Word {
        PLAYER("player"),
        GOALKEEPER("goalkeeper"),
        COACH("coach"),
        LINE_UP("line-up"),
        SUPPLY("supply"),
        BALL("ball"),
        NOTE("note"),
        TAPE("tape"),
        ZONE("zone"),
        STATION("station");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        @Override
        public String word() {
            return word;
        }
    }

    private static final PieceCases<String> KIND = new PieceCases<>() {
        @Override
        public String player(Piece.Player player) {
            return Kind.PLAYER.word();
        }

        @Override
        public String goalkeeper(Piece.Goalkeeper goalkeeper) {
            return Kind.GOALKEEPER.word();
        }

        @Override
        public String coach(Piece.Coach coach) {
            return Kind.COACH.word();
        }

        @Override
        public String lineUp(Piece.LineUp lineUp) {
            return Kind.LINE_UP.word();
        }

        @Override
        public String supply(Piece.Supply supply) {
            return Kind.SUPPLY.word();
        }

        @Override
        public String ball(Piece.Ball ball) {
            return Kind.BALL.word();
        }

        @Override
        public String note(Piece.Note note) {
            return Kind.NOTE.word();
        }

        @Override
        public String tape(Piece.Tape tape) {
            return Kind.TAPE.word();
        }

        @Override
        public String zone(Piece.Zone zone) {
            return Kind.ZONE.word();
        }

        @Override
        public String station(Piece.Station station) {
            return Kind.STATION.word();
        }

        @Override
        public String item(Piece.Item item) {
            return DrillWriter.word(item.kind());
        }
    };

    private PieceForm() {}

    /** @throws UnknownWord for a kind that is in no table */
    static Piece read(JsonNode o) {
        Optional<Kind> kind = Word.find(Kind.values(), o.path("kind").asText());
        return kind.isPresent() ? read(o, kind.get()) : item(o);
    }

    private static Piece read(JsonNode o, Kind kind) {
        String id = o.path("id").asText();
        Vec at = DrillReader.vec(o.path("at"));
        double facing = o.path("facing").asDouble(0);
        String label = o.path("label").asText("");
        Bib bib = value(o, "team", Bib.CORAL);
        return switch (kind) {
            case PLAYER -> new Piece.Player(id, at, facing, label, bib);
            case GOALKEEPER -> new Piece.Goalkeeper(id, at, facing, label, bib);
            case COACH -> new Piece.Coach(id, at, facing, label);
            case LINE_UP -> new Piece.LineUp(
                    id,
                    at,
                    facing,
                    label,
                    bib,
                    o.path("waiting").asInt(0),
                    o.path("name").asText(""),
                    new Queue(
                            o.path("queueDirection").asDouble(Math.PI),
                            o.path("queueSpacing").asDouble(0)));
            case BALL -> new Piece.Ball(
                    id, at, o.has("heldBy") ? Optional.of(o.path("heldBy").asText()) : Optional.empty());
            case SUPPLY -> new Piece.Supply(id, at, o.path("count").asInt(1));
            case NOTE -> new Piece.Note(id, at, o.path("text").asText());
            case TAPE -> new Piece.Tape(
                    id,
                    value(o, "reading", Piece.Tape.Reading.LENGTH),
                    DrillReader.list(o.path("points"), DrillReader::vec));
            case ZONE -> new Piece.Zone(id, at, outline(o.path("outline")), label, value(o, "colour", Colour.WHITE));
            case STATION -> new Piece.Station(
                    id,
                    at,
                    outline(o.path("outline")),
                    o.path("number").asInt(1),
                    o.path("title").asText(""),
                    o.path("minutes").asDouble(0));
        };
    }

    private static Piece item(JsonNode o) {
        GearKind kind = Arrays.stream(GearKind.values())
                .filter(k -> word(k).equals(o.path("kind").asText()))
                .findFirst()
                .orElseThrow(() -> new UnknownWord(
                        o,
                        "kind",
                        Word.list(Kind.values()) + ", "
                                + Arrays.stream(GearKind.values())
                                        .map(DrillWriter::word)
                                        .collect(Collectors.joining(", "))));
        double width = o.path("width").asDouble(kind.width());
        // Goals of the first version had no depth.
        double depth = o.path("depth").asDouble(kind == GearKind.GOAL ? width * 0.35 : kind.depth());
        return new Piece.Item(
                o.path("id").asText(),
                DrillReader.vec(o.path("at")),
                kind,
                o.path("facing").asDouble(0),
                value(o, "colour", kind.colour()),
                o.path("label").asText(""),
                width,
                depth);
    }

    private static Outline outline(JsonNode o) {
        if (o.has("radius")) {
            return new Outline.Circle(o.path("radius").asDouble());
        }
        return o.has("corners")
                ? new Outline.Corners(DrillReader.list(o.path("corners"), DrillReader::vec))
                : new Outline.Rectangle(
                        o.path("width").asDouble(),
                        o.path("depth").asDouble(),
                        o.path("turn").asDouble(0));
    }

    static ObjectNode write(Piece piece) {
        return piece.match(new Written(
                JsonNodeFactory.instance.objectNode().put("id", piece.id()).put("kind", piece.match(KIND))));
    }

    private record Written(ObjectNode o) implements PieceCases<ObjectNode> {

        private ObjectNode at(Piece piece) {
            o.set("at", DrillWriter.place(piece.at()));
            return o;
        }

        private ObjectNode person(Piece.Person person) {
            return at(person).put("facing", person.facing()).put("label", person.label());
        }

        @Override
        public ObjectNode player(Piece.Player p) {
            return person(p).put("team", word(p.bib()));
        }

        @Override
        public ObjectNode goalkeeper(Piece.Goalkeeper g) {
            return person(g).put("team", word(g.bib()));
        }

        @Override
        public ObjectNode coach(Piece.Coach c) {
            return person(c);
        }

        @Override
        public ObjectNode lineUp(Piece.LineUp l) {
            person(l).put("team", word(l.bib())).put("waiting", l.waiting()).put("name", l.name());
            if (!l.queue().equals(Queue.BEHIND)) {
                o.put("queueDirection", l.queue().direction())
                        .put("queueSpacing", l.queue().spacing());
            }
            return o;
        }

        @Override
        public ObjectNode item(Piece.Item i) {
            return at(i).put("facing", i.facing())
                    .put("colour", word(i.colour()))
                    .put("label", i.label())
                    .put("width", i.width())
                    .put("depth", i.depth());
        }

        @Override
        public ObjectNode supply(Piece.Supply s) {
            return at(s).put("count", s.count());
        }

        @Override
        public ObjectNode ball(Piece.Ball b) {
            at(b);
            b.heldBy().ifPresent(who -> o.put("heldBy", who));
            return o;
        }

        @Override
        public ObjectNode note(Piece.Note n) {
            return at(n).put("text", n.text());
        }

        @Override
        public ObjectNode tape(Piece.Tape t) {
            o.put("reading", word(t.reading()));
            ArrayNode points = o.putArray("points");
            t.points().forEach(p -> points.add(DrillWriter.place(p)));
            return o;
        }

        @Override
        public ObjectNode zone(Piece.Zone z) {
            outline(at(z).putObject("outline"), z.outline());
            return o.put("label", z.label()).put("colour", word(z.colour()));
        }

        @Override
        public ObjectNode station(Piece.Station s) {
            outline(at(s).putObject("outline"), s.outline());
            return o.put("number", s.number()).put("title", s.title()).put("minutes", s.minutes());
        }

        private static void outline(ObjectNode o, Outline outline) {
            if (outline instanceof Outline.Circle c) {
                o.put("radius", c.radius());
            } else if (outline instanceof Outline.Corners c) {
                ArrayNode corners = o.putArray("corners");
                c.corners().forEach(v -> corners.add(DrillWriter.place(v)));
            } else if (outline instanceof Outline.Rectangle r) {
                o.put("width", r.width()).put("depth", r.depth()).put("turn", r.turn());
            }
        }
    }
}
