package app.yunque.lubricant.grade;

import app.yunque.lubricant.viscosity.BaseOil;
import app.yunque.lubricant.viscosity.ViscosityLine;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import app.yunque.measure.Verdict;
import java.util.Optional;

/**
 * Whether an oil still moves at the coldest start: splash 150 000 mPa·s (the criterion of SAE J306), doubtful above 50 000; a
 * shaft-driven pump 2000 mm²/s, doubtful above 1000; pour point 5 K below the start (AGMA 9005, from memory). The rest common
 * practice.
 *
 * @param kinematic ν there (mm²/s)
 * @param dynamic   η there (mPa·s)
 * @param verdict   whether it moves
 * @param sentence  the same in words
 */
public record ColdStart(double kinematic, double dynamic, Verdict verdict, String sentence) {
    public static final Range START = Range.of("startDegC", "coldest start", -60, 60, "°C");
    public static final Range POUR = Range.of("pourPointDegC", "pour point", -80, 30, "°C");

    /** What is done where it is too cold. */
    public static final String REMEDY =
            "Thinner grade, higher index, a sump heater, or warm up without load.";

    /** How the oil reaches the teeth. */
    public enum Feed {
        SPLASH,
        PUMP
    }

    @PublicRule(
            at = "lubricant/cold-start",
            title = "Start in the cold",
            says = "Whether an oil moves at the coldest start, by how it is fed.",
            source = "handbook practice, from memory")
    public static ColdStart of(
            ViscosityLine oil,
            BaseOil base,
            double startDegC,
            Feed feed,
            Optional<Double> pourPointDegC) {
        Refused.ifAny(START.judge(startDegC), pourPointDegC.flatMap(POUR::judge));
        double v = oil.viscosityAt(startDegC);
        double eta = v * base.densityAt(startDegC) / 1000;
        var state =
                "At %s °C it has %s mPa·s."
                        .formatted(PlainDigits.exact(startDegC), PlainDigits.rounded(eta, 0));
        if (pourPointDegC.isPresent() && pourPointDegC.get() > startDegC - 5) {
            return new ColdStart(
                    v,
                    eta,
                    Verdict.CLEAR_FAIL,
                    "%s It may not flow: pour point %s °C, 5 K below the start are wanted."
                            .formatted(state, PlainDigits.exact(pourPointDegC.get())));
        }
        double value = feed == Feed.SPLASH ? eta : v;
        double fail = feed == Feed.SPLASH ? 150_000 : 2000;
        double doubt = feed == Feed.SPLASH ? 50_000 : 1000;
        if (value > fail) {
            return new ColdStart(
                    v,
                    eta,
                    Verdict.CLEAR_FAIL,
                    state
                            + (feed == Feed.SPLASH
                                    ? " The wheel only cuts a groove in it."
                                    : " A pump does not draw it.")
                            + " "
                            + REMEDY);
        }
        return new ColdStart(
                v,
                eta,
                value > doubt ? Verdict.DOUBTFUL : Verdict.CLEAR_PASS,
                value > doubt
                        ? state + " Start without load until it moves."
                        : state + " It moves.");
    }
}
