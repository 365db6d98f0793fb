package app.brightkeel.core.route;

import app.brightkeel.core.quantity.Rounding;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Zone;
import java.util.List;
import java.util.Optional;

/**
 * One cable on its way.
 *
 * @param run       id
 * @param cable     what is laid; without the width of its plug where none has to pass an opening
 * @param legs      passages in order
 * @param slackM    all slack together that is always there
 * @param travelM   what moving parts take of it at the far end of their travel
 * @param cableM    its own outer width
 */
public record LaidCable(String run, Cable cable, List<Passage> legs, double slackM, double travelM, double cableM) {

    public LaidCable {
        legs = List.copyOf(legs);
    }

    /** Length of the way itself [m]. */
    public double pathM() {
        return legs.stream().mapToDouble(leg -> leg.lengthM().value()).sum();
    }

    /** Id of the transducer, segment or data lead. */
    public String carries() {
        return cable.id();
    }

    public String name() {
        return cable.name();
    }

    /** Whether it is a transducer's lead: that one is never cut, and its plug has to pass. */
    public boolean sonar() {
        return cable.sonar();
    }

    /** Width of its plug [m]; empty where none has to pass. */
    public Optional<Double> plugM() {
        return cable.plugM().isSet() ? Optional.of(cable.plugM().value()) : Optional.empty();
    }

    /** What there is of it [m]: only what has a length is laid. */
    public double suppliedM() {
        return cable.suppliedM().value();
    }

    /** What it takes at the far end of all travel [m]. */
    public double neededM() {
        return pathM() + slackM + travelM;
    }

    /** What is left over at the near end of all travel, to be kept out of the way [m]. */
    public double nearM() {
        return spareM() + travelM;
    }

    /** What is left over at the far end of all travel, negative where it is short [m]. */
    public double spareM() {
        return Rounding.settled(suppliedM() - neededM());
    }

    /** Passages that have to be drilled. */
    public List<Passage> drilled() {
        return legs.stream().filter(leg -> leg.way().drills()).toList();
    }

    /** Passages on which it crosses what moves or has to stay clear. */
    public List<Passage> crossing() {
        return legs.stream().filter(leg -> leg.crosses() != Zone.NONE).toList();
    }

    /** The same cable on another way. */
    public LaidCable along(List<Passage> others) {
        return new LaidCable(run, cable, others, slackM, travelM, cableM);
    }

    /** By how much the tightest opening is wider than the plug [m]; empty where no plug meets an opening. */
    public Optional<Double> tightestM() {
        return plugM().flatMap(plug -> legs.stream()
                .filter(LaidCable::meetsPlug)
                .map(leg -> Rounding.settled(leg.openingM().value() - plug))
                .min(Double::compare));
    }

    private static boolean meetsPlug(Passage leg) {
        return leg.meetsPlug() && leg.openingM().isSet();
    }

    /** The passage with the tightest opening for its plug. */
    public Optional<Passage> tightest() {
        return legs.stream()
                .filter(LaidCable::meetsPlug)
                .min((a, b) -> Double.compare(a.openingM().value(), b.openingM().value()));
    }

    /** The first leg that does not go on where the one before ends, if there is one. */
    public Optional<Passage> astray() {
        String at = begin();
        for (Passage leg : legs) {
            String next = leg.across(at);
            if (next.isEmpty()) {
                return Optional.of(leg);
            }
            at = next;
        }
        return Optional.empty();
    }

    /** Whether it arrives at the station it has to reach; true where that is not said. */
    public boolean arrives() {
        String at = begin();
        for (Passage leg : legs) {
            at = leg.across(at);
        }
        return cable.end().isEmpty() || at.equals(cable.end());
    }

    /** Stations it touches, in order; up to where it goes astray. */
    public List<String> stations() {
        List<String> all = new java.util.ArrayList<>();
        String at = begin();
        all.add(at);
        for (Passage leg : legs) {
            at = leg.across(at);
            if (at.isEmpty()) {
                break;
            }
            all.add(at);
        }
        return all;
    }

    /** Where nobody said where it begins, it begins at that end of its first leg which the second does not touch. */
    private String begin() {
        if (!cable.start().isEmpty() || legs.isEmpty()) {
            return cable.start();
        }
        Passage first = legs.get(0);
        boolean turned = legs.size() > 1 && !legs.get(1).across(first.from()).isEmpty();
        return turned ? first.to() : first.from();
    }
}
