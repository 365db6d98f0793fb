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
            new Version14(),
            new Version15());

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

    /**
     * A part that is kept by itself: what later versions brought is blank in it. What a step turns round in whole rigs it
     * does not know; parts are kept by themselves from version 15 on.
     *
     * @param type of the record that it is read as
     */
    public static ObjectNode ofPart(ObjectNode part, Class<?> type, int version) {
        for (Step step : STEPS.subList(version - 1, STEPS.size())) {
            step.fill(part, type);
        }
        return part;
    }
}
