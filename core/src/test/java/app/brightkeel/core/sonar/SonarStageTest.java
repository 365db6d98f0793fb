package app.brightkeel.core.sonar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.water.WaterStage;
import java.util.List;
import org.testng.annotations.Test;

/** What transducers see in the rigs. */
public class SonarStageTest {

    private static Sight sight(Rig rig) {
        return Line.of(rig).get(SonarStage.STAGE).value().first();
    }

    private static Rig with(Rig rig, Transducer transducer) {
        return rig.with(transducer
                .withId("transducer")
                .withMount(rig.transducers().get(0).mount()));
    }

    /** Handbook §3: 24° sees 0.4251 of the depth below the face and hides 0.02185 of it, and the pulse. */
    @Test
    public void footprintAndHiddenHeightFromTheFace() {
        Rig rig = DemoRigs.oystercatcher();
        Sight sight = sight(rig);
        double sound = Line.of(rig).get(WaterStage.STAGE).value().soundMs();
        double below = 9 - sight.face().underM();
        assertTrue(sight.face().underM() > 0.05);
        assertEquals(sight.footprintM(9), 0.4251 * below, 5e-5 * below);
        double pulse = sound / (2 * 30_000) * Math.cos(Math.toRadians(12));
        assertEquals(sight.hiddenM(9), 0.02185 * below + pulse, 5e-6 * below + 1e-9);
        Transducer unmounted = rig.transducers().get(0).withMount(Mount.UNDECIDED);
        assertEquals(sight(rig.with(unmounted)).footprintM(9), 0.4251 * 9, 5e-4);
    }

    /** A dual cone that is switched is wide down to 15 m and narrow below; one that is chosen stays. */
    @Test
    public void dualConesAreSwitchedByTheDepth() {
        Rig rig = with(DemoRigs.lanternCrate(), TestRigs.transducer("ice-10-22"));
        assertEquals(sight(rig).at(14).beam(), "wide");
        assertEquals(sight(rig).at(15.1).beam(), "narrow");
        assertEquals(Math.toDegrees(sight(rig).halfRad()), 11, 1e-9);
        for (String beam : List.of("narrow", "wide")) {
            Sight chosen = sight(rig.with(rig.transducers().get(0).withInUse(beam)));
            assertEquals(chosen.at(3).beam(), beam);
            assertEquals(chosen.at(300).beam(), beam);
        }
    }

    /** Quoted at −10 dB, 20° are 11.8° and 60° are 34.4° at −3 dB (computed, handbook §3). */
    @Test
    public void anglesQuotedAtATenthAreNarrower() {
        double[][] pairs = {{20, 11.8}, {60, 34.4}};
        for (double[] pair : pairs) {
            Transducer chirp = DemoRigs.oystercatcher().transducers().get(0);
            Beam beam = chirp.beams().get(0).withFullDeg(Figure.rated(pair[0])).withQuoted(Beam.Quoted.TENTH_POWER);
            View view = sight(DemoRigs.oystercatcher().with(chirp.withBeams(List.of(beam))))
                    .views()
                    .get(0);
            assertEquals(Math.toDegrees(view.cone().fullRad()), pair[1], 0.05);
        }
    }

    /** Beam angles are asked for, never assumed; a sweep that is not known adds nothing. */
    @Test
    public void whatIsMissing() {
        Rig rig = DemoRigs.oystercatcher();
        Transducer chirp = rig.transducers().get(0);
        Beam beam = chirp.beams().get(0);
        Rig open = rig.with(chirp.withBeams(List.of(beam.withFullDeg(Figure.UNSET))));
        assertEquals(Line.of(open).get(SonarStage.STAGE).missing(), List.of("/transducers/0/beams/0/fullDeg"));
        assertEquals(
                Line.of(rig.withTransducers(List.of())).get(SonarStage.STAGE).missing(), List.of("/transducers"));
        Rig tone = rig.with(chirp.withBeams(List.of(beam.withBandwidthKhz(Figure.UNSET))));
        assertEquals(sight(tone).views().get(0).pulseM(), 0.0);
    }
}
