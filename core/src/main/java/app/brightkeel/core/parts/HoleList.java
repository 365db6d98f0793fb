package app.brightkeel.core.parts;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Opening;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleStage;
import app.brightkeel.core.route.HolesWorking;
import java.util.ArrayList;
import java.util.List;

/** Every opening, there or to be drilled, with what passes it and what makes it tight. */
public final class HoleList {

    /**
     * One opening.
     *
     * @param number  as in the picture
     * @param part    what it goes through
     * @param there   "there", or "drill"
     * @param line    above or below the waterline
     * @param clear   clear width, empty where nobody gave it
     * @param cables  what passes
     * @param first   what has to pass before it is closed, or is crimped on after
     * @param closing what closes it, and the hole that wants
     * @param sealing how it is made tight
     * @param remark  whether it was tested, what it costs, whether a hand reaches behind
     */
    public record Row(
            int number,
            String name,
            String part,
            String there,
            String line,
            Text clear,
            String cables,
            Text first,
            Text closing,
            String sealing,
            String remark) {}

    private HoleList() {}

    /** Those of cables, where they are laid, then the screws of what holds displays. */
    public static List<Row> of(Line line) {
        List<Row> all = new ArrayList<>();
        line.get(HoleStage.STAGE).orElse(List.of()).forEach(hole -> all.add(row(line.rig(), hole)));
        for (Holder holder : line.rig().holders()) {
            if (holder.drills()) {
                all.add(screws(all.size() + 1, line.rig(), holder));
            }
        }
        return List.copyOf(all);
    }

    private static Row screws(int number, Rig rig, Holder holder) {
        String station = rig.craft()
                .station(rig.stationOf(holder.holds()))
                .map(Station::name)
                .orElse("where it stands");
        return new Row(
                number,
                "screws of the " + holder.name(),
                station,
                "drill",
                "above",
                Text.of(""),
                "",
                Text.of(""),
                Text.of("its base over them"),
                "Sealant under the base and round each screw; washers behind, no longer than what they go through.",
                "look first what lies behind");
    }

    private static Row row(Rig rig, Hole hole) {
        return new Row(
                hole.number(),
                hole.name(),
                hole.part(),
                hole.there() ? "there" : "drill",
                hole.below() ? "below" : "above",
                hole.openingM() > 0 ? Text.of(hole.openingM(), Unit.FINE_MILLIMETRE) : Text.of(""),
                String.join(", ", hole.cables()),
                first(hole),
                hole.buys()
                        ? Text.of(
                                "{}, hole of {}",
                                hole.closedBy().words(),
                                new Amount(hole.wantsM(), Unit.FINE_MILLIMETRE))
                        : Text.of(
                                hole.forCables()
                                        ? "stays open or has its own"
                                        : "it is " + hole.use().words()),
                HolesWorking.sealing(rig, hole),
                remark(hole));
    }

    private static Text first(Hole hole) {
        String last = hole.crimpedLast().isEmpty() ? "" : "crimped after: " + String.join(", ", hole.crimpedLast());
        if (hole.plugM() == 0) {
            return Text.of("{}", last);
        }
        Amount plug = new Amount(hole.plugM(), Unit.MILLIMETRE);
        return last.isEmpty() ? Text.of("plug of {} first", plug) : Text.of("plug of {} first; {}", plug, last);
    }

    private static String remark(Hole hole) {
        Opening opening = hole.passage().map(Passage::opening).orElse(Opening.UNKNOWN);
        String tested = opening.tested() ? "tried for leaks" : "";
        String costs = opening.costs().isEmpty() ? "" : "costs " + opening.costs();
        String back = hole.closedBy().nut() ? opening.back().words() : "";
        return String.join(
                "; ",
                List.of(tested, costs, back).stream()
                        .filter(each -> !each.isEmpty())
                        .toList());
    }
}
