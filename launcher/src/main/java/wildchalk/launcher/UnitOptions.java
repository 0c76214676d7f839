package wildchalk.launcher;

import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import wildchalk.core.measure.Unit;
import wildchalk.core.measure.Units;
import wildchalk.core.setout.SetOut;

/** How lengths are said, and how much somebody carries. */
final class UnitOptions {

    @Option(names = "--unit", defaultValue = "m", paramLabel = "m|yd|ft", description = "unit of lengths")
    private String unit;

    @Option(
            names = "--pace",
            defaultValue = "" + Units.USUAL_PACE,
            paramLabel = "METRES",
            description = "length of your paces, 0.4 to 1.2 (usual: ${DEFAULT-VALUE})")
    private double pace;

    @Option(
            names = "--handful",
            defaultValue = "" + SetOut.USUAL_HANDFUL,
            paramLabel = "N",
            description = "cones that fit in a hand (usual: ${DEFAULT-VALUE})")
    private int handful;

    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    int handful() {
        return handful;
    }

    Units units() {
        for (Unit u : Unit.values()) {
            boolean sound = pace >= Units.SHORTEST_PACE && pace <= Units.LONGEST_PACE && handful >= 1;
            if (u.sign().equals(unit) && sound) {
                return new Units(u, pace);
            }
        }
        throw new ParameterException(
                spec.commandLine(), "--unit should be m, yd or ft, --pace from 0.4 to 1.2 and --handful at least 1");
    }
}
