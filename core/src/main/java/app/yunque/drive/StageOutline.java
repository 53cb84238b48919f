package app.yunque.drive;

import app.yunque.gear.BevelPair;
import app.yunque.gear.CylindricalGear;
import app.yunque.gear.GearPair;
import app.yunque.gear.Member;
import app.yunque.gear.WormSet;
import java.util.ArrayList;
import java.util.List;

/**
 * What of a stage is drawn on the section through a unit: how its shafts lie to each other, and its wheels with their sizes. Where
 * the papers count teeth only, every size is as though the module were 1 mm: a stage is true to scale in itself, not beside others.
 *
 * @param lie            how its two shafts lie to each other
 * @param wheels         what it is made of, the driver first; empty where nothing is drawn
 * @param centreDistance between the axes of its wheels, of sun and planet in an epicyclic one (mm); 0 where axes cross or are one
 * @param isToSize       false where the sizes follow from counted teeth
 */
public record StageOutline(Lie lie, List<Wheel> wheels, double centreDistance, boolean isToSize) {

    /** How the shaft of the driver and that of the driven lie to each other. */
    public enum Lie {
        /** Side by side. */
        PARALLEL,
        /** One behind the other in one axis. */
        COAXIAL,
        /** Meeting at an angle, as of bevels. */
        CROSSING,
        /** Passing each other at an angle, as of a worm and its wheel. */
        SKEW
    }

    /** What a wheel does in its stage. */
    public enum Role {
        DRIVER("driver"),
        DRIVEN("driven"),
        BEVEL_PINION("bevel pinion"),
        BEVEL_WHEEL("bevel wheel"),
        WORM("worm"),
        WORM_WHEEL("worm wheel"),
        SUN("sun"),
        PLANET("planet"),
        RING("ring gear"),
        CARRIER("planet carrier"),
        ECCENTRIC("eccentric"),
        DISC("cycloidal disc"),
        RING_PINS("ring pins"),
        RACK("rack"),
        SCREW("screw"),
        NUT("nut of the screw"),
        FRICTION_DISC("friction disc"),
        FRICTION_WHEEL("friction wheel");

        private final String words;

