package app.brightkeel.core.review.screen;

import static app.brightkeel.core.review.ChangeKind.among;
import static app.brightkeel.core.review.ChangeKind.curing;
import static java.util.Map.entry;

import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.change.screen.HolderChanges;
import app.brightkeel.core.review.change.screen.ScreenChanges;
import java.util.Map;
import java.util.stream.Stream;

/** Changes of screens and what holds them by what their ids say. */
final class ScreenKinds {

    private static final ChangeKind SHARING = curing(new WantsEthernet());

    static final Map<String, ChangeKind> ALL = Map.ofEntries(
            entry(
                    "plan-with",
                    among(line -> Stream.concat(ScreenChanges.guessed(line), new DrawImplausible().cures(line)))),
            entry("take", among(ScreenChanges::sameFamily)),
            entry("dim", ChangeKind.of(1, (line, said) -> ScreenChanges.dim(line, said[0]))),
            entry("hold", among(line -> Stream.concat(HolderChanges.all(line), HolderChanges.holders(line)))),
            entry("now", among(ScreenChanges::withLater)),
            entry("no-remote", among(ScreenChanges::withoutRemote)),
            entry("bought-new", among(ScreenChanges::boughtNew)),
            entry("fewer", among(ScreenChanges::fewer)),
            entry("base", among(HolderChanges::holders)),
            entry("as-it-ran", among(ScreenChanges::asItRan)),
            entry("keypad", among(HolderChanges::keypads)),
            entry("figures", among(HolderChanges::largerFigures)),
            entry("place", among(line -> Stream.concat(HolderChanges.places(line), HolderChanges.nearer(line)))),
            entry("two-terminators", curing(new BusEnds())),
            entry("ethernet", SHARING),
            entry("share-nothing", SHARING),
            entry("share-readings", SHARING));

    private ScreenKinds() {}
}
