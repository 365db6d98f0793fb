package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.lists.Listing;
import app.brightkeel.core.lists.ReadingListing;
import app.brightkeel.core.reading.BenchModel;
import app.brightkeel.core.reading.Expectations;
import app.brightkeel.server.store.BenchStore;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What a meter should say at a rig beside what it said; none where nothing can be expected yet. */
final class BenchLists {

    private BenchLists() {}

    static Optional<Listing> of(Line line, List<BenchStore.Read> readings) {
        Outcome<BenchModel> model = BenchModel.of(line);
        if (!model.isKnown()) {
            return Optional.empty();
        }
        Map<String, Double> said =
                readings.stream().collect(Collectors.toMap(BenchStore.Read::point, BenchStore.Read::value));
        return Optional.of(ReadingListing.of(Expectations.of(model.value()), said));
    }
}
