package app.brightkeel.server.store;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.trip.Trip;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Repository;

/** Keeps a rig with all that was done of it: all of it or nothing. */
@Repository
public class BundleStore {

    private final Database database;
    private final RigStore rigs;
    private final BuildStore build;
    private final PhotoStore photos;
    private final TripStore trips;

    public BundleStore(Database database, RigStore rigs, BuildStore build, PhotoStore photos, TripStore trips) {
        this.database = database;
        this.rigs = rigs;
        this.build = build;
        this.photos = photos;
        this.trips = trips;
    }

    /**
     * As a new rig; beside one of its name it gets a number.
     *
     * @throws Refusal for more photos than a rig may have
     */
    public StoredRig create(Bundled bundle) {
        if (bundle.photos().size() > PhotoStore.MOST_OF_A_RIG) {
            throw new Refusal(
                    RefusalCode.TOO_MANY,
                    "photos",
                    String.valueOf(bundle.photos().size()),
                    "at most " + PhotoStore.MOST_OF_A_RIG + " photos of one rig");
        }
        return database.inTransaction(connection -> {
            StoredRig stored = rigs.createNumbered(connection, bundle.rig());
            String id = stored.id();
            if (bundle.workshop().isPresent()) {
                BuildStore.workshop(connection, id, bundle.workshop().get());
            }
            BuildStore.order(connection, id, bundle.order());
            build.tick(connection, id, bundle.ticks());
            for (BuildStore.StepNote note : bundle.notes()) {
                build.note(connection, id, note.step(), note.text());
            }
            BenchStore.keep(connection, id, bundle.readings());
            // ids are those of the whole store: the same bundle may come twice
            Map<String, String> ids = new HashMap<>();
            bundle.trips().forEach(trip -> ids.put(trip.id(), UUID.randomUUID().toString()));
            List<Trip> own = bundle.trips().stream()
                    .map(trip -> trip.withId(ids.getOrDefault(trip.id(), trip.id())))
                    .toList();
            trips.keep(connection, id, stored.revision(), own);
            for (Supplier<Bundled.Photo> photo : bundle.photos()) {
                photos.insert(connection, id, ofTrip(photo.get(), ids));
            }
            return stored;
        });
    }

    /** A photo of a trip goes with it under its new id. */
    private static Bundled.Photo ofTrip(Bundled.Photo photo, Map<String, String> ids) {
        String trip = photo.step().startsWith(PhotoStore.OF_A_TRIP)
                ? photo.step().substring(PhotoStore.OF_A_TRIP.length())
                : "";
        return ids.containsKey(trip)
                ? new Bundled.Photo(
                        PhotoStore.OF_A_TRIP + ids.get(trip), photo.shot(), photo.wide(), photo.tall(), photo.takenAt())
                : photo;
    }
}
