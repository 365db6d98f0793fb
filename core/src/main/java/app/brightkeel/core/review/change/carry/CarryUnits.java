package app.brightkeel.core.review.change.carry;

import app.brightkeel.core.enclosure.Box;
import app.brightkeel.core.enclosure.Pod;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Pocket;
import app.brightkeel.core.rig.Pose;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Tethers;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** What the battery may travel in, made to its measure: a box, a bag, a pod of boards, a shuttle as wide as the screen, or built in. */
public final class CarryUnits {

    /** Foam or play round a battery [m]; common practice, no source. */
    private static final double ROUND_M = 0.008;

    /** Walls of bought boxes and of bags [m]; value from memory. */
    private static final double BOX_WALL_M = 0.003;

    private static final double BAG_WALL_M = 0.001;

    /** Mass of a square metre of their walls [kg]; values from memory. */
    private static final double BOX_KG_M2 = 3.2;

    private static final double BAG_KG_M2 = 0.7;

    /** Boards where none are said [m]. */
    private static final double BOARD_LONG_M = 1.2;

    private static final double BOARD_WIDE_M = 0.4;
    private static final double BOARD_THICK_M = 0.018;

    /** What taking each off takes [min]; common practice, no source. */
    private static final double CARRIED_MIN = 1;

    private static final double BAG_MIN = 0.5;

    /** Room for a plug at least [m]. */
    private static final double PLUG_M = 0.03;

    /** As many of those that are sold: the larger ones are only heavier. */
    private static final int SOLD = 3;

    private CarryUnits() {}

    /** Each kind for the first battery that has a place and measures. */
    public static Stream<Change> all(Line line) {
        Rig rig = line.entered();
        return line.rig().harness().packs().stream()
                .filter(pack -> pack.size().known() && rig.placeOf(pack.id()).isPresent())
                .limit(1)
                .flatMap(pack -> Stream.<Supplier<Change>>of(
                        () -> boxed(rig, pack, EnclosureKind.BOX, BOX_WALL_M, BOX_KG_M2, CARRIED_MIN),
                        () -> boxed(rig, pack, EnclosureKind.BAG, BAG_WALL_M, BAG_KG_M2, BAG_MIN),
                        () -> pod(rig, pack),
                        () -> shuttle(rig, pack),
                        () -> builtIn(rig, pack)))
                .flatMap(Change::possible);
    }

    /** Boxes and bags as they are sold, the smallest that take the first battery with foam round it. */
    public static Stream<Change> sold(Line line) {
        Rig rig = line.entered();
        return line.rig().harness().packs().stream()
                .filter(pack -> pack.size().known() && rig.placeOf(pack.id()).isPresent())
                .limit(1)
                .flatMap(pack -> Catalogue.boxes().stream()
                        .filter(box -> takes(box, room(pack)))
                        .filter(box -> rig.fitOut().boxAt(rig.stationOf(pack.id())).stream()
                                .noneMatch(there -> there.outside().equals(box.outside())))
                        .sorted(Comparator.comparingDouble(CarryUnits::volumeM3))
                        .limit(SOLD)
                        .flatMap(box -> Change.possible(() -> sold(rig, pack, box))));
    }

    /** Upright, and turned about its height. */
    private static boolean takes(Enclosure box, Box room) {
        double walls = 2 * box.wallM().value();
        double deep = box.outside().deepM().value() - walls;
        double wide = box.outside().wideM().value() - walls;
        boolean along = deep >= room.deepM() && wide >= room.wideM();
        boolean across = deep >= room.wideM() && wide >= room.deepM();
        return (along || across) && box.outside().tallM().value() - walls >= room.tallM();
    }

    private static double volumeM3(Enclosure box) {
        return box.outside().deepM().value()
                * box.outside().wideM().value()
                * box.outside().tallM().value();
    }

    private static Change sold(Rig rig, Pack pack, Enclosure item) {
        Enclosure box = item.with(made -> made.id(FreshId.of(rig, item.id()))
                .station(rig.stationOf(pack.id()))
                .vented(item.vented() || pack.chemistry().lead()));
        Rig after = with(rig, box, rig.fitOut().boards());
        return change(
                pack,
                item.id(),
                Text.of("{}: in a {}", pack.name(), item.name()),
                placed(after, pack, true, item.kind() == EnclosureKind.BAG ? BAG_MIN : CARRIED_MIN));
    }

