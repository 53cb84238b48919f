package app.yunque.backlash;

/** Small dense systems of normal equations: the inverse by Gauss and Jordan with row exchange. */
final class LeastSquares {
    private static final double SINGULAR = 1e-300;

    private LeastSquares() {}

    static double[][] inverse(double[][] matrix) {
        int n = matrix.length;
        double[][] a = new double[n][2 * n];
        for (int i = 0; i < n; i++) {
            System.arraycopy(matrix[i], 0, a[i], 0, n);
            a[i][n + i] = 1;
        }
        for (int column = 0; column < n; column++) {
            exchange(a, column);
            double pivot = a[column][column];
            for (int j = 0; j < 2 * n; j++) {
                a[column][j] /= pivot;
            }
            for (int i = 0; i < n; i++) {
                if (i != column) {
                    double factor = a[i][column];
                    for (int j = 0; j < 2 * n; j++) {
                        a[i][j] -= factor * a[column][j];
                    }
                }
            }
        }
        double[][] inverse = new double[n][n];
        for (int i = 0; i < n; i++) {
            System.arraycopy(a[i], n, inverse[i], 0, n);
        }
        return inverse;
    }

    static double[] times(double[][] matrix, double[] vector) {
        double[] product = new double[vector.length];
        for (int i = 0; i < vector.length; i++) {
            for (int j = 0; j < vector.length; j++) {
                product[i] += matrix[i][j] * vector[j];
            }
        }
        return product;
    }

    /** ‖A‖ ‖A⁻¹‖ in the row-sum norm; infinite for a singular matrix. */
    static double condition(double[][] matrix) {
        double bare = norm(matrix);
        double inverse = norm(inverse(matrix));
        return Double.isFinite(inverse) ? bare * inverse : Double.POSITIVE_INFINITY;
    }

    private static void exchange(double[][] a, int column) {
        int best = column;
        for (int i = column + 1; i < a.length; i++) {
            if (Math.abs(a[i][column]) > Math.abs(a[best][column])) {
                best = i;
            }
        }
        double[] row = a[column];
        a[column] = a[best];
        a[best] = row;
        if (Math.abs(a[column][column]) < SINGULAR) {
            a[column][column] = SINGULAR;
        }
    }

    private static double norm(double[][] matrix) {
        double most = 0;
        for (var row : matrix) {
            double sum = 0;
            for (double value : row) {
                sum += Math.abs(value);
            }
            most = Math.max(most, sum);
        }
        return most;
    }
}
