package app.brightkeel.core.mount;

import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Weights;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;

/**
 * What speaks for a mount besides physics: a mean of parts, each 0 to 1, weighted as the person likes.
 *
 * @param parts those that count for the rig: a side view only where something looks sideways, the hand's side only where
 *              the person said which hand and which side
 */
public record Score(List<Valued> parts) {

    /** One thing that speaks for or against a mount. */
    public enum Part {
        VIEW("what it sees", "sees well", "sees fairly well", "sees less", Weights::view),
        BEACH("the beach", "survives the beach", "mostly survives the beach", "suffers on the beach", Weights::beach),
        DRAG("drag", "little drag", "some drag", "drags", Weights::drag),
        REMOVAL("coming off", "comes off quickly", "comes off in some minutes", "comes off slowly", Weights::removal),
        EASE("work", "few tools, little time", "some tools and time", "takes tools and time", Weights::ease),
        COST("cost", "costs little", "costs a fair sum", "costs more", Weights::cost),
        DRILL("drilling", "nothing drilled", "a screw or two", "needs a hole", Weights::drill),
        SIDE(
                "the side view",
                "clear to the sides",
                "mostly clear to the sides",
                "not clear to the sides",
                Weights::side),
        SHARED("sharing", "serves several craft", "serves craft of its sort", "serves one craft only", Weights::shared),
        AT_HAND(
                "your hand's side",
                "on the side you like",
                "on the side you like",
                "not on the side you like",
                Weights::atHand);

        private final String about;
        private final String words;
        private final String between;
        private final String against;
        private final Function<Weights, Figure> weight;

        Part(String about, String words, String between, String against, Function<Weights, Figure> weight) {
            this.about = about;
            this.words = words;
            this.between = between;
            this.against = against;
            this.weight = weight;
        }

        public String words() {
            return words;
        }

        /** As in "by drag". */
        public String about() {
            return about;
        }

        /** Name of its weight in the rig. */
        String field() {
            return this == AT_HAND ? "atHand" : column();
        }

        private String column() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** @param value 0 to 1 */
    public record Valued(Part part, double value) {

        /** What speaks for it or against it, or neither. */
        public String words() {
            return value >= GOOD ? part.words : value <= POOR ? part.against : part.between;
        }
    }

    private static final Map<MountKind, Map<Part, Double>> ALL = read();

    /** From here on a part speaks for it, and up to {@link #POOR} against it; common practice, no source. */
    private static final double GOOD = 0.75;

    private static final double POOR = 0.4;

    public Score {
        parts = List.copyOf(parts);
    }

    /** Of one transducer as it is mounted; an undecided mount has no parts. */
    public static Score of(Rig rig, Transducer transducer) {
        List<Valued> parts = new ArrayList<>();
        Map<Part, Double> known = ALL.getOrDefault(transducer.mount().kind(), Map.of());
        for (Part part : Part.values()) {
            boolean counts = part != Part.SIDE || transducer.has(BeamShape.SIDE);
            if (counts && known.containsKey(part)) {
                parts.add(new Valued(part, known.get(part)));
            }
        }
        atHand(rig, transducer, parts);
        return new Score(parts);
    }

    private static void atHand(Rig rig, Transducer transducer, List<Valued> parts) {
        int wanted = rig.schools().post().side(rig.angler().hand());
        if (wanted == 0 || !transducer.mount().kind().beside()) {
            return;
        }
        rig.craft()
                .station(transducer.mount().station())
                .map(station -> station.sideM())
                .filter(Figure::isSet)
                .ifPresent(side -> parts.add(new Valued(Part.AT_HAND, Math.signum(side.value()) == wanted ? 1 : 0)));
    }

    private static Map<MountKind, Map<Part, Double>> read() {
        Map<MountKind, Map<Part, Double>> all = new EnumMap<>(MountKind.class);
        Table table = Table.read(Score.class, "scores.csv");
        List<String> kinds = table.words("kind");
        for (Part part : Part.values()) {
            if (part != Part.AT_HAND) {
                double[] column = table.column(part.column());
                for (int k = 0; k < kinds.size(); k++) {
                    all.computeIfAbsent(
                                    Table.constant(MountKind.class, kinds.get(k)), kind -> new EnumMap<>(Part.class))
                            .put(part, column[k]);
                }
            }
        }
        return all;
    }

    /** Weighted mean, 0 to 1; 0 where every weight is 0. */
    public double weighted(Weights weights) {
        double sum = 0;
        double all = 0;
        for (Valued each : parts) {
            double weight = Weights.of(each.part().weight.apply(weights));
            sum += weight * each.value();
            all += weight;
        }
        return all == 0 ? 0 : sum / all;
    }

    /** The parts that count for the person. */
    public List<Valued> counting(Weights weights) {
        return parts.stream()
                .filter(each -> Weights.of(each.part().weight.apply(weights)) > 0)
                .toList();
    }

    /** How a mounted transducer comes to its score. */
    public static Working working(Rig rig, Transducer transducer) {
        Score score = of(rig, transducer);
        Weights weights = rig.weights();
        Working.Builder told = Working.of(
                "What speaks for this mount",
                "score = Σ weight · part / Σ weight",
                Source.practice("judgement by what practitioners note of each mount"));
        for (Valued each : score.parts()) {
            told.step("", each.part().words(), each.value(), Unit.FACTOR);
            Figure weight = each.part().weight.apply(weights);
            if (weight.isSet()) {
                told.figure(
                        "",
                        "counts",
                        weight,
                        Unit.FACTOR,
                        "/weights/" + each.part().field());
            }
        }
        return told.remark("A part without a weight of its own counts 1.")
                .result("", "score", score.weighted(weights), Unit.FACTOR)
                .done();
    }
}
