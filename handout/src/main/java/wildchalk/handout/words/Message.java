package wildchalk.handout.words;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Dose;
import wildchalk.core.script.GameWords;
import wildchalk.core.script.Script;
import wildchalk.core.setout.SetOut;
import wildchalk.core.setout.Sheet;
import wildchalk.core.setout.SheetWords;
import wildchalk.core.setout.Starts;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.NeedWords;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.Progress;

/** Script and set-out as text that goes into a message. */
public final class Message implements HandOut {

    @Override
    public String ending() {
        return "txt";
    }

    @Override
    public String words() {
        return "Text for a message";
    }

    @Override
    public String about() {
        return "Script, starts and set-out, to put into a message.";
    }

    @Override
    public Set<Wish> wishes() {
        return EnumSet.of(Wish.RUNGS, Wish.WAY, Wish.UNITS);
    }

    @Override
    public void write(Order order, Path file, Progress progress) throws IOException {
        Files.writeString(file, of(order));
        progress.step(1);
    }

    /** The text. */
    public static String of(Order order) {
        List<Played> rungs = Played.of(order);
        Played lowest = rungs.get(0);
        List<String> lines = new ArrayList<>();
        lines.add(order.drill().title());
        lines.add(lowest.surface().name() + ". " + NeedWords.of(rungs));
        order.drill().cautionsOut().forEach(c -> lines.add("Take care: " + c));
        rungs.forEach(r -> rung(r, lines));
        lines.add("");
        lines.add("Who starts where");
        lines.add(SheetWords.facing(lowest.surface()));
        Starts.of(lowest.stage(), lowest.surface(), order.units())
                .forEach(s -> lines.add("- " + s.name() + ": " + s.words(order.units())));
        Sheet sheet = SetOut.of(lowest.stage(), lowest.surface(), order.units(), order.handful());
        if (!sheet.steps().isEmpty()) {
            lines.add("");
            lines.add("Set-out. " + SheetWords.summary(sheet, order.units()));
            sheet.steps()
                    .forEach(s -> lines.add(s.n() + ". " + s.name() + ": " + SheetWords.step(s, order.units()) + "."));
        }
        list("Coaching points", order.drill().points(), lines);
        list("Questions to ask", order.drill().questions(), lines);
        List<Stage> stages = rungs.stream().map(Played::stage).toList();
        list(
                GameWords.watchHeading(),
                GameWords.watched(stages, lowest.surface(), order.units().unit()),
                lines);
        return String.join("\n", lines) + "\n";
    }

    private static void rung(Played rung, List<String> lines) {
        lines.add("");
        lines.add(rung.name()
                + rung.rung().plan().dose().map(Dose::words).map(l -> ": " + l).orElse(""));
        rung.script().limits().forEach(l -> lines.add("! " + l.text()));
        lines.addAll(rung.turns());
        for (Script.Line line : rung.script().lines()) {
            if (!line.heading().isEmpty()) {
                lines.add(line.heading());
            }
            lines.add(line.marked());
        }
        rung.stage()
                .instructions(Freeze.class)
                .forEach(f -> lines.add("? " + f.question() + (f.answer().isBlank() ? "" : " (" + f.answer() + ")")));
        if (!rung.rung().plan().climb().isBlank()) {
            lines.add("Climb when " + rung.rung().plan().climbWords() + ".");
        }
    }

    private static void list(String heading, List<String> said, List<String> lines) {
        if (!said.isEmpty()) {
            lines.add("");
            lines.add(heading);
            said.forEach(s -> lines.add("- " + s));
        }
    }
}
