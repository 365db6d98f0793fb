package app.brightkeel.core.symptom;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Rig;

/** What of a larger motor boat's question this program answers, and what it leaves to others. */
final class LargerBoat {

    private LargerBoat() {}

    static Text words(Rig rig) {
        boolean engine =
                rig.harness().packs().stream().anyMatch(pack -> pack.cranking().engine());
        return Text.of((engine
                        ? "A battery of this rig cranks an engine. "
                        : "No battery of this rig cranks an engine: this is a larger motor boat's question. ")
                + "What carries over: an own pair for the electronics, from the battery and with its fuse there; volts read at "
                + "the battery and at the plug as it cranks; charge and store as here. What does not: cables and battery of "
                + "the starter, alternator, switches and shore power. They follow the boat's own standard: a licensed "
                + "marine electrician.");
    }
}
