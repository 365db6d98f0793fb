package app.brightkeel.core.review.change.mount;

import app.brightkeel.core.craft.Face;
import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.craft.Faces;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.mount.Clearance;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Stands;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Tethers;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.Rerouting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.stream.Stream;

/** Changes of mounts. Wherever a transducer goes, its lead is laid anew. */
public final class MountChanges {

    /** Where a lowered face hangs under the water [m]. */
    private static final double LOWERED_M = 0.04;

    private static final double MOST_BELOW_M = 3;

    /** A board on a transom usually holds its face 25 to 50 mm over the hull's bottom, clear of stones; common practice, no source. */
    private static final double BOARD_UP_M = 0.05;

    private static final double STONES_M = -0.025;

    /** An adapter plate is so much longer than the housing [m]; common practice, no source. */
    private static final double PLATE_MORE_M = 0.02;

    private MountChanges() {}

    /** Every place of the craft that takes a transducer, with the mount that fits there. */
    public static Stream<Change> all(Line line) {
        return places(line, (transducer, kind) -> true);
    }

    /** The same mount at another place like its own. */
    public static Stream<Change> moved(Line line) {
        return places(line, (transducer, kind) -> transducer.mount().kind() == kind);
    }

    private static Stream<Change> places(Line line, BiPredicate<Transducer, MountKind> wanted) {
        List<Station> stations = line.entered().craft().stations();
        return line.entered().transducers().stream()
                .flatMap(transducer -> stations.stream()
                        .flatMap(station -> MountKind.decided()
                                .filter(kind -> kind.sitsAt(station.spot()) && wanted.test(transducer, kind))
                                .filter(kind -> free(line, transducer, kind, station))
                                .map(kind -> taken(line, transducer, kind, station))));
    }

    /** What stands beside the hull wants its spot for itself; where it stands now is told all the same. */
    private static boolean free(Line line, Transducer transducer, MountKind kind, Station station) {
        return !kind.beside()
                || transducer.mount().station().equals(station.id())
                || !Stands.taken(line.entered(), station.id(), transducer.id());
    }

    /** One of them; empty where there is no such transducer, kind or place, or the kind does not sit there. */
    public static Optional<Change> taken(Line line, String transducer, String kind, String station) {
        return line.entered()
                .transducer(transducer)
                .flatMap(of -> line.entered()
                        .craft()
                        .station(station)
                        .flatMap(at -> kind(kind, at)
                                .filter(sort -> free(line, of, sort, at))
                                .map(sort -> taken(line, of, sort, at))));
    }

    /** A kind of mount as ids write it, where it sits at a place. */
    static Optional<MountKind> kind(String written, Station station) {
        return MountKind.decided()
                .filter(kind ->
                        kind.sitsAt(station.spot()) && Table.written(kind).equals(written))
                .findFirst();
    }

    private static Change taken(Line line, Transducer transducer, MountKind kind, Station station) {
        Mount old = transducer.mount();
        boolean same = old.kind() == kind;
        if (same && old.station().equals(station.id())) {
            return new Change(
                    id(transducer, kind, station), label(line, transducer, kind, station), Effort.MOVE, line.entered());
        }
        Mount mount = new Mount(
                kind,
                station.id(),
                same ? old.belowM() : Figure.UNSET,
                same && old.openingM().isSet() ? old.openingM() : station.room().wideM());
        Transducer moved = transducer.withMount(mount);
        // what can be lost comes with its tether
        Rig changed = Tethers.settled(line.entered().with(moved), moved);
        return new Change(
                id(transducer, kind, station),
                label(line, transducer, kind, station),
                same ? Effort.MOVE : Effort.BUY,
                Rerouting.of(changed, transducer.id()));
    }

    private static String id(Transducer transducer, MountKind kind, Station station) {
        return "mount.take." + transducer.id() + "." + Table.written(kind) + "." + station.id();
    }

    /** Where there are several transducers, with the one it is for. */
    private static Text label(Line line, Transducer transducer, MountKind kind, Station station) {
        return line.rig().transducers().size() == 1
                ? Text.of("{}: {}", Worded.capital(kind.words()), station.name())
                : Text.of("{}: {}, for the {}", Worded.capital(kind.words()), station.name(), transducer.name());
    }

    /** A tether for every mount that can be lost and has none. */
    public static Stream<Change> tethered(Line line) {
        Rig all = line.entered();
        for (Transducer transducer : all.transducers()) {
            all = Tethers.wanted(all, transducer) ? Tethers.settled(all, transducer) : all;
        }
        return all == line.entered()
                ? Stream.empty()
                : Stream.of(new Change("mount.tether.all", Text.of("A tether on what can be lost"), Effort.BUY, all));
    }

