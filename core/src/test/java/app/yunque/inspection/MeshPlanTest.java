package app.yunque.inspection;

import static app.yunque.teardown.Steps.step;
import static org.assertj.core.api.Assertions.assertThat;

import app.yunque.drive.RackDrive;
import app.yunque.drive.Stage;
import app.yunque.finding.CheckAnswer;
import app.yunque.finding.CheckState;
import app.yunque.finding.Checks;
import app.yunque.finding.LeftOpen;
import app.yunque.finding.Look;
import app.yunque.finding.Measured;
import app.yunque.finding.PartFinding;
import app.yunque.finding.PartRecord;
import app.yunque.gear.ServiceDuty;
import app.yunque.measure.Verdict;
import app.yunque.teardown.PartKind;
import app.yunque.teardown.Side;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source: meshes in the plan, and parts of which only the first look is asked. */
class MeshPlanTest {
    private static MeshRecord mesh(String family, ServiceDuty duty) {
        return new MeshRecord(2, "mesh of stage 2, z 17/57", family, duty);
    }

    private static CheckPlan plan(MeshRecord mesh, Circumstance... circumstances) {
        return CheckPlan.of(List.of(), List.of(mesh), Set.of(circumstances), Set.of());
    }

    private static PlannedCheck of(CheckPlan plan, String check) {
        return plan.checks().stream()
                .filter(p -> p.check().id().equals(check))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest(name = "{0} on {1}, {2}: musts {3}")
    @CsvSource(
            nullValues = "-",
            value = {
                "MSP, ENCLOSED_POWER, RED,  MSP-1 MSP-2",
                "MSP, ENCLOSED_POWER, HWN,  MSP-2",
                "MSP, LIFTING,        HWN,  MSP-1 MSP-2 MSP-3",
                "MSP, ENCLOSED_POWER, ONCE, MSP-2 MSP-3",
                "MBV, ENCLOSED_POWER, BVL,  MBV-1 MBV-2 MBV-3",
                "MWG, FEED,           ACT,  MWG-1 MWG-2",
                "MWG, FEED,           CREEP, MWG-1 MWG-2 MWG-3",
                "MPL, ENCLOSED_POWER, RED,  MPL-1",
                "MPL, ENCLOSED_POWER, WHINE, MPL-1 MPL-2",
                "MCY, ENCLOSED_POWER, CYC,  MCY-1 MCY-2",
                "MIN, ENCLOSED_POWER, RED,  MIN-1",
                "MRK, FEED,           SLD,  MRK-1",
                "MCH, FEED,           FDB,  MCH-1",
                "MFR, ENCLOSED_POWER, SLIP, MFR-1 MFR-2",
                "MSN, FEED,           SLD,  MSN-1",
                "MSN, FEED,           MTP,  -"
            })
    void asksOfEachKindOfMesh(
            String family, ServiceDuty duty, Circumstance circumstance, String ids) {
        var musts = plan(mesh(family, duty), circumstance).openMusts();
        assertThat(musts)
                .extracting(p -> p.check().id())
                .containsExactlyInAnyOrder(ids == null ? new String[0] : ids.split(" "));
        assertThat(musts).allSatisfy(p -> assertThat(p.stage()).isEqualTo(2));
        assertThat(musts).allSatisfy(p -> assertThat(p.step()).isEmpty());
    }

    @Test
    void everyCheckOfAMeshIsReachedBySomeStage() {
        var families =
                List.of("MSP", "MIN", "MBV", "MWG", "MRK", "MPL", "MCY", "MCH", "MFR", "MSN");
        var reached =
                families.stream()
                        .flatMap(f -> plan(mesh(f, ServiceDuty.FEED)).checks().stream())
                        .map(p -> p.check().id())
                        .toList();
        assertThat(Checks.all())
                .filteredOn(c -> c.family().startsWith("M") && c.family().length() == 3)
                .extracting(c -> c.id())
                .containsExactlyInAnyOrderElementsOf(reached);
    }

    @Test
    void aStageKnowsTheChecksOfItsMesh() {
        assertThat(new Stage.Counted(17, 57, false).checks()).isEqualTo("MSP");
        assertThat(new Stage.Counted(17, 57, true).checks()).isEqualTo("MIN");
        assertThat(new Stage.WormCounted(1, 40).checks()).isEqualTo("MWG");
        assertThat(new Stage.Chain(17, 38).checks()).isEqualTo("MCH");
        assertThat(new Stage.Cycloidal(11, 12, false).checks()).isEqualTo("MCY");
        assertThat(new Stage.FrictionDisc(60, 80, 2).checks()).isEqualTo("MFR");
        assertThat(new RackDrive(20, 2).checks()).isEqualTo("MRK");
        assertThat(new Stage.Coupled().checks()).isEmpty();
        assertThat(new Stage.Idler(30).checks()).isEmpty();
    }

    @Test
    void whatWasSaidOfAMeshClosesItsCheck() {
        var plan =
                plan(
                        new MeshRecord(
                                1,
                                "mesh",
                                "MBV",
                                ServiceDuty.FEED,
                                List.of(
                                        PartFinding.of(
                                                "MBV-2",
                                                "toe, heel, tip, root",
                                                Look.AS_FOUND,
                                                "Ana")),
                                List.of(
                                        new Measured(
                                                "MBV-1",
                                                Verdict.CLEAR_FAIL,
                                                null,
                                                false,
                                                "0.60 mm"),
                                        new Measured(
                                                "MBV-2", Verdict.CLEAR_PASS, null, false, "50 %"),
                                        new Measured(
                                                "MBV-3",
                                                Verdict.NOT_JUDGED,
                                                null,
                                                false,
                                                "no limit")),
                                List.of(
                                        new LeftOpen(
                                                "MBV-3",
                                                LeftOpen.Why.NO_TOOL,
                                                "no dial ",
                                                "Ana"))));
        assertThat(plan.openMusts()).isEmpty();
        assertThat(of(plan, "MBV-1").answer())
                .isEqualTo(new CheckAnswer(CheckState.MEASURED, "0.60 mm", Verdict.CLEAR_FAIL));
        assertThat(of(plan, "MBV-2").answer())
                .as("the worse of eye and measurement")
                .isEqualTo(
                        new CheckAnswer(CheckState.SEEN, "toe, heel, tip, root", Verdict.DOUBTFUL));
        assertThat(of(plan, "MBV-3").answer())
                .isEqualTo(
                        new CheckAnswer(
                                CheckState.NOT_POSSIBLE,
                                "no tool for it: no dial",
                                Verdict.NOT_JUDGED));
    }

    @Test
    void aBadFindingOnAPartLeadsToTheMesh() {
        var bent =
                new PartRecord(
                        step(1, "housing", PartKind.HOUSING).on(0, Side.LEFT).build(),
                        ServiceDuty.ENCLOSED_POWER,
                        List.of(PartFinding.of("HBR-4", "track skewed", Look.WASHED, "Ana")),
                        List.of());
        var plan =
                CheckPlan.of(
                        List.of(bent),
                        List.of(mesh("MSP", ServiceDuty.ENCLOSED_POWER)),
                        Set.of(),
                        Set.of());
        assertThat(of(plan, "MSP-3").level()).isEqualTo(CheckLevel.MUST);
        assertThat(of(plan, "MSP-3").because()).containsExactly("housing (1): track skewed");
        assertThat(of(plan, "MSP-1").level()).isEqualTo(CheckLevel.SHOULD);
    }

    // Common practice, no source: what is renewed is looked at once, for its damage tells the
    // cause.
    @Test
    void ofWhatIsRenewedOnlyTheFirstLookIsAsked() {
        var gear =
                PartRecord.of(
                        step(1, "wheel", PartKind.GEAR)
                                .found(app.yunque.teardown.Condition.NOT_SAID)
                                .build(),
                        ServiceDuty.ENCLOSED_POWER);
        var kept = CheckPlan.of(List.of(gear), List.of(), Set.of(), Set.of());
        var renewed = CheckPlan.of(List.of(gear), List.of(), Set.of(), Set.of(gear.step().id()));
        assertThat(kept.openMusts())
                .extracting(p -> p.check().id())
                .containsExactly("ANY-1", "GER-1");
        assertThat(renewed.openMusts()).extracting(p -> p.check().id()).containsExactly("ANY-1");
        assertThat(of(renewed, "GER-1").answer().state()).isEqualTo(CheckState.NOT_NEEDED);
        assertThat(renewed.openShoulds())
                .extracting(p -> p.check().id())
                .containsExactly("ANY-3", "ANY-2");
        assertThat(renewed.asked(List.of(gear)).get(0).openMusts())
                .as("whoever lets it go back all the same has to look at it")
                .extracting(c -> c.id())
                .containsExactly("ANY-1", "GER-1");
    }

    @Test
    void aSealIsAskedWhatIsSeenOfItBeforeWashingAndBringsItsLand() {
        var seal =
                PartRecord.of(
                        step(1, "shaft seal", PartKind.SEAL)
                                .on(1, Side.LEFT)
                                .found(app.yunque.teardown.Condition.NOT_SAID)
                                .build(),
                        ServiceDuty.ENCLOSED_POWER);
        var shaft =
                PartRecord.of(
                        step(2, "shaft", PartKind.SHAFT).on(1, Side.LEFT).build(),
                        ServiceDuty.ENCLOSED_POWER);
        var plan = CheckPlan.of(List.of(seal, shaft), Set.of());
        assertThat(plan.openMusts())
                .extracting(p -> p.check().id() + "@" + p.number())
                .contains("SLS-1@1", "LND-1@2")
                .doesNotContain("SLS-2@1");
        assertThat(of(plan, "LND-1").because()).containsExactly("shaft seal is renewed");
        assertThat(of(plan, "LND-1").conditional()).isFalse();
        assertThat(of(CheckPlan.of(List.of(shaft), Set.of()), "LND-1").conditional()).isTrue();
    }

    @Test
    void aCondemnedPartIsNotMeasured() {
        var gear =
                new PartRecord(
                        step(1, "wheel", PartKind.GEAR).build(),
                        ServiceDuty.LIFTING,
                        List.of(PartFinding.of("ANY-1", "cracked", Look.WASHED, "Ana")),
                        List.of());
        assertThat(CheckPlan.of(List.of(gear), Set.of()).openMusts()).isEmpty();
    }

    @Test
    void thePlanRaisesWhatAPartMustBeAsked() {
        var gear = PartRecord.of(step(1, "wheel", PartKind.GEAR).build(), ServiceDuty.FEED);
        var plan = CheckPlan.of(List.of(gear), Set.of(Circumstance.LASH));
        assertThat(gear.openMusts()).extracting(c -> c.id()).containsExactly("GER-1");
        assertThat(plan.asked(List.of(gear)).get(0).openMusts())
                .extracting(c -> c.id())
                .containsExactly("GER-1", "GER-3");
    }
}
