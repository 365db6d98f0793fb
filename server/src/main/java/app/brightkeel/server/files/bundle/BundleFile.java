package app.brightkeel.server.files.bundle;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.server.files.JsonRefusals;
import app.brightkeel.server.files.PhotoFile;
import app.brightkeel.server.files.RigReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Enumeration;
import java.util.List;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MappingIterator;
import tools.jackson.databind.json.JsonMapper;

/**
 * A bundle that somebody gave: a zip whose names all lie inside it, of which no more is unpacked than it may hold. What is in it
 * for people alone (lists, pictures, papers) is not read.
 */
public final class BundleFile implements AutoCloseable {

    /** Largest file [bytes]: as many photos as a rig may have, each as large as it may be, still go in. */
    public static final int MOST_BYTES = 1 << 30;

    public static final String RIG = "rig.json";
    public static final String BUILD = "build.json";
    public static final String TRIPS = "trips.json";
    public static final String PHOTOS = "photos/";

    private static final int MOST_RIG = 1 << 20;
    private static final int MOST_BUILD = 8 << 20;
    private static final int MOST_TRIPS = 40 << 20;
    private static final int MOST_ENTRIES = 2000;

    /** What is read of it may be so many times as large as the file, and somewhat more: photos hardly shrink, words do. */
    private static final int MOST_UNPACKED = 3;

    private static final long WORDS_UNPACKED = MOST_RIG + MOST_BUILD;

    private static final String WANTED = "a zip with rig.json and build.json";

    /** From the root, a drive, or up out of it. */
    private static final Pattern OUTSIDE = Pattern.compile("^/|^[A-Za-z]:|\\\\|(^|/)\\.\\.(/|$)|\\p{Cntrl}");

    private final JsonMapper mapper;
    private final ZipFile zip;
    private final long most;
    private long unpacked;

    /**
     * @param file a scratch copy of what was given
     * @param bytes its size
     * @throws Refusal for what is no zip, or has a name in it that leads out of it
     */
    public BundleFile(JsonMapper mapper, String file, long bytes) {
        this.mapper = mapper;
        try {
            zip = new ZipFile(file);
        } catch (IOException e) {
            throw new Refusal(RefusalCode.UNREADABLE, "bundle", "something else, or broken off", WANTED);
        }
        most = MOST_UNPACKED * bytes + WORDS_UNPACKED + (zip.getEntry(TRIPS) == null ? 0 : MOST_TRIPS);
        try {
            names();
        } catch (RuntimeException e) {
            close();
            throw e;
        }
    }

    private void names() {
        if (zip.size() > MOST_ENTRIES) {
            throw new Refusal(
                    RefusalCode.TOO_MANY, "bundle", zip.size() + " files", "at most " + MOST_ENTRIES + " files in it");
        }
        for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements(); ) {
            String name = all.nextElement().getName();
            if (OUTSIDE.matcher(name).find()) {
                throw new Refusal(
                        RefusalCode.NOT_OFFERED,
                        "bundle",
                        Checks.cut(name, Checks.LONGEST_NAME),
                        "names that stay inside the bundle");
            }
        }
    }

    /** @throws Refusal as any document of a rig, of any version, is refused */
    public Rig rig() {
        return new RigReader(mapper).read(read(RIG, MOST_RIG));
    }

    /** @throws Refusal naming the pointer into {@value #BUILD}, the value and what is allowed */
    public BuildDocument build() {
        try {
            JsonNode tree = mapper.readTree(read(BUILD, MOST_BUILD));
            check("/format", tree.path("format").asString(""), BuildDocument.FORMAT);
            check("/version", tree.path("version").asString(""), String.valueOf(BuildDocument.VERSION));
            return mapper.treeToValue(tree, BuildDocument.class);
        } catch (JacksonException e) {
            throw JsonRefusals.of(e);
        }
    }

    /**
     * The log; bundles of an earlier Bright Keel have none.
     *
     * @throws Refusal naming the place in {@value #TRIPS}, the value and what is allowed
     */
    public List<Trip> trips() {
        if (zip.getEntry(TRIPS) == null) {
            return List.of();
        }
        try (MappingIterator<Trip> all = mapper.readerFor(Trip.class).readValues(read(TRIPS, MOST_TRIPS))) {
            List<Trip> trips = all.readAll();
            Checks.distinct("trips", trips.stream().map(Trip::id).toList());
            return trips;
        } catch (JacksonException e) {
            throw JsonRefusals.of(e);
        }
    }

    private static void check(String field, String value, String wanted) {
        if (!value.equals(wanted)) {
            throw new Refusal(
                    RefusalCode.UNREADABLE,
                    field,
                    Checks.cut(value, Checks.LONGEST_NAME),
                    wanted + " in " + BUILD + "; a later one wants a later Bright Keel");
        }
    }

    /** @throws Refusal for one that is not there or is larger than a photo may be */
    public byte[] photo(BuildDocument.Taken taken) {
        return read(taken.file(), PhotoFile.MOST_BYTES);
    }

    private byte[] read(String name, int largest) {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null || entry.isDirectory()) {
            throw new Refusal(RefusalCode.ABSENT, "bundle", Checks.cut(name, Checks.LONGEST_NAME), WANTED);
        }
        byte[] bytes;
        try (InputStream in = zip.getInputStream(entry)) {
            // one more than it may have: what the zip says of its size is not believed
            bytes = in.readNBytes(largest + 1);
        } catch (IOException e) {
            throw new Refusal(RefusalCode.UNREADABLE, "bundle", name + ", broken", WANTED);
        }
        // a zip file does not look at its own sums: what was bent on the way may still unpack to something
        CRC32 sum = new CRC32();
        sum.update(bytes);
        if (bytes.length <= largest && sum.getValue() != entry.getCrc()) {
            throw new Refusal(RefusalCode.UNREADABLE, "bundle", name + ", broken", WANTED);
        }
        unpacked += bytes.length;
        if (bytes.length > largest || unpacked > most) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE,
                    "bundle",
                    name + " unpacks to more than it may",
                    "at most " + (largest >> 20) + " MB of it, and of all no more than three times the file");
        }
        return bytes;
    }

    @Override
    public void close() {
        try {
            zip.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
