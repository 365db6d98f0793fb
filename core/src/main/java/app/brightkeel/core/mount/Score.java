package app.brightkeel.core.mount;

import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Weights;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What speaks for a mount besides physics: a mean of parts, each 0 to 1, weighted as the person likes.
 *
 * @param parts in the order of {@link #NAMES}
 */
public record Score(List<Double> parts) {

    static final List<String> NAMES = List.of("view", "beach", "drag", "removal", "ease", "drill");

    private static final List<String> WORDS = List.of(
            "what it sees",
            "survives the beach",
            "little drag",
            "comes off quickly",
            "few tools, little time",
            "nothing drilled");

    private static final Map<MountKind, Score> ALL = read();

    public Score {
        parts = List.copyOf(parts);
    }

    /** Of a kind of mount; an undecided one scores nothing. */
    public static Score of(MountKind kind) {
        return ALL.getOrDefault(kind, new Score(NAMES.stream().map(n -> 0.0).toList()));
    }

    private static Map<MountKind, Score> read() {
        Map<MountKind, Score> all = new EnumMap<>(MountKind.class);
        Table table = Table.read(Score.class, "scores.csv");
        List<String> kinds = table.words("kind");
        for (int k = 0; k < kinds.size(); k++) {
            int row = k;
            all.put(
                    Table.constant(MountKind.class, kinds.get(k)),
                    new Score(
                            NAMES.stream().map(name -> table.column(name)[row]).toList()));
        }
        return all;
    }

    /** Weighted mean, 0 to 1; 0 where every weight is 0. */
    public double weighted(Weights weights) {
        double sum = 0;
        double all = 0;
        List<Figure> figures = figures(weights);
        for (int i = 0; i < parts.size(); i++) {
            double weight = Weights.of(figures.get(i));
            sum += weight * parts.get(i);
            all += weight;
        }
        return all == 0 ? 0 : sum / all;
    }

    private static List<Figure> figures(Weights weights) {
        return Arrays.asList(
                weights.view(), weights.beach(), weights.drag(), weights.removal(), weights.ease(), weights.drill());
    }

    /** How a kind comes to its score. */
    public static Working working(MountKind kind, Weights weights) {
        Score score = of(kind);
        Working.Builder told = Working.of(
                "What speaks for this mount",
                "score = Σ weight · part / Σ weight",
                Source.practice("judgement by what practitioners note of each mount"));
        List<Figure> figures = figures(weights);
        for (int i = 0; i < NAMES.size(); i++) {
            told.step("", WORDS.get(i), score.parts().get(i), Unit.FACTOR);
            if (figures.get(i).isSet()) {
                told.figure("", "counts", figures.get(i), Unit.FACTOR, "/weights/" + NAMES.get(i));
            }
        }
        return told.remark("A part without a weight of its own counts 1.")
                .result("", "score", score.weighted(weights), Unit.FACTOR)
                .done();
    }
}
