package app.brightkeel.core.circuit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.rig.LoadModel;
import java.util.List;
import java.util.Random;
import org.hipparchus.linear.RealVector;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NetworkTest {

    /** Handbook §7 reference case, confirmed there with ngspice: 12.8 V, shared 60 mΩ, 150 mΩ to 14 W, 80 mΩ to 21 W. */
    @Test
    public void referenceNetwork() {
        Network network = new Network(
                new int[] {-1, 0, 1, 1}, new double[] {0, 0.060, 0.150, 0.080}, new int[] {0, -1, -1, -1}, new int[] {
                    -1, -1, 0, 1
                });
        assertTrue(network.solve(new double[] {12.8}, new double[] {0}, new double[] {14, 21}));
        assertEquals(network.volts(1), 12.63178, 1e-5);
        assertEquals(network.volts(2), 12.46329, 1e-5);
        assertEquals(network.volts(3), 12.49735, 1e-5);
    }

    /** A single branch has the upper root of V² − U·V + P·R = 0 up to P = U²/4R, and none beyond. */
    @DataProvider
    public Object[][] sharesOfTheLimit() {
        return new Object[][] {
            {0.0, true}, {0.1, true}, {0.9, true}, {0.999, true}, {1 - 1e-5, true}, {1 + 1e-5, false}, {2.0, false}
        };
    }

    @Test(dataProvider = "sharesOfTheLimit")
    public void collapseOfOneBranchIsFoundExactly(double share, boolean exists) {
        double volts = 12.8;
        double inner = 0.03;
        double wire = 0.47;
        double watts = share * volts * volts / (4 * (inner + wire));
        Network network = new Network(new int[] {-1, 0}, new double[] {0, wire}, new int[] {0, -1}, new int[] {-1, 0});
        assertEquals(network.solve(new double[] {volts}, new double[] {inner}, new double[] {watts}), exists);
        if (exists) {
            double upper = (volts + Math.sqrt(volts * volts - 4 * watts * (inner + wire))) / 2;
            assertEquals(network.volts(1), upper, 1e-6);
        }
    }

    /** Two equal packs share alike; an emptier one is charged by the fuller one: I = (U1 − U2) / (R1 + R2). */
    @Test
    public void packsInParallelShareAndChargeEachOther() {
        Network network = new Network(
                new int[] {-1, 0, 1, 1}, new double[] {0, 0.01, 0.01, 0.1}, new int[] {0, -1, 1, -1}, new int[] {
                    -1, -1, -1, 0
                });
        double[] inner = {0.02, 0.02};
        double[] even = {13, 13};
        assertTrue(network.solve(even, inner, new double[] {26}));
        assertEquals(network.packAmps(0, even, inner), network.packAmps(1, even, inner), 1e-9);
        assertEquals(network.packAmps(0, even, inner), 26 / network.volts(3) / 2, 1e-9);
        double[] uneven = {13.3, 12.7};
        assertTrue(network.solve(uneven, inner, new double[] {0}));
        assertEquals(network.packAmps(0, uneven, inner), 0.6 / 0.06, 1e-9);
        assertEquals(network.packAmps(1, uneven, inner), -0.6 / 0.06, 1e-9);
    }

    /** Whatever the tree: currents into each node add up, every device gets its power, and none sits on the lower root. */
    @Test
    public void kirchhoffAndPowerHoldOnRandomTrees() {
        Random random = new Random(42);
        int solved = 0;
        for (int n = 0; n < 300; n++) {
            RandomTree tree = RandomTree.of(random, 3 + random.nextInt(12));
            Network network = tree.network();
            if (!network.solve(tree.restVolts(), tree.innerOhm(), tree.watts())) {
                continue;
            }
            solved++;
            for (int node = 0; node < tree.parent().length; node++) {
                assertEquals(tree.imbalance(network, node), 0, 1e-6, "node " + node + " of tree " + n);
            }
        }
        assertTrue(solved > 250, "solved " + solved);
    }

    /** Dense Newton steps of Hipparchus from the volts without power come to the same, near the limit too. */
    @Test
    public void agreesWithDenseNewtonOfALibrary() {
        Random random = new Random(3);
        int compared = 0;
        for (int n = 0; compared < 120; n++) {
            RandomTree tree = RandomTree.of(random, 3 + n % 12);
            double most = tree.loadModels().contains(LoadModel.POWER) ? tree.limit() : 1;
            for (double share : new double[] {0.5, 0.99, 1 - 1e-5}) {
                RandomTree loaded = tree.drawing(most * share);
                Network network = loaded.network();
                assertTrue(network.solve(loaded.restVolts(), loaded.innerOhm(), loaded.watts()));
                RealVector dense = DenseNewton.volts(loaded);
                for (int node = 0; node < network.nodes(); node++) {
                    assertEquals(network.volts(node), dense.getEntry(node), 1e-6, "tree " + n + ", node " + node);
                }
                compared++;
            }
        }
    }

    /** Leaves by hand: 12.8 V behind 0.5 Ω. 1 A: 12.3 V. 12 Ω: 12.8·12/12.5 = 12.288 V. Both: 12.3·12/12.5 = 11.808 V. */
    @Test
    public void currentAndResistanceByHand() {
        double atV = 12;
        List<LoadModel> kinds = List.of(LoadModel.CURRENT, LoadModel.RESISTANCE);
        double[][] cases = {{12, 0, 12.3}, {0, 12, 12.288}, {12, 12, 11.808}};
        for (double[] each : cases) {
            Network network = new Network(
                    new int[] {-1, 0, 1, 1},
                    new double[] {0, 0.5, 0, 0},
                    new int[] {0, -1, -1, -1},
                    new int[] {-1, -1, 0, 1},
                    kinds,
                    List.of(atV, atV));
            assertTrue(network.solve(new double[] {12.8}, new double[] {0}, new double[] {each[0], each[1]}));
            assertEquals(network.volts(1), each[2], 1e-12);
            assertEquals(network.deviceWatts(2, each[0]), each[0] / atV * each[2], 1e-9);
        }
        Network drained = new Network(
                new int[] {-1, 0},
                new double[] {0, 1},
                new int[] {0, -1},
                new int[] {-1, 0},
                List.of(LoadModel.CURRENT),
                List.of(atV));
        assertFalse(drained.solve(new double[] {12.8}, new double[] {0}, new double[] {13 * atV}), "13 A over 1 Ω");
    }

    @Test
    public void noResistanceAtAllIsNoTrouble() {
        Network network = new Network(new int[] {-1, 0}, new double[] {0, 0}, new int[] {0, -1}, new int[] {-1, 0});
        assertTrue(network.solve(new double[] {12}, new double[] {0}, new double[] {30}));
        assertEquals(network.volts(1), 12, 0);
        assertEquals(network.segmentAmps(1), 2.5, 1e-12);
        assertFalse(network.solve(new double[] {12}, new double[] {1}, new double[] {40}));
    }
}
