package app.brightkeel.core.review.carry;

import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.CarryChanges;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import java.util.stream.Stream;

/** A battery or display stands above the waterline where the place is open to the sea. */
final class WetStation implements Rule {

    /** Height over the waterline that is comfortable; common practice, no source [m]. */
    private static final double LEAST_M = 0.03;

    @Override
    public Identity identity() {
        return new Identity("carry.under-water", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        Craft craft = line.rig().craft();
        if (craft.kind().onIce()) {
            return SILENT;
        }
        Outcome<Afloat> afloat = line.get(FloatStage.STAGE);
        if (afloat.isKnown()) {
            for (Placement place : line.rig().places()) {
                craft.station(place.station())
                        .filter(station -> station.placed() && open(station.spot()))
                        .ifPresent(station -> add(worst, afloat.value(), station));
            }
        }
        return worst.judgement();
    }

    private static void add(WorstOf worst, Afloat afloat, Station station) {
        double over = station.heightM().value()
                - afloat.waterM(station.fromBowM().value(), station.sideM().value());
        worst.add(
                over < 0 ? over : Math.min(1, COMFORTABLE * over / LEAST_M),
                over < 0 ? "The {} lies {} under the waterline." : "The {} lies {} over the waterline.",
                station.name(),
                new Amount(Math.abs(over), Unit.MILLIMETRE));
    }

    /** Where the sea comes in: wells that drain, scuppers, pockets and rails. */
    private static boolean open(Spot spot) {
        return switch (spot) {
            case STERN_WELL, SCUPPER, HULL_POCKET, RAIL, TRANSOM, STERN_INSERTS, ON_DECK, BESIDE_SEAT -> true;
            default -> false;
        };
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.places(line);
    }
}
