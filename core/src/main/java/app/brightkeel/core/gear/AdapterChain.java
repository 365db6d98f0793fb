package app.brightkeel.core.gear;

import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Adapters of the catalogue that plug into each other, from a transducer's plug on.
 *
 * @param items at least one
 */
public record AdapterChain(List<AdapterItem> items) {

    /** More than these lose more than they mend; common practice, no source. */
    private static final int LONGEST = 2;

    public AdapterChain {
        items = List.copyOf(items);
    }

    /** Those that begin at a plug and end in a socket, one piece before two; in any socket where its pins are not known. */
    public static List<AdapterChain> between(double plugPins, Figure socketPins) {
        List<AdapterChain> found = new ArrayList<>();
        List<AdapterChain> grown = List.of(new AdapterChain(List.of()));
        for (int length = 1; length <= LONGEST; length++) {
            List<AdapterChain> longer = new ArrayList<>();
            for (AdapterChain chain : grown) {
                for (AdapterItem item : Catalogue.adapters()) {
                    if (chain.endsAt(plugPins) == item.fromPins() && !chain.passes(item, plugPins)) {
                        longer.add(chain.and(item));
                    }
                }
            }
            // where the socket is not known every single adapter may be meant, and no chain is
            longer.stream()
                    .filter(chain ->
                            socketPins.isSet() ? chain.endsAt(plugPins) == socketPins.value() : chain.items.size() == 1)
                    .forEach(found::add);
            grown = longer;
        }
        return found;
    }

    private double endsAt(double plugPins) {
        return items.isEmpty()
                ? plugPins
                : items.get(items.size() - 1).adapter().toPins().value();
    }

    /** Whether it came by those pins before: nobody goes in a circle. */
    private boolean passes(AdapterItem next, double plugPins) {
        double to = next.adapter().toPins().value();
        return to == plugPins
                || items.stream().anyMatch(item -> item.adapter().toPins().value() == to);
    }

    private AdapterChain and(AdapterItem item) {
        List<AdapterItem> all = new ArrayList<>(items);
        all.add(item);
        return new AdapterChain(all);
    }

    public List<Adapter> adapters() {
        return items.stream().map(AdapterItem::adapter).toList();
    }

    /** As ids of changes write it. */
    public String id() {
        return items.stream().map(AdapterItem::id).collect(Collectors.joining("_"));
    }

    /** As labels write it: "4 to 8-pin adapter and 8 to 12-pin adapter". */
    public String words() {
        return items.stream().map(item -> item.adapter().name()).collect(Collectors.joining(" and "));
    }
}
