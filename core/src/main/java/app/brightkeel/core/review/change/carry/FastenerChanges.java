package app.brightkeel.core.review.change.carry;

import app.brightkeel.core.fastening.Fastened;
import app.brightkeel.core.fastening.Lengths;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.BackReach;
import app.brightkeel.core.rig.Backing;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.FastenerKind;
import app.brightkeel.core.rig.FastenerKind.Holds;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Material;
import java.util.stream.Stream;

/** Changes of screws, bolts and rivets. */
public final class FastenerChanges {

    private FastenerChanges() {}

    /** Each that is not right by the shortest length that is sold and right. */
    public static Stream<Change> fitting(Line line) {
        return all(line)
                .filter(fastener ->
                        Fastened.of(fastener).filter(ends -> !ends.right()).isPresent())
                .flatMap(fastener -> Lengths.right(fastener).stream())
                .map(right -> change(
                        line,
                        "carry.fastener-length." + right.id(),
                        Text.of(
                                "{}: {} long",
                                Worded.capital(right.name()),
                                new Amount(right.lengthM().value(), Unit.MILLIMETRE)),
                        Effort.BUY,
                        right.withTried(false)));
    }

    /** Rivets, or screws of another sort, where no hand reaches behind. */
    public static Stream<Change> blind(Line line) {
        return all(line)
                .filter(fastener -> fastener.kind().wantsBack())
                .flatMap(fastener -> Stream.of(FastenerKind.RIVET, FastenerKind.MACHINE_SCREW)
                        .map(kind -> change(
                                line,
                                "carry.fastener-sort." + fastener.id() + "." + Table.written(kind),
                                Text.of("{}: {}", Worded.capital(fastener.name()), kind.words()),
                                Effort.BUY,
                                refitted(fastener, kind))));
    }

    /** As another sort; its length is chosen anew, and an insert's depth has to be measured. */
    private static Fastener refitted(Fastener fastener, FastenerKind kind) {
        Fastener other = fastener.with(each -> each.kind(kind).supplied(0).tried(false));
        return kind == FastenerKind.MACHINE_SCREW
                ? other.withBitesM(Figure.UNSET)
                : Lengths.right(other).orElse(other);
    }

    /** That a hand reaches behind, once that has been seen. */
    public static Stream<Change> reached(Line line) {
        return all(line)
                .filter(fastener -> fastener.kind().wantsBack() && fastener.back() == BackReach.UNKNOWN)
                .map(fastener -> change(
                        line,
                        "carry.fastener-reached." + fastener.id(),
                        Text.of("{}: a hand reaches behind", Worded.capital(fastener.name())),
                        Effort.SETTING,
                        fastener.withBack(BackReach.REACHED)));
    }

    /** Large washers or a plate behind what pulls on plastic. */
    public static Stream<Change> backed(Line line) {
        return all(line)
                .filter(FastenerChanges::wantsBacking)
                .flatMap(fastener -> Stream.of(Backing.WASHERS, Backing.PLATE)
                        .map(backing -> change(
                                line,
                                "carry.fastener-backed." + fastener.id() + "." + Table.written(backing),
                                Text.of("{} behind the {}", Worded.capital(backing.words()), fastener.name()),
                                Effort.BUY,
                                fastener.withBacking(backing))));
    }

    /** Whether it pulls on soft plastic from behind. */
    public static boolean wantsBacking(Fastener fastener) {
        return fastener.kind().holds() == Holds.FROM_BEHIND
                && (fastener.stuff() == Material.POLYETHYLENE || fastener.stuff() == Material.SOFT_PLASTIC);
    }

    private static Stream<Fastener> all(Line line) {
        return line.entered().fitOut().fasteners().stream();
    }

    private static Change change(Line line, String id, Text title, Effort effort, Fastener changed) {
        return new Change(
                id,
                title,
                effort,
                line.entered().withFitOut(line.entered().fitOut().with(changed)));
    }
}
