package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What sends and hears the sound.
 *
 * @param origin  id of the catalogue item it was copied from, "" where it was typed from its label
 * @param beams   one or several
 * @param inUse   id of the beam that is used; "" where it is switched by the depth
 * @param feeds   id of the device it plugs into; "" where there is only one display
 * @param bodyM   largest width of its body, on ice with its float, 0.01 to 0.6 [m]
 * @param massKg  with its lead, 0.02 to 10 [kg]; never assumed
 * @param look    how a live head is turned
 * @param handle  how the handle of its pole points
 * @param tiltDeg built-in tilt of its head off straight, 0 to 45 [°]
 * @param leanDeg how far its pole leans off upright, 0 to 45 [°]
 * @param lead    its own cable
 * @param plug    what that ends in
 * @param mount   where it sits
 */
@RecordBuilder
public record Transducer(
        String id,
        String name,
        String origin,
        TransducerType type,
        @PartList(PartKind.BEAM) List<Beam> beams,

        @Names(value = PartKind.BEAM, orNothing = true, gone = Names.Gone.IS_EMPTIED, checkedThere = true)
        String inUse,

        @Names(value = PartKind.DEVICE, orNothing = true, gone = Names.Gone.IS_EMPTIED)
        String feeds,

        Figure bodyM,
        Figure massKg,
        Look look,
        Handle handle,
        Figure tiltDeg,
        Figure leanDeg,
        Lead lead,
        Plug plug,
        Mount mount)
        implements TransducerBuilder.With {

    private static final int MOST_BEAMS = 6;

    /** @throws Refusal naming the field for a beam used twice or a beam in use that it has not */
    public Transducer {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.text("origin", origin);
        beams = Checks.atMost("beams", MOST_BEAMS, beams);
        Checks.distinct("beams", beams.stream().map(Beam::id).toList());
        if (!inUse.isEmpty() && beams.stream().map(Beam::id).noneMatch(inUse::equals)) {
            throw new Refusal(RefusalCode.DANGLING, "inUse", inUse, "the id of a beam of this transducer, or nothing");
        }
        Figure.within("bodyM", bodyM, 0.01, 0.6, "m");
        Figure.within("massKg", massKg, 0.02, 10, "kg");
        Figure.within("tiltDeg", tiltDeg, 0, 45, "°");
        Figure.within("leanDeg", leanDeg, 0, 45, "°");
    }

    /** One of which nothing is known yet, not even its beams. */
    public static Transducer unknown(String id, String name) {
        return new Transducer(
                id,
                name,
                "",
                TransducerType.UNDECIDED,
                List.of(),
                "",
                "",
                Figure.UNSET,
                Figure.UNSET,
                Look.UNDECIDED,
                Handle.UNMARKED,
                Figure.UNSET,
                Figure.UNSET,
                Lead.UNKNOWN,
                Plug.UNKNOWN,
                Mount.UNDECIDED);
    }

    /** Whether it has a live fan, which is aimed. */
    public boolean live() {
        return has(BeamShape.LIVE);
    }

    /** Whether it has a beam of a shape. */
    public boolean has(BeamShape shape) {
        for (Beam beam : beams) {
            if (beam.shape() == shape) {
                return true;
            }
        }
        return false;
    }
}
