package app.brightkeel.core.review;

import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Fields;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import java.util.List;

/** Says in words what a pointer asks for: "the capacity of the stern battery". */
public final class Wanted {

    private Wanted() {}

    /** All of them in one phrase. */
    public static String words(Rig rig, List<String> pointers) {
        List<String> all = pointers.stream().map(p -> words(rig, p)).distinct().toList();
        return all.size() == 1
                ? all.get(0)
                : String.join(", ", all.subList(0, all.size() - 1)) + " and " + all.get(all.size() - 1);
    }

    /** One of them. */
    public static String words(Rig rig, String pointer) {
        String[] steps = pointer.substring(1).split("/");
        return switch (steps[0]) {
            case "devices" ->
                steps.length == 1
                        ? "something that draws current"
                        : of(
                                steps,
                                2,
                                rig.devices().get(Integer.parseInt(steps[1])).name());
            case "transducers" -> transducer(rig, steps);
            case "craft" -> craft(rig, steps);
            case "angler" -> of(steps, 1, "the angler");
            case "runs" -> run(rig, steps);
            case "network" ->
                of(
                        steps,
                        3,
                        rig.network().leads().get(Integer.parseInt(steps[2])).name());
            case "fitOut" -> fitOut(rig.fitOut(), steps);
            case "places" -> "a place for every battery and display";
            case "outing" -> outing(rig, steps);
            case "harness" -> harness(rig, steps);
            default -> pointer;
        };
    }

    private static String run(Rig rig, String[] steps) {
        if (steps.length < 4) {
            return "the way of each transducer's and data lead through the craft";
        }
        Run run = rig.runs().get(Integer.parseInt(steps[1]));
        return of(
                steps,
                4,
                "the " + run.travels().get(Integer.parseInt(steps[3])).what().words());
    }

    private static String fitOut(FitOut fitOut, String[] steps) {
        if (steps[1].equals("boards")) {
            return steps.length < 5
                    ? of(steps, 2, "the boards")
                    : of(
                            steps,
                            4,
                            fitOut.boards()
                                    .parts()
                                    .get(Integer.parseInt(steps[3]))
                                    .name());
        }
        int at = Integer.parseInt(steps[2]);
        if (steps[1].equals("ballast")) {
            return of(steps, 3, fitOut.ballast().get(at).name());
        }
        Enclosure box = fitOut.boxes().get(at);
        boolean rib = steps[3].equals("ribs");
        return of(steps, 3, rib ? box.ribs().get(Integer.parseInt(steps[4])).name() : box.name());
    }

    private static String transducer(Rig rig, String[] steps) {
        if (steps.length == 1) {
            return "a transducer";
        }
        Transducer transducer = rig.transducers().get(Integer.parseInt(steps[1]));
        if (steps[2].equals("beams")) {
            return steps.length == 3
                    ? "a beam of " + transducer.name()
                    : of(
                            steps,
                            4,
                            transducer.beams().get(Integer.parseInt(steps[3])).name());
        }
        if (steps[2].equals("mount")) {
            return of(steps, 3, "the mount of " + transducer.name());
        }
        return of(steps, 2, transducer.name());
    }

    private static String craft(Rig rig, String[] steps) {
        if (steps.length == 2) {
            return of(steps, 1, "the craft");
        }
        if (steps[1].equals("stand")) {
            return of(steps, 2, "the kickstand");
        }
        int at = Integer.parseInt(steps[2]);
        return of(
                steps,
                3,
                switch (steps[1]) {
                    case "stations" -> rig.craft().stations().get(at).name();
                    case "passages" -> rig.craft().passages().get(at).name();
                    default -> rig.craft().obstructions().get(at).name();
                });
    }

    private static String outing(Rig rig, String[] steps) {
        if (steps[1].equals("water")) {
            return of(steps, 2, "the water");
        }
        if (steps.length < 4) {
            return "a day to plan for";
        }
        return of(
                steps, 3, rig.outing().phases().get(Integer.parseInt(steps[2])).name());
    }

    private static String harness(Rig rig, String[] steps) {
        if (steps[1].equals("packs")) {
            return steps.length == 2
                    ? "a battery"
                    : of(
                            steps,
                            3,
                            rig.harness()
                                    .packs()
                                    .get(Integer.parseInt(steps[2]))
                                    .name());
        }
        if (steps.length == 2) {
            return "the wire from battery to device";
        }
        Segment segment = rig.harness().segments().get(Integer.parseInt(steps[2]));
        if (steps[3].equals("fittings")) {
            Fitting fitting = segment.fittings().get(Integer.parseInt(steps[4]));
            return of(steps, 5, fitting.name());
        }
        return of(steps, 3, segment.name());
    }

    private static String of(String[] steps, int from, String name) {
        if (from >= steps.length) {
            return name;
        }
        return "the " + Fields.of(steps[steps.length - 1]).words() + " of " + name;
    }
}
