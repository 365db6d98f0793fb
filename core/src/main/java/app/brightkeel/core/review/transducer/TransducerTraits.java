package app.brightkeel.core.review.transducer;

import app.brightkeel.core.review.KindTraits;
import app.brightkeel.core.review.Trait;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.sonar.Suitability;
import java.util.ArrayList;
import java.util.List;

/** By what transducers differ: how they suit the water, and what is noted of each type. */
final class TransducerTraits {

    private TransducerTraits() {}

    /** Of one transducer and how it suits. */
    static List<Trait> of(Transducer transducer, Suitability suits) {
        List<Trait> all = new ArrayList<>(List.of(
                graded("style and motion", suits.serves()),
                graded("how deep it reaches", suits.reaches()),
                graded("width of view", suits.width()),
                graded("what it hides at the bottom", suits.bottom()),
                graded("draw", suits.power())));
        all.addAll(KindTraits.of("transducer", transducer.type()));
        return all;
    }

    private static Trait graded(String about, Suitability.Part part) {
        return new Trait.Graded(about, part.value(), part.why());
    }
}
