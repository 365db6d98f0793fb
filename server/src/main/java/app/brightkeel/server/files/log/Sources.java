package app.brightkeel.server.files.log;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.water.DepthLog;
import app.brightkeel.core.water.Fished;
import app.brightkeel.core.water.MeanTemperature;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Who says depths and temperatures in a log, each by itself; of several the one that says most is taken. */
final class Sources {

    /** Each takes room, and a spoilt log could name thousands. */
    private static final int MOST = 16;

    private final Map<String, DepthLog> depths = new TreeMap<>();
    private final Map<String, MeanTemperature> water = new TreeMap<>();
    private final Map<String, MeanTemperature> either = new TreeMap<>();

    /** @param negativeDown whether a depth below zero is one all the same, counted down from the surface */
    void depth(String source, double atS, double metres, boolean negativeDown) {
        if (known(depths, source)) {
            depths.computeIfAbsent(source, s -> new DepthLog()).depth(atS, negativeDown ? Math.abs(metres) : metres);
        }
    }

    /** Of the water. */
    void water(String source, double celsius) {
        if (known(water, source)) {
            water.computeIfAbsent(source, s -> new MeanTemperature()).add(celsius);
        }
    }

    /** Of something that is not said. */
    void either(String source, double celsius) {
        if (known(either, source)) {
            either.computeIfAbsent(source, s -> new MeanTemperature()).add(celsius);
        }
    }

    private static boolean known(Map<String, ?> of, String source) {
        return of.size() < MOST || of.containsKey(source);
    }

    /** Depths of all sources that were read, whatever they say. */
    int samples() {
        return depths.values().stream().mapToInt(DepthLog::samples).sum();
    }

    int samplesOf(String source) {
        return depths.containsKey(source) ? depths.get(source).samples() : 0;
    }

    /** What was fished, with what every reader of a log has to say of it; empty where no depth could be used. */
    Optional<LogRead> read(String name) {
        Comparator<Map.Entry<String, DepthLog>> most =
                Comparator.comparingInt(entry -> entry.getValue().samples());
        Optional<Map.Entry<String, DepthLog>> taken =
                depths.entrySet().stream().max(most.thenComparing(Map.Entry::getKey, Comparator.reverseOrder()));
        Optional<Map.Entry<String, MeanTemperature>> warmth = most(water).or(() -> most(either));
        Optional<Double> celsius = warmth.flatMap(entry -> entry.getValue().mean());
        return taken.flatMap(entry -> entry.getValue()
                .fished(name, celsius)
                .map(fished -> new LogRead(
                        fished,
                        entry.getKey(),
                        warmth.map(Map.Entry::getKey).orElse(""),
                        remarks(entry.getKey(), entry.getValue(), fished))));
    }

    private static Optional<Map.Entry<String, MeanTemperature>> most(Map<String, MeanTemperature> of) {
        return of.entrySet().stream()
                .filter(entry -> entry.getValue().count() > 0)
                .max(Comparator.comparingInt(entry -> entry.getValue().count()));
    }

    private List<Text> remarks(String used, DepthLog log, Fished fished) {
        List<Text> remarks = new ArrayList<>();
        if (depths.size() > 1) {
            remarks.add(Text.of(
                    "Several sources say depths ({}); {} said most and was taken.",
                    String.join(", ", depths.keySet()),
                    used));
        }
        if (fished.dropped() > 0) {
            remarks.add(Text.of(
                    "{} depths cannot be true, or jumped for a moment, and were left out.",
                    new Amount(fished.dropped(), Unit.COUNT)));
        }
        if (log.repeated() > 0) {
            remarks.add(
                    log.repeated() == 1
                            ? Text.of("One depth is of a time that was told before and counts once.")
                            : Text.of(
                                    "{} depths are of a time that was told before: each counts once.",
                                    new Amount(log.repeated(), Unit.COUNT)));
        }
        return remarks;
    }
}
