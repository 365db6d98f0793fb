package app.brightkeel.server.http;

import app.brightkeel.server.files.PhotoFile;
import app.brightkeel.server.store.PhotoStore;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Photos as they come in and go out, whatever they are of. */
final class Shots {

    private Shots() {}

    /** A photo that was looked at; sides in pixels. */
    record Taken(PhotoStore.Shot shot, int wide, int tall) {

        /** @throws app.brightkeel.core.refusal.Refusal naming what it is not, or how large it may be */
        static Taken of(byte[] bytes) {
            PhotoFile file = PhotoFile.of(bytes);
            return new Taken(new PhotoStore.Shot(file.kind(), bytes), file.wide(), file.tall());
        }

        static Taken of(InputStream body) throws IOException {
            return of(body.readAllBytes());
        }
    }

    /** As it was given; it never changes. */
    static ResponseEntity<byte[]> answer(PhotoStore.Shot shot) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(shot.kind()))
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(shot.bytes());
    }
}
