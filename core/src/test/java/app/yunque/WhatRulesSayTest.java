package app.yunque;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.yunque.alignment.CentreOffset;
import app.yunque.alignment.CouplingFeet;
import app.yunque.alignment.ScrewTurns;
import app.yunque.bearing.EndFloat;
import app.yunque.bearing.RollingDrag;
import app.yunque.bearing.WarmPair;
import app.yunque.fastener.CirclipGrip;
import app.yunque.fastener.RetainingJoint;
import app.yunque.fit.BushWear;
import app.yunque.fit.MeasuredFit;
import app.yunque.fit.MountingHeat;
import app.yunque.fit.ORingGroove;
import app.yunque.fit.PressSleeve;
import app.yunque.fit.SealLand;
import app.yunque.fit.Taper;
import app.yunque.measure.Told;
import app.yunque.shim.GasketChange;
import app.yunque.shim.StackHeight;
import app.yunque.spring.Coil;
import app.yunque.spring.CutSpring;
import app.yunque.spring.SpringForce;
import app.yunque.spring.SpringSteel;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The sentence of a rule is followed with somebody's hands: it has to say the right thing on each side, with the right figure. */
class WhatRulesSayTest {

    private static void says(Told told, String sentence) {
        assertThat(told.sentence()).isEqualTo(sentence);
    }

    private static double figure(Told told, String key) {
        var found =
                told.figures().stream().filter(f -> f.key().equals(key)).findFirst().orElseThrow();
        return found.value() == null ? Double.NaN : found.value();
    }

    private static Told turning(double shaft) {
        return MeasuredFit.of(
                        40,
                        "bearing",
                        "k6",
                        new MeasuredFit.Size(39.993, 0.0005),
                        new MeasuredFit.Size(shaft, 0.0005),
                        MeasuredFit.Seat.TURNING_LOAD,
                        false)
                .told();
    }

    @Test
    void ofASeat() {
        assertThat(turning(40.006).sentence()).endsWith(": the pair fits.");
        assertThat(turning(39.9945).sentence()).endsWith(": worn but usable.");
        assertThat(turning(39.990).sentence())
                .contains("0.0030 ± 0.0007 mm of clearance")
                .endsWith("the ring will creep. Restore the seat or renew the part.");
        assertThat(turning(40.030).sentence())
                .contains("−0.0370")
                .contains("interference")
                .endsWith("tighter than the fit allows. Do not force it together.");
        assertThat(turning(39.9952).sentence())
                .as("−0.0022 against −0.002")
                .endsWith("worn but usable.");
        assertThat(turning(39.9933).sentence()).endsWith("Measure again with a better tool.");
        assertThat(figure(turning(40.006), "renewMm")).isZero();
        assertThat(figure(turning(40.006), "leastMm")).isEqualTo(-0.030, within(1e-12));
    }

    private static final PressSleeve.Rings RINGS = new PressSleeve.Rings(25, 32, 44, 52, 1);

    @Test
    void ofASleeve() {
        says(
                PressSleeve.of(RINGS, PressSleeve.Tight.INNER, 25.5, 31, Optional.of(24.0)).told(),
                "This sleeve presses the inner ring on the shaft.");
        says(
                PressSleeve.of(RINGS, PressSleeve.Tight.BOTH, 25.5, 51, Optional.empty()).told(),
                "This sleeve presses both rings, flat over both.");
        says(
                PressSleeve.of(RINGS, PressSleeve.Tight.INNER, 24.1, 31, Optional.of(24.0)).told(),
                "Not this sleeve. Its bore of 24.1 mm does not clear 24 mm on the shaft: take 24.2 mm or more.");
        says(
                PressSleeve.of(RINGS, PressSleeve.Tight.OUTER, 45, 51.9, Optional.empty()).told(),
                "Not this sleeve. Its outside of 51.9 mm jams in the housing: take 51.8 mm or less.");
        says(
                PressSleeve.of(RINGS, PressSleeve.Tight.OUTER, 43.9, 50, Optional.empty()).told(),
                "Not this sleeve. Its bore of 43.9 mm reaches inside the outer ring (44 mm) to the cage or the seal: you would press through the rolling elements.");
        says(
                PressSleeve.of(RINGS, PressSleeve.Tight.INNER, 30.5, 31, Optional.empty()).told(),
                "Not this sleeve. It bears on 0.25 mm of the ring; 1 mm is the least.");
        assertThat(
                        PressSleeve.of(RINGS, PressSleeve.Tight.INNER, 24.2, 32, Optional.of(24.0))
                                .told()
                                .verdict()
                                .isPass())
                .as("just clear, just not over")
                .isTrue();
    }

