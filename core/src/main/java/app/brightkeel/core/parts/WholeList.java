package app.brightkeel.core.parts;

import app.brightkeel.core.enclosure.CutList;
import app.brightkeel.core.enclosure.Cutting;
import app.brightkeel.core.enclosure.Fit;
import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.enclosure.Fits;
import app.brightkeel.core.enclosure.Foam;
import app.brightkeel.core.fastening.Sizes;
import app.brightkeel.core.fastening.Wanted;
import app.brightkeel.core.gear.HarnessPrices;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Closure;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PartKind;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.PassThroughStock;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleStage;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Everything that a plan names, with what is on hand, what comes with what, what is to be bought, and for how much: gear,
 * harness, what closes holes, foam, straps, boards.
 */
public final class WholeList {

    /** What has lines of its own: of the harness by pieces that are bought, of fasteners by count. */
    private static final Set<String> APART = Set.of("pair of wires", "fuse", "switch", "joint", "junction", "fastener");

    /**
     * One line of it.
     *
     * @param ids    of the parts it is for, those of pieces with a slash
     * @param price  of all of it together; empty where nobody knows
     * @param usual  whether that is a usual price, not the person's own
     */
    public record Row(
            List<String> ids,
            String what,
            Text name,
            Amount amount,
            Having having,
            Optional<Amount> price,
            boolean usual,
            String note) {

        public Row {
            ids = List.copyOf(ids);
        }

        /** What it costs to have it; 0 where it is there, or nobody knows. What nobody said is not there yet. */
        public double costs() {
            return missing() ? price.map(Amount::si).orElse(0.0) : 0;
        }

        /** Whether it has yet to be had. */
        public boolean missing() {
            return having == Having.BUY || having == Having.UNDECIDED;
        }
    }

    /** A gap that foam takes [m]; common practice, no source. */
    private static final double SPACER_M = 0.003;

    private final Rig rig;
    private final Map<String, String> origins;
    private final Map<String, Figure> labels = new HashMap<>();
    private final Set<String> onCraft;
    private final Map<String, String> names = new HashMap<>();
    private final List<Row> rows = new ArrayList<>();

    private WholeList(Rig rig) {
        this.rig = rig;
        onCraft = rig.fitOut().closures().stream()
                .filter(Closure::there)
                .map(Closure::id)
                .collect(Collectors.toSet());
        origins = Origins.of(rig);
        for (Pack pack : rig.harness().packs()) {
            labels.put(pack.id(), pack.label().price());
        }
    }

    public static List<Row> of(Line line) {
        WholeList list = new WholeList(line.entered());
        List<PartsList.Part> parts = PartsList.of(line.entered());
        parts.forEach(part -> list.names.putIfAbsent(part.id(), part.name()));
        parts.stream().filter(part -> !APART.contains(part.what())).forEach(list::gear);
        ShoppingList.of(line).forEach(list::harness);
        list.holes(line.get(HoleStage.STAGE).orElse(List.of()));
        list.fasteners();
        list.glue();
        list.open();
        list.straps();
        list.spacers();
        list.foam(line.get(FitStage.STAGE));
        list.boards(line.get(Cutting.STAGE));
        return List.copyOf(list.rows);
    }

    private Optional<Purchase> said(String id) {
        int slash = id.indexOf('/');
        String part = slash < 0 ? id : id.substring(0, slash);
        return rig.purse().of(part, slash < 0 ? "" : id.substring(slash + 1), origins.getOrDefault(part, ""));
    }

    private void gear(PartsList.Part part) {
        Optional<Purchase> said = said(part.id());
        Figure own = said.map(Purchase::price).orElse(Figure.UNSET);
        Figure price = own.isSet() ? own : labels.getOrDefault(part.id(), Figure.UNSET);
        rows.add(new Row(
                List.of(part.id()),
                part.what(),
                Text.of("{}", named(part)),
                one(),
                said.map(Purchase::having).orElse(onCraft.contains(part.id()) ? Having.OWNED : Having.UNDECIDED),
                price.isSet() ? Optional.of(new Amount(price.value(), Unit.MONEY)) : Optional.empty(),
                false,
                note(part, said)));
    }

