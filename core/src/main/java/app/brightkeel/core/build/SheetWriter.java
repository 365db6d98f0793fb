package app.brightkeel.core.build;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.route.LaidCable;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** Gathers the steps of a rig and what waits for what; whoever writes steps knows the rig through it. */
final class SheetWriter {

    /** What has to be left alone at a place between two steps. */
    private record Rest(String begins, String ends, String station, String why) {}

    private final Line line;
    private final double celsius;
    private final List<LaidCable> laid;
    private final Gathered gathered = new Gathered();
    private final List<Closing> closings = new ArrayList<>();
    private final List<Rest> rests = new ArrayList<>();

    SheetWriter(Line line, double celsius) {
        this.line = line;
        this.celsius = celsius;
        laid = line.get(RouteStage.STAGE).map(Routes::all).orElse(List.of());
    }

    Line line() {
        return line;
    }

    Rig rig() {
        return line.rig();
    }

    double celsius() {
        return celsius;
    }

    /** Every cable that has a way. */
    List<LaidCable> laid() {
        return laid;
    }

    Optional<LaidCable> wayOf(String carried) {
        return laid.stream().filter(each -> each.carries().equals(carried)).findFirst();
    }

    StepDraft step(StepKind kind, String subject, String title, Object... parts) {
        return new StepDraft(kind, subject, Text.of(title, parts));
    }

    /** Adds a step; its id. */
    String add(StepDraft draft) {
        return gathered.add(draft);
    }

    boolean has(String id) {
        return gathered.has(id);
    }

    List<Step> of(StepKind kind) {
        return all(step -> step.kind() == kind);
    }

    List<Step> all(Predicate<Step> which) {
        return gathered.steps().stream().filter(which).toList();
    }

    /** One step before another, where the rig has both. */
    void first(String before, String after, String why) {
        gathered.need(before, after, Need.Sort.ORDER, why, 0);
    }

    void first(Collection<Step> before, String after, String why) {
        before.forEach(step -> first(step.id(), after, why));
    }

    void then(String before, Collection<Step> after, String why) {
        after.forEach(step -> first(before, step.id(), why));
    }

    /** A step that lets what another one glued or sealed cure, and everything at its place left alone until then. */
    String cure(String begins, String subject, Cure cure, String station, String what) {
        double hours = cure.hours(celsius);
        StepDraft draft = step(
                        StepKind.CURE, subject, "leave the {} alone for {}", what, new Amount(hours, Unit.RATED_HOUR))
                .fact("cures", "{}", cure.words())
                .say(
                        "{} at {}; it is as strong as it gets after {}.",
                        cure.words(),
                        new Amount(celsius, Unit.CELSIUS),
                        new Amount(cure.fullHours(celsius), Unit.RATED_HOUR))
                .check("time", "the whole time has gone by", "what is moved before it holds never holds as well again")
                .check("still", "nobody touched it, and nothing was mounted beside it", "a shock breaks the young bond")
                .at(station);
        String id = add(draft);
        gathered.need(begins, id, Need.Sort.ORDER, "it has to cure first", hours);
        if (!station.isEmpty()) {
            rests.add(new Rest(begins, id, station, "nothing is mounted beside it while it cures"));
        }
        return id;
    }

    /** Says that a step shuts away places and parts. */
    void closes(String step, Set<String> stations, Set<String> parts, String what) {
        closes(new Closing(step, "", stations, parts, what, Closing.Lies.ITSELF));
    }

    void closes(Closing closing) {
        closings.add(closing);
    }

    String nameOfStation(String id) {
        return rig().craft().station(id).map(Station::name).orElse("its place");
    }

    BuildSheet sheet() {
        List<StepsOf> all = List.of(
                new LayOutSteps(this),
                new HoleSteps(this),
                new BoardSteps(this),
                new MountSteps(this),
                new HolderSteps(this),
                new WireSteps(this),
                new CableSteps(this),
                new TestSteps(this),
                new PackSteps(this),
                new ClosureSteps(this),
                new LeftOverSteps(this),
                new AfloatSteps(this),
                new ClosingSteps(this));
        all.forEach(StepsOf::tell);
        // only now everything that may have to come first is there
        all.forEach(StepsOf::order);
        List.copyOf(closings).forEach(this::shut);
        closings.forEach(this::nest);
        Ancestors ancestors = new Ancestors(gathered.needs());
        for (Rest rest : rests) {
            for (Step step : gathered.steps()) {
                boolean beside = step.places().contains(rest.station())
                        && !step.id().equals(rest.begins())
                        && !step.id().equals(rest.ends());
                if (beside && !ancestors.of(rest.begins()).contains(step.id())) {
                    gathered.need(rest.ends(), step.id(), Need.Sort.ORDER, rest.why(), 0);
                    ancestors = new Ancestors(gathered.needs());
                }
            }
        }
        return gathered.sheet();
    }

    /** Everything that has to get at what it shuts away comes before it; what is done with everything shut does not. */
    private void shut(Closing closing) {
        Ancestors ancestors = new Ancestors(gathered.needs());
        for (Step step : gathered.steps()) {
            if (step.kind().chapter() != Chapter.AFLOAT
                    && !step.id().equals(closing.step())
                    && closing.hides(step)
                    && !ancestors.of(step.id()).contains(closing.step())) {
                gathered.need(
                        step.id(),
                        closing.step(),
                        Need.Sort.CLOSES,
                        "the " + closing.what() + " shuts away what has to be got at",
                        0);
                first(closing.opening(), step.id(), "the " + closing.what() + " is over it");
            }
        }
    }

    /** The look for pinched leads after it. */
    private String looked(Closing closing) {
        return gathered.steps().stream()
                .filter(step -> step.id().equals(closing.step()))
                .map(step -> StepKind.PINCH.of(step.subject()))
                .findFirst()
                .orElse("");
    }

    /** Of those that shut the same place the inner come first, where nobody said otherwise part by part. */
    private void nest(Closing outer) {
        for (Closing inner : closings) {
            if (outer.over(inner)
                    && !new Ancestors(gathered.needs()).of(inner.step()).contains(outer.step())) {
                gathered.need(
                        inner.step(),
                        outer.step(),
                        Need.Sort.CLOSES,
                        "the " + inner.what() + " lies under the " + outer.what(),
                        0);
                first(looked(inner), outer.step(), "it is seen before the " + outer.what() + " hides it");
                first(outer.opening(), inner.opening(), "the " + outer.what() + " is over it");
            }
        }
    }
}
