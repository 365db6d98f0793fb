package app.brightkeel.core.review.change.transducer;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Handle;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Tethers;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.Rerouting;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Changes of live heads: how they look, how they are marked, and heads beside others. */
public final class LiveChanges {

    private LiveChanges() {}

    /** A rig with the box that a live head is plugged into, beside the battery; the very same rig where it has one. */
    static Rig withModule(Rig rig) {
        if (module(rig).isPresent()) {
            return rig;
        }
        Device module = item(DeviceKind.LIVE_MODULE).withId(FreshId.of(rig, "live-module"));
        Rig with = WireChanges.withDevice(rig, module);
        String beside = rig.harness().packs().stream()
                .map(pack -> rig.stationOf(pack.id()))
                .filter(station -> !station.isEmpty())
                .findFirst()
                .orElse("");
        return beside.isEmpty() ? with : with.with(new Placement(module.id(), beside, true));
    }

    static Transducer pluggedIn(Rig rig, Transducer head) {
        return head.withFeeds(module(rig).map(Device::id).orElse(""));
    }

    private static Optional<Device> module(Rig rig) {
        return rig.devices().stream()
                .filter(device -> device.kind() == DeviceKind.LIVE_MODULE)
                .findFirst();
    }

    private static Device item(DeviceKind kind) {
        return Catalogue.devices().stream()
                .filter(device -> device.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    /** Ahead for those who cast, else down. */
    static Look lookFor(Rig rig) {
        return rig.outing().water().style() == FishingStyle.CAST_FORWARD ? Look.FORWARD : Look.DOWN;
    }

    /** Each live head plugged into its box, which comes aboard where there is none. */
    public static Stream<Change> modules(Line line) {
        Rig rig = line.entered();
        boolean there = module(rig).isPresent();
        return heads(line)
                .flatMap(head -> Change.possible(() -> {
                    Rig with = withModule(rig);
                    return new Change(
                            "transducer.module." + head.id(),
                            Text.of(
                                    there
                                            ? "Plug the {} into its module"
                                            : "A live module aboard, and the {} plugged into it",
                                    head.name()),
                            there ? Effort.MOVE : Effort.BUY,
                            with.with(pluggedIn(with, head)));
                }));
    }

    /** Each pole of a live head upright. */
    public static Stream<Change> upright(Line line) {
        return heads(line)
                .filter(head -> head.mount().kind().pole())
                .map(head -> new Change(
                        "transducer.upright." + head.id(),
                        Text.of("Stand the pole of the {} upright", head.name()),
                        Effort.SETTING,
                        line.entered().with(head.withLeanDeg(Figure.chosen(0)))));
    }

    /** Every live head turned each way. */
    public static Stream<Change> looks(Line line) {
        return heads(line)
                .flatMap(head -> Stream.of(Look.FORWARD, Look.DOWN, Look.ON_SIDE)
                        .map(look -> new Change(
                                "transducer.look." + head.id() + "." + Table.written(look),
                                Text.of("Turn the {}: {}", head.name(), look.words()),
                                Effort.SETTING,
                                line.entered().with(head.withLook(look)))));
    }

    /** The handle along the beam, or exactly opposite, and marked. */
    public static Stream<Change> handles(Line line) {
        return heads(line)
                .flatMap(head -> Stream.of(Handle.ALONG, Handle.OPPOSITE)
                        .map(handle -> new Change(
                                "transducer.handle." + head.id() + "."
                                        + handle.name().toLowerCase(Locale.ROOT),
                                Text.of("Set the handle {}, and mark it", handle.words()),
                                Effort.SETTING,
                                line.entered().with(head.withHandle(handle)))));
    }

    private static Stream<Transducer> heads(Line line) {
        return line.entered().transducers().stream().filter(Transducer::live);
    }

    /**
     * A live head on a pole beside what there is: one that looks ahead, or a pair that crosses its fans over the fish
     * right below.
     */
    public static Stream<Change> pairs(Line line) {
        Rig rig = line.entered();
        if (rig.transducers().isEmpty() || heads(line).findAny().isPresent()) {
            return Stream.empty();
        }
        return rig.craft().stations().stream()
                .flatMap(station -> Stream.of(MountKind.LIVE_POLE, MountKind.ICE_POLE)
                        .filter(kind -> kind.sitsAt(station.spot()))
                        .flatMap(kind -> Stream.concat(
                                Change.possible(() -> ahead(rig, kind, station)),
                                Change.possible(() -> crossed(rig, kind, station)))));
    }

    private static Change ahead(Rig rig, MountKind kind, Station station) {
        String beside = rig.transducers().get(0).name();
        return new Change(
                "transducer.pair.ahead." + station.id(),
                Text.of("A live head that looks ahead, {}, beside the {}", station.name(), beside),
                Effort.BUY,
                withHeads(rig, kind, station, Look.FORWARD, 1));
    }

    private static Change crossed(Rig rig, MountKind kind, Station station) {
        return new Change(
                "transducer.pair.crossed." + station.id(),
                Text.of("Two live heads that cross their fans straight down, {}", station.name()),
                Effort.BUY,
                withHeads(rig, kind, station, Look.DOWN, 2));
    }

    private static Rig withHeads(Rig rig, MountKind kind, Station station, Look look, int count) {
        Rig after = withModule(rig);
        Transducer item = Catalogue.transducers().stream()
                .filter(Transducer::live)
                .findFirst()
                .orElseThrow();
        for (int i = 0; i < count; i++) {
            Transducer head = pluggedIn(after, item)
                    .with(t -> t.origin(item.id())
                            .look(look)
                            .handle(Handle.ALONG)
                            .mount(Mount.UNDECIDED
                                    .withKind(kind)
                                    .withStation(station.id())
                                    .withOpeningM(station.room().wideM())))
                    .withId(FreshId.of(after, "live-head"));
            List<Transducer> all = new ArrayList<>(after.transducers());
            all.add(head);
            after = Rerouting.of(Tethers.settled(after.withTransducers(all), head), head.id());
        }
        return after;
    }
}