    /** What it comes with, what comes with it, and what the part itself says. */
    private String note(PartsList.Part part, Optional<Purchase> said) {
        List<String> words = new ArrayList<>();
        said.filter(each ->
                        each.having() == Having.COMES_WITH && !each.cameWith().isEmpty())
                .ifPresent(
                        each -> words.add("in the box of the " + names.getOrDefault(each.cameWith(), each.cameWith())));
        String inside = rig.purse().purchases().stream()
                .filter(each ->
                        each.having() == Having.COMES_WITH && each.cameWith().equals(part.id()))
                .map(each -> names.getOrDefault(each.part(), each.part()))
                .collect(Collectors.joining(", "));
        if (!inside.isEmpty()) {
            words.add("with it come: " + inside);
        }
        if (!part.note().isEmpty()) {
            words.add(part.note());
        }
        return String.join("; ", words);
    }

    /** With its sort, where its name does not say that. */
    private static String named(PartsList.Part part) {
        return Stream.of(part.sort().split(" ")).allMatch(part.name()::contains)
                ? part.name()
                : part.name() + ", " + part.sort();
    }

    /** Small things of the harness are bought unless every wire they are for is on hand. */
    private void harness(ShoppingList.Item item) {
        List<Purchase> said =
                item.parts().stream().flatMap(part -> said(part).stream()).toList();
        boolean there = said.size() == item.parts().size()
                && said.stream().allMatch(each -> each.having().there());
        Optional<Double> each = HarnessPrices.each(item.what(), item.item().amounts());
        rows.add(new Row(
                item.parts(),
                item.what(),
                item.item(),
                item.amount(),
                there ? said.get(0).having() : Having.BUY,
                each.map(price -> new Amount(price * item.amount().si(), Unit.MONEY)),
                true,
                ""));
    }

    /** What closes holes, less what lies at home, and what seals them. */
    private void holes(List<Hole> holes) {
        Map<PassThrough, List<String>> wanted = new EnumMap<>(PassThrough.class);
        List<String> drilled = new ArrayList<>();
        for (Hole hole : holes) {
            if (hole.buys()) {
                wanted.computeIfAbsent(hole.closedBy(), each -> new ArrayList<>())
                        .add(hole.id());
            }
            if (!hole.there()) {
                drilled.add(hole.id());
            }
        }
        wanted.forEach((fitting, ids) -> {
            int home = rig.fitOut().passThroughs().stream()
                    .filter(stock -> stock.fitting() == fitting)
                    .mapToInt(PassThroughStock::count)
                    .sum();
            int there = Math.min(home, ids.size());
            small(ids.subList(0, there), "pass-through", fitting.words(), there, Having.OWNED, "");
            small(
                    ids.subList(there, ids.size()),
                    "pass-through",
                    fitting.words(),
                    ids.size() - there,
                    Having.BUY,
                    key(fitting));
        });
        if (!drilled.isEmpty()) {
            small(drilled, "sealant", "marine sealant, a tube", 1, Having.BUY, "sealant");
        }
    }

    private static String key(PassThrough fitting) {
        return Table.written(fitting);
    }

    /** As they are said; what is screwed and has none yet stands with what is to be measured. */
    private void fasteners() {
        for (Fastener fastener : rig.fitOut().fasteners()) {
            Optional<Purchase> said = said(fastener.id());
            int missing = fastener.missing();
            int count = missing > 0 ? missing : fastener.count();
            boolean own = said.filter(each -> each.price().isSet()).isPresent();
            Optional<Double> price = own
                    ? said.map(each -> each.price().value())
                    : HarnessPrices.each("fastener", List.of()).map(each -> each * count);
            rows.add(new Row(
                    List.of(fastener.id()),
                    "fastener",
                    Text.of("{}: {}", fastener.name(), Sizes.of(fastener)),
                    new Amount(count, Unit.COUNT),
                    said.map(Purchase::having).orElse(missing > 0 ? Having.BUY : Having.COMES_WITH),
                    price.map(each -> new Amount(each, Unit.MONEY)),
                    !own,
                    missing > 0 && fastener.supplied() > 0
                            ? fastener.supplied() + " of " + fastener.count() + " are there"
                            : ""));
        }
        Map<String, String> words = new HashMap<>();
        rig.transducers()
                .forEach(each -> words.put(each.id(), each.mount().kind().screws()));
        List<String> boards = new ArrayList<>();
        for (Fastener wanted : Wanted.of(rig)) {
            if (rig.has(PartKind.BOARD_PART, wanted.of())) {
                boards.add(wanted.of());
            } else {
                piece(wanted.of(), "fasteners", words.getOrDefault(wanted.of(), wanted.name() + ": to be measured"));
            }
        }
        small(
                boards,
                "screws",
                "small countersunk screws and glue for boards, a box",
                Math.min(1, boards.size()),
                Having.BUY,
                "screws");
    }

