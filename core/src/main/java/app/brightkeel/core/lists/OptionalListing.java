package app.brightkeel.core.lists;

import app.brightkeel.core.parts.Optionals;
import app.brightkeel.core.parts.Optionals.Worth;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.Optional;

/** What may be worth having, and when. */
final class OptionalListing {

    private OptionalListing() {}

    static Optional<Listing> of(Rig rig) {
        List<Worth> all = Optionals.of(rig);
        return all.isEmpty()
                ? Optional.empty()
                : Optional.of(new Columns<Worth>()
                        .words("for id", Worth::of)
                        .words("for", Worth::part)
                        .words("part", worth -> worth.kind().words())
                        .words("what it does", worth -> worth.kind().use())
                        .words("worth having with", worth -> worth.kind().trigger())
                        .words("planned", worth -> worth.planned() ? "yes" : "no")
                        .of(all));
    }
}
