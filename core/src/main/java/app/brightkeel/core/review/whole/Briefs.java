package app.brightkeel.core.review.whole;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Rule.Judgement;
import app.brightkeel.core.review.Ruling;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What a link that won't work says in the strip: the figures of what gives, in a few words. Rules that are about the very
 * number of their link have none: that number already says it.
 */
final class Briefs {

    /** Of a rule: words round the amounts of its finding by their place there; the first that finds all of its amounts. */
    private static final Map<String, List<String>> ALL = Map.ofEntries(
            // water
            of("water.frozen", "{1} is ice"),
            of("water.depths-disordered", "depths out of order"),
            // transducer
            of("transducer.beyond-reach", "reaches {0}, you fish {1}"),
            of("transducer.module-missing", "no live module"),
            of("transducer.pins-differ", "plug does not go in"),
            of("transducer.older-version", "other sort of sound"),
            of("transducer.display-cannot-show", "display can't show it"),
            of("transducer.view-not-fed", "a view is missing"),
            of("transducer.cannot-be-aimed", "cannot be aimed"),
            of("transducer.adapter-loses", "adapter loses a beam"),
            // mount
            of("mount.face-dry", "{0} dry"),
            of("mount.does-not-fit", "{0} to spare, wants {1}"),
            of("mount.beam-blocked", "{0} clear, wants {1}"),
            of("mount.nothing-to-grip", "nothing to grip"),
            of("mount.not-through-hull", "not through this hull"),
            of("mount.hole-unasked", "hole under water"),
            of("mount.side-lost", "side loses {0}"),
            of("mount.craft-cannot", "no such place here"),
            // cable
            of("cable.way-broken", "way breaks off"),
            of("cable.opening-too-full", "{0} through {1}"),
            of("cable.plug-does-not-pass", "plug {0} through {1}"),
            of("cable.back-not-reached", "nut out of reach"),
            of("cable.hole-below-waterline", "hole under water"),
            of("cable.too-many-for-fitting", "too many cables"),
            of("cable.hole-larger-than-part", "hole too large"),
            of("cable.hole-too-small", "hole {1}, wants {0}"),
            // screen
            of("screen.holder-misfit", "{0}, holder takes {1}", "holder does not fit"),
            of("screen.holder-overloaded", "{0}, holder carries {1}"),
            of("screen.wants-ethernet", "no Ethernet"),
            of("screen.other-family", "other family"),
            // wire
            of("wire.ampacity", "{0}, wire takes {1}"),
            of("wire.not-fed", "not fed"),
            of("wire.plug-does-not-mate", "plugs do not mate"),
            of("wire.no-operating-point", "volts collapse"),
            of("wire.too-few-ways", "too few outlets"),
            of("wire.device-minimum", "{0}, needs {1}", "volts collapse"),
            of("wire.thinner-than-maker", "{0}, maker asks {1}"),
            of("wire.plug-pins-differ", "plug does not go in"),
            of("wire.start-dip", "{0} at start, needs {1}", "volts collapse"),
            of("wire.above-maximum", "{0}, takes {1}"),
            of("cable.shorter-than-way", "{0}, its way {1}"),
            // fuse
            of("fuse.breaking-capacity", "short {0}, breaks {1}"),
            of("fuse.opens-in-use", "fuse {0}, load {1}"),
            of("fuse.too-far-from-battery", "{0} from battery"),
            of("fuse.above-maker-maximum", "{0}, maker allows {1}", "maker allows less"),
            of("fuse.parallel-packs-unfused", "bank without fuses"),
            of("fuse.missing", "no fuse"),
            of("fuse.above-ampacity", "{0}, wire takes {2}", "{0}, wire takes {1}"),
            of("fuse.breaking-volts", "breaks {0}, fed {1}"),
            of("fuse.far-end-short", "short is only {0}"),
            of("fuse.spare-lead", "spare lead's fuse"),
            of("fuse.wire-burns-first", "wire burns first"),
            // battery
            of("battery.series-mixed", "unlike in series"),
            of("battery.charged-too-fast", "charged at {0}, may {1}"),
            of("battery.stored-badly", "stored at {0}"),
            of("battery.charged-through-fuse", "charger over its fuse"),
            of("battery.starts-engine", "gives {0}, engine asks {1}", "starts an engine"),
            of("battery.too-cold", "{0}, works to {1}"),
            of("battery.discharge-limit", "{0} drawn, may give {1}"),
            of("battery.mixed-parallel", "unlike, joined"),
            of("battery.charger-other", "charger not for it"),
            of("battery.joined-apart", "joined {0} apart"),
            of("battery.charged-in-the-cold", "charged at {0}"),
            // carry
            of("carry.part-too-large", "{0} × {1}, no board"),
            of("carry.hangs-over", "hangs {0} over", "turns over"),
            of("carry.lies-on-side", "acid on its side"),
            of("carry.fastener-too-long", "a screw too long"),
            of("carry.pockets-too-many", "pockets {0} too large"),
            of("carry.pocket-too-small", "pocket {0} too small"),
            of("carry.no-level", "floats at no level"),
            of("carry.gas-shut-in", "gas shut in"),
            of("carry.fastener-back", "nut out of reach"),
            of("carry.fastener-short", "screw bites {0}"),
            of("carry.under-water", "a place {0} under"),
            of("carry.deck-under", "deck {0} under"),
            of("carry.does-not-fit", "{0} too large"));

    private Briefs() {}

    private static Map.Entry<String, List<String>> of(String rule, String... templates) {
        return Map.entry(rule, List.of(templates));
    }

    /** Of the worst of a link's rulings; none where its number says it. */
    static Optional<Text> of(Ruling ruling) {
        List<Amount> amounts =
                ruling.judgement() instanceof Judgement.Measured measured ? amounts(measured) : List.of();
        return ALL.getOrDefault(ruling.rule().id(), List.of()).stream()
                .map(template -> filled(template, amounts))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** Ids of the rules that have one. */
    static Set<String> rules() {
        return ALL.keySet();
    }

    private static List<Amount> amounts(Judgement.Measured measured) {
        return measured.parts().stream().flatMap(Briefs::amounts).toList();
    }

    private static Stream<Amount> amounts(Object part) {
        return part instanceof Amount amount
                ? Stream.of(amount)
                : part instanceof Text text ? text.amounts().stream() : Stream.empty();
    }

    /** Each {@code {n}} takes the amount of that place; nothing where there are not so many. */
    private static Optional<Text> filled(String template, List<Amount> amounts) {
        Text words = Text.of("");
        int from = 0;
        for (int hole = template.indexOf('{'); hole >= 0; hole = template.indexOf('{', from)) {
            int place = template.charAt(hole + 1) - '0';
            if (place >= amounts.size()) {
                return Optional.empty();
            }
            words = words.then(Text.of(template.substring(from, hole))).then(Text.of("{}", amounts.get(place)));
            from = hole + "{n}".length();
        }
        return Optional.of(words.then(Text.of(template.substring(from))));
    }
}
