package wildchalk.handout.evening;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.drill.Drill;
import wildchalk.core.evening.Handed;
import wildchalk.core.evening.RunSheet;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.Progress;
import wildchalk.handout.page.Page;
import wildchalk.handout.paint.Markup;
import wildchalk.handout.picture.SvgPicture;

/** An evening in one file for phones: the run sheet, and each of its drills to be played there. It fetches nothing. */
final class EveningPage {

    private static final int WIDE = 1000;
    private static final int OPAQUE = 0xFFFFFF;

    private final EveningOrder order;
    private final RunSheet sheet;
    private final Pictures pictures;
    private final StringBuilder out = new StringBuilder(1 << 16);

    private EveningPage(EveningOrder order) {
        this.order = order;
        this.sheet = order.sheet();
        this.pictures = Pictures.of(order.evening());
    }

    /** The page as a document. */
    static String draw(EveningOrder order, Progress progress) throws IOException {
        EveningPage page = new EveningPage(order);
        page.head();
        int n = 0;
        for (RunSheet.Row row : page.sheet.rows()) {
            page.row(row);
            progress.step((double) ++n / page.sheet.rows().size());
        }
        page.out
                .append("<section><h2>")
                .append(text(Words.say("end", page.sheet.end())))
                .append("</h2></section>");
        Map<String, String> parts = Map.of(
                "title", text(page.sheet.title()), "style", resource("evening.css"), "body", page.out.toString());
        return Pattern.compile("\\{\\{(\\w+)}}")
                .matcher(resource("evening.html"))
                .replaceAll(m -> Matcher.quoteReplacement(parts.get(m.group(1))));
    }

    private static String text(String words) {
        return Markup.text(words);
    }

    private void paragraph(String kind, String words) {
        if (!words.isEmpty()) {
            out.append("<p class=\"")
                    .append(kind)
                    .append("\">")
                    .append(text(words))
                    .append("</p>");
        }
    }

    private void head() {
        out.append("<h1 dir=\"auto\">").append(text(sheet.title())).append("</h1>");
        paragraph("when", sheet.when());
        paragraph("bring", sheet.bring());
        if (!sheet.groups().isEmpty()) {
            out.append("<ul class=\"groups\">");
            for (Handed.Group group : sheet.groups()) {
                out.append("<li>").append(chip(group.name()));
                out.append(text(
                        group.people().isEmpty()
                                ? Words.say("size", group.size())
                                : String.join(Words.say("comma"), group.people())));
                out.append("</li>");
            }
            out.append("</ul>");
        }
        sheet.cautions().forEach(c -> paragraph("care", Words.say("care", c)));
    }

    /** The name of a group on its colour; several in one are on none. */
    private String chip(String name) {
        String colour = sheet.groups().stream()
                .filter(g -> g.name().equals(name))
                .flatMap(g -> g.bib().stream())
                .findFirst()
                .map(b -> String.format(Locale.ROOT, "#%06X", Look.SLATE.colour(Ink.of(b)) & OPAQUE))
                .orElse("#E4E0D4");
        return "<span class=\"chip\" style=\"background:" + colour + "\">" + text(name) + "</span> ";
    }

    private void row(RunSheet.Row row) throws IOException {
        out.append("<section>");
        paragraph("before", row.before());
        out.append("<h2><time>").append(text(row.time())).append("</time> ");
        out.append(text(Words.say("minutes", row.minutes()))).append("</h2>");
        if (!row.turns().isEmpty()) {
            turns(row);
        }
        Optional.ofNullable(pictures.grounds().get(row.block().id())).ifPresent(this::picture);
        for (int i = 0; i < row.places().size(); i++) {
            place(row, i);
        }
        out.append("</section>");
    }

    private void turns(RunSheet.Row row) {
        paragraph("round", row.round());
        boolean rests = row.turns().stream().anyMatch(t -> !t.rest().isEmpty());
        out.append("<div class=\"wide\"><table><tr><th scope=\"col\"></th>");
        for (int i = 0; i < row.places().size(); i++) {
            String head = Words.say("numbered", i + 1, row.places().get(i).title());
            out.append("<th scope=\"col\">").append(text(head)).append("</th>");
        }
        out.append(rests ? "<th scope=\"col\">" + text(Words.say("rest")) + "</th></tr>" : "</tr>");
        for (RunSheet.Turn turn : row.turns()) {
            out.append("<tr><th scope=\"row\">").append(text(turn.time())).append("</th>");
            turn.there().forEach(w -> out.append("<td>").append(chip(w)).append("</td>"));
            out.append(rests ? "<td>" + (turn.rest().isEmpty() ? "" : chip(turn.rest())) + "</td></tr>" : "</tr>");
        }
        out.append("</table></div>");
    }

    private void picture(Played played) {
        String svg = SvgPicture.draw(played, Look.PAPER, new Order.Still(0, WIDE, false));
        out.append("<img alt=\"\" src=\"data:image/svg+xml;base64,")
                .append(Base64.getEncoder().encodeToString(svg.getBytes(StandardCharsets.UTF_8)))
                .append("\">");
    }

    private void place(RunSheet.Row row, int n) throws IOException {
        RunSheet.Place place = row.places().get(n);
        String title = row.places().size() > 1 ? Words.say("numbered", n + 1, place.title()) : place.title();
        out.append(place.mine() ? "<article class=\"mine\"><h3>" : "<article><h3>");
        out.append(text(place.mine() ? Words.say("mine", title) : title)).append("</h3>");
        for (String fact : List.of(place.who(), place.rungs(), place.takes())) {
            paragraph("fact", fact);
        }
        if (!place.say().isEmpty()) {
            out.append("<ul class=\"say\">");
            place.say().forEach(s -> out.append("<li>").append(text(s)).append("</li>"));
            out.append("</ul>");
        }
        Optional<Drill> drill = order.evening().drill(place.block());
        if (drill.isPresent()) {
            drill(place, drill.orElseThrow());
        }
        out.append("</article>");
    }

    /** Its picture, and its own page inside this one. */
    private void drill(RunSheet.Place place, Drill drill) throws IOException {
        Optional.ofNullable(pictures.drills().get(place.block().id())).ifPresent(this::picture);
        String page =
                Page.draw(Order.of(drill).measured(order.units(), Order.Measures.USUAL.handful()), Progress.UNSEEN);
        out.append("<details><summary>")
                .append(text(Words.say("play")))
                .append("</summary><iframe loading=\"lazy\" title=\"")
                .append(text(drill.title()))
                .append("\" srcdoc=\"")
                .append(text(page))
                .append("\"></iframe></details>");
    }

    private static String resource(String name) {
        try (InputStream in = EveningPage.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
