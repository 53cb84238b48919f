package app.yunque.alignment;

import app.yunque.measure.Asks;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Told;

/**
 * Toe of steered wheels and the turns of the track rod that correct it: toe is the rear less the front distance at hub height, a length ΔL changes it by d ΔL/a. Source: geometry for
 * small angles.
 *
 * @param toeMm    toe (mm), plus is toe-in
 * @param wheelDeg angle of each wheel (degrees)
 * @param turns    turns of the track rod, plus makes it longer
 * @param told     words
 */
public record WheelToe(double toeMm, double wheelDeg, double turns, Told told) {
    public static final Range DISTANCE =
            Range.of("rearMm", "distance of the rims", 50, 10_000, "mm");
    public static final Range RIM =
            Range.of("rimMm", "diameter where it is measured", 50, 3000, "mm");
    public static final Range ARM = Range.of("armMm", "steering arm", 10, 1000, "mm");
    public static final Range WANTED = Range.of("wantedMm", "wanted toe", -50, 50, "mm");
    public static final Range PITCH = Range.of("pitchMm", "pitch of the track rod", 0.5, 6, "mm");

    /**
     * @param rearMm   distance of the rims behind (mm)
     * @param frontMm  distance of the rims in front (mm)
     * @param rimMm    diameter where it is measured (mm)
     * @param wantedMm wanted toe (mm)
     * @param armMm    a (mm)
     * @param pitchMm  pitch of the track rod (mm)
     * @param bothEnds true with a left-hand and a right-hand end
     */
    @PublicRule(
            at = "alignment/toe",
            title = "Toe of steered wheels",
            says = "Toe-in and the turns of the track rod that correct it.",
            sets = {"S-15"})
    public static WheelToe of(
            double rearMm,
            @Asks("distance of the rims in front") double frontMm,
            double rimMm,
            double wantedMm,
            double armMm,
            double pitchMm,
            @Asks("left-hand and right-hand ends") boolean bothEnds) {
        Refused.ifAny(
                DISTANCE.judge(rearMm),
                DISTANCE.named("frontMm", "distance of the rims in front").judge(frontMm),
                RIM.judge(rimMm),
                WANTED.judge(wantedMm),
                ARM.judge(armMm),
                PITCH.judge(pitchMm));
        double toe = rearMm - frontMm;
        if (Math.abs(toe) > rimMm) {
            throw Refused.because(
                    "frontMm",
                    "A toe of %s mm is more than the rim. Measure both distances again."
                            .formatted(PlainDigits.exact(toe)));
        }
        double angle = Math.toDegrees(Math.asin(toe / (2 * rimMm)));
        double turns = (toe - wantedMm) * armMm / rimMm / (bothEnds ? 2 * pitchMm : pitchMm);
        var told =
                Told.of("geometry for small angles")
                        .figure("toeMm", "toe, plus is toe-in", toe, "mm", 1)
                        .figure("wheelDeg", "each wheel", angle, "°", 2)
                        .figure("turns", "turns of the track rod", Math.abs(turns), "", 2)
                        .line("rear − front", "%s mm", PlainDigits.exact(toe))
                        .line(
                                "(toe − wanted) a / (d × pitch)",
                                "%s turns",
                                PlainDigits.rounded(Math.abs(turns), 3))
                        .warn(
                                "Which way it goes, a trial half turn tells: it depends on where the arm lies. Turn the wheels half round, measure again, and take the mean. The machine stands, chocked.")
                        .saying(
                                "Toe %s mm; %s turns of the rod to %s."
                                        .formatted(
                                                PlainDigits.exact(toe),
                                                PlainDigits.rounded(Math.abs(turns), 2),
                                                PlainDigits.exact(wantedMm)));
        return new WheelToe(toe, angle, turns, told);
    }
}
