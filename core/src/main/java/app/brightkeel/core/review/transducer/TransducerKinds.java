package app.brightkeel.core.review.transducer;

import static app.brightkeel.core.review.ChangeKind.among;
import static java.util.Map.entry;

import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.change.transducer.LiveChanges;
import app.brightkeel.core.review.change.transducer.PlugChanges;
import app.brightkeel.core.review.change.transducer.TransducerChanges;
import java.util.Map;
import java.util.stream.Stream;

/** Changes of transducers by what their ids say. */
final class TransducerKinds {

    private static final ChangeKind BEAM = among(line -> TransducerChanges.beams(line).stream());
    private static final ChangeKind PLUG = among(PlugChanges::all);

    static final Map<String, ChangeKind> ALL = Map.ofEntries(
            entry("switch", BEAM),
            entry("use", BEAM),
            entry("take", among(TransducerChanges::take)),
            entry(
                    "water",
                    among(line -> Stream.of(
                                    TransducerChanges.deepEnough(line),
                                    TransducerChanges.deeper(line),
                                    TransducerChanges.drifting(line))
                            .flatMap(changes -> changes))),
            entry("module", among(LiveChanges::modules)),
            entry("upright", among(LiveChanges::upright)),
            entry("tag", among(PlugChanges::tags)),
            entry("plug", PLUG),
            entry("adapter", PLUG),
            entry("display", PLUG),
            entry("look", among(LiveChanges::looks)),
            entry("handle", among(LiveChanges::handles)),
            entry("pair", among(LiveChanges::pairs)));

    private TransducerKinds() {}
}
