package app.yunque.fastener;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * Diameters and stress area of a thread: H = √3/2 P, d₂ = d − 3/4 H, d₁ = d − 5/4 H, d₃ = d − 17/12 H, A_s = π/4 ((d₂ + d₃)/2)². Of an inch thread
 * A_s = π/4 (d − 0.9743/n)². Source: ISO 68-1, ISO 724, ISO 898-1, ASME B1.1, from memory.
 *
 * @param thread        as a drawing names it
 * @param pitchDiaMm    d₂ (mm)
 * @param minorDiaMm    d₁ of the nut (mm)
 * @param rootDiaMm     d₃ of the screw (mm)
 * @param stressAreaMm2 A_s (mm²)
 * @param told          the same in words
 */
public record ThreadSection(
        ScrewThread thread,
        double pitchDiaMm,
        double minorDiaMm,
        double rootDiaMm,
        double stressAreaMm2,
        Told told) {
    private static final double INCH_MM = 25.4;
    private static final double INCH_FACTOR = 0.9743;

    /**
     * @param thread as a drawing names it: "M10", "1/2-13"
     * @throws Refused for a pipe, trapezoidal or special thread
     */
    @PublicRule(
            at = "fastener/thread",
            title = "A thread and its stress area",
            says = "Diameters and stress area of a metric or unified thread.")
    public static ThreadSection of(
            @Asks(value = "thread", hint = "M10, M12×1.5, 3/8-16.") String thread) {
        var read = ScrewThread.of(thread);
        var diameter = read.diameterMm();
        var pitch = read.pitchMm();
        if (diameter == null || pitch == null || read.name().startsWith("Tr")) {
            throw Refused.because(
                    "thread",
                    "%s is no fastening thread with a stress area. Enter a metric or unified one."
                            .formatted(read.name()));
        }
        double height = Math.sqrt(3) / 2 * pitch;
        double pitchDia = diameter - 0.75 * height;
        double rootDia = diameter - 17.0 / 12 * height;
        boolean metric = read.name().startsWith("M");
        double across = metric ? (pitchDia + rootDia) / 2 : diameter - INCH_FACTOR * pitch;
        double area = Math.PI / 4 * across * across;
        double minor = diameter - 1.25 * height;
        var told =
                Told.of("ISO 68-1, ISO 724, ISO 898-1, ASME B1.1, from memory")
                        .mm("diameterMm", "nominal diameter", diameter)
                        .mm("pitchMm", "pitch", pitch)
                        .mm("pitchDiaMm", "pitch diameter", pitchDia)
                        .mm("minorDiaMm", "minor diameter of the nut", minor)
                        .mm("rootDiaMm", "root diameter of the screw", rootDia)
                        .figure("stressAreaMm2", "stress area", area, "mm²", 2)
                        .line(
                                metric ? "A_s = π/4 ((d₂ + d₃)/2)²" : "A_s = π/4 (d − 0.9743/n)²",
                                "%s mm²",
                                PlainDigits.rounded(area, 3))
                        .saying(
                                "%s: %s mm² of stress area%s."
                                        .formatted(
                                                read.name(),
                                                PlainDigits.rounded(area, 1),
                                                metric
                                                        ? ""
                                                        : ", %s threads an inch"
                                                                .formatted(
                                                                        PlainDigits.exact(
                                                                                Math.round(
                                                                                                10
                                                                                                        * INCH_MM
                                                                                                        / pitch)
                                                                                        / 10.0))));
        return new ThreadSection(read, pitchDia, minor, rootDia, area, told);
    }
}
