package wildchalk.handout.evening;

import java.awt.Color;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.evening.Handed;
import wildchalk.core.evening.RunSheet;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.handout.card.Diagram;
import wildchalk.handout.card.Setting;
import wildchalk.handout.card.Slice;
import wildchalk.handout.order.Played;
import wildchalk.handout.pdf.TaggedPdf;
import wildchalk.handout.type.Lines;
import wildchalk.handout.type.Typeface;

/** What stands on a run sheet, row by row. */
final class RunSheetRows {

    private static final double GAP = 6;
    /** Room for the time on the left, in sizes of type. */
    private static final double TIME = 4.6;
    /** Time and minutes are so high, in sizes of type. */
    private static final double WHEN = 2.9;
    /** How wide a picture of a drill is, times its height. */
    private static final double WIDE = 1.55;
    /** How high the picture of the ground is, times that of a drill. */
    private static final double GROUND = 2.8;
    /** A token on a small picture, points. */
    private static final double TOKEN = 6;

    private static final int GREY = 0xE4E4E4;

    private final RunSheet sheet;
    private final Setting setting;
    private final RunSheetPdf.Fit fit;
    private final Pictures pictures;

    RunSheetRows(RunSheet sheet, Setting setting, RunSheetPdf.Fit fit, Pictures pictures) {
        this.sheet = sheet;
        this.setting = setting;
        this.fit = fit;
        this.pictures = pictures;
    }

    /** What it is, when, where, what to bring, who is in which group, what to take care of. */
    List<Slice> head() {
        List<Slice> slices = new ArrayList<>();
        slices.add(setting.title("H1", sheet.title(), 1.9, true));
        slices.addAll(setting.words("P", "", sheet.when(), Typeface.TEXT_BOLD));
        if (!sheet.bring().isEmpty()) {
            slices.addAll(setting.words(sheet.bring()));
        }
        if (!sheet.groups().isEmpty()) {
            slices.addAll(groups());
        }
        sheet.cautions().forEach(c -> slices.addAll(setting.words("P", "!", Words.say("care", c), Typeface.TEXT_BOLD)));
        slices.add(Slice.gap(setting.size() * 0.4));
        return slices;
    }

    private List<Slice> groups() {
        double wide = sheet.groups().stream()
                        .mapToDouble(g -> Lines.width(g.name(), Typeface.TEXT_BOLD, setting.size()))
                        .max()
                        .orElse(0)
                + 2 * GAP;
        List<Slice> all = new ArrayList<>();
        boolean named = sheet.groups().stream().anyMatch(g -> !g.people().isEmpty());
        double line = setting.size() * 1.45;
        if (named) {
            for (Handed.Group group : sheet.groups()) {
                List<Slice> people = setting.wide(setting.width() - wide - GAP)
                        .words(String.join(Words.say("comma"), group.people()));
                all.add(new Slice(Math.max(line, RunSheetPdf.height(people)), true, (pdf, x, y) -> {
                    chip(pdf, group.name(), x, y, wide);
                    drawn(pdf, people, x + wide + GAP, y);
                }));
            }
            return all;
        }
        return List.of(new Slice(line + 3, false, (pdf, x, y) -> {
            double at = x;
            for (Handed.Group group : sheet.groups()) {
                String words = Words.say("group", group.name(), group.size());
                double w = Lines.width(words, Typeface.TEXT_BOLD, setting.size()) + 2 * GAP;
                chip(pdf, words, group.name(), at, y, w);
                at += w + GAP;
            }
        }));
    }

    private Color colour(String group) {
        return sheet.groups().stream()
                .filter(g -> g.name().equals(group))
                .flatMap(g -> g.bib().stream())
                .findFirst()
                .filter(b -> setting.look() != Look.GREY)
                .map(b -> new Color(Look.SLATE.colour(Ink.of(b)) & 0xFFFFFF))
                .orElse(new Color(GREY));
    }

    private void chip(TaggedPdf pdf, String group, double x, double y, double wide) throws IOException {
        chip(pdf, group, group, x, y, wide);
    }

