package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;

/**
 * The day a rig is planned for.
 *
 * @param airC   air temperature, −40 to 50 [°C]
 * @param water  that is fished
 * @param phases in order, none before the one before has ended; one is the simplest day
 * @param dayH   how long the whole day is, 0.1 to 72 [h]; unset: until the last phase has ended
 * @param daysOut days of use in a year, 0.1 to 365
 * @param views  what is to be seen, each once
 * @param ran    times for which all of it ran on its battery, at most four
 */
@RecordBuilder
public record Outing(
        Figure airC,
        Water water,
        @PartList(PartKind.PHASE) List<Phase> phases,
        Figure dayH,
        Figure daysOut,
        List<WantedView> views,
        List<TrialRun> ran)
        implements OutingBuilder.With {

    /** Most phases of a day. */
    public static final int MOST_PHASES = 24;

    private static final int MOST_RAN = 4;
    private static final double SAME_H = 1e-6;

    /** A day as long as its phases. */
    public Outing(Figure airC, Water water, List<Phase> phases) {
        this(airC, water, phases, Figure.UNSET, Figure.UNSET, List.of(), List.of());
    }

    /** @throws Refusal naming the phase that begins too early, or ends after the day */
    public Outing {
        Figure.within("dayH", dayH, 0.1, 72, "h");
        Figure.within("daysOut", daysOut, 0.1, 365, "days");
        Figure.within("airC", airC, -40, 50, "°C");
        views = Checks.atMost("views", WantedView.values().length, views);
        Checks.distinct("views", views.stream().map(WantedView::name).toList());
        ran = Checks.atMost("ran", MOST_RAN, ran);
        phases = Checks.atMost("phases", MOST_PHASES, phases);
        Checks.distinct("phases", phases.stream().map(Phase::id).toList());
        double ended = 0;
        for (int i = 0; i < phases.size(); i++) {
            ended = endOf(phases.get(i), "phases[" + i + "].", ended, dayH);
        }
    }

    @Override
    public Figure airC() {
        return Reads.noted(Part.AIR, airC);
    }

    @Override
    public Water water() {
        return Reads.noted(Part.WATER, water);
    }

    @Override
    public List<Phase> phases() {
        return Reads.noted(Part.PHASES, phases);
    }

    @Override
    public Figure dayH() {
        return Reads.noted(Part.DAY, dayH);
    }

    @Override
    public Figure daysOut() {
        return Reads.noted(Part.DAYS_OUT, daysOut);
    }

    @Override
    public List<WantedView> views() {
        return Reads.noted(Part.VIEWS, views);
    }

    @Override
    public List<TrialRun> ran() {
        return Reads.noted(Part.RAN, ran);
    }

    private static double endOf(Phase phase, String field, double before, Figure dayH) {
        double start = before;
        if (phase.startH() instanceof Figure.Given given) {
            if (given.value() < before - SAME_H) {
                throw new Refusal(
                        RefusalCode.OUT_OF_RANGE,
                        field + "startH",
                        Double.toString(given.value()),
                        "at least " + hours(before) + " h, when the phase before has ended");
            }
            start = given.value();
        }
        double end = phase.hours().isSet() ? start + phase.hours().value() : start;
        if (dayH.isSet() && end > dayH.value() + SAME_H) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE,
                    field + "hours",
                    hours(end) + " h after the start",
                    "phases that end within the day of " + hours(dayH.value()) + " h");
        }
        return end;
    }

    private static String hours(double hours) {
        return String.format(Locale.ROOT, "%.2f", hours);
    }

    /** This outing with one phase replaced by the one of the same id. */
    public Outing with(Phase phase) {
        return withPhases(
                phases.stream().map(p -> p.id().equals(phase.id()) ? phase : p).toList());
    }
}
