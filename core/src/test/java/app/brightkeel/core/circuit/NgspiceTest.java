package app.brightkeel.core.circuit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Ngspice;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The second opinion: ngspice on generated networks, to 1e-6 V. {@code ./keel test} installs it. */
public class NgspiceTest {

    private static final int NETWORKS = 24;
    private static final Pattern VOLTS = Pattern.compile("v\\(n(\\d+)\\)\\s*=\\s*(\\S+)");

    @Test
    public void agreesOnGeneratedNetworks() throws Exception {
        Ngspice.orSkip();
        Random random = new Random(7);
        int compared = 0;
        for (int n = 0; n < NETWORKS; n++) {
            RandomTree tree = RandomTree.of(random, 4 + n % 12);
            Network network = tree.network();
            if (!network.solve(tree.restVolts(), tree.innerOhm(), tree.watts())) {
                continue;
            }
            Map<Integer, Double> spice = run(tree.netlist());
            for (int node = 0; node < network.nodes(); node++) {
                assertEquals(
                        network.volts(node),
                        spice.getOrDefault(node, Double.NaN),
                        1e-6,
                        "network " + n + ", node " + node);
            }
            compared++;
        }
        assertTrue(compared >= 20, "compared " + compared);
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
