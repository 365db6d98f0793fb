package app.brightkeel.core.rig;

/** The kinds of part that a rig is made of; each part has an id, and others name it by that. */
public enum PartKind {
    PACK("pack"),
    JUNCTION("junction"),
    SEGMENT("wire"),
    SPARE("spare lead"),
    FITTING("fuse, switch or plug"),
    DEVICE("device"),
    TRANSDUCER("transducer"),
    RUN("way of a cable"),
    HOLDER("holder"),
    ON_HAND("pack on hand"),
    CHARGER("charger"),
    DATA_LEAD("data lead"),
    BALLAST("weight"),
    BOX("box"),
    RIB("rib"),
    EXIT("hole"),
    POCKET("pocket"),
    BOARD_PART("board part"),
    EXTRA("tether, hood or cap"),
    FASTENER("screw, bolt or rivet"),
    CLOSURE("cover, seat or the like"),
    PHASE("part of the day", "rig"),
    STATION("station", "craft"),
    PASSAGE("passage", "craft"),
    OBSTRUCTION("obstruction", "craft"),
    KEPT_ROOM("room that is kept", "craft"),
    BEAM("beam", "transducer");

    private final String words;
    private final String of;
    private final boolean apart;

    PartKind(String words) {
        this.words = words;
        of = "rig";
        apart = false;
    }

    /** One whose ids are told apart within its list alone. */
    PartKind(String words, String of) {
        this.words = words;
        this.of = of;
        apart = true;
    }

    /** One of them, in a sentence. */
    public String words() {
        return words;
    }

    /** What it is one of: a rig, a craft, a transducer. */
    String of() {
        return of;
    }

    /** Whether its ids are told apart within its list alone, not from those of every other part. */
    boolean apart() {
        return apart;
    }
}
