package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.reference.Table;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** How a transducer meets the water; what each is like stands in {@code mounts.csv}. */
public enum MountKind implements Worded {
    UNDECIDED("not decided"),
    SCUPPER("scupper mount"),
    HULL_POCKET("hull pocket"),
    CONSOLE_PLATE("plate of the motor console"),
    IN_HULL("puck inside the hull"),
    SWING_ARM("swing arm"),
    QUICK_POST("quick-release post"),
    STERN_BRACKET("folding bracket at the stern"),
    SKID_INSERTS("mount behind the skid plate"),
    KEEL_BOLT("bolt through the keel"),
    TRANSOM_BOARD("board on the transom"),
    CLAMP_BAR("clamp bar"),
    LIVE_POLE("pole turned by hand"),
    ICE_FLOAT("float in the hole"),
    ICE_SLEEVE("soft sleeve in the hole"),
    ICE_WRAP("cable wrapped at the edge"),
    ICE_ARM("arm over the hole"),
    ICE_POLE("pole through the hole"),
    SUCTION_CUP("suction cup");

    /** Whether the hull's maker formed its place for a transducer. */
    public boolean madeForIt() {
        return this == HULL_POCKET || this == CONSOLE_PLATE;
    }

    /** What has to be drilled for it. */
    public enum Drills {
        NO,
        ABOVE_WATERLINE,
        BELOW_WATERLINE
    }

    /**
     * @param spots       sorts of station it sits at
     * @param retracts    comes up, kicks back or sits inside when the craft meets the beach
     * @param beside      hangs beside the hull and is set by the lowest line there; all else sits in the bottom
     * @param encloses    its rim can stand in the view
     * @param usualBelowM where its face usually hangs: below the hull at its place, on ice below the surface [m]
     * @param usualFreeM  cable left free at the transducer so that it can move [m]
     * @param cable       how it leaves, in words
     */
    private record Traits(
            Set<Spot> spots,
            boolean retracts,
            Drills drills,
            boolean beside,
            boolean encloses,
            double usualBelowM,
            double usualFreeM,
            String cable) {

        static final Traits NONE = new Traits(Set.of(), false, Drills.NO, false, false, 0, 0, "");
    }

    private static final Map<MountKind, Traits> ALL = read();

    private final String words;

    MountKind(String words) {
        this.words = words;
    }

    private static Map<MountKind, Traits> read() {
        Map<MountKind, Traits> all = new EnumMap<>(MountKind.class);
        Table table = Table.read(MountKind.class, "mounts.csv");
        List<String> kinds = table.words("kind");
        double[] below = table.column("usualBelowM");
        double[] free = table.column("usualFreeM");
        for (int k = 0; k < kinds.size(); k++) {
            Traits traits = new Traits(
                    spots(table.words("spots").get(k)),
                    yes(table, "retracts", k),
                    Table.constant(Drills.class, table.words("drills").get(k)),
                    yes(table, "beside", k),
                    yes(table, "encloses", k),
                    below[k],
                    free[k],
                    table.words("cable").get(k));
            all.put(Table.constant(MountKind.class, kinds.get(k)), traits);
        }
        return all;
    }

    private static Set<Spot> spots(String written) {
        Set<Spot> spots = EnumSet.noneOf(Spot.class);
        Arrays.stream(written.split(" ")).forEach(spot -> spots.add(Table.constant(Spot.class, spot)));
        return spots;
    }

    private static boolean yes(Table table, String column, int row) {
        return table.words(column).get(row).equals("yes");
    }

    private Traits traits() {
        return ALL.getOrDefault(this, Traits.NONE);
    }

    @Override
    public String words() {
        return words;
    }

    /** All that can be chosen. */
    public static Stream<MountKind> decided() {
        return Stream.of(values()).filter(kind -> kind != UNDECIDED);
    }

    /** Whether it hangs on a pole beside the craft or through the ice, and is turned there. */
    public boolean pole() {
        return this == LIVE_POLE || this == ICE_POLE;
    }

    /** What fastens it, and what is to be known of that; no words where nothing is screwed; common practice, no source. */
    public String screws() {
        return switch (this) {
            case STERN_BRACKET, SKID_INSERTS ->
                "stainless screws for the inserts: their thread and depth measured, none longer than the insert";
            case KEEL_BOLT -> "bolt, washers on both sides, sealant under both";
            case TRANSOM_BOARD -> "two stainless screws, shorter than the transom is thick, sealed";
            case CONSOLE_PLATE -> "the plate's own screws, and locking washers";
            case SWING_ARM, QUICK_POST -> "bolts for the foot in its track: as long as foot and nut are thick";
            default -> "";
        };
    }

    /** What it can hold on to at its place, one of them being enough; empty where that is part of the place itself. */
    public Set<Grip> grips() {
        return switch (this) {
            case SWING_ARM -> EnumSet.of(Grip.TRACK, Grip.TUBE);
            case QUICK_POST, LIVE_POLE -> EnumSet.of(Grip.TRACK, Grip.TUBE, Grip.EDGE);
            case CLAMP_BAR -> EnumSet.of(Grip.EDGE);
            case TRANSOM_BOARD -> EnumSet.of(Grip.EDGE, Grip.FLAT);
            case SUCTION_CUP -> EnumSet.of(Grip.FLAT);
            default -> Set.of();
        };
    }

    /** Whether it clamps, swings or lifts out, so that it can be lost over water. */
    public boolean losable() {
        return switch (this) {
            case SWING_ARM, QUICK_POST, TRANSOM_BOARD, CLAMP_BAR, LIVE_POLE, SUCTION_CUP -> true;
            default -> false;
        };
    }

    /** Whether nothing stiff holds it: it hangs by its own cable. */
    public boolean hangsByCable() {
        return this == ICE_FLOAT || this == ICE_SLEEVE || this == ICE_WRAP;
    }

    /** Whether it hangs through a hole in the ice. */
    public boolean throughIce() {
        return sitsAt(Spot.ICE_HOLE);
    }

    /** Whether it can sit at a sort of station. */
    public boolean sitsAt(Spot spot) {
        return traits().spots().contains(spot);
    }

    /** The sorts of station it sits at, in words. */
    public String spotWords() {
        return String.join(" or ", traits().spots().stream().map(Spot::words).toList());
    }

    /** Whether it comes up, kicks back or sits inside when the craft meets the beach. */
    public boolean retracts() {
        return traits().retracts();
    }

    public Drills drills() {
        return traits().drills();
    }

    /** Whether it hangs beside the hull and is set by the lowest line there; all else sits in the bottom at its place. */
    public boolean beside() {
        return traits().beside();
    }

    /** Whether it lies in an opening whose rim can stand in the view: a pocket, a bay, a hole. */
    public boolean encloses() {
        return traits().encloses() || throughIce();
    }

    /** Where its face usually hangs: below the hull at its place, on ice below the surface [m]. */
    public double usualBelowM() {
        return traits().usualBelowM();
    }

    /** How its cable leaves, in words; common practice, no source. */
    public String cable() {
        return traits().cable();
    }

    /** Cable that is left free at the transducer so that it can move [m]; common practice, no source. */
    public double usualFreeM() {
        return traits().usualFreeM();
    }
}
