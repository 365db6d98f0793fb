package app.brightkeel.core.review.change.carry;

import app.brightkeel.core.layout.PackHold;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Size;
import java.util.stream.Stream;

/** Changes of how a battery is held. */
public final class HoldingChanges {

    private HoldingChanges() {}

    /** What the way it is held in lacks, and each other way. */
    public static Stream<Change> held(Line line) {
        return packs(line)
                .flatMap(place -> Stream.concat(Stream.of(place.held().how()), Stream.of(Holding.values()))
                        .distinct()
                        .filter(how -> how != Holding.UNDECIDED)
                        .map(how -> held(
                                line,
                                place,
                                "carry.hold." + place.item() + "." + Table.written(how),
                                Text.of("Hold it {}, so that it stays", how.words()),
                                whole(line, place.item(), otherwise(place.held(), how)))));
    }

    /** What was tried was tried in the old one. */
    private static Held otherwise(Held held, Holding how) {
        return how == held.how() ? held : held.with(other -> other.how(how).tried(Size.UNKNOWN));
    }

    private static Held whole(Line line, String item, Held held) {
        Size size = line.rig().harness().pack(item).size();
        boolean moved = held.apartM().isSet() && size.known();
        return held.with(all -> all.apartM(moved ? Figure.chosen(PackHold.anchorsM(size)) : held.apartM())
                .anchors(Math.max(PackHold.ANCHORS, held.anchors()))
                .blocked(true)
                .covered(true)
                .overM(
                        held.overM().isSet() && held.overM().value() >= PackHold.OVER_M
                                ? held.overM()
                                : Figure.chosen(PackHold.OVER_M)));
    }

    /** Each battery that lies on its side stood upright. */
    public static Stream<Change> upright(Line line) {
        return packs(line)
                .filter(place -> place.held().onSide())
                .map(place -> held(
                        line,
                        place,
                        "carry.upright." + place.item(),
                        Text.of("Stand it upright"),
                        place.held().withOnSide(false)));
    }

    /** That a battery was tried where it is held, and stays. */
    public static Stream<Change> tried(Line line) {
        return line.rig().harness().packs().stream()
                .filter(pack -> pack.size().known())
                .flatMap(pack -> line.entered().placeOf(pack.id()).stream()
                        .filter(place -> place.held().how().walls())
                        .map(place -> new Change(
                                "carry.tried." + pack.id(),
                                Text.of("{}: tried there, and it stays", pack.name()),
                                Effort.SETTING,
                                line.entered().with(place.withHeld(place.held().withTried(pack.size()))))));
    }

    /** A battery that may lie as it does. */
    public static Stream<Change> sealed(Line line) {
        return CarryChanges.withoutFreeAcid(line);
    }

    private static Stream<Placement> packs(Line line) {
        return line.entered().harness().packs().stream().flatMap(pack -> line.entered().placeOf(pack.id()).stream());
    }

    private static Change held(Line line, Placement place, String id, Text label, Held held) {
        return new Change(id, label, Effort.MOVE, line.entered().with(place.withHeld(held)));
    }
}
