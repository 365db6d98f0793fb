package app.brightkeel.core.reading;

import app.brightkeel.core.reading.Hypotheses.Hypothesis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What the readings say.
 *
 * @param suspects likeliest first; that all is well is one of them
 * @param next     the readings that would tell most, most telling first
 */
public record Diagnosis(List<Suspect> suspects, List<Telling> next) {

    private static final int MOST_SUSPECTS = 6;
    private static final int MOST_NEXT = 3;
    private static final double LEAST_LIKELY = 0.005;

    /** Below that a reading is not worth the way [bits]. */
    private static final double LEAST_BITS = 0.005;

    /** @param bits that the reading is expected to tell */
    public record Telling(String reading, double bits) {}

    public Diagnosis {
        suspects = List.copyOf(suspects);
        next = List.copyOf(next);
    }

    /**
     * Of readings that were taken at this rig; those of points that it does not have are left out, and the lowest volt of a start:
     * near the collapse it goes by no straight line, and nobody catches it twice.
     */
    public static Diagnosis of(BenchModel model, List<Reading> readings) {
        Map<Integer, Double> taken = new LinkedHashMap<>();
        for (Reading reading : readings) {
            int at = model.indexOf(reading.id());
            if (at >= 0 && model.points().get(at).kind() != ReadingKind.START) {
                taken.put(at, BenchModel.reckoned(model.points().get(at), reading.value()));
            }
        }
        int[] places = taken.keySet().stream().mapToInt(Integer::intValue).toArray();
        double[] values =
                taken.values().stream().mapToDouble(Double::doubleValue).toArray();
        Likelihood likelihood = new Likelihood(model, places, values);
        List<Hypothesis> all = Hypotheses.after(model, likelihood);
        return new Diagnosis(suspects(model, all), next(model, all, likelihood));
    }

    private static List<Suspect> suspects(BenchModel model, List<Hypothesis> all) {
        // heaviest first, within a cause as among them all
        Map<String, List<Hypothesis>> causes =
                all.stream().collect(Collectors.groupingBy(Hypothesis::cause, LinkedHashMap::new, Collectors.toList()));
        return causes.values().stream()
                .sorted(Comparator.comparingDouble(Diagnosis::weight).reversed())
                .filter(alike -> weight(alike) > LEAST_LIKELY)
                .limit(MOST_SUSPECTS)
                .map(alike -> FaultWords.suspect(model.circuit(), fitted(alike), weight(alike)))
                .toList();
    }

    private static double weight(List<Hypothesis> alike) {
        return alike.stream().mapToDouble(Hypothesis::weight).sum();
    }

    /** The faults of one cause, of the size that all its sizes together say. */
    private static List<Fault> fitted(List<Hypothesis> alike) {
        List<Fault> fitted = new ArrayList<>();
        List<Fault> heaviest = alike.get(0).faults();
        for (int f = 0; f < heaviest.size(); f++) {
            int at = f;
            Fault fault = heaviest.get(f);
            double size = alike.stream()
                            .mapToDouble(each -> each.weight() * each.size(at))
                            .sum()
                    / weight(alike);
            fitted.add(fault.kind().graded() ? new Fault(fault.kind(), fault.subject(), size) : fault);
        }
        return fitted;
    }

    private static List<Telling> next(BenchModel model, List<Hypothesis> all, Likelihood likelihood) {
        List<Telling> tellings = new ArrayList<>();
        Information information = new Information(all, likelihood);
        for (int m = 0; m < model.points().size(); m++) {
            double bits = model.points().get(m).kind() == ReadingKind.START ? 0 : information.bits(m);
            if (bits > LEAST_BITS) {
                tellings.add(new Telling(model.points().get(m).id(), bits));
            }
        }
        tellings.sort((a, b) -> Double.compare(b.bits(), a.bits()));
        return tellings.subList(0, Math.min(MOST_NEXT, tellings.size()));
    }
}
