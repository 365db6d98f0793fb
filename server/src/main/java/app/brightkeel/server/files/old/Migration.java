package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Rig;
import java.util.List;
import tools.jackson.databind.node.ObjectNode;

/** Turns documents of earlier versions into the present one, step by step; files of each version are kept in the tests. */
public final class Migration {

    /** Step k turns version k + 1 into k + 2. */
    private static final List<Step> STEPS = List.of(
            new Version2(),
            new Version3(),
            new Version4(),
            new Version5(),
            new Version6(),
            new Version7(),
            new Version8(),
            new Version9(),
            new Version10(),
            new Version11(),
            new Version12(),
            new Version13(),
            new Version14());

    /** The version that the last step comes to. */
    public static final int NEWEST = STEPS.size() + 1;

    private Migration() {}

    /** @param version of the document, 1 to {@link #NEWEST} */
    public static ObjectNode of(ObjectNode document, int version) {
        for (Step step : STEPS.subList(version - 1, STEPS.size())) {
            Step.onto(document.path("rig"), rig -> step.take(rig, Rig.class));
        }
        return document.put("version", NEWEST);
    }
}