    /** Words on the colour of a group: never the colour alone. */
    private void chip(TaggedPdf pdf, String words, String group, double x, double y, double wide) throws IOException {
        double high = setting.size() * 1.3;
        pdf.unsaid(() -> pdf.fill(new Rectangle2D.Double(x, y, wide, high), colour(group)));
        pdf.tagged(
                "P",
                Optional.empty(),
                () -> pdf.text(
                        words, Typeface.TEXT_BOLD, setting.size(), Color.BLACK, x + GAP, y + setting.size() * 0.98));
    }

    private static void drawn(TaggedPdf pdf, List<Slice> slices, double x, double y) throws IOException {
        double at = y;
        for (Slice slice : slices) {
            slice.drawn().at(pdf, x, at);
            at += slice.height();
        }
    }

    /** A row for each while, and when it is over. */
    List<Slice> body() {
        List<Slice> slices = new ArrayList<>();
        for (RunSheet.Row row : sheet.rows()) {
            if (!row.before().isEmpty()) {
                Setting in = setting.wide(setting.width() - left());
                slices.add(moved(in.words(row.before()), left(), true));
            }
            slices.addAll(row(row));
        }
        slices.addAll(setting.words("P", "", Words.say("end", sheet.end()), Typeface.TEXT_BOLD));
        return slices;
    }

    private double left() {
        return setting.size() * TIME;
    }

    /** Slices as one that is further right. */
    private static Slice moved(List<Slice> slices, double by, boolean stays) {
        return new Slice(RunSheetPdf.height(slices), stays, (pdf, x, y) -> drawn(pdf, slices, x + by, y));
    }

    private List<Slice> row(RunSheet.Row row) {
        List<Slice> all = new ArrayList<>();
        for (int i = 0; i < row.places().size(); i++) {
            all.add(place(row, i));
        }
        if (!row.turns().isEmpty()) {
            all.add(turns(row));
        }
        Optional.ofNullable(pictures.grounds().get(row.block().id())).ifPresent(p -> all.add(ground(p)));
        return all;
    }

    private Slice ground(Played played) {
        Setting in = setting.wide(setting.width() - left());
        Slice picture = new Diagram(in, fit.picture() * GROUND, TOKEN).small(played);
        return moved(List.of(picture), left(), false);
    }

    /** The time, the picture, and what there is to know of one thing. */
    private Slice place(RunSheet.Row row, int n) {
        RunSheet.Place place = row.places().get(n);
        double wide = fit.picture() * WIDE;
        Optional<Slice> picture = Optional.ofNullable(
                        pictures.drills().get(place.block().id()))
                .map(p -> new Diagram(setting.wide(wide), fit.picture(), TOKEN).small(p));
        double in = left() + (picture.isPresent() ? wide + GAP : 0);
        List<Slice> words = words(row, place, setting.wide(setting.width() - in));
        double high = Math.max(
                        RunSheetPdf.height(words),
                        Math.max(
                                n == 0 ? setting.size() * WHEN : 0,
                                picture.map(Slice::height).orElse(0.0)))
                + GAP;
        return new Slice(high, false, (pdf, x, y) -> {
            pdf.unsaid(() ->
                    pdf.fill(new Rectangle2D.Double(x, y - GAP / 2, setting.width(), 0.6), setting.ink(Ink.FAINT)));
            if (place.mine()) {
                pdf.unsaid(() -> pdf.fill(new Rectangle2D.Double(x - GAP, y, 3, high - GAP), setting.ink(Ink.CHALK)));
            }
            if (n == 0) {
                time(pdf, row, x, y);
            }
            if (picture.isPresent()) {
                picture.get().drawn().at(pdf, x + left(), y);
            }
            drawn(pdf, words, x + in, y);
        });
    }

    private void time(TaggedPdf pdf, RunSheet.Row row, double x, double y) throws IOException {
        pdf.bookmark(row.time(), y);
        pdf.tagged("H2", Optional.empty(), () -> {
            pdf.text(
                    row.time(),
                    Typeface.TEXT_BOLD,
                    setting.size() * 1.15,
                    setting.ink(Ink.CHALK),
                    x,
                    y + setting.size() * 1.1);
            pdf.text(
                    Words.say("minutes", row.minutes()),
                    Typeface.TEXT,
                    setting.size(),
                    setting.ink(Ink.CHALK),
                    x,
                    y + setting.size() * 2.4);
        });
    }

