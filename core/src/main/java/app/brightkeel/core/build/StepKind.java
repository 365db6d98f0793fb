package app.brightkeel.core.build;

import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Link;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** What the hands do; how long that takes, with what, and what to mind stands in {@code steps.csv}. */
public enum StepKind implements Worded {
    COUNT("count"),
    OPEN("take off what is over it"),
    MEASURE("measure"),
    FIT("try in place"),
    LAY("lay out leads"),
    SIGN_OFF("sign off the layout"),
    MARK("mark"),
    LOOK_BEHIND("second look"),
    SAW("saw"),
    DRY_ASSEMBLE("put together dry"),
    TRY_ON("try on the craft"),
    DRILL("drill"),
    DEBURR("deburr"),
    SAND("sand and clean"),
    WATER_TRY("try in water"),
    GLUE("glue"),
    CURE("let cure"),
    THREAD("thread"),
    FASTEN("fasten"),
    TETHER("tether"),
    FUSE_OUT("fuses out"),
    CUT_WIRE("cut wires"),
    CRIMP("crimp"),
    PULL("pull test"),
    SHRINK("shrink sleeves"),
    INSULATE("insulate"),
    LABEL("label"),
    PASS("through the hole"),
    SEAL("close round the cable"),
    ROUTE("lead"),
    TIE("tie"),
    CYCLE("move through its travel"),
    SET("set the screen"),
    CHARGE("charge"),
    JOIN("join batteries"),
    FUSE_IN("fuses in"),
    POLARITY("polarity"),
    PLUG("plug in"),
    POWER("power up"),
    SEE("see every view"),
    SAVE("save pages"),
    FOAM("cut foam"),
    LOAD("load the battery"),
    STRAP("strap"),
    BALLAST("ballast"),
    CAP("caps and covers"),
    SHUT("shut"),
    PINCH("look for pinched leads"),
    LIFT_TRY("trial lift"),
    SEAL_CHECK("try for leaks"),
    FLOAT("float"),
    LAUNCH("launch"),
    FIRST("first trip"),
    LAND("land"),
    OFF("power off"),
    UNPLUG("unplug"),
    FREE("free trapped leads"),
    LIFT("lift out"),
    PAD("pad and stow"),
    PUT_ON("put on");

    /**
     * @param link    under which its numbers are worked out
     * @param minutes of one of them, by hand and without hurry [min]
     * @param hold    whether work stops there until it was seen
     * @param minds   what to mind, each a sentence
     */
    private record Traits(
            Chapter chapter, Link link, double minutes, boolean hold, List<String> tools, List<String> minds) {}

    private static final Map<StepKind, Traits> ALL = read();

    private final String words;

    StepKind(String words) {
        this.words = words;
    }

    private static Map<StepKind, Traits> read() {
        Map<StepKind, Traits> all = new EnumMap<>(StepKind.class);
        Table table = Table.read(StepKind.class, "steps.csv");
        List<String> kinds = table.words("kind");
        double[] minutes = table.column("minutes");
        for (int k = 0; k < kinds.size(); k++) {
            all.put(
                    Table.constant(StepKind.class, kinds.get(k)),
                    new Traits(
                            Table.constant(Chapter.class, table.words("chapter").get(k)),
                            Table.constant(Link.class, table.words("link").get(k)),
                            minutes[k],
                            table.words("hold").get(k).equals("yes"),
                            split(table.words("tools").get(k)),
                            split(table.words("minds").get(k))));
        }
        return all;
    }

    private static List<String> split(String written) {
        return Stream.of(written.split("\\|")).filter(each -> !each.isBlank()).toList();
    }

    private Traits traits() {
        Traits traits = ALL.get(this);
        if (traits == null) {
            throw new IllegalStateException("no row in steps.csv: " + this);
        }
        return traits;
    }

    @Override
    public String words() {
        return words;
    }

    /** As ids and files name it: never renamed. */
    public String written() {
        return Table.written(this);
    }

    /** Under which its numbers are worked out. */
    public Link link() {
        return traits().link();
    }

    public Chapter chapter() {
        return traits().chapter();
    }

    /** Of one of them [min]; common practice, no source. */
    public double minutes() {
        return traits().minutes();
    }

    /** Whether work stops there until it was seen. */
    public boolean hold() {
        return traits().hold();
    }

    public List<String> tools() {
        return traits().tools();
    }

    /** What to mind at it, each a sentence. */
    public List<String> minds() {
        return traits().minds();
    }

    /** Of such a step of a part. */
    public String of(String subject) {
        return written() + "." + subject;
    }
}
