package app.brightkeel.core.garage;

import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.review.Link;

/** Kinds of gear that a garage holds, in the order in which they are listed. */
public enum ItemKind implements Worded {
    DISPLAY("display", "displays", Link.SCREEN),
    MODULE("module or sensor", "modules and sensors", Link.SCREEN),
    TRANSDUCER("transducer", "transducers", Link.TRANSDUCER),
    MOUNT("mount", "mounts", Link.MOUNT),
    HOLDER("holder", "holders", Link.SCREEN),
    PACK("battery", "batteries", Link.BATTERY),
    CHARGER("charger", "chargers", Link.BATTERY),
    LEAD("lead", "leads", Link.CABLE),
    ADAPTER("adapter", "adapters", Link.TRANSDUCER),
    BOX("box or bag", "boxes and bags", Link.CARRY),
    CRAFT("craft", "crafts", Link.MOUNT);

    private final String words;
    private final String many;
    private final Link link;

    ItemKind(String words, String many, Link link) {
        this.words = words;
        this.many = many;
        this.link = link;
    }

    @Override
    public String words() {
        return words;
    }

    /** Several of them. */
    public String many() {
        return many;
    }

    /** The link whose alternatives it stands among. */
    public Link link() {
        return link;
    }
}
