package app.yunque.drive;

import app.yunque.gear.GearPair;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What turns in a unit by its papers: every stage from the input on, of whatever kind, and the positions of its levers. Stages are
 * numbered from 1; everything else in the shop names a stage by that number.
 *
 * @param stages        from the input on, 0 to 24; none while the papers do not describe the gears
 * @param positions     positions of the levers, each its own path, 0 to 36; none when every stage always carries the load
 * @param inputSpeedRpm speed of the input shaft (min⁻¹), 0.1 to 60000; 0 while nobody knows it
 * @param inputPowerKw  power at the input (kW), 0 to 20000; 0 when unknown
 */
public record Drive(
        List<Stage> stages, List<Position> positions, double inputSpeedRpm, double inputPowerKw) {
    public static final Range STAGES = Range.count("stages", "number of stages", 0, 24);
    public static final Range POSITIONS =
            Range.count("positions", "number of gear positions", 0, 36);
    public static final Range INPUT_SPEED =
            Range.of("inputSpeedRpm", "input speed", 0.1, 60_000, "min⁻¹");
    public static final Range INPUT_POWER =
            Range.of("inputPowerKw", "input power", 0, 20_000, "kW");

    /**
     * One position of the levers, or the way to one of several outputs that all turn at once.
     *
     * @param name   what stands at the lever, or the output, 1 to 40 characters
     * @param stages numbers of the stages that carry the load in it, from the input on, 1 to 12
     * @param output which output it leads to, 1 to 4; positions of a lever all lead to the same
     */
    public record Position(String name, List<Integer> stages, int output) {
        private static final int LONGEST_NAME = 40;
        public static final Range OUTPUT = Range.count("output", "output", 1, 4);

        /** A position that leads to the only output. */
        public Position(String name, List<Integer> stages) {
            this(name, stages, 1);
        }

        /** @throws Refused for a position without a name or a path, one that names a stage twice, or an output that cannot be */
        public Position {
            name = name.strip();
            stages = List.copyOf(stages);
            if (name.isEmpty() || name.length() > LONGEST_NAME) {
                throw Refused.because(
                        "name",
                        "A gear position needs a name of 1 to %d characters, as it stands at the lever."
                                .formatted(LONGEST_NAME));
            }
            Refused.ifAny(DriveLine.STAGES.judge(stages.size()), OUTPUT.judge(output));
            if (new HashSet<>(stages).size() < stages.size()) {
                throw Refused.because(
                        "stages", "Position “%s” goes through a stage twice.".formatted(name));
            }
        }

        int end() {
            return stages.get(stages.size() - 1);
        }
    }

    /** @throws Refused naming every value out of its range, and positions that cannot be */
    public Drive {
        stages = List.copyOf(stages);
        positions = List.copyOf(positions);
        Refused.ifAny(
                STAGES.judge(stages.size()),
                POSITIONS.judge(positions.size()),
                inputSpeedRpm == 0 ? Optional.empty() : INPUT_SPEED.judge(inputSpeedRpm),
                INPUT_POWER.judge(inputPowerKw));
        if (positions.isEmpty() && !stages.isEmpty()) {
            Refused.ifAny(DriveLine.STAGES.judge(stages.size()));
        }
        var names = new HashSet<String>();
        for (int i = 0; i < positions.size(); i++) {
            var position = positions.get(i);
            if (!names.add(position.name.toLowerCase(Locale.ROOT))) {
                throw Refused.because(
                        "positions[%d].name".formatted(i),
                        "Two gear positions are called “%s”. Give each its own name."
                                .formatted(position.name));
            }
            for (int number : position.stages) {
                if (number < 1 || number > stages.size()) {
                    throw Refused.because(
                            "positions[%d].stages".formatted(i),
                            "Position “%s” goes through stage %d; the papers describe %d."
                                    .formatted(position.name, number, stages.size()));
                }
            }
        }
        for (var path : paths(stages, positions)) {
            refuseTravelBeforeTheEnd(stages, path);
        }
        refuseTwoOutputsOnOneShaft(positions);
    }

    private static void refuseTwoOutputsOnOneShaft(List<Position> positions) {
        for (int i = 0; i < positions.size(); i++) {
            var one = positions.get(i);
            for (var other : positions.subList(0, i)) {
                if (one.output != other.output && one.end() == other.end()) {
                    throw Refused.because(
                            "positions[%d].output".formatted(i),
                            "“%s” and “%s” both end with stage %d, so they lead to the same output. Give them one output, or end each with a stage of its own."
                                    .formatted(other.name, one.name, one.end()));
                }
            }
        }
    }

    /** Stages that all always carry the load. */
    public Drive(List<? extends Stage> stages, double inputSpeedRpm, double inputPowerKw) {
        this(List.copyOf(stages), List.of(), inputSpeedRpm, inputPowerKw);
    }

    private static void refuseTravelBeforeTheEnd(List<Stage> stages, List<Integer> path) {
        for (int i = 0; i < path.size() - 1; i++) {
            var stage = stages.get(path.get(i) - 1);
            if (stage.travelMmPerTurn() > 0) {
                throw Refused.because(
                        "stages",
                        "Stage %d (%s) moves along a line, so nothing can be driven behind it. Put it last."
                                .formatted(path.get(i), stage.inWords()));
            }
        }
    }

    /** The path of each position; one through all stages where there are none. */
    private static List<List<Integer>> paths(List<Stage> stages, List<Position> positions) {
        return positions.isEmpty()
                ? List.of(IntStream.rangeClosed(1, stages.size()).boxed().toList())
                : positions.stream().map(Position::stages).toList();
    }

    /** Numbers of stages that carry the load in no position: worn for nothing, or a path that was forgotten. None where no position is described. */
    public List<Integer> inNoPosition() {
        return positions.isEmpty()
                ? List.of()
                : IntStream.rangeClosed(1, stages.size())
                        .filter(n -> positions.stream().noneMatch(p -> p.stages().contains(n)))
                        .boxed()
                        .toList();
    }

    /** True when the papers describe no gears at all. */
    public boolean isUnknown() {
        return stages.isEmpty();
    }

    /** True when the speed of the input is known. */
    public boolean isSpeedKnown() {
        return inputSpeedRpm > 0;
    }

    /**
     * @param number of a stage, 1 first
     * @return the stage; empty when there is none of that number
     */
    public Optional<Stage> stage(int number) {
        return number < 1 || number > stages.size()
                ? Optional.empty()
                : Optional.of(stages.get(number - 1));
    }

    /** The pair of gears on parallel shafts that a stage is; empty when it is something else. */
    public Optional<GearPair> pair(int number) {
        return stage(number)
                .filter(Stage.Parallel.class::isInstance)
                .map(s -> ((Stage.Parallel) s).pair());
    }

    /** Numbers of the stages that are pairs of gears on parallel shafts, from the input on. */
    public List<Integer> pairs() {
        return IntStream.rangeClosed(1, stages.size())
                .filter(n -> pair(n).isPresent())
                .boxed()
                .toList();
    }

    /** The first position, the one that everything is told for unless another is asked; empty when there are none. */
    public Optional<Position> first() {
        return positions.stream().findFirst();
    }

    /** @throws Refused when there is no position of that name; an empty name is the first one */
    public Optional<Position> position(String name) {
        if (name.isBlank()) {
            return first();
        }
        return Optional.of(
                positions.stream()
                        .filter(p -> p.name.equalsIgnoreCase(name.strip()))
                        .findFirst()
                        .orElseThrow(
                                () ->
                                        Refused.because(
                                                "position",
                                                "There is no gear position “%s” in the papers: %s."
                                                        .formatted(
                                                                name.strip(),
                                                                positions.isEmpty()
                                                                        ? "they name none"
                                                                        : String.join(
                                                                                ", ",
                                                                                positions.stream()
                                                                                        .map(
                                                                                                Position
                                                                                                        ::name)
                                                                                        .toList())))));
    }

    /** Positions that a lever chooses between: those that lead to the same output as another. Ways to outputs that all turn are none. */
    public List<Position> chosenByLever() {
        return positions.stream()
                .filter(p -> positions.stream().anyMatch(o -> o != p && o.output == p.output))
                .toList();
    }

    /** Each position, or one way without a name where there are none. */
    public List<Optional<Position>> ways() {
        return positions.isEmpty()
                ? List.of(Optional.empty())
                : positions.stream().map(Optional::of).toList();
    }

    /** Numbers of the stages that carry the load in a position, from the input on; all of them without one. */
    public List<Integer> numbers(Optional<Position> position) {
        return position.map(Position::stages)
                .orElseGet(() -> IntStream.rangeClosed(1, stages.size()).boxed().toList());
    }

    /** Stages that carry the load in a position, from the input on; all of them without one. */
    public List<Stage> path(Optional<Position> position) {
        return numbers(position).stream().map(n -> stages.get(n - 1)).toList();
    }

    /** i of the first position as a magnitude, input turns for one output turn. */
    public double ratio() {
        return ratio(first());
    }

    /** i of a position as a magnitude, input turns for one output turn. */
    public double ratio(Optional<Position> position) {
        return path(position).stream()
                .mapToDouble(s -> Math.abs(s.ratio()))
                .reduce(1, (a, b) -> a * b);
    }

    /** True when the output turns the same way as the input in the first position; a worm's wheel counts as the same. */
    public boolean turnsTheSameWay() {
        return turnsTheSameWay(first());
    }

    /** True when the output turns the same way as the input in a position. */
    public boolean turnsTheSameWay(Optional<Position> position) {
        return path(position).stream().filter(s -> s.ratio() < 0).count() % 2 == 0;
    }

    /** Travel of the output for one turn of the input in a position (mm); 0 where the output turns. */
    public double travelMmPerInputTurn(Optional<Position> position) {
        var path = path(position);
        return path.isEmpty() ? 0 : path.get(path.size() - 1).travelMmPerTurn() / ratio(position);
    }

    /**
     * Speed of the driving shaft of a stage (min⁻¹), the highest of all positions in which it carries the load; 0 where none does or
     * the input's is unknown.
     *
     * @param number of the stage, 1 first
     */
    public double driverSpeedRpm(int number) {
        double highest = 0;
        for (var path : paths(stages, positions)) {
            double speed = inputSpeedRpm;
            for (int before : path) {
                if (before == number) {
                    highest = Math.max(highest, speed);
                    break;
                }
                speed /= Math.abs(stages.get(before - 1).ratio());
            }
        }
        return highest;
    }

    /** Speed of the output in the first position (min⁻¹). */
    public double outputSpeedRpm() {
        return inputSpeedRpm / ratio();
    }

    /** v = π · 2 r_w1 · n₁ / 60000 (m/s) on the working circle of a pair; 0 where the stage is none. */
    public double pitchLineVelocityMPerS(int number) {
        return pair(number)
                .map(p -> Math.PI * 2 * p.pinionWorkingRadiusMm() * driverSpeedRpm(number) / 60_000)
                .orElse(0.0);
    }

    /** T = 9549.30 P/n at the input shaft (N·m), without losses; 0 when power or speed is unknown. */
    public double inputTorqueNm() {
        return !isSpeedKnown() ? 0 : 60_000 / (2 * Math.PI) * inputPowerKw / inputSpeedRpm;
    }

    /** Which stages sit on which shafts. */
    public DriveShafts shafts() {
        return DriveShafts.of(
                stages.size(),
                paths(stages, positions),
                positions.isEmpty()
                        ? List.of(1)
                        : positions.stream().map(Position::output).toList());
    }

    /**
     * The stage whose driving wheel drives this one too. A bevel pinion that stands between two wheels is one pinion: that of two outputs,
     * or of a reversing box. Told by the same shaft, the same teeth and the same module.
     *
     * @param number of the stage, 1 first
     * @return number of the stage itself where its driving wheel is its own
     */
    public int drivenBy(int number) {
        if (!(stages.get(number - 1) instanceof Stage.Bevel bevel)) {
            return number;
        }
        var shafts = shafts();
        return IntStream.range(1, number)
                .filter(
                        n ->
                                stages.get(n - 1) instanceof Stage.Bevel other
                                        && shafts.of(n, false) == shafts.of(number, false)
                                        && other.pair().pinionTeeth() == bevel.pair().pinionTeeth()
                                        && other.pair().outerModuleMm()
                                                == bevel.pair().outerModuleMm())
                .findFirst()
                .orElse(number);
    }
}
