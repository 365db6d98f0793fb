package app.brightkeel.core.review.carry;

import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Pocket;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;

/** Whether something goes into its pocket is asked, not passed over, where it was never measured. */
final class PocketUnknown implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.pocket.incomplete", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        List<String> missing = new ArrayList<>();
        String first = "";
        for (Enclosure box : rig.fitOut().boxes()) {
            for (Pocket pocket : box.pockets()) {
                List<String> open = pocket.inside().known() ? open(rig, pocket.holds()) : List.of();
                missing.addAll(open);
                first = first.isEmpty() && !open.isEmpty() ? pocket.name() : first;
            }
        }
        return missing.isEmpty()
                ? SILENT
                : new Judgement.Ask(missing, Text.of("How large is what belongs into the {}?", first));
    }

    private static List<String> open(Rig rig, String id) {
        List<String> open = new ArrayList<>();
        for (int d = 0; d < rig.devices().size(); d++) {
            Device device = rig.devices().get(d);
            if (device.id().equals(id)) {
                FitStage.wantSize(open, device.size(), Pointer.device(d, "size/"));
            }
        }
        for (int p = 0; p < rig.harness().packs().size(); p++) {
            Pack pack = rig.harness().packs().get(p);
            if (pack.id().equals(id)) {
                FitStage.wantSize(open, pack.size(), Pointer.pack(p, "size/"));
            }
        }
        return open;
    }
}
