package app.yunque.drive;

import app.yunque.gear.BevelPair;
import app.yunque.gear.GearPair;
import app.yunque.gear.Member;
import app.yunque.gear.WormSet;
import app.yunque.measure.PlainDigits;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * One stage of a drive, whatever turns in it. Ratios are signed: minus when the output turns the other way. A new kind is a record
 * of its own that answers these questions, and the sheet that papers describe it with.
 */
public interface Stage {
    Range TEETH = Range.count("teeth", "number of teeth", 4, 2000);

    /** i = n_in/n_out, minus when the sense turns round. */
    double ratio();

    /** η, usual; common practice, no source, the worm from its lead angle and friction. */
    double efficiency();

    /** The stage in words. */
    String inWords();

    /** What of it is drawn, and how its shafts lie. */
    StageOutline outline();

    /** Tooth passages a turn of the input, 0 where no teeth pass. */
    default double teethPerInputTurn() {
        return 0;
    }

    /** Travel of what it moves along a line for one turn of its input (mm); 0 where its output turns. */
    default double travelMmPerTurn() {
        return 0;
    }

    /** How often the same two teeth meet (Hz), 0 where it does not apply. */
    default double huntingHz(double meshHz) {
        return 0;
    }

    /** How its backlash is measured; empty where it has none of its own, and for parallel shafts, which have a pad of their own. */
    default Optional<MeshMeasure> mesh() {
        return Optional.empty();
    }

    /** Family of the checks of its mesh: "MSP"; empty where nothing meshes. */
    default String checks() {
        return "";
    }

    /** Diameter on which the input's rim runs (mm), 0 where there is none. */
    default double inputDiameterMm() {
        return 0;
    }

    /** The same stage with one tooth more or fewer on one of its gears, wherever such a one can be; for a turn count. */
    default List<Stage> withOneToothOff() {
        return List.of();
    }

    /** Tries every change and keeps those that can be. */
    static List<Stage> possible(List<Supplier<Stage>> changed) {
        var found = new ArrayList<Stage>();
        for (var change : changed) {
            try {
                found.add(change.get());
            } catch (Refused impossible) {
                // Such a stage cannot be, so it cannot be mistaken for this one.
            }
        }
        return List.copyOf(found);
    }

    /** Spur or helical gears on parallel shafts, a ring included. */
    record Parallel(GearPair pair) implements Stage {
        @Override
        public String checks() {
            return pair.isInternal() ? "MIN" : "MSP";
        }

        @Override
        public double ratio() {
            return pair.isInternal() ? pair.ratio() : -pair.ratio();
        }

        @Override
        public List<Stage> withOneToothOff() {
            return new Counted(pair.pinion().teeth(), pair.wheel().teeth(), pair.isInternal())
                    .withOneToothOff();
        }

        @Override
        public StageOutline outline() {
            return StageOutline.parallel(pair);
        }

        @Override
        public double efficiency() {
            return 0.98;
        }

        @Override
        public String inWords() {
            return "z %d/%d".formatted(pair.pinion().teeth(), pair.wheel().teeth());
        }

        @Override
        public double teethPerInputTurn() {
            return pair.pinion().teeth();
        }

        @Override
        public double huntingHz(double meshHz) {
            return Hunting.hz(meshHz, pair.pinion().teeth(), pair.wheel().teeth());
        }

        @Override
        public double inputDiameterMm() {
            return 2 * pair.pinionWorkingRadiusMm();
        }
    }

    /** Two gears of which only the teeth are counted. */
    record Counted(int driverTeeth, int drivenTeeth, boolean internal) implements Stage {
        public Counted {
            Refused.ifAny(
                    TEETH.named("driverTeeth", "teeth of the driver").judge(driverTeeth),
                    TEETH.named("drivenTeeth", "teeth of the driven").judge(drivenTeeth));
        }

        @Override
        public String checks() {
            return internal ? "MIN" : "MSP";
        }

