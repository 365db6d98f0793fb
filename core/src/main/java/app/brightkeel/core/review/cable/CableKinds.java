package app.brightkeel.core.review.cable;

import static app.brightkeel.core.review.ChangeKind.among;
import static app.brightkeel.core.review.ChangeKind.curing;
import static java.util.Map.entry;

import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.review.change.cable.HoleChanges;
import app.brightkeel.core.review.change.cable.LooseEnds;
import java.util.Map;
import java.util.stream.Stream;

/** Changes of cables by what their ids say. */
final class CableKinds {

    private static final ChangeKind LENGTH = (line, id) -> curing(new TooShort())
            .made(line, id)
            .or(() -> curing(new ShorterThanWay()).made(line, id));

    static final Map<String, ChangeKind> ALL = Map.ofEntries(
            entry("plan", among(CableChanges::plans)),
            entry("way", ChangeKind.of(2, (line, said) -> CableChanges.way(line, said[0], said[1]))),
            entry("mend", among(CableChanges::mended)),
            entry("cut", LENGTH),
            entry("longer", LENGTH),
            entry("drill", among(CableChanges::drilledWider)),
            entry("extend", among(line -> Stream.concat(CableChanges.extended(line), CableChanges.shorter(line)))),
            entry("loops", among(CableChanges::loops)),
            entry("close", among(HoleChanges::closed)),
            entry("hole-of", among(line -> Stream.concat(HoleChanges.wider(line), HoleChanges.smaller(line)))),
            entry("buy-pass-throughs", among(HoleChanges::bought)),
            entry("relief", among(LooseEnds::relieved)),
            entry("drips", among(LooseEnds::drips)),
            entry("coil", among(LooseEnds::coiled)),
            entry("bag", among(LooseEnds::bagged)),
            entry("exit", among(LooseEnds::leaving)),
            entry("sleeve", among(LooseEnds::sleeved)),
            entry("fitted", among(CableChanges::fitted)),
            entry("unpin", among(LooseEnds::unpinned)));

    private CableKinds() {}
}
