package app.brightkeel.core.demo;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Extra;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Grip;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.HolderKind;
import app.brightkeel.core.rig.Pose;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Sockets;
import app.brightkeel.core.rig.Transducer;
import java.util.List;

/** Gear of the catalogue for the invented rigs. */
final class DemoGear {

    private DemoGear() {}

    static Device device(String id) {
        return Catalogue.devices().stream()
                .filter(item -> item.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    static Sockets sockets(String id) {
        return device(id).sockets();
    }

    static Craft craft(String id) {
        return Catalogue.crafts().stream()
                .filter(item -> item.id().equals(id))
                .findFirst()
                .orElseThrow()
                .craft();
    }

    static Holder holder(String id) {
        return Catalogue.holders().stream()
                .filter(item -> item.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    static Enclosure box(String id) {
        return Catalogue.boxes().stream()
                .filter(item -> item.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** The cradle that came with a display: no arm, no tool. */
    static Holder cradle(String display, Grip grip) {
        return new Holder(
                "holder-" + display,
                "its own cradle",
                HolderKind.CRADLE,
                "",
                display,
                grip,
                Figure.UNSET,
                Figure.UNSET,
                "",
                Figure.UNSET,
                Figure.UNSET,
                Figure.UNSET,
                Figure.UNSET,
                false,
                true,
                List.of(Pose.IN_USE, Pose.STOWED),
                "");
    }

    /** What holds a display. */
    static Holder held(String item, String display) {
        return holder(item).with(h -> h.id("holder-" + display).holds(display));
    }

    static Transducer transducer(String origin, String id) {
        return Catalogue.transducers().stream()
                .filter(item -> item.id().equals(origin))
                .findFirst()
                .orElseThrow()
                .withId(id);
    }

    static Size size(double deepM, double wideM, double tallM) {
        return new Size(Figure.rated(deepM), Figure.rated(wideM), Figure.rated(tallM));
    }

    /** A small part that goes with another. */
    static Extra extra(ExtraKind kind, String of, String called) {
        String word = kind.words().substring(kind.words().lastIndexOf(' ') + 1);
        return new Extra(word + "-" + of, kind.words() + " of the " + called, kind, of);
    }
}
