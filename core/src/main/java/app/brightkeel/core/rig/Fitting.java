package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/** Something that sits in a segment. */
public sealed interface Fitting {

    String id();

    String name();

    /** What it adds to the loop [Ω]. */
    Figure ohm();

    /** How a fuse is built: decides the short-circuit current it can break. */
    enum Form implements Worded {
        BLADE("blade", 1_000, 32),
        STRIP("bolt-down strip", 6_000, 32),
        TERMINAL_CUBE("cube at the terminal", 10_000, 58);

        private final String words;
        private final double breakingA;
        private final double breakingV;

        Form(String words, double breakingA, double breakingV) {
            this.words = words;
            this.breakingA = breakingA;
            this.breakingV = breakingV;
        }

        @Override
        public String words() {
            return words;
        }

        /** Largest current it breaks [A]; values from memory of data sheets. */
        public double breakingA() {
            return breakingA;
        }

        /** Highest volts it breaks at: an arc over higher ones does not go out [V]; values from memory of data sheets. */
        public double breakingV() {
            return breakingV;
        }
    }

    /**
     * A fuse on the positive.
     *
     * @param ratingA 0.25 to 300 [A]
     * @param atM     along the conductor from the segment's start, 0 to 60 [m]; never assumed
     * @param ohm     0 to 5 [Ω]
     * @param spares  of it that go along, 0 to 20; open where nobody counted
     */
    @RecordBuilder
    record Fuse(String id, String name, Figure ratingA, Form form, Figure atM, Figure ohm, Figure spares)
            implements Fitting, FittingFuseBuilder.With {

        /** One of which nobody counted the spares. */
        public Fuse(String id, String name, Figure ratingA, Form form, Figure atM, Figure ohm) {
            this(id, name, ratingA, form, atM, ohm, Figure.UNSET);
        }

        public Fuse {
            Checks.id("id", id);
            Checks.name("name", name);
            Figure.within("ratingA", ratingA, 0.25, 300, "A");
            Figure.within("atM", atM, 0, 60, "m");
            Figure.within("ohm", ohm, 0, 5, "Ω");
            Figure.within("spares", spares, 0, 20, "spares");
        }
    }

    /** A plug, crimp or terminal: anything that only adds resistance; {@code ohm} 0 to 5 [Ω] for both poles together. */
    record Joint(String id, String name, Figure ohm) implements Fitting {
        public Joint {
            Checks.id("id", id);
            Checks.name("name", name);
            Figure.within("ohm", ohm, 0, 5, "Ω");
        }
    }

    /** A switch; {@code ohm} 0 to 5 [Ω]. */
    record Switch(String id, String name, Figure ohm) implements Fitting {
        public Switch {
            Checks.id("id", id);
            Checks.name("name", name);
            Figure.within("ohm", ohm, 0, 5, "Ω");
        }
    }
}
