package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Packs that stand in series. */
public final class Series {

    private Series() {}

    /** Strings of the packs of one role, as places in the list: of each string the pack the wire leaves from first. */
    public static List<List<Integer>> of(List<Pack> packs, PackRole role) {
        List<List<Integer>> all = new ArrayList<>();
        for (int i = 0; i < packs.size(); i++) {
            if (packs.get(i).onTopOf().isEmpty() && packs.get(i).role() == role) {
                all.add(from(packs, i));
            }
        }
        return List.copyOf(all);
    }

    private static List<Integer> from(List<Pack> packs, int bottom) {
        List<Integer> string = new ArrayList<>(List.of(bottom));
        for (int at = above(packs, bottom); at >= 0; at = above(packs, at)) {
            string.add(at);
        }
        return List.copyOf(string);
    }

    private static int above(List<Pack> packs, int below) {
        String id = packs.get(below).id();
        for (int i = 0; i < packs.size(); i++) {
            if (packs.get(i).onTopOf().equals(id)) {
                return i;
            }
        }
        return -1;
    }

    static void check(List<Pack> packs) {
        Map<String, String> below = new HashMap<>();
        for (int i = 0; i < packs.size(); i++) {
            Pack pack = packs.get(i);
            String field = "packs[" + i + "].onTopOf";
            if (pack.onTopOf().isEmpty()) {
                continue;
            }
            if (packs.stream().noneMatch(other -> other.id().equals(pack.onTopOf()))) {
                throw new Refusal(RefusalCode.DANGLING, field, pack.onTopOf(), "the id of another pack, or nothing");
            }
            if (below.containsValue(pack.onTopOf())) {
                throw new Refusal(RefusalCode.DUPLICATE, field, pack.onTopOf(), "one pack on top of each");
            }
            below.put(pack.id(), pack.onTopOf());
        }
        for (int i = 0; i < packs.size(); i++) {
            String at = packs.get(i).id();
            for (int steps = 0; below.containsKey(at); steps++) {
                at = below.get(at);
                if (steps > packs.size()) {
                    throw new Refusal(
                            RefusalCode.LOOP,
                            "packs[" + i + "].onTopOf",
                            packs.get(i).onTopOf(),
                            "packs in series one on top of another, not in a circle");
                }
            }
        }
    }
}