    /** @param pack filled */
    private static Box room(Pack pack) {
        return new Box(
                rounded(pack.size().deepM().value() + 2 * ROUND_M),
                rounded(pack.size().wideM().value() + 2 * ROUND_M),
                rounded(pack.size().tallM().value() + Math.max(pack.plugM().value(), PLUG_M) + ROUND_M));
    }

    private static Change boxed(Rig rig, Pack pack, EnclosureKind kind, double wallM, double kgPerM2, double offMin) {
        Box room = room(pack);
        Box outside = new Box(
                rounded(room.deepM() + 2 * wallM),
                rounded(room.wideM() + 2 * wallM),
                rounded(room.tallM() + 2 * wallM));
        Rig after = with(
                rig,
                pack,
                kind,
                outside,
                wallM,
                area(outside) * kgPerM2,
                rig.fitOut().boards(),
                List.of());
        return change(
                pack,
                kind.words(),
                Text.of("{}: in a {}", pack.name(), kind.words()),
                placed(after, pack, true, offMin));
    }

    /** Its parts derived from what goes into it, sawn from the boards there are, or from the usual ones. */
    private static Change pod(Rig rig, Pack pack) {
        Boards stock = rig.fitOut().boards();
        double thick = stock.thickM().isSet() ? stock.thickM().value() : BOARD_THICK_M;
        double hook = hookM(stock);
        double wall = stock.insideM().isSet() ? stock.insideM().value() : 0;
        Pod pod = new Pod(room(pack), thick, hook, wall);
        Boards boards = stock.with(b -> b.stockLengthM(or(stock.stockLengthM(), BOARD_LONG_M))
                .stockWideM(or(stock.stockWideM(), BOARD_WIDE_M))
                .thickM(or(stock.thickM(), BOARD_THICK_M))
                .parts(pod.parts(FreshId.of(rig, "pod-part"))));
        Rig after = with(rig, pack, EnclosureKind.POD, pod.outside(), thick, pod.massKg(), boards, List.of());
        Text label = hook > 0
                ? Text.of("{}: in a pod of boards that hangs over {}", pack.name(), new Amount(hook, Unit.MILLIMETRE))
                : Text.of("{}: in a pod of boards", pack.name());
        return change(pack, "pod", label, placed(after, pack, true, CARRIED_MIN));
    }

    /** Thickness of what it hangs over [m]; 0 where it stands, or where its spacer is thinner than a cut. */
    private static double hookM(Boards stock) {
        double kerf = stock.kerfM().isSet() ? stock.kerfM().value() : 0;
        return stock.hangsOverM().isSet() && stock.hangsOverM().value() > kerf
                ? stock.hangsOverM().value()
                : 0;
    }

    private static Figure or(Figure figure, double value) {
        return figure.isSet() ? figure : Figure.chosen(value);
    }

