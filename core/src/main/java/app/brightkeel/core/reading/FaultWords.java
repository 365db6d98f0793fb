package app.brightkeel.core.reading;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import java.util.ArrayList;
import java.util.List;

/** What is wrong, and what to do about it, the way one practitioner tells another. */
final class FaultWords {

    private FaultWords() {}

    static Suspect suspect(BenchCircuit circuit, List<Fault> faults, double likely) {
        if (faults.isEmpty()) {
            return new Suspect(faults, Text.of("Nothing is wrong"), likely, List.of(), List.of());
        }
        List<Text> what = faults.stream().map(fault -> what(circuit, fault)).toList();
        List<String> parts = new ArrayList<>();
        faults.forEach(fault -> parts.add(part(circuit, fault)));
        return new Suspect(
                faults,
                Text.joined(", and ", what).capital(),
                likely,
                faults.stream().map(fault -> fix(circuit, fault)).toList(),
                parts);
    }

    private static Place place(BenchCircuit circuit, String id) {
        return circuit.places().stream()
                .filter(place -> place.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static String segment(BenchCircuit circuit, String id) {
        return circuit.rig().harness().segment(id).name();
    }

    /** Of an unused conductor. */
    private static String lead(Fault fault) {
        return fault.subject().substring(0, fault.subject().lastIndexOf('/'));
    }

    private static String number(Fault fault) {
        return fault.subject().substring(fault.subject().lastIndexOf('/') + 1);
    }

    private static String part(BenchCircuit circuit, Fault fault) {
        return switch (fault.kind()) {
            case BAD_CRIMP, OPEN, WRONG_FUSE, LIVE_WHEN_OFF ->
                place(circuit, fault.subject()).part();
            case REVERSED_PLUG, WEAK_BATTERY, CHAFED_LEAD -> fault.subject();
            case BARE_UNUSED -> lead(fault);
        };
    }

    static Text what(BenchCircuit circuit, Fault fault) {
        return switch (fault.kind()) {
            case BAD_CRIMP ->
                Text.of(
                        "bad contact, about {} too much: {}",
                        new Amount(fault.size(), Unit.OHM),
                        place(circuit, fault.subject()).name());
            case OPEN ->
                Text.of("no contact at all: {}", place(circuit, fault.subject()).name());
            case REVERSED_PLUG ->
                Text.of(
                        "plus and minus are changed over at the {}",
                        circuit.rig().device(fault.subject()).name());
            case WEAK_BATTERY ->
                Text.of(
                        "the {} is weak, or not charged: {} too little",
                        circuit.rig().nameOfPoint(fault.subject()),
                        new Amount(fault.size(), Unit.VOLT));
            case WRONG_FUSE ->
                Text.of(
                        fault.size() < 1
                                ? "a smaller fuse than planned sits in the {}"
                                : "a larger fuse than planned sits in the {}",
                        place(circuit, fault.subject()).name());
            case LIVE_WHEN_OFF ->
                Text.of(
                        "the {} does not switch off",
                        place(circuit, fault.subject()).name());
            case BARE_UNUSED ->
                Text.of("unused conductor {} of the {} touches another", number(fault), segment(circuit, lead(fault)));
            case CHAFED_LEAD -> Text.of("the {} leaks from plus to minus", segment(circuit, fault.subject()));
        };
    }

    private static Text fix(BenchCircuit circuit, Fault fault) {
        return switch (fault.kind()) {
            case BAD_CRIMP -> {
                Place place = place(circuit, fault.subject());
                yield Text.of(
                        place.sort() == Place.Sort.CRIMP
                                ? "Fuse out. Pull at it; cut it off, strip anew, crimp again, pull again, then the sleeve. Good ones have {} to {}."
                                : "Fuse out. Clean its contacts, bend them closer, grease them; crimp its ends again where that does not help. Good ones have {} to {}.",
                        new Amount(0.001, Unit.OHM),
                        new Amount(0.003, Unit.OHM));
            }
            case OPEN ->
                Text.of(
                        place(circuit, fault.subject()).sort() == Place.Sort.FUSE
                                ? "Look at the fuse: a blown one is replaced once, by the same rating; where that blows too, look for the short first."
                                : "Fuse out. Push it home and tug; where it sits and is still open, its crimp has let go.");
            case REVERSED_PLUG ->
                Text.of("Do not switch on. Change the two terminals in the plug over, and read again.");
            case WEAK_BATTERY ->
                Text.of("Charge it, let it rest an hour, read again; where it stays low, test what it still holds.");
            case WRONG_FUSE -> {
                double rating = place(circuit, fault.subject()).ratingA();
                yield Text.of("Read what is printed on it: planned are {}.", new Amount(rating, Unit.RATING));
            }
            case LIVE_WHEN_OFF ->
                Text.of(
                        "It sits in the minus, is bridged, or is on the wrong side of the branch: only the plus is switched.");
            case BARE_UNUSED ->
                Text.of(
                        "Cut the unused conductors of the {} back, each to another length, with a sleeve of its own over each end; read again. Where it still touches, the jacket is cut into on the way.",
                        segment(circuit, lead(fault)));
            case CHAFED_LEAD ->
                Text.of(
                        "Fuse out, and out it stays. Look along the {} for wear at edges, rims and ties; lay it anew where it is worn.",
                        segment(circuit, fault.subject()));
        };
    }
}
