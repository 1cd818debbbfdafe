package dev.schachtel.core.pose;

/** Damped least squares: (JᵀJ + λ diag(JᵀJ) + ε) step = -Jᵀ gaps, by Cholesky's decomposition. */
final class Normal {
    private static final double LEAST = 1e-12;
    private final double[][] square;
    private final double[] right;

    Normal(double[][] slopes, double[] gaps) {
        int n = slopes[0].length;
        square = new double[n][n];
        right = new double[n];
        for (int row = 0; row < slopes.length; row++) {
            double[] s = slopes[row];
            for (int i = 0; i < n; i++) {
                if (s[i] != 0) {
                    right[i] -= s[i] * gaps[row];
                    for (int j = 0; j <= i; j++) {
                        square[i][j] += s[i] * s[j];
                    }
                }
            }
        }
    }

    double[] solved(double damping) {
        int n = right.length;
        double[][] l = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j <= i; j++) {
                double sum = square[i][j] + (i == j ? damping * square[i][i] + LEAST : 0);
                for (int k = 0; k < j; k++) {
                    sum -= l[i][k] * l[j][k];
                }
                l[i][j] = i == j ? Math.sqrt(Math.max(LEAST, sum)) : sum / l[j][j];
            }
        }
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            double sum = right[i];
            for (int k = 0; k < i; k++) {
                sum -= l[i][k] * y[k];
            }
            y[i] = sum / l[i][i];
        }
        for (int i = n - 1; i >= 0; i--) {
            for (int k = i + 1; k < n; k++) {
                y[i] -= l[k][i] * y[k];
            }
            y[i] /= l[i][i];
        }
        return y;
    }
}