        Role(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * @param role     what it does
     * @param teeth    its teeth, starts, lobes or pins; 0 where it has none
     * @param pieces   how many of it
     * @param diameter over its tips, of a ring over the roots of its teeth (mm)
     * @param width    along its axis (mm); 0 where nobody told it
     */
    public record Wheel(Role role, int teeth, int pieces, double diameter, double width) {}

    /** Tips stand a module above the reference circle on either side. */
    private static final double TIPS = 2;

    /** Diameter of a worm in modules where only its starts were counted; common practice, no source. */
    private static final double USUAL_WORM = 10;

    /** Distance between chain wheels in sums of their radii, so that the chain is seen between them. */
    private static final double CHAIN_APART = 1.3;

    public StageOutline {
        wheels = List.copyOf(wheels);
    }

    static StageOutline nothing(Lie lie) {
        return new StageOutline(lie, List.of(), 0, false);
    }

    /** Wheels on parallel shafts of which teeth were counted. */
    static StageOutline counted(int driver, int driven, boolean internal) {
        double between = internal ? driven - driver : driver + driven;
        return new StageOutline(
                Lie.PARALLEL,
                List.of(
                        counted(Role.DRIVER, driver, 1),
                        counted(internal ? Role.RING : Role.DRIVEN, driven, 1)),
                between / 2,
                false);
    }

    static StageOutline chain(int driver, int driven) {
        return new StageOutline(
                Lie.PARALLEL,
                List.of(counted(Role.DRIVER, driver, 1), counted(Role.DRIVEN, driven, 1)),
                (driver + driven) / 2.0 * CHAIN_APART,
                false);
    }

    /** A pair on parallel shafts, to size. */
    static StageOutline parallel(GearPair pair) {
        var driven = pair.isInternal() ? Role.RING : Role.DRIVEN;
        return new StageOutline(
                Lie.PARALLEL,
                List.of(
                        of(Role.DRIVER, pair.gear(Member.PINION)),
                        of(driven, pair.gear(Member.WHEEL))),
                pair.centreDistanceMm(),
                true);
    }

    /** A gear over its tips; a ring over the roots of its teeth, about two modules outside its tips. */
    private static Wheel of(Role role, CylindricalGear gear) {
        double roots = gear.internal() ? 2 * TIPS * gear.normalModuleMm() : 0;
        return new Wheel(role, gear.teeth(), 1, gear.tipDiameterMm() + roots, gear.faceWidthMm());
    }

    static StageOutline bevel(BevelPair pair) {
        return crossing(
                of(Role.BEVEL_PINION, pair, Member.PINION),
                of(Role.BEVEL_WHEEL, pair, Member.WHEEL));
    }

    private static Wheel of(Role role, BevelPair pair, Member member) {
        return new Wheel(
                role, pair.teeth(member), 1, pair.outerDiameterMm(member), pair.faceWidthMm());
    }

    /** A friction wheel of a radius on a disc, at a distance from the disc's centre (mm). */
    static StageOutline friction(double wheelRadiusMm, double fromCentreMm) {
        return crossing(
                new Wheel(
                        Role.FRICTION_DISC,
                        0,
                        1,
                        2 * (Math.abs(fromCentreMm) + wheelRadiusMm / 4),
                        0),
                new Wheel(Role.FRICTION_WHEEL, 0, 1, 2 * wheelRadiusMm, 0));
    }

    static StageOutline worm(WormSet set) {
        return new StageOutline(
                Lie.SKEW,
                List.of(
                        new Wheel(
                                Role.WORM,
                                set.starts(),
                                1,
                                set.wormDiameterMm() + TIPS * set.axialModuleMm(),
                                0),
                        new Wheel(Role.WORM_WHEEL, set.wheelTeeth(), 1, set.throatDiameterMm(), 0)),
                set.centreDistanceMm(),
                true);
    }

    static StageOutline wormCounted(int starts, int wheelTeeth) {
        return new StageOutline(
                Lie.SKEW,
                List.of(
                        new Wheel(Role.WORM, starts, 1, USUAL_WORM + TIPS, 0),
                        counted(Role.WORM_WHEEL, wheelTeeth, 1)),
                (USUAL_WORM + wheelTeeth) / 2,
                false);
    }

    private static StageOutline crossing(Wheel driver, Wheel driven) {
        return new StageOutline(Lie.CROSSING, List.of(driver, driven), 0, true);
    }

    /** Sun, planets on their carrier, and a ring, in one axis. */
    static StageOutline planetary(int sun, int planet, int ring, int planets) {
        double between = (sun + planet) / 2.0;
        return epicyclic(
                between,
                List.of(
                        counted(Role.SUN, sun, 1),
                        counted(Role.PLANET, planet, planets),
                        counted(Role.RING, ring, 1)));
    }

    /**
     * As {@link #planetary}, with a second row of teeth on the planets for a ring of another module, which follows from the one axis:
     * m₂ = m₁ (z_s + z_p1)/(z_r − z_p2).
     */
    static StageOutline stepped(int sun, int atSun, int atRing, int ring, int planets) {
        double between = (sun + atSun) / 2.0;
        double module = 2 * between / (ring - atRing);
        return epicyclic(
                between,
                List.of(
                        counted(Role.SUN, sun, 1),
                        counted(Role.PLANET, atSun, planets),
                        new Wheel(Role.PLANET, atRing, planets, (atRing + TIPS) * module, 0),
                        new Wheel(Role.RING, ring, 1, (ring + TIPS) * module, 0)));
    }

    /** One sun and two rings beside each other, of which the first is held. */
    static StageOutline twoRings(
            int sun, int planet, int heldRing, int secondPlanet, int outputRing, int planets) {
        double between = (sun + planet) / 2.0;
        double module = 2 * between / (outputRing - secondPlanet);
        return epicyclic(
                between,
                List.of(
                        counted(Role.SUN, sun, 1),
                        counted(Role.PLANET, planet, planets),
                        counted(Role.RING, heldRing, 1),
                        new Wheel(
                                Role.PLANET,
                                secondPlanet,
                                planets,
                                (secondPlanet + TIPS) * module,
                                0),
                        new Wheel(Role.RING, outputRing, 1, (outputRing + TIPS) * module, 0)));
    }

    private static StageOutline epicyclic(double between, List<Wheel> gears) {
        var wheels = new ArrayList<>(gears);
        wheels.add(new Wheel(Role.CARRIER, 0, 1, 2 * between + TIPS, 0));
        return new StageOutline(Lie.COAXIAL, wheels, between, false);
    }

    /** A disc of lobes on its eccentric, inside a ring of pins. */
    static StageOutline cycloidal(int lobes, int pins) {
        return new StageOutline(
                Lie.COAXIAL,
                List.of(
                        new Wheel(Role.ECCENTRIC, 0, 1, lobes / 2.5, 0),
                        new Wheel(Role.DISC, lobes, 1, lobes, 0),
                        counted(Role.RING_PINS, pins, 1)),
                0,
                false);
    }

    static StageOutline rack(int teeth, double moduleMm) {
        double diameter = teeth * moduleMm;
        return new StageOutline(
                Lie.PARALLEL,
                List.of(
                        new Wheel(Role.DRIVER, teeth, 1, diameter + TIPS * moduleMm, 0),
                        new Wheel(Role.RACK, 0, 1, 2 * TIPS * moduleMm, 0)),
                diameter / 2 + TIPS * moduleMm,
                true);
    }

    static StageOutline screw(double diameterMm) {
        return new StageOutline(
                Lie.COAXIAL,
                List.of(
                        new Wheel(Role.SCREW, 0, 1, diameterMm, 0),
                        new Wheel(Role.NUT, 0, 1, 2 * diameterMm, 0)),
                0,
                true);
    }

    private static Wheel counted(Role role, int teeth, int pieces) {
        return new Wheel(role, teeth, pieces, teeth + TIPS, 0);
    }
}
