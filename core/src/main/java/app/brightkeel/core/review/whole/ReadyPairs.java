package app.brightkeel.core.review.whole;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Ruling;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.List;
import java.util.Set;

/**
 * Displays of the catalogue with the transducers that go with them as they are bought: the plug goes in, the sound is of its
 * sort, and what it sees is drawn. A live head is no such pair: it wants its module.
 */
public final class ReadyPairs {

    private static final Set<String> TOGETHER =
            Set.of("transducer.pins-differ", "transducer.older-version", "transducer.display-cannot-show");

    /** Worked out once: the catalogue does not change while the program runs. */
    private static final List<Matched> ALL = found();

    /**
     * @param display    id in the catalogue
     * @param transducer id in the catalogue
     */
    public record Matched(String display, String transducer) {}

    private ReadyPairs() {}

    /** By the display, in the order of the catalogue. */
    public static List<Matched> all() {
        return ALL;
    }

    private static List<Matched> found() {
        return Catalogue.devices().stream()
                .filter(device -> device.kind().display())
                .flatMap(display -> Catalogue.transducers().stream()
                        .filter(transducer -> !transducer.live() && goTogether(display, transducer))
                        .map(transducer -> new Matched(display.id(), transducer.id())))
                .toList();
    }

    private static boolean goTogether(Device display, Transducer transducer) {
        Rig both = Rig.blank("pair", CraftKind.UNDECIDED)
                .withDevices(List.of(display))
                .withTransducers(List.of(transducer.withFeeds(display.id())));
        return new RigReviewer()
                .standing(Line.of(both), Link.TRANSDUCER).rulings().stream()
                        .filter(ruling -> TOGETHER.contains(ruling.rule().id()))
                        .map(Ruling::verdict)
                        .allMatch(verdict -> verdict == Verdict.HOLDS);
    }
}
