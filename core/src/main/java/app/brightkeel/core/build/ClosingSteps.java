package app.brightkeel.core.build;

import app.brightkeel.core.rig.Bail;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Way;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What is shut: boxes, then hatches; and a look for pinched leads after each. */
final class ClosingSteps implements StepsOf {

    private static final String BAG = "bag";
    private static final String LAST = "it is the last time anybody sees it";

    private final SheetWriter sheet;

    ClosingSteps(SheetWriter sheet) {
        this.sheet = sheet;
    }

    @Override
    public void tell() {
        sheet.rig().fitOut().boxes().forEach(this::box);
        for (Station station : sheet.rig().craft().stations()) {
            if (lidded(station)) {
                hatch(station);
            }
        }
        bag();
        if (sheet.rig().craft().bail() != Bail.NONE) {
            lift();
        }
    }

    /** Places inside a box or bag that is the craft's own, not one of the boxes of the rig. */
    private void bag() {
        List<Station> inside = sheet.rig().craft().stations().stream()
                .filter(station -> station.spot() == Spot.INSIDE_BOX
                        && sheet.rig().fitOut().boxAt(station.id()).isEmpty())
                .toList();
        Set<String> ids = inside.stream().map(Station::id).collect(Collectors.toSet());
        if (!worked(ids)) {
            return;
        }
        String name = inside.size() == 1 ? inside.get(0).name() : "box or bag";
        String subject = own(BAG);
        StepDraft draft = sheet.step(StepKind.SHUT, subject, "shut the {}", name)
                .fact(
                        "places",
                        "{}",
                        String.join(", ", inside.stream().map(Station::name).toList()))
                .say("A zip gradually, the other hand inside before the teeth; a lid flat all round.")
                .check("inside", "a last look: plugs seated, straps tight, nothing loose", LAST)
                .check("out", "leads come out where they rise, not where water stands", "water runs along a lead");
        sheet.add(draft);
        sheet.closes(draft.id(), ids, Set.of(), name);
        pinch(subject, name);
    }

    /** A place under a hatch, or inside the hull below a lip that a lead goes over. */
    private boolean lidded(Station station) {
        boolean hatch = station.spot() == Spot.BOW_HATCH || station.spot() == Spot.CENTRE_HATCH;
        boolean below = station.spot().dry()
                && sheet.rig().craft().passages().stream()
                        .anyMatch(passage -> passage.way().underLid()
                                && !passage.across(station.id()).isEmpty());
        return hatch || below;
    }

    private boolean worked(Set<String> stations) {
        return !sheet.all(step -> step.kind().chapter() != Chapter.LAY_OUT
                        && step.places().stream().anyMatch(stations::contains))
                .isEmpty();
    }

    private void box(Enclosure box) {
        String lid = LayOutSteps.lid(box);
        StepDraft draft = sheet.step(StepKind.SHUT, box.id(), "shut the {}", box.name())
                .of(box.id())
                .fact("shut by", "{}", lid)
                .check("inside", "a last look: plugs seated, straps tight, nothing loose", LAST)
                .check(
                        "meets",
                        "nothing under the lid meets what comes through it",
                        "a bolt or an outlet needs its room when it shuts");
        if (box.kind() == EnclosureKind.BAG) {
            draft.say("Gradually, a hand's breadth at a time, the other hand inside before the teeth.");
        }
        FastenerWords.tell(draft, sheet.rig(), box.id());
        sheet.add(draft);
        sheet.closes(draft.id(), Set.of(box.station()), Set.of(), lid + " of the " + box.name());
        pinch(box.id(), box.name());
    }

    /** The lid of a hatch shuts away its own place, and what is reached through it inside the hull. */
    private void hatch(Station station) {
        Set<String> under = new HashSet<>(Set.of(station.id()));
        for (Passage passage : sheet.rig().craft().passages()) {
            String other = passage.across(station.id());
            boolean inside = passage.way() == Way.INSIDE
                    && sheet.rig()
                            .craft()
                            .station(other)
                            .filter(each -> each.spot() == Spot.INSIDE_HULL)
                            .isPresent();
            if (inside) {
                under.add(other);
            }
        }
        if (!worked(under)) {
            return;
        }
        boolean lead = sheet.laid().stream()
                .flatMap(each -> each.legs().stream())
                .anyMatch(
                        leg -> leg.way().underLid() && !leg.across(station.id()).isEmpty());
        String subject = own(station.id());
        StepDraft draft = sheet.step(StepKind.SHUT, subject, "shut the {}", station.name())
                .fact("place", "{}", station.name())
                .fact("leads", "{}", lead ? "over its lip" : "none over its lip")
                .check(
                        "below",
                        "a look from below with a torch: passes seen, leads clear of the floor",
                        "inside the hull nobody looks again until spring")
                .check("seal", "its seal is clean, and lies all round", "sand in a seal is a leak");
        if (lead) {
            draft.check(
                    "lip",
                    "the lead rises to the lip from below, and lies in its notch",
                    "dry by gravity only: swamped it is not tight");
        }
        sheet.add(draft);
        sheet.closes(draft.id(), under, Set.of(), "lid of the " + station.name());
        pinch(subject, station.name());
    }

    /** A place of the craft may bear the id of a part that is shut, too. */
    private String own(String subject) {
        return sheet.has(StepKind.SHUT.of(subject)) ? subject + "/place" : subject;
    }

    private void pinch(String subject, String name) {
        sheet.add(sheet.step(StepKind.PINCH, subject, "look round the shut {} for pinched leads", name)
                .check(
                        "pinch",
                        "no lead is flat anywhere, and each still moves a little where it comes out",
                        "a flat lead is cut by spring"));
    }

    private void lift() {
        sheet.add(sheet.step(StepKind.LIFT_TRY, AfloatSteps.RIG, "lift it once by its handle, loaded")
                .fact("bail", "{}", sheet.rig().craft().bail().words())
                .check("hangs", "it hangs level, and nothing slides or swings", "on the ice it tips over the knee")
                .check(
                        "folds",
                        "the handle still folds with everything mounted",
                        "it is in the way of the screen, or of the lid"));
    }

    @Override
    public void order() {
        List<Step> built = sheet.all(step -> step.kind().chapter() != Chapter.AFLOAT
                && step.kind() != StepKind.LIFT_TRY
                && step.kind() != StepKind.PINCH);
        sheet.first(built, StepKind.LIFT_TRY.of(AfloatSteps.RIG), "it is tried with everything in it");
        for (Step shut : sheet.of(StepKind.SHUT)) {
            sheet.first(shut.id(), StepKind.PINCH.of(shut.subject()), "it is not shut yet");
        }
        sheet.then(
                StepKind.SAVE.of(TestSteps.VIEWS),
                sheet.of(StepKind.SHUT),
                "every wanted view was booted and seen before anything disappears");
        sheet.then(
                StepKind.SEE.of(TestSteps.VIEWS),
                sheet.of(StepKind.SHUT),
                "every wanted view was booted and seen before anything disappears");
    }
}
