package app.brightkeel.core.review.change.mount;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Tethers;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.Rerouting;
import java.util.Optional;
import java.util.stream.Stream;

/** Every type of transducer in every mount that the craft takes, in place of the first transducer. */
public final class Pairings {

    private Pairings() {}

    /** One of each; empty where the rig has no transducer. */
    public static Stream<Change> all(Line line) {
        Rig rig = line.entered();
        return rig.transducers().stream()
                .limit(1)
                .flatMap(old -> rig.craft().stations().stream()
                        .flatMap(station -> MountKind.decided()
                                .filter(kind -> kind.sitsAt(station.spot()))
                                .flatMap(kind -> Catalogue.transducers().stream()
                                        .filter(item -> !item.live() || kind.pole())
                                        .map(item -> paired(rig, old, item, kind, station)))));
    }

    /** One of them; empty where there is no such transducer, kind or place. */
    public static Optional<Change> of(Line line, String transducer, String item, String kind, String station) {
        Rig rig = line.entered();
        return rig.transducers().stream()
                .limit(1)
                .filter(old -> old.id().equals(transducer))
                .flatMap(old -> rig.craft().station(station).stream()
                        .flatMap(at -> MountChanges.kind(kind, at).stream()
                                .flatMap(sort -> Catalogue.transducers().stream()
                                        .filter(each -> each.id().equals(item))
                                        .filter(each -> !each.live() || sort.pole())
                                        .map(each -> paired(rig, old, each, sort, at)))))
                .findFirst();
    }

    private static Change paired(Rig rig, Transducer old, Transducer item, MountKind kind, Station station) {
        Transducer placed = Catalogue.inPlaceOf(old, item)
                .withMount(new Mount(
                        kind, station.id(), Figure.UNSET, station.room().wideM()));
        return new Change(
                "mount.pair." + old.id() + "." + item.id() + "." + Table.written(kind) + "." + station.id(),
                Text.of("{} on a {}: {}", item.name(), kind.words(), station.name()),
                Effort.BUY,
                Rerouting.of(Tethers.settled(rig.with(placed), placed), placed.id()));
    }
}
