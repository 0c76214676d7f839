package wildchalk.handout.page;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.geometry.Box;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Legend;
import wildchalk.core.scene.Look;
import wildchalk.core.script.AttackWords;
import wildchalk.core.script.GameWords;
import wildchalk.core.setout.SetOut;
import wildchalk.core.setout.Sheet;
import wildchalk.core.setout.SheetWords;
import wildchalk.core.setout.Starts;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.NeedWords;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.Progress;
import wildchalk.handout.paint.Markup;
import wildchalk.handout.paint.PaperBrush;
import wildchalk.handout.paint.SvgBrush;
import wildchalk.handout.paint.Template;

/** A page that plays on a phone without a network. */
public final class Page implements HandOut {

    /** Width of the picture in its own units. */
    private static final double WIDTH = 1000;

    private static final double TALLEST = 1.3;
    private static final double LOWEST = 0.5;
    /** A token is at least so large on a page of {@value #WIDTH}: phones are small. */
    private static final double TOKEN = 27;

    @Override
    public String ending() {
        return "html";
    }

    @Override
    public String words() {
        return "Page for phones (HTML)";
    }

    @Override
    public String about() {
        return "One file for any browser, on a phone too: play, step, choose, follow one player. It needs no network.";
    }

    @Override
    public Set<Wish> wishes() {
        return EnumSet.of(Wish.RUNGS, Wish.LOOK, Wish.UNITS);
    }

    @Override
    public void write(Order order, Path file, Progress progress) throws IOException {
        String page = draw(order, progress);
        Files.writeString(file, page);
        progress.step(1);
    }

    /** The page as a document. */
    public static String draw(Order order, Progress progress) throws IOException {
        List<Played> rungs = Played.of(order);
        Set<Ink> used = new TreeSet<>();
        SvgBrush.Inks inks = classes(used);
        ObjectNode data = data(order, rungs, inks, progress);
        // Inside a script element only a "<" can end what is data.
        String json = data.toString()
                .replace("<", "\\u003c")
                .replace("\u2028", "\\u2028")
                .replace("\u2029", "\\u2029");
        Played lowest = rungs.get(0);
        List<String> watched = GameWords.watched(
                rungs.stream().map(Played::stage).toList(),
                lowest.surface(),
                order.units().unit());
        String more = more(order, lowest, watched, inks);
        return Template.filled(
                Template.beside(Page.class, "page.html"),
                Map.of(
                        "title",
                        Markup.text(order.drill().title()),
                        "colours",
                        colours(used),
                        "look",
                        order.look() == Look.SLATE || order.look() == Look.TURF ? "slate" : "paper",
                        "style",
                        Template.beside(Page.class, "page.css"),
                        "where",
                        Markup.text(where(rungs)),
                        "more",
                        more,
                        "script",
                        Template.beside(Page.class, "page.js"),
                        "data",
                        json));
    }

    private static String where(List<Played> rungs) {
        Played lowest = rungs.get(0);
        return lowest.surface().name() + ". " + NeedWords.of(rungs) + " "
                + AttackWords.of(
                        lowest.stage(),
                        lowest.surface(),
                        lowest.drill().showing().attack());
    }

    private static ObjectNode data(Order order, List<Played> rungs, SvgBrush.Inks inks, Progress progress)
            throws IOException {
        Pool pool = new Pool();
        ObjectNode data = JsonNodeFactory.instance.objectNode();
        data.put("title", order.drill().title());
        Frame frame = frame(rungs);
        boolean upright = Math.abs(Math.sin(frame.turn())) > 0.5;
        double shape = upright
                ? frame.view().width() / frame.view().height()
                : frame.view().height() / frame.view().width();
        double height = Math.round(WIDTH * Math.max(LOWEST, Math.min(TALLEST, shape)));
        AffineTransform toPage = PaperBrush.fit(
                frame, rungs.get(0).surface().surroundings(), new Rectangle2D.Double(0, 0, WIDTH, height));
        double scale = Math.sqrt(Math.abs(toPage.getDeterminant()));
        Frame seen = frame.scaled(Math.max(1, TOKEN / scale / frame.unit()));
        data.putArray("size").add((int) WIDTH).add((int) height);
        double[] map = new double[6];
        toPage.getMatrix(map);
        ArrayNode matrix = data.putArray("map");
        for (double m : map) {
            matrix.add(m);
        }
        ArrayNode all = data.putArray("rungs");
        RungData.Told told = new RungData.Told(new ConcurrentHashMap<>(), new Tracks(pool));
        List<RungData> worked = rungs.parallelStream()
                .map(r -> new RungData(r, pool, inks, toPage, seen, told))
                .toList();
        for (int i = 0; i < rungs.size(); i++) {
            progress.step((double) i / rungs.size());
            all.add(worked.get(i).data());
        }
        data.set("pool", pool.all());
        return data;
    }

