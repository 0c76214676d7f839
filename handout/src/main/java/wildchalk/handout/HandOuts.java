package wildchalk.handout;

import java.util.List;
import java.util.Optional;
import wildchalk.handout.card.Card;
import wildchalk.handout.clip.Clip;
import wildchalk.handout.clip.Gif;
import wildchalk.handout.files.BundleFile;
import wildchalk.handout.files.DrillFile;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.page.Page;
import wildchalk.handout.picture.Picture;
import wildchalk.handout.picture.SvgPicture;
import wildchalk.handout.setout.SetOutSheet;
import wildchalk.handout.words.Message;

/** The kinds of hand-outs. A new one is added here, and is offered everywhere. */
public final class HandOuts {

    /** In the order in which they are offered. */
    public static final List<HandOut> ALL = List.of(
            new Card(),
            new Page(),
            new Clip(),
            new Gif(),
            new Picture(),
            new SvgPicture(),
            new SetOutSheet(),
            new Message(),
            new DrillFile(),
            new BundleFile());

    private HandOuts() {}

    /** The first kind whose files end so: "pdf". */
    public static Optional<HandOut> ending(String ending) {
        return ALL.stream().filter(h -> h.ending().equals(ending)).findFirst();
    }
}
