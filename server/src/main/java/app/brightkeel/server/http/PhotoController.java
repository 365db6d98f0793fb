package app.brightkeel.server.http;

import app.brightkeel.server.store.PhotoStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.io.IOException;
import java.io.InputStream;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Photos of steps: taken in by their content, given out as they came. */
@RestController
@RequestMapping("/api/rigs/{id}/build/photos")
class PhotoController {

    private final RigStore rigs;
    private final PhotoStore photos;
    private final BuildSheets sheets;

    PhotoController(RigStore rigs, PhotoStore photos, BuildSheets sheets) {
        this.rigs = rigs;
        this.photos = photos;
        this.sheets = sheets;
    }

    /** Keeps a photo of a step: JPEG or PNG by its content, at most 8 MB. */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    PhotoStore.Photo addPhoto(@PathVariable String id, @RequestParam String step, InputStream body) throws IOException {
        StoredRig stored = rigs.get(id);
        sheets.step(stored, step);
        Shots.Taken taken = Shots.Taken.of(body);
        return photos.add(id, step, taken.shot(), taken.wide(), taken.tall());
    }

    /** One of them. */
    @GetMapping(
            path = "/{photo}",
            produces = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    ResponseEntity<byte[]> photo(@PathVariable String id, @PathVariable String photo) {
        rigs.head(id);
        PhotoStore.Shot shot = photos.find(id, photo).orElseThrow(() -> new NoSuchStep("photo"));
        return Shots.answer(shot);
    }
}