    /** All rungs are shown in one frame, so that nothing jumps when another one is picked. */
    private static Frame frame(List<Played> rungs) {
        Frame first = rungs.get(0).frame();
        Box view = rungs.stream().map(r -> r.frame().view()).reduce(first.view(), Box::with);
        return new Frame(view, first.unit(), first.turn());
    }

    /** Inks as classes, so that slate and paper are one picture; remembers which are used. */
    private static SvgBrush.Inks classes(Set<Ink> used) {
        return new SvgBrush.Inks() {
            @Override
            public String fill(Ink ink) {
                used.add(ink);
                return "class=\"f" + ink.ordinal() + "\"";
            }

            @Override
            public String stroke(Ink ink) {
                used.add(ink);
                return "class=\"s" + ink.ordinal() + "\"";
            }

            @Override
            public boolean setsType() {
                return false;
            }
        };
    }

    private static String colours(Set<Ink> used) {
        StringBuilder out = new StringBuilder();
        for (Look look : List.of(Look.SLATE, Look.PAPER)) {
            out.append(look == Look.SLATE ? ":root" : ":root.paper").append('{');
            for (Ink ink : used) {
                int colour = look.colour(ink);
                out.append("--i")
                        .append(ink.ordinal())
                        .append(':')
                        .append(SvgBrush.hex(colour))
                        .append(colour >>> 24 == 255 ? "" : String.format(Locale.ROOT, "%02x", colour >>> 24))
                        .append(';');
            }
            out.append("}\n");
        }
        used.forEach(i -> out.append(".f")
                .append(i.ordinal())
                .append("{fill:var(--i")
                .append(i.ordinal())
                .append(")}.s")
                .append(i.ordinal())
                .append("{stroke:var(--i")
                .append(i.ordinal())
                .append(")}\n"));
        return out.toString();
    }

    /** What does not move: where everybody starts, where the gear goes, what to say and to take care of. */
    private static String more(Order order, Played lowest, List<String> watched, SvgBrush.Inks inks) {
        StringBuilder out = new StringBuilder();
        list(out, "Take care", order.drill().cautionsOut());
        list(out, "Coaching points", order.drill().points());
        list(out, "Questions to ask", order.drill().questions());
        list(out, GameWords.watchHeading(), watched);
        list(
                out,
                "Who starts where",
                Stream.concat(
                                Stream.of(SheetWords.facing(lowest.surface())),
                                Starts.of(lowest.stage(), lowest.surface(), order.units()).stream()
                                        .map(s -> s.name() + ": " + s.words(order.units())))
                        .toList());
        Sheet sheet = SetOut.of(lowest.stage(), lowest.surface(), order.units(), order.handful());
        list(
                out,
                "Set-out",
                sheet.steps().stream()
                        .map(s -> s.name() + ": " + SheetWords.step(s, order.units()))
                        .toList());
        double wide = Legend.width(1);
        AffineTransform toKey = AffineTransform.getTranslateInstance(0, 22);
        toKey.scale(WIDTH / wide, WIDTH / wide);
        out.append("<h2>What the lines mean</h2><svg class=\"key\" role=\"img\" aria-label=\"Lines for run, carry, "
                + "pass, shot, stop and wait\" viewBox=\"0 0 1000 44\">");
        new SvgBrush(out, toKey, inks, 1).paint(Legend.of(order.drill().lineKey(), 1));
        return out.append("</svg>").toString();
    }

    private static void list(StringBuilder out, String heading, List<String> lines) {
        if (!lines.isEmpty()) {
            out.append("<h2>")
                    .append(heading)
                    .append("</h2><ul>")
                    .append(lines.stream()
                            .map(l -> "<li>" + Markup.text(l) + "</li>")
                            .collect(Collectors.joining()))
                    .append("</ul>");
        }
    }
}
