package app.brightkeel.server.http;

import app.brightkeel.server.store.Backup;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A file for as long as one request takes, named by the system. */
final class Scratch implements AutoCloseable {

    private final Path directory;
    private final Path file;

    private Scratch() throws IOException {
        directory = Files.createTempDirectory("keel");
        file = directory.resolve("scratch");
    }

    /** All of a body in it. */
    static Scratch of(InputStream body) throws IOException {
        Scratch scratch = new Scratch();
        try {
            Files.copy(body, scratch.file);
        } catch (IOException | RuntimeException e) {
            scratch.close();
            throw e;
        }
        return scratch;
    }

    /** A backup of everything in it. */
    static Scratch of(Backup backup) throws IOException {
        Scratch scratch = new Scratch();
        try {
            backup.to(scratch.file);
        } catch (RuntimeException e) {
            scratch.close();
            throw e;
        }
        return scratch;
    }

    String name() {
        return file.toString();
    }

    long bytes() throws IOException {
        return Files.size(file);
    }

    void sendTo(OutputStream out) throws IOException {
        Files.copy(file, out);
    }

    @Override
    public void close() {
        try {
            Files.deleteIfExists(file);
            Files.deleteIfExists(directory);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
