package app.brightkeel.core.gear;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.TransducerType;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Made-up gear stays within what is usual for its kind; the ranges are values from memory. */
public class CatalogueTest {

    private static void within(double value, double low, double high, String what) {
        assertTrue(value >= low && value <= high, what + ": " + value + " outside " + low + " to " + high);
    }

    @DataProvider
    public Object[][] crafts() {
        // length, width, mass: usual ranges, values from memory
        return new Object[][] {
            {CraftKind.SIT_ON_TOP, 3.0, 4.2, 0.75, 0.95, 25.0, 50.0},
            {CraftKind.PEDAL_KAYAK, 3.2, 4.3, 0.83, 0.97, 40.0, 65.0},
            {CraftKind.CANOE, 4.6, 5.2, 0.85, 0.95, 25.0, 40.0}
        };
    }

    @Test(dataProvider = "crafts")
    public void craftsAreOfTheUsualSize(
            CraftKind kind, double short_, double long_, double narrow, double wide, double light, double heavy) {
        for (CraftItem item : Catalogue.crafts()) {
            if (item.craft().kind() == kind) {
                within(item.craft().lengthM().value(), short_, long_, item.name());
                within(item.craft().beamM().value(), narrow, wide, item.name());
                within(item.craft().massKg().value(), light, heavy, item.name());
            }
        }
    }

    /** Stations lie in or beside their craft, and no passage is shorter than the way it spans. */
    @Test
    public void stationsAndPassagesAgree() {
        for (CraftItem item : Catalogue.crafts()) {
            double length = item.craft().lengthM().value();
            double half = item.craft().beamM().value() / 2;
            for (Station station : item.craft().stations()) {
                boolean hole = station.spot() == Spot.ICE_HOLE;
                within(station.fromBowM().value(), 0, hole ? length + 1 : length, item.id() + " " + station.id());
                double out = station.spot() == Spot.ON_ARM || hole ? 0.6 : 0.06;
                within(Math.abs(station.sideM().value()), 0, half + out, item.id() + " " + station.id());
            }
            for (Passage passage : item.craft().passages()) {
                Station a = item.craft().station(passage.from()).orElseThrow();
                Station b = item.craft().station(passage.to()).orElseThrow();
                double straight = Math.hypot(
                        a.fromBowM().value() - b.fromBowM().value(),
                        Math.hypot(
                                a.sideM().value() - b.sideM().value(),
                                a.heightM().value() - b.heightM().value()));
                within(passage.lengthM().value(), 0.8 * straight, 4 * straight + 0.4, item.id() + " " + passage.id());
                assertEquals(passage.openingM().isSet(), passage.way().opening(), passage.id());
            }
        }
    }

    /**
     * Beams of the usual width for their type, handbook §3, from memory: cones 16-28, duals 40-60 and 16-20, on ice 7-24
     * degrees, line beams 45-75 athwart, live fans 110-140 by 18-22.
     */
    @Test
    public void beamsAreOfTheUsualWidth() {
        for (Transducer item : Catalogue.transducers()) {
            boolean ice = item.type() == TransducerType.ICE_CONE;
            boolean dual = item.type() == TransducerType.DUAL_CONE;
            assertTrue(!dual || item.beams().size() == 2, item.name());
            for (Beam beam : item.beams()) {
                switch (beam.shape()) {
                    case CONE -> within(beam.fullDeg().value(), ice ? 7 : 16, ice ? 24 : dual ? 60 : 28, item.name());
                    case LINE, SIDE -> within(beam.fullDeg().value(), 45, 75, item.name());
                    case LIVE -> {
                        within(beam.fullDeg().value(), 110, 140, item.name());
                        within(beam.alongDeg().value(), 18, 22, item.name());
                    }
                }
                // a sweep is never wider than its frequency
                within(beam.bandwidthKhz().value(), 1, beam.kiloHertz().value(), item.name());
            }
            within(item.lead().lengthM().value(), 2, 7.5, item.name());
            assertTrue(item.lead().plugM().value() < item.bodyM().value(), item.name());
        }
    }

    /** A battery weighs 1 to 3 kg a litre and holds what its chemistry holds. */
    @Test
    public void packsAreOfTheUsualDensity() {
        for (Pack pack : Catalogue.packs()) {
            Size size = pack.size();
            double litres = 1000
                    * size.deepM().value()
                    * size.wideM().value()
                    * size.tallM().value();
            within(pack.massKg().value() / litres, 0.75, 3, pack.name());
            Chemistry.Data data = pack.chemistry().data();
            double whPerKg =
                    pack.capacityAh().value() * data.nominalV() / pack.massKg().value();
            within(whPerKg, data.whPerKg().low() * 0.95, data.whPerKg().high() * 1.05, pack.name());
        }
    }

    /** Every id once in its list, every copy named by where it came from, every mass given. */
    @Test
    public void idsAndMasses() {
        Set<String> ids = new HashSet<>();
        for (Transducer item : Catalogue.transducers()) {
            assertTrue(ids.add(item.id()), item.id());
            assertEquals(item.origin(), item.id());
            assertTrue(item.massKg().isSet());
        }
        for (Device item : Catalogue.devices()) {
            assertTrue(ids.add(item.id()), item.id());
            assertTrue(item.massKg().isSet(), item.id());
        }
        List<Double> extensions =
                Catalogue.extensions().stream().map(Extension::lengthM).toList();
        assertEquals(extensions, extensions.stream().sorted().toList());
        Transducer held = Catalogue.transducers().get(0).withFeeds("");
        Transducer swapped =
                Catalogue.inPlaceOf(held.withId("mine"), Catalogue.transducers().get(3));
        assertEquals(swapped.id(), "mine");
        assertEquals(swapped.mount(), held.mount());
        assertEquals(swapped.origin(), Catalogue.transducers().get(3).id());
    }
}
