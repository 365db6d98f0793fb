package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What a wall is made of, as far as it decides how a hole in it is closed. */
public enum Material implements Worded {
    UNDECIDED("not said", "Marine sealant on both faces; let it cure."),
    POLYETHYLENE(
            "moulded polyethylene",
            "Sealant bonds to almost nothing here: clamp and gasket seal. Washers of thin plastic behind."),
    SOFT_PLASTIC(
            "ABS, acrylic or polycarbonate", "Some sealants attack this plastic: check the tube, try it on a scrap."),
    LAMINATE("laminate", "Marine sealant on both faces, the bare edge coated first; let it cure."),
    WOOD("wood", "Coat the bare edge, then sealant on both faces; let it cure."),
    METAL("metal", "A grommet always: the edge cuts. Sealant on both faces."),
    FABRIC("coated fabric", "No hole: take the cable out of the mouth, or a glued-on port.");

    private final String words;
    private final String sealing;

    Material(String words, String sealing) {
        this.words = words;
        this.sealing = sealing;
    }

    @Override
    public String words() {
        return words;
    }

    /** How a hole in it is sealed; common practice, no source. */
    public String sealing() {
        return sealing;
    }
}