        @Override
        public double ratio() {
            double ratio = (double) drivenTeeth / driverTeeth;
            return internal ? ratio : -ratio;
        }

        @Override
        public List<Stage> withOneToothOff() {
            return possible(
                    List.of(
                            () -> new Counted(driverTeeth - 1, drivenTeeth, internal),
                            () -> new Counted(driverTeeth + 1, drivenTeeth, internal),
                            () -> new Counted(driverTeeth, drivenTeeth - 1, internal),
                            () -> new Counted(driverTeeth, drivenTeeth + 1, internal)));
        }

        @Override
        public StageOutline outline() {
            return StageOutline.counted(driverTeeth, drivenTeeth, internal);
        }

        @Override
        public double efficiency() {
            return 0.98;
        }

        @Override
        public String inWords() {
            return "z %d/%d%s".formatted(driverTeeth, drivenTeeth, internal ? " (ring)" : "");
        }

        @Override
        public double teethPerInputTurn() {
            return driverTeeth;
        }

        @Override
        public double huntingHz(double meshHz) {
            return Hunting.hz(meshHz, driverTeeth, drivenTeeth);
        }
    }

    /** Bevel gears; the sense is told by looking at the back of each gear, so it turns round. */
    record Bevel(BevelPair pair) implements Stage {
        @Override
        public String checks() {
            return "MBV";
        }

        @Override
        public Optional<MeshMeasure> mesh() {
            return Optional.of(MeshMeasure.BEVEL);
        }

        @Override
        public double ratio() {
            return -pair.ratio();
        }

        @Override
        public List<Stage> withOneToothOff() {
            return new Counted(pair.pinionTeeth(), pair.wheelTeeth(), false).withOneToothOff();
        }

        @Override
        public StageOutline outline() {
            return StageOutline.bevel(pair);
        }

        @Override
        public double efficiency() {
            return 0.975;
        }

        @Override
        public String inWords() {
            return pair.inWords();
        }

        @Override
        public double teethPerInputTurn() {
            return pair.pinionTeeth();
        }

        @Override
        public double huntingHz(double meshHz) {
            return Hunting.hz(meshHz, pair.pinionTeeth(), pair.wheelTeeth());
        }

        @Override
        public double inputDiameterMm() {
            return pair.outerDiameterMm(Member.PINION);
        }
    }

    /** A worm driving its wheel. */
    record Worm(WormSet set, double friction) implements Stage {
        @Override
        public String checks() {
            return "MWG";
        }

        @Override
        public Optional<MeshMeasure> mesh() {
            return Optional.of(MeshMeasure.WORM);
        }

        /** Bronze on hardened steel in its oil, run in. Common practice, no source. */
        public static final double USUAL_FRICTION = 0.06;

        public static final Range FRICTION =
                Range.of("friction", "coefficient of friction", 0.005, 0.3, "");

        public Worm {
            Refused.ifAny(FRICTION.judge(friction));
        }

        @Override
        public double ratio() {
            return set.ratio();
        }

        @Override
        public List<Stage> withOneToothOff() {
            return new WormCounted(set.starts(), set.wheelTeeth()).withOneToothOff();
        }

        @Override
        public StageOutline outline() {
            return StageOutline.worm(set);
        }

        @Override
        public double efficiency() {
            return set.efficiencyWormDriving(friction);
        }

        @Override
        public String inWords() {
            return set.inWords();
        }

        @Override
        public double teethPerInputTurn() {
            return set.starts();
        }

        @Override
        public double inputDiameterMm() {
            return set.wormDiameterMm();
        }
    }

    /** A worm and wheel of which only starts and teeth are counted; the efficiency is a usual one. */
    record WormCounted(int starts, int wheelTeeth) implements Stage {
        private static final double[] USUAL = {0.65, 0.75, 0.8, 0.85};

        public WormCounted {
            Refused.ifAny(
                    WormSet.STARTS.judge(starts),
                    WormSet.WHEEL_TEETH
                            .named("drivenTeeth", "teeth of the worm wheel")
                            .judge(wheelTeeth));
        }

