package app.yunque.server.measuring;

import app.yunque.gear.Member;
import app.yunque.route.Station;
import app.yunque.server.finding.About;
import app.yunque.server.quantity.EnteredNumber;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A measurement as it was taken.
 *
 * @param version           version that was seen; missing for a new one
 * @param station           INSPECT before the rebuild, SET after it
 * @param kind              backlash by dial indicator, or span
 * @param stage             stage of the mesh, 1 first
 * @param member            gear that was touched or spanned
 * @param teethSpanned      teeth between the jaws; for a span only
 * @param radius            stylus radius; for backlash only
 * @param tilt              lean of the stylus out of the plane of rotation; missing means square
 * @param resolution        one division of the gauge
 * @param maxError          calibration limit of the gauge
 * @param makersBacklash    the maker's largest backlash along the circle, which overrules
 * @param makersWearPercent the maker's renewal limit (% of thickness), which overrules
 * @param referenceSpan     span of the unworn gear; missing takes the nominal one
 * @param makersReference   where the maker's figure stands; required with one
 * @param remark            anything worth knowing
 * @param readings          readings in the order taken
 * @param instrument        the instrument of the shop that was used; missing when none was chosen
 *
 */
public record MeasurementRequest(
        @Nullable Long version,
        Station station,
        MeasurementKind kind,
        int stage,
        Member member,
        @Nullable Integer teethSpanned,
        @Nullable EnteredNumber radius,
        @Nullable EnteredNumber tilt,
        EnteredNumber resolution,
        EnteredNumber maxError,
        @Nullable EnteredNumber makersBacklash,
        @Nullable Double makersWearPercent,
        @Nullable EnteredNumber referenceSpan,
        String makersReference,
        String remark,
        List<EnteredNumber> readings,
        @Nullable UUID instrument) {

    /** The same, as seen in a version. */
    MeasurementRequest seen(@Nullable Long asVersion) {
        return with(asVersion, stage, teethSpanned, radius, makersReference, remark);
    }

    /** The same, on the stage it is tied to; the papers may have been corrected since. */
    MeasurementRequest of(About about) {
        return about.stage() == null
                ? this
                : with(version, about.stage(), teethSpanned, radius, makersReference, remark);
    }

    /** What is kept: texts without the blanks around them, and nothing that belongs to the other kind. */
    MeasurementRequest tidied() {
        boolean span = kind == MeasurementKind.SPAN;
        return with(
                version,
                stage,
                span ? teethSpanned : null,
                span ? null : radius,
                makersReference.strip(),
                remark.strip());
    }

    private MeasurementRequest with(
            @Nullable Long otherVersion,
            int otherStage,
            @Nullable Integer otherTeeth,
            @Nullable EnteredNumber otherRadius,
            String otherReference,
            String otherRemark) {
        return new MeasurementRequest(
                otherVersion,
                station,
                kind,
                otherStage,
                member,
                otherTeeth,
                otherRadius,
                tilt,
                resolution,
                maxError,
                makersBacklash,
                makersWearPercent,
                referenceSpan,
                otherReference,
                otherRemark,
                readings,
                instrument);
    }
}
