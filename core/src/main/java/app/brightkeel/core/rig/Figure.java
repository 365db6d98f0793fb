package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;

/** One number a person may give: a value in the unit its field names and where it comes from, or nothing yet. */
public sealed interface Figure {

    /** Where a number comes from, best first. */
    enum Basis {
        MEASURED,
        RATED,
        CHOSEN,
        PROPOSED,
        ASSUMED
    }

    /** @param value finite */
    record Given(double value, Basis basis) implements Figure {
        public Given {
            if (!Double.isFinite(value)) {
                throw new Refusal(RefusalCode.OUT_OF_RANGE, "value", Double.toString(value), "a finite number");
            }
        }

        @Override
        public double value() {
            if (basis == Basis.ASSUMED) {
                Reads.assumed(this);
            }
            return value;
        }
    }

    record Unset() implements Figure {}

    Figure UNSET = new Unset();

    static Figure measured(double value) {
        return new Given(value, Basis.MEASURED);
    }

    static Figure rated(double value) {
        return new Given(value, Basis.RATED);
    }

    static Figure chosen(double value) {
        return new Given(value, Basis.CHOSEN);
    }

    /** Filled in by the planner, for the person to take or change. */
    static Figure proposed(double value) {
        return new Given(value, Basis.PROPOSED);
    }

    default boolean isSet() {
        return this instanceof Given;
    }

    /** Called by {@link Assumptions} alone; an ASSUMED figure is never stored or exported. */
    default Figure orAssume(double value) {
        return this instanceof Given ? this : new Given(value, Basis.ASSUMED);
    }

    /** This one where it is given, else a proposal. */
    default Figure orPropose(double value) {
        return this instanceof Given ? this : proposed(value);
    }

    /** The value; only after {@link Assumptions#fill} and a look at what is missing. */
    default double value() {
        if (this instanceof Given given) {
            return given.value();
        }
        throw new IllegalStateException("unset figure read: Assumptions.fill(rig) comes first");
    }

    default Basis basis() {
        if (this instanceof Given given) {
            return given.basis();
        }
        throw new IllegalStateException("an unset figure has no basis");
    }

    /** The figure itself if unset or within [low, high]; a refusal that names the field otherwise. */
    static Figure within(String field, Figure figure, double low, double high, String unit) {
        if (figure instanceof Given given) {
            // copying a part looks at its figures without going by them
            Checks.within(field, given.value, low, high, unit);
        }
        return figure;
    }
}
