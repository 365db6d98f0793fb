package app.brightkeel.server.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Water;
import app.brightkeel.server.files.log.LogRead;
import app.brightkeel.server.files.log.LogReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import net.sf.marineapi.nmea.sentence.SentenceValidator;
import org.testng.annotations.Test;

/** The made-up sounder writes logs that a library accepts, over the water it is given. */
public class SimulatedSounderTest {

    private static Water water(Rig rig) {
        return Line.of(rig).rig().outing().water();
    }

    private static String log(Water water, long seed, int seconds) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new SimulatedSounder(water, seed).write(out, seconds);
        return out.toString(StandardCharsets.US_ASCII);
    }

    @Test
    public void everyLineIsASentence() throws IOException {
        Water water = water(DemoRigs.lanternCrate());
        String log = log(water, 1, 1200);
        log.lines().forEach(line -> assertTrue(SentenceValidator.isValid(line), line));
        assertEquals(log(water, 1, 1200), log);
        assertNotEquals(log(water, 2, 1200), log);
    }

    /** Read back, it stays between the depths of the water, about its middle, at its temperature. */
    @Test
    public void readBackItIsTheWaterItWasMadeFor() throws IOException {
        for (Rig rig : DemoRigs.all()) {
            Water water = water(rig);
            byte[] log = log(water, 3, 20_000).getBytes(StandardCharsets.US_ASCII);
            LogRead read = LogReader.read(new ByteArrayInputStream(log), "simulated");
            assertTrue(read.fished().leastM() >= water.leastM().value() - 0.1, rig.name());
            assertTrue(read.fished().mostM() <= water.mostM().value() + 0.1, rig.name());
            assertTrue(read.fished().leastM() < water.typicalM().value(), rig.name());
            assertTrue(read.fished().mostM() > water.typicalM().value(), rig.name());
            assertEquals(read.fished().waterC().orElseThrow(), water.waterC().value(), 0.3);
            assertEquals(read.fished().logged().hours(), 20_000 / 3600.0, 0.02);
        }
    }
}
