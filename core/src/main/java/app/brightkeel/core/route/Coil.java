package app.brightkeel.core.route;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Station;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is left over of a cable that is never cut, coiled as a figure of eight at a dry place away from the supply.
 *
 * @param lengthM to be coiled [m]
 * @param acrossM of one loop: ten times the cable, common practice, no source [m]
 * @param eights  how many
 * @param at      where; empty where no place on its way, or one passage off it, serves
 * @param chosen  whether a person chose the place
 * @param dry     whether that place is dry
 * @param quiet   whether no untwisted supply wire passes there
 */
public record Coil(
        LaidCable laid,
        double lengthM,
        double acrossM,
        int eights,
        Optional<Station> at,
        boolean chosen,
        boolean dry,
        boolean quiet) {

    /** Less than this is no coil: the loops take it [m]; common practice, no source. */
    public static final double FROM_M = 0.30;

    private static final double WIDTHS = 10;

    /** Loops smaller than this are not tied by hand [m]. */
    private static final double LEAST_M = 0.07;

    /** Whether it lies well: dry, and away from the supply. */
    public boolean well() {
        return at.isPresent() && dry && quiet;
    }

    /** Every coil of a rig, or what is missing to lay its cables. */
    public static Outcome<List<Coil>> of(Line line) {
        return line.of(Coil.class, each -> each.get(RouteStage.STAGE).map(routes -> of(each.rig(), routes)));
    }

    private static List<Coil> of(Rig rig, Routes routes) {
        List<Coil> all = new ArrayList<>();
        for (LaidCable laid : routes.all()) {
            if (laid.cable().sort() != Cable.Kind.POWER && laid.spareM() >= FROM_M) {
                all.add(of(rig, routes, laid));
            }
        }
        return all;
    }

    private static Coil of(Rig rig, Routes routes, LaidCable laid) {
        double across = Math.max(LEAST_M, WIDTHS * laid.cableM());
        int eights = Math.max(1, (int) Math.round(laid.spareM() / (2 * Math.PI * across)));
        Optional<Station> chosen = rig.runOf(laid.carries()).map(Run::coilAt).flatMap(rig.craft()::station);
        Optional<Station> at = chosen.or(() -> places(rig, laid).stream()
                .filter(station -> quiet(routes, station))
                .findFirst());
        return new Coil(
                laid,
                laid.spareM(),
                across,
                eights,
                at,
                chosen.isPresent(),
                at.filter(station -> dry(rig, station)).isPresent(),
                at.filter(station -> quiet(routes, station)).isPresent());
    }

    /** Dry places on the way of a cable, then those one passage off it. */
    public static List<Station> places(Rig rig, LaidCable laid) {
        return near(rig, laid).stream().filter(station -> dry(rig, station)).toList();
    }

    /** All places on the way of a cable, then those one passage off it. */
    public static List<Station> near(Rig rig, LaidCable laid) {
        Craft craft = rig.craft();
        Set<String> ids = new LinkedHashSet<>(laid.stations());
        for (String on : laid.stations()) {
            for (Passage passage : craft.passages()) {
                if (!passage.across(on).isEmpty()) {
                    ids.add(passage.across(on));
                }
            }
        }
        return ids.stream().flatMap(id -> craft.station(id).stream()).toList();
    }

    private static boolean dry(Rig rig, Station station) {
        return station.spot().dry() || rig.fitOut().boxAt(station.id()).isPresent();
    }

    private static boolean quiet(Routes routes, Station station) {
        return routes.all().stream()
                .filter(laid -> laid.cable().loud())
                .noneMatch(laid -> laid.stations().contains(station.id()));
    }
}
