package app.brightkeel.core.symptom;

import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Rig;
import java.util.function.Predicate;

/** What a person sees of something that is wrong. */
public enum Symptom implements Worded {
    DIES_AS_IT_STARTS("it dies as it starts", rig -> true),
    DIES_AT_CRANKING("it dies as an engine cranks", rig -> true),
    READ_APART("two displays read different volts", rig -> displays(rig) > 1),
    SPECKLE("speckle or lines all over the picture", rig -> !rig.transducers().isEmpty()),
    NO_BOTTOM("no bottom", rig -> !rig.transducers().isEmpty()),
    BOTTOM_TWICE("a shallow bottom twice", rig -> !rig.transducers().isEmpty()),
    DIM("the screen is dim", rig -> true),
    RUNS_SHORT("it runs short", rig -> true),
    CUTS_OFF_COLD("it cuts off in the cold", rig -> true),
    ONE_SIDED("the side view is empty on one side", Symptom::looksAside),
    ARROW_DRIFTS("the arrow on the chart drifts", rig -> true);

    private final String words;
    private final Predicate<Rig> canBe;

    Symptom(String words, Predicate<Rig> canBe) {
        this.words = words;
        this.canBe = canBe;
    }

    @Override
    public String words() {
        return words;
    }

    /** Whether a rig has what it takes. */
    public boolean canBe(Rig rig) {
        return canBe.test(rig);
    }

    private static long displays(Rig rig) {
        return rig.devices().stream().filter(device -> device.kind().display()).count();
    }

    private static boolean looksAside(Rig rig) {
        return rig.transducers().stream()
                .flatMap(transducer -> transducer.beams().stream())
                .anyMatch(beam -> beam.shape() == BeamShape.SIDE);
    }
}
