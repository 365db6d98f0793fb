package app.brightkeel.server.http;

import app.brightkeel.core.picture.Scene;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.files.RigDocument;
import app.brightkeel.server.files.SvgPicture;
import app.brightkeel.server.store.Backup;
import app.brightkeel.server.store.Revision;
import app.brightkeel.server.store.Revisions;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Files to take away: the rig, its parts, its pictures, everything. */
@RestController
@RequestMapping("/api")
class FileController {

    private final RigStore store;
    private final Revisions revisions;
    private final Backup backup;
    private final Turns turns;
    private final Lines lines;
    private final Semaphore oneBackup = new Semaphore(1);

    FileController(RigStore store, Revisions revisions, Backup backup, Turns turns, Lines lines) {
        this.store = store;
        this.revisions = revisions;
        this.backup = backup;
        this.turns = turns;
        this.lines = lines;
    }

    /** The rig as a file. */
    @GetMapping(path = "/rigs/{id}/export", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<RigDocument> exportRig(@PathVariable String id) {
        Rig rig = store.get(id).rig();
        return named(rig.name() + ".json").body(RigDocument.of(rig));
    }

    /** What stands in the store, byte for byte, also where it is none that can be read. */
    @GetMapping(path = "/rigs/{id}/document", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> rigDocument(@PathVariable String id) {
        Revision head = store.head(id);
        String name = head.name().isBlank() ? "rig" : head.name();
        return named(name + ", as stored.json")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .body(revisions.document(id, head.number()).getBytes(StandardCharsets.UTF_8));
    }

    /** The picture of a link as a file; where there is none yet, that is no such thing. */
    @GetMapping(path = "/rigs/{id}/scenes/{link}/svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> pictureSvg(
            @PathVariable String id,
            @PathVariable Link link,
            @RequestParam(defaultValue = "metric") Habit habit,
            @RequestParam(defaultValue = "0") int scene) {
        StoredRig stored = store.get(id);
        byte[] svg = turns.take(() -> {
            List<Scene> scenes = Picture.of(lines.of(stored), link).scenes();
            if (scene < 0 || scene >= scenes.size()) {
                throw new NoPicture();
            }
            return SvgPicture.of(stored.rig().name(), scenes.get(scene), habit).getBytes(StandardCharsets.UTF_8);
        });
        return named(stored.rig().name() + ", " + link.name().toLowerCase(Locale.ROOT) + ".svg")
                .contentType(new MediaType("image", "svg+xml", StandardCharsets.UTF_8))
                .body(svg);
    }

    /** All rigs with all their revisions, as one file to keep elsewhere; one at a time, sent from the disk. */
    @GetMapping(path = "/backup", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    void backup(HttpServletResponse response) throws IOException {
        if (!oneBackup.tryAcquire()) {
            throw new ComeAgain("Another backup is being written; this one has to come again in a moment.");
        }
        try (Scratch scratch = Scratch.of(backup)) {
            response.setContentType(MediaType.APPLICATION_OCTET_STREAM_VALUE);
            response.setHeader(HttpHeaders.CONTENT_DISPOSITION, disposition("bright-keel-backup.db"));
            response.setContentLengthLong(scratch.bytes());
            scratch.sendTo(response.getOutputStream());
        } finally {
            oneBackup.release();
        }
    }

    static ResponseEntity.BodyBuilder named(String file) {
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, disposition(file));
    }

    static String disposition(String file) {
        String safe = file.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]", " ");
        return ContentDisposition.attachment()
                .filename(safe, StandardCharsets.UTF_8)
                .build()
                .toString();
    }

    /** The link has no picture: figures are missing for it. */
    static final class NoPicture extends RuntimeException {}
}
