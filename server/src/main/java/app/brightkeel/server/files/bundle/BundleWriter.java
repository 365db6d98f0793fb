package app.brightkeel.server.files.bundle;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Writes a bundle, one file in it after the other. */
public final class BundleWriter implements AutoCloseable {

    private final ZipOutputStream zip;

    public BundleWriter(OutputStream out) {
        zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    }

    /** @param name with slashes for folders */
    public void add(String name, byte[] bytes) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(bytes);
        zip.closeEntry();
    }

    public void add(String name, String text) throws IOException {
        add(name, text.getBytes(StandardCharsets.UTF_8));
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
