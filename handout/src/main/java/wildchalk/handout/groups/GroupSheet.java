package wildchalk.handout.groups;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Optional;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import wildchalk.core.colour.Bib;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.handout.pdf.TaggedPdf;
import wildchalk.storage.people.PeopleWriter;

/** The ways in which a list of groups goes out. */
public enum GroupSheet {
    /** Large, for the wall: A4 across. */
    WALL("pdf") {
        @Override
        public void write(GroupList list, Path file) throws IOException {
            GroupSheet.wall(list, file);
        }
    },
    /** To be read aloud or put into a message. */
    ALOUD("txt") {
        @Override
        public void write(GroupList list, Path file) throws IOException {
            Files.writeString(file, GroupSheet.aloud(list), StandardCharsets.UTF_8);
        }
    },
    /** As dots, for a message. */
    PICTURE("png") {
        @Override
        public void write(GroupList list, Path file) throws IOException {
            if (!ImageIO.write(GroupSheet.picture(list, DOTS), "png", file.toFile())) {
                throw new IOException("png");
            }
        }
    },
    /** As a table with a line for each of them. */
    TABLE("csv") {
        @Override
        public void write(GroupList list, Path file) throws IOException {
            Files.writeString(
                    file,
                    PeopleWriter.groups(list.groups().stream()
                            .collect(Collectors.toMap(
                                    GroupList.Group::name, GroupList.Group::people, (a, b) -> a, LinkedHashMap::new))),
                    StandardCharsets.UTF_8);
        }
    };

    private static final double LONG = 841.89;
    private static final double SHORT = 595.28;
    private static final int DOTS = 1600;

    private final String ending;

    GroupSheet(String ending) {
        this.ending = ending;
    }

    /** Of its files: "pdf". */
    public String ending() {
        return ending;
    }

    /**
     * Writes it.
     *
     * @throws IOException when the file cannot be written
     */
    public abstract void write(GroupList list, Path file) throws IOException;

    /** "Coral: Ada, Bo", a line for each group under the title. */
    public static String aloud(GroupList list) {
        return list.title() + "\n"
                + list.groups().stream()
                        .map(g -> g.name() + ": " + String.join(", ", g.people()) + "\n")
                        .collect(Collectors.joining());
    }

    private static void wall(GroupList list, Path file) throws IOException {
        WallLayout layout = WallLayout.of(list, LONG, SHORT);
        TaggedPdf pdf = TaggedPdf.begin(list.title(), LONG, SHORT);
        try {
            pdf.page();
            pdf.unsaid(() -> {
                for (WallLayout.Band band : layout.bands()) {
                    pdf.fill(band.area(), bright(band.bib()));
                }
            });
            Color ink = ink();
            int before = -2;
            for (WallLayout.Line line : layout.lines()) {
                boolean first = line.group() != before;
                before = line.group();
                String head = line.group() < 0 ? "H1" : "H2";
                pdf.tagged(
                        first ? head : "P",
                        Optional.empty(),
                        () -> pdf.text(line.words(), line.face(), line.size(), ink, line.x(), line.y()));
            }
            pdf.save(file);
        } finally {
            pdf.close();
        }
    }

    /**
     * The same as on the wall, as a picture.
     *
     * @param width dots
     */
    public static BufferedImage picture(GroupList list, int width) {
        int height = (int) Math.round(width * SHORT / LONG);
        WallLayout layout = WallLayout.of(list, width, height);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        try {
            g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
            g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
            g.setPaint(Color.WHITE);
            g.fillRect(0, 0, width, height);
            for (WallLayout.Band band : layout.bands()) {
                g.setPaint(bright(band.bib()));
                g.fill(band.area());
            }
            g.setPaint(ink());
            for (WallLayout.Line line : layout.lines()) {
                g.setFont(line.face().fontFor(line.words(), (float) line.size()));
                g.drawString(line.words(), (float) line.x(), (float) line.y());
            }
        } finally {
            g.dispose();
        }
        return image;
    }

    /** Bibs are as bright as on slate: what is written on them is dark. */
    private static Color bright(Bib bib) {
        return new Color(Look.SLATE.colour(Ink.of(bib)));
    }

    private static Color ink() {
        return new Color(Look.PAPER.colour(Ink.CHALK));
    }
}
