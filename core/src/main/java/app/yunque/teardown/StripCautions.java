package app.yunque.teardown;

import app.yunque.measure.TableLines;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What can hurt somebody at a step of the strip, told while it can still help. The lines stand in {@code stripcautions.table}; local
 * rules, the maker's instructions and licensed practice come first. Source: common practice, no source.
 */
public final class StripCautions {
    private static final String ANY = "–";
    private static final int MOST = 2;
    private static final List<Row> ROWS =
            TableLines.beside(StripCautions.class, "stripcautions.table").stream()
                    .map(Row::of)
                    .toList();

    private StripCautions() {}

    /**
     * @param act     what is done
     * @param kinds   kinds of part; any where it is empty
     * @param words   what is said, none where it is any
     * @param leastKg from which mass on (kg); null for any
     * @param caution what to mind
     */
    private record Row(
            StripAct act,
            List<PartKind> kinds,
            @Nullable Pattern words,
            @Nullable Double leastKg,
            String caution) {
        /** A word may itself hold the sign between the columns, so the line is cut at signs with a blank on both sides. */
        static Row of(String line) {
            var cells = line.split("\\s\\|\\s");
            return new Row(
                    StripAct.valueOf(cells[0].strip()),
                    cells[1].strip().equals(ANY)
                            ? List.of()
                            : Arrays.stream(cells[1].strip().split(" "))
                                    .map(PartKind::valueOf)
                                    .toList(),
                    cells[2].strip().equals(ANY)
                            ? null
                            : Pattern.compile(cells[2].strip(), Pattern.CASE_INSENSITIVE),
                    cells[3].strip().equals(ANY) ? null : Double.valueOf(cells[3].strip()),
                    cells[4].strip());
        }

        boolean isSo(
                StripAct done, Collection<PartKind> parts, String said, @Nullable Double massKg) {
            return act == done
                    && (kinds.isEmpty() || parts.stream().anyMatch(kinds::contains))
                    && (words == null || words.matcher(said).find())
                    && (leastKg == null || massKg != null && massKg >= leastKg);
        }
    }

    /**
     * @param act    what is done
     * @param parts  kinds of the parts it is done to
     * @param said   the line as typed
     * @param massKg mass (kg); null where nobody said
     * @param oilIsIn whether oil stands in the unit and nothing was drained; asked only where what comes off lets it out
     * @return at most two, the most telling first, so that they are read
     */
    public static List<String> of(
            StripAct act,
            Collection<PartKind> parts,
            String said,
            @Nullable Double massKg,
            BooleanSupplier oilIsIn) {
        boolean runsOut =
                act == StripAct.TAKE_OFF && JointBelowOil.opens(parts) && oilIsIn.getAsBoolean();
        return Stream.concat(
                        runsOut ? Stream.of(JointBelowOil.NOT_DRAINED) : Stream.empty(),
                        ROWS.stream()
                                .filter(r -> r.isSo(act, parts, said, massKg))
                                .map(Row::caution))
                .limit(MOST)
                .toList();
    }
}
