package app.brightkeel.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/** Files and directories that only who runs the program may read; where a file system knows no such rights, nothing is done. */
public final class OwnerOnly {

    private OwnerOnly() {}

    /**
     * A directory, made where it is not there. One that was there keeps its rights, unless it is ours already.
     *
     * @param ours names of files by which it is known to be ours
     */
    static void directory(Path directory, Set<String> ours) throws IOException {
        boolean there = Files.isDirectory(directory);
        Files.createDirectories(directory);
        if (!there || ours.stream().map(directory::resolve).anyMatch(Files::exists)) {
            set(directory, "rwx------");
        }
    }

    /** A file, made empty where it is not there. */
    public static void file(Path file) throws IOException {
        if (!Files.exists(file)) {
            Files.createFile(file);
        }
        set(file, "rw-------");
    }

    private static void set(Path path, String rights) throws IOException {
        if (path.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(rights));
        }
    }
}
