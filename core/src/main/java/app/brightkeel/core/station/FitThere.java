package app.brightkeel.core.station;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.RigReviewer;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Whether what travels fits where it goes: told by the rules of that rig, whose parts they are there.
 *
 * @param what   plug, views, pins or slot
 * @param link   of that rig, where it is mended
 * @param verdict the worst of its rules there
 * @param says   what they found; that it fits where they found nothing
 */
public record FitThere(String what, Link link, Verdict verdict, List<Text> says) {

    private record Asked(String what, Link link, Set<String> rules, String fine) {}

    private static final List<Asked> ALL = List.of(
            new Asked(
                    "plug of its power",
                    Link.CABLE,
                    Set.of("wire.plug-does-not-mate", "wire.plug-pins-differ", "wire.spare-does-not-mate"),
                    "the halves mate, as far as they are known"),
            new Asked(
                    "pins of the transducer",
                    Link.TRANSDUCER,
                    Set.of("transducer.pins-differ", "transducer.adapter-loses", "transducer.like-plugs"),
                    "the plug goes into its socket, as far as the pins are known"),
            new Asked(
                    "views",
                    Link.SCREEN,
                    Set.of(
                            "transducer.display-cannot-show",
                            "transducer.view-not-fed",
                            "transducer.older-version",
                            "screen.other-family"),
                    "it shows what that transducer sends, as far as both are known"),
            new Asked(
                    "slot",
                    Link.SCREEN,
                    Set.of(
                            "screen.no-holder",
                            "screen.holder-misfit",
                            "screen.holder-overloaded",
                            "screen.in-the-way",
                            "carry.does-not-fit"),
                    "what holds it there takes it, as far as it was measured"));

    /** Four questions, in the order in which a hand asks them. */
    public static List<FitThere> of(Line there, RigReviewer reviewer) {
        Review review = reviewer.review(there);
        List<FitThere> all = new ArrayList<>();
        for (Asked asked : ALL) {
            List<Finding> found = review.findings().stream()
                    .filter(each -> asked.rules().contains(each.rule()) && !each.putAside())
                    .toList();
            Verdict worst =
                    found.stream().map(Finding::verdict).min(Verdict::compareTo).orElse(Verdict.HOLDS);
            all.add(new FitThere(
                    asked.what(),
                    asked.link(),
                    worst,
                    found.isEmpty()
                            ? List.of(Text.of(asked.fine()))
                            : found.stream().map(Finding::text).toList()));
        }
        return List.copyOf(all);
    }
}