    @Test
    void ofSealsAndRings() {
        says(
                ORingGroove.of(2.65, 2.10, 20, 20.6, false).told(),
                "Squeezed by 20.8 %; 15 to 30 % is usual where nothing moves.");
        says(
                ORingGroove.of(2.65, 2.10, 20, 20.6, true).told(),
                "Squeezed by 20.8 %; 8 to 20 % is usual where something moves.");
        says(
                ORingGroove.of(2.5, 2.5, 20, 20.6, false).told(),
                "No seal: the groove is deeper than the ring is thick.");
        assertThat(figure(ORingGroove.of(2.65, 2.10, 20, 20.6, false).told(), "stretchPercent"))
                .isEqualTo(3, within(1e-9));
        assertThat(ORingGroove.of(2.65, 2.10, 20, 20.2, false).told().verdict().isPass())
                .as("1 % is inside")
                .isTrue();
        assertThat(ORingGroove.of(2.65, 2.10, 20, 20.19, false).told().warnings())
                .anyMatch(
                        w -> w.contains("stretched by 1.0 %") || w.contains("stretched by 0.9 %"));
        says(
                SealLand.of(30, 0.04, 0, 1000, false).told(),
                "Polish it round the shaft, or set the seal beside its track.");
        says(
                SealLand.of(30, 0.06, 0, 1000, false).told(),
                "A sleeve over the groove, or set the seal 2 to 3 mm beside its track.");
        says(
                SealLand.of(30, 0.26, 0, 1000, false).told(),
                "Too deep: renew the shaft or have it built up.");
        says(
                SealLand.of(30, 0.25, 0.01, 1000, false).told(),
                "Within the uncertainty of a limit: measure the groove again.");
        says(CirclipGrip.of(25, 23.2, 0, true, false, false).told(), "It may go back.");
        says(
                CirclipGrip.of(25, 23.4, 0, false, false, false).told(),
                "It may go back, to locate only.");
        says(
                CirclipGrip.of(25, 23.4, 0, true, false, false).told(),
                "Renew it: 71 % of its grip is left, too little to carry thrust.");
        says(
                CirclipGrip.of(25, 23.7, 0, true, false, false).told(),
                "Renew it: 29 % of its grip is left.");
        says(CirclipGrip.of(25, 23.2, 0, true, true, false).told(), "Renew it: it was bent.");
        assertThat(CirclipGrip.of(25, 23.2, 0, true, false, false).told().warnings()).hasSize(1);
        assertThat(CirclipGrip.of(25, 23.2, 0, false, false, false).told().warnings()).isEmpty();
        assertThat(figure(CirclipGrip.of(25, 23.4, 0, false, false, false).told(), "gripPercent"))
                .isEqualTo(71.4286, within(5e-5));
    }

