package wildchalk.desktop.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Set;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.Image;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.desktop.board.canvas.Thumbnail;
import wildchalk.handout.paint.PaperBrush;

/** Draws the lowest rung of a drill as it stands before the whistle; on any thread. */
public final class SmallPicture {

    private SmallPicture() {}

    /**
     * The picture.
     *
     * @param width pixels, as are all lengths here; what is shown is as large in it as can be
     */
    public static Image of(Drill drill, double width, double height) {
        Thumbnail.Ready ready = Thumbnail.Ready.of(
                drill, Ladder.build(drill, drill.ladder().get(0).id()));
        BufferedImage image =
                new BufferedImage((int) Math.round(width), (int) Math.round(height), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(Look.SLATE.colour(Ink.AROUND), true));
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        PaperBrush brush = PaperBrush.forThumbnail(
                g,
                Look.SLATE,
                PaperBrush.fit(
                        ready.board().frame(),
                        ready.surface().surroundings(),
                        new Rectangle2D.Double(0, 0, image.getWidth(), image.getHeight())));
        brush.paint(ready.still());
        brush.paint(ready.board().live(0, Set.of(), Set.of()));
        g.dispose();
        return SwingFXUtils.toFXImage(image, null);
    }
}
