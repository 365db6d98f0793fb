package app.brightkeel.core.station;

import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.garage.RigThings;
import app.brightkeel.core.garage.Thing;
import app.brightkeel.core.gear.HarnessPrices;
import app.brightkeel.core.gear.UsualPrices;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A second one of something that travels, so that each station has its own: what it costs, what it saves, and what else it is
 * good for.
 *
 * @param item    id of the piece that would travel no more
 * @param price   as its owner says, else as is usual; unset where nobody knows
 * @param savesMin of each swap [min]
 * @param plugs   that are neither pulled nor pushed at each swap
 * @param why     it protects the first, from a table
 */
public record Second(String item, ItemKind kind, String name, Figure price, double savesMin, int plugs, Text why) {

    /** Why, by kind. */
    private static final Map<String, String> WHY =
            Table.read(Second.class, "seconds.csv").said("kind", "why");

    /** Hours that a swap takes over a season are told from here on [min]; less is nothing to buy for. */
    private static final double LEAST_MIN = 0.05;

    /** Of everything that travels; each reckoned as if it alone stayed, what saves most first. */
    public static List<Second> of(Line from, Line to, Conversion conversion, Function<String, Figure> worth) {
        List<Conversion.Thing> travels = conversion.at(Whereabouts.TRAVELS);
        Swap whole = Swap.of(from, to, conversion);
        List<Second> all = new ArrayList<>();
        for (Conversion.Thing each : travels) {
            List<Conversion.Thing> others =
                    travels.stream().filter(other -> other != each).toList();
            Swap without = Swap.of(from, to, others);
            double saved = whole.minutes() - without.minutes();
            all.add(new Second(
                    each.item(),
                    each.kind(),
                    each.name(),
                    price(from.rig(), each, worth),
                    saved < LEAST_MIN ? 0 : saved,
                    Math.max(0, whole.plugs() - without.plugs()),
                    Text.of(WHY.getOrDefault(Table.written(each.kind()), ""))));
        }
        all.sort((one, other) -> Double.compare(other.savesMin(), one.savesMin()));
        return List.copyOf(all);
    }

    /** What such a thing usually costs, a battery by its label; empty where nobody knows. */
    public static OptionalDouble usual(Thing thing) {
        if (thing instanceof Thing.OwnPack own) {
            Figure price = own.pack().label().price();
            return price.isSet() ? OptionalDouble.of(price.value()) : OptionalDouble.empty();
        }
        if (thing instanceof Thing.OwnDevice own) {
            return UsualPrices.of(own.device().origin());
        }
        if (thing instanceof Thing.OwnTransducer own) {
            return UsualPrices.of(own.transducer().origin());
        }
        if (thing instanceof Thing.OwnHolder own) {
            return UsualPrices.of(own.holder().origin());
        }
        return thing instanceof Thing.OwnMount own && own.mount().kind() != MountKind.UNDECIDED
                ? OptionalDouble.of(UsualPrices.of(own.mount().kind()))
                : OptionalDouble.empty();
    }

    private static Figure price(Rig rig, Conversion.Thing thing, Function<String, Figure> worth) {
        Figure own = worth.apply(thing.item());
        if (own.isSet()) {
            return own;
        }
        Optional<Thing> part = RigThings.find(rig, thing.here()).map(RigThings.There::thing);
        if (part.isPresent() && part.get() instanceof Thing.OwnPack pack) {
            return pack.pack().label().price();
        }
        OptionalDouble usual = part.map(Second::usual).orElse(OptionalDouble.empty());
        if (usual.isPresent()) {
            return Figure.proposed(usual.getAsDouble());
        }
        return Stream.concat(rig.harness().segments().stream(), rig.harness().spares().stream())
                .filter(each -> each.id().equals(thing.here())
                        && each.wire().gauge().decided()
                        && each.wire().lengthM().isSet())
                .findFirst()
                .map(each -> Figure.proposed(HarnessPrices.of(each)))
                .orElse(Figure.UNSET);
    }
}
