package app.brightkeel.server.http;

import app.brightkeel.core.garage.Blanks;
import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.garage.Starts;
import app.brightkeel.core.garage.Thing;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.server.files.GarageCsv;
import app.brightkeel.server.store.GarageStore;
import app.brightkeel.server.store.ItemPhotos;
import app.brightkeel.server.store.PhotoStore;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Gear that a person owns, each piece once. */
@RestController
@RequestMapping(path = "/api/garage", produces = MediaType.APPLICATION_JSON_VALUE)
class GarageController {

    private static final int SHORT_ID = 12;

    private final GarageStore store;
    private final ItemPhotos photos;
    private final GarageShown shown;
    private final Clock clock;

    GarageController(GarageStore store, ItemPhotos photos, GarageShown shown, Clock clock) {
        this.store = store;
        this.photos = photos;
        this.shown = shown;
        this.clock = clock;
    }

    static String freshId() {
        return Purchase.ITEM + UUID.randomUUID().toString().replace("-", "").substring(0, SHORT_ID);
    }

    /** All of it. */
    @GetMapping
    Garage getGarage() {
        return shown.all();
    }

    /** What of a kind can be begun with, instead of with nothing. */
    @GetMapping("/starts")
    List<Starts.Start> listStarts(@RequestParam ItemKind kind) {
        return Starts.of(kind);
    }

    /**
     * A new piece.
     *
     * @param like one of the starts of its kind; "" to begin with nothing
     */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Garage addItem(
            @RequestParam ItemKind kind, @RequestParam String name, @RequestParam(defaultValue = "") String like) {
        Thing thing = like.isEmpty() ? Blanks.of(kind, name) : Starts.named(kind, like, name);
        store.keep(List.of(new Item(freshId(), name, thing, "", "", Figure.UNSET, Figure.UNSET, "")));
        return shown.all();
    }

    /** Keeps a piece as it is told now; copies that rigs hold stay as they are until they take it again. */
    @PutMapping(path = "/{item}", consumes = MediaType.APPLICATION_JSON_VALUE)
    Garage setItem(@PathVariable String item, @RequestBody ItemSaid said) {
        Item kept = said.item(find(item));
        if (!kept.bought().isEmpty()) {
            Been.check(clock, "bought", kept.bought());
        }
        store.keep(List.of(kept));
        return shown.all();
    }

    private Item find(String id) {
        return store.item(id).orElseThrow(() -> new NoSuchStep("piece of gear"));
    }

    /** Gives a piece away; rigs that have it keep their copies. */
    @DeleteMapping("/{item}")
    Garage deleteItem(@PathVariable String item) {
        if (!store.delete(item)) {
            throw new NoSuchStep("piece of gear");
        }
        return shown.all();
    }

    /** All of it as CSV, which can be read again. */
    @GetMapping(path = "/list", produces = "text/csv")
    ResponseEntity<byte[]> garageList() {
        return FileController.named("garage.csv")
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(GarageCsv.of(store.items()).getBytes(StandardCharsets.UTF_8));
    }

    /**
     * What came of a list.
     *
     * @param said what was not understood as a property, and where it stands now
     */
    record GarageRead(int added, int changed, List<String> said, Garage garage) {}

    /** Takes a list as CSV, whatever separates it: all of it or nothing. */
    @PostMapping(path = "/list", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    GarageRead readGarage(InputStream body) throws IOException {
        List<Item> before = store.items();
        GarageCsv.Read read = GarageCsv.read(body.readAllBytes(), before, GarageController::freshId);
        for (Item item : read.items()) {
            if (!item.bought().isEmpty()) {
                Been.check(clock, "bought", item.bought());
            }
        }
        store.keep(read.items());
        int changed = (int) read.items().stream()
                .filter(item -> before.stream().anyMatch(old -> old.id().equals(item.id())))
                .count();
        return new GarageRead(read.items().size() - changed, changed, read.said(), shown.all());
    }

    /** Keeps a photo of a piece: JPEG or PNG by its content, at most 8 MB. */
    @PostMapping(path = "/{item}/photos", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Garage addItemPhoto(@PathVariable String item, InputStream body) throws IOException {
        find(item);
        Shots.Taken taken = Shots.Taken.of(body);
        photos.add(item, taken.shot(), taken.wide(), taken.tall());
        return shown.all();
    }

    /** One of them. */
    @GetMapping(
            path = "/{item}/photos/{photo}",
            produces = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    ResponseEntity<byte[]> itemPhoto(@PathVariable String item, @PathVariable String photo) {
        PhotoStore.Shot shot = photos.find(item, photo).orElseThrow(() -> new NoSuchStep("photo"));
        return Shots.answer(shot);
    }

    /** Takes one away. */
    @DeleteMapping("/{item}/photos/{photo}")
    Garage deleteItemPhoto(@PathVariable String item, @PathVariable String photo) {
        if (!photos.delete(item, photo)) {
            throw new NoSuchStep("photo");
        }
        return shown.all();
    }
}
