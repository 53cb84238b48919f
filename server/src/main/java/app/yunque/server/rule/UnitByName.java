package app.yunque.server.rule;

import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What the name of a value tells: the unit it ends in, and the words before it. The convention of the core. */
final class UnitByName {
    private static final Map<String, String> BY_ENDING =
            Map.ofEntries(
                    Map.entry("Mm", "mm"),
                    Map.entry("Um", "µm"),
                    Map.entry("Nm", "N·m"),
                    Map.entry("N", "N"),
                    Map.entry("Mpa", "MPa"),
                    Map.entry("DegC", "°C"),
                    Map.entry("Deg", "degrees"),
                    Map.entry("Rad", "rad"),
                    Map.entry("AngleMin", "′"),
                    Map.entry("K", "K"),
                    Map.entry("Rpm", "min⁻¹"),
                    Map.entry("Percent", "%"),
                    Map.entry("Kw", "kW"),
                    Map.entry("W", "W"),
                    Map.entry("Hz", "Hz"),
                    Map.entry("Cm3", "cm³"),
                    Map.entry("M2", "m²"),
                    Map.entry("G", "g"),
                    Map.entry("L", "L"),
                    Map.entry("Litres", "L"),
                    Map.entry("MPerS", "m/s"),
                    Map.entry("Kg", "kg"));

    private UnitByName() {}

    /** The unit; empty where the name ends in none. */
    static String of(String name) {
        return ending(name).map(BY_ENDING::get).orElse("");
    }

    /** "changeMm" is "change", "warmNormalMm" is "warm normal". */
    static String label(String name) {
        var bare =
                ending(name).map(e -> name.substring(0, name.length() - e.length())).orElse(name);
        var words = (bare.isEmpty() ? name : bare).replaceAll("([a-z0-9])([A-Z])", "$1 $2");
        return words.toLowerCase(Locale.ROOT);
    }

    private static Optional<String> ending(String name) {
        return BY_ENDING.keySet().stream()
                .filter(e -> name.endsWith(e) || name.equals(e.toLowerCase(Locale.ROOT)))
                .max(Comparator.comparingInt(String::length));
    }
}