    private List<Slice> words(RunSheet.Row row, RunSheet.Place place, Setting column) {
        List<Slice> words = new ArrayList<>();
        int at = row.places().indexOf(place);
        String title = row.places().size() > 1 ? Words.say("numbered", at + 1, place.title()) : place.title();
        words.addAll(column.words("H3", "", place.mine() ? Words.say("mine", title) : title, Typeface.TEXT_BOLD));
        List<String> facts = new ArrayList<>();
        for (String fact : List.of(place.who(), place.rungs(), place.takes())) {
            if (!fact.isEmpty()) {
                facts.add(fact);
            }
        }
        if (!facts.isEmpty()) {
            words.addAll(column.words(String.join(Words.say("fact"), facts)));
        }
        place.say().stream().limit(fit.said()).forEach(s -> words.addAll(column.numbered(Setting.BULLET, s)));
        return words;
    }

    /** Who is where when: a line for each turn, a column for each place. */
    private Slice turns(RunSheet.Row row) {
        double line = setting.size() * 1.55;
        boolean rests = row.turns().stream().anyMatch(t -> !t.rest().isEmpty());
        int columns = row.places().size() + (rests ? 1 : 0);
        double wide = (setting.width() - left() - setting.size() * 4) / columns;
        return new Slice(line * (row.turns().size() + 2) + GAP, false, (pdf, x, y) -> {
            pdf.tagged(
                    "P",
                    Optional.empty(),
                    () -> pdf.text(
                            row.round(),
                            Typeface.TEXT,
                            setting.size(),
                            setting.ink(Ink.CHALK),
                            x + left(),
                            y + setting.size()));
            double first = x + left() + setting.size() * 4;
            for (int c = 0; c < columns; c++) {
                String head = c < row.places().size()
                        ? Words.say("numbered", c + 1, row.places().get(c).title())
                        : Words.say("rest");
                cut(pdf, head, Typeface.TEXT_BOLD, first + c * wide, y + line, wide - GAP);
            }
            for (int t = 0; t < row.turns().size(); t++) {
                turn(pdf, row.turns().get(t), new Cells(x + left(), first, wide, rests), y + line * (t + 2));
            }
        });
    }

    /**
     * Where the cells of a line are.
     *
     * @param time its left edge, points
     * @param first that of the first place
     * @param wide how wide one is
     */
    private record Cells(double time, double first, double wide, boolean rests) {}

    private void turn(TaggedPdf pdf, RunSheet.Turn turn, Cells cells, double y) throws IOException {
        cut(pdf, turn.time(), Typeface.TEXT_BOLD, cells.time(), y, setting.size() * 4);
        List<String> there = new ArrayList<>(turn.there());
        if (cells.rests()) {
            there.add(turn.rest());
        }
        for (int c = 0; c < there.size(); c++) {
            String who = there.get(c);
            double left = cells.first() + c * cells.wide();
            if (!who.isEmpty()) {
                pdf.unsaid(() -> pdf.fill(
                        new Rectangle2D.Double(left, y, cells.wide() - 3, setting.size() * 1.35), colour(who)));
                cut(pdf, who, Typeface.TEXT, left + 3, y, cells.wide() - GAP);
            }
        }
    }

    /** Words in one line, cut where there is no room for all of them. */
    private void cut(TaggedPdf pdf, String words, Typeface face, double x, double y, double wide) throws IOException {
        String shown = words;
        while (shown.length() > 1 && Lines.width(shown, face, setting.size()) > wide) {
            shown = shown.substring(0, shown.length() - 2).strip() + Words.say("cut");
        }
        String line = shown;
        pdf.tagged(
                "P",
                Optional.empty(),
                () -> pdf.text(line, face, setting.size(), setting.ink(Ink.CHALK), x, y + setting.size()));
    }
}
