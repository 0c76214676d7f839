package wildchalk.core.deed;

import jakarta.json.Json;
import jakarta.json.JsonNumber;
import jakarta.json.JsonObject;
import jakarta.json.JsonReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Travel;

/** The words that each sport has for what its people do; a sport is known by its ball. */
public final class Deeds {

    /** By ball. */
    private static final Map<String, List<Deed>> ALL = load();

    private static final ActionCases<Optional<Deed.Kind>> KIND = new ActionCases.Families<>() {
        @Override
        public Optional<Deed.Kind> travel(Travel travel) {
            if (travel instanceof Travel.Carry) {
                return Optional.of(Deed.Kind.CARRY);
            }
            return Optional.of(travel instanceof Travel.Collect ? Deed.Kind.COLLECT : Deed.Kind.RUN);
        }

        @Override
        public Optional<Deed.Kind> delivery(Action.Delivery delivery) {
            return Optional.of(delivery instanceof Action.Pass ? Deed.Kind.PASS : Deed.Kind.SHOT);
        }

        @Override
        public Optional<Deed.Kind> shadow(Shadow shadow) {
            return Optional.empty();
        }

        @Override
        public Optional<Deed.Kind> hold(Hold hold) {
            return Optional.empty();
        }

        @Override
        public Optional<Deed.Kind> call(Action.Call call) {
            return Optional.empty();
        }

        @Override
        public Optional<Deed.Kind> blow(Action.Blow blow) {
            return Optional.empty();
        }

        @Override
        public Optional<Deed.Kind> playOn(PlayOn play) {
            return Optional.empty();
        }

        @Override
        public Optional<Deed.Kind> handle(Action.Handle handle) {
            return Optional.empty();
        }

        @Override
        public Optional<Deed.Kind> act(Act act) {
            return Optional.empty();
        }

        @Override
        public Optional<Deed.Kind> contest(Contest contest) {
            return Optional.empty();
        }
    };

    private Deeds() {}

    /**
     * All that there are with a ball, in the order in which they are offered; none where the sport has no own words.
     */
    public static List<Deed> of(String ball) {
        return ALL.getOrDefault(ball, List.of());
    }

    /** Those of which an action can be one. */
    public static List<Deed> of(String ball, Action action) {
        return action.match(KIND)
                .map(k -> of(ball).stream().filter(d -> d.of() == k).toList())
                .orElse(List.of());
    }

    /**
     * What an action is called, where the sport of a ball knows it; empty for one that is called nothing, or unknown.
     */
    public static Optional<Deed> called(String ball, Action action) {
        return action.called()
                .flatMap(c ->
                        of(ball, action).stream().filter(d -> d.id().equals(c)).findFirst());
    }

    private static Map<String, List<Deed>> load() {
        Map<String, List<Deed>> all = new HashMap<>();
        try (JsonReader reader = Json.createReader(Deeds.class.getResourceAsStream("deeds.json"))) {
            reader.readObject().getJsonObject("balls").forEach((ball, table) -> {
                List<Deed> deeds = new ArrayList<>();
                table.asJsonObject().forEach((id, row) -> deeds.add(deed(id, row.asJsonObject())));
                all.put(ball, List.copyOf(deeds));
            });
        }
        return Map.copyOf(all);
    }

    private static Deed deed(String id, JsonObject row) {
        return new Deed(
                id,
                Deed.Kind.valueOf(row.getString("of").toUpperCase(Locale.ROOT)),
                row.getString("verb"),
                row.containsKey("manner")
                        ? Optional.of(Action.Manner.valueOf(
                                row.getString("manner").toUpperCase(Locale.ROOT).replace('-', '_')))
                        : Optional.empty(),
                new Deed.Flight(number(row, "launch"), degrees(row)));
    }

    private static OptionalDouble degrees(JsonObject row) {
        OptionalDouble degrees = number(row, "angle");
        return degrees.isPresent() ? OptionalDouble.of(Math.toRadians(degrees.getAsDouble())) : degrees;
    }

    private static OptionalDouble number(JsonObject row, String key) {
        JsonNumber number = row.getJsonNumber(key);
        return number == null ? OptionalDouble.empty() : OptionalDouble.of(number.doubleValue());
    }
}
