package app.yunque.lubricant.sump;

import app.yunque.measure.PlainDigits;
import app.yunque.measure.Refused;
import java.util.List;

/**
 * A sump measured by filling it: litres poured and the height each reached, straight between. What is built in is counted
 * already, so nothing is taken away from it. Source: measurement.
 *
 * @param marks heights above the floor (mm) and litres there, rising, the first 0 and 0
 */
public record PouredSump(List<Mark> marks) implements SumpShape {
    /** One height and the litres that reach it. */
    public record Mark(double heightMm, double litres) {}

    public PouredSump {
        marks = List.copyOf(marks);
        if (marks.size() < 2 || marks.get(0).heightMm != 0 || marks.get(0).litres != 0) {
            throw Refused.because(
                    "marks", "Filling needs two heights or more, the first 0 mm with 0 L.");
        }
        for (int i = 1; i < marks.size(); i++) {
            if (!(marks.get(i).heightMm > marks.get(i - 1).heightMm
                    && marks.get(i).litres >= marks.get(i - 1).litres)) {
                throw Refused.because(
                        "marks",
                        "Mark %d, %s mm with %s L: heights must rise from mark to mark and litres cannot fall."
                                .formatted(
                                        i + 1,
                                        PlainDigits.exact(marks.get(i).heightMm),
                                        PlainDigits.exact(marks.get(i).litres)));
            }
        }
    }

    @Override
    public double heightMm() {
        return marks.get(marks.size() - 1).heightMm;
    }

    @Override
    public List<Corner> outline() {
        return List.of();
    }

    @Override
    public double volumeMm3(double level) {
        int above = 1;
        while (above < marks.size() - 1 && marks.get(above).heightMm < level) {
            above++;
        }
        var low = marks.get(above - 1);
        var high = marks.get(above);
        double share = (level - low.heightMm) / (high.heightMm - low.heightMm);
        return (low.litres + share * (high.litres - low.litres)) * 1e6;
    }

    @Override
    public String formula() {
        return "litres poured, straight from mark to mark";
    }
}
