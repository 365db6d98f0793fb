package app.brightkeel.core.parts;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.Opening;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Way;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleStage;
import app.brightkeel.core.route.HolesWorking;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Every opening, there or to be drilled, with what passes it and what makes it tight. */
public final class HoleList {

    /**
     * One opening.
     *
     * @param id      of the hole, or of the holder whose screws they are
     * @param number  as in the picture
     * @param part    what it goes through
     * @param there   "there", or "drill"
     * @param line    above or below the waterline
     * @param clear   clear width, empty where nobody gave it
     * @param cables  what passes
     * @param plug    that has to pass before it is closed
     * @param after   what is crimped on after
     * @param closing what closes it
     * @param wants   the hole that wants
     * @param sealing how it is made tight
     * @param remark  whether it was tested, what it costs, whether a hand reaches behind
     */
    public record Row(
            String id,
            int number,
            String name,
            String part,
            String there,
            String line,
            Optional<Amount> clear,
            String cables,
            Optional<Amount> plug,
            String after,
            String closing,
            Optional<Amount> wants,
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
                holder.id(),
                number,
                "screws of the " + holder.name(),
                station,
                "drill",
                "above",
                Optional.empty(),
                "",
                Optional.empty(),
                "",
                "its base over them",
                Optional.empty(),
                "Sealant under the base and round each screw; washers behind, no longer than what they go through.",
                "look first what lies behind");
    }

    private static Row row(Rig rig, Hole hole) {
        return new Row(
                hole.id(),
                hole.number(),
                hole.name(),
                hole.part(),
                hole.there() ? "there" : "drill",
                hole.below() ? "below" : "above",
                millimetres(hole.openingM(), Unit.FINE_MILLIMETRE),
                String.join(", ", hole.cables()),
                millimetres(hole.plugM(), Unit.MILLIMETRE),
                String.join(", ", hole.crimpedLast()),
                closing(hole),
                hole.buys() ? millimetres(hole.wantsM(), Unit.FINE_MILLIMETRE) : Optional.empty(),
                HolesWorking.sealing(rig, hole),
                remark(hole));
    }

    private static String closing(Hole hole) {
        if (hole.buys()) {
            return hole.closedBy().words();
        }
        return hole.forCables()
                ? "stays open or has its own"
                : "it is " + hole.use().words();
    }

    private static Optional<Amount> millimetres(double metres, Unit unit) {
        return metres > 0 ? Optional.of(new Amount(metres, unit)) : Optional.empty();
    }

    private static String remark(Hole hole) {
        Opening opening = hole.passage().map(Passage::opening).orElse(Opening.UNKNOWN);
        String tested = tested(hole, opening);
        String costs = opening.costs().isEmpty() ? "" : "costs " + opening.costs();
        String back = hole.closedBy().nut() ? opening.back().words() : "";
        String part = hole.there() ? "" : replaced(hole);
        return String.join(
                "; ",
                List.of(tested, costs, back, part).stream()
                        .filter(each -> !each.isEmpty())
                        .toList());
    }

    /** Why one part is drilled before another: what can be bought again first. */
    private static String replaced(Hole hole) {
        Way way = hole.passage().map(Passage::way).orElse(Way.OPEN_DECK);
        return switch (way) {
            case HATCH_COVER, TUBE_WALL -> "that part is bought again where it goes wrong: rather it than the hull";
            case NEW_HOLE -> "the hull is not bought again: a cover or a rod-holder tube first, if one lies on the way";
            default -> "";
        };
    }

    /** A lip is dry by gravity or not at all: there is nothing to try. */
    private static String tested(Hole hole, Opening opening) {
        boolean lip = hole.passage()
                .filter(passage -> passage.way() == Way.HATCH_LIP || passage.way() == Way.HATCH_INDENT)
                .isPresent();
        if (lip) {
            return "";
        }
        return opening.tested() ? "tried for leaks" : hole.there() ? "not tried for leaks" : "try it for leaks";
    }
}
