package app.brightkeel.core.care;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import java.util.function.Predicate;

/** Work that comes again; its intervals stand in a table, whether a rig wants it is asked of the rig. */
public enum CareKind {
    CONTACTS(rig -> !rig.harness().segments().isEmpty()),
    SEALS(rig -> rig.fitOut().boxes().stream().anyMatch(box -> box.tight())
            || rig.fitOut().closures().stream().anyMatch(closure -> closure.gasket())),
    SONAR_CABLE(rig -> !rig.transducers().isEmpty()),
    FACE(rig -> !rig.transducers().isEmpty()),
    HOLDERS(rig -> !rig.holders().isEmpty()),
    TETHERS(rig -> rig.fitOut().extras().stream().anyMatch(extra -> extra.kind() == ExtraKind.TETHER)),
    GLUE(rig -> rig.transducers().stream()
            .anyMatch(transducer -> transducer.mount().kind() == MountKind.IN_HULL
                    || transducer.mount().kind() == MountKind.SUCTION_CUP)),
    FUSES(rig -> !rig.harness().segments().isEmpty()),
    STRAPS(rig -> rig.places().stream().anyMatch(place -> place.held().straps() > 0)),
    REHEARSAL(rig -> rig.sharing().crafts().isSet()
            && rig.sharing().crafts().value() > 1
            && rig.places().stream().anyMatch(Placement::comesOff));

    private static final Table TABLE = Table.read(CareKind.class, "care.csv");

    private final Predicate<Rig> wanted;

    CareKind(Predicate<Rig> wanted) {
        this.wanted = wanted;
    }

    boolean wanted(Rig rig) {
        return wanted.test(rig);
    }

    /** Whether it is due before it was ever done, not an interval after. */
    boolean first() {
        return this == REHEARSAL;
    }

    private String said(String column) {
        return TABLE.words(column).get(TABLE.words("kind").indexOf(written()));
    }

    /** Days from one time to the next; sooner in salt water. */
    int days(boolean salt) {
        return Integer.parseInt(said(salt ? "saltDays" : "days"));
    }

    /** Days out from one time to the next; 0 where use does not count. */
    int uses(boolean salt) {
        return Integer.parseInt(said(salt ? "saltUses" : "uses"));
    }

    String what() {
        return said("what");
    }

    String why() {
        return said("why");
    }

    /** As tables and ids write it. */
    String written() {
        return Table.written(this);
    }
}
