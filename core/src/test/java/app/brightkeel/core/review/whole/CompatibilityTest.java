package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Sockets;
import app.brightkeel.core.rig.SonarVersion;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every transducer of the catalogue on every display of it: what goes together by the declared properties, and what not. */
public class CompatibilityTest {

    private static final Set<String> RULES = Set.of(
            "transducer.pins-differ",
            "transducer.older-version",
            "transducer.display-cannot-show",
            "screen.other-family");

    private static Set<String> broken(Rig rig) {
        Line line = Line.of(rig);
        Set<String> broken = new TreeSet<>();
        for (Rule rule : Rules.ALL) {
            if (RULES.contains(rule.id()) && rule.verdict(rule.judge(line)) == Verdict.FAILS) {
                broken.add(rule.id());
            }
        }
        return broken;
    }

    @DataProvider
    public Object[][] pairs() {
        List<Object[]> all = new ArrayList<>();
        for (Transducer transducer : Catalogue.transducers()) {
            for (Device device : Catalogue.devices()) {
                if (device.kind().display() || device.kind() == DeviceKind.LIVE_MODULE) {
                    all.add(new Object[] {transducer, device});
                }
            }
        }
        return all.toArray(Object[][]::new);
    }

    private static Rig together(Transducer transducer, Device device) {
        Rig rig = DemoRigs.oystercatcher();
        Rig plugged = rig.with(device.withId("display"));
        return plugged.with(
                Catalogue.inPlaceOf(rig.transducers().get(0), transducer).withFeeds("display"));
    }

    /** The declared properties say it all, compared here one by one. */
    @Test(dataProvider = "pairs")
    public void whatIsDeclaredDecides(Transducer transducer, Device device) {
        Set<String> expected = new TreeSet<>();
        Sockets sockets = device.sockets();
        if (transducer.plug().pins().value() != sockets.sonarPins().value()) {
            expected.add("transducer.pins-differ");
        }
        if (transducer.plug().version() == SonarVersion.SWEEP && sockets.version() == SonarVersion.TONE) {
            expected.add("transducer.older-version");
        }
        Set<BeamShape> shapes =
                new TreeSet<>(transducer.beams().stream().map(Beam::shape).toList());
        if (!sockets.shows().containsAll(shapes)) {
            expected.add("transducer.display-cannot-show");
        }
        assertEquals(broken(together(transducer, device)), expected, transducer.name() + " on " + device.name());
    }

    /** Ready pairs are those of which nothing is broken, and no other. */
    @Test(dataProvider = "pairs")
    public void readyPairsGoTogether(Transducer transducer, Device device) {
        boolean ready = ReadyPairs.all().contains(new ReadyPairs.Matched(device.id(), transducer.id()));
        boolean display = device.kind().display() && !transducer.live();
        assertEquals(ready, display && broken(together(transducer, device)).isEmpty());
    }

    /** What nobody declared is not judged. */
    @Test(dataProvider = "pairs")
    public void whatIsOpenIsNotJudged(Transducer transducer, Device device) {
        assertEquals(broken(together(transducer, device.withSockets(Sockets.UNKNOWN))), Set.of());
    }

    /** A part of one family beside displays of one or two: it must understand one of them. */
    @Test
    public void familiesUnderstandTheirOwn() {
        Rig rig = DemoRigs.gannet();
        for (String family : List.of("A", "B", "")) {
            Device keypad = rig.device("keypad");
            Rig with = rig.with(keypad.withSockets(keypad.sockets().withFamily(family)));
            assertEquals(broken(with).contains("screen.other-family"), family.equals("B"), "family " + family);
            Device five = with.device("five");
            Rig mixed = with.with(five.withSockets(five.sockets().withFamily("B")));
            assertTrue(!broken(mixed).contains("screen.other-family"), "one display is of family " + family);
        }
    }

    /** Whatever is proposed against a plug that does not go in is rid of it, and breaks none of the others. */
    @Test
    public void curesOfAPlugBreakNothingElse() {
        Rig rig = DemoRigs.oystercatcher();
        Transducer chirp = rig.transducers().get(0);
        Rig four = rig.with(chirp.withPlug(chirp.plug().withPins(Figure.rated(4))));
        List<String> cures = Mended.ids(four, "transducer.pins-differ");
        assertTrue(cures.size() >= 3, cures.toString());
        assertEquals(cures.get(0), "transducer.adapter.transducer.adapter-4-8");
    }
}
