package wildchalk.handout.paint;

import java.awt.font.FontRenderContext;

/** How type is measured where nothing is rounded to dots. */
public final class FontContext {

    public static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    private FontContext() {
    }
}