    @Test
    void ofTapersBushesAndHeat() {
        says(
                Taper.of(30.040, 30.010, 45).told(),
                "0.0667 mm over 100 mm, larger at the first plane.");
        says(
                Taper.of(30.010, 30.040, 45).told(),
                "0.0667 mm over 100 mm, larger at the second plane.");
        says(Taper.of(30, 30, 45).told(), "Parallel, as far as these two planes tell.");
        assertThat(figure(Taper.of(30.040, 30.010, 45).told(), "per100Mm"))
                .isEqualTo(0.0666667, within(5e-8));
        says(
                BushWear.of(25, "H7", "f7", 0.06, 0, false, false).told(),
                "Inside the clearance of a new bush.");
        says(BushWear.of(25, "H7", "f7", 0.07, 0, false, false).told(), "Worn but usable.");
        says(
                BushWear.of(25, "H7", "f7", 0.01, 0, false, false).told(),
                "Tighter than a new bush: it will seize when warm.");
        says(
                BushWear.of(25, "H7", "f7", 0.25, 0, false, false).told(),
                "Renew the bush, or the shaft, or both: measure each by itself.");
        says(
                MountingHeat.of(40, 0.002, MountingHeat.Heated.OPEN_BEARING, 20).told(),
                "Heat it to 104 °C, hold it against its shoulder until it grips.");
        says(
                MountingHeat.of(40, 0.030, MountingHeat.Heated.OPEN_BEARING, 20).told(),
                "Heat it to 120 °C, no more, and cool the shaft by 43 K more; or press it."
                        .replace(" more;", ";"));
        assertThat(
                        MountingHeat.of(40, 0.030, MountingHeat.Heated.OPEN_BEARING, 20)
                                .told()
                                .warnings())
                .anyMatch(w -> w.contains("burn the skin"));
        assertThat(
                        MountingHeat.of(40, 0.002, MountingHeat.Heated.OPEN_BEARING, 20)
                                .told()
                                .warnings())
                .hasSize(1);
    }

    @Test
    void ofFloatAndDrag() {
        says(
                EndFloat.of(List.of(0.18, 0.18, 0.18), -0.05, 0.60, EndFloat.Place.UNDER_THE_COVER)
                        .told(),
                "Take out 0.230 mm under the cover: the pack should be 0.370 mm.");
        says(
                EndFloat.of(List.of(0.02, 0.02, 0.02), 0.08, 0.60, EndFloat.Place.UNDER_THE_COVER)
                        .told(),
                "Put in 0.060 mm under the cover: the pack should be 0.660 mm.");
        assertThat(
                        EndFloat.of(
                                        List.of(0.02, 0.02, 0.02),
                                        0.08,
                                        0.60,
                                        EndFloat.Place.IN_THE_STACK)
                                .told()
                                .warnings())
                .isEmpty();
        assertThat(
                        figure(
                                EndFloat.of(
                                                List.of(0.17, 0.19, 0.18),
                                                0.05,
                                                0.6,
                                                EndFloat.Place.UNDER_THE_COVER)
                                        .told(),
                                "spreadMm"))
                .isEqualTo(0.02, within(1e-9));
        says(
                drag(20),
                "2.000 N·m (0.5 to 1.5 wanted): too tight. Ease the preload, and never by backing off a nut on a crush sleeve.");
        says(drag(4), "0.400 N·m (0.5 to 1.5 wanted): too loose. More preload.");
        says(drag(10), "1.000 N·m (0.5 to 1.5 wanted): as wanted.");
        assertThat(drag(10).warnings()).isEmpty();
        assertThat(
                        RollingDrag.of(
                                        List.of(10.0),
                                        100,
                                        0,
                                        0.2,
                                        Optional.empty(),
                                        Optional.empty())
                                .told()
                                .sentence())
                .isEqualTo("0.800 N·m: the maker's band is not entered, so it is not judged.");
        says(
                WarmPair.of(160, 23, 40, 50, WarmPair.Facing.X, 0.05).told(),
                "It gains 0.055 mm: 0.105 mm of float when warm.");
        says(
                WarmPair.of(160, 23, 40, 50, WarmPair.Facing.O, 0.05).told(),
                "It loses 0.055 mm: 0.005 mm of preload when warm.");
    }

    private static Told drag(double pull) {
        return RollingDrag.of(
                        List.of(pull, pull, pull),
                        100,
                        0,
                        0,
                        Optional.empty(),
                        Optional.of(new RollingDrag.Wanted(0.5, 1.5)))
                .told();
    }

