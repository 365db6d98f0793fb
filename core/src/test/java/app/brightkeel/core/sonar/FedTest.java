package app.brightkeel.core.sonar;

import static org.testng.Assert.assertEquals;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.AdapterChain;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.WantedView;
import app.brightkeel.core.sonar.Fed.Way;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What comes through plug, adapter and display to a screen; pin counts and shapes are those of the made-up catalogue. */
public class FedTest {

    @DataProvider
    public Object[][] views() {
        return new Object[][] {
            {"chirp-24", "display-7-in-chirp", WantedView.DOWN, Way.SHOWN},
            {"chirp-24", "display-7-in-chirp", WantedView.DOWN_PICTURE, Way.NONE},
            {"line-cone", "display-7-in-chirp", WantedView.DOWN_PICTURE, Way.SHOWN},
            {"line-cone", "display-5-in", WantedView.DOWN_PICTURE, Way.STOPPED},
            {"side-line-cone", "display-9-in", WantedView.SIDES, Way.SHOWN},
            {"side-line-cone", "display-7-in-chirp", WantedView.SIDES, Way.STOPPED},
            {"cone-20", "display-5-in", WantedView.AHEAD, Way.NONE},
            {"cone-20", "display-9-in", WantedView.DOWN, Way.STOPPED},
            {"cone-20", "display-5-in", WantedView.TEMPERATURE, Way.SHOWN},
        };
    }

    @Test(dataProvider = "views")
    public void aViewComesThroughOrNot(String transducer, String display, WantedView view, Way way) {
        Rig rig = rig(transducer, display);
        assertEquals(Fed.of(rig, rig.transducers().get(0), view), way);
    }

    private static Rig rig(String transducer, String display) {
        Rig rig = DemoRigs.oystercatcher();
        Transducer old = rig.transducers().get(0);
        Device shown = rig.devices().get(0);
        Rig with = rig.with(Catalogue.devices().stream()
                .filter(item -> item.id().equals(display))
                .findFirst()
                .orElseThrow()
                .withId(shown.id()));
        Transducer item = Catalogue.transducers().stream()
                .filter(each -> each.id().equals(transducer))
                .findFirst()
                .orElseThrow();
        return Line.of(with.with(Catalogue.inPlaceOf(old, item))).rig();
    }

    @Test
    public void aLiveHeadShowsWhereItLooks() {
        Rig rig = DemoRigs.gannet();
        Transducer head = rig.transducer("head").orElseThrow();
        for (Look look : Look.values()) {
            boolean said = look != Look.UNDECIDED;
            Transducer turned = head.withLook(look);
            assertEquals(Fed.of(rig, turned, WantedView.AHEAD), said && look != Look.FORWARD ? Way.TURNED : Way.SHOWN);
            assertEquals(
                    Fed.of(rig, turned, WantedView.BELOW_LIVE), said && look != Look.DOWN ? Way.TURNED : Way.SHOWN);
        }
    }

    @Test
    public void insideAHullItIsTheHullsTemperature() {
        Rig rig = rig("cone-20", "display-5-in");
        Transducer inside = rig.transducers().get(0);
        inside = inside.withMount(inside.mount().withKind(MountKind.IN_HULL));
        assertEquals(Fed.of(rig, inside, WantedView.TEMPERATURE), Way.STOPPED);
    }

    @DataProvider
    public Object[][] chains() {
        return new Object[][] {
            {4, 8, "adapter-4-8 adapter-4-12_adapter-12-8"},
            {4, 12, "adapter-4-12 adapter-4-8_adapter-8-12"},
            {12, 4, "adapter-12-4 adapter-12-8_adapter-8-4"},
            {6, 8, ""},
            {8, 8, ""},
        };
    }

    /** One piece before two, none in a circle, none longer. */
    @Test(dataProvider = "chains")
    public void adaptersChain(double plug, double socket, String wanted) {
        List<String> ids = AdapterChain.between(plug, Figure.rated(socket)).stream()
                .map(AdapterChain::id)
                .toList();
        assertEquals(ids, wanted.isEmpty() ? List.of() : Arrays.asList(wanted.split(" ")));
    }
}