        @Override
        public String checks() {
            return "MWG";
        }

        @Override
        public double ratio() {
            return (double) wheelTeeth / starts;
        }

        @Override
        public List<Stage> withOneToothOff() {
            return possible(
                    List.of(
                            () -> new WormCounted(starts + 1, wheelTeeth),
                            () -> new WormCounted(starts, wheelTeeth - 1),
                            () -> new WormCounted(starts, wheelTeeth + 1)));
        }

        @Override
        public StageOutline outline() {
            return StageOutline.wormCounted(starts, wheelTeeth);
        }

        @Override
        public double efficiency() {
            return USUAL[Math.min(starts, USUAL.length) - 1];
        }

        @Override
        public String inWords() {
            return "worm %d/%d".formatted(starts, wheelTeeth);
        }

        @Override
        public double teethPerInputTurn() {
            return starts;
        }
    }

    /** A planetary set between two of its members, the third held. */
    record Planetary(PlanetarySet set, PlanetarySet.Path path) implements Stage {
        @Override
        public String checks() {
            return "MPL";
        }

        @Override
        public double ratio() {
            return set.ratio(path);
        }

        /** A set with one tooth off could not be put together; the nearest that could has all counts one step on. */
        @Override
        public List<Stage> withOneToothOff() {
            int step = set.planets();
            return possible(
                    List.of(
                            () ->
                                    new Planetary(
                                            new PlanetarySet(
                                                    set.sunTeeth() - step,
                                                    set.planetTeeth(),
                                                    set.ringTeeth() - step,
                                                    step),
                                            path),
                            () ->
                                    new Planetary(
                                            new PlanetarySet(
                                                    set.sunTeeth() + step,
                                                    set.planetTeeth(),
                                                    set.ringTeeth() + step,
                                                    step),
                                            path)));
        }

        @Override
        public StageOutline outline() {
            return StageOutline.planetary(
                    set.sunTeeth(), set.planetTeeth(), set.ringTeeth(), set.planets());
        }

        @Override
        public double efficiency() {
            return 0.97;
        }

        @Override
        public String inWords() {
            return "planetary z %d/%d/%d, %s"
                    .formatted(set.sunTeeth(), set.planetTeeth(), set.ringTeeth(), path.words());
        }

        @Override
        public double teethPerInputTurn() {
            return path.sunTeethPassing(set.sunTeeth(), ratio());
        }
    }

    /** Chain and sprockets, or a toothed belt. */
    record Chain(int driverTeeth, int drivenTeeth) implements Stage {
        public Chain {
            Refused.ifAny(
                    TEETH.named("driverTeeth", "teeth of the driver").judge(driverTeeth),
                    TEETH.named("drivenTeeth", "teeth of the driven").judge(drivenTeeth));
        }

        @Override
        public String checks() {
            return "MCH";
        }

        @Override
        public double ratio() {
            return (double) drivenTeeth / driverTeeth;
        }

        @Override
        public List<Stage> withOneToothOff() {
            return possible(
                    List.of(
                            () -> new Chain(driverTeeth - 1, drivenTeeth),
                            () -> new Chain(driverTeeth + 1, drivenTeeth),
                            () -> new Chain(driverTeeth, drivenTeeth - 1),
                            () -> new Chain(driverTeeth, drivenTeeth + 1)));
        }

        @Override
        public StageOutline outline() {
            return StageOutline.chain(driverTeeth, drivenTeeth);
        }

        @Override
        public double efficiency() {
            return 0.97;
        }

        @Override
        public String inWords() {
            return "chain z %d/%d".formatted(driverTeeth, drivenTeeth);
        }

        @Override
        public double teethPerInputTurn() {
            return driverTeeth;
        }
    }

