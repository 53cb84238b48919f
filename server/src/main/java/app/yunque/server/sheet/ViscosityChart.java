package app.yunque.server.sheet;

import app.yunque.lubricant.viscosity.IsoViscosityGrade;
import app.yunque.lubricant.viscosity.ViscosityLine;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What the viscosity chart is drawn from: places on its scale, which bends viscosity and temperature so that an oil is a
 * straight line.
 *
 * @param oils         the oil itself first, then what it is compared with
 * @param sump         the working point
 * @param start        the starting point
 * @param wanted       the band of viscosity that is wanted in the sump, lowest and highest; null when none was entered
 * @param temperatures to mark, °C
 * @param viscosities  to mark, mm²/s
 */
public record ViscosityChart(
        List<Oil> oils,
        ChartPoint sump,
        ChartPoint start,
        @Nullable List<ChartPoint> wanted,
        List<ChartTick> temperatures,
        List<ChartTick> viscosities) {
    private static final int COLDEST = -30;
    private static final int HOTTEST = 110;
    private static final int STEP = 20;
    private static final int NEIGHBOURS = 2;
    private static final double[] VISCOSITIES = {
        3, 10, 30, 100, 300, 1000, 3000, 10_000, 100_000, 1_000_000
    };

    /** A straight line of the chart, cold end to hot end. */
    public record Oil(String name, ChartPoint cold, ChartPoint hot) {}

    /** A point: °C, mm²/s, and where it lies on the bent scale. */
    public record ChartPoint(double temperatureDegC, double viscosity, double across, double up) {}

    /** A mark of a scale: its value and its place. */
    public record ChartTick(double value, double place) {}

    /**
     * @param wanted lowest and highest wanted viscosity in the sump, mm²/s, or null
     */
    public static ViscosityChart of(
            String name,
            ViscosityLine oil,
            double index,
            double sumpDegC,
            double startDegC,
            double @Nullable [] wanted) {
        var others = new ArrayList<Candidate>();
        neighbours(oil.viscosityAt(40))
                .forEach(
                        g ->
                                others.add(
                                        new Candidate(
                                                g.words(),
                                                ViscosityLine.of(g.midpointMm2PerS(), index))));
        return of(new Candidate(name, oil), others, sumpDegC, startDegC, wanted);
    }

    /** An oil by its name. */
    public record Candidate(String name, ViscosityLine oil) {}

    /**
     * One oil with others to compare.
     *
     * @param wanted lowest and highest wanted viscosity in the sump, mm²/s, or null
     */
    public static ViscosityChart of(
            Candidate chosen,
            List<Candidate> others,
            double sumpDegC,
            double startDegC,
            double @Nullable [] wanted) {
        var oil = chosen.oil;
        var oils = new ArrayList<Oil>();
        oils.add(line(chosen.name, oil));
        others.forEach(o -> oils.add(line(o.name, o.oil)));
        return new ViscosityChart(
                oils,
                at(oil, sumpDegC),
                at(oil, startDegC),
                wanted == null
                        ? null
                        : Arrays.stream(wanted).mapToObj(v -> point(sumpDegC, v)).toList(),
                IntStream.iterate(COLDEST, t -> t <= HOTTEST, t -> t + STEP)
                        .mapToObj(t -> new ChartTick(t, ViscosityLine.chartPlace(t)))
                        .toList(),
                Arrays.stream(VISCOSITIES)
                        .mapToObj(v -> new ChartTick(v, ViscosityLine.chartHeight(v)))
                        .toList());
    }

    /** One grade thinner and one thicker than the oil's nearest. */
    private static List<IsoViscosityGrade> neighbours(double at40) {
        var grades = IsoViscosityGrade.values();
        int here = IsoViscosityGrade.nearest(at40).ordinal();
        return IntStream.of(here - 1, here + 1)
                .filter(i -> i >= 0 && i < grades.length)
                .mapToObj(i -> grades[i])
                .limit(NEIGHBOURS)
                .toList();
    }

    private static Oil line(String name, ViscosityLine oil) {
        return new Oil(name, at(oil, COLDEST), at(oil, HOTTEST));
    }

    private static ChartPoint at(ViscosityLine oil, double t) {
        return point(t, oil.viscosityAt(t));
    }

    private static ChartPoint point(double t, double v) {
        return new ChartPoint(t, v, ViscosityLine.chartPlace(t), ViscosityLine.chartHeight(v));
    }
}
