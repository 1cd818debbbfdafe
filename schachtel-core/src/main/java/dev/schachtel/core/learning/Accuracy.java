package dev.schachtel.core.learning;

import java.util.List;

/**
 * How exactly a tool or a hand works, from pieces of known size that were measured: bias and spread of size less what it should
 * be, in millimetres. The book (no bias, its spread) weighs as {@value #BOOK} pieces: with a normal-inverse-gamma prior of mean 0,
 * κ = 6, α = 3, β = α σ², n pieces of mean m and sum of squares q about it give bias n m / (κ + n) and
 * spread² = (β + q / 2 + κ n m² / (2 (κ + n))) / (α + n / 2).
 *
 * @param bias millimetres that pieces are too long; below 0: too short
 * @param spread one sigma
 * @param count pieces that were measured
 */
public record Accuracy(double bias, double spread, int count) {
    static final double BOOK = 6;
    /** What lies further out, in sigmas, was likely typed wrong. */
    private static final double DOUBTFUL = 5;

    public Accuracy {
        if (!(spread > 0) || count < 0) {
            throw new IllegalArgumentException("a spread of " + spread + " mm from " + count + " pieces can't be");
        }
    }

    /** As the book says, when nothing was measured. */
    public static Accuracy book(double sigma) {
        return new Accuracy(0, sigma, 0);
    }

    /** From the book's spread and how much each piece is off. */
    public static Accuracy of(double sigma, List<Double> off) {
        int n = off.size();
        if (n == 0) {
            return book(sigma);
        }
        double mean = off.stream().mapToDouble(d -> d).average().orElse(0);
        double squares = off.stream().mapToDouble(d -> (d - mean) * (d - mean)).sum();
        double alpha = BOOK / 2 + n / 2.0;
        double beta = BOOK / 2 * sigma * sigma + squares / 2 + BOOK * n * mean * mean / (2 * (BOOK + n));
        return new Accuracy(n * mean / (BOOK + n), Math.sqrt(beta / alpha), n);
    }

    /** Whether a piece that is so much off should be asked about before it counts. */
    public boolean isDoubtful(double off) {
        return Math.abs(off - bias) > DOUBTFUL * spread;
    }
}
