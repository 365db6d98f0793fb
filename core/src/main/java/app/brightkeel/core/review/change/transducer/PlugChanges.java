package app.brightkeel.core.review.change.transducer;

import app.brightkeel.core.gear.AdapterChain;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Changes of what a transducer is plugged into, and by what. */
public final class PlugChanges {

    /** Rings that are told apart by those who see no red, too. */
    private static final List<String> COLOURS = List.of("blue", "yellow", "white", "black", "red");

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
                                .filter(t -> !t.plug().adapters().isEmpty())
                                .map(t -> adapted(rig, t, "none", List.of(), Text.of("Without an adapter"))),
                        chains(rig, transducer).stream()
                                .map(chain -> adapted(
                                        rig, transducer, chain.id(), chain.adapters(), Text.of(chain.words())))));
    }

    /** A ring of tape on each transducer's plug, of another colour each. */
    public static Stream<Change> tags(Line line) {
        Rig rig = line.entered();
        Rig tagged = rig;
        for (int i = 0; i < rig.transducers().size(); i++) {
            Transducer transducer = rig.transducers().get(i);
            String tag = COLOURS.get(i % COLOURS.size()) + (i < COLOURS.size() ? "" : " " + (i / COLOURS.size() + 1));
            tagged = tagged.with(transducer.withPlug(transducer.plug().withTag(tag)));
        }
        return Stream.of(new Change(
                "transducer.tag.all",
                Text.of("A ring of coloured tape on each plug, and on its socket"),
                Effort.SETTING,
                tagged));
    }

    /** Pins of the socket a transducer goes into; open where that is not known. */
    private static Figure socketPins(Rig rig, Transducer transducer) {
        return rig.displayOf(transducer).map(d -> d.sockets().sonarPins()).orElse(Figure.UNSET);
    }

    /** Whether a plug goes into its socket, as far as their pins are known. */
    static boolean goesIn(Rig rig, Transducer transducer) {
        return rig.displayOf(transducer)
                .map(device -> device.sockets().takes(transducer.plug()))
                .orElse(true);
    }

    /** The adapters that a transducer wants for the socket it is to go into, if there are some that lose none of its beams. */
    public static Optional<AdapterChain> adaptersFor(Rig rig, Transducer transducer) {
        return goesIn(rig, transducer.withPlug(transducer.plug().withAdapters(List.of())))
                ? Optional.empty()
                : chains(rig, transducer).stream()
                        .filter(chain -> chain.adapters().stream()
                                .allMatch(adapter -> adapter.loses().stream().noneMatch(transducer::has)))
                        .findFirst();
    }

    /** From the transducer's plug to the socket, as far as their pins are known. */
    private static List<AdapterChain> chains(Rig rig, Transducer transducer) {
        Figure plug = transducer.plug().pins();
        return plug.isSet() ? AdapterChain.between(plug.value(), socketPins(rig, transducer)) : List.of();
    }

    private static Change adapted(Rig rig, Transducer transducer, String id, List<Adapter> adapters, Text label) {
        return new Change(
                "transducer.adapter." + transducer.id() + "." + id,
                label,
                adapters.isEmpty() ? Effort.MOVE : Effort.BUY,
                rig.with(transducer.withPlug(transducer.plug().withAdapters(adapters))));
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
