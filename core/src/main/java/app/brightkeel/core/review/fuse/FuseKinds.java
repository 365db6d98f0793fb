package app.brightkeel.core.review.fuse;

import static app.brightkeel.core.review.ChangeKind.among;
import static app.brightkeel.core.review.ChangeKind.curing;
import static java.util.Map.entry;

import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.change.fuse.FuseChanges;
import app.brightkeel.core.review.change.fuse.FuseFits;
import java.util.Map;
import java.util.stream.Stream;

/** Changes of fuses by what their ids say. */
final class FuseKinds {

    static final Map<String, ChangeKind> ALL = Map.ofEntries(
            entry("rate", ChangeKind.of(2, (line, said) -> FuseChanges.rated(line, said[0], said[1]))),
            entry("rate-all", among(FuseChanges::allRated)),
            entry("move", among(FuseChanges::move)),
            entry("form", among(line -> FuseChanges.form(line).stream())),
            entry("fit", among(line -> Stream.concat(FuseFits.atBatteries(line), FuseFits.ofTheirOwn(line)))),
            entry("ratings", among(FuseFits::rated)),
            entry("spare", among(line -> new SpareLead().cures(line))),
            entry("spares", curing(new NoSpares())));

    private FuseKinds() {}
}
