package org.kestan.repair.history;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * A linear fit by least squares, by QR decomposition of the design matrix with normalized columns.
 *
 * @param coefficients one for each column
 * @param covariance of the coefficients divided by the residual variance: the inverse of X'X
 * @param residual standard deviation of the residuals; 0 if there are as many coefficients as points
 * @param squares sum of the squared residuals
 * @param freedom degrees of freedom: points less coefficients
 */
public record LeastSquares(double[] coefficients, double[][] covariance, double residual, double squares, int freedom) {

    /**
     * Fits.
     *
     * @param design one row a point, one column a coefficient; at least as many rows as columns, of full rank
     * @param values one a point
     */
    public static LeastSquares fit(double[][] design, double[] values) {
        int columns = design[0].length;
        RealMatrix matrix = new Array2DRowRealMatrix(design);
        double[] lengths = new double[columns];
        for (int i = 0; i < columns; i++) {
            lengths[i] = matrix.getColumnVector(i).getNorm();
            matrix.setColumnVector(i, matrix.getColumnVector(i).mapDivide(lengths[i]));
        }
        QRDecomposition qr = new QRDecomposition(matrix, 1e-13);
        DecompositionSolver solver = qr.getSolver();
        RealVector y = new ArrayRealVector(values);
        RealVector scaled = solver.solve(y);
        // One round of refinement: solved once more for the residual.
        scaled = scaled.add(solver.solve(y.subtract(matrix.operate(scaled))));
        RealVector residuals = y.subtract(matrix.operate(scaled));
        double squares = residuals.dotProduct(residuals);
        int freedom = design.length - columns;
        RealMatrix r = qr.getR().getSubMatrix(0, columns - 1, 0, columns - 1);
        RealMatrix inverse = new QRDecomposition(r).getSolver().getInverse();
        RealMatrix cross = inverse.multiplyTransposed(inverse);
        double[] coefficients = new double[columns];
        double[][] covariance = new double[columns][columns];
        for (int i = 0; i < columns; i++) {
            coefficients[i] = scaled.getEntry(i) / lengths[i];
            for (int j = 0; j < columns; j++) {
                covariance[i][j] = cross.getEntry(i, j) / (lengths[i] * lengths[j]);
            }
        }
        return new LeastSquares(
                coefficients, covariance, freedom > 0 ? Math.sqrt(squares / freedom) : 0, squares, freedom);
    }

    /** Returns the fitted value for a row of the design matrix. */
    public double at(double[] row) {
        double sum = 0;
        for (int i = 0; i < row.length; i++) {
            sum += coefficients[i] * row[i];
        }
        return sum;
    }

    /**
     * Returns {@code x'(X'X)⁻¹x} for a row of the design matrix: the variance of the fit there, in residual variances.
     */
    public double leverage(double[] row) {
        double sum = 0;
        for (int i = 0; i < row.length; i++) {
            for (int j = 0; j < row.length; j++) {
                sum += row[i] * covariance[i][j] * row[j];
            }
        }
        return sum;
    }

    /** Returns the standard error of a coefficient. */
    public double error(int coefficient) {
        return residual * Math.sqrt(covariance[coefficient][coefficient]);
    }
}
