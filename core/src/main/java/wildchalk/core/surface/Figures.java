package wildchalk.core.surface;

import jakarta.json.JsonNumber;
import jakarta.json.JsonString;
import jakarta.json.JsonValue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.objecthunter.exp4j.ExpressionBuilder;
import net.objecthunter.exp4j.function.Function;

/** Works out the figures of a surface file: numbers, and sums over the sizes and figures that the file names. */
final class Figures {

    private static final List<Function> FUNCTIONS = List.of(
            degrees("acosd", Math::acos), degrees("asind", Math::asin), two("min", Math::min), two("max", Math::max));

    private final Map<String, Double> known = new HashMap<>();

    private interface Angle {
        double radians(double share);
    }

    private static Function degrees(String name, Angle angle) {
        return new Function(name, 1) {
            @Override
            public double apply(double... args) {
                return Math.toDegrees(angle.radians(args[0]));
            }
        };
    }

    private static Function two(String name, java.util.function.DoubleBinaryOperator operator) {
        return new Function(name, 2) {
            @Override
            public double apply(double... args) {
                return operator.applyAsDouble(args[0], args[1]);
            }
        };
    }

    /** Names a figure that later sums may use; hyphens in its name are left out there. */
    void put(String name, double value) {
        known.put(name.replace("-", ""), value);
    }

    /**
     * The value of a figure, in the unit of the file.
     *
     * @throws SurfaceFault when it is no number and no sum over what is known
     */
    double value(JsonValue figure, String pointer) throws SurfaceFault {
        if (figure instanceof JsonNumber number) {
            return number.doubleValue();
        }
        if (!(figure instanceof JsonString text)) {
            throw new SurfaceFault(pointer, "a number or a sum such as \"X - 11\" should stand here");
        }
        double value;
        try {
            value = new ExpressionBuilder(text.getString())
                    .variables(known.keySet())
                    .functions(new ArrayList<>(FUNCTIONS))
                    .build()
                    .setVariables(known)
                    .evaluate();
        } catch (IllegalArgumentException | ArithmeticException | java.util.EmptyStackException e) {
            throw new SurfaceFault(
                    pointer,
                    "\"" + text.getString() + "\" cannot be worked out; the names that may be " + "used here are "
                            + String.join(", ", known.keySet().stream().sorted().toList()));
        }
        if (!Double.isFinite(value)) {
            throw new SurfaceFault(pointer, "\"" + text.getString() + "\" gives no number with these sizes");
        }
        return value;
    }
}