    /** Battery, screen and transducer in one thing, as wide as the screen, with a pocket for each when it is stowed. */
    private static Change shuttle(Rig rig, Pack pack) {
        Box room = room(pack);
        List<Pocket> pockets = new ArrayList<>();
        double deep = room.deepM();
        double wide = room.wideM();
        double tall = room.tallM();
        String id = FreshId.of(rig, "shuttle");
        for (Device device : rig.devices()) {
            if (device.kind().display() && device.size().known() && pockets.isEmpty()) {
                Size pocket = new Size(
                        Figure.chosen(rounded(device.size().deepM().value() + 2 * ROUND_M)),
                        Figure.chosen(rounded(device.size().wideM().value() + 2 * ROUND_M)),
                        Figure.chosen(rounded(device.size().tallM().value() + 2 * ROUND_M)));
                pockets.add(new Pocket(id + "-screen", "pocket for the screen", Pose.STOWED, pocket, device.id()));
                // it lies on the battery, its glass up
                deep = Math.max(deep, pocket.tallM().value());
                wide = Math.max(wide, pocket.wideM().value());
                tall += pocket.deepM().value();
            }
        }
        for (Transducer transducer : rig.transducers()) {
            pockets.add(new Pocket(
                    id + "-" + (pockets.size() + 1),
                    "pocket for the transducer and its lead",
                    Pose.STOWED,
                    Size.UNKNOWN,
                    transducer.id()));
        }
        Box outside =
                new Box(rounded(deep + 2 * BOX_WALL_M), rounded(wide + 2 * BOX_WALL_M), rounded(tall + 2 * BOX_WALL_M));
        Rig after = with(
                rig,
                pack,
                EnclosureKind.SHUTTLE,
                outside,
                BOX_WALL_M,
                area(outside) * BOX_KG_M2,
                rig.fitOut().boards(),
                pockets);
        return change(
                pack,
                "shuttle",
                Text.of(
                        "{}: in a shuttle with the screen, {} wide",
                        pack.name(),
                        new Amount(outside.wideM(), Unit.MILLIMETRE)),
                placed(after, pack, true, CARRIED_MIN));
    }

    private static double area(Box box) {
        return 2 * (box.deepM() * box.wideM() + box.deepM() * box.tallM() + box.wideM() * box.tallM());
    }

    private static Change builtIn(Rig rig, Pack pack) {
        FitOut fitOut = rig.fitOut();
        String station = rig.stationOf(pack.id());
        Rig after = rig.withFitOut(fitOut.withBoxes(fitOut.boxes().stream()
                .filter(box -> !box.station().equals(station))
                .toList()));
        return change(pack, "built-in", Text.of("{}: built in, strapped", pack.name()), placed(after, pack, false, 0));
    }

    private static Change change(Pack pack, String kind, Text label, Rig after) {
        return new Change("carry.unit." + pack.id() + "." + kind, label, Effort.BUY, after);
    }

    private static Rig placed(Rig rig, Pack pack, boolean comesOff, double offMin) {
        Placement place = rig.placeOf(pack.id()).orElseThrow();
        return rig.with(place.with(p -> p.comesOff(comesOff)
                .offMin(comesOff ? Figure.chosen(offMin) : Figure.UNSET)
                .held(place.held()
                        .with(h -> h.how(comesOff ? Holding.SLOT : Holding.STRAP)
                                .anchors(comesOff ? place.held().anchors() : 2)
                                .blocked(true)
                                .covered(true)
                                .onSide(false)
                                .tried(Size.UNKNOWN)
                                .toolFree(comesOff)))));
    }

    private static Rig with(
            Rig rig,
            Pack pack,
            EnclosureKind kind,
            Box outside,
            double wallM,
            double kg,
            Boards boards,
            List<Pocket> pockets) {
        String station = rig.stationOf(pack.id());
        Enclosure made = new Enclosure(
                FreshId.of(rig, Table.written(kind)),
                kind.words(),
                kind,
                station,
                new Size(
                        Figure.chosen(outside.deepM()), Figure.chosen(outside.wideM()), Figure.chosen(outside.tallM())),
                Figure.chosen(Math.round(kg * 100) / 100.0),
                Figure.chosen(wallM),
                Figure.UNSET,
                Figure.UNSET,
                List.of(),
                List.of(),
                pockets,
                kind == EnclosureKind.BOX,
                kind != EnclosureKind.BOX || pack.chemistry().lead(),
                kind != EnclosureKind.BOX,
                "");
        return with(rig, made, boards);
    }

    /** In place of whatever stood there. */
    private static Rig with(Rig rig, Enclosure made, Boards boards) {
        List<Enclosure> boxes = new ArrayList<>(rig.fitOut().boxes().stream()
                .filter(box -> !box.station().equals(made.station()))
                .toList());
        boxes.add(made);
        Rig after = rig.withFitOut(rig.fitOut().with(f -> f.boxes(boxes).boards(boards)));
        return Tethers.wanted(after, made) ? Tethers.with(after, made.id(), made.name()) : after;
    }

    private static double rounded(double metres) {
        return Math.round(metres * 1000) / 1000.0;
    }
}
