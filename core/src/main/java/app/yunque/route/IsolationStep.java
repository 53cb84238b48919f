package app.yunque.route;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;

/**
 * What is done at one source of energy before a unit is opened, confirmed one by one. Source: principles of lock-out practice (ISO 14118, from
 * memory) and common practice; local codes, the maker's instructions and licensed practice come first.
 */
public enum IsolationStep {
    ELECTRIC_LOCKED(
            Energy.ELECTRIC, "Main switch off or plug pulled, my own lock on it, tag with my name"),
    ELECTRIC_DEAD(
            Energy.ELECTRIC,
            "Proved dead by whoever is licensed for it, the tester tried before and after"),
    BATTERY_MINUS(
            Energy.BATTERY, "Minus lead off first and taped back, nothing of metal on the battery"),
    ENGINE_PLUG(Energy.ENGINE, "Plug lead off and tied back, fuel shut"),
    ENGINE_COLD(Energy.ENGINE, "Engine and exhaust cold enough to lean on"),
    HYDRAULIC_LOWERED(Energy.HYDRAULIC, "Pump off, cylinders down or propped"),
    HYDRAULIC_ZERO(
            Energy.HYDRAULIC, "Pressure let off slowly, the gauge at zero, accumulators too"),
    AIR_SHUT(Energy.AIR, "Supply shut and locked"),
    AIR_VENTED(Energy.AIR, "Vented until nothing comes any more"),
    GRAVITY_DOWN(
            Energy.GRAVITY,
            "Load down, or hung on something else that is rated for it; nobody under it"),
    GRAVITY_BLOCKED(Energy.GRAVITY, "What can roll, drop or turn by its own weight is blocked"),
    SPRING_DOWN(Energy.SPRING, "Wound springs let down or pinned, their turns written down"),
    HEAT_COOLED(Energy.HEAT, "Cooled below 45 °C, oil too");

    private final Energy energy;
    private final String says;

    IsolationStep(Energy energy, String says) {
        this.energy = energy;
        this.says = says;
    }

    public Energy energy() {
        return energy;
    }

    public String says() {
        return says;
    }

    /** What a kept name says; a step that was taken away since is told by its name, so that the record is not lost. */
    public static String saysOf(String name) {
        return Arrays.stream(values())
                .filter(s -> s.name().equals(name))
                .map(IsolationStep::says)
                .findFirst()
                .orElse(name);
    }

    /** What has to be done at these sources, in order. */
    public static List<IsolationStep> of(Collection<Energy> sources) {
        return Arrays.stream(values()).filter(s -> sources.contains(s.energy)).toList();
    }
}
