package app.brightkeel.server.http;

import app.brightkeel.server.files.bundle.BuildDocument;
import app.brightkeel.server.files.bundle.BundleFile;
import app.brightkeel.server.files.bundle.BundleWriter;
import app.brightkeel.server.store.BenchStore;
import app.brightkeel.server.store.BuildStore;
import app.brightkeel.server.store.BundleStore;
import app.brightkeel.server.store.Bundled;
import app.brightkeel.server.store.PhotoStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** A whole rig with all that was done of it, out and in as one file. */
@RestController
@RequestMapping("/api/rigs")
class BundleController {

    private static final String ZIP = "application/zip";

    private final RigStore rigs;
    private final BundleStore store;
    private final PhotoStore photos;
    private final BundlePapers papers;
    private final Answers answers;
    private final JsonMapper mapper;

    BundleController(
            RigStore rigs,
            BundleStore store,
            PhotoStore photos,
            BundlePapers papers,
            Answers answers,
            JsonMapper mapper) {
        this.rigs = rigs;
        this.store = store;
        this.photos = photos;
        this.papers = papers;
        this.answers = answers;
        this.mapper = mapper;
    }

    /** The rig, its build with ticks, notes, photos and readings, and its lists, pictures and papers beside them. */
    @GetMapping(path = "/{id}/bundle", produces = ZIP)
    void bundle(@PathVariable String id, HttpServletResponse response) throws IOException {
        StoredRig stored = rigs.get(id);
        Map<String, byte[]> files = papers.of(stored);
        response.setContentType(ZIP);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                FileController.disposition(stored.rig().name() + ".zip"));
        try (BundleWriter zip = new BundleWriter(response.getOutputStream())) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.add(file.getKey(), file.getValue());
            }
            for (PhotoStore.Photo photo : photos.all(id)) {
                Optional<PhotoStore.Shot> shot = photos.find(id, photo.id());
                if (shot.isPresent()) {
                    zip.add(BundlePapers.file(photo), shot.get().bytes());
                }
            }
        }
    }

    /** Such a file from elsewhere: all of it as a new rig, or nothing; beside a rig of its name it gets a number. */
    @PostMapping(path = "/bundle", consumes = ZIP, produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Saved> importBundle(InputStream body) throws IOException {
        try (Scratch scratch = Scratch.of(body);
                BundleFile file = new BundleFile(mapper, scratch.name(), scratch.bytes())) {
            return answers.of(HttpStatus.CREATED, store.create(bundled(file)));
        }
    }

    private static Bundled bundled(BundleFile file) {
        BuildDocument build = file.build();
        List<Supplier<Bundled.Photo>> photos = new ArrayList<>();
        for (BuildDocument.Taken taken : build.photos()) {
            photos.add(() -> photo(taken, file.photo(taken)));
        }
        return new Bundled(
                file.rig(),
                build.workshop().stream().findFirst(),
                build.order(),
                build.ticks(),
                build.notes().stream()
                        .map(note -> new BuildStore.StepNote(note.step(), note.text()))
                        .toList(),
                build.readings().stream()
                        .map(each -> new BenchStore.Read(each.point(), each.value(), each.byHand(), each.readAt()))
                        .toList(),
                file.trips(),
                photos);
    }

    private static Bundled.Photo photo(BuildDocument.Taken taken, byte[] bytes) {
        Shots.Taken known = Shots.Taken.of(bytes);
        return new Bundled.Photo(taken.step(), known.shot(), known.wide(), known.tall(), taken.takenAt());
    }
}
