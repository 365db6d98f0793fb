package app.brightkeel.server.http;

import app.brightkeel.core.garage.Uses;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.store.Revision;
import app.brightkeel.server.store.Revisions;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.UnreadableRig;
import app.brightkeel.server.store.WantedDays;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Which rigs have which pieces of gear: read off the rigs as they stand, a rig that did not change but once. */
@Component
class GarageUses {

    private static final int KEPT = 2000;

    private final RigStore rigs;
    private final Revisions revisions;
    private final Cache<RigStore.Head, List<Uses.Use>> known =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    GarageUses(RigStore rigs, Revisions revisions) {
        this.rigs = rigs;
        this.revisions = revisions;
    }

    /** A piece in a rig. */
    record InRig(RigStore.Head rig, Uses.Use use) {

        boolean compared() {
            return use.compared();
        }
    }

    /** By piece, in the order of the shelf. */
    Map<String, List<InRig>> all() {
        Map<String, List<InRig>> all = new LinkedHashMap<>();
        for (RigStore.Head head : rigs.heads()) {
            for (Uses.Use use : known.get(head, this::uses)) {
                all.computeIfAbsent(use.item(), item -> new ArrayList<>()).add(new InRig(head, use));
            }
        }
        return all;
    }

    private List<Uses.Use> uses(RigStore.Head head) {
        try {
            return Uses.of(rig(head));
        } catch (UnreadableRig spoilt) {
            return List.of();
        }
    }

    /** A rig as it stands on the shelf. */
    Rig rig(RigStore.Head head) {
        Revision revision = revisions.get(head.id(), head.revision()).orElseThrow();
        return revisions.rig(head.id(), revision);
    }

    /** A piece that several rigs want on one day. */
    record Clash(String day, String item, List<String> rigs) {}

    /** All of them, in the order of the days. */
    List<Clash> clashes(List<WantedDays.Wanted> wanted) {
        Map<String, List<String>> onDay = new LinkedHashMap<>();
        wanted.forEach(each ->
                onDay.computeIfAbsent(each.day(), day -> new ArrayList<>()).add(each.rig()));
        Map<String, List<InRig>> uses = all();
        List<Clash> clashes = new ArrayList<>();
        onDay.forEach((day, out) -> uses.forEach((item, there) -> {
            List<String> want = there.stream()
                    .filter(each -> !each.compared() && out.contains(each.rig().id()))
                    .map(each -> each.rig().id())
                    .toList();
            if (want.size() > 1) {
                clashes.add(new Clash(day, item, want));
            }
        }));
        return clashes;
    }
}
