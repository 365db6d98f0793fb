package app.brightkeel.core.review.carry;

import static app.brightkeel.core.review.ChangeKind.among;
import static app.brightkeel.core.review.ChangeKind.curing;
import static java.util.Map.entry;

import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.change.carry.ArrangeChanges;
import app.brightkeel.core.review.change.carry.BallastChanges;
import app.brightkeel.core.review.change.carry.BoardChanges;
import app.brightkeel.core.review.change.carry.BoxChanges;
import app.brightkeel.core.review.change.carry.CarryChanges;
import app.brightkeel.core.review.change.carry.CarryUnits;
import app.brightkeel.core.review.change.carry.FastenerChanges;
import app.brightkeel.core.review.change.carry.HoldingChanges;
import app.brightkeel.core.review.change.carry.LayoutChanges;
import java.util.Map;
import java.util.stream.Stream;

/** Changes of what is carried, and in what, by what their ids say. */
final class CarryKinds {

    private static final ChangeKind BOARD = among(BoardChanges::fitting);

    static final Map<String, ChangeKind> ALL = Map.ofEntries(
            entry("place", CarryChanges::moved),
            entry("ashore", among(BallastChanges::shifted)),
            entry("weight", among(line -> Stream.concat(BallastChanges.level(line), BallastChanges.steady(line)))),
            entry("both-sides", among(BallastChanges::shared)),
            entry("drain", among(BoxChanges::drained)),
            entry("lid-bolts", among(BoxChanges::lidBolts)),
            entry("stand", among(BallastChanges::stands)),
            entry("arm", among(LayoutChanges::arms)),
            entry("aboard", among(LayoutChanges::aboard)),
            entry("bail", curing(new HangsOver())),
            entry("arrange", among(ArrangeChanges::all)),
            entry("box-at", among(BoxChanges::elsewhere)),
            entry("tether", among(CarryChanges::tethered)),
            entry("seat-at", among(CarryChanges::level)),
            entry("seat", among(CarryChanges::lower)),
            entry("gear-ashore", among(CarryChanges::gearAshore)),
            entry(
                    "take",
                    among(line -> Stream.of(
                                    CarryChanges.fitting(line),
                                    CarryChanges.steadier(line),
                                    HoldingChanges.sealed(line))
                            .flatMap(changes -> changes))),
            entry("unit", among(line -> Stream.concat(CarryUnits.all(line), CarryUnits.sold(line)))),
            entry("hold", among(HoldingChanges::held)),
            entry("tried", among(HoldingChanges::tried)),
            entry("upright", among(HoldingChanges::upright)),
            entry("under-lid", among(BoxChanges::underLid)),
            entry("seal", among(BoxChanges::sealed)),
            entry("vent", among(BoxChanges::vented)),
            entry("relieve", among(BoxChanges::relieved)),
            entry("larger", among(BoxChanges::larger)),
            entry("pockets", among(BoxChanges::emptied)),
            entry("no-pocket", among(BoxChanges::without)),
            entry("fastener-length", among(FastenerChanges::fitting)),
            entry("fastener-sort", among(FastenerChanges::blind)),
            entry("fastener-reached", among(FastenerChanges::reached)),
            entry("fastener-backed", among(FastenerChanges::backed)),
            entry("cut-to-match", curing(new MakesNoBox())),
            entry("split-part", BOARD),
            entry("no-lid", BOARD),
            entry("turn-part", BOARD),
            entry("splice-part", BOARD),
            entry("board-of", BOARD));

    private CarryKinds() {}
}
