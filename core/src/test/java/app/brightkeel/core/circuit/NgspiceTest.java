package app.brightkeel.core.circuit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Ngspice;
import app.brightkeel.core.rig.LoadModel;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.SkipException;
import org.testng.annotations.Test;

/** The second opinion: ngspice on generated networks, to 1e-6 V. {@code ./keel test} installs it. */
public class NgspiceTest {

    private static final int NETWORKS = 44;
    private static final Pattern VOLTS = Pattern.compile("v\\(n(\\d+)\\)\\s*=\\s*(\\S+)");

    @Test
    public void agreesOnGeneratedNetworks() throws Exception {
        if (!Ngspice.installed()) {
            throw new SkipException(Ngspice.MISSING);
        }
        Random random = new Random(7);
        int compared = 0;
        for (int n = 0; n < NETWORKS; n++) {
            RandomTree tree = RandomTree.of(random, 4 + n % 12);
            if (tree.settles()) {
                agrees(tree, "network " + n);
                compared++;
            }
        }
        assertTrue(compared >= 40, "compared " + compared);
    }

    /** A part in 10⁵ below the limit of a tree both find the upper solution; as little beyond it we say there is none. */
    @Test
    public void agreesJustBelowTheLimitOfATree() throws Exception {
        if (!Ngspice.installed()) {
            throw new SkipException(Ngspice.MISSING);
        }
        Random random = new Random(11);
        int compared = 0;
        for (int n = 0; n < NETWORKS && compared < 12; n++) {
            RandomTree tree = RandomTree.of(random, 4 + n % 6);
            if (!tree.loadModels().contains(LoadModel.POWER)) {
                continue;
            }
            double limit = tree.limit();
            RandomTree below = tree.drawing(limit * (1 - 1e-5));
            assertFalse(tree.drawing(limit * (1 + 1e-5)).settles(), "tree " + n);
            agrees(below, "tree " + n);
            compared++;
        }
        assertEquals(compared, 12);
    }

    private static void agrees(RandomTree tree, String what) throws Exception {
        Network network = tree.network();
        assertTrue(network.solve(tree.restVolts(), tree.innerOhm(), tree.watts()), what);
        Map<Integer, Double> spice = run(tree.netlist());
        for (int node = 0; node < network.nodes(); node++) {
            assertEquals(network.volts(node), spice.getOrDefault(node, Double.NaN), 1e-6, what + ", node " + node);
        }
    }

    private static Map<Integer, Double> run(String netlist) throws Exception {
        String out = Ngspice.run(netlist);
        Map<Integer, Double> volts = new HashMap<>();
        Matcher found = VOLTS.matcher(out);
        while (found.find()) {
            volts.put(Integer.parseInt(found.group(1)), Double.parseDouble(found.group(2)));
        }
        return volts;
    }
}
