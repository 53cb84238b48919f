package app.yunque.drive;

import app.yunque.measure.PublicRule;
import app.yunque.measure.Range;
import app.yunque.measure.Refused;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Speeds of every shaft of any train of gears, branching and epicyclic ones too: one linear equation for each mesh, z_a
 * (n_a − n_c) ± z_b (n_b − n_c) = 0, plus outside, minus inside, n_c the carrier of that mesh or 0; held shafts stand, the
 * input turns once. Source: Willis equation.
 */
public final class ShaftSpeeds {
    public static final Range TEETH = Range.count("teethA", "teeth", 1, 2000);
    private static final double NOTHING = 1e-9;

    private ShaftSpeeds() {}

    /**
     * Two gears in mesh.
     *
     * @param shaftA   shaft of gear a
     * @param teethA   z_a
     * @param shaftB   shaft of gear b
     * @param teethB   z_b
     * @param internal true when one of them is a ring
     * @param carrier  carrier that holds their centres; null when the housing does
     */
    public record Mesh(
            String shaftA,
            int teethA,
            String shaftB,
            int teethB,
            boolean internal,
            @Nullable String carrier) {
        public Mesh {
            Refused.ifAny(
                    TEETH.named("teethA", "teeth of the first gear").judge(teethA),
                    TEETH.named("teethB", "teeth of the second gear").judge(teethB));
        }
    }

    /**
     * Speeds for one turn of the input.
     *
     * @param meshes all meshes
     * @param held   shafts that are held
     * @param input  the shaft that is turned
     * @return speed of every shaft in turns of the input
     * @throws Refused when the train is locked, or not determined without another shaft being held
     */
    @PublicRule(
            at = "drive/shaft-speeds",
            title = "Speeds of any epicyclic train",
            says = "Speed of every member for one turn of the input, whatever is held.",
            source = "Willis equation")
    public static Map<String, Double> of(List<Mesh> meshes, Set<String> held, String input) {
        var shafts = new LinkedHashSet<String>();
        for (var mesh : meshes) {
            shafts.add(mesh.shaftA);
            shafts.add(mesh.shaftB);
            if (mesh.carrier != null) {
                shafts.add(mesh.carrier);
            }
        }
        var names = List.copyOf(shafts);
        if (!shafts.contains(input)) {
            throw Refused.because("input", "No gear sits on the shaft “" + input + "”.");
        }
        var rows = new ArrayList<double[]>();
        for (var mesh : meshes) {
            rows.add(equation(mesh, names));
        }
        for (var shaft : held) {
            rows.add(fixed(names, shaft, 0));
        }
        rows.add(fixed(names, input, 1));
        return solved(rows, names);
    }

    private static double[] equation(Mesh mesh, List<String> names) {
        double[] row = new double[names.size() + 1];
        double b = mesh.internal ? -mesh.teethB : mesh.teethB;
        row[names.indexOf(mesh.shaftA)] += mesh.teethA;
        row[names.indexOf(mesh.shaftB)] += b;
        if (mesh.carrier != null) {
            row[names.indexOf(mesh.carrier)] -= mesh.teethA + b;
        }
        return row;
    }

    private static double[] fixed(List<String> names, String shaft, double speed) {
        int at = names.indexOf(shaft);
        if (at < 0) {
            throw Refused.because("held", "No gear sits on the shaft “" + shaft + "”.");
        }
        double[] row = new double[names.size() + 1];
        row[at] = 1;
        row[names.size()] = speed;
        return row;
    }

    private static Map<String, Double> solved(List<double[]> rows, List<String> names) {
        int n = names.size();
        int rank = 0;
        for (int column = 0; column < n; column++) {
            int best = -1;
            for (int r = rank; r < rows.size(); r++) {
                if (best < 0 || Math.abs(rows.get(r)[column]) > Math.abs(rows.get(best)[column])) {
                    best = r;
                }
            }
            if (best < 0 || Math.abs(rows.get(best)[column]) < NOTHING) {
                throw Refused.because(
                        "held",
                        "The speed of “"
                                + names.get(column)
                                + "” is not determined: hold one more shaft, or enter the missing mesh.");
            }
            var pivot = rows.get(best);
            rows.set(best, rows.get(rank));
            rows.set(rank, pivot);
            eliminate(rows, rank, column);
            rank++;
        }
        for (int r = rank; r < rows.size(); r++) {
            if (Math.abs(rows.get(r)[n]) > NOTHING) {
                throw Refused.because(
                        "held", "This train is locked: too many shafts are held for it to turn.");
            }
        }
        var speeds = new LinkedHashMap<String, Double>();
        for (int i = 0; i < n; i++) {
            speeds.put(names.get(i), rows.get(i)[n] + 0.0);
        }
        return speeds;
    }

    private static void eliminate(List<double[]> rows, int rank, int column) {
        var pivot = rows.get(rank);
        double value = pivot[column];
        for (int j = 0; j < pivot.length; j++) {
            pivot[j] /= value;
        }
        for (int r = 0; r < rows.size(); r++) {
            double factor = rows.get(r)[column];
            if (r != rank && factor != 0) {
                for (int j = 0; j < pivot.length; j++) {
                    rows.get(r)[j] -= factor * pivot[j];
                }
            }
        }
    }
}
