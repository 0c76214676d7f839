package wildchalk.handout.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Progress;
import wildchalk.storage.format.DrillWriter;

/** The drill itself, all rungs of it, as an open file. */
public final class DrillFile implements HandOut {

    @Override
    public String ending() {
        return "json";
    }

    @Override
    public String words() {
        return "Drill file (JSON)";
    }

    @Override
    public String about() {
        return "All of the drill, for another copy of the program. This is how it begins:";
    }

    @Override
    public Set<Wish> wishes() {
        return Set.of();
    }

    @Override
    public void write(Order order, Path file, Progress progress) throws IOException {
        Files.writeString(file, DrillWriter.write(order.drill()));
        progress.step(1);
    }
}