    /** A face that is dry or nearly so hangs lower; else another place. */
    public static Stream<Change> lowered(Line line) {
        List<Change> all = new ArrayList<>();
        Outcome<Faces> faces = line.get(FaceStage.STAGE);
        for (Face face : faces.map(Faces::faces).orElse(List.of())) {
            double now = line.rig()
                    .transducer(face.transducer())
                    .orElseThrow()
                    .mount()
                    .belowM()
                    .value();
            double below = now + LOWERED_M - face.underM();
            boolean board = line.rig()
                            .transducer(face.transducer())
                            .orElseThrow()
                            .mount()
                            .kind()
                    == MountKind.TRANSOM_BOARD;
            if (board && below <= STONES_M) {
                all.add(hung(line, face.transducer(), "board", Math.max(-BOARD_UP_M, rounded(below))));
            } else if (below <= MOST_BELOW_M) {
                all.add(hung(line, face.transducer(), "lower", rounded(below)));
            }
        }
        return Stream.concat(all.stream(), all(line));
    }

    /** One that stands too proud is set up against the hull; else another mount. */
    public static Stream<Change> raised(Line line) {
        List<Change> all = new ArrayList<>();
        for (Transducer transducer : line.rig().transducers()) {
            all.add(hung(line, transducer.id(), "raise", Clearance.PROUD_M));
        }
        return Stream.concat(all.stream(), all(line));
    }

    /** Below whatever stands in the way, flush with its pocket, under the ice; else another place. */
    public static Stream<Change> cleared(Line line) {
        List<Change> all = new ArrayList<>();
        for (Transducer transducer : line.rig().transducers()) {
            if (transducer.mount().kind().encloses()
                    && !transducer.mount().kind().throughIce()) {
                all.add(hung(line, transducer.id(), "flush", 0));
            }
            Figure ice = line.rig().outing().water().iceM();
            if (transducer.mount().kind().throughIce() && ice.isSet()) {
                all.add(hung(line, transducer.id(), "under-ice", rounded(Math.min(MOST_BELOW_M, ice.value() + 0.05))));
            }
        }
        return Stream.concat(all.stream(), all(line));
    }

    /** A hole wide enough is drilled through the ice; else another mount. */
    public static Stream<Change> fitting(Line line) {
        List<Change> all = new ArrayList<>();
        for (Transducer transducer : line.entered().transducers()) {
            if (transducer.mount().kind().throughIce() && transducer.bodyM().isSet()) {
                double wide =
                        Math.min(1, Math.max(0.15, rounded(transducer.bodyM().value() + 0.05)));
                all.add(new Change(
                        "mount.hole." + transducer.id() + "." + Math.round(wide * 1000),
                        Text.of("Drill the ice {} wide", new Amount(wide, Unit.MILLIMETRE)),
                        Effort.MOVE,
                        line.entered()
                                .with(transducer.withMount(transducer.mount().withOpeningM(Figure.chosen(wide))))));
            }
        }
        return Stream.of(all.stream(), plates(line), all(line)).flatMap(changes -> changes);
    }

    /** A plate under the pocket that carries a longer housing than the pocket takes. */
    private static Stream<Change> plates(Line line) {
        return line.entered().transducers().stream()
                .filter(transducer -> transducer.mount().kind().encloses()
                        && !transducer.mount().kind().throughIce()
                        && transducer.bodyM().isSet())
                .map(transducer -> {
                    double plateM = rounded(transducer.bodyM().value() + PLATE_MORE_M);
                    return new Change(
                            "mount.plate." + transducer.id() + "." + Math.round(plateM * 1000),
                            Text.of("An adapter plate for {}", new Amount(plateM, Unit.MILLIMETRE)),
                            Effort.BUY,
                            line.entered()
                                    .with(transducer.withMount(
                                            transducer.mount().withPlateM(Figure.chosen(plateM)))));
                });
    }

    private static Change hung(Line line, String id, String how, double belowM) {
        Transducer transducer = line.entered().transducer(id).orElseThrow();
        return new Change(
                "mount." + how + "." + id + "." + Math.round(belowM * 1000),
                Text.of(hungWords(transducer.mount().kind(), belowM), new Amount(Math.abs(belowM), Unit.MILLIMETRE)),
                Effort.MOVE,
                line.entered().with(transducer.withMount(transducer.mount().withBelowM(Figure.chosen(belowM)))));
    }

    private static String hungWords(MountKind kind, double belowM) {
        if (kind.throughIce()) {
            return "Hang the face {} below the surface";
        }
        if (kind != MountKind.TRANSOM_BOARD) {
            return belowM < 0 ? "Set the face {} over the hull's bottom" : "Set the face {} below the hull";
        }
        if (belowM <= STONES_M) {
            return "Set the board so that the face hangs {} over the hull's bottom: clear of stones, and wet";
        }
        return belowM < 0
                ? "Set the board so that the face hangs {} over the hull's bottom: wet, and nearer to stones than is usual"
                : "Set the board so that the face hangs {} below the hull: wet, and the first to meet a stone";
    }

    /** To the next 5 mm up. */
    private static double rounded(double metres) {
        return Math.ceil(metres * 200 - 1e-9) / 200;
    }
}
