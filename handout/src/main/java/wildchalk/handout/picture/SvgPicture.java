package wildchalk.handout.picture;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Legend;
import wildchalk.core.scene.Look;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Still;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.Progress;
import wildchalk.handout.paint.Markup;
import wildchalk.handout.paint.SvgBrush;

/** One moment of a rung as lines and text, a group for each piece and action. */
public final class SvgPicture implements HandOut {

    @Override
    public String ending() {
        return "svg";
    }

    @Override
    public String words() {
        return "Picture to work on (SVG)";
    }

    @Override
    public String about() {
        return "One moment as lines and text, for a drawing program.";
    }

    @Override
    public Set<Wish> wishes() {
        return EnumSet.of(
                Wish.GROUND, Wish.ONE_RUNG, Wish.WAY, Wish.LOOK, Wish.MOMENT, Wish.WIDTH, Wish.WORDS, Wish.UNITS);
    }

    @Override
    public void write(Order order, Path file, Progress progress) throws IOException {
        Played played = Played.of(order).get(0);
        progress.step(0.3);
        Files.writeString(file, draw(played, order.look(), order.still()));
        progress.step(1);
    }

    /** The picture as a document. */
    public static String draw(Played played, Look look, Still still) {
        Arrangement places = Arrangement.of(played, still);
        StringBuilder out = new StringBuilder(1 << 16);
        String width = Markup.number(places.width(), 0);
        String height = Markup.number(places.height(), 0);
        out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" "
                        + "xml:lang=\"en\" role=\"img\" width=\"")
                .append(width)
                .append("\" height=\"")
                .append(height)
                .append("\" viewBox=\"0 0 ")
                .append(width)
                .append(' ')
                .append(height)
                .append("\">\n<title>")
                .append(Markup.text(played.drill().title() + ": " + played.name()))
                .append("</title>\n<desc>")
                .append(Markup.text(
                        played.script().lines().stream().map(Script.Line::text).collect(Collectors.joining(" "))))
                .append("</desc>\n")
                .append("<rect width=\"100%\" height=\"100%\" ")
                .append(SvgBrush.plain(look).fill(Ink.AROUND))
                .append("/>\n")
                .append("<clipPath id=\"board\"><rect x=\"0\" y=\"")
                .append(Markup.number(places.board().getY(), 1))
                .append("\" width=\"")
                .append(width)
                .append("\" height=\"")
                .append(Markup.number(places.board().getHeight(), 1))
                .append("\"/></clipPath>\n<g clip-path=\"url(#board)\">");
        board(
                new SvgBrush(out, places.toPixels(), SvgBrush.plain(look), 2),
                played,
                played.board(places.frame()),
                still.t());
        out.append("</g>\n");
        SvgBrush words =
                new SvgBrush(out, places.toKey() == null ? places.toPixels() : places.toKey(), SvgBrush.plain(look), 2);
        places.lines()
                .forEach(l -> words.textAsWide(
                        l.words(), l.face(), l.size(), Ink.CHALK, l.x(), l.y(), l.right() ? "end" : "start"));
        if (places.toKey() != null) {
            words.group(
                    "key",
                    "What the lines mean",
                    Legend.of(played.drill().lineKey(), places.frame().unit()));
        }
        return out.append("\n</svg>\n").toString();
    }

    private static void board(SvgBrush brush, Played played, Board board, double t) {
        brush.group("ground", played.surface().name(), board.ground());
        // Stations lie under everything, and the arrows between them belong to all of them.
        Set<String> areas = played.stage().areas().stream().map(Piece::id).collect(Collectors.toSet());
        brush.group("areas", "", board.chalk(Set.of(), areas::contains));
        for (Piece piece : played.stage().pieces()) {
            if (!areas.contains(piece.id())) {
                brush.group(
                        Markup.id("piece", piece.id()),
                        PieceWords.among(played.stage(), piece),
                        board.chalk(Set.of(), piece.id()::equals));
            }
        }
        for (Action action : played.stage().actions()) {
            String said =
                    ScriptWriter.sentence(played.stage(), played.timeline(), played.surface(), Unit.METRES, action);
            brush.group(Markup.id("action", action.id()), said, board.chalk(Set.of(), action.id()::equals));
        }
        for (Piece.Person person : board.people()) {
            brush.group(
                    Markup.id("token", person.id()),
                    PieceWords.among(played.stage(), person),
                    board.person(person, t, Set.of(), Set.of()));
        }
        board.gearInPlay()
                .forEach(g -> brush.group(Markup.id("token", g.id()), PieceWords.name(g), board.gear(g, t, Set.of())));
        board.balls()
                .forEach(b -> brush.group(Markup.id("token", b.id()), PieceWords.name(b), board.ball(b, t, Set.of())));
    }
}
