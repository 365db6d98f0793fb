package app.brightkeel.core.review.change.transducer;

import app.brightkeel.core.gear.AdapterItem;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.Optional;
import java.util.stream.Stream;

/** Changes of what a transducer is plugged into, and by what. */
public final class PlugChanges {

    private PlugChanges() {}

    /** Another socket on board, an adapter or none, another display, another transducer. */
    public static Stream<Change> all(Line line) {
        return Stream.of(sockets(line), adapters(line), displays(line), TransducerChanges.take(line))
                .flatMap(changes -> changes);
    }

    private static Stream<Change> sockets(Line line) {
        Rig rig = line.entered();
        return rig.transducers().stream()
                .flatMap(transducer -> rig.devices().stream()
                        .filter(device -> device.sockets().sonarPins().isSet()
                                && !device.id().equals(transducer.feeds()))
                        .map(device -> new Change(
                                "transducer.plug." + transducer.id() + "." + device.id(),
                                Text.of("Plug the {} into the {}", transducer.name(), device.name()),
                                Effort.MOVE,
                                rig.with(transducer.withFeeds(device.id())))));
    }

    private static Stream<Change> adapters(Line line) {
        Rig rig = line.entered();
        return rig.transducers().stream()
                .flatMap(transducer -> Stream.concat(
                        Stream.of(transducer)
                                .filter(t -> t.plug().adapter().there())
                                .map(t -> adapter(rig, t, "none", Adapter.NONE, Text.of("Without an adapter"))),
                        Catalogue.adapters().stream()
                                .filter(item -> fits(rig, transducer, item))
                                .map(item -> adapter(
                                        rig,
                                        transducer,
                                        item.id(),
                                        item.adapter(),
                                        Text.of("{}", item.adapter().name())))));
    }

    /** Pins of the socket a transducer goes into; open where that is not known. */
    private static Figure socketPins(Rig rig, Transducer transducer) {
        return rig.displayOf(transducer).map(d -> d.sockets().sonarPins()).orElse(Figure.UNSET);
    }

    /** Whether a plug goes into its socket, as far as their pins are known. */
    static boolean goesIn(Rig rig, Transducer transducer) {
        Figure plug = transducer.plug().pinsAtDisplay();
        Figure socket = socketPins(rig, transducer);
        return !plug.isSet() || !socket.isSet() || plug.value() == socket.value();
    }

    /** The adapter that a transducer wants for the socket it is to go into, if there is one that loses none of its beams. */
    static Optional<Adapter> adapterFor(Rig rig, Transducer transducer) {
        Figure socket = socketPins(rig, transducer);
        Figure plug = transducer.plug().pins();
        if (!socket.isSet() || !plug.isSet() || plug.value() == socket.value()) {
            return Optional.empty();
        }
        return Catalogue.adapters().stream()
                .filter(item -> fits(rig, transducer, item)
                        && item.adapter().loses().stream().noneMatch(transducer::has))
                .map(AdapterItem::adapter)
                .findFirst();
    }

    /** From the transducer's plug to the socket, as far as their pins are known. */
    private static boolean fits(Rig rig, Transducer transducer, AdapterItem item) {
        Figure plug = transducer.plug().pins();
        Figure socket = socketPins(rig, transducer);
        return plug.isSet()
                && plug.value() == item.fromPins()
                && (!socket.isSet() || socket.value() == item.adapter().toPins().value());
    }

    private static Change adapter(Rig rig, Transducer transducer, String id, Adapter adapter, Text label) {
        return new Change(
                "transducer.adapter." + transducer.id() + "." + id,
                label,
                adapter.there() ? Effort.BUY : Effort.MOVE,
                rig.with(transducer.withPlug(transducer.plug().withAdapter(adapter))));
    }

    /** A display of the catalogue in place of the one a transducer is plugged into. */
    private static Stream<Change> displays(Line line) {
        Rig rig = line.entered();
        return rig.transducers().stream()
                .flatMap(transducer -> rig.displayOf(transducer).stream())
                .filter(device -> device.kind().display())
                .distinct()
                .flatMap(old -> Catalogue.devices().stream()
                        .filter(item -> item.kind().display())
                        .map(item -> new Change(
                                "transducer.display." + old.id() + "." + item.id(),
                                Text.of("A {} in its place", item.name()),
                                Effort.BUY,
                                rig.with(item.withId(old.id()).withOrigin(item.id())))));
    }
}
