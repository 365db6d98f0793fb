package app.brightkeel.core.reading;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;

/**
 * What a meter said.
 *
 * @param id    of what was expected there
 * @param value [V, A, Ω]
 */
public record Reading(String id, double value) {

    /**
     * One that can be, with its sign.
     *
     * @throws Refusal naming the value where no meter at such a rig says that: a slip, or another unit
     */
    public static Reading of(Expected expected, double value) {
        double low = expected.kind().least();
        double high = expected.kind().most();
        if (!(value >= low && value <= high)) {
            throw Refusal.outOfRange("value", value, low, high, symbol(expected.kind()));
        }
        if (expected.kind().ohms() && value < 0) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE, "value", String.valueOf(value), "no resistance is below nothing");
        }
        return new Reading(expected.id(), value);
    }

    private static String symbol(ReadingKind kind) {
        return switch (kind.unit()) {
            case VOLT, MILLIVOLT -> "V";
            case MEGOHM -> "Ω";
            default -> "A";
        };
    }
}
