package app.yunque.backlash;

import static app.yunque.measure.Working.line;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.List;

/**
 * Lost motion of a slide, split over screw, nut, thrust bearing and drive.
 *
 * <p>T at the busiest place, E the same at the little-used end of the screw, F the axial float of the screw's end, H what
 * handwheel, key and gears give: screw wear T − E, nut E − F − H, thrust F, drive H; the four make T. Source: derived.
 *
 * @param screwMm   local wear of the screw (mm)
 * @param nutMm     wear of the nut with its running clearance (mm)
 * @param thrustMm  thrust float (mm)
 * @param driveMm   slack of the drive (mm)
 * @param divisions dial divisions that are lost
 * @param degrees   handwheel turn that is lost (degrees)
 * @param biggest   which part to mend first
 * @param working   formula and numbers
 */
public record ScrewAndNut(
        double screwMm,
        double nutMm,
        double thrustMm,
        double driveMm,
        double divisions,
        double degrees,
        String biggest,
        Working working) {
    public static final Range LOST = Range.of("busyMm", "lost motion", 0, 50, "mm");
    public static final Range LEAD = Range.of("leadMm", "lead of the screw", 0.1, 100, "mm");
    public static final Range DIVISIONS =
            Range.count("divisionsPerTurn", "dial divisions a turn", 1, 2000);
    public static final Range FLANK =
            Range.of("flankAngleDeg", "flank angle of the thread", 1, 45, "degrees");

    /**
     * @param busyMm           T, slide reversed at the busiest place (mm)
     * @param endMm            E, at the little-used end of the screw (mm)
     * @param floatMm          F, axial float of the screw's end (mm)
     * @param driveMm          H, slack of handwheel, key and gears as travel (mm)
     * @param leadMm           lead p of the screw (mm)
     * @param divisionsPerTurn N divisions of the dial
     * @param uncertaintyMm    expanded uncertainty of one reading (mm)
     * @throws Refused when the readings contradict each other beyond their uncertainty
     */
    @PublicRule(
            at = "backlash/screw-and-nut",
            title = "Lost motion of a screw",
            says = "Which part of lost motion is nut, screw, float or drive.")
    public static ScrewAndNut of(
            double busyMm,
            double endMm,
            double floatMm,
            double driveMm,
            double leadMm,
            int divisionsPerTurn,
            double uncertaintyMm) {
        Refused.ifAny(
                LOST.judge(busyMm),
                LOST.named("endMm", "lost motion at the unused end").judge(endMm),
                LOST.named("floatMm", "thrust float").judge(floatMm),
                LOST.named("driveMm", "slack of the drive").judge(driveMm),
                LEAD.judge(leadMm),
                DIVISIONS.judge(divisionsPerTurn));
        if (endMm > busyMm + uncertaintyMm) {
            throw Refused.because(
                    "endMm",
                    "The unused end, %s mm, cannot be looser than the worn middle, %s mm. Measure both again."
                            .formatted(PlainDigits.exact(endMm), PlainDigits.exact(busyMm)));
        }
        if (floatMm + driveMm > endMm + uncertaintyMm) {
            throw Refused.because(
                    "floatMm",
                    "Thrust float and drive slack make %s mm, more than the %s mm of the unused end: the slide did not reach both stops."
                            .formatted(
                                    PlainDigits.rounded(floatMm + driveMm, 3),
                                    PlainDigits.exact(endMm)));
        }
        double screw = Math.max(0, busyMm - endMm);
        double nut = Math.max(0, endMm - floatMm - driveMm);
        return new ScrewAndNut(
                screw,
                nut,
                floatMm,
                driveMm,
                busyMm * divisionsPerTurn / leadMm,
                360 * busyMm / leadMm,
                biggest(screw, nut, floatMm, driveMm),
                new Working(
                        List.of(
                                line(
                                        "screw = T − E",
                                        "%s − %s = %s mm"
                                                .formatted(
                                                        PlainDigits.exact(busyMm),
                                                        PlainDigits.exact(endMm),
                                                        PlainDigits.rounded(screw, 3))),
                                line(
                                        "nut = E − F − H",
                                        "%s − %s − %s = %s mm"
                                                .formatted(
                                                        PlainDigits.exact(endMm),
                                                        PlainDigits.exact(floatMm),
                                                        PlainDigits.exact(driveMm),
                                                        PlainDigits.rounded(nut, 3))),
                                line(
                                        "lost divisions = T N / p",
                                        PlainDigits.rounded(
                                                busyMm * divisionsPerTurn / leadMm, 1))),
                        "derived; lead-screw practice of machine-tool rebuilding"));
    }

    /**
     * What closing a split nut radially takes up along the screw: 2 c tan φ, φ the flank angle (mm).
     *
     * @param closedMm      c, radial (mm)
     * @param flankAngleDeg φ (degrees), 15 for metric trapezoidal, 14.5 for the inch kind
     */
    @PublicRule(
            at = "backlash/split-nut",
            title = "Play of a split nut",
            says = "Axial play from how far a split nut closes.",
            source = "geometry")
    public static double axialFromClosing(double closedMm, double flankAngleDeg) {
        Refused.ifAny(
                LOST.named("closedMm", "closing of the nut").judge(closedMm),
                FLANK.judge(flankAngleDeg));
        return 2 * closedMm * Math.tan(Math.toRadians(flankAngleDeg));
    }

    private static String biggest(double screw, double nut, double thrust, double drive) {
        double most = Math.max(Math.max(screw, nut), Math.max(thrust, drive));
        if (most == 0) {
            return "nothing is lost";
        }
        if (most == screw) {
            return "the screw is worn in the middle: a new nut alone will bind at the ends";
        }
        if (most == nut) {
            return "the nut: adjust or renew it";
        }
        return most == thrust
                ? "the thrust bearing: take up its float first, it costs nothing"
                : "the drive: key, handwheel and gears";
    }
}
