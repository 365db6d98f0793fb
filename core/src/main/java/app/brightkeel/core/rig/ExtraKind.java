package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** Small things that are easily forgotten: what each is for, and when it is worth having; common practice, no source. */
public enum ExtraKind implements Worded {
    TETHER("tether", "keeps what comes loose with the craft", "anything that clamps, swings, hangs or lifts out"),
    GUARD("guard", "takes the knock before the transducer does", "stones, shells, or a beach of rock"),
    LINE_GUARD(
            "line guard",
            "keeps a line off arm and knobs; the mount points inboard, its screws away from the line",
            "a pole or arm on the side where fish are landed"),
    HOOD("sun hood", "keeps the sun off the screen", "bright days, low sun, a screen that faces aft"),
    COVER("cover", "keeps scratches, salt and snow off a display", "whenever it is carried or left outside"),
    PLUG_COVER("plug cover", "keeps knees and hooks off the plugs behind a display", "plugs that stand out behind"),
    DUST_CAP(
            "dust cap", "keeps water and grit out of a plug that hangs free", "whatever comes off and leaves its plug"),
    SPARE_HOLDER(
            "second holder",
            "takes the display at another place: at launch, or on another craft",
            "a display that moves"),
    DESICCANT(
            "bag of desiccant",
            "takes the damp that a shut box breathes in as it cools",
            "a tight box, over night or in the cold"),
    SLEEVE("soft sleeve", "keeps a cable off edges and rims", "a lid, a rim or a hole without a grommet");

    private final String words;
    private final String use;
    private final String trigger;

    ExtraKind(String words, String use, String trigger) {
        this.words = words;
        this.use = use;
        this.trigger = trigger;
    }

    @Override
    public String words() {
        return words;
    }

    /** What it is for. */
    public String use() {
        return use;
    }

    /** When it is worth having. */
    public String trigger() {
        return trigger;
    }
}
