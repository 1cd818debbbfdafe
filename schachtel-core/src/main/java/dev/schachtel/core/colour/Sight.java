package dev.schachtel.core.colour;

import dev.schachtel.core.material.Colour;

/**
 * How colours look to eyes that miss one sort of cone. Matrices for linear light at full severity: G. M. Machado, M. M.
 * Oliveira, L. A. F. Fernandes, A Physiologically-based Model for Simulation of Color Vision Deficiency, IEEE Transactions on
 * Visualization and Computer Graphics 15 (2009).
 */
public enum Sight {
    ALL(1, 0, 0, 0, 1, 0, 0, 0, 1),
    NO_RED(0.152286, 1.052583, -0.204868, 0.114503, 0.786281, 0.099216, -0.003882, -0.048116, 1.051998),
    NO_GREEN(0.367322, 0.860646, -0.227968, 0.280085, 0.672501, 0.047413, -0.011820, 0.042940, 0.968881),
    NO_BLUE(1.255528, -0.076749, -0.178779, -0.078411, 0.930809, 0.147602, 0.004733, 0.691367, 0.303900);

    private final double[] matrix;

    Sight(double... matrix) {
        this.matrix = matrix;
    }

    /** Row by row: what red, green and blue become. */
    public double[] matrix() {
        return matrix.clone();
    }

    public Colour of(Colour colour) {
        if (this == ALL) {
            return colour;
        }
        double[] in = colour.linear();
        double[] out = new double[3];
        for (int row = 0; row < 3; row++) {
            out[row] = matrix[3 * row] * in[0] + matrix[3 * row + 1] * in[1] + matrix[3 * row + 2] * in[2];
        }
        return Colour.ofLinear(out[0], out[1], out[2]);
    }
}
