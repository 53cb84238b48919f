package app.yunque.fit;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;
import app.yunque.measure.Verdict;

/**
 * How hot a ring, hub or case must be to drop on its seat: T = T_room + (I + c)/(α d), with c to slide by, the larger of 0.001 d and 0.02 mm.
 * What the ring may not be heated to is taken off the shaft by cooling. Source: linear expansion; slide and caps common practice, no source, the
 * maker's win.
 *
 * @param heatToDegC   to which it is heated (°C), never over its cap
 * @param coolShaftByK how much the shaft is cooled beside (K); 0 where heating alone does
 * @param capDegC      hottest it may get (°C)
 * @param told         verdict and words
 */
public record MountingHeat(double heatToDegC, double coolShaftByK, double capDegC, Told told) {
    public static final Range DIAMETER =
            Range.of("diameterMm", "diameter of the seat", 1, 2000, "mm");
    public static final Range INTERFERENCE =
            Range.of("interferenceMm", "interference", 0, 2, "mm")
                    .advising("Without interference it slides on cold.");
    public static final Range ROOM = Range.of("roomDegC", "temperature of the shop", -20, 50, "°C");
    private static final double SLIDE_OF_DIAMETER = 0.001;
    private static final double LEAST_SLIDE_MM = 0.02;
    private static final double DRY_ICE_DEG_C = -70;

    /** What is heated, and how hot it may get. */
    public enum Heated {
        OPEN_BEARING("an open bearing", SeatMaterial.BEARING_STEEL, 120),
        SEALED_BEARING(
                "a sealed, greased or plastic-caged bearing", SeatMaterial.BEARING_STEEL, 80),
        HARDENED_GEAR("a hardened gear", SeatMaterial.STEEL, 150),
        STEEL_HUB("a hub of steel", SeatMaterial.STEEL, SeatMaterial.STEEL.hottestDegC()),
        IRON_CASE(
                "a case of cast iron",
                SeatMaterial.CAST_IRON,
                SeatMaterial.CAST_IRON.hottestDegC()),
        ALUMINIUM_CASE(
                "a case of aluminium, seals out",
                SeatMaterial.ALUMINIUM,
                SeatMaterial.ALUMINIUM.hottestDegC()),
        BRONZE_RIM("a rim of bronze", SeatMaterial.BRONZE, SeatMaterial.BRONZE.hottestDegC());

        private final String words;
        private final SeatMaterial material;
        private final double capDegC;

        Heated(String words, SeatMaterial material, double capDegC) {
            this.words = words;
            this.material = material;
            this.capDegC = capDegC;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param diameterMm     d of the seat (mm)
     * @param interferenceMm I (mm)
     * @param heated         what is heated
     * @param roomDegC       temperature of the shop (°C)
     */
    @PublicRule(
            at = "fit/mounting-heat",
            title = "Heat to mount",
            says =
                    "How hot a bearing, gear or case must be to drop on, how hot it may be, and what the cold shaft has to give.",
            sets = {"S-01"})
    public static MountingHeat of(
            double diameterMm,
            double interferenceMm,
            @Asks("heated is") Heated heated,
            double roomDegC) {
        Refused.ifAny(
                DIAMETER.judge(diameterMm),
                INTERFERENCE.judge(interferenceMm),
                ROOM.judge(roomDegC));
        double slide = Math.max(SLIDE_OF_DIAMETER * diameterMm, LEAST_SLIDE_MM);
        double wanted = (interferenceMm + slide) / diameterMm;
        double needed = roomDegC + wanted / heated.material.expansionPerK();
        double heat = Math.min(needed, heated.capDegC);
        double missing = wanted - (heat - roomDegC) * heated.material.expansionPerK();
        double cool = needed > heat ? missing / SeatMaterial.STEEL.expansionPerK() : 0;
        boolean never = roomDegC - cool < DRY_ICE_DEG_C;
        var told =
                Told.of(
                                "linear expansion; slide and caps common practice, no source; the maker's win")
                        .verdict(never ? Verdict.CLEAR_FAIL : Verdict.NOT_JUDGED)
                        .figure("heatToDegC", "heat it to", heat, "°C", 0)
                        .figure("coolShaftByK", "cool the shaft by", cool, "K", 0)
                        .figure("neededDegC", "heat alone would take", needed, "°C", 0)
                        .figure("capDegC", "hottest it may get", heated.capDegC, "°C", 0)
                        .mm("slideMm", "to slide by", slide)
                        .warnIf(
                                never,
                                "Heat and dry ice together do not open it enough: press it, or measure the two again.")
                        .warnIf(
                                cool > 0 && !never,
                                "Cooled parts burn the skin and draw water: gloves, fresh air, dry the seat at once.")
                        .warn(
                                "Gloves and eye protection. Never a naked flame; solvents, rags and seals away from the heat; an induction heater keeps its distance from pacemakers.")
                        .line(
                                "T = T_room + (I + c) / (α d)",
                                "%s + (%s + %s) / (%s × 10⁻⁶ × %s) = %s °C",
                                PlainDigits.exact(roomDegC),
                                PlainDigits.exact(interferenceMm),
                                PlainDigits.rounded(slide, 3),
                                PlainDigits.exact(heated.material.expansionPerK() * 1e6),
                                PlainDigits.exact(diameterMm),
                                PlainDigits.rounded(needed, 0))
                        .saying(
                                never
                                        ? "Not by heat: %s °C would be needed, %s may not be over %s °C."
                                                .formatted(
                                                        PlainDigits.rounded(needed, 0),
                                                        heated.words,
                                                        PlainDigits.exact(heated.capDegC))
                                        : cool > 0
                                                ? "Heat it to %s °C, no more, and cool the shaft by %s K; or press it."
                                                        .formatted(
                                                                PlainDigits.rounded(heat, 0),
                                                                PlainDigits.rounded(cool, 0))
                                                : "Heat it to %s °C, hold it against its shoulder until it grips."
                                                        .formatted(PlainDigits.rounded(heat, 0)));
        return new MountingHeat(heat, cool, heated.capDegC, told);
    }
}
