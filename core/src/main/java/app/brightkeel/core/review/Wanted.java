package app.brightkeel.core.review;

import app.brightkeel.core.rig.Fields;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Travel;
import app.brightkeel.core.rig.Use;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Says in words what a pointer asks for: "the capacity of the stern battery". */
public final class Wanted {

    /** What is asked for where a whole list is empty, or where any of it will do. */
    private static final Map<String, String> LISTS = Map.of(
            "devices", "something that draws current",
            "transducers", "a transducer",
            "beams", "a beam of %s",
            "fittings", "a fuse in %s",
            "legs", "the way of each transducer's and data lead through the craft",
            "runs", "the way of each transducer's and data lead through the craft",
            "places", "a place for every battery and display",
            "phases", "a day to plan for",
            "packs", "a battery",
            "segments", "the wire from battery to device");

    /** Lists of which any entry will do, whatever of it is asked for. */
    private static final Set<String> ANY = Set.of("places", "legs");

    /** Parts that bear no name of their own. */
    private static final Map<String, String> PARTS = Map.of(
            "angler", "the angler",
            "craft", "the craft",
            "stand", "the kickstand",
            "water", "the water",
            "boards", "the boards",
            "lead", "the lead of %s",
            "mount", "the mount of %s");

    private Wanted() {}

    /** All of them in one phrase. */
    public static String words(Rig rig, List<String> pointers) {
        List<String> all = pointers.stream().map(p -> words(rig, p)).distinct().toList();
        return all.size() == 1
                ? all.get(0)
                : String.join(", ", all.subList(0, all.size() - 1)) + " and " + all.get(all.size() - 1);
    }

    /** One of them; a pointer that leads beyond what is there asks for what would stand there. */
    public static String words(Rig rig, String pointer) {
        Optional<Object> at = Optional.of(rig);
        String owner = "the rig";
        String last = "";
        for (String step : pointer.substring(1).split("/")) {
            if (ANY.contains(step)) {
                return list(step, owner);
            }
            at = at.flatMap(here -> Pointer.step(here, step));
            String below = owner(rig, step, at, owner);
            if (!below.equals(owner)) {
                last = "";
            } else if (!step.matches("\\d+")) {
                last = step;
            }
            owner = below;
        }
        if (LISTS.containsKey(last)) {
            return list(last, owner);
        }
        String words = Fields.find(last).map(Fields.Field::words).orElse("");
        // the temperature of the water is the water's anyway
        String its = owner.equals("the water") && words.startsWith("water ") ? words.substring(6) : words;
        return words.isEmpty() ? owner : "the " + its + " of " + owner;
    }

    private static String carried(Rig rig, Run run) {
        return rig.transducer(run.carries())
                .map(transducer -> "the lead of " + transducer.name())
                .or(() -> rig.harness().segments().stream()
                        .filter(segment -> segment.id().equals(run.carries()))
                        .map(Segment::name)
                        .findFirst())
                .orElse("the data lead");
    }

    private static String list(String step, String owner) {
        return LISTS.getOrDefault(step, step).formatted(owner);
    }

    /** Whose the next step is: a part that has a name, or one of those that never have. */
    private static String owner(Rig rig, String step, Optional<Object> at, String above) {
        if (at.isPresent() && at.get() instanceof Travel travel) {
            return "the " + travel.what().words();
        }
        if (at.isPresent() && at.get() instanceof Run run) {
            return carried(rig, run);
        }
        if (at.isPresent() && at.get() instanceof Use use) {
            return "the " + rig.device(use.device()).name() + " in “" + above + "”";
        }
        return at.filter(here -> here instanceof Record)
                .flatMap(here -> Pointer.step(here, "name"))
                .map(String::valueOf)
                .filter(name -> !name.isBlank())
                .or(() -> Optional.ofNullable(PARTS.get(step)).map(words -> words.formatted(above)))
                .orElse(above);
    }
}
