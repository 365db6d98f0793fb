package app.brightkeel.core.fastening;

import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.FastenerKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Material;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;

/** What a plan screws, bolts or rivets, and of which nobody has said with what yet. */
public final class Wanted {

    /** Usual numbers of screws; common practice, no source. */
    private static final int OF_A_BASE = 4;

    private static final int OF_A_MOUNT = 2;
    private static final int OF_A_BOARD = 3;

    private Wanted() {}

    /** A proposal for each, with what its layers are known to be; its id and name are for who takes it. */
    public static List<Fastener> of(Rig rig) {
        List<Fastener> all = new ArrayList<>();
        for (Transducer transducer : rig.transducers()) {
            if (!transducer.mount().kind().screws().isEmpty()) {
                all.add(ofMount(rig, transducer));
            }
        }
        for (Holder holder : rig.holders()) {
            if (holder.drills()) {
                all.add(Fastener.unknown("screws", "screws of the " + holder.name(), holder.id(), OF_A_BASE));
            }
        }
        Boards boards = rig.fitOut().boards();
        for (BoardPart part : boards.parts()) {
            all.add(board(boards, part));
        }
        all.removeIf(each -> has(rig, each.of()));
        return List.copyOf(all);
    }

    /** Whether somebody said what fastens a part. */
    public static boolean has(Rig rig, String part) {
        return rig.fitOut().fasteners().stream()
                .anyMatch(fastener -> fastener.of().equals(part));
    }

    private static Fastener ofMount(Rig rig, Transducer transducer) {
        MountKind kind = transducer.mount().kind();
        Fastener open = Fastener.unknown("screws", "screws of the " + kind.words(), transducer.id(), OF_A_MOUNT);
        Boards boards = rig.fitOut().boards();
        return switch (kind) {
            case TRANSOM_BOARD ->
                open.with(screw -> screw.kind(FastenerKind.WOOD_SCREW)
                        .passesM(boards.thickM())
                        .bitesM(boards.hangsOverM())
                        .stuff(Material.WOOD));
            case STERN_BRACKET, SKID_INSERTS, CONSOLE_PLATE -> open.withKind(FastenerKind.MACHINE_SCREW);
            default -> open.withKind(FastenerKind.BOLT);
        };
    }

    /** Through its own thickness into the edge of the next board: half its length is enough there. */
    private static Fastener board(Boards boards, BoardPart part) {
        Figure thick = boards.thickM();
        return Fastener.unknown("screws", "screws of the " + part.name(), part.id(), OF_A_BOARD * part.count())
                .with(screw ->
                        screw.kind(FastenerKind.WOOD_SCREW).passesM(thick).stuff(Material.WOOD));
    }
}