    /** What a puck is bedded in. */
    private void glue() {
        List<String> inside = rig.transducers().stream()
                .filter(transducer -> transducer.mount().kind() == MountKind.IN_HULL)
                .map(Transducer::id)
                .toList();
        small(inside, "glue", "gel or adhesive for a puck, a tube", inside.size(), Having.BUY, "sealant");
    }

    /** What nobody decided yet and no rig does without: a list that is silent about it is not whole. */
    private void open() {
        for (Device display : rig.devices()) {
            boolean boxed = rig.placeOf(display.id())
                    .filter(place -> rig.fitOut().boxAt(place.station()).isPresent())
                    .isPresent();
            if (display.kind().display() && !boxed && rig.holderOf(display.id()).isEmpty()) {
                piece(
                        display.id(),
                        "holder",
                        "what holds the " + display.name()
                                + ": not decided; usually a foot in a track with a drilled plate");
            }
        }
        for (Pack pack : rig.harness().packs()) {
            if (rig.chargersOf(pack.id()).isEmpty() && pack.chemistry() != Chemistry.ALKALINE) {
                piece(pack.id(), "charger", "what charges the " + pack.name() + ": not said");
            }
        }
    }

    /** A piece of a part, with what was said of it. */
    private void piece(String part, String piece, String name) {
        Optional<Purchase> said = said(part + "/" + piece);
        Figure price = said.map(Purchase::price).orElse(Figure.UNSET);
        rows.add(new Row(
                List.of(part + "/" + piece),
                piece,
                Text.of("{}", name),
                one(),
                said.map(Purchase::having).orElse(Having.UNDECIDED),
                price.isSet() ? Optional.of(new Amount(price.value(), Unit.MONEY)) : Optional.empty(),
                false,
                ""));
    }

    private void straps() {
        for (Placement place : rig.places()) {
            small(
                    List.of(place.item()),
                    "strap",
                    "strap with a buckle for " + rig.nameOfPoint(place.item()),
                    place.held().straps(),
                    Having.BUY,
                    "strap");
        }
    }

    /** A nest that was cut for a larger battery wants a spacer beside this one. */
    private void spacers() {
        for (Pack pack : rig.harness().packs()) {
            Held held = rig.placeOf(pack.id()).map(Placement::held).orElse(Held.UNKNOWN);
            if (held.how() == Holding.NEST
                    && held.tried().known()
                    && pack.size().known()) {
                double room = Math.max(
                        held.tried().deepM().value() - pack.size().deepM().value(),
                        held.tried().wideM().value() - pack.size().wideM().value());
                if (room > SPACER_M) {
                    rows.add(new Row(
                            List.of(pack.id()),
                            "spacer",
                            Text.of("spacer of {} in the nest of {}", new Amount(room, Unit.MILLIMETRE), pack.name()),
                            one(),
                            Having.BUY,
                            Optional.empty(),
                            true,
                            ""));
                }
            }
        }
    }

    private void foam(Outcome<Fits> fits) {
        for (Fit fit : fits.map(Fits::all).orElse(List.of())) {
            List<String> inside = fit.pieces().stream().map(Fit.Piece::item).toList();
            if (!Foam.round(fit).isEmpty()) {
                small(inside, "foam", "closed-cell foam, a sheet, to fill " + fit.place(), 1, Having.BUY, "foam");
            }
        }
    }

    private void boards(Outcome<CutList> list) {
        if (list.isKnown() && !list.value().boards().isEmpty()) {
            List<String> parts = rig.fitOut().boards().parts().stream()
                    .map(part -> part.id())
                    .toList();
            small(parts, "board", "board as sold", list.value().boards().size(), Having.BUY, "board");
        }
    }

    private void small(List<String> ids, String what, String name, int count, Having having, String priced) {
        if (count > 0) {
            rows.add(new Row(
                    ids,
                    what,
                    Text.of("{}", name),
                    new Amount(count, Unit.COUNT),
                    having,
                    HarnessPrices.each(priced, List.of()).map(price -> new Amount(price * count, Unit.MONEY)),
                    true,
                    ""));
        }
    }

    private static Amount one() {
        return new Amount(1, Unit.COUNT);
    }
}
