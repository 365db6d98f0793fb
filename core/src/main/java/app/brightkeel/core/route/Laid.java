package app.brightkeel.core.route;

import app.brightkeel.core.rig.Passage;
import java.util.List;
import java.util.Optional;

/**
 * One cable on its way.
 *
 * @param run       id
 * @param carries   id of the transducer, segment or data lead
 * @param name      of the cable
 * @param sort      a transducer's lead is never cut, and its plug has to pass; a wire is cut to length
 * @param legs      passages in order
 * @param start     station it begins at, "" where that is not said
 * @param end       station it has to reach, "" where that is not said
 * @param slackM    all slack together that is always there
 * @param travelM   what moving parts take of it at the far end of their travel
 * @param suppliedM what there is of it
 * @param plugM     width of its plug; empty where none has to pass
 * @param cableM    its own outer width
 */
public record Laid(
        String run,
        String carries,
        String name,
        Cable.Sort sort,
        List<Passage> legs,
        String start,
        String end,
        double slackM,
        double travelM,
        double suppliedM,
        Optional<Double> plugM,
        double cableM) {

    public Laid {
        legs = List.copyOf(legs);
    }

    /** Length of the way itself [m]. */
    public double pathM() {
        return legs.stream().mapToDouble(leg -> leg.lengthM().value()).sum();
    }

    /** Whether it is a transducer's lead. */
    public boolean sonar() {
        return sort == Cable.Sort.SONAR;
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
        return suppliedM - neededM();
    }

    /** Passages that have to be drilled. */
    public List<Passage> drilled() {
        return legs.stream().filter(leg -> leg.way().drills()).toList();
    }

    /** By how much the tightest opening is wider than the plug [m]; empty where no plug meets an opening. */
    public Optional<Double> tightestM() {
        return plugM.flatMap(plug -> legs.stream()
                .filter(Laid::meetsPlug)
                .map(leg -> leg.openingM().value() - plug)
                .min(Double::compare));
    }

    private static boolean meetsPlug(Passage leg) {
        return leg.way().opening()
                && leg.openingM().isSet()
                && leg.opening().closedBy().plugPasses();
    }

    /** The passage with the tightest opening for its plug. */
    public Optional<Passage> tightest() {
        return legs.stream()
                .filter(Laid::meetsPlug)
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
        return end.isEmpty() || at.equals(end);
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
        if (!start.isEmpty() || legs.isEmpty()) {
            return start;
        }
        Passage first = legs.get(0);
        boolean turned = legs.size() > 1 && !legs.get(1).across(first.from()).isEmpty();
        return turned ? first.to() : first.from();
    }
}
