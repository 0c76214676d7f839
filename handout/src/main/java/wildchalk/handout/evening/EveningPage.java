package wildchalk.handout.evening;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
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
import wildchalk.handout.paint.Template;
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
                "title",
                text(page.sheet.title()),
                "style",
                Template.beside(EveningPage.class, "evening.css"),
                "body",
                page.out.toString());
        return Template.filled(Template.beside(EveningPage.class, "evening.html"), parts);
    }

    private static String text(String words) {
        return Markup.text(words);
    }

    /**
     * Opens an element.
     *
     * @param attributes names and values in turn
     */
    private EveningPage open(String element, String... attributes) {
        out.append('<').append(element);
        for (int i = 0; i < attributes.length; i += 2) {
            out.append(' ')
                    .append(attributes[i])
                    .append("=\"")
                    .append(text(attributes[i + 1]))
                    .append('"');
        }
        out.append('>');
        return this;
    }

    private EveningPage close(String element) {
        out.append("</").append(element).append('>');
        return this;
    }

    private EveningPage say(String words) {
        out.append(text(words));
        return this;
    }

    private void paragraph(String kind, String words) {
        if (!words.isEmpty()) {
            open("p", "class", kind).say(words).close("p");
        }
    }

    private void head() {
        open("h1", "dir", "auto").say(sheet.title()).close("h1");
        paragraph("when", sheet.when());
        paragraph("bring", sheet.bring());
        if (!sheet.groups().isEmpty()) {
            open("ul", "class", "groups");
            for (Handed.Group group : sheet.groups()) {
                open("li");
                chip(group.name());
                say(
                        group.people().isEmpty()
                                ? Words.say("size", group.size())
                                : String.join(Words.say("comma"), group.people()));
                close("li");
            }
            close("ul");
        }
        sheet.cautions().forEach(c -> paragraph("care", Words.say("care", c)));
    }

    /** The name of a group on its colour; several in one are on none. */
    private void chip(String name) {
        String colour = sheet.groups().stream()
                .filter(g -> g.name().equals(name))
                .flatMap(g -> g.bib().stream())
                .findFirst()
                .map(b -> String.format(Locale.ROOT, "#%06X", Look.SLATE.colour(Ink.of(b)) & OPAQUE))
                .orElse("#E4E0D4");
        open("span", "class", "chip", "style", "background:" + colour).say(name).close("span");
        out.append(' ');
    }

    private void row(RunSheet.Row row) throws IOException {
        open("section");
        paragraph("before", row.before());
        open("h2").open("time").say(row.time()).close("time");
        say(Words.say("minutes", row.minutes())).close("h2");
        if (!row.turns().isEmpty()) {
            turns(row);
        }
        Optional.ofNullable(pictures.grounds().get(row.block().id())).ifPresent(this::picture);
        for (int i = 0; i < row.places().size(); i++) {
            place(row, i);
        }
        close("section");
    }

    private void turns(RunSheet.Row row) {
        paragraph("round", row.round());
        boolean rests = row.turns().stream().anyMatch(t -> !t.rest().isEmpty());
        open("div", "class", "wide").open("table").open("tr").open("th").close("th");
        for (int i = 0; i < row.places().size(); i++) {
            String head = Words.say("numbered", i + 1, row.places().get(i).title());
            open("th", "scope", "col").say(head).close("th");
        }
        if (rests) {
            open("th", "scope", "col").say(Words.say("rest")).close("th");
        }
        close("tr");
        for (RunSheet.Turn turn : row.turns()) {
            open("tr").open("th", "scope", "row").say(turn.time()).close("th");
            turn.there().forEach(this::cell);
            if (rests) {
                cell(turn.rest());
            }
            close("tr");
        }
        close("table").close("div");
    }

    private void cell(String who) {
        open("td");
        if (!who.isEmpty()) {
            chip(who);
        }
        close("td");
    }

    private void picture(Played played) {
        String svg = SvgPicture.draw(played, Look.PAPER, new Order.Still(0, WIDE, false));
        String data = Base64.getEncoder().encodeToString(svg.getBytes(StandardCharsets.UTF_8));
        open("img", "alt", "", "src", "data:image/svg+xml;base64," + data);
    }

    private void place(RunSheet.Row row, int n) throws IOException {
        RunSheet.Place place = row.places().get(n);
        String title = row.places().size() > 1 ? Words.say("numbered", n + 1, place.title()) : place.title();
        open("article", "class", place.mine() ? "mine" : "");
        open("h3").say(place.mine() ? Words.say("mine", title) : title).close("h3");
        for (String fact : List.of(place.who(), place.rungs(), place.takes())) {
            paragraph("fact", fact);
        }
        if (!place.say().isEmpty()) {
            open("ul", "class", "say");
            place.say().forEach(s -> open("li").say(s).close("li"));
            close("ul");
        }
        Optional<Drill> drill = order.evening().drill(place.block());
        if (drill.isPresent()) {
            drill(place, drill.orElseThrow());
        }
        close("article");
    }

    /** Its picture, and its own page inside this one. */
    private void drill(RunSheet.Place place, Drill drill) throws IOException {
        Optional.ofNullable(pictures.drills().get(place.block().id())).ifPresent(this::picture);
        String page =
                Page.draw(Order.of(drill).measured(order.units(), Order.Measures.USUAL.handful()), Progress.UNSEEN);
        open("details").open("summary").say(Words.say("play")).close("summary");
        open("iframe", "loading", "lazy", "title", drill.title(), "srcdoc", page)
                .close("iframe");
        close("details");
    }
}
