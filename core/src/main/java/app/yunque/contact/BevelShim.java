package app.yunque.contact;

import static app.yunque.measure.Working.line;

import app.yunque.gear.BevelPair;
import app.yunque.gear.Member;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;

/**
 * Shims of a bevel pair against its backlash: an axial move Δ of a member with the pitch angle δ changes the backlash at
 * the heel by Δj_te = 2 Δ tan α_t sin δ. Source: derived; checked with a spherical-involute pair, the spiral case not.
 *
 * @param moveMm      Δ of the member, out positive (mm)
 * @param packMm      pack that does it best from the shims at hand (mm)
 * @param shims       the shims to put in (mm), thickest first
 * @param predictedMm j_te with that pack (mm)
 * @param otherMoveMm how far the other member may go to keep the backlash, −Δ sin δ/sin δ′ (mm)
 * @param warnings    when no stack comes close
 * @param working     formula and numbers
 */
public record BevelShim(
        double moveMm,
        double packMm,
        List<Double> shims,
        double predictedMm,
        double otherMoveMm,
        List<String> warnings,
        Working working) {
    public static final Range BACKLASH =
            Range.of("backlashMm", "backlash at the heel", 0, 20, "mm");
    public static final Range PACK = Range.of("packMm", "shim pack", 0, 20, "mm");
    public static final Range SHIM = Range.of("shimsMm", "shim", 0.01, 10, "mm");
    public static final Range SHIMS = Range.count("shimsMm", "number of shims at hand", 1, 14);
    private static final double CLOSE_SHARE = 0.15;

    /** Change of j_te for a move of a member (mm), out positive. */
    public static double backlashChangeMm(BevelPair pair, Member member, double moveMm) {
        return 2
                * moveMm
                * Math.tan(pair.transversePressureAngleRad())
                * Math.sin(pair.pitchAngleRad(member));
    }

    /**
     * @param pair      the pair
     * @param member    the member whose shims are changed
     * @param nowMm     j_te now (mm)
     * @param wantedMm  j_te wanted (mm)
     * @param packMm    pack in place now, which moves the member out when it grows (mm)
     * @param shimsMm   shims at hand, each once (mm), 1 to 14 of them, those of the pack included
     */
    @PublicRule(
            at = "contact/bevel-shim",
            title = "Shim of a bevel gear",
            says = "Which pack gives a backlash, and what the other gear would need.")
    public static BevelShim of(
            BevelPair pair,
            Member member,
            double nowMm,
            double wantedMm,
            double packMm,
            List<Double> shimsMm) {
        Refused.ifAny(
                BACKLASH.judge(nowMm),
                BACKLASH.named("wantedMm", "backlash wanted").judge(wantedMm),
                PACK.judge(packMm),
                SHIMS.judge(shimsMm.size()));
        shimsMm.forEach(s -> Refused.ifAny(SHIM.judge(s)));
        double perMove = backlashChangeMm(pair, member, 1);
        double move = (wantedMm - nowMm) / perMove;
        double target = packMm + move;
        if (target < 0) {
            throw Refused.because(
                    "packMm",
                    "The pack would have to be %s mm thinner than it is, but holds only %s mm: this member cannot come in that far. Move the other one."
                            .formatted(PlainDigits.rounded(-move, 3), PlainDigits.exact(packMm)));
        }
        var stack = nearestStack(shimsMm, target);
        double sum = stack.stream().mapToDouble(Double::doubleValue).sum();
        double predicted = nowMm + (sum - packMm) * perMove;
        var other = member == Member.PINION ? Member.WHEEL : Member.PINION;
        return new BevelShim(
                move,
                sum,
                stack,
                predicted,
                -move * Math.sin(pair.pitchAngleRad(member)) / Math.sin(pair.pitchAngleRad(other)),
                warnings(predicted, wantedMm, target, sum),
                working(pair, member, nowMm, wantedMm, move, target, sum, predicted));
    }

    /** The subset nearest to the target; of two alike the thinner. */
    private static List<Double> nearestStack(List<Double> shims, double target) {
        int best = 0;
        double bestOff = target;
        for (int mask = 0; mask < 1 << shims.size(); mask++) {
            double off = Math.abs(sum(shims, mask) - target);
            if (off < bestOff - 1e-12) {
                bestOff = off;
                best = mask;
            }
        }
        var chosen = new ArrayList<Double>();
        for (int i = 0; i < shims.size(); i++) {
            if ((best & 1 << i) != 0) {
                chosen.add(shims.get(i));
            }
        }
        chosen.sort(Comparator.reverseOrder());
        return List.copyOf(chosen);
    }

    private static double sum(List<Double> shims, int mask) {
        return DoubleStream.iterate(0, i -> i < shims.size(), i -> i + 1)
                .filter(i -> (mask & 1 << (int) i) != 0)
                .map(i -> shims.get((int) i))
                .sum();
    }

    private static List<String> warnings(
            double predicted, double wanted, double target, double sum) {
        var told = new ArrayList<String>();
        if (Math.abs(predicted - wanted) > CLOSE_SHARE * wanted) {
            told.add(
                    "No stack of these shims comes close: %s mm is wanted, the nearest is %s mm and gives %s mm of backlash. Get a shim that makes up %s mm."
                            .formatted(
                                    PlainDigits.rounded(target, 3),
                                    PlainDigits.rounded(sum, 2),
                                    PlainDigits.rounded(predicted, 3),
                                    PlainDigits.rounded(target - sum, 2)));
        }
        told.add(
                "A starting shim: uncrowned teeth may answer with only a part of this. Measure again, one member at a time.");
        return List.copyOf(told);
    }

    private static Working working(
            BevelPair pair,
            Member member,
            double now,
            double wanted,
            double move,
            double target,
            double sum,
            double predicted) {
        return new Working(
                List.of(
                        line(
                                "Δ = Δj_te / (2 tan αₜ sin δ)",
                                "(%s − %s) / (2 tan %s° sin %s°) = %s mm"
                                        .formatted(
                                                PlainDigits.exact(wanted),
                                                PlainDigits.exact(now),
                                                PlainDigits.rounded(
                                                        Math.toDegrees(
                                                                pair.transversePressureAngleRad()),
                                                        3),
                                                PlainDigits.rounded(
                                                        Math.toDegrees(pair.pitchAngleRad(member)),
                                                        3),
                                                PlainDigits.rounded(move, 4))),
                        line(
                                "pack wanted, pack made",
                                PlainDigits.rounded(target, 3)
                                        + " mm, "
                                        + PlainDigits.rounded(sum, 3)
                                        + " mm"),
                        line("j_te then", PlainDigits.rounded(predicted, 4) + " mm")),
                "derived; direction checked with a spherical-involute pair",
                List.of(
                        "Pinion shims move the pattern up and down the tooth, wheel shims set the backlash and move it"
                                + " between toe and heel (rule of hand)."));
    }
}
