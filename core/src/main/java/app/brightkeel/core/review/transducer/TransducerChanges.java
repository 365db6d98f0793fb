package app.brightkeel.core.review.transducer;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Changes of transducers. */
final class TransducerChanges {

    private TransducerChanges() {}

    /** Another beam of those there are, and whatever the catalogue has. */
    static Stream<Change> all(Line line) {
        return Stream.concat(beams(line).stream(), take(line));
    }

    /** Each beam by itself, and switching by the depth. */
    static List<Change> beams(Line line) {
        List<Change> all = new ArrayList<>();
        for (Transducer transducer : line.entered().transducers()) {
            if (transducer.beams().size() > 1) {
                all.add(new Change(
                        "transducer.switch." + transducer.id(),
                        Text.of("Switch its beams by the depth"),
                        Effort.SETTING,
                        line.entered().with(transducer.withInUse(""))));
                for (Beam beam : transducer.beams()) {
                    all.add(new Change(
                            "transducer.use." + transducer.id() + "." + beam.id(),
                            Text.of("Use the {}", beam.name()),
                            Effort.SETTING,
                            line.entered().with(transducer.withInUse(beam.id()))));
                }
            }
        }
        return all;
    }

    /** Every catalogue transducer in place of the first. */
    static Stream<Change> take(Line line) {
        return line.entered().transducers().stream()
                .limit(1)
                .flatMap(old -> Catalogue.transducers().stream().map(item -> take(line, old, item)));
    }

    private static Change take(Line line, Transducer old, Transducer item) {
        return new Change(
                "transducer.take." + old.id() + "." + item.id(),
                Text.of("{}", item.name()),
                Effort.BUY,
                line.entered().with(Catalogue.inPlaceOf(old, item)));
    }
}
