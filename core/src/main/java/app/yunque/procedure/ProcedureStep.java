package app.yunque.procedure;

import app.yunque.inspection.Circumstance;
import app.yunque.inspection.UnitKind;
import app.yunque.route.Station;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * One step of setting or of proving.
 *
 * @param id       its name, the same for ever: "P-19"
 * @param at       the station it is made at
 * @param what     what is done
 * @param after    names of the steps it comes after; empty where it depends on none
 * @param target   what it is set to, in words; empty where the limit says it
 * @param doneWhen when it is done, in words; empty where the limit says it
 * @param by       how it is answered
 * @param measured what is measured, in words; empty where a yes or no answers it
 * @param unit     of what is measured; empty where nothing is
 * @param limits   limits of what is measured, by kind of unit; those of every kind under none
 * @param without  who may sign without it
 * @param never    circumstances in which nobody may
 * @param fixed    circumstances in which what it tries cannot be missing on the unit
 * @param reopens  stations that a failure opens again
 * @param source   where limit and step come from
 * @param caution  what can hurt somebody here; empty where nothing does
 */
public record ProcedureStep(
        String id,
        Station at,
        String what,
        List<String> after,
        String target,
        String doneWhen,
        By by,
        String measured,
        String unit,
        StepLimits limits,
        Without without,
        Set<Circumstance> never,
        Set<Circumstance> fixed,
        Set<Station> reopens,
        String source,
        String caution) {

    /** In every circumstance. */
    static final Set<Circumstance> ALWAYS =
            Collections.unmodifiableSet(EnumSet.allOf(Circumstance.class));

    /** How a step is answered. */
    public enum By {
        /** By a yes or a no, with a value where there is one. */
        YES,
        /** By a value against its limit. */
        VALUE,
        /** By the backlash of every mesh, measured after the rebuild. */
        BACKLASH,
        /** By the contact of the meshes. */
        CONTACT,
        /** By the temperature of the run. */
        RUN
    }

    /** Who may sign without a step. */
    public enum Without {
        NOBODY,
        LEAD
    }

    /**
     * @param least  the least that passes; null where there is none
     * @param most   the most that passes; null where there is none
     * @param byKind the most on some kinds of unit
     */
    public record StepLimits(
            @Nullable Double least, @Nullable Double most, Map<UnitKind, Double> byKind) {
        static final StepLimits NONE = new StepLimits(null, null, Map.of());

        public StepLimits {
            byKind = Map.copyOf(byKind);
        }

        /** True where neither a least nor a most is known. */
        public boolean isNone() {
            return least == null && most == null;
        }

        /** The maker's in the place of each that he gives; the other stays. */
        StepLimits overruledBy(@Nullable Double makersLeast, @Nullable Double makersMost) {
            return new StepLimits(
                    makersLeast == null ? least : makersLeast,
                    makersMost == null ? most : makersMost,
                    Map.of());
        }

        String inWords(String unit) {
            if (least == null) {
                return "at most " + ProcedureList.digits(most) + unit;
            }
            return most == null
                    ? "at least " + ProcedureList.digits(least) + unit
                    : ProcedureList.digits(least) + " to " + ProcedureList.digits(most) + unit;
        }

        /** The strictest of the kinds. */
        StepLimits on(List<UnitKind> kinds) {
            var most =
                    kinds.stream()
                            .map(byKind::get)
                            .filter(java.util.Objects::nonNull)
                            .min(Double::compare)
                            .orElse(this.most);
            return new StepLimits(least, most, Map.of());
        }
    }

    public ProcedureStep {
        after = List.copyOf(after);
        never = Set.copyOf(never);
        fixed = Set.copyOf(fixed);
        reopens = Set.copyOf(reopens);
    }

    /** Whether a unit may have nothing that this step tries. */
    boolean mayBeMissing(Set<Circumstance> circumstances) {
        return !fixed.equals(ALWAYS) && fixed.stream().noneMatch(circumstances::contains);
    }

    /** The same step with the limits of some kinds of unit. */
    ProcedureStep on(List<UnitKind> kinds) {
        return new ProcedureStep(
                id,
                at,
                what,
                after,
                target,
                doneWhen,
                by,
                measured,
                unit,
                limits.on(kinds),
                without,
                never,
                fixed,
                reopens,
                source,
                caution);
    }

    /** The limit in words: "at most 1 mm"; empty where none is known. */
    public String limitInWords() {
        return limits.isNone() ? "" : limits.inWords(counted());
    }

    /** What a value is in, or of: " mm", " drops"; empty where nothing is measured. */
    String counted() {
        var of = unit.isEmpty() ? measured : unit;
        return of.isEmpty() ? "" : " " + of;
    }

    /** Who may sign without it in some circumstances. */
    Without without(Set<Circumstance> circumstances) {
        return never.stream().anyMatch(circumstances::contains) ? Without.NOBODY : without;
    }
}
