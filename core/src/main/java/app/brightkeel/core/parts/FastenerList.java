package app.brightkeel.core.parts;

import app.brightkeel.core.fastening.Fastened;
import app.brightkeel.core.fastening.Sizes;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.BackReach;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/** Screws, bolts and rivets by size, so that each is counted once and none is too long for its place. */
public final class FastenerList {

    /**
     * One of them.
     *
     * @param size  what to ask for in the shop
     * @param alike how many of that very size the whole rig takes
     * @param there how many of that size came with parts or lie in a kit
     * @param ends  where it ends, in words
     */
    public record Row(Fastener fastener, Text size, int alike, int there, String ends) {

        /** How many of that size are to be had still. */
        public int missing() {
            return Math.max(0, alike - there);
        }
    }

    private FastenerList() {}

    /** Those of a size stand together. */
    public static List<Row> of(Rig rig) {
        List<Fastener> sorted = new ArrayList<>(rig.fitOut().fasteners());
        sorted.sort(Comparator.comparing(Fastener::kind)
                .thenComparing(each -> each.widthM().isSet() ? each.widthM().value() : 0)
                .thenComparing(each -> each.lengthM().isSet() ? each.lengthM().value() : 0));
        return sorted.stream()
                .map(each -> {
                    List<Fastener> alike = alike(sorted, each);
                    return new Row(
                            each,
                            Sizes.of(each),
                            alike.stream().mapToInt(Fastener::count).sum(),
                            alike.stream().mapToInt(Fastener::supplied).sum(),
                            ends(each));
                })
                .toList();
    }

    private static List<Fastener> alike(List<Fastener> all, Fastener one) {
        return all.stream()
                .filter(each -> each.kind() == one.kind()
                        && Objects.equals(each.widthM(), one.widthM())
                        && Objects.equals(each.lengthM(), one.lengthM()))
                .toList();
    }

    private static String ends(Fastener fastener) {
        String tried = fastener.tried() ? "" : "try one by hand before all are driven";
        String back = fastener.back() == BackReach.CLOSED ? "nothing reaches behind it" : "";
        String ends = Fastened.of(fastener)
                .map(FastenerList::words)
                .orElse("measure what it passes and what it holds in, then choose its length");
        return String.join(
                "; ",
                List.of(ends, back, tried).stream()
                        .filter(each -> !each.isEmpty())
                        .toList());
    }

    private static String words(Fastened ends) {
        if (!ends.holds()) {
            return "too short";
        }
        if (ends.bottoms()) {
            return "meets the bottom of its insert";
        }
        if (ends.meets()) {
            return "goes into what lies behind";
        }
        return ends.unseen() ? "comes out: look what lies behind" : "holds, and meets nothing";
    }
}
