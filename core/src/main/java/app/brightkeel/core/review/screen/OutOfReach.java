package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.screen.HolderChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is worked on the water is within reach of a stretched hand: a screen, unless a keypad that works it is aboard, the keypad
 * itself, and a battery that is changed there.
 */
final class OutOfReach implements Rule {

    @Override
    public Identity identity() {
        return new Identity("screen.out-of-reach", Link.SCREEN, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Seated> outcome = line.get(SeatStage.STAGE);
        if (!outcome.isKnown()) {
            return SILENT;
        }
        Seated seated = outcome.value();
        WorstOf worst = new WorstOf();
        for (Seated.FromSeat each : seated.things()) {
            if (each.thing().screen() && !each.thing().keypad()) {
                worst.add(
                        WorstOf.within(each.awayM(), seated.stretchedM()),
                        "The {} is {} from the seat; a stretched hand goes {}.",
                        each.thing().name(),
                        new Amount(each.awayM(), Unit.METRE),
                        new Amount(seated.stretchedM(), Unit.METRE));
            }
        }
        worked(line.rig())
                .forEach((id, name) -> placed(line.rig(), id).ifPresent(at -> {
                    double away = Math.hypot(
                            seated.seatM() - at.fromBowM().value(), at.sideM().value());
                    worst.add(
                            WorstOf.within(away, seated.stretchedM()),
                            "{} is {} from the seat; a stretched hand goes {}.",
                            name,
                            new Amount(away, Unit.METRE),
                            new Amount(seated.stretchedM(), Unit.METRE));
                }));
        return worst.judgement();
    }

    /** Keypads, and packs that are changed on the water, by what they are called at the head of a sentence. */
    private static Map<String, String> worked(Rig rig) {
        Map<String, String> all = new LinkedHashMap<>();
        for (Device device : rig.devices()) {
            if (device.kind() == DeviceKind.KEYPAD) {
                all.put(device.id(), "The " + device.name());
            }
        }
        rig.harness()
                .changedAfloat()
                .forEach(pack -> all.put(pack.id(), "The " + pack.name() + ", which is changed on the water,"));
        return all;
    }

    private static Optional<Station> placed(Rig rig, String id) {
        return rig.craft().station(rig.stationOf(id)).filter(Station::placed);
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.of(HolderChanges.places(line), HolderChanges.keypads(line), HolderChanges.nearer(line))
                .flatMap(changes -> changes);
    }
}
