package app.brightkeel.core.station;

import app.brightkeel.core.build.Apart;
import app.brightkeel.core.build.ApartSheet;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is done when gear goes from one station to another: off, unplugged and lifted here; set, plugged and switched on there;
 * nothing that need not be.
 *
 * @param here    sheet of the station it comes from
 * @param there   sheet of the one it goes to
 * @param carried names of what goes along without a step of its own
 * @param set     what has to be set in the menu before the first look
 */
public record Swap(ApartSheet here, ApartSheet there, List<String> carried, List<Text> set) {

    public Swap {
        carried = List.copyOf(carried);
        set = List.copyOf(set);
    }

    /** All of it [min]. */
    public double minutes() {
        return here.minutes() + there.minutes();
    }

    /** Plugs pulled here and pushed there. */
    public int plugs() {
        return here.plugs() + there.plugs();
    }

    /** Of a conversion; without steps where nothing travels. */
    public static Swap of(Line from, Line to, Conversion conversion) {
        return of(from, to, conversion.at(Whereabouts.TRAVELS));
    }

    static Swap of(Line from, Line to, List<Conversion.Thing> travels) {
        ApartSheet here = ApartSheet.of(from, Apart.PACK_DOWN, ids(travels, true));
        ApartSheet there = ApartSheet.of(to, Apart.CAR_PARK, ids(travels, false));
        Set<String> lifted =
                here.sheet().steps().stream().map(step -> step.subject()).collect(Collectors.toSet());
        List<String> carried = travels.stream()
                .filter(each -> !lifted.contains(each.here()))
                .map(Conversion.Thing::name)
                .toList();
        return new Swap(here, there, carried, settings(from.rig(), to.rig(), travels));
    }

    private static Set<String> ids(List<Conversion.Thing> travels, boolean here) {
        return travels.stream().map(each -> here ? each.here() : each.there()).collect(Collectors.toSet());
    }

    /** A display that travels finds another transducer there, another water, another draught. */
    private static List<Text> settings(Rig from, Rig to, List<Conversion.Thing> travels) {
        List<Text> all = new ArrayList<>();
        for (Conversion.Thing each : travels) {
            if (each.kind() == ItemKind.DISPLAY) {
                Device display = to.device(each.there());
                Optional<Transducer> before = fed(from, each.here());
                Optional<Transducer> after = fed(to, each.there());
                after.filter(now -> before.filter(then -> alike(then, now)).isEmpty())
                        .ifPresent(now -> all.add(Text.of(
                                "Transducer of the {}: from {} to {}",
                                display.name(),
                                before.map(Swap::words).orElse("none"),
                                words(now))));
            }
        }
        boolean ice = to.outing().water().season() == Season.ICE;
        boolean wasIce = from.outing().water().season() == Season.ICE;
        if (ice != wasIce && travels.stream().anyMatch(each -> each.kind() == ItemKind.DISPLAY)) {
            all.add(
                    ice
                            ? Text.of("View: the flasher or the vertical one; the depth from the ice, not from a keel")
                            : Text.of("View: the scrolling one; the keel offset of the craft again"));
        }
        return all;
    }

    private static Optional<Transducer> fed(Rig rig, String display) {
        return rig.transducers().stream()
                .filter(each ->
                        rig.displayOf(each).filter(d -> d.id().equals(display)).isPresent())
                .findFirst();
    }

    private static boolean alike(Transducer one, Transducer other) {
        return one.type() == other.type() && one.beams().equals(other.beams());
    }

    private static String words(Transducer transducer) {
        return transducer.name() + " (" + transducer.type().words() + ")";
    }
}