    /**
     * A cycloidal disc of z_c lobes rolling in z_p pins, driven by its eccentric: −z_c/(z_p − z_c) with the pins held, z_p/(z_p
     * − z_c) with the disc kept from turning and the pin ring as output.
     */
    record Cycloidal(int lobes, int pins, boolean pinRingIsOutput) implements Stage {
        public Cycloidal {
            Refused.ifAny(
                    TEETH.named("lobes", "lobes of the disc").judge(lobes),
                    TEETH.named("pins", "pins of the ring").judge(pins));
            if (pins <= lobes) {
                throw Refused.because(
                        "pins",
                        "A cycloidal disc of %d lobes needs more than %d pins, usually one more. Count both again."
                                .formatted(lobes, lobes));
            }
        }

        @Override
        public String checks() {
            return "MCY";
        }

        @Override
        public double ratio() {
            double difference = pins - lobes;
            return pinRingIsOutput ? pins / difference : -lobes / difference;
        }

        @Override
        public List<Stage> withOneToothOff() {
            return possible(
                    List.of(
                            () -> new Cycloidal(lobes - 1, pins - 1, pinRingIsOutput),
                            () -> new Cycloidal(lobes + 1, pins + 1, pinRingIsOutput)));
        }

        @Override
        public StageOutline outline() {
            return StageOutline.cycloidal(lobes, pins);
        }

        @Override
        public double efficiency() {
            return 0.93;
        }

        @Override
        public String inWords() {
            return "cycloidal %d lobes, %d pins".formatted(lobes, pins);
        }
    }

    /**
     * A friction wheel of radius r_w at the distance ρ from the centre of a disc: n_w = n_d (ρ/r_w)(1 − slip); across the
     * centre it reverses.
     */
    record FrictionDisc(double wheelRadiusMm, double fromCentreMm, double slipPercent)
            implements Stage {
        public static final Range WHEEL_RADIUS =
                Range.of("wheelRadiusMm", "radius of the friction wheel", 5, 1000, "mm");
        public static final Range FROM_CENTRE =
                Range.of("fromCentreMm", "distance from the disc's centre", -2000, 2000, "mm");
        public static final Range SLIP = Range.of("slipPercent", "slip", 0, 50, "%");

        public FrictionDisc {
            Refused.ifAny(
                    WHEEL_RADIUS.judge(wheelRadiusMm),
                    FROM_CENTRE.judge(fromCentreMm),
                    SLIP.judge(slipPercent));
            if (fromCentreMm == 0) {
                throw Refused.because(
                        "fromCentreMm",
                        "In the centre of the disc the wheel stands still: that is neutral and has no ratio.");
            }
        }

        @Override
        public String checks() {
            return "MFR";
        }

        @Override
        public double ratio() {
            return wheelRadiusMm / (fromCentreMm * (1 - slipPercent / 100));
        }

        @Override
        public StageOutline outline() {
            return StageOutline.friction(wheelRadiusMm, fromCentreMm);
        }

        @Override
        public double efficiency() {
            return 0.9;
        }

        @Override
        public String inWords() {
            return "friction disc, wheel %s mm at %s mm"
                    .formatted(PlainDigits.exact(wheelRadiusMm), PlainDigits.exact(fromCentreMm));
        }
    }

    /** An idler: it only turns the sense round. */
    record Idler(int teeth) implements Stage {
        public Idler {
            Refused.ifAny(TEETH.judge(teeth));
        }

        @Override
        public double ratio() {
            return -1;
        }

        @Override
        public StageOutline outline() {
            return StageOutline.nothing(StageOutline.Lie.PARALLEL);
        }

        @Override
        public double efficiency() {
            return 0.98;
        }

        @Override
        public String inWords() {
            return "idler z " + teeth;
        }
    }

    /** Coupled straight through, as by a dog clutch: input and output turn as one. */
    record Coupled() implements Stage {
        @Override
        public double ratio() {
            return 1;
        }

        @Override
        public StageOutline outline() {
            return StageOutline.nothing(StageOutline.Lie.COAXIAL);
        }

        @Override
        public double efficiency() {
            return 1;
        }

        @Override
        public String inWords() {
            return "coupled straight through";
        }
    }
}
