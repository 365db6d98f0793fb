package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * One beam of a transducer.
 *
 * @param fullDeg      its full angle as the data sheet prints it, of a fan the large one, 1 to 170 [°]; never assumed
 * @param alongDeg     of a fan the small one, 0.2 to 90 [°]
 * @param quoted       at which loss that angle is quoted
 * @param kiloHertz    middle of its band, 10 to 2000 [kHz]
 * @param ratedM       depth it is said to reach, in fresh water, 1 to 3000 [m]; never assumed
 * @param bandwidthKhz width of its sweep, 0.1 to 1000 [kHz]; a tone of 0.1 ms counts as 10 kHz
 */
@RecordBuilder
public record Beam(
        String id,
        String name,
        BeamShape shape,
        Figure fullDeg,
        Figure alongDeg,
        Quoted quoted,
        Figure kiloHertz,
        Figure bandwidthKhz,
        Figure ratedM)
        implements BeamBuilder.With {

    /** One-way loss at the quoted angle. */
    public enum Quoted implements Worded {
        HALF_POWER("−3 dB"),
        TENTH_POWER("−10 dB");

        private final String words;

        Quoted(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    public Beam {
        Checks.id("id", id);
        Checks.name("name", name);
        Figure.within("fullDeg", fullDeg, 1, 170, "°");
        Figure.within("alongDeg", alongDeg, 0.2, 90, "°");
        Figure.within("ratedM", ratedM, 1, 3000, "m");
        Figure.within("kiloHertz", kiloHertz, 10, 2000, "kHz");
        Figure.within("bandwidthKhz", bandwidthKhz, 0.1, 1000, "kHz");
    }
}
