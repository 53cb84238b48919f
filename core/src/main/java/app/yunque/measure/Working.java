package app.yunque.measure;

import java.util.List;

/**
 * How a result came about, ready to be read line by line by an apprentice.
 *
 * @param lines   formula and numbers, in the order of the source
 * @param source  standard with clause, author and page, "from memory", or "common practice, no source"
 * @param schools what others would do, and when they are right; may be empty
 */
public record Working(List<Line> lines, String source, List<String> schools) {

    public Working {
        lines = List.copyOf(lines);
        schools = List.copyOf(schools);
    }

    public Working(List<Line> lines, String source) {
        this(lines, source, List.of());
    }

    /**
     * @param formula the formula in the source's symbols
     * @param numbers the same formula with the numbers put in, and its result with unit
     */
    public record Line(String formula, String numbers) {}

    public static Line line(String formula, String numbers) {
        return new Line(formula, numbers);
    }
}
