package app.brightkeel.core.circuit;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/** The third opinion: a network's volts by dense Newton steps of a mathematics library, from the volts without power. */
public final class DenseNewton {

    private static final int MOST_STEPS = 60;
    private static final double SETTLED_V = 1e-12;

    private DenseNewton() {}

    /** Volts of every node; the tree must have an operating point. */
    public static RealVector volts(RandomTree tree) {
        int n = tree.parent().length;
        RealMatrix conductance = new Array2DRowRealMatrix(n, n);
        RealVector source = new ArrayRealVector(n);
        for (int i = 0; i < n; i++) {
            if (tree.parent()[i] >= 0) {
                double g = 1 / tree.ohm()[i];
                conductance.addToEntry(i, i, g);
                conductance.addToEntry(tree.parent()[i], tree.parent()[i], g);
                conductance.addToEntry(i, tree.parent()[i], -g);
                conductance.addToEntry(tree.parent()[i], i, -g);
            }
            if (tree.pack()[i] >= 0) {
                double g = 1 / tree.innerOhm()[tree.pack()[i]];
                conductance.addToEntry(i, i, g);
                source.addToEntry(i, g * tree.restVolts()[tree.pack()[i]]);
            }
        }
        RealVector volts = new LUDecomposition(conductance).getSolver().solve(source);
        for (int step = 0; step < MOST_STEPS; step++) {
            RealMatrix jacobian = conductance.copy();
            RealVector rest = conductance.operate(volts).subtract(source);
            for (int i = 0; i < n; i++) {
                if (tree.device()[i] >= 0) {
                    rest.addToEntry(i, tree.leafAmps(i, volts.getEntry(i)));
                    jacobian.addToEntry(i, i, tree.leafSlope(i, volts.getEntry(i)));
                }
            }
            RealVector by = new LUDecomposition(jacobian).getSolver().solve(rest);
            volts = volts.subtract(by);
            if (by.getLInfNorm() < SETTLED_V) {
                return volts;
            }
        }
        return volts;
    }
}