    @Test
    void ofPacksAndSprings() {
        says(
                StackHeight.of(84.30, 0.2125, List.of(84.35), 0.01).told(),
                "0.162 mm of float are left.".replace("0.162", "0.163"));
        says(
                StackHeight.of(84.30, 0, List.of(84.35), 0.01).told(),
                "The stack is 0.050 mm too high.");
        says(
                StackHeight.of(84.30, 0, List.of(84.31), 0.01).told(),
                "About nothing is left: within the uncertainty, measure it as float.");
        says(
                GasketChange.of(
                                new GasketChange.Gaskets(1, 0.25),
                                new GasketChange.Gaskets(2, 0.25),
                                15,
                                GasketChange.Joint.LOCATES_A_BEARING,
                                20)
                        .told(),
                "0.213 mm more float. Read it again with the cover at its torque.");
        says(
                GasketChange.of(
                                new GasketChange.Gaskets(2, 0.25),
                                new GasketChange.Gaskets(1, 0.25),
                                0,
                                GasketChange.Joint.PARTS_THE_CENTRES,
                                20)
                        .told(),
                "0.182 mm less backlash. Read it again with the cover at its torque.");
        var spring = new Coil(1.2, 9, 10, 34.4, true, SpringSteel.PATENTED_WIRE);
        says(
                CutSpring.of(spring, 2, 22).told(),
                "21.7 N when fitted, 35.9 before: 28.0 mm long and weaker.");
        assertThat(CutSpring.of(spring, 0.25, 22).told().warnings())
                .as("3.9 % less is no warning")
                .isEmpty();
        says(
                SpringForce.of(spring, 22, Optional.empty(), false).told(),
                "35.9 N when fitted by its sizes. On a scale it has not been.");
        says(
                SpringForce.of(spring, 22, Optional.of(36.0), false).told(),
                "35.9 N when fitted by its sizes, 36.0 on the scale: 100 % left, it may stay.");
        says(
                SpringForce.of(spring, 22, Optional.of(30.0), false).told(),
                "35.9 N when fitted by its sizes, 30.0 on the scale: 83 % left, tired: renew it.");
        says(RetainingJoint.of(25, 12, 0.05, true, 60).told(), "Holds about 130 N·m once cured.");
        says(RetainingJoint.of(25, 12, 0.2, true, 60).told(), "No compound here.");
    }

    @Test
    void ofSettings() {
        var wide = new ScrewTurns.Travel(-100, 100);
        says(
                ScrewTurns.of(
                                38.40,
                                45.15,
                                new ScrewTurns.Screw(1.5, 1, 50, 0),
                                ScrewTurns.Approach.UPWARD,
                                wide)
                        .told(),
                "Up: 4 turns and 25.0 of 50 divisions.");
        says(
                ScrewTurns.of(
                                12,
                                7.3,
                                new ScrewTurns.Screw(2, 2, 100, 0.12),
                                ScrewTurns.Approach.UPWARD,
                                wide)
                        .told(),
                "Down: 1 turn and 17.5 of 100 divisions; go past by 2.12 mm and come back, so that it ends from below.");
        assertThat(
                        ScrewTurns.of(
                                        5,
                                        100,
                                        new ScrewTurns.Screw(2, 1, 100, 0.1),
                                        ScrewTurns.Approach.UPWARD,
                                        wide)
                                .turns())
                .as("its very end")
                .isEqualTo(47.5, within(1e-9));
        var limit = new CentreOffset.Run(0, 0.01);
        says(
                CentreOffset.of(limit, limit, 250, 400, 0.02, 0.002).told(),
                "The tail centre stands 0.016 mm towards the tool: good enough.");
        var away = new CentreOffset.Run(0, -0.06);
        says(
                CentreOffset.of(away, away, 250, 400, 0.02, 0.002).told(),
                "The tail centre stands 0.096 mm away from the tool: move it 0.096 mm towards it.");
        var dial = new CouplingFeet.Round(0, 0.12, 0.24, 0.12);
        var face = new CouplingFeet.Round(0, -0.03, -0.06, -0.03);
        var feet = new CouplingFeet.Feet(200, 550);
        says(
                CouplingFeet.byRimAndFace(
                                dial,
                                face,
                                150,
                                feet,
                                0,
                                CouplingFeet.Plane.HEIGHT,
                                1450,
                                Optional.empty())
                        .told(),
                "Not in line. Front: add 0.04 mm; rear: take out 0.10 mm.");
        says(
                CouplingFeet.byRimAndFace(
                                dial,
                                face,
                                150,
                                feet,
                                0,
                                CouplingFeet.Plane.SIDEWAYS,
                                1450,
                                Optional.empty())
                        .told(),
                "In line. Front: 0.00 mm towards where it was zeroed; rear: 0.00 mm towards where it was zeroed.");
    }
}
