package wildchalk.handout.setout;

import java.io.IOException;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Set;
import wildchalk.core.setout.SetOut;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.Progress;

/** The set-out sheet alone, for whoever puts the gear down. */
public final class SetOutSheet implements HandOut {

    @Override
    public String ending() {
        return "pdf";
    }

    @Override
    public String words() {
        return "Set-out sheet (PDF)";
    }

    @Override
    public String about() {
        return "For whoever puts the gear down.";
    }

    @Override
    public Set<Wish> wishes() {
        return EnumSet.of(Wish.ONE_RUNG, Wish.UNITS);
    }

    @Override
    public void write(Order order, Path file, Progress progress) throws IOException {
        Played rung = Played.of(order).get(0);
        new SheetPages(
                        order.drill(),
                        rung.through(),
                        SetOut.of(rung.stage(), rung.surface(), order.units(), order.handful()),
                        order.units())
                .write(file);
        progress.step(1);
    }
}
