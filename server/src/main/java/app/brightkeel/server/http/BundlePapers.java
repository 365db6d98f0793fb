package app.brightkeel.server.http;

import app.brightkeel.core.build.BuildPlan;
import app.brightkeel.core.build.Progress;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.lists.Listing;
import app.brightkeel.core.lists.RigList;
import app.brightkeel.core.lists.RigLists;
import app.brightkeel.core.lists.StepListing;
import app.brightkeel.core.lists.TripListing;
import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.server.files.BuildCalendar;
import app.brightkeel.server.files.ListCsv;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.SheetPdf;
import app.brightkeel.server.files.SvgPicture;
import app.brightkeel.server.files.bundle.BuildDocument;
import app.brightkeel.server.files.bundle.BundleFile;
import app.brightkeel.server.store.BenchStore;
import app.brightkeel.server.store.BuildStore;
import app.brightkeel.server.store.PhotoStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import app.brightkeel.server.store.TripStore;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.databind.SequenceWriter;
import tools.jackson.databind.json.JsonMapper;

/** What stands in a bundle beside its photos: two documents for programs, and what people read without us. */
@Component
class BundlePapers {

    private final RigStore rigs;
    private final BuildStore build;
    private final BenchStore bench;
    private final PhotoStore photos;
    private final TripStore trips;
    private final BuildSheets sheets;
    private final Lines lines;
    private final Turns turns;
    private final JsonMapper mapper;

    BundlePapers(
            RigStore rigs,
            BuildStore build,
            BenchStore bench,
            PhotoStore photos,
            TripStore trips,
            BuildSheets sheets,
            Lines lines,
            Turns turns,
            JsonMapper mapper) {
        this.rigs = rigs;
        this.build = build;
        this.bench = bench;
        this.photos = photos;
        this.trips = trips;
        this.sheets = sheets;
        this.lines = lines;
        this.turns = turns;
        this.mapper = mapper;
    }

    /** A photo's name in a bundle. */
    static String file(PhotoStore.Photo photo) {
        return BundleFile.PHOTOS + photo.id() + (photo.kind().equals("image/png") ? ".png" : ".jpg");
    }

    /** By their names in it, what is read first on top. */
    Map<String, byte[]> of(StoredRig stored) {
        BuildPlan plan = sheets.plan(stored);
        BuildDocument document = document(stored.id());
        List<Trip> log = trips.trips(stored.id(), 0, Integer.MAX_VALUE);
        return turns.takeLong(() -> {
            Map<String, byte[]> all = new LinkedHashMap<>();
            all.put(BundleFile.RIG, mapper.writeValueAsBytes(RigDocument.of(stored.rig())));
            all.put(BundleFile.BUILD, mapper.writeValueAsBytes(document));
            if (!log.isEmpty()) {
                all.put(BundleFile.TRIPS, lines(log));
                put(all, "trips", TripListing.of(log));
            }
            lists(stored, plan, document, all);
            pictures(stored, all);
            Progress progress = Progress.of(plan.steps(), document.ticks());
            all.put(
                    "sheet.pdf",
                    SheetPdf.of(
                            lines.of(stored),
                            stored.revision(),
                            plan,
                            progress,
                            Habit.METRIC,
                            EnumSet.allOf(SheetPdf.Part.class)));
            all.put(
                    "build.ics",
                    text(BuildCalendar.of(
                            stored.id(),
                            stored.rig().name(),
                            rigs.head(stored.id()).savedAt(),
                            plan,
                            Habit.METRIC)));
            return all;
        });
    }

    /** One trip on a line: a long log is never held as a tree. */
    private byte[] lines(List<Trip> log) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (SequenceWriter writer =
                mapper.writer().withRootValueSeparator("\n").forType(Trip.class).writeValues(bytes)) {
            writer.writeAll(log);
        }
        return bytes.toByteArray();
    }

    private BuildDocument document(String id) {
        return new BuildDocument(
                BuildDocument.FORMAT,
                BuildDocument.VERSION,
                build.workshop(id).stream().toList(),
                build.order(id),
                build.ticks(id),
                build.notes(id).stream()
                        .map(note -> new BuildDocument.Written(note.step(), note.text()))
                        .toList(),
                bench.readings(id).stream()
                        .map(each ->
                                new BuildDocument.Measured(each.point(), each.value(), each.byHand(), each.readAt()))
                        .toList(),
                photos.all(id).stream()
                        .map(each -> new BuildDocument.Taken(file(each), each.step(), each.takenAt()))
                        .toList());
    }

    private void lists(StoredRig stored, BuildPlan plan, BuildDocument document, Map<String, byte[]> all) {
        Line line = lines.of(stored);
        for (RigList list : RigLists.ALL) {
            if (list.there().test(line)) {
                list.made().apply(line).ifPresent(listing -> put(all, list.id(), listing));
            }
        }
        BenchLists.of(line, bench.readings(stored.id())).ifPresent(listing -> put(all, "readings", listing));
        put(all, "steps", StepListing.of(stored.rig(), plan, Progress.of(plan.steps(), document.ticks())));
    }

    private static void put(Map<String, byte[]> all, String id, Listing listing) {
        all.put("lists/" + id + ".csv", text(ListCsv.of(listing, Habit.METRIC)));
    }

    private void pictures(StoredRig stored, Map<String, byte[]> all) {
        for (Link link : Link.values()) {
            List<Scene> scenes = Picture.of(lines.of(stored), link).scenes();
            for (int i = 0; i < scenes.size(); i++) {
                all.put(
                        "pictures/" + link.name().toLowerCase(Locale.ROOT) + "-" + (i + 1) + ".svg",
                        text(SvgPicture.of(stored.rig().name(), scenes.get(i), Habit.METRIC)));
            }
        }
    }

    private static byte[] text(String words) {
        return words.getBytes(StandardCharsets.UTF_8);
    }
}
