package wildchalk.desktop;

import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.image.Image;

/** The program's own icon, as the system shows it beside its window. */
final class AppIcon {

    private static final int[] SIZES = {16, 32, 48, 64, 128, 256};

    private AppIcon() {}

    /** In every size that a system may ask for. */
    static List<Image> sizes() {
        return IntStream.of(SIZES)
                .mapToObj(s -> new Image(AppIcon.class.getResourceAsStream("icon/wild-chalk-" + s + ".png")))
                .toList();
    }
}
